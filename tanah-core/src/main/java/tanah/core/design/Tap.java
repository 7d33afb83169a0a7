package tanah.core.design;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Water from the tap as the supplier or a test tells it.
 *
 * @param ph           3 to 11
 * @param alkalinity   kg/m³ as CaCO3
 * @param hardness     kg/m³ as CaCO3
 * @param nitrate      kg/m³ as NO3
 * @param chlorine     kg/m³
 * @param chloramine   whether the chlorine is bound
 * @param conductivity µS/cm
 */
@RecordBuilder
public record Tap(
        OptionalDouble ph,
        OptionalDouble alkalinity,
        OptionalDouble hardness,
        OptionalDouble nitrate,
        OptionalDouble chlorine,
        Optional<Boolean> chloramine,
        OptionalDouble conductivity)
        implements TapBuilder.With {

    /** Nothing is known of it. */
    public static final Tap UNKNOWN = new Tap(
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            Optional.empty(),
            OptionalDouble.empty());
}
