package tanah.files.catalogue;

import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import tanah.core.catalogue.CrewModel;
import tanah.core.catalogue.PlantModel;
import tanah.core.catalogue.PriceBand;
import tanah.core.catalogue.Range;
import tanah.core.crew.CrewKind;
import tanah.core.plant.GrowthForm;
import tanah.core.plant.Plant;
import tanah.core.plant.Position;
import tanah.core.plant.RootHabit;
import tanah.core.units.Unit;

/** Builds plants and crew from rows. */
final class LivingReader {
    private static final double MICRO = 1e-6; // mol of a µmol, kg of a mg
    private static final double PERCENT = 0.01;

    private LivingReader() {}

    static void plant(Row row, List<CatalogueProblem> problems) {
        ordered(row, problems, "dli_min_mol_m2_d", "dli_pref_mol_m2_d", "dli_max_mol_m2_d");
        ordered(row, problems, "rh_min_pct", "rh_pref_pct", "rh_max_pct");
        ordered(row, problems, "moist_min_ffc", "moist_pref_ffc", "moist_max_ffc");
        warmth(row, problems);
        ordered(row, problems, "ph_min", "ph_max");
        ordered(row, problems, "height_start_cm", "height_12mo_cm", "height_mature_cm");
        ordered(row, problems, "spread_start_cm", "spread_12mo_cm", "spread_mature_cm");
    }

    static void crew(Row row, List<CatalogueProblem> problems) {
        warmth(row, problems);
        ordered(row, problems, "rh_min_pct", "rh_pref_pct");
        ordered(row, problems, "moist_min_ffc", "moist_pref_ffc", "moist_max_ffc");
        if (!isInWater(row)) {
            for (String column : List.of("moist_min_ffc", "moist_pref_ffc", "moist_max_ffc")) {
                if (!row.has(column)) {
                    problems.add(row.problem(column, "missing", "a number for what lives on land"));
                }
            }
        }
    }

    private static void warmth(Row row, List<CatalogueProblem> problems) {
        ordered(row, problems, "temp_survive_min_c", "temp_thrive_min_c", "temp_thrive_max_c", "temp_survive_max_c");
    }

    /** Each at most as great as the next. */
    private static void ordered(Row row, List<CatalogueProblem> problems, String... columns) {
        for (int i = 1; i < columns.length; i++) {
            boolean both = row.has(columns[i - 1]) && row.has(columns[i]);
            if (both && row.number(columns[i - 1]) > row.number(columns[i])) {
                problems.add(
                        row.problem(columns[i], "below " + columns[i - 1], "at least " + row.text(columns[i - 1])));
            }
        }
    }

    static PlantModel plantOf(Row row, Map<String, PriceBand> bands) {
        return new PlantModel(
                needs(row),
                word(GrowthForm.class, row, "growth_form"),
                new PlantModel.Names(
                        row.text("common_name"), row.text("family"), row.text("group"), row.list("synonyms")),
                new PlantModel.Pots(
                        (int) row.number("pieces_per_pot"),
                        row.number("density_per_m2"),
                        row.text("density_basis"),
                        Optional.ofNullable(bands.get(row.text("price_band")))),
                new PlantModel.Cover((int) row.number("shade_cover"), (int) row.number("low_hide")),
                new PlantModel.Hazards(
                        said(row, "toxin"),
                        said(row, "toxic_part"),
                        (int) row.number("sap_hazard"),
                        said(row, "sap_note"),
                        (int) row.number("invasive_caution"),
                        said(row, "invasive_note")),
                new PlantModel.Handling(
                        row.list("propagation"),
                        row.number("acclim_submersed_weeks"),
                        row.text("wash_note"),
                        said(row, "note")),
                row.text("confidence"));
    }

