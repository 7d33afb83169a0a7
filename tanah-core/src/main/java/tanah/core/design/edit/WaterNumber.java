package tanah.core.design.edit;

import java.util.Locale;
import java.util.OptionalDouble;
import tanah.core.design.ChangeSchedule;
import tanah.core.design.Tap;
import tanah.core.design.WaterPart;

/** The numbers of a water part, of its tap and of its changes, in SI: where each stands and how it is set. */
public enum WaterNumber implements EditNumber {
    /** Over the inner base (m). */
    LEVEL(0.005, 2),
    /** °C. */
    TEMPERATURE(1, 40),
    /** To which the level may fall (m). */
    LOWEST(0, 2),
    /** Over the level (m). */
    WAVE(0, 0.2),
    /** Share of the open face that is covered, 0 to 1. */
    COVER(0, 1),
    PH(3, 11),
    /** kg/m³ as CaCO3. */
    ALKALINITY(0, 1),
    /** kg/m³ as CaCO3. */
    HARDNESS(0, 1),
    /** kg/m³ as NO3. */
    NITRATE(0, 0.5),
    /** kg/m³. */
    CHLORINE(0, 0.02),
    /** Share that is replaced each time, 0 to 1. */
    CHANGE_FRACTION(0.01, 1),
    /** s. */
    CHANGE_INTERVAL(0.1 * 86_400, 365 * 86_400.0),
    /** Not to be passed (kg/m³ as NO3). */
    NITRATE_TARGET(0.001, 0.5);

    private final Limits limits;

    WaterNumber(double min, double max) {
        limits = new Limits(min, max);
    }

    @Override
    public Limits limits() {
        return limits;
    }

    /** The word in forms and message keys. */
    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    public OptionalDouble of(WaterPart w) {
        Tap tap = w.tap().orElse(Tap.UNKNOWN);
        ChangeSchedule changes = w.changes().orElse(ChangeSchedule.NONE);
        return switch (this) {
            case LEVEL -> w.fill().level();
            case TEMPERATURE -> w.temperature();
            case LOWEST -> w.margins().lowestLevel();
            case WAVE -> w.margins().wave();
            case COVER -> w.margins().cover();
            case PH -> tap.ph();
            case ALKALINITY -> tap.alkalinity();
            case HARDNESS -> tap.hardness();
            case NITRATE -> tap.nitrate();
            case CHLORINE -> tap.chlorine();
            case CHANGE_FRACTION -> changes.fraction();
            case CHANGE_INTERVAL -> changes.interval();
            case NITRATE_TARGET -> w.targetNitrate();
        };
    }

    /** The water part with the number; a level has to be given. */
    WaterPart set(WaterPart w, OptionalDouble value) {
        WaterPart.Margins margins = w.margins();
        Tap tap = w.tap().orElse(Tap.UNKNOWN);
        ChangeSchedule changes = w.changes().orElse(ChangeSchedule.NONE);
        return switch (this) {
            case LEVEL -> w.withLevel(value.orElseThrow());
            case TEMPERATURE -> w.withTemperature(value);
            case LOWEST -> w.withMargins(margins.withLowestLevel(value));
            case WAVE -> w.withMargins(margins.withWave(value));
            case COVER -> w.withMargins(margins.withCover(value));
            case PH -> w.withTap(tap.withPh(value));
            case ALKALINITY -> w.withTap(tap.withAlkalinity(value));
            case HARDNESS -> w.withTap(tap.withHardness(value));
            case NITRATE -> w.withTap(tap.withNitrate(value));
            case CHLORINE -> w.withTap(tap.withChlorine(value));
            case CHANGE_FRACTION -> w.withChanges(changes.withFraction(value), w.targetNitrate());
            case CHANGE_INTERVAL -> w.withChanges(changes.withInterval(value), w.targetNitrate());
            case NITRATE_TARGET -> w.withChanges(changes, value);
        };
    }
}
