package tanah.core.equipment;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.IntConsumer;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import tanah.core.animal.Inhabitant;
import tanah.core.box.Factors;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Range;
import tanah.core.design.Design;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.forecast.Forecast;
import tanah.core.forecast.LampDistance;
import tanah.core.mapping.MappedDesign;
import tanah.core.time.SeasonPhase;

/**
 * The equipment of least power that meets every target in winter and in season, by day and by night. Short lists are computed in
 * full; long ones are searched along each list from three starts. Bands are left out: a found combination is judged with them
 * afterwards like any plan.
 */
public final class EquipmentSearch {
    static final List<String> DIMENSIONS = List.of("heat", "height", "mesh", "mat", "sheets", "water");

    private static final int MESH = DIMENSIONS.indexOf("mesh");
    private static final int MAT = DIMENSIONS.indexOf("mat");
    private static final int MOST = 260;
    private static final int ALL = 300;
    private static final double TOLERANCE = 0.02; // K
    private static final double TOO_NEAR = 0.01; // m that a lamp hangs too near count as one
    private static final int SHOWN = 3;
    private static final int MOST_DRY = 8;
    private static final int MOST_NEAR = 24; // combinations looked at for one that brings no stop
    private static final double CLOSER = 0.015; // share of a lid
    private static final double CLOSING = 0.2;
    private static final double NARROWER = 0.7; // halving passed over what there was between

    private final Catalogue catalogue;
    private final Evaluation plan;
    private final List<Wish> targets;
    private final PlanVariant variant;
    private final LampOptions options;
    private final UvSearch uv;
    private final BooleanSupplier stop;
    private final IntConsumer progress;
    private final Map<String, EquipmentFound.Answer> memo = new HashMap<>();
    private final WholeDays days;
    private final SearchStops stops;
    private Optional<Forecast> near = Optional.empty();

    private EquipmentSearch(Evaluation plan, Catalogue catalogue, BooleanSupplier stop, IntConsumer progress) {
        this.catalogue = catalogue;
        this.plan = plan;
        this.stop = stop;
        this.progress = progress;
        this.targets = Wish.of(plan.animals());
        this.variant = new PlanVariant(plan, catalogue);
        this.options = LampOptions.of(plan, variant, catalogue);
        this.days = new WholeDays(stop);
        this.stops = new SearchStops(plan.design(), catalogue, days);
        this.uv = new UvSearch(plan, variant, wantedUv(plan), catalogue);
    }

    /** UV that is required or recommended; one that is only optional is left to the keeper. */
    private static Optional<Range> wantedUv(Evaluation plan) {
        return plan.animals().stream()
                .map(Inhabitant::profile)
                .filter(s -> s.uvSchool().equals("required") || s.uvSchool().equals("recommended"))
                .flatMap(s -> s.uvIndex().stream())
                .findFirst();
    }

    /**
     * @param stop     asked between two combinations
     * @param progress told in hundredths
     * @return empty without an animal, a vessel, a room or room for air over the ground
     */
    public static Optional<EquipmentFound> run(
            Design design, Catalogue catalogue, BooleanSupplier stop, IntConsumer progress) {
        Evaluation plan = Evaluator.evaluate(design, catalogue);
        boolean ready = !plan.animals().isEmpty()
                && MappedDesign.of(design, plan.vessel(), plan.ground(), plan.animals(), catalogue)
                        .isPresent();
        return ready ? Optional.of(new EquipmentSearch(plan, catalogue, stop, progress).found()) : Optional.empty();
    }

