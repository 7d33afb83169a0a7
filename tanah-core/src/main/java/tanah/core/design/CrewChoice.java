package tanah.core.design;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import tanah.core.geometry.ConvexPolygon;

/**
 * Who cleans up, and how they are helped.
 *
 * @param doses     what is set
 * @param refuges   places kept damp in a dry box, or dry in a wet one
 * @param spot      share of the waste that the keeper takes out; not given: the least that serves
 * @param litterMin least litter (kg/m²)
 */
@RecordBuilder
public record CrewChoice(List<Dose> doses, List<Refuge> refuges, OptionalDouble spot, OptionalDouble litterMin)
        implements CrewChoiceBuilder.With {
    public static final CrewChoice NONE =
            new CrewChoice(List.of(), List.of(), OptionalDouble.empty(), OptionalDouble.empty());

    public CrewChoice {
        doses = List.copyOf(doses);
        refuges = List.copyOf(refuges);
    }

    /**
     * Animals of one kind that are set together.
     *
     * @param id       in the document
     * @param species  of the catalogue
     * @param count    animals
     * @param cultures as sold
     * @param hidden   share of them that an animal does not get at
     * @param week     after the build in which they are set
     */
    @RecordBuilder
    public record Dose(
            String id,
            String species,
            OptionalInt count,
            OptionalDouble cultures,
            OptionalDouble hidden,
            OptionalDouble week)
            implements CrewChoiceDoseBuilder.With {}

    /**
     * A place kept damp in a dry box, or dry in a wet one.
     *
     * @param id      in the document
     * @param damp    whether it is a damp one in a dry box, else a dry one in a wet box
     * @param region  of the floor
     * @param wetness water of its ground over field capacity
     */
    @RecordBuilder
    public record Refuge(String id, boolean damp, Optional<Layer.Region> region, OptionalDouble wetness)
            implements CrewChoiceRefugeBuilder.With {
        private static final double DAMP = 0.6; // of a damp one that nobody measured; common practice
        private static final double DRY = 0.3; // of a dry one; common practice

        /** Water of its ground over field capacity; what is usual where nobody measured it. */
        public double water() {
            return wetness.orElse(damp ? DAMP : DRY);
        }

        /** Its part of the floor, as far as it lies inside another outline (m²). */
        public double areaIn(ConvexPolygon outline) {
            return region.flatMap(r -> r.outline().intersect(outline))
                    .map(ConvexPolygon::area)
                    .orElse(0.0);
        }
    }
}
