package tanah.web.catalogue;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tanah.web.shell.NotFoundException;

/** Keeps what keepers have lying about. */
@Service
public class StockService {
    private static final double LITRES = 1000; // in a cubic metre

    private final StockMapper items;

    StockService(StockMapper items) {
        this.items = items;
    }

    public List<StockItem> all(long keeperId) {
        return items.all(keeperId);
    }

    /** Loose goods at hand, clean or new, by medium (m³). */
    public Map<String, Double> loose(long keeperId) {
        Map<String, Double> all = new HashMap<>();
        for (StockItem item : all(keeperId)) {
            if (item.kind().equals("loose") && item.media() != null && item.volumeL() != null) {
                all.merge(item.media(), item.volumeL().doubleValue() / LITRES, Double::sum);
            }
        }
        return all;
    }

    public StockItem get(long keeperId, long id) {
        return items.find(keeperId, id).orElseThrow(() -> new NotFoundException("stock " + id));
    }

    /** Whether it was stored; not, if somebody changed it since. */
    @Transactional
    public boolean save(long keeperId, StockItem item) {
        if (item.id() == 0) {
            return items.insert(keeperId, item) > 0;
        }
        get(keeperId, item.id());
        return items.update(keeperId, item) > 0;
    }

    @Transactional
    public void delete(long keeperId, long id) {
        items.delete(keeperId, id);
    }
}
