package tanah.core.design;

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
public record Envelope(List<Vent> vents, List<Insulation> insulation, List<Pane> panes) {
    public static final Envelope PLAIN = new Envelope(List.of(), List.of(), List.of());

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
     * An opening in a side.
     *
     * @param id     in the document
     * @param face   it is in
     * @param z      of its middle (m)
     * @param from   along the face (m); empty: its whole width
     * @param to     along the face (m)
     * @param area   m²
     * @param height m
     * @param open   share of its screen; empty: as the lid's
     */
    public record Vent(
            String id,
            Face face,
            OptionalDouble z,
            OptionalDouble from,
            OptionalDouble to,
            OptionalDouble area,
            OptionalDouble height,
            OptionalDouble open) {}

    /**
     * A sheet on a face; it makes the face opaque.
     *
     * @param id        in the document
     * @param face      it lies on
     * @param material  as in the catalogue
     * @param thickness m
     * @param inside    whether it is a background inside
     */
    public record Insulation(String id, Face face, String material, double thickness, Optional<Boolean> inside) {}

    /**
     * A face of another kind.
     *
     * @param face      it is
     * @param material  its material
     * @param thickness m
     */
    public record Pane(Face face, Optional<String> material, OptionalDouble thickness) {}

    public Envelope withVents(List<Vent> changed) {
        return new Envelope(changed, insulation, panes);
    }

    public Envelope withInsulation(List<Insulation> changed) {
        return new Envelope(vents, changed, panes);
    }
}
