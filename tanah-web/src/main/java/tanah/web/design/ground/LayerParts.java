package tanah.web.design.ground;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import tanah.core.build.Packs;
import tanah.core.catalogue.Range;
import tanah.core.design.Layer;
import tanah.core.design.Recipe;
import tanah.core.design.Surface;
import tanah.core.design.edit.GroundNumber;
import tanah.core.evaluate.Evaluation;
import tanah.core.ground.LayerResult;
import tanah.core.ground.MeshHoleRule;
import tanah.core.scene.Textures;
import tanah.core.units.Unit;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.edit.NumberField;
import tanah.web.design.edit.NumberRow;
import tanah.web.design.words.PartNames;
import tanah.web.forms.Numbers;
import tanah.web.forms.Quantity;
import tanah.web.shell.Words;

/** The layers of the ground as rows with their fields. */
@Component
public class LayerParts {
    static final NumberField MOIST =
            NumberField.of("moist", Quantity.Kind.SHARE, GroundNumber.MOISTURE, Unit.PERCENT, true, 5);
    static final NumberField MESH_HOLE = NumberField.plain("mesh-hole", Unit.MILLIMETRE, GroundNumber.MESH_HOLE);
    private final Catalogues catalogues;
    private final PartNames names;
    private final Words common;

    LayerParts(Catalogues catalogues, PartNames names, Words common) {
        this.catalogues = catalogues;
        this.names = names;
        this.common = common;
    }

    public List<LayerView> of(Evaluation e, String selected) {
        List<LayerView> rows = new ArrayList<>();
        for (Layer layer : e.design().ground().layers()) {
            rows.add(layer(layer, e, layer.id().equals(selected)));
        }
        Collections.reverse(rows);
        return rows;
    }

    private LayerView layer(Layer layer, Evaluation e, boolean selected) {
        String form = layer.surface() instanceof Surface.Slope
                ? "slope"
                : layer.surface() instanceof Surface.Profile ? "fixed" : "depth";
        Surface.Slope slope = layer.surface() instanceof Surface.Slope s ? s : new Surface.Slope(0, 0);
        double typed = layer.surface() instanceof Surface.Thickness t ? t.thickness() : 0;
        LayerResult result = e.ground().flatMap(g -> g.layer(layer.id())).orElse(null);
        double mean = result == null ? typed : result.shape().meanDepth();
        return new LayerView(
                layer.id(),
                layer.kind().name().toLowerCase(Locale.ROOT),
                names.layer(layer, catalogues.of(e.design())),
                e.ground()
                        .map(g -> Textures.of(layer, g).name().toLowerCase(Locale.ROOT))
                        .orElse("void"),
                layer.media().orElse(null) instanceof Recipe.Named named ? named.id() : "",
                form,
                shownDepth(typed > 0 ? typed : mean),
                shownDepth(slope.front()),
                shownDepth(slope.back()),
                layer.options().bagVolume().isPresent()
                        ? Numbers.upTo(
                                Numbers.volume(layer.options().bagVolume().getAsDouble()), 2)
                        : "",
                layer.options().bagPrice().isPresent()
                        ? Numbers.upTo(layer.options().bagPrice().getAsDouble(), 2)
                        : "",
                layer.options().hasMesh(),
                MOIST.show(layer.wetness()),
                MESH_HOLE.show(layer.options().meshHole().orElse(MeshHoleRule.USUAL)),
                selected ? RegionEdits.fields(layer, e, common) : List.of(),
                result == null ? List.of() : numbers(result, packs(result)),
                result == null || result.components().size() < 2
                        ? List.of()
                        : result.components().stream()
                                .map(c -> new NumberRow(
                                        catalogues.of(e.design()).groundName(c.media()),
                                        Numbers.volumeWithUnit(c.loose())))
                                .toList(),
                selected && layer.media().isPresent()
                        ? Optional.of(MixView.of(layer, e, catalogues.of(e.design()), common))
                        : Optional.empty(),
                selected);
    }

    /** A depth as its field shows it. */
    public static String shownDepth(double metres) {
        return Numbers.upTo(Numbers.length(metres), 2);
    }

    /** The cheapest whole packs of a layer of one material; a mix has its packs in the buy list. */
    private String packs(LayerResult r) {
        if (r.components().size() != 1 || r.bags().isPresent()) {
            return "";
        }
        return Packs.cheapest(
                        r.loose(),
                        catalogues.shipped().packsOf(r.components().get(0).media()))
                .map(choice -> choice.picks().stream()
                        .map(p -> p.count() + " × "
                                + Numbers.volumeWithUnit(p.pack().amount()))
                        .collect(Collectors.joining(" + ")))
                .orElse("");
    }

    private List<NumberRow> numbers(LayerResult r, String packs) {
        List<NumberRow> rows = new ArrayList<>();
        rows.add(new NumberRow(
                common.of("layer.volume"), Numbers.volumeWithUnit(r.shape().volume()), figure(r, "volume")));
        if (r.shape().maxDepth() - r.shape().minDepth() > 5e-4) {
            rows.add(new NumberRow(
                    common.of("layer.depths"),
                    Numbers.centimetres(r.shape().minDepth()) + "–"
                            + Numbers.lengthWithUnit(r.shape().maxDepth()),
                    figure(r, "depth")));
        }
        rows.add(new NumberRow(
                common.of("layer.depth"), Numbers.lengthWithUnit(r.shape().meanDepth()), figure(r, "depth")));
        if (r.loose() > 0) {
            rows.add(new NumberRow(common.of("layer.loose"), Numbers.volumeWithUnit(r.loose()), figure(r, "loose")));
        }
        r.bags()
                .ifPresent(b -> rows.add(new NumberRow(
                        common.of("layer.bags"),
                        common.of(
                                "layer.bags.left", String.valueOf(b.count()), Numbers.volumeWithUnit(b.leftOver())))));
        rows.add(new NumberRow(common.of("layer.dry"), Numbers.massWithUnit(r.dryMass()), figure(r, "dry")));
        rows.add(new NumberRow(common.of("layer.wet"), Numbers.massWithUnit(r.wetMass()), figure(r, "wet")));
        if (r.cost() > 0) {
            rows.add(new NumberRow(
                    common.of("layer.cost"), Numbers.price(new Range(r.cost(), r.cost())), figure(r, "cost")));
        }
        return rows;
    }

    private static String figure(LayerResult r, String what) {
        return "layer." + r.id() + "." + what;
    }
}
