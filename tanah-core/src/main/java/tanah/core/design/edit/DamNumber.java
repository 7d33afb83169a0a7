package tanah.core.design.edit;

import java.util.Locale;
import tanah.core.design.Dam;
import tanah.core.design.DamMove;
import tanah.core.design.Design;
import tanah.core.design.Surface;
import tanah.core.vessel.Vessel;

/** The numbers of a wall between land and water (m): where each stands, how far it may go and how it is set. */
public enum DamNumber implements EditNumber {
    /** Left face. */
    X(0.01, 3),
    /** Thickness from left to right. */
    WIDTH(0.003, 0.5),
    /** Front face. */
    Y(0, 3),
    /** Length from front to back. */
    DEPTH(0.003, 3),
    /** Height of the crest over the inner base. */
    TOP(0.01, 2);

    private final Limits limits;

    DamNumber(double min, double max) {
        limits = new Limits(min, max);
    }

    @Override
    public Limits limits() {
        return limits;
    }

    /** The word in forms and message keys. */
    public String word() {
        return "dam-" + name().toLowerCase(Locale.ROOT);
    }

    public double of(Dam dam) {
        double near = edge(dam, false);
        return switch (this) {
            case X, Y -> near;
            case WIDTH, DEPTH -> edge(dam, true) - near;
            case TOP -> dam.top();
        };
    }

    /**
     * The largest value in a vessel. A wall may not lie against the side: there would be no water beside it.
     *
     * @return m; infinite for the crest, which notes speak about
     */
    public double most(Dam dam, Vessel vessel) {
        double near = edge(dam, false);
        double thick = edge(dam, true) - near;
        return switch (this) {
            case X -> vessel.length() - thick - DamEdit.THINNEST;
            case WIDTH -> vessel.length() - near - DamEdit.THINNEST;
            case Y -> vessel.width() - thick;
            case DEPTH -> vessel.width() - near;
            case TOP -> Double.POSITIVE_INFINITY;
        };
    }

    Design set(Design design, Dam dam, double value) {
        double near = edge(dam, false);
        double far = edge(dam, true);
        return switch (this) {
            case X, Y -> DamMove.to(design, dam.id(), axis(), value, value + far - near);
            case WIDTH, DEPTH -> DamMove.to(design, dam.id(), axis(), near, near + value);
            case TOP -> design.withGround(design.ground().changeDam(dam.id(), d -> d.at(d.region(), value)));
        };
    }

    private Surface.Axis axis() {
        return this == X || this == WIDTH ? Surface.Axis.X : Surface.Axis.Y;
    }

    private double edge(Dam dam, boolean far) {
        return DamMove.edge(dam.region().outline(), axis(), far);
    }
}
