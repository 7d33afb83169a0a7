package tanah.web.log;

import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import tanah.core.evaluate.Evaluation;
import tanah.core.finding.Stage;
import tanah.web.account.Keeper;
import tanah.web.design.overlay.SheetOptions;
import tanah.web.design.stage.DesignPages;
import tanah.web.design.words.FindingWords;
import tanah.web.enclosure.Enclosure;
import tanah.web.enclosure.EnclosureService;
import tanah.web.evaluate.Evaluations;
import tanah.web.forms.ErrorWords;
import tanah.web.forms.FieldErrors;
import tanah.web.shell.Words;

/** The log at the desk and on the phone. */
@Controller
@RequestMapping("/enclosures/{id}")
class LogController {
    private static final int TABLE = 40;
    private static final List<Integer> SPANS = List.of(7, 14, 60);

    private final EnclosureService enclosures;
    private final ReadingService readings;
    private final LogReader reader;
    private final LogPages pages;
    private final Judge judge;
    private final DesignPages designs;
    private final Evaluations evaluations;
    private final ErrorWords words;
    private final ReadingWords kinds;
    private final Words common;
    private final EventPages events;
    private final LogSigns signs;
    private final FindingWords findings;
    private final PhonePages phones;
    private final PlaceCodes codes;
    private final LogChart charts;

    LogController(
            EnclosureService enclosures,
            ReadingService readings,
            LogReader reader,
            LogPages pages,
            Judge judge,
            DesignPages designs,
            Evaluations evaluations,
            ErrorWords words,
            ReadingWords kinds,
            Words common,
            EventPages events,
            LogSigns signs,
            FindingWords findings,
            PhonePages phones,
            PlaceCodes codes,
            LogChart charts) {
        this.charts = charts;
        this.phones = phones;
        this.codes = codes;
        this.kinds = kinds;
        this.common = common;
        this.events = events;
        this.signs = signs;
        this.findings = findings;
        this.enclosures = enclosures;
        this.readings = readings;
        this.reader = reader;
        this.pages = pages;
        this.judge = judge;
        this.designs = designs;
        this.evaluations = evaluations;
        this.words = words;
    }

    @GetMapping("/log")
    String log(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String place,
            @RequestParam(defaultValue = "") String kind,
            @RequestParam(defaultValue = "60") int days,
            @AuthenticationPrincipal Keeper keeper,
            Model model) {
        show(model, keeper, enclosures.get(keeper.id(), id), place, kind, days);
        return "log/log";
    }

    /** The quick reading has a page of its own, by the code of a place. */
    @GetMapping("/read")
    String read(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String place,
            @RequestParam(defaultValue = "") String kind,
            @AuthenticationPrincipal Keeper keeper,
            RedirectAttributes attributes) {
        Enclosure enclosure = enclosures.loggable(keeper.id(), id);
        if (!kind.isEmpty()) {
            attributes.addAttribute("kind", kind);
        }
        return "redirect:/r/"
                + codes.of(keeper.id(), id, chosen(enclosure, place, kind).place());
    }

    @PostMapping("/readings")
    String add(
            @PathVariable long id,
            LogForm form,
            @RequestParam(defaultValue = "log") String from,
            @AuthenticationPrincipal Keeper keeper,
            Model model,
            HttpServletResponse response,
            RedirectAttributes flash) {
        Enclosure enclosure = enclosures.loggable(keeper.id(), id);
        FieldErrors errors = new FieldErrors();
        Optional<Reading.New> read = reader.read(form, id, enclosure.design(), errors);
        boolean phone = from.equals("read");
        if (read.isEmpty()) {
            model.addAttribute("typed", form);
            model.addAttribute("errors", words.of(errors));
            response.setStatus(422);
            if (phone) {
                phones.fill(model, keeper, enclosure, form.text(form.place()), form.text(form.kind()));
                return "log/read";
            }
            show(model, keeper, enclosure, form.text(form.place()), form.text(form.kind()), 60);
            return "log/log";
        }
        Optional<Long> stored = readings.add(keeper.id(), read.get());
        Reading.New r = read.get();
        flash.addFlashAttribute("judged", saved(enclosure, r));
        stored.ifPresent(number -> flash.addFlashAttribute("stored", number));
        flash.addAttribute("place", r.place());
        flash.addAttribute("kind", r.kind());
        return phone ? "redirect:/r/" + codes.of(keeper.id(), id, r.place()) : "redirect:/enclosures/{id}/log";
    }

    /** What is said once after a reading was stored. */
    SavedReading saved(Enclosure enclosure, Reading.New r) {
        String place = pages.place(enclosure.design(), r.place());
        return judge.judge(enclosure.design(), r.place(), r.kind(), r.value(), r.takenAt())
                .map(judged -> SavedReading.of(judged, place))
                .orElseGet(() -> new SavedReading(
                        place,
                        kinds.shown(kinds.find(r.kind()).orElseThrow(), r.value()),
                        null,
                        common.of("reading.no_wanted"),
                        ""));
    }

