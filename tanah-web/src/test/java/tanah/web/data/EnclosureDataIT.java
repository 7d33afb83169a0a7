package tanah.web.data;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.mapping.MappedStatement;
import org.apache.ibatis.session.SqlSessionFactory;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import tanah.core.design.Design;
import tanah.web.SharedApplication;
import tanah.web.account.KeeperService;
import tanah.web.enclosure.ConflictException;
import tanah.web.enclosure.EnclosureService;
import tanah.web.log.Reading;
import tanah.web.log.ReadingService;
import tanah.web.shell.NotFoundException;

/** What is stored, on a real PostgreSQL. */
@SharedApplication
class EnclosureDataIT {
    private static final OffsetDateTime NOON = OffsetDateTime.of(2026, 3, 5, 12, 0, 0, 0, ZoneOffset.UTC);

    private final EnclosureService enclosures;
    private final ReadingService readings;
    private final KeeperService keepers;
    private final SqlSessionFactory sessions;
    private long keeper;
    private long stranger;

    @Autowired
    EnclosureDataIT(
            EnclosureService enclosures, ReadingService readings, KeeperService keepers, SqlSessionFactory sessions) {
        this.enclosures = enclosures;
        this.readings = readings;
        this.keepers = keepers;
        this.sessions = sessions;
    }

    /**
     * Years of readings, what is deleted for good by its age alone, a link that is known by its secret alone, and the worker of
     * searches, which was given its search by a keeper.
     */
    private static final List<String> WITHOUT_KEEPER = List.of(
            "forgetOld",
            "ensureYear",
            "purge",
            "purgePhotos",
            "purgeEvents",
            "purgeReadings",
            "offer",
            "use",
            "claim",
            "beat",
            "progress",
            "end",
            "lost",
            "leave",
            "waiting",
            "forget");

    @BeforeEach
    void register() {
        keeper = keepers.register("k" + UUID.randomUUID(), "a long enough word").orElseThrow();
        stranger =
                keepers.register("s" + UUID.randomUUID(), "a long enough word").orElseThrow();
    }

    @Test
    void theSecondSaveOnTheSameRevisionIsAConflictAndChangesNothing() {
        long id = enclosures.create(keeper, Design.named("one"), "planning", "begun");
        assertThat(enclosures.save(keeper, id, 1, Design.named("two"), "first").revision())
                .isEqualTo(2);
        assertThatThrownBy(() -> enclosures.save(keeper, id, 1, Design.named("three"), "second"))
                .isInstanceOfSatisfying(ConflictException.class, e -> {
                    assertThat(e.current().design().name()).isEqualTo("two");
                    assertThat(e.conflicts()).extracting("path").containsExactly("name");
                    assertThat(enclosures
                                    .pending(keeper, id, e.pending())
                                    .mine()
                                    .name())
                            .as("what was not saved waits")
                            .isEqualTo("three");
                });
        assertThat(enclosures.get(keeper, id).revision()).isEqualTo(2);
        assertThat(enclosures.revision(keeper, id, 1).name())
                .as("every save is kept")
                .isEqualTo("one");
        assertThat(enclosures.newest(keeper, id, 5)).extracting("summary").containsExactly("first", "begun");
    }

    @Test
    void nobodyReachesAnotherKeepersEnclosure() {
        long id = enclosures.create(keeper, Design.named("mine"), "planning", "begun");
        assertThatThrownBy(() -> enclosures.get(stranger, id)).isInstanceOf(NotFoundException.class);
        assertThatThrownBy(() -> enclosures.revision(stranger, id, 1)).isInstanceOf(NotFoundException.class);
        assertThatThrownBy(() -> enclosures.save(stranger, id, 1, Design.named("yours"), "x"))
                .isInstanceOf(NotFoundException.class);
        assertThat(enclosures.all(stranger)).isEmpty();
        assertThat(readings.add(stranger, reading(id, 20, NOON))).isEmpty();
        long number = readings.add(keeper, reading(id, 21, NOON)).orElseThrow();
        assertThat(readings.last(stranger, id)).isEmpty();
        assertThat(readings.remove(stranger, id, number)).isFalse();
        assertThat(readings.takeBack(stranger, id, number)).isFalse();
        assertThat(readings.last(keeper, id)).hasSize(1);
    }

    @Test
    void everyStatementOnAnEnclosureCarriesTheKeeper() {
        // short names that stand in several mappers come as something else than a statement
        java.util.Collection<?> all = sessions.getConfiguration().getMappedStatements();
        List<String> open = all.stream()
                .filter(MappedStatement.class::isInstance)
                .map(MappedStatement.class::cast)
                .filter(s ->
                        s.getId().startsWith("tanah.web.enclosure") || s.getId().startsWith("tanah.web.log"))
                .filter(s ->
                        !WITHOUT_KEEPER.contains(s.getId().substring(s.getId().lastIndexOf('.') + 1)))
                .filter(s -> !sql(s).contains("keeper_id"))
                .map(MappedStatement::getId)
                .distinct()
                .toList();
        assertThat(open).isEmpty();
    }

    private static String sql(MappedStatement statement) {
        Reading.New row = reading(1, 20, NOON);
        return statement
                .getBoundSql(java.util.Map.of(
                        "kinds",
                        List.of("fed"),
                        "rows",
                        List.of(row),
                        "row",
                        row,
                        "keeperId",
                        1L,
                        "enclosureId",
                        1L,
                        "id",
                        1L,
                        "archived",
                        false))
                .getSql();
    }

