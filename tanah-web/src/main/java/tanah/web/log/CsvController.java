package tanah.web.log;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.springframework.web.util.UriComponentsBuilder;
import tanah.web.account.Keeper;
import tanah.web.audit.Audit;
import tanah.web.audit.AuditKind;
import tanah.web.enclosure.Enclosure;
import tanah.web.enclosure.EnclosureService;
import tanah.web.enclosure.FileNames;
import tanah.web.forms.Moments;
import tanah.web.shell.NotFoundException;
import tanah.web.shell.Words;

/** Readings out as a file, and in with a look first: what will be taken, what is refused, row by row. */
@Controller
@RequestMapping("/enclosures/{id}")
class CsvController {
    private static final int SHOWN = 300;
    private static final String SINCE = "since";
    private static final MediaType CSV = new MediaType("text", "csv", StandardCharsets.UTF_8);

    private final EnclosureService enclosures;
    private final ReadingService readings;
    private final ReadingsCsv csv;
    private final ReadingsTable table;
    private final PendingImports pending;
    private final Audit audit;
    private final Words words;
    private final Clock clock;

    CsvController(
            EnclosureService enclosures,
            ReadingService readings,
            ReadingsCsv csv,
            ReadingsTable table,
            PendingImports pending,
            Audit audit,
            Words words,
            Clock clock) {
        this.enclosures = enclosures;
        this.readings = readings;
        this.csv = csv;
        this.table = table;
        this.pending = pending;
        this.audit = audit;
        this.words = words;
        this.clock = clock;
    }

    @GetMapping("/readings.csv")
    void export(@PathVariable long id, @AuthenticationPrincipal Keeper keeper, HttpServletResponse response)
            throws IOException {
        Enclosure enclosure = enclosures.get(keeper.id(), id);
        audit.of(keeper.id(), AuditKind.EXPORTED, enclosure.design().name());
        String name = FileNames.plain(enclosure.design().name()) + "-readings.csv";
        response.setContentType(CSV.toString());
        response.setHeader(
                HttpHeaders.CONTENT_DISPOSITION,
                ContentDisposition.attachment().filename(name).build().toString());
        table.write(keeper.id(), id, enclosure.design(), response.getWriter());
    }

    @GetMapping("/readings/import")
    String form(@PathVariable long id, @AuthenticationPrincipal Keeper keeper, Model model) {
        model.addAttribute("enclosure", enclosures.loggable(keeper.id(), id));
        return "log/import";
    }

    @PostMapping("/readings/import")
    String look(
            @PathVariable long id,
            @RequestParam("file") MultipartFile file,
            @AuthenticationPrincipal Keeper keeper,
            Model model)
            throws IOException {
        model.addAttribute("enclosure", enclosures.loggable(keeper.id(), id));
        if (file.isEmpty()) {
            return refuse(model, words.of("csv.none"));
        }
        if (file.getSize() > ReadingsCsv.MOST) {
            return refuse(model, words.of("csv.large"));
        }
        String text;
        try {
            text = StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(file.getBytes()))
                    .toString();
        } catch (CharacterCodingException e) {
            return refuse(model, words.of("csv.utf8"));
        }
        if (text.indexOf('\0') >= 0) {
            return refuse(model, words.of("csv.utf8"));
        }
        String name = file.getOriginalFilename();
        long number = pending.insert(keeper.id(), id, name == null ? "" : name, text);
        return "redirect:/enclosures/" + id + "/readings/import/" + number;
    }

    private static String refuse(Model model, String problem) {
        model.addAttribute("problem", problem);
        return "log/import";
    }

    @GetMapping("/readings/import/{pending}")
    String preview(
            @PathVariable long id,
            @PathVariable("pending") long number,
            @RequestParam(name = SINCE, required = false) @Nullable String since,
            @AuthenticationPrincipal Keeper keeper,
            Model model) {
        Enclosure enclosure = enclosures.loggable(keeper.id(), id);
        PendingImportMapper.Row row = find(keeper, id, number);
        LocalDate usual = readings.standsSince(keeper.id(), id);
        Optional<LocalDate> stated = since == null ? Optional.of(usual) : Moments.day(since, clock);
        ReadingsCsv.Read read = csv.read(row.content(), id, enclosure.design(), stated.orElse(usual));
        model.addAttribute(SINCE, since == null ? usual.toString() : since);
        model.addAttribute("sinceProblem", stated.isEmpty());
        List<ReadingsCsv.Row> refused =
                read.rows().stream().filter(r -> !r.problem().isEmpty()).toList();
        model.addAttribute("enclosure", enclosure);
        model.addAttribute("number", number);
        model.addAttribute("fileName", row.name());
        model.addAttribute("problem", read.problem());
        model.addAttribute("readings", read.taken().size());
        model.addAttribute("good", read.rows().size() - refused.size());
        model.addAttribute("refused", refused.size());
        model.addAttribute("refusedRows", refused.subList(0, Math.min(SHOWN, refused.size())));
        model.addAttribute(
                "goodRows",
                read.rows().stream()
                        .filter(r -> r.problem().isEmpty())
                        .limit(SHOWN)
                        .toList());
        return "log/import-look";
    }

    @PostMapping("/readings/import/{pending}")
    String take(
            @PathVariable long id,
            @PathVariable("pending") long number,
            @RequestParam(name = SINCE, required = false) @Nullable String since,
            @AuthenticationPrincipal Keeper keeper,
            RedirectAttributes flash) {
        Enclosure enclosure = enclosures.loggable(keeper.id(), id);
        PendingImportMapper.Row row = find(keeper, id, number);
        Optional<LocalDate> stated =
                since == null ? Optional.of(readings.standsSince(keeper.id(), id)) : Moments.day(since, clock);
        if (stated.isEmpty()) {
            return "redirect:"
                    + UriComponentsBuilder.fromPath("/enclosures/{id}/readings/import/{pending}")
                            .queryParam(SINCE, "{since}")
                            .encode()
                            .buildAndExpand(id, number, since)
                            .toUriString();
        }
        ReadingsCsv.Read read = csv.read(row.content(), id, enclosure.design(), stated.get());
        if (read.problem().isEmpty()) {
            readings.addAll(keeper.id(), read.taken());
            flash.addFlashAttribute("imported", read.taken().size());
        }
        pending.delete(keeper.id(), id, number);
        return "redirect:/enclosures/{id}/log";
    }

    private PendingImportMapper.Row find(Keeper keeper, long id, long number) {
        Optional<PendingImportMapper.Row> row = pending.find(keeper.id(), id, number);
        return row.orElseThrow(() -> new NotFoundException("import " + number));
    }
}
