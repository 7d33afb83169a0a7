package tanah.core.equipment;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.BooleanSupplier;
import tanah.core.forecast.ClimateKey;
import tanah.core.forecast.Forecast;

/**
 * Whole days of the combinations that a search looks at: what humidity is judged by is judged for stops too, so the last few are kept.
 * For one thread.
 */
final class WholeDays {
    /** A forecast with its days holds some tens of megabytes. */
    private static final int KEPT = 3;

    private final BooleanSupplier stop;
    private final Map<ClimateKey, Forecast> last = new LinkedHashMap<>();

    WholeDays(BooleanSupplier stop) {
        this.stop = stop;
    }

    /** The same forecast with its days; itself where the search was given up. */
    Forecast with(Forecast steady) {
        ClimateKey key = ClimateKey.of(steady.mapped(), 0);
        Forecast known = last.get(key);
        if (known != null) {
            return steady.withDaysOf(known);
        }
        Forecast made = steady.withDays(stop);
        if (made.hasDays()) {
            last.put(key, made);
            if (last.size() > KEPT) {
                last.remove(last.keySet().iterator().next());
            }
        }
        return made;
    }
}
