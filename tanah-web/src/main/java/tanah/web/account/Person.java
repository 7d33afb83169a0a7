package tanah.web.account;

import java.time.OffsetDateTime;

/**
 * An account as the owner of the site sees it.
 *
 * @param since      when it was made
 * @param owner      whether it runs the site
 * @param demo       whether it is the demo's
 * @param enclosures that it has in use and put away
 * @param photoBytes of the photos of these
 */
public record Person(
        long id, String name, OffsetDateTime since, boolean owner, boolean demo, long enclosures, long photoBytes) {}
