package tanah.core.design.edit;

import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.design.CrewChoice;
import tanah.core.design.Layer;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.geometry.Point;

/** The numbers of a damp or dry place (m; of {@code WETNESS} water over field capacity, or not given). */
public enum RefugeNumber implements EditNumber {
    X(0, 4),
    Y(0, 4),
    LENGTH(0.02, 4),
    WIDTH(0.02, 4),
    WETNESS(0, 1.6);

    private static final double NEW = 0.1; // m, of one whose place is not known yet

    private final Limits limits;

    RefugeNumber(double min, double max) {
        limits = new Limits(min, max);
    }

    @Override
    public Limits limits() {
        return limits;
    }

    /** The word in forms and message keys. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    public OptionalDouble of(CrewChoice.Refuge r) {
        if (this == WETNESS) {
            return r.wetness();
        }
        return r.region().isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(of(Box.of(r)));
    }

    private double of(Box box) {
        return switch (this) {
            case X -> box.x();
            case Y -> box.y();
            case LENGTH -> box.length();
            case WIDTH -> box.width();
            case WETNESS -> throw new IllegalStateException();
        };
    }

    /** A place of another outline becomes the rectangle around it. */
    CrewChoice.Refuge set(CrewChoice.Refuge r, OptionalDouble value) {
        if (this == WETNESS) {
            return r.withWetness(value);
        }
        Box b = Box.of(r);
        double v = value.orElse(of(b));
        Box next = switch (this) {
            case X -> new Box(v, b.y(), b.length(), b.width());
            case Y -> new Box(b.x(), v, b.length(), b.width());
            case LENGTH -> new Box(b.x(), b.y(), v, b.width());
            default -> new Box(b.x(), b.y(), b.length(), v);
        };
        return r.withRegion(Optional.of(next.region()));
    }

    /** Corner and extent (m). */
    private record Box(double x, double y, double length, double width) {
        static Box of(CrewChoice.Refuge r) {
            if (r.region().isEmpty()) {
                return new Box(0, 0, NEW, NEW);
            }
            double left = Double.MAX_VALUE;
            double front = Double.MAX_VALUE;
            double right = 0;
            double back = 0;
            for (Point p : r.region().get().outline().corners()) {
                left = Math.min(left, p.x());
                right = Math.max(right, p.x());
                front = Math.min(front, p.y());
                back = Math.max(back, p.y());
            }
            return new Box(left, front, right - left, back - front);
        }

        Layer.Region region() {
            return new Layer.Region(ConvexPolygon.rectangle(x, y, x + length, y + width), true);
        }
    }
}
