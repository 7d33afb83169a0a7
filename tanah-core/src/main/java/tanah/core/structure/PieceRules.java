package tanah.core.structure;

import static tanah.core.physics.Constants.GRAVITY;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Medium;
import tanah.core.design.Design;
import tanah.core.design.Fixing;
import tanah.core.design.HardscapeItem;
import tanah.core.design.Solids;
import tanah.core.design.edit.PieceEdit;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.ground.GroundResult;
import tanah.core.units.Unit;
import tanah.core.vessel.Vessel;

/** What a piece of hardscape rests on, presses with, and whether it stays down (common practice). */
public final class PieceRules {
    public static final RuleId ON_SOIL = new RuleId("GW-070");
    public static final RuleId BARE_GLASS = new RuleId("GW-073");
    public static final RuleId FLOATS = new RuleId("GW-075");
    public static final RuleId WEDGED = new RuleId("GW-076");

    private static final double CRUSH = 0.5; // kg that hurts an animal which digs under it
    private static final double PRESSURE = 20_000; // Pa on bare glass
    private static final double CONTACT = 4e-4; // m², three points of a stone
    private static final double HAIR = 5e-4; // m of bow that no wedge feels
    private static final double SWELLING = 0.03; // across the grain, from memory

    private PieceRules() {}

    /**
     * @param digs  whether an animal digs
     * @param panes under their filling, where they are computed
     */
    public static List<Finding> judge(
            Design design,
            Vessel vessel,
            GroundResult ground,
            Optional<PaneResult> panes,
            boolean digs,
            Catalogue catalogue) {
        List<Finding> findings = new ArrayList<>();
        double level = ground.water().map(w -> w.level()).orElse(0.0);
        Map<String, Double> pressing = new Rests(design.hardscape()).pressing(level, catalogue);
        for (HardscapeItem item : design.hardscape()) {
            OptionalDouble mass = Solids.mass(item, catalogue);
            if (mass.isPresent()) {
                onSoil(item, mass.getAsDouble(), ground, digs).ifPresent(findings::add);
                onGlass(item, mass.getAsDouble()).ifPresent(findings::add);
                double held = pressing.getOrDefault(item.id(), 0.0);
                floats(item, mass.getAsDouble(), held, level, catalogue).ifPresent(findings::add);
            }
            wedged(item).or(() -> panes.flatMap(p -> loose(item, vessel, p))).ifPresent(findings::add);
        }
        return findings;
    }

    /** Said, or where its underside is: on the base, or in the ground. */
    public static Fixing.Support support(HardscapeItem item, GroundResult ground) {
        if (item.fixing().support().isPresent()) {
            return item.fixing().support().get();
        }
        if (item.base() < 0.005) {
            return Fixing.Support.BASE;
        }
        var middle = new ConvexPolygon(item.outline()).centroid();
        double surface = ground.terrain().surfaceAt(middle.x(), middle.y());
        return item.base() <= surface + 0.02 ? Fixing.Support.SOIL : Fixing.Support.PLATE;
    }

    private static Optional<Finding> onSoil(HardscapeItem item, double mass, GroundResult ground, boolean digs) {
        boolean heavy = mass >= CRUSH - 1e-9;
        boolean stone = item.kind().orElse("stone").equals("stone");
        if (!digs || !stone || !heavy || support(item, ground) != Fixing.Support.SOIL) {
            return Optional.empty();
        }
        return Optional.of(Finding.of(
                        ON_SOIL,
                        Severity.STOP,
                        Place.part(Stage.HARDSCAPE, item.id()),
                        List.of(
                                new Measure("mass", mass, Unit.KILOGRAM),
                                new Measure("height", item.base(), Unit.CENTIMETRE)),
                        List.of(
                                Remedy.change("stand-on-base", new PieceEdit.StandOnBase(item.id(), pad(mass))),
                                Remedy.byHand("fixed-plate")))
                .worded("", name(item)));
    }

