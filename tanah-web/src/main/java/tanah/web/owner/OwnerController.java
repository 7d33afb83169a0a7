package tanah.web.owner;

import java.time.Clock;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
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
import tanah.core.units.Unit;
import tanah.web.account.Keeper;
import tanah.web.account.Person;
import tanah.web.account.Registration;
import tanah.web.account.SiteLinks;
import tanah.web.account.SiteService;
import tanah.web.audit.Audit;
import tanah.web.audit.AuditKind;
import tanah.web.forms.ErrorWords;
import tanah.web.forms.FieldErrors;
import tanah.web.forms.Numbers;
import tanah.web.forms.Presentation;
import tanah.web.forms.Quantity;
import tanah.web.quota.Quota;
import tanah.web.quota.Quotas;

/** The page of whoever runs the site; for all others it is not there. */
@Controller
@RequestMapping("/owner")
class OwnerController {
    private static final double MOST = 1e7;
    private static final double MEGABYTE = 1e6;

    private final SiteService site;
    private final Quotas quotas;
    private final SiteLinks links;
    private final Audit audit;
    private final ErrorWords words;
    private final Clock clock;

    OwnerController(SiteService site, Quotas quotas, SiteLinks links, Audit audit, ErrorWords words, Clock clock) {
        this.links = links;
        this.audit = audit;
        this.clock = clock;
        this.site = site;
        this.quotas = quotas;
        this.words = words;
    }

    /** A line of the list of accounts. */
    record Line(
            long id,
            String name,
            String since,
            long enclosures,
            String photos,
            boolean owner,
            boolean demo,
            boolean leaving) {
        static Line of(Person p) {
            return new Line(
                    p.id(),
                    p.name(),
                    Presentation.current().shortDay(p.since().toLocalDate()),
                    p.enclosures(),
                    Numbers.upTo(p.photoBytes() / MEGABYTE, 1),
                    p.owner(),
                    p.demo(),
                    p.leaving());
        }
    }

    /** A link to register that waits. */
    record Open(long id, String until) {}

    @GetMapping
    String show(@AuthenticationPrincipal Keeper keeper, Model model) {
        site.demandOwner(keeper);
        Map<String, String> typed = new LinkedHashMap<>();
        quotas.limits().forEach((q, limit) -> typed.put(q.word(), String.valueOf(limit)));
        return page(model, typed, site.registration(), Map.of());
    }

    @PostMapping
    String save(
            @RequestParam Map<String, String> sent,
            @AuthenticationPrincipal Keeper keeper,
            Model model,
            RedirectAttributes flash) {
        site.demandOwner(keeper);
        FieldErrors errors = new FieldErrors();
        Map<String, String> typed = new LinkedHashMap<>();
        Map<Quota, Long> limits = new LinkedHashMap<>();
        for (Quota q : Quota.values()) {
            String text = sent.getOrDefault(q.word(), "").strip();
            typed.put(q.word(), text);
            OptionalDouble limit = errors.required(q.word(), text, Quantity.Kind.NUMBER, 1, MOST, Unit.COUNT);
            limit.ifPresent(l -> limits.put(q, Math.round(l)));
        }
        Registration registration = Registration.of(sent.getOrDefault("registration", ""));
        if (!errors.isEmpty()) {
            return page(model, typed, registration, words.of(errors));
        }
        limits.forEach(quotas::set);
        site.setRegistration(registration);
        audit.of(keeper.id(), AuditKind.SITE_CHANGED, registration.word());
        flash.addFlashAttribute("saved", true);
        return "redirect:/owner";
    }

    /** A link by which one person registers. */
    @PostMapping("/links")
    String invite(@AuthenticationPrincipal Keeper keeper, RedirectAttributes flash) {
        site.demandOwner(keeper);
        flash.addFlashAttribute(
                "link",
                ServletUriComponentsBuilder.fromCurrentContextPath()
                        .path("/register")
                        .queryParam("invitation", links.invite(keeper.id()))
                        .toUriString());
        return "redirect:/owner";
    }

    @PostMapping("/links/{id}/withdraw")
    String withdraw(@PathVariable long id, @AuthenticationPrincipal Keeper keeper) {
        site.demandOwner(keeper);
        links.withdraw(id);
        return "redirect:/owner";
    }

    private String page(Model model, Map<String, String> typed, Registration registration, Map<String, String> errors) {
        List<Line> people = site.people().stream().map(Line::of).toList();
        model.addAttribute("typed", typed);
        model.addAttribute("registration", registration.word());
        model.addAttribute(
                "links",
                links.open().stream()
                        .map(l -> new Open(
                                l.id(),
                                Presentation.current().moment(l.expiresAt().atZoneSameInstant(clock.getZone()))))
                        .toList());
        model.addAttribute("errors", errors);
        model.addAttribute("people", people);
        return "owner/owner";
    }
}
