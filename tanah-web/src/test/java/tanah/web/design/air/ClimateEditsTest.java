package tanah.web.design.air;

import static org.assertj.core.api.Assertions.assertThat;
import static tanah.web.design.edit.EditingSupport.FROG;
import static tanah.web.design.edit.EditingSupport.LIZARD;
import static tanah.web.design.edit.EditingSupport.MILLIPEDE;
import static tanah.web.design.edit.EditingSupport.apply;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import tanah.core.design.AirPlan;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.Envelope;
import tanah.core.design.VesselPlan;
import tanah.web.design.edit.EditingSupport;
import tanah.web.design.edit.EditingSupport.Done;
import tanah.web.design.edit.NumberField;
import tanah.web.design.heat.HeatEdits;
import tanah.web.design.heat.HeatFields;

/** Edits of heat and air: what is typed wrong is told beside its field and changes nothing; what is right is taken. */
class ClimateEditsTest {
    private final EditingSupport with = new EditingSupport();
    private final HeatEdits heat = new HeatEdits(with.catalogues, with.names, with.numbers, with.words, with.edits);
    private final AirEdits air = new AirEdits(
            new LidEdits(with.catalogues, with.numbers, with.edits, with.words),
            new WallEdits(with.numbers, with.edits, with.words),
            new PaneEdits(with.numbers, with.edits, with.words),
            new MistEdits(with.catalogues, with.numbers, with.edits, with.words));

    private Done heat(Design design, String op, String part, String value) {
        return apply(heat::apply, design, op, part, value, "");
    }

    private Done air(Design design, String op, String part, String value) {
        return apply(air::apply, design, op, part, value, "");
    }

