package tanah.core.forecast;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import tanah.core.box.Factors;
import tanah.core.box.Fixture;
import tanah.core.climate.ClimateModel;
import tanah.core.climate.LightMap;
import tanah.core.climate.Uncertainty;
import tanah.core.mapping.MappedDesign;
import tanah.core.need.Expected;

/**
 * UV and plant light of a plan, lamps new.
 *
 * @param map      to ask for any place
 * @param hasUv    whether any lamp gives UV
 * @param peak     highest UV index that the animal can reach
 * @param resting  UV index at the basking place, else the brightest ground
 * @param ground   UV index over the ground at the height of a back
 * @param photons  plant light over the ground (mol/m² s)
 * @param daily    mean of the ground over a day (mol/m²)
 * @param relative half of the band of UV, as a share of the value
 */
public record LightForecast(
        LightMap map,
        boolean hasUv,
        double peak,
        double resting,
        LightMap.Ground ground,
        LightMap.Ground photons,
        double daily,
        double relative) {
    private static final double USUAL = 0.47; // share, of the worked case
    private static final double NINE_IN_TEN = 1.645;
    private static final LightMap.Ground DARK = new LightMap.Ground(0, 0, 1);

    public static LightForecast of(ClimateModel model, MappedDesign mapped) {
        LightMap map = LightMap.of(model);
        boolean uv = mapped.enclosure().fixtures().stream()
                .anyMatch(f -> f.part() instanceof Fixture.Lamp l && l.uv().isPresent() && f.dim() > 0);
        LightMap.Reach reach = mapped.reach();
        LightMap.Ground ground = uv ? map.uvOnGround(reach.back()) : DARK;
        LightMap.Ground photons = map.photonsOnGround();
        double daily = map.dailyOnGround();
        return new LightForecast(
                map,
                uv,
                uv ? map.uvPeak(reach) : 0,
                uv ? resting(map, mapped, ground) : 0,
                ground,
                photons,
                daily,
                USUAL);
    }

    private static double resting(LightMap map, MappedDesign mapped, LightMap.Ground ground) {
        OptionalDouble best = OptionalDouble.empty();
        for (int i = 0; i < mapped.platforms().size(); i++) {
            double here = map.uvOnPlatform(i, mapped.reach().back());
            best = OptionalDouble.of(Math.max(best.orElse(0), here));
        }
        return best.orElse(ground.most());
    }

    /** The band by what mesh and UV output may be off; other multipliers do not touch it. */
    LightForecast withBands(List<Uncertainty.Moved> moved) {
        if (!hasUv || peak <= 0) {
            return this;
        }
        List<Double> slopes = new ArrayList<>();
        LightMap mesh = LightMap.of(moved.get(Factors.MESH).model());
        double ground = mesh.uvOnGround(0.03).mean();
        double base = this.ground.mean();
        slopes.add(base > 0 ? (ground / base - 1) / Uncertainty.STEP * Factors.prior(Factors.MESH) : 0);
        slopes.add(Factors.prior(Factors.UV));
        slopes.add(Uncertainty.LIGHT);
        double variance = slopes.stream().mapToDouble(s -> s * s).sum();
        return new LightForecast(
                map, true, peak, resting, this.ground, photons, daily, NINE_IN_TEN * Math.sqrt(variance));
    }

    public Expected peakBand() {
        return new Expected(peak, relative * peak);
    }

    /** At the resting place, lamps new or aged by a share. */
    public Expected restingBand(double aged) {
        return new Expected(resting * (1 - aged), relative * resting * (1 - aged));
    }

    /** Whether UV lamps hang above a lid that stops all of it. */
    public boolean isStopped(MappedDesign mapped) {
        boolean above = mapped.enclosure().fixtures().stream()
                .anyMatch(f -> f.part() instanceof Fixture.Lamp l
                        && l.uv().isPresent()
                        && l.shape().at().z() > mapped.enclosure().shell().height());
        return hasUv && above && peak < 0.01;
    }
}
