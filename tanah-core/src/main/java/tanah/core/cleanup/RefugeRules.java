package tanah.core.cleanup;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tanah.core.catalogue.CrewModel;
import tanah.core.design.edit.AddEdit;
import tanah.core.design.edit.RefugeEdit;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.units.Unit;

/** What is said of damp and dry places for a crew; limits are common practice, no source. */
final class RefugeRules {
    static final RuleId REFUGE = new RuleId("crew.refuge");
    static final RuleId MISSING = new RuleId("crew.no_refuge");
    private static final double ON_LAND = 0.9; // of its outline
    private static final double SMALL = 0.05; // of the land

    private RefugeRules() {}

    static List<Finding> judge(Cleanup c) {
        List<Finding> all = new ArrayList<>();
        c.refuges().forEach(r -> all.add(place(r)));
        c.doses().forEach(g -> missing(g, c).ifPresent(all::add));
        return all;
    }

    private static Finding place(RefugeOnFloor r) {
        Place place = Place.part(Stage.CREW, r.refuge().id());
        Remedy out =
                Remedy.change("refuge-out", new RefugeEdit.Remove(r.refuge().id()));
        if (r.area() <= 0) {
            return Finding.of(REFUGE, Severity.CAUTION, place, List.of(), List.of(out))
                    .worded("unplaced");
        }
        double onLand = r.land() / r.area();
        if (onLand < ON_LAND) {
            List<Measure> numbers =
                    List.of(new Measure("land", onLand, Unit.PERCENT), new Measure("least", ON_LAND, Unit.PERCENT));
            return Finding.of(REFUGE, Severity.CAUTION, place, numbers, List.of(Remedy.byHand("move-refuge"), out))
                    .worded("off");
        }
        List<Measure> numbers =
                List.of(new Measure("share", r.share(), Unit.PERCENT), new Measure("least", SMALL, Unit.PERCENT));
        return r.share() < SMALL
                ? Finding.of(REFUGE, Severity.HINT, place, numbers, List.of(Remedy.byHand("larger-refuge")))
                        .worded("small")
                : Finding.of(REFUGE, Severity.GOOD, place, numbers, List.of());
    }

    /** A kind that has to withdraw to a damp place, on a floor drier than it bears; or to a dry one, on a floor that is wetter. */
    private static Optional<Finding> missing(Cleanup.Group g, Cleanup c) {
        return g.model().filter(m -> !m.kind().water()).flatMap(m -> {
            double floor = c.climate().wetness();
            boolean damp = m.refuge().damp() && floor < m.kind().moisture().least() && !has(c, true);
            boolean dry = m.refuge().dry() && floor > m.kind().moisture().most() && !has(c, false);
            return damp || dry ? Optional.of(missing(g, m, c, damp)) : Optional.empty();
        });
    }

    private static Finding missing(Cleanup.Group g, CrewModel m, Cleanup c, boolean damp) {
        double limit = damp ? m.kind().moisture().least() : m.kind().moisture().most();
        return Finding.of(
                        MISSING,
                        Severity.CAUTION,
                        Place.part(Stage.CREW, g.dose().id()),
                        List.of(
                                new Measure("wetness", c.climate().wetness(), Unit.PERCENT),
                                new Measure("limit", limit, Unit.PERCENT)),
                        List.of(lay(damp)))
                .worded(damp ? "damp" : "dry", m.names().scientific());
    }

    static boolean has(Cleanup c, boolean damp) {
        return c.refuges().stream().anyMatch(r -> r.refuge().damp() == damp && r.share() > 0);
    }

    /** Keeps a part of the floor damp, or dry. */
    static Remedy lay(boolean damp) {
        return Remedy.change(damp ? "keep-damp" : "keep-dry", new AddEdit.AddRefuge(damp));
    }
}
