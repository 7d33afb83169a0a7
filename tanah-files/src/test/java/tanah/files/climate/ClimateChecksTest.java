package tanah.files.climate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tanah.core.box.ClimateCase;
import tanah.core.box.Factors;
import tanah.core.climate.AfterPlanting;
import tanah.core.climate.ClimateModel;
import tanah.core.climate.DayCourse;
import tanah.core.climate.DayRun;
import tanah.core.climate.Places;
import tanah.core.climate.RelayCourse;
import tanah.core.climate.SteadyState;

/** What small enclosures must do: by physics where it says nothing else, else by the rules of the trade (common practice). */
class ClimateChecksTest {
    private static final double TOLERANCE = 1e-4; // K

    private static final String ROOM =
            "'room':{'winter':{'temp_day_c':%1$s,'temp_night_c':%1$s,'rh_day_pct':50,'rh_night_pct':50},"
                    + "'summer':{'temp_day_c':%1$s,'temp_night_c':%1$s,'rh_day_pct':50,'rh_night_pct':50}}";

    private static String box(
            double length, double width, double height, String lid, String ground, String rest, double room) {
        return "{'photoperiod_h':12,'day_start_h':8,'vessel':{'length_m':" + length + ",'depth_m':" + width
                + ",'height_m':" + height
                + ",'panes':{'all':{'material':'glass','thickness_m':0.005}},'lid':" + lid + "},'ground':{'regions':["
                + ground
                + "]}," + rest + String.format(java.util.Locale.ROOT, ROOM, room) + "}";
    }

    private static String soil(double wet) {
        return "{'type':'land','layers':[{'material':'" + (wet > 0 ? "coco_moist" : "soil_arid")
                + "','thickness_m':0.06}],'soil_depth_m':0.06,'wet0':" + wet + "}";
    }

    private static final String CLOSED = "{'mesh_fraction':0,'solid':{'material':'glass','thickness_m':0.004}}";
    private static final String MESH = "{'mesh_fraction':1,'mesh_open_fraction':0.65}";

    private static SteadyState steady(CaseReader c, boolean lit) {
        ClimateCase.RoomCourse winter = c.season("winter");
        return ClimateModel.of(c.read(), Factors.ONE)
                .steady(lit ? winter.day() : winter.night(), lit, Optional.empty(), TOLERANCE);
    }

    @ParameterizedTest
    @ValueSource(doubles = {-5, 12, 20, 34})
    void aDryBoxWithoutDevicesIsItsRoom(double room) {
        SteadyState s = steady(CaseJson.parse(box(0.9, 0.45, 0.45, MESH, soil(0), "", room)), true);
        Places p = s.places();
        for (double x : new double[] {0.1, 0.45, 0.8}) {
            assertThat(p.air(x, 0.2, 0.2)).isCloseTo(room, within(1e-3));
            assertThat(p.surface(x, 0.2)).isCloseTo(room, within(1e-3));
            assertThat(p.humidity(x, 0.2, 0.2)).isCloseTo(0.5, within(1e-4));
        }
    }

    /** Without mesh, vents or leaks nothing dries. */
    @Test
    void aSealedWetBoxSaturates() {
        Places p = sealed(CaseJson.parse(box(0.45, 0.45, 0.6, CLOSED, soil(1), "", 20)), false)
                .places();
        assertThat(p.meanHumidity()).isBetween(0.995, 1.0 + 1e-6);
        assertThat(p.meanAir()).isCloseTo(20, within(0.05));
    }

    private static final Factors SEALED = Factors.ONE.times(3, 0);

    private static SteadyState sealed(CaseReader c, boolean lit) {
        ClimateCase.RoomCourse winter = c.season("winter");
        return ClimateModel.of(c.read(), SEALED)
                .steady(lit ? winter.day() : winter.night(), lit, Optional.empty(), TOLERANCE);
    }

