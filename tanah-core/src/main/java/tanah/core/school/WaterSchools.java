package tanah.core.school;

import static tanah.core.physics.Constants.HOUR;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import tanah.core.animal.Inhabitant;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Gear;
import tanah.core.catalogue.Range;
import tanah.core.catalogue.Species;
import tanah.core.design.Dam;
import tanah.core.design.DamMove;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.Layer;
import tanah.core.design.NewLayer;
import tanah.core.design.Recipe;
import tanah.core.design.Surface;
import tanah.core.design.edit.DeviceEdit;
import tanah.core.design.edit.DeviceNumber;
import tanah.core.design.edit.EditContext;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.finding.Finding;
import tanah.core.finding.Remedy;
import tanah.core.finding.Severity;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.water.CurrentRule;
import tanah.core.water.PumpProposal;
import tanah.core.water.WasteRule;

/**
 * How deep the water is, what lies on its floor and how it is kept clean. Depths of sand and gravel are common practice.
 */
final class WaterSchools {
    private static final String SAND = "sand_play";
    private static final String GRAVEL = "pea_gravel_4_8";
    private static final double SAND_DEPTH = 0.02; // m
    private static final double GRAVEL_DEPTH = 0.03; // m
    private static final double COARSE = 0.002; // m, from which grains count as gravel
    private static final double APART = 0.01; // m, between deep and shallow for the choice to be one
    private static final double STEP = 0.005; // m
    private static final double PRACTICE = 2; // volumes an hour

    private WaterSchools() {}

    // ---- depth

    /** Deepest place in the two ways for the first animal that enters the water, shallow first (m). */
    private static Optional<Range> depths(Design design, Catalogue catalogue) {
        return design.animals().stream()
                .map(r -> Inhabitant.of(r, catalogue))
                .filter(a -> a.profile().optional("water_depth_max_cm").orElse(0) > 0)
                .findFirst()
                .map(WaterSchools::depths);
    }

    private static Range depths(Inhabitant animal) {
        Species s = animal.profile();
        double most = s.number("water_depth_max_cm") / 100;
        double young = s.optional("water_depth_juvenile_max_cm").orElse(0) / 100;
        if (animal.isYoung() && young > 0) {
            most = Math.min(most, young);
        }
        double least = s.optional("water_depth_min_cm").orElse(0) / 100;
        // the way to air is as long as the body or the shell, never under what the animal needs
        double shallow = Math.max(least, Math.min(most, s.bodyLengthAdult() * animal.lengthShare()));
        return new Range(Math.min(shallow, most), most);
    }

    static boolean hasDepths(Design design, Catalogue catalogue) {
        return design.water().isPresent()
                && depths(design, catalogue)
                        .filter(r -> r.max() - r.min() >= APART)
                        .isPresent();
    }

    static String depth(Design design, Catalogue catalogue) {
        Range two = depths(design, catalogue).orElseThrow();
        double now = deepest(design, catalogue);
        return now >= (two.min() + two.max()) / 2 ? "deep" : "shallow";
    }

    private static double deepest(Design design, Catalogue catalogue) {
        return Evaluator.evaluate(design, catalogue)
                .water()
                .map(w -> w.water().depthMax())
                .orElse(0.0);
    }

    static Design withDepth(Design design, String option, Catalogue catalogue) {
        Range two = depths(design, catalogue).orElseThrow();
        double wanted = option.equals("deep") ? two.max() : two.min();
        double level = Evaluator.evaluate(design, catalogue)
                .water()
                .map(w -> w.water().level() + wanted - w.water().depthMax())
                .orElse(wanted);
        double rounded = Math.max(STEP, Math.floor(level / STEP + 1e-6) * STEP);
        return design.withWater(design.water().map(w -> w.withLevel(rounded)));
    }

    // ---- floor

    static Optional<Layer> floor(Design design) {
        return design.ground().layers().stream()
                .filter(l -> l.options().aquatic().orElse(false))
                .findFirst();
    }

    /** Whether a floor could be laid or taken out: the water has a place of its own, or the box is water all over. */
    static boolean hasFloor(Design design) {
        return design.water().isPresent()
                && (floor(design).isPresent() || place(design).isPresent() || all(design));
    }

    private static boolean all(Design design) {
        return design.ground().layers().isEmpty();
    }

