package tanah.core.light;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Boxes in the way of light. */
class BlockTest {
    private static final Block BOX = new Block(0.2, 0.5, 0.1, 0.4, 0, 0.3);
    private static final int STEPS = 20_000;

    @ParameterizedTest
    @CsvSource({
        "0, 0.25, 0.15, 1, 0.25, 0.15, 0.3",
        "1, 0.25, 0.15, 0, 0.25, 0.15, 0.3",
        "0.35, 0.25, 1, 0.35, 0.25, -1, 0.3",
        "0.35, 0.25, 1, 0.35, 0.25, 0.1, 0.2",
        "0, 0.25, 0.31, 1, 0.25, 0.31, 0",
        "0.6, 0, 0, 0.6, 1, 1, 0",
        "0.3, 0.2, 0.1, 0.4, 0.2, 0.1, 0.1",
        "0.35, 0.25, 0.1, 0.35, 0.25, 0.1, 0"
    })
    void theWayThroughABoxIsWhatLiesInside(
            double x0, double y0, double z0, double x1, double y1, double z1, double inside) {
        assertThat(BOX.inside(new Vec(x0, y0, z0), new Vec(x1, y1, z1))).isCloseTo(inside, within(1e-12));
    }

    /** Against counting points along the way. */
    @Test
    void anyWayAgreesWithItsPoints() {
        Random random = new Random(3);
        for (int i = 0; i < 300; i++) {
            Vec from = new Vec(random.nextDouble(), random.nextDouble(), random.nextDouble());
            Vec to = new Vec(random.nextDouble(), random.nextDouble(), random.nextDouble());
            int in = 0;
            for (int k = 0; k < STEPS; k++) {
                double t = (k + 0.5) / STEPS;
                in += BOX.contains(from.plus(to.minus(from).times(t))) ? 1 : 0;
            }
            double way = to.minus(from).length();
            assertThat(BOX.inside(from, to)).isCloseTo(way * in / STEPS, within(2 * way / STEPS));
            assertThat(BOX.inside(to, from)).isCloseTo(BOX.inside(from, to), within(1e-12));
        }
    }

    @Test
    void aBoxThatIsMeantToCarryTheReceiverDoesNotShadeIt() {
        Lid none = new Lid(1, 1, 1, 1, Lid.Side.BACK, 0.98, 0.98, Glazing.GLASS, Lid.USUAL_FREE);
        Block other = new Block(0.6, 0.8, 0.1, 0.4, 0.35, 0.4);
        Space space = new Space(none, List.of(BOX, other), List.of(), 1);
        Emitter lamp = new Emitter(
                Emitter.Kind.POINT,
                new Vec(0.35, 0.25, 0.9),
                Vec.DOWN,
                true,
                0,
                0,
                0,
                Math.toRadians(90),
                0.04,
                Emitter.Optic.REFLECTOR);
        Vec inBox = new Vec(0.35, 0.25, 0.1);
        Optional<Vec> up = Optional.of(Vec.UP);
        assertThat(space.irradiance(lamp, Emitter.Part.BEAM, Band.LIGHT, inBox, up, Space.Shade.ALL))
                .isZero();
        Space.Shade but = new Space.Shade(true, Optional.of(BOX));
        assertThat(space.irradiance(lamp, Emitter.Part.BEAM, Band.LIGHT, inBox, up, but))
                .isPositive();
        // an equal box is the same box, another one is not
        Space.Shade copy = new Space.Shade(true, Optional.of(new Block(0.2, 0.5, 0.1, 0.4, 0, 0.3)));
        assertThat(space.irradiance(lamp, Emitter.Part.BEAM, Band.LIGHT, inBox, up, copy))
                .isPositive();
        Vec under = new Vec(0.8, 0.25, 0.1);
        assertThat(space.irradiance(lamp, Emitter.Part.BEAM, Band.LIGHT, under, up, but))
                .isZero();
    }
}
