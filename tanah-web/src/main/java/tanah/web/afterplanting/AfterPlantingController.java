package tanah.web.afterplanting;

import java.util.Optional;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import tanah.core.evaluate.Evaluation;
import tanah.core.time.Season;
import tanah.web.account.Keeper;
import tanah.web.design.stage.Beside;
import tanah.web.enclosure.Enclosure;
import tanah.web.enclosure.EnclosureService;
import tanah.web.evaluate.Evaluations;

/** How damp the air is day after day once everything was watered in. */
@Controller
class AfterPlantingController {
    private final EnclosureService enclosures;
    private final Beside beside;
    private final Evaluations evaluations;
    private final AfterPlantingPages pages;

    AfterPlantingController(
            EnclosureService enclosures, Evaluations evaluations, AfterPlantingPages pages, Beside beside) {
        this.beside = beside;
        this.enclosures = enclosures;
        this.evaluations = evaluations;
        this.pages = pages;
    }

    @GetMapping("/enclosures/{id}/settling")
    String show(
            @PathVariable long id,
            @RequestParam(defaultValue = "winter") String season,
            @AuthenticationPrincipal Keeper keeper,
            Model model) {
        Enclosure enclosure = enclosures.get(keeper.id(), id);
        Evaluation e = evaluations.quick(enclosure.design());
        Season at = Season.of(season);
        Optional<AfterPlantingView> view = pages.of(e, at);
        model.addAttribute("enclosure", enclosure);
        model.addAttribute("beside", beside.of(e));
        model.addAttribute("summer", at == Season.SUMMER);
        model.addAttribute("view", view.orElse(null));
        return "afterplanting/afterplanting";
    }
}
