package tanah.core.vessel;

import java.util.ArrayList;
import java.util.List;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.geometry.Plane;
import tanah.core.geometry.Point;

/**
 * The plan of a vessel: how inside follows from outside. Closed forms by elementary geometry; curved fronts are drawn
 * and cut with 96 chords (relative area error below 2e-4) while floor area and capacity use the closed form.
 */
public sealed interface VesselShape {
    /** Chords by which an arc is replaced. */
    int CHORDS = 96;

    /**
     * The inside plan.
     *
     * @param pane thickness of the side panes (m), 0 if the measures are inside already
     * @throws IllegalArgumentException if the panes leave no inside
     */
    InsidePlan inside(double pane);

    /**
     * Inside plan with its closed-form area.
     *
     * @param outline   smallest x and y are 0
     * @param floorArea exact area (m²)
     * @param length    extent along x (m)
     * @param width     extent along y (m)
     */
    record InsidePlan(ConvexPolygon outline, double floorArea, double length, double width) {}

    /** Rectangle or cube. */
    record Rectangle(double length, double width) implements VesselShape {
        @Override
        public InsidePlan inside(double pane) {
            double l = positive(length - 2 * pane);
            double w = positive(width - 2 * pane);
            return new InsidePlan(ConvexPolygon.rectangle(0, 0, l, w), l * w, l, w);
        }
    }

    /**
     * Straight back and sides, a front that bows out.
     *
     * @param length    outer length (m)
     * @param sideWidth depth at the sides (m)
     * @param bow       extra depth at the middle (m)
     */
    record BowFront(double length, double sideWidth, double bow) implements VesselShape {
        @Override
        public InsidePlan inside(double pane) {
            double radius = (length * length / 4 + bow * bow) / (2 * bow);
            double centre = radius - bow;
            double inner = radius - pane;
            double half = positive(length - 2 * pane) / 2;
            double joint = centre - Math.sqrt(inner * inner - half * half);
            double back = sideWidth - pane;
            double straight = positive(back - joint);
            double area = 2 * half * straight
                    + inner * inner * Math.asin(half / inner)
                    - half * Math.sqrt(inner * inner - half * half);
            double front = centre - inner;
            List<Point> points = new ArrayList<>();
            double reach = Math.asin(half / inner);
            for (int i = 0; i <= CHORDS; i++) {
                double a = -reach + 2 * reach * i / CHORDS;
                points.add(new Point(half + inner * Math.sin(a), centre - inner * Math.cos(a) - front));
            }
            points.add(new Point(2 * half, back - front));
            points.add(new Point(0, back - front));
            return new InsidePlan(new ConvexPolygon(points), area, 2 * half, back - front);
        }
    }

    /**
     * Five sides for a corner of the room.
     *
     * @param leg  length of both walls (m)
     * @param side length of both side panes (m), less than {@code leg}
     */
    record CornerPentagon(double leg, double side) implements VesselShape {
        @Override
        public InsidePlan inside(double pane) {
            double cut = (leg - side) - 2 * pane + pane * Math.sqrt(2);
            double inner = positive(leg - 2 * pane);
            positive(cut);
            positive(inner - cut);
            // front right corner cut off, walls at the back and the left
            ConvexPolygon square = ConvexPolygon.rectangle(0, 0, inner, inner);
            Plane front = new Plane(-cut, 1, 1);
            ConvexPolygon mirrored = square.where(front).orElseThrow();
            List<Point> points = mirrored.corners().stream()
                    .map(p -> new Point(inner - p.x(), p.y()))
                    .toList();
            return new InsidePlan(new ConvexPolygon(points), inner * inner - cut * cut / 2, inner, inner);
        }
    }

    /**
     * A quarter circle, its corner at the back left.
     *
     * @param leg outer radius (m)
     */
    record CornerBow(double leg) implements VesselShape {
        @Override
        public InsidePlan inside(double pane) {
            double r = positive(leg - pane);
            double p = Math.sqrt(r * r - pane * pane);
            double size = positive(p - pane);
            double area = r * r / 2 * (Math.PI / 2 - 2 * Math.asin(pane / r)) - pane * p + pane * pane;
            List<Point> points = new ArrayList<>();
            points.add(new Point(0, size));
            double from = Math.asin(pane / r);
            double to = Math.PI / 2 - from;
            for (int i = 0; i <= CHORDS; i++) {
                double a = to + (from - to) * i / CHORDS;
                points.add(new Point(r * Math.cos(a) - pane, size - (r * Math.sin(a) - pane)));
            }
            return new InsidePlan(new ConvexPolygon(points), area, size, size);
        }
    }

    private static double positive(double metres) {
        if (!(metres > 0) || !Double.isFinite(metres)) {
            throw new IllegalArgumentException("the panes leave no inside: " + metres + " m");
        }
        return metres;
    }
}
