package tanah.files.catalogue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.catalogue.LampModel;
import tanah.core.catalogue.MeshModel;
import tanah.core.catalogue.MistGear;
import tanah.core.catalogue.PriceBand;
import tanah.core.units.Unit;

/** Builds lamps, moisture gear and meshes from rows. */
final class AirReader {
    private static final double MICRO = 1e-6;
    private static final double PER_MINUTE = 1e-6 / 60; // m³/s of a millilitre a minute
    private static final double WHOLE = 1.02; // shares may be rounded

    private AirReader() {}

    static void lamp(Row row, List<CatalogueProblem> problems) {
        double all = row.number("share_uv")
                + row.number("share_visible")
                + row.number("share_ira")
                + row.number("share_irb")
                + row.number("share_irc")
                + row.number("share_convective");
        if (all > WHOLE) {
            problems.add(row.problem("share_convective", "shares sum to " + all, "at most 1 with the others"));
        }
        if (row.has("uvi_ref") && !row.has("uvi_ref_distance_cm")) {
            problems.add(row.problem("uvi_ref_distance_cm", "a UV index without its distance", "cm"));
        }
        if (row.number("uvi_ref_low") > row.number("uvi_ref")
                || row.number("uvi_ref") > row.optional("uvi_ref_high").orElse(Double.MAX_VALUE)) {
            problems.add(row.problem("uvi_ref", "outside its own band", "uvi_ref_low to uvi_ref_high"));
        }
    }

    static void mesh(Row row, List<CatalogueProblem> problems) {
        if (row.text("category").equals("mesh") && !(row.has("open_area_share") && row.has("mesh_hole_mm"))) {
            problems.add(
                    row.problem("open_area_share", "a mesh without its opening", "mesh_hole_mm and open_area_share"));
        }
    }

    static LampModel lampOf(Row row, Map<String, PriceBand> bands) {
        Optional<LampModel.Uv> uv = row.number("uvi_ref") > 0
                ? Optional.of(new LampModel.Uv(
                        row.number("uvi_ref"),
                        row.optional("uvi_ref_low").orElse(row.number("uvi_ref")),
                        row.optional("uvi_ref_high").orElse(row.number("uvi_ref")),
                        Unit.CENTIMETRE.toSi(row.number("uvi_ref_distance_cm")),
                        row.text("uvi_ref_fixture")))
                : Optional.empty();
        return new LampModel(
                row.text("lamp_id"),
                row.text("name"),
                row.text("category"),
                row.text("role"),
                row.number("power_w"),
                row.optional("system_power_w").orElse(row.number("power_w")),
                new LampModel.Body(
                        si(row, "lit_length_cm", Unit.CENTIMETRE),
                        si(row, "emitter_width_cm", Unit.CENTIMETRE),
                        si(row, "emitter_height_cm", Unit.CENTIMETRE),
                        si(row, "beam_angle_deg", Unit.DEGREE)),
                new LampModel.Shares(
                        row.number("share_uv"),
                        row.number("share_visible"),
                        row.number("share_ira"),
                        row.number("share_irb"),
                        row.number("share_irc"),
                        row.number("share_convective")),
                new LampModel.Light(times(row.optional("ppf_umol_s"), MICRO), row.optional("luminous_flux_lm")),
                uv,
                new LampModel.Distances(
                        si(row, "min_distance_animal_cm", Unit.CENTIMETRE),
                        si(row, "min_distance_plant_cm", Unit.CENTIMETRE),
                        si(row, "min_distance_combustible_cm", Unit.CENTIMETRE)),
                row.optional("useful_life_months"),
                row.text("dimmable").equals("yes"),
                row.text("control"),
                Optional.ofNullable(bands.get(row.text("price_band"))),
                Optional.of(row.text("note")).filter(n -> !n.isEmpty()),
                row.text("spectrum_provenance"));
    }

    static MistGear mistOf(Row row, Map<String, PriceBand> bands) {
        return new MistGear(
                row.text("item_id"),
                row.text("name"),
                row.text("category"),
                row.optional("power_w"),
                times(row.optional("flow_ml_min"), PER_MINUTE),
                row.optional("max_nozzles"),
                si(row, "tank_l", Unit.LITRE),
                si(row, "spread_angle_deg", Unit.DEGREE),
                si(row, "throw_cm", Unit.CENTIMETRE),
                Optional.ofNullable(bands.get(row.text("price_band"))),
                Optional.of(row.text("note")).filter(n -> !n.isEmpty()),
                row.text("provenance"));
    }

    static MeshModel meshOf(Row row) {
        double open = row.number("open_area_share");
        return new MeshModel(
                row.text("item_id"),
                row.text("name"),
                Unit.MILLIMETRE.toSi(row.number("mesh_hole_mm")),
                open,
                row.optional("uvb_transmission_share").orElse(open),
                row.text("provenance"));
    }

    private static OptionalDouble times(OptionalDouble value, double by) {
        return value.isPresent() ? OptionalDouble.of(value.getAsDouble() * by) : value;
    }

    private static OptionalDouble si(Row row, String column, Unit unit) {
        OptionalDouble value = row.optional(column);
        return value.isPresent() ? OptionalDouble.of(unit.toSi(value.getAsDouble())) : value;
    }
}
