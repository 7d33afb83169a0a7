package tanah.web.enclosure;

import java.io.IOException;
import java.text.Normalizer;
import java.util.List;
import java.util.Locale;
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
import tanah.files.design.DesignReader;
import tanah.files.design.DesignWriter;
import tanah.files.design.Parsed;
import tanah.files.schema.Problem;
import tanah.web.account.Keeper;
import tanah.web.shell.Words;

/** Design files in and out, and the schema of their format. */
@Controller
class TransferController {
    private static final MediaType SCHEMA = MediaType.valueOf("application/schema+json");

    private final EnclosureService enclosures;
    private final DesignReader reader;
    private final Words words;

    TransferController(EnclosureService enclosures, DesignReader reader, Words words) {
        this.words = words;
        this.enclosures = enclosures;
        this.reader = reader;
    }

    @GetMapping("/enclosures/{id}/design.json")
    ResponseEntity<String> export(@PathVariable long id, @AuthenticationPrincipal Keeper keeper) {
        Enclosure enclosure = enclosures.get(keeper.id(), id);
        String file = fileName(enclosure.design().name()) + ".tanah.json";
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
        Parsed parsed = reader.read(file.getBytes());
        if (parsed instanceof Parsed.Refused refused) {
            return refuse(model, file, refused.problems());
        }
        long id = enclosures.create(
                keeper.id(), ((Parsed.Accepted) parsed).design(), "planning", words.of("edit.imported"));
        return "redirect:/enclosures/" + id + "/ground";
    }

    private static String refuse(Model model, MultipartFile file, List<Problem> problems) {
        model.addAttribute("problems", problems);
        String name = file.getOriginalFilename();
        model.addAttribute("fileName", name == null ? "" : name);
        return "transfer/import";
    }

    private static String fileName(String name) {
        String plain = Normalizer.normalize(name, Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "")
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("(^-|-$)", "");
        return plain.isEmpty() ? "design" : plain;
    }
}
