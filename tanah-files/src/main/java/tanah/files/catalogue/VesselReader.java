package tanah.files.catalogue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import tanah.core.catalogue.Medium;
import tanah.core.catalogue.PriceBand;
import tanah.core.catalogue.Range;
import tanah.core.catalogue.VesselModel;
import tanah.core.units.Unit;

/** Builds vessels from rows and checks what a schema cannot say. */
final class VesselReader {
    private static final double ROUNDING = 0.02; // share by which a printed capacity may differ from the measures

    private VesselReader() {}

    static void check(Row row, List<CatalogueProblem> problems) {
        for (String axis : List.of("width", "depth", "height")) {
            if (row.number("inner_" + axis + "_cm") >= row.number("outer_" + axis + "_cm")) {
                problems.add(row.problem(
                        "inner_" + axis + "_cm", "not smaller than outside", "less than the outer " + axis));
            }
        }
        double mass = row.number("empty_mass_kg");
        if (mass < row.number("empty_mass_low_kg") || mass > row.number("empty_mass_high_kg")) {
            problems.add(row.problem("empty_mass_kg", "outside its own band", "between low and high"));
        }
        double height = row.number("inner_height_cm");
        for (String column : List.of("front_dam_height_cm", "waterproof_depth_cm")) {
            if (row.has(column) && row.number(column) > height) {
                problems.add(row.problem(column, "over the inner height", "at most " + height));
            }
        }
        if (row.text("shape").equals("box") && row.has("true_capacity_l")) {
            double inside = row.number("inner_width_cm") * row.number("inner_depth_cm") * height / 1000;
            if (Math.abs(row.number("true_capacity_l") / inside - 1) > ROUNDING) {
                problems.add(row.problem(
                        "true_capacity_l", "differs from the inner measures", "about %.1f".formatted(inside)));
            }
        }
    }

    static VesselModel vessel(Row row, Map<String, PriceBand> bands) {
        return new VesselModel(
                row.text("vessel_id"),
                row.text("name"),
                row.text("shape"),
                row.text("opening"),
                row.text("material"),
                cm(row, "outer_width_cm"),
                cm(row, "outer_depth_cm"),
                cm(row, "outer_height_cm"),
                Unit.MILLIMETRE.toSi(row.number("pane_mm")),
                Unit.MILLIMETRE.toSi(row.number("base_mm")),
                cm(row, "inner_width_cm"),
                cm(row, "inner_depth_cm"),
                cm(row, "inner_height_cm"),
                Unit.LITRE.toSi(row.number("nominal_capacity_l")),
                row.text("holds_water"),
                optionalCm(row, "front_dam_height_cm"),
                optionalCm(row, "waterproof_depth_cm"),
                row.text("lid_type"),
                row.number("lid_mesh_share"),
                row.number("empty_mass_kg"),
                new Range(row.number("empty_mass_low_kg"), row.number("empty_mass_high_kg")),
                row.text("glass_temper"),
                Optional.ofNullable(bands.get(row.text("price_band"))),
                row.text("note"),
                new Medium.Sources(
                        row.text("dims_provenance"), row.text("capacity_provenance"), row.text("mass_provenance")));
    }

    private static double cm(Row row, String column) {
        return Unit.CENTIMETRE.toSi(row.number(column));
    }

    private static java.util.OptionalDouble optionalCm(Row row, String column) {
        return row.has(column) ? java.util.OptionalDouble.of(cm(row, column)) : java.util.OptionalDouble.empty();
    }
}
