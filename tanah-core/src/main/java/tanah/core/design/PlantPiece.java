package tanah.core.design;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.catalogue.PlantModel;
import tanah.core.plant.Reach;
import tanah.core.plant.RootPlace;

/**
 * One plant of a plan, or a carpet of one kind.
 *
 * @param id     in the document
 * @param kind   of the catalogue; empty where nobody knows what it is
 * @param name   for people; given where the kind is not
 * @param medium what it holds to
 * @param on     layer or piece of hardscape that it holds to
 * @param reach  how much an animal has to do with it
 * @param x      from the left (m)
 * @param y      from the front (m)
 * @param z      foot above the inner base (m); not given: the ground there
 * @param size   that it has now, where it is not that of a young piece
 * @param leaf   how it shades, where it is measured
 */
@RecordBuilder
public record PlantPiece(
        String id,
        Optional<String> kind,
        Optional<String> name,
        RootPlace medium,
        Optional<String> on,
        Reach reach,
        OptionalDouble x,
        OptionalDouble y,
        OptionalDouble z,
        Size size,
        Leaf leaf)
        implements PlantPieceBuilder.With {

    /**
     * @param height (m)
     * @param spread across (m)
     * @param area   of a carpet (m²)
     */
    @RecordBuilder
    public record Size(OptionalDouble height, OptionalDouble spread, OptionalDouble area)
            implements PlantPieceSizeBuilder.With {
        public static final Size UNSAID =
                new Size(OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty());
    }

    /**
     * @param area       leaf area over ground area
     * @param extinction of light by it
     */
    public record Leaf(OptionalDouble area, OptionalDouble extinction) {
        public static final Leaf UNSAID = new Leaf(OptionalDouble.empty(), OptionalDouble.empty());
    }

    /** A young piece of a kind, in the open; it stands on what is there. */
    public static PlantPiece young(String id, String kind, RootPlace medium, double x, double y) {
        return new PlantPiece(
                id,
                Optional.of(kind),
                Optional.empty(),
                medium,
                Optional.empty(),
                Reach.OPEN,
                OptionalDouble.of(x),
                OptionalDouble.of(y),
                OptionalDouble.empty(),
                Size.UNSAID,
                Leaf.UNSAID);
    }

    /** The name for people, or the kind, or the id. */
    public String label() {
        return name.or(() -> kind).orElse(id);
    }

    /** Height now (m): its own, else that of a young piece of its kind; empty where neither is known. */
    public OptionalDouble height(Optional<PlantModel> known) {
        return size.height().isPresent() || known.isEmpty()
                ? size.height()
                : OptionalDouble.of(known.get().needs().height().start());
    }

    /** Spread now (m): its own, else the side of its carpet, else that of a young piece of its kind; empty where none is known. */
    public OptionalDouble spread(Optional<PlantModel> known) {
        if (size.spread().isPresent()) {
            return size.spread();
        }
        if (size.area().isPresent()) {
            return OptionalDouble.of(Math.sqrt(size.area().getAsDouble()));
        }
        return known.isEmpty()
                ? OptionalDouble.empty()
                : OptionalDouble.of(known.get().needs().spread().start());
    }
}
