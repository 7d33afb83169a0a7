package tanah.core.testing;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Boxes;
import tanah.core.design.Design;
import tanah.core.design.Ground;
import tanah.core.design.Layer;
import tanah.core.design.OtherFields;
import tanah.core.design.Recipe;
import tanah.core.design.Surface;
import tanah.core.design.VesselPlan;
import tanah.core.ground.GroundModel;
import tanah.core.ground.GroundResult;
import tanah.core.vessel.Material;
import tanah.core.vessel.Vessel;

/** Boxes and layers for tests. */
public final class TestDesigns {
    private TestDesigns() {}

    /** A design with an inside box of glass and layers; measures in m. */
    public static Design box(double length, double width, double height, Layer... layers) {
        VesselPlan plan = new VesselPlan(
                Optional.empty(),
                Optional.of(VesselPlan.Shape.RECTANGLE),
                Optional.empty(),
                Optional.of(VesselPlan.Measures.box(length, width, height)),
                OptionalDouble.of(0.006),
                OptionalDouble.empty(),
                Optional.of(Material.GLASS_ANNEALED),
                Optional.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty(),
                Optional.empty(),
                tanah.core.design.Envelope.PLAIN,
                OtherFields.NONE);
        return Design.named("test").withVessel(plan).withGround(new Ground(List.of(layers), List.of()));
    }

    /** The same design with a front lip (m). */
    public static Design withLip(Design design, double lip) {
        VesselPlan v = design.vessel().orElseThrow();
        return design.withVessel(new VesselPlan(
                v.catalogue(),
                v.shape(),
                v.outside(),
                v.inside(),
                v.pane(),
                v.base(),
                v.material(),
                v.label(),
                v.usableHeight(),
                OptionalDouble.of(lip),
                v.waterproofDepth(),
                v.lid(),
                v.structure(),
                v.envelope(),
                v.kept()));
    }

    public static Layer layer(String id, Layer.Kind kind, String media, Surface surface) {
        return new Layer(
                id,
                kind,
                Optional.of(new Recipe.Named(media)),
                Optional.empty(),
                surface,
                Layer.Options.NONE,
                OtherFields.NONE);
    }

    public static Layer soil(String media, double depth) {
        return layer("soil", Layer.Kind.SUBSTRATE, media, new Surface.Thickness(depth));
    }

    public static Layer slope(String media, double front, double back) {
        return layer("soil", Layer.Kind.SUBSTRATE, media, new Surface.Slope(front, back));
    }

    public static Layer drainage(double depth) {
        return layer("drainage", Layer.Kind.DRAINAGE, "expanded_clay_8_16", new Surface.Thickness(depth));
    }

    public static Vessel vessel(Design design) {
        return Boxes.resolve(design.vessel().orElseThrow(), TestMedia.catalogue());
    }

    public static GroundResult ground(Design design) {
        Catalogue catalogue = TestMedia.catalogue();
        return GroundModel.compute(design, vessel(design), catalogue);
    }
}
