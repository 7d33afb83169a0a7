package tanah.bench.site;

import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.zip.CRC32;
import java.util.zip.DeflaterOutputStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/** Small files that unpack to large ones. */
final class Bombs {
    private static final int ENTRIES = 590; // of a megabyte
    private static final int TEXT = 300; // MB

    private Bombs() {}

    private static void nothing(OutputStream out, int megabytes) throws IOException {
        byte[] spaces = " ".repeat(1 << 20).getBytes(StandardCharsets.US_ASCII);
        for (int i = 0; i < megabytes; i++) {
            out.write(spaces);
        }
    }

    /** An archive whose tables are spaces without end. */
    static byte[] archive() throws IOException {
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(file)) {
            zip.putNextEntry(new ZipEntry("manifest.json"));
            zip.write("{}".getBytes(StandardCharsets.UTF_8));
            zip.closeEntry();
            zip.putNextEntry(new ZipEntry("stock.csv"));
            nothing(zip, ENTRIES);
            zip.closeEntry();
        }
        return file.toByteArray();
    }

    /** A picture of one pixel with a packed text of 300 MB. */
    static byte[] picture() throws IOException {
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        file.writeBytes(new byte[] {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1A, '\n'});
        chunk(file, "IHDR", new byte[] {0, 0, 0, 1, 0, 0, 0, 1, 8, 2, 0, 0, 0});
        ByteArrayOutputStream text = new ByteArrayOutputStream();
        text.writeBytes("Comment\0\0".getBytes(StandardCharsets.ISO_8859_1));
        try (DeflaterOutputStream packed = new DeflaterOutputStream(text)) {
            nothing(packed, TEXT);
        }
        chunk(file, "zTXt", text.toByteArray());
        ByteArrayOutputStream pixel = new ByteArrayOutputStream();
        try (DeflaterOutputStream packed = new DeflaterOutputStream(pixel)) {
            packed.write(new byte[4]);
        }
        chunk(file, "IDAT", pixel.toByteArray());
        chunk(file, "IEND", new byte[0]);
        return file.toByteArray();
    }

    private static void chunk(OutputStream out, String type, byte[] data) throws IOException {
        DataOutputStream chunk = new DataOutputStream(out);
        byte[] name = type.getBytes(StandardCharsets.ISO_8859_1);
        CRC32 crc = new CRC32();
        crc.update(name);
        crc.update(data);
        chunk.writeInt(data.length);
        chunk.write(name);
        chunk.write(data);
        chunk.writeInt((int) crc.getValue());
    }
}
