package tanah.core.commission;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.catalogue.Species;
import tanah.core.design.Design;
import tanah.core.design.Ids;
import tanah.core.design.Probe;
import tanah.core.vessel.Vessel;

/**
 * Places where readings of a new enclosure are taken (common practice): both ends of the gradient at the animal's
 * height, the basking surface, the ground of one that lives below, the water, and the room.
 */
public final class PlaceProposal {
    private static final double OVER_GROUND = 0.05; // m

    private PlaceProposal() {}

    /**
     * @param ground mean height of the ground (m)
     */
    public static List<Probe> propose(Species species, Design design, Vessel vessel, double ground) {
        List<Probe> probes = new ArrayList<>();
        double y = vessel.width() / 2;
        double air = Math.min(ground + OVER_GROUND, vessel.height() - 0.01);
        double warmX = vessel.length() * 0.8;
        double coolX = vessel.length() * 0.2;
        List<String> both = List.of("temp_air", "rh");
        if (species.baskingSurface().isPresent()) {
            probes.add(probe(
                    design,
                    "p-basking",
                    "basking place",
                    Probe.Kind.SURFACE,
                    Optional.of(Probe.Zone.BASKING),
                    warmX,
                    y,
                    ground,
                    List.of("temp_surface")));
        }
        probes.add(
                probe(design, "p-warm", "warm end", Probe.Kind.AIR, Optional.of(Probe.Zone.WARM), warmX, y, air, both));
        probes.add(
                probe(design, "p-cool", "cool end", Probe.Kind.AIR, Optional.of(Probe.Zone.COOL), coolX, y, air, both));
        if (species.burrower() >= 2) {
            probes.add(probe(
                    design,
                    "p-ground",
                    "in the ground",
                    Probe.Kind.SOIL,
                    Optional.empty(),
                    coolX,
                    y,
                    ground / 2,
                    List.of("temp_substrate")));
        }
        if (species.water().isPresent() && species.landFraction().max() < 1) {
            probes.add(probe(
                    design,
                    "p-water",
                    "water",
                    Probe.Kind.WATER,
                    Optional.empty(),
                    vessel.length() / 2,
                    y,
                    0.05,
                    List.of("temp_water")));
        }
        probes.add(new Probe(
                Ids.free(design, "p-room"),
                Optional.of("room"),
                Probe.Kind.ROOM,
                Optional.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty(),
                both));
        return probes;
    }

    private static Probe probe(
            Design design,
            String id,
            String name,
            Probe.Kind kind,
            Optional<Probe.Zone> zone,
            double x,
            double y,
            double z,
            List<String> reads) {
        return new Probe(
                Ids.free(design, id),
                Optional.of(name),
                kind,
                zone,
                OptionalDouble.of(round(x)),
                OptionalDouble.of(round(y)),
                OptionalDouble.of(round(z)),
                Optional.empty(),
                reads);
    }

    /** To a millimetre: nobody places a probe closer. */
    private static double round(double metres) {
        return Math.round(metres * 1000) / 1000.0;
    }
}
