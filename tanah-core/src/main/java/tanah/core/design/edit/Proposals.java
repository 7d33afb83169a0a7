package tanah.core.design.edit;

import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.WaterFeature;

/**
 * Where new things usually go, by what the plan comes to. Computed by rooms that build on this one; a change asks for it through its
 * {@link EditContext}. Each answer is empty where the plan has no place for it.
 */
public interface Proposals {
    /** Nobody to ask: no place for anything. */
    Proposals NONE = new Proposals() {};

    /** A lamp or a mat of the catalogue. */
    default Optional<Design> lamp(Design design, String item) {
        return Optional.empty();
    }

    /** A pump, filter or heater of the catalogue, in the water. */
    default Optional<Design> waterDevice(Design design, String item) {
        return Optional.empty();
    }

    /** Where a nozzle goes that is wanted at a place: there, or as near to it as it sprays on no lamp. */
    default Device.Spot nozzle(Design design, Device.Spot wanted) {
        return wanted;
    }

    /** Running water. */
    default Optional<Design> feature(Design design, WaterFeature.Kind kind) {
        return Optional.empty();
    }

    /**
     * A piece of hardscape.
     *
     * @param piece measures (m); empty: the usual ones of its material
     */
    default Optional<Design> piece(Design design, NewPiece piece) {
        return Optional.empty();
    }

    /** A young piece of a kind of plant, where it does best of what is free. */
    default Optional<Design> plant(Design design, String kind) {
        return Optional.empty();
    }

    /** A part of the floor that is kept damp, or dry, at the cool end. */
    default Optional<Design> refuge(Design design, boolean damp) {
        return Optional.empty();
    }

    /** The first open water, behind a wall. */
    default Optional<Design> water(Design design) {
        return Optional.empty();
    }

    default Optional<Design> pool(Design design) {
        return Optional.empty();
    }

    default Optional<Design> islet(Design design) {
        return Optional.empty();
    }

    /** A way out of the water. */
    default Optional<Design> ramp(Design design) {
        return Optional.empty();
    }

    /**
     * A piece to be laid.
     *
     * @param media  of the catalogue
     * @param name   the keeper's, if it has one
     * @param length along the front (m); empty: usual
     * @param width  m; empty: usual
     * @param height m; empty: usual
     * @param volume measured (m³), if known
     * @param mass   weighed (kg), if known
     */
    record NewPiece(
            String media,
            Optional<String> name,
            OptionalDouble length,
            OptionalDouble width,
            OptionalDouble height,
            OptionalDouble volume,
            OptionalDouble mass) {
        /** One of the catalogue, of usual measures. */
        public static NewPiece of(String media) {
            OptionalDouble usual = OptionalDouble.empty();
            return new NewPiece(media, Optional.empty(), usual, usual, usual, usual, usual);
        }
    }
}
