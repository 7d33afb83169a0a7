package tanah.web.log;

import org.jspecify.annotations.Nullable;

/**
 * A reading as it is typed.
 *
 * @param place    probe
 * @param kind     of reading
 * @param value    typed number
 * @param earlier  minutes ago, or empty for now
 * @param at       local date and time, where it is typed
 * @param clientId given by the page, so that a repeated send counts once
 * @param sure     whether an unlikely value was confirmed
 * @param version  of the reading that is changed
 */
record LogForm(
        @Nullable String place,
        @Nullable String kind,
        @Nullable String value,
        @Nullable String earlier,
        @Nullable String at,
        @Nullable String clientId,
        @Nullable String sure,
        @Nullable Integer version) {

    String text(@Nullable String value) {
        return value == null ? "" : value.strip();
    }
}
