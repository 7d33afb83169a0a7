package tanah.core.structure;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.design.HardscapeItem;
import tanah.core.design.Solids;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.geometry.Point;
import tanah.core.units.Unit;

/**
 * Pieces that rest on other pieces, and whether they tip with an animal on the edge: the centre of mass against the
 * edges of all that it rests on, and a push of half the animal's weight at the top (common practice).
 */
public final class RestRule {
    public static final RuleId TIPS = new RuleId("GW-071");
    public static final RuleId STAYS = new RuleId("GW-072");

    private static final double LEAST = 1e-9; // m
    private static final double PUSH = 0.5;
    private static final double SAFE = 1.5;
    private static final double LEAN = Math.toRadians(10);

    private RestRule() {}

    /** @param animal mass of the heaviest animal (kg), 0: not known */
    public static List<Finding> judge(Design design, double animal, Catalogue catalogue) {
        List<Finding> findings = new ArrayList<>();
        Rests rests = new Rests(design.hardscape());
        for (HardscapeItem item : design.hardscape()) {
            List<ConvexPolygon> contacts =
                    rests.of(item).stream().map(Rests.Contact::where).toList();
            OptionalDouble mass = Solids.mass(item, catalogue);
            if (!contacts.isEmpty() && mass.isPresent()) {
                findings.add(judge(item, contacts, mass.getAsDouble(), animal));
            }
        }
        return findings;
    }

    private static Finding judge(HardscapeItem item, List<ConvexPolygon> contacts, double mass, double animal) {
        Point centre = new ConvexPolygon(item.outline()).centroid();
        double edge = Double.MAX_VALUE;
        double safety = Double.MAX_VALUE;
        for (int side = 0; side < 4; side++) {
            double rim = side(contacts, side);
            double e = along(centre, side) - rim;
            double reach = Math.max(0, rim - outermost(item, side));
            double topples = animal * (reach + PUSH * item.height());
            edge = Math.min(edge, e);
            safety = Math.min(safety, topples > 0 ? mass * e / topples : Double.MAX_VALUE);
        }
        double tilt = Math.atan2(edge, item.height() / 2);
        Place place = Place.part(Stage.HARDSCAPE, item.id());
        if (edge > LEAST && safety >= SAFE && tilt >= LEAN) {
            List<Measure> numbers =
                    List.of(new Measure("edge", edge, Unit.CENTIMETRE), new Measure("tilt", tilt, Unit.DEGREE));
            return Finding.of(STAYS, Severity.GOOD, place, numbers, List.of()).worded("", PieceRules.name(item));
        }
        boolean stop = edge <= LEAST || safety < 1;
        return Finding.of(
                        TIPS,
                        stop ? Severity.STOP : Severity.CAUTION,
                        place,
                        numbers(edge, tilt, safety),
                        List.of(Remedy.byHand("wider-rest"), Remedy.byHand("bond-stack")))
                .worded(edge <= LEAST ? "off" : safety < SAFE ? "pushed" : "", PieceRules.name(item));
    }

    /** What a person can check: how far its middle hangs out, or what tips it. */
    private static List<Measure> numbers(double edge, double tilt, double safety) {
        if (edge <= LEAST) {
            return List.of(new Measure("out", Math.max(0, -edge), Unit.CENTIMETRE));
        }
        Measure inside = new Measure("edge", edge, Unit.CENTIMETRE);
        return List.of(
                inside,
                safety < SAFE ? new Measure("safety", safety, Unit.SHARE) : new Measure("tilt", tilt, Unit.DEGREE));
    }

    /** A coordinate that grows inwards from one of the four sides. */
    private static double along(Point p, int side) {
        return switch (side) {
            case 0 -> p.x();
            case 1 -> -p.x();
            case 2 -> p.y();
            default -> -p.y();
        };
    }

    private static double side(List<ConvexPolygon> contacts, int side) {
        return contacts.stream()
                .flatMap(c -> c.corners().stream())
                .mapToDouble(p -> along(p, side))
                .min()
                .orElseThrow();
    }

    private static double outermost(HardscapeItem item, int side) {
        return item.outline().stream().mapToDouble(p -> along(p, side)).min().orElseThrow();
    }
}
