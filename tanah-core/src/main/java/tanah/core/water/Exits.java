package tanah.core.water;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.OptionalDouble;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.geometry.Plane;
import tanah.core.geometry.Point;
import tanah.core.ground.Basin;
import tanah.core.ground.Cell;
import tanah.core.ground.Terrain;
import tanah.core.ground.WaterVolumes;

/**
 * Whether an animal in the water gets out: from every wet piece of the ground a chain of short steps and climbable
 * slopes has to lead to land that is large enough. Exact on the cells of the ground.
 *
 * @param trapped    water from which no way leads out (m²)
 * @param gentlest   slope of the gentlest shore (radians), if any shore meets the waterline
 */
public record Exits(double trapped, OptionalDouble gentlest) {
    private static final double LEVEL = 1e-9; // m
    private static final double COLLINEAR = 1e-7; // m
    private static final double NOTHING = 1e-6; // m²

    /** A piece of ground, wet or dry. */
    private record Piece(ConvexPolygon plan, Plane top, boolean wet, boolean dam) {
        double height(Point p, double level) {
            double z = top.at(p);
            return wet ? Math.max(z, level) : z;
        }
    }

    public boolean isWayOut() {
        return trapped <= NOTHING;
    }

    public static Exits find(Terrain terrain, WaterVolumes water, Way way) {
        double level = water.level();
        List<Piece> pieces = pieces(terrain, level, water.side());
        int n = pieces.size();
        boolean[][] to = new boolean[n][n];
        for (int i = 0; i < n; i++) {
            for (int j = i + 1; j < n; j++) {
                double[] up = step(pieces.get(i), pieces.get(j), level, way.narrowest());
                if (up.length > 0) {
                    to[i][j] = up[0] <= way.step() && walkable(pieces.get(j), way);
                    to[j][i] = up[1] <= way.step() && walkable(pieces.get(i), way);
                }
            }
        }
        boolean[] out = reaching(landings(pieces, to, way), to);
        double trapped = 0;
        for (int i = 0; i < n; i++) {
            if (pieces.get(i).wet() && !out[i]) {
                trapped += pieces.get(i).plan().area();
            }
        }
        return new Exits(trapped, gentlest(pieces, level));
    }

    private static boolean walkable(Piece piece, Way way) {
        return piece.wet() || Math.atan(piece.top().gradient()) <= way.steepest() + 1e-12;
    }

    private static List<Piece> pieces(Terrain terrain, double level, Basin side) {
        List<Piece> pieces = new ArrayList<>();
        for (Cell cell : terrain.cells()) {
            List<ConvexPolygon> dry = new ArrayList<>(side.beside(cell.plan()));
            List<ConvexPolygon> inside = side.within(cell.plan());
            Plane depth = new Plane(level - LEVEL, 0, 0).minus(cell.top());
            Plane over = new Plane(-depth.constant(), -depth.alongX(), -depth.alongY());
            if (depth.gradient() < 1e-12) {
                boolean wet = depth.constant() > 0;
                inside.forEach(p -> pieces.add(new Piece(p, cell.top(), wet, cell.dam())));
            } else {
                inside.stream()
                        .flatMap(p -> p.where(depth).stream())
                        .forEach(p -> pieces.add(new Piece(p, cell.top(), true, cell.dam())));
                inside.stream().flatMap(p -> p.where(over).stream()).forEach(dry::add);
            }
            dry.forEach(p -> pieces.add(new Piece(p, cell.top(), false, cell.dam())));
        }
        return pieces;
    }

    /** Least step up from the first to the second and back along their common edge; empty if they do not touch. */
    private static double[] step(Piece a, Piece b, double level, double narrowest) {
        List<Point> p = a.plan().corners();
        List<Point> q = b.plan().corners();
        for (int i = 0; i < p.size(); i++) {
            Point p0 = p.get(i);
            Point p1 = p.get((i + 1) % p.size());
            double dx = p1.x() - p0.x();
            double dy = p1.y() - p0.y();
            double length = Math.hypot(dx, dy);
            if (length < narrowest) {
                continue;
            }
            double ux = dx / length;
            double uy = dy / length;
            for (int j = 0; j < q.size(); j++) {
                Point q0 = q.get(j);
                Point q1 = q.get((j + 1) % q.size());
                if (off(p0, ux, uy, q0) > COLLINEAR || off(p0, ux, uy, q1) > COLLINEAR) {
                    continue;
                }
                double s0 = (q0.x() - p0.x()) * ux + (q0.y() - p0.y()) * uy;
                double s1 = (q1.x() - p0.x()) * ux + (q1.y() - p0.y()) * uy;
                double from = Math.max(0, Math.min(s0, s1));
                double until = Math.min(length, Math.max(s0, s1));
                if (until - from < narrowest - COLLINEAR) {
                    continue;
                }
                double up = Double.MAX_VALUE;
                double down = Double.MAX_VALUE;
                for (double s : new double[] {from, (from + until) / 2, until}) {
                    Point at = new Point(p0.x() + s * ux, p0.y() + s * uy);
                    double rise = b.height(at, level) - a.height(at, level);
                    up = Math.min(up, rise);
                    down = Math.min(down, -rise);
                }
                return new double[] {up, down};
            }
        }
        return new double[0];
    }

    private static double off(Point p, double ux, double uy, Point q) {
        return Math.abs((q.x() - p.x()) * uy - (q.y() - p.y()) * ux);
    }

    /** Pieces of land that are joined by moves both ways and large enough together. */
    private static boolean[] landings(List<Piece> pieces, boolean[][] to, Way way) {
        int n = pieces.size();
        boolean[] landing = new boolean[n];
        boolean[] seen = new boolean[n];
        for (int start = 0; start < n; start++) {
            if (seen[start] || !isLand(pieces.get(start), way)) {
                continue;
            }
            List<Integer> joined = new ArrayList<>();
            Deque<Integer> next = new ArrayDeque<>(List.of(start));
            seen[start] = true;
            double area = 0;
            while (!next.isEmpty()) {
                int i = next.pop();
                joined.add(i);
                area += pieces.get(i).plan().area();
                for (int j = 0; j < n; j++) {
                    if (!seen[j] && to[i][j] && to[j][i] && isLand(pieces.get(j), way)) {
                        seen[j] = true;
                        next.push(j);
                    }
                }
            }
            if (area >= way.rest()) {
                joined.forEach(i -> landing[i] = true);
            }
        }
        return landing;
    }

    private static boolean isLand(Piece piece, Way way) {
        return !piece.wet() && !piece.dam() && walkable(piece, way);
    }

    private static boolean[] reaching(boolean[] landing, boolean[][] to) {
        boolean[] out = landing.clone();
        Deque<Integer> next = new ArrayDeque<>();
        for (int i = 0; i < out.length; i++) {
            if (out[i]) {
                next.push(i);
            }
        }
        while (!next.isEmpty()) {
            int j = next.pop();
            for (int i = 0; i < out.length; i++) {
                if (!out[i] && to[i][j]) {
                    out[i] = true;
                    next.push(i);
                }
            }
        }
        return out;
    }

    private static OptionalDouble gentlest(List<Piece> pieces, double level) {
        return pieces.stream()
                .filter(Piece::wet)
                .filter(p -> p.plan().corners().stream()
                        .anyMatch(c -> level - p.top().at(c) <= 1e-6))
                .mapToDouble(p -> Math.atan(p.top().gradient()))
                .min();
    }
}
