package tanah.web.account;

import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.HashSet;
import java.util.Set;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.stereotype.Component;

/**
 * Gives every name its key and its look. Two accounts that were two by the old rule stay two: the later one's key carries its number,
 * which nobody can type, and it is found by its name as it was written.
 */
@Component
@SuppressWarnings("checkstyle:TypeName") // the name is the migration's version
class V10__KeeperNameKeys extends BaseJavaMigration {

    @Override
    public void migrate(Context context) throws SQLException {
        Set<String> keys = new HashSet<>();
        Set<String> looks = new HashSet<>();
        try (Statement all = context.getConnection().createStatement();
                ResultSet rows = all.executeQuery("select id, name from keeper order by id");
                PreparedStatement put = context.getConnection()
                        .prepareStatement("update keeper set name_key = ?, name_look = ? where id = ?")) {
            while (rows.next()) {
                long id = rows.getLong(1);
                KeeperName name = KeeperName.of(rows.getString(2));
                put.setString(1, once(name.key(), id, keys));
                put.setString(2, once(name.look(), id, looks));
                put.setLong(3, id);
                put.executeUpdate();
            }
        }
        try (Statement close = context.getConnection().createStatement()) {
            close.execute("alter table keeper alter column name_key set not null, alter column name_look set not null");
            close.execute("create unique index keeper_name_once on keeper (name_key)");
            close.execute("create unique index keeper_look_once on keeper (name_look)");
            close.execute("drop index keeper_name_key");
        }
    }

    private static String once(String key, long id, Set<String> taken) {
        String own = taken.add(key) ? key : key + '\u0001' + id;
        taken.add(own);
        return own;
    }
}
