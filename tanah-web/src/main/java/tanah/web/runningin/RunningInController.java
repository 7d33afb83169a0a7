package tanah.web.runningin;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Optional;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.web.account.Keeper;
import tanah.web.catalogue.Catalogues;
import tanah.web.enclosure.Enclosure;
import tanah.web.enclosure.EnclosureService;

/** How the water runs in. */
@Controller
class RunningInController {
    private final EnclosureService enclosures;
    private final Catalogues catalogues;
    private final RunningInPages pages;

    RunningInController(EnclosureService enclosures, Catalogues catalogues, RunningInPages pages) {
        this.enclosures = enclosures;
        this.catalogues = catalogues;
        this.pages = pages;
    }

    @GetMapping("/enclosures/{id}/water/cycle")
    String show(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String way,
            @RequestParam(defaultValue = "") String from,
            @AuthenticationPrincipal Keeper keeper,
            Model model) {
        Enclosure enclosure = enclosures.get(keeper.id(), id);
        Evaluation e = Evaluator.evaluate(enclosure.design(), catalogues.of(enclosure.design()));
        Optional<LocalDate> typed = date(from);
        model.addAttribute("enclosure", enclosure);
        model.addAttribute("view", pages.view(keeper.id(), id, enclosure.phase(), e, way, typed));
        model.addAttribute("wrong", !from.isBlank() && typed.isEmpty() ? from : "");
        return "runningin/runningin";
    }

    private static Optional<LocalDate> date(String text) {
        try {
            return text.isBlank() ? Optional.empty() : Optional.of(LocalDate.parse(text.strip()));
        } catch (DateTimeParseException e) {
            return Optional.empty();
        }
    }
}
