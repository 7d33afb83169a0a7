package tanah.core.ground;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Medium;
import tanah.core.catalogue.Medium.Grain;

/**
 * Blends media by parts of loose, scooped volume. Fines fill part of the space between coarse grains (packing
 * efficiency 0.6, common practice); masses and water are conserved exactly. Cohesion is a relative scale (common
 * practice). The angle of repose of a mix is the mean by settled share (common practice).
 */
public final class Blend {
    private static final double PACKING = 0.6;
    private static final double HEAD_50 = 0.50;
    private static final double HEAD_336 = 3.36;
    private static final double HEAD_10 = 0.10;

    private final List<Soil.Part> settled;

    private Blend(List<Soil.Part> settled) {
        this.settled = settled;
    }

    /** A soil of one medium. */
    public static Soil of(Medium medium) {
        Medium.WaterHolding w = medium.water();
        boolean fibre = isFibre(medium);
        double minerals = isMineralFine(medium) ? 1 - medium.texture().organic() : 0;
        double clay = minerals > 0 ? medium.texture().clay() / minerals : 0;
        double coarse = medium.grain() == Grain.FINE ? 0 : 1;
        return new Soil(
                List.of(new Soil.Part(medium, 1, medium.settling())),
                medium.dryDensity(),
                SoilWater.through(w.saturated(), w.airEntry(), w.fieldCapacity(), w.fieldSuction(), w.wilting()),
                w.fieldCapacity(),
                w.fieldSuction(),
                w.voids(),
                w.capillaryRise(),
                medium.settling(),
                0,
                clay,
                medium.texture().organic(),
                cohesion(clay, minerals, fibre ? 1 : 0, coarse),
                medium.repose());
    }

    /**
     * A soil of several media.
     *
     * @param parts medium id to parts of loose volume, all greater than 0
     * @throws IllegalArgumentException if a medium is unknown, which the reader of the document has excluded
     */
    public static Soil of(Map<String, Double> parts, Catalogue catalogue) {
        List<Medium> media = new ArrayList<>();
        List<Double> settledParts = new ArrayList<>();
        double sum = 0;
        for (Map.Entry<String, Double> part : parts.entrySet()) {
            Medium medium = catalogue
                    .findMedium(part.getKey())
                    .orElseThrow(() -> new IllegalArgumentException("unknown medium " + part.getKey()));
            double placed = part.getValue() / medium.settling();
            media.add(medium);
            settledParts.add(placed);
            sum += placed;
        }
        List<Soil.Part> shares = new ArrayList<>();
        for (int i = 0; i < media.size(); i++) {
            shares.add(new Soil.Part(media.get(i), settledParts.get(i) / sum, 0));
        }
        return new Blend(shares).soil();
    }

    private Soil soil() {
        double coarse = shareOf(m -> m.grain() != Grain.FINE);
        double fines = 1 - coarse;
        double gaps = coarse > 0 ? mean(m -> m.grain() != Grain.FINE ? m.water().voids() : 0) / coarse : 0;
        double fill = PACKING * Math.min(gaps * coarse, fines);
        double volume = 1 - fill;
        double density = mean(Medium::dryDensity) / volume;
        double saturated = (mean(m -> m.water().saturated()) - fill) / volume;
        double at10 = Math.min(contentAt(HEAD_10) / volume, saturated);
        double at50 = Math.min(contentAt(HEAD_50) / volume, saturated);
        double at336 = Math.min(contentAt(HEAD_336) / volume, saturated);
        double wilting = Math.min(mean(m -> m.water().wilting()) / volume, saturated);
        double organic = organicByMass();
        boolean byField = fines > 1e-12 && organic < 0.2;
        double fieldCapacity = byField ? at336 : at10;
        double settling = mean(Medium::settling);
        // clay is given as a share of the whole mass, organic matter included
        double minerals =
                mean(m -> isMineralFine(m) ? m.dryDensity() * (1 - m.texture().organic()) : 0);
        double clay = minerals > 0
                ? mean(m -> isMineralFine(m) ? m.dryDensity() * m.texture().clay() : 0) / minerals
                : 0;
        return new Soil(
                settled.stream()
                        .map(p -> new Soil.Part(
                                p.medium(),
                                p.settledShare(),
                                p.settledShare() * p.medium().settling() / volume))
                        .toList(),
                density,
                retention(saturated, at50, at336, fieldCapacity, wilting, volume),
                fieldCapacity,
                byField ? HEAD_336 : HEAD_10,
                Math.max(0, saturated - at10),
                capillaryRise(fines),
                settling,
                fill,
                clay,
                organic,
                cohesion(clay, minerals / mean(Medium::dryDensity), shareOf(Blend::isFibre), coarse),
                mean(Medium::repose));
    }

    private SoilWater retention(
            double saturated, double at50, double at336, double fieldCapacity, double wilting, double volume) {
        List<SoilWater.Share> parts = settled.stream()
                .map(p -> new SoilWater.Share(p.settledShare() / volume, curve(p.medium())))
                .toList();
        if (at50 >= 0.999 * saturated || at50 <= 1.001 * at336) {
            double entry = Math.exp(mean(m -> Math.log(Math.max(m.water().airEntry(), 0.0005))));
            return new SoilWater(saturated, entry, 0, fieldCapacity, wilting, parts);
        }
        double b = Math.log(HEAD_336 / HEAD_50) / Math.log(at50 / at336);
        double entry = HEAD_50 * Math.pow(at50 / saturated, b);
        return new SoilWater(saturated, entry, b, fieldCapacity, wilting, parts);
    }

    private double capillaryRise(double fines) {
        boolean overFines = fines >= 0.3;
        double weight = 0;
        double sum = 0;
        for (Soil.Part part : settled) {
            if (!overFines || part.medium().grain() == Grain.FINE) {
                weight += part.settledShare();
                sum += part.settledShare()
                        * Math.log(Math.max(part.medium().water().capillaryRise(), 0.001));
            }
        }
        return Math.exp(sum / weight);
    }

    private double contentAt(double head) {
        return mean(m -> curve(m).content(head));
    }

    private static SoilWater curve(Medium medium) {
        Medium.WaterHolding w = medium.water();
        return SoilWater.through(w.saturated(), w.airEntry(), w.fieldCapacity(), w.fieldSuction(), w.wilting());
    }

    private double organicByMass() {
        return mean(m -> m.dryDensity() * m.texture().organic()) / mean(Medium::dryDensity);
    }

    private double mean(ToDoubleFunction<Medium> value) {
        double sum = 0;
        for (Soil.Part part : settled) {
            sum += part.settledShare() * value.applyAsDouble(part.medium());
        }
        return sum;
    }

    private double shareOf(java.util.function.Predicate<Medium> which) {
        return mean(m -> which.test(m) ? 1 : 0);
    }

    private static boolean isMineralFine(Medium medium) {
        boolean mineral = medium.kind().equals("mineral") || medium.kind().equals("amendment");
        return mineral && medium.texture().sand() + medium.texture().clay() > 0;
    }

    private static boolean isFibre(Medium medium) {
        return medium.kind().equals("organic") && !medium.cohesion().equals("none");
    }

    private static double cohesion(double clay, double mineralMass, double fibre, double coarse) {
        double bound = Math.min(12, 30 * Math.max(0, clay - 0.03)) * mineralMass;
        return (bound + 1.2 * fibre) * (1 - coarse) * (1 - coarse);
    }
}
