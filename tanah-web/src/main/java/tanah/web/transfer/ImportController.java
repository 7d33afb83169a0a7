package tanah.web.transfer;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import tanah.files.design.DesignReader;
import tanah.files.design.Parsed;
import tanah.files.schema.Problem;
import tanah.web.account.Keeper;
import tanah.web.enclosure.EnclosureService;
import tanah.web.shell.NotFoundException;
import tanah.web.shell.Words;

/** Design files and archives in. An archive is read behind the page; a small one is done before the page answers. */
@Controller
@RequestMapping("/enclosures/import")
class ImportController {
    private static final long MOST_ARCHIVE = 200L * 1024 * 1024;

    /** How long the page waits before it shows how far an archive is. */
    private static final Duration PATIENCE = Duration.ofSeconds(3);

    private static final int LONGEST_NAME = 120;

    private final EnclosureService enclosures;
    private final DesignReader reader;
    private final ImportJobs jobs;
    private final Words words;

    ImportController(EnclosureService enclosures, DesignReader reader, ImportJobs jobs, Words words) {
        this.enclosures = enclosures;
        this.reader = reader;
        this.jobs = jobs;
        this.words = words;
    }

    @GetMapping
    String form(@AuthenticationPrincipal Keeper keeper, Model model) {
        model.addAttribute("problems", List.of());
        model.addAttribute("running", jobs.running(keeper.id()).orElse(null));
        return "transfer/import";
    }

    @PostMapping
    String take(@RequestParam("file") MultipartFile file, @AuthenticationPrincipal Keeper keeper, Model model)
            throws IOException, InterruptedException {
        String name = name(file);
        if (file.isEmpty()) {
            return refuse(model, name, List.of(new Problem("", words.of("import.none"), words.of("import.accepted"))));
        }
        if (isArchive(file)) {
            return archive(file, name, keeper, model);
        }
        if (file.getSize() > DesignReader.MOST_BYTES) {
            return refuse(model, name, List.of(new Problem("", words.of("import.large"), words.of("import.accepted"))));
        }
        Parsed parsed = reader.read(file.getBytes());
        if (parsed instanceof Parsed.Refused refused) {
            return refuse(model, name, refused.problems());
        }
        long id = enclosures.create(
                keeper.id(), ((Parsed.Accepted) parsed).design(), "planning", words.of("edit.imported"));
        return "redirect:/enclosures/" + id + "/ground";
    }

    private String archive(MultipartFile file, String name, Keeper keeper, Model model)
            throws IOException, InterruptedException {
        if (file.getSize() > MOST_ARCHIVE) {
            return refuse(model, name, List.of(new Problem("", words.of("archive.large"), "200 MB")));
        }
        Path stored = Files.createTempFile("tanah-archive", ".zip");
        file.transferTo(stored);
        Optional<Long> id = jobs.start(keeper.id(), name, stored);
        if (id.isEmpty()) {
            model.addAttribute("running", jobs.running(keeper.id()).orElse(null));
            return refuse(
                    model, name, List.of(new Problem("", words.of("archive.another"), words.of("archive.later"))));
        }
        return shown(jobs.await(keeper.id(), id.get(), PATIENCE).orElseThrow(), model);
    }

    /** How far an archive is; the page asks again by itself. */
    @GetMapping("/{id}")
    String progress(
            @PathVariable long id, @AuthenticationPrincipal Keeper keeper, Model model, HttpServletResponse response) {
        ImportJob job = jobs.find(keeper.id(), id).orElseThrow(() -> new NotFoundException("import " + id));
        if (!job.isRunning()) {
            return shown(job, model);
        }
        response.setHeader("Refresh", "1");
        model.addAttribute("job", job);
        return "transfer/importing";
    }

    @PostMapping("/{id}/stop")
    String stop(@PathVariable long id, @AuthenticationPrincipal Keeper keeper) {
        jobs.stop(keeper.id(), id);
        return "redirect:/enclosures/import/" + id;
    }

    private String shown(ImportJob job, Model model) {
        ImportAnswer answer = ImportAnswer.read(job.answer());
        return switch (job.state()) {
            case "running" -> "redirect:/enclosures/import/" + job.id();
            case "done" ->
                answer.made().size() == 1
                        ? "redirect:/enclosures/" + answer.made().get(0) + "/ground"
                        : "redirect:/";
            case "refused" -> refuse(model, job.fileName(), answer.problems());
            case "stopped" -> ended(model, words.of("archive.stopped", job.fileName()));
            default -> ended(model, words.of("archive.broken_off", job.fileName()));
        };
    }

    /** Nothing was wrong with the file. */
    private static String ended(Model model, String said) {
        model.addAttribute("problems", List.of());
        model.addAttribute("said", said);
        return "transfer/import";
    }

    private static boolean isArchive(MultipartFile file) throws IOException {
        byte[] head = new byte[2];
        try (InputStream in = file.getInputStream()) {
            return in.readNBytes(head, 0, 2) == 2 && head[0] == 'P' && head[1] == 'K';
        }
    }

    private static String name(MultipartFile file) {
        @Nullable String name = file.getOriginalFilename();
        String plain = name == null ? "" : name.replaceAll("\\p{Cntrl}", "");
        return plain.length() <= LONGEST_NAME ? plain : plain.substring(0, LONGEST_NAME);
    }

    private static String refuse(Model model, String fileName, List<Problem> problems) {
        model.addAttribute("problems", problems);
        model.addAttribute("fileName", fileName);
        return "transfer/import";
    }
}
