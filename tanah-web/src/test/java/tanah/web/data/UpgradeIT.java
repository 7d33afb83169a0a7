package tanah.web.data;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationInfo;
import org.flywaydb.core.api.configuration.FluentConfiguration;
import org.flywaydb.core.api.migration.JavaMigration;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;
import tanah.web.SharedApplication;

/**
 * A database of each earlier schema, with rows in every table that it had, becomes one of this version: every row is there with every
 * value that still has a column. Rows of a version stand in {@code upgrade/V<version>.sql}, written against the schema of that version.
 */
@SharedApplication
class UpgradeIT {
    private static final String SCHEMA = "upgraded";
    private static final String HISTORY = "flyway_schema_history";

    /** Tables that a later version gave up, and why that is no loss. */
    private static final Set<String> GIVEN_UP =
            Set.of("sign_in_failure"); // tries to sign in, forgotten after a quarter of an hour

    private final DataSource data;
    private final JavaMigration[] java;
    private SingleConnectionDataSource one;
    private JdbcTemplate database;

    @Autowired
    UpgradeIT(DataSource data, List<JavaMigration> java) {
        this.data = data;
        this.java = java.toArray(JavaMigration[]::new);
    }

    @BeforeEach
    void begin() throws Exception {
        older().load().clean();
        one = new SingleConnectionDataSource(data.getConnection(), true);
        database = new JdbcTemplate(one);
    }

    @AfterEach
    void end() {
        database.execute("reset search_path");
        one.destroy();
        older().load().clean();
    }

    private FluentConfiguration older() {
        return Flyway.configure()
                .dataSource(data)
                .schemas(SCHEMA)
                .javaMigrations(java)
                .cleanDisabled(false);
    }

    private List<String> tables() {
        return database.queryForList(
                "select c.relname from pg_class c where c.relnamespace = '" + SCHEMA
                        + "'::regnamespace and c.relkind in ('r', 'p') and not c.relispartition and c.relname <> ? order by 1",
                String.class,
                HISTORY);
    }

    /** Every row of every table, in words. */
    private Map<String, List<String>> rows() {
        Map<String, List<String>> all = new LinkedHashMap<>();
        for (String table : tables()) {
            all.put(table, database.queryForList("select to_jsonb(t)::text from " + table + " t", String.class));
        }
        return all;
    }

    private static String fixture(String version) throws IOException {
        try (InputStream in = UpgradeIT.class.getResourceAsStream("/upgrade/V" + version + ".sql")) {
            return in == null ? "" : new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    /** Values that the rows of a later version change themselves are left out of what must be found again. */
    private static String kept(String table, String row) {
        return switch (table) {
            case "keeper" ->
                "('" + quoted(row)
                        + "'::jsonb - array['settings', 'settings_version', 'owner', 'leaves_at', 'taken_out'])";
            case "enclosure" -> "('" + quoted(row) + "'::jsonb - array['revision'])";
            case "photo" -> "('" + quoted(row) + "'::jsonb - array['deleted_at', 'deleted_by'])";
            case "event" -> "('" + quoted(row) + "'::jsonb - array['deleted_at'])";
            default -> "'" + quoted(row) + "'::jsonb";
        };
    }

    private static String quoted(String row) {
        return row.replace("'", "''");
    }

    /** Rows of an older version that are not in a table as it is now, by the columns that it still has; what was empty may be filled. */
    private List<String> missing(String table, List<String> rows) {
        List<String> lost = new ArrayList<>();
        for (String row : rows) {
            Integer found = database.queryForObject(
                    "select count(*) from " + table
                            + " t where to_jsonb(t) @> (select jsonb_object_agg(o.key, o.value) from " + "jsonb_each("
                            + kept(table, row) + ") o where to_jsonb(t) ? o.key and o.value <> 'null'::jsonb)",
                    Integer.class);
            if (found == null || found == 0) {
                lost.add(row);
            }
        }
        return lost;
    }

    @Test
    void aDatabaseOfEachVersionKeepsEveryRow() throws Exception {
        Map<String, Map<String, List<String>>> seen = new LinkedHashMap<>();
        database.execute("set search_path to " + SCHEMA);
        for (MigrationInfo step : older().load().info().all()) {
            String version = step.getVersion().getVersion();
            older().target(version).load().migrate();
            String rows = fixture(version);
            if (!rows.isEmpty()) {
                database.execute(rows);
            }
            seen.put(version, rows());
        }
        Map<String, List<String>> now = rows();
        assertThat(now)
                .allSatisfy((table, all) -> assertThat(all)
                        .as("rows of %s, without which its upgrade is not tested: add some to upgrade/V*.sql", table)
                        .isNotEmpty());
        seen.forEach((version, tables) -> tables.forEach((table, rows) -> {
            if (!GIVEN_UP.contains(table) && !table.equals("latest_reading") && !table.equals("reading_day")) {
                assertThat(missing(table, rows))
                        .as("lost from %s since version %s", table, version)
                        .isEmpty();
                assertThat(now.get(table))
                        .as("%s since version %s", table, version)
                        .hasSizeGreaterThanOrEqualTo(rows.size());
            }
        }));
        assertThat(now.keySet())
                .as("no table is given up in silence")
                .containsAll(seen.values().stream()
                        .flatMap(t -> t.keySet().stream())
                        .filter(t -> !GIVEN_UP.contains(t))
                        .toList());
    }

    /** What earlier versions did not know is filled in from what they did. */
    @Test
    void whatEarlierVersionsDidNotKnowIsFilledIn() throws Exception {
        database.execute("set search_path to " + SCHEMA);
        older().target("1").load().migrate();
        database.execute(fixture("1"));
        older().load().migrate();
        assertThat(database.queryForList(
                        "select revision || ' ' || coalesce(before_revision, 0) || ' ' || author "
                                + "from design_revision where enclosure_id = 1 order by revision",
                        String.class))
                .containsExactly("1 0 2", "2 1 2", "3 2 2");
        assertThat(database.queryForList("select name_key || ' ' || owner from keeper order by id", String.class))
                .containsExactly("demo false", "early true", "late false");
        assertThat(database.queryForList(
                        "select place || ' ' || kind || ' ' || value from latest_reading order by 1", String.class))
                .containsExactly("p-cool temp_air 20.125", "p-cool temp_water 18", "whole rh 80");
        assertThat(database.queryForList(
                        "select day || ' ' || count || ' ' || low from reading_day order by 1", String.class))
                .containsExactly("2025-12-31 1 21.25", "2026-01-01 1 20.125", "2026-11-30 1 18", "2026-11-30 1 80");
        assertThat(database.queryForObject(
                        "insert into keeper (name, name_key, name_look, password_hash) "
                                + "values ('New', 'new', 'new', 'x') returning id",
                        Long.class))
                .as("numbers go on")
                .isEqualTo(4);
    }
}
