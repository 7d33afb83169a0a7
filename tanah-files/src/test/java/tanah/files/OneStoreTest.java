package tanah.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tanah.core.box.Floor;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.design.Envelope;
import tanah.core.design.Fixing;
import tanah.core.design.HardscapeItem;
import tanah.core.design.Layer;
import tanah.core.design.OtherFields;
import tanah.core.design.edit.EditContext;
import tanah.core.design.edit.WallEdit;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.geometry.Point;
import tanah.core.ground.GroundResult;
import tanah.core.ground.WaterVolumes;
import tanah.files.catalogue.CatalogueReader;

/** What fills the box is counted once: the water that the climate dries and warms is the water of the ground and of the pool. */
class OneStoreTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();
    private static final EditContext CONTEXT = new EditContext(CATALOGUE, LocalDate.of(2026, 3, 1));

    /** Of tiles and slopes the climate takes the middle: no more than this share of a store. */
    private static final double TILES = 0.02;

    /** Room for water in the soil, by the layers (m³). */
    private static double inTheGround(Design design, GroundResult ground) {
        return design.ground().layers().stream()
                .filter(l -> l.is(Layer.Kind.SUBSTRATE))
                .mapToDouble(l -> ground.layer(l.id()).orElseThrow().shape().netVolume()
                        * ground.soil(l.id()).orElseThrow().fieldCapacity())
                .sum();
    }

    /** The same as the climate has it. */
    private static double inTheClimate(Evaluation e) {
        double sum = 0;
        for (Floor f : floor(e)) {
            if (f instanceof Floor.Land l) {
                sum += area(l) * l.soil().depth() * l.soil().fieldCapacity();
            }
        }
        return sum;
    }

    private static List<Floor> floor(Evaluation e) {
        return Evaluator.mapped(e, CATALOGUE).orElseThrow().enclosure().floor();
    }

    private static double area(Floor f) {
        double[] b = f.bounds();
        return (b[1] - b[0]) * (b[3] - b[2]);
    }

    private static double pool(Evaluation e) {
        double sum = 0;
        for (Floor f : floor(e)) {
            if (f instanceof Floor.Water w) {
                sum += area(w) * w.depth();
            }
        }
        return sum;
    }

    private static Design rock(Design design, double x, double y, double base, double size, double height) {
        List<HardscapeItem> all = new java.util.ArrayList<>(design.hardscape());
        all.add(new HardscapeItem(
                "rock",
                Optional.empty(),
                Optional.of("stone"),
                Optional.empty(),
                List.of(new Point(x, y), new Point(x + size, y), new Point(x + size, y + size), new Point(x, y + size)),
                OptionalDouble.of(base),
                height,
                OptionalDouble.empty(),
                OptionalDouble.of(2600),
                OptionalDouble.empty(),
                Optional.empty(),
                Fixing.UNSAID,
                Optional.empty(),
                Optional.empty(),
                OtherFields.NONE));
        return design.withHardscape(all);
    }

    private static Design foam(Design design) {
        Design with = new WallEdit.AddSheet(Envelope.Face.BACK).apply(design, CONTEXT);
        Design thick = new WallEdit.ThickenSheet("sheet-back", 0.05).apply(with, CONTEXT);
        return new WallEdit.TurnSheet("sheet-back", true).apply(thick, CONTEXT);
    }

    private static void holdsTheSame(Design design) {
        Evaluation e = Evaluator.evaluate(design, CATALOGUE);
        double ground = inTheGround(design, e.ground().orElseThrow());
        assertThat(inTheClimate(e)).isCloseTo(ground, within(TILES * ground + 1e-6));
        double free = e.ground().orElseThrow().water().map(WaterVolumes::free).orElse(0.0);
        assertThat(pool(e)).isCloseTo(free, within(TILES * free + 1e-6));
    }

    @ParameterizedTest
    @ValueSource(strings = {"giant-millipede-box", "mossy-frog-paludarium", "collared-lizard-arid"})
    void theDemoPlansHoldTheSameInBoth(String name) {
        Design design = Examples.read(name);
        holdsTheSame(design);
        holdsTheSame(foam(design));
        holdsTheSame(rock(design, 0.1, 0.1, 0, 0.2, 0.3));
        holdsTheSame(rock(foam(design), 0.1, 0.1, 0, 0.2, 0.3));
    }

    /** The rock that fills a tenth of a floor takes a tenth of its soil's water, in both. */
    @Test
    void aRockTakesItsShareOfTheClimatesSoil() {
        Design millipede = Examples.read("giant-millipede-box").withHardscape(List.of());
        Evaluation bare = Evaluator.evaluate(millipede, CATALOGUE);
        Evaluation with = Evaluator.evaluate(rock(millipede, 0.1, 0.1, 0, 0.2, 0.4), CATALOGUE);
        double floor = bare.vessel().orElseThrow().floorArea();
        assertThat(inTheClimate(with) / inTheClimate(bare)).isCloseTo(1 - 0.04 / floor, within(0.01));
    }
}
