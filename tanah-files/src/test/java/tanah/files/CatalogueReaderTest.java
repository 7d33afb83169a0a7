package tanah.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.CrewModel;
import tanah.core.catalogue.PlantModel;
import tanah.core.catalogue.Species;
import tanah.files.catalogue.CatalogueException;
import tanah.files.catalogue.CatalogueReader;
import tanah.files.catalogue.Kind;
import tanah.files.catalogue.ShippedRows;

/** The shipped data files, and what the reader refuses. */
class CatalogueReaderTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();

    @Test
    void everyShippedRowIsAccepted() {
        assertThat(CATALOGUE.allSpecies()).hasSize(169);
        assertThat(CATALOGUE.allMedia()).hasSize(73);
        assertThat(CATALOGUE.allMixes()).hasSize(20);
        assertThat(CATALOGUE.allVessels()).hasSize(65);
        assertThat(CATALOGUE.allPlants()).hasSize(244);
        assertThat(CATALOGUE.allCrew()).hasSize(55);
    }

    @Test
    void valuesKeepTheirProvenance() {
        Species lizard = CATALOGUE.findSpecies("crotaphytus-collaris").orElseThrow();
        assertThat(lizard.source("basking_surface_min_c")).isEqualTo(lizard.text("climate_source"));
        for (Species s : CATALOGUE.allSpecies()) {
            for (String column : s.numbers().keySet()) {
                assertThat(s.source(column)).as(s.id() + " " + column).isNotBlank();
            }
        }
    }

    /**
     * Light of a day is the light of its hours summed: 12 hours of 1 µmol/m² s are 0.0432 mol/m² (Faust and Logan 2018, HortScience
     * 53:1250-1257). The two ways to say it agree in every row, but for rounding.
     */
    @Test
    void lightOfADayAndOfAMomentAgree() {
        for (Map<String, String> row : new ShippedRows().all(Kind.PLANTS)) {
            for (String end : List.of("min", "pref", "max")) {
                double day = Double.parseDouble(row.get("dli_" + end + "_mol_m2_d"));
                double moment = Double.parseDouble(row.get("ppfd_" + end + "_umol_m2_s"));
                assertThat(moment * 12 * 3600 * 1e-6)
                        .as(row.get("id") + " " + end)
                        .isCloseTo(day, within(0.5 * 0.0432));
            }
        }
    }

    /** Cover and leaf area say the same: what passes through leaves by Beer's law is what the cover says (Monsi and Saeki 1953). */
    @Test
    void aPlantsLeavesLetThroughWhatItsShadeSays() {
        for (PlantModel p : CATALOGUE.allPlants()) {
            assertThat(Math.exp(-0.5 * p.cover().leafArea()))
                    .isCloseTo(p.cover().passes(), within(1e-12));
        }
        assertThat(CATALOGUE
                        .findPlant("fittonia-albivenis")
                        .orElseThrow()
                        .cover()
                        .passes())
                .isEqualTo(0.7);
    }

    @Test
    void whatDoesNotBreedKeepsItsNumber() {
        CrewModel shrimp = CATALOGUE.findCrew("caridina-multidentata").orElseThrow();
        assertThat(shrimp.kind().growth()).isZero();
        assertThat(CATALOGUE.findCrew("folsomia-candida").orElseThrow().kind().growth())
                .isCloseTo(Math.log(2) / 9, within(1e-12));
    }

    /** Sanity rules for a row of a species (common practice). */
    @Test
    void sizesFitTheGroup() {
        for (Species s : CATALOGUE.allSpecies()) {
            double body = s.bodyLengthAdult();
            boolean ground = s.list("habit").get(0).equals("terrestrial")
                    || s.list("habit").get(0).equals("fossorial");
            switch (s.group()) {
                case "snake" ->
                    assertThat(s.minLength() + s.minDepth())
                            .as(s.id())
                            .isGreaterThanOrEqualTo(s.totalLengthAdult() - 1e-9);
                case "turtle" -> assertThat(s.minLength()).as(s.id()).isGreaterThanOrEqualTo(6 * body - 1e-9);
                case "tortoise" -> assertThat(s.minLength()).as(s.id()).isGreaterThanOrEqualTo(5 * body - 1e-9);
                case "lizard" ->
                    assertThat(s.minLength()).as(s.id()).isGreaterThanOrEqualTo(ground ? 4 * body - 1e-9 : body);
                default -> assertThat(s.minLength()).as(s.id()).isPositive();
            }
        }
    }

    @ParameterizedTest(name = "{0}: {1} in {2}")
    @CsvSource({
        "animals, crotaphytus-collaris, night_min_c, 4, less than 3 K",
        "animals, crotaphytus-collaris, cool_air_max_c, 36, cool end over the warm end",
        "animals, crotaphytus-collaris, social, herd, is not known here",
        "animals, crotaphytus-collaris, min_length_cm, long, wrong type",
        "animals, crotaphytus-collaris, min_length_cm, '', is missing",
        "animals, crotaphytus-collaris, diet_shares, insect:0.5, adds up to",
        "animals, crotaphytus-collaris, burrower, 7, is not known here",
        "media, sand_play, theta_sat, 0.95, more water than pores",
        "media, sand_play, settling_factor, 0.8, too small",
        "mixes, tropical_airy, parts, unknown_stuff:2, unknown medium",
        "vessels, pvc-60x60x60, inner_width_cm, 61, not smaller than outside",
        "packs, sand_play-9l, item_id, gold, unknown item",
        "plants, fittonia-albivenis, temp_thrive_min_c, 30, below temp_thrive_min_c",
        "plants, fittonia-albivenis, dli_pref_mol_m2_d, 9, below dli_pref_mol_m2_d",
        "plants, fittonia-albivenis, height_12mo_cm, 13, below height_12mo_cm",
        "plants, fittonia-albivenis, growth_form, hedge, is not known here",
        "plants, fittonia-albivenis, toxicity_class, '', is missing",
        "plants, fittonia-albivenis, climb_strength, 4, too large",
        "plants, fittonia-albivenis, native_regions_wgsrpd, 7, has the wrong form",
        "crew, folsomia-candida, moist_pref_ffc, 1.4, below moist_pref_ffc",
        "crew, folsomia-candida, moist_min_ffc, '', missing",
        "crew, folsomia-candida, temp_survive_max_c, 23, below temp_thrive_max_c",
    })
    void refusesAWrongCellAndNamesIt(String file, String row, String column, String value, String what) {
        assertThatThrownBy(() -> CatalogueReader.read(withCell(file, row, column, value)))
                .isInstanceOfSatisfying(CatalogueException.class, e -> {
                    assertThat(e.problems()).anySatisfy(p -> {
                        assertThat(p.file()).isEqualTo(file + ".csv");
                        assertThat(p.what()).contains(what);
                        assertThat(p.line()).isGreaterThan(1);
                        assertThat(p.accepted()).isNotBlank();
                    });
                });
    }

    @Test
    void refusesAnUnknownColumnAndARowThatStandsTwice() {
        assertThatThrownBy(() -> CatalogueReader.read(name -> name.equals("packs")
                        ? CatalogueReader.resource(name).replaceFirst("note", "colour")
                        : CatalogueReader.resource(name)))
                .isInstanceOf(CatalogueException.class);
        assertThatThrownBy(() -> CatalogueReader.read(name -> {
                    String text = CatalogueReader.resource(name);
                    String[] lines = text.split("\n");
                    return name.equals("packs") ? text + lines[1] + "\n" : text;
                }))
                .isInstanceOf(CatalogueException.class)
                .hasMessageContaining("stands twice");
    }

    /** The shipped texts with one cell replaced; cells of the row are found by the header. */
    private static UnaryOperator<String> withCell(String file, String row, String column, String value) {
        return name -> {
            String text = CatalogueReader.resource(name);
            if (!name.equals(file)) {
                return text;
            }
            List<String> lines = new java.util.ArrayList<>(List.of(text.split("\n")));
            int index = cells(lines.get(0)).indexOf(column);
            for (int i = 1; i < lines.size(); i++) {
                List<String> cells = cells(lines.get(i));
                if (cells.get(0).equals(row)) {
                    cells.set(index, value);
                    lines.set(i, String.join(",", cells));
                }
            }
            return String.join("\n", lines) + "\n";
        };
    }

    /** Splits at commas outside quotes; keeps the quotes. */
    private static List<String> cells(String line) {
        return new java.util.ArrayList<>(List.of(line.split(",(?=(?:[^\"]*\"[^\"]*\")*[^\"]*$)", -1)));
    }
}
