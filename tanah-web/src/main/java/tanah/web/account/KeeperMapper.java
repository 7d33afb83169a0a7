package tanah.web.account;

import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

/** Accounts. */
@Mapper
interface KeeperMapper {
    /** By its key, or as it is written, which comes first. */
    Optional<Keeper> findByName(@Param("name") KeeperName name);

    /** @param own id of whose name may stay as it is; null for somebody new */
    boolean isTaken(@Param("name") KeeperName name, @Param("own") @Nullable Long own);

    /** Whether the name of somebody else looks the same. */
    boolean looksLikeAnother(@Param("name") KeeperName name, @Param("own") @Nullable Long own);

    Optional<Account> account(@Param("id") long id);

    Optional<String> passwordHash(@Param("id") long id);

    int rename(@Param("id") long id, @Param("name") KeeperName name);

    void putPassword(@Param("id") long id, @Param("passwordHash") String passwordHash);

    /** 0 for the demo's, for the owner's while others are in, and where it was given up before. */
    int leave(@Param("id") long id, @Param("now") OffsetDateTime now, @Param("takenOut") boolean takenOut);

    /** 0 where it was not given up, or in the other way. */
    int stay(@Param("id") long id, @Param("takenOut") boolean takenOut);

    int giveUpSite(@Param("id") long id);

    void takeSite(@Param("id") long id);

    /** An account given up before a time. */
    Optional<Long> nextGone(@Param("before") OffsetDateTime before);

    void delete(@Param("id") long id);

    /** The oldest account runs a site that nobody runs. */
    void ensureOwner();

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
