package tanah.core.ground;

import static org.assertj.core.api.Assertions.assertThat;
import static tanah.core.testing.TestDesigns.box;
import static tanah.core.testing.TestDesigns.drainage;
import static tanah.core.testing.TestDesigns.ground;
import static tanah.core.testing.TestDesigns.layer;
import static tanah.core.testing.TestDesigns.slope;
import static tanah.core.testing.TestDesigns.soil;
import static tanah.core.testing.TestDesigns.vessel;
import static tanah.core.testing.TestDesigns.withLip;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.animal.Inhabitant;
import tanah.core.design.Design;
import tanah.core.design.Layer;
import tanah.core.design.Resident;
import tanah.core.design.Surface;
import tanah.core.design.edit.Edit;
import tanah.core.design.edit.EditContext;
import tanah.core.finding.Finding;
import tanah.core.finding.Severity;
import tanah.core.testing.TestMedia;
import tanah.core.testing.TestSpecies;

/** Each rule of the ground once met and once broken, at its limit, and with its first remedy applied. */
class GroundRulesTest {
    private static final Inhabitant LIZARD = TestSpecies.inhabitant(TestSpecies.lizard(), 1);
    private static final Inhabitant FROG = TestSpecies.inhabitant(TestSpecies.frog(), 1);
    private static final Inhabitant MILLIPEDE = TestSpecies.inhabitant(TestSpecies.millipede(), 4);

    @Test
    void groundOverTheRimIsAStopAndItsRemedySettlesIt() {
        Design high = box(0.6, 0.4, 0.3, soil("sand_play", 0.31));
        Finding stop = rim(high).orElseThrow();
        assertThat(stop.severity()).isEqualTo(Severity.STOP);
        assertThat(rim(applied(high, stop)).orElseThrow().severity()).isEqualTo(Severity.GOOD);
        assertThat(rim(box(0.6, 0.4, 0.3, soil("sand_play", 0.30)))
                        .orElseThrow()
                        .severity())
                .as("at the limit")
                .isEqualTo(Severity.GOOD);
    }

    @Test
    void onlyTheFrontCountsAgainstTheLip() {
        Design back = withLip(box(1.174, 0.574, 0.887, slope("sand_play", 0.12, 0.20)), 0.15);
        assertThat(rim(back).orElseThrow().severity()).isEqualTo(Severity.GOOD);
        Design front = withLip(box(1.174, 0.574, 0.887, slope("sand_play", 0.16, 0.24)), 0.15);
        Finding stop = rim(front).orElseThrow();
        assertThat(stop.variant()).isEqualTo("lip");
        assertThat(stop.measures().get(2).shown()).isCloseTo(1.0, org.assertj.core.api.Assertions.within(0.02));
        assertThat(rim(applied(front, stop)).orElseThrow().severity()).isEqualTo(Severity.GOOD);
    }

    @Test
    void aSlopeStaysSlidesOrIsNearIt() {
        assertThat(slopeSeverity(0.10, 0.20)).contains(Severity.GOOD);
        assertThat(slopeSeverity(0.05, 0.28)).as("29.9 of 33 degrees").contains(Severity.CAUTION);
        Design steep = box(0.6, 0.4, 0.5, slope("sand_play", 0.02, 0.40));
        Finding stop =
                SlopeRule.judge(steep.ground().layers(), ground(steep), 0.4).get(0);
        assertThat(stop.severity()).isEqualTo(Severity.STOP);
        Design flat = applied(steep, stop);
        assertThat(SlopeRule.judge(flat.ground().layers(), ground(flat), 0.4)
                        .get(0)
                        .severity())
                .isEqualTo(Severity.GOOD);
        assertThat(ground(flat).layers().get(0).shape().volume())
                .as("the remedy moves no soil")
                .isCloseTo(
                        ground(steep).layers().get(0).shape().volume(), org.assertj.core.api.Assertions.within(1e-9));
    }

    @Test
    void aDiggerNeedsDepth() {
        assertThat(digging(LIZARD, 0.09)).contains(Severity.CAUTION);
        assertThat(digging(LIZARD, 0.10)).as("at the least depth").contains(Severity.HINT);
        assertThat(digging(LIZARD, 0.20)).as("at the preferred depth").contains(Severity.GOOD);
        assertThat(digging(MILLIPEDE, 0.10)).as("lives below").contains(Severity.STOP);
        assertThat(digging(FROG, 0.02)).as("does not dig").contains(Severity.HINT);
        Design thin = box(0.9, 0.45, 0.5, soil("sand_play", 0.09));
        Finding caution = DiggingDepthRule.judge(LIZARD, thin.ground().layers(), ground(thin))
                .orElseThrow();
        Design deep = applied(thin, caution);
        assertThat(DiggingDepthRule.judge(LIZARD, deep.ground().layers(), ground(deep))
                        .orElseThrow()
                        .severity())
                .isEqualTo(Severity.HINT);
    }

