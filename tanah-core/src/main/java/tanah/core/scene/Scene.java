package tanah.core.scene;

import java.util.List;
import java.util.OptionalDouble;
import tanah.core.geometry.Point;

/**
 * What there is to draw, in metres from the inner lower front left corner. In a section, a point's x is the distance
 * from the left and its y the height; in a plan, x is from the left and y from the front.
 *
 * @param length    inside extent along x (m)
 * @param width     inside extent along y (m)
 * @param height    inside height (m)
 * @param pane      wall thickness to draw (m)
 * @param lidMesh   share of the lid that is mesh
 * @param frontLip  height of the front lip, if there is one (m)
 * @param cut       distance of the section from the front (m)
 * @param section   what the section cuts, bottom to top
 * @param plan      what lies open seen from above
 * @param outline   inside plan
 * @param water     open water cut by the section, and its level
 * @param waterLevel of the open water (m)
 * @param solids    hardscape that the cut passes
 * @param behind    hardscape that the cut does not pass, seen from the front
 * @param pieces    hardscape seen from above
 * @param walls     walls between land and water, seen from above
 * @param ramps     ramps seen from the front
 * @param devices   heaters, pumps and filters in the water
 * @param flows     water that runs down: films and falls at their wall, beds of streams
 * @param barriers  separators under the soil
 * @param animals   at their true length, once
 * @param marks     places of readings
 * @param strata    layers as their labels need them
 */
public record Scene(
        double length,
        double width,
        double height,
        double pane,
        double lidMesh,
        OptionalDouble frontLip,
        double cut,
        List<Area> section,
        List<Area> plan,
        List<Point> outline,
        List<Area> water,
        OptionalDouble waterLevel,
        List<Area> solids,
        List<Area> behind,
        List<Area> pieces,
        List<Area> walls,
        List<Line> ramps,
        List<Device> devices,
        List<Area> flows,
        List<Line> barriers,
        List<Figure> animals,
        List<Mark> marks,
        List<Stratum> strata) {

    public Scene {
        section = List.copyOf(section);
        plan = List.copyOf(plan);
        outline = List.copyOf(outline);
        water = List.copyOf(water);
        solids = List.copyOf(solids);
        behind = List.copyOf(behind);
        pieces = List.copyOf(pieces);
        walls = List.copyOf(walls);
        ramps = List.copyOf(ramps);
        devices = List.copyOf(devices);
        flows = List.copyOf(flows);
        barriers = List.copyOf(barriers);
        animals = List.copyOf(animals);
        marks = List.copyOf(marks);
        strata = List.copyOf(strata);
    }

    /** The same scene with other ramps. */
    Scene withRamps(List<Line> changed) {
        return new Scene(
                length,
                width,
                height,
                pane,
                lidMesh,
                frontLip,
                cut,
                section,
                plan,
                outline,
                water,
                waterLevel,
                solids,
                behind,
                pieces,
                walls,
                changed,
                devices,
                flows,
                barriers,
                animals,
                marks,
                strata);
    }

    /**
     * A filled polygon.
     *
     * @param part id
     * @param texture what it is made of
     * @param points corners as they are drawn
     * @param frame corners as they were computed; for a piece of hardscape the box that it stands in
     */
    public record Area(String part, Texture texture, List<Point> points, List<Point> frame) {
        public Area {
            points = List.copyOf(points);
            frame = List.copyOf(frame);
        }

        /** Drawn as it was computed. */
        public Area(String part, Texture texture, List<Point> points) {
            this(part, texture, points, points);
        }
    }

    /**
     * A line.
     *
     * @param part id
     * @param points along it
     */
    public record Line(String part, List<Point> points) {
        public Line {
            points = List.copyOf(points);
        }
    }

    /**
     * An animal.
     *
     * @param part id
     * @param form outline to draw
     * @param length (m)
     * @param x and z where it stands (m)
     */
    public record Figure(String part, Form form, double length, double x, double z) {}

    /**
     * A place of readings.
     *
     * @param z is empty in the room
     */
    public record Mark(String part, double x, double y, double z) {}

    /**
     * A layer as the labels need it: where it meets the left and the right wall of the section.
     *
     * @param part id
     * @param anchorX where its label points to (m)
     * @param anchorZ middle of the layer there (m)
     * @param top     its surface at the left wall (m)
     * @param bottom  its underside at the left wall (m)
     */
    public record Stratum(String part, double anchorX, double anchorZ, double top, double bottom) {}

    /** Outlines of animals. */
    public enum Form {
        LIZARD,
        SNAKE,
        CHELONIAN,
        FROG,
        NEWT,
        SPIDER,
        SCORPION,
        MYRIAPOD,
        INSECT,
        SNAIL,
        CRAB
    }

    /** What a surface is made of; the drawing has one pattern for each. */
    public enum Texture {
        LITTER,
        HUMUS,
        ARID,
        SAND,
        CLAY,
        GRAVEL,
        ROCK,
        WOOD,
        CORK,
        FOAM,
        MOSS,
        WATER,
        VOID,
        /** A part of the floor that is kept damp. */
        DAMP,
        /** A part of the floor that is kept dry. */
        DRY
    }

    /** What a device in the water looks like. */
    public enum Gear {
        HEATER,
        PUMP,
        FILTER,
        STIRRER
    }

    /**
     * A device in the water, at its middle or its inlet.
     *
     * @param length of a heater (m), else 0
     */
    public record Device(String part, Gear gear, double x, double y, double z, double length) {}
}
