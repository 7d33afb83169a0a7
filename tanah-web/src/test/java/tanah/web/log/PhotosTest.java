package tanah.web.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What becomes of a picture that somebody sends: nothing of its file is kept, and nothing harmful gets through. */
class PhotosTest {
    private final Photos photos = new Photos();

    /**
     * Where the red corner of the picture ends up when the camera held it in one of eight ways; the orientations are
     * those of Exif 2.32 (tag 0x0112).
     */
    @ParameterizedTest(name = "held {0}")
    @CsvSource({
        "1, 60, 40, 0, 0",
        "2, 60, 40, 1, 0",
        "3, 60, 40, 1, 1",
        "4, 60, 40, 0, 1",
        "5, 40, 60, 0, 0",
        "6, 40, 60, 1, 0",
        "7, 40, 60, 1, 1",
        "8, 40, 60, 0, 1"
    })
    void isTurnedAsTheCameraHeldIt(int held, int width, int height, int right, int down) throws Exception {
        Photos.Made made = photos.make(withExif(picture(60, 40), held));
        BufferedImage full = read(made.full());
        assertThat(full.getWidth()).isEqualTo(width);
        assertThat(full.getHeight()).isEqualTo(height);
        Color corner = new Color(full.getRGB(right == 0 ? 4 : width - 5, down == 0 ? 4 : height - 5));
        assertThat(corner.getRed()).isGreaterThan(150);
        assertThat(corner.getGreen()).isLessThan(100);
    }

    @Test
    void nothingOfTheFileIsKept() throws Exception {
        byte[] file = withExif(picture(60, 40), 6);
        assertThat(new String(file, StandardCharsets.ISO_8859_1))
                .contains("Exif")
                .contains("secret place");
        Photos.Made made = photos.make(file);
        for (byte[] stored : List.of(made.full(), made.small())) {
            assertThat(new String(stored, StandardCharsets.ISO_8859_1))
                    .doesNotContain("Exif")
                    .doesNotContain("secret place");
        }
    }

    @Test
    void aLargePictureIsMadeSmallerAndKeepsItsShape() throws Exception {
        Photos.Made made = photos.make(png(picture(2600, 1300)));
        assertThat(made.width()).isEqualTo(2000);
        assertThat(made.height()).isEqualTo(1000);
        assertThat(read(made.small()).getWidth()).isEqualTo(320);
    }

    @Test
    void whatIsNoPictureIsRefused() throws Exception {
        byte[] whole = png(picture(60, 40));
        byte[] cut = java.util.Arrays.copyOf(whole, 60);
        byte[] script = "<svg xmlns='http://www.w3.org/2000/svg'><script/></svg>".getBytes(StandardCharsets.UTF_8);
        byte[] bitmap = encoded(picture(20, 20), "bmp");
        for (byte[] wrong : List.of(cut, script, bitmap, new byte[0])) {
            assertThatThrownBy(() -> photos.make(wrong)).isInstanceOf(Photos.Refused.class);
        }
        assertThatThrownBy(() -> photos.make(new byte[Photos.MOST_BYTES + 1]))
                .isInstanceOf(Photos.Refused.class)
                .hasMessage("error.photo.large");
    }

    /** A small file may claim a picture that would not fit into memory. */
    @Test
    void aClaimOfAHugePictureIsRefusedBeforeDecoding() throws Exception {
        byte[] file = png(picture(60, 40));
        // width and height of the header chunk, 100 000 by 100 000, with its checksum
        byte[] huge = {0, 1, (byte) 0x86, (byte) 0xA0, 0, 1, (byte) 0x86, (byte) 0xA0};
        System.arraycopy(huge, 0, file, 16, 8);
        java.util.zip.CRC32 crc = new java.util.zip.CRC32();
        crc.update(file, 12, 17);
        for (int i = 0; i < 4; i++) {
            file[29 + i] = (byte) (crc.getValue() >> (24 - 8 * i));
        }
        assertThatThrownBy(() -> photos.make(file))
                .isInstanceOf(Photos.Refused.class)
                .hasMessage("error.photo.large");
    }

