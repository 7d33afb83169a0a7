package tanah.files.catalogue;

import java.util.List;
import java.util.Locale;
import tanah.core.catalogue.Medium;
import tanah.core.catalogue.Mix;
import tanah.core.catalogue.Pack;
import tanah.core.catalogue.Range;
import tanah.core.units.Unit;

/** Builds media, mixes and packs from rows and checks what a schema cannot say. */
final class GroundReader {
    /** Water held may exceed the pores computed from densities by this much: both are rounded. */
    private static final double PORE_TOLERANCE = 0.012;

    private GroundReader() {}

    static void check(Row row, List<CatalogueProblem> problems) {
        double wilting = row.number("wilting_point");
        double field = row.number("field_capacity");
        double full = row.number("theta_sat");
        if (!(wilting <= field && field <= full)) {
            problems.add(row.problem("field_capacity", "out of order", "wilting_point to theta_sat"));
        }
        if (row.number("void_fraction") > full) {
            problems.add(row.problem("void_fraction", "over theta_sat", "at most " + full));
        }
        if (row.number("ph_low") > row.number("ph_high")) {
            problems.add(row.problem("ph_low", "over ph_high", "at most " + row.number("ph_high")));
        }
        if (row.number("price_low_per_l") > row.number("price_high_per_l")) {
            problems.add(row.problem("price_low_per_l", "over price_high_per_l", "at most the high price"));
        }
        double pores = 1 - row.number("bulk_density_dry_kg_per_l") / row.number("solid_density_kg_per_l");
        if (full > pores + PORE_TOLERANCE) {
            problems.add(row.problem("theta_sat", "more water than pores", "at most %.3f".formatted(pores)));
        }
        if (row.number("sand_frac") + row.number("clay_frac") > 1.0001) {
            problems.add(row.problem("sand_frac", "sand and clay over 1", "at most 1 together"));
        }
    }

    static Medium medium(Row row) {
        return new Medium(
                row.text("id"),
                row.text("name"),
                row.text("class"),
                Medium.Grain.valueOf(row.text("grain").toUpperCase(Locale.ROOT)),
                Unit.MILLIMETRE.toSi(row.number("d50_mm")),
                row.number("bulk_density_dry_kg_per_l") * 1000,
                row.number("solid_density_kg_per_l") * 1000,
                new Medium.WaterHolding(
                        row.number("theta_sat"),
                        row.number("void_fraction"),
                        row.number("field_capacity"),
                        Unit.CENTIMETRE.toSi(row.number("fc_suction_cm")),
                        row.number("wilting_point"),
                        Unit.CENTIMETRE.toSi(row.number("air_entry_cm")),
                        Unit.CENTIMETRE.toSi(row.number("capillary_rise_cm"))),
                row.number("settling_factor"),
                new Medium.Texture(row.number("sand_frac"), row.number("clay_frac"), row.number("organic_frac")),
                row.text("cohesion_class"),
                Math.toRadians(row.number("repose_deg")),
                new Range(row.number("ph_low"), row.number("ph_high")),
                row.flag("fertiliser"),
                row.flag("lime"),
                row.flag("salt"),
                row.list("flags"),
                new Range(row.number("price_low_per_l"), row.number("price_high_per_l")),
                new Medium.Sources(
                        row.text("provenance_density"), row.text("provenance_water"), row.text("provenance_other")));
    }

    static Mix mix(Row row) {
        return new Mix(
                row.text("id"),
                row.text("name"),
                row.parts("parts"),
                row.text("use"),
                row.text("moisture_zone"),
                Unit.CENTIMETRE.toSi(row.number("usual_depth_cm")),
                row.text("notes"),
                row.text("provenance"));
    }

    static Pack pack(Row row) {
        String unit = row.text("size_unit");
        double size = row.number("size_value");
        return new Pack(
                row.text("pack_id"),
                row.text("item_id"),
                unit.equals("l") ? Unit.LITRE.toSi(size) : size,
                unit,
                (long) row.number("price_ref_minor"),
                row.text("provenance"),
                row.text("note"));
    }
}
