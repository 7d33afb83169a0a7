package tanah.core.box;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.OptionalDouble;
import tanah.core.light.Block;
import tanah.core.light.Leaves;

/**
 * All that the climate of an enclosure hangs on, in SI.
 *
 * @param shell     box
 * @param floor     land and water
 * @param platforms raised surfaces with a temperature of their own
 * @param obstacles opaque things
 * @param plants    foliage
 * @param fixtures  devices
 * @param lightsOn  hour of the day
 * @param photoperiod hours of light
 * @param mist      sprays
 * @param fanSpeed  mean speed of the air by a fan inside (m/s)
 * @param exchange  forced exchange with the room (m³/s)
 * @param pressure  of the air (Pa)
 */
@RecordBuilder
public record ClimateCase(
        Shell shell,
        List<Floor> floor,
        List<Platform> platforms,
        List<Obstacle> obstacles,
        List<Leaves> plants,
        List<Fixture> fixtures,
        double lightsOn,
        double photoperiod,
        Mist mist,
        double fanSpeed,
        double exchange,
        double pressure)
        implements ClimateCaseBuilder.With {
    public ClimateCase {
        floor = List.copyOf(floor);
        platforms = List.copyOf(platforms);
        obstacles = List.copyOf(obstacles);
        plants = List.copyOf(plants);
        fixtures = List.copyOf(fixtures);
    }

    /**
     * A raised surface.
     *
     * @param name        unique
     * @param x           middle (m)
     * @param y           middle (m)
     * @param z           of its top (m)
     * @param sizeX       m
     * @param sizeY       m
     * @param matter      with its thickness
     * @param absorptance for light
     * @param basking     whether the animal is meant to warm itself on it
     */
    public record Platform(
            String name,
            double x,
            double y,
            double z,
            double sizeX,
            double sizeY,
            Sheet matter,
            double absorptance,
            boolean basking) {
        public Block block() {
            return new Block(x - sizeX / 2, x + sizeX / 2, y - sizeY / 2, y + sizeY / 2, z - matter.thickness(), z);
        }

        public double area() {
            return sizeX * sizeY;
        }
    }

    /**
     * A thing that shades.
     *
     * @param block    where it is
     * @param wettable face that spray wets (m²)
     */
    public record Obstacle(Block block, double wettable) {}

    /**
     * Sprays of a day and where they go.
     *
     * @param events in order of the hour
     * @param air    share that evaporates as it falls
     * @param leaf   share on foliage
     * @param glass  share on panes; the rest reaches the ground
     * @param flow   of all nozzles while they spray (kg/s)
     */
    public record Mist(List<Spray> events, double air, double leaf, double glass, double flow) {
        public static final Mist NONE = new Mist(List.of(), 0.03, 0.30, 0.12, 0);

        public Mist(List<Spray> events, double air, double leaf, double glass) {
            this(events, air, leaf, glass, 0);
        }

        public Mist {
            events = List.copyOf(events);
        }
    }

    /**
     * A spray.
     *
     * @param hour  of the day
     * @param water kg
     * @param air   share that evaporates as it falls, if it is not that of all sprays: a fogger's is higher
     */
    public record Spray(double hour, double water, OptionalDouble air) {
        public Spray(double hour, double water) {
            this(hour, water, OptionalDouble.empty());
        }
    }

    /** A room at one time: °C and share of saturation. */
    public record Outside(double celsius, double humidity) {}

    /** The room in a season: by day and by night, and when the day begins and ends for the room (hours). */
    public record RoomCourse(Outside day, Outside night, double begins, double ends) {
        /** Share of the 24 hours at which the room is at its day. */
        public double dayShare() {
            return Math.max(0, Math.min(1, (ends - begins) / 24));
        }

        /** Mean temperature of the 24 hours (°C). */
        public double meanCelsius() {
            return night.celsius() + dayShare() * (day.celsius() - night.celsius());
        }
    }

    /** Whether the lamps' day holds at an hour. */
    public boolean isLit(double hour) {
        return Fixture.within(hour, lightsOn, photoperiod);
    }

    /** Whether a thermostat switches on and off, so that a relay is worth following. */
    public boolean hasRelays() {
        return fixtures.stream()
                .flatMap(f -> f.thermostat().stream())
                .anyMatch(t -> t.control() == Fixture.Control.ON_OFF);
    }
}
