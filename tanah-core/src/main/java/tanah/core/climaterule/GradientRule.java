package tanah.core.climaterule;

import static tanah.core.climaterule.RuleInput.celsius;
import static tanah.core.climaterule.RuleInput.kelvin;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tanah.core.box.Fixture;
import tanah.core.catalogue.Range;
import tanah.core.design.edit.DeviceEdit;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.Remedy.Action;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.light.Emitter;
import tanah.core.need.ClimatePlace;
import tanah.core.need.Expected;
import tanah.core.need.Want;
import tanah.core.time.SeasonPhase;

/** Where warmth is along the box: ends that are to differ and do not, a hot spot that nobody wants. */
public final class GradientRule {
    public static final RuleId UNWANTED = new RuleId("climate.basking.unwanted");
    public static final RuleId GRADIENT = new RuleId("climate.gradient");

    private static final double LEAST_GRADIENT = 2; // K between the ends' middles that count as a wish for one

    private GradientRule() {}

    public static List<Finding> judge(RuleInput j) {
        List<Finding> findings = new ArrayList<>();
        if (Want.BASKING.of(j.needs()).isEmpty()) {
            unwanted(j).ifPresent(findings::add);
        }
        if (!j.needs().isAquatic()) {
            gradient(j).ifPresent(findings::add);
        }
        return findings;
    }

    /** A basking lamp where none is wanted. */
    private static Optional<Finding> unwanted(RuleInput j) {
        Optional<String> lamp = j.fitted().stream()
                .filter(x -> x.fixture().part() instanceof Fixture.Lamp l
                        && l.shape().kind() == Emitter.Kind.POINT)
                .filter(x -> x.lamp().filter(l -> l.isHeater() && l.isBright()).isPresent())
                .filter(x -> x.fixture().dim() > 0)
                .map(x -> x.device().id())
                .findFirst();
        Optional<Expected> spot = j.forecast().expected(ClimatePlace.BASKING, SeasonPhase.SUMMER_DAY);
        if (lamp.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(j.finding(
                UNWANTED,
                Severity.CAUTION,
                Place.part(Stage.HEAT, lamp.get()),
                spot.isPresent() ? "" : "nowhere",
                spot.map(e -> List.of(celsius("spot", e.value()))).orElse(List.of()),
                Remedy.change("take-out", new DeviceEdit.RemoveDevice(lamp.get()))));
    }

    /** Said as a hint, air and ground alike, because mixing is what is known least. */
    private static Optional<Finding> gradient(RuleInput j) {
        double wish = middle(Want.WARM.of(j.needs()).orElseThrow())
                - middle(Want.COOL.of(j.needs()).orElseThrow());
        Optional<Expected> warm = j.forecast().expected(ClimatePlace.WARM_AIR, SeasonPhase.WINTER_DAY);
        Optional<Expected> cool = j.forecast().expected(ClimatePlace.COOL_AIR, SeasonPhase.WINTER_DAY);
        if (wish < LEAST_GRADIENT || warm.isEmpty() || cool.isEmpty()) {
            return Optional.empty();
        }
        double air = warm.get().value() - cool.get().value();
        Optional<Expected> warmGround = j.forecast().expected(ClimatePlace.WARM_GROUND, SeasonPhase.WINTER_DAY);
        Optional<Expected> coolGround = j.forecast().expected(ClimatePlace.COOL_GROUND, SeasonPhase.WINTER_DAY);
        boolean land = warmGround.isPresent() && coolGround.isPresent();
        double ground = land ? warmGround.get().value() - coolGround.get().value() : air;
        // without land at both ends there is only the air to compare
        List<Measure> numbers = land
                ? List.of(kelvin("air", air), kelvin("ground", ground), kelvin("wish", wish))
                : List.of(kelvin("air", air), kelvin("wish", wish));
        String words = land ? "" : "_air";
        if (Math.max(air, ground) >= wish / 2) {
            return Optional.of(j.finding(GRADIENT, Severity.GOOD, Place.of(Stage.HEAT), land ? "" : "air", numbers));
        }
        return Optional.of(j.finding(
                GRADIENT,
                Severity.HINT,
                Place.of(Stage.HEAT),
                "flat" + words,
                numbers,
                Remedy.change("heat-one-end", new Action.GoTo(Stage.HEAT)),
                Remedy.byHand("measure-both-ends")));
    }

    private static double middle(Range r) {
        return (r.min() + r.max()) / 2;
    }
}
