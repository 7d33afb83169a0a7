package tanah.core.commission;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import tanah.core.catalogue.Range;
import tanah.core.catalogue.Species;
import tanah.core.design.HeatDay;
import tanah.core.design.Probe;
import tanah.core.finding.Severity;
import tanah.core.testing.TestSpecies;

/** What is wanted at a place and hour, and how a reading is judged. */
class WantedTest {
    private static final Species LIZARD = TestSpecies.lizard();
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
        assertThat(air(Probe.Zone.COOL, 1.9).basis()).as("first half").isEqualTo(Wanted.Basis.EVENING);
        assertThat(air(Probe.Zone.COOL, 2).basis()).as("second half").isEqualTo(Wanted.Basis.NIGHT);
        assertThat(air(Probe.Zone.COOL, 8).basis()).as("lamps go on").isEqualTo(Wanted.Basis.COOL_DAY);
        assertThat(air(Probe.Zone.COOL, 20).basis()).as("lamps go off").isEqualTo(Wanted.Basis.EVENING);
    }

    @Test
    void aBaskingPlaceIsJudgedWhenItsLampHasWarmedUp() {
        assertThat(surface(13).range()).contains(new Range(40, 46));
        assertThat(surface(8.5).range()).isEmpty();
        assertThat(verdict(50.9, surface(8.5), ReadingKind.TEMP_SURFACE)).isEmpty();
        assertThat(verdict(51, surface(8.5), ReadingKind.TEMP_SURFACE)).contains(Severity.STOP);
    }

    @Test
    void aReadingIsGoodNearOutsideOrDeadly() {
        Wanted cool = air(Probe.Zone.COOL, 13);
        assertThat(verdict(22, cool, ReadingKind.TEMP_AIR))
                .as("at the end of the range")
                .contains(Severity.GOOD);
        assertThat(verdict(28.4, cool, ReadingKind.TEMP_AIR))
                .as("within the instrument's band")
                .contains(Severity.HINT);
        assertThat(verdict(29, cool, ReadingKind.TEMP_AIR)).contains(Severity.CAUTION);
        assertThat(verdict(42, cool, ReadingKind.TEMP_AIR)).as("at the limit").contains(Severity.STOP);
        assertThat(verdict(5, cool, ReadingKind.TEMP_AIR)).contains(Severity.STOP);
        assertThat(ReadingVerdict.of(26, ReadingKind.TEMP_AIR, cool).margin()).isCloseTo(2, within(1e-9));
        assertThat(ReadingVerdict.of(29, ReadingKind.TEMP_AIR, cool).margin()).isCloseTo(-1, within(1e-9));
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
        Wanted wanted = Wanted.at(LIZARD, room, ReadingKind.TEMP_AIR, 13, DAY);
        assertThat(ReadingVerdict.of(60, ReadingKind.TEMP_AIR, wanted).severity())
                .isEmpty();
    }

    @Test
    void aDayMayRunOverMidnight() {
        HeatDay late = new HeatDay(OptionalDouble.of(12), OptionalDouble.of(20));
        assertThat(late.isDay(23)).isTrue();
        assertThat(late.isDay(7.9)).isTrue();
        assertThat(late.isDay(8)).isFalse();
    }

    private static Wanted air(Probe.Zone zone, double hour) {
        return Wanted.at(LIZARD, probe(Probe.Kind.AIR, zone), ReadingKind.TEMP_AIR, hour, DAY);
    }

    private static Wanted humidity(Probe.Zone zone, double hour) {
        return Wanted.at(LIZARD, probe(Probe.Kind.AIR, zone), ReadingKind.RH, hour, DAY);
    }

    private static Wanted surface(double hour) {
        return Wanted.at(LIZARD, probe(Probe.Kind.SURFACE, Probe.Zone.BASKING), ReadingKind.TEMP_SURFACE, hour, DAY);
    }

    private static Optional<Severity> verdict(double value, Wanted wanted, ReadingKind kind) {
        return ReadingVerdict.of(value, kind, wanted).severity();
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
