package tanah.web.design.ground;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import tanah.core.design.Boxes;
import tanah.core.design.DamMove;
import tanah.core.design.Design;
import tanah.core.design.Layer;
import tanah.core.design.Surface;
import tanah.core.design.edit.GroundEdit;
import tanah.core.design.edit.GroundNumber;
import tanah.core.evaluate.Evaluation;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.vessel.Vessel;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.edit.EditForm;
import tanah.web.design.edit.EditOutcome;
import tanah.web.design.edit.FieldView;
import tanah.web.design.edit.NumberEdit;
import tanah.web.design.edit.NumberField;
import tanah.web.design.words.PartNames;
import tanah.web.forms.FieldErrors;
import tanah.web.shell.Words;

/** Where on the floor a layer lies: its four edges by numbers. A layer over the whole floor has no region. */
@Component
class RegionEdits {
    private static final double NARROWEST = 0.01; // m
    private static final double WHOLE = 1e-6; // m

    private static final List<NumberField> FIELDS = List.of(
            NumberField.length("region-left", GroundNumber.EDGE, 1),
            NumberField.length("region-right", GroundNumber.EDGE, 1),
            NumberField.length("region-front", GroundNumber.EDGE, 1),
            NumberField.length("region-back", GroundNumber.EDGE, 1));

    private final Catalogues catalogues;
    private final NumberEdit numbers;
    private final PartNames names;

    RegionEdits(Catalogues catalogues, NumberEdit numbers, PartNames names) {
        this.catalogues = catalogues;
        this.numbers = numbers;
        this.names = names;
    }

    static boolean knows(String op) {
        return FIELDS.stream().anyMatch(f -> f.op().equals(op));
    }

    /** The fields of a layer; none where its plan is no rectangle, or before there is a box. */
    static List<FieldView> fields(Layer layer, Evaluation e, Words words) {
        if (e.vessel().isEmpty() || layer.region().filter(r -> !isRectangle(r)).isPresent()) {
            return List.of();
        }
        double[] edges = edges(layer, e.vessel().get());
        return List.of(
                FIELDS.get(0).view(layer.id(), edges[0], words),
                FIELDS.get(1).view(layer.id(), edges[1], words),
                FIELDS.get(2).view(layer.id(), edges[2], words),
                FIELDS.get(3).view(layer.id(), edges[3], words));
    }

    EditOutcome apply(Design design, Layer layer, EditForm form, FieldErrors errors) {
        Optional<Vessel> vessel = design.vessel().map(v -> Boxes.resolve(v, catalogues.of(design)));
        if (vessel.isEmpty()) {
            errors.add("form", "error.vessel.first");
            return EditOutcome.none(design, layer.id());
        }
        int index = 0;
        while (!FIELDS.get(index).op().equals(form.opWord())) {
            index++;
        }
        NumberField field = FIELDS.get(index)
                .upTo(index < 2 ? vessel.get().length() : vessel.get().width());
        OptionalDouble value = field.read(form, errors);
        double[] edges = edges(layer, vessel.get());
        double stood = edges[index];
        edges[index] = value.orElse(stood);
        if (errors.isEmpty() && (edges[1] - edges[0] < NARROWEST || edges[3] - edges[2] < NARROWEST)) {
            errors.add(field.op() + "-" + layer.id(), "error.region.narrow");
        }
        return numbers.apply(
                design,
                form,
                field,
                names.of(layer.id(), design, catalogues.of(design)),
                OptionalDouble.of(stood),
                value,
                errors,
                () -> new GroundEdit.LayOn(layer.id(), region(edges, vessel.get())));
    }

    private static Optional<Layer.Region> region(double[] edges, Vessel vessel) {
        boolean whole = edges[0] < WHOLE
                && edges[2] < WHOLE
                && edges[1] > vessel.length() - WHOLE
                && edges[3] > vessel.width() - WHOLE;
        return whole
                ? Optional.empty()
                : Optional.of(new Layer.Region(ConvexPolygon.rectangle(edges[0], edges[2], edges[1], edges[3]), true));
    }

    private static double[] edges(Layer layer, Vessel vessel) {
        if (layer.region().isEmpty()) {
            return new double[] {0, vessel.length(), 0, vessel.width()};
        }
        ConvexPolygon plan = layer.region().get().outline();
        return new double[] {
            DamMove.edge(plan, Surface.Axis.X, false),
            DamMove.edge(plan, Surface.Axis.X, true),
            DamMove.edge(plan, Surface.Axis.Y, false),
            DamMove.edge(plan, Surface.Axis.Y, true)
        };
    }

    private static boolean isRectangle(Layer.Region region) {
        ConvexPolygon plan = region.outline();
        double box = (DamMove.edge(plan, true) - DamMove.edge(plan, false))
                * (DamMove.edge(plan, Surface.Axis.Y, true) - DamMove.edge(plan, Surface.Axis.Y, false));
        return Math.abs(box - plan.area()) < 1e-9;
    }
}