    @GetMapping("/readings/{reading}")
    String edit(
            @PathVariable long id, @PathVariable long reading, @AuthenticationPrincipal Keeper keeper, Model model) {
        Enclosure enclosure = enclosures.loggable(keeper.id(), id);
        Reading r = readings.get(keeper.id(), id, reading);
        model.addAttribute(
                "typed",
                new LogForm(r.place(), r.kind(), pages.value(r), "", pages.typed(r.takenAt()), "", "", r.version()));
        model.addAttribute("errors", Map.of());
        return editPage(model, keeper, enclosure, r);
    }

    @PostMapping("/readings/{reading}")
    String change(
            @PathVariable long id,
            @PathVariable long reading,
            LogForm form,
            @AuthenticationPrincipal Keeper keeper,
            Model model,
            RedirectAttributes flash) {
        Enclosure enclosure = enclosures.loggable(keeper.id(), id);
        Reading before = readings.get(keeper.id(), id, reading);
        FieldErrors errors = new FieldErrors();
        Optional<Reading.New> read = reader.read(form, id, enclosure.design(), errors);
        if (read.isPresent()) {
            Reading.New r = read.get();
            int version = form.version() == null ? before.version() : form.version();
            Reading changed = new Reading(reading, r.place(), r.kind(), r.value(), r.takenAt(), version);
            if (readings.change(keeper.id(), id, changed)) {
                flash.addFlashAttribute("changed", reading);
                flash.addAttribute("place", r.place());
                flash.addAttribute("kind", r.kind());
                return "redirect:/enclosures/{id}/log";
            }
            errors.add(
                    "value",
                    "error.reading.changed",
                    kinds.shown(kinds.find(before.kind()).orElseThrow(), before.value()));
        }
        model.addAttribute("typed", form);
        model.addAttribute("errors", words.of(errors));
        return editPage(model, keeper, enclosure, before);
    }

    @PostMapping("/readings/{reading}/remove")
    String remove(
            @PathVariable long id,
            @PathVariable long reading,
            @RequestParam(defaultValue = "log") String from,
            @AuthenticationPrincipal Keeper keeper,
            RedirectAttributes flash) {
        enclosures.loggable(keeper.id(), id);
        if (readings.remove(keeper.id(), id, reading)) {
            flash.addFlashAttribute("removed", reading);
        }
        return "redirect:/enclosures/{id}/" + (from.equals("read") ? "read" : "log");
    }

    @PostMapping("/readings/{reading}/back")
    String takeBack(
            @PathVariable long id,
            @PathVariable long reading,
            @AuthenticationPrincipal Keeper keeper,
            RedirectAttributes flash) {
        enclosures.loggable(keeper.id(), id);
        flash.addFlashAttribute("back", readings.takeBack(keeper.id(), id, reading));
        return "redirect:/enclosures/{id}/log";
    }

    private String editPage(Model model, Keeper keeper, Enclosure enclosure, Reading reading) {
        LogForm typed = (LogForm) model.getAttribute("typed");
        String place = typed == null ? reading.place() : typed.text(typed.place());
        String kind = typed == null ? reading.kind() : typed.text(typed.kind());
        model.addAttribute("reading", reading.id());
        model.addAttribute("name", enclosure.design().name());
        model.addAttribute("enclosure", enclosure.id());
        model.addAttribute("places", pages.places(keeper.id(), enclosure, place, kind));
        model.addAttribute("noPlaces", enclosure.design().probes().isEmpty());
        return "log/edit";
    }

    private void show(Model model, Keeper keeper, Enclosure enclosure, String place, String kind, int days) {
        Evaluation e = evaluations.quick(enclosure.design(), enclosure.id());
        PhonePages.Chosen chosen = chosen(enclosure, place, kind);
        int span = SPANS.contains(days) ? days : 60;
        model.addAttribute(
                "view", designs.view(keeper.id(), enclosure, e, Stage.LOG, SheetOptions.sized("section", 340, 230)));
        model.addAttribute("drawing", phones.drawing(enclosure, e));
        events.fill(model, keeper, enclosure);
        model.addAttribute(
                "signs",
                signs.judge(keeper.id(), enclosure.id(), enclosure.phase(), e).stream()
                        .map(findings::plain)
                        .toList());
        model.addAttribute("chosen", chosen);
        model.addAttribute("days", span);
        model.addAttribute("spans", SPANS);
        model.addAttribute("places", pages.places(keeper.id(), enclosure, chosen.place(), chosen.kind()));
        model.addAttribute("bars", pages.bars(keeper.id(), enclosure));
        model.addAttribute("table", pages.table(keeper.id(), enclosure, TABLE));
        model.addAttribute(
                "chart",
                chosen.kind().isEmpty()
                        ? ""
                        : charts.draw(keeper.id(), enclosure, chosen.place(), chosen.kind(), span));
        PhonePages.common(model);
    }

    private PhonePages.Chosen chosen(Enclosure enclosure, String place, String kind) {
        return phones.chosen(enclosure, place, kind);
    }
}
