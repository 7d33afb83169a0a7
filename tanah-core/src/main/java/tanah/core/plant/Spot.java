package tanah.core.plant;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/**
 * A place where something could grow, on one worst day; what is not known is empty and never guessed.
 *
 * @param on         what it would hold to
 * @param daily      light of a day (mol/m²)
 * @param peak       strongest light (mol/m² s)
 * @param day        mean of the lit hours (°C)
 * @param night      mean of the dark hours (°C)
 * @param coldest    of the worst winter day (°C)
 * @param hottest    of the worst summer day (°C)
 * @param humidity   mean of a day, share of saturation
 * @param driest     twentieth part of the hours is drier (share of saturation)
 * @param moisture   water of the medium over its field capacity
 * @param dryDays    longest run of days nearly dry
 * @param leafHours  longest that leaves stay wet in a day
 * @param airflow    class of moving air: 0 below 0.02 m/s, 1 to 0.05, 2 to 0.15, 3 above; common practice
 * @param drip       class: 0 none, 1 mist, 2 daily drips, 3 under an outlet
 * @param flood      class: 0 drained, 1 wet for hours up to 2 days, 2 saturated for weeks, 3 standing water
 * @param floodDepth water over the soil (m)
 * @param soil       depth (m)
 * @param headroom   from the soil to what is above (m)
 * @param lime       whether lime or hard water is there
 * @param winter     weeks below 10 °C
 */
@RecordBuilder
public record Spot(
        RootPlace on,
        OptionalDouble daily,
        OptionalDouble peak,
        OptionalDouble day,
        OptionalDouble night,
        OptionalDouble coldest,
        OptionalDouble hottest,
        OptionalDouble humidity,
        OptionalDouble driest,
        OptionalDouble moisture,
        OptionalDouble dryDays,
        OptionalDouble leafHours,
        OptionalInt airflow,
        OptionalInt drip,
        OptionalInt flood,
        OptionalDouble floodDepth,
        OptionalDouble soil,
        OptionalDouble headroom,
        OptionalDouble ph,
        Optional<Boolean> lime,
        OptionalDouble winter)
        implements SpotBuilder.With {}
