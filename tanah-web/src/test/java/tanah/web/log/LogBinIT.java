package tanah.web.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import tanah.core.design.Design;
import tanah.web.SharedApplication;
import tanah.web.account.KeeperService;
import tanah.web.enclosure.EnclosureService;
import tanah.web.enclosure.Members;
import tanah.web.enclosure.Role;
import tanah.web.shell.NotFoundException;

/** An assistant may take out what the owner wrote, but not without a trace; and nobody's role falls by a link. */
@SharedApplication
class LogBinIT {
    private static final OffsetDateTime THEN =
            OffsetDateTime.now(ZoneOffset.UTC).minusHours(2).withNano(0);

    private final JdbcTemplate database;
    private final KeeperService keepers;
    private final EnclosureService enclosures;
    private final Members members;
    private final ReadingService readings;
    private final EventService events;
    private final LogBin bin;

    private long owner;
    private long assistant;
    private long reader;
    private long box;

    @Autowired
    LogBinIT(
            JdbcTemplate database,
            KeeperService keepers,
            EnclosureService enclosures,
            Members members,
            ReadingService readings,
            EventService events,
            LogBin bin) {
        this.database = database;
        this.keepers = keepers;
        this.enclosures = enclosures;
        this.members = members;
        this.readings = readings;
        this.events = events;
        this.bin = bin;
    }

    @BeforeEach
    void threePeople() {
        owner = keeper("owner");
        assistant = keeper("assistant");
        reader = keeper("reader");
        box = enclosures.create(owner, Design.named("box"), "kept", "begun");
        join(assistant, Role.ASSISTANT);
        join(reader, Role.READER);
    }

    private long keeper(String name) {
        return keepers.register(name + " " + UUID.randomUUID(), "a long enough word")
                .orElseThrow();
    }

    private void join(long keeper, Role role) {
        assertThat(members.accept(keeper, members.invite(owner, box, role))).isPresent();
    }

    private Role role(long keeper) {
        return enclosures.get(keeper, box).role();
    }

    private static Event.New event(String note) {
        return new Event.New("fed", note, null, THEN, UUID.randomUUID().toString());
    }

