package tanah.core.cleanup;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.climate.Places;
import tanah.core.design.CrewChoice;
import tanah.core.design.Design;
import tanah.core.design.Ids;
import tanah.core.design.Layer;
import tanah.core.forecast.Forecast;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.ground.GroundResult;
import tanah.core.time.Phase;
import tanah.core.time.Season;
import tanah.core.time.SeasonPhase;
import tanah.core.vessel.Vessel;

/** Where a damp or dry place usually goes: on the land at the cool end, in a corner (common practice). */
public final class RefugeProposal {
    /** Of the land, where nobody says how much (common practice: 10 to 25 %). */
    public static final double USUAL = 0.15;

    private static final double DEEP = 0.6; // of the width of the box
    private static final double WHOLE = 0.98; // of it has to be on land
    private static final double CENTIMETRE = 0.01; // m
    private static final int STEPS = 12;

    private RefugeProposal() {}

    /** Whether the left end is the cool one. */
    public static boolean isCoolLeft(Forecast forecast) {
        Places day = forecast.at(SeasonPhase.of(Season.SUMMER, Phase.DAY)).places();
        return !day.isWarmLeft();
    }

    /**
     * The plan with one more; empty where no land is free for it.
     *
     * @param share of the land, 0 to 1
     */
    public static Optional<Design> with(
            Design design, Vessel vessel, GroundResult ground, boolean coolLeft, boolean damp, double share) {
        double land = RefugeOnFloor.onLand(refuge("", damp, new Spot(0, 0, vessel.length(), vessel.width())), ground);
        double area = share * land;
        double deep = Math.min(vessel.width(), whole(Math.max(DEEP * vessel.width(), 2 * area / vessel.length())));
        double wide = Math.max(CENTIMETRE, whole(area / deep));
        if (area <= 0 || wide > vessel.length()) {
            return Optional.empty();
        }
        String id = Ids.free(design, damp ? "damp" : "dry");
        return spots(vessel, coolLeft, wide, deep).stream()
                .map(s -> refuge(id, damp, s))
                .filter(r -> RefugeOnFloor.onLand(r, ground) >= WHOLE * wide * deep && isFree(r, design))
                .findFirst()
                .map(r -> {
                    List<CrewChoice.Refuge> all = new ArrayList<>(design.crew().refuges());
                    all.add(r);
                    return design.withCrew(design.crew().withRefuges(all));
                });
    }

    /** As people measure it. */
    private static double whole(double metres) {
        return Math.round(metres / CENTIMETRE) * CENTIMETRE;
    }

    /** Corner and extent (m). */
    private record Spot(double x, double y, double length, double width) {}

    /** From the cool end on, at the back before the front. */
    private static List<Spot> spots(Vessel vessel, boolean coolLeft, double wide, double deep) {
        List<Spot> all = new ArrayList<>();
        for (int i = 0; i <= STEPS; i++) {
            double from = whole((vessel.length() - wide) * i / STEPS);
            double x = Math.max(0, coolLeft ? Math.min(from, vessel.length() - wide) : vessel.length() - wide - from);
            all.add(new Spot(x, vessel.width() - deep, wide, deep));
            all.add(new Spot(x, 0, wide, deep));
        }
        return all;
    }

    private static CrewChoice.Refuge refuge(String id, boolean damp, Spot s) {
        ConvexPolygon outline = ConvexPolygon.rectangle(s.x(), s.y(), s.x() + s.length(), s.y() + s.width());
        return new CrewChoice.Refuge(id, damp, Optional.of(new Layer.Region(outline, true)), OptionalDouble.empty());
    }

    private static boolean isFree(CrewChoice.Refuge r, Design design) {
        return design.crew().refuges().stream()
                .flatMap(other -> other.region().stream())
                .noneMatch(other -> r.areaIn(other.outline()) > 0);
    }
}
