package tanah.core.climaterule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tanah.core.box.ClimateCase;
import tanah.core.box.Fixture;
import tanah.core.catalogue.LampModel;
import tanah.core.design.Device;
import tanah.core.design.Guards;
import tanah.core.design.edit.DeviceEdit;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.Remedy.Action;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.forecast.Forecast;
import tanah.core.forecast.LampDistance;
import tanah.core.light.Leaves;
import tanah.core.light.Vec;
import tanah.core.units.Resolution;
import tanah.core.units.Unit;

/**
 * Lamps against what they may burn: the animal's nearest place, leaves, what can catch fire; lamps in reach without a guard;
 * the light on an animal's back. The greater of the catalogue's distance and the maker's marking holds.
 */
public final class DistanceRule {
    public static final RuleId DISTANCE = new RuleId("climate.distance");
    public static final RuleId GUARD = new RuleId("climate.guard");
    public static final RuleId BACK = new RuleId("climate.back.irradiance");
    public static final RuleId INSIDE = new RuleId("climate.lamp.inside");
    public static final RuleId LOW = new RuleId("climate.lamp.low");

    private static final double FULL_SUN = 1000; // W/m²
    private static final double OVER = 0.04; // m over the lid, where a lamp is out of reach

    private DistanceRule() {}

    public static List<Finding> judge(RuleInput j) {
        List<Finding> findings = new ArrayList<>();
        for (RuleInput.Fitted x : j.fitted()) {
            if (x.lamp().isPresent() && x.fixture().part() instanceof Fixture.Lamp l) {
                Vec at = l.shape().at();
                LampModel lamp = x.lamp().get();
                buried(j, x.device(), at).ifPresent(findings::add);
                Optional<Finding> low = low(j, x.device(), at);
                low.ifPresent(findings::add);
                if (low.isEmpty()) {
                    animal(j, x.device(), lamp, at).ifPresent(findings::add);
                }
                leaf(j, x.device(), lamp, at).ifPresent(findings::add);
                lid(j, x.device(), lamp, at).ifPresent(findings::add);
                guard(j, x.device(), lamp, at).ifPresent(findings::add);
            }
        }
        back(j).ifPresent(findings::add);
        return findings;
    }

    private static Optional<Finding> buried(RuleInput j, Device d, Vec at) {
        ClimateCase c = j.forecast().mapped().enclosure();
        boolean in = c.obstacles().stream().anyMatch(o -> o.block().contains(at))
                || c.platforms().stream().anyMatch(p -> p.block().contains(at))
                || at.z() < j.forecast().groundAt(at.x(), at.y());
        return in
                ? Optional.of(j.finding(
                        INSIDE,
                        Severity.STOP,
                        Place.part(Stage.HEAT, d.id()),
                        "",
                        List.of(new Measure("z", at.z(), Unit.CENTIMETRE)),
                        Remedy.change(
                                "hang-free",
                                DeviceEdit.hang(d.id(), c.shell().height() - 0.05),
                                new Measure("z", c.shell().height() - 0.05, Unit.CENTIMETRE))))
                : Optional.empty();
    }

    /** A lamp no higher than the back of an animal that stands there: it is touched, and looked into. */
    private static Optional<Finding> low(RuleInput j, Device d, Vec at) {
        double over = LampDistance.toAnimal(j.forecast().mapped(), j.forecast().model(), d, at, j.needs());
        double ground = j.forecast().groundAt(at.x(), at.y());
        if (over > 1e-9 || at.z() < ground) {
            return Optional.empty();
        }
        double back = j.forecast().mapped().reach().back();
        double free = j.forecast().mapped().enclosure().shell().height() + OVER;
        return Optional.of(j.finding(
                LOW,
                Severity.STOP,
                Place.part(Stage.HEAT, d.id()),
                "",
                List.of(
                        new Measure("over", at.z() - ground, Unit.CENTIMETRE),
                        new Measure("back", back, Unit.CENTIMETRE)),
                Remedy.change("hang-free", DeviceEdit.hang(d.id(), free), new Measure("z", free, Unit.CENTIMETRE)),
                Remedy.change("take-out", new DeviceEdit.RemoveDevice(d.id()))));
    }

