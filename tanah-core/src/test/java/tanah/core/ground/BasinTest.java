package tanah.core.ground;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import tanah.core.design.Dam;
import tanah.core.design.Design;
import tanah.core.design.Layer;
import tanah.core.design.Surface;
import tanah.core.design.WaterPart;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.testing.TestDesigns;

/** Where water may stand: a wall that seals keeps it on the side without dry soil, also where the plan names no side. */
class BasinTest {
    private static final ConvexPolygon LAND = ConvexPolygon.rectangle(0, 0, 0.4, 0.5);
    private static final ConvexPolygon POOL = ConvexPolygon.rectangle(0.41, 0, 1, 0.5);

    private static Layer on(ConvexPolygon where, Layer layer, boolean aquatic) {
        return layer.withRegion(Optional.of(new Layer.Region(where, true)))
                .withOptions(layer.options().withAquatic(Optional.of(aquatic)));
    }

    private static Design plan(boolean sealed, Layer... layers) {
        Dam wall = new Dam(
                "wall",
                "glass",
                new Layer.Region(ConvexPolygon.rectangle(0.4, 0, 0.41, 0.5), true),
                0.3,
                Optional.of(sealed),
                OptionalDouble.empty());
        Design box = TestDesigns.box(1, 0.5, 0.5, layers);
        return box.withGround(box.ground().withDams(List.of(wall))).withWater(Optional.of(WaterPart.upTo(0.15)));
    }

    private static final Layer SOIL = on(LAND, TestDesigns.soil("arid_burrow_clay_sand", 0.2), false);
    private static final Layer GRAVEL = on(
            POOL,
            TestDesigns.layer("gravel", Layer.Kind.SUBSTRATE, "pea_gravel_4_8", new Surface.Thickness(0.05)),
            true);

    private static WaterVolumes water(Design design) {
        return TestDesigns.ground(design).water().orElseThrow();
    }

    @Test
    void aSealedWallKeepsTheWaterOutOfTheSoilWithoutBeingTold() {
        WaterVolumes derived = water(plan(true, SOIL, GRAVEL));
        Design told = plan(true, SOIL, GRAVEL);
        WaterVolumes asked =
                water(told.withWater(told.water().map(w -> w.withSide(Optional.of(new Layer.Region(POOL, true))))));
        assertThat(derived.free()).isCloseTo(POOL.area() * 0.10, within(1e-9));
        assertThat(derived.pore()).isCloseTo(asked.pore(), within(1e-9));
        assertThat(derived.free()).isCloseTo(asked.free(), within(1e-9));
    }

    @Test
    void aWallThatDoesNotSealLetsWaterIntoTheSoil() {
        assertThat(water(plan(false, SOIL, GRAVEL)).pore())
                .isGreaterThan(water(plan(true, SOIL, GRAVEL)).pore() + 0.004);
    }

    @Test
    void withSoilOnBothSidesWaterStandsEverywhere() {
        Layer all = TestDesigns.soil("arid_burrow_clay_sand", 0.1);
        WaterVolumes both = water(plan(true, all));
        assertThat(both.side()).isEqualTo(Basin.EVERYWHERE);
    }

    @Test
    void gravelUnderWaterIsNoDryLand() {
        Layer left = on(
                LAND, TestDesigns.layer("sand", Layer.Kind.SUBSTRATE, "sand_play", new Surface.Thickness(0.05)), true);
        WaterVolumes w = water(plan(true, left, GRAVEL));
        assertThat(w.free()).isCloseTo((LAND.area() + POOL.area()) * 0.10, within(1e-9));
    }
}
