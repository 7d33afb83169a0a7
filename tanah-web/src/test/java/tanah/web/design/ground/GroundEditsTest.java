package tanah.web.design.ground;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static tanah.web.design.edit.EditingSupport.CATALOGUE;
import static tanah.web.design.edit.EditingSupport.EMPTY;
import static tanah.web.design.edit.EditingSupport.FROG;
import static tanah.web.design.edit.EditingSupport.LIZARD;
import static tanah.web.design.edit.EditingSupport.MILLIPEDE;
import static tanah.web.design.edit.EditingSupport.WRONG;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tanah.core.design.Design;
import tanah.core.design.Layer;
import tanah.core.design.Surface;
import tanah.core.evaluate.Evaluator;
import tanah.core.school.SoilParts;
import tanah.web.design.edit.EditingSupport;
import tanah.web.design.edit.EditingSupport.Done;

/** Edits of the ground: wrong ones are told beside their field and change nothing; right ones change just what they say. */
class GroundEditsTest {
    private final EditingSupport with = new EditingSupport();
    private final LayerNames layers = new LayerNames(with.names, with.catalogues);
    private final GroundEdits edits = new GroundEdits(
            with.catalogues,
            with.names,
            layers,
            new ShapeEdits(with.catalogues, layers, with.words, with.edits),
            new MixEdits(with.catalogues, with.words, with.edits),
            with.numbers,
            new RegionEdits(with.catalogues, with.numbers, with.names),
            with.words,
            with.clock,
            with.edits);

    private Done apply(Design design, String op, String part, String value, String other) {
        return EditingSupport.apply(edits::apply, design, op, part, value, other);
    }

    private Done apply(Design design, String op, String part, String value) {
        return apply(design, op, part, value, "");
    }

    private static Layer layer(Design design, String id) {
        return design.ground().layer(id).orElseThrow();
    }

    private static double depth(Design design, String id) {
        return Evaluator.evaluate(design, CATALOGUE)
                .ground()
                .flatMap(g -> g.layer(id))
                .orElseThrow()
                .shape()
                .meanDepth();
    }

    /** The first layer of an example that is of a kind. */
    private static String of(Design design, Layer.Kind kind) {
        return design.ground().layers().stream()
                .filter(l -> l.is(kind))
                .map(Layer::id)
                .findFirst()
                .orElseThrow();
    }

    private static final String SOIL = of(FROG, Layer.Kind.SUBSTRATE);
    private static final String DRAINAGE = of(FROG, Layer.Kind.DRAINAGE);

    // ---- depth and slope
    @Test
    void aWrongDepthIsToldBesideItsField() {
        WRONG.forEach(wrong -> apply(FROG, "depth", SOIL, wrong).refusedAt("depth-" + SOIL));
        apply(FROG, "depth", SOIL, "").refusedAt("depth-" + SOIL);
        apply(FROG, "depth", SOIL, "0").refusedAt("depth-" + SOIL);
    }

    @ParameterizedTest
    @CsvSource({"0.09, false", "0.1, true", "200, true", "200.1, false", "1 mm, true", "0.9 mm, false", "79 in, false"})
    void aDepthLiesBetweenAMillimetreAndTwoMetres(String typed, boolean fits) {
        String flat = of(LIZARD, Layer.Kind.SUBSTRATE);
        Done done = apply(LIZARD, "depth", flat, typed);
        assertThat(done.errors().isEmpty()).as(typed).isEqualTo(fits);
    }

    @ParameterizedTest
    @CsvSource({"9, 0.09", "'9,5', 0.095", "4 in, 0.1016", "85 mm, 0.085", "0.1 m, 0.1"})
    void aDepthIsTakenInTheUnitThatIsTyped(String typed, double metres) {
        String flat = of(MILLIPEDE, Layer.Kind.SUBSTRATE);
        Design made = apply(MILLIPEDE, "depth", flat, typed).taken().design();
        assertThat(depth(made, flat)).isCloseTo(metres, within(1e-9));
        // nothing else of the ground moves
        for (Layer other : MILLIPEDE.ground().layers()) {
            if (!other.id().equals(flat)) {
                assertThat(layer(made, other.id())).isEqualTo(other);
            }
        }
        assertThat(made.withGround(MILLIPEDE.ground())).isEqualTo(MILLIPEDE);
    }

    @Test
    void theSameDepthAgainIsNoEdit() {
        String flat = of(MILLIPEDE, Layer.Kind.SUBSTRATE);
        Design made = apply(MILLIPEDE, "depth", flat, "9").taken().design();
        apply(made, "depth", flat, "9").idle();
    }