    // ---- numbers
    static Stream<Arguments> heatNumbers() {
        List<Arguments> all = new ArrayList<>();
        for (NumberField f : HeatFields.ALL) {
            boolean mat =
                    List.of("lamp-from", "lamp-to", "lamp-low", "lamp-high").contains(f.op());
            all.add(Arguments.of(f, mat ? MILLIPEDE : LIZARD, mat ? "side-mat" : "flood"));
        }
        return all.stream();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("heatNumbers")
    void aWrongNumberOfALampChangesNothing(NumberField field, Design design, String part) {
        for (String wrong : List.of("abc", "-7", "1e9", "12 furlongs", field.needed() ? "" : "--")) {
            Done done = heat(design, field.op(), part, wrong);
            assertThat(done.errors().all()).as(wrong).containsOnlyKeys(field.op() + "-" + part);
            assertThat(done.design()).isSameAs(design);
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("heatNumbers")
    void aNumberOfALampIsTakenAndReadBack(NumberField field, Design design, String part) {
        double value = field.min() + 0.3 * (Math.min(field.max(), field.min() + 1) - field.min());
        if (field.kind() == tanah.web.forms.Quantity.Kind.TEMPERATURE) {
            value = 31;
        } else if (field.shown() == tanah.core.units.Unit.HOUR) {
            value = 6 * 3600;
        }
        Done done = heat(design, field.op(), part, field.show(value));
        assertThat(done.errors().isEmpty())
                .as(field.op() + " " + field.show(value))
                .isTrue();
        Device changed = done.design().device(part).orElseThrow();
        OptionalDouble stored = HeatFields.get(field, changed);
        assertThat(field.show(stored.orElseThrow())).isEqualTo(field.show(value));
        assertThat(done.design()).isNotEqualTo(design);
        assertThat(done.outcome().summary()).isNotBlank();
        assertThat(done.outcome().part()).isEqualTo(part);
        // the same again is no edit
        Done again = heat(done.design(), field.op(), part, field.show(value));
        assertThat(again.design()).isSameAs(done.design());
        assertThat(again.outcome().summary()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "photoperiod, 25",
        "photoperiod, noon",
        "photoperiod, -1",
        "photoperiod, ''",
        "day-start, 24",
        "day-start, x"
    })
    void theLampsDayHasTwentyFourHours(String op, String wrong) {
        Done done = heat(LIZARD, op, HeatEdits.DAY, wrong);
        assertThat(done.errors().all()).containsOnlyKeys(op + "-day");
        assertThat(done.design()).isSameAs(LIZARD);
    }

    @Test
    void lengthsAndTemperaturesComeInOtherUnits() {
        Done inches = heat(LIZARD, "lamp-z", "flood", "30 in");
        assertThat(inches.design().device("flood").orElseThrow().at().z().orElseThrow())
                .isEqualTo(0.762, org.assertj.core.api.Assertions.within(1e-9));
        Done fahrenheit = heat(LIZARD, "lamp-set-day", "flood", "104 °F");
        assertThat(fahrenheit
                        .design()
                        .device("flood")
                        .orElseThrow()
                        .thermostat()
                        .orElseThrow()
                        .day()
                        .orElseThrow())
                .isEqualTo(40, org.assertj.core.api.Assertions.within(1e-9));
        Done comma = heat(LIZARD, "lamp-x", "flood", "80,5");
        assertThat(comma.errors().isEmpty()).isTrue();
    }

    // ---- choices of heat
    @ParameterizedTest
    @CsvSource({
        "lamp-item, no-such-lamp",
        "lamp-item, heat-mat-14w",
        "lamp-schedule, sometimes",
        "lamp-control, magic",
        "lamp-probe, nowhere",
        "lamp-face, lid",
        "lamp-face, inside-out"
    })
    void anUnknownChoiceIsToldBesideItsField(String op, String value) {
        Done done = heat(LIZARD, op, "flood", value);
        assertThat(done.errors().all()).containsOnlyKeys(op + "-flood");
        assertThat(done.design()).isSameAs(LIZARD);
    }

    @Test
    void aLampIsChangedMovedSwitchedAndTakenOut() {
        Design other = heat(LIZARD, "lamp-item", "flood", "halogen-flood-100").design();
        assertThat(other.device("flood").orElseThrow().item()).isEqualTo("halogen-flood-100");
        Design night = heat(other, "lamp-schedule", "flood", "night").design();
        assertThat(night.device("flood").orElseThrow().running().when())
                .isNotEqualTo(other.device("flood").orElseThrow().running().when());
        Design free = heat(night, "lamp-control", "flood", "").design();
        assertThat(free.device("flood").orElseThrow().thermostat()).isEmpty();
        Design bare = heat(free, "lamp-guard", "flood", "false").design();
        assertThat(bare.device("flood").orElseThrow().guard()).isEmpty();
        Design gone = heat(bare, "remove", "flood", "").design();
        assertThat(gone.device("flood")).isEmpty();
        assertThat(gone.devices()).hasSize(LIZARD.devices().size() - 1);
    }

    /** A drag never leaves the box; a lamp may hang above it. */
    @ParameterizedTest
    @CsvSource({"move, 500 cm, 500 cm", "move, -3 cm, -3 cm", "lift, 50 cm, 900 cm", "lift, 50 cm, -20 cm"})
    void aDraggedLampStays(String op, String x, String other) {
        Done done = apply(heat::apply, LIZARD, op, "flood", x, other);
        Device.Spot at = done.design().device("flood").orElseThrow().at();
        assertThat(at.x().orElseThrow()).isBetween(0.0, 1.174 + 1e-9);
        assertThat(at.y().orElseThrow()).isBetween(0.0, 0.574 + 1e-9);
        assertThat(at.z().orElseThrow()).isBetween(0.0, 0.887 + 1);
    }

    @ParameterizedTest
    @CsvSource({"heat-lamp-of-nobody", "''", "flood"})
    void onlyWhatHeatsOrShinesIsAdded(String item) {
        Done done = heat(LIZARD, "add", "", item);
        assertThat(done.errors().all()).containsOnlyKeys("add");
        assertThat(done.design()).isSameAs(LIZARD);
    }

    @Test
    void whatIsGoneIsTold() {
        assertThat(heat(LIZARD, "lamp-x", "never-there", "5").errors().all()).containsOnlyKeys("form");
        assertThat(heat(FROG, "lamp-x", "pump", "5").errors().all()).containsOnlyKeys("form");
        assertThat(heat(LIZARD, "no-such-edit", "flood", "5").errors().all()).containsOnlyKeys("form");
        assertThat(air(FROG, "nozzle-x", "nozzle-of-nobody", "5").errors().all())
                .containsOnlyKeys("form");
        assertThat(air(FROG, "event-hour", "event-77", "5").errors().all()).containsOnlyKeys("form");
        assertThat(air(FROG, "event-hour", "event-9999999999", "5").errors().all())
                .containsOnlyKeys("form");
        assertThat(air(Design.named("empty"), "lid-mesh", "lid", "5").errors().all())
                .containsOnlyKeys("form");
    }

    // ---- air
    static Stream<Arguments> airNumbers() {
        List<Arguments> all = new ArrayList<>();
        AirFields.LID.forEach(f -> all.add(Arguments.of(f, "lid")));
        AirFields.vents(Envelope.Face.LEFT).forEach(f -> all.add(Arguments.of(f, "vent-left")));
        all.add(Arguments.of(AirFields.SHEET_THICK, "sheet-back"));
        AirFields.NOZZLE.forEach(f -> all.add(Arguments.of(f, "nozzle-l")));
        AirFields.EVENT.forEach(f -> all.add(Arguments.of(f, "event-1")));
        AirFields.FAN.forEach(f -> all.add(Arguments.of(f, "fan")));
        return all.stream();
    }

    private Design aired() {
        Design vented = air(FROG, "add", "", "vent:left").design();
        return air(vented, "add", "", "sheet:back").design();
    }

    @ParameterizedTest(name = "{0} of {1}")
    @MethodSource("airNumbers")
    void aWrongNumberOfTheAirChangesNothing(NumberField field, String part) {
        Design design = aired();
        for (String wrong : List.of("abc", "-7", "1e9", field.needed() ? "" : "--")) {
            Done done = air(design, field.op(), part, wrong);
            assertThat(done.errors().all()).as(wrong).containsOnlyKeys(field.op() + "-" + part);
            assertThat(done.design()).isSameAs(design);
        }
    }

    @ParameterizedTest(name = "{0} of {1}")
    @MethodSource("airNumbers")
    void aNumberOfTheAirIsTaken(NumberField field, String part) {
        Design design = aired();
        double value = field.min()
                + 0.37 * (Math.min(field.max(), field.min() + (field.max() > 100 ? 100 : 0.5)) - field.min());
        Done done = air(design, field.op(), part, field.show(value));
        assertThat(done.errors().isEmpty()).as(field.show(value)).isTrue();
        assertThat(done.design()).isNotEqualTo(design);
        // everything that the edit is not about stays
        assertThat(done.design()
                        .withAir(design.air())
                        .withVessel(design.vessel().orElseThrow()))
                .isEqualTo(design);
    }

    @ParameterizedTest
    @CsvSource({"vent:bottom", "vent:nowhere", "sheet:nowhere", "nozzle:none", "nozzle:mist-pump-4", "oven:5", "''"})
    void onlyWhatFitsIsAddedToTheAir(String what) {
        Done done = air(FROG, "add", "", what);
        assertThat(done.errors().all()).containsOnlyKeys("add");
        assertThat(done.design()).isSameAs(FROG);
    }

    @ParameterizedTest
    @CsvSource({"vent:lid, LID", "vent:front, FRONT", "vent:back, BACK"})
    void anOpeningIsAddedWhereItIsAsked(String what, Envelope.Face face) {
        Done done = air(FROG, "add", "", what);
        assertThat(done.errors().isEmpty()).isTrue();
        List<Envelope.Vent> before = FROG.vessel().orElseThrow().envelope().vents();
        List<Envelope.Vent> after =
                done.design().vessel().orElseThrow().envelope().vents();
        assertThat(after).hasSize(before.size() + 1);
        assertThat(after.get(after.size() - 1).face()).isEqualTo(face);
    }

    @Test
    void partsOfTheAirAreAddedOnlyUntilThereAreMany() {
        Design design = FROG;
        Done done = null;
        for (int i = 0; i < 60; i++) {
            done = air(design, "add", "", "event");
            design = done.design();
        }
        assertThat(done.errors().all()).containsOnlyKeys("add");
        assertThat(design.air().flatMap(AirPlan::mist).orElseThrow().events()).hasSizeLessThan(30);
    }

    @Test
    void theFirstNozzleBringsAMisting() {
        Design made = air(MILLIPEDE, "add", "", "nozzle:nozzle-65").design();
        AirPlan.Mist mist = made.air().flatMap(AirPlan::mist).orElseThrow();
        assertThat(mist.nozzles()).hasSize(1);
        assertThat(mist.events()).hasSize(1);
        Design gone = air(made, "remove", mist.nozzles().get(0).id(), "").design();
        assertThat(gone.air().flatMap(AirPlan::mist).orElseThrow().nozzles()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "lid-side, lid, above",
        "lid-item, lid, no-such-mesh",
        "sheet-material, sheet-back, gold",
        "mist-pump, mist, pump-400",
        "nozzle-item, nozzle-l, spoon"
    })
    void anUnknownChoiceOfTheAirChangesNothing(String op, String part, String value) {
        Design design = aired();
        Done done = air(design, op, part, value);
        assertThat(done.errors().isEmpty()).isFalse();
        assertThat(done.design()).isSameAs(design);
    }

    @Test
    void theLidTakesItsMeshAndItsSide() {
        Design half = air(FROG, "lid-mesh", "lid", "50").design();
        VesselPlan.Lid lid = half.vessel().flatMap(VesselPlan::lid).orElseThrow();
        assertThat(lid.meshFraction().orElseThrow()).isEqualTo(0.5);
        Design left = air(half, "lid-side", "lid", "left").design();
        assertThat(left.vessel()
                        .flatMap(VesselPlan::lid)
                        .orElseThrow()
                        .mesh()
                        .side()
                        .orElseThrow()
                        .word())
                .isEqualTo("left");
        assertThat(air(left, "lid-mesh", "lid", "150").errors().all()).containsOnlyKeys("lid-mesh-lid");
    }
}
