package tanah.core.climate;

import java.util.OptionalDouble;
import java.util.function.Function;
import tanah.core.box.ClimateCase;
import tanah.core.box.Fixture;
import tanah.core.light.Emitter;
import tanah.core.light.Lid;

/** Which end of a box is the warm one: where its strongest lamp hangs, else where its strongest mat or cable lies. */
final class WarmEnd {
    private WarmEnd() {}

    /** Whether it is the left end; without any heat it is. */
    static boolean isLeft(ClimateCase box) {
        double x = strongest(box, WarmEnd::lampAt)
                .orElse(strongest(box, part -> plateAt(box, part))
                        .orElse(box.shell().length() / 4));
        return x <= box.shell().length() / 2;
    }

    /** Where along the front the strongest of some devices is (m). */
    private static OptionalDouble strongest(ClimateCase box, Function<Fixture.Part, OptionalDouble> place) {
        double power = 0;
        OptionalDouble x = OptionalDouble.empty();
        for (Fixture f : box.fixtures()) {
            OptionalDouble at = place.apply(f.part());
            if (at.isPresent() && f.power() > power) {
                power = f.power();
                x = at;
            }
        }
        return x;
    }

    private static OptionalDouble lampAt(Fixture.Part part) {
        return part instanceof Fixture.Lamp lamp && lamp.shape().kind() == Emitter.Kind.POINT
                ? OptionalDouble.of(lamp.shape().at().x())
                : OptionalDouble.empty();
    }

    /** Panels, mats and cables, which count where no lamp shines on one end. */
    private static OptionalDouble plateAt(ClimateCase box, Fixture.Part part) {
        if (part instanceof Fixture.Lamp lamp && lamp.shape().kind() == Emitter.Kind.PANEL) {
            return OptionalDouble.of(lamp.shape().at().x());
        }
        if (part instanceof Fixture.Mat m) {
            boolean across = m.side()
                    .filter(s -> s == Lid.Side.LEFT || s == Lid.Side.RIGHT)
                    .isEmpty();
            return OptionalDouble.of(
                    across
                            ? (m.from() + m.to()) / 2
                            : m.side().get() == Lid.Side.LEFT ? 0 : box.shell().length());
        }
        return part instanceof Fixture.Cable c ? OptionalDouble.of((c.x0() + c.x1()) / 2) : OptionalDouble.empty();
    }
}
