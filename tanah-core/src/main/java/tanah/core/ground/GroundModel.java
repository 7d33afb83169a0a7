package tanah.core.ground;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Dam;
import tanah.core.design.Design;
import tanah.core.design.Layer;
import tanah.core.design.Lining;
import tanah.core.design.WaterPart;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.geometry.Point;
import tanah.core.vessel.Vessel;

/** Stacks the layers of a design in its vessel. */
public final class GroundModel {
    private GroundModel() {}

    public static GroundResult compute(Design design, Vessel vessel, Catalogue catalogue) {
        Lining lining = Lining.of(design, vessel);
        Terrain terrain = Terrain.bare(lining.floor(vessel), lining.bottom(), vessel.length(), vessel.width());
        for (Dam dam : design.ground().dams()) {
            if (dam.isWall()) {
                terrain = terrain.withDam(dam.region().outline(), dam.top());
            }
        }
        Basin basin = Basin.of(design, terrain);
        Map<String, Soil> soils = new LinkedHashMap<>();
        for (Layer layer : design.ground().layers()) {
            Optional<ConvexPolygon> region = layer.region().map(Layer.Region::outline);
            terrain = terrain.with(layer.id(), layer.surface(), region);
            Soils.of(layer, catalogue).ifPresent(soil -> soils.put(layer.id(), soil));
        }
        Displacement pieces = Displacement.of(design);
        List<LayerResult> results = new ArrayList<>();
        double bulk = 0;
        for (Layer layer : design.ground().layers()) {
            double taken = layer.options().displaced().orElse(pieces.ofLayer(layer.id(), terrain));
            LayerResult result = LayerModel.compute(layer, Optional.ofNullable(soils.get(layer.id())), terrain, taken);
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
                water(design, vessel, terrain, results, basin),
                underBarrier(design, results));
    }

    private static Optional<WaterVolumes> water(
            Design design, Vessel vessel, Terrain terrain, List<LayerResult> results, Basin side) {
        if (design.water().isEmpty() || !design.water().get().fill().isGiven()) {
            return Optional.empty();
        }
        WaterPart water = design.water().get();
        Displacement pieces = Displacement.of(design);
        // an amount that does not fit stands at the rim, where the rules find it
        double level = water.fill()
                .level()
                .orElseGet(() -> WaterVolumes.level(
                                terrain,
                                results,
                                water.fill().volume().orElseThrow(),
                                water.fill().countsFreeOnly(),
                                vessel.height(),
                                side,
                                pieces)
                        .orElse(vessel.height()));
        return Optional.of(WaterVolumes.at(terrain, results, level, side, pieces));
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
                sum += cell.plan().integral(cell.top())
                        - cell.plan().integral(cell.slabs().get(0).lower());
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
