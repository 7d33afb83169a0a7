package tanah.files.climate;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.design.edit.Edit;
import tanah.core.design.edit.EditContext;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.evaluate.Evaluator.Depth;
import tanah.core.finding.Finding;
import tanah.core.finding.Remedy;
import tanah.core.finding.Severity;
import tanah.files.catalogue.CatalogueReader;
import tanah.files.design.DesignReader;
import tanah.files.design.Parsed;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Every rule of the climate once where it must speak and once where it must not, on shipped examples of which one thing is
 * changed.
 */
class ClimateRulesTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final String LIZARD = "collared-lizard-arid";
    private static final String FROG = "mossy-frog-paludarium";
    private static final String MILLIPEDE = "giant-millipede-box";
    private static final Consumer<ObjectNode> AS_IT_IS = d -> {};

    /** @param severity null: nothing but praise from the rule */
    private record Case(
            String example,
            String what,
            Consumer<ObjectNode> change,
            Depth depth,
            String rule,
            Severity severity,
            String wording) {
        @Override
        public String toString() {
            return rule + (severity == null ? " keeps still: " : " " + severity + ": ") + example + ", " + what;
        }
    }

    private static Case says(
            String example, String what, Consumer<ObjectNode> change, String rule, Severity severity, String wording) {
        return new Case(example, what, change, Depth.STEADY, rule, severity, wording);
    }

    private static Case still(String example, String what, Consumer<ObjectNode> change, String rule) {
        return new Case(example, what, change, Depth.STEADY, rule, null, "");
    }

    private static Case day(Case c) {
        return new Case(c.example, c.what, c.change, Depth.WHOLE, c.rule, c.severity, c.wording);
    }

    // ---- changes
    private static ObjectNode part(ObjectNode d, String list, String id) {
        for (JsonNode n : d.withArray(list)) {
            if (n.path("id").asString().equals(id)) {
                return (ObjectNode) n;
            }
        }
        throw new IllegalArgumentException(list + " " + id);
    }

    private static Consumer<ObjectNode> set(String list, String id, String field, Object value) {
        return d -> part(d, list, id).set(field, JSON.valueToTree(value));
    }

    private static Consumer<ObjectNode> control(String id, String field, Object value) {
        return d -> ((ObjectNode) part(d, "devices", id).path("thermostat")).set(field, JSON.valueToTree(value));
    }

    private static Consumer<ObjectNode> without(String list, String id) {
        return d -> {
            ArrayNode all = (ArrayNode) d.withArray(list);
            for (int i = all.size() - 1; i >= 0; i--) {
                if (all.get(i).path("id").asString().equals(id)) {
                    all.remove(i);
                }
            }
        };
    }

    private static Consumer<ObjectNode> with(String list, String json) {
        return d -> ((ArrayNode) d.withArray(list)).add(JSON.readTree(json.replace('\'', '"')));
    }

    private static Consumer<ObjectNode> room(String season, double day, double night) {
        return d -> {
            ObjectNode s = (ObjectNode) d.path("room").path(season);
            s.put("temp_day_c", day).put("temp_night_c", night);
        };
    }

    private static Consumer<ObjectNode> mesh(double share) {
        return d -> ((ObjectNode) d.path("vessel").path("lid")).put("mesh_fraction", share);
    }

    private static Consumer<ObjectNode> wet(double share) {
        return d -> part((ObjectNode) d.path("ground"), "layers", "soil").put("wet0", share);
    }

    private static Consumer<ObjectNode> mistings(int count, double seconds) {
        return d -> {
            ArrayNode events = (ArrayNode) d.path("air").path("mist").path("events");
            events.removeAll();
            for (int i = 0; i < count; i++) {
                events.addObject().put("h", 1.0 + i * 22.0 / count).put("seconds", seconds);
            }
        };
    }

    private static Consumer<ObjectNode> all(List<Consumer<ObjectNode>> changes) {
        return d -> changes.forEach(c -> c.accept(d));
    }

    private static final String LIT_PROBE =
            "{'id':'p-lit','kind':'air','zone':'warm','x_cm':94,'y_cm':32,'z_cm':45,'reads':['temp_air']}";
    private static final String MAT =
            "{'id':'mat','item':'heat-mat-14w','face':'bottom','x_cm':20,'y_cm':10,'schedule':'always','thermostat':"
                    + "{'item':'thermostat-pulse-100','type':'pulse','setpoint_day_c':25,'setpoint_night_c':20,'probe':'p-cool'}}";
    private static final String HALOGEN =
            "{'id':'spot','item':'halogen-flood-50','type':'point','x_cm':70,'y_cm':36,'z_cm':54,'schedule':'day','guard':'guard-lamp',"
                    + "'thermostat':{'item':'thermostat-dim-300','type':'dimming','setpoint_day_c':24,'setpoint_night_c':18,'probe':'p-land'}}";
    private static final String TUBE =
            "{'id':'uv','item':'uvb-t5-mid-24','type':'tube','axis':'x','x_cm':37,'y_cm':22,'z_cm':46,'schedule':'day','guard':'guard-lamp'}";
    private static final String HEATER =
            "{'id':'heater','item':'water-heater-100w','schedule':'always','guard':'guard-heater','thermostat':"
                    + "{'type':'dimming','setpoint_day_c':21,'setpoint_night_c':21}}";

    static Stream<Case> cases() {
        return Stream.of(
                // ---- control
                says(
                        LIZARD,
                        "no control",
                        d -> part(d, "devices", "flood").remove("thermostat"),
                        "climate.no_thermostat",
                        Severity.STOP,
                        ""),
                still(LIZARD, "as it is", AS_IT_IS, "climate.no_thermostat"),
                says(
                        LIZARD,
                        "a halogen switched",
                        all(List.of(
                                control("flood", "item", "thermostat-onoff-300"), control("flood", "type", "on_off"))),
                        "climate.control",
                        Severity.STOP,
                        "switches"),
                still(LIZARD, "as it is", AS_IT_IS, "climate.control"),
                says(LIZARD, "280 W on 300", set("devices", "flood", "power_w", 280), "power.load", Severity.STOP, ""),
                still(LIZARD, "230 W on 300", set("devices", "flood", "power_w", 230), "power.load"),
                says(
                        LIZARD,
                        "felt at the other end",
                        control("flood", "probe", "p-cool"),
                        "climate.probe.place",
                        Severity.CAUTION,
                        "far"),
                still(LIZARD, "as it is", AS_IT_IS, "climate.probe.place"),
                says(
                        LIZARD,
                        "an air probe in the beam",
                        all(List.of(with("probes", LIT_PROBE), control("flood", "probe", "p-lit"))),
                        "climate.probe.lit",
                        Severity.CAUTION,
                        ""),
                still(LIZARD, "as it is", AS_IT_IS, "climate.probe.lit"),
                says(
                        LIZARD,
                        "55 °C of air",
                        all(List.of(control("flood", "probe", "p-warm"), control("flood", "setpoint_day_c", 55))),
                        "climate.setpoint",
                        Severity.STOP,
                        ""),
                still(LIZARD, "55 °C of stone", control("flood", "setpoint_day_c", 55), "climate.setpoint"),
                // ---- distance
                says(
                        LIZARD,
                        "15 cm over the slab",
                        set("devices", "flood", "z_cm", 46),
                        "climate.distance",
                        Severity.STOP,
                        ""),
                still(LIZARD, "as it is", AS_IT_IS, "climate.distance"),
                says(
                        LIZARD,
                        "4 cm under a lid that burns",
                        set("devices", "flood", "z_cm", 85),
                        "climate.distance",
                        Severity.CAUTION,
                        "lid"),
                says(
                        FROG,
                        "no guard where it climbs",
                        with("devices", HALOGEN.replace("'guard':'guard-lamp',", "")),
                        "climate.guard",
                        Severity.STOP,
                        ""),
                still(FROG, "guarded", with("devices", HALOGEN), "climate.guard"),
                says(
                        LIZARD,
                        "in the slab",
                        set("devices", "flood", "z_cm", 28),
                        "climate.lamp.inside",
                        Severity.STOP,
                        ""),
                still(LIZARD, "as it is", AS_IT_IS, "climate.lamp.inside"),
                says(
                        LIZARD,
                        "half a kilowatt near the slab",
                        all(List.of(
                                set("devices", "flood", "power_w", 500),
                                set("devices", "flood", "z_cm", 55),
                                d -> part(d, "devices", "flood").remove("thermostat"))),
                        "climate.back.irradiance",
                        Severity.CAUTION,
                        ""),
                still(LIZARD, "as it is", AS_IT_IS, "climate.back.irradiance"),
                // ---- ranges and limits
                says(
                        LIZARD,
                        "30 °C of stone",
                        control("flood", "setpoint_day_c", 30),
                        "climate.basking",
                        Severity.CAUTION,
                        "low_winter"),
                says(
                        LIZARD,
                        "60 °C of stone",
                        all(List.of(control("flood", "setpoint_day_c", 60), set("devices", "flood", "power_w", 150))),
                        "climate.basking",
                        Severity.CAUTION,
                        ""),
                still(FROG, "a cool room", room("summer", 21, 18), "climate.cool_air"),
                says(LIZARD, "its room", AS_IT_IS, "climate.cool_air", Severity.CAUTION, "high_summer"),
                says(LIZARD, "a cold night", room("winter", 19, 5), "climate.night", Severity.CAUTION, "low_winter"),
                still(LIZARD, "as it is", AS_IT_IS, "climate.limit.low"),
                says(LIZARD, "frost", room("winter", 19, -6), "climate.limit.low", Severity.STOP, ""),
                still(LIZARD, "as it is", AS_IT_IS, "climate.limit.high"),
                says(LIZARD, "an attic", room("summer", 43, 30), "climate.limit.high", Severity.STOP, ""),
                says(LIZARD, "an attic", room("summer", 43, 30), "room.summer_heat", Severity.STOP, ""),
                still(LIZARD, "as it is", AS_IT_IS, "room.summer_heat"),
                says(
                        FROG,
                        "a spot over frogs",
                        with("devices", HALOGEN),
                        "climate.basking.unwanted",
                        Severity.CAUTION,
                        ""),
                still(FROG, "as it is", AS_IT_IS, "climate.basking.unwanted"),
                says(FROG, "a cold room", room("winter", 11, 9), "climate.water", Severity.CAUTION, "low_winter"),
                still(
                        FROG,
                        "a cold room and a heater",
                        all(List.of(room("winter", 15, 13), room("summer", 21, 18), with("devices", HEATER))),
                        "climate.water"),
                says(
                        LIZARD,
                        "no lamp at all",
                        d -> ((ArrayNode) d.withArray("devices")).removeAll(),
                        "light.dark",
                        Severity.CAUTION,
                        ""),
                still(MILLIPEDE, "as it is", AS_IT_IS, "light.dark"),
                // ---- mats
                says(
                        LIZARD,
                        "a mat under a digger",
                        with("devices", MAT),
                        "climate.heat_under_digger",
                        Severity.STOP,
                        ""),
                says(LIZARD, "a mat under deep ground", with("devices", MAT), "climate.mat.deep", Severity.CAUTION, ""),
                still(MILLIPEDE, "a mat on the wall", AS_IT_IS, "climate.heat_under_digger"),
                still(MILLIPEDE, "a mat on the wall", AS_IT_IS, "climate.mat.deep"),
                still(MILLIPEDE, "a mat on the wall", AS_IT_IS, "climate.mat.share"),
                says(
                        MILLIPEDE,
                        "a mat over half of a wall",
                        d -> part(d, "devices", "side-mat")
                                .put("item", "heat-mat-28w")
                                .put("x_cm", 5)
                                .put("z_cm", 18),
                        "climate.mat.share",
                        Severity.CAUTION,
                        ""),
                // ---- UV
                says(LIZARD, "no tube", without("devices", "uv-tube"), "uv.absent", Severity.STOP, "required"),
                still(LIZARD, "as it is", AS_IT_IS, "uv.absent"),
                still(MILLIPEDE, "no tube", AS_IT_IS, "uv.absent"),
                says(MILLIPEDE, "a tube", with("devices", TUBE), "uv.unwanted", Severity.HINT, ""),
                still(LIZARD, "as it is", AS_IT_IS, "uv.unwanted"),
                says(
                        LIZARD,
                        "the tube above glass",
                        all(List.of(
                                mesh(0),
                                d -> ((ObjectNode) d.path("vessel").path("lid")).put("material", "glass_annealed"),
                                set("devices", "uv-tube", "z_cm", 92))),
                        "uv.glass",
                        Severity.STOP,
                        ""),
                still(LIZARD, "as it is", AS_IT_IS, "uv.glass"),
                says(
                        LIZARD,
                        "the tube at the roof with less UV",
                        all(List.of(
                                set("devices", "uv-tube", "item", "uvb-t5-low-24"),
                                set("devices", "uv-tube", "z_cm", 84))),
                        "uv.low",
                        Severity.CAUTION,
                        ""),
                says(LIZARD, "the tube close", set("devices", "uv-tube", "z_cm", 42), "uv.high", Severity.STOP, ""),
                still(LIZARD, "the tube at the roof", set("devices", "uv-tube", "z_cm", 84), "uv.high"),
                // ---- mist as gear
                says(
                        FROG,
                        "seven nozzles on a pump for four",
                        d -> {
                            for (int i = 0; i < 5; i++) {
                                ((ArrayNode) d.path("air").path("mist").path("nozzles"))
                                        .addObject()
                                        .put("id", "more-" + i)
                                        .put("item", "nozzle-50")
                                        .put("x_cm", 30 + i)
                                        .put("y_cm", 20)
                                        .put("z_cm", 55);
                            }
                        },
                        "air.mist.pump",
                        Severity.STOP,
                        ""),
                still(FROG, "as it is", AS_IT_IS, "air.mist.pump"),
                says(FROG, "an hour of mist a day", mistings(12, 300), "air.mist.tank", Severity.CAUTION, "soon"),
                still(FROG, "as it is", AS_IT_IS, "air.mist.tank"),
                says(FROG, "a hot lamp beside a nozzle", with("devices", HALOGEN), "air.mist.hot", Severity.STOP, ""),
                still(FROG, "as it is", AS_IT_IS, "air.mist.hot"),
                // ---- air over whole days
                day(says(
                        FROG,
                        "no mist and an open lid",
                        all(List.of(d -> d.remove("air"), mesh(1))),
                        "climate.rh.low",
                        Severity.CAUTION,
                        "")),
                day(says(
                        LIZARD,
                        "wet ground under a closed lid",
                        all(List.of(wet(1), mesh(0.02))),
                        "climate.rh.high",
                        Severity.CAUTION,
                        "")),
                day(says(FROG, "a closed lid", mesh(0), "climate.fog", Severity.HINT, "")),
                day(still(LIZARD, "as it is", AS_IT_IS, "climate.fog")),
                day(says(
                        FROG,
                        "mist that only runs through",
                        mistings(6, 200),
                        "climate.mist.drains",
                        Severity.CAUTION,
                        "")),
                day(still(LIZARD, "as it is", AS_IT_IS, "climate.mist.drains")));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("cases")
    void speaksWhereItMust(Case c) {
        Evaluation e = Evaluator.evaluate(design(c), CATALOGUE, c.depth);
        List<Finding> found = e.findings().stream()
                .filter(f -> f.rule().toString().equals(c.rule))
                .toList();
        if (c.severity == null) {
            assertThat(found).allMatch(f -> f.severity() == Severity.GOOD || f.severity() == Severity.HINT);
            return;
        }
        assertThat(found).anySatisfy(f -> {
            assertThat(f.severity()).isEqualTo(c.severity);
            assertThat(f.variant()).startsWith(c.wording);
            // a finding that says no number or no way out is no help
            assertThat(f.remedies()).isNotEmpty();
            assertThat(f.measures()).allSatisfy(m -> assertThat(m.value()).isFinite());
        });
    }

    /** What a rule offers to do at once takes its own finding away. */
    @ParameterizedTest(name = "{0}")
    @MethodSource("mended")
    void aRemedyThatCanBeAppliedMends(Case c) {
        Design before = design(c);
        Finding f = Evaluator.evaluate(before, CATALOGUE, c.depth).findings().stream()
                .filter(x -> x.rule().toString().equals(c.rule) && x.severity() == c.severity)
                .findFirst()
                .orElseThrow();
        Remedy remedy = f.remedies().stream()
                .filter(r -> r.action() instanceof Remedy.Action.Press)
                .findFirst()
                .orElseThrow();
        Design after = Edit.take(remedy, before, new EditContext(CATALOGUE, LocalDate.of(2026, 11, 29)));
        assertThat(Evaluator.evaluate(after, CATALOGUE, c.depth).findings())
                .filteredOn(x -> x.rule().toString().equals(c.rule) && x.place().equals(f.place()))
                .noneMatch(x -> x.severity() == c.severity);
    }

    static Stream<Case> mended() {
        return cases().filter(c -> c.severity != null)
                .filter(c -> List.of(
                                        "climate.no_thermostat",
                                        "climate.control",
                                        "climate.guard",
                                        "climate.lamp.inside",
                                        "climate.heat_under_digger",
                                        "climate.basking.unwanted",
                                        "uv.unwanted",
                                        "uv.glass")
                                .contains(c.rule)
                        || c.rule.equals("climate.distance") && c.severity == Severity.STOP);
    }

    private static Design design(Case c) {
        try {
            ObjectNode d = (ObjectNode) JSON.readTree(
                    Files.readString(Path.of("..", "docs", "examples", c.example + ".json"), StandardCharsets.UTF_8));
            c.change.accept(d);
            Parsed parsed = new DesignReader(CATALOGUE).read(d.toString().getBytes(StandardCharsets.UTF_8));
            assertThat(parsed).as(String.valueOf(parsed)).isInstanceOf(Parsed.Accepted.class);
            return ((Parsed.Accepted) parsed).design();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
