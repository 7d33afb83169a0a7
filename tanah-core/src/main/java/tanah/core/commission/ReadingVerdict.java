package tanah.core.commission;

import java.util.Optional;
import tanah.core.catalogue.Range;
import tanah.core.finding.Severity;

/**
 * A reading judged.
 *
 * @param severity empty where nothing is wanted at that place and hour
 * @param margin   distance to the nearer end of the wanted range (K or share): positive inside, negative outside
 * @param wanted   what it was judged against
 */
public record ReadingVerdict(Optional<Severity> severity, double margin, Wanted wanted) {

    /**
     * Stop at or past a limit; caution outside the wanted range; hint where it is outside by no more than the
     * instrument may be off; good inside.
     *
     * @param value °C or share
     */
    public static ReadingVerdict of(double value, ReadingKind kind, Wanted wanted) {
        Optional<Range> limits = wanted.limits().filter(l -> kind.isTemperature());
        double margin = wanted.range().map(r -> margin(value, r)).orElse(0.0);
        if (limits.isPresent()
                && (value <= limits.get().min() || value >= limits.get().max())) {
            double past =
                    -Math.max(limits.get().min() - value, value - limits.get().max());
            return new ReadingVerdict(Optional.of(Severity.STOP), Math.min(margin, past), wanted);
        }
        if (wanted.range().isEmpty()) {
            return new ReadingVerdict(Optional.empty(), 0, wanted);
        }
        if (margin >= -1e-9) {
            return new ReadingVerdict(Optional.of(Severity.GOOD), Math.max(0, margin), wanted);
        }
        Severity severity = margin >= -kind.band() - 1e-9 ? Severity.HINT : Severity.CAUTION;
        return new ReadingVerdict(Optional.of(severity), margin, wanted);
    }

    private static double margin(double value, Range range) {
        return Math.min(value - range.min(), range.max() - value);
    }
}
