package tanah.core.animal;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import tanah.core.design.Design;
import tanah.core.design.HardscapeItem;
import tanah.core.design.PieceMove;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.Remedy.Action;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.units.Unit;

/** A basking place has to take the whole body (common practice): 1.2 times its length, half as wide. */
public final class BaskingPlaceRule {
    public static final RuleId ID = new RuleId("hardscape.basking_size");

    private static final double ROUNDING = 1e-6; // m

    private BaskingPlaceRule() {}

    public static Optional<Finding> judge(Inhabitant animal, Design design) {
        if (animal.profile().optional("basking_surface_c").isEmpty()
                && animal.profile().optional("basking_surface_min_c").isEmpty()) {
            return Optional.empty();
        }
        BodyMeasures body = BodyMeasures.of(animal.profile(), 1);
        return design.hardscape().stream()
                .filter(HardscapeItem::isBasking)
                .max(Comparator.comparingDouble(BaskingPlaceRule::longer))
                .map(h -> place(animal, h, body));
    }

    private static double longer(HardscapeItem item) {
        PieceMove.Box box = PieceMove.box(item);
        return Math.max(box.length(), box.width());
    }

    private static Finding place(Inhabitant animal, HardscapeItem item, BodyMeasures body) {
        PieceMove.Box box = PieceMove.box(item);
        double length = longer(item);
        double width = Math.min(box.length(), box.width());
        boolean fits = length >= body.patch() - ROUNDING && width >= BodyMeasures.PATCH_WIDTH * body.patch() - ROUNDING;
        List<Measure> numbers = List.of(
                new Measure("length", length, Unit.CENTIMETRE),
                new Measure("width", width, Unit.CENTIMETRE),
                new Measure("wanted_length", body.patch(), Unit.CENTIMETRE),
                new Measure("wanted_width", BodyMeasures.PATCH_WIDTH * body.patch(), Unit.CENTIMETRE));
        Place place = Place.part(Stage.HARDSCAPE, item.id());
        return (fits
                        ? Finding.of(ID, Severity.GOOD, place, numbers, List.of())
                        : Finding.of(
                                ID,
                                Severity.CAUTION,
                                place,
                                numbers,
                                List.of(Remedy.change("larger-basking", new Action.GoTo(Stage.HARDSCAPE)))))
                .worded("", animal.row().scientificName());
    }
}
