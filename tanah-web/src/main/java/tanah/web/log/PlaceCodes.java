package tanah.web.log;

import java.security.SecureRandom;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tanah.core.design.Probe;
import tanah.web.enclosure.Enclosure;
import tanah.web.shell.NotFoundException;

/** Short codes for labels at the enclosure. A code says nothing by itself: it opens only for who may see the place. */
@Service
public class PlaceCodes {
    /** No letters or figures that are mistaken for each other on a wet label. */
    private static final String LETTERS = "abcdefghjkmnpqrstuvwxyz23456789";

    private static final int LENGTH = 6;
    private static final int TRIES = 8;

    private final PlaceCodeMapper codes;
    private final SecureRandom random = new SecureRandom();

    PlaceCodes(PlaceCodeMapper codes) {
        this.codes = codes;
    }

    /** A place with its code. */
    public record Code(String place, String code) {}

    /** What a code stands for. */
    public record Target(long enclosureId, String place) {}

    /** The code of a place, made if there is none. */
    @Transactional
    public String of(long keeperId, long enclosure, String place) {
        for (int i = 0; i < TRIES; i++) {
            List<Code> known = codes.all(keeperId, enclosure);
            for (Code code : known) {
                if (code.place().equals(place)) {
                    return code.code();
                }
            }
            codes.insert(keeperId, enclosure, place, fresh());
        }
        throw new NotFoundException("no code for " + place);
    }

    /** Codes of all places of an enclosure, by place. */
    @Transactional
    public Map<String, String> all(long keeperId, Enclosure enclosure) {
        Map<String, String> all = new LinkedHashMap<>();
        for (Probe probe : enclosure.design().probes()) {
            all.put(probe.id(), of(keeperId, enclosure.id(), probe.id()));
        }
        all.put(ReadingWords.WHOLE, of(keeperId, enclosure.id(), ReadingWords.WHOLE));
        return all;
    }

    /** @throws NotFoundException if there is no such code, or this keeper may not see its enclosure */
    public Target find(long keeperId, String code) {
        return codes.find(keeperId, code).orElseThrow(() -> new NotFoundException("code " + code));
    }

    private String fresh() {
        StringBuilder code = new StringBuilder();
        for (int i = 0; i < LENGTH; i++) {
            code.append(LETTERS.charAt(random.nextInt(LETTERS.length())));
        }
        return code.toString();
    }
}