    /** A text of 300 MB in a PNG of 300 KB, packed as its chunk may be. */
    @Test
    void theTextsOfAPictureAreNotUnpacked() throws Exception {
        byte[] plain = png(picture(60, 40));
        ByteArrayOutputStream text = new ByteArrayOutputStream();
        text.write("Comment\0\0".getBytes(StandardCharsets.ISO_8859_1));
        try (java.util.zip.DeflaterOutputStream packed = new java.util.zip.DeflaterOutputStream(text)) {
            byte[] nothing = new byte[1 << 20];
            for (int i = 0; i < 300; i++) {
                packed.write(nothing);
            }
        }
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        file.write(plain, 0, 33); // signature and header
        chunk(file, "zTXt", text.toByteArray());
        file.write(plain, 33, plain.length - 33);
        assertThat(file.size()).isLessThan(400_000);
        assertThat(allocated(() -> photos.make(file.toByteArray()))).isLessThan(60_000_000);
    }

    /** 7600 by 7600 are 58 megapixels: 231 MB as the camera took them, and as much again while they are turned. */
    @Test
    void aLargePictureIsReadInPart() throws Exception {
        BufferedImage grey = new BufferedImage(7600, 7600, BufferedImage.TYPE_BYTE_GRAY);
        byte[] file = encoded(grey, "png");
        assertThat(allocated(() -> {
                    Photos.Made made = photos.make(file);
                    assertThat(made.width()).isEqualTo(2000);
                    assertThat(made.height()).isEqualTo(2000);
                }))
                .isLessThan(160_000_000);
    }

    private interface Work {
        void run() throws Exception;
    }

    /** What a piece of work asks of the heap in all (bytes). */
    private static long allocated(Work work) throws Exception {
        com.sun.management.ThreadMXBean threads =
                (com.sun.management.ThreadMXBean) java.lang.management.ManagementFactory.getThreadMXBean();
        long before = threads.getCurrentThreadAllocatedBytes();
        work.run();
        return threads.getCurrentThreadAllocatedBytes() - before;
    }

    private static void chunk(ByteArrayOutputStream out, String type, byte[] data) throws IOException {
        java.io.DataOutputStream chunk = new java.io.DataOutputStream(out);
        byte[] name = type.getBytes(StandardCharsets.ISO_8859_1);
        java.util.zip.CRC32 crc = new java.util.zip.CRC32();
        crc.update(name);
        crc.update(data);
        chunk.writeInt(data.length);
        chunk.write(name);
        chunk.write(data);
        chunk.writeInt((int) crc.getValue());
    }

    // ---- pictures

    /** Green with a red upper left corner. */
    private static BufferedImage picture(int width, int height) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setColor(new Color(0, 160, 0));
        g.fillRect(0, 0, width, height);
        g.setColor(Color.RED);
        g.fillRect(0, 0, width / 3, height / 3);
        g.dispose();
        return image;
    }

    private static byte[] png(BufferedImage image) throws IOException {
        return encoded(image, "png");
    }

    private static byte[] encoded(BufferedImage image, String format) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        assertThat(ImageIO.write(image, format, out)).isTrue();
        return out.toByteArray();
    }

    private static BufferedImage read(byte[] jpeg) throws IOException {
        return ImageIO.read(new ByteArrayInputStream(jpeg));
    }

    /** A JPEG with an Exif segment that holds the orientation and a description of the place. */
    private static byte[] withExif(BufferedImage image, int held) throws IOException {
        byte[] jpeg = encoded(image, "jpeg");
        byte[] place = "secret place\0".getBytes(StandardCharsets.US_ASCII);
        ByteArrayOutputStream tiff = new ByteArrayOutputStream();
        tiff.write(new byte[] {'M', 'M', 0, 42, 0, 0, 0, 8, 0, 2});
        tiff.write(new byte[] {0x01, 0x0E, 0, 2, 0, 0, 0, (byte) place.length, 0, 0, 0, 38});
        tiff.write(new byte[] {0x01, 0x12, 0, 3, 0, 0, 0, 1, 0, (byte) held, 0, 0});
        tiff.write(new byte[] {0, 0, 0, 0});
        tiff.write(place);
        int length = 2 + 6 + tiff.size();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(jpeg, 0, 2);
        out.write(new byte[] {(byte) 0xFF, (byte) 0xE1, (byte) (length >> 8), (byte) length});
        out.write(new byte[] {'E', 'x', 'i', 'f', 0, 0});
        tiff.writeTo(out);
        out.write(jpeg, 2, jpeg.length - 2);
        return out.toByteArray();
    }
}
