package tanah.core.structure;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.catalogue.Medium;
import tanah.core.design.Design;
import tanah.core.design.Fixing;
import tanah.core.design.HardscapeItem;
import tanah.core.design.Ids;
import tanah.core.design.OtherFields;
import tanah.core.design.PieceLook;
import tanah.core.design.PieceMove;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.ground.GroundResult;
import tanah.core.vessel.Vessel;

/** A new piece of hardscape, laid where there is room for it. */
public final class PieceProposal {
    private static final double STEP = 0.005; // m
    private static final double CLEAR = 0.01; // m to a wall

    private PieceProposal() {}

    /**
     * Measures of a piece (m).
     *
     * @param length along x
     * @param width  along y
     */
    public record Size(double length, double width, double height) {}

    /** The commonest material of a kind, where nobody knows what a piece is made of (common practice). */
    public static String commonest(String kind) {
        return switch (kind) {
            case "wood" -> "bogwood";
            case "cork" -> "cork_bark_flat";
            case "foam" -> "foam_xps";
            default -> "granite";
        };
    }

    /** Usual measures of a piece of a kind, common practice. */
    public static Size usual(Medium medium) {
        return switch (medium.kind()) {
            case "wood" -> new Size(0.35, 0.08, 0.08);
            case "cork" -> medium.id().contains("tube") ? new Size(0.25, 0.1, 0.1) : new Size(0.2, 0.14, 0.03);
            case "foam" -> new Size(0.2, 0.1, 0.1);
            default -> new Size(0.16, 0.12, 0.08);
        };
    }

    /** Whether a medium is sold as pieces. */
    public static boolean isPiece(Medium medium) {
        return List.of("stone", "wood", "cork", "foam").contains(medium.kind());
    }

    /**
     * The design with one more piece: beside what lies there already where the vessel has room, on the ground. Tubes
     * and flats of cork are hollow or curved, so their bark is a part of their box; the rest of it is counted full
     * until the piece is dunked or weighed.
     *
     * @param volume measured (m³), if known
     * @param mass   weighed (kg), if known
     */
    public static Design add(
            Design design,
            Vessel vessel,
            GroundResult ground,
            Medium medium,
            Optional<String> name,
            Size size,
            OptionalDouble volume,
            OptionalDouble mass) {
        double length = Math.min(size.length(), vessel.length() - 2 * CLEAR);
        double width = Math.min(size.width(), vessel.width() - 2 * CLEAR);
        double[] at = free(design, vessel, ground, length, width);
        ConvexPolygon plan = ConvexPolygon.rectangle(at[0], at[1], at[0] + length, at[1] + width);
        double base = highest(ground, plan);
        HardscapeItem item = new HardscapeItem(
                Ids.free(design, medium.kind()),
                name,
                Optional.of(medium.kind()),
                Optional.of(medium.id()),
                plan.corners(),
                OptionalDouble.of(base),
                size.height(),
                volume.isPresent() ? volume : bark(medium, length, width, size.height()),
                OptionalDouble.empty(),
                mass,
                Optional.of(inWater(ground, plan, base)),
                Fixing.UNSAID,
                Optional.empty(),
                Optional.empty(),
                OtherFields.NONE);
        List<HardscapeItem> all = new java.util.ArrayList<>(design.hardscape());
        all.add(item.withLook(Optional.of(PieceLook.of(item))));
        return design.withHardscape(all);
    }

    /** Bark of 12 mm: a ring for a tube, a sheet for a flat (thickness from memory). */
    private static OptionalDouble bark(Medium medium, double length, double width, double height) {
        double thick = 0.012;
        if (!medium.id().startsWith("cork_bark")) {
            return OptionalDouble.empty();
        }
        if (medium.id().contains("tube")) {
            double outer = Math.min(width, height) / 2;
            double inner = Math.max(0, outer - thick);
            return OptionalDouble.of(Math.PI * (outer * outer - inner * inner) * length);
        }
        return OptionalDouble.of(length * width * Math.min(thick, height));
    }

    private static boolean inWater(GroundResult ground, ConvexPolygon plan, double base) {
        return ground.water()
                .filter(w -> base < w.level())
                .filter(w ->
                        w.side().contains(plan.centroid().x(), plan.centroid().y()))
                .isPresent();
    }

    private static double[] free(Design design, Vessel vessel, GroundResult ground, double length, double width) {
        double[] middle = {round((vessel.length() - length) / 2), round((vessel.width() - width) / 2)};
        double[] best = middle;
        double least = Double.MAX_VALUE;
        for (double x = CLEAR; x <= vessel.length() - length - CLEAR + 1e-9; x += 0.02) {
            for (double y = CLEAR; y <= vessel.width() - width - CLEAR + 1e-9; y += 0.02) {
                double bad =
                        overlap(design, ground, x, y, length, width) + 1e-4 * Math.hypot(x - middle[0], y - middle[1]);
                if (bad < least) {
                    least = bad;
                    best = new double[] {round(x), round(y)};
                }
            }
        }
        return best;
    }

    /** Area shared with other pieces and with the wall between land and water (m²). */
    private static double overlap(Design design, GroundResult ground, double x, double y, double length, double width) {
        double sum = 0;
        for (HardscapeItem other : design.hardscape()) {
            PieceMove.Box b = PieceMove.box(other);
            sum += shared(x, length, b.left(), b.right()) * shared(y, width, b.front(), b.back());
        }
        ConvexPolygon plan = ConvexPolygon.rectangle(x, y, x + length, y + width);
        for (var cell : ground.terrain().cells()) {
            if (cell.dam()) {
                sum += plan.intersect(cell.plan()).map(ConvexPolygon::area).orElse(0.0);
            }
        }
        return sum;
    }

    private static double shared(double from, double extent, double left, double right) {
        return Math.max(0, Math.min(from + extent, right) - Math.max(from, left));
    }

    private static double highest(GroundResult ground, ConvexPolygon plan) {
        double top =
                ground.terrain().surfaceAt(plan.centroid().x(), plan.centroid().y());
        for (var p : plan.corners()) {
            top = Math.max(top, ground.terrain().surfaceAt(p.x(), p.y()));
        }
        return top;
    }

    private static double round(double metres) {
        return Math.round(metres / STEP) * STEP;
    }
}
