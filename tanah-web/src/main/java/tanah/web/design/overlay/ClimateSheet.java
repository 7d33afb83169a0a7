package tanah.web.design.overlay;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.climate.LightMap;
import tanah.core.design.HardscapeItem;
import tanah.core.design.PieceMove;
import tanah.core.design.Probe;
import tanah.core.evaluate.Evaluation;
import tanah.core.field.ScalarGrid;
import tanah.core.finding.Stage;
import tanah.core.forecast.Forecast;
import tanah.core.geometry.Point;
import tanah.core.light.Vec;
import tanah.core.mapping.Fittings;
import tanah.core.vessel.Vessel;
import tanah.web.catalogue.Catalogues;
import tanah.web.svg.FieldScale;
import tanah.web.svg.SheetClimate;

/** Puts fields, lamps and the probe of a plan together for the sheet. */
@Component
public class ClimateSheet {
    private static final double LAMP_ROOM = 0.08; // m over the highest lamp
    private static final int ACROSS = 49;
    private static final int UP = 33;
    private static final int DEEP = 29;
    private static final int SUITS_ACROSS = 31;
    private static final int SUITS_DEEP = 17;
    private static final double BACK = 0.03; // m over the ground, where a back is
    private static final double FIRST_HEIGHT = 0.05; // m over the ground of a probe that nobody placed

    private final Catalogues catalogues;

    ClimateSheet(Catalogues catalogues) {
        this.catalogues = catalogues;
    }

    /** What stages other than heat and air show of it: lamps, faintly. Empty where there is nothing. */
    public Optional<SheetClimate> plain(Evaluation e, boolean side) {
        return fittings(e)
                .filter(f -> !f.lamps().isEmpty() || !f.mats().isEmpty())
                .map(f -> new SheetClimate(
                        f, over(f, e), Optional.empty(), Optional.empty(), Optional.empty(), side, false));
    }

    /** The climate at a moment. */
    public Optional<SheetClimate> of(
            Evaluation e, ClimateLook look, double cut, boolean side, Stage stage, String part) {
        if (stage != Stage.HEAT && stage != Stage.AIR && stage != Stage.PLANTING) {
            return Optional.empty();
        }
        Optional<Moment> moment = e.forecast().map(f -> Moment.of(f, look.season(), look.hour()));
        return fittings(e)
                .map(f -> new SheetClimate(
                        f,
                        over(f, e),
                        look.fill() == FieldKind.SUITS
                                ? suits(e, part)
                                : moment.flatMap(m -> field(e, m, look.fill(), look, cut, side)),
                        moment.flatMap(m -> field(e, m, look.lines(), look, cut, side)),
                        e.forecast().map(c -> reader(e, c, look)),
                        side,
                        stage != Stage.PLANTING));
    }

    /** How well the plant that is chosen would do over the plan, on what it holds to now. */
    private static Optional<SheetClimate.Field> suits(Evaluation e, String part) {
        return e.planted()
                .flatMap(p -> p.piece(part)
                        .flatMap(piece -> piece.kind().map(kind -> {
                            Vessel v = e.vessel().orElseThrow();
                            FieldScale scale = FieldScales.of(FieldKind.SUITS, e);
                            Supplier<ScalarGrid> plan = () -> ScalarGrid.of(
                                    v.length(),
                                    v.width(),
                                    SUITS_ACROSS,
                                    SUITS_DEEP,
                                    (x, y) -> 100
                                            * p.fit(kind, piece.piece().medium(), x, y, OptionalDouble.empty())
                                                    .flatMap(f -> f.score().stream()
                                                            .boxed()
                                                            .findFirst())
                                                    .orElse(Double.NaN));
                            return new SheetClimate.Field(
                                    scale, Optional.empty(), Optional.of(plan), List.of(), List.of());
                        })));
    }

    private Optional<Fittings> fittings(Evaluation e) {
        Catalogue catalogue = catalogues.of(e.design());
        return e.vessel()
                .map(v -> Fittings.of(
                        e.design(),
                        v,
                        e.ground()
                                .map(g -> (g.surfaceMin() + g.surfaceMax()) / 2)
                                .orElse(0.0),
                        catalogue));
    }

