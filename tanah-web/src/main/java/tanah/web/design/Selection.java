package tanah.web.design;

import java.util.List;
import tanah.core.design.AirPlan;
import tanah.core.design.Dam;
import tanah.core.design.Design;
import tanah.core.design.HardscapeItem;
import tanah.core.design.Layer;
import tanah.core.design.Ramp;
import tanah.core.design.WaterPart;
import tanah.core.finding.Stage;

/** Which part of a stage is open: the one asked for if the stage has it, else the one that is worked on most. */
final class Selection {
    private Selection() {}

    static String of(Design design, Stage stage, String asked) {
        return switch (stage) {
            case HARDSCAPE -> hardscape(design, asked);
            case WATER -> water(design, asked);
            case HEAT -> heat(design, asked);
            case AIR -> air(design, asked);
            default -> ground(design, asked);
        };
    }

    /** The stage whose part this is; the ground if nobody knows it. */
    static Stage stageOf(Design design, String part) {
        if (design.hardscape().stream().anyMatch(h -> h.id().equals(part))) {
            return Stage.HARDSCAPE;
        }
        return water(design, part).equals(part) ? Stage.WATER : Stage.GROUND;
    }

    private static String heat(Design design, String asked) {
        return design.device(asked).isPresent() ? asked : HeatEdits.DAY;
    }

    private static String air(Design design, String asked) {
        AirPlan.Mist mist = design.air().flatMap(AirPlan::mist).orElse(AirPlan.Mist.NONE);
        boolean hangs = mist.nozzles().stream().anyMatch(n -> n.id().equals(asked));
        boolean event = asked.startsWith(AirEdits.EVENT);
        boolean wall = design.vessel().stream()
                .anyMatch(v -> v.envelope().vents().stream().anyMatch(o -> o.id().equals(asked))
                        || v.envelope().insulation().stream().anyMatch(o -> o.id().equals(asked)));
        boolean own = asked.equals(AirEdits.MIST) || asked.equals(AirEdits.FAN);
        return hangs || event || wall || own ? asked : AirEdits.LID;
    }

    private static String ground(Design design, String asked) {
        List<Layer> layers = design.ground().layers();
        if (design.ground().layer(asked).isPresent() || layers.isEmpty()) {
            return asked;
        }
        return layers.stream()
                .filter(l ->
                        l.is(Layer.Kind.SUBSTRATE) && !l.options().aquatic().orElse(false))
                .reduce((a, b) -> b)
                .orElse(layers.get(layers.size() - 1))
                .id();
    }

    private static String hardscape(Design design, String asked) {
        List<String> ids = design.hardscape().stream().map(HardscapeItem::id).toList();
        return ids.contains(asked) || ids.isEmpty() ? asked : ids.get(0);
    }

    private static String water(Design design, String asked) {
        boolean dam = design.ground().dams().stream().map(Dam::id).anyMatch(asked::equals);
        boolean ramp = design.water().map(WaterPart::ramps).orElse(List.of()).stream()
                .map(Ramp::id)
                .anyMatch(asked::equals);
        boolean runs = design.device(asked).isPresent()
                || design.water().stream().flatMap(w -> w.features().stream()).anyMatch(f -> f.id().equals(asked));
        boolean rest = asked.equals(WaterEdits.TAP) || asked.equals(WaterEdits.CHANGES);
        return dam || design.water().isPresent() && (ramp || runs || rest) ? asked : WaterEdits.BODY;
    }
}
