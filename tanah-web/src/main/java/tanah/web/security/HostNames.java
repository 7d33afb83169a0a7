package tanah.web.security;

import java.util.Locale;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.Pattern;

/**
 * Names by which the site may be called. A stranger's name that leads here (a page elsewhere that points its own name at this address) is
 * not one of them, nor does a name that somebody made up get into a link.
 *
 * @param given those of the settings, in lower case; where there are any, no others but this machine's hold
 */
record HostNames(Set<String> given) implements Predicate<String> {
    private static final Set<String> OWN = Set.of("localhost", "127.0.0.1", "[::1]", "::1");
    private static final Pattern ADDRESS = Pattern.compile("\\d{1,3}(\\.\\d{1,3}){3}|\\[?[0-9a-f:]*:[0-9a-f:.]+]?");

    /** One word, or a name that only a home or a house gives (RFC 6762, RFC 8375). */
    private static final Pattern HOUSE = Pattern.compile("[a-z0-9-]{1,63}(\\.(local|lan|home\\.arpa|internal))?");

    /** @param text names with commas between; empty: addresses and names of the house */
    static HostNames of(String text) {
        return new HostNames(Pattern.compile("[,\\s]+")
                .splitAsStream(text.toLowerCase(Locale.ROOT).strip())
                .filter(n -> !n.isEmpty())
                .collect(java.util.stream.Collectors.toUnmodifiableSet()));
    }

    @Override
    public boolean test(String host) {
        String name = host.toLowerCase(Locale.ROOT);
        if (OWN.contains(name) || given.contains(name)) {
            return true;
        }
        return given.isEmpty()
                && (ADDRESS.matcher(name).matches() || HOUSE.matcher(name).matches());
    }
}
