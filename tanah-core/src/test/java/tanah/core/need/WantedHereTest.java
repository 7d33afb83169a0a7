package tanah.core.need;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import tanah.core.animal.Inhabitant;
import tanah.core.catalogue.Range;
import tanah.core.design.HeatDay;
import tanah.core.design.Probe;
import tanah.core.design.Resident;
import tanah.core.finding.Severity;
import tanah.core.testing.TestSpecies;

/** What is wanted at a place and hour, and how a reading is judged. */
class WantedHereTest {
    private static final Inhabitant LIZARD =
            new Inhabitant(Resident.one("a", "lizard"), TestSpecies.lizard(), TestSpecies.lizard());
    private static final HeatDay DAY = new HeatDay(OptionalDouble.of(12), OptionalDouble.of(8));

    @Test
    void eachEndOfTheGradientHasItsOwnRangeByDay() {
        assertThat(air(Probe.Zone.WARM, 13).range()).contains(new Range(29, 35));
        assertThat(air(Probe.Zone.COOL, 13).range()).contains(new Range(22, 28));
        assertThat(air(null, 13).range()).contains(new Range(22, 35));
    }

    @Test
    void theNightRangeHoldsInItsSecondHalf() {
        assertThat(air(Probe.Zone.COOL, 4).range()).contains(new Range(14, 22));
        assertThat(air(Probe.Zone.COOL, 21).range()).as("still cooling").contains(new Range(14, 28));
        assertThat(air(Probe.Zone.COOL, 1.9).basis()).as("first half").isEqualTo(WantedHere.Basis.EVENING);
        assertThat(air(Probe.Zone.COOL, 2).basis()).as("second half").isEqualTo(WantedHere.Basis.NIGHT);
        assertThat(air(Probe.Zone.COOL, 8).basis()).as("lamps go on").isEqualTo(WantedHere.Basis.COOL_DAY);
        assertThat(air(Probe.Zone.COOL, 20).basis()).as("lamps go off").isEqualTo(WantedHere.Basis.EVENING);
    }

    @Test
    void aBaskingPlaceIsJudgedWhenItsLampHasWarmedUp() {
        assertThat(surface(13).range()).contains(new Range(40, 46));
        assertThat(surface(8.5).range()).isEmpty();
        assertThat(verdict(50.9, surface(8.5), ReadingKind.Of.SURFACE)).isEmpty();
        assertThat(verdict(51, surface(8.5), ReadingKind.Of.SURFACE)).contains(Severity.STOP);
    }

    @Test
    void aReadingIsGoodNearOutsideOrDeadly() {
        WantedHere cool = air(Probe.Zone.COOL, 13);
        assertThat(verdict(22, cool, ReadingKind.Of.AIR))
                .as("at the end of the range")
                .contains(Severity.GOOD);
        assertThat(verdict(28.4, cool, ReadingKind.Of.AIR))
                .as("within the instrument's band")
                .contains(Severity.HINT);
        assertThat(verdict(29, cool, ReadingKind.Of.AIR)).contains(Severity.CAUTION);
        assertThat(verdict(42, cool, ReadingKind.Of.AIR)).as("at the limit").contains(Severity.STOP);
        assertThat(verdict(5, cool, ReadingKind.Of.AIR)).contains(Severity.STOP);
        assertThat(cool.judge(26, 0.5).orElseThrow().margin()).isCloseTo(2, within(1e-9));
        assertThat(cool.judge(29, 0.5).orElseThrow().margin()).isCloseTo(-1, within(1e-9));
    }

    @Test
    void humidityChangesWithTheHourAndTheRetreatIsDamp() {
        assertThat(humidity(null, 13).range().orElseThrow().max()).isCloseTo(0.40, within(1e-12));
        assertThat(humidity(null, 2).range().orElseThrow().max()).isCloseTo(0.50, within(1e-12));
        assertThat(humidity(Probe.Zone.RETREAT, 13).range().orElseThrow().min()).isCloseTo(0.80, within(1e-12));
    }

    @Test
    void theRoomHasNoWantedValue() {
        Probe room = probe(Probe.Kind.ROOM, null);
        WantedHere wanted = WantedHere.at(LIZARD, room, ReadingKind.Of.AIR, 13, DAY);
        assertThat(wanted.judge(60, 0.5)).isEmpty();
    }

