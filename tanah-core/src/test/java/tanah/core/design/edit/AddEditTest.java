package tanah.core.design.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.Envelope;
import tanah.core.design.Layer;
import tanah.core.design.WaterFeature;
import tanah.core.testing.TestDesigns;
import tanah.core.testing.TestMedia;

/** New things: why one is refused, and that a refused one changes nothing. */
class AddEditTest {
    private static final LocalDate DAY = LocalDate.of(2026, 3, 1);
    private static final Design NONE = Design.named("empty");
    private static final Design BOX = TestDesigns.box(0.9, 0.45, 0.5, TestDesigns.soil("sandy_loam", 0.1));

    /** Says for everything that the plan is then called by what was asked. */
    private static final Proposals NAMING = new Proposals() {
        @Override
        public Optional<Design> lamp(Design design, String item) {
            return Optional.of(Design.named("lamp " + item));
        }

        @Override
        public Optional<Design> waterDevice(Design design, String item) {
            return Optional.of(Design.named("device " + item));
        }

        @Override
        public Optional<Design> feature(Design design, WaterFeature.Kind kind) {
            return Optional.of(Design.named("feature " + kind));
        }

        @Override
        public Optional<Design> piece(Design design, NewPiece piece) {
            return Optional.of(Design.named("piece " + piece.media()));
        }

        @Override
        public Optional<Design> water(Design design) {
            return Optional.of(Design.named("water"));
        }

        @Override
        public Optional<Design> pool(Design design) {
            return Optional.of(Design.named("pool"));
        }

        @Override
        public Optional<Design> islet(Design design) {
            return Optional.of(Design.named("islet"));
        }

        @Override
        public Optional<Design> ramp(Design design) {
            return Optional.of(Design.named("ramp"));
        }
    };

    private static final EditContext GIVING = new EditContext(TestMedia.catalogue(), DAY, NAMING);
    private static final EditContext FULL = new EditContext(TestMedia.catalogue(), DAY);

    private static final Design WET = BOX.withWater(Optional.of(tanah.core.design.WaterPart.upTo(0.1)));

