package tanah.files.living;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import tanah.core.build.BuyLine;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.PlantModel;
import tanah.core.design.Design;
import tanah.core.design.PlantPiece;
import tanah.core.design.Resident;
import tanah.core.design.edit.Edit;
import tanah.core.design.edit.EditContext;
import tanah.core.design.edit.PlantEdit;
import tanah.core.design.edit.PlantNumber;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.finding.Finding;
import tanah.core.finding.Remedy;
import tanah.core.finding.Severity;
import tanah.core.light.Vec;
import tanah.core.plant.Reach;
import tanah.core.plant.RootPlace;
import tanah.core.plant.Spot;
import tanah.core.plant.Suitability;
import tanah.core.planting.Cover;
import tanah.core.planting.GrowingPlace;
import tanah.core.planting.PlantFit;
import tanah.core.planting.PlantSearch;
import tanah.core.planting.Planted;
import tanah.core.proposal.PlanProposals;
import tanah.core.time.Season;
import tanah.files.Examples;
import tanah.files.catalogue.CatalogueReader;

/** Plants at the places of whole plans: what their places offer, who would live there, what is said of them. */
class PlantingTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();
    private static final Design FROGS = Examples.read("mossy-frog-paludarium");
    private static final Evaluation FROG = Evaluator.evaluate(FROGS, CATALOGUE, Evaluator.Depth.WHOLE);
    private static final EditContext CONTEXT =
            new EditContext(CATALOGUE, LocalDate.of(2026, 3, 1), new PlanProposals(CATALOGUE));
    private static final OptionalDouble NONE = OptionalDouble.empty();

    private static Planted planted() {
        return FROG.planted().orElseThrow();
    }

    private static GrowingPlace place(RootPlace on, double x, double y) {
        return planted().places().at(on, x, y, NONE).orElseThrow();
    }

    private static PlantPiece piece(String kind, RootPlace on, double x, double y, Reach reach) {
        return new PlantPiece(
                "p",
                Optional.of(kind),
                Optional.empty(),
                on,
                Optional.empty(),
                reach,
                OptionalDouble.of(x),
                OptionalDouble.of(y),
                NONE,
                PlantPiece.Size.UNSAID,
                PlantPiece.Leaf.UNSAID);
    }

    private static Evaluation with(Design plan, PlantPiece... plants) {
        return Evaluator.evaluate(plan.withPlants(List.of(plants)), CATALOGUE, Evaluator.Depth.STEADY);
    }

    private static List<String> said(Evaluation e) {
        return e.findings().stream()
                .filter(f -> f.rule().value().startsWith("plant."))
                .map(f -> f.severity() + " " + f.rule() + " " + f.variant())
                .toList();
    }

    @Test
    void aPlaceSaysWhatTheClimateSaysOfIt() {
        GrowingPlace at = place(RootPlace.SOIL, 0.85, 0.25);
        Spot winter = at.spot(Season.WINTER);
        double photons = FROG.forecast().orElseThrow().light().map().photons(new Vec(0.85, 0.25, at.z() + 0.001));
        assertThat(winter.peak().getAsDouble()).isEqualTo(photons);
        double hours = FROG.forecast().orElseThrow().mapped().enclosure().photoperiod();
        assertThat(winter.daily().getAsDouble()).isCloseTo(photons * hours * 3600, within(1e-12));
        var day = FROG.forecast().orElseThrow().day(Season.WINTER).orElseThrow();
        double z = at.z() + 0.05;
        assertThat(winter.day().getAsDouble())
                .isCloseTo(day.mean(true, s -> s.places().air(0.85, 0.25, z)), within(1e-9));
        assertThat(winter.night().getAsDouble())
                .isCloseTo(day.mean(false, s -> s.places().air(0.85, 0.25, z)), within(1e-9));
        assertThat(winter.coldest().getAsDouble())
                .isCloseTo(day.min(s -> s.places().air(0.85, 0.25, z)), within(1e-9));
        assertThat(at.spot(Season.SUMMER).coldest()).isEqualTo(winter.coldest());
        assertThat(winter.driest().getAsDouble()).isLessThan(winter.humidity().getAsDouble());
        assertThat(winter.soil().getAsDouble()).isCloseTo(0.08, within(1e-9));
        assertThat(winter.moisture()).hasValue(1.0);
        assertThat(winter.drip()).hasValue(1);
        assertThat(winter.leafHours().getAsDouble()).isBetween(0.5, 23.0);
    }

    @Test
    void whatNobodyComputedIsUnknownAndNamed() {
        Spot mount = place(RootPlace.MOUNT, 0.74, 0.24).spot(Season.WINTER);
        assertThat(mount.moisture()).isEmpty();
        assertThat(mount.dryDays()).isEmpty();
        assertThat(mount.ph()).isEmpty();
        Planted.Piece moss = planted().piece("moss-cork").orElseThrow();
        assertThat(moss.fit().orElseThrow().suitability().unknown())
                .extracting(Enum::name)
                .contains("MOISTURE", "DRY_SPELL", "PH");
        assertThat(moss.place().orElseThrow().z()).isCloseTo(0.305, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({
        "SOIL, 0.85, 0.25, true",
        "SOIL, 0.889, 0.25, false",
        "SOIL, -0.01, 0.2, false",
        "SOIL, 0.5, 0.44, false",
        "UNDERWATER, 0.2, 0.2, true",
        "UNDERWATER, 0.85, 0.25, false",
        "WATER_SURFACE, 0.2, 0.2, true",
        "WATER_SURFACE, 0.7, 0.05, false"
    })
    void onlyWhereSomethingCanStandThereIsAPlace(RootPlace on, double x, double y, boolean there) {
        assertThat(planted().places().at(on, x, y, NONE).isPresent()).isEqualTo(there);
    }

    @Test
    void waterAndWhatHangsOverAPlaceCount() {
        Spot shallow = place(RootPlace.SOIL, 0.2, 0.2).spot(Season.WINTER);
        assertThat(shallow.flood()).hasValue(3);
        assertThat(shallow.floodDepth().getAsDouble()).isCloseTo(0.09, within(1e-6));
        assertThat(place(RootPlace.SOIL, 0.85, 0.25).spot(Season.WINTER).flood())
                .hasValue(0);
        assertThat(place(RootPlace.WATER_SURFACE, 0.2, 0.2).z()).isCloseTo(0.11, within(1e-9));
        double open =
                place(RootPlace.SOIL, 0.86, 0.25).spot(Season.WINTER).headroom().getAsDouble();
        double underTube =
                place(RootPlace.SOIL, 0.7, 0.39).spot(Season.WINTER).headroom().getAsDouble();
        assertThat(underTube).isCloseTo(0.34 - 0.235, within(1e-9));
        assertThat(open).isGreaterThan(0.25);
    }

    @Test
    void leavesUnderLeavesGetLessLightAndThePlanIsDamper() {
        Evaluation bare = with(FROGS);
        PlantPiece tall = piece("monstera-adansonii", RootPlace.SOIL, 0.7, 0.39, Reach.OPEN)
                .withSize(new PlantPiece.Size(OptionalDouble.of(0.1), OptionalDouble.of(0.3), NONE));
        Evaluation shaded = with(FROGS, tall, tall.withId("q").withX(OptionalDouble.of(0.6)));
        double before = bare.planted()
                .orElseThrow()
                .places()
                .at(RootPlace.SOIL, 0.7, 0.36, NONE)
                .orElseThrow()
                .spot(Season.WINTER)
                .daily()
                .getAsDouble();
        double under = shaded.planted()
                .orElseThrow()
                .places()
                .at(RootPlace.SOIL, 0.7, 0.36, NONE)
                .orElseThrow()
                .spot(Season.WINTER)
                .daily()
                .getAsDouble();
        assertThat(under).isLessThan(0.9 * before);
        assertThat(humidity(shaded)).isGreaterThan(humidity(bare));
    }

    private static double humidity(Evaluation e) {
        return e.forecast()
                .orElseThrow()
                .at(tanah.core.time.SeasonPhase.WINTER_DAY)
                .places()
                .meanHumidity();
    }

    /** Laws over drawn kinds and places: what rules out scores nothing, a band holds its score, no animal helps a plant. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3})
    void theLawsOfSuitabilityHoldEverywhere(long seed) {
        Random random = new Random(seed);
        List<PlantModel> kinds = List.copyOf(CATALOGUE.allPlants());
        List<PlantPiece> drawn = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            drawn.add(piece(
                            kinds.get(random.nextInt(kinds.size())).id(),
                            RootPlace.values()[random.nextInt(5)],
                            random.nextDouble() * 1.0 - 0.05,
                            random.nextDouble() * 0.5 - 0.02,
                            Reach.values()[random.nextInt(4)])
                    .withId("p" + i));
        }
        Evaluation e = with(FROGS, drawn.toArray(PlantPiece[]::new));
        for (Planted.Piece p : e.planted().orElseThrow().pieces()) {
            Optional<PlantFit> fit = p.fit();
            assertThat(fit.isPresent()).isEqualTo(p.place().isPresent());
            if (fit.isEmpty()) {
                assertThat(e.findings())
                        .anyMatch(f -> f.place().part().equals(p.id()) && f.severity() == Severity.STOP);
                continue;
            }
            double score = fit.get().score().orElse(0);
            assertThat(score).isBetween(0.0, 1.0);
            assertThat(fit.get().animals()).isBetween(0.0, 1.0);
            assertThat(fit.get().low().orElse(0)).isLessThanOrEqualTo(score);
            assertThat(fit.get().high().orElse(1)).isGreaterThanOrEqualTo(score);
            if (!fit.get().suitability().refused().isEmpty()
                    || !fit.get().refused().isEmpty()) {
                assertThat(score).isZero();
                assertThat(fit.get().grade()).contains(Suitability.Grade.REFUSED);
            }
            assertThat(e.findings())
                    .as(p.toString())
                    .anyMatch(f -> f.place().part().equals(p.id()));
        }
    }

    @Test
    void whatIsWrongWithAPlaceIsSaid() {
        assertThat(said(with(FROGS, piece("fittonia-albivenis", RootPlace.SOIL, 2, 0.2, Reach.OPEN))))
                .contains("STOP plant.place outside");
        assertThat(said(with(FROGS, piece("salvinia-natans", RootPlace.WATER_SURFACE, 0.8, 0.2, Reach.OPEN))))
                .contains("STOP plant.place dry");
        assertThat(said(with(FROGS, piece("fittonia-albivenis", RootPlace.SOIL, 0.74, 0.24, Reach.OPEN))))
                .contains("STOP plant.place covered");
        assertThat(said(with(FROGS, piece("fittonia-albivenis", RootPlace.SOIL, 0.7, 0.39, Reach.OPEN))))
                .doesNotContain("STOP plant.place covered");
        assertThat(said(with(FROGS, piece("fittonia-albivenis", RootPlace.SOIL, 0.2, 0.2, Reach.OPEN))))
                .contains("STOP plant.refused flooded", "STOP plant.refused soil_too_shallow");
        assertThat(said(with(FROGS, piece("tillandsia-ionantha", RootPlace.SOIL, 0.7, 0.2, Reach.OPEN))))
                .contains("STOP plant.refused root_place");
        PlantPiece nowhere = piece("fittonia-albivenis", RootPlace.SOIL, 0.7, 0.2, Reach.OPEN)
                .withX(NONE);
        assertThat(said(with(FROGS, nowhere))).contains("CAUTION plant.place nowhere");
        PlantPiece unknown = piece("x", RootPlace.SOIL, 0.7, 0.39, Reach.OPEN)
                .withKind(Optional.empty())
                .withName(Optional.of("vine from a colleague"));
        assertThat(said(with(FROGS, unknown))).contains("CAUTION plant.unidentified ");
    }

    @Test
    void aToxicPlantNextToAGrazerIsAStopAndSpinesAreOneForBareSkin() {
        Resident tortoise = FROGS.animals().get(0).withSpecies("testudo-hermanni");
        Design grazers = FROGS.withAnimals(List.of(tortoise));
        assertThat(said(with(grazers, piece("adenium-obesum", RootPlace.SOIL, 0.7, 0.39, Reach.OPEN))))
                .contains("STOP plant.harm toxic_to_grazer");
        assertThat(said(with(grazers, piece("adenium-obesum", RootPlace.SOIL, 0.7, 0.39, Reach.UNREACHABLE))))
                .noneMatch(s -> s.contains("toxic_to_grazer"));
        assertThat(said(with(FROGS, piece("opuntia-ficus-indica", RootPlace.SOIL, 0.7, 0.39, Reach.OPEN))))
                .noneMatch(s -> s.contains("toxic_to_grazer"));
        assertThat(said(with(FROGS, piece("euphorbia-milii", RootPlace.SOIL, 0.7, 0.39, Reach.OPEN))))
                .contains("STOP plant.harm spines_skin", "CAUTION plant.sap eyes");
    }

    /** Each remedy that changes the plan takes its note away. */
    @ParameterizedTest
    @CsvSource({
        "fittonia-albivenis, SOIL, 0.2, 0.2",
        "fittonia-albivenis, SOIL, 2, 0.2",
        "salvinia-natans, WATER_SURFACE, 0.8, 0.2",
        "opuntia-ficus-indica, SOIL, 0.8, 0.25"
    })
    void theWaysOutOfAStopHeal(String kind, RootPlace on, double x, double y) {
        Design plan = FROGS.withPlants(List.of(piece(kind, on, x, y, Reach.OPEN)));
        Evaluation e = Evaluator.evaluate(plan, CATALOGUE, Evaluator.Depth.WHOLE);
        List<Finding> stops = e.findings().stream()
                .filter(f -> f.rule().value().startsWith("plant.") && f.severity() == Severity.STOP)
                .toList();
        assertThat(stops).isNotEmpty();
        for (Finding stop : stops) {
            assertThat(stop.remedies()).isNotEmpty();
            for (Remedy r : stop.remedies().stream().filter(Remedy::changesPlan).toList()) {
                Evaluation after = Evaluator.evaluate(Edit.take(r, plan, CONTEXT), CATALOGUE, Evaluator.Depth.WHOLE);
                assertThat(after.findings())
                        .as(r.key())
                        .noneMatch(f -> f.isOfTheSame(stop) && f.severity() == Severity.STOP);
            }
        }
    }

    @Test
    void aPlantIsSetWhereItDoesBestOfWhatIsFree() {
        Planted planted = with(FROGS).planted().orElseThrow();
        PlantModel fern = CATALOGUE.findPlant("asplenium-scolopendrium").orElseThrow();
        PlantSearch search =
                new PlantSearch(FROGS.withPlants(List.of()), FROG.vessel().orElseThrow(), planted);
        PlantSearch.Found best = search.best(fern, Optional.empty()).orElseThrow();
        assertThat(best.on()).isEqualTo(RootPlace.SOIL);
        assertThat(best.x()).isGreaterThan(0.51);
        Random random = new Random(4);
        for (int i = 0; i < 40; i++) {
            double x = 0.03 + 0.06 * random.nextInt(14);
            double y = 0.03 + 0.06 * random.nextInt(6);
            assertThat(planted.fit(fern, RootPlace.SOIL, x, y, NONE)
                            .flatMap(f -> f.score().stream().boxed().findFirst())
                            .orElse(0.0))
                    .isLessThanOrEqualTo(best.score() + 1e-12);
        }
    }

    /** The grid against the exact union of the discs, cut to the land, by another library. */
    @Test
    void coverIsTheUnionOfTheDiscs() {
        Design plan = FROGS.withHardscape(List.of())
                .withPlants(List.of(
                        disc("a", 0.60, 0.2, 0.2),
                        disc("b", 0.70, 0.2, 0.25),
                        disc("c", 0.85, 0.35, 0.3),
                        disc("d", 0.53, 0.05, 0.1)));
        Evaluation e = Evaluator.evaluate(plan, CATALOGUE, Evaluator.Depth.STEADY);
        Cover cover = Cover.of(
                plan,
                e.vessel().orElseThrow(),
                e.ground().orElseThrow(),
                e.planted().orElseThrow());
        GeometryFactory factory = new GeometryFactory();
        Geometry union = factory.createPolygon();
        for (PlantPiece p : plan.plants()) {
            union = union.union(factory.createPoint(new Coordinate(p.x().getAsDouble(), p.y().getAsDouble()))
                    .buffer(p.size().spread().getAsDouble() / 2, 60));
        }
        Geometry land = factory.toGeometry(new org.locationtech.jts.geom.Envelope(0.51, 0.888, 0, 0.438));
        double exact = union.intersection(land).getArea() / land.getArea();
        assertThat(cover.area()).isCloseTo(land.getArea(), within(0.01 * land.getArea()));
        assertThat(cover.share(0).getAsDouble()).isCloseTo(exact, within(0.02 * exact));
    }

    /** Nobody knows what it is, so that it keeps the spread that is given. */
    private static PlantPiece disc(String id, double x, double y, double spread) {
        return piece("x", RootPlace.SOIL, x, y, Reach.OPEN)
                .withId(id)
                .withKind(Optional.empty())
                .withSize(new PlantPiece.Size(OptionalDouble.of(0.05), OptionalDouble.of(spread), NONE));
    }

    @Test
    void editsAreBoundedAndKeepWhatTheyDoNotChange() {
        Design one = FROGS.withPlants(List.of(piece("fittonia-albivenis", RootPlace.SOIL, 0.6, 0.2, Reach.OPEN)));
        assertThat(new PlantEdit.SetNumber("p", PlantNumber.X, OptionalDouble.of(3)).refused(one, CONTEXT))
                .isEmpty();
        assertThat(new PlantEdit.SetNumber("p", PlantNumber.X, OptionalDouble.of(3.01)).refused(one, CONTEXT))
                .isPresent();
        assertThat(new PlantEdit.SetNumber("p", PlantNumber.HEIGHT, OptionalDouble.of(1e9)).refused(one, CONTEXT))
                .isPresent();
        Design moved = new PlantEdit.Move("p", 5, -2).apply(one, CONTEXT);
        assertThat(moved.plants().get(0).x().getAsDouble()).isCloseTo(0.888, within(1e-9));
        assertThat(moved.plants().get(0).y()).hasValue(0);
        assertThat(new PlantEdit.ChooseKind("p", "no-such-plant").refused(one, CONTEXT))
                .isPresent();
        Design other = new PlantEdit.ChooseKind("p", "adiantum-raddianum").apply(one, CONTEXT);
        assertThat(other.plants().get(0).kind()).contains("adiantum-raddianum");
        assertThat(other.plants().get(0).x()).isEqualTo(one.plants().get(0).x());
        assertThat(new PlantEdit.Remove("p").apply(one, CONTEXT).plants()).isEmpty();
        assertThat(new PlantEdit.Remove("gone").apply(one, CONTEXT)).isEqualTo(one);
        assertThat(new PlantEdit.Copy("p", "q").apply(one, CONTEXT).plants()).hasSize(2);
        PlantPiece vine = one.plants().get(0).withKind(Optional.empty()).withName(Optional.of("vine"));
        Design unknown = FROGS.withPlants(List.of(vine));
        assertThat(new PlantEdit.NamePlant("p", Optional.empty()).apply(unknown, CONTEXT))
                .isEqualTo(unknown);
    }

    @ParameterizedTest
    @CsvSource({
        "fittonia-albivenis, 2, 1",
        "fittonia-albivenis, 3, 1",
        "fittonia-albivenis, 4, 2",
        "anubias-barteri-nana, 1, 1"
    })
    void potsFollowFromPieces(String kind, int pieces, double pots) {
        List<PlantPiece> all = new ArrayList<>();
        for (int i = 0; i < pieces; i++) {
            all.add(piece(kind, RootPlace.SOIL, 0.6, 0.2, Reach.OPEN).withId("p" + i));
        }
        BuyLine line = Evaluator.evaluate(FROGS.withPlants(all), CATALOGUE).shopping().orElseThrow().lines().stream()
                .filter(l -> l.kind() == BuyLine.Kind.PLANTS)
                .findFirst()
                .orElseThrow();
        assertThat(line.item()).isEqualTo(kind);
        assertThat(line.need()).isEqualTo(pots);
        assertThat(line.price().max()).isPositive();
    }
}
