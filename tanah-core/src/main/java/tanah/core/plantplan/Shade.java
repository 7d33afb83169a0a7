package tanah.core.plantplan;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import tanah.core.catalogue.PlantModel;
import tanah.core.planting.GrowingPlace;
import tanah.core.time.Season;

/** Pairs of which the taller would leave the other too little light after a year. */
final class Shade {
    private final PlanProblem problem;
    private final List<Optional<PlantModel>> models;
    private final List<GrowingPlace> places;

    Shade(PlanProblem problem, List<Optional<PlantModel>> models, List<GrowingPlace> places) {
        this.problem = problem;
        this.models = models;
        this.places = places;
    }

    Map<PlanProblem.Choice, Set<PlanProblem.Choice>> pairs() {
        Map<PlanProblem.Choice, Set<PlanProblem.Choice>> all = new HashMap<>();
        List<PlanProblem.Choice> open = problem.choices();
        double[] lit = open.stream().mapToDouble(this::light).toArray();
        double[] asks = open.stream().mapToDouble(this::least).toArray();
        for (PlanProblem.Choice tall : open) {
            double passes = models.get(tall.kind()).map(m -> m.cover().passes()).orElse(1.0);
            for (int i = 0; i < lit.length; i++) {
                PlanProblem.Choice low = open.get(i);
                if (lit[i] * passes < asks[i] && isUnder(tall, low)) {
                    all.computeIfAbsent(tall, t -> new HashSet<>()).add(low);
                    all.computeIfAbsent(low, t -> new HashSet<>()).add(tall);
                }
            }
        }
        return all;
    }

    /** Of the darkest day, over a young plant there (mol/m²). */
    private double light(PlanProblem.Choice c) {
        return models.get(c.kind())
                .map(m -> places.get(c.station())
                        .spot(Season.WINTER, m.needs())
                        .daily()
                        .orElse(0))
                .orElse(0.0);
    }

    private double least(PlanProblem.Choice c) {
        return models.get(c.kind()).map(m -> m.needs().light().daily().least()).orElse(0.0);
    }

    private boolean isUnder(PlanProblem.Choice tall, PlanProblem.Choice low) {
        PlanKind over = problem.kinds().get(tall.kind());
        PlanStation a = problem.stations().get(tall.station());
        PlanStation b = problem.stations().get(low.station());
        boolean higher =
                a.z() + over.height() > b.z() + problem.kinds().get(low.kind()).height();
        return tall.station() != low.station() && higher && Math.hypot(a.x() - b.x(), a.y() - b.y()) < over.year() / 2;
    }
}
