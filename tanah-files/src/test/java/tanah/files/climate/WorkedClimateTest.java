package tanah.files.climate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import tanah.core.box.Factors;
import tanah.core.box.Shell;
import tanah.core.climate.ClimateModel;
import tanah.core.climate.DayCourse;
import tanah.core.climate.DayRun;
import tanah.core.climate.LightMap;
import tanah.core.climate.Places;
import tanah.core.climate.SteadyState;
import tanah.core.light.Vec;
import tanah.core.physics.Instrument;
import tanah.files.schema.Problem;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Three worked enclosures against another implementation of the same equations: agreement of two programs, not truth.
 * Temperatures within 0.05 K, humidity within half a point, heat within a per cent. What is compared is what is printed.
 */
class WorkedClimateTest {
    private static final Map<String, JsonNode> COMPUTED = new HashMap<>();

    private static final Map<String, DayCourse> DAYS = new HashMap<>();

    private static JsonNode computed(String letter) {
        return COMPUTED.computeIfAbsent(letter, l -> CaseWriter.compute(CaseJson.example(l)));
    }

    @ParameterizedTest(name = "{0} {2} {1}")
    @CsvFileSource(resources = "/climate/worked_examples.csv", numLinesToSkip = 1)
    void agrees(
            String id, String quantity, String inputs, double expected, double tolerance, String unit, String from) {
        if (quantity.endsWith("bare_probe_c")) {
            assertThat(probe(inputs)).as(inputs).isCloseTo(expected, within(tolerance));
            return;
        }
        String example = inputs.substring("example=".length());
        if (quantity.endsWith("_high_at_h")) {
            highestThen(example, quantity, expected, tolerance);
            return;
        }
        JsonNode got = at(computed(example), quantity);
        assertThat(got.isNumber()).as(example + " has no " + quantity).isTrue();
        assertThat(got.asDouble()).as(example + " " + quantity).isCloseTo(expected, within(tolerance));
    }

    /** Where a place is as warm for hours, the hour of its extreme is no more than chance: by then it is as warm as it gets. */
    private static void highestThen(String example, String quantity, double hour, double tolerance) {
        String season = quantity.replaceAll("day_(\\w+)\\.judged.*", "$1");
        String place = quantity.replaceAll(".*\\.limit_(\\w+)_high_at_h", "$1");
        ToDoubleFunction<Places> value = JudgedWriter.limited().get(place);
        DayCourse day = DAYS.computeIfAbsent(example + season, k -> {
            CaseReader c = CaseJson.example(example);
            return DayRun.of(ClimateModel.of(c.read(), Factors.ONE), c.season(season));
        });
        double highest =
                day.block(0.25, true, s -> value.applyAsDouble(s.places())).mean();
        double then = Double.NEGATIVE_INFINITY;
        int n = day.samples().size();
        for (int i = 0; i < n; i++) {
            double begins = i * 24.0 / n;
            if (Math.abs(begins - hour) <= tolerance) {
                then = Math.max(then, quarter(day, i, value));
            }
        }
        assertThat(then).as(example + " " + quantity).isCloseTo(highest, within(0.01));
    }

    private static double quarter(DayCourse day, int from, ToDoubleFunction<Places> value) {
        int n = day.samples().size();
        double sum = 0;
        for (int i = from; i < from + n / 96; i++) {
            sum += value.applyAsDouble(day.samples().get(i % n).places());
        }
        return sum / (n / 96);
    }

    /** What a bare probe shows 3 cm over the ground on a winter day, in the middle of the depth, at a share of the length (°C). */
    private static double probe(String inputs) {
        CaseReader c = CaseJson.of(inputs.substring(8, 9));
        double share = Double.parseDouble(inputs.replaceAll(".*x=([0-9.]+) L.*", "$1"));
        ClimateModel model = ClimateModel.of(c.read(), Factors.ONE);
        SteadyState s = model.steady(c.season("winter").day(), true, Optional.empty(), 1e-4);
        Shell shell = model.enclosure().shell();
        Vec at = new Vec(share * shell.length(), shell.width() / 2, model.meanGround() + 0.03);
        double light = LightMap.of(model).aimed(at, s::duty);
        return s.places().shown(Instrument.BARE, at, light, Math.max(0.03, s.mixingSpeed()));
    }

