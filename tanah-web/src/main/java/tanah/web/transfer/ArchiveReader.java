package tanah.web.transfer;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.StringReader;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.time.OffsetDateTime;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tanah.core.design.Design;
import tanah.files.catalogue.Kind;
import tanah.files.catalogue.OwnRows;
import tanah.files.design.DesignReader;
import tanah.files.design.Parsed;
import tanah.files.schema.Problem;
import tanah.web.catalogue.OwnEntryService;
import tanah.web.catalogue.StockItem;
import tanah.web.catalogue.StockService;
import tanah.web.enclosure.EnclosureService;
import tanah.web.log.Event;
import tanah.web.log.EventService;
import tanah.web.log.Photos;
import tanah.web.log.ReadingService;
import tanah.web.log.ReadingsCsv;
import tanah.web.shell.Words;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Takes an archive in: all of it or nothing. Everything is judged as if it had been typed: designs by the schema,
 * readings by their ranges, photos are decoded and made anew.
 */
@Component
class ArchiveReader {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int MOST_FILES = 20_000;
    private static final long MOST_UNPACKED = 600L * 1024 * 1024;
    private static final int MOST_PROBLEMS = 50;

    private final EnclosureService enclosures;
    private final ReadingService readings;
    private final ReadingsCsv csv;
    private final EventService events;
    private final Photos photos;
    private final OwnEntryService own;
    private final StockService stock;
    private final DesignReader reader;
    private final Words words;

    ArchiveReader(
            EnclosureService enclosures,
            ReadingService readings,
            ReadingsCsv csv,
            EventService events,
            Photos photos,
            OwnEntryService own,
            StockService stock,
            DesignReader reader,
            Words words) {
        this.enclosures = enclosures;
        this.readings = readings;
        this.csv = csv;
        this.events = events;
        this.photos = photos;
        this.own = own;
        this.stock = stock;
        this.reader = reader;
        this.words = words;
    }

    /** An archive that was not taken in. */
    static final class Refused extends RuntimeException {
        private static final long serialVersionUID = 1L;

        private final transient List<Problem> problems;

        Refused(List<Problem> problems) {
            super("archive refused");
            this.problems = List.copyOf(problems.subList(0, Math.min(MOST_PROBLEMS, problems.size())));
        }

        List<Problem> problems() {
            return problems;
        }
    }

    /**
     * @return ids of the new enclosures
     * @throws Refused if something in it is not accepted; nothing is stored then
     */
    @Transactional
    public List<Long> read(long keeperId, byte[] archive) {
        Map<String, byte[]> files = unpack(archive);
        if (!files.containsKey(ArchiveWriter.MANIFEST)) {
            throw refused("", words.of("archive.none"), words.of("archive.accepted"));
        }
        entries(keeperId, files);
        stock(keeperId, files);
        List<Long> made = new ArrayList<>();
        for (String folder : folders(files)) {
            made.add(enclosure(keeperId, folder, files));
        }
        return made;
    }

