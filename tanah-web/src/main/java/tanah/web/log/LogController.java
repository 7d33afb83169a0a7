package tanah.web.log;

import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import tanah.core.commission.ReadingKind;
import tanah.core.design.Probe;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.finding.Stage;
import tanah.web.account.Keeper;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.DesignPages;
import tanah.web.design.PageHead;
import tanah.web.design.SheetOptions;
import tanah.web.enclosure.Enclosure;
import tanah.web.enclosure.EnclosureService;
import tanah.web.forms.ErrorWords;
import tanah.web.forms.FieldErrors;
import tanah.web.svg.BoxSvg;

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
    private final Catalogues catalogues;
    private final ErrorWords words;
    private final PageHead head;

    LogController(
            EnclosureService enclosures,
            ReadingService readings,
            LogReader reader,
            LogPages pages,
            Judge judge,
            DesignPages designs,
            Catalogues catalogues,
            ErrorWords words,
            PageHead head) {
        this.head = head;
        this.enclosures = enclosures;
        this.readings = readings;
        this.reader = reader;
        this.pages = pages;
        this.judge = judge;
        this.designs = designs;
        this.catalogues = catalogues;
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

    @GetMapping("/read")
    String read(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String place,
            @RequestParam(defaultValue = "") String kind,
            @AuthenticationPrincipal Keeper keeper,
            Model model) {
        showPhone(model, keeper, enclosures.get(keeper.id(), id), place, kind);
        return "log/read";
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
        Enclosure enclosure = enclosures.get(keeper.id(), id);
        FieldErrors errors = new FieldErrors();
        Optional<Reading.New> read = reader.read(form, id, enclosure.design(), errors);
        boolean phone = from.equals("read");
        if (read.isEmpty()) {
            model.addAttribute("typed", form);
            model.addAttribute("errors", words.of(errors));
            response.setStatus(422);
            if (phone) {
                showPhone(model, keeper, enclosure, form.text(form.place()), form.text(form.kind()));
                return "log/read";
            }
            show(model, keeper, enclosure, form.text(form.place()), form.text(form.kind()), 60);
            return "log/log";
        }
        Optional<Long> stored = readings.add(keeper.id(), read.get());
        Reading.New r = read.get();
        judge.judge(enclosure.design(), r.place(), r.kind(), r.value(), r.takenAt())
                .ifPresent(judged -> flash.addFlashAttribute(
                        "judged", SavedReading.of(judged, pages.place(enclosure.design(), r.place()))));
        stored.ifPresent(number -> flash.addFlashAttribute("stored", number));
        flash.addAttribute("place", r.place());
        flash.addAttribute("kind", r.kind());
        return "redirect:/enclosures/{id}/" + (phone ? "read" : "log");
    }

    @GetMapping("/readings/{reading}")
    String edit(
            @PathVariable long id, @PathVariable long reading, @AuthenticationPrincipal Keeper keeper, Model model) {
        Enclosure enclosure = enclosures.get(keeper.id(), id);
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
        Enclosure enclosure = enclosures.get(keeper.id(), id);
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
                    Judge.shown(ReadingKind.of(before.kind()).orElseThrow(), before.value()));
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
        enclosures.get(keeper.id(), id);
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
        enclosures.get(keeper.id(), id);
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
        return "log/edit";
    }

    private void show(Model model, Keeper keeper, Enclosure enclosure, String place, String kind, int days) {
        Evaluation e = Evaluator.evaluate(enclosure.design(), catalogues.of(enclosure.design()));
        Chosen chosen = chosen(enclosure, place, kind);
        int span = SPANS.contains(days) ? days : 60;
        model.addAttribute(
                "view",
                designs.view(keeper.id(), enclosure, e, Stage.LOG, new SheetOptions("section", "", null, 340, 230)));
        model.addAttribute("drawing", box(enclosure, e));
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
                        : pages.chart(keeper.id(), enclosure, chosen.place(), chosen.kind(), span));
        common(model);
    }

    private void showPhone(Model model, Keeper keeper, Enclosure enclosure, String place, String kind) {
        Evaluation e = Evaluator.evaluate(enclosure.design(), catalogues.of(enclosure.design()));
        Chosen chosen = chosen(enclosure, place, kind);
        model.addAttribute("enclosure", enclosure.id());
        model.addAttribute("name", enclosure.design().name());
        model.addAttribute("latin", head.latin(e));
        model.addAttribute("drawing", box(enclosure, e));
        model.addAttribute("chosen", chosen);
        model.addAttribute("places", pages.places(keeper.id(), enclosure, chosen.place(), chosen.kind()));
        common(model);
    }

    private static void common(Model model) {
        model.addAttribute("clientId", UUID.randomUUID().toString());
        if (!model.containsAttribute("errors")) {
            model.addAttribute("errors", Map.of());
        }
        if (!model.containsAttribute("typed")) {
            model.addAttribute("typed", new LogForm("", "", "", "", "", "", "", null));
        }
    }

    private String box(Enclosure enclosure, Evaluation e) {
        return designs.scene(e, OptionalDouble.empty())
                .map(s -> BoxSvg.draw(s, "Section of " + enclosure.design().name() + " with its places", true))
                .orElse("");
    }

    /**
     * @param place chosen
     * @param placeName
     * @param kind chosen
     * @param kindName
     */
    public record Chosen(String place, String placeName, String kind, String kindName) {}

    /** The place and kind asked for, else the first that can be read. */
    private Chosen chosen(Enclosure enclosure, String place, String kind) {
        List<Probe> readable = enclosure.design().probes().stream()
                .filter(p -> !Judge.kinds(p).isEmpty())
                .toList();
        if (readable.isEmpty()) {
            return new Chosen("", "", "", "");
        }
        Probe probe =
                readable.stream().filter(p -> p.id().equals(place)).findFirst().orElse(readable.get(0));
        ReadingKind found = Judge.kinds(probe).stream()
                .filter(k -> k.id().equals(kind))
                .findFirst()
                .orElse(Judge.kinds(probe).get(0));
        return new Chosen(probe.id(), probe.label(), found.id(), pages.name(found));
    }
}
