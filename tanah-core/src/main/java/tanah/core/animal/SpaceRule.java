package tanah.core.animal;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.Remedy.Action;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.units.Resolution;
import tanah.core.units.Unit;

/** Too small now, or once grown. Below 0.8 of the need now: stop; below the need: caution. */
public final class SpaceRule {
    public static final RuleId NOW = new RuleId("vessel.space_now");
    public static final RuleId GROWN = new RuleId("vessel.space_grown");
    public static final RuleId LARGE = new RuleId("vessel.large_for_young");

    private SpaceRule() {}

    /**
     * @param larger the action that puts a vessel of the list which suits for life in place, or a way to the stage
     */
    public static List<Finding> judge(Inhabitant animal, Space space, Action larger, String largerName) {
        List<Finding> findings = new ArrayList<>();
        findings.add(atPresent(animal, space, larger, largerName));
        boolean grown = space.age().isEmpty() && space.scaleNow() >= 1;
        if (!grown) {
            findings.add(grown(animal, space, larger, largerName));
        }
        if (Resolution.RATIO.atLeast(space.ratio(), 2.5 * space.scaleNow())) {
            findings.add(Finding.of(
                    LARGE,
                    Severity.HINT,
                    place(animal),
                    List.of(ratio("offers", space.ratio()), ratio("needs", space.scaleNow())),
                    List.of(Remedy.byHand("start-in-a-part"))));
        }
        return findings;
    }

    /** The worst that the rule says of this room, now or grown. */
    public static Severity verdict(Inhabitant animal, Space space) {
        return judge(animal, space, new Action.ByHand(), "").stream()
                .map(Finding::severity)
                .filter(s -> s != Severity.HINT)
                .min(java.util.Comparator.naturalOrder())
                .orElse(Severity.GOOD);
    }

    private static Finding atPresent(Inhabitant animal, Space space, Action larger, String largerName) {
        double offers = space.ratio();
        double needs = space.scaleNow();
        List<Measure> numbers = List.of(ratio("offers", offers), ratio("needs", needs));
        String limit = space.limit().name().toLowerCase(Locale.ROOT);
        if (Resolution.RATIO.atLeast(offers, needs)) {
            List<Measure> margin =
                    List.of(ratio("offers", offers), ratio("needs", needs), ratio("margin", offers / needs - 1));
            return Finding.of(NOW, Severity.GOOD, place(animal), margin, List.of())
                    .worded(limit, animal.row().scientificName());
        }
        Severity severity = Resolution.RATIO.atLeast(offers, 0.8 * needs) ? Severity.CAUTION : Severity.STOP;
        return Finding.of(NOW, severity, place(animal), numbers, List.of(largerVessel(larger, largerName)))
                .worded(limit, animal.row().scientificName());
    }

    private static Finding grown(Inhabitant animal, Space space, Action larger, String largerName) {
        String limit = space.limit().name().toLowerCase(Locale.ROOT);
        if (space.isForLife()) {
            return Finding.of(GROWN, Severity.GOOD, place(animal), List.of(ratio("offers", space.ratio())), List.of())
                    .worded("life", animal.row().scientificName());
        }
        double month = space.lasts().getAsDouble();
        List<Measure> numbers = new ArrayList<>(List.of(
                new Measure("month", month, Unit.MONTH),
                new Measure("month_low", space.lastsBand().min(), Unit.MONTH),
                new Measure("month_high", space.lastsBand().max(), Unit.MONTH),
                ratio("offers", space.ratio())));
        space.age().ifPresent(age -> {
            numbers.add(new Measure("ahead", Math.max(0, month - age), Unit.MONTH_AHEAD));
            numbers.add(new Measure("ahead_low", Math.max(0, space.lastsBand().min() - age), Unit.MONTH_AHEAD));
        });
        boolean never = space.ratio() < animal.profile().growOut() - 1e-9;
        return Finding.of(
                        GROWN,
                        never ? Severity.STOP : Severity.CAUTION,
                        place(animal),
                        numbers,
                        List.of(largerVessel(larger, largerName)))
                .worded(never ? "never" : limit, animal.row().scientificName());
    }

    private static Remedy largerVessel(Action larger, String name) {
        return larger instanceof Action.Press
                ? Remedy.change("larger-vessel", larger).words(name)
                : Remedy.change("choose-larger-vessel", larger);
    }

    private static Place place(Inhabitant animal) {
        return Place.part(Stage.VESSEL, animal.id());
    }

    private static Measure ratio(String name, double value) {
        return new Measure(name, value, Unit.PERCENT);
    }
}
