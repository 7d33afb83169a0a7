package tanah.web.account;

import java.time.OffsetDateTime;

/**
 * An account as the owner of the site sees it.
 *
 * @param since      when it was made
 * @param owner      whether it runs the site
 * @param demo       whether it is the demo's
 * @param leaving    whether it is given up, with days left to return
 * @param enclosures that it has in use and put away
 * @param photoBytes of the photos of these
 */
public record Person(
        long id,
        String name,
        OffsetDateTime since,
        boolean owner,
        boolean demo,
        boolean leaving,
        long enclosures,
        long photoBytes) {}
