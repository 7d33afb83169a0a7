package tanah.web.transfer;

import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.springframework.stereotype.Component;
import tanah.files.design.DesignWriter;
import tanah.web.catalogue.OwnEntryService;
import tanah.web.catalogue.StockItem;
import tanah.web.catalogue.StockService;
import tanah.web.enclosure.Enclosure;
import tanah.web.enclosure.EnclosureService;
import tanah.web.enclosure.FileNames;
import tanah.web.enclosure.RevisionRow;
import tanah.web.forms.CsvOut;
import tanah.web.log.Event;
import tanah.web.log.EventService;
import tanah.web.log.ReadingsTable;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Writes enclosures as archives: plain files in a ZIP, each in its own open format. */
@Component
class ArchiveWriter {
    static final String MANIFEST = "tanah-archive.json";
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int ALL = Integer.MAX_VALUE;

    private final EnclosureService enclosures;
    private final ReadingsTable readings;
    private final EventService events;
    private final OwnEntryService own;
    private final StockService stock;

    ArchiveWriter(
            EnclosureService enclosures,
            ReadingsTable readings,
            EventService events,
            OwnEntryService own,
            StockService stock) {
        this.enclosures = enclosures;
        this.readings = readings;
        this.events = events;
        this.own = own;
        this.stock = stock;
    }

    /** One enclosure. */
    void one(long keeperId, Enclosure enclosure, OutputStream out) throws IOException {
        try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
            manifest(zip, 1);
            enclosure(zip, "enclosures/1-" + FileNames.plain(enclosure.design().name()) + "/", keeperId, enclosure);
        }
    }

    /** Everything: enclosures in use and put away that this keeper owns, own entries, stock. */
    void all(long keeperId, OutputStream out) throws IOException {
        try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
            List<Enclosure> mine = new java.util.ArrayList<>(enclosures.all(keeperId));
            mine.addAll(enclosures.archived(keeperId));
            mine.removeIf(e -> !e.role().owns());
            manifest(zip, mine.size());
            for (int i = 0; i < mine.size(); i++) {
                String folder = "enclosures/" + (i + 1) + "-"
                        + FileNames.plain(mine.get(i).design().name()) + "/";
                enclosure(zip, folder, keeperId, mine.get(i));
            }
            ObjectNode entries = own.all(keeperId);
            if (!entries.isEmpty()) {
                text(
                        zip,
                        "own-entries.json",
                        JSON.writerWithDefaultPrettyPrinter().writeValueAsString(entries));
            }
            List<StockItem> items = stock.all(keeperId);
            if (!items.isEmpty()) {
                text(zip, "stock.csv", stock(items));
            }
        }
    }

    private static void manifest(ZipOutputStream zip, int count) throws IOException {
        ObjectNode root = JSON.createObjectNode();
        root.put("format", "tanah-archive").put("version", 1).put("enclosures", count);
        text(zip, MANIFEST, JSON.writerWithDefaultPrettyPrinter().writeValueAsString(root));
    }

    private void enclosure(ZipOutputStream zip, String folder, long keeperId, Enclosure enclosure) throws IOException {
        long id = enclosure.id();
        ObjectNode about = JSON.createObjectNode();
        about.put("phase", enclosure.phase()).put("archived", enclosure.archived());
        text(zip, folder + "enclosure.json", about.toString());
        text(zip, folder + "design.json", DesignWriter.write(enclosure.design()));
        List<RevisionRow> revisions = enclosures.newest(keeperId, id, ALL);
        StringBuilder list = new StringBuilder();
        try (CsvOut csv = new CsvOut(list)) {
            csv.row("revision", "saved_at", "author", "summary");
            for (int i = revisions.size() - 1; i >= 0; i--) {
                RevisionRow r = revisions.get(i);
                csv.row(
                        r.revision(),
                        DateTimeFormatter.ISO_OFFSET_DATE_TIME.format(r.savedAt()),
                        r.author(),
                        r.summary());
            }
        }
        text(zip, folder + "revisions.csv", list.toString());
        for (RevisionRow r : revisions) {
            text(
                    zip,
                    folder + "revisions/%06d.json".formatted(r.revision()),
                    DesignWriter.writeCompact(enclosures.revision(keeperId, id, r.revision())));
        }
        zip.putNextEntry(new ZipEntry(folder + "readings.csv"));
        Writer table = new OutputStreamWriter(zip, StandardCharsets.UTF_8);
        readings.write(keeperId, id, enclosure.design(), table);
        table.flush();
        zip.closeEntry();
        events(zip, folder, keeperId, id);
    }

    private void events(ZipOutputStream zip, String folder, long keeperId, long id) throws IOException {
        List<Event> all = events.newest(keeperId, id, ALL);
        List<Event.Photo> photos = events.photos(keeperId, id);
        StringBuilder list = new StringBuilder();
        try (CsvOut csv = new CsvOut(list)) {
            csv.row("time", "kind", "mass_g", "note", "author", "photos");
            for (Event e : all) {
                String names = photos.stream()
                        .filter(p -> p.eventId() == e.id())
                        .map(p -> p.id() + ".jpg")
                        .collect(java.util.stream.Collectors.joining(" "));
                csv.row(
                        DateTimeFormatter.ISO_OFFSET_DATE_TIME.format(e.happenedAt()),
                        e.kind(),
                        e.massG() == null ? "" : e.massG().toPlainString(),
                        e.note(),
                        e.author(),
                        names);
            }
        }
        text(zip, folder + "events.csv", list.toString());
        for (Event.Photo photo : photos) {
            zip.putNextEntry(new ZipEntry(folder + "photos/" + photo.id() + ".jpg"));
            zip.write(events.picture(keeperId, id, photo.id(), false));
            zip.closeEntry();
        }
    }

    private static String stock(List<StockItem> items) throws IOException {
        StringBuilder list = new StringBuilder();
        try (CsvOut csv = new CsvOut(list)) {
            csv.row(
                    "name",
                    "kind",
                    "media",
                    "length_cm",
                    "width_cm",
                    "height_cm",
                    "mass_kg",
                    "volume_l",
                    "origin",
                    "condition",
                    "note");
            for (StockItem i : items) {
                csv.row(
                        i.name(),
                        i.kind(),
                        i.media(),
                        i.lengthCm(),
                        i.widthCm(),
                        i.heightCm(),
                        i.massKg(),
                        i.volumeL(),
                        i.origin(),
                        i.condition(),
                        i.note());
            }
        }
        return list.toString();
    }

    private static void text(ZipOutputStream zip, String name, String text) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(text.getBytes(StandardCharsets.UTF_8));
        zip.closeEntry();
    }
}
