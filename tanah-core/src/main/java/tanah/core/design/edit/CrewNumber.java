package tanah.core.design.edit;

import java.util.Locale;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import tanah.core.design.CrewChoice;

/** The numbers of animals that are set together as a crew. */
public enum CrewNumber implements EditNumber {
    /** Animals, or not given: as many as are usual for a normal load. */
    COUNT(1, 1_000_000),
    /** Cultures as sold, or not given. */
    CULTURES(0, 1000),
    /** Share of them that an animal does not get at, or not given. */
    HIDDEN(0, 1),
    /** After the build, or not given. */
    WEEK(0, 52);

    private final Limits limits;

    CrewNumber(double min, double max) {
        limits = new Limits(min, max);
    }

    @Override
    public Limits limits() {
        return limits;
    }

    /** The word in forms and message keys. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    public OptionalDouble of(CrewChoice.Dose dose) {
        return switch (this) {
            case COUNT ->
                dose.count().isPresent() ? OptionalDouble.of(dose.count().getAsInt()) : OptionalDouble.empty();
            case CULTURES -> dose.cultures();
            case HIDDEN -> dose.hidden();
            case WEEK -> dose.week();
        };
    }

    CrewChoice.Dose set(CrewChoice.Dose dose, OptionalDouble value) {
        return switch (this) {
            case COUNT ->
                dose.withCount(
                        value.isPresent()
                                ? OptionalInt.of((int) Math.round(value.getAsDouble()))
                                : OptionalInt.empty());
            case CULTURES -> dose.withCultures(value);
            case HIDDEN -> dose.withHidden(value);
            case WEEK -> dose.withWeek(value);
        };
    }
}
