package tanah.core.finding;

import java.util.List;

/**
 * A way to settle a finding.
 *
 * @param key      names the wording
 * @param measures numbers that the wording needs
 * @param words    names that the wording needs
 * @param action   what pressing it does, or {@link Action.ByHand}
 */
public record Remedy(String key, List<Measure> measures, List<String> words, Action action) {
    public Remedy {
        measures = List.copyOf(measures);
        words = List.copyOf(words);
    }

    /** A remedy that a person carries out. */
    public static Remedy byHand(String key, Measure... measures) {
        return new Remedy(key, List.of(measures), List.of(), new Action.ByHand());
    }

    /** A remedy that is one change of the design. */
    public static Remedy change(String key, Action action, Measure... measures) {
        return new Remedy(key, List.of(measures), List.of(), action);
    }

    /** The same remedy with names for its wording. */
    public Remedy words(String... names) {
        return new Remedy(key, measures, List.of(names), action);
    }

    /** What pressing a remedy does. The design package turns each into a new design. */
    public sealed interface Action {
        /** Nothing that the tool could do by itself. */
        record ByHand() implements Action {}

        /** Go to a stage, where the change is made by hand. */
        record GoTo(Stage stage) implements Action {}

        /** Set the depth of a layer that has one depth (m). */
        record SetDepth(String layer, double depth) implements Action {}

        /** Set a sloped layer's front and back (m). */
        record SetSlope(String layer, double front, double back) implements Action {}

        /** Take a layer out. */
        record RemoveLayer(String layer) implements Action {}

        /** Put a medium or mix in place of a layer's own. */
        record SetMedia(String layer, String media) implements Action {}

        /** Lay the separator under a layer. */
        record SetMesh(String layer) implements Action {}

        /** Give the separator under a layer another opening (m). */
        record SetMeshHole(String layer, double hole) implements Action {}

        /** Put a layer of drainage of this depth (m) under everything. */
        record AddDrainage(String media, double depth) implements Action {}

        /** Set the number of animals and, where given, of males (-1: not given). */
        record SetCount(String resident, int count, int males) implements Action {}

        /** Choose a school. */
        record SetSchool(String choice, String option) implements Action {}

        /** Fill to another level (m). */
        record SetLevel(double level) implements Action {}

        /** Build the wall between land and water to another height (m). */
        record SetDamTop(String dam, double top) implements Action {}

        /** Make the wall of a kind that seals. */
        record SealDam(String dam, String kind) implements Action {}

        /** Take soil in the water as wanted. */
        record AcceptWicking() implements Action {}

        /** Let floating plants or cork cover a share of the open water. */
        record CoverWater(double share) implements Action {}

        /** Lay a ramp into the water: heights of its ends, its length along the slope and its width (m). */
        record AddRamp(double foot, double top, double length, double width) implements Action {}

        /** Stand a piece on the base, on a pad of an area (m²). */
        record StandOnBase(String item, double pad) implements Action {}

        /** Hold a piece down with stone (kg). */
        record AnchorItem(String item, double mass) implements Action {}

        /** Put another item in a device's place. */
        record SetDevice(String device, String item) implements Action {}

        /** Put a guard on a device. */
        record SetGuard(String device, String guard) implements Action {}

        /** Give the outlet of a device a number of openings. */
        record SetOutlets(String device, int count) implements Action {}

        /** Hang a lamp with its front at another height (m). */
        record HangLamp(String device, double z) implements Action {}

        /** Take a device out. */
        record RemoveDevice(String device) implements Action {}

        /** Give a heater a control of an item and a set point (°C), felt at a place that is made where there is none. */
        record Control(String device, String item, double set) implements Action {}

        /** Make another share of the lid mesh. */
        record SetMeshShare(double share) implements Action {}

        /** Look for equipment that meets all needs. */
        record Find() implements Action {}

        /** Choose another vessel from the list. */
        record SetVessel(String vessel) implements Action {}
    }
}
