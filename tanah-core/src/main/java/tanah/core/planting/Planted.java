package tanah.core.planting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.ConcurrentHashMap;
import tanah.core.animal.Inhabitant;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.PlantModel;
import tanah.core.design.Design;
import tanah.core.design.PlantPiece;
import tanah.core.forecast.Forecast;
import tanah.core.ground.GroundResult;
import tanah.core.need.ClimatePlace;
import tanah.core.plant.AnimalFit;
import tanah.core.plant.Criterion;
import tanah.core.plant.Growth;
import tanah.core.plant.Reach;
import tanah.core.plant.RootPlace;
import tanah.core.time.SeasonPhase;
import tanah.core.vessel.Vessel;

/** The plants of a plan, each at its place, and what would live at any other. */
public final class Planted {
    private static final double GOOD = 0.6; // score of a kind that is proposed

    private final GrowingPlaces places;
    private final GrowingPlaces quick;
    private final List<AnimalFit.Animal> animals;
    private final Catalogue catalogue;
    private final SpotBand band;
    private final List<Piece> pieces;
    /** Found when first asked for: looking through a plan takes longer than judging it. */
    private final Map<String, Optional<PlantSearch.Found>> elsewhere = new ConcurrentHashMap<>();

    private final Map<String, Optional<Candidate>> instead = new ConcurrentHashMap<>();

    private Planted(
            GrowingPlaces places, List<AnimalFit.Animal> animals, Catalogue catalogue, SpotBand band, Design design) {
        this.places = places;
        this.quick = places.steady();
        this.animals = animals;
        this.catalogue = catalogue;
        this.band = band;
        this.pieces = design.plants().stream().map(this::piece).toList();
    }

    /**
     * One plant of the plan.
     *
     * @param piece as planned
     * @param kind  empty where nobody knows what it is
     * @param place empty outside the box, over no water, or where the plan does not say where it stands
     * @param fit   empty without kind or place
     */
    public record Piece(
            PlantPiece piece, Optional<PlantModel> kind, Optional<GrowingPlace> place, Optional<PlantFit> fit) {
        public String id() {
            return piece.id();
        }

        /** How it grows there; empty where nothing is known of how it does. */
        public Optional<Growth> growth() {
            if (kind.isEmpty() || fit.isEmpty() || fit.get().score().isEmpty()) {
                return Optional.empty();
            }
            double light = fit.get().suitability().factors().getOrDefault(Criterion.LIGHT, 1.0);
            return Optional.of(Growth.of(kind.get().needs(), fit.get().score().getAsDouble(), light));
        }
    }

    /** A kind at a place, with how well it would do. */
    public record Candidate(PlantModel kind, PlantFit fit) {}

    public static Planted of(
            Design design, GroundResult ground, Forecast forecast, List<Inhabitant> animals, Catalogue catalogue) {
        SpotBand band = new SpotBand(
                forecast.half(ClimatePlace.MEAN_AIR, SeasonPhase.WINTER_DAY),
                forecast.half(ClimatePlace.HUMIDITY, SeasonPhase.WINTER_DAY));
        return new Planted(
                new GrowingPlaces(forecast, design, ground, catalogue),
                PlantAnimals.of(animals),
                catalogue,
                band,
                design);
    }

    private Piece piece(PlantPiece p) {
        Optional<PlantModel> kind = p.kind().flatMap(catalogue::findPlant);
        Optional<GrowingPlace> place = p.x().isPresent() && p.y().isPresent()
                ? places.at(p.medium(), p.x().getAsDouble(), p.y().getAsDouble(), p.z())
                : Optional.empty();
        Optional<PlantFit> fit = kind.flatMap(k ->
                place.map(at -> PlantFit.of(k.needs(), at, p.reach(), animals).withBand(k.needs(), at, band)));
        return new Piece(p, kind, place, fit);
    }

    Catalogue catalogue() {
        return catalogue;
    }

    public List<Piece> pieces() {
        return pieces;
    }

    public Optional<Piece> piece(String id) {
        return pieces.stream().filter(p -> p.id().equals(id)).findFirst();
    }

    public GrowingPlaces places() {
        return places;
    }

    /**
     * How one kind would do at a place in the open by the steady states, which is quick enough for looking through many places; empty where nothing can stand.
     *
     * @param foot height over the base (m); not given: the ground, or the face of the water
     */
    public Optional<PlantFit> fit(PlantModel kind, RootPlace on, double x, double y, OptionalDouble foot) {
        return quick.at(on, x, y, foot).map(place -> PlantFit.of(kind.needs(), place, Reach.OPEN, animals));
    }

    /**
     * How one kind would do at a place of {@link #places}.
     *
     * @param reach how much an animal has to do with the place
     */
    public PlantFit fit(PlantModel kind, GrowingPlace place, Reach reach) {
        return PlantFit.of(kind.needs(), place, reach, animals);
    }

    /** Whether a kind comes from where an animal of the plan comes from. */
    public boolean isFromThere(PlantModel kind) {
        return animals.stream()
                .anyMatch(a -> AnimalFit.of(kind.needs(), a, Reach.UNREACHABLE).nativeTo() >= 1);
    }

    /** A better place for a plant of the plan, by the steady states; empty until the whole day is known, or where there is none. */
    Optional<PlantSearch.Found> elsewhere(Design design, Vessel vessel, String id) {
        return places.isWhole()
                ? elsewhere.computeIfAbsent(
                        id,
                        i -> piece(i).flatMap(Piece::kind)
                                .flatMap(k -> new PlantSearch(design, vessel, this).best(k, Optional.of(i))))
                : Optional.empty();
    }

    /** The kind that does best where a plant of the plan stands, of one form with it if one does well; empty until the whole day is known. */
    Optional<Candidate> instead(Piece piece) {
        return places.isWhole() && piece.place().isPresent()
                ? instead.computeIfAbsent(piece.id(), id -> another(piece))
                : Optional.empty();
    }

    private Optional<Candidate> another(Piece piece) {
        GrowingPlace at = piece.place().orElseThrow();
        List<Candidate> good =
                candidates(
                                piece.piece().medium(),
                                at.x(),
                                at.y(),
                                OptionalDouble.of(at.z()),
                                piece.piece().reach())
                        .stream()
                        .filter(c -> c.fit().score().orElse(0) >= GOOD)
                        .toList();
        return good.stream()
                .filter(c ->
                        piece.kind().filter(k -> k.form() == c.kind().form()).isPresent())
                .findFirst()
                .or(() -> good.stream().findFirst());
    }

    /** How wide a plant of the plan is after a year where it likes it (m); as it is now where nobody knows what it is. */
    public double spreadInAYear(PlantPiece p) {
        Optional<PlantModel> kind = p.kind().flatMap(catalogue::findPlant);
        return Math.max(
                kind.map(k -> k.needs().spread().year()).orElse(0.0),
                p.spread(kind).orElse(0));
    }

    /** Every kind of the catalogue at a place, best first. */
    public List<Candidate> candidates(RootPlace on, double x, double y, OptionalDouble foot, Reach reach) {
        List<Candidate> all = new ArrayList<>();
        places.at(on, x, y, foot)
                .ifPresent(place -> catalogue
                        .allPlants()
                        .forEach(kind ->
                                all.add(new Candidate(kind, PlantFit.of(kind.needs(), place, reach, animals)))));
        all.sort(Comparator.comparingDouble((Candidate c) -> -c.fit().score().orElse(0))
                .thenComparing(c -> c.kind().scientificName()));
        return all;
    }
}
