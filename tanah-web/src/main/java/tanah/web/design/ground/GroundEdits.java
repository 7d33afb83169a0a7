package tanah.web.design.ground;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import tanah.core.design.Design;
import tanah.core.design.Layer;
import tanah.core.design.NewLayer;
import tanah.core.design.edit.Edit;
import tanah.core.design.edit.EditNumber;
import tanah.core.design.edit.GroundEdit;
import tanah.core.design.edit.GroundNumber;
import tanah.core.ground.DrainageRule;
import tanah.core.ground.MeshHoleRule;
import tanah.core.school.Schools;
import tanah.core.units.Unit;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.edit.EditForm;
import tanah.web.design.edit.EditOutcome;
import tanah.web.design.edit.Edits;
import tanah.web.design.edit.NumberEdit;
import tanah.web.design.words.PartNames;
import tanah.web.forms.FieldErrors;
import tanah.web.forms.Numbers;
import tanah.web.forms.Quantity;
import tanah.web.shell.Words;

/** Reads one edit of the ground and applies it to a design. */
@Component
class GroundEdits {
    private final Catalogues catalogues;
    private final PartNames names;
    private final LayerNames layers;
    private final ShapeEdits shapes;
    private final MixEdits mixes;
    private final NumberEdit numbers;
    private final RegionEdits regions;
    private final Words common;
    private final Clock clock;
    private final Edits edits;

    GroundEdits(
            Catalogues catalogues,
            PartNames names,
            LayerNames layers,
            ShapeEdits shapes,
            MixEdits mixes,
            NumberEdit numbers,
            RegionEdits regions,
            Words common,
            Clock clock,
            Edits edits) {
        this.catalogues = catalogues;
        this.names = names;
        this.layers = layers;
        this.shapes = shapes;
        this.mixes = mixes;
        this.numbers = numbers;
        this.regions = regions;
        this.common = common;
        this.clock = clock;
        this.edits = edits;
    }

    public EditOutcome apply(Design design, EditForm form, long keeper, FieldErrors errors) {
        if (MixEdits.knows(form.opWord())) {
            return known(design, form, errors)
                    .map(layer -> mixes.apply(design, layer, form, errors))
                    .orElseGet(() -> EditOutcome.none(design, form.partId()));
        }
        if (RegionEdits.knows(form.opWord())) {
            return known(design, form, errors)
                    .map(layer -> regions.apply(design, layer, form, errors))
                    .orElseGet(() -> EditOutcome.none(design, form.partId()));
        }
        return switch (form.opWord()) {
            case "depth" -> shapes.depth(design, form, errors);
            case "slope" -> shapes.slope(design, form, errors);
            case "level" -> shapes.level(design, form);
            case "media" -> media(design, form, errors);
            case "bag" -> bag(design, form, errors);
            case "mesh" -> mesh(design, form);
            case "moist" -> moist(design, form, errors);
            case "mesh-hole" -> meshHole(design, form, errors);
            case "add" -> add(design, form, errors);
            case "remove" ->
                act(
                        design,
                        new GroundEdit.RemoveLayer(form.partId()),
                        common.of("edit.removed", layers.of(design, form.partId())),
                        "");
            case "up" -> move(design, form, 1);
            case "down" -> move(design, form, -1);
            case "school" -> school(design, form, errors);
            default -> {
                errors.add("form", "error.edit.unknown");
                yield EditOutcome.none(design, form.partId());
            }
        };
    }

    private EditOutcome media(Design design, EditForm form, FieldErrors errors) {
        if (known(design, form, errors).isEmpty() || !catalogues.of(design).isGround(form.valueText())) {
            errors.add("media-" + form.partId(), "error.media.unknown");
            return EditOutcome.none(design, form.partId());
        }
        return act(
                design,
                new GroundEdit.SetMedia(form.partId(), form.valueText()),
                layers.of(design, form.partId()) + " → " + catalogues.of(design).groundName(form.valueText()),
                form.partId());
    }

