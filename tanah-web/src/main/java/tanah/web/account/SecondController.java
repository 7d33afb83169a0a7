package tanah.web.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import org.apache.commons.codec.binary.Base32;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.springframework.web.util.UriUtils;
import tanah.web.forms.ErrorWords;
import tanah.web.forms.FieldErrors;
import tanah.web.shell.SquareCode;
import tanah.web.shell.Words;

/** The second factor: asked for at the door, and set up on the account's page. */
@Controller
class SecondController {
    private static final String FRESH = "second.fresh";

    private final SecondFactor second;
    private final AccountService accounts;
    private final PasswordAgain again;
    private final Brake brake;
    private final Arrivals arrivals;
    private final ErrorWords errorWords;
    private final Words words;

    SecondController(
            SecondFactor second,
            AccountService accounts,
            PasswordAgain again,
            Brake brake,
            Arrivals arrivals,
            ErrorWords errorWords,
            Words words) {
        this.second = second;
        this.accounts = accounts;
        this.again = again;
        this.brake = brake;
        this.arrivals = arrivals;
        this.errorWords = errorWords;
        this.words = words;
    }

    @GetMapping("/second")
    String door(@AuthenticationPrincipal Keeper keeper) {
        return keeper.isHalf() ? "account/second-door" : "redirect:/";
    }

    @PostMapping("/second")
    String enter(
            @RequestParam(defaultValue = "") String code,
            @AuthenticationPrincipal Keeper keeper,
            Model model,
            HttpServletRequest request,
            HttpServletResponse response) {
        if (!keeper.isHalf()) {
            return "redirect:/";
        }
        Duration wait = brake.attempt(keeper, request);
        if (!wait.isZero()) {
            model.addAttribute(
                    "error",
                    words.of("account.password.wait", wait.plusMillis(999).toSeconds()));
            response.setStatus(429);
            return "account/second-door";
        }
        if (!second.isRight(keeper.id(), code)) {
            model.addAttribute("error", words.of("second.wrong"));
            response.setStatus(HttpServletResponse.SC_UNAUTHORIZED);
            return "account/second-door";
        }
        Sittings.goOn(keeper.whole(), request);
        arrivals.arrived(keeper, keeper.name(), request, response);
        return "redirect:/";
    }

    @GetMapping("/account/second")
    String show(@AuthenticationPrincipal Keeper keeper, Model model, HttpSession session) {
        return page(keeper, new FieldErrors(), model, session);
    }

    @PostMapping("/account/second/on")
    String turnOn(
            @RequestParam(defaultValue = "") String code,
            @RequestParam(defaultValue = "") String password,
            @AuthenticationPrincipal Keeper keeper,
            Model model,
            HttpSession session,
            HttpServletRequest request) {
        FieldErrors errors = new FieldErrors();
        if (accounts.of(keeper.id()).demo()) {
            errors.add("code", "account.demo");
            return page(keeper, errors, model, session);
        }
        if (!again.isRight(keeper, password, request, "password", errors)) {
            return page(keeper, errors, model, session);
        }
        List<String> codes = session.getAttribute(FRESH) instanceof byte[] secret
                ? second.turnOn(keeper.id(), secret, code)
                : List.of();
        if (codes.isEmpty()) {
            errors.add("code", "second.wrong");
            return page(keeper, errors, model, session);
        }
        session.removeAttribute(FRESH);
        model.addAttribute("codes", codes);
        return page(keeper, errors, model, session);
    }

    @PostMapping("/account/second/off")
    String turnOff(
            @RequestParam(defaultValue = "") String password,
            @AuthenticationPrincipal Keeper keeper,
            Model model,
            HttpSession session,
            RedirectAttributes flash,
            HttpServletRequest request) {
        FieldErrors errors = new FieldErrors();
        if (!again.isRight(keeper, password, request, "password", errors)) {
            return page(keeper, errors, model, session);
        }
        second.turnOff(keeper.id(), accounts.of(keeper.id()));
        flash.addFlashAttribute("done", words.of("second.off.done"));
        return "redirect:/account";
    }

    private String page(Keeper keeper, FieldErrors errors, Model model, HttpSession session) {
        boolean on = second.isOn(keeper.id());
        model.addAttribute("on", on);
        model.addAttribute("errors", errorWords.of(errors));
        if (!on) {
            byte[] secret = session.getAttribute(FRESH) instanceof byte[] kept ? kept : SecondFactor.fresh();
            session.setAttribute(FRESH, secret);
            String text = new Base32().encodeAsString(secret);
            model.addAttribute("secret", text.replaceAll("(.{4})(?=.)", "$1 "));
            model.addAttribute("square", SquareCode.svg(address(keeper.name(), text)));
        }
        return "account/second";
    }

    /** As phones read it from a square code. */
    private static String address(String name, String secret) {
        return "otpauth://totp/Tanah:" + UriUtils.encodePathSegment(name, StandardCharsets.UTF_8) + "?secret=" + secret
                + "&issuer=Tanah";
    }
}
