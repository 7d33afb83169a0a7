package tanah.web.log;

import java.math.BigDecimal;
import java.time.OffsetDateTime;
import org.jspecify.annotations.Nullable;

/**
 * Something that happened at an enclosure.
 *
 * @param kind       fed, misted, cleaned, shed, moult, weighed, seen, died, planted, moved_in, dosed, new_mould, springtails or note
 * @param note       free text
 * @param massG      of the animal, where it was weighed
 * @param happenedAt when
 * @param author     who wrote it down; empty if that account is gone
 * @param version    counts changes
 */
public record Event(
        long id,
        String kind,
        String note,
        @Nullable BigDecimal massG,
        OffsetDateTime happenedAt,
        String author,
        int version) {

    /** An event before it is stored. */
    public record New(
            String kind, String note, @Nullable BigDecimal massG, OffsetDateTime happenedAt, String clientId) {}

    /** A photo of an event, without its picture. */
    public record Photo(long id, long eventId, int width, int height) {}

    /** A picture. */
    public record Picture(long id, byte[] jpeg) {
        public Picture {
            jpeg = jpeg.clone();
        }

        @Override
        public byte[] jpeg() {
            return jpeg.clone();
        }
    }
}
