package tanah.web.account;

import java.time.Instant;

/**
 * A session of a keeper.
 *
 * @param key      by which it is ended; not its id, which opens it
 * @param hand     whether it is of a phone or a tablet
 * @param address  of the browser when it signed in
 * @param current  whether it is the one that asks
 */
public record Sitting(String key, boolean hand, String address, Instant since, Instant seen, boolean current) {}