    @Test
    void aSlopeKeepsItsRiseWhenItsMeanIsTyped() {
        Design sloped = apply(MILLIPEDE, "slope", of(MILLIPEDE, Layer.Kind.SUBSTRATE), "6", "12")
                .taken()
                .design();
        String id = of(MILLIPEDE, Layer.Kind.SUBSTRATE);
        double before = depth(sloped, id);
        Design deeper = apply(sloped, "depth", id, "14").taken().design();
        Surface.Slope s = (Surface.Slope) layer(deeper, id).surface();
        assertThat(s.back() - s.front()).isCloseTo(0.06, within(1e-9));
        assertThat(depth(deeper, id)).isCloseTo(0.14, within(1e-6)).isGreaterThan(before);
    }

    @Test
    void bothEndsOfASlopeAreJudged() {
        apply(FROG, "slope", SOIL, "abc", "5").refusedAt("front-" + SOIL);
        apply(FROG, "slope", SOIL, "5", "-1").refusedAt("back-" + SOIL);
        Done flat = apply(FROG, "slope", SOIL, "0", "0").refusedAt("front-" + SOIL);
        assertThat(flat.wording("front-" + SOIL)).isEqualTo("error.slope.flat");
        Done both = apply(FROG, "slope", SOIL, "x", "y");
        assertThat(both.errors().all()).containsOnlyKeys("front-" + SOIL, "back-" + SOIL);
        assertThat(both.design()).isSameAs(FROG);
    }

    @Test
    void aSlopeIsLevelledToItsMeanAndBack() {
        String id = of(MILLIPEDE, Layer.Kind.SUBSTRATE);
        Design sloped = apply(MILLIPEDE, "slope", id, "6", "12").design();
        Design level = apply(sloped, "level", id, "").taken().design();
        assertThat(layer(level, id).surface()).isInstanceOf(Surface.Thickness.class);
        assertThat(depth(level, id)).isCloseTo(depth(sloped, id), within(0.0006));
        Design again = apply(level, "level", id, "").taken().design();
        assertThat(layer(again, id).surface()).isInstanceOf(Surface.Slope.class);
        assertThat(depth(again, id)).isCloseTo(depth(level, id), within(0.0006));
    }

    // ---- what it is made of
    @ParameterizedTest
    @ValueSource(strings = {"", "gold-dust", "granite", "<script>"})
    void onlyWhatCanBeGroundIsLaid(String media) {
        apply(FROG, "media", SOIL, media).refusedAt("media-" + SOIL);
        apply(FROG, "add", "", media).refusedAt("add");
    }

    @Test
    void aLayerIsAddedWhereItsKindBelongs() {
        Design drained =
                apply(MILLIPEDE, "add", "", "expanded_clay_8_16").taken().design();
        assertThat(drained.ground().layers().get(0).is(Layer.Kind.DRAINAGE)).isTrue();
        Done soil = apply(FROG, "add", "", "coir_fibre").taken();
        List<Layer> all = soil.design().ground().layers();
        int at = all.indexOf(layer(soil.design(), soil.outcome().part()));
        assertThat(all.subList(0, at).stream().noneMatch(l -> l.is(Layer.Kind.LITTER)))
                .isTrue();
        assertThat(all).hasSize(FROG.ground().layers().size() + 1);
    }

    @Test
    void thereIsAnEndToLayers() {
        Design design = MILLIPEDE;
        Done done = null;
        for (int i = 0; i < 45; i++) {
            done = apply(design, "add", "", "coir_fibre");
            design = done.design();
        }
        assertThat(design.ground().layers()).hasSize(40);
        assertThat(done.refusedAt("add").wording("add")).isEqualTo("error.layers.many");
    }

    // ---- order, mesh, bag, moisture
    @Test
    void aLayerGoesUpAndDownAndOut() {
        List<String> before = FROG.ground().layers().stream().map(Layer::id).toList();
        String lowest = before.get(0);
        Design up = apply(FROG, "up", lowest, "").taken().design();
        assertThat(up.ground().layers().get(1).id()).isEqualTo(lowest);
        Design down = apply(up, "down", lowest, "").taken().design();
        assertThat(down).isEqualTo(FROG);
        Design out = apply(FROG, "remove", lowest, "").taken().design();
        assertThat(out.ground().layer(lowest)).isEmpty();
        assertThat(out.ground().layers()).hasSize(before.size() - 1);
    }

    @Test
    void aBagIsGivenAndTakenAway() {
        Design bagged = apply(FROG, "bag", SOIL, "10", "12.50").taken().design();
        Layer.Options options = layer(bagged, SOIL).options();
        assertThat(options.bagVolume().orElseThrow()).isCloseTo(0.01, within(1e-12));
        assertThat(options.bagPrice().orElseThrow()).isCloseTo(12.5, within(1e-9));
        Design bare = apply(bagged, "bag", SOIL, "", "").taken().design();
        assertThat(layer(bare, SOIL).options().bagVolume()).isEmpty();
        apply(FROG, "bag", SOIL, "ten", "").refusedAt("bag-" + SOIL);
        apply(FROG, "bag", SOIL, "10", "free").refusedAt("price-" + SOIL);
        apply(FROG, "bag", SOIL, "10", "-1").refusedAt("price-" + SOIL);
    }

