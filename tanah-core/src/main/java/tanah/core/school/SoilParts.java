package tanah.core.school;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Mix;
import tanah.core.design.Design;
import tanah.core.design.Layer;
import tanah.core.design.NewLayer;
import tanah.core.design.Recipe;

/**
 * Shares of charcoal and coconut fibre in the soils of a design. Shares are of loose volume. Bounds are common
 * practice: charcoal 5 to 10 % when mixed in; coir 30 to 60 % as base, at most 30 % as part.
 */
public final class SoilParts {
    static final String CHARCOAL = "charcoal_hort";
    private static final Set<String> COIR = Set.of("coir_fibre", "coir_chips");
    private static final List<String> INSTEAD_OF_COIR = List.of("bark_fir_fine", "leaf_mould");
    private static final double CHARCOAL_SHARE = 0.075;
    private static final double CHARCOAL_LAYER = 0.015; // m
    private static final double COIR_BASE = 0.45;
    private static final double COIR_PART = 0.30;
    private static final double ROUNDING = 5e-4; // recipes are rounded to thousandths of a part

    private SoilParts() {}

    /** The layers of soil that are not under water. */
    static List<Layer> soils(Design design) {
        return design.ground().layers().stream()
                .filter(l -> l.is(Layer.Kind.SUBSTRATE)
                        && !l.options().aquatic().orElse(false)
                        && l.media().isPresent()
                        && !isCharcoalLayer(l))
                .toList();
    }

    static boolean isMixed(Layer layer, Catalogue catalogue) {
        return parts(layer, catalogue).size() > 1;
    }

    /** The way that the soils follow: a layer of its own counts before a share of a mix. */
    static String charcoal(Design design, Catalogue catalogue) {
        if (design.ground().layers().stream().anyMatch(SoilParts::isCharcoalLayer)) {
            return "layer";
        }
        boolean mixed = soils(design).stream()
                .anyMatch(l -> isMixed(l, catalogue) && parts(l, catalogue).containsKey(CHARCOAL));
        return mixed ? "mixed" : "none";
    }

    static String coir(Design design, Catalogue catalogue) {
        double most = soils(design).stream()
                .filter(l -> isMixed(l, catalogue))
                .mapToDouble(l -> share(parts(l, catalogue), COIR))
                .max()
                .orElse(0);
        return most <= 0 ? "avoided" : most <= COIR_PART + ROUNDING ? "part" : "base";
    }

    static Design withCharcoal(Design design, String option, Catalogue catalogue) {
        Design changed = design.withGround(design.ground()
                .withLayers(design.ground().layers().stream()
                        .filter(l -> !isCharcoalLayer(l))
                        .toList()));
        for (Layer soil : soils(changed)) {
            if (isMixed(soil, catalogue)) {
                Map<String, Double> parts = parts(soil, catalogue);
                boolean has = parts.containsKey(CHARCOAL);
                if (option.equals("mixed") != has) {
                    changed = withParts(
                            changed,
                            soil,
                            option.equals("mixed")
                                    ? scaled(parts, Set.of(CHARCOAL), CHARCOAL_SHARE, List.of(CHARCOAL))
                                    : without(parts, Set.of(CHARCOAL)),
                            catalogue);
                }
            }
        }
        return option.equals("layer") ? withLayer(changed) : changed;
    }

    static Design withCoir(Design design, String option, Catalogue catalogue) {
        Design changed = design;
        for (Layer soil : soils(design)) {
            if (isMixed(soil, catalogue)) {
                Map<String, Double> parts = parts(soil, catalogue);
                double share = share(parts, COIR);
                Map<String, Double> next = switch (option) {
                    case "base" ->
                        share > COIR_PART + ROUNDING ? parts : scaled(parts, COIR, COIR_BASE, List.of("coir_fibre"));
                    case "part" ->
                        share > 0 && share <= COIR_PART + ROUNDING
                                ? parts
                                : scaled(parts, COIR, COIR_PART, List.of("coir_fibre"));
                    default -> replaced(parts);
                };
                if (!next.equals(parts)) {
                    changed = withParts(changed, soil, next, catalogue);
                }
            }
        }
        return changed;
    }

