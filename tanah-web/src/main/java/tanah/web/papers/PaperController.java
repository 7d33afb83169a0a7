package tanah.web.papers;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import tanah.core.build.BuyLine;
import tanah.core.evaluate.Evaluation;
import tanah.core.explain.Figures;
import tanah.core.units.Unit;
import tanah.web.account.Keeper;
import tanah.web.build.BuyPages;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.words.FigureWords;
import tanah.web.design.words.PageHead;
import tanah.web.enclosure.Enclosure;
import tanah.web.enclosure.EnclosureService;
import tanah.web.enclosure.FileNames;
import tanah.web.evaluate.Evaluations;
import tanah.web.evaluate.LivedIn;
import tanah.web.forms.CsvOut;
import tanah.web.forms.Numbers;
import tanah.web.forms.Presentation;
import tanah.web.log.LastReadings;
import tanah.web.shell.NotFoundException;

/** Papers to take along. */
@Controller
@RequestMapping("/enclosures/{id}")
class PaperController {
    private static final MediaType CSV = new MediaType("text", "csv", StandardCharsets.UTF_8);
    private static final MediaType SVG = new MediaType("image", "svg+xml", StandardCharsets.UTF_8);

    private final EnclosureService enclosures;
    private final Papers papers;
    private final Catalogues catalogues;
    private final Evaluations evaluations;
    private final LivedIn livedIn;
    private final BuyPages buy;
    private final FigureWords figures;
    private final LastReadings readings;
    private final PageHead head;
    private final Clock clock;

    PaperController(
            LivedIn livedIn,
            EnclosureService enclosures,
            Papers papers,
            Catalogues catalogues,
            Evaluations evaluations,
            BuyPages buy,
            FigureWords figures,
            LastReadings readings,
            PageHead head,
            Clock clock) {
        this.livedIn = livedIn;
        this.enclosures = enclosures;
        this.papers = papers;
        this.catalogues = catalogues;
        this.evaluations = evaluations;
        this.buy = buy;
        this.figures = figures;
        this.readings = readings;
        this.head = head;
        this.clock = clock;
    }

    /** A line of the care card. */
    public record Care(String label, String value) {}

    @GetMapping("/build.pdf")
    ResponseEntity<byte[]> pdf(@PathVariable long id, @AuthenticationPrincipal Keeper keeper) {
        Enclosure enclosure = enclosures.get(keeper.id(), id);
        String today = Presentation.current().day(LocalDate.now(clock));
        return file(
                enclosure,
                "build.pdf",
                MediaType.APPLICATION_PDF,
                papers.pdf(enclosure, evaluate(enclosure, keeper), today));
    }

    @GetMapping("/section.svg")
    ResponseEntity<byte[]> section(@PathVariable long id, @AuthenticationPrincipal Keeper keeper) {
        Enclosure enclosure = enclosures.get(keeper.id(), id);
        return drawing(enclosure, "section.svg", papers.section(evaluate(enclosure, keeper)));
    }

    @GetMapping("/plan.svg")
    ResponseEntity<byte[]> plan(@PathVariable long id, @AuthenticationPrincipal Keeper keeper) {
        Enclosure enclosure = enclosures.get(keeper.id(), id);
        return drawing(enclosure, "plan.svg", papers.plan(evaluate(enclosure, keeper)));
    }

    private static ResponseEntity<byte[]> drawing(Enclosure enclosure, String name, String svg) {
        if (svg.isEmpty()) {
            throw new NotFoundException("no vessel to draw");
        }
        return file(enclosure, name, SVG, svg.getBytes(StandardCharsets.UTF_8));
    }

    /** What to buy: amounts in litres or square metres and prices in the reference currency, for a spreadsheet. */
    @GetMapping("/buy.csv")
    ResponseEntity<byte[]> buy(@PathVariable long id, @AuthenticationPrincipal Keeper keeper) {
        Enclosure enclosure = enclosures.get(keeper.id(), id);
        Evaluation e = evaluate(enclosure, keeper);
        StringBuilder out = new StringBuilder();
        try (CsvOut csv = new CsvOut(out)) {
            csv.row(
                    "item",
                    "name",
                    "need_l",
                    "need_m2",
                    "need_pieces",
                    "need_m",
                    "packs",
                    "price_low_ref",
                    "price_high_ref");
            List<BuyLine> lines = e.shopping().map(s -> s.lines()).orElse(List.of());
            List<BuyPages.Line> words = e.shopping().map(s -> buy.lines(s, e)).orElse(List.of());
            for (int i = 0; i < lines.size(); i++) {
                BuyLine line = lines.get(i);
                boolean litres = line.unit().equals("l");
                csv.row(
                        line.item(),
                        words.get(i).what(),
                        litres ? plain(Unit.LITRE.fromSi(line.need())) : "",
                        line.unit().equals("m2") ? plain(line.need()) : "",
                        line.unit().equals("piece") ? plain(line.need()) : "",
                        line.unit().equals("m") ? plain(line.need()) : "",
                        line.packs()
                                .map(p -> p.picks().stream()
                                        .map(x -> x.count() + " x " + x.pack().id())
                                        .collect(java.util.stream.Collectors.joining("; ")))
                                .orElse(""),
                        plain(line.price().min()),
                        plain(line.price().max()));
            }
        } catch (IOException ex) {
            throw new UncheckedIOException(ex);
        }
        return file(enclosure, "buy.csv", CSV, out.toString().getBytes(StandardCharsets.UTF_8));
    }

    private static String plain(double value) {
        return new java.math.BigDecimal(value)
                .setScale(2, java.math.RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }

    /** For a client: what stands there, readings as proof, how to keep it. Cost only if asked for. */
    @GetMapping("/hand-over")
    String handOver(
            @PathVariable long id,
            @RequestParam(defaultValue = "off") String cost,
            @AuthenticationPrincipal Keeper keeper,
            Model model) {
        Enclosure enclosure = enclosures.get(keeper.id(), id);
        Evaluation e = evaluate(enclosure, keeper);
        model.addAttribute("enclosure", enclosure);
        model.addAttribute("latin", head.latin(e));
        model.addAttribute("today", Presentation.current().day(LocalDate.now(clock)));
        model.addAttribute("drawing", papers.section(e));
        model.addAttribute("parts", papers.parts(e));
        model.addAttribute("readings", readings.of(keeper.id(), List.of(enclosure)));
        model.addAttribute(
                "care",
                Figures.of(e, catalogues.of(e.design())).stream()
                        .filter(f -> f.id().startsWith("need."))
                        .map(f -> new Care(figures.label(f, e), figures.value(f)))
                        .toList());
        model.addAttribute("lines", e.shopping().map(s -> buy.lines(s, e)).orElse(List.of()));
        model.addAttribute("cost", cost.equals("on"));
        model.addAttribute(
                "price", e.shopping().map(s -> Numbers.price(s.price())).orElse(""));
        model.addAttribute(
                "hazards",
                e.animals().stream()
                        .flatMap(a -> a.row().list("keeper_hazard").stream())
                        .filter(h -> !h.equals("none"))
                        .toList());
        return "papers/hand-over";
    }

    private Evaluation evaluate(Enclosure enclosure, Keeper keeper) {
        return livedIn.of(evaluations.whole(enclosure.design()), keeper.id(), enclosure.id(), enclosure.phase());
    }

    private static ResponseEntity<byte[]> file(Enclosure enclosure, String end, MediaType type, byte[] body) {
        String name = FileNames.plain(enclosure.design().name()) + "-" + end;
        return ResponseEntity.ok()
                .contentType(type)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(body);
    }
}
