package tanah.core.design.edit;

import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import tanah.core.design.Design;
import tanah.core.design.Fixing;
import tanah.core.design.HardscapeItem;

/** Changes of stage 4: pieces. */
public sealed interface PieceEdit extends Edit {
    /** Stand a piece on the base, on a pad of an area (m²). */
    record StandOnBase(String item, double pad) implements PieceEdit {
        private static final double LEAST = 0.003; // m², a pad of about 5 by 6 cm

        @Override
        public Design apply(Design design, EditContext context) {
            OptionalDouble area = OptionalDouble.of(Math.max(LEAST, pad));
            return change(
                    design,
                    item,
                    i -> i.moved(0, 0, -i.base())
                            .fixed(i.fixing().withSupport(Fixing.Support.BASE).withPad(area)));
        }
    }

    /** Hold a piece down with stone (kg). */
    record AnchorItem(String item, double mass) implements PieceEdit {
        @Override
        public Design apply(Design design, EditContext context) {
            return change(design, item, i -> i.fixed(i.fixing().withAnchor(OptionalDouble.of(mass))));
        }
    }

    private static Design change(Design design, String id, UnaryOperator<HardscapeItem> change) {
        return design.withHardscape(design.hardscape().stream()
                .map(i -> i.id().equals(id) ? change.apply(i) : i)
                .toList());
    }
}