    private static Optional<Layer.Region> place(Design design) {
        Optional<Layer.Region> side = design.water().flatMap(w -> w.sideRegion());
        if (side.isPresent()) {
            return side;
        }
        Optional<Dam> dam = design.ground().dams().stream().filter(Dam::isWall).findFirst();
        Optional<ConvexPolygon> land = design.ground().layers().stream()
                .flatMap(l -> l.region().stream())
                .map(Layer.Region::outline)
                .findFirst();
        if (dam.isEmpty() || land.isEmpty()) {
            return Optional.empty();
        }
        double left = DamMove.edge(dam.get().region().outline(), false);
        double width = dam.get().region().outline().corners().stream()
                .mapToDouble(p -> p.y())
                .max()
                .orElse(0);
        boolean landRight = land.get().centroid().x() > left;
        return landRight && left > 0
                ? Optional.of(new Layer.Region(ConvexPolygon.rectangle(0, 0, left, width), true))
                : Optional.empty();
    }

    static String bottom(Design design, Catalogue catalogue) {
        return floor(design)
                .map(l -> grain(l, catalogue) >= COARSE ? "gravel" : "sand")
                .orElse("bare");
    }

    private static double grain(Layer layer, Catalogue catalogue) {
        if (layer.media().isEmpty()) {
            return 0;
        }
        return SoilParts.parts(layer, catalogue).keySet().stream()
                .flatMap(id -> catalogue.findMedium(id).stream())
                .mapToDouble(m -> m.grainSize())
                .min()
                .orElse(0);
    }

    static Design withBottom(Design design, String option) {
        if (option.equals("bare")) {
            return design.withGround(design.ground()
                    .withLayers(design.ground().layers().stream()
                            .filter(l -> !l.options().aquatic().orElse(false))
                            .toList()));
        }
        String media = option.equals("sand") ? SAND : GRAVEL;
        double depth = option.equals("sand") ? SAND_DEPTH : GRAVEL_DEPTH;
        Optional<Layer> old = floor(design);
        if (old.isPresent()) {
            return design.withGround(design.ground().change(old.get().id(), l -> l.withMedia(new Recipe.Named(media))));
        }
        Layer fresh = NewLayer.of(design, Layer.Kind.SUBSTRATE, media, depth)
                .withRegion(place(design))
                .withOptions(Layer.Options.NONE.withAquatic(true))
                .withSurface(new Surface.Thickness(depth));
        return design.withGround(design.ground().insert(0, fresh));
    }

    // ---- filter

    static String filter(Design design, Catalogue catalogue) {
        return filters(design, catalogue).stream()
                .findFirst()
                .map(g -> g.isSponge() ? "sponge" : "canister")
                .orElse("plants_only");
    }

    private static List<Gear> filters(Design design, Catalogue catalogue) {
        return design.devices().stream()
                .flatMap(d -> catalogue.findGear(d.item()).stream())
                .filter(Gear::isFilter)
                .toList();
    }

    /** The smallest filter of the kind that turns the water over as the animal's waste asks, its jet spread. */
    static Design withFilter(Design design, String option, Catalogue catalogue) {
        Design bare = design;
        for (Device device : design.devices()) {
            if (catalogue.findGear(device.item()).filter(Gear::isFilter).isPresent()) {
                bare = bare.withoutDevice(device.id());
            }
        }
        Evaluation e = Evaluator.evaluate(bare, catalogue);
        if (option.equals("plants_only") || e.vessel().isEmpty() || e.water().isEmpty()) {
            return bare;
        }
        double wanted = e.animals().stream()
                .mapToDouble(a -> WasteRule.turnover(a.profile()).min())
                .max()
                .orElse(PRACTICE);
        double volume = e.water().get().water().turnsOver();
        List<Gear> sizes = new ArrayList<>(catalogue.allGear().stream()
                .filter(g -> g.category().equals(option))
                .sorted(Comparator.comparingDouble(g -> g.flow().most().orElse(0)))
                .toList());
        Design best = bare;
        for (Gear gear : sizes) {
            best = PumpProposal.withDevice(
                    bare, gear, e.vessel().get(), e.water().get().water());
            double flow = Evaluator.evaluate(best, catalogue)
                    .circulation()
                    .map(c -> c.filtered())
                    .orElse(0.0);
            if (flow * HOUR >= wanted * volume) {
                break;
            }
        }
        return calmed(best, catalogue);
    }

    private static Design calmed(Design design, Catalogue catalogue) {
        Design calm = design;
        for (Finding f : Evaluator.evaluate(design, catalogue).findings()) {
            boolean strong = f.rule().equals(CurrentRule.CURRENT) && f.severity() != Severity.GOOD;
            if (strong
                    && f.remedies().get(0).action() instanceof Remedy.Action.Press press
                    && press.change() instanceof DeviceEdit.SetNumber outlets
                    && outlets.number() == DeviceNumber.OUTLETS) {
                calm = outlets.apply(calm, new EditContext(catalogue, LocalDate.EPOCH));
            }
        }
        return calm;
    }
}
