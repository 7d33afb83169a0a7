package tanah.web.transfer;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tanah.files.catalogue.Kind;
import tanah.files.catalogue.OwnRows;
import tanah.files.schema.Problem;
import tanah.web.catalogue.OwnEntryService;
import tanah.web.catalogue.StockItem;
import tanah.web.catalogue.StockService;
import tanah.web.forms.CsvOut;
import tanah.web.shell.LimitException;
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
    private static final Logger LOG = LoggerFactory.getLogger(ArchiveReader.class);
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int MOST_ENTRIES = 16_000_000; // bytes of own entries

    private final ArchivedEnclosure enclosure;
    private final ArchiveTables tables;
    private final OwnEntryService own;
    private final StockService stock;
    private final Words words;

    ArchiveReader(
            ArchivedEnclosure enclosure, ArchiveTables tables, OwnEntryService own, StockService stock, Words words) {
        this.enclosure = enclosure;
        this.tables = tables;
        this.own = own;
        this.stock = stock;
        this.words = words;
    }

    /**
     * @param progress is told of each file before it is read
     * @return ids of the new enclosures
     * @throws Refused if something in it is not accepted; nothing is stored then
     */
    @Transactional
    public List<Long> read(long keeperId, Path file, Progress progress) {
        try (Archive archive = Archive.open(file, Archive.MOST_UNPACKED, progress)) {
            if (!archive.has(ArchiveWriter.MANIFEST)) {
                throw Refused.one("", words.of("archive.none"), words.of("archive.accepted"));
            }
            entries(keeperId, archive);
            tables.each(archive, "stock.csv", row -> stock(keeperId, row));
            List<Long> made = new ArrayList<>();
            for (String name : archive.names()) {
                if (name.matches("enclosures/[^/]+/design\\.json")) {
                    String folder = name.substring(0, name.length() - "design.json".length());
                    made.add(enclosure.read(keeperId, folder, archive));
                }
            }
            return made;
        } catch (Archive.TooLarge e) {
            throw tooLarge(e);
        } catch (LimitException e) {
            throw Refused.one("", words.of(e.key(), e.limit()), "-");
        } catch (DataIntegrityViolationException e) {
            // the database knows more of what it may hold than the checks before it
            LOG.warn("an archive was refused by the database: {}", String.valueOf(e.getMessage()));
            throw broken();
        } catch (UncheckedIOException e) {
            throw e.getCause() instanceof Archive.TooLarge large ? tooLarge(large) : broken();
        } catch (IOException e) {
            throw broken();
        }
    }

    private Refused tooLarge(Archive.TooLarge e) {
        return Refused.one(
                String.valueOf(e.getMessage()),
                words.of("archive.large"),
                words.of("archive.most", Archive.MOST_FILES));
    }

    private Refused broken() {
        return Refused.one("", words.of("archive.broken"), words.of("archive.accepted"));
    }

    private void entries(long keeperId, Archive archive) throws IOException {
        if (!archive.has("own-entries.json")) {
            return;
        }
        JsonNode all;
        try {
            all = JSON.readTree(archive.bytes("own-entries.json", MOST_ENTRIES));
        } catch (JacksonException e) {
            throw Refused.one("own-entries.json", words.of("archive.broken"), "JSON");
        }
        for (Kind kind : Kind.values()) {
            for (JsonNode entry : all.path(kind.word())) {
                String id = entry.path(kind.key()).asString("");
                Optional<Problem> wrong = own.restore(keeperId, kind, id, OwnRows.cells(entry));
                if (wrong.isPresent()) {
                    throw Refused.one(
                            "own-entries.json /" + kind.word() + "/" + id
                                    + wrong.get().pointer(),
                            wrong.get().what(),
                            wrong.get().accepted());
                }
            }
        }
    }

    private void stock(long keeperId, CSVRecord r) {
        try {
            stock.save(
                    keeperId,
                    new StockItem(
                            0,
                            CsvOut.text(r.get("name")),
                            r.get("kind"),
                            r.get("media").isEmpty() ? null : r.get("media"),
                            number(r.get("length_cm")),
                            number(r.get("width_cm")),
                            number(r.get("height_cm")),
                            number(r.get("mass_kg")),
                            number(r.get("volume_l")),
                            CsvOut.text(r.get("origin")),
                            CsvOut.text(r.get("condition")),
                            CsvOut.text(r.get("note")),
                            0));
        } catch (IllegalArgumentException | DataIntegrityViolationException e) {
            throw Refused.one("stock.csv " + r.getRecordNumber(), words.of("archive.stock"), "-");
        }
    }

    private static @Nullable BigDecimal number(String cell) {
        if (!cell.isEmpty() && !cell.matches("\\d{1,7}(\\.\\d{1,6})?")) {
            throw new IllegalArgumentException("no number of a measure");
        }
        return cell.isEmpty() ? null : new BigDecimal(cell);
    }
}
