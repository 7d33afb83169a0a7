package tanah.web.catalogue;

import java.text.Normalizer;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Species;

/** Search by common name, Latin name and group. All words must be found; several matches are all returned. */
@Component
public class SpeciesSearch {
    /** Best first: names that begin with the text, names that hold it, then those found by their group only. */
    public List<Species> find(String text, Catalogue catalogue) {
        List<String> words = Arrays.stream(plain(text).split("\\s+"))
                .filter(w -> !w.isEmpty())
                .toList();
        if (words.isEmpty()) {
            return List.of();
        }
        return catalogue.allSpecies().stream()
                .filter(s -> words.stream().allMatch(haystack(s)::contains))
                .sorted(Comparator.comparingInt((Species s) -> rank(s, words)).thenComparing(Species::scientificName))
                .toList();
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
