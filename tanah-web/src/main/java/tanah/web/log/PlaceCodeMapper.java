package tanah.web.log;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** Codes of places. Every statement carries the keeper. */
@Mapper
interface PlaceCodeMapper {
    List<PlaceCodes.Code> all(@Param("keeperId") long keeperId, @Param("enclosureId") long enclosureId);

    /** Makes a code unless the place has one or the code is taken. */
    void insert(
            @Param("keeperId") long keeperId,
            @Param("enclosureId") long enclosureId,
            @Param("place") String place,
            @Param("code") String code);

    Optional<PlaceCodes.Target> find(@Param("keeperId") long keeperId, @Param("code") String code);
}
