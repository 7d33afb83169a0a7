package tanah.core.ground;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tanah.core.design.Surface;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.geometry.Point;

/** Laws that hold for any ground, tried on drawn ones. */
class TerrainPropertiesTest {
    private static final ConvexPolygon FLOOR = ConvexPolygon.rectangle(0, 0, 0.9, 0.45);
    private static final double HEIGHT = 0.6;

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void layersWaterAndAirFillTheBox(long seed) {
        Random random = new Random(seed);
        Terrain terrain = drawn(random, 5);
        double level = 0.4 * random.nextDouble();
        double bulk = 0;
        double area = 0;
        double free = 0;
        double air = 0;
        for (Cell cell : terrain.cells()) {
            area += cell.plan().area();
            for (Slab slab : cell.slabs()) {
                bulk += cell.plan().integral(slab.depth());
            }
            double room = cell.plan().roomBelow(cell.top(), HEIGHT);
            free += cell.plan().roomBelow(cell.top(), level);
            air += room - cell.plan().roomBelow(cell.top(), level);
        }
        assertThat(area).isCloseTo(FLOOR.area(), within(1e-9));
        assertThat(bulk + free + air).isCloseTo(FLOOR.area() * HEIGHT, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(longs = {21, 22, 23, 24, 25, 26})
    void aLayerNeverLowersTheSurfaceAndNeverCutsIntoOneBelow(long seed) {
        Random random = new Random(seed);
        Terrain before = drawn(random, 3);
        Terrain after = before.with("more", surface(random), Optional.empty());
        for (int i = 0; i < 200; i++) {
            double x = 0.9 * random.nextDouble();
            double y = 0.45 * random.nextDouble();
            assertThat(after.surfaceAt(x, y)).isGreaterThanOrEqualTo(before.surfaceAt(x, y) - 1e-9);
        }
        for (Cell cell : after.cells()) {
            for (Slab slab : cell.slabs()) {
                for (Point p : cell.plan().corners()) {
                    assertThat(slab.depth().at(p)).isGreaterThanOrEqualTo(-1e-9);
                }
            }
        }
    }

    @Test
    void doublingALevelDepthDoublesTheVolume() {
        assertThat(volume(new Surface.Level(0.08))).isCloseTo(2 * volume(new Surface.Level(0.04)), within(1e-12));
    }

    private static double volume(Surface surface) {
        double sum = 0;
        for (Cell cell : Terrain.bare(FLOOR, 0, 0.9, 0.45)
                .with("a", surface, Optional.empty())
                .cells()) {
            sum += cell.slab("a").map(Slab::depth).map(cell.plan()::integral).orElse(0.0);
        }
        return sum;
    }

    private static Terrain drawn(Random random, int layers) {
        Terrain terrain = Terrain.bare(FLOOR, 0, 0.9, 0.45);
        if (random.nextBoolean()) {
            terrain = terrain.withDam(ConvexPolygon.rectangle(0.4, 0, 0.43, 0.45), 0.2);
        }
        for (int i = 0; i < layers; i++) {
            Optional<ConvexPolygon> region = random.nextBoolean()
                    ? Optional.empty()
                    : Optional.of(ConvexPolygon.rectangle(
                            0.4 * random.nextDouble(),
                            0,
                            0.5 + 0.4 * random.nextDouble(),
                            0.1 + 0.35 * random.nextDouble()));
            terrain = terrain.with("layer" + i, surface(random), region);
        }
        return terrain;
    }

    private static Surface surface(Random random) {
        return switch (random.nextInt(4)) {
            case 0 -> new Surface.Thickness(0.01 + 0.05 * random.nextDouble());
            case 1 -> new Surface.Level(0.02 + 0.2 * random.nextDouble());
            case 2 -> new Surface.Slope(0.2 * random.nextDouble(), 0.2 * random.nextDouble());
            default -> profile(random);
        };
    }

    private static Surface profile(Random random) {
        List<Surface.Node> nodes = new ArrayList<>();
        double along = 0;
        for (int i = 0; i < 4; i++) {
            nodes.add(new Surface.Node(along, 0.25 * random.nextDouble()));
            along += 0.3 * random.nextDouble();
        }
        return new Surface.Profile(random.nextBoolean() ? Surface.Axis.X : Surface.Axis.Y, nodes);
    }
}
