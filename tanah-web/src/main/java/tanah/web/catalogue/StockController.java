package tanah.web.catalogue;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import tanah.core.catalogue.Catalogue;
import tanah.core.units.Unit;
import tanah.web.account.Keeper;
import tanah.web.forms.ErrorWords;
import tanah.web.forms.FieldErrors;
import tanah.web.forms.Numbers;
import tanah.web.forms.Quantity.Kind;

/** What a keeper has lying about, with what has to be done before it goes in. */
@Controller
@RequestMapping("/stock")
class StockController {
    private static final List<String> CLASSES = List.of("stone", "wood", "cork", "foam", "loose", "other");
    private static final List<String> ORIGINS = List.of("bought", "found", "used", "unknown");
    private static final List<String> CONDITIONS = List.of("raw", "cleaned", "ready");

    private final StockService stock;
    private final ErrorWords words;
    private final Catalogue catalogue;

    StockController(StockService stock, ErrorWords words, Catalogue catalogue) {
        this.stock = stock;
        this.words = words;
        this.catalogue = catalogue;
    }

    /** As it is typed. */
    record StockForm(
            @Nullable String name,
            @Nullable String kind,
            @Nullable String media,
            @Nullable String length,
            @Nullable String width,
            @Nullable String height,
            @Nullable String mass,
            @Nullable String volume,
            @Nullable String origin,
            @Nullable String condition,
            @Nullable String note,
            @Nullable Integer version) {

        static StockForm of(StockItem i) {
            return new StockForm(
                    i.name(),
                    i.kind(),
                    i.media(),
                    shown(i.lengthCm(), v -> Numbers.upTo(Numbers.length(v / 100), 1)),
                    shown(i.widthCm(), v -> Numbers.upTo(Numbers.length(v / 100), 1)),
                    shown(i.heightCm(), v -> Numbers.upTo(Numbers.length(v / 100), 1)),
                    shown(i.massKg(), v -> Numbers.upTo(Numbers.mass(v), 3)),
                    shown(i.volumeL(), v -> Numbers.upTo(Numbers.volume(v / 1000), 3)),
                    i.origin(),
                    i.condition(),
                    i.note(),
                    i.version());
        }

        static StockForm empty() {
            return new StockForm("", "stone", "", "", "", "", "", "", "unknown", "raw", "", 0);
        }

        private static String shown(@Nullable BigDecimal value, java.util.function.DoubleFunction<String> words) {
            return value == null ? "" : words.apply(value.doubleValue());
        }
    }

    @GetMapping
    String list(@AuthenticationPrincipal Keeper keeper, Model model) {
        return page(model, keeper, StockForm.empty(), Map.of(), 0);
    }

    @GetMapping("/{id}")
    String edit(@PathVariable long id, @AuthenticationPrincipal Keeper keeper, Model model) {
        return page(model, keeper, StockForm.of(stock.get(keeper.id(), id)), Map.of(), id);
    }

    @PostMapping({"", "/{id}"})
    String save(
            @PathVariable(required = false) @Nullable Long id,
            StockForm form,
            @AuthenticationPrincipal Keeper keeper,
            Model model,
            RedirectAttributes flash) {
        FieldErrors errors = new FieldErrors();
        StockItem item = read(form, id == null ? 0 : id, errors);
        if (errors.isEmpty() && !stock.save(keeper.id(), item)) {
            errors.add("name", "error.stock.changed");
        }
        if (!errors.isEmpty()) {
            return page(model, keeper, form, words.of(errors), id == null ? 0 : id);
        }
        flash.addFlashAttribute("stored", item.name());
        return "redirect:/stock";
    }

    @PostMapping("/{id}/delete")
    String delete(@PathVariable long id, @AuthenticationPrincipal Keeper keeper) {
        stock.delete(keeper.id(), id);
        return "redirect:/stock";
    }

    private String page(Model model, Keeper keeper, StockForm form, Map<String, String> errors, long id) {
        model.addAttribute("items", stock.all(keeper.id()));
        model.addAttribute("form", form);
        model.addAttribute("errors", errors);
        model.addAttribute("editing", id);
        model.addAttribute("classes", CLASSES);
        model.addAttribute("origins", ORIGINS);
        model.addAttribute("conditions", CONDITIONS);
        model.addAttribute("media", catalogue.allMedia());
        return "catalogue/stock";
    }

    private StockItem read(StockForm form, long id, FieldErrors errors) {
        String name = text(form.name()).strip();
        if (name.isEmpty()) {
            errors.add("name", "error.name.empty");
        } else if (name.length() > 80) {
            errors.add("name", "error.name.long");
        }
        String note = text(form.note()).strip();
        if (note.length() > 400) {
            errors.add("note", "error.note.long");
        }
        String media = text(form.media());
        return new StockItem(
                id,
                name,
                one(form.kind(), CLASSES),
                catalogue.findMedium(media).isPresent() ? media : null,
                measure("length", form.length(), errors),
                measure("width", form.width(), errors),
                measure("height", form.height(), errors),
                number(errors.optional("mass", text(form.mass()), Kind.MASS, 0.001, 5000, Unit.KILOGRAM), 1),
                number(errors.optional("volume", text(form.volume()), Kind.VOLUME, 1e-6, 5, Unit.LITRE), 1000),
                one(form.origin(), ORIGINS),
                one(form.condition(), CONDITIONS),
                note,
                form.version() == null ? 0 : form.version());
    }

    private static @Nullable BigDecimal measure(String field, @Nullable String typed, FieldErrors errors) {
        OptionalDouble metres = errors.optional(field, text(typed), Kind.LENGTH, 0.001, 4, Unit.CENTIMETRE);
        return metres.isEmpty()
                ? null
                : BigDecimal.valueOf(metres.getAsDouble() * 100).setScale(1, RoundingMode.HALF_UP);
    }

    private static @Nullable BigDecimal number(OptionalDouble value, double factor) {
        return value.isEmpty()
                ? null
                : BigDecimal.valueOf(value.getAsDouble() * factor).setScale(3, RoundingMode.HALF_UP);
    }

    private static String one(@Nullable String typed, List<String> known) {
        return typed != null && known.contains(typed) ? typed : known.get(known.size() - 1);
    }

    private static String text(@Nullable String typed) {
        return typed == null ? "" : typed;
    }
}
