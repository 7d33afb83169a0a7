package tanah.files.catalogue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.catalogue.Gear;
import tanah.core.catalogue.PriceBand;
import tanah.core.units.Unit;

/** Builds heaters, controls and water gear from rows. */
final class GearReader {
    private GearReader() {}

    static void check(Row row, List<CatalogueProblem> problems) {
        if (row.number("tank_min_l") > row.optional("tank_max_l").orElse(Double.MAX_VALUE)) {
            problems.add(row.problem("tank_min_l", "over tank_max_l", "at most " + row.number("tank_max_l")));
        }
        boolean pump = row.text("category").equals("pump");
        if (pump && !(row.has("max_flow_l_h") && row.has("max_head_cm"))) {
            problems.add(row.problem("max_head_cm", "a pump without its curve", "max_flow_l_h and max_head_cm"));
        }
        if (row.text("category").equals("water_heater") && !row.has("power_w")) {
            problems.add(row.problem("power_w", "a heater without power", "W"));
        }
    }

    static Gear gear(Row row, Map<String, PriceBand> bands) {
        return new Gear(
                row.text("item_id"),
                row.text("name"),
                row.text("category"),
                row.optional("power_w"),
                new Gear.Flow(
                        si(row, "max_flow_l_h", Unit.LITRE_PER_HOUR),
                        si(row, "max_head_cm", Unit.CENTIMETRE),
                        si(row, "media_volume_l", Unit.LITRE),
                        si(row, "inner_diameter_mm", Unit.MILLIMETRE),
                        row.optional("loss_coefficient_k"),
                        si(row, "roughness_mm", Unit.MILLIMETRE)),
                new Gear.Heat(
                        si(row, "width_cm", Unit.CENTIMETRE),
                        si(row, "length_cm", Unit.CENTIMETRE),
                        row.optional("max_surface_temp_c"),
                        row.optional("max_load_w"),
                        row.optional("hysteresis_c")),
                Optional.ofNullable(bands.get(row.text("price_band"))),
                Optional.of(row.text("note")).filter(n -> !n.isEmpty()),
                row.text("provenance"));
    }

    private static OptionalDouble si(Row row, String column, Unit unit) {
        OptionalDouble value = row.optional(column);
        return value.isPresent() ? OptionalDouble.of(unit.toSi(value.getAsDouble())) : value;
    }
}