    private static Optional<Finding> animal(RuleInput j, Device d, LampModel lamp, Vec at) {
        double least = lamp.distance().animal().orElse(0);
        double there = LampDistance.toAnimal(j.forecast().mapped(), j.forecast().model(), d, at, j.needs());
        if (least <= 0 || Resolution.LENGTH.atLeast(there, least)) {
            return Optional.empty();
        }
        double up = least - there;
        List<Measure> numbers = List.of(
                new Measure("distance", Math.max(0, there), Unit.CENTIMETRE),
                new Measure("least", least, Unit.CENTIMETRE),
                new Measure("missing", up, Unit.CENTIMETRE));
        double z = Math.ceil((at.z() + up) * 100 - 1e-6) / 100;
        return Optional.of(j.finding(
                DISTANCE,
                Severity.STOP,
                Place.part(Stage.HEAT, d.id()),
                "",
                numbers,
                Remedy.change("hang-higher", DeviceEdit.hang(d.id(), z), new Measure("z", z, Unit.CENTIMETRE)),
                Remedy.change("weaker-lamp", new Action.GoTo(Stage.HEAT))));
    }

    private static Optional<Finding> leaf(RuleInput j, Device d, LampModel lamp, Vec at) {
        double least = lamp.distance().plant().orElse(0);
        double nearest = Double.MAX_VALUE;
        for (Leaves plant : j.forecast().mapped().enclosure().plants()) {
            nearest = Math.min(nearest, LampDistance.toTop(plant.box(), at, 0));
        }
        if (least <= 0 || Resolution.LENGTH.atLeast(nearest, least)) {
            return Optional.empty();
        }
        return Optional.of(j.finding(
                DISTANCE,
                Severity.CAUTION,
                Place.part(Stage.HEAT, d.id()),
                "leaf",
                List.of(
                        new Measure("distance", nearest, Unit.CENTIMETRE),
                        new Measure("least", least, Unit.CENTIMETRE),
                        new Measure("missing", least - nearest, Unit.CENTIMETRE)),
                Remedy.change("move-lamp", new Action.GoTo(Stage.HEAT))));
    }

    /** A hot lamp close under a lid that can melt or burn. */
    private static Optional<Finding> lid(RuleInput j, Device d, LampModel lamp, Vec at) {
        double least = lamp.distance().combustible().orElse(0);
        double gap = j.forecast().mapped().enclosure().shell().height() - at.z();
        boolean clear = j.forecast().mapped().enclosure().shell().lid().top().isClear();
        boolean solid = j.forecast().mapped().enclosure().shell().lid().mesh() < 1;
        if (!lamp.isHeater() || gap < 0 || clear || !solid || least <= 0) {
            return Optional.empty();
        }
        // a lamp shines downwards; its body and holder stand about this far from what is over it
        double needed = least / 4;
        if (Resolution.LENGTH.atLeast(gap, needed)) {
            return Optional.empty();
        }
        return Optional.of(j.finding(
                DISTANCE,
                Severity.CAUTION,
                Place.part(Stage.HEAT, d.id()),
                "lid",
                List.of(
                        new Measure("distance", gap, Unit.CENTIMETRE),
                        new Measure("least", needed, Unit.CENTIMETRE),
                        new Measure("missing", needed - gap, Unit.CENTIMETRE)),
                Remedy.change("move-lamp", new Action.GoTo(Stage.HEAT))));
    }

    private static Optional<Finding> guard(RuleInput j, Device d, LampModel lamp, Vec at) {
        double height = j.forecast().mapped().enclosure().shell().height();
        boolean inside = at.z() <= height;
        boolean reached = j.needs().climbs() >= 2
                || LampDistance.toAnimal(j.forecast().mapped(), j.forecast().model(), d, at, j.needs())
                        < j.needs().optional("reach_cm").orElse(0) / 100;
        if (!inside || !reached || !lamp.isHeater() || d.guard().isPresent()) {
            return Optional.empty();
        }
        return Optional.of(j.finding(
                GUARD,
                Severity.STOP,
                Place.part(Stage.HEAT, d.id()),
                "",
                List.of(),
                Remedy.change("put-guard", new DeviceEdit.SetGuard(d.id(), Optional.of(Guards.LAMP)))));
    }

    /** More than full sun on a back. */
    private static Optional<Finding> back(RuleInput j) {
        Forecast f = j.forecast();
        double most = 0;
        for (ClimateCase.Platform p : f.mapped().enclosure().platforms()) {
            most = Math.max(
                    most,
                    f.light()
                            .map()
                            .onBack(
                                    new Vec(
                                            p.x(),
                                            p.y(),
                                            p.z() + f.mapped().reach().back()),
                                    i -> f.at(tanah.core.time.SeasonPhase.WINTER_DAY)
                                            .duty(i)));
        }
        if (most <= FULL_SUN) {
            return Optional.empty();
        }
        return Optional.of(j.finding(
                BACK,
                Severity.CAUTION,
                Place.of(Stage.HEAT),
                "",
                List.of(
                        new Measure("light", most, Unit.WATT_PER_SQUARE_METRE),
                        new Measure("most", FULL_SUN, Unit.WATT_PER_SQUARE_METRE)),
                Remedy.change("wider-lamp", new Action.GoTo(Stage.HEAT))));
    }
}
