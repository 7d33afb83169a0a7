package tanah.files.compare;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.design.Layer;
import tanah.core.design.NewLayer;
import tanah.core.design.Surface;
import tanah.core.design.edit.Edit;
import tanah.core.design.edit.EditContext;
import tanah.core.design.edit.GroundEdit;
import tanah.files.catalogue.CatalogueReader;
import tanah.files.compare.DesignDiff.Change;
import tanah.files.compare.DesignMerge.Conflict;
import tanah.files.compare.DesignMerge.Merged;
import tanah.files.compare.DesignMerge.Side;
import tanah.files.design.DesignReader;
import tanah.files.design.DesignWriter;
import tanah.files.design.Parsed;

/** Two saves on one revision: nothing that either keeper did may be lost without being asked. */
class DesignMergeTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();
    private static final DesignReader READER = new DesignReader(CATALOGUE);
    private static final Design BASE = example("mossy-frog-paludarium");
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 23);

    @Test
    void whatOnlyOneChangedIsTaken() {
        String soil = layer(BASE, 0).id();
        Design mine = deep(BASE, soil, 0.071);
        assertThat(design(merge(BASE, mine, BASE))).isEqualTo(mine);
        assertThat(design(merge(BASE, BASE, mine))).isEqualTo(mine);
    }

    @Test
    void changesOfDifferentLayersAreBothKept() {
        Design mine = deep(BASE, layer(BASE, 0).id(), 0.031);
        Design theirs = deep(BASE, layer(BASE, 1).id(), 0.093).withName("Frogs of room B");
        Merged merged = merge(BASE, mine, theirs);
        assertThat(merged.conflicts()).isEmpty();
        Design both = design(merged);
        assertThat(layer(both, 0)).isEqualTo(layer(mine, 0));
        assertThat(layer(both, 1)).isEqualTo(layer(theirs, 1));
        assertThat(both.name()).isEqualTo("Frogs of room B");
    }

    @Test
    void theSameFieldIsAConflictWithAllThreeValuesAndTheChoiceSettlesIt() {
        String id = layer(BASE, 0).id();
        Design mine = deep(BASE, id, 0.031);
        Design theirs = deep(BASE, id, 0.045);
        Merged open = merge(BASE, mine, theirs);
        assertThat(open.conflicts()).hasSize(1);
        Conflict conflict = open.conflicts().get(0);
        assertThat(conflict.path()).startsWith("ground.layers[" + id + "].surface");
        assertThat(conflict.mine()).contains("3.1");
        assertThat(conflict.theirs()).contains("4.5");
        assertThat(design(open)).isEqualTo(theirs);
        Map<String, Side> mineWins = Map.of(conflict.path(), Side.MINE);
        assertThat(design(DesignMerge.merge(BASE, mine, theirs, mineWins))).isEqualTo(mine);
        Map<String, Side> theirsWins = Map.of(conflict.path(), Side.THEIRS);
        Merged settled = DesignMerge.merge(BASE, mine, theirs, theirsWins);
        assertThat(settled.conflicts()).isEmpty();
        assertThat(design(settled)).isEqualTo(theirs);
    }

    @Test
    void takingOutWhatTheOtherChangedIsAConflict() {
        String id = layer(BASE, 0).id();
        Design mine = act(BASE, new GroundEdit.RemoveLayer(id));
        Design theirs = deep(BASE, id, 0.045);
        assertThat(merge(BASE, mine, theirs).conflicts())
                .extracting(Conflict::path)
                .containsExactly("ground.layers[" + id + "]");
        assertThat(merge(BASE, mine, BASE).conflicts()).isEmpty();
        assertThat(design(merge(BASE, mine, BASE)).ground().layer(id)).isEmpty();
    }

    @Test
    void aLayerThatEachAddedIsKeptFromBoth() {
        Layer one = NewLayer.of(BASE, Layer.Kind.LITTER, "leaf_litter", 0.02);
        Layer two = NewLayer.of(BASE, Layer.Kind.SUBSTRATE, "sand_play", 0.03);
        Design mine =
                BASE.withGround(BASE.ground().insert(BASE.ground().layers().size(), one));
        Design theirs = BASE.withGround(BASE.ground().insert(0, two));
        Merged merged = merge(BASE, mine, theirs);
        assertThat(merged.conflicts()).isEmpty();
        List<String> ids =
                design(merged).ground().layers().stream().map(Layer::id).toList();
        assertThat(ids)
                .contains(one.id(), two.id())
                .hasSize(BASE.ground().layers().size() + 2);
        assertThat(ids.get(0)).isEqualTo(two.id());
    }

    @Test
    void differencesAreNamedByPlace() {
        String id = layer(BASE, 0).id();
        Design after = deep(BASE, id, 0.031).withName("Other");
        List<Change> changes = DesignDiff.between(BASE, after);
        assertThat(changes).extracting(Change::path).anyMatch(p -> p.equals("name"));
        assertThat(changes)
                .anyMatch(c -> c.path().contains("[" + id + "]") && c.after().contains("3.1"));
        assertThat(DesignDiff.between(BASE, BASE)).isEmpty();
    }

    /** Random edits of both sides: every field that differs in the result differs on a side, and sides commute. */
    @Test
    void mergingLosesNothingAndDoesNotDependOnWhoCameFirst() {
        Random random = new Random(20261123);
        for (int round = 0; round < 300; round++) {
            Design mine = edited(BASE, random);
            Design theirs = edited(BASE, random);
            Merged one = merge(BASE, mine, theirs);
            Merged other = merge(BASE, theirs, mine);
            assertThat(one.conflicts()).hasSameSizeAs(other.conflicts());
            Parsed parsed = READER.read(one.document());
            if (parsed instanceof Parsed.Accepted accepted && one.conflicts().isEmpty()) {
                List<String> expected = new ArrayList<>();
                DesignDiff.between(BASE, mine).forEach(c -> expected.add(c.path() + "=" + c.after()));
                DesignDiff.between(BASE, theirs).forEach(c -> expected.add(c.path() + "=" + c.after()));
                List<String> found = DesignDiff.between(BASE, accepted.design()).stream()
                        .filter(c -> c.kind() != DesignDiff.Kind.MOVED)
                        .map(c -> c.path() + "=" + c.after())
                        .toList();
                assertThat(expected).as("round " + round).containsAll(found);
                for (String change : expected) {
                    if (!change.startsWith("ground.layers=")) {
                        assertThat(found).as("round " + round).contains(change);
                    }
                }
            }
        }
    }

    private static Design edited(Design design, Random random) {
        Design changed = design;
        int edits = 1 + random.nextInt(3);
        for (int i = 0; i < edits; i++) {
            List<Layer> layers = changed.ground().layers();
            String id = layers.get(random.nextInt(layers.size())).id();
            switch (random.nextInt(5)) {
                case 0 -> changed = changed.withGround(changed.ground().move(id, random.nextBoolean() ? 1 : -1));
                case 1 -> changed = changed.withName("name " + random.nextInt(4));
                case 2 -> {
                    if (layers.size() > 2) {
                        changed = act(changed, new GroundEdit.RemoveLayer(id));
                    }
                }
                default -> changed = deep(changed, id, 0.02 + random.nextInt(5) / 100.0);
            }
        }
        return changed;
    }

    private static Merged merge(Design base, Design mine, Design theirs) {
        return DesignMerge.merge(base, mine, theirs, Map.of());
    }

    private static Design deep(Design design, String layer, double depth) {
        Design changed =
                design.withGround(design.ground().change(layer, l -> l.withSurface(new Surface.Thickness(depth))));
        return accepted(DesignWriter.writeCompact(changed));
    }

    private static Design act(Design design, Edit edit) {
        return edit.apply(design, new EditContext(CATALOGUE, TODAY));
    }

    private static Layer layer(Design design, int index) {
        return design.ground().layers().get(index);
    }

    private static Design design(Merged merged) {
        return accepted(merged.document());
    }

    private static Design accepted(String document) {
        Parsed parsed = READER.read(document);
        assertThat(parsed).isInstanceOf(Parsed.Accepted.class);
        return ((Parsed.Accepted) parsed).design();
    }

    private static Design example(String name) {
        try {
            Design design = accepted(Files.readString(Path.of("../docs/examples/" + name + ".json")));
            // as it is stored, so that binary dust of the units does not count as a change
            return accepted(DesignWriter.writeCompact(design));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
