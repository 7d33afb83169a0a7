package tanah.core.equipment;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tanah.core.box.Factors;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.LampModel;
import tanah.core.catalogue.Range;
import tanah.core.climate.ClimateModel;
import tanah.core.climaterule.UvRule;
import tanah.core.design.Design;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.forecast.LampDistance;
import tanah.core.forecast.LightForecast;
import tanah.core.mapping.MappedDesign;
import tanah.core.vessel.Vessel;

/** The UV lamp and its height; they do not depend on heat, so they are settled first for each lid. */
final class UvSearch {
    /** Share of the length that a tube lights at least, so that the animal lies in the light as a whole; common practice. */
    private static final double LEAST = 0.4;

    private static final double NEAREST = 0.15; // m over the place
    private static final double OVER = 0.2; // m above the lid
    private static final double SCALE = 0.5; // UV index
    private static final int HALVINGS = 6;
    private static final double TOO_NEAR = 0.01; // m
    private static final double ROUND_OFF = 1e-9;

    private final Catalogue catalogue;
    private final PlanVariant variant;
    private final Optional<Range> wanted;
    private final Vessel vessel;
    private final double most; // within reach
    private final Map<Double, Pick> picks = new HashMap<>();
    private Optional<Pick> inside = Optional.empty();

    /**
     * @param item   empty: none
     * @param z      m
     * @param index  at the resting place
     * @param peak   within reach
     * @param miss   0 where it meets what is wanted
     * @param danger by how much it hangs nearer than it may and its peak passes the limit, weighed; 0: safe
     * @param isNear whether a lamp hangs nearer than it may
     */
    record Pick(String item, double z, double index, double peak, double miss, double danger, boolean isNear) {
        static final Pick NONE = new Pick("", 0, 0, 0, 0, 0, false);

        /** Safe comes before enough. */
        boolean isBetterThan(Pick other) {
            return Math.abs(danger - other.danger) > ROUND_OFF ? danger < other.danger : miss < other.miss - ROUND_OFF;
        }
    }

    UvSearch(Evaluation plan, PlanVariant variant, Optional<Range> wanted, Catalogue catalogue) {
        this.catalogue = catalogue;
        this.variant = variant;
        this.wanted = wanted;
        this.vessel = plan.vessel().orElseThrow();
        this.most = plan.animals().stream()
                .mapToDouble(a -> UvRule.most(a.profile()))
                .min()
                .orElse(0);
    }

    Pick at(double mesh) {
        if (wanted.isEmpty()) {
            return Pick.NONE;
        }
        // a tube that hangs inside does not see the lid
        return inside.orElseGet(() -> {
            Pick pick = picks.computeIfAbsent(mesh, m -> find(m, wanted.get()));
            if (pick.miss() <= ROUND_OFF && pick.z() < vessel.height()) {
                inside = Optional.of(pick);
            }
            return pick;
        });
    }

    private Pick find(double mesh, Range range) {
        List<LampModel> tubes = catalogue.allLamps().stream()
                .filter(l -> l.isUv() && l.isTube())
                .filter(l -> l.body().lit().orElse(9) < vessel.length() - 0.02)
                .filter(l -> l.body().lit().orElse(0) >= LEAST * vessel.length())
                .sorted(Comparator.comparingDouble(LampModel::draws))
                .toList();
        Pick best = new Pick("", 0, 0, 0, range.min() / SCALE, 0, false);
        for (LampModel tube : tubes) {
            Pick pick = height(tube, mesh, range);
            if (pick.isBetterThan(best)) {
                best = pick;
            }
            if (best.miss() <= ROUND_OFF) {
                break; // they are sorted: this is the least power
            }
        }
        return best;
    }

    /** The height that gives the middle of the range, by halving: UV falls with distance. */
    private Pick height(LampModel tube, double mesh, Range range) {
        double near = variant.target() + NEAREST;
        double far = Math.max(near + 0.02, vessel.height() + (mesh > 0 ? OVER : -0.02));
        double aim = (range.min() + range.max()) / 2;
        Pick best = pick(tube, near, mesh, range);
        for (int i = 0; i < HALVINGS; i++) {
            double middle = Math.round((near + far) / 2 * 100) / 100.0;
            Pick now = pick(tube, middle, mesh, range);
            best = best.isBetterThan(now) ? best : now;
            if (now.index() > aim || now.danger() > ROUND_OFF) {
                near = middle;
            } else {
                far = middle;
            }
        }
        return best;
    }

    private Pick pick(LampModel tube, double z, double mesh, Range range) {
        Design made = variant.of(new LampChoice("", 0, mesh, "", false, "", tube.id(), z));
        Evaluation e = Evaluator.evaluate(made, catalogue);
        Optional<MappedDesign> mapped = MappedDesign.of(made, e.vessel(), e.ground(), e.animals(), catalogue);
        Optional<ClimateModel> model = mapped.map(m -> ClimateModel.of(m.enclosure(), Factors.ONE));
        Optional<LightForecast> light = mapped.map(m -> LightForecast.of(model.orElseThrow(), m));
        double index = light.map(LightForecast::resting).orElse(0.0);
        double peak = light.map(LightForecast::peak).orElse(0.0);
        double near = e.animals().stream()
                .mapToDouble(a -> mapped.map(m -> LampDistance.missing(m, model.orElseThrow(), a.profile(), catalogue))
                        .orElse(0.0))
                .max()
                .orElse(0);
        double under = Math.max(0, range.min() - index);
        double over = Math.max(0, index - range.max());
        double beyond = Math.max(0, peak - most);
        double danger = beyond / SCALE + near / TOO_NEAR;
        return new Pick(tube.id(), z, index, peak, (under + over) / SCALE + danger, danger, near > 0);
    }
}
