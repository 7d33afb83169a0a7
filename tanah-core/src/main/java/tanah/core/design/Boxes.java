package tanah.core.design;

import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Range;
import tanah.core.catalogue.VesselModel;
import tanah.core.units.Unit;
import tanah.core.vessel.Label;
import tanah.core.vessel.Material;
import tanah.core.vessel.PaneMass;
import tanah.core.vessel.Vessel;
import tanah.core.vessel.VesselShape;

/**
 * Makes the true box from what is written down. Order of belief: the document, the catalogue row it names, a default.
 */
public final class Boxes {
    /** Band of a mass that was computed from panes: trade tolerances of glass thickness (common practice). */
    private static final Range PANE_BAND = new Range(0.95, 1.10);

    private Boxes() {}

    /** A plan for a row of the catalogue, with its measures copied in, as the format asks. */
    public static VesselPlan fromCatalogue(VesselModel model, Optional<VesselPlan.Structure> structure) {
        return new VesselPlan(
                Optional.of(model.id()),
                Optional.of(VesselPlan.Shape.RECTANGLE),
                Optional.empty(),
                Optional.of(VesselPlan.Measures.box(model.innerLength(), model.innerWidth(), model.innerHeight())),
                OptionalDouble.of(model.pane()),
                OptionalDouble.of(model.base()),
                Optional.of(material(model)),
                Optional.empty(),
                OptionalDouble.empty(),
                model.frontDam(),
                model.waterproofDepth(),
                Optional.empty(),
                structure,
                Envelope.PLAIN,
                OtherFields.NONE);
    }

    /**
     * The true box.
     *
     * @throws IllegalArgumentException if the panes leave no inside or measures are missing, which the reader of the
     *     document has excluded
     */
    public static Vessel resolve(VesselPlan plan, Catalogue catalogue) {
        Optional<VesselModel> model = plan.catalogue().flatMap(catalogue::findVessel);
        double pane = plan.pane().orElse(model.map(VesselModel::pane).orElse(0.0));
        double base = plan.base()
                .orElse(plan.pane().orElse(model.map(VesselModel::base).orElse(0.0)));
        boolean written = plan.inside().isPresent() || plan.outside().isPresent();
        VesselPlan.Measures measures = plan.inside()
                .or(plan::outside)
                .or(() -> model.map(m -> VesselPlan.Measures.box(m.innerLength(), m.innerWidth(), m.innerHeight())))
                .orElseThrow(() -> new IllegalArgumentException("a vessel without measures"));
        boolean outside = plan.inside().isEmpty() && plan.outside().isPresent();
        VesselShape shape = shape(plan.shape().orElse(VesselPlan.Shape.RECTANGLE), measures);
        VesselShape.InsidePlan inside = shape.inside(outside ? pane : 0);
        double height = height(plan.shape().orElse(VesselPlan.Shape.RECTANGLE), measures) - (outside ? base : 0);
        if (!(height > 0)) {
            throw new IllegalArgumentException("the base leaves no height");
        }
        double brim = inside.floorArea() * height;
        boolean weighed = model.isPresent() && (!written || sameBox(plan, model.get()));
        double extra = Faces.extraMass(plan, inside.length(), inside.width(), height, inside.floorArea(), catalogue);
        double mass = extra
                + (weighed
                        ? model.get().emptyMass()
                        : paneMass(plan, Faces.box(plan, catalogue), shape, inside, height, pane, base, outside));
        return new Vessel(
                inside.outline(),
                inside.floorArea(),
                inside.length(),
                inside.width(),
                height,
                Math.min(plan.usableHeight().orElse(height), height),
                plan.frontDam().isPresent()
                        ? plan.frontDam()
                        : model.map(VesselModel::frontDam).orElse(OptionalDouble.empty()),
                label(plan, model, brim),
                mass,
                weighed ? moved(model.get().emptyMassBand(), extra) : PANE_BAND.times(mass),
                weighed ? Vessel.MassSource.CATALOGUE : Vessel.MassSource.PANES);
    }

    private static Range moved(Range range, double by) {
        return new Range(range.min() + by, range.max() + by);
    }

