package tanah.web.account;

import java.time.OffsetDateTime;
import org.jspecify.annotations.Nullable;

/**
 * An account as its keeper sees it.
 *
 * @param leavesAt   when it was given up; null while it is in use
 * @param takenOut   whether the owner of the site did so
 * @param enclosures that go with it
 * @param guests     others who see one of these
 */
public record Account(
        long id,
        String name,
        boolean demo,
        boolean owner,
        @Nullable OffsetDateTime leavesAt,
        boolean takenOut,
        long enclosures,
        long guests) {}
