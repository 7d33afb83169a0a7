package tanah.core.structure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Gear;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.Envelope;
import tanah.core.design.HardscapeItem;
import tanah.core.design.Lining;
import tanah.core.design.PieceMove;
import tanah.core.design.edit.PieceEdit;
import tanah.core.design.edit.WallEdit;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.geometry.Point;
import tanah.core.units.Unit;
import tanah.core.vessel.Vessel;

/** Backgrounds inside the box: that they leave room, and that nothing is drawn where they stand. */
public final class LiningRule {
    public static final RuleId FULL = new RuleId("sheet.full");
    public static final RuleId PIECE = new RuleId("sheet.piece");
    public static final RuleId DEVICE = new RuleId("sheet.device");

    private static final double SET_IN = 0.005; // m that a piece is let into a background without being cut

    private LiningRule() {}

    public static List<Finding> judge(Design design, Vessel vessel, Catalogue catalogue) {
        Lining drawn = Lining.asDrawn(design);
        if (drawn.isEmpty()) {
            return List.of();
        }
        if (!drawn.fits(vessel)) {
            return List.of(full(design, drawn, vessel));
        }
        List<Finding> findings = new ArrayList<>();
        design.hardscape().forEach(p -> piece(p, drawn, vessel).ifPresent(findings::add));
        design.devices().forEach(d -> device(d, drawn, vessel, catalogue).ifPresent(findings::add));
        return findings;
    }

    /** The thickest of the sheets along the measure that has least left. */
    private static Finding full(Design design, Lining drawn, Vessel vessel) {
        double along = drawn.length(vessel);
        double deep = drawn.width(vessel);
        double high = drawn.height(vessel);
        double left = Math.min(along, Math.min(deep, high));
        List<Envelope.Face> faces = left == along
                ? List.of(Envelope.Face.LEFT, Envelope.Face.RIGHT)
                : left == deep
                        ? List.of(Envelope.Face.FRONT, Envelope.Face.BACK)
                        : List.of(Envelope.Face.BOTTOM, Envelope.Face.LID);
        Envelope.Insulation thickest = design.vessel().orElseThrow().envelope().insulation().stream()
                .filter(i -> i.inside().orElse(false) && faces.contains(i.face()))
                .max(Comparator.comparingDouble(Envelope.Insulation::thickness))
                .orElseThrow();
        return Finding.of(
                FULL,
                Severity.STOP,
                Place.part(Stage.AIR, thickest.id()),
                List.of(
                        new Measure("left", Math.max(0, left), Unit.CENTIMETRE),
                        new Measure("thick", thickest.thickness(), Unit.CENTIMETRE)),
                List.of(
                        Remedy.change("sheet-outside", new WallEdit.TurnSheet(thickest.id(), false)),
                        Remedy.change("sheet-away", new WallEdit.RemoveSheet(thickest.id()))));
    }

    /** How far a piece stands in a background, and which way it comes free. */
    private static Optional<Finding> piece(HardscapeItem item, Lining lining, Vessel vessel) {
        double right = most(item, p -> lining.left() > 0 ? lining.left() - p.x() : 0);
        double left = most(item, p -> lining.right() > 0 ? p.x() - vessel.length() + lining.right() : 0);
        double back = most(item, p -> lining.front() > 0 ? lining.front() - p.y() : 0);
        double front = most(item, p -> lining.back() > 0 ? p.y() - vessel.width() + lining.back() : 0);
        double up = Math.max(0, lining.bottom() - item.base());
        double in = Math.max(Math.max(Math.max(right, left), Math.max(back, front)), up);
        if (in <= SET_IN) {
            return Optional.empty();
        }
        List<Remedy> remedies = new ArrayList<>();
        boolean pinched = right > 0 && left > 0 || back > 0 && front > 0;
        if (!pinched) {
            PieceMove.Box box = PieceMove.box(item);
            remedies.add(Remedy.change(
                    "move-free",
                    new PieceEdit.Move(
                            item.id(),
                            box.left() + right - left,
                            OptionalDouble.of(box.front() + back - front),
                            OptionalDouble.of(item.base() + up)),
                    new Measure("by", in, Unit.CENTIMETRE)));
        }
        remedies.add(Remedy.byHand("cut-background"));
        return Optional.of(Finding.of(
                        PIECE,
                        Severity.CAUTION,
                        Place.part(Stage.HARDSCAPE, item.id()),
                        List.of(new Measure("in", in, Unit.CENTIMETRE)),
                        remedies)
                .worded("", PieceRules.name(item)));
    }

    private static double most(HardscapeItem item, ToDoubleFunction<Point> depth) {
        return Math.max(0, item.outline().stream().mapToDouble(depth).max().orElse(0));
    }

    /** A device with its middle in a background needs a hole there, and air or water around it as its maker asks. */
    private static Optional<Finding> device(Device d, Lining lining, Vessel vessel, Catalogue catalogue) {
        if (d.at().x().isEmpty() || d.at().y().isEmpty()) {
            return Optional.empty();
        }
        Point at = new Point(d.at().x().getAsDouble(), d.at().y().getAsDouble());
        double in = d.at().z().orElse(0) > vessel.height() ? 0 : lining.depthAt(at, vessel);
        if (in <= SET_IN) {
            return Optional.empty();
        }
        boolean wet = catalogue.findGear(d.item()).filter(Gear::isWaterDevice).isPresent();
        return Optional.of(Finding.of(
                DEVICE,
                Severity.CAUTION,
                Place.part(wet ? Stage.WATER : Stage.HEAT, d.id()),
                List.of(new Measure("in", in, Unit.CENTIMETRE)),
                List.of(Remedy.byHand("cut-background"))));
    }
}
