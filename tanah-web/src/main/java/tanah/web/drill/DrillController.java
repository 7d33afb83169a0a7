package tanah.web.drill;

import java.util.Map;
import java.util.OptionalDouble;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import tanah.core.evaluate.Evaluation;
import tanah.core.units.Unit;
import tanah.web.account.Keeper;
import tanah.web.design.stage.Beside;
import tanah.web.enclosure.Enclosure;
import tanah.web.enclosure.EnclosureService;
import tanah.web.evaluate.Evaluations;
import tanah.web.forms.ErrorWords;
import tanah.web.forms.FieldErrors;
import tanah.web.forms.Numbers;
import tanah.web.forms.Quantity;

/** Plays failures: what happens, when, and what would protect. */
@Controller
class DrillController {
    private final EnclosureService enclosures;
    private final Beside beside;
    private final Evaluations evaluations;
    private final DrillPages pages;
    private final ErrorWords words;

    DrillController(
            EnclosureService enclosures, Evaluations evaluations, DrillPages pages, ErrorWords words, Beside beside) {
        this.beside = beside;
        this.enclosures = enclosures;
        this.evaluations = evaluations;
        this.pages = pages;
        this.words = words;
    }

    @GetMapping("/enclosures/{id}/drills")
    String show(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String play,
            @RequestParam(defaultValue = "") String cut,
            @AuthenticationPrincipal Keeper keeper,
            Model model) {
        Enclosure enclosure = enclosures.get(keeper.id(), id);
        Evaluation e = evaluations.quick(enclosure.design(), id);
        FieldErrors errors = new FieldErrors();
        OptionalDouble typed = cut.isBlank()
                ? OptionalDouble.empty()
                : errors.required("cut", cut, Quantity.Kind.TEMPERATURE, -20, 30, Unit.CELSIUS);
        double falls = DrillPages.cut(e, typed);
        model.addAttribute("enclosure", enclosure);
        model.addAttribute("beside", beside.of(e));
        model.addAttribute("errors", errors.isEmpty() ? Map.of() : words.of(errors));
        if (e.forecast().isPresent()) {
            model.addAttribute("view", pages.of(e, play, falls, cut.isBlank() ? Numbers.degrees(falls) : cut));
        }
        return "drill/drill";
    }
}
