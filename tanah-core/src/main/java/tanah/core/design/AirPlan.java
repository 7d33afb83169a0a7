package tanah.core.design;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Moved and moistened air.
 *
 * @param fanSpeed mean speed of the air by a fan inside (m/s), default 0
 * @param exchange forced exchange with the room (m³/s), default 0
 * @param mist     sprays
 */
@RecordBuilder
public record AirPlan(OptionalDouble fanSpeed, OptionalDouble exchange, Optional<Mist> mist)
        implements AirPlanBuilder.With {
    public static final AirPlan STILL = new AirPlan(OptionalDouble.empty(), OptionalDouble.empty(), Optional.empty());

    /**
     * @param pump    item
     * @param tank    item
     * @param nozzles where they hang
     * @param events  of a day
     * @param air     share that evaporates as it falls, default 0.03
     * @param leaf    share on foliage, default 0.30
     * @param glass   share on panes, default 0.12
     */
    @RecordBuilder
    public record Mist(
            Optional<String> pump,
            Optional<String> tank,
            List<Nozzle> nozzles,
            List<Event> events,
            OptionalDouble air,
            OptionalDouble leaf,
            OptionalDouble glass)
            implements AirPlanMistBuilder.With {
        public static final Mist NONE = new Mist(
                Optional.empty(),
                Optional.empty(),
                List.of(),
                List.of(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty());

        public Mist {
            nozzles = List.copyOf(nozzles);
            events = List.copyOf(events);
        }
    }

    /**
     * @param id   in the document
     * @param item of the catalogue
     * @param at   where it hangs
     * @param flow m³/s, if not its item's
     */
    @RecordBuilder
    public record Nozzle(String id, Optional<String> item, Device.Spot at, OptionalDouble flow)
            implements AirPlanNozzleBuilder.With {}

    /**
     * @param hour    of the day
     * @param seconds it sprays
     * @param nozzles ids of those that spray; empty: all
     */
    @RecordBuilder
    public record Event(double hour, double seconds, List<String> nozzles) implements AirPlanEventBuilder.With {
        public Event {
            nozzles = List.copyOf(nozzles);
        }
    }
}