    /** A thin layer of charcoal under the lowest soil, which is over the separator where there is one. */
    private static Design withLayer(Design design) {
        List<Layer> layers = new ArrayList<>(design.ground().layers());
        int at = 0;
        while (at < layers.size() && (Schools.drains(layers.get(at)) || isUnderWater(layers.get(at)))) {
            at++;
        }
        Layer fresh = NewLayer.of(design, Layer.Kind.SUBSTRATE, CHARCOAL, CHARCOAL_LAYER);
        if (at < layers.size()) {
            Layer over = layers.get(at);
            fresh = new Layer(
                    fresh.id(),
                    fresh.kind(),
                    fresh.media(),
                    over.region(),
                    fresh.surface(),
                    over.options().hasMesh() ? Layer.Options.NONE.withMesh(true) : Layer.Options.NONE,
                    fresh.kept());
            if (over.options().hasMesh()) {
                layers.set(at, over.withOptions(over.options().withMesh(false)));
            }
        }
        layers.add(at, fresh);
        return design.withGround(design.ground().withLayers(layers));
    }

    private static boolean isUnderWater(Layer layer) {
        return layer.options().aquatic().orElse(false);
    }

    private static boolean isCharcoalLayer(Layer layer) {
        return layer.media().orElse(null) instanceof Recipe.Named named
                && named.id().equals(CHARCOAL);
    }

    /** Parts of a layer's recipe by loose volume; a single medium is one part, open space has none. */
    public static Map<String, Double> parts(Layer layer, Catalogue catalogue) {
        return layer.media().map(r -> r.parts(catalogue)).orElse(Map.of());
    }

    /** A recipe equal to one of the catalogue goes by that name again. */
    private static Design withParts(Design design, Layer layer, Map<String, Double> parts, Catalogue catalogue) {
        Optional<Mix> known = catalogue.allMixes().stream()
                .filter(m -> isSame(m.parts(), parts))
                .findFirst();
        Recipe recipe = known.<Recipe>map(m -> new Recipe.Named(m.id())).orElseGet(() -> new Recipe.Own(parts));
        return design.withGround(design.ground().change(layer.id(), l -> l.withMedia(recipe)));
    }

    private static boolean isSame(Map<String, Double> one, Map<String, Double> other) {
        return one.keySet().equals(other.keySet())
                && one.keySet().stream()
                        .allMatch(k -> Math.abs(one.get(k) / sum(one) - other.get(k) / sum(other)) < 5e-4);
    }

    /** The recipe with a group of media brought to a share; the others keep their proportions. */
    private static Map<String, Double> scaled(
            Map<String, Double> parts, Set<String> group, double share, List<String> ifAbsent) {
        Map<String, Double> rest = without(parts, group);
        if (rest.isEmpty()) {
            INSTEAD_OF_COIR.forEach(id -> rest.put(id, 1.0));
        }
        Map<String, Double> members = new LinkedHashMap<>();
        parts.forEach((id, p) -> {
            if (group.contains(id)) {
                members.put(id, p);
            }
        });
        ifAbsent.stream().filter(id -> members.isEmpty()).forEach(id -> members.put(id, 1.0));
        double wanted = sum(rest) * share / (1 - share);
        double factor = wanted / sum(members);
        Map<String, Double> all = new LinkedHashMap<>(rest);
        members.forEach((id, p) -> all.put(id, rounded(p * factor)));
        return all;
    }

    /** Bark and leaf mould in equal parts take the place of coir. */
    private static Map<String, Double> replaced(Map<String, Double> parts) {
        double coir = sum(parts) * share(parts, COIR);
        Map<String, Double> all = without(parts, COIR);
        if (coir > 0) {
            INSTEAD_OF_COIR.forEach(id -> all.merge(id, rounded(coir / INSTEAD_OF_COIR.size()), Double::sum));
        }
        return all;
    }

    private static Map<String, Double> without(Map<String, Double> parts, Set<String> group) {
        Map<String, Double> rest = new LinkedHashMap<>(parts);
        rest.keySet().removeAll(group);
        return rest;
    }

    private static double share(Map<String, Double> parts, Set<String> group) {
        double members = parts.entrySet().stream()
                .filter(e -> group.contains(e.getKey()))
                .mapToDouble(Map.Entry::getValue)
                .sum();
        return members / sum(parts);
    }

    private static double sum(Map<String, Double> parts) {
        return parts.values().stream().mapToDouble(Double::doubleValue).sum();
    }

    private static double rounded(double parts) {
        return Math.round(parts * 1000) / 1000.0;
    }
}
