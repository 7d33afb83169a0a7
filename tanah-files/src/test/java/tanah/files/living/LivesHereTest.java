package tanah.files.living;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.design.PieceMove;
import tanah.core.design.PlantPiece;
import tanah.core.design.edit.EditContext;
import tanah.core.design.edit.PlanLimits;
import tanah.core.design.edit.PlantEdit;
import tanah.core.design.edit.Refusal;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.plant.Reach;
import tanah.core.plant.RootPlace;
import tanah.core.planting.LivesHere;
import tanah.files.Examples;
import tanah.files.catalogue.CatalogueReader;

/** What would live at a place where nothing is planted yet, and the plant that is set there. */
class LivesHereTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();
    private static final Design FROGS = Examples.read("mossy-frog-paludarium");
    private static final EditContext CONTEXT = new EditContext(CATALOGUE, LocalDate.of(2026, 3, 1));
    private static final Evaluation BEFORE = Evaluator.evaluate(FROGS, CATALOGUE, Evaluator.Depth.WHOLE);

    private static List<LivesHere.Here> at(double x, double y) {
        return LivesHere.at(FROGS, BEFORE.planted().orElseThrow(), x, y);
    }

    @Test
    void everyKindIsListedOnceBestFirst() {
        List<LivesHere.Here> all = at(0.85, 0.2);
        assertThat(all).extracting(h -> h.kind().id()).doesNotHaveDuplicates();
        assertThat(all).hasSize(CATALOGUE.allPlants().size());
        double before = 1;
        for (LivesHere.Here h : all) {
            double score = h.fit().score().orElse(0);
            assertThat(score).isLessThanOrEqualTo(before);
            before = score;
        }
        assertThat(all.get(0).on()).isEqualTo(RootPlace.SOIL);
    }

    /** What the list says of a kind is what the plan says once it stands there: one quantity, one number. */
    @Test
    void whatIsSaidOfAPlaceHoldsOnceItIsPlanted() {
        LivesHere.Here best = at(0.85, 0.2).get(0);
        PlantEdit.PlantAt edit = new PlantEdit.PlantAt(best.kind().id(), best.on(), 0.85, 0.2);
        assertThat(edit.refused(FROGS, CONTEXT)).isEmpty();
        Design planted = edit.apply(FROGS, CONTEXT);
        PlantPiece piece = planted.plants().get(planted.plants().size() - 1);
        assertThat(piece.reach()).isEqualTo(Reach.OPEN);
        Evaluation whole = Evaluator.evaluate(planted, CATALOGUE, Evaluator.Depth.WHOLE);
        double score = whole.planted()
                .orElseThrow()
                .piece(piece.id())
                .orElseThrow()
                .fit()
                .orElseThrow()
                .score()
                .orElseThrow();
        assertThat(score)
                .as("it shades itself a little")
                .isBetween(best.fit().score().orElseThrow() - 0.1, 1.0);
    }

    @Test
    void aPieceThatBearsPlantsIsOffered() {
        PieceMove.Box box = FROGS.hardscape().stream()
                .filter(h -> h.kind().filter("cork"::equals).isPresent())
                .map(PieceMove::box)
                .findFirst()
                .orElseThrow();
        List<LivesHere.Here> all = at(box.left() + box.length() / 2, box.front() + box.width() / 2);
        assertThat(all).isNotEmpty();
        assertThat(all).extracting(LivesHere.Here::on).containsOnly(RootPlace.MOUNT);
    }

    @Test
    void inOpenWaterNothingOfTheLandLives() {
        List<LivesHere.Here> good = at(0.1, 0.1).stream()
                .filter(h -> h.fit().score().orElse(0) >= 0.3)
                .toList();
        assertThat(good)
                .isNotEmpty()
                .extracting(h -> h.kind().id())
                .doesNotContain("fittonia-albivenis", "maranta-leuconeura");
        assertThat(good).extracting(LivesHere.Here::on).doesNotContain(RootPlace.MOUNT);
    }

    @Test
    void outsideTheBoxNothingIs() {
        assertThat(at(5, 5)).isEmpty();
    }

    @Test
    void whatIsUnknownOrTooMuchIsRefused() {
        assertThat(new PlantEdit.PlantAt("no-such-plant", RootPlace.SOIL, 0.1, 0.1).refused(FROGS, CONTEXT))
                .contains(Refusal.UNKNOWN_PLANT);
        assertThat(new PlantEdit.PlantAt("fittonia-albivenis", RootPlace.SOIL, -0.1, 0.1).refused(FROGS, CONTEXT))
                .contains(Refusal.OUT_OF_RANGE);
        Design full = FROGS;
        while (full.plants().size() < PlanLimits.PLANTS) {
            full = new PlantEdit.PlantAt("fittonia-albivenis", RootPlace.SOIL, 0.5, 0.1).apply(full, CONTEXT);
        }
        assertThat(new PlantEdit.PlantAt("fittonia-albivenis", RootPlace.SOIL, 0.1, 0.1).refused(full, CONTEXT))
                .contains(Refusal.PLANTS_MANY);
    }
}
