package tanah.web.build;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import tanah.core.build.BuyLine;
import tanah.core.build.MixBatch;
import tanah.core.build.Shopping;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.web.account.Keeper;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.DesignPages;
import tanah.web.design.Ledger;
import tanah.web.design.Notes;
import tanah.web.design.PartNames;
import tanah.web.design.SheetOptions;
import tanah.web.enclosure.Enclosure;
import tanah.web.enclosure.EnclosureService;
import tanah.web.forms.Numbers;
import tanah.web.shell.Words;

/** What to buy and mix, on a page that prints. */
@Controller
class BuyController {
    private static final String THIN = "\u2009";

    private final EnclosureService enclosures;
    private final Catalogues catalogues;
    private final DesignPages pages;
    private final Notes notes;
    private final PartNames names;
    private final Words words;

    BuyController(
            EnclosureService enclosures,
            Catalogues catalogues,
            DesignPages pages,
            Notes notes,
            PartNames names,
            Words words) {
        this.words = words;
        this.enclosures = enclosures;
        this.catalogues = catalogues;
        this.pages = pages;
        this.notes = notes;
        this.names = names;
    }

    /**
     * @param what thing
     * @param need amount
     * @param packs whole packs
     * @param price
     * @param why
     * @param watch for
     */
    public record Line(String what, String need, String packs, String price, String why, String watch) {}

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

    @GetMapping("/enclosures/{id}/build")
    String build(@PathVariable long id, @AuthenticationPrincipal Keeper keeper, Model model) {
        Enclosure enclosure = enclosures.get(keeper.id(), id);
        Evaluation e = Evaluator.evaluate(enclosure.design(), catalogues.of(enclosure.design()));
        SheetOptions options = new SheetOptions("section", "", null, 680, 380);
        model.addAttribute("view", pages.view(keeper.id(), enclosure, e, Stage.BUILD, options));
        model.addAttribute("lines", e.shopping().map(s -> lines(s, e)).orElse(List.of()));
        model.addAttribute("batches", e.shopping().map(s -> batches(s, e)).orElse(List.of()));
        model.addAttribute(
                "price", e.shopping().map(s -> Ledger.money(s.price())).orElse(""));
        model.addAttribute(
                "total", e.mass().map(m -> Numbers.massWithUnit(m.total())).orElse(""));
        model.addAttribute("heavy", e.mass().filter(m -> m.total() > 25).isPresent());
        model.addAttribute(
                "stops",
                notes.of(e, catalogues.of(e.design()), "/enclosures/" + id).stream()
                        .filter(n -> n.severity() == Severity.STOP)
                        .toList());
        return "build/buy";
    }

    private List<Line> lines(Shopping shopping, Evaluation e) {
        List<Line> lines = new ArrayList<>();
        for (BuyLine line : shopping.lines()) {
            boolean litres = line.unit().equals("l");
            lines.add(new Line(
                    litres ? catalogues.of(e.design()).groundName(line.item()) : words.of("buy.mesh"),
                    litres ? Numbers.volumeWithUnit(line.need()) : Numbers.area(line.need()),
                    line.packs().map(BuyController::packs).orElse(words.of(litres ? "buy.by_litre" : "buy.by_metre")),
                    Ledger.money(line.price()),
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

    private static String packs(tanah.core.build.PackChoice choice) {
        return choice.picks().stream()
                .map(p -> p.count() + " × "
                        + Numbers.upTo(Numbers.volume(p.pack().amount()), 1) + THIN + Numbers.volumeUnit())
                .collect(Collectors.joining(" + "));
    }

    private List<Batch> batches(Shopping shopping, Evaluation e) {
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
