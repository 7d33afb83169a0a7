package tanah.web.log;

import java.time.OffsetDateTime;

/**
 * A stored reading.
 *
 * @param id      of the row
 * @param place   probe of the design
 * @param kind    as in designs
 * @param value   °C or per cent
 * @param takenAt when
 * @param version counts changes
 */
public record Reading(long id, String place, String kind, double value, OffsetDateTime takenAt, int version) {

    /**
     * A reading before it is stored.
     *
     * @param clientId given by the browser, so that a repeated send counts once
     */
    public record New(
            long enclosureId, String place, String kind, double value, OffsetDateTime takenAt, String clientId) {}
}
