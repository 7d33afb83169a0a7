package tanah.solver;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import tanah.core.catalogue.Range;
import tanah.core.plant.AnimalFit;
import tanah.core.plant.Plant;
import tanah.core.plant.Reach;
import tanah.core.plant.RootHabit;
import tanah.core.plant.RootPlace;
import tanah.core.plant.Spot;
import tanah.core.plant.Suitability;
import tanah.core.plantplan.Bar;
import tanah.core.plantplan.PlanKind;
import tanah.core.plantplan.PlanProblem;
import tanah.core.plantplan.PlanStation;
import tanah.core.plantplan.PlanWeights;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Three small plans with their figures written out. */
final class Cases {
    private static final double CM = 0.01;
    private static final double CM2 = 1e-4;

    /** In these, what is found again and the cover after a year count for nothing. */
    private static final PlanWeights WEIGHTS = new PlanWeights(1, 30, 25, 20, 15, 2, 15, 0, 2, 0, 1);

    private Cases() {}

    static InputStream open(String name) {
        return Objects.requireNonNull(Cases.class.getResourceAsStream(name), name);
    }

    static Map<String, PlanProblem> all() {
        try (InputStream in = open("planning_cases.json")) {
            Map<String, PlanProblem> all = new HashMap<>();
            new JsonMapper().readTree(in).forEachEntry((name, c) -> all.put(name, problem(c)));
            return all;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static PlanProblem problem(JsonNode c) {
        List<PlanKind> kinds = new ArrayList<>();
        c.get("plants").forEach(p -> kinds.add(kind(p)));
        List<PlanStation> stations = new ArrayList<>();
        c.get("stations").forEach(s -> stations.add(station(s)));
        List<List<PlanProblem.Place>> places = new ArrayList<>();
        for (int k = 0; k < kinds.size(); k++) {
            List<PlanProblem.Place> row = new ArrayList<>();
            for (int p = 0; p < stations.size(); p++) {
                int points = c.get("score").get(k).get(p).asInt();
                row.add(new PlanProblem.Place(
                        points,
                        bars(
                                c.get("plants").get(k),
                                c.get("stations").get(p),
                                points,
                                c.get("grazer").asInt() == 1),
                        disc(stations.get(p), kinds.get(k).start()),
                        disc(stations.get(p), kinds.get(k).year())));
            }
            places.add(row);
        }
        List<PlanProblem.HideWish> hides = new ArrayList<>();
        c.get("require").forEach(r -> {
            Set<Integer> at = new HashSet<>();
            r.get(0).forEach(i -> at.add(i.asInt()));
            hides.add(new PlanProblem.HideWish(at, r.get(1).asInt()));
        });
        return new PlanProblem(
                kinds,
                stations,
                places,
                Map.of(),
                c.get("area_cm2").asDouble() * CM2,
                0,
                OptionalDouble.of(c.get("budget").asDouble()),
                new Range(
                        c.get("cover0").get(0).asDouble() / 100,
                        c.get("cover0").get(1).asDouble() / 100),
                0.5,
                hides,
                7,
                WEIGHTS,
                Map.of());
    }

    /** The cases count whole discs (m²). */
    private static double disc(PlanStation station, double spread) {
        return station.isGround() ? Math.PI / 4 * spread * spread : 0;
    }

    private static PlanKind kind(JsonNode p) {
        return new PlanKind(
                p.get("id").asString(),
                p.get("h12_cm").asDouble() * CM,
                p.get("d0_cm").asDouble() * CM,
                p.get("d12_cm").asDouble() * CM,
                p.get("low_hide").asInt() >= 2,
                p.get("holds_humidity").asInt() == 1,
                p.get("native").asInt() == 1,
                false,
                new PlanKind.Pot(p.get("pieces").asInt(), 1, p.get("price").asDouble()));
    }

    private static RootPlace on(JsonNode s) {
        return s.has("layer") && s.get("layer").asString().equals("wall") ? RootPlace.MOUNT : RootPlace.SOIL;
    }

    private static PlanStation station(JsonNode s) {
        return new PlanStation(
                s.get("id").asString(),
                on(s),
                s.get("xy_cm").get(0).asDouble() * CM,
                s.get("xy_cm").get(1).asDouble() * CM,
                0,
                s.get("hlim_cm").asDouble() * CM,
                s.has("near_hide"),
                s.has("near_humid"),
                0);
    }

    /** By the product's own rules, from the few figures that a case states. */
    private static Set<Bar> bars(JsonNode p, JsonNode s, int points, boolean grazer) {
        Set<Bar> bars = EnumSet.noneOf(Bar.class);
        Plant plant = plant(p);
        Suitability.of(plant, spot(s)).refused().forEach(r -> bars.add(Bar.of(r)));
        if (grazer) {
            AnimalFit.Animal animal = new AnimalFit.Animal(0.05, false, 0, 0.5, Set.of("78"));
            AnimalFit.of(plant, animal, Reach.OPEN).refused().forEach(r -> bars.add(Bar.of(r)));
        }
        if (Bar.isPoor(points / 100.0)) {
            bars.add(Bar.POOR);
        }
        if (s.has("zone")) {
            bars.add(Bar.BASKING);
        }
        return bars;
    }

    private static Plant plant(JsonNode p) {
        Plant.Range any = new Plant.Range(0, 0.5, 1);
        double height = p.get("h12_cm").asDouble() * CM;
        RootHabit habit = RootHabit.valueOf(p.get("root").asString().toUpperCase(java.util.Locale.ROOT));
        Plant.Toxicity toxicity = Plant.Toxicity.valueOf(p.get("tox").asString().toUpperCase(java.util.Locale.ROOT));
        return new Plant(
                p.get("id").asString(),
                "Planta exempli",
                new Plant.Size(height / 2, height, 2 * height),
                new Plant.Size(p.get("d0_cm").asDouble() * CM, p.get("d12_cm").asDouble() * CM, 1),
                new Plant.Acclimation(0, 0),
                false,
                false,
                Set.of(),
                new Plant.Roots(habit, false, p.get("soil_cm").asDouble() * CM),
                new Plant.Light(any, 1),
                new Plant.Warmth(0, 10, 30, 40, 0, Plant.WinterRest.NONE),
                any,
                any,
                new Plant.Wet(0, 3, 3, 1, 24, 0),
                new Plant.Ground(0, 14, false),
                new Plant.Touch(3, 3, toxicity, 0),
                Set.of("78"));
    }

    private static Spot spot(JsonNode s) {
        OptionalDouble none = OptionalDouble.empty();
        return new Spot(
                on(s),
                none,
                none,
                none,
                none,
                none,
                none,
                none,
                none,
                none,
                none,
                none,
                OptionalInt.empty(),
                OptionalInt.empty(),
                OptionalInt.of(0),
                OptionalDouble.of(0),
                OptionalDouble.of(s.get("soil_cm").asDouble() * CM),
                OptionalDouble.of(s.get("headroom_cm").asDouble() * CM),
                none,
                Optional.empty(),
                none);
    }
}
