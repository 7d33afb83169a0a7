package tanah.core.climate;

import java.util.List;

/**
 * What relays do in a day.
 *
 * @param swings one for each device that a thermostat switches on and off
 * @param energy of all devices (J)
 */
public record RelayCourse(List<Swing> swings, double energy) {
    public RelayCourse {
        swings = List.copyOf(swings);
    }

    /**
     * A device under a relay.
     *
     * @param fixture  its place in the enclosure's list
     * @param below    most that its probe feels under the set point, once that has been reached (K)
     * @param above    the same over it (K)
     * @param starts   times that it switches on in the day
     * @param shortest time between two starts (s); the whole day where there are fewer than two
     * @param energy   J
     */
    public record Swing(int fixture, double below, double above, int starts, double shortest, double energy) {}
}
