package tanah.core.design.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tanah.core.design.Design;
import tanah.core.design.Ground;
import tanah.core.design.Ids;
import tanah.core.design.Layer;
import tanah.core.design.OtherFields;
import tanah.core.design.Surface;
import tanah.core.testing.TestDesigns;
import tanah.core.testing.TestMedia;

/** Edits make new designs and lose nothing. */
class EditTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 3, 1);

    private static Design apply(Design design, Edit edit) {
        return edit.apply(design, new EditContext(TestMedia.catalogue(), TODAY));
    }

    @Test
    void aDepthChangesOneLayerAndLeavesTheOldDesignAlone() {
        Design before = TestDesigns.box(0.9, 0.45, 0.5, TestDesigns.drainage(0.05), TestDesigns.soil("sand_play", 0.1));
        Design after = apply(before, new GroundEdit.SetDepth("soil", 0.12));
        assertThat(after.ground().layer("soil").orElseThrow().surface()).isEqualTo(new Surface.Thickness(0.12));
        assertThat(before.ground().layer("soil").orElseThrow().surface()).isEqualTo(new Surface.Thickness(0.1));
        assertThat(after.ground().layer("drainage")).isEqualTo(before.ground().layer("drainage"));
    }

    @Test
    void theDepthOfALevelTopCountsFromWhatLiesBelow() {
        Layer level = TestDesigns.layer("top", Layer.Kind.SUBSTRATE, "sand_play", new Surface.Level(0.15));
        Design design = TestDesigns.box(0.9, 0.45, 0.5, TestDesigns.drainage(0.05), level);
        Design after = apply(design, new GroundEdit.SetDepth("top", 0.12));
        assertThat(((Surface.Level) after.ground().layer("top").orElseThrow().surface()).top())
                .isCloseTo(0.17, within(1e-12));
        assertThat(TestDesigns.ground(after).layer("top").orElseThrow().shape().meanDepth())
                .isCloseTo(0.12, within(1e-9));
    }

    @Test
    void anEditThatFindsNothingReturnsTheSameDesign() {
        Design design = TestDesigns.box(0.9, 0.45, 0.5, TestDesigns.soil("sand_play", 0.1));
        assertThat(apply(design, new GroundEdit.SetDepth("gone", 0.2))).isSameAs(design);
    }

    @Test
    void newIdsAreFreeInTheWholeDocument() {
        Design design = TestDesigns.box(0.9, 0.45, 0.5, TestDesigns.soil("sand_play", 0.1));
        Design kept = design.withKept(new OtherFields(Map.of("build", java.util.List.of(Map.of("id", "soil-2")))));
        assertThat(Ids.free(kept, "soil")).isEqualTo("soil-3");
        assertThat(Ids.free(kept, "litter")).isEqualTo("litter");
    }

    @Test
    void aSchoolIsChosenOnceAndKeepsItsDate() {
        Design design = apply(Design.named("x"), new PlanEdit.SetSchool("drainage", "none"));
        Design again = new PlanEdit.SetSchool("drainage", "layer")
                .apply(design, new EditContext(TestMedia.catalogue(), TODAY.plusDays(1)));
        assertThat(again.schools()).hasSize(1);
        assertThat(again.school("drainage")).contains("layer");
        assertThat(again.schools().get(0).date()).isEqualTo(TODAY.plusDays(1));
    }

    @Test
    void layersMoveUpAndDownAndStopAtTheEnds() {
        Ground ground = TestDesigns.box(0.9, 0.45, 0.5, TestDesigns.drainage(0.05), TestDesigns.soil("sand_play", 0.1))
                .ground();
        assertThat(ground.move("drainage", 1).layers().get(1).id()).isEqualTo("drainage");
        assertThat(ground.move("drainage", -1)).isEqualTo(ground);
    }
}
