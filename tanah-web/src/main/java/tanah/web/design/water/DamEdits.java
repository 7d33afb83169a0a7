package tanah.web.design.water;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Component;
import tanah.core.design.Dam;
import tanah.core.design.DamMove;
import tanah.core.design.Design;
import tanah.core.design.Layer;
import tanah.core.design.Surface;
import tanah.core.evaluate.Evaluator;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.vessel.Vessel;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.edit.EditForm;
import tanah.web.design.edit.EditOutcome;
import tanah.web.design.edit.NumberEdit;
import tanah.web.design.edit.NumberField;
import tanah.web.design.words.PartNames;
import tanah.web.forms.FieldErrors;
import tanah.web.forms.Quantity;
import tanah.web.shell.Words;

/** Reads one edit of the wall between land and water and applies it to a design. */
@Component
public class DamEdits {
    static final List<String> KINDS = List.of("foam", "glass", "acrylic", "stones", "wood", "none");
    public static final double THINNEST = 0.003; // m
    private static final List<String> EDGES = List.of("dam-left", "dam-right", "dam-front", "dam-back");

    private final Catalogues catalogues;
    private final NumberEdit numbers;
    private final PartNames names;
    private final Words words;

    DamEdits(Catalogues catalogues, NumberEdit numbers, PartNames names, Words words) {
        this.catalogues = catalogues;
        this.numbers = numbers;
        this.names = names;
        this.words = words;
    }

    EditOutcome apply(Design design, Dam dam, EditForm form, FieldErrors errors) {
        String name = names.of(dam.id(), design, catalogues.of(design));
        Optional<NumberField> number = NumberField.named(form.opWord(), WaterFields.DAM);
        if (number.isPresent()) {
            NumberField field = Evaluator.evaluate(design, catalogues.of(design))
                    .vessel()
                    .map(v -> bounded(number.get(), dam, v))
                    .orElse(number.get());
            OptionalDouble value = field.read(form, errors);
            double v = value.orElse(0);
            return numbers.apply(
                    design,
                    form,
                    field,
                    name,
                    OptionalDouble.of(stands(field, dam)),
                    value,
                    errors,
                    () -> with(design, dam, field, v));
        }
        if (EDGES.contains(form.opWord()) || form.opWord().equals("dam-move")) {
            return dragged(design, dam, form, name, errors);
        }
        return switch (form.opWord()) {
            case "dam-kind" -> kind(design, dam, form, errors);
            case "dam-remove" ->
                new EditOutcome(
                        sided(design.withGround(design.ground()
                                .withDams(design.ground().dams().stream()
                                        .filter(d -> !d.id().equals(dam.id()))
                                        .toList()))),
                        words.of("edit.removed", name),
                        WaterEdits.BODY);
            case "dam-seal" -> {
                boolean sealed = form.valueText().equals("true") && dam.canSeal();
                yield new EditOutcome(
                        sided(changed(design, dam, d -> d.of(d.kind(), sealed))),
                        words.of(sealed ? "edit.sealed" : "edit.open", words.of("dam." + dam.kind())),
                        dam.id());
            }
            default -> {
                errors.add("form", "error.edit.unknown");
                yield EditOutcome.none(design, dam.id());
            }
        };
    }

    /** In the plan: the whole wall, or one of its edges; kept inside the box and at least as thick as a pane. */
    private EditOutcome dragged(Design design, Dam dam, EditForm form, String name, FieldErrors errors) {
        OptionalDouble value = Quantity.parse(form.valueText(), Quantity.Kind.LENGTH);
        OptionalDouble other = Quantity.parse(form.otherText(), Quantity.Kind.LENGTH);
        Optional<Vessel> vessel =
                Evaluator.evaluate(design, catalogues.of(design)).vessel();
        boolean whole = form.opWord().equals("dam-move");
        if (value.isEmpty() || vessel.isEmpty() || whole && other.isEmpty()) {
            errors.add("form", "error.edit.unknown");
            return EditOutcome.none(design, dam.id());
        }
        Vessel v = vessel.get();
        if (whole) {
            Design across = moved(design, dam, Surface.Axis.X, value.getAsDouble(), v.length());
            Design made = moved(across, dam, Surface.Axis.Y, other.orElse(0), v.width());
            return new EditOutcome(made, words.of("edit.moved", name), dam.id());
        }
        Surface.Axis axis =
                form.opWord().equals("dam-left") || form.opWord().equals("dam-right") ? Surface.Axis.X : Surface.Axis.Y;
        boolean far = form.opWord().equals("dam-right") || form.opWord().equals("dam-back");
        double near = edge(dam, axis, false);
        double end = edge(dam, axis, true);
        double most = axis == Surface.Axis.X ? v.length() : v.width();
        double at = value.getAsDouble();
        Design made = far
                ? DamMove.to(design, dam.id(), axis, near, Math.max(near + THINNEST, Math.min(most, at)))
                : DamMove.to(design, dam.id(), axis, Math.max(0, Math.min(end - THINNEST, at)), end);
        return new EditOutcome(made, words.of("edit.reshaped", name), dam.id());
    }

