package tanah.web.account;

import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import tanah.web.audit.Audit;
import tanah.web.audit.AuditKind;
import tanah.web.forms.ErrorWords;
import tanah.web.forms.FieldErrors;
import tanah.web.forms.Presentation;
import tanah.web.shell.Words;

/** Name, password and sessions of whoever is in, and the way out. */
@Controller
@RequestMapping("/account")
class YourAccountController {
    private static final String BACK = "redirect:/account";

    private final AccountService accounts;
    private final KeeperService keepers;
    private final PasswordCheck check;
    private final PasswordAgain again;
    private final Sittings sittings;
    private final Audit audit;
    private final ErrorWords errorWords;
    private final Words words;
    private final Clock clock;

    YourAccountController(
            AccountService accounts,
            KeeperService keepers,
            PasswordCheck check,
            PasswordAgain again,
            Sittings sittings,
            Audit audit,
            ErrorWords errorWords,
            Words words,
            Clock clock) {
        this.accounts = accounts;
        this.keepers = keepers;
        this.check = check;
        this.again = again;
        this.sittings = sittings;
        this.audit = audit;
        this.errorWords = errorWords;
        this.words = words;
        this.clock = clock;
    }

    /** A session in words. */
    record Line(String key, String where, String address, String since, String seen, boolean current) {}

    @GetMapping
    String show(@AuthenticationPrincipal Keeper keeper, Model model, HttpServletRequest request) {
        return page(keeper, "", new FieldErrors(), model, request);
    }

    @PostMapping("/name")
    String rename(
            @RequestParam(defaultValue = "") String name,
            @RequestParam(defaultValue = "") String namePassword,
            @AuthenticationPrincipal Keeper keeper,
            Model model,
            RedirectAttributes flash,
            HttpServletRequest request) {
        FieldErrors errors = new FieldErrors();
        KeeperName wanted = KeeperName.of(name);
        keepers.refusal(wanted, keeper.id()).ifPresent(why -> errors.add("name", why));
        demandOwn(keeper, errors, "name");
        if (!errors.isEmpty() || !again.isRight(keeper, namePassword, request, "namePassword", errors)) {
            return page(keeper, name, errors, model, request);
        }
        if (!accounts.rename(keeper.id(), wanted)) {
            errors.add("name", "register.name.taken");
            return page(keeper, name, errors, model, request);
        }
        endOthers(keeper, request);
        Sittings.goOn(new Keeper(keeper.id(), wanted.shown(), null), request);
        flash.addFlashAttribute("done", words.of("account.name.done"));
        return BACK;
    }

    @PostMapping("/password")
    String password(
            @RequestParam(defaultValue = "") String old,
            @RequestParam(defaultValue = "") String fresh,
            @AuthenticationPrincipal Keeper keeper,
            Model model,
            RedirectAttributes flash,
            HttpServletRequest request) {
        FieldErrors errors = new FieldErrors();
        check.refusal(fresh, keeper.name()).ifPresent(why -> errors.add("fresh", why));
        demandOwn(keeper, errors, "fresh");
        if (!errors.isEmpty() || !again.isRight(keeper, old, request, "old", errors)) {
            return page(keeper, "", errors, model, request);
        }
        accounts.changePassword(keeper.id(), fresh);
        endOthers(keeper, request);
        Sittings.goOn(keeper, request);
        flash.addFlashAttribute("done", words.of("account.password.done"));
        return BACK;
    }

    @PostMapping("/sittings/end")
    String end(
            @RequestParam(defaultValue = "") String key,
            @AuthenticationPrincipal Keeper keeper,
            RedirectAttributes flash) {
        if (sittings.end(keeper.name(), key)) {
            audit.of(keeper.id(), AuditKind.SITTINGS_ENDED, "");
            flash.addFlashAttribute("done", words.of("account.sitting.ended"));
        }
        return BACK;
    }

    @PostMapping("/sittings/end-others")
    String endOthers(@AuthenticationPrincipal Keeper keeper, RedirectAttributes flash, HttpServletRequest request) {
        endOthers(keeper, request);
        audit.of(keeper.id(), AuditKind.SITTINGS_ENDED, "");
        flash.addFlashAttribute("done", words.of("account.sittings.ended"));
        return BACK;
    }

    private void endOthers(Keeper keeper, HttpServletRequest request) {
        sittings.endOthers(keeper.name(), request.getSession().getId());
    }

    @PostMapping("/leave")
    String leave(
            @RequestParam(defaultValue = "") String leavePassword,
            @AuthenticationPrincipal Keeper keeper,
            Model model,
            HttpServletRequest request)
            throws ServletException {
        FieldErrors errors = new FieldErrors();
        demandOwn(keeper, errors, "leavePassword");
        if (!errors.isEmpty() || !again.isRight(keeper, leavePassword, request, "leavePassword", errors)) {
            return page(keeper, "", errors, model, request);
        }
        if (!accounts.leave(keeper.id())) {
            errors.add("leavePassword", "account.leave.owner");
            return page(keeper, "", errors, model, request);
        }
        sittings.endAll(keeper.name());
        request.logout();
        return "redirect:/sign-in?left";
    }

    /** What somebody sees who has left and comes back in time. */
    @GetMapping("/leaving")
    String leaving(@AuthenticationPrincipal Keeper keeper, Model model) {
        Account account = accounts.of(keeper.id());
        if (account.leavesAt() == null) {
            return "redirect:/";
        }
        model.addAttribute("account", account);
        model.addAttribute(
                "until", day(account.leavesAt().plus(AccountService.RETURN).toInstant()));
        return "account/leaving";
    }

    @PostMapping("/return")
    String comeBack(@AuthenticationPrincipal Keeper keeper, HttpServletRequest request) {
        if (!accounts.comeBack(keeper.id())) {
            return "redirect:/account/leaving";
        }
        Sittings.goOn(new Keeper(keeper.id(), keeper.name(), null), request);
        return "redirect:/";
    }

    /** Name and password of the demo are known to all, so nobody changes them for the others. */
    private void demandOwn(Keeper keeper, FieldErrors errors, String field) {
        if (accounts.of(keeper.id()).demo()) {
            errors.add(field, "account.demo");
        }
    }

    private String page(Keeper keeper, String name, FieldErrors errors, Model model, HttpServletRequest request) {
        List<Line> lines = sittings.of(keeper.name(), request.getSession().getId()).stream()
                .map(s -> new Line(
                        s.key(),
                        words.of(s.hand() ? "account.sitting.hand" : "account.sitting.desk"),
                        s.address(),
                        moment(s.since()),
                        moment(s.seen()),
                        s.current()))
                .toList();
        model.addAttribute("account", accounts.of(keeper.id()));
        model.addAttribute("typedName", name);
        model.addAttribute("errors", errorWords.of(errors));
        model.addAttribute("sittings", lines);
        return "account/account";
    }

    private String moment(Instant at) {
        return Presentation.current().moment(at.atZone(clock.getZone()));
    }

    private String day(Instant at) {
        return Presentation.current().day(at.atZone(clock.getZone()).toLocalDate());
    }
}
