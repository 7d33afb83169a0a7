package tanah.core.room;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import tanah.core.catalogue.Species;
import tanah.core.design.OtherFields;
import tanah.core.design.RoomPlan;
import tanah.core.finding.Finding;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.testing.TestSpecies;

/** What the room breaks before any lamp. */
class RoomRulesTest {
    private static final Species FROG = TestSpecies.frog();

    @Test
    void aSummerOverTheLimitIsAStopAndAtTheLimitToo() {
        assertThat(judge(FROG, 18, 29, 22, 80, RoomRules.SUMMER)).contains(Severity.STOP);
        assertThat(judge(FROG, 18, 26, 22, 80, RoomRules.SUMMER)).contains(Severity.STOP);
        assertThat(judge(FROG, 18, 25.7, 22, 80, RoomRules.SUMMER))
                .as("within the room's band")
                .contains(Severity.CAUTION);
        assertThat(judge(FROG, 18, 24, 20, 80, RoomRules.SUMMER)).contains(Severity.GOOD);
    }

    @Test
    void aLooserOverrideDoesNotLiftTheStop() {
        Species looser = FROG.with("limit_high_c", 32);
        var resident = tanah.core.design.Resident.one("a", FROG.id());
        var animal = new tanah.core.animal.Inhabitant(resident, looser, FROG);
        assertThat(RoomRules.judge(animal, room(18, 29, 22, 80)).stream()
                        .filter(f -> f.rule().equals(RoomRules.SUMMER))
                        .map(Finding::severity))
                .containsExactly(Severity.STOP);
    }

    @Test
    void aColdWinterAsksForWarmth() {
        assertThat(judge(FROG, 9, 24, 20, 80, RoomRules.WINTER)).contains(Severity.CAUTION);
        assertThat(judge(FROG, 14, 24, 20, 80, RoomRules.WINTER)).contains(Severity.HINT);
        assertThat(judge(FROG, 17, 24, 20, 80, RoomRules.WINTER)).contains(Severity.GOOD);
    }

    @Test
    void theCoolEndIsNeverCoolerThanTheRoom() {
        assertThat(judge(FROG, 18, 25, 20, 80, RoomRules.COOL_END)).contains(Severity.CAUTION);
        assertThat(judge(FROG, 18, 24, 20, 80, RoomRules.COOL_END)).isEmpty();
        assertThat(judge(FROG, 18, 29, 20, 80, RoomRules.COOL_END))
                .as("the stop says it already")
                .isEmpty();
    }

    @Test
    void animalsOfCoolMountainsNeedCoolNights() {
        assertThat(judge(FROG, 18, 24, 23, 80, RoomRules.NIGHT)).contains(Severity.CAUTION);
        assertThat(judge(FROG.with("biome", "tropical-humid"), 18, 24, 23, 80, RoomRules.NIGHT))
                .contains(Severity.HINT);
        assertThat(judge(FROG, 18, 24, 22, 80, RoomRules.NIGHT)).isEmpty();
    }

    @Test
    void aDampRoomCannotBeDriedByABoxButADryOneCanBeHeld() {
        Species lizard = TestSpecies.lizard();
        assertThat(judge(lizard, 18, 27, 20, 55, RoomRules.HUMIDITY)).contains(Severity.CAUTION);
        assertThat(judge(lizard, 18, 27, 20, 38, RoomRules.HUMIDITY)).contains(Severity.GOOD);
        assertThat(judge(FROG, 18, 24, 20, 50, RoomRules.HUMIDITY)).contains(Severity.HINT);
    }

    private static Optional<Severity> judge(
            Species species, double winterNight, double summerDay, double summerNight, double humidity, RuleId rule) {
        return RoomRules.judge(TestSpecies.inhabitant(species, 1), room(winterNight, summerDay, summerNight, humidity))
                .stream()
                .filter(f -> f.rule().equals(rule))
                .map(Finding::severity)
                .findFirst();
    }

    private static RoomPlan room(double winterNight, double summerDay, double summerNight, double humidity) {
        double rh = humidity / 100;
        return new RoomPlan(
                new RoomPlan.Season(winterNight + 2, winterNight, rh, rh),
                new RoomPlan.Season(summerDay, summerNight, rh, rh),
                OptionalDouble.of(0.5),
                OtherFields.NONE);
    }
}
