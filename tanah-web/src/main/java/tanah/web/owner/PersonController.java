package tanah.web.owner;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;
import tanah.web.account.Account;
import tanah.web.account.AccountService;
import tanah.web.account.Keeper;
import tanah.web.account.PasswordAgain;
import tanah.web.account.SecondFactor;
import tanah.web.account.SiteLinks;
import tanah.web.account.SiteService;
import tanah.web.account.Sittings;
import tanah.web.forms.ErrorWords;
import tanah.web.forms.FieldErrors;
import tanah.web.forms.Presentation;
import tanah.web.shell.Words;

/** What the owner of the site does for one who is in, or with one: always with the own password once more. */
@Controller
@RequestMapping("/owner/people/{id}")
class PersonController {
    private static final String FIELD = "password";

    private final SiteService site;
    private final AccountService accounts;
    private final SiteLinks links;
    private final PasswordAgain again;
    private final SecondFactor second;
    private final Sittings sittings;
    private final ErrorWords errorWords;
    private final Words words;
    private final Clock clock;

    PersonController(
            SiteService site,
            AccountService accounts,
            SiteLinks links,
            PasswordAgain again,
            SecondFactor second,
            Sittings sittings,
            ErrorWords errorWords,
            Words words,
            Clock clock) {
        this.site = site;
        this.accounts = accounts;
        this.links = links;
        this.again = again;
        this.second = second;
        this.sittings = sittings;
        this.errorWords = errorWords;
        this.words = words;
        this.clock = clock;
    }

    @GetMapping
    String show(@PathVariable long id, @AuthenticationPrincipal Keeper keeper, Model model) {
        site.demandOwner(keeper);
        return page(accounts.of(id), new FieldErrors(), model);
    }

    /** One of: reset, second_off, take_out, take_back, hand_over. */
    @PostMapping
    String act(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String act,
            @RequestParam(defaultValue = "") String password,
            @AuthenticationPrincipal Keeper keeper,
            Model model,
            RedirectAttributes flash,
            HttpServletRequest request) {
        site.demandOwner(keeper);
        Account whose = accounts.of(id);
        FieldErrors errors = new FieldErrors();
        if (whose.demo()) {
            errors.add(FIELD, "person.demo");
        } else if (whose.owner()) {
            errors.add(FIELD, "person.self");
        }
        if (!errors.isEmpty() || !again.isRight(keeper, password, request, FIELD, errors)) {
            return page(whose, errors, model);
        }
        boolean done = switch (act) {
            case "reset" -> reset(keeper, whose, flash);
            case "take_out" -> {
                boolean out = accounts.takeOut(keeper.id(), id);
                sittings.endAll(whose.name());
                yield out;
            }
            case "take_back" -> {
                boolean back = accounts.takeBack(keeper.id(), id);
                sittings.endAll(whose.name()); // what was begun while the account was leaving knows it so
                yield back;
            }
            case "second_off" -> second.turnOff(keeper.id(), whose);
            case "hand_over" -> accounts.handOver(keeper.id(), id);
            default -> false;
        };
        if (!done) {
            errors.add(FIELD, "person.not_done");
            return page(accounts.of(id), errors, model);
        }
        if (!act.equals("reset")) {
            flash.addFlashAttribute("done", words.of("person.done." + act, whose.name()));
        }
        return act.equals("hand_over") ? "redirect:/settings" : "redirect:/owner/people/{id}";
    }

    private boolean reset(Keeper keeper, Account whose, RedirectAttributes flash) {
        flash.addFlashAttribute(
                "link",
                ServletUriComponentsBuilder.fromCurrentContextPath()
                        .path("/reset/" + links.reset(keeper.id(), whose))
                        .toUriString());
        return true;
    }

    private String page(Account whose, FieldErrors errors, Model model) {
        model.addAttribute("whose", whose);
        model.addAttribute("second", second.isOn(whose.id()));
        model.addAttribute("errors", errorWords.of(errors));
        if (whose.leavesAt() != null) {
            model.addAttribute(
                    "until",
                    Presentation.current()
                            .day(whose.leavesAt()
                                    .plus(AccountService.RETURN)
                                    .atZoneSameInstant(clock.getZone())
                                    .toLocalDate()));
        }
        return "owner/person";
    }
}
