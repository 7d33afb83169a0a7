package tanah.web.data;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.configuration.FluentConfiguration;
import org.flywaydb.core.api.migration.JavaMigration;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;
import tanah.core.design.Design;
import tanah.web.SharedApplication;
import tanah.web.account.KeeperService;
import tanah.web.enclosure.EnclosureService;
import tanah.web.log.Reading;
import tanah.web.log.ReadingService;

/** Readings by year: a file of decades makes few partitions, and months of an older version become years with nothing lost. */
@SharedApplication
class ReadingYearsIT {
    private static final String SCHEMA = "older_readings";

    private final DataSource data;
    private final JdbcTemplate database;
    private final KeeperService keepers;
    private final EnclosureService enclosures;
    private final ReadingService readings;
    private final JavaMigration[] java;

    @Autowired
    ReadingYearsIT(
            DataSource data,
            JdbcTemplate database,
            KeeperService keepers,
            EnclosureService enclosures,
            ReadingService readings,
            List<JavaMigration> java) {
        this.data = data;
        this.database = database;
        this.keepers = keepers;
        this.enclosures = enclosures;
        this.readings = readings;
        this.java = java.toArray(JavaMigration[]::new);
    }

    private FluentConfiguration older() {
        return Flyway.configure()
                .dataSource(data)
                .schemas(SCHEMA)
                .javaMigrations(java)
                .cleanDisabled(false);
    }

    private List<String> partitions(String schema) {
        return database.queryForList(
                "select c.relname from pg_inherits i join pg_class c on c.oid = i.inhrelid"
                        + " where i.inhparent = (? || '.reading')::regclass order by 1",
                String.class,
                schema);
    }

    @Test
    void aFileOfManyMonthsMakesFewPartitions() {
        long keeper = keepers.register("keeper " + UUID.randomUUID(), "a long enough word")
                .orElseThrow();
        long id = enclosures.create(keeper, Design.named("one"), "planning", "begun");
        List<Reading.New> all = new ArrayList<>();
        OffsetDateTime first = OffsetDateTime.parse("1990-01-15T12:00:00Z");
        for (int month = 0; month < 430; month++) {
            all.add(new Reading.New(
                    id,
                    "p",
                    "temp_air",
                    20,
                    first.plusMonths(month),
                    UUID.randomUUID().toString()));
        }
        readings.addAll(keeper, all);
        assertThat(partitions("public")).hasSizeBetween(36, 39).allMatch(p -> p.matches("reading_y\\d{4}"));
        assertThat(readings.newest(keeper, id, 500)).hasSize(430);
        assertThat(readings.last(keeper, id)).hasSize(1);
    }

    @Test
    void aYearThatIsNoneIsRefused() {
        for (String at : List.of("1989-12-31T23:00:00Z", "2999-01-01T00:00:00Z", "0044-03-15T12:00:00Z")) {
            assertThatThrownBy(() -> database.queryForObject(
                            "select ensure_reading_year(?::timestamptz)::text", String.class, at))
                    .as(at)
                    .isInstanceOf(DataAccessException.class);
        }
    }

    @Test
    void monthsBecomeYearsAndNothingIsLost() {
        older().load().clean();
        older().target("8").load().migrate();
        database.update("insert into older_readings.keeper (name, password_hash) values ('one', 'x')");
        database.update(
                "insert into older_readings.enclosure (keeper_id, name) select id, 'box' from older_readings.keeper");
        List<String> times =
                List.of("2024-12-31T23:59:00Z", "2025-01-01T00:00:00Z", "2025-06-15T08:00:00Z", "2026-03-01T12:00:00Z");
        for (String at : times) {
            database.execute("set search_path = older_readings, public; select ensure_reading_month('" + at
                    + "'::timestamptz); insert into reading (enclosure_id, place, kind, value, taken_at, client_id)"
                    + " select id, 'p', 'temp_air', 20, '" + at + "', gen_random_uuid() from enclosure;"
                    + " reset search_path");
        }
        String all = "select id || ' ' || taken_at at time zone 'UTC' || ' ' || value || ' ' || client_id"
                + " from older_readings.reading order by taken_at";
        String newest = "select place || kind || id || taken_at from older_readings.latest_reading";
        String days = "select day::text || count || low || high from older_readings.reading_day order by 1";
        List<String> before = new ArrayList<>();
        for (String question : List.of(all, newest, days)) {
            before.addAll(database.queryForList(question, String.class));
        }
        assertThat(partitions(SCHEMA)).hasSize(4).allMatch(p -> p.matches("reading_\\d{4}_\\d{2}"));

        older().load().migrate();
        List<String> after = new ArrayList<>();
        for (String question : List.of(all, newest, days)) {
            after.addAll(database.queryForList(question, String.class));
        }
        assertThat(after).isEqualTo(before).hasSizeGreaterThan(8);
        assertThat(partitions(SCHEMA)).containsExactly("reading_y2024", "reading_y2025", "reading_y2026");
        older().load().clean();
    }
}
