package tanah.core.explain;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Medium;
import tanah.core.catalogue.Range;
import tanah.core.design.Layer;
import tanah.core.design.Recipe;
import tanah.core.evaluate.Evaluation;
import tanah.core.explain.Figure.Input;
import tanah.core.explain.Figure.Standing;
import tanah.core.ground.GroundResult;
import tanah.core.ground.LayerResult;
import tanah.core.ground.Soil;
import tanah.core.units.Unit;

/**
 * Numbers of the layers. Bands: recalled densities ±15 %, recalled water contents ±25 %, settling ±10 % (common
 * practice: 10 to 20 % of height in the first month).
 */
final class GroundFigures {
    private static final double DENSITY_BAND = 0.15;
    private static final double WATER_BAND = 0.25;
    private static final double SETTLING_BAND = 0.10;

    private GroundFigures() {}

    static List<Figure> of(Evaluation e, GroundResult ground, Catalogue catalogue) {
        List<Figure> all = new ArrayList<>();
        for (Layer layer : e.design().ground().layers()) {
            ground.layer(layer.id())
                    .filter(r -> r.shape().exists())
                    .ifPresent(r -> layer(all, layer, r, ground.soil(layer.id()), catalogue));
        }
        List<Input> volumes = ground.layers().stream()
                .filter(r -> r.shape().exists())
                .<Input>map(r -> new Input.Computed("layer", "layer." + r.id() + ".volume"))
                .toList();
        all.add(derived("ground.bulk", "ground.bulk", "", ground.bulk(), Unit.LITRE, Optional.empty(), volumes));
        all.add(derived(
                "ground.surface_min",
                "ground.surface",
                "",
                ground.surfaceMin(),
                Unit.CENTIMETRE,
                Optional.empty(),
                volumes));
        all.add(derived(
                "ground.surface_max",
                "ground.surface",
                "",
                ground.surfaceMax(),
                Unit.CENTIMETRE,
                Optional.empty(),
                volumes));
        if (ground.underBarrier().full() > 0) {
            double full = ground.underBarrier().full();
            double drainable = ground.underBarrier().drainable();
            all.add(derived(
                    "ground.under_full", "ground.under_full", "", full, Unit.LITRE, band(full, WATER_BAND), volumes));
            all.add(derived(
                    "ground.under_drainable",
                    "ground.under_drainable",
                    "",
                    drainable,
                    Unit.LITRE,
                    band(drainable, WATER_BAND),
                    volumes));
        }
        ground.water()
                .ifPresent(w -> all.add(derived(
                        "water.free",
                        "water.free",
                        "",
                        w.free(),
                        Unit.LITRE,
                        Optional.empty(),
                        List.of(new Input.Typed("level", "water", w.level(), Unit.CENTIMETRE)))));
        return all;
    }

    private static void layer(List<Figure> all, Layer layer, LayerResult r, Optional<Soil> soil, Catalogue catalogue) {
        String id = "layer." + r.id() + ".";
        LayerResult.Shape shape = r.shape();
        Input typed = new Input.Typed("depth", "ground.layers[" + r.id() + "]", shape.meanDepth(), Unit.CENTIMETRE);
        all.add(derived(
                id + "depth",
                "layer.depth",
                r.id(),
                shape.meanDepth(),
                Unit.CENTIMETRE,
                Optional.empty(),
                List.of(typed)));
        all.add(derived(
                id + "volume",
                "layer.volume",
                r.id(),
                shape.volume(),
                Unit.LITRE,
                Optional.empty(),
                List.of(
                        new Input.Computed("depth", id + "depth"),
                        new Input.Typed(
                                "footprint", "ground.layers[" + r.id() + "]", shape.footprint(), Unit.SQUARE_METRE))));
        Input volume = new Input.Computed("volume", id + "volume");
        if (r.loose() > 0) {
            List<Input> inputs = new ArrayList<>(List.of(volume));
            inputs.addAll(media(layer, catalogue, "settling"));
            all.add(memory(id + "loose", "layer.loose", r.id(), r.loose(), Unit.LITRE, SETTLING_BAND, inputs));
        }
        List<Input> dry = new ArrayList<>(List.of(volume));
        dry.addAll(media(layer, catalogue, "density"));
        all.add(memory(id + "dry", "layer.dry", r.id(), r.dryMass(), Unit.KILOGRAM, DENSITY_BAND, dry));
        double water = r.wetMass() - r.dryMass();
        double share = r.wetMass() > 0 ? (DENSITY_BAND * r.dryMass() + WATER_BAND * water) / r.wetMass() : DENSITY_BAND;
        List<Input> wet = new ArrayList<>(List.of(new Input.Computed("dry", id + "dry"), volume));
        soil.ifPresent(
                s -> wet.add(new Input.Typed("drip", "ground.layers[" + r.id() + "]", r.dripContent(), Unit.PERCENT)));
        all.add(memory(id + "wet", "layer.wet", r.id(), r.wetMass(), Unit.KILOGRAM, share, wet));
        if (r.cost() > 0) {
            all.add(memory(
                    id + "cost",
                    r.bags().isPresent() ? "layer.cost.bags" : "layer.cost",
                    r.id(),
                    r.cost(),
                    Unit.MONEY,
                    r.bags().isPresent() ? 0 : 0.5,
                    List.of(new Input.Computed("loose", id + "loose"))));
        }
    }

    private static List<Input> media(Layer layer, Catalogue catalogue, String what) {
        List<Input> inputs = new ArrayList<>();
        for (String id : ids(layer, catalogue)) {
            catalogue.findMedium(id).ifPresent(m -> inputs.add(listed(m, what)));
        }
        return inputs;
    }

    private static Input listed(Medium m, String what) {
        boolean density = what.equals("density");
        return new Input.Listed(
                density ? "density" : "settling",
                "media",
                m.id(),
                density ? m.dryDensity() : m.settling(),
                density ? Unit.KILOGRAM_PER_LITRE : Unit.SHARE,
                density ? m.provenance().density() : m.provenance().other());
    }

    private static List<String> ids(Layer layer, Catalogue catalogue) {
        if (layer.media().isEmpty()) {
            return List.of();
        }
        Recipe recipe = layer.media().get();
        if (recipe instanceof Recipe.Own own) {
            return List.copyOf(own.parts().keySet());
        }
        String id = ((Recipe.Named) recipe).id();
        return catalogue.findMix(id).map(m -> List.copyOf(m.parts().keySet())).orElse(List.of(id));
    }

    private static Figure memory(
            String id, String formula, String part, double value, Unit unit, double share, List<Input> inputs) {
        return new Figure(
                id, formula, part, value, OptionalDouble.empty(), unit, band(value, share), Standing.MEMORY, inputs);
    }

    private static Figure derived(
            String id, String formula, String part, double value, Unit unit, Optional<Range> band, List<Input> inputs) {
        return new Figure(id, formula, part, value, OptionalDouble.empty(), unit, band, Standing.DERIVED, inputs);
    }

    private static Optional<Range> band(double value, double share) {
        return share <= 0 ? Optional.empty() : Optional.of(new Range(value * (1 - share), value * (1 + share)));
    }
}
