package tanah.web.account;

import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import tanah.web.shell.Words;

/** A new password by a link of the owner, for who has lost the old one. */
@Controller
class ResetController {
    private final SiteLinks links;
    private final PasswordCheck passwords;
    private final Sittings sittings;
    private final Words words;

    ResetController(SiteLinks links, PasswordCheck passwords, Sittings sittings, Words words) {
        this.links = links;
        this.passwords = passwords;
        this.sittings = sittings;
        this.words = words;
    }

    @GetMapping("/reset/{secret}")
    String show(@PathVariable String secret, Model model, HttpServletResponse response) {
        Optional<Account> whose = links.whose(secret);
        if (whose.isEmpty()) {
            response.setStatus(HttpServletResponse.SC_NOT_FOUND);
        }
        model.addAttribute("whose", whose.map(Account::name).orElse(null));
        model.addAttribute("secret", secret);
        return "account/reset";
    }

    @PostMapping("/reset/{secret}")
    String set(
            @PathVariable String secret,
            @RequestParam(defaultValue = "") String password,
            Model model,
            HttpServletResponse response) {
        String name = links.whose(secret).map(Account::name).orElse("");
        Optional<String> refusal = passwords.refusal(password, name);
        if (refusal.isPresent()) {
            model.addAttribute("errors", Map.of("password", words.of(refusal.get())));
            return show(secret, model, response);
        }
        Optional<Account> whose = links.useReset(secret, password);
        if (whose.isEmpty()) {
            return show(secret, model, response);
        }
        sittings.endAll(whose.get().name());
        return "redirect:/sign-in?reset";
    }
}
