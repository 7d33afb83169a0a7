package tanah.core.ground;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Dam;
import tanah.core.design.Design;
import tanah.core.design.HardscapeItem;
import tanah.core.design.Layer;
import tanah.core.design.Solids;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.geometry.Point;
import tanah.core.vessel.Vessel;

/** Stacks the layers of a design in its vessel. */
public final class GroundModel {
    private GroundModel() {}

    public static GroundResult compute(Design design, Vessel vessel, Catalogue catalogue) {
        Terrain terrain = Terrain.bare(vessel.outline(), vessel.length(), vessel.width());
        for (Dam dam : design.ground().dams()) {
            if (!dam.kind().equals("none")) {
                terrain = terrain.withDam(dam.region().outline(), dam.top());
            }
        }
        Map<String, Soil> soils = new LinkedHashMap<>();
        for (Layer layer : design.ground().layers()) {
            Optional<ConvexPolygon> region = layer.region().map(Layer.Region::outline);
            terrain = terrain.with(layer.id(), layer.surface(), region);
            Soils.of(layer, catalogue).ifPresent(soil -> soils.put(layer.id(), soil));
        }
        List<LayerResult> results = new ArrayList<>();
        double bulk = 0;
        for (Layer layer : design.ground().layers()) {
            LayerResult result = LayerModel.compute(layer, Optional.ofNullable(soils.get(layer.id())), terrain);
            results.add(result);
            bulk += result.shape().volume();
        }
        return new GroundResult(
                terrain,
                results,
                soils,
                bulk,
                damVolume(terrain),
                surface(terrain, false),
                surface(terrain, true),
                water(design, terrain, results),
                underBarrier(design, results));
    }

    private static Optional<WaterVolumes> water(Design design, Terrain terrain, List<LayerResult> results) {
        if (design.water().isEmpty() || design.water().get().level().isEmpty()) {
            return Optional.empty();
        }
        List<WaterVolumes.Body> bodies = new ArrayList<>();
        for (HardscapeItem item : design.hardscape()) {
            if (item.inWater().orElse(false)) {
                bodies.add(new WaterVolumes.Body(Solids.volume(item), item.base(), item.height()));
            }
        }
        boolean sealed = design.ground().dams().stream().anyMatch(Dam::isWatertight);
        Optional<ConvexPolygon> side =
                sealed ? design.water().get().sideRegion().map(Layer.Region::outline) : Optional.empty();
        double level = design.water().get().level().getAsDouble();
        return Optional.of(WaterVolumes.at(terrain, results, level, side, bodies));
    }

    private static GroundResult.UnderBarrier underBarrier(Design design, List<LayerResult> results) {
        double full = 0;
        double drainable = 0;
        for (Layer layer : design.ground().layers()) {
            if (layer.is(Layer.Kind.DRAINAGE) || layer.is(Layer.Kind.FALSE_BOTTOM)) {
                for (LayerResult result : results) {
                    if (result.id().equals(layer.id())) {
                        full += result.shape().netVolume() * result.poreShare();
                        drainable += result.shape().netVolume() * result.drainable();
                    }
                }
            }
        }
        return new GroundResult.UnderBarrier(full, drainable);
    }

    private static double damVolume(Terrain terrain) {
        double sum = 0;
        for (Cell cell : terrain.cells()) {
            if (cell.dam()) {
                sum += cell.plan().integral(cell.top());
            }
        }
        return sum;
    }

    private static double surface(Terrain terrain, boolean highest) {
        double result = highest ? 0 : Double.MAX_VALUE;
        for (Cell cell : terrain.cells()) {
            if (!cell.dam()) {
                for (Point p : cell.plan().corners()) {
                    double z = cell.top().at(p);
                    result = highest ? Math.max(result, z) : Math.min(result, z);
                }
            }
        }
        return result == Double.MAX_VALUE ? 0 : result;
    }
}
