package tanah.web.design.edit;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import tanah.web.forms.FieldErrors;

/**
 * A kind that a keeper names: by its id, as it is offered, else the only one that its words find.
 *
 * @param shown   how a kind is offered
 * @param unknown key of what is said where nothing is called so
 */
public record TypedName<T>(Function<T, String> shown, String unknown) {
    private static final int LISTED = 6;

    /**
     * The kind that was meant; empty with an error noted.
     *
     * @param byId  the kind whose id was sent, if there is one
     * @param all   kinds as they are offered
     * @param found what the words find, best first
     */
    public Optional<T> of(
            String typed, Optional<T> byId, Collection<T> all, List<T> found, String field, FieldErrors errors) {
        Optional<T> exact = byId.or(() ->
                all.stream().filter(k -> shown.apply(k).equalsIgnoreCase(typed)).findFirst());
        if (exact.isPresent() || found.size() == 1) {
            return exact.or(() -> Optional.of(found.get(0)));
        }
        if (found.isEmpty()) {
            errors.add(field, unknown, typed);
        } else {
            String several = found.stream().limit(LISTED).map(shown).collect(Collectors.joining(", "));
            errors.add(field, "error.plant.several", String.valueOf(found.size()), several);
        }
        return Optional.empty();
    }
}
