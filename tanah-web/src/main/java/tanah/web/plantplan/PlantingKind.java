package tanah.web.plantplan;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.plantplan.PlanSolver;
import tanah.core.plantplan.PlanWish;
import tanah.core.plantplan.PlantingFound;
import tanah.core.plantplan.PlantingSearch;
import tanah.core.plantplan.PlantingWay;
import tanah.solver.CpSatSolver;
import tanah.web.find.SearchKind;

/** Solves plantings behind the pages, in each way. */
@Component
class PlantingKind implements SearchKind {
    static final String PLANTING = "planting";
    private static final Duration LIMIT = Duration.ofSeconds(10); // of one way

    /** What is asked: the ids of plants that stay, with a blank between. */
    static String asked(Set<String> keep) {
        return String.join(" ", keep.stream().sorted().toList());
    }

    @Override
    public String subject() {
        return PLANTING;
    }

    @Override
    public Optional<String> run(Design design, Catalogue catalogue, String asked, BooleanSupplier stopped, Told told) {
        Set<String> keep = new HashSet<>(Arrays.asList(asked.split(" ")));
        PlanWish all = PlanWish.of(design);
        keep.retainAll(all.keep());
        PlanWish wish = all.withKeep(keep);
        return PlantingSearch.of(design, catalogue, new CpSatSolver()).map(search -> {
            List<PlantingFound> found = new ArrayList<>();
            PlantingWay[] ways = PlantingWay.values();
            for (int i = 0; i < ways.length && !stopped.getAsBoolean(); i++) {
                String way = ways[i].name().toLowerCase(Locale.ROOT);
                int done = 100 * i / ways.length;
                told.tell(done, way);
                found.add(search.run(ways[i], wish, LIMIT, new Watch(told, done, way, stopped)));
            }
            return PlantAnswer.of(found).write();
        });
    }

    private record Watch(Told told, int done, String way, BooleanSupplier stopped) implements PlanSolver.Watch {
        @Override
        public void better(double value, double bound) {
            double gap = Math.max(0, bound - value) / Math.max(1, Math.abs(value));
            told.tell(done, way + " " + Math.round(1000 * gap) / 10.0);
        }

        @Override
        public boolean isStopped() {
            return stopped.getAsBoolean();
        }
    }
}
