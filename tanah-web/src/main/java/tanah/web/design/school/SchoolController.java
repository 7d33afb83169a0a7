package tanah.web.design.school;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import tanah.core.design.Design;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.finding.Stage;
import tanah.core.school.School;
import tanah.core.school.Schools;
import tanah.web.account.Keeper;
import tanah.web.catalogue.Catalogues;
import tanah.web.enclosure.ConflictException;
import tanah.web.enclosure.Enclosure;
import tanah.web.enclosure.EnclosureService;
import tanah.web.evaluate.Evaluations;
import tanah.web.forms.Presentation;
import tanah.web.shell.BusyException;
import tanah.web.shell.NotFoundException;
import tanah.web.shell.Words;

/** Ways on which good keepers disagree, side by side, each computed for this plan with nothing else changed. */
@Controller
@RequestMapping("/enclosures/{id}/schools/{choice}")
class SchoolController {
    private static final int LONGEST_REASON = 400;

    private final EnclosureService enclosures;
    private final SchoolCards cards;
    private final Words words;
    private final Catalogues catalogues;
    private final Evaluations evaluations;
    private final Clock clock;

    SchoolController(
            EnclosureService enclosures,
            SchoolCards cards,
            Words words,
            Catalogues catalogues,
            Evaluations evaluations,
            Clock clock) {
        this.enclosures = enclosures;
        this.cards = cards;
        this.words = words;
        this.catalogues = catalogues;
        this.evaluations = evaluations;
        this.clock = clock;
    }

    @GetMapping
    String show(
            @PathVariable long id, @PathVariable String choice, @AuthenticationPrincipal Keeper keeper, Model model) {
        Enclosure enclosure = enclosures.get(keeper.id(), id);
        School school = school(enclosure.design(), choice);
        String current = Schools.current(enclosure.design(), school, catalogues.of(enclosure.design()));
        List<Evaluation> computed = school.options().stream()
                .map(o -> with(enclosure.design(), school, o))
                .map(d -> way(school, d, id))
                .toList();
        List<SchoolCards.Card> shown = new ArrayList<>();
        for (int i = 0; i < computed.size(); i++) {
            shown.add(cards.card(school, school.options().get(i), computed.get(i), computed, current));
        }
        model.addAttribute("enclosure", enclosure);
        model.addAttribute("choice", choice);
        model.addAttribute("stageWord", school.stage().word());
        model.addAttribute("cards", shown);
        model.addAttribute(
                "chosen",
                enclosure.design().schools().stream()
                        .filter(s -> s.choice().equals(choice))
                        .findFirst()
                        .orElse(null));
        enclosure.design().schools().stream()
                .filter(s -> s.choice().equals(choice))
                .findFirst()
                .ifPresent(
                        s -> model.addAttribute("since", Presentation.current().day(s.date())));
        return "design/schools";
    }

    private Evaluation way(School school, Design way, long enclosure) {
        if (isClimate(school)) {
            return climate(way, enclosure);
        }
        return school.stage() == Stage.WATER
                ? withWater(climate(way, enclosure))
                : Evaluator.evaluate(way, catalogues.of(way));
    }

    /** With what heats the water, a number of the climate. */
    private Evaluation withWater(Evaluation way) {
        return way.forecast()
                .map(f -> Evaluator.withForecast(way, f.withWater(), catalogues.of(way.design())))
                .orElse(way);
    }

    /** A way with its climate, computed behind the page; it starts from the plan's own and stops nothing of it. */
    private Evaluation climate(Design way, long enclosure) {
        return evaluations
                .behind(List.of("school", way), stop -> evaluations.near(way, enclosure))
                .orElseThrow(() -> new BusyException("schools"));
    }

    @PostMapping
    String choose(
            @PathVariable long id,
            @PathVariable String choice,
            @RequestParam String option,
            @RequestParam(defaultValue = "") String reason,
            @RequestParam int base,
            @AuthenticationPrincipal Keeper keeper) {
        Enclosure enclosure = enclosures.changeable(keeper.id(), id);
        Design shown = base >= 1 && base < enclosure.revision()
                ? enclosures.revision(keeper.id(), id, base)
                : enclosure.design();
        School school = school(shown, choice);
        if (!school.options().contains(option)) {
            throw new NotFoundException("way " + option);
        }
        String own = reason.strip();
        Optional<String> kept = own.isEmpty()
                ? Optional.empty()
                : Optional.of(own.substring(0, Math.min(LONGEST_REASON, own.length())));
        Design changed = Schools.apply(shown, choice, option, kept, catalogues.of(shown), LocalDate.now(clock));
        try {
            enclosures.save(
                    keeper.id(),
                    id,
                    Math.min(base, enclosure.revision()),
                    changed,
                    words.of("edit.school", words.of("school." + choice + "." + option)));
        } catch (ConflictException e) {
            return "redirect:/enclosures/" + id + "/conflicts/" + e.pending();
        }
        return "redirect:/enclosures/{id}/schools/{choice}";
    }

    static boolean isClimate(School school) {
        return school.stage() == Stage.HEAT || school.stage() == Stage.AIR;
    }

    private School school(Design design, String choice) {
        return Schools.find(design, choice, catalogues.of(design))
                .orElseThrow(() -> new NotFoundException("choice " + choice));
    }

    /** The plan as it would be; the plan itself where it follows that way already. */
    private Design with(Design design, School school, String option) {
        if (Schools.current(design, school, catalogues.of(design)).equals(option)) {
            return design;
        }
        return Schools.apply(design, school.id(), option, catalogues.of(design), LocalDate.now(clock));
    }
}
