package tanah.files.climate;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.AirPlan;
import tanah.core.design.Design;
import tanah.core.design.RoomPlan;
import tanah.core.equipment.EquipmentFound;
import tanah.core.equipment.EquipmentSearch;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.failure.Failure;
import tanah.core.failure.FailureCourse;
import tanah.core.finding.Severity;
import tanah.core.mapping.MappedDesign;
import tanah.core.school.Schools;
import tanah.core.time.Season;
import tanah.files.catalogue.CatalogueReader;
import tanah.files.design.DesignReader;
import tanah.files.design.Parsed;

/** The search for equipment and the drills on the shipped examples. */
class SearchTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();

    private static Design example(String name) throws IOException {
        byte[] document = Files.readAllBytes(Path.of("..", "docs", "examples", name + ".json"));
        return ((Parsed.Accepted) new DesignReader(CATALOGUE).read(document)).design();
    }

    private static Design inRoom(Design d, double summerDay, double summerNight) {
        RoomPlan r = d.room().orElseThrow();
        return d.withRoom(new RoomPlan(
                r.winter(),
                new RoomPlan.Season(
                        summerDay,
                        summerNight,
                        r.summer().humidityDay(),
                        r.summer().humidityNight()),
                r.givenBand(),
                r.kept()));
    }

    private static EquipmentFound search(Design d) {
        return EquipmentSearch.run(d, CATALOGUE, () -> false, done -> {}).orElseThrow();
    }

    @Test
    void whatIsFoundMeetsItsTargetsAndAWarmerRoomIsNamed() throws IOException {
        Design millipede = example("giant-millipede-box");
        EquipmentFound cool = search(inRoom(millipede, 24, 20));
        assertThat(cool.best()).isNotEmpty();
        EquipmentFound.Answer best = cool.best().get(0);
        assertThat(best.misses()).isEmpty();
        assertThat(best.values()).isNotEmpty();
        // judged like any plan, nothing that was searched for is left outside
        Evaluation judged = Evaluator.evaluate(best.design(), CATALOGUE, Evaluator.Depth.STEADY);
        assertThat(judged.findings())
                .filteredOn(f -> List.of("climate.cool_air", "climate.night", "climate.limit.low", "climate.limit.high")
                        .contains(f.rule().toString()))
                .noneMatch(f -> f.severity() == Severity.STOP || f.severity() == Severity.CAUTION);
        assertThat(cool.best()).allSatisfy(a -> assertThat(a.power()).isGreaterThanOrEqualTo(best.power() - 0.5));

        EquipmentFound warm = search(millipede);
        assertThat(warm.best()).isEmpty();
        assertThat(warm.nearest()).isPresent();
        assertThat(warm.reasons().get(0).kind()).isEqualTo(EquipmentFound.Kind.ROOM);
        assertThat(warm.reasons().get(0).need().orElseThrow())
                .isLessThanOrEqualTo(warm.reasons().get(0).limit().orElseThrow());
    }

    /** What is said to meet every wish does so over whole days, mist included. */
    @ParameterizedTest
    @CsvSource({"giant-millipede-box, 24, 20", "mossy-frog-paludarium, 23, 19", "collared-lizard-arid, 21, 17"})
    void whatIsFoundIsDampAndDryAsWanted(String name, double day, double night) throws IOException {
        EquipmentFound found = search(inRoom(example(name), day, night));
        assertThat(found.best()).isNotEmpty();
        for (EquipmentFound.Answer a : found.best()) {
            Evaluation e = Evaluator.evaluate(a.design(), CATALOGUE, Evaluator.Depth.WHOLE);
            assertThat(e.findings())
                    .as(a.choice().toString())
                    .filteredOn(f -> f.rule().toString().startsWith("climate.rh."))
                    .noneMatch(f -> f.severity() == Severity.STOP || f.severity() == Severity.CAUTION);
        }
        // what was refused beside it misses something or costs more
        assertThat(found.refused())
                .filteredOn(r -> r.dimension().equals("heat") && r.miss().isEmpty())
                .allMatch(r -> r.power() > -0.5);
    }

    @Test
    void mistIsPlannedWhereALidAloneIsTooDryUnlessTheKeeperWantsNone() throws IOException {
        Design frogs = inRoom(example("mossy-frog-paludarium"), 23, 19).withAir(Optional.empty());
        EquipmentFound with = search(frogs);
        EquipmentFound without = search(Schools.apply(frogs, "misting", "none", CATALOGUE, LocalDate.of(2026, 11, 29)));
        assertThat(without.best())
                .allMatch(a -> a.design().air().flatMap(AirPlan::mist).isEmpty());
        double withMesh =
                with.best().stream().mapToDouble(a -> a.choice().mesh()).max().orElse(0);
        double withoutMesh = without.best().stream()
                .mapToDouble(a -> a.choice().mesh())
                .max()
                .orElse(0);
        assertThat(withMesh).isGreaterThanOrEqualTo(withoutMesh);
    }

    @Test
    void aSearchThatIsStoppedEnds() throws IOException {
        List<Integer> told = new ArrayList<>();
        EquipmentFound found = EquipmentSearch.run(
                        example("giant-millipede-box"), CATALOGUE, () -> told.size() > 3, told::add)
                .orElseThrow();
        assertThat(found.stopped()).isTrue();
        assertThat(found.tried()).isLessThan(20);
    }

    @Test
    void aStuckLampOfManyWattsPassesTheLimitAndAShortCutDoesNot() throws IOException {
        Design lizard = example("collared-lizard-arid");
        Evaluation e = Evaluator.evaluate(lizard, CATALOGUE);
        MappedDesign mapped = MappedDesign.of(lizard, e.vessel(), e.ground(), e.animals(), CATALOGUE)
                .orElseThrow();
        List<Failure> all = Failure.of(mapped);
        assertThat(all)
                .extracting(Failure::kind)
                .contains(
                        Failure.Kind.STUCK,
                        Failure.Kind.LAMP_OUT,
                        Failure.Kind.POWER_CUT,
                        Failure.Kind.HEAT_WAVE,
                        Failure.Kind.BLOCKED);
        FailureCourse cut =
                FailureCourse.of(new Failure(Failure.Kind.POWER_CUT, "", 4, Season.WINTER), mapped, e.animals(), 12);
        assertThat(cut.limits()).hasSize(1).noneMatch(FailureCourse.Limit::isPassed);
        assertThat(cut.limits().get(0).worst()).isBetween(5.0, 20.0);
        Design strong = lizard.withDevices(lizard.devices().stream()
                .map(d -> d.id().equals("flood") ? d.withPower(java.util.OptionalDouble.of(400)) : d)
                .toList());
        Evaluation s = Evaluator.evaluate(strong, CATALOGUE);
        MappedDesign strongly = MappedDesign.of(strong, s.vessel(), s.ground(), s.animals(), CATALOGUE)
                .orElseThrow();
        FailureCourse stuck = FailureCourse.of(
                new Failure(Failure.Kind.STUCK, "flood", 48, Season.SUMMER), strongly, s.animals(), 12);
        FailureCourse.Limit limit = stuck.limits().get(0);
        assertThat(limit.hot()).isTrue();
        assertThat(limit.after()).isPresent();
        assertThat(limit.soonest().getAsDouble())
                .isLessThanOrEqualTo(limit.after().getAsDouble());
        assertThat(limit.worst()).isGreaterThan(limit.limit());
    }
}
