package tanah.core.design;

import io.soabase.recordbuilder.core.RecordBuilder;
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
 * @param look    how it is drawn, if that was saved
 * @param kept    what the climate will read
 */
@RecordBuilder
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
        Optional<PieceLook> look,
        OtherFields kept)
        implements HardscapeItemBuilder.With {
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
        return with().outline(there)
                .givenBase(OptionalDouble.of(Math.max(0, base() + dz)))
                .build();
    }

    public HardscapeItem shaped(List<Point> changed, double newHeight) {
        return with().outline(changed).height(newHeight).build();
    }

    public HardscapeItem named(Optional<String> changed) {
        return withName(changed);
    }

    /** The piece made of something else; the material's density counts again, and it looks like the new material. */
    public HardscapeItem madeOf(String newKind, String newMedia) {
        return with().kind(Optional.of(newKind))
                .media(Optional.of(newMedia))
                .density(OptionalDouble.empty())
                .look(Optional.empty())
                .build();
    }

    /** The same piece under another id. */
    public HardscapeItem copied(String newId) {
        return withId(newId);
    }

    public HardscapeItem weighing(OptionalDouble newVolume, OptionalDouble newMass) {
        return with().volume(newVolume).mass(newMass).build();
    }

    public HardscapeItem fixed(Fixing changed) {
        return withFixing(changed);
    }

    public HardscapeItem inWater(boolean wet) {
        return withInWater(Optional.of(wet));
    }

    public HardscapeItem asHide(Optional<Hide> changed) {
        return withHide(changed);
    }

    /** Whether an animal is meant to warm itself on it. */
    public boolean isBasking() {
        return kept.says("basking");
    }

    /** The piece as a basking place or not. */
    public HardscapeItem asBasking(boolean wanted) {
        return withKept(wanted ? kept.with("basking", true) : kept.without("basking"));
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
