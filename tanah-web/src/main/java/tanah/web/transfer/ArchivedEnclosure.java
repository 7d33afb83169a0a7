package tanah.web.transfer;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tanah.core.design.Design;
import tanah.core.units.PlainText;
import tanah.files.design.DesignReader;
import tanah.files.design.Parsed;
import tanah.files.schema.Problem;
import tanah.web.enclosure.EnclosureHistory;
import tanah.web.enclosure.EnclosureService;
import tanah.web.forms.CsvOut;
import tanah.web.forms.Moments;
import tanah.web.log.Event;
import tanah.web.log.EventService;
import tanah.web.log.Photos;
import tanah.web.log.Reading;
import tanah.web.log.ReadingService;
import tanah.web.log.ReadingsCsv;
import tanah.web.shell.Words;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Takes one enclosure of an archive in: its plans, readings and events, each read when it is stored. */
@Component
class ArchivedEnclosure {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int BATCH = 5000; // readings that are stored together
    private static final int MOST_PROBLEMS = 50;
    private static final int MOST_ABOUT = 10_000; // bytes
    private static final int MOST_PHOTOS = 40; // of one event
    private static final Pattern NUMBERED = Pattern.compile(".*/(\\d{1,9})\\.json");
    private static final Pattern MASS = Pattern.compile("\\d{1,6}(\\.\\d{1,6})?");
    private static final BigDecimal LIGHTEST = new BigDecimal("0.001"); // g
    private static final BigDecimal HEAVIEST = new BigDecimal(60_000); // g
    private static final String TIMES = "1990-01-01T00:00:00Z ...";

    private final EnclosureService enclosures;
    private final EnclosureHistory history;
    private final ReadingService readings;
    private final ReadingsCsv csv;
    private final EventService events;
    private final Photos photos;
    private final ArchiveTables tables;
    private final DesignReader reader;
    private final Words words;
    private final Clock clock;

    ArchivedEnclosure(
            EnclosureService enclosures,
            EnclosureHistory history,
            ReadingService readings,
            ReadingsCsv csv,
            EventService events,
            Photos photos,
            ArchiveTables tables,
            DesignReader reader,
            Words words,
            Clock clock) {
        this.clock = clock;
        this.enclosures = enclosures;
        this.history = history;
        this.readings = readings;
        this.csv = csv;
        this.events = events;
        this.photos = photos;
        this.tables = tables;
        this.reader = reader;
        this.words = words;
    }

    /** The id of the new enclosure. */
    long read(long keeperId, String folder, Archive archive) throws IOException {
        JsonNode about = about(archive.bytes(folder + "enclosure.json", MOST_ABOUT));
        boolean kept = about.path("phase").asString("planning").equals("kept");
        long id = history.restoreHistory(keeperId, saves(folder, archive), kept ? "kept" : "planning");
        if (about.path("archived").asBoolean(false)) {
            enclosures.archive(keeperId, id, true);
        }
        readings(keeperId, id, folder + "readings.csv", archive);
        String table = folder + "events.csv";
        tables.each(archive, table, row -> event(keeperId, id, row, table, folder, archive));
        return id;
    }

    private static JsonNode about(byte[] text) {
        try {
            return text.length == 0 ? JSON.createObjectNode() : JSON.readTree(text);
        } catch (JacksonException e) {
            return JSON.createObjectNode();
        }
    }

    // ---- plans

    /** What is known of a save besides its plan. */
    private record Save(String summary, OffsetDateTime savedAt) {}

    private Iterator<EnclosureHistory.Old> saves(String folder, Archive archive) throws IOException {
        TreeMap<Integer, String> older = new TreeMap<>();
        for (String name : archive.names()) {
            if (!name.startsWith(folder + "revisions/")) {
                continue;
            }
            Matcher number = NUMBERED.matcher(name);
            if (!number.matches()) {
                throw Refused.one(name, words.of("archive.revision"), folder + "revisions/000001.json");
            }
            older.put(Integer.valueOf(number.group(1)), name);
        }
        Map<Integer, Save> said = history(folder + "revisions.csv", archive);
        Iterator<Map.Entry<Integer, String>> names = older.entrySet().iterator();
        Design newest = design(folder + "design.json", archive);
        return new Iterator<>() {
            private boolean ended;

            @Override
            public boolean hasNext() {
                return names.hasNext() || !ended;
            }

            @Override
            public EnclosureHistory.Old next() {
                if (!names.hasNext()) {
                    ended = true;
                    return new EnclosureHistory.Old(newest, words.of("edit.imported"), null);
                }
                Map.Entry<Integer, String> next = names.next();
                Save save = said.get(next.getKey());
                Design design = unchecked(next.getValue(), archive);
                ended = !names.hasNext() && design.equals(newest);
                return new EnclosureHistory.Old(
                        design,
                        save == null ? words.of("edit.imported") : save.summary(),
                        save == null ? null : save.savedAt());
            }
        };
    }

