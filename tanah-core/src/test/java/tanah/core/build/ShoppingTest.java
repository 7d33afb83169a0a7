package tanah.core.build;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import tanah.core.design.Design;
import tanah.core.design.Layer;
import tanah.core.design.Surface;
import tanah.core.testing.TestDesigns;
import tanah.core.testing.TestMedia;

/** The list holds all that the layers need, with waste, and nothing else. */
class ShoppingTest {
    @Test
    void oneLineForEachMaterialWithItsWaste() {
        Design design = TestDesigns.box(
                1.0,
                0.5,
                0.6,
                TestDesigns.drainage(0.05),
                TestDesigns.soil("arid_burrow_clay_sand", 0.10),
                TestDesigns.layer("litter", Layer.Kind.LITTER, "leaf_litter", new Surface.Thickness(0.02)));
        Shopping list = shopping(design);
        assertThat(list.lines())
                .extracting(BuyLine::item)
                .containsExactlyInAnyOrder("expanded_clay_8_16", "sand_play", "clay_powder", "leaf_litter", "mesh");
        assertThat(line(list, "expanded_clay_8_16").need()).isCloseTo(0.025 * 1.03 * 1.05, within(1e-12));
        assertThat(line(list, "leaf_litter").need()).isCloseTo(0.010 * 1.4 * 1.10, within(1e-12));
        // plan and a 3 cm edge at every wall, 15 % waste
        assertThat(line(list, "mesh").need()).isCloseTo((0.5 + 0.03 * 3) * 1.15, within(1e-12));
        assertThat(line(list, "expanded_clay_8_16").packs().orElseThrow().amount())
                .isGreaterThanOrEqualTo(0.027);
        assertThat(list.batches()).hasSize(1);
        assertThat(list.batches().get(0).parts())
                .extracting(MixBatch.Part::share)
                .satisfies(shares ->
                        assertThat(shares.stream().mapToDouble(d -> d).sum()).isCloseTo(1, within(1e-12)));
    }

    @Test
    void aMaterialOfTwoLayersIsOneLine() {
        Design design = TestDesigns.box(
                1.0,
                0.5,
                0.6,
                TestDesigns.soil("sand_play", 0.05),
                TestDesigns.layer("more", Layer.Kind.SUBSTRATE, "sand_play", new Surface.Thickness(0.03)));
        Shopping list = shopping(design);
        assertThat(list.lines()).hasSize(1);
        assertThat(list.lines().get(0).forParts()).hasSize(2);
        assertThat(list.lines().get(0).need()).isCloseTo(0.04 * 1.04 * 1.05, within(1e-12));
    }

    /** derived: 20 L of sand in bags of 15 L at 6.50: two of them, whatever the catalogue sells. */
    @Test
    void theBagThatTheKeeperTypedIsBought() {
        Layer sand = TestDesigns.soil("sand_play", 0.04);
        Layer bagged = sand.withOptions(sand.options().withBag(OptionalDouble.of(0.015), OptionalDouble.of(6.5)));
        Design design = TestDesigns.box(1.0, 0.5, 0.6, bagged);
        BuyLine line = line(shopping(design), "sand_play");
        var laid = TestDesigns.ground(design).layer("soil").orElseThrow();
        assertThat(line.need()).isCloseTo(laid.loose(), within(1e-12));
        assertThat(line.packs().orElseThrow().count())
                .isEqualTo(laid.bags().orElseThrow().count());
        assertThat(line.price().min()).isCloseTo(laid.cost(), within(1e-9));
        assertThat(line.packs().orElseThrow().picks().get(0).pack().amount()).isEqualTo(0.015);
    }

    /** derived: 42 L of sand wanted, 40 at hand: a 2 L rest; with 50 at hand nothing is bought. */
    @Test
    void whatIsAtHandIsNotBought() {
        Design design = TestDesigns.box(1.0, 0.5, 0.6, TestDesigns.soil("sand_play", 0.08));
        double need = line(shopping(design), "sand_play").need();
        for (double had : new double[] {0, need - 0.002, need, need + 0.008}) {
            Shopping list = Shopping.of(
                    design,
                    TestDesigns.vessel(design),
                    TestDesigns.ground(design),
                    java.util.Map.of("sand_play", had),
                    TestMedia.catalogue());
            BuyLine line = line(list, "sand_play");
            assertThat(line.need()).isEqualTo(need);
            assertThat(line.toBuy()).isCloseTo(Math.max(0, need - had), within(1e-12));
            line.packs().ifPresent(p -> assertThat(p.amount()).isGreaterThanOrEqualTo(line.toBuy() - 1e-9));
            assertThat(line.price().max() > 0).isEqualTo(had < need);
            if (had >= need) {
                assertThat(line.price().max()).isZero();
            }
        }
    }

    private static BuyLine line(Shopping list, String item) {
        return list.lines().stream()
                .filter(l -> l.item().equals(item))
                .findFirst()
                .orElseThrow();
    }

    private static Shopping shopping(Design design) {
        return Shopping.of(design, TestDesigns.vessel(design), TestDesigns.ground(design), TestMedia.catalogue());
    }
}
