package tanah.core.need;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import tanah.core.animal.Inhabitant;
import tanah.core.catalogue.Range;
import tanah.core.catalogue.Species;
import tanah.core.design.NeedOverride;
import tanah.core.design.Resident;
import tanah.core.finding.Severity;
import tanah.core.testing.TestSpecies;
import tanah.core.time.Phase;
import tanah.core.time.Season;
import tanah.core.time.SeasonPhase;

/** What animals want, and how it stands in the worse of two seasons. */
class NeedTest {
    private static Inhabitant lizard(NeedOverride... overrides) {
        Resident r = new Resident(
                "a1",
                "lizard",
                1,
                OptionalInt.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty(),
                List.of(overrides));
        return new Inhabitant(r, r.profile(TestSpecies.lizard()), TestSpecies.lizard());
    }

    private static NeedOverride own(String column, double value) {
        return new NeedOverride(column, new NeedOverride.Value.Number(value), "seen", LocalDate.of(2026, 1, 2));
    }

    @Test
    void everyWantHasItsColumnsInSi() {
        Species s = TestSpecies.lizard();
        assertThat(Want.WARM.of(s)).contains(new Range(29, 35));
        assertThat(Want.NIGHT.of(s)).contains(new Range(14, 22));
        assertThat(Want.HUMIDITY_DAY.of(s).orElseThrow().max()).isCloseTo(0.40, within(1e-12));
        assertThat(Want.BASKING.of(s.with("basking_surface_min_c", 30))).contains(new Range(30, 46));
        assertThat(Arrays.stream(Want.values()).map(Want::word))
                .doesNotHaveDuplicates()
                .contains("uvi", "humidity_night", "basking");
    }

    @Test
    void anOverrideOfEitherEndIsTheKeepersOwn() {
        Need plain = Need.of(lizard(), Want.COOL).orElseThrow();
        Need low = Need.of(lizard(own("cool_air_min_c", 20)), Want.COOL).orElseThrow();
        Need high = Need.of(lizard(own("cool_air_max_c", 30)), Want.COOL).orElseThrow();
        assertThat(plain.isOwn()).isFalse();
        assertThat(plain.owner()).isEqualTo("a1");
        assertThat(low.isOwn()).isTrue();
        assertThat(low.range()).isEqualTo(new Range(20, 28));
        assertThat(high.isOwn()).isTrue();
        assertThat(high.range()).isEqualTo(new Range(22, 30));
    }

    @Test
    void anAnimalOfTheWaterWantsNoAir() {
        Inhabitant dry = lizard();
        Species newt = TestSpecies.lizard()
                .with("land_fraction_min", 0)
                .with("land_fraction_max", 0.1)
                .with("water_min_c", 14)
                .with("water_max_c", 18);
        Inhabitant wet = new Inhabitant(dry.resident(), newt, newt);
        assertThat(Need.of(dry)).extracting(Need::want).contains(Want.WARM, Want.COOL, Want.NIGHT, Want.HUMIDITY_DAY);
        assertThat(Need.of(wet))
                .extracting(Need::want)
                .contains(Want.WATER)
                .doesNotContain(Want.WARM, Want.NIGHT, Want.HUMIDITY_DAY);
        assertThat(HardLimits.flight(wet, true)).isEqualTo(ClimatePlace.WATER);
        assertThat(HardLimits.flight(dry, true)).isEqualTo(ClimatePlace.COOL_AIR);
        assertThat(HardLimits.flight(dry, false)).isEqualTo(ClimatePlace.WARM_AIR);
        assertThat(Need.ofAll(List.of(dry, wet)))
                .hasSize(Need.of(dry).size() + Need.of(wet).size());
    }

    @Test
    void hardLimitsTightenOnly() {
        assertThat(HardLimits.of(lizard())).isEqualTo(new HardLimits(5, 42));
        assertThat(HardLimits.of(lizard(own("limit_high_c", 50), own("limit_low_c", -5))))
                .isEqualTo(new HardLimits(5, 42));
        assertThat(HardLimits.of(lizard(own("limit_high_c", 38), own("limit_low_c", 8))))
                .isEqualTo(new HardLimits(8, 38));
    }

    @Test
    void theWorseSeasonIsJudged() {
        Need warm = Need.of(lizard(), Want.WARM).orElseThrow();
        Outlook cold = Outlook.of(warm, new Extent(26, 26, 1), new Extent(34, 34, 1), Optional.empty());
        assertThat(cold.worse()).isEqualTo(Season.WINTER);
        assertThat(cold.verdict().severity()).isEqualTo(Severity.CAUTION);
        assertThat(cold.judged()).isEqualTo(new Expected(26, 1));
        assertThat(cold.extent()).isEqualTo(new Extent(26, 34, 1));
        Outlook hot = Outlook.of(warm, new Extent(28, 28, 1), new Extent(38, 38, 2), Optional.empty());
        assertThat(hot.worse()).isEqualTo(Season.SUMMER);
        assertThat(hot.judged()).isEqualTo(new Expected(38, 2));
        Outlook wide = Outlook.of(warm, new Extent(30, 40, 0), new Extent(30, 31, 0), Optional.empty());
        assertThat(wide.judged().value()).as("the end that is out").isEqualTo(40);
    }

    @Test
    void aLampThatFadesBelowIsAHint() {
        Need uv = new Need("a", "x", Want.UV, new Range(2, 4), false);
        Extent fresh = new Extent(2.5, 2.5, 0);
        assertThat(Outlook.of(uv, fresh, fresh, Optional.of(new Extent(2, 2, 0)))
                        .verdict()
                        .severity())
                .isEqualTo(Severity.GOOD);
        assertThat(Outlook.of(uv, fresh, fresh, Optional.of(new Extent(1.9, 1.9, 0)))
                        .verdict()
                        .severity())
                .isEqualTo(Severity.HINT);
    }

    @Test
    void seasonsAndPhasesMakeFourCases() {
        for (Season season : Season.values()) {
            for (Phase phase : Phase.values()) {
                SeasonPhase both = SeasonPhase.of(season, phase);
                assertThat(both.season()).isEqualTo(season);
                assertThat(both.phase()).isEqualTo(phase);
                assertThat(both.isLit()).isEqualTo(phase == Phase.DAY);
            }
            assertThat(Season.of(season.word())).isEqualTo(season);
        }
        assertThat(Season.of("monsoon")).isEqualTo(Season.WINTER);
    }
}