    /** The mean basking surface of a day hangs little on the length of the steps; reference 33.42, 33.40, 33.40 °C. */
    @ParameterizedTest
    @CsvSource({"900, 33.42", "300, 33.40", "60, 33.40"})
    void shorterStepsAgree(double step, double expected) {
        CaseReader a = CaseJson.of("A");
        DayCourse day = DayRun.of(ClimateModel.of(a.read(), Factors.ONE), a.season("winter"), step, () -> false)
                .orElseThrow();
        double mean = day.mean(true, s -> s.places().baskingSurface().orElseThrow());
        double all = day.samples().stream()
                .mapToDouble(s -> s.places().baskingSurface().orElseThrow())
                .average()
                .orElseThrow();
        assertThat(Math.min(Math.abs(mean - expected), Math.abs(all - expected)))
                .as("lit mean %s, whole mean %s", mean, all)
                .isLessThan(0.1);
    }

    private static CaseReader switched(double set, double hysteresis) {
        return CaseJson.parse(box(
                0.75,
                0.3,
                0.3,
                MESH,
                soil(0),
                "'platforms':[{'name':'slab','x_m':0.15,'y_m':0.15,'z_m':0.1,'size_x_m':0.15,'size_y_m':0.15,'thickness_m':0.02,"
                        + "'material':'slate','absorptance':0.85,'basking':true}],"
                        + "'devices':[{'name':'spot','type':'point','power_w':60,'x_m':0.15,'y_m':0.15,'z_m':0.3,'beam_deg':40,"
                        + "'aperture_m':0.04,'f_beam':0.57,'f_wide':0.19,'f_star':0.08,'band':'nir','schedule':'day',"
                        + "'thermostat':{'type':'on_off','setpoint_day_c':" + set + ",'setpoint_night_c':" + set
                        + ",'hysteresis_k':" + hysteresis
                        + ",'band_k':1,'probe':{'kind':'platform','index':0}}}],",
                21));
    }

    @Test
    void aRelayUsesAsMuchAtHalfTheStep() {
        CaseReader c = switched(32, 1);
        ClimateModel model = ClimateModel.of(c.read(), Factors.ONE);
        RelayCourse minute =
                DayRun.switched(model, c.season("winter"), 60, () -> false).orElseThrow();
        RelayCourse half =
                DayRun.switched(model, c.season("winter"), 30, () -> false).orElseThrow();
        assertThat(minute.energy()).isCloseTo(half.energy(), within(0.05 * half.energy()));
        RelayCourse.Swing swing = half.swings().get(0);
        assertThat(swing.starts()).isGreaterThan(3);
        // half the hysteresis, and what a step of half a minute more does to a stone
        assertThat(swing.above()).isBetween(0.5, 1.2);
        assertThat(swing.below()).isBetween(0.5, 1.2);
        assertThat(swing.energy()).isCloseTo(half.energy(), within(1e-6));
        // full power for every hour of the day would be twelve times sixty watt-hours
        assertThat(half.energy()).isBetween(0.1 * 60 * 12 * 3600, 60.0 * 12 * 3600);
    }

    @Test
    void aWiderHysteresisSwitchesLessOften() {
        CaseReader narrow = switched(32, 0.5);
        CaseReader wide = switched(32, 3);
        RelayCourse.Swing often = relay(narrow);
        RelayCourse.Swing seldom = relay(wide);
        assertThat(seldom.starts()).isLessThan(often.starts());
        assertThat(seldom.below() + seldom.above()).isGreaterThan(often.below() + often.above());
        assertThat(seldom.shortest()).isGreaterThan(often.shortest());
    }

    private static RelayCourse.Swing relay(CaseReader c) {
        return DayRun.switched(ClimateModel.of(c.read(), Factors.ONE), c.season("winter"), 60, () -> false)
                .orElseThrow()
                .swings()
                .get(0);
    }

