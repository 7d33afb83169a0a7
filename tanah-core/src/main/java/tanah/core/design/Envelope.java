package tanah.core.design;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What differs from plain walls: openings, insulation, single panes of another kind.
 *
 * @param vents      openings in the sides
 * @param insulation sheets on a face
 * @param panes      faces of another material or thickness
 */
@RecordBuilder
public record Envelope(List<Vent> vents, List<Insulation> insulation, List<Pane> panes, OptionalDouble meshFree)
        implements EnvelopeBuilder.With {
    public static final Envelope PLAIN = new Envelope(List.of(), List.of(), List.of(), OptionalDouble.empty());

    public Envelope {
        vents = List.copyOf(vents);
        insulation = List.copyOf(insulation);
        panes = List.copyOf(panes);
    }

    /** A side of the box, its bottom or its lid. */
    public enum Face {
        FRONT,
        BACK,
        LEFT,
        RIGHT,
        BOTTOM,
        LID;

        /** The word in documents. */
        public String word() {
            return name().toLowerCase(java.util.Locale.ROOT);
        }
    }

    /**
     * An opening in a side or in the lid.
     *
     * @param id     in the document
     * @param face   it is in
     * @param z      of its middle (m)
     * @param from   along the face (m); empty: its whole width
     * @param to     along the face (m)
     * @param front  of one in the lid (m); empty: its whole depth
     * @param back   of one in the lid (m)
     * @param area   m²
     * @param height m
     * @param open   share of its screen; empty: as the lid's
     */
    @RecordBuilder
    public record Vent(
            String id,
            Face face,
            OptionalDouble z,
            OptionalDouble from,
            OptionalDouble to,
            OptionalDouble front,
            OptionalDouble back,
            OptionalDouble area,
            OptionalDouble height,
            OptionalDouble open)
            implements EnvelopeVentBuilder.With {}

    /**
     * A sheet on a face; it makes the face opaque.
     *
     * @param id        in the document
     * @param face      it lies on
     * @param material  as in the catalogue
     * @param thickness m
     * @param inside    whether it is a background inside
     * @param reflects  share of light that it throws back, if not the usual of its material
     */
    @RecordBuilder
    public record Insulation(
            String id, Face face, String material, double thickness, Optional<Boolean> inside, OptionalDouble reflects)
            implements EnvelopeInsulationBuilder.With {}

    /**
     * A face of another kind.
     *
     * @param face      it is
     * @param material  its material; empty: the box's
     * @param thickness m; empty: the box's
     * @param reflects  share of light that its inner face throws back where it is opaque, if not the usual of its material
     */
    @RecordBuilder
    public record Pane(Face face, Optional<String> material, OptionalDouble thickness, OptionalDouble reflects)
            implements EnvelopePaneBuilder.With {}
}
