package tanah.web.transfer;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
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
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import tanah.files.design.DesignReader;
import tanah.files.design.DesignWriter;
import tanah.files.design.Parsed;
import tanah.files.schema.Problem;
import tanah.web.account.Keeper;
import tanah.web.audit.Audit;
import tanah.web.audit.AuditKind;
import tanah.web.enclosure.Enclosure;
import tanah.web.enclosure.EnclosureService;
import tanah.web.enclosure.FileNames;
import tanah.web.shell.Words;

/** Design files in and out, and the schema of their format. */
@Controller
class TransferController {
    private static final MediaType SCHEMA = MediaType.valueOf("application/schema+json");

    private final EnclosureService enclosures;
    private final DesignReader reader;
    private static final long MOST_ARCHIVE = 200L * 1024 * 1024;

    private final ArchiveWriter writer;
    private final ArchiveReader archives;
    private final Audit audit;
    private final Words words;

    TransferController(
            EnclosureService enclosures,
            DesignReader reader,
            ArchiveWriter writer,
            ArchiveReader archives,
            Audit audit,
            Words words) {
        this.audit = audit;
        this.writer = writer;
        this.archives = archives;
        this.words = words;
        this.enclosures = enclosures;
        this.reader = reader;
    }

    @GetMapping("/enclosures/{id}/design.json")
    ResponseEntity<String> export(@PathVariable long id, @AuthenticationPrincipal Keeper keeper) {
        Enclosure enclosure = enclosures.get(keeper.id(), id);
        String file = FileNames.plain(enclosure.design().name()) + ".tanah.json";
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_JSON)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(file).build().toString())
                .body(DesignWriter.write(enclosure.design()));
    }

    @GetMapping("/schema/design-1.json")
    @ResponseBody
    ResponseEntity<String> schema() {
        return ResponseEntity.ok().contentType(SCHEMA).body(reader.schema());
    }

    @GetMapping("/enclosures/import")
    String form(Model model) {
        model.addAttribute("problems", List.of());
        return "transfer/import";
    }

    @PostMapping("/enclosures/import")
    String take(@RequestParam("file") MultipartFile file, @AuthenticationPrincipal Keeper keeper, Model model)
            throws IOException {
        if (file.isEmpty()) {
            return refuse(model, file, List.of(new Problem("", words.of("import.none"), words.of("import.accepted"))));
        }
        if (isArchive(file)) {
            if (file.getSize() > MOST_ARCHIVE) {
                return refuse(model, file, List.of(new Problem("", words.of("archive.large"), "200 MB")));
            }
            Path stored = Files.createTempFile("tanah-archive", ".zip");
            try {
                file.transferTo(stored);
                List<Long> made = archives.read(keeper.id(), stored);
                return made.size() == 1 ? "redirect:/enclosures/" + made.get(0) + "/ground" : "redirect:/";
            } catch (Refused e) {
                return refuse(model, file, e.problems());
            } finally {
                Files.deleteIfExists(stored);
            }
        }
        if (file.getSize() > DesignReader.MOST_BYTES) {
            return refuse(model, file, List.of(new Problem("", words.of("import.large"), words.of("import.accepted"))));
        }
        Parsed parsed = reader.read(file.getBytes());
        if (parsed instanceof Parsed.Refused refused) {
            return refuse(model, file, refused.problems());
        }
        long id = enclosures.create(
                keeper.id(), ((Parsed.Accepted) parsed).design(), "planning", words.of("edit.imported"));
        return "redirect:/enclosures/" + id + "/ground";
    }

    /** The whole of one enclosure. */
    @GetMapping("/enclosures/{id}/archive.zip")
    ResponseEntity<StreamingResponseBody> archive(@PathVariable long id, @AuthenticationPrincipal Keeper keeper) {
        Enclosure enclosure = enclosures.get(keeper.id(), id);
        audit.of(keeper.id(), AuditKind.EXPORTED, enclosure.design().name());
        return zip(
                FileNames.plain(enclosure.design().name()) + ".tanah.zip",
                out -> writer.one(keeper.id(), enclosure, out));
    }

    /** Everything that a keeper has. */
    @GetMapping("/export.zip")
    ResponseEntity<StreamingResponseBody> all(@AuthenticationPrincipal Keeper keeper) {
        audit.of(keeper.id(), AuditKind.EXPORTED, "");
        return zip("tanah-" + FileNames.plain(keeper.name()) + ".zip", out -> writer.all(keeper.id(), out));
    }

    private static ResponseEntity<StreamingResponseBody> zip(String name, StreamingResponseBody body) {
        return ResponseEntity.ok()
                .contentType(MediaType.valueOf("application/zip"))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(body);
    }

    private static boolean isArchive(MultipartFile file) throws IOException {
        byte[] head = new byte[2];
        try (java.io.InputStream in = file.getInputStream()) {
            return in.readNBytes(head, 0, 2) == 2 && head[0] == 'P' && head[1] == 'K';
        }
    }

    private static String refuse(Model model, MultipartFile file, List<Problem> problems) {
        model.addAttribute("problems", problems);
        String name = file.getOriginalFilename();
        model.addAttribute("fileName", name == null ? "" : name);
        return "transfer/import";
    }
}
