package tanah.web.forms;

import java.io.Closeable;
import java.io.Flushable;
import java.io.IOException;
import java.util.Arrays;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;

/**
 * Writes a table whose cells no spreadsheet takes for a formula (CWE-1236): text that begins like one gets an apostrophe before it, which
 * {@link #text} takes off again. Numbers stay numbers.
 */
public final class CsvOut implements Closeable, Flushable {
    /** Begins like a formula, whatever apostrophes stand before it. */
    private static final Pattern FORMULA = Pattern.compile("'*[=+\\-@\t\r].*", Pattern.DOTALL);

    private static final Pattern NUMBER = Pattern.compile("-?\\d+(\\.\\d+)?");

    private final CSVPrinter csv;

    public CsvOut(Appendable out) throws IOException {
        csv = new CSVPrinter(out, CSVFormat.RFC4180);
    }

    /** One row; null is an empty cell. */
    public void row(@Nullable Object... cells) throws IOException {
        csv.printRecord(Arrays.stream(cells).map(CsvOut::cell).toArray());
    }

    private static Object cell(@Nullable Object value) {
        if (value == null) {
            return "";
        }
        boolean harmless = !(value instanceof String text)
                || NUMBER.matcher(text).matches()
                || !FORMULA.matcher(text).matches();
        return harmless ? value : "'" + value;
    }

    /** What a cell held before it was written. */
    public static String text(String cell) {
        return cell.startsWith("'") && FORMULA.matcher(cell).matches() ? cell.substring(1) : cell;
    }

    @Override
    public void flush() throws IOException {
        csv.flush();
    }

    @Override
    public void close() throws IOException {
        csv.close();
    }
}
