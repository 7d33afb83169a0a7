package tanah.core.design;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.VesselModel;
import tanah.core.vessel.Material;
import tanah.core.vessel.PaneMass;

/** What each face of a box is made of: a pane of its own, else as the box, else as its model is sold. */
public final class Faces {
    private Faces() {}

    /** The pane of its own that a face has. */
    public static Optional<Envelope.Pane> own(VesselPlan plan, Envelope.Face face) {
        return plan.envelope().panes().stream().filter(p -> p.face() == face).findFirst();
    }

    /** Material of a face. */
    public static Material material(VesselPlan plan, Envelope.Face face, Catalogue catalogue) {
        return own(plan, face)
                .flatMap(Envelope.Pane::material)
                .map(m -> Material.valueOf(m.toUpperCase(Locale.ROOT)))
                .orElseGet(() -> box(plan, catalogue));
    }

    /** Material of the box; annealed glass where nothing says it. */
    static Material box(VesselPlan plan, Catalogue catalogue) {
        return plan.material()
                .or(() -> model(plan, catalogue).map(Boxes::material))
                .orElse(Material.GLASS_ANNEALED);
    }

    /** Thickness of a face (m); empty where neither plan nor catalogue says it. The bottom is as thick as the sides if it is not said. */
    public static OptionalDouble thickness(VesselPlan plan, Envelope.Face face, Catalogue catalogue) {
        OptionalDouble own = own(plan, face).map(Envelope.Pane::thickness).orElse(OptionalDouble.empty());
        return own.isPresent() ? own : usual(plan, face, catalogue);
    }

    /** Thickness of a face without a pane of its own (m). */
    private static OptionalDouble usual(VesselPlan plan, Envelope.Face face, Catalogue catalogue) {
        if (face == Envelope.Face.BOTTOM && plan.base().isPresent()) {
            return plan.base();
        }
        if (plan.pane().isPresent()) {
            return plan.pane();
        }
        return model(plan, catalogue)
                .map(m -> OptionalDouble.of(face == Envelope.Face.BOTTOM ? m.base() : m.pane()))
                .orElse(OptionalDouble.empty());
    }

    /**
     * What panes of their own weigh beyond those that they stand for (kg), with the box's inside measures in m. Of a box that is no
     * rectangle front, back and sides are taken as those of the rectangle around it.
     */
    static double extraMass(
            VesselPlan plan, double length, double width, double height, double floor, Catalogue catalogue) {
        VesselPlan alike = plan.withEnvelope(plan.envelope().withPanes(List.of()));
        double sum = 0;
        for (Envelope.Pane pane : plan.envelope().panes()) {
            double area = switch (pane.face()) {
                case FRONT, BACK -> length * height;
                case LEFT, RIGHT -> width * height;
                case BOTTOM, LID -> floor;
            };
            sum += area * (surface(plan, pane.face(), catalogue) - surface(alike, pane.face(), catalogue));
        }
        return sum;
    }

    /** kg/m². */
    private static double surface(VesselPlan plan, Envelope.Face face, Catalogue catalogue) {
        return thickness(plan, face, catalogue).orElse(0) * PaneMass.density(material(plan, face, catalogue));
    }

    private static Optional<VesselModel> model(VesselPlan plan, Catalogue catalogue) {
        return plan.catalogue().flatMap(catalogue::findVessel);
    }
}
