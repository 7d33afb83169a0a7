package tanah.core.structure;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.aggregator.AggregateWith;
import org.junit.jupiter.params.provider.CsvFileSource;
import tanah.core.testing.CheckRow;

/** Panes, stacks, anchors, walls and beads against published tables and closed forms named in each row. */
class StructureChecksTest {
    private static final double GLASS = 70e9;
    private static final double CM = 0.01;

    @ParameterizedTest(name = "{0} {1}")
    @CsvFileSource(
            resources = {"/checks/plates.csv", "/checks/structure.csv"},
            numLinesToSkip = 1)
    void agreesWithTheTables(String id, String quantity, @AggregateWith(CheckRow.Reader.class) CheckRow row) {
        row.holds(compute(row));
    }

    private static double compute(CheckRow r) {
        return switch (r.quantity()) {
            case "beta_uniform_4_supported" ->
                held(r.number("long_over_short"), false).stress() * T * T;
            case "alpha_uniform_4_supported" ->
                held(r.number("long_over_short"), false).deflection() * T * T * T;
            case "beta_triangular_4_supported" ->
                held(r.number("width_over_height"), true).stress() * T * T;
            case "alpha_triangular_4_supported" ->
                held(r.number("width_over_height"), true).deflection() * T * T * T;
            case "w_coefficient_3_supported" -> free(r).deflection() * T * T * T / (12 * (1 - 0.3 * 0.3));
            case "M_coefficient_3_supported" -> free(r).stress() * T * T / 6;
            case "sigma_mpa" -> pane(r).stress() / 1e6;
            case "deflection_mm" -> pane(r).deflection() * 1000;
            case "concentrated_sigma_mpa" ->
                new BasePlate(r.number("long_m"), r.number("short_m"), r.number("t_m"), GLASS, r.number("nu"))
                                .pointStress(r.number("load_n"), Math.PI * r.number("r0_m") * r.number("r0_m"))
                        / 1e6;
            case "glass_mass_kg" -> {
                double t = 0.008;
                yield 2500 * (0.9 * 0.45 * 0.6 - (0.9 - 2 * t) * (0.45 - 2 * t) * (0.6 - t));
            }
            case "Ka" -> RetainingWall.active(Math.toRadians(r.number("phi_deg")));
            case "wall_b_min_m" ->
                new RetainingWall(
                                r.number("h_m"),
                                r.number("rho_soil"),
                                Math.toRadians(r.number("phi_deg")),
                                r.number("rho_wall"),
                                r.number("void"),
                                0)
                        .leastThickness();
            case "anchor_kg" -> Buoyancy.anchor(r.number("submerged_l") / 1000, r.number("mass_kg"));
            case "stack_e_base_cm", "stack_e_joint1_cm" ->
                new Stack(blocks(r), 0, false).joint((int) r.number("joint")).edge() / CM;
            case "silicone_ml" ->
                1e6 * Adhesives.silicone(bead(r), r.number("leg_mm") / 1000, r.number("length_cm") * CM);
            default -> throw new IllegalArgumentException(r.quantity());
        };
    }

    private static final double T = 0.01;

    /** Unit pressure and unit modulus on a plate one metre high, so that the results are the coefficients. */
    private static PanePlate.Result held(double ratio, boolean triangular) {
        return new PanePlate(ratio, 1, T, true, 1, 0.3).under(new PanePlate.Load(1, triangular ? 0 : 1, 1));
    }

    private static PanePlate.Result free(CheckRow r) {
        double height = r.number("height_over_width");
        return new PanePlate(1, height, T, false, 1, r.number("nu")).under(new PanePlate.Load(1, 1, height));
    }

    private static PanePlate.Result pane(CheckRow r) {
        double water = r.number("water_m");
        return new PanePlate(
                        r.number("width_m"),
                        r.number("height_m"),
                        r.number("t_m"),
                        r.says("top", "supported"),
                        GLASS,
                        r.number("nu"))
                .under(new PanePlate.Load(1000 * 9.80665 * water, 0, water));
    }

    private static Adhesives.Bead bead(CheckRow r) {
        return r.says("kind", "triangle")
                ? Adhesives.Bead.TRIANGLE
                : r.says("kind", "concave") ? Adhesives.Bead.CONCAVE : Adhesives.Bead.JOINT;
    }

    private static List<Stack.Block> blocks(CheckRow r) {
        List<Stack.Block> blocks = new ArrayList<>();
        Matcher m = Pattern.compile("\\{\"x_cm\":[^}]*}").matcher(r.inputs());
        while (m.find()) {
            CheckRow b = new CheckRow("", m.group(), 0, null, null, "");
            blocks.add(new Stack.Block(
                    b.number("x_cm") * CM,
                    b.number("y_cm") * CM,
                    b.number("l_cm") * CM,
                    b.number("w_cm") * CM,
                    b.number("h_cm") * CM,
                    b.number("mass_kg")));
        }
        return blocks;
    }
}
