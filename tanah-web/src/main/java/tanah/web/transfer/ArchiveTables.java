package tanah.web.transfer;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.function.Consumer;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.springframework.stereotype.Component;
import tanah.web.shell.Words;

/** Tables of an archive, read row by row. */
@Component
class ArchiveTables {
    private static final int MOST_ROWS = 200_000;
    private static final CSVFormat FORMAT =
            CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).get();

    private final Words words;

    ArchiveTables(Words words) {
        this.words = words;
    }

    /** Hands out the rows of a table; none where it is not there. */
    void each(Archive archive, String name, Consumer<CSVRecord> taker) throws IOException {
        if (!archive.has(name)) {
            return;
        }
        try (RowReader text = archive.text(name);
                CSVParser parser = FORMAT.parse(text)) {
            for (CSVRecord row : parser) {
                text.row();
                if (row.getRecordNumber() > MOST_ROWS) {
                    throw Refused.one(name, words.of("archive.large"), String.valueOf(MOST_ROWS));
                }
                taker.accept(row);
            }
        } catch (UncheckedIOException e) {
            if (e.getCause() instanceof Archive.TooLarge large) {
                throw large;
            }
            throw Refused.one(name, words.of("archive.broken"), "CSV");
        } catch (IllegalArgumentException | IllegalStateException e) {
            throw Refused.one(name, words.of("archive.broken"), "CSV");
        }
    }
}
