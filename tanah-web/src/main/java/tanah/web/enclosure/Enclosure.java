package tanah.web.enclosure;

import java.time.OffsetDateTime;
import tanah.core.design.Design;

/**
 * One enclosure as it stands.
 *
 * @param id       of the enclosure
 * @param revision number of the newest save
 * @param phase    planning or kept
 * @param savedAt  of that save
 * @param design   of that save
 */
public record Enclosure(long id, int revision, String phase, OffsetDateTime savedAt, Design design) {}