    @Test
    void aSetPointThatIsNeverReachedNeverSwitches() {
        RelayCourse.Swing swing = relay(switched(60, 1));
        assertThat(swing.starts()).isLessThanOrEqualTo(1);
        assertThat(swing.energy()).isCloseTo(60.0 * 12 * 3600, within(60.0 * 600));
        assertThat(swing.above()).isZero();
    }

    /** A mat on a side pane warms the pane and hardly the ground: no place to bask. Inputs and limits: common practice. */
    @Test
    void aSideMatIsNoBaskingPlace() {
        String mat =
                "'devices':[{'name':'mat','type':'side_mat','power_w':20,'face':'back','x0_m':0.1,'x1_m':0.35,'z0_m':0.15,"
                        + "'z1_m':0.4,'schedule':'always'}],";
        Places p = steady(CaseJson.parse(box(0.45, 0.45, 0.6, MESH, soil(0), mat, 20)), true)
                .places();
        assertThat(p.groundMax().orElseThrow()).isLessThan(21.5);
        assertThat(p.meanAir()).isBetween(20.0, 22.0);
    }

    /** 75 W flood over a mesh lid of 90 x 45 x 45 cm in a room of 22 °C (common practice). */
    @Test
    void aFloodOverMeshWarmsOneEnd() {
        CaseReader a = CaseJson.of("A");
        Places p = steady(a, true).places();
        assertThat(p.baskingSurface().orElseThrow()).isBetween(33.0, 38.0);
        assertThat(p.coolAir()).isBetween(21.0, 25.0);
    }

    /** 25 W at 20 cm over a slab holds 33 °C in a room of 21 °C with power to spare (common practice). */
    @Test
    void aSmallSpotHoldsASmallSlab() {
        String spot =
                "'platforms':[{'name':'slab','x_m':0.15,'y_m':0.15,'z_m':0.1,'size_x_m':0.15,'size_y_m':0.15,'thickness_m':0.02,"
                        + "'material':'slate','absorptance':0.85,'basking':true}],"
                        + "'devices':[{'name':'spot','type':'point','power_w':25,'x_m':0.15,'y_m':0.15,'z_m':0.3,'beam_deg':40,"
                        + "'aperture_m':0.04,'f_beam':0.57,'f_wide':0.19,'f_star':0.08,'band':'nir','schedule':'day',"
                        + "'thermostat':{'type':'dimming','setpoint_day_c':33,'setpoint_night_c':20,'band_k':1,'probe':{'kind':'platform','index':0}}}],";
        SteadyState s = steady(CaseJson.parse(box(0.75, 0.3, 0.3, MESH, soil(0), spot, 21)), true);
        assertThat(s.places().baskingSurface().orElseThrow()).isBetween(32.0, 33.5);
        assertThat(s.duty(0)).isBetween(0.3, 0.999);
    }

    /** A closed, wet cube with gentle heat fogs its front (common practice). */
    @Test
    void aClosedWarmWetCubeFogs() {
        String warm =
                "'devices':[{'name':'mat','type':'bottom_mat','power_w':15,'x0_m':0.05,'x1_m':0.4,'y0_m':0.05,'y1_m':0.4,'schedule':'always'}],";
        CaseReader c = CaseJson.parse(box(0.45, 0.45, 0.6, CLOSED, soil(1), warm, 20));
        Places p = sealed(c, true).places();
        assertThat(p.meanHumidity()).isGreaterThan(0.95);
        assertThat(p.frontMargin()).isNegative();
        DayCourse day = DayRun.of(ClimateModel.of(c.read(), SEALED), c.season("winter"));
        assertThat(day.fogHours()).isGreaterThan(12);
    }

