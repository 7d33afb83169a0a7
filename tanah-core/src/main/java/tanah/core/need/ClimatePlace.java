package tanah.core.need;

import java.util.OptionalDouble;
import java.util.function.Function;
import tanah.core.climate.Places;
import tanah.core.climate.Uncertainty;

/** The places that matter to an animal, each with what the model itself may be off there, as a standard deviation. */
public enum ClimatePlace {
    /** Hottest surface that is meant for it, else the hottest ground. */
    BASKING(Kind.TEMPERATURE, Uncertainty.SURFACE, 4.3, Places::baskingSurface),
    WARM_AIR(Kind.TEMPERATURE, Uncertainty.AIR, 1.5, p -> OptionalDouble.of(p.warmAir())),
    COOL_AIR(Kind.TEMPERATURE, Uncertainty.AIR, 1.4, p -> OptionalDouble.of(p.coolAir())),
    /** Mean of all air. */
    MEAN_AIR(Kind.TEMPERATURE, Uncertainty.AIR, 1.4, p -> OptionalDouble.of(p.meanAir())),
    TOP_AIR(Kind.TEMPERATURE, Uncertainty.AIR, 1.6, p -> OptionalDouble.of(p.topAir())),
    WARM_GROUND(Kind.TEMPERATURE, Uncertainty.SURFACE, 2.5, p -> p.groundOf(true)),
    COOL_GROUND(Kind.TEMPERATURE, Uncertainty.SURFACE, 2.2, p -> p.groundOf(false)),
    WATER(Kind.TEMPERATURE, Uncertainty.AIR, 1.2, Places::anyWater),
    /** Mean of both ends at the animal's height. */
    HUMIDITY(
            Kind.HUMIDITY,
            Uncertainty.HUMIDITY,
            0.085,
            p -> OptionalDouble.of((p.warmHumidity() + p.coolHumidity()) / 2)),
    HUMIDITY_WARM(Kind.HUMIDITY, Uncertainty.HUMIDITY, 0.085, p -> OptionalDouble.of(p.warmHumidity())),
    HUMIDITY_COOL(Kind.HUMIDITY, Uncertainty.HUMIDITY, 0.085, p -> OptionalDouble.of(p.coolHumidity())),
    /** The highest place to rest in the light; what shines there is not part of the air. */
    RESTING(Kind.UV_INDEX, Uncertainty.LIGHT, 0.47, p -> OptionalDouble.empty());

    /** What it is measured in. */
    public enum Kind {
        TEMPERATURE,
        HUMIDITY,
        UV_INDEX
    }

    private final Kind kind;
    private final double own;
    private final double usual;
    private final Function<Places, OptionalDouble> read;

    ClimatePlace(Kind kind, double own, double usual, Function<Places, OptionalDouble> read) {
        this.kind = kind;
        this.own = own;
        this.usual = usual;
        this.read = read;
    }

    public Kind kind() {
        return kind;
    }

    /** The value at a state; empty where the enclosure has no such place. */
    public OptionalDouble at(Places places) {
        return read.apply(places);
    }

    /** Standard deviation of the model itself. */
    public double own() {
        return own;
    }

    /** Half of a usual band, used until the band of this plan is computed: that of the worked cases. */
    public double usual() {
        return usual;
    }
}