    @Test
    void aMeshIsLaidAndItsHolesAreTyped() {
        boolean laid = layer(FROG, DRAINAGE).options().hasMesh();
        Design other =
                apply(FROG, "mesh", DRAINAGE, String.valueOf(!laid)).taken().design();
        assertThat(layer(other, DRAINAGE).options().hasMesh()).isNotEqualTo(laid);
        WRONG.forEach(wrong -> apply(FROG, "mesh-hole", DRAINAGE, wrong).refusedAt("mesh-hole-" + DRAINAGE));
        Design fine = apply(FROG, "mesh-hole", DRAINAGE, "0.5").taken().design();
        assertThat(layer(fine, DRAINAGE).options().meshHole().orElseThrow()).isCloseTo(0.0005, within(1e-12));
    }

    @Test
    void moistureIsAShare() {
        WRONG.forEach(wrong -> apply(FROG, "moist", SOIL, wrong).refusedAt("moist-" + SOIL));
        apply(FROG, "moist", SOIL, "101").refusedAt("moist-" + SOIL);
        Design damp = apply(FROG, "moist", SOIL, "35").taken().design();
        assertThat(layer(damp, SOIL).wetness()).isCloseTo(0.35, within(1e-12));
    }

    // ---- where it lies
    @Test
    void aLayerIsLaidOnAPartOfTheFloor() {
        String id = of(MILLIPEDE, Layer.Kind.SUBSTRATE);
        Design right = apply(MILLIPEDE, "region-left", id, "10").taken().design();
        assertThat(layer(right, id).region()).isPresent();
        Design whole = apply(right, "region-left", id, "0").taken().design();
        assertThat(layer(whole, id).region()).isEmpty();
        WRONG.forEach(wrong -> apply(MILLIPEDE, "region-left", id, wrong).refusedAt("region-left-" + id));
        Done narrow = apply(right, "region-right", id, "10.5").refusedAt("region-right-" + id);
        assertThat(narrow.wording("region-right-" + id)).isEqualTo("error.region.narrow");
        apply(MILLIPEDE, "region-right", id, "500").refusedAt("region-right-" + id);
    }

    // ---- mixes
    private static final String MIX = FROG.ground().layers().stream()
            .filter(l -> SoilParts.parts(l, CATALOGUE).size() > 1)
            .map(Layer::id)
            .findFirst()
            .orElseThrow();

    private static String part(Design design) {
        return SoilParts.parts(layer(design, MIX), CATALOGUE)
                .keySet()
                .iterator()
                .next();
    }

    @Test
    void thePartsOfAMixAreNumbers() {
        String first = part(FROG);
        for (String wrong : WRONG) {
            apply(FROG, "mix-part", MIX, wrong, first).refusedAt("mix-part-" + MIX + "-" + first);
        }
        apply(FROG, "mix-part", MIX, "", first).refusedAt("mix-part-" + MIX + "-" + first);
        Design more = apply(FROG, "mix-part", MIX, "7", first).taken().design();
        assertThat(SoilParts.parts(layer(more, MIX), CATALOGUE).get(first)).isEqualTo(7);
        apply(more, "mix-part", MIX, "7", first).idle();
    }

    @Test
    void aPartIsAddedOnceAndTheLastStays() {
        String first = part(FROG);
        Done twice = apply(FROG, "mix-add", MIX, first).refusedAt("mix-add-" + MIX);
        assertThat(twice.wording("mix-add-" + MIX)).isEqualTo("error.mix.twice");
        apply(FROG, "mix-add", MIX, "granite").refusedAt("mix-add-" + MIX);
        apply(FROG, "mix-out", MIX, "nothing-of-it").refusedAt("mix-out-" + MIX);
        Design design = FROG;
        int parts = SoilParts.parts(layer(FROG, MIX), CATALOGUE).size();
        for (int i = 1; i < parts; i++) {
            design = apply(design, "mix-out", MIX, part(design)).taken().design();
        }
        Done last = apply(design, "mix-out", MIX, part(design)).refusedAt("form");
        assertThat(last.wording("form")).isEqualTo("error.mix.last");
    }

    // ---- what is not there
    @ParameterizedTest
    @ValueSource(
            strings = {"depth", "slope", "bag", "mesh-hole", "moist", "region-left", "mix-part", "mix-add", "mix-out"})
    void aLayerThatIsGoneIsTold(String op) {
        Done done = apply(FROG, op, "never-there", "5", "5");
        assertThat(done.errors().all()).containsKey("form");
        assertThat(done.wording("form")).isEqualTo("error.layer.gone");
        assertThat(done.design()).isSameAs(FROG);
    }

    @Test
    void unknownEditsAndSchoolsAreTold() {
        apply(FROG, "explode", SOIL, "1").refusedAt("form");
        apply(FROG, "mix-explode", MIX, part(FROG)).refusedAt("form");
        apply(FROG, "school", SOIL, "no-school").refusedAt("school");
        apply(EMPTY, "depth", "x", "5").refusedAt("form");
    }
}
