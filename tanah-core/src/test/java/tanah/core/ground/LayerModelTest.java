package tanah.core.ground;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import tanah.core.design.Design;
import tanah.core.design.Layer;
import tanah.core.testing.TestDesigns;

/** What to buy for a layer: settling, waste, whole bags, cost. */
class LayerModelTest {
    private static final double FLOOR = 0.75 * 0.30;

    @Test
    void looseLitresCountSettlingAndWaste() {
        double placed = FLOOR * 0.10;
        assertThat(layer(0, 0, 0).loose()).isCloseTo(placed * 1.04, within(1e-12));
        assertThat(layer(0.1, 0, 0).loose()).isCloseTo(placed * 1.04 * 1.1, within(1e-12));
    }

    @Test
    void bagsAreWholeAndTheirPriceIsTheCost() {
        LayerResult r = layer(0, 0.0057, 7);
        // 22.5 l placed, 23.4 l loose: five bags of 5.7 l
        assertThat(r.bags().orElseThrow().count()).isEqualTo(5);
        assertThat(r.bags().orElseThrow().leftOver()).isCloseTo(0.0285 - 0.0234, within(1e-9));
        assertThat(r.cost()).isEqualTo(35);
    }

    @Test
    void aBagThatFitsExactlyIsNotRoundedUp() {
        assertThat(layer(0, 0.0234, 1).bags().orElseThrow().count()).isEqualTo(1);
    }

    @Test
    void withoutABagTheMiddlePriceCounts() {
        assertThat(layer(0, 0, 0).cost()).as("23.4 l at 1.00").isCloseTo(23.4, within(1e-9));
    }

    @Test
    void buriedThingsTakeNoSoil() {
        Layer soil = TestDesigns.soil("sand_play", 0.10);
        Layer.Options o = Layer.Options.NONE;
        Layer buried = soil.withOptions(new Layer.Options(
                o.bagVolume(),
                o.bagPrice(),
                o.waste(),
                OptionalDouble.of(0.005),
                o.aquatic(),
                o.burrow(),
                o.retained(),
                o.mesh(),
                o.meshHole(),
                o.needsMinDepth(),
                o.acceptFertiliser(),
                o.supportShare(),
                o.voidOpen()));
        LayerResult r = result(buried);
        assertThat(r.shape().netVolume()).isCloseTo(r.shape().volume() - 0.005, within(1e-12));
        assertThat(r.dryMass()).isCloseTo(r.shape().netVolume() * 1510, within(1e-9));
    }

    private static LayerResult layer(double waste, double bag, double price) {
        Layer.Options o = Layer.Options.NONE;
        Layer soil = TestDesigns.soil("sand_play", 0.10)
                .withOptions(new Layer.Options(
                        bag > 0 ? OptionalDouble.of(bag) : OptionalDouble.empty(),
                        price > 0 ? OptionalDouble.of(price) : OptionalDouble.empty(),
                        OptionalDouble.of(waste),
                        o.displaced(),
                        o.aquatic(),
                        o.burrow(),
                        o.retained(),
                        Optional.of(true),
                        o.meshHole(),
                        o.needsMinDepth(),
                        o.acceptFertiliser(),
                        o.supportShare(),
                        o.voidOpen()));
        return result(soil);
    }

    private static LayerResult result(Layer layer) {
        Design design = TestDesigns.box(0.75, 0.30, 0.4, layer);
        return TestDesigns.ground(design).layers().get(0);
    }
}
