package tanah.web.log;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Arrays;
import java.util.Iterator;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.MemoryCacheImageOutputStream;
import org.springframework.stereotype.Component;
import tanah.web.shell.BusyException;

/**
 * Makes a stored picture of an uploaded one: decoded, turned as the camera held it, made smaller, encoded anew. Nothing
 * of the file itself is kept, so neither place nor camera nor anything hidden in it.
 */
@Component
public class Photos {
    /** Largest file that is taken (bytes). */
    public static final int MOST_BYTES = 10 * 1024 * 1024;

    private static final Set<String> FORMATS = Set.of("jpeg", "jpg", "png", "webp");
    private static final long MOST_PIXELS = 60_000_000L;
    private static final int LONGEST = 2000;
    private static final int SMALL = 320;

    /** Pixels along the longer side from which a picture is made smaller: of a larger one every second or third is read. */
    private static final int FINE = 3000;

    private static final float QUALITY = 0.85f;
    private static final byte[] PNG = {(byte) 0x89, 'P', 'N', 'G'};

    /** A picture in the making takes up to 130 MB: no more than these at once, in the order in which they came. */
    private static final Semaphore AT_ONCE = new Semaphore(2, true);

    private static final long PATIENCE = 20; // s

    /**
     * @param full  JPEG, at most 2000 px
     * @param small JPEG, at most 320 px
     */
    public record Made(byte[] full, byte[] small, int width, int height) {}

    /** Why a file was not taken; the name of a wording. */
    public static final class Refused extends Exception {
        private static final long serialVersionUID = 1L;

        Refused(String key) {
            super(key);
        }
    }

    public Made make(byte[] file) throws Refused {
        if (file.length > MOST_BYTES) {
            throw new Refused("error.photo.large");
        }
        try {
            if (!AT_ONCE.tryAcquire(PATIENCE, TimeUnit.SECONDS)) {
                throw new BusyException("photo");
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new BusyException("photo");
        }
        try {
            return made(file);
        } finally {
            AT_ONCE.release();
        }
    }

    private static Made made(byte[] file) throws Refused {
        try {
            BufferedImage image = upright(decode(file), file);
            BufferedImage full = scaled(image, LONGEST);
            return new Made(jpeg(full), jpeg(scaled(image, SMALL)), full.getWidth(), full.getHeight());
        } catch (IOException | IndexOutOfBoundsException | IllegalArgumentException e) {
            // decoders of foreign files throw what they like; the file is refused, nothing else happened
            throw new Refused("error.photo.broken");
        }
    }

    private static BufferedImage decode(byte[] file) throws IOException, Refused {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw new Refused("error.photo.kind");
            }
            ImageReader reader = readers.next();
            try {
                if (!FORMATS.contains(reader.getFormatName().toLowerCase(Locale.ROOT))) {
                    throw new Refused("error.photo.kind");
                }
                reader.setInput(in, true, true);
                // asked before decoding: a small file may claim a huge picture
                long pixels = (long) reader.getWidth(0) * reader.getHeight(0);
                if (pixels > MOST_PIXELS) {
                    throw new Refused("error.photo.large");
                }
                ImageReadParam part = reader.getDefaultReadParam();
                int each = Math.max(1, Math.max(reader.getWidth(0), reader.getHeight(0)) / FINE);
                part.setSourceSubsampling(each, each, 0, 0);
                return reader.read(0, part);
            } finally {
                reader.dispose();
            }
        }
    }

    /** Cameras write how they were held; the picture is turned before that note is lost. */
    private static BufferedImage upright(BufferedImage image, byte[] file) {
        int held = orientation(file).orElse(1);
        if (held <= 1 || held > 8) {
            return image;
        }
        int w = image.getWidth();
        int h = image.getHeight();
        boolean swapped = held >= 5;
        AffineTransform turn = switch (held) {
            case 2 -> new AffineTransform(-1, 0, 0, 1, w, 0);
            case 3 -> new AffineTransform(-1, 0, 0, -1, w, h);
            case 4 -> new AffineTransform(1, 0, 0, -1, 0, h);
            case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
            case 6 -> new AffineTransform(0, 1, -1, 0, h, 0);
            case 7 -> new AffineTransform(0, -1, -1, 0, h, w);
            default -> new AffineTransform(0, -1, 1, 0, 0, w);
        };
        BufferedImage turned = new BufferedImage(swapped ? h : w, swapped ? w : h, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = turned.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, turned.getWidth(), turned.getHeight());
        g.drawImage(image, turn, null);
        g.dispose();
        return turned;
    }

    private static Optional<Integer> orientation(byte[] file) {
        // cameras write JPEG; the texts of a PNG may unpack to any size
        if (Arrays.equals(file, 0, Math.min(PNG.length, file.length), PNG, 0, PNG.length)) {
            return Optional.empty();
        }
        try {
            ExifIFD0Directory exif = ImageMetadataReader.readMetadata(new ByteArrayInputStream(file))
                    .getFirstDirectoryOfType(ExifIFD0Directory.class);
            return exif == null || !exif.containsTag(ExifIFD0Directory.TAG_ORIENTATION)
                    ? Optional.empty()
                    : Optional.of(exif.getInt(ExifIFD0Directory.TAG_ORIENTATION));
        } catch (ImageProcessingException | IOException | MetadataException e) {
            return Optional.empty();
        }
    }

    private static BufferedImage scaled(BufferedImage image, int longest) {
        double factor = Math.min(1, (double) longest / Math.max(image.getWidth(), image.getHeight()));
        int w = (int) Math.max(1, Math.round(image.getWidth() * factor));
        int h = (int) Math.max(1, Math.round(image.getHeight() * factor));
        BufferedImage small = new BufferedImage(w, h, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = small.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, w, h);
        g.drawImage(image, 0, 0, w, h, null);
        g.dispose();
        return small;
    }

    private static byte[] jpeg(BufferedImage image) throws IOException {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (MemoryCacheImageOutputStream stream = new MemoryCacheImageOutputStream(out)) {
            ImageWriteParam quality = writer.getDefaultWriteParam();
            quality.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            quality.setCompressionQuality(QUALITY);
            writer.setOutput(stream);
            writer.write(null, new IIOImage(image, null, null), quality);
        } finally {
            writer.dispose();
        }
        return out.toByteArray();
    }
}
