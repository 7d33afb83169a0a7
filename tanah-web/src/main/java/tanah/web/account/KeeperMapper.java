package tanah.web.account;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** Accounts. */
@Mapper
interface KeeperMapper {
    /** By its key, or as it is written, which comes first. */
    Optional<Keeper> findByName(@Param("name") KeeperName name);

    boolean isTaken(@Param("name") KeeperName name);

    /** Whether the name of somebody looks the same. */
    boolean looksLikeAnother(@Param("name") KeeperName name);

    /** The id of the new keeper, or empty if the name is taken. */
    Optional<Long> insert(
            @Param("name") KeeperName name, @Param("passwordHash") String passwordHash, @Param("demo") boolean demo);

    /** The name of the demo account while the demo data is loaded. */
    Optional<String> demoName();

    Optional<String> settings(@Param("id") long id);

    void putSettings(@Param("id") long id, @Param("settings") String settings);

    int deleteDemo(@Param("id") long id);

    /** Who runs the site. */
    Optional<Long> owner();

    List<Person> people();

    Optional<String> setting(@Param("key") String key);

    void putSetting(@Param("key") String key, @Param("value") String value);
}
