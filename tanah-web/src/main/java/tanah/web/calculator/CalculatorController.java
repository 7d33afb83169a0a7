package tanah.web.calculator;

import java.util.Map;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import tanah.core.evaluate.Evaluation;
import tanah.web.account.Keeper;
import tanah.web.enclosure.Enclosure;
import tanah.web.enclosure.EnclosureService;
import tanah.web.evaluate.Evaluations;

/** Sums beside the plan. All stands in the address: nothing is stored, and a sum can be kept as a bookmark. */
@Controller
class CalculatorController {
    private final EnclosureService enclosures;
    private final Evaluations evaluations;
    private final CalculatorPages pages;

    CalculatorController(EnclosureService enclosures, Evaluations evaluations, CalculatorPages pages) {
        this.enclosures = enclosures;
        this.evaluations = evaluations;
        this.pages = pages;
    }

    @GetMapping("/enclosures/{id}/sums")
    String show(
            @PathVariable long id,
            @RequestParam Map<String, String> typed,
            @AuthenticationPrincipal Keeper keeper,
            Model model) {
        Enclosure enclosure = enclosures.get(keeper.id(), id);
        Evaluation e = evaluations.whole(enclosure.design(), id);
        model.addAttribute("enclosure", enclosure);
        model.addAttribute("view", pages.view(e, typed));
        return "calculator/calculator";
    }
}
