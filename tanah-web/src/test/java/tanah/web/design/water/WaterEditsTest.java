package tanah.web.design.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static tanah.web.design.edit.EditingSupport.CATALOGUE;
import static tanah.web.design.edit.EditingSupport.EMPTY;
import static tanah.web.design.edit.EditingSupport.FROG;
import static tanah.web.design.edit.EditingSupport.MILLIPEDE;
import static tanah.web.design.edit.EditingSupport.WRONG;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import tanah.core.design.Boxes;
import tanah.core.design.Dam;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.Ramp;
import tanah.core.design.WaterFeature;
import tanah.core.vessel.Vessel;
import tanah.web.design.edit.EditingSupport;
import tanah.web.design.edit.EditingSupport.Done;
import tanah.web.design.edit.NumberField;

/** Edits of water, walls, ramps, pumps and running water. */
class WaterEditsTest {
    private static final String DAM = FROG.ground().dams().get(0).id();
    private static final String RAMP = FROG.water().orElseThrow().ramps().get(0).id();
    private static final String PUMP = device("pump");
    private static final String FEATURE =
            FROG.water().orElseThrow().features().get(0).id();

    private final EditingSupport with = new EditingSupport();
    private final WaterEdits edits = new WaterEdits(
            with.catalogues,
            new DamEdits(with.catalogues, with.numbers, with.names, with.words, with.edits),
            new DeviceEdits(with.catalogues, with.names, with.numbers, with.words, with.edits),
            with.numbers,
            with.names,
            with.words,
            with.edits);

    private static String device(String like) {
        return FROG.devices().stream()
                .map(Device::id)
                .filter(d -> d.contains(like))
                .findFirst()
                .orElseThrow();
    }

    private Done apply(Design design, String op, String part, String value, String other) {
        return EditingSupport.apply(edits::apply, design, op, part, value, other);
    }

    private Done apply(Design design, String op, String part, String value) {
        return apply(design, op, part, value, "");
    }

    private static Dam dam(Design design) {
        return design.ground().dams().stream()
                .filter(d -> d.id().equals(DAM))
                .findFirst()
                .orElseThrow();
    }

