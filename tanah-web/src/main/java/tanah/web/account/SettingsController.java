package tanah.web.account;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import tanah.core.units.Unit;
import tanah.web.forms.ErrorWords;
import tanah.web.forms.FieldErrors;
import tanah.web.forms.Numbers;
import tanah.web.forms.Quantity.Kind;

/** What a keeper has set, and the first start, which asks the same. */
@Controller
class SettingsController {
    private final SettingsService settings;
    private final ErrorWords words;

    private final SiteService site;

    SettingsController(SettingsService settings, ErrorWords words, SiteService site) {
        this.site = site;
        this.settings = settings;
        this.words = words;
    }

    /** All text as it is typed. */
    record SettingsForm(
            @Nullable String language,
            @Nullable String units,
            @Nullable String decimal,
            @Nullable String currency,
            @Nullable String rate,
            @Nullable String tariff,
            @Nullable String heatingDays,
            @Nullable String dates,
            @Nullable String hours,
            @Nullable String fixedPoint,
            @Nullable String winterNight,
            @Nullable String winterDay,
            @Nullable String summerDay,
            @Nullable String summerNight,
            @Nullable String driest,
            @Nullable String dampest) {

        static SettingsForm of(Settings s) {
            return new SettingsForm(
                    s.language(),
                    s.units(),
                    s.decimal(),
                    s.currency(),
                    Numbers.upTo(s.rate(), 6),
                    Numbers.upTo(s.tariff(), 4),
                    Numbers.upTo(s.heatingDays(), 1),
                    s.dates(),
                    s.halfDay() ? "12" : "24",
                    s.fixedPoint() ? "on" : "",
                    Numbers.degrees(s.winterNight()),
                    Numbers.degrees(s.winterDay()),
                    Numbers.degrees(s.summerDay()),
                    Numbers.degrees(s.summerNight()),
                    Numbers.upTo(s.driest(), 0),
                    Numbers.upTo(s.dampest(), 0));
        }
    }

    @GetMapping({"/settings", "/first"})
    String show(
            @AuthenticationPrincipal Keeper keeper,
            Locale locale,
            Model model,
            jakarta.servlet.http.HttpServletRequest request) {
        model.addAttribute("owner", site.isOwner(keeper.id()));
        return page(model, SettingsForm.of(settings.of(keeper.id(), locale)), Map.of(), isFirst(request));
    }

    @PostMapping({"/settings", "/first"})
    String save(
            SettingsForm form,
            @AuthenticationPrincipal Keeper keeper,
            Locale locale,
            Model model,
            RedirectAttributes flash,
            jakarta.servlet.http.HttpServletRequest request) {
        FieldErrors errors = new FieldErrors();
        Settings before = settings.of(keeper.id(), locale);
        Settings read = read(form, before, errors);
        if (!errors.isEmpty()) {
            model.addAttribute("owner", site.isOwner(keeper.id()));
            return page(model, form, words.of(errors), isFirst(request));
        }
        settings.save(keeper.id(), read);
        if (isFirst(request)) {
            return "redirect:/";
        }
        flash.addFlashAttribute("saved", true);
        return "redirect:/settings";
    }

    private static String page(Model model, SettingsForm form, Map<String, String> errors, boolean first) {
        model.addAttribute("form", form);
        model.addAttribute("errors", errors);
        model.addAttribute("first", first);
        return "account/settings";
    }

    private static boolean isFirst(jakarta.servlet.http.HttpServletRequest request) {
        return request.getRequestURI().endsWith("/first");
    }

    private static Settings read(SettingsForm form, Settings before, FieldErrors errors) {
        String currency = text(form.currency()).strip();
        if (currency.length() > 8) {
            errors.add("currency", "error.currency.long");
        }
        OptionalDouble rate = errors.required("rate", text(form.rate()), Kind.NUMBER, 1e-6, 1e6, Unit.COUNT);
        OptionalDouble tariff = errors.required("tariff", text(form.tariff()), Kind.NUMBER, 0, 1e6, Unit.COUNT);
        OptionalDouble heating =
                errors.required("heatingDays", text(form.heatingDays()), Kind.NUMBER, 0, 365, Unit.COUNT);
        double winterNight = celsius("winterNight", form.winterNight(), before.winterNight(), errors);
        double winterDay = celsius("winterDay", form.winterDay(), before.winterDay(), errors);
        double summerDay = celsius("summerDay", form.summerDay(), before.summerDay(), errors);
        double summerNight = celsius("summerNight", form.summerNight(), before.summerNight(), errors);
        double driest = percent("driest", form.driest(), errors);
        double dampest = percent("dampest", form.dampest(), errors);
        return new Settings(
                one(form.language(), List.of("en", "de"), before.language()),
                one(form.units(), List.of("metric", "us"), before.units()),
                one(form.decimal(), List.of("point", "comma"), before.decimal()),
                currency,
                rate.orElse(1),
                tariff.orElse(before.tariff()),
                heating.orElse(before.heatingDays()),
                one(form.dates(), List.of("day_first", "month_first", "year_first"), before.dates()),
                text(form.hours()).equals("12"),
                !text(form.fixedPoint()).isEmpty(),
                winterNight,
                winterDay,
                summerDay,
                summerNight,
                driest,
                dampest);
    }

    /** A temperature that still reads as it was shown keeps its stored value. */
    private static double celsius(String field, @Nullable String typed, double before, FieldErrors errors) {
        if (text(typed).strip().equals(Numbers.degrees(before))) {
            return before;
        }
        return errors.required(field, text(typed), Kind.TEMPERATURE, -10, 45, Unit.CELSIUS)
                .orElse(before);
    }

    private static double percent(String field, @Nullable String typed, FieldErrors errors) {
        return 100
                * errors.required(field, text(typed), Kind.SHARE, 0.01, 1, Unit.PERCENT)
                        .orElse(0.5);
    }

    private static String one(@Nullable String typed, List<String> known, String before) {
        return typed != null && known.contains(typed) ? typed : before;
    }

    private static String text(@Nullable String typed) {
        return typed == null ? "" : typed;
    }
}
