package tanah.web.transfer;

import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.RandomAccessFile;
import java.io.Reader;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;

/**
 * An archive on disk. Its files are unpacked one by one when they are asked for, and never more than is allowed in all:
 * what a small file unpacks to does not fill the memory.
 */
final class Archive implements AutoCloseable {
    static final int MOST_FILES = 20_000;

    /** Of all files that are read (bytes). */
    static final long MOST_UNPACKED = 600L * 1024 * 1024;

    /** The list of files at the end of an archive: 200 bytes for each. */
    private static final long MOST_LIST = 200L * MOST_FILES;

    private static final int END = 22; // bytes of the record that ends an archive
    private static final int END_MARK = 0x06054b50;

    private final ZipFile zip;
    private final long most;
    private final Progress progress;
    private long unpacked;
    private int begun;

    private Archive(ZipFile zip, long most, Progress progress) {
        this.zip = zip;
        this.most = most;
        this.progress = progress;
    }

    /** More in an archive than is taken in. */
    static final class TooLarge extends IOException {
        private static final long serialVersionUID = 1L;

        /** @param file of the archive that is too large; empty: the archive is */
        TooLarge(String file) {
            super(file);
        }
    }

    /** @throws IOException where it is no archive, or has more files than are taken in ({@link TooLarge}) */
    static Archive open(Path file) throws IOException {
        return open(file, MOST_UNPACKED, Progress.NONE);
    }

    /**
     * The same with another bound of what may be unpacked (bytes).
     *
     * @param progress is told of each file before it is read
     */
    static Archive open(Path file, long most, Progress progress) throws IOException {
        long list = listLength(file);
        if (list > MOST_LIST) {
            throw new TooLarge("");
        }
        ZipFile zip = new ZipFile(file.toFile(), StandardCharsets.UTF_8);
        if (zip.size() > MOST_FILES) {
            zip.close();
            throw new TooLarge("");
        }
        return new Archive(zip, most, progress);
    }

    /** The library reads the list of files at once, so its length is looked at before. */
    private static long listLength(Path file) throws IOException {
        try (RandomAccessFile in = new RandomAccessFile(file.toFile(), "r")) {
            if (in.length() < END) {
                throw new ZipException("too short");
            }
            byte[] end = new byte[END];
            in.seek(in.length() - END);
            in.readFully(end);
            ByteBuffer record = ByteBuffer.wrap(end).order(ByteOrder.LITTLE_ENDIAN);
            if (record.getInt(0) != END_MARK) {
                throw new ZipException("no end");
            }
            return Integer.toUnsignedLong(record.getInt(12));
        }
    }

    boolean has(String name) {
        return zip.getEntry(name) != null;
    }

    List<String> names() {
        return zip.stream().filter(e -> !e.isDirectory()).map(ZipEntry::getName).toList();
    }

    /** One file, or none: an empty one where it is not there. */
    byte[] bytes(String name, int most) throws IOException {
        if (!has(name)) {
            return new byte[0];
        }
        try (InputStream in = stream(name)) {
            byte[] bytes = in.readNBytes(most + 1);
            if (bytes.length > most) {
                throw new TooLarge(name);
            }
            return bytes;
        }
    }

    /** The text of one file, as long as it is; it is unpacked as it is read. */
    RowReader text(String name) throws IOException {
        Reader text = has(name) ? new InputStreamReader(stream(name), StandardCharsets.UTF_8) : Reader.nullReader();
        return new RowReader(text);
    }

    private InputStream stream(String name) throws IOException {
        progress.file(Math.min(begun, zip.size()), zip.size());
        begun++;
        return new FilterInputStream(zip.getInputStream(zip.getEntry(name))) {
            @Override
            public int read() throws IOException {
                int b = super.read();
                count(b < 0 ? 0 : 1);
                return b;
            }

            @Override
            public int read(byte[] b, int off, int len) throws IOException {
                int n = super.read(b, off, len);
                count(Math.max(0, n));
                return n;
            }
        };
    }

    private void count(int bytes) throws TooLarge {
        unpacked += bytes;
        check();
    }

    /** @throws TooLarge where more was unpacked than is allowed, also if whoever read it did not say so */
    void check() throws TooLarge {
        if (unpacked > most) {
            throw new TooLarge("");
        }
    }

    @Override
    public void close() throws IOException {
        zip.close();
    }
}
