package tanah.web.enclosure;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Optional;
import org.springframework.stereotype.Component;
import tanah.core.design.Design;
import tanah.files.design.DesignReader;
import tanah.files.design.DesignWriter;
import tanah.files.design.Parsed;

/** Documents of plans read into plans; those that were read last are kept. */
@Component
class Documents {
    private static final int MOST_READ = 16_000_000; // letters of documents that are kept read

    private final DesignReader reader;
    private final Cache<Stored, Read> read = Caffeine.newBuilder()
            .maximumWeight(MOST_READ)
            .weigher((Stored key, Read value) -> value.size())
            .build();

    /** A revision of an enclosure and a hash of its document, because one that was rolled back may have had the same number. */
    private record Stored(long enclosure, int revision, int hash) {}

    /** A document read and judged, with its length in letters, by which it weighs. */
    private record Read(Design design, int size) {}

    Documents(DesignReader reader) {
        this.reader = reader;
    }

    Optional<Design> accepted(String document) {
        return reader.read(document) instanceof Parsed.Accepted accepted
                ? Optional.of(accepted.design())
                : Optional.empty();
    }

    Design design(long enclosure, int revision, String document) {
        return read.get(
                        new Stored(enclosure, revision, document.hashCode()),
                        k -> new Read(readStored(document), document.length()))
                .design();
    }

    /**
     * A plan as it is stored.
     *
     * @throws RefusedPlanException where it could not be read again
     */
    String written(Design design) {
        String document = DesignWriter.writeCompact(design);
        if (reader.read(document) instanceof Parsed.Refused refused) {
            throw new RefusedPlanException(refused.problems());
        }
        return document;
    }

    /** The same of an enclosure's next revision, which is kept read. */
    String written(Design design, long enclosure, int revision) {
        String document = DesignWriter.writeCompact(design);
        Parsed parsed = reader.read(document);
        if (parsed instanceof Parsed.Refused refused) {
            throw new RefusedPlanException(refused.problems());
        }
        read.put(
                new Stored(enclosure, revision, document.hashCode()),
                new Read(((Parsed.Accepted) parsed).design(), document.length()));
        return document;
    }

    Design readStored(String document) {
        Parsed parsed = reader.readStored(document);
        if (parsed instanceof Parsed.Accepted accepted) {
            return accepted.design();
        }
        throw new IllegalStateException("a stored design is refused: " + parsed);
    }
}
