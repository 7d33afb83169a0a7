package tanah.web.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.configuration.FluentConfiguration;
import org.flywaydb.core.api.migration.JavaMigration;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import tanah.web.SharedApplication;

/** The first who registers runs the site, nobody after him does, and he alone closes its door. */
@SharedApplication
class SiteIT {
    private static final String SCHEMA = "older_keepers";

    private final KeeperService keepers;
    private final SiteService site;
    private final JdbcTemplate database;
    private final DataSource data;
    private final JavaMigration[] java;

    @Autowired
    SiteIT(KeeperService keepers, SiteService site, JdbcTemplate database, DataSource data, List<JavaMigration> java) {
        this.keepers = keepers;
        this.site = site;
        this.database = database;
        this.data = data;
        this.java = java.toArray(JavaMigration[]::new);
    }

    @AfterEach
    void opened() {
        site.setRegistration(Registration.OPEN);
    }

    private long register(String name) {
        return keepers.register(name + " " + UUID.randomUUID(), "a long enough word")
                .orElseThrow();
    }

    @Test
    void oneOwnerAndTheDemoIsNone() {
        long first = register("first");
        long second = register("second");
        List<Person> people = site.people();
        assertThat(people).filteredOn(Person::owner).hasSize(1);
        assertThat(people).filteredOn(Person::demo).noneMatch(Person::owner);
        assertThat(site.isOwner(second)).isFalse();
        Person owner = people.stream().filter(Person::owner).findFirst().orElseThrow();
        assertThat(owner.id()).as("the oldest that is not the demo's").isLessThanOrEqualTo(first);
        assertThat(site.isOwner(owner.id())).isTrue();
        assertThat(people).extracting(Person::id).contains(first, second).isSorted();
    }

    @Test
    void theDoorIsClosedAndOpenedAgain() {
        register("somebody");
        assertThat(site.registration()).isEqualTo(Registration.OPEN);
        site.setRegistration(Registration.CLOSED);
        assertThat(site.registration()).isEqualTo(Registration.CLOSED);
        site.setRegistration(Registration.OPEN);
        assertThat(site.registration()).isEqualTo(Registration.OPEN);
    }

    private FluentConfiguration older() {
        return Flyway.configure()
                .dataSource(data)
                .schemas(SCHEMA)
                .javaMigrations(java)
                .cleanDisabled(false);
    }

    /** Whoever came first in an older version runs the site in this one. */
    @Test
    void theFirstOfAnOlderVersionRunsTheSite() {
        older().load().clean();
        older().target("13").load().migrate();
        for (String name : List.of("demo", "early", "late")) {
            database.update(
                    "insert into " + SCHEMA
                            + ".keeper (name, name_key, name_look, password_hash, demo) values (?, ?, ?, 'x', ?)",
                    name,
                    name,
                    name,
                    name.equals("demo"));
        }
        older().load().migrate();
        assertThat(database.queryForList("select name from " + SCHEMA + ".keeper where owner", String.class))
                .containsExactly("early");
        older().load().clean();
    }
}