    private EquipmentFound found() {
        boolean exact = options.count() <= ALL;
        OptionWalk<EquipmentFound.Answer> walk = new OptionWalk<>(
                IntStream.range(0, DIMENSIONS.size()).map(options::size).toArray(),
                this::answer,
                EquipmentFound.Answer.order(),
                () -> stop.getAsBoolean() || memo.size() >= MOST);
        if (exact) {
            walk.all();
        } else {
            walk.climb();
            walk.polish(
                    () -> memo.values().stream()
                            .min(EquipmentFound.Answer.order())
                            .orElseThrow(),
                    this::position,
                    MESH,
                    MAT);
        }
        List<EquipmentFound.Answer> all = new ArrayList<>(memo.values());
        all.sort(EquipmentFound.Answer.order());
        List<EquipmentFound.Answer> dry = new ArrayList<>();
        List<EquipmentFound.Answer> best = damp(all, dry);
        Optional<EquipmentFound.Answer> nearest =
                best.isEmpty() ? nearest(all, dry) : best.stream().findFirst();
        List<EquipmentFound.Reason> reasons =
                best.isEmpty() ? SearchReasons.of(dry.isEmpty() ? all : dry, plan, uvRange()) : List.of();
        return new EquipmentFound(
                best,
                nearest,
                reasons,
                best.stream().findFirst().or(() -> nearest).map(this::refused).orElse(List.of()),
                memo.size(),
                options.count(),
                exact && !stop.getAsBoolean(),
                stop.getAsBoolean());
    }

    /**
     * Combinations that are as damp as wanted, too: with mistings, over whole days. Of those that are too dry, none with as much
     * mesh is looked at again; of those too damp none with as little.
     */
    private List<EquipmentFound.Answer> damp(List<EquipmentFound.Answer> all, List<EquipmentFound.Answer> failed) {
        List<EquipmentFound.Answer> best = new ArrayList<>();
        double driest = Double.MAX_VALUE;
        double dampest = -1;
        for (EquipmentFound.Answer a : all) {
            double mesh = a.choice().mesh();
            boolean done = best.size() >= SHOWN || failed.size() >= MOST_DRY || stop.getAsBoolean();
            if (done) {
                break;
            }
            boolean again = best.stream().anyMatch(b -> b.choice().isButForHeight(a.choice()));
            if (a.stopped() || again || !a.isWarmAsWanted() || mesh > driest + 1e-9 || mesh <= dampest) {
                continue;
            }
            EquipmentFound.Answer settled = a.with(humid(a));
            if (settled.isFeasible() && stops.leavesNone(settled.design())) {
                best.add(settled);
                continue;
            }
            failed.add(settled);
            if (settled.isFeasible()) {
                continue; // a stop that it brings says nothing of how damp others are
            }
            boolean dry = settled.misses().stream().anyMatch(Wish.Miss::isBelow);
            // a lid that is wide open is closed in larger steps
            driest = dry ? Math.max(NARROWER * mesh, Math.min(mesh - CLOSER, CLOSING)) : driest;
            dampest = dry ? dampest : mesh;
        }
        best.sort(EquipmentFound.Answer.order());
        return best;
    }

    /**
     * What misses least and brings no stop that the plan did not have: what is offered must not be worse than what it takes away.
     *
     * @param all  by order
     * @param dry  those whose humidity is settled
     */
    private Optional<EquipmentFound.Answer> nearest(List<EquipmentFound.Answer> all, List<EquipmentFound.Answer> dry) {
        List<EquipmentFound.Answer> settled = new ArrayList<>(dry);
        settled.sort(Comparator.comparingDouble(EquipmentFound.Answer::score));
        return Stream.concat(
                        settled.stream(),
                        all.stream().filter(a -> !a.stopped()).limit(MOST_NEAR).map(this::settled))
                .filter(a -> stop.getAsBoolean() || stops.bringsNone(a.design()))
                .findFirst();
    }

    private EquipmentFound.Answer settled(EquipmentFound.Answer a) {
        return stop.getAsBoolean() ? a : a.with(humid(a));
    }

    private HumiditySearch humid(EquipmentFound.Answer a) {
        List<Wish> humidity = targets.stream().filter(Wish::isHumidity).toList();
        return HumiditySearch.of(a.design(), humidity, catalogue, days, stop);
    }

    private Optional<Range> uvRange() {
        return wantedUv(plan);
    }

