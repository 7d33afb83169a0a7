package tanah.core.planting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.plant.Growth;
import tanah.core.units.Unit;

/** How near plants stand, and how much of the ground they cover at the start; ranges are common practice, no source. */
final class PlantSpacingRule {
    static final RuleId CROWD = new RuleId("plant.crowd");
    static final RuleId COVER = new RuleId("plant.cover");
    private static final double SOON = 6; // months

    private PlantSpacingRule() {}

    static List<Finding> judge(PlantRuleInput in) {
        List<Finding> all = new ArrayList<>();
        List<Planted.Piece> pieces = in.planted().pieces();
        for (int i = 0; i < pieces.size(); i++) {
            crowded(in, pieces, i).ifPresent(all::add);
        }
        if (!pieces.isEmpty()) {
            cover(in).ifPresent(all::add);
        }
        return all;
    }

    /** The neighbour among the later ones that a plant touches first. */
    private static Optional<Finding> crowded(PlantRuleInput in, List<Planted.Piece> pieces, int index) {
        Planted.Piece one = pieces.get(index);
        Optional<Planted.Piece> first = Optional.empty();
        double soonest = SOON;
        for (Planted.Piece other : pieces.subList(index + 1, pieces.size())) {
            OptionalDouble month = touch(one, other);
            if (month.isPresent() && month.getAsDouble() < soonest) {
                soonest = month.getAsDouble();
                first = Optional.of(other);
            }
        }
        double months = soonest;
        return first.map(other -> in.finding(
                CROWD,
                Severity.HINT,
                one,
                months <= 0 ? "now" : "",
                List.of(new Measure("months", months, Unit.MONTH)),
                List.of(Remedy.byHand("prune-or-move"), PlantRuleInput.takeOut(one)),
                PlantRuleInput.name(other)));
    }

    private static OptionalDouble touch(Planted.Piece one, Planted.Piece other) {
        Optional<Growth> a = one.growth();
        Optional<Growth> b = other.growth();
        if (a.isEmpty() || b.isEmpty() || one.piece().medium() != other.piece().medium()) {
            return OptionalDouble.empty();
        }
        if (one.place().isEmpty() || other.place().isEmpty()) {
            return OptionalDouble.empty();
        }
        GrowingPlace p = one.place().get();
        GrowingPlace q = other.place().get();
        double away = Math.hypot(Math.hypot(p.x() - q.x(), p.y() - q.y()), p.z() - q.z());
        return Growth.touch(a.get(), b.get(), away);
    }

    private static Optional<Finding> cover(PlantRuleInput in) {
        Cover cover = Cover.of(in.design(), in.vessel(), in.ground(), in.planted());
        OptionalDouble start = cover.share(0);
        OptionalDouble year = cover.share(12);
        if (start.isEmpty() || year.isEmpty()) {
            return Optional.empty();
        }
        double low = in.design().planting().cover().min();
        double high = in.design().planting().cover().max();
        List<Measure> numbers = List.of(
                percent("start", start.getAsDouble()),
                percent("low", low),
                percent("high", high),
                percent("year", year.getAsDouble()));
        boolean bare = start.getAsDouble() < low;
        boolean full = start.getAsDouble() > high;
        Place place = Place.of(Stage.PLANTING);
        if (bare || full) {
            return Optional.of(Finding.of(
                            COVER,
                            Severity.HINT,
                            place,
                            numbers,
                            List.of(Remedy.byHand(bare ? "plant-more" : "plant-fewer")))
                    .worded(bare ? "bare" : "full"));
        }
        return Optional.of(Finding.of(COVER, Severity.GOOD, place, numbers, List.of()));
    }

    private static Measure percent(String name, double share) {
        return new Measure(name, share, Unit.PERCENT);
    }
}
