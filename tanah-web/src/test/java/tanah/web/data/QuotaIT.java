package tanah.web.data;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import tanah.core.design.Design;
import tanah.web.SharedApplication;
import tanah.web.account.KeeperService;
import tanah.web.enclosure.EnclosureService;
import tanah.web.log.Event;
import tanah.web.log.EventService;
import tanah.web.log.Photos;
import tanah.web.log.Reading;
import tanah.web.log.ReadingService;
import tanah.web.quota.Quota;
import tanah.web.quota.Quotas;
import tanah.web.shell.LimitException;

/** What one keeper may store: up to the limit and no more, and what goes beyond leaves nothing behind. */
@SharedApplication
class QuotaIT {
    private final KeeperService keepers;
    private final EnclosureService enclosures;
    private final EventService events;
    private final ReadingService readings;
    private final Quotas quotas;

    private long keeper;

    @Autowired
    QuotaIT(
            KeeperService keepers,
            EnclosureService enclosures,
            EventService events,
            ReadingService readings,
            Quotas quotas) {
        this.keepers = keepers;
        this.enclosures = enclosures;
        this.events = events;
        this.readings = readings;
        this.quotas = quotas;
    }

    @BeforeEach
    void somebody() {
        keeper = keepers.register("keeper " + UUID.randomUUID(), "a long enough word")
                .orElseThrow();
    }

    @AfterEach
    void asUsual() {
        for (Quota q : Quota.values()) {
            quotas.set(q, q.usual());
        }
    }

    private long enclosure() {
        return enclosures.create(keeper, Design.named("one"), "planning", "begun");
    }

    @Test
    void enclosuresUpToTheLimitAndAsManyInTheBin() {
        quotas.set(Quota.ENCLOSURES, 2);
        assertThat(quotas.limits()).containsEntry(Quota.ENCLOSURES, 2L);
        long first = enclosure();
        long second = enclosure();
        assertThatThrownBy(this::enclosure)
                .isInstanceOfSatisfying(
                        LimitException.class, e -> assertThat(e.limit()).isEqualTo(2));
        assertThat(enclosures.all(keeper)).hasSize(2);
        enclosures.delete(keeper, first);
        enclosures.delete(keeper, second);
        enclosure();
        enclosures.delete(keeper, enclosure());
        assertThatThrownBy(this::enclosure).as("the bin is full too").isInstanceOf(LimitException.class);
    }

    private static Event.New event() {
        return new Event.New(
                "seen",
                "note",
                null,
                OffsetDateTime.now(ZoneOffset.UTC),
                UUID.randomUUID().toString());
    }

    private static Photos.Made photo(int bytes) {
        return new Photos.Made(new byte[bytes], new byte[1], 1, 1);
    }

    @Test
    void photosByNumberAndBySize() {
        long box = enclosure();
        quotas.set(Quota.PHOTOS, 3);
        events.add(keeper, box, event(), List.of(photo(10), photo(10)));
        Event.New two = event();
        assertThatThrownBy(() -> events.add(keeper, box, two, List.of(photo(10), photo(10))))
                .isInstanceOf(LimitException.class);
        assertThat(events.newest(keeper, box, 10))
                .as("the event is not stored without its photos")
                .hasSize(1);
        events.add(keeper, box, event(), List.of(photo(10)));
        assertThatCode(() -> events.add(keeper, box, event(), List.of())).doesNotThrowAnyException();
        quotas.set(Quota.PHOTOS, 100);
        quotas.set(Quota.PHOTO_MEGABYTES, 1);
        assertThatThrownBy(() -> events.add(keeper, box, event(), List.of(photo(999_971))))
                .isInstanceOf(LimitException.class);
        assertThatCode(() -> events.add(keeper, box, event(), List.of(photo(999_970))))
                .doesNotThrowAnyException();
    }

    private static List<Reading.New> some(long box, int count) {
        return IntStream.range(0, count)
                .mapToObj(i -> new Reading.New(
                        box,
                        "p",
                        "temp_air",
                        20,
                        OffsetDateTime.now(ZoneOffset.UTC).minusMinutes(i + 1),
                        UUID.randomUUID().toString()))
                .toList();
    }

    @Test
    void readingsOfADay() {
        long box = enclosure();
        quotas.set(Quota.READINGS_A_DAY, 5);
        readings.addAll(keeper, some(box, 3));
        assertThatThrownBy(() -> readings.addAll(keeper, some(box, 3))).isInstanceOf(LimitException.class);
        assertThat(readings.newest(keeper, box, 10)).hasSize(3);
        readings.add(keeper, some(box, 1).get(0));
        readings.add(keeper, some(box, 1).get(0));
        assertThatThrownBy(() -> readings.add(keeper, some(box, 1).get(0))).isInstanceOf(LimitException.class);
        long other = keepers.register("other " + UUID.randomUUID(), "a long enough word")
                .orElseThrow();
        long theirs = enclosures.create(other, Design.named("two"), "planning", "begun");
        assertThatCode(() -> readings.addAll(other, some(theirs, 5)))
                .as("everybody has a share of his own")
                .doesNotThrowAnyException();
    }
}
