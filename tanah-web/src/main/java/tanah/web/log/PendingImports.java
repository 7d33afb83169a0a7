package tanah.web.log;

import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Files of readings between their preview and their taking in. */
@Service
class PendingImports {
    private final PendingImportMapper pending;

    PendingImports(PendingImportMapper pending) {
        this.pending = pending;
    }

    @Transactional
    long insert(long keeperId, long enclosure, String name, String content) {
        pending.forgetOld();
        return pending.insert(keeperId, enclosure, name, content);
    }

    Optional<PendingImportMapper.Row> find(long keeperId, long enclosure, long id) {
        return pending.find(keeperId, enclosure, id);
    }

    @Transactional
    void delete(long keeperId, long enclosure, long id) {
        pending.delete(keeperId, enclosure, id);
    }
}
