package tanah.core.testing;

import java.util.List;
import java.util.Map;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Medium;
import tanah.core.catalogue.Mix;
import tanah.core.catalogue.Pack;
import tanah.core.catalogue.Range;
import tanah.core.catalogue.Species;

/** A small catalogue for tests; values of the shipped rows with the same ids. */
public final class TestMedia {
    public static final Medium CLAY_BALLS = medium(
            "expanded_clay_8_16",
            "drainage",
            Medium.Grain.COARSE,
            12,
            350,
            2550,
            0.49,
            0.43,
            0.07,
            10,
            0.03,
            0.2,
            1.0,
            1.03,
            0,
            0,
            30);
    public static final Medium GRAVEL = medium(
            "pea_gravel_4_8",
            "drainage",
            Medium.Grain.COARSE,
            6,
            1600,
            2650,
            0.39,
            0.39,
            0.03,
            10,
            0.01,
            0.4,
            1.5,
            1.02,
            0,
            0,
            31);
    public static final Medium SAND = medium(
            "sand_play",
            "mineral",
            Medium.Grain.FINE,
            0.4,
            1510,
            2650,
            0.43,
            0.43,
            0.1,
            336,
            0.05,
            6.9,
            25,
            1.04,
            0.95,
            0.02,
            33);
    public static final Medium CLAY = medium(
            "clay_powder",
            "mineral",
            Medium.Grain.FINE,
            0.002,
            1050,
            2650,
            0.6,
            0.6,
            0.42,
            336,
            0.27,
            125,
            150,
            1.25,
            0.05,
            0.6,
            38);
    public static final Medium LEAF_MOULD = medium(
            "leaf_mould", "organic", Medium.Grain.FINE, 2, 220, 1600, 0.84, 0.25, 0.55, 10, 0.15, 2, 25, 1.2, 0, 0, 40);
    public static final Medium COMPOST = fertilised(medium(
            "compost_fertilised",
            "organic",
            Medium.Grain.FINE,
            1.5,
            250,
            1700,
            0.82,
            0.2,
            0.58,
            10,
            0.16,
            2,
            25,
            1.2,
            0,
            0,
            40));
    public static final Medium LITTER = medium(
            "leaf_litter",
            "organic",
            Medium.Grain.COARSE,
            40,
            40,
            1450,
            0.9,
            0.8,
            0.12,
            10,
            0.04,
            0.1,
            1,
            1.4,
            0,
            0,
            35);

    public static final List<Medium> ALL = List.of(CLAY_BALLS, GRAVEL, SAND, CLAY, LEAF_MOULD, COMPOST, LITTER);

    private TestMedia() {}

    public static Catalogue catalogue(Species... species) {
        Mix burrow = new Mix(
                "arid_burrow_clay_sand",
                "Arid burrow clay-sand",
                new java.util.LinkedHashMap<>(Map.of("sand_play", 7.0, "clay_powder", 3.0)),
                "arid",
                "dry top",
                0.2,
                "",
                "practice");
        List<Pack> packs = List.of(
                new Pack("clay-10", "expanded_clay_8_16", 0.010, "l", 750, "memory", ""),
                new Pack("clay-45", "expanded_clay_8_16", 0.045, "l", 2290, "memory", ""));
        return new Catalogue(
                List.of(species),
                ALL,
                List.of(burrow),
                List.of(),
                List.of(),
                Catalogue.Air.NONE,
                Catalogue.Living.NONE,
                packs);
    }

    private static Medium fertilised(Medium m) {
        return new Medium(
                m.id(),
                m.name(),
                m.kind(),
                m.grain(),
                m.grainSize(),
                m.dryDensity(),
                m.solidDensity(),
                m.water(),
                m.settling(),
                m.texture(),
                m.cohesion(),
                m.repose(),
                m.ph(),
                true,
                false,
                false,
                List.of(),
                m.price(),
                m.provenance());
    }

    private static Medium medium(
            String id,
            String kind,
            Medium.Grain grain,
            double d50mm,
            double dry,
            double solid,
            double saturated,
            double voids,
            double field,
            double suctionCm,
            double wilting,
            double entryCm,
            double riseCm,
            double settling,
            double sand,
            double clay,
            double reposeDeg) {
        boolean organic = kind.equals("organic");
        return new Medium(
                id,
                id,
                kind,
                grain,
                d50mm / 1000,
                dry,
                solid,
                new Medium.WaterHolding(saturated, voids, field, suctionCm / 100, wilting, entryCm / 100, riseCm / 100),
                settling,
                new Medium.Texture(sand, clay, organic ? 0.6 : 0),
                organic ? "low" : "none",
                Math.toRadians(reposeDeg),
                new Range(6, 7),
                false,
                false,
                false,
                List.of(),
                new Range(0.5, 1.5),
                new Medium.Sources("memory", "memory", "practice"));
    }
}
