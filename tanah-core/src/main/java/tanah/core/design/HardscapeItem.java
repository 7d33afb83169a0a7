package tanah.core.design;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.geometry.Point;

/**
 * A stone, a piece of wood, cork or foam.
 *
 * @param id      in the document
 * @param name    for people
 * @param kind    stone, wood, cork or foam
 * @param media   catalogue id of the material
 * @param outline convex plan
 * @param givenBase height of its underside (m), default 0
 * @param height  (m)
 * @param volume  measured by dunking or by scale (m³)
 * @param density kg/m³
 * @param mass    kg
 * @param inWater whether it stands in the water part
 * @param fixing  what it stands on and how it is held
 * @param hide    the climate place that it makes, if it is one: warm, cool, humid or high
 * @param kept    what the climate will read
 */
public record HardscapeItem(
        String id,
        Optional<String> name,
        Optional<String> kind,
        Optional<String> media,
        List<Point> outline,
        OptionalDouble givenBase,
        double height,
        OptionalDouble volume,
        OptionalDouble density,
        OptionalDouble mass,
        Optional<Boolean> inWater,
        Fixing fixing,
        Optional<Hide> hide,
        OtherFields kept) {
    public HardscapeItem {
        outline = List.copyOf(outline);
    }

    /** Height of its underside (m). */
    public double base() {
        return givenBase.orElse(0);
    }

    /**
     * A hide.
     *
     * @param kind warm, cool, humid or high
     * @param kept its measures
     */
    public record Hide(String kind, OtherFields kept) {}

    public boolean stands() {
        return inWater.orElse(false);
    }

    /** Height of its top (m). */
    public double top() {
        return base() + height;
    }

    /** The piece at another place, moved as a whole (m). */
    public HardscapeItem moved(double dx, double dy, double dz) {
        List<Point> there =
                outline.stream().map(p -> new Point(p.x() + dx, p.y() + dy)).toList();
        return new HardscapeItem(
                id,
                name,
                kind,
                media,
                there,
                OptionalDouble.of(Math.max(0, base() + dz)),
                height,
                volume,
                density,
                mass,
                inWater,
                fixing,
                hide,
                kept);
    }

    public HardscapeItem shaped(List<Point> changed, double newHeight) {
        return new HardscapeItem(
                id, name, kind, media, changed, givenBase, newHeight, volume, density, mass, inWater, fixing, hide,
                kept);
    }

    public HardscapeItem named(Optional<String> changed) {
        return new HardscapeItem(
                id, changed, kind, media, outline, givenBase, height, volume, density, mass, inWater, fixing, hide,
                kept);
    }

    /** The piece made of something else; the material's density counts again. */
    public HardscapeItem madeOf(String newKind, String newMedia) {
        return new HardscapeItem(
                id,
                name,
                Optional.of(newKind),
                Optional.of(newMedia),
                outline,
                givenBase,
                height,
                volume,
                OptionalDouble.empty(),
                mass,
                inWater,
                fixing,
                hide,
                kept);
    }

    /** The same piece under another id. */
    public HardscapeItem copied(String newId) {
        return new HardscapeItem(
                newId, name, kind, media, outline, givenBase, height, volume, density, mass, inWater, fixing, hide,
                kept);
    }

    public HardscapeItem weighing(OptionalDouble newVolume, OptionalDouble newMass) {
        return new HardscapeItem(
                id, name, kind, media, outline, givenBase, height, newVolume, density, newMass, inWater, fixing, hide,
                kept);
    }

    public HardscapeItem fixed(Fixing changed) {
        return new HardscapeItem(
                id, name, kind, media, outline, givenBase, height, volume, density, mass, inWater, changed, hide, kept);
    }

    public HardscapeItem inWater(boolean wet) {
        return new HardscapeItem(
                id,
                name,
                kind,
                media,
                outline,
                givenBase,
                height,
                volume,
                density,
                mass,
                Optional.of(wet),
                fixing,
                hide,
                kept);
    }

    public HardscapeItem asHide(Optional<Hide> changed) {
        return new HardscapeItem(
                id, name, kind, media, outline, givenBase, height, volume, density, mass, inWater, fixing, changed,
                kept);
    }

    /** Whether an animal is meant to warm itself on it. */
    public boolean isBasking() {
        return kept.says("basking");
    }

    /** The piece as a basking place or not. */
    public HardscapeItem asBasking(boolean wanted) {
        return new HardscapeItem(
                id,
                name,
                kind,
                media,
                outline,
                givenBase,
                height,
                volume,
                density,
                mass,
                inWater,
                fixing,
                hide,
                wanted ? kept.with("basking", true) : kept.without("basking"));
    }

    /** Share of the light that its face takes up, default 0.85. */
    public double absorptance() {
        return kept.number("absorptance").orElse(0.85);
    }

    /** Face that spray wets (m²), default 0. */
    public double wettable() {
        return kept.number("wettable_cm2").orElse(0) * 1e-4;
    }
}
