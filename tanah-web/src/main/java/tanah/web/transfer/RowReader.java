package tanah.web.transfer;

import java.io.FilterReader;
import java.io.IOException;
import java.io.Reader;

/** The text of a table whose rows may only be so long: a quotation mark that is never closed does not fill the memory. */
final class RowReader extends FilterReader {
    /** Characters of one row, and of what a parser reads ahead. */
    static final int LONGEST = 1_000_000;

    private long sinceRow;

    RowReader(Reader in) {
        super(in);
    }

    /** A row was read to its end. */
    void row() {
        sinceRow = 0;
    }

    @Override
    public int read() throws IOException {
        int c = super.read();
        count(c < 0 ? 0 : 1);
        return c;
    }

    @Override
    public int read(char[] buffer, int off, int len) throws IOException {
        int n = super.read(buffer, off, len);
        count(Math.max(0, n));
        return n;
    }

    private void count(int characters) throws IOException {
        sinceRow += characters;
        if (sinceRow > LONGEST) {
            throw new IOException("a row of more than " + LONGEST + " characters");
        }
    }
}