    private long reading(double value) {
        return readings.add(
                        owner,
                        new Reading.New(
                                box,
                                "warm",
                                "temp_air",
                                value,
                                THEN,
                                UUID.randomUUID().toString()))
                .orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({
        "KEEPER, READER, KEEPER", "KEEPER, ASSISTANT, KEEPER", "ASSISTANT, READER, ASSISTANT",
        "READER, READER, READER", "READER, ASSISTANT, ASSISTANT", "ASSISTANT, KEEPER, KEEPER"
    })
    void aLinkNeverLowersARole(Role before, Role offered, Role after) {
        long somebody = keeper("somebody");
        join(somebody, before);
        join(somebody, offered);
        assertThat(role(somebody)).isEqualTo(after);
        members.accept(owner, members.invite(owner, box, offered));
        assertThat(role(owner)).isEqualTo(Role.OWNER);
    }

    @Test
    void aReadingThatTheAssistantChangedAndTookOutIsSeenAndPutBack() {
        long id = reading(24);
        Reading stored = readings.get(owner, box, id);
        assertThat(readings.change(assistant, box, new Reading(id, "warm", "temp_air", 35, THEN, stored.version())))
                .isTrue();
        assertThat(readings.remove(assistant, box, id)).isTrue();
        List<LogBin.OldReading> old = bin.readings(owner, box);
        assertThat(old).extracting(LogBin.OldReading::value).containsExactly(35.0, 24.0);
        assertThat(old).extracting(LogBin.OldReading::last).containsExactly(true, false);
        assertThat(old).allMatch(LogBin.OldReading::gone);
        assertThat(old).allMatch(r -> r.author().startsWith("assistant"));
        assertThat(readings.takeBack(owner, box, id)).isTrue();
        assertThat(readings.takeBack(owner, box, id)).isTrue();
        assertThat(readings.get(owner, box, id).value()).isEqualTo(24);
    }

    @Test
    void anEventThatTheAssistantRewroteIsSeenAsItWas() {
        long id = events.add(owner, box, event("ten crickets"), List.of()).orElseThrow();
        Event stored = events.get(owner, box, id);
        assertThat(events.change(assistant, box, id, stored.version(), event("nothing"), List.of()))
                .isTrue();
        // one who was overtaken changes nothing, and leaves no trace of a change
        assertThat(events.change(assistant, box, id, stored.version(), event("again"), List.of()))
                .isFalse();
        assertThat(bin.events(owner, box)).hasSize(1);
        LogBin.OldEvent old = bin.events(owner, box).get(0);
        assertThat(old.note()).isEqualTo("ten crickets");
        assertThat(old.gone()).isFalse();
        assertThat(old.author()).startsWith("assistant");
        assertThat(events.setDeleted(assistant, box, id, true)).isTrue();
        LogBin.OldEvent gone = bin.events(owner, box).get(0);
        assertThat(gone.note()).isEqualTo("nothing");
        assertThat(gone.gone()).isTrue();
        assertThat(events.setDeleted(owner, box, id, false)).isTrue();
        assertThat(bin.events(owner, box)).hasSize(1);
    }

    @Test
    void anEventIsMadeWhatItWasAndBackAgain() {
        long id = events.add(owner, box, event("ten crickets"), List.of()).orElseThrow();
        events.change(assistant, box, id, events.get(owner, box, id).version(), event("nothing"), List.of());
        long change = bin.events(owner, box).get(0).change();
        long stranger = keeper("stranger");
        long other = enclosures.create(stranger, Design.named("box"), "kept", "begun");
        assertThat(events.changeBack(stranger, box, change)).isFalse();
        assertThat(events.changeBack(stranger, other, change))
                .as("by way of another box")
                .isFalse();
        assertThat(events.changeBack(reader, box, change)).isFalse();
        assertThat(events.get(owner, box, id).note()).isEqualTo("nothing");
        assertThat(bin.events(owner, box)).hasSize(1);
        assertThat(events.changeBack(owner, box, change)).isTrue();
        assertThat(events.get(owner, box, id).note()).isEqualTo("ten crickets");
        assertThat(bin.events(owner, box)).extracting(LogBin.OldEvent::note).containsExactly("nothing", "ten crickets");
        assertThat(events.changeBack(
                        assistant, box, bin.events(owner, box).get(0).change()))
                .isTrue();
        assertThat(events.get(owner, box, id).note()).isEqualTo("nothing");
        events.setDeleted(owner, box, id, true);
        assertThat(bin.events(owner, box)).filteredOn(e -> !e.gone()).allMatch(e -> e.change() == 0);
        assertThat(events.changeBack(owner, box, change))
                .as("it lies in the bin")
                .isFalse();
    }

    private long photo() {
        byte[] jpeg = {1, 2, 3};
        long id = events.add(owner, box, event("seen"), List.of(new Photos.Made(jpeg, jpeg, 1, 1)))
                .orElseThrow();
        return events.photos(owner, box).stream()
                .filter(p -> p.eventId() == id)
                .findFirst()
                .orElseThrow()
                .id();
    }

    @Test
    void aPhotoThatIsTakenOutLiesInTheBin() {
        long photo = photo();
        assertThat(events.picture(reader, box, photo, true)).hasSize(3);
        events.deletePhoto(reader, box, photo);
        assertThat(events.photos(owner, box)).as("a reader takes nothing out").hasSize(1);
        events.deletePhoto(assistant, box, photo);
        assertThat(events.photos(owner, box)).isEmpty();
        assertThat(bin.photos(owner, box)).hasSize(1);
        assertThat(bin.photos(owner, box).get(0).author()).startsWith("assistant");
        assertThat(events.picture(owner, box, photo, true))
                .as("to look at before it is put back")
                .hasSize(3);
        assertThatThrownBy(() -> events.picture(reader, box, photo, true)).isInstanceOf(NotFoundException.class);
        events.photoBack(owner, box, photo);
        assertThat(events.photos(owner, box)).hasSize(1);
        assertThat(bin.photos(owner, box)).isEmpty();
    }

    @Test
    void nobodyElseSeesTheBin() {
        readings.remove(owner, box, reading(20));
        long stranger = keeper("stranger");
        assertThat(bin.readings(stranger, box)).isEmpty();
        assertThat(bin.events(stranger, box)).isEmpty();
        assertThat(bin.photos(stranger, box)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"29, true", "31, false"})
    void afterThirtyDaysItIsGone(int days, boolean there) {
        long photo = photo();
        events.deletePhoto(owner, box, photo);
        long event = events.add(owner, box, event("old"), List.of()).orElseThrow();
        events.setDeleted(owner, box, event, true);
        long reading = reading(21);
        readings.remove(owner, box, reading);
        database.update("update photo set deleted_at = deleted_at - ? * interval '1 day' where id = ?", days, photo);
        database.update("update event set deleted_at = deleted_at - ? * interval '1 day' where id = ?", days, event);
        database.update(
                "update reading_change set changed_at = changed_at - ? * interval '1 day' where reading_id = ?",
                days,
                reading);
        bin.purge();
        assertThat(bin.photos(owner, box)).hasSize(there ? 1 : 0);
        assertThat(bin.events(owner, box)).hasSize(there ? 1 : 0);
        assertThat(bin.readings(owner, box)).hasSize(there ? 1 : 0);
        assertThat(count("photo", photo)).isEqualTo(there ? 1 : 0);
        assertThat(count("event", event)).isEqualTo(there ? 1 : 0);
        assertThat(count("reading", reading)).isEqualTo(there ? 1 : 0);
    }

    private int count(String table, long id) {
        return database.queryForObject("select count(*) from " + table + " where id = ?", Integer.class, id);
    }
}
