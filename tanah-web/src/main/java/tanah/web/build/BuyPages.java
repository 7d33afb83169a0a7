package tanah.web.build;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import tanah.core.build.BuyLine;
import tanah.core.build.MixBatch;
import tanah.core.build.Shopping;
import tanah.core.catalogue.Catalogue;
import tanah.core.evaluate.Evaluation;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.words.PartNames;
import tanah.web.forms.Numbers;
import tanah.web.shell.Words;

/** Lines to buy and batches to mix, in words. */
@Component
public class BuyPages {
    private static final String THIN = "\u2009";

    private final Catalogues catalogues;
    private final PartNames names;
    private final Words words;

    BuyPages(Catalogues catalogues, PartNames names, Words words) {
        this.catalogues = catalogues;
        this.names = names;
        this.words = words;
    }

    /**
     * @param what thing
     * @param need amount
     * @param packs whole packs
     * @param price
     * @param why
     * @param watch for
     */
    public record Line(String what, String need, String atHand, String packs, String price, String why, String watch) {}

    /**
     * @param layer name
     * @param parts name and amount
     * @param loose sum
     * @param placed once settled
     */
    public record Batch(String layer, List<Part> parts, String loose, String placed) {}

    /**
     * @param what medium
     * @param amount loose
     * @param share of the batch
     */
    public record Part(String what, String amount, String share) {}

    public List<Line> lines(Shopping shopping, Evaluation e) {
        List<Line> lines = new ArrayList<>();
        for (BuyLine line : shopping.lines()) {
            boolean litres = line.unit().equals("l");
            lines.add(new Line(
                    what(line, catalogues.of(e.design())),
                    need(line),
                    line.atHand() > 0 ? Numbers.volumeWithUnit(line.atHand()) : "",
                    line.toBuy() <= 1e-9 && litres
                            ? words.of("buy.nothing_more")
                            : line.packs().map(BuyPages::packs).orElse(words.of("buy.by." + line.unit())),
                    Numbers.price(line.price()),
                    line.forParts().stream()
                            .map(s -> names.of(s.part(), e.design(), catalogues.of(e.design()))
                                    + (line.forParts().size() > 1 && litres
                                            ? " " + Numbers.volumeWithUnit(s.amount())
                                            : ""))
                            .collect(Collectors.joining(", ")),
                    String.join("; ", line.flags())));
        }
        return lines;
    }

    private String what(BuyLine line, Catalogue catalogue) {
        if (line.kind() == BuyLine.Kind.PLANTS) {
            return catalogue
                    .findPlant(line.item())
                    .map(p -> p.commonName() + " (" + p.scientificName() + ")")
                    .orElse(line.item());
        }
        if (line.kind() == BuyLine.Kind.GEAR) {
            return catalogue.findGear(line.item()).map(g -> g.name()).orElse(line.item());
        }
        return line.unit().equals("l") ? catalogue.groundName(line.item()) : words.of("buy.mesh");
    }

    private static String need(BuyLine line) {
        return switch (line.unit()) {
            case "l" -> Numbers.volumeWithUnit(line.need());
            case "m2" -> Numbers.area(line.need());
            case "m" -> Numbers.lengthWithUnit(line.need());
            default -> Numbers.upTo(line.need(), 0);
        };
    }

    private static String packs(tanah.core.build.PackChoice choice) {
        return choice.picks().stream()
                .map(p -> p.count() + " × "
                        + Numbers.upTo(Numbers.volume(p.pack().amount()), 1) + THIN + Numbers.volumeUnit())
                .collect(Collectors.joining(" + "));
    }

    public List<Batch> batches(Shopping shopping, Evaluation e) {
        List<Batch> batches = new ArrayList<>();
        for (MixBatch batch : shopping.batches()) {
            batches.add(new Batch(
                    names.of(batch.layer(), e.design(), catalogues.of(e.design())),
                    batch.parts().stream()
                            .map(p -> new Part(
                                    catalogues.of(e.design()).groundName(p.media()),
                                    Numbers.volumeWithUnit(p.volume()),
                                    Numbers.upTo(100 * p.share(), 0) + THIN + "%"))
                            .toList(),
                    Numbers.volumeWithUnit(batch.loose()),
                    Numbers.volumeWithUnit(batch.placed())));
        }
        return batches;
    }
}
