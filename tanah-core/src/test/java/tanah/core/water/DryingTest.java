package tanah.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.aggregator.AggregateWith;
import org.junit.jupiter.params.provider.CsvFileSource;
import tanah.core.finding.Severity;
import tanah.core.ground.Reservoir;
import tanah.core.testing.CheckRow;

/** Drying soil and the room for what is watered too much. */
class DryingTest {
    private static final double DAY = 86_400;

    @ParameterizedTest(name = "{0} {1}")
    @CsvFileSource(resources = "/checks/drying.csv", numLinesToSkip = 1)
    void agreesWithTheTable(String id, String quantity, @AggregateWith(CheckRow.Reader.class) CheckRow r) {
        Drying d = new Drying(
                r.number("T_air_c"),
                r.number("RH"),
                r.number("h_m_m_per_s"),
                r.number("theta0"),
                r.number("theta1"),
                r.number("theta_s"));
        double depth = r.number("depth_cm") / 100;
        r.holds(
                switch (quantity) {
                    case "drying_days" -> d.time(depth) / DAY;
                    case "drying_E_wet_mm_per_day" -> d.wet() * DAY;
                    case "drying_E_under_dry_layer_mm_per_day" -> d.under(depth) * DAY;
                    case "drying_Deff_m2_per_s" -> d.diffusion();
                    default -> throw new IllegalArgumentException(quantity);
                });
    }

    @Test
    void unwateredItDriesThroughOnTheDayThatTheClosedFormGives() {
        Drying d = new Drying(28, 0.4, Drying.VENTED, 0.2, 0.05, 0.43);
        double depth = 0.06;
        Drying.Course course = d.watered(0.3, depth, 0, 7, 400);
        assertThat((double) course.through().orElseThrow()).isCloseTo(d.time(depth) / DAY, within(2.0));
        assertThat(course.drains()).isZero();
    }

    /** What is poured in goes into the air, through to the drainage, or stays. */
    @Test
    void waterIsKeptWhateverIsPoured() {
        Random random = new Random(7);
        for (int i = 0; i < 300; i++) {
            double dry = 0.02 + 0.1 * random.nextDouble();
            double moist = dry + 0.05 + 0.3 * random.nextDouble();
            Drying d = new Drying(
                    15 + 20 * random.nextDouble(),
                    0.2 + 0.7 * random.nextDouble(),
                    0.002 + 0.008 * random.nextDouble(),
                    moist,
                    dry,
                    moist + 0.1);
            double area = 0.05 + random.nextDouble();
            double depth = 0.03 + 0.3 * random.nextDouble();
            int every = 1 + random.nextInt(9);
            double each = 0.003 * random.nextDouble();
            int days = 20 + random.nextInt(60);
            Drying.Course c = d.watered(area, depth, each, every, days);
            double poured = each * (days / every);
            double end = c.days().get(days).front();
            double missing = end * (moist - dry) * area;
            assertThat(poured).isCloseTo((c.dries() + c.drains()) * days - missing, within(1e-9 + 1e-9 * poured));
            assertThat(c.driest()).isBetween(0.0, depth);
        }
    }

    @Test
    void aDryTopHoldsTheDepthBack() {
        Drying d = new Drying(30, 0.35, Drying.VENTED, 0.15, 0.04, 0.45);
        assertThat(d.wet() / d.under(0.05)).isBetween(10.0, 50.0);
        double before = Double.MAX_VALUE;
        for (double depth = 0; depth < 0.3; depth += 0.01) {
            assertThat(d.under(depth)).isLessThan(before);
            before = d.under(depth);
        }
    }

    @Test
    void aDrainageThatFillsIsJudgedByItsDays() {
        // 2596 cm² of clay balls, 4.5 cm usable, 0.42 drains: 4.9 litres (closed form)
        Reservoir r = new Reservoir("drainage", true, 0.2596 * 0.045 * 0.42, 0.42, 0.2596);
        assertThat(r.days(0.04e-3).orElseThrow()).isCloseTo(122.661, within(1e-3));
        assertThat(r.judge(0.04e-3).severity()).isEqualTo(Severity.GOOD);
        assertThat(r.judge(0.1e-3).severity()).isEqualTo(Severity.CAUTION);
        assertThat(r.judge(0.5e-3).severity()).isEqualTo(Severity.STOP);
        assertThat(r.judge(-0.5e-3).severity()).isEqualTo(Severity.GOOD);
        Reservoir soil = new Reservoir("soil", false, 10e-3, 0, 0.5);
        assertThat(soil.judge(0.1e-3).severity()).isEqualTo(Severity.CAUTION);
        assertThat(soil.judge(0.01e-3).severity()).isEqualTo(Severity.GOOD);
    }

    @Test
    void aChangerTimedForAnotherTankIsFound() {
        assertThat(ChangerRule.judge(0.1, 0.284, 0.126).severity()).isEqualTo(Severity.CAUTION);
        assertThat(ChangerRule.judge(0.1, 0.130, 0.126).severity()).isEqualTo(Severity.GOOD);
    }
}
