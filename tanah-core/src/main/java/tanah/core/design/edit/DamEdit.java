package tanah.core.design.edit;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.BiFunction;
import java.util.function.Function;
import tanah.core.design.Boxes;
import tanah.core.design.Dam;
import tanah.core.design.DamMove;
import tanah.core.design.Design;
import tanah.core.design.Layer;
import tanah.core.design.Surface;
import tanah.core.design.WaterPart;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.vessel.Vessel;

/** Changes of stage 5: the wall between land and water. */
public sealed interface DamEdit extends Edit {
    /** Thinnest wall and narrowest water beside it (m), about the thickness of a thin pane. */
    double THINNEST = 0.003;

    /** What no ruler shows (m). */
    double LEAST = 1e-6;

    /** Kinds of wall, by their words in documents. */
    List<String> KINDS = List.of("foam", "glass", "acrylic", "stones", "wood", "none");

    /** Id of the wall that it changes. */
    String dam();

    /** Give the wall another number (m). */
    record SetNumber(String dam, DamNumber number, double value) implements DamEdit {
        @Override
        public Optional<Refusal> refused(Design design, EditContext context) {
            Optional<Refusal> beyond = number.refused(OptionalDouble.of(value));
            return beyond.isEmpty() && leaves(apply(design, context), context)
                    ? Optional.of(Refusal.OUT_OF_RANGE)
                    : beyond;
        }

        /** Whether the wall reaches the end of the box, or past it: what lies against it would have no floor left. */
        private boolean leaves(Design after, EditContext context) {
            if (after.vessel().isEmpty()) {
                return false;
            }
            Vessel v = Boxes.resolve(after.vessel().get(), context.catalogue());
            return after.ground().dams().stream()
                    .filter(d -> d.id().equals(dam))
                    .anyMatch(d -> {
                        boolean along =
                                edge(d, Surface.Axis.X, false) <= 0 && edge(d, Surface.Axis.X, true) >= v.length();
                        boolean past = edge(d, Surface.Axis.X, false) < -LEAST
                                || edge(d, Surface.Axis.X, true) > v.length() - (along ? -LEAST : LEAST)
                                || edge(d, Surface.Axis.Y, false) < -LEAST
                                || edge(d, Surface.Axis.Y, true) > v.width() + LEAST;
                        return past;
                    });
        }

        @Override
        public Design apply(Design design, EditContext context) {
            return change(design, dam, d -> number.set(design, d, value));
        }
    }

    /** Build the wall to another height (m). */
    static DamEdit top(String dam, double top) {
        return new SetNumber(dam, DamNumber.TOP, top);
    }

    /** Make the wall of a kind; it holds water back where that is wanted and the kind can. */
    record Make(String dam, String kind, boolean sealed) implements DamEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            Design made = design.withGround(design.ground().changeDam(dam, d -> {
                Dam open = d.of(kind, false);
                return open.of(kind, sealed && open.canSeal());
            }));
            return sided(made, context);
        }
    }

    /** Move the whole wall: its left and front faces (m). It stays inside the box. */
    record Move(String dam, double x, double y) implements DamEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return within(design, dam, context, (d, vessel) -> {
                Design across = moved(design, d, Surface.Axis.X, x, vessel.length());
                return moved(across, d, Surface.Axis.Y, y, vessel.width());
            });
        }

        private static Design moved(Design design, Dam dam, Surface.Axis axis, double to, double most) {
            double thick = edge(dam, axis, true) - edge(dam, axis, false);
            double at = Math.max(0, Math.min(most - thick, to));
            return DamMove.to(design, dam.id(), axis, at, at + thick);
        }
    }

    /** Faces of a wall in plan. */
    enum Face {
        LEFT(Surface.Axis.X, false),
        RIGHT(Surface.Axis.X, true),
        FRONT(Surface.Axis.Y, false),
        BACK(Surface.Axis.Y, true);

        private final Surface.Axis axis;
        private final boolean far;

        Face(Surface.Axis axis, boolean far) {
            this.axis = axis;
            this.far = far;
        }
    }

    /** Move one face of the wall (m); it stays inside the box and no thinner than {@link #THINNEST}. */
    record Reshape(String dam, Face face, double at) implements DamEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return within(design, dam, context, (d, vessel) -> {
                double near = edge(d, face.axis, false);
                double far = edge(d, face.axis, true);
                double most = face.axis == Surface.Axis.X ? vessel.length() : vessel.width();
                return face.far
                        ? DamMove.to(design, dam, face.axis, near, Math.max(near + THINNEST, Math.min(most, at)))
                        : DamMove.to(design, dam, face.axis, Math.max(0, Math.min(far - THINNEST, at)), far);
            });
        }
    }

    /** Take the wall out; the water finds its level on both sides then. */
    record Remove(String dam) implements DamEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return sided(
                    design.withGround(design.ground()
                            .withDams(design.ground().dams().stream()
                                    .filter(d -> !d.id().equals(dam))
                                    .toList())),
                    context);
        }
    }

    private static double edge(Dam dam, Surface.Axis axis, boolean far) {
        return DamMove.edge(dam.region().outline(), axis, far);
    }

    private static Design change(Design design, String id, Function<Dam, Design> change) {
        return design.ground().dams().stream()
                .filter(d -> d.id().equals(id))
                .findFirst()
                .map(change)
                .orElse(design);
    }

    private static Design within(
            Design design, String id, EditContext context, BiFunction<Dam, Vessel, Design> change) {
        return vessel(design, context)
                .map(v -> change(design, id, d -> change.apply(d, v)))
                .orElse(design);
    }

    private static Optional<Vessel> vessel(Design design, EditContext context) {
        return design.vessel().map(v -> Boxes.resolve(v, context.catalogue()));
    }

    /** A sealed wall keeps the water on the side where its bottom lies; through an open one it finds its level. */
    private static Design sided(Design design, EditContext context) {
        if (!design.ground().isSealed() || design.ground().walls().size() > 1) {
            return design.withWater(design.water().map(w -> w.withSide(Optional.empty())));
        }
        return vessel(design, context)
                .map(v -> {
                    Layer.Region side = new Layer.Region(waterSide(design, v), true);
                    return design.withWater(design.water().map(w -> keptBeside(w, side)));
                })
                .orElse(design);
    }

    private static WaterPart keptBeside(WaterPart water, Layer.Region side) {
        return water.sideRegion().isPresent() ? water : water.withSide(Optional.of(side));
    }

    /** Left of the wall, unless a bottom for the water is laid on its right. */
    private static ConvexPolygon waterSide(Design design, Vessel vessel) {
        Dam dam = design.ground().walls().get(0);
        double left = edge(dam, Surface.Axis.X, false);
        boolean leftSide = design.ground().layers().stream()
                .filter(l -> l.options().aquatic().orElse(false))
                .flatMap(l -> l.region().stream())
                .map(r -> r.outline().centroid().x() < left)
                .findFirst()
                .orElse(true);
        return leftSide
                ? ConvexPolygon.rectangle(0, 0, left, vessel.width())
                : ConvexPolygon.rectangle(edge(dam, Surface.Axis.X, true), 0, vessel.length(), vessel.width());
    }
}
