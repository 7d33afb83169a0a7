package tanah.web.enclosure;

import java.text.Normalizer;
import java.util.Locale;

/** Names of files from names of plans. */
public final class FileNames {
    private static final int LONGEST = 60;

    private FileNames() {}

    /** Plain letters, figures and hyphens. */
    public static String plain(String name) {
        String plain = Normalizer.normalize(name, Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "")
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("(^-|-$)", "");
        String cut = plain.length() <= LONGEST ? plain : plain.substring(0, LONGEST);
        return cut.isEmpty() ? "design" : cut;
    }
}