    @Test
    void aWateredPlantingDriesAndThenStays() {
        CaseReader c = CaseJson.parse(box(0.45, 0.45, 0.6, MESH, soil(0.5), "", 22));
        AfterPlanting dry = DayRun.settling(ClimateModel.of(c.read(), Factors.ONE), c.season("winter"), 30, () -> false)
                .orElseThrow();
        assertThat(dry.means()).hasSize(30);
        assertThat(dry.means().get(0)).isGreaterThan(dry.means().get(29) + 0.03);
        assertThat(dry.settled().orElseThrow()).isBetween(2, 30);
        assertThat(Math.abs(dry.means().get(dry.settled().orElseThrow() - 1)
                        - dry.means().get(29)))
                .isLessThanOrEqualTo(0.03);
        // a fifth over what the soil holds runs off
        assertThat(dry.drained()).isPositive();
    }

    /** Water that evaporates as it falls cools the air, at most to its wet bulb: an adiabatic humidifier (ASHRAE Handbook, Fundamentals). */
    @ParameterizedTest
    @CsvSource({"B, winter, 9, 19", "B, summer, 9, 19", "C, winter, 9, 9", "C, summer, 9, 9"})
    void aMistingCoolsTheAirNoFurtherThanItsWetBulb(String letter, String season, int first, int second) {
        CaseReader c = CaseJson.of(letter);
        DayCourse day = DayRun.of(ClimateModel.of(c.read(), Factors.ONE), c.season(season));
        for (int hour : new int[] {first, second}) {
            Places before = day.at(hour - 0.05).places();
            Places after = day.at(hour + 0.02).places();
            double bulb = tanah.core.physics.MoistAir.wetBulb(
                    before.meanAir(), Math.min(1, before.meanHumidity()), tanah.core.physics.MoistAir.SEA_LEVEL);
            assertThat(after.meanAir()).isLessThan(before.meanAir() + 0.05);
            assertThat(after.meanAir()).isGreaterThan(bulb - 0.3);
            assertThat(after.meanHumidity()).isGreaterThan(before.meanHumidity());
        }
    }

    @Test
    void mistIsFeltAndPasses() {
        String sprayed = "'mist':{'events':[{'h':9,'nozzles':2,'flow_ml_min':80,'seconds':20}]},";
        CaseReader c = CaseJson.parse(box(0.45, 0.45, 0.6, MESH, soil(0.3), sprayed, 22));
        DayCourse day = DayRun.of(ClimateModel.of(c.read(), Factors.ONE), c.season("winter"));
        assertThat(day.dryAgain(9, Places::meanHumidity).orElse(24)).isBetween(0.1, 24.0);
        assertThat(day.dryAgain(4, Places::meanHumidity).orElseThrow()).isZero();
    }

    /** 1 kg into drainage of 5 cm with 45 % voids below 45 x 45 cm. */
    @Test
    void drainageFillsByItsVoids() {
        ClimateModel model = ClimateModel.of(CaseJson.of("B").read(), Factors.ONE);
        double area = 0.45 * 0.45 * 0.45;
        assertThat(model.filling().rise(1).orElseThrow()).isCloseTo(1 / 1000.0 / area, within(1e-9));
        assertThat(model.filling().days(0.1).orElseThrow()).isCloseTo(0.05 * 1000 * area / 0.1, within(1e-6));
        assertThat(model.filling().days(0)).isEmpty();
        assertThat(model.filling().days(-1)).isEmpty();
    }

    @Test
    void theRoomsHumidityFollowsItsRamp() {
        CaseReader b = CaseJson.of("B");
        ClimateCase.RoomCourse s = b.season("winter");
        DayCourse day = DayRun.of(ClimateModel.of(b.read(), Factors.ONE), s);
        assertThat(day.at(3).damp()).isCloseTo(s.night().humidity(), within(1e-3));
        assertThat(day.at(14).damp()).isCloseTo(s.day().humidity(), within(1e-3));
        assertThat(day.samples())
                .allSatisfy(x -> assertThat(x.damp())
                        .isBetween(
                                Math.min(s.night().humidity(), s.day().humidity()) - 1e-3,
                                Math.max(s.night().humidity(), s.day().humidity()) + 1e-3));
    }
}
