package tanah.core.water;

import java.util.List;
import java.util.Optional;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Gear;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.ground.Displacement;
import tanah.core.ground.GroundResult;
import tanah.core.ground.WaterVolumes;

/**
 * All pumps and filters of a design together.
 *
 * <p>The planned level is taken twice, as the safe side asks: as the level while the pumps run when a stop is judged,
 * because then all that is under way comes down on top of it, and as the level at rest when the inlets are judged,
 * because then the pumps take what is under way out of it.
 *
 * @param runs     pumps and filters, in the plan's order
 * @param heaters  in the water
 * @param area     water that a metre of level holds and gives back (m²)
 * @param level    planned (m)
 * @param transit  water in channels, films and falls (m³)
 * @param tube     water in lines (m³)
 * @param returned when all stop (m³): lines with a check valve stay full
 * @param pots     water in canisters and their hoses, which stay full (m³)
 */
public record Circulation(
        List<Run> runs,
        List<Heating> heaters,
        double area,
        double level,
        double transit,
        double tube,
        double returned,
        double pots) {
    private static final double HALF = 0.005; // m

    public Circulation {
        runs = List.copyOf(runs);
        heaters = List.copyOf(heaters);
    }

    /**
     * @param device of the plan
     * @param gear   its item
     */
    public record Heating(Device device, Gear gear) {
        /** W. */
        public double power() {
            return device.power().orElse(gear.power().orElse(0));
        }
    }

    public static Optional<Circulation> of(Design design, GroundResult ground, Catalogue catalogue) {
        return ground.water().map(w -> compute(design, ground, w, catalogue));
    }

    private static Circulation compute(Design design, GroundResult ground, WaterVolumes w, Catalogue catalogue) {
        double celsius = design.water().orElseThrow().celsius();
        List<Run> runs = design.devices().stream()
                .flatMap(d -> Run.of(design, d, catalogue, w.level(), celsius).stream())
                .toList();
        List<Heating> heaters = design.devices().stream()
                .flatMap(d ->
                        catalogue.findGear(d.item()).filter(Gear::isWaterHeater).map(g -> new Heating(d, g)).stream())
                .toList();
        double area = (moving(design, ground, w, w.level() + HALF) - moving(design, ground, w, w.level() - HALF))
                / (2 * HALF);
        double transit = runs.stream().mapToDouble(Run::under).sum();
        double tube = runs.stream().mapToDouble(Run::tube).sum();
        double back = runs.stream()
                .mapToDouble(r -> r.under() + (r.hasCheckValve() ? 0 : r.tube()))
                .sum();
        double pots = runs.stream().mapToDouble(Run::pot).sum();
        return new Circulation(runs, heaters, area, w.level(), transit, tube, back, pots);
    }

    private static double moving(Design design, GroundResult ground, WaterVolumes w, double level) {
        return WaterVolumes.at(ground.terrain(), ground.layers(), level, w.side(), Displacement.of(design))
                .turnsOver();
    }

    /** How far the level rises when all pumps stop (m). */
    public double riseOnStop() {
        return area > 0 ? returned / area : 0;
    }

    /** Level while all run, filled to the plan with all at rest (m). */
    public double running() {
        return area > 0 ? level - (transit + tube) / area : level;
    }

    /** Water in lines and canisters (m³): changes, doses and waste meet it as well as what stands in the box. */
    public double outside() {
        return tube + pots;
    }

    /** What has to be filled up while all run for the first time, so that the water stands at its level (m³). */
    public double topUp() {
        return transit + outside();
    }

    /** How many devices of the plan have their place in the water. */
    public int devices() {
        return runs.size() + heaters.size();
    }

    /** Flow through filters (m³/s). */
    public double filtered() {
        return runs.stream()
                .filter(r -> r.gear().isFilter())
                .mapToDouble(r -> r.flow().orElse(0))
                .sum();
    }

    /** Whether a filter stands in the plan. */
    public boolean hasFilter() {
        return runs.stream().anyMatch(r -> r.gear().isFilter());
    }

    /** Heat of pumps and filters that ends in the water (W). */
    public double gains() {
        return runs.stream()
                .mapToDouble(r -> r.device().power().orElse(r.gear().power().orElse(0))
                        * r.device().waterShare().orElse(1))
                .sum();
    }
}
