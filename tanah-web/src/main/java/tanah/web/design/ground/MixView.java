package tanah.web.design.ground;

import java.util.ArrayList;
import java.util.List;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Layer;
import tanah.core.evaluate.Evaluation;
import tanah.core.finding.Severity;
import tanah.core.ground.BurrowClass;
import tanah.core.ground.Soil;
import tanah.core.ground.SoilFit;
import tanah.core.school.SoilParts;
import tanah.web.design.edit.NumberRow;
import tanah.web.forms.Numbers;
import tanah.web.shell.Words;

/**
 * What a layer is made of and how that behaves.
 *
 * @param parts by loose volume
 * @param soil  how it holds water, air and a burrow
 * @param fits  against what the animals need
 */
public record MixView(List<Part> parts, List<NumberRow> soil, List<Fit> fits) {
    private static final double FIELD_10 = 0.1; // m
    private static final String THIN = "\u2009";

    public MixView {
        parts = List.copyOf(parts);
        soil = List.copyOf(soil);
        fits = List.copyOf(fits);
    }

    /**
     * @param media catalogue id
     * @param name  for people
     * @param value parts
     * @param share of the loose volume
     */
    public record Part(String media, String name, String value, String share) {}

    /**
     * @param label    what is needed
     * @param value    of the soil
     * @param severity good or caution
     * @param wanted   range
     */
    public record Fit(String label, String value, Severity severity, String wanted) {}

    static MixView of(Layer layer, Evaluation e, Catalogue catalogue, Words words) {
        List<Part> parts = new ArrayList<>();
        var recipe = SoilParts.parts(layer, catalogue);
        double sum = recipe.values().stream().mapToDouble(v -> v).sum();
        recipe.forEach((media, value) -> parts.add(new Part(
                media, catalogue.groundName(media), Numbers.upTo(value, 2), percent(value / Math.max(sum, 1e-9)))));
        List<NumberRow> rows = new ArrayList<>();
        List<Fit> fits = new ArrayList<>();
        e.ground().flatMap(g -> g.soil(layer.id())).ifPresent(soil -> {
            rows.addAll(rows(soil, words));
            if (layer.is(Layer.Kind.SUBSTRATE) && !layer.options().aquatic().orElse(false)) {
                e.animals().forEach(a -> SoilFit.of(soil, a).forEach(f -> fits.add(fit(f, words))));
            }
        });
        return new MixView(parts, rows, fits);
    }

    private static List<NumberRow> rows(Soil soil, Words words) {
        double held = soil.water().content(FIELD_10);
        return List.of(
                new NumberRow(words.of("soil.density"), Numbers.upTo(soil.dryDensity() / 1000, 2) + THIN + "kg/L"),
                new NumberRow(words.of("soil.settling"), Numbers.upTo(soil.settling(), 2)),
                new NumberRow(words.of("soil.shrink"), percent(soil.shrink())),
                new NumberRow(words.of("soil.field"), percent(held)),
                new NumberRow(words.of("soil.wilting"), percent(soil.water().wilting())),
                new NumberRow(
                        words.of("soil.air"), percent(Math.max(0, soil.water().saturated() - held))),
                new NumberRow(words.of("soil.rise"), Numbers.lengthWithUnit(soil.capillaryRise())),
                new NumberRow(words.of("soil.repose"), Numbers.upTo(Math.toDegrees(soil.repose()), 0) + "°"),
                new NumberRow(
                        words.of("soil.burrow"),
                        words.of("burrow." + BurrowClass.of(soil.cohesion()).word())),
                new NumberRow(
                        words.of("soil.flags"),
                        words.of(
                                soil.isFertilised()
                                        ? "soil.fertilised"
                                        : soil.parts().stream()
                                                        .anyMatch(
                                                                p -> p.medium().lime())
                                                ? "soil.lime"
                                                : "soil.none")));
    }

    private static Fit fit(SoilFit f, Words words) {
        boolean share = f.need().equals("burrow");
        String value = share ? words.of("burrow." + BurrowClass.of(f.value()).word()) : percent(f.value());
        String wanted = share
                ? words.of("burrow.fair")
                : Numbers.upTo(f.wanted().min() * 100, 0) + "–"
                        + percent(f.wanted().max());
        return new Fit(words.of("fit." + f.need()), value, f.fits() ? Severity.GOOD : Severity.CAUTION, wanted);
    }

    private static String percent(double share) {
        return Numbers.upTo(share * 100, share < 0.1 ? 1 : 0) + THIN + "%";
    }
}
