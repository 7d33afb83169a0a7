package tanah.files.climate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.box.Factors;
import tanah.core.catalogue.Catalogue;
import tanah.core.climate.DayCourse;
import tanah.core.climate.SteadyState;
import tanah.core.design.Design;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.finding.Severity;
import tanah.core.forecast.Forecast;
import tanah.core.mapping.MappedDesign;
import tanah.core.need.ClimatePlace;
import tanah.core.time.Season;
import tanah.core.time.SeasonPhase;
import tanah.files.catalogue.CatalogueReader;
import tanah.files.design.DesignReader;
import tanah.files.design.Parsed;

/** What must hold in any enclosure: heat and water are conserved, answers are finite, more heat never cools. */
class ClimateLawsTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();

    private static final double TOLERANCE = 1e-4; // K
    /** More than the largest box drawn here loses: a state that is still off by a kelvin misses so much heat. */
    private static final double LOSSES = 100; // W/K

    /** The last round moved by less than the tolerance, at the smallest steps a seventh of what was left. */
    private static final double SMALLEST_STEP = 0.15;

    private static Design design(String document) {
        Parsed parsed = new DesignReader(CATALOGUE).read(document.getBytes(StandardCharsets.UTF_8));
        assertThat(parsed).as(document).isInstanceOf(Parsed.Accepted.class);
        return ((Parsed.Accepted) parsed).design();
    }

    private static MappedDesign mapped(Design d) {
        Evaluation e = Evaluator.evaluate(d, CATALOGUE);
        return MappedDesign.of(d, e.vessel(), e.ground(), e.animals(), CATALOGUE)
                .orElseThrow();
    }

    private static Forecast steady(Design d) {
        return Forecast.steady(mapped(d), Optional.empty(), Factors.ONE, 0, TOLERANCE);
    }

    /** A box with what is drawn for it: lid, soil, water, lamps, room. */
    private static String drawn(Random r) {
        double length = between(r, 20, 160);
        double width = between(r, 20, 70);
        double height = between(r, 25, 120);
        StringBuilder devices = new StringBuilder();
        String[] items = {
            "halogen-flood-75", "halogen-flood-150", "ceramic-100", "uvb-t5-mid-24", "led-bar-20", "heat-panel-80"
        };
        int count = r.nextInt(4);
        for (int i = 0; i < count; i++) {
            devices.append(i > 0 ? "," : "")
                    .append(String.format(
                            Locale.ROOT,
                            "{\"id\":\"d%d\",\"item\":\"%s\",\"x_cm\":%.1f,\"y_cm\":%.1f,\"z_cm\":%.1f,\"power_w\":%.0f,\"schedule\":\"%s\"}",
                            i,
                            items[r.nextInt(items.length)],
                            between(r, 0, length),
                            between(r, 0, width),
                            between(r, 0.4 * height, 1.2 * height),
                            between(r, 1, 450),
                            r.nextBoolean() ? "day" : "always"));
        }
        double winter = between(r, -5, 24);
        boolean wet = r.nextBoolean();
        return String.format(
                Locale.ROOT,
                "{\"format\":\"tanah-design\",\"version\":1,\"name\":\"drawn\","
                        + "\"vessel\":{\"shape\":\"rectangle\",\"inside_cm\":{\"length\":%.1f,\"width\":%.1f,\"height\":%.1f},"
                        + "\"pane_mm\":{\"side\":6,\"base\":6},\"material\":\"%s\",\"lid\":{\"material\":\"glass\",\"thickness_mm\":4,\"mesh_fraction\":%.2f}},"
                        + "\"room\":{\"winter\":{\"temp_day_c\":%.1f,\"temp_night_c\":%.1f,\"rh_day_pct\":%d,\"rh_night_pct\":50},"
                        + "\"summer\":{\"temp_day_c\":%.1f,\"temp_night_c\":%.1f,\"rh_day_pct\":50,\"rh_night_pct\":60}},"
                        + "\"ground\":{\"layers\":[{\"id\":\"l\",\"kind\":\"substrate\",\"media\":\"%s\",\"surface\":{\"type\":\"thickness\",\"thickness_cm\":%.1f}}]},"
                        + "%s\"devices\":[%s]}",
                length,
                width,
                height,
                r.nextBoolean() ? "glass_annealed" : "pvc_foam",
                r.nextDouble(),
                winter,
                winter - 4,
                20 + r.nextInt(60),
                winter + 18,
                winter + 12,
                wet ? "tropical_airy_peat_free" : "arid_burrow_clay_sand",
                between(r, 2, 0.3 * height),
                wet && r.nextBoolean()
                        ? "\"air\":{\"mist\":{\"nozzles\":[{\"id\":\"n\",\"item\":\"nozzle-80\",\"x_cm\":10,\"y_cm\":10,\"z_cm\":"
                                + (int) height + "}],\"events\":[{\"h\":9,\"seconds\":40}]}},"
                        : "",
                devices);
    }

    private static double between(Random r, double low, double high) {
        return low + r.nextDouble() * (high - low);
    }

    @Test
    void randomEnclosuresAreFiniteAndSettleAndKeepTheirHeat() {
        Random random = new Random(20260107);
        int settled = 0;
        int all = 0;
        for (int n = 0; n < 200; n++) {
            Design d = design(drawn(random));
            Forecast f = steady(d);
            // as the product computes it: nearly every one settles, boxes as hot as an oven may circle around
            // themselves
            Forecast shown = Forecast.steady(mapped(d), Optional.empty(), Factors.ONE, 0);
            for (SeasonPhase when : SeasonPhase.values()) {
                SteadyState s = f.at(when);
                all++;
                settled += shown.at(when).isConverged() ? 1 : 0;
                // what does not settle circles within what nobody can read, and is told to the keeper
                assertThat(shown.at(when).isConverged() || shown.at(when).lastChange() < 0.05)
                        .as("box %d, %s", n, when)
                        .isTrue();
                assertThat(s.places().meanAir()).isBetween(-20.0, 400.0);
                assertThat(s.places().meanHumidity()).isBetween(0.0, 1.0 + 1e-6);
                assertThat(Math.abs(s.balance().gap()))
                        .as("heat of box %d, %s", n, when)
                        .isLessThan(TOLERANCE / SMALLEST_STEP * LOSSES);
            }
        }
        assertThat(settled).isGreaterThan(all * 99 / 100);
    }

    @Test
    void randomDaysKeepHeatAndWater() {
        Random random = new Random(4);
        for (int n = 0; n < 8; n++) {
            Forecast f = steady(design(drawn(random))).withDays(() -> false);
            for (Season season : Season.values()) {
                DayCourse day = f.day(season).orElseThrow();
                assertThat(day.worstGap()).isLessThan(1e-6);
                assertThat(day.water().gap()).isCloseTo(0, within(1e-8));
            }
        }
    }

    private static String box(double power, double mesh, String extra) {
        return String.format(
                Locale.ROOT,
                "{\"format\":\"tanah-design\",\"version\":1,\"name\":\"box\","
                        + "\"vessel\":{\"shape\":\"rectangle\",\"inside_cm\":{\"length\":90,\"width\":45,\"height\":60},\"pane_mm\":{\"side\":6,\"base\":6},"
                        + "\"material\":\"glass_annealed\",\"lid\":{\"material\":\"glass\",\"thickness_mm\":4,\"mesh_fraction\":%.2f}%s},"
                        + "\"room\":{\"winter\":{\"temp_day_c\":20,\"temp_night_c\":17,\"rh_day_pct\":40,\"rh_night_pct\":50},\"summer\":{\"temp_day_c\":26,\"temp_night_c\":21,\"rh_day_pct\":50,\"rh_night_pct\":60}},"
                        + "\"ground\":{\"layers\":[{\"id\":\"l\",\"kind\":\"substrate\",\"media\":\"tropical_airy_peat_free\",\"surface\":{\"type\":\"thickness\",\"thickness_cm\":10}}]},"
                        + "\"devices\":[{\"id\":\"lamp\",\"item\":\"halogen-flood-75\",\"x_cm\":70,\"y_cm\":22,\"z_cm\":50,\"power_w\":%.0f,\"schedule\":\"day\"}]}",
                mesh,
                extra,
                power);
    }

    private static double at(Forecast f, ClimatePlace spot, SeasonPhase when) {
        return f.expected(spot, when).orElseThrow().value();
    }

    @Test
    void morePowerNeverCoolsAndMoreMeshNeverDampens() {
        double ground = -100;
        for (double power : new double[] {0, 20, 50, 100, 200, 400}) {
            double now = steady(design(box(power, 0.3, "")))
                    .at(SeasonPhase.WINTER_DAY)
                    .places()
                    .groundMax()
                    .orElseThrow();
            assertThat(now).isGreaterThanOrEqualTo(ground - 1e-3);
            ground = now;
        }
        double humidity = 2;
        for (double mesh : new double[] {0, 0.1, 0.3, 0.6, 1}) {
            double now = at(steady(design(box(50, mesh, ""))), ClimatePlace.HUMIDITY, SeasonPhase.WINTER_DAY);
            assertThat(now).isLessThanOrEqualTo(humidity + 1e-3);
            humidity = now;
        }
    }

    @Test
    void insulationNeverLowersAHeatedDay() {
        double plain = at(steady(design(box(60, 0.2, ""))), ClimatePlace.WARM_AIR, SeasonPhase.WINTER_DAY);
        double thin = at(steady(design(box(60, 0.2, sheets(1)))), ClimatePlace.WARM_AIR, SeasonPhase.WINTER_DAY);
        double thick = at(steady(design(box(60, 0.2, sheets(5)))), ClimatePlace.WARM_AIR, SeasonPhase.WINTER_DAY);
        assertThat(thin).isGreaterThan(plain);
        assertThat(thick).isGreaterThan(thin);
    }

    private static String sheets(double cm) {
        return String.format(
                Locale.ROOT,
                ",\"insulation\":[{\"id\":\"s1\",\"face\":\"back\",\"material\":\"xps\",\"thickness_mm\":%.0f},{\"id\":\"s2\",\"face\":\"left\",\"material\":\"xps\",\"thickness_mm\":%.0f}]",
                10 * cm,
                10 * cm);
    }

    /** The same box seen in a mirror is as warm. */
    @Test
    void aMirroredBoxMirrorsItsField() {
        Forecast right = steady(design(box(75, 0.3, "")));
        Forecast left = steady(design(box(75, 0.3, "").replace("\"x_cm\":70", "\"x_cm\":20")));
        for (double x : new double[] {0.1, 0.3, 0.45, 0.7}) {
            assertThat(left.at(SeasonPhase.WINTER_DAY).places().air(0.9 - x, 0.2, 0.3))
                    .isCloseTo(right.at(SeasonPhase.WINTER_DAY).places().air(x, 0.2, 0.3), within(0.05));
        }
    }

    /** Without anything that warms, dry ground takes the room's temperature everywhere. */
    @Test
    void aDryBoxWithoutDevicesIsAsWarmAsItsRoom() {
        String dry = box(0, 0.3, "")
                .replace("\"media\":\"tropical_airy_peat_free\"", "\"media\":\"tropical_airy_peat_free\",\"wet0\":0");
        Forecast f = steady(design(dry));
        for (SeasonPhase when : SeasonPhase.values()) {
            assertThat(f.at(when).places().meanAir()).isCloseTo(f.at(when).outside(), within(0.02));
        }
    }

    @ParameterizedTest
    @CsvSource({
        // a kilowatt in a cube of 20 cm, a lamp in the soil, a closed box, a frozen room
        "20, 1000, 15, 0.0, 20",
        "20, 1000, 15, 1.0, 20",
        "60, 100, 1, 0.3, 20",
        "60, 0, 50, 0.0, 20",
        "60, 100, 50, 0.3, -7"
    })
    void nonsenseHasAFiniteAnswer(double size, double power, double z, double mesh, double room) {
        String document = box(power, mesh, "")
                .replace(
                        "\"length\":90,\"width\":45,\"height\":60",
                        String.format(Locale.ROOT, "\"length\":%.0f,\"width\":%.0f,\"height\":%.0f", size, size, size))
                .replace(
                        "\"x_cm\":70,\"y_cm\":22,\"z_cm\":50",
                        String.format(Locale.ROOT, "\"x_cm\":10,\"y_cm\":10,\"z_cm\":%.0f", z))
                .replace("\"thickness_cm\":10}", "\"thickness_cm\":3}")
                .replace(
                        "\"temp_day_c\":20,\"temp_night_c\":17",
                        String.format(Locale.ROOT, "\"temp_day_c\":%.0f,\"temp_night_c\":%.0f", room, room - 3))
                .replace(
                        "\"name\":\"box\"",
                        "\"name\":\"box\",\"animals\":[{\"id\":\"a\",\"species\":\"theloderma-corticale\",\"count\":1}]");
        Evaluation e = Evaluator.evaluate(design(document), CATALOGUE, Evaluator.Depth.WHOLE);
        Forecast f = e.forecast().orElseThrow();
        for (SeasonPhase when : SeasonPhase.values()) {
            assertThat(f.at(when).places().meanAir()).isFinite();
            assertThat(f.at(when).places().meanHumidity()).isBetween(0.0, 1.0 + 1e-6);
        }
        assertThat(f.hasDays()).isTrue();
        boolean harms = power >= 1000 || room < 0;
        if (harms) {
            assertThat(e.count(Severity.STOP)).isPositive();
        }
    }
}
