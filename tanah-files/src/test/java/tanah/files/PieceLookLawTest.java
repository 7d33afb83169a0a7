package tanah.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.design.HardscapeItem;
import tanah.core.design.PieceForm;
import tanah.core.design.PieceLook;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.explain.Figures;
import tanah.files.catalogue.CatalogueReader;
import tanah.files.design.DesignReader;
import tanah.files.design.DesignWriter;
import tanah.files.design.Parsed;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The outline of a piece is a drawing: it is kept in the document to the last corner, and no number follows from it. */
class PieceLookLawTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private static Design drawn(Design plan, UnaryOperator<HardscapeItem> as) {
        return plan.withHardscape(plan.hardscape().stream().map(as).toList());
    }

    private static Evaluation evaluated(Design plan) {
        return Evaluator.evaluate(plan, CATALOGUE, Evaluator.Depth.STEADY);
    }

    @ParameterizedTest
    @ValueSource(strings = {"mossy-frog-paludarium", "collared-lizard-arid"})
    void noNumberFollowsFromAnOutline(String name) {
        Design plan = drawn(Examples.read(name), h -> h.withLook(Optional.empty()));
        Evaluation plain = evaluated(plan);
        assertThat(plan.hardscape()).isNotEmpty();
        for (PieceForm form : List.of(PieceForm.BRANCH, PieceForm.HALF_SHELL)) {
            Evaluation formed = evaluated(drawn(plan, h -> h.withLook(Optional.of(PieceLook.made(h, form, 3)))));
            assertThat(formed.findings()).isEqualTo(plain.findings());
            assertThat(Figures.of(formed, CATALOGUE)).isEqualTo(Figures.of(plain, CATALOGUE));
        }
    }

    @Test
    void everyFormComesBackFromItsDocument() {
        List<HardscapeItem> pieces = new ArrayList<>();
        Design plan = Examples.read("mossy-frog-paludarium");
        HardscapeItem model = plan.hardscape().get(0);
        for (PieceForm form : PieceForm.values()) {
            for (int seed : new int[] {0, 17, 0xffff}) {
                pieces.add(model.with()
                        .id("piece-" + pieces.size())
                        .look(Optional.of(PieceLook.made(model, form, seed)
                                .split(PieceLook.View.PLAN, 2)
                                .moved(PieceLook.View.FRONT, 1, new tanah.core.geometry.Point(1.0 / 3, 0.2))))
                        .build());
            }
        }
        Design many = plan.withHardscape(pieces);
        assertThat(read(DesignWriter.write(many))).isInstanceOfSatisfying(Parsed.Accepted.class, a -> {
            assertThat(DesignWriter.write(a.design())).isEqualTo(DesignWriter.write(many));
            for (int i = 0; i < pieces.size(); i++) {
                PieceLook kept = a.design().hardscape().get(i).look().orElseThrow();
                assertThat(kept.form())
                        .isEqualTo(pieces.get(i).look().orElseThrow().form());
                assertThat(kept.seed())
                        .isEqualTo(pieces.get(i).look().orElseThrow().seed());
                assertThat(kept.plan())
                        .isEqualTo(pieces.get(i).look().orElseThrow().plan());
            }
        });
    }

    /** What is put into a look, and the place that is named when it is wrong. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "form | \"pebble\" | /hardscape/0/look/form",
                "seed | 65536 | /hardscape/0/look/seed",
                "seed | -1 | /hardscape/0/look/seed",
                "plan_frac | [[0,0],[1,0]] | /hardscape/0/look/plan_frac",
                "front_frac | [[0,0],[1,0],[1,1.01]] | /hardscape/0/look/front_frac/2/1",
                "front_frac | [[0,0],[1,0],[1]] | /hardscape/0/look/front_frac/2",
                "x_later | 1 | /hardscape/0/look/x_later",
            })
    void aWrongLookIsNamed(String field, String value, String pointer) {
        ObjectNode look = look();
        look.set(field, JSON.readTree(value));
        assertThat(((Parsed.Refused) with(look)).problems())
                .extracting(p -> p.pointer())
                .contains(pointer);
    }

    @Test
    void anOutlineHoldsSixtyCornersAndNotMore() {
        ObjectNode look = look();
        ArrayNode corners = look.putArray("plan_frac");
        for (int i = 0; i < PieceLook.MOST; i++) {
            corners.addArray().add(i / 100.0).add(0.5);
        }
        assertThat(with(look)).isInstanceOf(Parsed.Accepted.class);
        corners.addArray().add(1).add(1);
        assertThat(with(look)).isInstanceOf(Parsed.Refused.class);
    }

    private static ObjectNode look() {
        ObjectNode look = JSON.createObjectNode().put("form", "slab").put("seed", 4);
        look.set("plan_frac", JSON.readTree("[[0,0],[1,0],[1,1]]"));
        look.set("front_frac", JSON.readTree("[[0,0],[1,0],[1,1]]"));
        return look;
    }

    private static Parsed with(ObjectNode look) {
        ObjectNode document = (ObjectNode) JSON.readTree(DesignWriter.write(Examples.read("mossy-frog-paludarium")));
        ((ObjectNode) document.path("hardscape").get(0)).set("look", look);
        return read(document.toString());
    }

    private static Parsed read(String document) {
        return new DesignReader(CATALOGUE).read(document.getBytes(StandardCharsets.UTF_8));
    }
}