    private static Plant needs(Row row) {
        return new Plant(
                row.text("id"),
                row.text("scientific_name"),
                size(row, "height"),
                size(row, "spread"),
                new Plant.Acclimation(row.number("acclim_nursery_weeks"), row.number("acclim_cover_loss_frac")),
                word(GrowthForm.class, row, "growth_form").isPrunable(),
                row.text("moisture_class").equals("aquatic"),
                positions(row),
                new Plant.Roots(
                        word(RootHabit.class, row, "root_habit"),
                        row.flag("roots_on_moss"),
                        metres(row, "soil_depth_min_cm")),
                new Plant.Light(range(row, "dli", "mol_m2_d", 1), MICRO * row.number("ppfd_max_umol_m2_s")),
                new Plant.Warmth(
                        row.number("temp_survive_min_c"),
                        row.number("temp_thrive_min_c"),
                        row.number("temp_thrive_max_c"),
                        row.number("temp_survive_max_c"),
                        row.number("night_drop_need_k"),
                        word(Plant.WinterRest.class, row, "winter_rest")),
                range(row, "rh", "pct", PERCENT),
                range(row, "moist", "ffc", 1),
                new Plant.Wet(
                        row.number("dry_tolerance_d"),
                        (int) row.number("drip_tolerance"),
                        (int) row.number("flood_tolerance"),
                        metres(row, "flood_depth_max_cm"),
                        row.number("leaf_wet_max_h"),
                        (int) row.number("airflow_need")),
                new Plant.Ground(
                        row.number("ph_min"),
                        row.number("ph_max"),
                        row.text("lime").equals("avoids")),
                new Plant.Touch(
                        (int) row.number("trample_strength"),
                        (int) row.number("climb_strength"),
                        word(Plant.Toxicity.class, row, "toxicity_class"),
                        (int) row.number("spine_hazard")),
                Set.copyOf(row.list("native_regions_wgsrpd")));
    }

    private static Set<Position> positions(Row row) {
        Set<Position> all = EnumSet.noneOf(Position.class);
        row.list("positions").forEach(p -> all.add(Position.valueOf(p.toUpperCase(Locale.ROOT))));
        return all;
    }

    static CrewModel crewOf(Row row) {
        return new CrewModel(
                kind(row),
                new CrewModel.Names(row.text("scientific_name"), row.text("common_name"), row.text("type")),
                Unit.MILLIMETRE.toSi(row.number("size_mm")),
                row.has("rh_min_pct") && row.has("rh_pref_pct")
                        ? Optional.of(
                                new Range(PERCENT * row.number("rh_min_pct"), PERCENT * row.number("rh_pref_pct")))
                        : Optional.empty(),
                new CrewModel.Refuge(row.flag("humid_refuge_need"), row.flag("dry_refuge_need")),
                new CrewModel.Start(
                        row.number("start_light_per_m2"),
                        row.number("start_normal_per_m2"),
                        row.number("start_heavy_per_m2")),
                row.text("zone"),
                row.text("escape_note"),
                Unit.MILLIMETRE.toSi(row.number("eaten_from_animal_length_mm")),
                row.list("fails_in_tags"),
                row.text("self_sustaining_conditions"),
                new CrewModel.Law((int) row.number("legal_invasive_caution"), said(row, "legal_invasive_note")),
                said(row, "note"),
                row.text("confidence"));
    }

    private static CrewKind kind(Row row) {
        return new CrewKind(
                row.text("id"),
                isInWater(row),
                MICRO * row.number("dry_mass_mg"),
                row.number("temp_survive_min_c"),
                row.number("temp_thrive_min_c"),
                row.number("temp_thrive_max_c"),
                row.number("temp_survive_max_c"),
                new CrewKind.Moisture(
                        row.number("moist_min_ffc"), row.number("moist_pref_ffc"), row.number("moist_max_ffc")),
                row.number("doubling_time_24c_d"),
                row.number("q10"),
                MICRO * row.number("litter_mg_dry_per_ind_d"),
                MICRO * row.number("waste_mg_dry_per_ind_d"),
                (int) row.number("protein_hunger"),
                row.number("capacity_per_m2"));
    }

    private static boolean isInWater(Row row) {
        return row.text("medium").equals("water");
    }

    private static Optional<String> said(Row row, String column) {
        return Optional.of(row.text(column)).filter(t -> !t.isEmpty());
    }

    private static <T extends Enum<T>> T word(Class<T> type, Row row, String column) {
        return Enum.valueOf(type, row.text(column).toUpperCase(Locale.ROOT));
    }

    private static Plant.Size size(Row row, String what) {
        return new Plant.Size(
                metres(row, what + "_start_cm"), metres(row, what + "_12mo_cm"), metres(row, what + "_mature_cm"));
    }

    private static Plant.Range range(Row row, String what, String unit, double times) {
        return new Plant.Range(
                times * row.number(what + "_min_" + unit),
                times * row.number(what + "_pref_" + unit),
                times * row.number(what + "_max_" + unit));
    }

    private static double metres(Row row, String column) {
        return Unit.CENTIMETRE.toSi(row.number(column));
    }
}
