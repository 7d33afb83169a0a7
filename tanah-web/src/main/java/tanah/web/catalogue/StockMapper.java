package tanah.web.catalogue;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** What a keeper has lying about. Every statement carries the keeper. */
@Mapper
interface StockMapper {
    List<StockItem> all(@Param("keeperId") long keeperId);

    Optional<StockItem> find(@Param("keeperId") long keeperId, @Param("id") long id);

    long insert(@Param("keeperId") long keeperId, @Param("row") StockItem row);

    /** Returns 1, or 0 if the piece has another version by now. */
    int update(@Param("keeperId") long keeperId, @Param("row") StockItem row);

    int delete(@Param("keeperId") long keeperId, @Param("id") long id);
}