    @Test
    void aDayMayRunOverMidnight() {
        HeatDay late = new HeatDay(OptionalDouble.of(12), OptionalDouble.of(20));
        assertThat(late.isDay(23)).isTrue();
        assertThat(late.isDay(7.9)).isTrue();
        assertThat(late.isDay(8)).isFalse();
    }

    private static WantedHere air(Probe.Zone zone, double hour) {
        return WantedHere.at(LIZARD, probe(Probe.Kind.AIR, zone), ReadingKind.Of.AIR, hour, DAY);
    }

    private static WantedHere humidity(Probe.Zone zone, double hour) {
        return WantedHere.at(LIZARD, probe(Probe.Kind.AIR, zone), ReadingKind.Of.HUMIDITY, hour, DAY);
    }

    private static WantedHere surface(double hour) {
        return WantedHere.at(LIZARD, probe(Probe.Kind.SURFACE, Probe.Zone.BASKING), ReadingKind.Of.SURFACE, hour, DAY);
    }

    private static Optional<Severity> verdict(double value, WantedHere wanted, ReadingKind.Of of) {
        double band = of == ReadingKind.Of.SURFACE ? 1.5 : 0.5;
        return wanted.judge(value, band).map(Verdict::severity);
    }

    /** Loosening a limit in the plan does not loosen what a reading is stopped by; tightening does. */
    @Test
    void theTighterHardLimitStopsAReading() {
        Inhabitant loose = new Inhabitant(
                Resident.one("a", "lizard"), TestSpecies.lizard().with("limit_high_c", 60), TestSpecies.lizard());
        Inhabitant tight = new Inhabitant(
                Resident.one("a", "lizard"), TestSpecies.lizard().with("limit_high_c", 35), TestSpecies.lizard());
        Probe cool = probe(Probe.Kind.AIR, Probe.Zone.COOL);
        assertThat(WantedHere.at(loose, cool, ReadingKind.Of.AIR, 13, DAY)
                        .limits()
                        .orElseThrow()
                        .max())
                .isEqualTo(42);
        assertThat(WantedHere.at(tight, cool, ReadingKind.Of.AIR, 13, DAY)
                        .limits()
                        .orElseThrow()
                        .max())
                .isEqualTo(35);
    }

    /** Two animals: what suits both, no limit of either; where nothing suits both, the first one's. */
    @Test
    void severalAnimalsAreSuitedTogether() {
        Inhabitant cooler = new Inhabitant(
                Resident.one("b", "other"),
                TestSpecies.lizard()
                        .with("cool_air_min_c", 20)
                        .with("cool_air_max_c", 25)
                        .with("limit_high_c", 38),
                TestSpecies.lizard().with("limit_high_c", 38));
        Inhabitant cold = new Inhabitant(
                Resident.one("c", "newt"),
                TestSpecies.lizard().with("cool_air_min_c", 10).with("cool_air_max_c", 15),
                TestSpecies.lizard());
        Probe place = probe(Probe.Kind.AIR, Probe.Zone.COOL);
        WantedHere both = WantedHere.ofAll(List.of(LIZARD, cooler), place, ReadingKind.Of.AIR, 13, DAY)
                .orElseThrow();
        assertThat(both.range()).contains(new Range(22, 25));
        assertThat(both.limits()).contains(new Range(5, 38));
        assertThat(both.judge(27, 0.5).orElseThrow().severity()).isEqualTo(Severity.CAUTION);
        assertThat(both.judge(39, 0.5).orElseThrow().severity()).isEqualTo(Severity.STOP);
        assertThat(WantedHere.ofAll(List.of(LIZARD, cold), place, ReadingKind.Of.AIR, 13, DAY)
                        .orElseThrow()
                        .range())
                .contains(new Range(22, 28));
        assertThat(WantedHere.ofAll(List.of(), place, ReadingKind.Of.AIR, 13, DAY))
                .isEmpty();
    }

    @Test
    void whatNoNeedAsksForIsNotJudged() {
        WantedHere wanted = WantedHere.at(LIZARD, probe(Probe.Kind.WATER, null), ReadingKind.Of.OTHER, 13, DAY);
        assertThat(wanted.basis()).isEqualTo(WantedHere.Basis.NONE);
        assertThat(wanted.judge(1000, 0)).isEmpty();
    }

    private static Probe probe(Probe.Kind kind, Probe.Zone zone) {
        return new Probe(
                "p",
                Optional.empty(),
                kind,
                Optional.ofNullable(zone),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty(),
                List.of());
    }
}
