package tanah.core.design.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.Envelope;
import tanah.core.design.Schedule;
import tanah.core.testing.TestDesigns;
import tanah.core.testing.TestMedia;

/** Lamps and pumps are placed, guarded, run and controlled one at a time. */
class DeviceEditTest {
    private static final EditContext CONTEXT = new EditContext(TestMedia.catalogue(), LocalDate.of(2026, 3, 1));

    /** In a box of 90 by 45 by 50 cm. */
    private static Design lit() {
        return TestDesigns.box(0.9, 0.45, 0.5, TestDesigns.soil("sand_play", 0.1))
                .withDevices(List.of(
                        Device.of("lamp", "flood-75", Device.Spot.at(0.2, 0.2, 0.45)),
                        Device.of("pump", "pump-200", Device.Spot.NOWHERE)));
    }

    private static Device after(DeviceEdit edit) {
        return after(edit, lit());
    }

    private static Device after(DeviceEdit edit, Design design) {
        Design changed = edit.apply(design, CONTEXT);
        assertThat(changed.device("pump")).isEqualTo(design.device("pump"));
        return changed.device("lamp").orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({
        "0.3, 0.1, 0.4, 0, 0.3, 0.1, 0.4",
        "0.9, 0.45, 0.5, 0, 0.9, 0.45, 0.5",
        "0.91, 0.46, 0.51, 0, 0.9, 0.45, 0.5",
        "-1, -1, -1, 0, 0, 0, 0",
        "0.3, 0.1, 1.5, 1, 0.3, 0.1, 1.5",
        "0.3, 0.1, 1.51, 1, 0.3, 0.1, 1.5"
    })
    void aDeviceStaysInTheBoxOrAsFarAboveItAsSaid(
            double x, double y, double z, double above, double left, double front, double up) {
        Device placed = after(new DeviceEdit.Place("lamp", Device.Spot.at(x, y, z), above));
        assertThat(placed.at()).isEqualTo(Device.Spot.at(left, front, up));
    }

    @Test
    void aDeviceWithoutHeightKeepsNone() {
        Device.Spot flat = new Device.Spot(OptionalDouble.of(0.3), OptionalDouble.of(0.1), OptionalDouble.empty());
        assertThat(after(new DeviceEdit.Place("lamp", flat, 0)).at()).isEqualTo(flat);
    }

    @Test
    void anotherLampHasItsOwnBeam() {
        Design wide = lit().withDevice("lamp", d -> d.withRay(d.ray().withBeam(OptionalDouble.of(0.5))));
        assertThat(after(new DeviceEdit.SetDevice("lamp", "flood-100"), wide).ray())
                .isEqualTo(lit().device("lamp").orElseThrow().ray());
    }

    @Test
    void aGuardIsPutOnAndTakenOff() {
        Design guarded = new DeviceEdit.SetGuard("lamp", Optional.of("guard-lamp")).apply(lit(), CONTEXT);
        assertThat(guarded.device("lamp").orElseThrow().guard()).contains("guard-lamp");
        assertThat(new DeviceEdit.SetGuard("lamp", Optional.empty()).apply(guarded, CONTEXT))
                .isEqualTo(lit());
    }

    @Test
    void hoursAndDirection() {
        assertThat(after(new DeviceEdit.Run("lamp", Schedule.NIGHT)).running().schedule())
                .isEqualTo(lit().device("lamp")
                        .orElseThrow()
                        .running()
                        .on(Schedule.NIGHT)
                        .schedule());
        assertThat(after(new DeviceEdit.LayTube("lamp", true)).ray())
                .isNotEqualTo(after(new DeviceEdit.LayTube("lamp", false)).ray());
    }

    @Test
    void aMatIsLaidOnAnotherFaceAndLosesItsPlace() {
        Device laid = after(new DeviceEdit.LayMat("lamp", Envelope.Face.BACK));
        assertThat(laid.laid().face()).contains(Envelope.Face.BACK);
        assertThat(laid.laid().rect()).isEmpty();
        assertThat(laid.at()).isEqualTo(Device.Spot.NOWHERE);
    }

    @Test
    void aControlFeelsAnotherPlaceAndKeepsItsSetPoint() {
        Design controlled = DeviceEdit.Control.ofKind("lamp", "pulse", 33).apply(lit(), CONTEXT);
        Device.Thermostat felt = after(new DeviceEdit.Feel("lamp", "far"), controlled)
                .thermostat()
                .orElseThrow();
        assertThat(felt.probe()).contains("far");
        assertThat(felt.day()).hasValue(33);
        assertThat(felt.type()).contains("pulse");
        assertThat(after(new DeviceEdit.Uncontrol("lamp"), controlled).thermostat())
                .isEmpty();
        assertThat(after(new DeviceEdit.Feel("lamp", "far")))
                .isEqualTo(lit().device("lamp").orElseThrow());
    }
}
