package tanah.web.log;

import java.time.OffsetDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** What was taken out of a log or changed in it. */
@Mapper
interface LogBinMapper {
    List<LogBin.OldReading> readings(
            @Param("keeperId") long keeperId,
            @Param("enclosureId") long enclosureId,
            @Param("since") OffsetDateTime since,
            @Param("most") int most);

    List<LogBin.OldEvent> events(
            @Param("keeperId") long keeperId,
            @Param("enclosureId") long enclosureId,
            @Param("since") OffsetDateTime since,
            @Param("most") int most);

    List<LogBin.OldPhoto> photos(
            @Param("keeperId") long keeperId,
            @Param("enclosureId") long enclosureId,
            @Param("since") OffsetDateTime since,
            @Param("most") int most);

    int purgePhotos(@Param("before") OffsetDateTime before);

    int purgeEvents(@Param("before") OffsetDateTime before);

    int purgeReadings(@Param("before") OffsetDateTime before);
}
