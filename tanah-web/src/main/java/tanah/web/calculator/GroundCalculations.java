package tanah.web.calculator;

import static tanah.core.physics.Constants.DAY;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.design.Layer;
import tanah.core.design.RoomPlan;
import tanah.core.evaluate.Evaluation;
import tanah.core.ground.GroundResult;
import tanah.core.ground.LayerResult;
import tanah.core.ground.Reservoir;
import tanah.core.ground.Soil;
import tanah.core.units.Unit;
import tanah.core.water.Drying;
import tanah.web.forms.Numbers;
import tanah.web.forms.Quantity;

/** Water in the ground: how it dries from the top, and how the drainage fills. */
final class GroundCalculations {
    private static final int DAYS = 60;
    private static final double DUST = 0.1; // of the water between wilting point and 10 cm of suction, common practice
    private static final double SUCTION = 0.1; // m
    private static final String THIN = "\u2009";

    private GroundCalculations() {}

    private static List<String> soils(Evaluation e) {
        Optional<GroundResult> ground = e.ground();
        return e.design().ground().layers().stream()
                .filter(l ->
                        l.is(Layer.Kind.SUBSTRATE) && !l.options().aquatic().orElse(false))
                .map(Layer::id)
                .filter(id -> ground.isPresent()
                        && ground.get().soils().containsKey(id)
                        && ground.get()
                                .layer(id)
                                .filter(r -> r.shape().exists())
                                .isPresent())
                .toList();
    }

    private static String millimetres(double kgPerSecond) {
        return Numbers.upTo(kgPerSecond * DAY, 2) + THIN + "mm";
    }

    private static String days(double seconds) {
        double days = seconds / DAY;
        return Numbers.upTo(days / Drying.BAND, 1) + "–" + Numbers.upTo(days * Drying.BAND, 1) + THIN + "d";
    }

    /** A moist soil under a dry top, watered by the clock. */
    static final class Dry implements Calculation {
        @Override
        public String id() {
            return "dry";
        }

        @Override
        public boolean fits(Evaluation e) {
            return !soils(e).isEmpty();
        }

        @Override
        public List<Choice> choices(Evaluation e) {
            return List.of(
                    new Choice("dry-soil", soils(e), true),
                    new Choice("dry-air", List.of("still", "vented", "fan"), false));
        }

        @Override
        public List<Ask> asks(Evaluation e) {
            Optional<RoomPlan.Season> room = e.design().room().map(RoomPlan::summer);
            return List.of(
                    new Ask(
                            "dry-temp",
                            Quantity.Kind.TEMPERATURE,
                            Unit.CELSIUS,
                            0,
                            60,
                            room.map(r -> OptionalDouble.of(r.tempDay())).orElse(OptionalDouble.empty())),
                    Ask.share(
                            "dry-humidity",
                            room.map(r -> OptionalDouble.of(r.humidityDay())).orElse(OptionalDouble.empty())),
                    Ask.volume("dry-water", 100, OptionalDouble.of(0)),
                    Ask.number("dry-every", Unit.COUNT, 1, 60, 7));
        }

        @Override
        public Outcome reckon(Evaluation e, CalculatorPages.Answers a) {
            String id = a.choice("dry-soil");
            Soil soil = e.ground().orElseThrow().soils().get(id);
            LayerResult layer = e.ground().orElseThrow().layer(id).orElseThrow();
            if (soil == null) {
                return Outcome.NONE;
            }
            double transfer = switch (a.choice("dry-air")) {
                case "fan" -> Drying.FAN;
                case "vented" -> Drying.VENTED;
                default -> Drying.STILL;
            };
            double wilting = soil.water().wilting();
            double dry = wilting + DUST * Math.max(0, soil.water().content(SUCTION) - wilting);
            double moist = Math.max(dry + 0.01, soil.fieldCapacity());
            Drying drying = new Drying(
                    a.number("dry-temp"),
                    Math.min(0.99, a.number("dry-humidity")),
                    transfer,
                    moist,
                    dry,
                    Math.max(moist, soil.water().saturated()));
            double area = layer.shape().footprint();
            double depth = layer.shape().meanDepth();
            int every = (int) Math.round(a.number("dry-every"));
            Drying.Course course = drying.watered(area, depth, a.number("dry-water"), every, DAYS);
            List<Line> rows = new ArrayList<>();
            rows.add(new Line("dry_wet", millimetres(drying.wet())));
            rows.add(new Line("dry_under", millimetres(drying.under(0.05))));
            rows.add(new Line("dry_top", days(drying.time(Math.min(0.02, depth)))));
            rows.add(new Line("dry_all", days(drying.time(depth))));
            rows.add(new Line("dry_driest", Numbers.lengthWithUnit(course.driest())));
            rows.add(new Line("dry_air_week", Numbers.volumeWithUnit(course.dries() * 7)));
            rows.add(new Line("dry_through_week", Numbers.volumeWithUnit(course.drains() * 7)));
            return new Outcome(
                    rows,
                    Optional.empty(),
                    course.days().stream().filter(d -> d.day() % 5 == 0).toList());
        }
    }

    /** How soon the drainage, or a dry soil without one, is full. */
    static final class Fill implements Calculation {
        @Override
        public String id() {
            return "fill";
        }

        private static Optional<Reservoir> reservoir(Evaluation e) {
            return e.ground().flatMap(g -> Reservoir.of(e.design(), g));
        }

        @Override
        public boolean fits(Evaluation e) {
            return reservoir(e).isPresent();
        }

        @Override
        public List<Ask> asks(Evaluation e) {
            return List.of(
                    new Ask(
                            "fill-net",
                            Quantity.Kind.VOLUME,
                            Unit.LITRE,
                            Unit.LITRE.toSi(-20),
                            Unit.LITRE.toSi(20),
                            OptionalDouble.empty()),
                    Ask.number("fill-bore", Unit.MILLIMETRE, 1, 50, 6),
                    Ask.length("fill-drop", 3, 0.3));
        }

        @Override
        public Outcome reckon(Evaluation e, CalculatorPages.Answers a) {
            Reservoir r = reservoir(e).orElseThrow();
            List<Line> rows = new ArrayList<>();
            rows.add(new Line("fill_store", Numbers.volumeWithUnit(r.store())));
            OptionalDouble days = r.days(a.number("fill-net"));
            if (days.isPresent()) {
                rows.add(new Line("fill_days", Numbers.upTo(days.getAsDouble(), 0) + THIN + "d"));
            }
            double drop = a.number("fill-drop");
            if (r.drained() && drop > 0) {
                rows.add(new Line(
                        "fill_minutes", Numbers.upTo(r.drainTime(a.number("fill-bore"), drop) / 60, 1) + THIN + "min"));
            }
            return Outcome.of(rows, r.judge(a.number("fill-net")));
        }
    }
}
