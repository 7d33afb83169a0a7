package tanah.web.enclosure;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tanah.core.design.Design;
import tanah.files.design.DesignReader;
import tanah.files.design.DesignWriter;
import tanah.files.design.Parsed;
import tanah.web.shell.NotFoundException;

/** Keeps enclosures and every save of their designs. */
@Service
public class EnclosureService {
    private static final int LONGEST_SUMMARY = 200;

    private final EnclosureMapper enclosures;
    private final DesignReader reader;

    EnclosureService(EnclosureMapper enclosures, DesignReader reader) {
        this.enclosures = enclosures;
        this.reader = reader;
    }

    public List<Enclosure> all(long keeperId) {
        return enclosures.findAll(keeperId).stream().map(this::enclosure).toList();
    }

    /** @throws NotFoundException if there is none, or it is another keeper's */
    public Enclosure get(long keeperId, long id) {
        return enclosures
                .find(keeperId, id)
                .map(this::enclosure)
                .orElseThrow(() -> new NotFoundException("enclosure " + id));
    }

    /** The design of an older save. @throws NotFoundException if there is none, or it is another keeper's */
    public Design revision(long keeperId, long id, int revision) {
        return enclosures
                .document(keeperId, id, revision)
                .map(this::design)
                .orElseThrow(() -> new NotFoundException("revision " + revision + " of " + id));
    }

    public List<RevisionRow> newest(long keeperId, long id, int most) {
        return enclosures.newest(keeperId, id, most);
    }

    @Transactional
    public long create(long keeperId, Design design, String phase, String summary) {
        long id = enclosures.insert(keeperId, design.name(), phase);
        enclosures.insertRevision(keeperId, id, 1, DesignWriter.writeCompact(design), cut(summary));
        return id;
    }

    /**
     * Saves a design as the next revision.
     *
     * @param base revision that the change was made on
     * @return the new revision
     * @throws ConflictException if there is a newer one; nothing is changed then
     */
    @Transactional
    public int save(long keeperId, long id, int base, Design design, String summary) {
        if (enclosures.advance(keeperId, id, design.name(), base) == 0) {
            throw new ConflictException(get(keeperId, id));
        }
        enclosures.insertRevision(keeperId, id, base + 1, DesignWriter.writeCompact(design), cut(summary));
        return base + 1;
    }

    private Enclosure enclosure(EnclosureRow row) {
        return new Enclosure(row.id(), row.revision(), row.phase(), row.savedAt(), design(row.document()));
    }

    private Design design(String document) {
        Parsed parsed = reader.read(document);
        if (parsed instanceof Parsed.Accepted accepted) {
            return accepted.design();
        }
        throw new IllegalStateException("a stored design is refused: " + parsed);
    }

    private static String cut(String summary) {
        return summary.length() <= LONGEST_SUMMARY ? summary : summary.substring(0, LONGEST_SUMMARY);
    }
}
