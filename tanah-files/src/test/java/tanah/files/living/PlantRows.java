package tanah.files.living;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import tanah.core.plant.Plant;
import tanah.core.plant.Position;
import tanah.core.plant.RootHabit;
import tanah.core.units.Unit;

/** Plants of the check tables, which keep their values when the catalogue's are corrected. */
final class PlantRows {
    private static final Set<String> PRUNABLE = Set.of("climber", "creeper", "trailer", "shrub", "aquatic_stem");
    private static final double MICRO = 1e-6;

    private PlantRows() {}

    static List<CSVRecord> table(String name) {
        try (Reader in = new InputStreamReader(
                Objects.requireNonNull(PlantRows.class.getResourceAsStream("/living/" + name)),
                StandardCharsets.UTF_8)) {
            return CSVFormat.DEFAULT
                    .builder()
                    .setHeader()
                    .setSkipHeaderRecord(true)
                    .get()
                    .parse(in)
                    .getRecords();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static Map<String, Plant> plants() {
        return table("plants_fixture.csv").stream()
                .map(PlantRows::plant)
                .collect(Collectors.toMap(Plant::id, Function.identity()));
    }

    private static double number(CSVRecord row, String column) {
        return Double.parseDouble(row.get(column));
    }

    private static double metres(CSVRecord row, String column) {
        return row.get(column).isEmpty() ? 0 : Unit.CENTIMETRE.toSi(number(row, column));
    }

    private static <T extends Enum<T>> T word(Class<T> type, String text) {
        return Enum.valueOf(type, text.toUpperCase(Locale.ROOT));
    }

    private static Plant.Range range(CSVRecord row, String what, String unit, double times) {
        return new Plant.Range(
                times * number(row, what + "_min_" + unit),
                times * number(row, what + "_pref_" + unit),
                times * number(row, what + "_max_" + unit));
    }

    private static Plant.Size size(CSVRecord row, String what) {
        return new Plant.Size(
                metres(row, what + "_start_cm"), metres(row, what + "_12mo_cm"), metres(row, what + "_mature_cm"));
    }

    private static Plant plant(CSVRecord row) {
        return new Plant(
                row.get("id"),
                row.get("scientific_name"),
                size(row, "height"),
                size(row, "spread"),
                new Plant.Acclimation(number(row, "acclim_nursery_weeks"), number(row, "acclim_cover_loss_frac")),
                PRUNABLE.contains(row.get("growth_form")),
                row.get("moisture_class").equals("aquatic"),
                Arrays.stream(row.get("positions").split(";"))
                        .map(p -> word(Position.class, p))
                        .collect(Collectors.toSet()),
                new Plant.Roots(
                        word(RootHabit.class, row.get("root_habit")),
                        row.get("roots_on_moss").equals("1"),
                        metres(row, "soil_depth_min_cm")),
                new Plant.Light(range(row, "dli", "mol_m2_d", 1), MICRO * number(row, "ppfd_max_umol_m2_s")),
                new Plant.Warmth(
                        number(row, "temp_survive_min_c"),
                        number(row, "temp_thrive_min_c"),
                        number(row, "temp_thrive_max_c"),
                        number(row, "temp_survive_max_c"),
                        number(row, "night_drop_need_k"),
                        word(Plant.WinterRest.class, row.get("winter_rest"))),
                range(row, "rh", "pct", 0.01),
                range(row, "moist", "ffc", 1),
                new Plant.Wet(
                        number(row, "dry_tolerance_d"),
                        (int) number(row, "drip_tolerance"),
                        (int) number(row, "flood_tolerance"),
                        metres(row, "flood_depth_max_cm"),
                        number(row, "leaf_wet_max_h"),
                        (int) number(row, "airflow_need")),
                new Plant.Ground(
                        number(row, "ph_min"),
                        number(row, "ph_max"),
                        row.get("lime").equals("avoids")),
                new Plant.Touch(
                        (int) number(row, "trample_strength"),
                        (int) number(row, "climb_strength"),
                        word(Plant.Toxicity.class, row.get("toxicity_class")),
                        (int) number(row, "spine_hazard")),
                Set.of(row.get("native_regions_wgsrpd").split(";")));
    }
}
