package tanah.files.climate;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.concurrent.ConcurrentHashMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.failure.Failure;
import tanah.core.failure.FailureCourse;
import tanah.core.mapping.MappedDesign;
import tanah.core.need.ClimatePlace;
import tanah.core.time.Season;
import tanah.files.catalogue.CatalogueReader;
import tanah.files.design.DesignReader;
import tanah.files.design.Parsed;

/** Every failure of the standard set on the shipped examples: it does what its cause does, and the hours are in order. */
class DrillKindsTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();
    private static final double CUT = 12; // °C

    private static final Map<String, Plan> PLANS = new ConcurrentHashMap<>();

    /** An example; what was played once is not played again for another test. */
    private record Plan(Evaluation evaluation, MappedDesign mapped, Map<Failure, FailureCourse> played) {
        FailureCourse play(Failure f) {
            return played.computeIfAbsent(f, x -> FailureCourse.of(x, mapped, evaluation.animals(), CUT));
        }

        FailureCourse play(Failure.Kind kind, double hours, Season season) {
            return play(new Failure(kind, "", hours, season));
        }
    }

    private static Plan plan(String name) {
        return PLANS.computeIfAbsent(name, DrillKindsTest::read);
    }

    private static Plan read(String name) {
        try {
            byte[] document = Files.readAllBytes(Path.of("..", "docs", "examples", name + ".json"));
            Design d = ((Parsed.Accepted) new DesignReader(CATALOGUE).read(document)).design();
            Evaluation e = Evaluator.evaluate(d, CATALOGUE);
            return new Plan(
                    e,
                    MappedDesign.of(d, e.vessel(), e.ground(), e.animals(), CATALOGUE)
                            .orElseThrow(),
                    new ConcurrentHashMap<>());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static double extreme(FailureCourse p, ClimatePlace spot, boolean hot) {
        return p.samples().stream()
                .filter(s -> s.hour() >= p.begins()
                        && s.hour() < p.begins() + p.failure().hours())
                .map(s -> spot.at(s.places()))
                .filter(OptionalDouble::isPresent)
                .mapToDouble(OptionalDouble::getAsDouble)
                .reduce(hot ? Math::max : Math::min)
                .orElseThrow();
    }

    /** Only what there is can be off. */
    @ParameterizedTest
    @CsvSource({"mossy-frog-paludarium, true", "collared-lizard-arid, true", "giant-millipede-box, false"})
    void aWaveWithTheLampsOffIsForPlansWithLamps(String name, boolean lamps) {
        MappedDesign mapped = plan(name).mapped();
        assertThat(Failure.hasLamp(mapped)).isEqualTo(lamps);
        assertThat(Failure.of(mapped).stream().anyMatch(f -> f.kind() == Failure.Kind.HEAT_WAVE_LAMPS_OFF))
                .isEqualTo(lamps);
    }

    @ParameterizedTest
    @ValueSource(strings = {"mossy-frog-paludarium", "collared-lizard-arid", "giant-millipede-box"})
    void hoursComeInTheirOrder(String name) {
        Plan plan = plan(name);
        List<Failure> all = Failure.of(plan.mapped());
        assertThat(all).extracting(Failure::word).doesNotHaveDuplicates();
        for (Failure f : all) {
            FailureCourse p = plan.play(f);
            assertThat(p.samples()).isNotEmpty();
            assertThat(p.samples().get(p.samples().size() - 1).hour()).isGreaterThan(p.begins() + f.hours());
            for (FailureCourse.Limit l : p.limits()) {
                assertThat(l.worst()).as(f.word()).isFinite();
                if (l.after().isPresent()) {
                    double after = l.after().getAsDouble();
                    assertThat(l.soonest().orElseThrow()).as(f.word()).isLessThanOrEqualTo(after);
                    l.latest()
                            .ifPresent(latest -> assertThat(latest).as(f.word()).isGreaterThanOrEqualTo(after));
                    assertThat(l.hot() ? l.worst() > l.limit() : l.worst() < l.limit())
                            .as(f.word())
                            .isTrue();
                } else {
                    assertThat(l.hot() ? l.worst() <= l.limit() : l.worst() >= l.limit())
                            .as(f.word())
                            .isTrue();
                }
            }
        }
    }

    /** The longer the power is off, the colder it gets, but never colder than the room. */
    @ParameterizedTest
    @ValueSource(strings = {"mossy-frog-paludarium", "collared-lizard-arid", "giant-millipede-box"})
    void aLongerCutIsColder(String name) {
        Plan plan = plan(name);
        double before = 100;
        for (double hours : new double[] {2, 6, 12, 24}) {
            double coldest =
                    extreme(plan.play(Failure.Kind.POWER_CUT, hours, Season.WINTER), ClimatePlace.WARM_AIR, false);
            assertThat(coldest).isLessThanOrEqualTo(before + 1e-6);
            // wet ground is colder than its room by what it evaporates
            assertThat(coldest).isGreaterThan(CUT - 4);
            before = coldest;
        }
    }

    @Test
    void aHeatWaveIsHotterWithLampsThanWithout() {
        Plan lizard = plan("collared-lizard-arid");
        double on = extreme(lizard.play(Failure.Kind.HEAT_WAVE, 48, Season.SUMMER), ClimatePlace.COOL_AIR, true);
        double off =
                extreme(lizard.play(Failure.Kind.HEAT_WAVE_LAMPS_OFF, 48, Season.SUMMER), ClimatePlace.COOL_AIR, true);
        assertThat(on).isGreaterThan(off + 2);
        // without lamps it is the room of the wave: 28 °C and 8 K
        assertThat(off).isBetween(33.0, 37.0);
    }

    @Test
    void aBlockedLidIsWarmerAndDamper() {
        Plan frog = plan("mossy-frog-paludarium");
        FailureCourse blocked = frog.play(Failure.Kind.BLOCKED, 24, Season.SUMMER);
        FailureCourse quiet = frog.play(new Failure(Failure.Kind.LAMP_OUT, "no-such-lamp", 24, Season.SUMMER));
        assertThat(extreme(blocked, ClimatePlace.HUMIDITY, false))
                .isGreaterThan(extreme(quiet, ClimatePlace.HUMIDITY, false));
        assertThat(extreme(blocked, ClimatePlace.WARM_AIR, true))
                .isGreaterThan(extreme(quiet, ClimatePlace.WARM_AIR, true) - 0.2);
    }

    @Test
    void mistThatDoesNotStopFillsTheDrainage() {
        Plan frog = plan("mossy-frog-paludarium");
        Failure stuck = Failure.of(frog.mapped()).stream()
                .filter(f -> f.kind() == Failure.Kind.MISTING)
                .findFirst()
                .orElseThrow();
        FailureCourse p = frog.play(stuck);
        double flow = frog.mapped().enclosure().mist().flow();
        // two nozzles of 50 ml a minute; the mistings of the other hours come on top
        assertThat(flow).isBetween(0.0016, 0.0017);
        assertThat(p.sprayed()).isGreaterThan(0.95 * flow * 3600 * stuck.hours());
        assertThat(p.drained()).isBetween(0.1 * p.sprayed(), p.sprayed());
        double room = frog.evaluation().ground().orElseThrow().underBarrier().full();
        assertThat(p.full(room).orElseThrow()).isBetween(1.0, 200.0);
    }

    @Test
    void aLampThatIsOutTakesItsWarmthAway() {
        Plan lizard = plan("collared-lizard-arid");
        FailureCourse out = lizard.play(new Failure(Failure.Kind.LAMP_OUT, "flood", 24, Season.WINTER));
        assertThat(extreme(out, ClimatePlace.BASKING, true)).isLessThan(40);
        FailureCourse stuck = lizard.play(new Failure(Failure.Kind.STUCK, "flood", 48, Season.SUMMER));
        assertThat(extreme(stuck, ClimatePlace.BASKING, true)).isGreaterThan(43);
    }
}