    private Map<String, byte[]> unpack(byte[] archive) {
        Map<String, byte[]> files = new LinkedHashMap<>();
        long total = 0;
        byte[] buffer = new byte[16384];
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(archive), StandardCharsets.UTF_8)) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                if (entry.isDirectory()) {
                    continue;
                }
                ByteArrayOutputStream out = new ByteArrayOutputStream();
                for (int n = zip.read(buffer); n >= 0; n = zip.read(buffer)) {
                    total += n;
                    if (total > MOST_UNPACKED) {
                        throw refused("", words.of("archive.large"), "600 MB");
                    }
                    out.write(buffer, 0, n);
                }
                files.put(entry.getName(), out.toByteArray());
                if (files.size() > MOST_FILES) {
                    throw refused("", words.of("archive.many"), String.valueOf(MOST_FILES));
                }
            }
        } catch (IOException | IllegalArgumentException e) {
            throw refused("", words.of("archive.broken"), words.of("archive.accepted"));
        }
        return files;
    }

    private static List<String> folders(Map<String, byte[]> files) {
        return files.keySet().stream()
                .filter(n -> n.matches("enclosures/[^/]+/design\\.json"))
                .map(n -> n.substring(0, n.length() - "design.json".length()))
                .toList();
    }

    private static Refused refused(String place, String what, String accepted) {
        return new Refused(List.of(new Problem(place, what, accepted)));
    }

    private static String text(Map<String, byte[]> files, String name) {
        return new String(files.getOrDefault(name, new byte[0]), StandardCharsets.UTF_8);
    }

    private Design design(String name, byte[] document) {
        Parsed parsed = reader.read(document);
        if (parsed instanceof Parsed.Accepted accepted) {
            return accepted.design();
        }
        throw new Refused(((Parsed.Refused) parsed)
                .problems().stream()
                        .map(p -> new Problem(name + " " + p.pointer(), p.what(), p.accepted()))
                        .toList());
    }

    private long enclosure(long keeperId, String folder, Map<String, byte[]> files) {
        Design newest = design(folder + "design.json", files.get(folder + "design.json"));
        TreeMap<String, byte[]> older = new TreeMap<>();
        files.forEach((name, bytes) -> {
            if (name.startsWith(folder + "revisions/") && name.endsWith(".json")) {
                older.put(name, bytes);
            }
        });
        Map<Integer, EnclosureService.Old> history = history(folder, files);
        List<EnclosureService.Old> saves = new ArrayList<>();
        older.forEach((name, bytes) -> {
            int number = Integer.parseInt(name.replaceAll(".*/0*(\\d+)\\.json$", "$1"));
            EnclosureService.Old said = history.get(number);
            saves.add(new EnclosureService.Old(
                    design(name, bytes),
                    said == null ? words.of("edit.imported") : said.summary(),
                    said == null ? null : said.savedAt()));
        });
        if (saves.isEmpty() || !saves.get(saves.size() - 1).design().equals(newest)) {
            saves.add(new EnclosureService.Old(newest, words.of("edit.imported"), null));
        }
        JsonNode about = about(text(files, folder + "enclosure.json"));
        long id = enclosures.restoreHistory(
                keeperId, saves, about.path("phase").asString("planning").equals("kept") ? "kept" : "planning");
        if (about.path("archived").asBoolean(false)) {
            enclosures.archive(keeperId, id, true);
        }
        ReadingsCsv.Read read = files.containsKey(folder + "readings.csv")
                ? csv.restore(text(files, folder + "readings.csv"), id)
                : new ReadingsCsv.Read("", List.of());
        List<Problem> problems = read.rows().stream()
                .filter(r -> !r.problem().isEmpty())
                .map(r -> new Problem(folder + "readings.csv " + r.number(), r.problem(), "-"))
                .toList();
        if (!problems.isEmpty()) {
            throw new Refused(problems);
        }
        if (!read.taken().isEmpty()) {
            readings.addAll(keeperId, read.taken());
        }
        events(keeperId, id, folder, files);
        return id;
    }

    private static JsonNode about(String text) {
        try {
            return text.isEmpty() ? JSON.createObjectNode() : JSON.readTree(text);
        } catch (JacksonException e) {
            return JSON.createObjectNode();
        }
    }

    private Map<Integer, EnclosureService.Old> history(String folder, Map<String, byte[]> files) {
        Map<Integer, EnclosureService.Old> history = new LinkedHashMap<>();
        rows(files, folder + "revisions.csv").forEach(r -> {
            try {
                history.put(
                        Integer.parseInt(r.get("revision")),
                        new EnclosureService.Old(
                                Design.named("x"), r.get("summary"), OffsetDateTime.parse(r.get("saved_at"))));
            } catch (IllegalArgumentException | DateTimeParseException e) {
                throw refused(folder + "revisions.csv " + r.getRecordNumber(), words.of("csv.time"), "-");
            }
        });
        return history;
    }

    private void events(long keeperId, long id, String folder, Map<String, byte[]> files) {
        String name = folder + "events.csv";
        for (CSVRecord r : rows(files, name)) {
            try {
                String mass = r.get("mass_g");
                Event.New event = new Event.New(
                        r.get("kind"),
                        r.get("note"),
                        mass.isEmpty() ? null : new BigDecimal(mass),
                        OffsetDateTime.parse(r.get("time")),
                        UUID.randomUUID().toString());
                if (!EventService.isKnown(event)) {
                    throw refused(name + " " + r.getRecordNumber(), words.of("archive.event"), "-");
                }
                List<Photos.Made> made = new ArrayList<>();
                for (String photo : r.get("photos").split(" ")) {
                    byte[] file = photo.isEmpty() ? null : files.get(folder + "photos/" + photo);
                    if (file != null) {
                        made.add(photos.make(file));
                    }
                }
                events.add(keeperId, id, event, made);
            } catch (Photos.Refused e) {
                throw refused(name + " " + r.getRecordNumber(), words.of(String.valueOf(e.getMessage())), "-");
            } catch (DateTimeParseException | IllegalArgumentException e) {
                throw refused(name + " " + r.getRecordNumber(), words.of("csv.time"), "-");
            }
        }
    }

    private List<CSVRecord> rows(Map<String, byte[]> files, String name) {
        if (!files.containsKey(name)) {
            return List.of();
        }
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        try (CSVParser parser = format.parse(new StringReader(text(files, name)))) {
            return parser.getRecords();
        } catch (IOException | java.io.UncheckedIOException | IllegalArgumentException e) {
            throw refused(name, words.of("archive.broken"), "CSV");
        }
    }

    private void entries(long keeperId, Map<String, byte[]> files) {
        if (!files.containsKey("own-entries.json")) {
            return;
        }
        JsonNode all;
        try {
            all = JSON.readTree(text(files, "own-entries.json"));
        } catch (JacksonException e) {
            throw refused("own-entries.json", words.of("archive.broken"), "JSON");
        }
        for (Kind kind : List.of(
                Kind.MEDIA,
                Kind.MIXES,
                Kind.ANIMALS,
                Kind.VESSELS,
                Kind.HEATERS,
                Kind.WATERGEAR,
                Kind.LAMPS,
                Kind.MOISTURE,
                Kind.CONSTRUCTION)) {
            for (JsonNode entry : all.path(kind.word())) {
                String id = entry.path(kind.key()).asString("");
                Optional<Problem> wrong = own.restore(keeperId, kind, id, OwnRows.cells(entry));
                if (wrong.isPresent()) {
                    throw refused(
                            "own-entries.json /" + kind.word() + "/" + id
                                    + wrong.get().pointer(),
                            wrong.get().what(),
                            wrong.get().accepted());
                }
            }
        }
    }

    private void stock(long keeperId, Map<String, byte[]> files) {
        for (CSVRecord r : rows(files, "stock.csv")) {
            try {
                stock.save(
                        keeperId,
                        new StockItem(
                                0,
                                r.get("name"),
                                r.get("kind"),
                                r.get("media").isEmpty() ? null : r.get("media"),
                                number(r.get("length_cm")),
                                number(r.get("width_cm")),
                                number(r.get("height_cm")),
                                number(r.get("mass_kg")),
                                number(r.get("volume_l")),
                                r.get("origin"),
                                r.get("condition"),
                                r.get("note"),
                                0));
            } catch (IllegalArgumentException | org.springframework.dao.DataIntegrityViolationException e) {
                throw refused("stock.csv " + r.getRecordNumber(), words.of("archive.stock"), "-");
            }
        }
    }

    private static @org.jspecify.annotations.Nullable BigDecimal number(String cell) {
        return cell.isEmpty() ? null : new BigDecimal(cell);
    }
}
