package tanah.web.shell;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.util.Map;

/** A square code that a phone's camera reads. */
public final class SquareCode {
    private SquareCode() {}

    /** As a drawing that stands in a page. */
    public static String svg(String text) {
        try {
            BitMatrix bits =
                    new QRCodeWriter().encode(text, BarcodeFormat.QR_CODE, 0, 0, Map.of(EncodeHintType.MARGIN, 2));
            StringBuilder d = new StringBuilder();
            for (int y = 0; y < bits.getHeight(); y++) {
                for (int x = 0; x < bits.getWidth(); x++) {
                    if (bits.get(x, y)) {
                        d.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
                    }
                }
            }
            return "<svg class=\"square-code\" viewBox=\"0 0 " + bits.getWidth() + " " + bits.getHeight()
                    + "\" shape-rendering=\"crispEdges\" aria-hidden=\"true\"><path d=\"" + d + "\"/></svg>";
        } catch (WriterException e) {
            throw new IllegalStateException(e);
        }
    }
}