    private EquipmentFound.Answer answer(int[] asked) {
        int[] at = asked.clone();
        if (options.heat().get(at[0]).isEmpty()) {
            at[1] = 0; // no lamp hangs at any height
        }
        EquipmentFound.Answer known = memo.get(Arrays.toString(at));
        if (known != null) {
            return known;
        }
        UvSearch.Pick pick = uv.at(options.mesh().get(at[2]));
        LampChoice choice = options.choice(at, pick.item(), pick.z());
        EquipmentFound.Answer made = compute(choice, pick);
        memo.put(Arrays.toString(at), made);
        int most = Math.min(MOST, options.count());
        progress.accept(Math.min(99, memo.size() * 100 / most));
        return made;
    }

    private EquipmentFound.Answer compute(LampChoice choice, UvSearch.Pick pick) {
        Design made = variant.of(choice);
        Evaluation e = Evaluator.evaluate(made, catalogue);
        MappedDesign mapped = MappedDesign.of(made, e.vessel(), e.ground(), e.animals(), catalogue)
                .orElseThrow();
        Forecast f = Forecast.steady(mapped, near, Factors.ONE, 0, TOLERANCE);
        near = Optional.of(f);
        List<Wish.Miss> misses = new ArrayList<>();
        List<EquipmentFound.Value> values = new ArrayList<>();
        double margin = Double.MAX_VALUE;
        for (Wish t : targets) {
            // mist is not part of the steady state: too dry is settled by misting afterwards
            t.misses(f).stream().filter(m -> !(t.isHumidity() && m.isBelow())).forEach(misses::add);
            Optional<EquipmentFound.Value> value = t.found(f);
            value.ifPresent(values::add);
            margin = t.isHumidity()
                    ? margin
                    : Math.min(margin, value.map(v -> t.high() - v.high()).orElse(margin));
        }
        double near = plan.animals().stream()
                .mapToDouble(a -> LampDistance.missing(mapped, f.model(), a.profile(), catalogue))
                .max()
                .orElse(0);
        double score = misses.stream().mapToDouble(Wish.Miss::weight).sum() + pick.miss() + near / TOO_NEAR;
        double power = 0;
        for (SeasonPhase when : SeasonPhase.values()) {
            power += f.at(when).balance().power() / 4;
        }
        double rated = mapped.enclosure().fixtures().stream()
                .mapToDouble(x -> x.power())
                .sum();
        return new EquipmentFound.Answer(
                choice,
                made,
                score,
                power,
                rated,
                margin,
                misses,
                values,
                pick.index(),
                pick.miss(),
                near,
                stops.bringsOne(Evaluator.withForecast(e, f, catalogue)));
    }

    /** For each list the neighbour next to the best, and what speaks against it. */
    private List<EquipmentFound.Refused> refused(EquipmentFound.Answer best) {
        List<EquipmentFound.Refused> refused = new ArrayList<>();
        int[] at = position(best);
        for (int d = 0; d < at.length; d++) {
            for (int step : new int[] {-1, 1}) {
                int to = at[d] + step;
                if (to < 0 || to >= options.size(d) || stop.getAsBoolean()) {
                    continue;
                }
                int[] next = at.clone();
                next[d] = to;
                EquipmentFound.Answer heat = answer(next);
                EquipmentFound.Answer there = MESH == d && heat.isWarmAsWanted() ? heat.with(humid(heat)) : heat;
                Optional<Wish.Miss> miss = there.misses().stream().max(Comparator.comparingDouble(Wish.Miss::weight));
                refused.add(new EquipmentFound.Refused(
                        DIMENSIONS.get(d), there.choice().option(d), there.power() - best.power(), miss));
            }
        }
        return refused;
    }

    private int[] position(EquipmentFound.Answer answer) {
        LampChoice c = answer.choice();
        return new int[] {
            options.heat().indexOf(c.heat()),
            options.heights().indexOf(c.z()),
            options.mesh().indexOf(c.mesh()),
            options.mats().indexOf(c.mat()),
            options.sheets().indexOf(c.sheets()),
            options.water().indexOf(c.water())
        };
    }
}
