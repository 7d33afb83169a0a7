package tanah.web.transfer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.OutputStream;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Map;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is uploaded is not trusted: it may unpack to far more than it weighs, or be no archive at all. */
class ArchiveTest {
    @TempDir
    private Path folder;

    private Path zip(Map<String, byte[]> files) throws IOException {
        Path file = folder.resolve("a.zip");
        try (OutputStream out = Files.newOutputStream(file);
                ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
            for (Map.Entry<String, byte[]> e : new TreeMap<>(files).entrySet()) {
                zip.putNextEntry(new ZipEntry(e.getKey()));
                zip.write(e.getValue());
                zip.closeEntry();
            }
        }
        return file;
    }

    private static byte[] text(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    @Test
    void itsFilesAreReadByName() throws IOException {
        Path file = zip(Map.of("a.txt", text("Überlauf"), "b/c.txt", text("two"), "d/", new byte[0]));
        try (Archive archive = Archive.open(file)) {
            assertThat(archive.names()).containsExactlyInAnyOrder("a.txt", "b/c.txt");
            assertThat(archive.has("a.txt")).isTrue();
            assertThat(archive.has("gone")).isFalse();
            assertThat(archive.bytes("gone", 10)).isEmpty();
            assertThat(new String(archive.bytes("a.txt", 9), StandardCharsets.UTF_8))
                    .isEqualTo("Überlauf");
            try (RowReader reader = archive.text("b/c.txt")) {
                char[] three = new char[3];
                assertThat(reader.read(three)).isEqualTo(3);
                assertThat(three).containsExactly('t', 'w', 'o');
            }
        }
    }

    @Test
    void aFileLongerThanItMayBeIsRefusedByName() throws IOException {
        try (Archive archive = Archive.open(zip(Map.of("a.txt", new byte[11])))) {
            assertThat(archive.bytes("a.txt", 11)).hasSize(11);
            assertThatThrownBy(() -> archive.bytes("a.txt", 10))
                    .isInstanceOf(Archive.TooLarge.class)
                    .hasMessage("a.txt");
        }
    }

    /** Two files of 600 bytes pass a bound of 1200 and stop at one of 1199, although each is small. */
    @Test
    void whatIsUnpackedInAllIsBounded() throws IOException {
        Path file = zip(Map.of("a", new byte[600], "b", new byte[600]));
        try (Archive archive = Archive.open(file, 1200, Progress.NONE)) {
            archive.bytes("a", 1000);
            archive.bytes("b", 1000);
            archive.check();
        }
        try (Archive archive = Archive.open(file, 1199, Progress.NONE)) {
            archive.bytes("a", 1000);
            assertThatThrownBy(() -> archive.bytes("b", 1000))
                    .isInstanceOf(Archive.TooLarge.class)
                    .hasMessage("");
            assertThatThrownBy(archive::check).isInstanceOf(Archive.TooLarge.class);
        }
    }

    /** Half a gigabyte of zeros in half a megabyte: read as a stream, it never stands in the memory. */
    @Test
    void aBombIsReadOnlyAsFarAsItIsAskedFor() throws IOException {
        Path file = folder.resolve("bomb.zip");
        byte[] zeros = new byte[1 << 20];
        try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(file))) {
            zip.putNextEntry(new ZipEntry("bomb"));
            for (int i = 0; i < 512; i++) {
                zip.write(zeros);
            }
            zip.closeEntry();
        }
        assertThat(Files.size(file)).isLessThan(1 << 20);
        try (Archive archive = Archive.open(file, 20 << 20, Progress.NONE)) {
            assertThatThrownBy(() -> archive.bytes("bomb", 1000)).hasMessage("bomb");
            archive.check();
        }
    }

    @Test
    void tooManyFilesAreRefusedBeforeTheyAreListed() throws IOException {
        Map<String, byte[]> many = new TreeMap<>();
        for (int i = 0; i <= Archive.MOST_FILES; i++) {
            many.put("f" + i, new byte[0]);
        }
        Path file = zip(many);
        assertThatThrownBy(() -> Archive.open(file)).isInstanceOf(Archive.TooLarge.class);
        many.remove("f0");
        try (Archive archive = Archive.open(zip(many))) {
            assertThat(archive.names()).hasSize(Archive.MOST_FILES);
        }
    }

    /** The record at the end says how long the list of files is; what it says is looked at before the list is read. */
    @Test
    void aListOfFilesThatIsTooLongIsNotRead() throws IOException {
        Path file = zip(Map.of("a", new byte[1]));
        byte[] bytes = Files.readAllBytes(file);
        int length = bytes.length - 22 + 12;
        Arrays.fill(bytes, length, length + 3, (byte) 0xff);
        Files.write(file, bytes);
        assertThatThrownBy(() -> Archive.open(file)).isInstanceOf(Archive.TooLarge.class);
    }

    @Test
    void whatIsNoArchiveIsRefused() throws IOException {
        Path file = folder.resolve("x.zip");
        for (String content : new String[] {"", "PK", "PK\3\4 and a long text that has no end of an archive in it"}) {
            Files.writeString(file, content);
            assertThatThrownBy(() -> Archive.open(file))
                    .isInstanceOf(IOException.class)
                    .isNotInstanceOf(Archive.TooLarge.class);
        }
    }

    @Test
    void aRowMayOnlyBeSoLong() throws IOException {
        String half = "x".repeat(RowReader.LONGEST / 2);
        try (RowReader reader = new RowReader(new StringReader(half + half + "x"))) {
            reader.skip(0);
            char[] buffer = new char[RowReader.LONGEST];
            assertThat(reader.read(buffer, 0, buffer.length)).isEqualTo(RowReader.LONGEST);
            assertThatThrownBy(reader::read).isInstanceOf(IOException.class);
        }
        try (RowReader reader = new RowReader(new StringReader(half + half + "x"))) {
            char[] buffer = new char[RowReader.LONGEST];
            assertThat(reader.read(buffer, 0, buffer.length)).isEqualTo(RowReader.LONGEST);
            reader.row();
            assertThat(reader.read()).isEqualTo('x');
        }
    }
}