    private Design unchecked(String name, Archive archive) {
        try {
            return design(name, archive);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private Design design(String name, Archive archive) throws IOException {
        Parsed parsed = reader.read(archive.bytes(name, DesignReader.MOST_BYTES));
        if (parsed instanceof Parsed.Accepted accepted) {
            return accepted.design();
        }
        throw new Refused(((Parsed.Refused) parsed)
                .problems().stream()
                        .map(p -> new Problem(name + " " + p.pointer(), p.what(), p.accepted()))
                        .toList());
    }

    private Map<Integer, Save> history(String name, Archive archive) throws IOException {
        Map<Integer, Save> history = new LinkedHashMap<>();
        tables.each(archive, name, r -> {
            try {
                String summary = CsvOut.text(r.get("summary"));
                history.put(
                        Integer.valueOf(r.get("revision")),
                        new Save(
                                summary.isBlank() ? words.of("edit.imported") : plain(summary, row(name, r)),
                                moment(r.get("saved_at"), row(name, r))));
            } catch (IllegalArgumentException e) {
                throw Refused.one(row(name, r), words.of("archive.broken"), "CSV");
            }
        });
        return history;
    }

    // ---- readings

    private void readings(long keeperId, long id, String name, Archive archive) throws IOException {
        if (!archive.has(name)) {
            return;
        }
        List<Reading.New> batch = new ArrayList<>();
        List<Problem> problems = new ArrayList<>();
        RowReader text = archive.text(name);
        String broken = csv.restore(text, id, row -> {
            text.row();
            if (!row.problem().isEmpty() && problems.size() < MOST_PROBLEMS) {
                problems.add(new Problem(name + " " + row.number(), row.problem(), "-"));
            }
            batch.addAll(row.taken());
            if (batch.size() >= BATCH && problems.isEmpty()) {
                readings.addAll(keeperId, batch);
                batch.clear();
            } else if (!problems.isEmpty()) {
                batch.clear();
            }
        });
        archive.check();
        if (!broken.isEmpty()) {
            problems.add(new Problem(name, broken, "CSV"));
        }
        if (!problems.isEmpty()) {
            throw new Refused(problems);
        }
        readings.addAll(keeperId, batch);
    }

    // ---- events

    private void event(long keeperId, long id, CSVRecord r, String table, String folder, Archive archive) {
        String at = row(table, r);
        Event.New event;
        String names;
        try {
            event = new Event.New(
                    r.get("kind"),
                    plain(CsvOut.text(r.get("note")), at),
                    mass(r.get("mass_g"), at),
                    moment(r.get("time"), at),
                    UUID.randomUUID().toString());
            names = r.get("photos");
        } catch (IllegalArgumentException e) {
            throw Refused.one(at, words.of("archive.broken"), "CSV");
        }
        if (!EventService.isKnown(event)) {
            throw Refused.one(at, words.of("archive.event"), "-");
        }
        events.add(keeperId, id, event, photos(names, at, folder + "photos/", archive));
    }

    // ---- cells

    private static String row(String table, CSVRecord r) {
        return table + " " + r.getRecordNumber();
    }

    private OffsetDateTime moment(String cell, String at) {
        return Moments.read(cell, clock).at().orElseThrow(() -> Refused.one(at, words.of("csv.time"), TIMES));
    }

    private String plain(String text, String at) {
        if (!PlainText.isPlain(text)) {
            throw Refused.one(at, words.of("error.text.control"), "-");
        }
        return text;
    }

    private @Nullable BigDecimal mass(String cell, String at) {
        if (cell.isEmpty()) {
            return null;
        }
        // no exponents: a short number may be a very long one
        BigDecimal mass = MASS.matcher(cell).matches() ? new BigDecimal(cell) : BigDecimal.ZERO;
        if (mass.compareTo(LIGHTEST) < 0 || mass.compareTo(HEAVIEST) > 0) {
            throw Refused.one(at, words.of("archive.mass"), LIGHTEST + " - " + HEAVIEST.toPlainString());
        }
        return mass;
    }

    private List<Photos.Made> photos(String names, String at, String folder, Archive archive) {
        List<Photos.Made> made = new ArrayList<>();
        for (String name : names.isEmpty() ? new String[0] : names.split(" ")) {
            if (made.size() >= MOST_PHOTOS) {
                throw Refused.one(at, words.of("archive.photos", MOST_PHOTOS), "-");
            }
            if (!archive.has(folder + name)) {
                throw Refused.one(at, words.of("archive.photo", name), "-");
            }
            try {
                made.add(photos.make(archive.bytes(folder + name, Photos.MOST_BYTES)));
            } catch (Photos.Refused e) {
                throw Refused.one(at, words.of(String.valueOf(e.getMessage())), "-");
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
        return made;
    }
}
