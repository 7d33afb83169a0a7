package tanah.core.design.edit;

import java.util.Optional;
import tanah.core.design.HardscapeItem;
import tanah.core.design.PieceLook;
import tanah.core.design.PieceMove;
import tanah.core.geometry.Point;

/** What is done to one corner of a piece's outline. */
public sealed interface OutlineChange {
    /** Why it cannot be done to an outline of so many corners. */
    Optional<Refusal> refused(int corners);

    PieceLook apply(PieceLook look, HardscapeItem piece, PieceLook.View view, int corner);

    /**
     * Put the corner at a place (m).
     *
     * @param x from the left
     * @param other from the front in the plan, over the inner base seen from the front
     */
    record To(double x, double other) implements OutlineChange {
        @Override
        public Optional<Refusal> refused(int corners) {
            return Double.isFinite(x) && Double.isFinite(other) ? Optional.empty() : Optional.of(Refusal.CORNER_GONE);
        }

        @Override
        public PieceLook apply(PieceLook look, HardscapeItem piece, PieceLook.View view, int corner) {
            if (view == PieceLook.View.PLAN) {
                return look.moved(view, corner, PieceLook.shareAbove(piece, new Point(x, other)));
            }
            PieceMove.Box box = PieceMove.box(piece);
            Point share = new Point((x - box.left()) / box.length(), (other - piece.base()) / piece.height());
            return look.moved(view, corner, share);
        }
    }

    /** Put a new corner half-way to the next. */
    record Split() implements OutlineChange {
        @Override
        public Optional<Refusal> refused(int corners) {
            return corners >= PieceLook.MOST ? Optional.of(Refusal.CORNERS_MANY) : Optional.empty();
        }

        @Override
        public PieceLook apply(PieceLook look, HardscapeItem piece, PieceLook.View view, int corner) {
            return look.split(view, corner);
        }
    }

    /** Take the corner out. */
    record Drop() implements OutlineChange {
        @Override
        public Optional<Refusal> refused(int corners) {
            return corners <= PieceLook.FEWEST ? Optional.of(Refusal.CORNERS_FEW) : Optional.empty();
        }

        @Override
        public PieceLook apply(PieceLook look, HardscapeItem piece, PieceLook.View view, int corner) {
            return look.without(view, corner);
        }
    }
}