    /** A number by its path; heat into and out of a pane is printed as one. */
    static JsonNode at(JsonNode root, String path) {
        JsonNode node = root;
        for (String step : path.replaceAll("section\\[(\\d+)\\]_w", "section_w.$1")
                .replace("[", ".")
                .replace("]", "")
                .replaceAll("\\.p(in|out)_w$", ".pane_w")
                .split("\\.")) {
            node = step.matches("\\d+") && node.isArray() ? node.path(Integer.parseInt(step)) : node.path(step);
        }
        return node;
    }

    @ParameterizedTest
    @ValueSource(strings = {"A", "B", "C"})
    void whatIsGivenIsWhatLeaves(String letter) {
        JsonNode root = computed(letter);
        for (String when : new String[] {"winter_day", "winter_night", "summer_day", "summer_night"}) {
            assertThat(at(root, "steady_" + when + ".converged").asBoolean()).isTrue();
            assertThat(at(root, "steady_" + when + ".balance.gap_w").asDouble()).isCloseTo(0, within(0.001));
        }
        for (String season : new String[] {"winter", "summer"}) {
            assertThat(at(root, "day_" + season + ".total.worst_heat_gap_w").asDouble())
                    .isLessThan(1e-8);
            assertThat(at(root, "day_" + season + ".total.water_gap_kg").asDouble())
                    .isCloseTo(0, within(1e-9));
        }
    }

    private static final String SMALL =
            "{'photoperiod_h':12,'day_start_h':8,'vessel':{'length_m':0.5,'depth_m':0.4,'height_m':0.4,'panes':{'all':{'material':'glass','thickness_m':0.005}},"
                    + "'lid':{'mesh_fraction':1,'mesh_open_fraction':0.6}},'ground':{'regions':[{'type':'land','layers':[{'material':'soil_arid','thickness_m':0.05}],'soil_depth_m':0.05,'wet0':0}]},"
                    + "'devices':[{'name':'heater','type':'water_heater','power_w':20,'water':0,'schedule':'always'}],"
                    + "'room':{'winter':{'temp_day_c':20,'temp_night_c':16,'rh_day_pct':50,'rh_night_pct':50},'summer':{'temp_day_c':26,'temp_night_c':22,'rh_day_pct':50,'rh_night_pct':50}}}";

    @Test
    void aDeviceInWaterThatIsNotThereIsNamed() {
        JsonNode document = JsonMapper.builder().build().readTree(SMALL.replace('\'', '"'));
        assertThat(CaseReader.problems(document)).extracting(Problem::pointer).containsExactly("/devices/0/water");
    }

    private static Stream<Arguments> wrong() {
        return Stream.of(
                Arguments.of("'length_m':0.5", "'length_m':50", "/vessel/length_m"),
                Arguments.of("'material':'soil_arid'", "'material':'cheese'", "/ground/regions/0/layers/0/material"),
                Arguments.of("'photoperiod_h':12", "'photoperiod_h':'long'", "/photoperiod_h"),
                Arguments.of("'soil_depth_m':0.05,", "", "/ground/regions/0/soil_depth_m"),
                Arguments.of("'power_w':20", "'power_w':-20", "/devices/0/power_w"),
                Arguments.of("'type':'water_heater'", "'type':'stove'", "/devices/0/type"));
    }

    @ParameterizedTest
    @MethodSource("wrong")
    void aWrongFieldOfACaseIsNamed(String old, String made, String pointer) {
        String document = SMALL.replace(old, made);
        assertThat(document).isNotEqualTo(SMALL);
        assertThat(CaseReader.problems(JsonMapper.builder().build().readTree(document.replace('\'', '"'))))
                .extracting(Problem::pointer)
                .contains(pointer);
    }
}
