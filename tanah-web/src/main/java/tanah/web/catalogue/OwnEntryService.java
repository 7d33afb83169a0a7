package tanah.web.catalogue;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.AirPlan;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.Layer;
import tanah.core.design.Recipe;
import tanah.core.design.VesselPlan;
import tanah.files.catalogue.Kind;
import tanah.files.catalogue.OwnRows;
import tanah.files.schema.Problem;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Keepers' own entries, and how they get into the designs that use them. */
@Service
public class OwnEntryService {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int LONGEST_ID = 60;
    /** Mixes name media, so what a mix uses is known before the media are taken. */
    private static final List<Kind> MIXES_FIRST = Stream.concat(
                    Stream.of(Kind.MIXES), Stream.of(Kind.values()).filter(k -> k != Kind.MIXES))
            .toList();

    private final OwnEntryMapper entries;
    private final Catalogue shipped;

    OwnEntryService(OwnEntryMapper entries, Catalogue shipped) {
        this.entries = entries;
        this.shipped = shipped;
    }

    public List<OwnEntry> list(long keeperId) {
        return entries.all(keeperId);
    }

    public Optional<OwnEntry> find(long keeperId, Kind kind, String id) {
        return entries.find(keeperId, kind.word(), id);
    }

    /** The design with all own entries of the keeper at hand; saving it keeps just those that it uses. */
    public Design offered(long keeperId, Design design) {
        JsonNode more = missing(OwnRows.of(design), keeperId);
        if (more.isEmpty()) {
            return design;
        }
        ObjectNode both = (ObjectNode) OwnRows.of(design);
        more.properties()
                .forEach(kind ->
                        kind.getValue().forEach(e -> list(both, kind.getKey()).add(e)));
        return OwnRows.with(design, both);
    }

    /** All own entries as a design carries them. */
    public ObjectNode all(long keeperId) {
        ObjectNode own = JSON.createObjectNode();
        for (OwnEntry entry : entries.all(keeperId)) {
            list(own, entry.kind()).add(JSON.readTree(entry.entry()));
        }
        return own;
    }

    /** The keeper's own entries that a design does not bring already. */
    JsonNode missing(JsonNode brought, long keeperId) {
        ObjectNode own = all(keeperId);
        for (Kind kind : Kind.values()) {
            Set<String> known = ids(brought.path(kind.word()), kind);
            if (own.path(kind.word()) instanceof ArrayNode list) {
                ArrayNode rest = JSON.createArrayNode();
                list.forEach(e -> {
                    if (!known.contains(e.path(kind.key()).asString())) {
                        rest.add(e);
                    }
                });
                own.remove(kind.word());
                if (!rest.isEmpty()) {
                    own.set(kind.word(), rest);
                }
            }
        }
        return own;
    }

    /**
     * The design with just those own entries that it uses: those that it brought stay as they are, missing ones are
     * taken from the keeper.
     */
    public Design embed(long keeperId, Design design) {
        Set<String> used = used(design);
        boolean brings = design.kept().has(OwnRows.FIELD);
        if (!brings && used.stream().noneMatch(id -> id.startsWith(OwnRows.PREFIX))) {
            return design;
        }
        JsonNode brought = OwnRows.of(design);
        ObjectNode all = all(keeperId);
        ObjectNode kept = JSON.createObjectNode();
        for (Kind kind : MIXES_FIRST) {
            Map<String, JsonNode> chosen = new LinkedHashMap<>();
            for (JsonNode source : List.of(brought.path(kind.word()), all.path(kind.word()))) {
                source.forEach(entry -> {
                    String id = entry.path(kind.key()).asString();
                    if (used.contains(id)) {
                        chosen.putIfAbsent(id, entry);
                    }
                });
            }
            chosen.values().forEach(entry -> {
                list(kept, kind.word()).add(entry);
                entry.path("parts").forEach(p -> used.add(p.asString().split(":")[0]));
            });
        }
        return OwnRows.with(design, kept);
    }

    /** The design with the keeper's present values of one own entry in place of those that it brought. */
    public Design refreshed(Design design, Kind kind, JsonNode entry) {
        ObjectNode brought = (ObjectNode) OwnRows.of(design);
        ArrayNode fresh = JSON.createArrayNode();
        brought.path(kind.word())
                .forEach(e -> fresh.add(e.path(kind.key()).equals(entry.path(kind.key())) ? entry : e));
        if (!fresh.isEmpty()) {
            brought.set(kind.word(), fresh);
        }
        return OwnRows.with(design, brought);
    }

