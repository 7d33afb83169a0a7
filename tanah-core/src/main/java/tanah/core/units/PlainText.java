package tanah.core.units;

/**
 * Text that can be stored, drawn and printed: without control characters but tab and line breaks, and without halves of
 * characters (Unicode 15, categories Cc and Cs, and noncharacters).
 */
public final class PlainText {
    private PlainText() {}

    /** Whether a text is plain. */
    public static boolean isPlain(String text) {
        return text.codePoints().allMatch(PlainText::isPlain);
    }

    /** The text without what is not plain. */
    public static String of(String text) {
        if (isPlain(text)) {
            return text;
        }
        StringBuilder plain = new StringBuilder(text.length());
        text.codePoints().filter(PlainText::isPlain).forEach(plain::appendCodePoint);
        return plain.toString();
    }

    private static boolean isPlain(int c) {
        if (c == '\t' || c == '\n' || c == '\r') {
            return true;
        }
        boolean half = c >= Character.MIN_SURROGATE && c <= Character.MAX_SURROGATE;
        return !Character.isISOControl(c) && !half && (c & 0xFFFE) != 0xFFFE;
    }
}
