package tanah.core.design;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import tanah.core.finding.Remedy.Action;

/** Actions on the wall, the water and the pieces that stand in it. */
final class WaterEdit {
    private static final double PAD = 0.003; // m², a pad of about 5 by 6 cm

    private WaterEdit() {}

    static Design apply(Design design, Action action) {
        if (action instanceof Action.SetLevel a) {
            return water(design, w -> w.withLevel(a.level()));
        }
        if (action instanceof Action.SetDamTop a) {
            return dam(design, a.dam(), d -> d.at(d.region(), a.top()));
        }
        if (action instanceof Action.SealDam a) {
            return dam(design, a.dam(), d -> d.of(a.kind(), true));
        }
        if (action instanceof Action.CoverWater a) {
            return water(design, w -> w.withMargins(w.margins().withCover(OptionalDouble.of(a.share()))));
        }
        if (action instanceof Action.AcceptWicking) {
            return water(
                    design,
                    w -> w.withMargins(new WaterPart.Margins(
                            w.margins().barrier(),
                            Optional.of(true),
                            w.margins().lowestLevel(),
                            w.margins().wave(),
                            w.margins().cover())));
        }
        if (action instanceof Action.AddRamp a) {
            return water(design, w -> {
                List<Ramp> ramps = new ArrayList<>(w.ramps());
                ramps.add(new Ramp(
                        Ids.free(design, "ramp"),
                        a.foot(),
                        a.top(),
                        a.length(),
                        a.width(),
                        Optional.of(true),
                        OtherFields.NONE));
                return w.withRamps(ramps);
            });
        }
        if (action instanceof Action.StandOnBase a) {
            return item(
                    design,
                    a.item(),
                    i -> i.moved(0, 0, -i.base())
                            .fixed(i.fixing()
                                    .withSupport(Fixing.Support.BASE)
                                    .withPad(OptionalDouble.of(Math.max(PAD, a.pad())))));
        }
        if (action instanceof Action.AnchorItem a) {
            return item(design, a.item(), i -> i.fixed(i.fixing().withAnchor(OptionalDouble.of(a.mass()))));
        }
        return design;
    }

    private static Design water(Design design, UnaryOperator<WaterPart> change) {
        return design.withWater(design.water().map(change));
    }

    private static Design dam(Design design, String id, UnaryOperator<Dam> change) {
        return design.withGround(design.ground().changeDam(id, change));
    }

    private static Design item(Design design, String id, UnaryOperator<HardscapeItem> change) {
        return design.withHardscape(design.hardscape().stream()
                .map(i -> i.id().equals(id) ? change.apply(i) : i)
                .toList());
    }
}
