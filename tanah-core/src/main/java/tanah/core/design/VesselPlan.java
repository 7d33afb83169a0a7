package tanah.core.design;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.units.Unit;
import tanah.core.vessel.Material;

/**
 * The box as it is written down: outside or inside measures, or only a row of the catalogue.
 *
 * @param catalogue       row of the catalogue
 * @param shape           of the plan, default rectangle
 * @param outside         outer measures
 * @param inside          inner measures
 * @param pane            side pane (m)
 * @param base            base pane (m), default as the sides
 * @param material        of the walls
 * @param label           capacity as printed
 * @param usableHeight    height of the rim if a frame hides the top (m)
 * @param frontDam        height of the fixed front lip (m)
 * @param waterproofDepth depth to which it holds water (m)
 * @param lid             if it is described
 * @param structure       stand and fittings
 * @param envelope        openings, insulation, single panes
 * @param kept            top, base support
 */
@RecordBuilder
public record VesselPlan(
        Optional<String> catalogue,
        Optional<Shape> shape,
        Optional<Measures> outside,
        Optional<Measures> inside,
        OptionalDouble pane,
        OptionalDouble base,
        Optional<Material> material,
        Optional<LabelText> label,
        OptionalDouble usableHeight,
        OptionalDouble frontDam,
        OptionalDouble waterproofDepth,
        Optional<Lid> lid,
        Optional<Structure> structure,
        Envelope envelope,
        OtherFields kept)
        implements VesselPlanBuilder.With {

    /** Plan shapes of the format. */
    public enum Shape {
        RECTANGLE,
        CUBE,
        BOW_FRONT,
        CORNER_PENTAGON,
        CORNER_BOW
    }

    /** Measures of a shape (m); each shape uses its own. */
    public record Measures(
            OptionalDouble length,
            OptionalDouble width,
            OptionalDouble height,
            OptionalDouble leg,
            OptionalDouble side,
            OptionalDouble sideWidth,
            OptionalDouble bow) {
        public static Measures box(double length, double width, double height) {
            return new Measures(
                    OptionalDouble.of(length),
                    OptionalDouble.of(width),
                    OptionalDouble.of(height),
                    OptionalDouble.empty(),
                    OptionalDouble.empty(),
                    OptionalDouble.empty(),
                    OptionalDouble.empty());
        }
    }

    /** A label's number with its printed unit. */
    public record LabelText(double value, LabelUnit unit) {}

    /** Units of labels. */
    public enum LabelUnit {
        GAL_US(Unit.US_GALLON),
        GAL_IMP(Unit.IMPERIAL_GALLON),
        GAL(Unit.US_GALLON),
        L(Unit.LITRE);

        private final Unit unit;

        LabelUnit(Unit unit) {
            this.unit = unit;
        }

        public Unit unit() {
            return unit;
        }
    }

    /**
     * The lid.
     *
     * @param thickness (m)
     * @param meshFraction share that is mesh
     */
    @RecordBuilder
    public record Lid(
            Optional<String> material,
            OptionalDouble thickness,
            OptionalDouble meshFraction,
            Mesh mesh,
            OtherFields kept)
            implements VesselPlanLidBuilder.With {
        public static final Lid UNSAID = new Lid(
                Optional.empty(), OptionalDouble.empty(), OptionalDouble.empty(), Mesh.UNSAID, OtherFields.NONE);
    }

    /**
     * The mesh part of the lid: the full width of the lid, from one side on.
     *
     * @param side where it begins, default back
     * @param item of the catalogue
     * @param open share that is open, if not its item's
     */
    @RecordBuilder
    public record Mesh(Optional<Envelope.Face> side, Optional<String> item, OptionalDouble open)
            implements VesselPlanMeshBuilder.With {
        public static final Mesh UNSAID = new Mesh(Optional.empty(), Optional.empty(), OptionalDouble.empty());
    }

    /**
     * Stand and fittings.
     *
     * @param fittings kg
     * @param stand kg
     * @param capacity kg the stand carries
     */
    public record Structure(OptionalDouble fittings, OptionalDouble stand, OptionalDouble capacity, OtherFields kept) {
        public static final Structure NONE =
                new Structure(OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty(), OtherFields.NONE);
    }

    public Structure structureOrNone() {
        return structure.orElse(Structure.NONE);
    }

    public VesselPlan withStructure(Structure changed) {
        return withStructure(Optional.of(changed));
    }

    public VesselPlan withLid(Lid changed) {
        return withLid(Optional.of(changed));
    }
}