    @Test
    void litterIsNoSoil() {
        Design litterOnly =
                box(0.9, 0.45, 0.5, layer("litter", Layer.Kind.LITTER, "leaf_litter", new Surface.Thickness(0.2)));
        assertThat(DiggingDepthRule.judge(LIZARD, litterOnly.ground().layers(), ground(litterOnly))
                        .orElseThrow()
                        .severity())
                .isEqualTo(Severity.CAUTION);
    }

    @Test
    void drainageIsMissedWhereDampAndNeedlessWhereArid() {
        Design without = box(0.9, 0.45, 0.5, soil("leaf_mould", 0.08));
        Design with = box(0.9, 0.45, 0.5, drainage(0.05), soil("leaf_mould", 0.08));
        assertThat(drainageOf(FROG, without, Optional.empty())).isEqualTo(Severity.CAUTION);
        assertThat(drainageOf(FROG, without, Optional.of("none")))
                .as("on purpose")
                .isEqualTo(Severity.HINT);
        assertThat(drainageOf(FROG, with, Optional.empty())).isEqualTo(Severity.GOOD);
        assertThat(drainageOf(LIZARD, with, Optional.empty())).isEqualTo(Severity.HINT);
        assertThat(drainageOf(LIZARD, without, Optional.empty())).isEqualTo(Severity.GOOD);
        assertThat(drainageOf(MILLIPEDE, without, Optional.of("none"))).isEqualTo(Severity.GOOD);
        Finding missing = DrainageRule.judge(FROG, without.ground(), Optional.empty(), vessel(without))
                .orElseThrow();
        assertThat(applied(without, missing).ground().hasDrainage()).isTrue();
    }

    @Test
    void soilOnDrainageWantsASeparator() {
        Design laid = box(0.9, 0.45, 0.5, drainage(0.05), soil("leaf_mould", 0.08));
        assertThat(MeshRule.judge(laid.ground().layers(), ground(laid), Optional.empty())
                        .orElseThrow()
                        .severity())
                .isEqualTo(Severity.GOOD);
        Design bare = laid.withGround(
                laid.ground().change("soil", l -> l.withOptions(l.options().withMesh(false))));
        Finding caution = MeshRule.judge(bare.ground().layers(), ground(bare), Optional.empty())
                .orElseThrow();
        assertThat(caution.severity()).isEqualTo(Severity.CAUTION);
        Design mended = applied(bare, caution);
        assertThat(MeshRule.judge(mended.ground().layers(), ground(mended), Optional.empty())
                        .orElseThrow()
                        .severity())
                .isEqualTo(Severity.GOOD);
        Design noDrainage = box(0.9, 0.45, 0.5, soil("leaf_mould", 0.08));
        assertThat(MeshRule.judge(noDrainage.ground().layers(), ground(noDrainage), Optional.empty()))
                .isEmpty();
    }

    /** Known and wanted is watched; another school's word changes nothing, and a mesh that lies is good in any. */
    @ParameterizedTest
    @CsvSource({"none, false, HINT, school", "mesh, false, CAUTION, ''", "none, true, GOOD, ''"})
    void noSeparatorOnPurposeIsAHint(String school, boolean laid, Severity severity, String words) {
        Design d = box(0.9, 0.45, 0.5, drainage(0.05), soil("leaf_mould", 0.08));
        Design changed = d.withGround(
                d.ground().change("soil", l -> l.withOptions(l.options().withMesh(laid))));
        Finding f = MeshRule.judge(changed.ground().layers(), ground(changed), Optional.of(school))
                .orElseThrow();
        assertThat(f.severity()).isEqualTo(severity);
        assertThat(f.variant()).isEqualTo(words);
    }

    @Test
    void openGrainsOfASwallowedSizeAreACaution() {
        Design open =
                box(0.9, 0.45, 0.5, layer("g", Layer.Kind.SUBSTRATE, "pea_gravel_4_8", new Surface.Thickness(0.05)));
        assertThat(swallow(FROG, open)).isEqualTo(Severity.CAUTION);
        Design covered = box(
                0.9,
                0.45,
                0.5,
                layer("g", Layer.Kind.SUBSTRATE, "pea_gravel_4_8", new Surface.Thickness(0.05)),
                layer("litter", Layer.Kind.LITTER, "leaf_litter", new Surface.Thickness(0.02)));
        assertThat(swallow(FROG, covered)).isEqualTo(Severity.GOOD);
    }

