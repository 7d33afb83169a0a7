package tanah.web.design.ground;

import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import tanah.core.design.Design;
import tanah.core.design.Layer;
import tanah.core.design.Surface;
import tanah.core.design.edit.Edit;
import tanah.core.design.edit.EditNumber;
import tanah.core.design.edit.GroundEdit;
import tanah.core.design.edit.GroundNumber;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.ground.LayerResult;
import tanah.core.units.Unit;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.edit.EditForm;
import tanah.web.design.edit.EditOutcome;
import tanah.web.design.edit.Edits;
import tanah.web.forms.FieldErrors;
import tanah.web.forms.Numbers;
import tanah.web.forms.Quantity;
import tanah.web.shell.Words;

/** Reads one edit of how deep a layer is and how it slopes. */
@Component
class ShapeEdits {
    private final Catalogues catalogues;
    private final LayerNames names;
    private final Words common;
    private final Edits edits;

    ShapeEdits(Catalogues catalogues, LayerNames names, Words common, Edits edits) {
        this.catalogues = catalogues;
        this.names = names;
        this.common = common;
        this.edits = edits;
    }

    private EditOutcome act(Design design, Edit edit, String summary, String part) {
        return new EditOutcome(edits.apply(edit, design), summary, part);
    }

    private static OptionalDouble typed(
            String field, EditForm form, String text, GroundNumber number, FieldErrors errors) {
        EditNumber.Limits limits = number.limits();
        return errors.required(
                field + form.partId(), text, Quantity.Kind.LENGTH, limits.min(), limits.max(), Unit.CENTIMETRE);
    }

    EditOutcome depth(Design design, EditForm form, FieldErrors errors) {
        Optional<Layer> layer = GroundEdits.known(design, form, errors);
        OptionalDouble depth = typed("depth-", form, form.valueText(), GroundNumber.DEPTH, errors);
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
        String summary =
                names.of(design, form.partId()) + " " + Numbers.centimetres(from) + " → " + Numbers.lengthWithUnit(to);
        return act(design, edit, summary, form.partId());
    }

    EditOutcome slope(Design design, EditForm form, FieldErrors errors) {
        Optional<Layer> layer = GroundEdits.known(design, form, errors);
        OptionalDouble front = typed("front-", form, form.valueText(), GroundNumber.SLOPE, errors);
        OptionalDouble back = typed("back-", form, form.otherText(), GroundNumber.SLOPE, errors);
        if (layer.isEmpty() || front.isEmpty() || back.isEmpty()) {
            return EditOutcome.none(design, form.partId());
        }
        if (front.getAsDouble() + back.getAsDouble() <= 0) {
            errors.add("front-" + form.partId(), "error.slope.flat");
            return EditOutcome.none(design, form.partId());
        }
        String summary = common.of(
                "edit.slope",
                names.of(design, form.partId()),
                Numbers.centimetres(front.getAsDouble()),
                Numbers.lengthWithUnit(back.getAsDouble()));
        return act(
                design,
                new GroundEdit.SetSlope(form.partId(), front.getAsDouble(), back.getAsDouble()),
                summary,
                form.partId());
    }

    /** A slope becomes one depth, or one depth a slope with the same mean. */
    EditOutcome level(Design design, EditForm form) {
        Evaluation e = Evaluator.evaluate(design, catalogues.of(design));
        Optional<LayerResult> result = e.ground().flatMap(g -> g.layer(form.partId()));
        Optional<Layer> layer = design.ground().layer(form.partId());
        if (layer.isEmpty() || result.isEmpty() || layer.get().surface() instanceof Surface.Profile) {
            return EditOutcome.none(design, form.partId());
        }
        if (layer.get().surface() instanceof Surface.Slope) {
            double mean = Math.max(
                    GroundNumber.DEPTH.limits().min(),
                    Math.round(result.get().shape().meanDepth() * 1000) / 1000.0);
            return act(
                    design,
                    new GroundEdit.LevelLayer(form.partId(), mean),
                    common.of("edit.level", names.of(design, form.partId())),
                    form.partId());
        }
        double top = Math.round(result.get().shape().topMax() * 1000) / 1000.0;
        return act(
                design,
                new GroundEdit.SetSlope(form.partId(), top, top),
                common.of("edit.sloped", names.of(design, form.partId())),
                form.partId());
    }
}
