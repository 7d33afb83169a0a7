package tanah.core.design.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import tanah.core.design.Design;
import tanah.core.design.Layer;
import tanah.core.design.Recipe;
import tanah.core.design.WaterFeature;
import tanah.core.design.WaterPart;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.testing.TestDesigns;
import tanah.core.testing.TestMedia;

/** Running water by numbers, and what a layer is mixed of and lies on. */
class FeatureEditTest {
    private static final EditContext CONTEXT = new EditContext(TestMedia.catalogue(), LocalDate.of(2026, 3, 1));

    private static WaterFeature water(String id) {
        OptionalDouble some = OptionalDouble.of(0.2);
        return new WaterFeature(
                id, WaterFeature.Kind.STREAM, Optional.of("p"), some, some, some, some, Optional.of("back"), some);
    }

    private static Design two() {
        return TestDesigns.box(0.9, 0.45, 0.5)
                .withWater(Optional.of(WaterPart.upTo(0.08).withFeatures(List.of(water("a"), water("b")))));
    }

    private static List<WaterFeature> features(Design d) {
        return d.water().orElseThrow().features();
    }

    @ParameterizedTest
    @EnumSource(FeatureNumber.class)
    void aNumberIsTakenAndNothingElseChanges(FeatureNumber number) {
        Design changed = new FeatureEdit.SetNumber("a", number, OptionalDouble.of(0.05)).apply(two(), CONTEXT);
        for (FeatureNumber other : FeatureNumber.values()) {
            assertThat(other.of(features(changed).get(0))).hasValue(other == number ? 0.05 : 0.2);
        }
        assertThat(features(changed).get(1)).isEqualTo(water("b"));
    }

    @Test
    void itIsFedLedDownAnotherWallAndTakenOut() {
        assertThat(features(new FeatureEdit.Feed("a", Optional.empty()).apply(two(), CONTEXT))
                        .get(0)
                        .pump())
                .isEmpty();
        assertThat(features(new FeatureEdit.RunDown("b", "left").apply(two(), CONTEXT))
                        .get(1)
                        .face())
                .contains("left");
        assertThat(features(new FeatureEdit.Remove("a").apply(two(), CONTEXT))).containsExactly(water("b"));
    }

    @Test
    void aShippedMixBecomesTheLayersOwnWhenAPartChanges() {
        Design d = TestDesigns.box(0.9, 0.45, 0.5, TestDesigns.soil("sand_play", 0.1));
        Design mixed = new GroundEdit.SetPart("soil", "pea_gravel_4_8", 2).apply(d, CONTEXT);
        assertThat(media(mixed)).isEqualTo(new Recipe.Own(Map.of("sand_play", 1.0, "pea_gravel_4_8", 2.0)));
        Design gravel = new GroundEdit.SetPart("soil", "sand_play", 0).apply(mixed, CONTEXT);
        assertThat(media(gravel)).isEqualTo(new Recipe.Own(Map.of("pea_gravel_4_8", 2.0)));
        assertThat(new GroundEdit.SetPart("soil", "pea_gravel_4_8", 0).apply(gravel, CONTEXT))
                .as("the last part stays")
                .isEqualTo(gravel);
    }

    private static Recipe media(Design d) {
        return d.ground().layer("soil").orElseThrow().media().orElseThrow();
    }

    @Test
    void aLayerLiesOnAPartOfTheFloorAndOnAllOfItAgain() {
        Design d = TestDesigns.box(0.9, 0.45, 0.5, TestDesigns.soil("sand_play", 0.1));
        Layer.Region left = new Layer.Region(ConvexPolygon.rectangle(0, 0, 0.4, 0.45), true);
        Design part = new GroundEdit.LayOn("soil", Optional.of(left)).apply(d, CONTEXT);
        assertThat(part.ground().layer("soil").orElseThrow().region()).contains(left);
        assertThat(new GroundEdit.LayOn("soil", Optional.empty()).apply(part, CONTEXT))
                .isEqualTo(d);
    }
}
