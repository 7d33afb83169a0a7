package tanah.web.account;

import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.security.Principal;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestAttribute;
import org.springframework.web.bind.annotation.RequestParam;

/** Sign in, register, remove the demo. */
@Controller
class AccountController {
    private final KeeperService keepers;
    private final PasswordCheck passwords;
    private final Sittings sittings;
    private final Arrivals arrivals;
    private final SiteService site;
    private final SiteLinks links;

    AccountController(
            KeeperService keepers,
            PasswordCheck passwords,
            Sittings sittings,
            Arrivals arrivals,
            SiteService site,
            SiteLinks links) {
        this.links = links;
        this.site = site;
        this.arrivals = arrivals;
        this.keepers = keepers;
        this.passwords = passwords;
        this.sittings = sittings;
    }

    /**
     * What a new keeper types.
     *
     * @param name     2 to 60 characters
     * @param password 10 characters or more, no common ones
     * @param invitation of a link of the owner; empty without one
     */
    record RegisterForm(String name, String password, String invitation) {
        RegisterForm {
            invitation = Objects.requireNonNullElse(invitation, "");
            name = Objects.requireNonNullElse(name, "");
            password = Objects.requireNonNullElse(password, "");
        }
    }

    @GetMapping("/sign-in")
    String signIn(@Nullable Principal keeper, Model model) {
        if (keeper != null) {
            return "redirect:/";
        }
        keepers.demoName().ifPresent(name -> {
            model.addAttribute("demoName", name);
            model.addAttribute("demoPassword", DemoAccount.PASSWORD);
        });
        return "account/sign-in";
    }

    /** The door once more, after a try that failed or came too soon; reached from inside only to any purpose. */
    @PostMapping("/sign-in/again")
    String again(
            @RequestAttribute(name = "signInWait", required = false) @Nullable Long wait,
            @RequestParam(defaultValue = "") String name,
            @Nullable Principal keeper,
            Model model) {
        model.addAttribute("failed", wait == null);
        model.addAttribute("wait", wait);
        model.addAttribute("typed", name);
        return signIn(keeper, model);
    }

    @GetMapping("/register")
    String register(@Nullable Principal keeper, @RequestParam(defaultValue = "") String invitation, Model model) {
        if (keeper != null) {
            return "redirect:/";
        }
        model.addAttribute("form", new RegisterForm("", "", invitation));
        model.addAttribute("closed", closed(invitation).orElse(null));
        return "account/register";
    }

    @PostMapping("/register")
    String create(
            @Nullable Principal keeper,
            @ModelAttribute("form") RegisterForm form,
            BindingResult errors,
            HttpServletRequest request,
            HttpServletResponse response)
            throws ServletException {
        if (keeper != null) {
            return "redirect:/";
        }
        Optional<String> closed = closed(form.invitation());
        if (closed.isPresent()) {
            errors.rejectValue("name", closed.get());
            return "account/register";
        }
        KeeperName name = KeeperName.of(form.name());
        keepers.refusal(name).ifPresent(why -> errors.rejectValue("name", why));
        passwords.refusal(form.password(), form.name()).ifPresent(why -> errors.rejectValue("password", why));
        if (!errors.hasErrors() && made(form).isEmpty()) {
            errors.rejectValue("name", "register.name.taken");
        }
        if (errors.hasErrors()) {
            return "account/register";
        }
        // whoever knew a session before must not have this one
        Optional.ofNullable(request.getSession(false)).ifPresent(HttpSession::invalidate);
        request.login(name.shown(), form.password());
        if (request.getUserPrincipal() instanceof Authentication in && in.getPrincipal() instanceof Keeper fresh) {
            arrivals.arrived(fresh, form.name(), request, response);
        }
        return "redirect:/first";
    }

    private Optional<Long> made(RegisterForm form) {
        return site.registration() == Registration.INVITED
                ? keepers.register(form.name(), form.password(), form.invitation())
                : keepers.register(form.name(), form.password());
    }

    /** The message of why nobody gets in by this page; empty where somebody can. */
    private Optional<String> closed(String invitation) {
        return switch (site.registration()) {
            case OPEN -> Optional.empty();
            case INVITED ->
                invitation.isEmpty()
                        ? Optional.of("register.invited")
                        : links.invites(invitation) ? Optional.empty() : Optional.of("register.invitation.over");
            case CLOSED -> Optional.of("register.closed");
        };
    }

    @PostMapping("/demo/remove")
    String removeDemo(@AuthenticationPrincipal Keeper keeper, HttpServletRequest request) throws ServletException {
        if (keepers.removeDemo(keeper.id())) {
            sittings.endAll(keeper.name());
            request.logout();
            request.getSession().invalidate();
        }
        return "redirect:/sign-in";
    }
}
