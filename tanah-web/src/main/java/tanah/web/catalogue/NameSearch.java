package tanah.web.catalogue;

import java.text.Normalizer;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import org.apache.commons.text.similarity.LevenshteinDistance;

/**
 * Search by names that forgives a letter or two. All words must be found; several matches are all returned.
 *
 * @param names   that a match is known by, the common one first
 * @param more    other words that it is found by
 * @param inOrder what matches of one rank are ordered by
 */
record NameSearch<T>(Function<T, List<String>> names, Function<T, String> more, Function<T, String> inOrder) {
    private static final int SHORT = 4; // letters of which each counts
    private static final int LONG = 7; // letters of which two may be wrong

    /** Best first: names that begin with the text, names that hold it, then those found by other words only. */
    List<T> find(String text, Collection<T> among) {
        List<String> words = Arrays.stream(plain(text).split("\\s+"))
                .filter(w -> !w.isEmpty())
                .toList();
        if (words.isEmpty()) {
            return List.of();
        }
        List<T> exact = among.stream()
                .filter(s -> words.stream().allMatch(haystack(s)::contains))
                .toList();
        List<T> found = exact.isEmpty() ? misspelt(words, among) : exact;
        return found.stream()
                .sorted(Comparator.comparingInt((T s) -> rank(s, words)).thenComparing(inOrder))
                .toList();
    }

    /** Nothing is spelt so: names with a word that is a letter or two off. */
    private List<T> misspelt(List<String> words, Collection<T> among) {
        return among.stream()
                .filter(s -> {
                    List<String> known = List.of(haystack(s).split("[^\\p{L}\\p{N}]+"));
                    return words.stream().allMatch(w -> known.stream().anyMatch(n -> near(w, n)));
                })
                .toList();
    }

    /** Short words may be one letter off, long ones two; a word still being typed is held against as much of the name. */
    private static boolean near(String typed, String name) {
        if (typed.length() < SHORT) {
            return name.startsWith(typed);
        }
        LevenshteinDistance distance = new LevenshteinDistance(typed.length() < LONG ? 1 : 2);
        String begun = name.length() > typed.length() + 1 ? name.substring(0, typed.length() + 1) : name;
        return distance.apply(typed, name) >= 0 || distance.apply(typed, begun) >= 0;
    }

    private int rank(T item, List<String> words) {
        List<String> known = names.apply(item).stream().map(NameSearch::plain).toList();
        if (known.stream().anyMatch(n -> n.startsWith(words.get(0)))) {
            return 0;
        }
        String all = String.join(" ", known);
        return words.stream().allMatch(all::contains) ? 1 : 2;
    }

    private String haystack(T item) {
        return plain(String.join(" ", names.apply(item)) + " " + more.apply(item));
    }

    static String plain(String text) {
        return Normalizer.normalize(text, Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "")
                .replace('-', ' ')
                .toLowerCase(Locale.ROOT)
                .strip();
    }
}
