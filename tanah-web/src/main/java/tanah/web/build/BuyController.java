package tanah.web.build;

import java.util.List;
import java.util.Optional;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import tanah.core.build.Shopping;
import tanah.core.evaluate.Evaluation;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.web.account.Keeper;
import tanah.web.catalogue.Catalogues;
import tanah.web.catalogue.StockService;
import tanah.web.design.notes.Notes;
import tanah.web.design.overlay.SheetOptions;
import tanah.web.design.stage.DesignPages;
import tanah.web.enclosure.Enclosure;
import tanah.web.enclosure.EnclosureService;
import tanah.web.evaluate.Evaluations;
import tanah.web.forms.Numbers;

/** What to buy and mix, on a page that prints. */
@Controller
class BuyController {

    private final EnclosureService enclosures;
    private final Catalogues catalogues;
    private final Evaluations evaluations;
    private final DesignPages pages;
    private final Notes notes;
    private final BuyPages buy;
    private final StockService stock;

    BuyController(
            EnclosureService enclosures,
            Catalogues catalogues,
            Evaluations evaluations,
            DesignPages pages,
            Notes notes,
            BuyPages buy,
            StockService stock) {
        this.enclosures = enclosures;
        this.catalogues = catalogues;
        this.evaluations = evaluations;
        this.pages = pages;
        this.notes = notes;
        this.buy = buy;
        this.stock = stock;
    }

    @GetMapping("/enclosures/{id}/build")
    String build(@PathVariable long id, @AuthenticationPrincipal Keeper keeper, Model model) {
        Enclosure enclosure = enclosures.get(keeper.id(), id);
        Evaluation e = evaluations.quick(enclosure.design(), id);
        SheetOptions options = SheetOptions.sized("section", 680, 380);
        model.addAttribute("view", pages.view(keeper.id(), enclosure, e, Stage.BUILD, options));
        Optional<Shopping> list = e.vessel()
                .map(v -> Shopping.of(
                        e.design(), v, e.ground().orElseThrow(), stock.loose(keeper.id()), catalogues.of(e.design())));
        model.addAttribute("lines", list.map(s -> buy.lines(s, e)).orElse(List.of()));
        model.addAttribute("batches", list.map(s -> buy.batches(s, e)).orElse(List.of()));
        model.addAttribute("price", list.map(s -> Numbers.price(s.price())).orElse(""));
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
}
