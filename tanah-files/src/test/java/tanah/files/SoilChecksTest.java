package tanah.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Medium;
import tanah.core.ground.Blend;
import tanah.core.ground.Soil;
import tanah.core.ground.SoilWater;
import tanah.files.catalogue.CatalogueReader;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Mixes and soil water of the shipped media. Rows "derived: reference prototype" prove that two implementations agree,
 * not that they are true; rows "conservation" are laws.
 */
class SoilChecksTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();
    private static final JsonMapper JSON = JsonMapper.builder().build();

    @ParameterizedTest(name = "{0} {1}")
    @CsvFileSource(resources = "/checks/soil.csv", numLinesToSkip = 1)
    void agreesWithTheTable(
            String id,
            String quantity,
            String inputs,
            double expected,
            String unit,
            Double abs,
            Double rel,
            String from) {
        JsonNode in = JSON.readTree(inputs);
        double allowed = Math.max(abs == null ? 0 : abs, (rel == null ? 1e-6 : rel) * Math.abs(expected));
        double got = in.has("mix") ? ofMix(quantity, in) : ofMedium(quantity, in);
        assertThat(got).as(from).isCloseTo(expected, within(Math.max(allowed, 1e-8 * Math.abs(expected) + 1e-9)));
    }

    private static double ofMix(String quantity, JsonNode in) {
        Soil soil = Blend.of(
                CATALOGUE.findMix(in.get("mix").asString()).orElseThrow().parts(), CATALOGUE);
        return switch (quantity) {
            case "shrink" -> soil.shrink();
            case "settling_factor" -> soil.settling();
            case "bulk_density_dry_kg_per_l" -> soil.dryDensity() / 1000;
            case "theta_sat" -> soil.water().saturated();
            case "theta_10cm" -> soil.water().saturated() - soil.voids();
            case "wilting_point" -> soil.water().wilting();
            case "field_capacity" -> soil.fieldCapacity();
            case "air_entry_cm" -> 100 * soil.water().airEntry();
            case "capillary_rise_cm" -> 100 * soil.capillaryRise();
            case "cohesion_kpa" -> soil.cohesion();
            case "clay_frac" -> soil.clayShare();
            case "mix_mass_conserved_kg" -> massOfParts(soil, in.get("placed_l").asDouble());
            default -> throw new IllegalArgumentException("no computation for " + quantity);
        };
    }

    /** Mass of the components that go into so many placed litres; it must be that of the mix. */
    private static double massOfParts(Soil soil, double litres) {
        double sum = 0;
        for (Soil.Part part : soil.parts()) {
            sum += litres
                    * part.loosePerPlaced()
                    / part.medium().settling()
                    * part.medium().dryDensity()
                    / 1000;
        }
        assertThat(sum).isCloseTo(litres * soil.dryDensity() / 1000, within(1e-9));
        return sum;
    }

    private static double ofMedium(String quantity, JsonNode in) {
        Medium medium = CATALOGUE.findMedium(in.get("media").asString()).orElseThrow();
        SoilWater water = Blend.of(medium).water();
        return switch (quantity) {
            case "campbell_b" -> water.exponent();
            case "theta_at_50cm" -> water.content(0.50);
            case "column_mean_theta" -> water.columnMean(in.get("height_cm").asDouble() / 100);
            default -> throw new IllegalArgumentException("no computation for " + quantity);
        };
    }
}
