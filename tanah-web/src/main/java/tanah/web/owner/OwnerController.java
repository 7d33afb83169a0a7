package tanah.web.owner;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import tanah.core.units.Unit;
import tanah.web.account.Keeper;
import tanah.web.account.Person;
import tanah.web.account.SiteService;
import tanah.web.forms.ErrorWords;
import tanah.web.forms.FieldErrors;
import tanah.web.forms.Numbers;
import tanah.web.forms.Presentation;
import tanah.web.forms.Quantity;
import tanah.web.quota.Quota;
import tanah.web.quota.Quotas;
import tanah.web.shell.NotFoundException;

/** The page of whoever runs the site; for all others it is not there. */
@Controller
@RequestMapping("/owner")
class OwnerController {
    private static final double MOST = 1e7;
    private static final double MEGABYTE = 1e6;

    private final SiteService site;
    private final Quotas quotas;
    private final ErrorWords words;

    OwnerController(SiteService site, Quotas quotas, ErrorWords words) {
        this.site = site;
        this.quotas = quotas;
        this.words = words;
    }

    /** A line of the list of accounts. */
    record Line(String name, String since, long enclosures, String photos, boolean owner, boolean demo) {
        static Line of(Person p) {
            return new Line(
                    p.name(),
                    Presentation.current().shortDay(p.since().toLocalDate()),
                    p.enclosures(),
                    Numbers.upTo(p.photoBytes() / MEGABYTE, 1),
                    p.owner(),
                    p.demo());
        }
    }

    @GetMapping
    String show(@AuthenticationPrincipal Keeper keeper, Model model) {
        demandOwner(keeper);
        Map<String, String> typed = new LinkedHashMap<>();
        quotas.limits().forEach((q, limit) -> typed.put(q.word(), String.valueOf(limit)));
        return page(model, typed, site.isOpen(), Map.of());
    }

    @PostMapping
    String save(
            @RequestParam Map<String, String> sent,
            @AuthenticationPrincipal Keeper keeper,
            Model model,
            RedirectAttributes flash) {
        demandOwner(keeper);
        FieldErrors errors = new FieldErrors();
        Map<String, String> typed = new LinkedHashMap<>();
        Map<Quota, Long> limits = new LinkedHashMap<>();
        for (Quota q : Quota.values()) {
            String text = sent.getOrDefault(q.word(), "").strip();
            typed.put(q.word(), text);
            OptionalDouble limit = errors.required(q.word(), text, Quantity.Kind.NUMBER, 1, MOST, Unit.COUNT);
            limit.ifPresent(l -> limits.put(q, Math.round(l)));
        }
        boolean open = !"closed".equals(sent.get("registration"));
        if (!errors.isEmpty()) {
            return page(model, typed, open, words.of(errors));
        }
        limits.forEach(quotas::set);
        site.setOpen(open);
        flash.addFlashAttribute("saved", true);
        return "redirect:/owner";
    }

    private String page(Model model, Map<String, String> typed, boolean open, Map<String, String> errors) {
        List<Line> people = site.people().stream().map(Line::of).toList();
        model.addAttribute("typed", typed);
        model.addAttribute("open", open);
        model.addAttribute("errors", errors);
        model.addAttribute("people", people);
        return "owner/owner";
    }

    private void demandOwner(Keeper keeper) {
        if (!site.isOwner(keeper.id())) {
            throw new NotFoundException("/owner");
        }
    }
}
