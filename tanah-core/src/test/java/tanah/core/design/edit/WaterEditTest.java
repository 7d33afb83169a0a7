package tanah.core.design.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import tanah.core.design.Design;
import tanah.core.design.OtherFields;
import tanah.core.design.Ramp;
import tanah.core.design.Tap;
import tanah.core.design.WaterPart;
import tanah.core.testing.TestDesigns;
import tanah.core.testing.TestMedia;

/** Numbers of the water, its tap, its changes and its ramps, each set alone. */
class WaterEditTest {
    private static final EditContext CONTEXT = new EditContext(TestMedia.catalogue(), LocalDate.of(2026, 3, 1));
    private static final Ramp RAMP = new Ramp("ramp", 0.02, 0.09, 0.2, 0.1, Optional.empty(), OtherFields.NONE);
    private static final Ramp OTHER = new Ramp("other", 0.03, 0.1, 0.3, 0.12, Optional.of(false), OtherFields.NONE);

    private static Design wet() {
        return TestDesigns.box(0.9, 0.45, 0.5, TestDesigns.soil("sand_play", 0.1))
                .withWater(Optional.of(WaterPart.upTo(0.08).withRamps(List.of(RAMP, OTHER))));
    }

    private static WaterPart after(WaterEdit edit) {
        return edit.apply(wet(), CONTEXT).water().orElseThrow();
    }

    @ParameterizedTest
    @EnumSource(WaterNumber.class)
    void aNumberIsSetAndNoOtherChanges(WaterNumber number) {
        WaterPart before = wet().water().orElseThrow();
        WaterPart set = after(new WaterEdit.SetNumber(number, OptionalDouble.of(0.37)));
        for (WaterNumber other : WaterNumber.values()) {
            assertThat(other.of(set))
                    .as(other.word())
                    .isEqualTo(other == number ? OptionalDouble.of(0.37) : other.of(before));
        }
        assertThat(set.ramps()).containsExactly(RAMP, OTHER);
    }

    @ParameterizedTest
    @EnumSource(WaterNumber.class)
    void aNumberThatMayBeLeftOutIsTakenBack(WaterNumber number) {
        WaterEdit none = new WaterEdit.SetNumber(number, OptionalDouble.empty());
        if (number == WaterNumber.LEVEL) {
            assertThatThrownBy(() -> none.apply(wet(), CONTEXT)).isInstanceOf(NoSuchElementException.class);
            return;
        }
        Design with = new WaterEdit.SetNumber(number, OptionalDouble.of(0.37)).apply(wet(), CONTEXT);
        assertThat(number.of(none.apply(with, CONTEXT).water().orElseThrow())).isEmpty();
    }

    @Test
    void theOtherFactsOfTheTapStay() {
        Design hard = new WaterEdit.SetNumber(WaterNumber.HARDNESS, OptionalDouble.of(0.2)).apply(wet(), CONTEXT);
        Tap tap = new WaterEdit.BindChlorine(true)
                .apply(hard, CONTEXT)
                .water()
                .orElseThrow()
                .tap()
                .orElseThrow();
        assertThat(tap.chloramine()).contains(true);
        assertThat(tap.hardness()).hasValue(0.2);
        assertThat(after(new WaterEdit.BindChlorine(false)).tap().orElseThrow().chloramine())
                .contains(false);
    }

    @Test
    void soilInTheWaterIsWantedOrNot() {
        assertThat(after(new WaterEdit.AllowWicking(true)).margins().acceptWicking())
                .contains(true);
        assertThat(after(new WaterEdit.AllowWicking(false)).margins().acceptWicking())
                .contains(false);
    }

    @ParameterizedTest
    @EnumSource(RampNumber.class)
    void aRampGetsANumberAndTheOtherRampStays(RampNumber number) {
        List<Ramp> ramps = after(new WaterEdit.SetRamp("ramp", number, 0.05)).ramps();
        for (RampNumber other : RampNumber.values()) {
            assertThat(other.of(ramps.get(0))).as(other.word()).isEqualTo(other == number ? 0.05 : other.of(RAMP));
        }
        assertThat(ramps.get(1)).isEqualTo(OTHER);
    }

    /** The ramp goes from 2 to 9 cm. */
    @ParameterizedTest
    @CsvSource({
        "TOP, 0.021, false",
        "TOP, 0.02, true",
        "TOP, 0.019, true",
        "FOOT, 0.089, false",
        "FOOT, 0.09, true",
        "FOOT, 0.091, true",
        "LENGTH, 0.01, false",
        "WIDTH, 5, false"
    })
    void aRampHasToRise(RampNumber number, double value, boolean down) {
        assertThat(number.leadsDown(RAMP, value)).isEqualTo(down);
    }

    @Test
    void aRampIsRoughenedAndTakenOut() {
        assertThat(after(new WaterEdit.RoughenRamp("other", true))
                        .ramps()
                        .get(1)
                        .isRough())
                .isTrue();
        assertThat(after(new WaterEdit.RoughenRamp("ramp", false))
                        .ramps()
                        .get(0)
                        .isRough())
                .isFalse();
        assertThat(after(new WaterEdit.RemoveRamp("ramp")).ramps()).containsExactly(OTHER);
        assertThat(after(new WaterEdit.RemoveRamp("gone")).ramps()).containsExactly(RAMP, OTHER);
    }

    @Test
    void drainedThereIsNoWater() {
        assertThat(new WaterEdit.Drain().apply(wet(), CONTEXT).water()).isEmpty();
    }
}
