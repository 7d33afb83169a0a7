package tanah.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import tanah.core.design.Dam;
import tanah.core.design.DamMove;
import tanah.core.design.Design;
import tanah.core.design.Layer;
import tanah.core.design.Surface;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.ground.Bodies;
import tanah.core.ground.GroundResult;
import tanah.core.ground.WaterVolumes;
import tanah.core.testing.TestDesigns;
import tanah.core.testing.TestMedia;
import tanah.core.vessel.Vessel;

/** Several waters and islets against volumes counted by hand. */
class BodyProposalTest {
    private static final double LENGTH = 1.0;
    private static final double WIDTH = 0.4;
    private static final double SAND = 0.02;
    private static final double LEVEL = 0.10;

    @Test
    void twoSealedWallsKeepTheWaterOutOfTheLandBetweenThem() {
        Design two = BodyProposal.secondWater(planned(), vessel()).orElseThrow();
        GroundResult ground = TestDesigns.ground(two);
        WaterVolumes w = ground.water().orElseThrow();
        // the land is 57 cm long, of which 40 cm are kept; wall of 3 cm; the second water is what is left
        Dam second = two.ground().dams().get(1);
        double left = DamMove.edge(second.region().outline(), false);
        assertThat(left).isCloseTo(0.43 + 0.40, within(1e-9));
        double pools = 0.40 + (LENGTH - left - 0.03);
        assertThat(w.free()).isCloseTo(pools * WIDTH * (LEVEL - SAND), within(1e-12));
        assertThat(w.surface()).isCloseTo(pools * WIDTH, within(1e-12));
        Bodies bodies = Bodies.of(ground.terrain(), w, vessel().outline());
        assertThat(bodies.waters()).hasSize(2);
        assertThat(bodies.islets()).isEmpty();
        assertThat(LandWater.of(two, vessel(), ground, 0).orElseThrow().wicking())
                .isEmpty();
    }

    @Test
    void throughOneOpenWallTheWaterReachesTheLandAgain() {
        Design two = BodyProposal.secondWater(planned(), vessel()).orElseThrow();
        String id = two.ground().dams().get(1).id();
        Design open = two.withGround(two.ground().changeDam(id, d -> d.of("stones", false)));
        GroundResult ground = TestDesigns.ground(open);
        assertThat(ground.water().orElseThrow().pore())
                .isGreaterThan(TestDesigns.ground(two).water().orElseThrow().pore() + 1e-4);
        assertThat(LandWater.of(open, vessel(), ground, 0).orElseThrow().wicking())
                .isPresent();
    }

    @Test
    void anIsletTakesItsVolumeFromTheWaterAndStandsFree() {
        Design before = planned();
        WaterVolumes without = TestDesigns.ground(before).water().orElseThrow();
        Design with = BodyProposal.islet(before, TestDesigns.ground(before)).orElseThrow();
        GroundResult ground = TestDesigns.ground(with);
        WaterVolumes w = ground.water().orElseThrow();
        Bodies bodies = Bodies.of(ground.terrain(), w, vessel().outline());
        assertThat(bodies.waters()).hasSize(1);
        assertThat(bodies.islets()).hasSize(1);
        double area = bodies.islets().get(0);
        assertThat(area).isCloseTo(0.2 * 0.2, within(1e-9));
        assertThat(without.free() - w.free()).isCloseTo(area * (LEVEL - SAND), within(1e-12));
        // a step of 1 cm is a way out where the wall is none
        assertThat(Exits.find(ground.terrain(), w, new Way(Math.toRadians(30), 0.01, 0.03, 0.01))
                        .isWayOut())
                .isTrue();
        assertThat(Exits.find(
                                TestDesigns.ground(before).terrain(),
                                without,
                                new Way(Math.toRadians(30), 0.01, 0.03, 0.01))
                        .isWayOut())
                .isFalse();
    }

    @Test
    void thereIsNoRoomForASecondWaterOrAnIsletInAPuddle() {
        Design shallow = planned().withWater(planned().water().map(w -> w.withLevel(0.025)));
        assertThat(BodyProposal.islet(shallow, TestDesigns.ground(shallow))).isEmpty();
        Design late = DamMove.to(planned(), "dam", 0.90, 0.93);
        assertThat(BodyProposal.secondWater(late, vessel())).isEmpty();
        Design two = BodyProposal.secondWater(planned(), vessel()).orElseThrow();
        assertThat(BodyProposal.secondWater(two, vessel())).isEmpty();
    }

    /** Sand under water at the left, a sealed wall from 40 to 43 cm, soil on clay at the right. */
    private static Design planned() {
        Layer sand = TestDesigns.layer("sand", Layer.Kind.SUBSTRATE, "sand_play", new Surface.Thickness(SAND));
        Layer soil = TestDesigns.layer("soil", Layer.Kind.SUBSTRATE, "leaf_mould", new Surface.Level(0.12));
        Design design = TestDesigns.box(
                LENGTH,
                WIDTH,
                0.5,
                sand.withRegion(region(0, 0.40)).withOptions(Layer.Options.NONE.withAquatic(true)),
                soil.withRegion(region(0.43, LENGTH)));
        Dam dam = new Dam(
                "dam", "foam", region(0.40, 0.43).orElseThrow(), 0.14, Optional.of(true), OptionalDouble.empty());
        return design.withGround(design.ground().withDams(List.of(dam)))
                .withWater(Optional.of(tanah.core.design.WaterPart.upTo(LEVEL).withSide(region(0, 0.40))));
    }

    private static Optional<Layer.Region> region(double from, double to) {
        return Optional.of(new Layer.Region(ConvexPolygon.rectangle(from, 0, to, WIDTH), true));
    }

    private static Vessel vessel() {
        return tanah.core.design.Boxes.resolve(planned().vessel().orElseThrow(), TestMedia.catalogue());
    }
}
