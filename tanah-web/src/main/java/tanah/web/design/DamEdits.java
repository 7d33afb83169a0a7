package tanah.web.design;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Component;
import tanah.core.design.Dam;
import tanah.core.design.DamMove;
import tanah.core.design.Design;
import tanah.core.design.Layer;
import tanah.core.evaluate.Evaluator;
import tanah.core.geometry.ConvexPolygon;
import tanah.web.catalogue.Catalogues;
import tanah.web.forms.FieldErrors;
import tanah.web.shell.Words;

/** Reads one edit of the wall between land and water and applies it to a design. */
@Component
class DamEdits {
    static final List<String> KINDS = List.of("foam", "glass", "acrylic", "stones", "wood", "none");
    private static final double THINNEST = 0.003; // m

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
        double left = DamMove.edge(dam.region().outline(), false);
        double right = DamMove.edge(dam.region().outline(), true);
        Optional<NumberField> number = WaterFields.of(form.opWord(), WaterFields.DAM);
        if (number.isPresent()) {
            double length = Evaluator.evaluate(design, catalogues.of(design))
                    .vessel()
                    .map(v -> v.length())
                    .orElse(0.0);
            NumberField field = bounded(number.get(), left, right, length);
            OptionalDouble value = field.read(form, errors);
            double v = value.orElse(0);
            return switch (field.op()) {
                case "dam-x" ->
                    numbers.apply(
                            design,
                            form,
                            field,
                            name,
                            OptionalDouble.of(left),
                            value,
                            errors,
                            () -> DamMove.to(design, dam.id(), v, v + right - left));
                case "dam-width" ->
                    numbers.apply(
                            design,
                            form,
                            field,
                            name,
                            OptionalDouble.of(right - left),
                            value,
                            errors,
                            () -> DamMove.to(design, dam.id(), left, left + v));
                default ->
                    numbers.apply(
                            design,
                            form,
                            field,
                            name,
                            OptionalDouble.of(dam.top()),
                            value,
                            errors,
                            () -> changed(design, dam, d -> d.at(d.region(), v)));
            };
        }
        return switch (form.opWord()) {
            case "dam-kind" -> kind(design, dam, form, errors);
            case "dam-seal" -> {
                boolean sealed = form.valueText().equals("true") && dam.canSeal();
                yield new EditOutcome(
                        sided(changed(design, dam, d -> d.of(d.kind(), sealed)), dam),
                        words.of(sealed ? "edit.sealed" : "edit.open", words.of("dam." + dam.kind())),
                        dam.id());
            }
            default -> {
                errors.add("form", "error.edit.unknown");
                yield EditOutcome.none(design, dam.id());
            }
        };
    }

    private static NumberField bounded(NumberField field, double left, double right, double length) {
        return switch (field.op()) {
            case "dam-x" -> field.upTo(length - (right - left) - THINNEST);
            case "dam-width" -> field.upTo(length - left - THINNEST);
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
                sided(changed(design, dam, d -> d.of(kind, sealed)), dam),
                words.of("dam." + dam.kind()) + " → " + words.of("dam." + kind),
                dam.id());
    }

    /** A sealed wall keeps the water on the side where its bottom lies; through an open one it finds its level. */
    private Design sided(Design design, Dam dam) {
        if (design.ground().dams().stream().noneMatch(Dam::isWatertight)) {
            return design.withWater(design.water().map(w -> w.withSide(Optional.empty())));
        }
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
        return design.withGround(design.ground()
                .withDams(design.ground().dams().stream()
                        .map(d -> d.id().equals(dam.id()) ? change.apply(d) : d)
                        .toList()));
    }
}
