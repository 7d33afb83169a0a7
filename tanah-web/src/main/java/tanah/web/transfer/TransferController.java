package tanah.web.transfer;

import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import tanah.files.design.DesignReader;
import tanah.files.design.DesignWriter;
import tanah.web.account.Keeper;
import tanah.web.audit.Audit;
import tanah.web.audit.AuditKind;
import tanah.web.enclosure.Enclosure;
import tanah.web.enclosure.EnclosureService;
import tanah.web.enclosure.FileNames;

/** Design files and archives out, and the schema of their format. */
@Controller
class TransferController {
    private static final MediaType SCHEMA = MediaType.valueOf("application/schema+json");

    private final EnclosureService enclosures;
    private final DesignReader reader;
    private final ArchiveWriter writer;
    private final Audit audit;

    TransferController(EnclosureService enclosures, DesignReader reader, ArchiveWriter writer, Audit audit) {
        this.audit = audit;
        this.writer = writer;
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
}
