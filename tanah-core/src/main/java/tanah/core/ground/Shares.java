package tanah.core.ground;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.ground.Displacement.Piece;

/**
 * Pieces taken apart, so that together they never take more of a place than there is: where pieces stand in one another a later one
 * takes what the earlier ones leave. Pieces that touch none stay whole, and so do those
 * whose volume was measured.
 */
final class Shares {
    /** Parts after which pieces are left whole, as if they stood apart: a heap that no keeper builds. */
    private static final int MOST = 400;

    /** A part of a piece, and which share of it earlier ones fill. */
    private record Part(ConvexPolygon plan, double base, double top, double filled) {}

    private Shares() {}

    static List<Piece> of(List<Piece> pieces) {
        List<Piece> apart = new ArrayList<>();
        for (int i = 0; i < pieces.size(); i++) {
            Piece piece = pieces.get(i);
            List<Part> parts = List.of(new Part(piece.plan(), piece.base(), piece.top(), 0));
            for (Piece earlier : pieces.subList(0, i)) {
                if (meet(piece, earlier) && apart.size() + parts.size() < MOST) {
                    parts = parts.stream()
                            .flatMap(p -> split(p, earlier).stream())
                            .toList();
                }
            }
            for (Part p : parts) {
                double left = p.filled() > 0 ? Math.min(piece.solid(), 1 - p.filled()) : piece.solid();
                if (left > 0) {
                    apart.add(new Piece(p.plan(), p.base(), p.top(), left, piece.wet(), piece.known()));
                }
            }
        }
        return apart;
    }

    /** Whether two pieces may stand in one another: their boxes do. Where a volume was measured only the outline does, not the piece. */
    private static boolean meet(Piece a, Piece b) {
        return !a.known()
                && !b.known()
                && Math.min(a.top(), b.top()) > Math.max(a.base(), b.base())
                && Math.min(high(a, true), high(b, true)) > Math.max(low(a, true), low(b, true))
                && Math.min(high(a, false), high(b, false)) > Math.max(low(a, false), low(b, false));
    }

    private static double high(Piece piece, boolean along) {
        return piece.plan().corners().stream()
                .mapToDouble(c -> along ? c.x() : c.y())
                .max()
                .orElseThrow();
    }

    private static double low(Piece piece, boolean along) {
        return piece.plan().corners().stream()
                .mapToDouble(c -> along ? c.x() : c.y())
                .min()
                .orElseThrow();
    }

    /** A part beside, under, within and over another piece. */
    private static List<Part> split(Part part, Piece by) {
        double from = Math.max(part.base(), by.base());
        double to = Math.min(part.top(), by.top());
        Optional<ConvexPolygon> both = part.plan().intersect(by.plan());
        if (to <= from || both.isEmpty()) {
            return List.of(part);
        }
        List<Part> parts = new ArrayList<>();
        part.plan()
                .subtract(by.plan())
                .forEach(beside -> parts.add(new Part(beside, part.base(), part.top(), part.filled())));
        if (from > part.base()) {
            parts.add(new Part(both.get(), part.base(), from, part.filled()));
        }
        parts.add(new Part(both.get(), from, to, Math.min(1, part.filled() + by.solid())));
        if (to < part.top()) {
            parts.add(new Part(both.get(), to, part.top(), part.filled()));
        }
        return parts;
    }
}
