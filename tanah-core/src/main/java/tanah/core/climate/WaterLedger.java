package tanah.core.climate;

/**
 * Water that moved in a day (kg). Sprayed = carried out by the air + evaporated into it and stayed + stored + drained.
 *
 * @param sprayed   by mist
 * @param carried   out with the air, net
 * @param soil      evaporated from soil
 * @param water     evaporated from open water
 * @param films     evaporated from films, net of what condensed
 * @param plants    transpired
 * @param front     condensed on the front pane
 * @param drained   into the reservoir
 * @param pools     more in open water than before, less where negative
 * @param gap       not accounted for; nothing but round-off
 */
public record WaterLedger(
        double sprayed,
        double carried,
        double soil,
        double water,
        double films,
        double plants,
        double front,
        double drained,
        double pools,
        double gap) {
    /** What drainage and open water gain together (kg). */
    public double gained() {
        return drained + pools;
    }
}