    private static double over(Fittings f, Evaluation e) {
        double height = e.vessel().orElseThrow().height();
        double highest = f.lamps().stream().mapToDouble(l -> l.at().z()).max().orElse(height);
        return f.lamps().isEmpty() ? 0 : Math.max(0, highest - height) + LAMP_ROOM;
    }

    /** Where the keeper put the reader; else the first place of readings that has a height; else low in the middle. */
    static Vec reader(Evaluation e, Forecast f, ClimateLook look) {
        Vessel v = e.vessel().orElseThrow();
        Optional<Probe> first = e.design().probes().stream()
                .filter(p -> p.x().isPresent() && p.z().isPresent())
                .findFirst();
        double x = look.x().orElse(first.map(p -> p.x().orElse(0)).orElse(v.length() / 2));
        double y = look.y().orElse(first.map(p -> p.y().orElse(v.width() / 2)).orElse(v.width() / 2));
        double keptX = Math.max(0, Math.min(v.length(), x));
        double keptY = Math.max(0, Math.min(v.width(), y));
        double z = look.z().orElse(first.map(p -> p.z().orElse(0)).orElse(f.groundAt(keptX, keptY) + FIRST_HEIGHT));
        return new Vec(keptX, keptY, Math.max(0, Math.min(v.height(), z)));
    }

    private Optional<SheetClimate.Field> field(
            Evaluation e, Moment m, FieldKind kind, ClimateLook look, double cut, boolean side) {
        if (kind == FieldKind.NONE) {
            return Optional.empty();
        }
        Vessel v = e.vessel().orElseThrow();
        Forecast f = m.forecast();
        FieldScale scale = WantedBands.scale(kind, look, e);
        double length = side ? v.width() : v.length();
        boolean onGround = kind == FieldKind.SURFACE;
        Optional<Supplier<ScalarGrid>> section = onGround
                ? Optional.empty()
                : Optional.of(() ->
                        ScalarGrid.of(length, v.height(), ACROSS, UP, (a, z) -> m.value(kind, place(a, cut, z, side))));
        Supplier<ScalarGrid> plan = () -> ScalarGrid.of(
                v.length(), v.width(), ACROSS, DEEP, (x, y) -> m.value(kind, new Vec(x, y, f.groundAt(x, y) + BACK)));
        List<double[]> ground = new ArrayList<>();
        if (onGround) {
            for (int i = 0; i < ACROSS; i++) {
                double a = length * i / (ACROSS - 1);
                Vec at = place(a, cut, 0, side);
                ground.add(new double[] {a, f.groundAt(at.x(), at.y()), m.value(kind, at)});
            }
        }
        return Optional.of(new SheetClimate.Field(scale, section, Optional.of(plan), ground, patches(m, kind)));
    }

    private static Vec place(double across, double cut, double z, boolean side) {
        return side ? new Vec(cut, across, z) : new Vec(across, cut, z);
    }

    /** Raised surfaces, each with its own value. */
    private static List<SheetClimate.Patch> patches(Moment m, FieldKind kind) {
        List<SheetClimate.Patch> patches = new ArrayList<>();
        List<HardscapeItem> platforms = m.forecast().mapped().platforms();
        LightMap light = m.forecast().light().map();
        for (int i = 0; i < platforms.size(); i++) {
            HardscapeItem item = platforms.get(i);
            PieceMove.Box box = PieceMove.box(item);
            double value = switch (kind) {
                case SURFACE -> m.places().platform(i);
                case UV ->
                    light.uvIndex(
                            new Vec((box.left() + box.right()) / 2, box.front() + box.width() / 2, item.top() + BACK),
                            m.duty());
                default -> Double.NaN;
            };
            if (Double.isFinite(value)) {
                patches.add(new SheetClimate.Patch(
                        List.of(
                                new Point(box.left(), box.front()),
                                new Point(box.right(), box.front()),
                                new Point(box.right(), box.front() + box.width()),
                                new Point(box.left(), box.front() + box.width())),
                        item.top(),
                        value));
            }
        }
        return patches;
    }
}
