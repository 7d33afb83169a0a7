package tanah.core.climate;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.box.ClimateCase;
import tanah.core.box.Floor;
import tanah.core.box.Matter;
import tanah.core.box.Pane;
import tanah.core.box.Shell;
import tanah.core.light.Glazing;
import tanah.core.light.Lid;
import tanah.core.physics.MoistAir;

/** A glass box on dry sand with a slab, lit from 8 to 20, without devices. */
public final class TestBox {
    private TestBox() {}

    /** @param mesh share of the lid */
    public static ClimateCase of(double length, double mesh, Shell.Vent... vents) {
        Pane glass = Pane.of(Matter.GLASS, 0.005);
        Lid lid = new Lid(0.45, length, 0.45, mesh, Lid.Side.BACK, 0.65, 0.65, Glazing.GLASS, Lid.USUAL_FREE);
        Shell shell = new Shell(
                length,
                0.45,
                0.45,
                Map.of(Lid.Side.LEFT, glass, Lid.Side.RIGHT, glass, Lid.Side.FRONT, glass, Lid.Side.BACK, glass),
                glass,
                lid,
                mesh < 1 ? Optional.of(glass) : Optional.empty(),
                List.of(vents));
        Floor.Soil dry = new Floor.Soil(0.05, 0.35, 0.012, 0, OptionalDouble.empty(), 0, 0, 0);
        Floor land = new Floor.Land(
                new double[] {0, length, 0, 0.45}, List.of(Matter.SAND_DRY.sheet(0.05)), 0, 0, 0, 0.85, 0, dry);
        ClimateCase.Platform slab =
                new ClimateCase.Platform("slab", 0.2, 0.2, 0.2, 0.3, 0.2, Matter.SLATE.sheet(0.02), 0.85, true);
        return new ClimateCase(
                shell,
                List.of(land),
                List.of(slab),
                List.of(),
                List.of(),
                List.of(),
                8,
                12,
                ClimateCase.Mist.NONE,
                0,
                0,
                MoistAir.SEA_LEVEL);
    }
}
