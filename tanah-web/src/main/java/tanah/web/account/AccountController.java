package tanah.web.account;

import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.nio.charset.StandardCharsets;
import java.security.Principal;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;

/** Sign in, register, remove the demo. */
@Controller
class AccountController {
    /** The encoder reads no more; letters beyond ASCII take two to four. */
    private static final int MOST_BYTES = 72;

    private final KeeperService keepers;

    AccountController(KeeperService keepers) {
        this.keepers = keepers;
    }

    /**
     * What a new keeper types.
     *
     * @param name     2 to 60 characters
     * @param password 10 to 72 characters; the encoder reads no more than 72 bytes
     */
    record RegisterForm(
            @Size(min = 2, max = 60, message = "{register.name.size}")
            @Pattern(regexp = "\\P{Cntrl}*", message = "{register.name.size}")
            String name,

            @Size(min = 10, max = 72, message = "{register.password.size}")
            String password) {}

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

    @GetMapping("/register")
    String register(Model model) {
        model.addAttribute("form", new RegisterForm("", ""));
        return "account/register";
    }

    @PostMapping("/register")
    String create(@Valid @ModelAttribute("form") RegisterForm form, BindingResult errors, HttpServletRequest request)
            throws ServletException {
        if (!errors.hasErrors() && form.name().strip().length() < 2) {
            errors.rejectValue("name", "register.name.size");
        }
        if (!errors.hasErrors() && form.password().getBytes(StandardCharsets.UTF_8).length > MOST_BYTES) {
            errors.rejectValue("password", "register.password.size");
        }
        if (!errors.hasErrors()
                && keepers.register(form.name(), form.password()).isEmpty()) {
            errors.rejectValue("name", "register.name.taken");
        }
        if (errors.hasErrors()) {
            return "account/register";
        }
        request.login(form.name().strip(), form.password());
        return "redirect:/first";
    }

    @PostMapping("/demo/remove")
    String removeDemo(@AuthenticationPrincipal Keeper keeper, HttpServletRequest request) throws ServletException {
        if (keepers.removeDemo(keeper.id())) {
            request.logout();
            request.getSession().invalidate();
        }
        return "redirect:/sign-in";
    }
}