    /** Share of the lid that is mesh, 0 to 1: as described, else as the vessel is sold; 1 where there is no lid. */
    public static double lidMesh(VesselPlan plan, Catalogue catalogue) {
        VesselPlan.Lid lid = plan.lid().orElse(VesselPlan.Lid.UNSAID);
        if (lid.material().filter("none"::equals).isPresent()) {
            return 1;
        }
        boolean described = lid.meshFraction().isPresent() || lid.material().isPresent();
        return described
                ? lid.meshFraction().orElse(0)
                : plan.catalogue()
                        .flatMap(catalogue::findVessel)
                        .map(VesselModel::lidMesh)
                        .orElse(0.0);
    }

    /** The wall material of a catalogue row. */
    public static Material material(VesselModel model) {
        return switch (model.material()) {
            case "glass" -> model.glassTemper().equals("tempered") ? Material.GLASS_TEMPERED : Material.GLASS_ANNEALED;
            case "acrylic" -> Material.ACRYLIC;
            case "pvc" -> Material.PVC_FOAM;
            case "wood" -> Material.PLYWOOD;
            case "polypropylene" -> Material.POLYPROPYLENE;
            case "aluminium_mesh" -> Material.ALUMINIUM_MESH;
            default -> throw new IllegalArgumentException("unknown wall material " + model.material());
        };
    }

    private static boolean sameBox(VesselPlan plan, VesselModel model) {
        return plan.inside()
                .filter(m -> near(m.length(), model.innerLength())
                        && near(m.width(), model.innerWidth())
                        && near(m.height(), model.innerHeight()))
                .isPresent();
    }

    private static boolean near(OptionalDouble value, double other) {
        return value.isPresent() && Math.abs(value.getAsDouble() - other) <= 0.011;
    }

    private static VesselShape shape(VesselPlan.Shape shape, VesselPlan.Measures m) {
        return switch (shape) {
            case RECTANGLE ->
                new VesselShape.Rectangle(m.length().orElseThrow(), m.width().orElseThrow());
            case CUBE ->
                new VesselShape.Rectangle(
                        m.length().orElseThrow(), m.width().orElse(m.length().getAsDouble()));
            case BOW_FRONT ->
                new VesselShape.BowFront(
                        m.length().orElseThrow(),
                        m.sideWidth().orElseThrow(),
                        m.bow().orElseThrow());
            case CORNER_PENTAGON ->
                new VesselShape.CornerPentagon(m.leg().orElseThrow(), m.side().orElseThrow());
            case CORNER_BOW -> new VesselShape.CornerBow(m.leg().orElseThrow());
        };
    }

    private static double height(VesselPlan.Shape shape, VesselPlan.Measures m) {
        return shape == VesselPlan.Shape.CUBE
                ? m.height().orElse(m.length().orElseThrow())
                : m.height().orElseThrow();
    }

    private static double paneMass(
            VesselPlan plan,
            Material material,
            VesselShape shape,
            VesselShape.InsidePlan inside,
            double height,
            double pane,
            double base,
            boolean outside) {
        double walls = shape instanceof VesselShape.Rectangle r
                ? PaneMass.rectangle(
                        outside ? r.length() : r.length() + 2 * pane,
                        outside ? r.width() : r.width() + 2 * pane,
                        height,
                        pane,
                        base,
                        material)
                : PaneMass.ring(inside.outline(), inside.floorArea(), height, pane, base, material);
        return walls + lidMass(plan, inside.floorArea());
    }

    /** Only a lid that the plan describes is weighed; its mesh part counts nothing. */
    private static double lidMass(VesselPlan plan, double area) {
        return plan.lid()
                .map(lid -> area
                        * (1 - lid.meshFraction().orElse(0))
                        * lid.thickness().orElse(0.004)
                        * lidDensity(lid.material().orElse("glass")))
                .orElse(0.0);
    }

    private static double lidDensity(String material) {
        return switch (material) {
            case "acrylic" -> 1190;
            case "polycarbonate" -> 1200;
            case "pvc_foam" -> 600;
            case "plywood" -> 650;
            case "polypropylene" -> 905;
            default -> 2500;
        };
    }

    private static Optional<Label> label(VesselPlan plan, Optional<VesselModel> model, double brim) {
        if (plan.label().isPresent()) {
            VesselPlan.LabelText text = plan.label().get();
            return Optional.of(
                    text.unit() == VesselPlan.LabelUnit.GAL
                            ? Label.gallons(text.value(), brim)
                            : new Label(
                                    text.unit().unit().toSi(text.value()),
                                    text.unit().unit(),
                                    false));
        }
        return model.filter(m -> m.labelCapacity() > 0).map(m -> new Label(m.labelCapacity(), Unit.LITRE, false));
    }
}
