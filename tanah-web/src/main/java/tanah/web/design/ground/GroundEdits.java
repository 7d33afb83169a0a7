package tanah.web.design.ground;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import tanah.core.design.Design;
import tanah.core.design.Layer;
import tanah.core.design.NewLayer;
import tanah.core.design.Surface;
import tanah.core.design.edit.Edit;
import tanah.core.design.edit.GroundEdit;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.ground.DrainageRule;
import tanah.core.ground.LayerResult;
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
    private static final double LEAST = 0.001; // m
    private static final double MOST = 2; // m
    private static final int MOST_LAYERS = 40;

    private final Catalogues catalogues;
    private final PartNames names;
    private final MixEdits mixes;
    private final NumberEdit numbers;
    private final RegionEdits regions;
    private final Words common;
    private final Clock clock;
    private final Edits edits;

    GroundEdits(
            Catalogues catalogues,
            PartNames names,
            MixEdits mixes,
            NumberEdit numbers,
            RegionEdits regions,
            Words common,
            Clock clock,
            Edits edits) {
        this.catalogues = catalogues;
        this.names = names;
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
            case "depth" -> depth(design, form, errors);
            case "slope" -> slope(design, form, errors);
            case "level" -> level(design, form);
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
                        common.of("edit.removed", name(design, form)),
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

    private EditOutcome depth(Design design, EditForm form, FieldErrors errors) {
        Optional<Layer> layer = known(design, form, errors);
        OptionalDouble depth = errors.required(
                "depth-" + form.partId(), form.valueText(), Quantity.Kind.LENGTH, LEAST, MOST, Unit.CENTIMETRE);
        if (layer.isEmpty() || depth.isEmpty()) {
            return EditOutcome.none(design, form.partId());
        }
        double to = depth.getAsDouble();
        double from = Evaluator.evaluate(design, catalogues.of(design))
                .ground()
                .flatMap(g -> g.layer(form.partId()))
                .map(LayerResult::shape)
                .map(LayerResult.Shape::meanDepth)
                .orElse(0.0);
        GroundEdit edit = new GroundEdit.SetDepth(form.partId(), to);
        if (layer.get().surface() instanceof Surface.Slope s) {
            double shift = to - from;
            edit = new GroundEdit.SetSlope(
                    form.partId(), Math.max(0, s.front() + shift), Math.max(0, s.back() + shift));
        } else if (layer.get().surface() instanceof Surface.Thickness t) {
            from = t.thickness();
        }
        if (form.valueText().strip().equals(LayerParts.shownDepth(from))) {
            return EditOutcome.none(design, form.partId());
        }
        String summary = name(design, form) + " " + Numbers.centimetres(from) + " → " + Numbers.lengthWithUnit(to);
        return act(design, edit, summary, form.partId());
    }

    private EditOutcome slope(Design design, EditForm form, FieldErrors errors) {
        Optional<Layer> layer = known(design, form, errors);
        OptionalDouble front = errors.required(
                "front-" + form.partId(), form.valueText(), Quantity.Kind.LENGTH, 0, MOST, Unit.CENTIMETRE);
        OptionalDouble back = errors.required(
                "back-" + form.partId(), form.otherText(), Quantity.Kind.LENGTH, 0, MOST, Unit.CENTIMETRE);
        if (layer.isEmpty() || front.isEmpty() || back.isEmpty()) {
            return EditOutcome.none(design, form.partId());
        }
        if (front.getAsDouble() + back.getAsDouble() <= 0) {
            errors.add("front-" + form.partId(), "error.slope.flat");
            return EditOutcome.none(design, form.partId());
        }
        String summary = common.of(
                "edit.slope",
                name(design, form),
                Numbers.centimetres(front.getAsDouble()),
                Numbers.lengthWithUnit(back.getAsDouble()));
        return act(
                design,
                new GroundEdit.SetSlope(form.partId(), front.getAsDouble(), back.getAsDouble()),
                summary,
                form.partId());
    }

    /** A slope becomes one depth, or one depth a slope with the same mean. */
    private EditOutcome level(Design design, EditForm form) {
        Evaluation e = Evaluator.evaluate(design, catalogues.of(design));
        Optional<LayerResult> result = e.ground().flatMap(g -> g.layer(form.partId()));
        Optional<Layer> layer = design.ground().layer(form.partId());
        if (layer.isEmpty() || result.isEmpty() || layer.get().surface() instanceof Surface.Profile) {
            return EditOutcome.none(design, form.partId());
        }
        if (layer.get().surface() instanceof Surface.Slope) {
            double mean = Math.max(LEAST, Math.round(result.get().shape().meanDepth() * 1000) / 1000.0);
            return act(
                    design,
                    new GroundEdit.LevelLayer(form.partId(), mean),
                    common.of("edit.level", name(design, form)),
                    form.partId());
        }
        double top = Math.round(result.get().shape().topMax() * 1000) / 1000.0;
        return act(
                design,
                new GroundEdit.SetSlope(form.partId(), top, top),
                common.of("edit.sloped", name(design, form)),
                form.partId());
    }

    private EditOutcome media(Design design, EditForm form, FieldErrors errors) {
        if (known(design, form, errors).isEmpty() || !catalogues.of(design).isGround(form.valueText())) {
            errors.add("media-" + form.partId(), "error.media.unknown");
            return EditOutcome.none(design, form.partId());
        }
        return act(
                design,
                new GroundEdit.SetMedia(form.partId(), form.valueText()),
                name(design, form) + " → " + catalogues.of(design).groundName(form.valueText()),
                form.partId());
    }

    /** The bag that a layer is bought in; both empty: no bag. */
    private EditOutcome bag(Design design, EditForm form, FieldErrors errors) {
        OptionalDouble volume =
                errors.optional("bag-" + form.partId(), form.valueText(), Quantity.Kind.VOLUME, 1e-4, 5, Unit.LITRE);
        OptionalDouble price = errors.optional(
                "price-" + form.partId(), form.otherText(), Quantity.Kind.NUMBER, 0, 100_000, Unit.COUNT);
        if (known(design, form, errors).isEmpty() || !errors.isEmpty()) {
            return EditOutcome.none(design, form.partId());
        }
        String summary = volume.isPresent()
                ? common.of("edit.bag", name(design, form), Numbers.volumeWithUnit(volume.getAsDouble()))
                : common.of("edit.no_bag", name(design, form));
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
                name(design, form),
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
                name(design, form),
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
        if (design.ground().layers().size() >= MOST_LAYERS) {
            errors.add("add", "error.layers.many");
            return EditOutcome.none(design, "");
        }
        Layer layer = NewLayer.usual(design, media, catalogues.of(design));
        return act(
                design,
                new GroundEdit.AddLayer(layer),
                common.of("edit.laid", names.layer(layer, catalogues.of(design))),
                layer.id());
    }

    private EditOutcome move(Design design, EditForm form, int by) {
        return act(
                design,
                new GroundEdit.MoveLayer(form.partId(), by),
                common.of(by > 0 ? "edit.up" : "edit.down", name(design, form)),
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

    private static Optional<Layer> known(Design design, EditForm form, FieldErrors errors) {
        Optional<Layer> layer = design.ground().layer(form.partId());
        if (layer.isEmpty()) {
            errors.add("form", "error.layer.gone");
        }
        return layer;
    }

    private String name(Design design, EditForm form) {
        return design.ground()
                .layer(form.partId())
                .map(l -> names.layer(l, catalogues.of(design)))
                .map(n -> n.length() > 40 ? n.substring(0, 39) + "…" : n)
                .orElse(form.partId().toLowerCase(Locale.ROOT));
    }
}