    private static Ramp ramp(Design design, String id) {
        return design.water().orElseThrow().ramps().stream()
                .filter(r -> r.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static WaterFeature feature(Design design, String id) {
        return design.water().orElseThrow().features().stream()
                .filter(f -> f.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static Vessel box(Design design) {
        return Boxes.resolve(design.vessel().orElseThrow(), CATALOGUE);
    }

    // ---- numbers
    static Stream<Arguments> numbers() {
        List<Arguments> all = new ArrayList<>();
        WaterFields.BODY.forEach(f -> all.add(Arguments.of(f, WaterEdits.BODY)));
        WaterFields.TAP.forEach(f -> all.add(Arguments.of(f, WaterEdits.TAP)));
        WaterFields.CHANGES.forEach(f -> all.add(Arguments.of(f, WaterEdits.CHANGES)));
        WaterFields.DAM.forEach(f -> all.add(Arguments.of(f, DAM)));
        WaterFields.RAMP.forEach(f -> all.add(Arguments.of(f, RAMP)));
        DeviceFields.ALL.forEach(f -> all.add(Arguments.of(f, PUMP)));
        DeviceFields.FEATURE.forEach(f -> all.add(Arguments.of(f, FEATURE)));
        return all.stream();
    }

    @ParameterizedTest(name = "{0} of {1}")
    @MethodSource("numbers")
    void aWrongNumberIsToldBesideItsField(NumberField field, String part) {
        for (String wrong : WRONG) {
            apply(FROG, field.op(), part, wrong).refusedAt(field.op() + "-" + part);
        }
        if (field.needed()) {
            apply(FROG, field.op(), part, "").refusedAt(field.op() + "-" + part);
        }
    }

    @ParameterizedTest(name = "{0} of {1}")
    @MethodSource("numbers")
    void theEndsOfARangeAreTakenAndWhatLiesBeyondIsNot(NumberField field, String part) {
        Done over = apply(FROG, field.op(), part, field.show(field.max() * 1.02 + 0.01));
        over.refusedAt(field.op() + "-" + part);
        String half = field.show(field.min() * 0.4);
        if (field.min() > 0 && !half.equals(field.show(field.min()))) {
            apply(FROG, field.op(), part, half).refusedAt(field.op() + "-" + part);
        }
    }

    @ParameterizedTest(name = "{0} of {1}")
    @MethodSource("numbers")
    void whatANumberIsNotAboutStays(NumberField field, String part) {
        double value = field.min() + 0.2 * (Math.min(field.max(), field.min() + 0.2) - field.min());
        Done done = apply(FROG, field.op(), part, field.show(value));
        Design back = done.design()
                .withGround(FROG.ground())
                .withDevices(FROG.devices())
                .withWater(FROG.water());
        assertThat(back).isEqualTo(FROG);
    }

    // ---- the water itself
    @Test
    void waterIsMadeOnceAndDrained() {
        Design made = apply(MILLIPEDE, "make", "", "").taken().design();
        assertThat(made.water()).isPresent();
        apply(made, "make", "", "").idle();
        Design drained = apply(made, "drain", WaterEdits.BODY, "").taken().design();
        assertThat(drained.water()).isEmpty();
        Done none = apply(EMPTY, "make", "", "").refusedAt("form");
        assertThat(none.wording("form")).isEqualTo("error.vessel.first");
        Done gone = apply(MILLIPEDE, "level", WaterEdits.BODY, "5").refusedAt("form");
        assertThat(gone.wording("form")).isEqualTo("error.part.gone");
    }

    @Test
    void theLevelIsTakenInTheUnitThatIsTyped() {
        Design made = apply(FROG, "level", WaterEdits.BODY, "4 in").taken().design();
        assertThat(WaterFields.number(WaterFields.LEVEL)
                        .of(made.water().orElseThrow())
                        .orElseThrow())
                .isCloseTo(0.1016, within(1e-9));
        Design warm = apply(FROG, "temperature", WaterEdits.BODY, "75 °F").design();
        assertThat(WaterFields.number(WaterFields.TEMPERATURE)
                        .of(warm.water().orElseThrow())
                        .orElseThrow())
                .isCloseTo(23.89, within(0.01));
    }

    @Test
    void whatTheTapHoldsIsATick() {
        boolean binds = FROG.water()
                .orElseThrow()
                .equals(apply(FROG, "chloramine", WaterEdits.TAP, "true")
                        .design()
                        .water()
                        .orElseThrow());
        Done other = apply(FROG, "chloramine", WaterEdits.TAP, String.valueOf(!binds));
        assertThat(other.errors().isEmpty()).isTrue();
        assertThat(apply(other.design(), "wicking", WaterEdits.BODY, "true")
                        .errors()
                        .isEmpty())
                .isTrue();
    }

    // ---- ramps
    @Test
    void aRampLeadsUp() {
        Ramp ramp = ramp(FROG, RAMP);
        String below = String.valueOf(100 * ramp.foot() - 0.5);
        if (ramp.foot() > 0.015) {
            Done upside = apply(FROG, "ramp-top", RAMP, below).refusedAt("ramp-top-" + RAMP);
            assertThat(upside.wording("ramp-top-" + RAMP)).isEqualTo("error.ramp.upside");
        }
        String above = String.valueOf(100 * ramp.top() + 0.5);
        Done upside = apply(FROG, "ramp-foot", RAMP, above).refusedAt("ramp-foot-" + RAMP);
        assertThat(upside.wording("ramp-foot-" + RAMP)).isEqualTo("error.ramp.upside");
    }

    @Test
    void rampsEndAtTwelve() {
        Design design = FROG;
        Done done = null;
        for (int i = 0; i < 20; i++) {
            done = apply(design, "add-ramp", WaterEdits.BODY, "");
            design = done.design();
        }
        assertThat(design.water().orElseThrow().ramps()).hasSize(12);
        assertThat(done.refusedAt("form").wording("form")).isEqualTo("error.ramps.many");
        Design one = apply(design, "ramp-remove", RAMP, "").taken().design();
        assertThat(one.water().orElseThrow().ramps()).hasSize(11);
    }

    @Test
    void aRampIsRoughened() {
        boolean rough =
                ramp(apply(FROG, "ramp-rough", RAMP, "true").design(), RAMP).isRough();
        assertThat(rough).isTrue();
        assertThat(ramp(apply(FROG, "ramp-rough", RAMP, "false").design(), RAMP).isRough())
                .isFalse();
        apply(FROG, "ramp-sing", RAMP, "").refusedAt("form");
        apply(FROG, "ramp-top", "ramp-of-nobody", "5").refusedAt("form");
    }

    // ---- walls
    @ParameterizedTest
    @CsvSource({"500 cm, 500 cm", "-50 cm, -50 cm", "0 cm, 0 cm"})
    void aWallThatIsDraggedStaysInTheBox(String x, String y) {
        Design moved = apply(FROG, "dam-move", DAM, x, y).design();
        dam(moved).region().outline().corners().forEach(p -> {
            assertThat(p.x()).isBetween(-1e-9, box(FROG).length() + 1e-9);
            assertThat(p.y()).isBetween(-1e-9, box(FROG).width() + 1e-9);
        });
        apply(FROG, "dam-move", DAM, "here", "there").refusedAt("form");
        apply(FROG, "dam-move", DAM, "5 cm", "").refusedAt("form");
    }

    @Test
    void aWallIsMadeOfWhatWallsAreMadeOf() {
        apply(FROG, "dam-kind", DAM, "cheese").refusedAt("dam-kind-" + DAM);
        for (String kind : tanah.core.design.edit.DamEdit.KINDS) {
            Design made = apply(FROG, "dam-kind", DAM, kind).design();
            assertThat(dam(made).kind()).isEqualTo(kind);
        }
        Design none = apply(FROG, "remove", DAM, "").taken().design();
        assertThat(none.ground().dams()).isEmpty();
        apply(FROG, "dam-top", "wall-of-nobody", "5").refusedAt("form");
        apply(FROG, "dam-dance", DAM, "").refusedAt("form");
    }

    @Test
    void aSealIsPutOnlyWhereItHolds() {
        for (String kind : tanah.core.design.edit.DamEdit.KINDS) {
            Design made = apply(FROG, "dam-kind", DAM, kind).design();
            Design sealed = apply(made, "dam-seal", DAM, "true").design();
            if (!dam(made).canSeal()) {
                assertThat(dam(sealed).isWatertight())
                        .as(kind)
                        .isEqualTo(dam(made).isWatertight());
            } else {
                assertThat(dam(sealed).isWatertight()).as(kind).isTrue();
                assertThat(dam(apply(sealed, "dam-seal", DAM, "false").design()).isWatertight())
                        .as(kind)
                        .isFalse();
            }
        }
    }

    // ---- pumps, filters, heaters
    @ParameterizedTest
    @ValueSource(strings = {"", "halogen-flood-100", "feature:geyser", "nothing"})
    void onlyWhatBelongsInWaterIsPutThere(String what) {
        apply(FROG, "add", "", what).refusedAt("add");
    }

    @ParameterizedTest
    @ValueSource(strings = {"feature:stream", "feature:fall", "feature:drip_wall"})
    void waterIsMadeToRun(String what) {
        Done done = apply(FROG, "add", "", what).taken();
        WaterFeature made = feature(done.design(), done.outcome().part());
        assertThat("feature:" + made.kind().word()).isEqualTo(what);
        Done dry = apply(MILLIPEDE, "add", "", what).refusedAt("form");
        assertThat(dry.wording("form")).isEqualTo("error.part.gone");
    }

    @Test
    void aPumpIsExchangedOnlyForItsKind() {
        apply(FROG, "device-item", PUMP, "halogen-flood-100").refusedAt("device-item-" + PUMP);
        apply(FROG, "device-item", PUMP, "").refusedAt("device-item-" + PUMP);
        apply(FROG, "device-x", "pump-of-nobody", "5").refusedAt("form");
        apply(FROG, "device-dance", PUMP, "").refusedAt("form");
    }

    @ParameterizedTest
    @CsvSource({"move, 500 cm, 500 cm", "move, -3 cm, -3 cm", "lift, 50 cm, 900 cm", "lift, 50 cm, -20 cm"})
    void aPumpThatIsDraggedStaysInTheBox(String op, String x, String other) {
        Done done = apply(FROG, op, PUMP, x, other);
        Device.Spot at = done.design().device(PUMP).orElseThrow().at();
        assertThat(at.x().orElse(0)).isBetween(0.0, box(FROG).length());
        assertThat(at.y().orElse(0)).isBetween(0.0, box(FROG).width());
        assertThat(at.z().orElse(0)).isBetween(0.0, box(FROG).height());
        apply(FROG, op, PUMP, "x", "y").refusedAt("form");
    }

    @Test
    void aPumpThatGoesLeavesNothingFed() {
        Design gone = apply(FROG, "device-remove", PUMP, "").taken().design();
        assertThat(gone.device(PUMP)).isEmpty();
        assertThat(gone.water().orElseThrow().features().stream()
                        .noneMatch(f -> f.pump().filter(PUMP::equals).isPresent()))
                .isTrue();
    }

    @Test
    void runningWaterIsFedByAPumpOrByNothing() {
        Done none = apply(FROG, "feature-pump", FEATURE, "");
        assertThat(none.errors().isEmpty()).isTrue();
        assertThat(feature(none.design(), FEATURE).pump()).isEmpty();
        Design fed = apply(none.design(), "feature-pump", FEATURE, PUMP).taken().design();
        assertThat(feature(fed, FEATURE).pump()).contains(PUMP);
        apply(FROG, "feature-pump", FEATURE, "lamp").refusedAt("feature-pump-" + FEATURE);
        apply(FROG, "feature-face", FEATURE, "lid").refusedAt("feature-face-" + FEATURE);
        apply(FROG, "feature-dance", FEATURE, "").refusedAt("form");
        apply(FROG, "feature-flow", "stream-of-nobody", "5").refusedAt("form");
        Design out = apply(FROG, "feature-remove", FEATURE, "").taken().design();
        assertThat(out.water().orElseThrow().features())
                .hasSize(FROG.water().orElseThrow().features().size() - 1);
    }

    @Test
    void thereIsAnEndToDevices() {
        Design design = FROG;
        Done done = null;
        for (int i = 0; i < 45; i++) {
            done = apply(design, "add", "", FROG.device(PUMP).orElseThrow().item());
            design = done.design();
        }
        assertThat(design.devices()).hasSize(40);
        assertThat(done.refusedAt("add").wording("add")).isEqualTo("error.devices.many");
    }

    @Test
    void aValveAndAGuardAreFittedAndTakenOff() {
        Design valve = apply(FROG, "device-valve", PUMP, "true").design();
        Design open = apply(valve, "device-valve", PUMP, "false").taken().design();
        assertThat(open).isNotEqualTo(valve);
        Design bare = apply(FROG, "device-guard", PUMP, "false").design();
        assertThat(bare.device(PUMP).orElseThrow().guard()).isEmpty();
        Design guarded = apply(bare, "device-guard", PUMP, "true").taken().design();
        assertThat(guarded.device(PUMP).orElseThrow().guard()).isPresent();
    }

    @Test
    void poolsAndIsletsNeedTheirRoom() {
        Done islet = apply(FROG, "add-islet", WaterEdits.BODY, "");
        Done pool = apply(FROG, "add-pool", WaterEdits.BODY, "");
        for (Done done : List.of(islet, pool)) {
            if (done.errors().isEmpty()) {
                done.taken();
            } else {
                done.refusedAt("form");
            }
        }
        Design shallow = apply(FROG, "level", WaterEdits.BODY, "0.5").design();
        Done none = apply(shallow, "add-islet", WaterEdits.BODY, "").refusedAt("form");
        assertThat(none.wording("form")).isEqualTo("error.islet.small");
    }
}
