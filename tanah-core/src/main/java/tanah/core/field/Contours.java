package tanah.core.field;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import tanah.core.geometry.Point;

/**
 * Lines and regions of a grid by marching squares (W. E. Lorensen and H. E. Cline, 1987, in two dimensions): a cell is split
 * by straight lines between the points at which its edges pass the level. Saddles are cut by the mean of their corners.
 */
public final class Contours {
    private Contours() {}

    /**
     * Polygons that cover where the field reaches a level or more; neighbours share their edges exactly, so one path of all of
     * them fills without seams.
     */
    public static List<List<Point>> region(ScalarGrid grid, double level) {
        List<List<Point>> all = new ArrayList<>();
        for (int j = 0; j + 1 < grid.rows(); j++) {
            int from = -1;
            for (int i = 0; i + 1 < grid.columns(); i++) {
                boolean full = full(grid, i, j, level);
                if (full && from < 0) {
                    from = i;
                } else if (!full && from >= 0) {
                    all.add(box(grid, from, i, j));
                    from = -1;
                }
                if (!full) {
                    cell(grid, i, j, level, all);
                }
            }
            if (from >= 0) {
                all.add(box(grid, from, grid.columns() - 1, j));
            }
        }
        return all;
    }

    private static boolean full(ScalarGrid g, int i, int j, double level) {
        return g.at(i, j) >= level && g.at(i + 1, j) >= level && g.at(i, j + 1) >= level && g.at(i + 1, j + 1) >= level;
    }

    private static List<Point> box(ScalarGrid g, int from, int to, int row) {
        return List.of(
                new Point(g.x(from), g.y(row)),
                new Point(g.x(to), g.y(row)),
                new Point(g.x(to), g.y(row + 1)),
                new Point(g.x(from), g.y(row + 1)));
    }

    /** The part of a cell at or above the level: one polygon, or two at a saddle whose middle is below. */
    private static void cell(ScalarGrid g, int i, int j, double level, List<List<Point>> all) {
        double[] v = corners(g, i, j);
        if (isHole(v)) {
            return;
        }
        boolean saddle = isSaddle(v, level);
        double middle = (v[0] + v[1] + v[2] + v[3]) / 4;
        if (saddle && middle < level) {
            for (int c = 0; c < 4; c++) {
                if (v[c] >= level) {
                    all.add(List.of(
                            cross(g, i, j, v, (c + 3) % 4, level), corner(g, i, j, c), cross(g, i, j, v, c, level)));
                }
            }
            return;
        }
        List<Point> polygon = new ArrayList<>();
        for (int c = 0; c < 4; c++) {
            if (v[c] >= level) {
                polygon.add(corner(g, i, j, c));
            }
            if (v[c] >= level != v[(c + 1) % 4] >= level) {
                polygon.add(cross(g, i, j, v, c, level));
            }
        }
        if (polygon.size() > 2) {
            all.add(polygon);
        }
    }

    private static double[] corners(ScalarGrid g, int i, int j) {
        return new double[] {g.at(i, j), g.at(i + 1, j), g.at(i + 1, j + 1), g.at(i, j + 1)};
    }

    private static boolean isHole(double[] v) {
        return Double.isNaN(v[0]) || Double.isNaN(v[1]) || Double.isNaN(v[2]) || Double.isNaN(v[3]);
    }

    private static boolean isSaddle(double[] v, double level) {
        return v[0] >= level == v[2] >= level && v[1] >= level == v[3] >= level && v[0] >= level != v[1] >= level;
    }

    private static Point corner(ScalarGrid g, int i, int j, int c) {
        return new Point(g.x(c == 1 || c == 2 ? i + 1 : i), g.y(c >= 2 ? j + 1 : j));
    }

    /** Where the edge from a corner to the next passes the level; the same for both cells of an edge. */
    private static Point cross(ScalarGrid g, int i, int j, double[] v, int c, double level) {
        int d = (c + 1) % 4;
        Point a = corner(g, i, j, c);
        Point b = corner(g, i, j, d);
        double t = (level - v[c]) / (v[d] - v[c]);
        return new Point(a.x() + t * (b.x() - a.x()), a.y() + t * (b.y() - a.y()));
    }

    /** Lines on which the field has a level; a closed line ends where it begins. Longest first. */
    public static List<List<Point>> lines(ScalarGrid grid, double level) {
        Map<Long, List<long[]>> at = new HashMap<>();
        Map<Long, Point> points = new HashMap<>();
        List<long[]> pieces = new ArrayList<>();
        for (int j = 0; j + 1 < grid.rows(); j++) {
            for (int i = 0; i + 1 < grid.columns(); i++) {
                segments(grid, i, j, level, pieces, points);
            }
        }
        for (long[] s : pieces) {
            at.computeIfAbsent(s[0], k -> new ArrayList<>()).add(s);
            at.computeIfAbsent(s[1], k -> new ArrayList<>()).add(s);
        }
        List<List<Point>> lines = new ArrayList<>();
        // open lines are followed from their ends, what is left is closed
        for (long[] s : pieces) {
            for (int end = 0; end < 2; end++) {
                if (s[2] == 0 && ends(at, s[end]) == 1) {
                    lines.add(follow(s[end], at, points));
                }
            }
        }
        for (long[] s : pieces) {
            if (s[2] == 0) {
                lines.add(follow(s[0], at, points));
            }
        }
        lines.sort((a, b) -> Integer.compare(b.size(), a.size()));
        return lines;
    }

    private static int ends(Map<Long, List<long[]>> at, long node) {
        return at.getOrDefault(node, List.of()).size();
    }

    private static List<Point> follow(long from, Map<Long, List<long[]>> at, Map<Long, Point> points) {
        List<Point> line = new ArrayList<>();
        long node = from;
        boolean more = true;
        while (more) {
            line.add(points.getOrDefault(node, new Point(0, 0)));
            more = false;
            for (long[] s : at.getOrDefault(node, List.of())) {
                if (s[2] == 0) {
                    s[2] = 1;
                    node = s[0] == node ? s[1] : s[0];
                    more = true;
                    break;
                }
            }
        }
        return line;
    }

    private static void segments(
            ScalarGrid g, int i, int j, double level, List<long[]> pieces, Map<Long, Point> points) {
        double[] v = corners(g, i, j);
        if (isHole(v)) {
            return;
        }
        long[] crossed = new long[4];
        int count = 0;
        for (int c = 0; c < 4; c++) {
            if (v[c] >= level != v[(c + 1) % 4] >= level) {
                long key = key(g, i, j, c);
                points.putIfAbsent(key, cross(g, i, j, v, c, level));
                crossed[count++] = key;
            }
        }
        if (count == 2) {
            pieces.add(new long[] {crossed[0], crossed[1], 0});
        } else if (count == 4) {
            boolean high = (v[0] + v[1] + v[2] + v[3]) / 4 >= level;
            // corners of the minority side are cut off each on its own
            boolean first = v[0] >= level != high;
            int turn = first ? 3 : 0;
            pieces.add(new long[] {crossed[turn], crossed[(turn + 1) % 4], 0});
            pieces.add(new long[] {crossed[(turn + 2) % 4], crossed[(turn + 3) % 4], 0});
        }
    }

    /** One number for an edge, whichever cell it is seen from. */
    private static long key(ScalarGrid g, int i, int j, int edge) {
        int row = edge == 2 ? j + 1 : j;
        int column = edge == 1 ? i + 1 : i;
        boolean upright = edge == 1 || edge == 3;
        return 2L * ((long) row * (g.columns() + 1) + column) + (upright ? 1 : 0);
    }
}
