package tanah.core.design.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import tanah.core.design.Design;
import tanah.core.design.Envelope;
import tanah.core.testing.TestMedia;

/** Limits of the numbers that a keeper can give: what lies beyond is refused by the change itself, whoever makes it. */
class EditNumberTest {
    private static final EditContext CONTEXT = new EditContext(TestMedia.catalogue(), LocalDate.of(2026, 3, 1));
    private static final Design PLAN = Design.named("x");

    static Stream<EditNumber> numbers() {
        List<EditNumber> all = new ArrayList<>();
        all.addAll(List.of(AirNumber.values()));
        all.addAll(List.of(DamNumber.values()));
        all.addAll(List.of(DayNumber.values()));
        all.addAll(List.of(DeviceNumber.values()));
        all.addAll(List.of(FeatureNumber.values()));
        all.addAll(List.of(GroundNumber.values()));
        all.addAll(List.of(MistNumber.values()));
        all.addAll(List.of(NozzleNumber.values()));
        all.addAll(List.of(PaneNumber.values()));
        all.addAll(List.of(PieceNumber.values()));
        all.addAll(List.of(RampNumber.values()));
        all.addAll(List.of(RectNumber.values()));
        all.addAll(List.of(SheetNumber.values()));
        all.addAll(List.of(VentNumber.values()));
        all.addAll(List.of(WaterNumber.values()));
        return all.stream();
    }

    @ParameterizedTest
    @MethodSource("numbers")
    void anythingBetweenItsEndsIsTakenAndNothingBeyond(EditNumber number) {
        double min = number.limits().min();
        double max = number.limits().max();
        assertThat(min).isLessThan(max).isGreaterThanOrEqualTo(0);
        assertThat(number.refused(OptionalDouble.of(min))).isEmpty();
        assertThat(number.refused(OptionalDouble.of((min + max) / 2))).isEmpty();
        assertThat(number.refused(OptionalDouble.of(max))).isEmpty();
        assertThat(number.refused(OptionalDouble.empty())).isEmpty();
        assertThat(number.refused(OptionalDouble.of(min - 1e-6))).contains(Refusal.OUT_OF_RANGE);
        assertThat(number.refused(OptionalDouble.of(max * 1.001))).contains(Refusal.OUT_OF_RANGE);
        assertThat(number.refused(OptionalDouble.of(Double.NaN))).contains(Refusal.OUT_OF_RANGE);
        assertThat(number.refused(OptionalDouble.of(Double.POSITIVE_INFINITY))).contains(Refusal.OUT_OF_RANGE);
    }

    /** Where a wrong limit would let an animal be cooked, chilled or drowned: the figure stands here too. */
    @ParameterizedTest
    @CsvSource({"SET_DAY, 5, 60", "SET_NIGHT, 5, 60", "SETPOINT, 5, 40", "DIM, 0.01, 1", "HYSTERESIS, 0.1, 10"})
    void setPointsStayWhereAnimalsLive(DeviceNumber number, double min, double max) {
        assertThat(number.limits()).isEqualTo(new EditNumber.Limits(min, max));
    }

    @ParameterizedTest
    @CsvSource({"TEMPERATURE, 1, 40", "LEVEL, 0.005, 2", "PH, 3, 11"})
    void waterStaysWater(WaterNumber number, double min, double max) {
        assertThat(number.limits()).isEqualTo(new EditNumber.Limits(min, max));
    }

    static Stream<Arguments> edits() {
        OptionalDouble far = OptionalDouble.of(1e9);
        return Stream.of(
                Arguments.of(new AirEdit.SetNumber(AirNumber.LID_MESH, far)),
                Arguments.of(new DamEdit.SetNumber("x", DamNumber.TOP, 1e9)),
                Arguments.of(new DeviceEdit.SetNumber("x", DeviceNumber.POWER, far)),
                Arguments.of(new FeatureEdit.SetNumber("x", FeatureNumber.FLOW, far)),
                Arguments.of(new MistEdit.SetNozzle("x", NozzleNumber.FLOW, far)),
                Arguments.of(new MistEdit.SetMisting(0, MistNumber.SECONDS, 1e9)),
                Arguments.of(new PieceEdit.SetNumber("x", PieceNumber.MASS, far)),
                Arguments.of(new PlanEdit.SetDay(DayNumber.PHOTOPERIOD, 1e9)),
                Arguments.of(new WallEdit.SetVent("x", VentNumber.OPEN, far)),
                Arguments.of(new WallEdit.ThickenSheet("x", 1e9)),
                Arguments.of(new WallEdit.PaintSheet("x", far)),
                Arguments.of(new PaneEdit.SetPane(Envelope.Face.BACK, PaneNumber.THICK, far)),
                Arguments.of(new GroundEdit.SetDepth("x", 1e9)),
                Arguments.of(new GroundEdit.SetSlope("x", 0, 1e9)),
                Arguments.of(new GroundEdit.SetSlope("x", 1e9, 0)),
                Arguments.of(new GroundEdit.SetMeshHole("x", far)),
                Arguments.of(new GroundEdit.SetMoisture("x", 1e9)),
                Arguments.of(new GroundEdit.SetBag("x", far, OptionalDouble.empty())),
                Arguments.of(new GroundEdit.SetBag("x", OptionalDouble.empty(), far)),
                Arguments.of(new WaterEdit.SetNumber(WaterNumber.LEVEL, far)),
                Arguments.of(new WaterEdit.SetRamp("x", RampNumber.LENGTH, 1e9)));
    }

    @ParameterizedTest
    @MethodSource("edits")
    void theChangeItselfRefusesWhatMakesNoSense(Edit edit) {
        assertThat(edit.refused(PLAN, CONTEXT)).contains(Refusal.OUT_OF_RANGE);
    }

    @Test
    void aChangeWithinItsLimitsIsNotRefused() {
        assertThat(new DeviceEdit.SetNumber("x", DeviceNumber.POWER, OptionalDouble.of(50)).refused(PLAN, CONTEXT))
                .isEqualTo(Optional.empty());
        assertThat(new WaterEdit.SetRamp("x", RampNumber.LENGTH, 0.3).refused(PLAN, CONTEXT))
                .isEmpty();
    }
}
