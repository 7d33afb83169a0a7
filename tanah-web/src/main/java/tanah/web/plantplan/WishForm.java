package tanah.web.plantplan;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Range;
import tanah.core.design.Design;
import tanah.core.design.Planting;
import tanah.core.plantplan.PlanWeights;
import tanah.web.forms.Numbers;

/**
 * The wishes as their fields show them: what is stated, or what was typed last.
 *
 * @param values  by field
 * @param keep    ids of plants that stay
 */
public record WishForm(Map<String, String> values, Set<String> keep) {
    /** What counts, in the order in which it is shown. */
    static final List<String> WEIGHTS =
            List.of("fit", "variety", "native", "hide", "damp", "tall", "even", "again", "room", "full", "price");

    static WishForm of(Design design, Catalogue catalogue) {
        Planting p = design.planting();
        Range cover = p.cover();
        Map<String, String> values = new LinkedHashMap<>();
        values.put("coverMin", Numbers.plain(Math.round(100 * cover.min())));
        values.put("coverMax", Numbers.plain(Math.round(100 * cover.max())));
        values.put("budget", money(p.budget()));
        values.put("only", names(p.candidates(), catalogue));
        values.put("without", names(p.without(), catalogue));
        Map<String, Double> weights = PlanWeights.of(p.weights()).byWord();
        WEIGHTS.forEach(w -> values.put("w-" + w, Numbers.plain(weights.get(w))));
        return new WishForm(
                values, design.plants().stream().map(pl -> pl.id()).collect(java.util.stream.Collectors.toSet()));
    }

    private static String money(OptionalDouble reference) {
        return reference.isPresent() ? Numbers.upTo(Numbers.money(reference.getAsDouble()), 2) : "";
    }

    private static String names(List<String> kinds, Catalogue catalogue) {
        return String.join(
                "\n",
                kinds.stream()
                        .map(k -> catalogue
                                .findPlant(k)
                                .map(m -> m.scientificName())
                                .orElse(k))
                        .toList());
    }

    /** What a field shows. */
    public String of(String field) {
        return values.getOrDefault(field, "");
    }
}
