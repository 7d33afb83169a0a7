package tanah.web.account;

import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** Second factors and what replaces a lost one. */
@Mapper
interface SecondFactorMapper {
    /** The secret, wrapped so that none is an empty optional. */
    Optional<Secret> find(@Param("keeperId") long keeperId);

    /** @param secret shared with the keeper's phone */
    record Secret(byte[] secret) {}

    /** 0 where there is one already. */
    int insert(@Param("keeperId") long keeperId, @Param("secret") byte[] secret, @Param("step") long step);

    /** 1 where no code of this step or a later one was used; it is used then. */
    int use(@Param("keeperId") long keeperId, @Param("step") long step);

    void insertRecovery(@Param("keeperId") long keeperId, @Param("hash") String hash);

    /** 1 where it was good; it is gone then. */
    int useRecovery(@Param("keeperId") long keeperId, @Param("hash") String hash);

    int delete(@Param("keeperId") long keeperId);
}