    private static Optional<Finding> onGlass(HardscapeItem item, double mass) {
        boolean base =
                item.fixing().support().filter(s -> s == Fixing.Support.BASE).isPresent()
                        || (item.fixing().support().isEmpty() && item.base() < 0.005);
        if (!base || !item.kind().orElse("stone").equals("stone")) {
            return Optional.empty();
        }
        double area = item.fixing().pad().orElse(0) > 0
                ? item.fixing().pad().getAsDouble()
                : item.fixing().contact().orElse(CONTACT);
        double pressure = mass * GRAVITY / area;
        List<Measure> numbers = List.of(
                new Measure("pressure", pressure, Unit.KILOPASCAL),
                new Measure("limit", PRESSURE, Unit.KILOPASCAL),
                new Measure("mass", mass, Unit.KILOGRAM));
        Place place = Place.part(Stage.HARDSCAPE, item.id());
        if (pressure <= PRESSURE) {
            return Optional.of(Finding.of(BARE_GLASS, Severity.GOOD, place, numbers, List.of())
                    .worded("", name(item)));
        }
        double pad = pad(mass);
        return Optional.of(Finding.of(
                        BARE_GLASS,
                        Severity.CAUTION,
                        place,
                        numbers,
                        List.of(Remedy.change(
                                "lay-pad",
                                new PieceEdit.StandOnBase(item.id(), pad),
                                new Measure("area", pad, Unit.SQUARE_CENTIMETRE))))
                .worded("", name(item)));
    }

    /** Area of a pad that keeps the pressure down, in whole 10 cm². */
    private static double pad(double mass) {
        return Math.ceil(mass * GRAVITY / PRESSURE / 1e-3 - 1e-9) * 1e-3;
    }

    /** @param pressing what lies on it (kg) */
    private static Optional<Finding> floats(
            HardscapeItem item, double mass, double pressing, double level, Catalogue catalogue) {
        if (!item.stands()) {
            return Optional.empty();
        }
        double volume = Solids.volume(item);
        double under = Rests.submerged(item, level);
        double lift = Buoyancy.lift(under, mass);
        double held = item.fixing().anchor().orElse(0);
        double needed = Buoyancy.anchor(under, mass, pressing);
        if (lift <= 0 || held >= needed - 1e-9) {
            return Optional.empty();
        }
        boolean soaks = item.kind().orElse("stone").equals("wood")
                && item.media()
                        .flatMap(catalogue::findMedium)
                        .map(Medium::water)
                        .map(h -> Buoyancy.soaked(mass / volume, h.saturated()) > 1000)
                        .orElse(false);
        double round = Math.ceil(needed * 10 - 1e-9) / 10;
        return Optional.of(Finding.of(
                        FLOATS,
                        Severity.CAUTION,
                        Place.part(Stage.HARDSCAPE, item.id()),
                        List.of(new Measure("lift", lift, Unit.KILOGRAM), new Measure("anchor", needed, Unit.KILOGRAM)),
                        List.of(Remedy.change(
                                "anchor",
                                PieceEdit.anchor(item.id(), round),
                                new Measure("anchor", round, Unit.KILOGRAM))))
                .worded(soaks ? "soaks" : "", name(item)));
    }

    private static Optional<Finding> wedged(HardscapeItem item) {
        if (item.fixing().gap().isEmpty() || item.fixing().length().isEmpty()) {
            return Optional.empty();
        }
        double gap = item.fixing().gap().getAsDouble();
        double swollen = item.fixing().length().getAsDouble()
                * (1 + item.fixing().swelling().orElse(SWELLING));
        if (swollen <= gap) {
            return Optional.empty();
        }
        return Optional.of(Finding.of(
                        WEDGED,
                        Severity.STOP,
                        Place.part(Stage.HARDSCAPE, item.id()),
                        List.of(
                                new Measure("swollen", swollen, Unit.CENTIMETRE),
                                new Measure("gap", gap, Unit.CENTIMETRE)),
                        List.of(Remedy.byHand("cut-shorter")))
                .worded("", name(item)));
    }

    /**
     * Panes bow apart under their filling: what is wedged between them as long as the gap or a hair longer loses its hold. Which panes those
     * are is told by the gap.
     */
    private static Optional<Finding> loose(HardscapeItem item, Vessel vessel, PaneResult panes) {
        if (item.fixing().gap().isEmpty() || item.fixing().length().isEmpty()) {
            return Optional.empty();
        }
        double gap = item.fixing().gap().getAsDouble();
        double play = item.fixing().length().getAsDouble() - gap;
        boolean along = Math.abs(gap - vessel.length()) < Math.abs(gap - vessel.width());
        double apart = panes.apart(along);
        if (apart < HAIR || play > apart) {
            return Optional.empty();
        }
        return Optional.of(Finding.of(
                        WEDGED,
                        Severity.CAUTION,
                        Place.part(Stage.HARDSCAPE, item.id()),
                        List.of(
                                new Measure("apart", apart, Unit.MILLIMETRE),
                                new Measure("play", Math.max(0, -play), Unit.MILLIMETRE)),
                        List.of(Remedy.byHand("bond-piece")))
                .worded("loose", name(item)));
    }

    static String name(HardscapeItem item) {
        return item.name().orElse(item.id());
    }
}
