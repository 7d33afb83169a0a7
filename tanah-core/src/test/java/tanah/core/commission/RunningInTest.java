package tanah.core.commission;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import tanah.core.finding.Finding;
import tanah.core.finding.Severity;

/** The proof of a cycle, and the signs of a settled ground. Rules of the trade, common practice, no source. */
class RunningInTest {
    private static final double CLEAN = 0.05e-3;
    private static final double DIRTY = 0.5e-3;
    private static final OptionalDouble NEVER = OptionalDouble.empty();

    @Test
    void threeCleanTestsInSevenDaysEachAfterADoseProveIt() {
        RunningIn r = RunningIn.of(tests(CLEAN, 10, 13, 16), List.of(9.5, 12.5, 15.5), NEVER);
        assertThat(r.proven()).hasValue(16);
        assertThat(r.judge(OptionalDouble.of(20), false).map(Finding::severity)).contains(Severity.GOOD);
    }

    @Test
    void aTestWithoutADoseOrWithNitriteBeginsAnew() {
        assertThat(RunningIn.of(tests(CLEAN, 10, 13, 16), List.of(9.5, 11.9, 15.5), NEVER))
                .isEqualTo(new RunningIn(1, NEVER));
        List<RunningIn.Test> tests = new ArrayList<>(tests(CLEAN, 10, 12));
        tests.add(new RunningIn.Test(14, CLEAN, DIRTY));
        tests.add(new RunningIn.Test(15, CLEAN, CLEAN));
        assertThat(RunningIn.of(tests, List.of(9.5, 11.5, 13.5, 14.5), NEVER)).isEqualTo(new RunningIn(1, NEVER));
    }

    @Test
    void testsOverMoreThanAWeekDoNotCountTogether() {
        RunningIn r = RunningIn.of(tests(CLEAN, 10, 14, 18), List.of(9.5, 13.5, 17.5), NEVER);
        assertThat(r).isEqualTo(new RunningIn(2, NEVER));
        assertThat(r.judge(NEVER, false).map(Finding::rule)).contains(RunningIn.TOO_FEW);
    }

    @Test
    void anAnimalBeforeTheProofIsAStopButForThePioneerOfAPlantedStart() {
        RunningIn r = RunningIn.of(tests(CLEAN, 10), List.of(9.5), NEVER);
        assertThat(r.judge(OptionalDouble.of(11), false).map(Finding::severity)).contains(Severity.STOP);
        assertThat(r.judge(OptionalDouble.of(11), true).map(Finding::severity)).contains(Severity.HINT);
        assertThat(RunningIn.of(List.of(), List.of(), NEVER).judge(NEVER, false))
                .isEmpty();
    }

    @Test
    void thePioneersWasteStandsForTheDoses() {
        RunningIn r = RunningIn.of(tests(CLEAN, 20.5, 22, 24, 26), List.of(), OptionalDouble.of(20));
        assertThat(r.proven()).hasValue(26);
    }

    @Test
    void aGroundIsSettledByMouldAndSpringtails() {
        assertThat(SettlingRule.judge(NEVER, List.of(), List.of())).isEmpty();
        assertThat(severity(List.of(30.0), List.of(20.0, 25.0))).contains(Severity.HINT);
        assertThat(severity(List.of(28.0), List.of(20.0))).contains(Severity.HINT);
        assertThat(severity(List.of(28.0), List.of(20.0, 25.0))).contains(Severity.GOOD);
        assertThat(severity(List.of(28.0), List.of(20.0, 36.0))).contains(Severity.HINT);
    }

    private static Optional<Severity> severity(List<Double> mould, List<Double> springtails) {
        return SettlingRule.judge(OptionalDouble.of(35), mould, springtails).map(Finding::severity);
    }

    private static List<RunningIn.Test> tests(double value, double... days) {
        List<RunningIn.Test> tests = new ArrayList<>();
        for (double day : days) {
            tests.add(new RunningIn.Test(day, value, value));
        }
        return tests;
    }
}
