package tanah.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import tanah.core.catalogue.Gear;
import tanah.core.design.Device;

/** A canister and its hoses hold water of the system that stands in no box. */
class CanisterTest {
    private static Run run(String category, double media, Optional<Pipe> line) {
        Gear gear = mock(Gear.class);
        when(gear.category()).thenReturn(category);
        when(gear.flow())
                .thenReturn(new Gear.Flow(
                        OptionalDouble.of(1e-4),
                        OptionalDouble.empty(),
                        OptionalDouble.of(media),
                        OptionalDouble.empty(),
                        OptionalDouble.empty(),
                        OptionalDouble.empty()));
        return new Run(
                Device.of("f", category, Device.Spot.NOWHERE),
                gear,
                Optional.empty(),
                line,
                OptionalDouble.of(1e-4),
                OptionalDouble.of(1e-4),
                OptionalDouble.empty(),
                0);
    }

    /** derived: 1.2 times 2.5 L of media and two usual hoses of 0.4 L; a line of 2 m, 16 mm wide, holds 0.402 L. */
    @Test
    void itHoldsItsPotAndItsHoses() {
        assertThat(run("canister", 2.5e-3, Optional.empty()).pot()).isCloseTo(3.4e-3, within(1e-12));
        Pipe line = new Pipe(0, List.of(new Pipe.Segment(2, 0.016, Pipe.SMOOTH, 0)));
        assertThat(run("canister", 2.5e-3, Optional.of(line)).pot()).isCloseTo(3.402e-3, within(1e-6));
        assertThat(run("canister", 2.5e-3, Optional.of(line)).tube()).isZero();
        assertThat(run("internal", 2.5e-3, Optional.of(line)).pot()).isZero();
        assertThat(run("internal", 2.5e-3, Optional.of(line)).tube()).isCloseTo(0.402e-3, within(1e-6));
    }

    /** What stays full comes back at no stop; it is filled up once. */
    @Test
    void itIsFilledOnceAndNeverComesBack() {
        Circulation c = new Circulation(List.of(), List.of(), 0.2, 0.15, 1e-3, 0.5e-3, 1.5e-3, 3.4e-3);
        assertThat(c.topUp()).isCloseTo(4.9e-3, within(1e-12));
        assertThat(c.outside()).isCloseTo(3.9e-3, within(1e-12));
        assertThat(c.riseOnStop()).isCloseTo(1.5e-3 / 0.2, within(1e-12));
        assertThat(c.running()).isCloseTo(0.15 - 1.5e-3 / 0.2, within(1e-12));
    }

    /** 300 m² of coarse foam in a cubic metre where the plan says nothing. */
    @Test
    void itsMediaCarryBacteria() {
        assertThat(run("canister", 2.5e-3, Optional.empty()).media()).isCloseTo(0.75, within(1e-12));
    }
}
