package tanah.core.school;

import java.util.List;
import tanah.core.finding.Stage;

/**
 * One choice.
 *
 * @param id      as in designs
 * @param stage   that it belongs to
 * @param options two or more ways of equal rank, as in designs
 */
public record School(String id, Stage stage, List<String> options) {
    public School {
        options = List.copyOf(options);
    }
}
