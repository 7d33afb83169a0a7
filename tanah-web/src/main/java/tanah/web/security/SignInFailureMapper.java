package tanah.web.security;

import java.time.OffsetDateTime;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** Failed sign-ins of the last while. */
@Mapper
interface SignInFailureMapper {
    void insert(@Param("name") String name, @Param("address") String address, @Param("at") OffsetDateTime at);

    int countForName(@Param("name") String name, @Param("since") OffsetDateTime since);

    int countForAddress(@Param("address") String address, @Param("since") OffsetDateTime since);

    /** Forgets a name's failures, and everybody's that are older than the window. */
    void forget(@Param("name") String name, @Param("before") OffsetDateTime before);
}
