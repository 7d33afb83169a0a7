package tanah.web.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.configuration.FluentConfiguration;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import tanah.web.SharedApplication;

/** Accounts of an older version keep their names, and two that were two stay two. */
@SharedApplication
class KeeperNameKeysIT {
    private static final String SCHEMA = "older_version";

    private final DataSource data;
    private final JdbcTemplate database;

    @Autowired
    KeeperNameKeysIT(DataSource data, JdbcTemplate database) {
        this.data = data;
        this.database = database;
    }

    private FluentConfiguration older() {
        return Flyway.configure()
                .dataSource(data)
                .schemas(SCHEMA)
                .javaMigrations(new V10__KeeperNameKeys())
                .cleanDisabled(false);
    }

    @Test
    void namesGetTheirKeysAndNobodyIsLost() {
        older().load().clean();
        older().target("8").load().migrate();
        for (String name : List.of("Keeper", "Ｋｅｅｐｅｒ", "lvo", "Ivo", "José")) {
            database.update("insert into older_version.keeper (name, password_hash) values (?, 'x')", name);
        }
        older().load().migrate();
        List<Map<String, Object>> rows =
                database.queryForList("select name, name_key, name_look from older_version.keeper order by id");
        assertThat(rows).extracting(r -> r.get("name")).containsExactly("Keeper", "Ｋｅｅｐｅｒ", "lvo", "Ivo", "José");
        assertThat(rows)
                .extracting(r -> r.get("name_key"))
                .containsExactly("keeper", "keeper\u00012", "lvo", "ivo", "josé");
        assertThat(rows).extracting(r -> r.get("name_look")).doesNotHaveDuplicates();
        older().load().clean();
    }
}
