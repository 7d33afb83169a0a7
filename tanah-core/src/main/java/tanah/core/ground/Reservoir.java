package tanah.core.ground;

import static tanah.core.physics.Constants.DAY;
import static tanah.core.physics.Constants.GRAVITY;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.design.Design;
import tanah.core.design.Layer;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.units.Unit;

/**
 * Room for surplus water: in a drainage layer under the soil, or in the soil itself where there is none.
 *
 * @param layer   that takes the water
 * @param drained whether it is a drainage layer or open space
 * @param store   that it takes before roots stand in it, or before it is waterlogged (m³)
 * @param share   of its volume that a siphon gets back; of soil 0
 * @param area    m²
 */
public record Reservoir(String layer, boolean drained, double store, double share, double area) {
    public static final RuleId FILLS = new RuleId("GW-050");
    public static final RuleId WATERLOGS = new RuleId("GW-052");

    private static final double GAP = 0.02; // m under the soil, common practice
    private static final double LEAST_RESERVE = 0.005; // m
    private static final double SOON = 60; // days
    private static final double VERY_SOON = 14; // days
    private static final double ARID_SOON = 180; // days
    private static final double TUBE = 0.5; // discharge of a tube's end, handbook value from memory

    public static Optional<Reservoir> of(Design design, GroundResult ground) {
        Optional<Layer> drains = design.ground().layers().stream()
                .filter(l -> l.is(Layer.Kind.DRAINAGE) || l.is(Layer.Kind.FALSE_BOTTOM))
                .findFirst();
        return drains.isPresent()
                ? drains.flatMap(l -> ground.layer(l.id()).map(r -> drainage(l, r, ground)))
                : soil(design, ground);
    }

    private static Reservoir drainage(Layer layer, LayerResult result, GroundResult ground) {
        Soil soil = ground.soils().get(layer.id());
        double rise = layer.is(Layer.Kind.FALSE_BOTTOM) || soil == null ? 0 : soil.capillaryRise();
        double reserve = Math.max(LEAST_RESERVE, GAP - rise);
        double area = result.shape().footprint();
        double store = store(area, result.shape().meanDepth(), reserve, rise, result.drainable());
        return new Reservoir(layer.id(), true, store, result.drainable(), area);
    }

    /**
     * What a drainage layer takes before it is full (m³).
     *
     * @param area    m²
     * @param depth   of the layer (m)
     * @param reserve kept free under the soil (m)
     * @param rise    that the medium draws up by itself (m)
     * @param share   of the layer that drains
     */
    public static double store(double area, double depth, double reserve, double rise, double share) {
        return area * Math.max(0, depth - reserve - rise) * share;
    }

    /** What a dry soil takes between its wilting point and the content at which its base stays wet. */
    private static Optional<Reservoir> soil(Design design, GroundResult ground) {
        return design.ground().layers().stream()
                .filter(l ->
                        l.is(Layer.Kind.SUBSTRATE) && !l.options().aquatic().orElse(false))
                .findFirst()
                .flatMap(l -> ground.layer(l.id()))
                .filter(r -> r.shape().exists() && ground.soils().containsKey(r.id()))
                .map(r -> {
                    SoilWater water = ground.soils().get(r.id()).water();
                    double room = Math.max(0, water.columnMean(r.shape().meanDepth()) - water.wilting());
                    return new Reservoir(
                            r.id(),
                            false,
                            room * r.shape().netVolume(),
                            0,
                            r.shape().footprint());
                });
    }

    /** Days until it is full; empty where more leaves than comes. Net inflow in m³ a day. */
    public OptionalDouble days(double net) {
        return net > 0 ? OptionalDouble.of(store / net) : OptionalDouble.empty();
    }

    /** Time in which a tube drains it (s). Bore and drop in m, both greater than 0. */
    public double drainTime(double bore, double drop) {
        return store / (TUBE * Math.PI * bore * bore / 4 * Math.sqrt(2 * GRAVITY * drop));
    }

    /** What a net inflow means (m³ a day). */
    public Finding judge(double net) {
        RuleId rule = drained ? FILLS : WATERLOGS;
        Place place = Place.part(Stage.GROUND, layer);
        OptionalDouble days = days(net);
        List<Measure> numbers = List.of(
                new Measure("days", days.orElse(0) * DAY, Unit.DAY),
                new Measure("store", store, Unit.LITRE),
                new Measure("net", net, Unit.LITRE));
        if (days.isEmpty()) {
            return Finding.of(rule, Severity.GOOD, place, numbers, List.of()).worded("dries");
        }
        double n = days.getAsDouble();
        if (n >= (drained ? SOON : ARID_SOON)) {
            return Finding.of(rule, Severity.GOOD, place, numbers, List.of());
        }
        Severity severity = drained && n < VERY_SOON ? Severity.STOP : Severity.CAUTION;
        Remedy less = Remedy.byHand("water-less");
        return Finding.of(
                rule, severity, place, numbers, drained ? List.of(less, Remedy.byHand("drain-tube")) : List.of(less));
    }
}
