package tanah.web.log;

import jakarta.servlet.http.HttpServletRequest;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import tanah.web.account.Keeper;
import tanah.web.account.SettingsService;
import tanah.web.enclosure.Enclosure;
import tanah.web.enclosure.EnclosureService;
import tanah.web.forms.ErrorWords;
import tanah.web.forms.FieldErrors;
import tanah.web.forms.Presentation;

/** The quick reading by the code on a label: a page that works without a line, and what it sends when there is one. */
@Controller
@RequestMapping("/r")
class PhoneController {
    private final EnclosureService enclosures;
    private final ReadingService readings;
    private final PlaceCodes codes;
    private final PhonePages pages;
    private final LogReader reader;
    private final LogController log;
    private final SettingsService settings;
    private final ErrorWords words;

    PhoneController(
            EnclosureService enclosures,
            ReadingService readings,
            PlaceCodes codes,
            PhonePages pages,
            LogReader reader,
            LogController log,
            SettingsService settings,
            ErrorWords words) {
        this.enclosures = enclosures;
        this.readings = readings;
        this.codes = codes;
        this.pages = pages;
        this.reader = reader;
        this.log = log;
        this.settings = settings;
        this.words = words;
    }

    @GetMapping("/{code:[a-z2-9]{6}}")
    String page(
            @PathVariable String code,
            @RequestParam(defaultValue = "") String kind,
            @AuthenticationPrincipal Keeper keeper,
            Model model) {
        PlaceCodes.Target target = codes.find(keeper.id(), code);
        Enclosure enclosure = enclosures.loggable(keeper.id(), target.enclosureId());
        pages.fill(model, keeper, enclosure, target.place(), kind);
        model.addAttribute("code", code);
        model.addAttribute(
                "fixedPoint",
                settings.of(keeper.id(), Presentation.current().language()).fixedPoint());
        return "log/read";
    }

    /** A fresh token for a page that was kept on the phone. */
    @GetMapping("/token")
    @ResponseBody
    Map<String, String> token(HttpServletRequest request) {
        CsrfToken token = (CsrfToken) request.getAttribute(CsrfToken.class.getName());
        return Map.of("header", token.getHeaderName(), "token", token.getToken());
    }

    /** Takes one reading; sending it again with the same client id changes nothing. */
    @PostMapping("/{code:[a-z2-9]{6}}/readings")
    @ResponseBody
    ResponseEntity<Map<String, Object>> take(
            @PathVariable String code, LogForm form, @AuthenticationPrincipal Keeper keeper) {
        PlaceCodes.Target target = codes.find(keeper.id(), code);
        Enclosure enclosure = enclosures.loggable(keeper.id(), target.enclosureId());
        FieldErrors errors = new FieldErrors();
        Optional<Reading.New> read = reader.read(form, enclosure.id(), enclosure.design(), errors);
        Map<String, Object> answer = new LinkedHashMap<>();
        if (read.isEmpty()) {
            answer.put("error", String.join(" ", words.of(errors).values()));
            return ResponseEntity.unprocessableEntity().body(answer);
        }
        Optional<Long> stored = readings.add(keeper.id(), read.get());
        SavedReading said = log.saved(enclosure, read.get());
        answer.put(
                "id",
                stored.orElseGet(() -> readings.idOf(keeper.id(), read.get()).orElse(0L)));
        answer.put("enclosure", enclosure.id());
        answer.put("value", said.value());
        answer.put("verdict", said.verdict());
        answer.put("place", said.place());
        answer.put(
                "severity",
                said.severity() == null ? "" : said.severity().name().toLowerCase(java.util.Locale.ROOT));
        return ResponseEntity.ok(answer);
    }

    /** Takes a reading back that was just stored. */
    @PostMapping("/{code:[a-z2-9]{6}}/readings/{reading}/undo")
    @ResponseBody
    ResponseEntity<Void> undo(
            @PathVariable String code, @PathVariable long reading, @AuthenticationPrincipal Keeper keeper) {
        PlaceCodes.Target target = codes.find(keeper.id(), code);
        enclosures.loggable(keeper.id(), target.enclosureId());
        boolean gone = readings.remove(keeper.id(), target.enclosureId(), reading);
        return gone
                ? ResponseEntity.noContent().build()
                : ResponseEntity.notFound().build();
    }
}
