package tanah.core.plantplan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.PlantModel;
import tanah.core.plant.GrowthForm;
import tanah.core.plant.Reach;
import tanah.core.planting.PlantFit;
import tanah.core.planting.Planted;

/** The kinds that a plan is chosen from: those that would live somewhere in it, of as many forms as there are. */
final class Candidates {
    private static final int KINDS = 24; // at most
    private static final int LOW_COVER = 2; // class of cover low down
    private static final double DAMP = 0.45; // least water over field capacity of what keeps the air damp
    private static final int WRONG = 10; // more than there are other bars at one place
    private static final double SLOW = 2; // times its spread in a year; common practice
    private static final int STINGS = 3; // class of sap
    private static final Set<GrowthForm> BROAD =
            EnumSet.of(GrowthForm.MOSS, GrowthForm.FERN, GrowthForm.LIVERWORT, GrowthForm.CLUMP, GrowthForm.ROSETTE);

    private final Planted planted;
    private final PlanWish wish;
    private final List<Stations.Known> stations;
    private final KeepClear clear;
    private final Map<String, List<PlantFit>> fits = new HashMap<>();
    private final List<PlantModel> chosen;
    private final List<PlantingTask.Refused> refused = new ArrayList<>();
    private final int left;

    /** How good a kind is where it is best. */
    private record Best(PlantModel kind, double score) {}

    Candidates(Planted planted, PlanWish wish, Catalogue catalogue, List<Stations.Known> grid, KeepClear clear) {
        this.planted = planted;
        this.wish = wish;
        this.stations = List.copyOf(grid);
        this.clear = clear;
        List<Best> good = new ArrayList<>();
        for (PlantModel kind : catalogue.allPlants()) {
            if (isWanted(kind)) {
                look(kind).ifPresent(good::add);
            }
        }
        this.chosen = varied(good);
        this.left = good.size() - chosen.size();
    }

    private boolean isWanted(PlantModel kind) {
        return (wish.only().isEmpty() || wish.only().contains(kind.id()))
                && !wish.without().contains(kind.id())
                && (!wish.nativeOnly() || planted.isFromThere(kind))
                && (!wish.calm() || isCalm(kind));
    }

    /** Whether it does not more than double its spread in a year, so that it is seldom in the way. */
    private static boolean isCalm(PlantModel kind) {
        return kind.needs().spread().year() <= SLOW * kind.needs().spread().start();
    }

    /** A kind at every place; empty where it may stand nowhere, or nowhere well. */
    private Optional<Best> look(PlantModel kind) {
        List<PlantFit> row = new ArrayList<>();
        double best = 0;
        int leastBad = -1;
        PlanKind counted = kind(kind, planted);
        double least = Double.POSITIVE_INFINITY;
        for (int p = 0; p < stations.size(); p++) {
            PlantFit fit = planted.fit(kind, stations.get(p).place(), Reach.OPEN);
            row.add(fit);
            Set<Bar> bars = bars(counted, p, fit);
            double score = fit.score().orElse(0);
            if (bars.isEmpty()) {
                best = Math.max(best, score);
            }
            // a change of the place helps no root that does not hold to it
            double bad = bars.size() + (bars.contains(Bar.ROOT_PLACE) ? WRONG : 0) - score;
            if (bad < least) {
                least = bad;
                leastBad = p;
            }
        }
        fits.put(kind.id(), row);
        if (best > 0) {
            return Optional.of(new Best(kind, best));
        }
        if (leastBad >= 0) {
            Stations.Known at = stations.get(leastBad);
            refused.add(new PlantingTask.Refused(
                    kind, at.station(), at.place(), row.get(leastBad), bars(counted, leastBad, row.get(leastBad))));
        }
        return Optional.empty();
    }

    private Set<Bar> bars(PlanKind kind, int station, PlantFit fit) {
        Set<Bar> bars = EnumSet.noneOf(Bar.class);
        bars.addAll(Bar.of(fit, wish.least(kind.id())));
        PlanStation s = stations.get(station).station();
        bars.addAll(clear.bars(s.on(), s.x(), s.y(), s.z(), kind));
        return bars;
    }

    /** The best of each form in turn, so that a plan does not become one form only. */
    private List<PlantModel> varied(List<Best> good) {
        Map<GrowthForm, List<Best>> forms = new EnumMap<>(GrowthForm.class);
        good.stream()
                .sorted(Comparator.comparingDouble((Best b) -> -Math.round(20 * b.score()))
                        .thenComparing(b -> !planted.isFromThere(b.kind()))
                        .thenComparing(b -> kind(b.kind(), planted).pot().price())
                        .thenComparing(b -> b.kind().id()))
                .forEach(b -> forms.computeIfAbsent(b.kind().form(), f -> new ArrayList<>())
                        .add(b));
        List<PlantModel> all = new ArrayList<>();
        for (int round = 0; all.size() < Math.min(KINDS, good.size()); round++) {
            for (List<Best> form : forms.values()) {
                if (round < form.size() && all.size() < KINDS) {
                    all.add(form.get(round).kind());
                }
            }
        }
        return all;
    }

    List<PlantModel> chosen() {
        return chosen;
    }

    /** How many kinds would live there beside those. */
    int left() {
        return left;
    }

    List<PlantingTask.Refused> refused() {
        return refused;
    }

    Optional<PlantFit> fit(PlantModel kind, int station) {
        List<PlantFit> row = fits.get(kind.id());
        return row == null || station >= row.size() ? Optional.empty() : Optional.of(row.get(station));
    }

    static PlanKind kind(PlantModel m, Planted planted) {
        return new PlanKind(
                m.id(),
                m.needs().height().year(),
                m.needs().spread().start(),
                m.needs().spread().year(),
                m.cover().hide() >= LOW_COVER,
                BROAD.contains(m.form()) && m.needs().moisture().least() >= DAMP,
                planted.isFromThere(m),
                m.hazards().sap() >= STINGS,
                new PlanKind.Pot(
                        Math.max(1, m.pots().pieces()),
                        m.handling().takes(),
                        m.pots().price().map(b -> b.typical()).orElse(0.0)));
    }

    /** A plant that nobody knows: it takes its room and nothing else. */
    static PlanKind unknown(String id, double spread) {
        return new PlanKind(id, spread, spread, spread, false, false, false, false, new PlanKind.Pot(1, 1, 0));
    }
}
