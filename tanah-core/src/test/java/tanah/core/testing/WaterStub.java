package tanah.core.testing;

import static org.mockito.ArgumentMatchers.anyDouble;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.catalogue.Gear;
import tanah.core.design.Device;
import tanah.core.design.WaterFeature;
import tanah.core.ground.Basin;
import tanah.core.ground.GroundResult;
import tanah.core.ground.Terrain;
import tanah.core.ground.WaterVolumes;
import tanah.core.water.Circulation;
import tanah.core.water.LandWater;
import tanah.core.water.Pipe;
import tanah.core.water.Run;

/** Water that stands as a test wants it to: 10 cm deep over 0.2 m², 20 litres of it free, level at 10 cm. */
public final class WaterStub {
    private double level = 0.1;
    private double surface = 0.2;
    private double deepest = 0.1;
    private double free = 0.02;
    private double share = 0.5;
    private double underRim = 0.3;
    private double highest = 0.1;
    private double lowest = 0.1;
    private double running = 0.1;
    private OptionalDouble overDam = OptionalDouble.empty();
    private Optional<LandWater.Wicking> wicking = Optional.empty();
    private final List<Run> runs = new ArrayList<>();
    private final List<Circulation.Heating> heaters = new ArrayList<>();

    public WaterStub deep(double depth) {
        deepest = depth;
        return this;
    }

    public WaterStub surface(double area) {
        surface = area;
        return this;
    }

    public WaterStub level(double height) {
        level = height;
        highest = height;
        lowest = height;
        running = height;
        return this;
    }

    /** Between these the level moves (m). */
    public WaterStub moves(double from, double to) {
        lowest = from;
        highest = to;
        return this;
    }

    public WaterStub running(double height) {
        running = height;
        return this;
    }

    public WaterStub dry() {
        surface = 0;
        free = 0;
        deepest = 0;
        return this;
    }

    public WaterStub land(double landShare) {
        share = landShare;
        return this;
    }

    public WaterStub underRim(double margin) {
        underRim = margin;
        return this;
    }

    public WaterStub overDam(double margin) {
        overDam = OptionalDouble.of(margin);
        return this;
    }

    public WaterStub wicks(String layer, double gap, double needed) {
        wicking = Optional.of(new LandWater.Wicking(layer, highest + gap, gap, needed, 0.02));
        return this;
    }

    public WaterStub heater(Device device, Gear gear) {
        heaters.add(new Circulation.Heating(device, gear));
        return this;
    }

    /** A pump or filter whose flow is what a test says (m³/s). */
    public WaterStub run(
            Device device,
            Gear gear,
            Optional<Pipe> line,
            OptionalDouble flow,
            double dirty,
            double wanted,
            Optional<WaterFeature> feature) {
        runs.add(new Run(device, gear, feature, line, flow, OptionalDouble.of(dirty), OptionalDouble.of(wanted), 0));
        return this;
    }

    public WaterVolumes volumes() {
        return new WaterVolumes(level, free, 0, 0, 0, surface, 0, deepest, deepest / 2, Basin.EVERYWHERE);
    }

    public LandWater state() {
        return new LandWater(volumes(), highest, lowest, share, 1 - share, 0, 0.5, 2, 0.1, overDam, underRim, wicking);
    }

    /** Area 0.2 m²; between what stands and what runs lies what is under way. */
    public Circulation circulation() {
        return new Circulation(runs, heaters, 0.2, level, (level - running) * 0.2, 0, 0, 0);
    }

    /** Flat ground that is nowhere and water as said. */
    public GroundResult ground() {
        GroundResult ground = mock(GroundResult.class);
        Terrain terrain = mock(Terrain.class);
        when(ground.terrain()).thenReturn(terrain);
        when(terrain.cells()).thenReturn(List.of());
        when(terrain.surfaceAt(anyDouble(), anyDouble())).thenReturn(0.0);
        when(ground.water()).thenReturn(Optional.of(volumes()));
        when(ground.layer(org.mockito.ArgumentMatchers.any())).thenReturn(Optional.empty());
        return ground;
    }
}
