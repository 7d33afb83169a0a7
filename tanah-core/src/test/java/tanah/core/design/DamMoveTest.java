package tanah.core.design;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import tanah.core.geometry.ConvexPolygon;

/** A wall that turns a corner: what lies against a face follows it, what only ends in the same line stays. */
class DamMoveTest {
    private static final double WIDTH = 0.44;

    @Test
    void soilAndTheOtherWallFollowTheFaceTheyLieAgainst() {
        Design moved = DamMove.to(bent(), "along", Surface.Axis.X, 0.40, 0.43);
        assertThat(left(moved, "soil")).isEqualTo(0.43);
        assertThat(wall(moved, "across", Surface.Axis.X, false)).isEqualTo(0.43);
        assertThat(right(moved, "sand")).isEqualTo(0.40);
    }

    @Test
    void aShorterWallLeavesTheBottomOfTheWaterWhereItIs() {
        Design moved = DamMove.to(bent(), "along", Surface.Axis.Y, 0, 0.25);
        assertThat(wall(moved, "along", Surface.Axis.Y, true)).isEqualTo(0.25);
        assertThat(DamMove.edge(region(moved, "sand"), Surface.Axis.Y, true)).isEqualTo(WIDTH);
    }

    @Test
    void theBackOfTheSoilFollowsTheWallBehindIt() {
        Design moved = DamMove.to(bent(), "across", Surface.Axis.Y, 0.20, 0.23);
        assertThat(DamMove.edge(region(moved, "soil"), Surface.Axis.Y, true)).isEqualTo(0.20);
        assertThat(DamMove.edge(region(moved, "sand"), Surface.Axis.Y, true)).isEqualTo(WIDTH);
    }

    /** Sand at the left over the whole depth, soil at the front right behind a wall in two pieces. */
    private static Design bent() {
        List<Layer> layers = List.of(layer("sand", 0, 0, 0.50, WIDTH), layer("soil", 0.53, 0, 0.89, 0.27));
        List<Dam> dams = List.of(dam("along", 0.50, 0, 0.53, 0.30), dam("across", 0.53, 0.27, 0.89, 0.30));
        return Design.named("bent").withGround(new Ground(layers, dams));
    }

    private static Layer layer(String id, double x0, double y0, double x1, double y1) {
        return new Layer(
                id,
                Layer.Kind.SUBSTRATE,
                Optional.of(new Recipe.Named("sand_play")),
                Optional.of(new Layer.Region(ConvexPolygon.rectangle(x0, y0, x1, y1), true)),
                new Surface.Thickness(0.05),
                Layer.Options.NONE,
                OtherFields.NONE);
    }

    private static Dam dam(String id, double x0, double y0, double x1, double y1) {
        return new Dam(
                id,
                "foam",
                new Layer.Region(ConvexPolygon.rectangle(x0, y0, x1, y1), true),
                0.2,
                Optional.of(true),
                OptionalDouble.empty());
    }

    private static ConvexPolygon region(Design design, String layer) {
        return design.ground().layer(layer).orElseThrow().region().orElseThrow().outline();
    }

    private static double left(Design design, String layer) {
        return DamMove.edge(region(design, layer), false);
    }

    private static double right(Design design, String layer) {
        return DamMove.edge(region(design, layer), true);
    }

    private static double wall(Design design, String id, Surface.Axis axis, boolean far) {
        Dam dam = design.ground().dams().stream()
                .filter(d -> d.id().equals(id))
                .findFirst()
                .orElseThrow();
        return DamMove.edge(dam.region().outline(), axis, far);
    }
}
