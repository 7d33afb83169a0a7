package tanah.web.design.words;

import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import tanah.core.evaluate.Evaluation;
import tanah.web.shell.Words;

/** What stands in the head of every page of an enclosure. */
@Component
public class PageHead {
    private final Words words;

    PageHead(Words words) {
        this.words = words;
    }

    /** The animals with their number. */
    public String latin(Evaluation e) {
        if (e.animals().isEmpty()) {
            return words.of("head.no_animal");
        }
        return e.animals().stream()
                .map(a -> a.row().scientificName() + ", "
                        + (a.resident().count() == 1
                                ? words.of("head.one")
                                : words.of(
                                        "head.group",
                                        String.valueOf(a.resident().count()))))
                .collect(Collectors.joining("; "));
    }
}