    /**
     * Gravel of 6 mm before a frog that swallows 4 to 15 mm when it is grown, at 8 cm: up to 6 mm from 3.2 cm on, and young up to
     * 4.8 cm.
     */
    @ParameterizedTest
    @CsvSource({
        "0.02, CAUTION, grows",
        "0.0319, CAUTION, grows",
        "0.0321, STOP, young",
        "0.0479, STOP, young",
        "0.0481, CAUTION, "
    })
    void aYoungMouthTakesSmallerGrains(double length, Severity severity, String words) {
        Design open =
                box(0.9, 0.45, 0.5, layer("g", Layer.Kind.SUBSTRATE, "pea_gravel_4_8", new Surface.Thickness(0.05)));
        Resident young = new Resident(
                "a",
                "x",
                1,
                java.util.OptionalInt.empty(),
                java.util.OptionalDouble.empty(),
                java.util.OptionalDouble.of(length),
                java.util.OptionalDouble.empty(),
                Optional.empty(),
                List.of());
        Finding f = SwallowRule.judge(
                        new Inhabitant(young, FROG.profile(), FROG.row()),
                        open.ground().layers(),
                        ground(open))
                .get(0);
        assertThat(f.severity()).isEqualTo(severity);
        assertThat(f.variant()).isEqualTo(words == null ? "" : words);
    }

    @Test
    void fertilisedSoilIsAStopForTenderSkins() {
        Design bad = box(0.9, 0.45, 0.5, soil("compost_fertilised", 0.08));
        Finding stop = FertiliserRule.judge(List.of(FROG), bad.ground().layers(), ground(bad))
                .get(0);
        assertThat(stop.severity()).isEqualTo(Severity.STOP);
        Design mended = applied(bad, stop);
        assertThat(FertiliserRule.judge(List.of(FROG), mended.ground().layers(), ground(mended)))
                .isEmpty();
    }

    @Test
    void aBurrowWantsClay() {
        Design sand = box(0.9, 0.45, 0.5, soil("sand_play", 0.2));
        assertThat(BurrowRule.judge(LIZARD, sand.ground().layers(), ground(sand))
                        .orElseThrow()
                        .severity())
                .isEqualTo(Severity.CAUTION);
        Design mix = box(0.9, 0.45, 0.5, soil("arid_burrow_clay_sand", 0.2));
        assertThat(BurrowRule.judge(LIZARD, mix.ground().layers(), ground(mix))
                        .orElseThrow()
                        .severity())
                .isEqualTo(Severity.GOOD);
        assertThat(BurrowRule.judge(FROG, sand.ground().layers(), ground(sand))).isEmpty();
    }

    @Test
    void aProposalFitsItsBoxAndItsAnimal() {
        for (Inhabitant animal : List.of(LIZARD, FROG, MILLIPEDE)) {
            Design empty = withLip(box(1.174, 0.574, 0.6), 0.25);
            Design begun = empty.withGround(GroundProposal.propose(animal.profile(), empty, vessel(empty)));
            assertThat(begun.ground().layers()).isNotEmpty();
            assertThat(begun.ground().hasDrainage()).isEqualTo(animal == FROG);
        }
    }

    private static Optional<Finding> rim(Design d) {
        return RimRule.judge(d.ground(), ground(d), vessel(d));
    }

    private static Optional<Severity> slopeSeverity(double front, double back) {
        Design d = box(0.6, 0.4, 0.5, slope("sand_play", front, back));
        return SlopeRule.judge(d.ground().layers(), ground(d), 0.4).stream()
                .map(Finding::severity)
                .findFirst();
    }

    private static Optional<Severity> digging(Inhabitant animal, double depth) {
        Design d = box(0.9, 0.45, 0.5, soil("sand_play", depth));
        return DiggingDepthRule.judge(animal, d.ground().layers(), ground(d)).map(Finding::severity);
    }

    private static Severity drainageOf(Inhabitant animal, Design d, Optional<String> school) {
        return DrainageRule.judge(animal, d.ground(), school, vessel(d))
                .orElseThrow()
                .severity();
    }

    private static Severity swallow(Inhabitant animal, Design d) {
        return SwallowRule.judge(animal, d.ground().layers(), ground(d)).get(0).severity();
    }

    private static Design applied(Design design, Finding finding) {
        EditContext context = new EditContext(TestMedia.catalogue(), LocalDate.of(2026, 1, 5));
        return Edit.take(finding.remedies().get(0), design, context);
    }
}
