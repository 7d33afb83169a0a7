package tanah.core.structure;

import static tanah.core.physics.Constants.WATER_DENSITY;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Range;
import tanah.core.design.Design;
import tanah.core.design.HardscapeItem;
import tanah.core.design.Layer;
import tanah.core.design.Solids;
import tanah.core.design.VesselPlan;
import tanah.core.design.WaterPart;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.ground.Basin;
import tanah.core.ground.Cell;
import tanah.core.ground.Displacement;
import tanah.core.ground.GroundResult;
import tanah.core.ground.LayerResult;
import tanah.core.ground.Slab;
import tanah.core.ground.WaterVolumes;
import tanah.core.vessel.Vessel;
import tanah.core.water.WaterProperties;

/** Adds up the masses of a design. Water in the ground at 1000 kg/m³ (within 0.4 %, and on the heavy side). */
public final class MassModel {
    private static final double DAM_DENSITY = 30; // kg/m³, foam, where the plan does not say
    private static final double DENSITY_BAND = 0.15; // recalled densities of media
    private static final double WATER_BAND = 0.25; // recalled water contents

    private MassModel() {}

    public static MassResult compute(Design design, Vessel vessel, GroundResult ground, Catalogue catalogue) {
        VesselPlan.Structure structure =
                design.vessel().map(VesselPlan::structureOrNone).orElse(VesselPlan.Structure.NONE);
        double hardscape = 0;
        List<String> unweighed = new ArrayList<>();
        for (HardscapeItem item : design.hardscape()) {
            OptionalDouble mass = Solids.mass(item, catalogue);
            hardscape += mass.orElse(0);
            if (mass.isEmpty()) {
                unweighed.add(item.id());
            }
        }
        double dam = ground.terrain().cells().stream()
                .filter(Cell::dam)
                .mapToDouble(c -> c.plan().integral(c.top())
                        * design.ground()
                                .wallAt(c.plan().centroid())
                                .flatMap(d -> d.density().stream().boxed().findFirst())
                                .orElse(DAM_DENSITY))
                .sum();
        double dry = ground.layers().stream().mapToDouble(LayerResult::dryMass).sum();
        double water = groundWater(design, ground);
        double free = ground.water()
                .map(w -> w.free()
                        * WaterProperties.density(
                                design.water().map(WaterPart::celsius).orElse(20.0)))
                .orElse(0.0);
        double fittings = structure.fittings().orElse(0);
        double stand = structure.stand().orElse(0);
        double rest = fittings + dam + hardscape + free + stand;
        return new MassResult(
                vessel.emptyMass(),
                fittings,
                dam,
                hardscape,
                dry,
                water,
                free,
                stand,
                vessel.emptyMass() + dry + water + rest,
                new Range(
                        vessel.massBand().min() + dry * (1 - DENSITY_BAND) + water * (1 - WATER_BAND) + rest,
                        vessel.massBand().max() + dry * (1 + DENSITY_BAND) + water * (1 + WATER_BAND) + rest),
                structure.capacity(),
                unweighed);
    }

    /** Water in the layers (kg): drainage full; soil at what it holds drained, full below the level of its side. */
    private static double groundWater(Design design, GroundResult ground) {
        Basin side = ground.water().map(WaterVolumes::side).orElse(Basin.EVERYWHERE);
        OptionalDouble level =
                ground.water().map(w -> OptionalDouble.of(w.level())).orElse(OptionalDouble.empty());
        double sum = 0;
        for (Layer layer : design.ground().layers()) {
            LayerResult result = ground.layer(layer.id()).orElseThrow();
            boolean drains = layer.is(Layer.Kind.DRAINAGE) || layer.is(Layer.Kind.FALSE_BOTTOM);
            double submerged = level.isPresent() ? submerged(design, ground, layer, level.getAsDouble(), side) : 0;
            double above = Math.max(0, result.shape().netVolume() - submerged);
            sum += drains
                    ? result.shape().netVolume() * result.poreShare()
                    : submerged * result.poreShare() + above * result.dripContent();
        }
        return sum * WATER_DENSITY;
    }

    /** Of a layer, less what is buried in it (m³); what its keeper says is buried is spread over all of it. */
    private static double submerged(Design design, GroundResult ground, Layer layer, double level, Basin side) {
        boolean said = layer.options().displaced().isPresent();
        Displacement pieces = said ? Displacement.NONE : Displacement.of(design);
        double sum = 0;
        for (Cell cell : ground.terrain().cells()) {
            Optional<Slab> slab = cell.slab(layer.id());
            for (ConvexPolygon here : slab.isPresent() ? side.within(cell.plan()) : List.<ConvexPolygon>of()) {
                sum += here.roomBelow(slab.get().lower(), level)
                        - here.roomBelow(slab.get().upper(), level)
                        - pieces.ofSlab(here, slab.get(), level);
            }
        }
        LayerResult.Shape shape = ground.layer(layer.id()).orElseThrow().shape();
        return said && shape.volume() > 0 ? sum * shape.netVolume() / shape.volume() : sum;
    }
}