    private static Design moved(Design design, Dam dam, Surface.Axis axis, double to, double most) {
        double thick = edge(dam, axis, true) - edge(dam, axis, false);
        double at = Math.max(0, Math.min(most - thick, to));
        return DamMove.to(design, dam.id(), axis, at, at + thick);
    }

    private static double edge(Dam dam, Surface.Axis axis, boolean far) {
        return DamMove.edge(dam.region().outline(), axis, far);
    }

    private static Surface.Axis axis(NumberField field) {
        return field.equals(WaterFields.DAM_X) || field.equals(WaterFields.DAM_WIDTH) ? Surface.Axis.X : Surface.Axis.Y;
    }

    private static double stands(NumberField field, Dam dam) {
        double near = edge(dam, axis(field), false);
        return switch (field.op()) {
            case "dam-x", "dam-y" -> near;
            case "dam-width", "dam-depth" -> edge(dam, axis(field), true) - near;
            default -> dam.top();
        };
    }

    private static Design with(Design design, Dam dam, NumberField field, double value) {
        double near = edge(dam, axis(field), false);
        double far = edge(dam, axis(field), true);
        return switch (field.op()) {
            case "dam-x", "dam-y" -> DamMove.to(design, dam.id(), axis(field), value, value + far - near);
            case "dam-width", "dam-depth" -> DamMove.to(design, dam.id(), axis(field), near, near + value);
            default -> changed(design, dam, d -> d.at(d.region(), value));
        };
    }

    private static NumberField bounded(NumberField field, Dam dam, Vessel vessel) {
        double near = edge(dam, axis(field), false);
        double far = edge(dam, axis(field), true);
        return switch (field.op()) {
            // a wall may not lie against the side: there would be no water beside it
            case "dam-x" -> field.upTo(vessel.length() - (far - near) - THINNEST);
            case "dam-width" -> field.upTo(vessel.length() - near - THINNEST);
            case "dam-y" -> field.upTo(vessel.width() - (far - near));
            case "dam-depth" -> field.upTo(vessel.width() - near);
            default -> field;
        };
    }

    private EditOutcome kind(Design design, Dam dam, EditForm form, FieldErrors errors) {
        String kind = form.valueText();
        if (!KINDS.contains(kind)) {
            errors.add("dam-kind-" + dam.id(), "error.choice");
            return EditOutcome.none(design, dam.id());
        }
        boolean sealed =
                dam.isWatertight() && List.of("foam", "glass", "acrylic").contains(kind);
        return new EditOutcome(
                sided(changed(design, dam, d -> d.of(kind, sealed))),
                words.of("dam." + dam.kind()) + " → " + words.of("dam." + kind),
                dam.id());
    }

    /** A sealed wall keeps the water on the side where its bottom lies; through an open one it finds its level. */
    private Design sided(Design design) {
        if (!design.ground().isSealed() || design.ground().walls().size() > 1) {
            return design.withWater(design.water().map(w -> w.withSide(Optional.empty())));
        }
        Dam dam = design.ground().walls().get(0);
        double left = DamMove.edge(dam.region().outline(), false);
        double right = DamMove.edge(dam.region().outline(), true);
        return Evaluator.evaluate(design, catalogues.of(design))
                .vessel()
                .map(v -> {
                    boolean leftSide = design.ground().layers().stream()
                            .filter(l -> l.options().aquatic().orElse(false))
                            .flatMap(l -> l.region().stream())
                            .map(r -> r.outline().centroid().x() < left)
                            .findFirst()
                            .orElse(true);
                    var side = leftSide
                            ? ConvexPolygon.rectangle(0, 0, left, v.width())
                            : ConvexPolygon.rectangle(right, 0, v.length(), v.width());
                    return design.withWater(design.water()
                            .map(w -> w.sideRegion().isPresent()
                                    ? w
                                    : w.withSide(Optional.of(new Layer.Region(side, true)))));
                })
                .orElse(design);
    }

    private static Design changed(Design design, Dam dam, UnaryOperator<Dam> change) {
        return design.withGround(design.ground().changeDam(dam.id(), change));
    }
}