    static Stream<Arguments> edits() {
        Proposals.NewPiece piece = Proposals.NewPiece.of("granite");
        return Stream.of(
                Arguments.of(new AddEdit.AddLamp("x"), BOX, "lamp x", Refusal.VESSEL_FIRST, Refusal.UNKNOWN_ITEM),
                Arguments.of(
                        new AddEdit.AddWaterDevice("x"), WET, "device x", Refusal.WATER_FIRST, Refusal.UNKNOWN_ITEM),
                Arguments.of(
                        new AddEdit.AddFeature(WaterFeature.Kind.FALL),
                        WET,
                        "feature FALL",
                        Refusal.WATER_FIRST,
                        Refusal.WATER_FIRST),
                Arguments.of(
                        new AddEdit.AddPiece(piece),
                        BOX,
                        "piece granite",
                        Refusal.VESSEL_FIRST,
                        Refusal.UNKNOWN_MEDIUM),
                Arguments.of(new AddEdit.MakeWater(), BOX, "water", Refusal.VESSEL_FIRST, Refusal.VESSEL_FIRST),
                Arguments.of(new AddEdit.AddPool(), WET, "pool", Refusal.VESSEL_FIRST, Refusal.POOL_NONE),
                Arguments.of(new AddEdit.AddIslet(), WET, "islet", Refusal.VESSEL_FIRST, Refusal.ISLET_SMALL),
                Arguments.of(new AddEdit.AddRamp(), WET, "ramp", Refusal.WATER_FIRST, Refusal.WATER_FIRST));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("edits")
    void whatFitsIsMadeAndWhatDoesNotIsRefused(
            AddEdit edit, Design plan, String made, Refusal without, Refusal noPlace) {
        assertThat(edit.refused(plan, GIVING)).isEmpty();
        assertThat(edit.apply(plan, GIVING).name()).isEqualTo(made);
        assertThat(edit.refused(NONE, GIVING)).contains(without);
        assertThat(edit.apply(NONE, GIVING)).isSameAs(NONE);
        assertThat(edit.refused(plan, FULL)).contains(noPlace);
        assertThat(edit.apply(plan, FULL)).isSameAs(plan);
    }

    @Test
    void waterIsMadeOnce() {
        AddEdit edit = new AddEdit.MakeWater();
        assertThat(edit.refused(WET, GIVING)).isEmpty();
        assertThat(edit.apply(WET, GIVING)).isSameAs(WET);
    }

    // ---- how much a plan holds: one below, at the limit, one beyond
    @ParameterizedTest
    @CsvSource({"38, false", "39, false", "40, true", "41, true"})
    void aPlanHoldsFortyDevices(int there, boolean full) {
        List<Device> all = new ArrayList<>();
        for (int i = 0; i < there; i++) {
            all.add(Device.of("d" + i, "x", Device.Spot.NOWHERE));
        }
        assertThat(new AddEdit.AddLamp("x").refused(BOX.withDevices(all), GIVING))
                .isEqualTo(full ? Optional.of(Refusal.DEVICES_MANY) : Optional.empty());
        assertThat(new AddEdit.AddWaterDevice("x").refused(WET.withDevices(all), GIVING))
                .isEqualTo(full ? Optional.of(Refusal.DEVICES_MANY) : Optional.empty());
    }

    @ParameterizedTest
    @CsvSource({"39, false", "40, true", "41, true"})
    void aPlanHoldsFortyLayers(int there, boolean full) {
        Layer[] all = new Layer[there];
        for (int i = 0; i < there; i++) {
            all[i] = TestDesigns.layer(
                    "l" + i, Layer.Kind.SUBSTRATE, "sandy_loam", new tanah.core.design.Surface.Thickness(0.001));
        }
        Edit edit = new GroundEdit.AddLayer(TestDesigns.soil("sandy_loam", 0.01));
        assertThat(edit.refused(TestDesigns.box(0.9, 0.45, 0.5, all), FULL))
                .isEqualTo(full ? Optional.of(Refusal.LAYERS_MANY) : Optional.empty());
    }

    @ParameterizedTest
    @CsvSource({"22, false", "23, false", "24, true"})
    void openingsSheetsNozzlesAndMistingsCountTogether(int there, boolean full) {
        Design design = BOX;
        for (int i = 0; i < there; i++) {
            Edit edit = i % 3 == 0
                    ? new MistEdit.AddMisting()
                    : i % 3 == 1 ? new WallEdit.AddVent(Envelope.Face.LEFT) : new WallEdit.AddSheet(Envelope.Face.BACK);
            design = edit.apply(design, FULL);
        }
        Optional<Refusal> expected = full ? Optional.of(Refusal.OPENINGS_MANY) : Optional.empty();
        for (Edit edit : List.of(
                new MistEdit.AddMisting(),
                new MistEdit.AddNozzle("x"),
                new WallEdit.AddVent(Envelope.Face.LEFT),
                new WallEdit.AddSheet(Envelope.Face.BACK))) {
            assertThat(edit.refused(design, FULL)).as(edit.toString()).isEqualTo(expected);
            assertThat(edit.refused(NONE, FULL)).contains(Refusal.VESSEL_FIRST);
        }
    }

    @Test
    void aRefusalSaysHowMany() {
        assertThat(Refusal.PIECES_MANY.most()).isEqualTo(80);
        assertThat(Refusal.RAMPS_MANY.most()).isEqualTo(12);
        assertThat(Refusal.ISLET_SMALL.most()).isZero();
        for (Refusal r : Refusal.values()) {
            assertThat(r.word()).isNotBlank();
        }
    }

    @Test
    void mostChangesAreNeverRefused() {
        assertThat(new PieceEdit.Remove("x").refused(BOX, FULL)).isEmpty();
        assertThat(new DeviceEdit.RemoveDevice("x").refused(NONE, FULL)).isEmpty();
    }
}
