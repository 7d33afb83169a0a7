package tanah.core.water;

import static tanah.core.physics.Constants.GRAVITY;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Gear;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.Fitting;
import tanah.core.design.WaterFeature;

/**
 * One pump or filter at work.
 *
 * @param device  of the plan
 * @param gear    its item
 * @param feature what it feeds
 * @param line    its tube, if it is planned
 * @param flow    with clean media and tube (m³/s); empty: it lifts no water to the outlet
 * @param dirty   before cleaning (m³/s); empty: none then
 * @param wanted  by the feature (m³/s)
 * @param under   water in channel or film (m³)
 */
public record Run(
        Device device,
        Gear gear,
        Optional<WaterFeature> feature,
        Optional<Pipe> line,
        OptionalDouble flow,
        OptionalDouble dirty,
        OptionalDouble wanted,
        double under) {
    /** Head that is left before a pump is cleaned, common practice. */
    public static final double DIRTY = 0.7;

    private static final double CANISTER = 0.5; // of the rating with full media, common practice
    private static final double IN_WATER = 0.7; // of the rating, foam in front; from memory
    private static final double POT = 1.2; // water in a canister over the room of its media, from memory, 0.9 to 1.6
    private static final double FOAM = 300; // m² of coarse foam in a cubic metre, from memory, 200 to 500
    private static final double HOSES = 0.4e-3; // m³: two hoses of 1.5 m, 13 mm wide, common practice
    private static final double BED = 0.035; // s/m^⅓, smooth bed, handbook value from memory
    private static final double BORE = 0.012; // m, usual outlet where none is given

    static Optional<Run> of(Design design, Device device, Catalogue catalogue, double level, double celsius) {
        Gear gear = catalogue.findGear(device.item()).orElse(null);
        if (gear == null || !(gear.isPump() || gear.isFilter() || gear.isStreamPump())) {
            return Optional.empty();
        }
        Optional<WaterFeature> feature = design.water().orElseThrow().features().stream()
                .filter(f -> f.pump().filter(device.id()::equals).isPresent())
                .findFirst();
        OptionalDouble wanted = feature.map(WaterFeature::flow).orElse(OptionalDouble.empty());
        Optional<Pipe> line = line(device, feature, level);
        OptionalDouble flow;
        OptionalDouble dirty;
        if (gear.isPump() && line.isPresent() && hasCurve(gear)) {
            double kept = device.outlet().derate().orElse(1);
            flow = curve(gear, kept).flow(line.get(), celsius);
            dirty = curve(gear, Math.min(kept, DIRTY)).flow(line.get(), celsius);
        } else {
            double most = gear.flow().most().orElse(0);
            double usual = gear.isFilter() ? (isCanister(gear) ? CANISTER : IN_WATER) : 1;
            double share = device.outlet().derate().orElse(usual);
            flow = wanted.isPresent() ? wanted : OptionalDouble.of(most * share);
            dirty = OptionalDouble.of(flow.getAsDouble() * (gear.isPump() ? 1 : DIRTY));
        }
        return Optional.of(new Run(
                device, gear, feature, line, flow, dirty, wanted, under(feature, flow.orElse(0), level, celsius)));
    }

    private static boolean hasCurve(Gear gear) {
        return gear.flow().most().isPresent() && gear.flow().head().isPresent();
    }

    static PumpCurve curve(Gear gear, double derate) {
        return new PumpCurve(
                gear.flow().head().orElseThrow(), gear.flow().most().orElseThrow(), derate);
    }

    private static Optional<Pipe> line(Device device, Optional<WaterFeature> feature, double level) {
        if (device.circuit().filter(c -> !c.stretches().isEmpty()).isEmpty()) {
            return Optional.empty();
        }
        Device.Circuit circuit = device.circuit().get();
        OptionalDouble bar = feature.map(WaterFeature::bar).orElse(OptionalDouble.empty());
        double rise = circuit.rise().orElse(bar.isPresent() ? Math.max(0, bar.getAsDouble() - level) : 0);
        return Optional.of(
                new Pipe(rise, circuit.stretches().stream().map(Run::segment).toList()));
    }

    static Pipe.Segment segment(Device.Stretch s) {
        return new Pipe.Segment(s.length(), s.bore(), s.roughness().orElse(Pipe.SMOOTH), losses(s));
    }

    private static double losses(Device.Stretch stretch) {
        return stretch.fittings().entrySet().stream()
                .mapToDouble(f -> Fitting.of(f.getKey()).map(Fitting::loss).orElse(0.0) * f.getValue())
                .sum();
    }

    private static double under(Optional<WaterFeature> feature, double flow, double level, double celsius) {
        if (feature.isEmpty() || flow <= 0) {
            return 0;
        }
        WaterFeature f = feature.get();
        double fall = Math.max(0, f.bar().orElse(level) - level);
        double width = f.width().orElse(0);
        return switch (f.kind()) {
            case FALL -> flow * Math.sqrt(2 * fall / GRAVITY);
            case DRIP_WALL -> width > 0 ? OpenFlow.filmThickness(flow, width, celsius) * width * fall : 0;
            case STREAM -> {
                double length = f.length().orElse(0);
                double slope = f.slope().orElse(0);
                yield width > 0 && length > 0 && slope > 0
                        ? OpenFlow.channelDepth(flow, width, slope, BED) * width * length
                        : 0;
            }
        };
    }

    /** Whether all is known that its water under way is computed from. */
    public boolean isComplete() {
        if (feature.isEmpty()) {
            return true;
        }
        WaterFeature f = feature.get();
        return switch (f.kind()) {
            case FALL -> f.bar().isPresent();
            case DRIP_WALL -> f.bar().isPresent() && f.width().isPresent();
            case STREAM ->
                f.width().isPresent() && f.length().isPresent() && f.slope().orElse(0) > 0;
        };
    }

    /** Whether the line stays full when the pump stops. */
    public boolean hasCheckValve() {
        return device.circuit().isPresent()
                && device.circuit().get().stretches().stream()
                        .anyMatch(s -> s.fittings().getOrDefault(Fitting.CHECK_VALVE.word(), 0) > 0);
    }

    /** Water in a tube that fills and empties with the pump (m³). */
    public double tube() {
        return isCanister() ? 0 : line.map(Pipe::volume).orElse(0.0);
    }

    /** Whether it stands outside the box and is filled from it. */
    public boolean isCanister() {
        return isCanister(gear);
    }

    private static boolean isCanister(Gear gear) {
        return gear.category().equals("canister");
    }

    /**
     * Water in a canister and its hoses (m³), the usual hoses where none are planned: once filled they stay full. 0 for what stands in
     * the water.
     */
    public double pot() {
        return isCanister()
                ? POT * gear.flow().media().orElse(0) + line.map(Pipe::volume).orElse(HOSES)
                : 0;
    }

    /** Surface for bacteria (m²): as said, else what coarse foam offers in the room of its media. */
    public double media() {
        return device.outlet().media().orElse(gear.flow().media().orElse(0) * FOAM);
    }

    /** Whether it pushes a jet into the water. */
    public boolean hasJet() {
        return feature.isEmpty() && !gear.isSponge() && flow.orElse(0) > 0;
    }

    /** Openings of the outlet. */
    public int outlets() {
        OptionalInt count = device.outlet().count();
        return count.orElse(1);
    }

    /** Bore of one opening (m); that of the tube, or the usual 12 mm, where none is given. */
    public double outletBore() {
        if (device.outlet().bore().isPresent()) {
            return device.outlet().bore().getAsDouble();
        }
        return line.map(l -> l.segments().get(l.segments().size() - 1).bore()).orElse(BORE);
    }

    /** Water that has to stand over the inlet (m): behind a guard the least, else by the bore of the tube. */
    public double cover() {
        if (device.guard().isPresent() || gear.isSponge()) {
            return Sump.LEAST_COVER;
        }
        double bore = line.map(l -> l.segments().get(0).bore()).orElse(BORE);
        return Sump.cover(flow.orElse(0), Math.PI * bore * bore / 4);
    }
}