    private static Set<String> used(Design design) {
        Set<String> used = new LinkedHashSet<>();
        design.animals().forEach(a -> used.add(a.species()));
        design.vessel().flatMap(VesselPlan::catalogue).ifPresent(used::add);
        for (Layer layer : design.ground().layers()) {
            layer.media().ifPresent(recipe -> {
                if (recipe instanceof Recipe.Named named) {
                    used.add(named.id());
                } else if (recipe instanceof Recipe.Own own) {
                    used.addAll(own.parts().keySet());
                }
            });
        }
        design.hardscape().forEach(h -> h.media().ifPresent(used::add));
        design.plants().forEach(p -> p.kind().ifPresent(used::add));
        used.addAll(design.planting().candidates());
        design.crew().doses().forEach(d -> used.add(d.species()));
        design.vessel().flatMap(VesselPlan::lid).flatMap(l -> l.mesh().item()).ifPresent(used::add);
        for (Device device : design.devices()) {
            used.add(device.item());
            device.guard().ifPresent(used::add);
            device.thermostat().flatMap(Device.Thermostat::item).ifPresent(used::add);
        }
        design.air().flatMap(AirPlan::mist).ifPresent(m -> {
            m.pump().ifPresent(used::add);
            m.tank().ifPresent(used::add);
            m.nozzles().forEach(n -> n.item().ifPresent(used::add));
        });
        return used;
    }

    private static Set<String> ids(JsonNode list, Kind kind) {
        Set<String> ids = new LinkedHashSet<>();
        list.forEach(e -> ids.add(e.path(kind.key()).asString()));
        return ids;
    }

    private static ArrayNode list(ObjectNode own, String kind) {
        return own.path(kind) instanceof ArrayNode list ? list : own.putArray(kind);
    }

    /**
     * Judges and stores an entry.
     *
     * @param id     of an own entry that exists, or null to make a new one
     * @param baseId shipped entry that a new one begins from
     * @param cells  by column; the id's own column is set here
     * @return the problems by column; empty if it was stored
     */
    @Transactional
    public Outcome save(
            long keeperId,
            Kind kind,
            @Nullable String id,
            @Nullable String baseId,
            Map<String, String> cells,
            String reason,
            int version) {
        String entryId = id == null ? free(keeperId, kind, name(kind, cells)) : id;
        Map<String, String> whole = new LinkedHashMap<>(cells);
        whole.put(kind.key(), entryId);
        ObjectNode entry = OwnRows.typed(kind, whole);
        Catalogue known = OwnRows.merge(shipped, all(keeperId), new ArrayList<>());
        Map<String, Problem> problems = OwnRows.problems(kind, entry, known);
        if (!problems.isEmpty()) {
            return new Outcome(entryId, problems, false);
        }
        String json = entry.toString();
        if (id == null) {
            entries.insert(keeperId, kind.word(), entryId, baseId, json, reason);
            return new Outcome(entryId, Map.of(), false);
        }
        boolean stored = entries.update(keeperId, kind.word(), entryId, json, reason, version) > 0;
        return new Outcome(entryId, Map.of(), !stored);
    }

    /**
     * @param id       of the entry
     * @param problems by column
     * @param stale    whether somebody changed it meanwhile; nothing is stored then
     */
    public record Outcome(String id, Map<String, Problem> problems, boolean stale) {}

    /** Stores an entry of an archive under its own id, unless it is there; the first problem, if it is not accepted. */
    @Transactional
    public Optional<Problem> restore(long keeperId, Kind kind, String id, Map<String, String> cells) {
        ObjectNode entry = OwnRows.typed(kind, cells);
        Catalogue known = OwnRows.merge(shipped, all(keeperId), new ArrayList<>());
        Map<String, Problem> problems = OwnRows.problems(kind, entry, known);
        if (!problems.isEmpty()) {
            return problems.values().stream().findFirst();
        }
        if (find(keeperId, kind, id).isEmpty()) {
            entries.insert(keeperId, kind.word(), id, null, entry.toString(), "");
        }
        return Optional.empty();
    }

    @Transactional
    public void delete(long keeperId, Kind kind, String id) {
        entries.delete(keeperId, kind.word(), id);
    }

    private static String name(Kind kind, Map<String, String> cells) {
        return cells.getOrDefault(kind == Kind.ANIMALS ? "scientific_name" : "name", "entry");
    }

    private String free(long keeperId, Kind kind, String name) {
        String plain = Normalizer.normalize(name, Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "")
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z0-9]+", kind == Kind.MEDIA || kind == Kind.MIXES ? "_" : "-")
                .replaceAll("(^[-_]|[-_]$)", "");
        String stem =
                OwnRows.PREFIX + (plain.isEmpty() ? "entry" : plain.substring(0, Math.min(LONGEST_ID, plain.length())));
        String id = stem;
        for (int i = 2; entries.find(keeperId, kind.word(), id).isPresent(); i++) {
            id = stem + "-" + i;
        }
        return id;
    }
}
