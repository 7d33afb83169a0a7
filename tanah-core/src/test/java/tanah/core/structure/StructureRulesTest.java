package tanah.core.structure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import tanah.core.catalogue.Range;
import tanah.core.design.Design;
import tanah.core.finding.Finding;
import tanah.core.finding.Severity;
import tanah.core.testing.TestDesigns;
import tanah.core.testing.TestMedia;
import tanah.core.units.Unit;
import tanah.core.vessel.Label;
import tanah.core.vessel.LabelRule;
import tanah.core.vessel.Material;
import tanah.core.vessel.PaneMass;
import tanah.core.vessel.Vessel;

/** Masses, stand and label. */
class StructureRulesTest {

    @Test
    void theStandIsGoodNearOrOver() {
        assertThat(stand(80)).isEqualTo(Severity.GOOD);
        assertThat(stand(80.5)).isEqualTo(Severity.CAUTION);
        assertThat(stand(100)).as("at the rating").isEqualTo(Severity.CAUTION);
        assertThat(stand(100.1)).isEqualTo(Severity.STOP);
        assertThat(StandRule.judge(mass(50, OptionalDouble.empty())))
                .as("no rating, no judgement")
                .isEmpty();
    }

    /** derived: outside volume minus inside volume times 2500 kg/m³ for a box of 90 x 45 x 60 cm with 8 mm panes. */
    @Test
    void panesWeighTheirVolume() {
        assertThat(PaneMass.rectangle(0.90, 0.45, 0.592, 0.008, 0.008, Material.GLASS_ANNEALED))
                .isCloseTo(39.68912, within(1e-9));
    }

    @Test
    void aRingOfWallsWeighsAsMuchAsFourPanes() {
        Vessel box = TestDesigns.vessel(TestDesigns.box(0.8, 0.4, 0.5));
        double ring = PaneMass.ring(box.outline(), box.floorArea(), 0.5, 0.006, 0.006, Material.ACRYLIC);
        double four = PaneMass.rectangle(0.812, 0.412, 0.5, 0.006, 0.006, Material.ACRYLIC);
        assertThat(ring).isCloseTo(four, within(1e-9));
    }

    @Test
    void drainageIsWeighedFloodedAndSoilDrained() {
        Design d = TestDesigns.box(1, 0.5, 0.5, TestDesigns.drainage(0.1), TestDesigns.soil("sand_play", 0.1));
        MassResult mass = MassModel.compute(d, TestDesigns.vessel(d), TestDesigns.ground(d), TestMedia.catalogue());
        double clayWater = 50 * 0.49;
        double sandWater = 50 * TestDesigns.ground(d).layers().get(1).dripContent();
        assertThat(mass.groundWater()).isCloseTo(clayWater + sandWater, within(1e-6));
        assertThat(mass.total()).isBetween(mass.band().min(), mass.band().max());
    }

    @Test
    void aLabelMayDifferByFivePerCent() {
        assertThat(label(1.04)).isEmpty();
        assertThat(label(1.08)).containsExactly(Severity.HINT);
        assertThat(label(1.30)).containsExactly(Severity.CAUTION);
        assertThat(label(0.80)).containsExactly(Severity.CAUTION);
    }

    @Test
    void aBareGallonTakesTheNearerOne() {
        assertThat(Label.gallons(114, 0.41354).unit()).isEqualTo(Unit.US_GALLON);
        assertThat(Label.gallons(20, 0.0900).unit()).isEqualTo(Unit.IMPERIAL_GALLON);
    }

    private static List<Severity> label(double share) {
        Vessel v = TestDesigns.vessel(TestDesigns.box(1, 0.5, 0.5));
        Vessel labelled = new Vessel(
                v.outline(),
                v.floorArea(),
                v.length(),
                v.width(),
                v.height(),
                v.rim(),
                v.frontDam(),
                java.util.Optional.of(new Label(v.brim() * share, Unit.LITRE, false)),
                v.emptyMass(),
                v.massBand(),
                v.massFrom());
        return LabelRule.judge(labelled).stream().map(Finding::severity).toList();
    }

    private static Severity stand(double load) {
        return StandRule.judge(mass(load, OptionalDouble.of(100))).orElseThrow().severity();
    }

    private static MassResult mass(double load, OptionalDouble capacity) {
        return new MassResult(load, 0, 0, 0, 0, 0, 0, 20, load + 20, new Range(load, load + 40), capacity, List.of());
    }
}
