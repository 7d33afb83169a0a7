package tanah.core.plantplan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.PlantModel;
import tanah.core.design.Design;
import tanah.core.design.PlantPiece;
import tanah.core.ground.GroundResult;
import tanah.core.plant.Reach;
import tanah.core.planting.Cover;
import tanah.core.planting.GrowingPlace;
import tanah.core.planting.PlantFit;
import tanah.core.planting.Planted;
import tanah.core.vessel.Vessel;

/** Makes the problem of a planting plan from a design, its climate and what its keeper wants. */
public final class PlanBuilder {
    private static final int VARIED = 7; // kinds
    private static final double ON = 0.25; // m² of floor, which bear them; common practice

    private final Design design;
    private final Planted planted;
    private final PlanWish wish;
    private final Stations places;
    private final List<Stations.Known> stations;
    private final KeepClear clear;
    private final Candidates candidates;
    private final List<Optional<PlantModel>> models = new ArrayList<>();
    private final List<PlanKind> kinds = new ArrayList<>();
    private final Map<Integer, Integer> fixed = new HashMap<>();
    private final Map<Integer, String> kept = new HashMap<>();

    private PlanBuilder(Design design, Vessel vessel, Planted planted, PlanWish wish, Catalogue catalogue) {
        this.design = design;
        this.planted = planted;
        this.wish = wish;
        this.places = new Stations(design, vessel, planted);
        this.stations = new ArrayList<>(places.all());
        this.clear = new KeepClear(design, catalogue);
        this.candidates = new Candidates(planted, wish, catalogue, stations, clear);
        for (PlantModel kind : candidates.chosen()) {
            models.add(Optional.of(kind));
            kinds.add(Candidates.kind(kind, planted));
        }
        keep(catalogue);
    }

    public static PlantingTask of(
            Design design, Vessel vessel, GroundResult ground, Planted planted, PlanWish wish, Catalogue catalogue) {
        PlanBuilder builder = new PlanBuilder(design, vessel, planted, wish, catalogue);
        return builder.task(
                Cover.of(design, vessel, ground, planted),
                vessel.floorArea(),
                ground.water().map(w -> w.surface()).orElse(0.0));
    }

    /** What stands already and is kept has a station of its own, and a kind of its own where it is of a size of its own. */
    private void keep(Catalogue catalogue) {
        for (PlantPiece p : design.plants()) {
            Optional<GrowingPlace> place = planted.piece(p.id()).flatMap(Planted.Piece::place);
            if (wish.keep().contains(p.id()) && place.isPresent()) {
                Optional<PlantModel> model = p.kind().flatMap(catalogue::findPlant);
                int kind = kindOf(p, model);
                fixed.put(stations.size(), kind);
                kept.put(stations.size(), p.id());
                GrowingPlace at = place.get();
                stations.add(places.known(p.id(), p.medium(), at.x(), at.y(), at));
            }
        }
    }

    private int kindOf(PlantPiece piece, Optional<PlantModel> model) {
        OptionalDouble own =
                piece.size().spread().isPresent() || piece.size().area().isPresent()
                        ? piece.spread(model)
                        : OptionalDouble.empty();
        for (int k = 0; own.isEmpty() && k < models.size(); k++) {
            if (model.isPresent() && models.get(k).equals(model)) {
                return k;
            }
        }
        models.add(model);
        PlanKind usual = model.map(m -> Candidates.kind(m, planted))
                .orElseGet(
                        () -> Candidates.unknown(piece.id(), piece.spread(model).orElse(0.1)));
        double start = own.orElse(usual.start());
        kinds.add(new PlanKind(
                usual.id(),
                usual.height(),
                start,
                Math.max(start, usual.year()),
                usual.hides(),
                usual.holds(),
                usual.fromThere(),
                usual.stings(),
                usual.pot()));
        return kinds.size() - 1;
    }

    private PlantingTask task(Cover cover, double floor, double water) {
        GroundUnder under = new GroundUnder(cover, kinds, stations, fixed);
        List<List<Optional<PlantFit>>> fits = new ArrayList<>();
        List<List<PlanProblem.Place>> table = new ArrayList<>();
        for (int k = 0; k < kinds.size(); k++) {
            List<Optional<PlantFit>> row = new ArrayList<>();
            List<PlanProblem.Place> points = new ArrayList<>();
            for (int p = 0; p < stations.size(); p++) {
                Optional<PlantFit> fit = fit(k, p);
                row.add(fit);
                points.add(place(k, p, fit, under));
            }
            fits.add(row);
            table.add(points);
        }
        PlanProblem problem = new PlanProblem(
                kinds,
                stations.stream().map(Stations.Known::station).toList(),
                table,
                fixed,
                cover.area(),
                water,
                wish.budget(),
                wish.cover(),
                wish.aim(),
                List.of(),
                Math.max(1, (int) Math.round(VARIED * floor / ON)),
                wish.weights(),
                Map.of());
        List<GrowingPlace> at = stations.stream().map(Stations.Known::place).toList();
        Shade shade = new Shade(problem, models, at);
        PlanProblem shaded = problem.withClose(shade.pairs());
        return new PlantingTask(
                shaded.withHides(hides(shaded)), models, at, fits, kept, candidates.refused(), candidates.left());
    }

    private Optional<PlantFit> fit(int kind, int station) {
        return models.get(kind).map(m -> {
            Stations.Known at = stations.get(station);
            return fixed.containsKey(station)
                    ? planted.fit(m, at.place(), reach(kept.get(station)))
                    : candidates.fit(m, station).orElseGet(() -> planted.fit(m, at.place(), Reach.OPEN));
        });
    }

    private Reach reach(String plant) {
        return design.plant(plant).map(PlantPiece::reach).orElse(Reach.OPEN);
    }

    private PlanProblem.Place place(int kind, int station, Optional<PlantFit> fit, GroundUnder under) {
        int points = (int) Math.round(
                100 * fit.flatMap(f -> f.score().stream().boxed().findFirst()).orElse(0.0));
        Set<Bar> bars = new HashSet<>();
        if (!fixed.containsKey(station)) {
            fit.ifPresentOrElse(
                    f -> bars.addAll(Bar.of(f, wish.least(kinds.get(kind).id()))), () -> bars.add(Bar.POOR));
            PlanStation s = stations.get(station).station();
            bars.addAll(clear.bars(s.on(), s.x(), s.y(), s.z(), kinds.get(kind)));
            if (kind >= candidates.chosen().size()) {
                bars.add(Bar.POOR); // one that only stays where it is
            }
        }
        return new PlanProblem.Place(points, bars, under.start(kind, station), under.year(kind, station));
    }

    /** Low cover at each hide beside which some kind that gives it may stand. */
    private List<PlanProblem.HideWish> hides(PlanProblem problem) {
        Set<Integer> able = problem.choices().stream()
                .filter(c -> kinds.get(c.kind()).hides())
                .map(PlanProblem.Choice::station)
                .collect(Collectors.toSet());
        return design.hardscape().stream()
                .filter(h -> h.hide().isPresent())
                .map(h -> Set.copyOf(Stations.beside(h, stations)))
                .filter(near -> near.stream().anyMatch(able::contains))
                .map(near -> new PlanProblem.HideWish(near, 1))
                .toList();
    }
}