    @Test
    void aRepeatedSendCountsOnceAndYearsAreMadeAsTheyCome() {
        long id = enclosures.create(keeper, Design.named("one"), "planning", "begun");
        Reading.New first = reading(id, 20, NOON);
        assertThat(readings.add(keeper, first)).isPresent();
        assertThat(readings.add(keeper, first)).as("the same send").isEmpty();
        for (int month = 0; month < 14; month++) {
            assertThat(readings.add(
                            keeper,
                            reading(id, 20 + month, NOON.minusMonths(month).plusHours(1))))
                    .isPresent();
        }
        assertThat(readings.series(keeper, id, "p-cool", "temp_air", NOON.minusYears(5)))
                .hasSize(15);
        assertThat(readings.last(keeper, id))
                .hasSize(1)
                .first()
                .extracting(Reading::value)
                .isEqualTo(20.0);
    }

    @Test
    void aReadingMovedToAnotherYearAndTakenBackIsAsBefore() {
        long id = enclosures.create(keeper, Design.named("one"), "planning", "begun");
        long number = readings.add(keeper, reading(id, 20, NOON)).orElseThrow();
        Reading stored = readings.get(keeper, id, number);
        Reading moved = new Reading(number, "p-warm", "temp_air", 25, NOON.minusYears(1), stored.version());
        assertThat(readings.change(keeper, id, moved)).isTrue();
        assertThat(readings.change(keeper, id, moved))
                .as("with the old version")
                .isFalse();
        assertThat(readings.get(keeper, id, number).value()).isEqualTo(25.0);
        assertThat(readings.takeBack(keeper, id, number)).isTrue();
        assertThat(readings.get(keeper, id, number).value()).isEqualTo(20.0);
        assertThat(readings.get(keeper, id, number).takenAt().toInstant()).isEqualTo(NOON.toInstant());
        assertThat(readings.takeBack(keeper, id, number))
                .as("nothing more to take back")
                .isFalse();
    }

    /** The newest of each place and the extremes of each day follow every way in which readings come, change and go. */
    @Test
    void theNewestAndTheDaysFollowWhateverHappensToReadings() {
        long id = enclosures.create(keeper, Design.named("one"), "planning", "begun");
        OffsetDateTime since = NOON.minusMonths(6);
        assertThat(readings.last(keeper, id)).isEmpty();
        long first = readings.add(keeper, reading(id, 20, NOON)).orElseThrow();
        long older = readings.add(keeper, reading(id, 18, NOON.minusHours(3))).orElseThrow();
        assertThat(readings.last(keeper, id))
                .extracting(Reading::value)
                .as("not what came last")
                .containsExactly(20.0);
        assertThat(readings.extremes(keeper, id, "p-cool", "temp_air", since))
                .extracting(Reading::value)
                .as("in the order in which they were read")
                .containsExactly(18.0, 20.0);
        readings.addAll(keeper, List.of(reading(id, 25, NOON.plusHours(2)), reading(id, 9, NOON.minusDays(2))));
        assertThat(readings.last(keeper, id)).extracting(Reading::value).containsExactly(25.0);
        assertThat(readings.extremes(keeper, id, "p-cool", "temp_air", since))
                .extracting(Reading::value)
                .containsExactly(9.0, 18.0, 25.0);
        Reading newest = readings.last(keeper, id).get(0);
        assertThat(readings.remove(keeper, id, newest.id())).isTrue();
        assertThat(readings.last(keeper, id)).extracting(Reading::id).containsExactly(first);
        assertThat(readings.takeBack(keeper, id, newest.id())).isTrue();
        assertThat(readings.last(keeper, id)).extracting(Reading::id).containsExactly(newest.id());
        Reading moved = readings.get(keeper, id, newest.id());
        assertThat(readings.change(
                        keeper,
                        id,
                        new Reading(moved.id(), "p-warm", "temp_air", 26, NOON.minusMonths(2), moved.version())))
                .isTrue();
        assertThat(readings.last(keeper, id)).extracting(Reading::place).containsExactly("p-cool", "p-warm");
        assertThat(readings.last(keeper, id)).extracting(Reading::value).containsExactly(20.0, 26.0);
        assertThat(readings.extremes(keeper, id, "p-warm", "temp_air", since))
                .extracting(Reading::value)
                .containsExactly(26.0);
        assertThat(readings.remove(keeper, id, first)).isTrue();
        assertThat(readings.remove(keeper, id, older)).isTrue();
        assertThat(readings.extremes(keeper, id, "p-cool", "temp_air", since))
                .extracting(Reading::value)
                .containsExactly(9.0);
        assertThat(readings.last(stranger, id)).isEmpty();
        assertThat(readings.extremes(stranger, id, "p-cool", "temp_air", since)).isEmpty();
        assertThat(readings.lastOfAll(keeper)).containsOnlyKeys(id);
        assertThat(readings.lastOfAll(keeper).get(id)).isEqualTo(readings.last(keeper, id));
        assertThat(readings.lastOfAll(stranger)).isEmpty();
    }

    @Test
    void aNameIsTakenOnceWhateverItsLetters() {
        String name = "Name " + UUID.randomUUID();
        assertThat(keepers.register(name, "a long enough word")).isPresent();
        assertThat(keepers.register(name.toUpperCase(java.util.Locale.ROOT), "a long enough word"))
                .isEmpty();
        assertThat(keepers.loadUserByUsername(name).getPassword()).startsWith("{bcrypt}");
    }

    @Test
    void onlyTheDemoAccountCanBeRemovedAsDemo() {
        assertThat(keepers.removeDemo(keeper)).isFalse();
        assertThat(enclosures.all(keeper)).isEmpty();
    }

    private static Reading.New reading(long enclosure, double value, OffsetDateTime at) {
        return new Reading.New(
                enclosure, "p-cool", "temp_air", value, at, UUID.randomUUID().toString());
    }
}
