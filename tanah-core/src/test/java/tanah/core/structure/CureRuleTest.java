package tanah.core.structure;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.finding.Severity;

/** Silicone before water: a thin bead waits for the sealant's own days, a thick joint for its depth (from memory). */
class CureRuleTest {
    @ParameterizedTest(name = "{0} of {1} mm filled after {2} days: {3}")
    @CsvSource({
        "TRIANGLE, 5, 3.9, STOP", "TRIANGLE, 5, 4, GOOD",
        // 8 mm deep: (8 / 2.5)² = 10.24 days
        "JOINT, 8, 10, STOP", "JOINT, 8, 10.3, GOOD",
    })
    void waitsForTheLongerOfTheTwo(Adhesives.Bead bead, double millimetres, double days, Severity severity) {
        double cure = Adhesives.cureDays(bead, millimetres / 1000);
        assertThat(CureRule.judge(cure, days).severity()).isEqualTo(severity);
    }
}