    /** The bag that a layer is bought in; both empty: no bag. */
    private EditOutcome bag(Design design, EditForm form, FieldErrors errors) {
        EditNumber.Limits bag = GroundNumber.BAG.limits();
        EditNumber.Limits cost = GroundNumber.PRICE.limits();
        OptionalDouble volume = errors.optional(
                "bag-" + form.partId(), form.valueText(), Quantity.Kind.VOLUME, bag.min(), bag.max(), Unit.LITRE);
        OptionalDouble price = errors.optional(
                "price-" + form.partId(), form.otherText(), Quantity.Kind.NUMBER, cost.min(), cost.max(), Unit.COUNT);
        if (known(design, form, errors).isEmpty() || !errors.isEmpty()) {
            return EditOutcome.none(design, form.partId());
        }
        String summary = volume.isPresent()
                ? common.of("edit.bag", layers.of(design, form.partId()), Numbers.volumeWithUnit(volume.getAsDouble()))
                : common.of("edit.no_bag", layers.of(design, form.partId()));
        return act(design, new GroundEdit.SetBag(form.partId(), volume, price), summary, form.partId());
    }

    private EditOutcome mesh(Design design, EditForm form) {
        boolean laid = form.valueText().equals("true");
        return act(
                design,
                new GroundEdit.LayMesh(form.partId(), laid),
                common.of(laid ? "edit.mesh" : "edit.no_mesh"),
                form.partId());
    }

    private EditOutcome meshHole(Design design, EditForm form, FieldErrors errors) {
        OptionalDouble hole = LayerParts.MESH_HOLE.read(form, errors);
        Optional<Layer> layer = known(design, form, errors);
        if (layer.isEmpty()) {
            return EditOutcome.none(design, form.partId());
        }
        double stood = layer.get().options().meshHole().orElse(MeshHoleRule.USUAL);
        return numbers.apply(
                design,
                form,
                LayerParts.MESH_HOLE,
                layers.of(design, form.partId()),
                OptionalDouble.of(stood),
                hole,
                errors,
                () -> new GroundEdit.SetMeshHole(form.partId(), hole));
    }

    private EditOutcome moist(Design design, EditForm form, FieldErrors errors) {
        OptionalDouble share = LayerParts.MOIST.read(form, errors);
        Optional<Layer> layer = known(design, form, errors);
        if (layer.isEmpty() || share.isEmpty()) {
            return EditOutcome.none(design, form.partId());
        }
        return numbers.apply(
                design,
                form,
                LayerParts.MOIST,
                layers.of(design, form.partId()),
                OptionalDouble.of(layer.get().wetness()),
                share,
                errors,
                () -> new GroundEdit.SetMoisture(form.partId(), share.getAsDouble()));
    }

    private EditOutcome add(Design design, EditForm form, FieldErrors errors) {
        String media = form.valueText();
        if (!catalogues.of(design).isGround(media)) {
            errors.add("add", "error.media.unknown");
            return EditOutcome.none(design, "");
        }
        Layer layer = NewLayer.usual(design, media, catalogues.of(design));
        String summary = common.of("edit.laid", names.layer(layer, catalogues.of(design)));
        return edits.attempt(new GroundEdit.AddLayer(layer), design, errors, "add")
                .map(made -> new EditOutcome(made, summary, layer.id()))
                .orElseGet(() -> EditOutcome.none(design, ""));
    }

    private EditOutcome move(Design design, EditForm form, int by) {
        return act(
                design,
                new GroundEdit.MoveLayer(form.partId(), by),
                common.of(by > 0 ? "edit.up" : "edit.down", layers.of(design, form.partId())),
                form.partId());
    }

    private EditOutcome school(Design design, EditForm form, FieldErrors errors) {
        String option = form.valueText();
        if (!Schools.DRAINAGE.options().contains(option)) {
            errors.add("school", "error.school.unknown");
            return EditOutcome.none(design, form.partId());
        }
        LocalDate today = LocalDate.now(clock);
        return new EditOutcome(
                Schools.apply(design, DrainageRule.CHOICE, option, catalogues.of(design), today),
                common.of("edit.school", common.of("school.drainage." + option)),
                form.partId());
    }

    private EditOutcome act(Design design, Edit edit, String summary, String part) {
        return new EditOutcome(edits.apply(edit, design), summary, part);
    }

    static Optional<Layer> known(Design design, EditForm form, FieldErrors errors) {
        Optional<Layer> layer = design.ground().layer(form.partId());
        if (layer.isEmpty()) {
            errors.add("form", "error.layer.gone");
        }
        return layer;
    }
}
