package tanah.core.ground;

import static tanah.core.physics.Constants.WATER_DENSITY;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tanah.core.catalogue.Medium;
import tanah.core.design.Layer;
import tanah.core.geometry.Plane;
import tanah.core.geometry.Point;

/**
 * Volume, mass and purchase of one layer. Mass wet = dry + water that stays when drained to the base; loose volume to
 * buy = net volume x settling / (1 - shrink) x (1 + waste).
 */
public final class LayerModel {
    private static final double PLATE_DENSITY = 1050; // kg/m³, polystyrene, from memory
    private static final double WHOLE = 1e-9; // bags are rounded up beyond this

    private LayerModel() {}

    /** @param taken of its volume by what is buried in it (m³) */
    static LayerResult compute(Layer layer, Optional<Soil> soil, Terrain terrain, double taken) {
        LayerResult.Shape shape = shape(layer, terrain, taken);
        return soil.map(s -> ofSoil(layer, s, shape)).orElseGet(() -> ofFalseBottom(layer, shape));
    }

    private static LayerResult ofSoil(Layer layer, Soil soil, LayerResult.Shape shape) {
        double net = shape.netVolume();
        double waste = 1 + layer.options().waste().orElse(0);
        double loose = net * soil.loosePerPlaced() * waste;
        List<LayerResult.Component> components = new ArrayList<>();
        double cost = 0;
        for (Soil.Part part : soil.parts()) {
            double amount = net * part.loosePerPlaced();
            components.add(new LayerResult.Component(part.medium().id(), amount));
            cost += amount * 1000 * middlePrice(part.medium());
        }
        Optional<LayerResult.Bags> bags = bags(layer, loose);
        if (bags.isPresent() && layer.options().bagPrice().isPresent()) {
            cost = bags.get().count() * layer.options().bagPrice().getAsDouble();
        }
        double dry = net * soil.dryDensity();
        double drip = shape.exists() ? soil.water().columnMean(Math.max(shape.meanDepth(), 1e-6)) : 0;
        return new LayerResult(
                layer.id(),
                shape,
                loose,
                bags,
                cost,
                components,
                dry,
                drip,
                dry + net * drip * WATER_DENSITY,
                dry + net * soil.water().saturated() * WATER_DENSITY,
                soil.water().saturated(),
                soil.fieldSuction() <= 0.1 + 1e-9 ? soil.water().saturated() - soil.fieldCapacity() : 0);
    }

    /** Open space; only its solid share has mass. */
    private static LayerResult ofFalseBottom(Layer layer, LayerResult.Shape shape) {
        double open = layer.options().openShare();
        double dry = shape.netVolume() * (1 - open) * PLATE_DENSITY;
        return new LayerResult(
                layer.id(),
                shape,
                0,
                Optional.empty(),
                0,
                List.of(),
                dry,
                0,
                dry,
                dry + shape.netVolume() * open * WATER_DENSITY,
                open,
                open);
    }

    private static Optional<LayerResult.Bags> bags(Layer layer, double loose) {
        if (layer.options().bagVolume().isEmpty()) {
            return Optional.empty();
        }
        double bag = layer.options().bagVolume().getAsDouble();
        int count = (int) Math.ceil(loose / bag - WHOLE);
        return Optional.of(new LayerResult.Bags(count, count * bag, count * bag - loose));
    }

    private static double middlePrice(Medium medium) {
        return (medium.price().min() + medium.price().max()) / 2;
    }

    private static LayerResult.Shape shape(Layer layer, Terrain terrain, double taken) {
        double volume = 0;
        double footprint = 0;
        double minDepth = Double.MAX_VALUE;
        double maxDepth = 0;
        double steepest = 0;
        double topMin = Double.MAX_VALUE;
        double topMax = 0;
        double underside = Double.MAX_VALUE;
        for (Cell cell : terrain.cells()) {
            Optional<Slab> here = cell.slab(layer.id());
            if (here.isEmpty()) {
                continue;
            }
            Slab slab = here.get();
            Plane depth = slab.depth();
            volume += cell.plan().integral(depth);
            footprint += cell.plan().area();
            steepest = Math.max(steepest, slab.upper().gradient());
            for (Point p : cell.plan().corners()) {
                minDepth = Math.min(minDepth, depth.at(p));
                maxDepth = Math.max(maxDepth, depth.at(p));
                topMin = Math.min(topMin, slab.upper().at(p));
                topMax = Math.max(topMax, slab.upper().at(p));
                underside = Math.min(underside, slab.lower().at(p));
            }
        }
        if (footprint <= 0) {
            return new LayerResult.Shape(0, 0, 0, 0, 0, 0, 0, 0, 0, 0);
        }
        double net = Math.max(0, volume - taken);
        return new LayerResult.Shape(
                volume,
                net,
                footprint,
                volume / footprint,
                Math.max(0, minDepth),
                maxDepth,
                Math.atan(steepest),
                topMin,
                topMax,
                underside);
    }
}
