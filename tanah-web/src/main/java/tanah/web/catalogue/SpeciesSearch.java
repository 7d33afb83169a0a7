package tanah.web.catalogue;

import java.text.Normalizer;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import org.apache.commons.text.similarity.LevenshteinDistance;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Species;

/** Search by common name, Latin name and group. All words must be found; several matches are all returned. */
@Component
public class SpeciesSearch {
    private static final int SHORT = 4; // letters of which each counts
    private static final int LONG = 7; // letters of which two may be wrong

    /** Best first: names that begin with the text, names that hold it, then those found by their group only. */
    public List<Species> find(String text, Catalogue catalogue) {
        List<String> words = Arrays.stream(plain(text).split("\\s+"))
                .filter(w -> !w.isEmpty())
                .toList();
        if (words.isEmpty()) {
            return List.of();
        }
        List<Species> exact = catalogue.allSpecies().stream()
                .filter(s -> words.stream().allMatch(haystack(s)::contains))
                .toList();
        List<Species> found = exact.isEmpty() ? misspelt(words, catalogue) : exact;
        return found.stream()
                .sorted(Comparator.comparingInt((Species s) -> rank(s, words)).thenComparing(Species::scientificName))
                .toList();
    }

    /** Nothing is spelt so: names with a word that is a letter or two off. */
    private static List<Species> misspelt(List<String> words, Catalogue catalogue) {
        return catalogue.allSpecies().stream()
                .filter(s -> {
                    List<String> names = List.of(haystack(s).split("[^\\p{L}\\p{N}]+"));
                    return words.stream().allMatch(w -> names.stream().anyMatch(n -> near(w, n)));
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

    private static int rank(Species species, List<String> words) {
        if (plain(species.scientificName()).startsWith(words.get(0))
                || plain(species.commonName()).startsWith(words.get(0))) {
            return 0;
        }
        String names = plain(species.commonName() + " " + species.scientificName());
        return words.stream().allMatch(names::contains) ? 1 : 2;
    }

    private static String haystack(Species s) {
        return plain(s.commonName() + " " + s.scientificName() + " " + s.group());
    }

    private static String plain(String text) {
        return Normalizer.normalize(text, Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "")
                .replace('-', ' ')
                .toLowerCase(Locale.ROOT)
                .strip();
    }
}
