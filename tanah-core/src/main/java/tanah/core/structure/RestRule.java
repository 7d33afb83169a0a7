package tanah.core.structure;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.design.Fixing;
import tanah.core.design.HardscapeItem;
import tanah.core.design.PieceMove;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.geometry.Point;
import tanah.core.ground.GroundResult;
import tanah.core.units.Unit;

/**
 * Pieces with all that rests on them, and whether they tip with an animal on the edge: the centre of mass against the edges of what they
 * rest on, other pieces or the ground, and a push of half the animal's weight at the top (common practice).
 */
public final class RestRule {
    public static final RuleId TIPS = new RuleId("GW-071");
    public static final RuleId STAYS = new RuleId("GW-072");

    private static final double LEAST = 1e-9; // m
    private static final double PUSH = 0.5;
    private static final double LIGHT = 0.5; // kg, what falls lighter hurts nobody
    private static final double SAFE = 1.5;
    private static final double LEAN = Math.toRadians(10);

    private RestRule() {}

    /** @param animal mass of the heaviest animal (kg), 0: not known */
    public static List<Finding> judge(Design design, GroundResult ground, double animal, Catalogue catalogue) {
        List<Finding> findings = new ArrayList<>();
        Rests rests = new Rests(design.hardscape());
        Map<String, Tower> towers = Tower.of(design.hardscape(), rests, catalogue);
        for (HardscapeItem item : design.hardscape()) {
            Tower tower = towers.get(item.id());
            if (tower == null || hangs(item)) {
                continue;
            }
            List<ConvexPolygon> contacts =
                    rests.of(item).stream().map(Rests.Contact::where).toList();
            if (!contacts.isEmpty()) {
                findings.add(judge(item, contacts, tower, animal));
                continue;
            }
            standing(item, ground, tower, animal).ifPresent(findings::add);
        }
        return findings;
    }

    /** A stone on the ground is spoken of where it may fall, or where it carries others; branches lean and are stuck into the ground. */
    private static Optional<Finding> standing(HardscapeItem item, GroundResult ground, Tower tower, double animal) {
        if (!item.kind().orElse("stone").equals("stone") || tower.mass() < LIGHT - LEAST) {
            return Optional.empty();
        }
        Finding f = judge(item, List.of(new ConvexPolygon(item.outline())), tower, animal);
        if (f.severity() != Severity.GOOD) {
            return Optional.of(f);
        }
        return onSoil(item, ground, tower).or(() -> tower.pieces() > 1 ? Optional.of(f) : Optional.empty());
    }

    private static boolean hangs(HardscapeItem item) {
        return item.fixing().support().filter(Fixing.Support.WALL::equals).isPresent();
    }

    /** On loose ground, which gives under an edge, what stands is no higher than it is wide (common practice). */
    private static Optional<Finding> onSoil(HardscapeItem item, GroundResult ground, Tower tower) {
        PieceMove.Box box = PieceMove.box(item);
        double wide = Math.min(box.length(), box.width());
        double high = tower.top() - item.base();
        if (PieceRules.support(item, ground) != Fixing.Support.SOIL || high <= wide + LEAST) {
            return Optional.empty();
        }
        return Optional.of(Finding.of(
                        TIPS,
                        Severity.CAUTION,
                        Place.part(Stage.HARDSCAPE, item.id()),
                        List.of(new Measure("high", high, Unit.CENTIMETRE), new Measure("wide", wide, Unit.CENTIMETRE)),
                        List.of(Remedy.byHand("base-under-stack"), Remedy.byHand("wider-rest")))
                .worded("soil", PieceRules.name(item)));
    }

    private static Finding judge(HardscapeItem item, List<ConvexPolygon> contacts, Tower tower, double animal) {
        Point centre = new Point(tower.x(), tower.y());
        double edge = Double.MAX_VALUE;
        double safety = Double.MAX_VALUE;
        for (int side = 0; side < 4; side++) {
            double rim = side(contacts, side);
            double e = along(centre, side) - rim;
            double reach = Math.max(0, rim - outermost(item, side));
            double topples = animal * (reach + PUSH * (tower.top() - item.base()));
            edge = Math.min(edge, e);
            safety = Math.min(safety, topples > 0 ? tower.mass() * e / topples : Double.MAX_VALUE);
        }
        double tilt = Math.atan2(edge, tower.z() - item.base());
        return verdict(item.id(), PieceRules.name(item), edge, safety, tilt);
    }

    /**
     * What a stand comes to.
     *
     * @param part   that stands
     * @param name   of it for people
     * @param edge   of its middle from the nearest edge (m), negative outside
     * @param safety moment that holds over moment that topples
     * @param tilt   by which it may lean before it falls (rad)
     */
    static Finding verdict(String part, String name, double edge, double safety, double tilt) {
        Place place = Place.part(Stage.HARDSCAPE, part);
        if (edge > LEAST && safety >= SAFE && tilt >= LEAN) {
            List<Measure> numbers =
                    List.of(new Measure("edge", edge, Unit.CENTIMETRE), new Measure("tilt", tilt, Unit.DEGREE));
            return Finding.of(STAYS, Severity.GOOD, place, numbers, List.of()).worded("", name);
        }
        boolean stop = edge <= LEAST || safety < 1;
        return Finding.of(
                        TIPS,
                        stop ? Severity.STOP : Severity.CAUTION,
                        place,
                        numbers(edge, tilt, safety),
                        List.of(Remedy.byHand("wider-rest"), Remedy.byHand("bond-stack")))
                .worded(edge <= LEAST ? "off" : safety < SAFE ? "pushed" : "", name);
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
