package tanah.files.catalogue;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.CrewModel;
import tanah.core.catalogue.Gear;
import tanah.core.catalogue.LampModel;
import tanah.core.catalogue.Medium;
import tanah.core.catalogue.MeshModel;
import tanah.core.catalogue.MistGear;
import tanah.core.catalogue.Mix;
import tanah.core.catalogue.PlantModel;
import tanah.core.catalogue.PriceBand;
import tanah.core.catalogue.Species;
import tanah.core.catalogue.VesselModel;
import tanah.core.design.Design;
import tanah.core.design.OtherFields;
import tanah.files.schema.Problem;
import tanah.files.schema.Schemas;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * A keeper's own entries beside the shipped ones. They travel in the design that uses them, under {@code catalogue}, so
 * that a file is whole and an old revision keeps the values that it was made with. Each is judged by the same schema
 * and the same rules as a shipped row.
 */
public final class OwnRows {
    /** Field of the document. */
    public static final String FIELD = "catalogue";

    /** Every own entry's id begins so; no shipped one does. */
    public static final String PREFIX = "own-";

    private static final Map<Kind, Schemas> SCHEMAS = new EnumMap<>(Kind.class);
    private static final Map<String, PriceBand> BANDS = CatalogueReader.priceBands();
    private static final JsonMapper JSON = JsonMapper.builder().build();

    static {
        for (Kind kind : Kind.values()) {
            SCHEMAS.put(kind, Schemas.load(kind.word()));
        }
    }

    private OwnRows() {}

    /** An entry from typed cells. */
    public static ObjectNode typed(Kind kind, Map<String, String> cells) {
        return Table.typed(schema(kind), cells);
    }

    /** What is wrong with an entry, by column. */
    public static Map<String, Problem> problems(Kind kind, JsonNode entry, Catalogue known) {
        Map<String, Problem> found = new LinkedHashMap<>();
        for (Problem p : schema(kind).problems(entry)) {
            found.putIfAbsent(Table.column(p), p);
        }
        if (!entry.path(kind.key()).asString("").startsWith(PREFIX)) {
            found.putIfAbsent(kind.key(), new Problem("/" + kind.key(), "not an own id", "begins with " + PREFIX));
        }
        if (found.isEmpty()) {
            List<CatalogueProblem> across = new ArrayList<>();
            Row row = new Row(kind.word(), 0, entry);
            switch (kind) {
                case ANIMALS -> SpeciesReader.check(row, across);
                case MEDIA -> GroundReader.check(row, across);
                case HEATERS, WATERGEAR -> GearReader.check(row, across);
                case LAMPS -> AirReader.lamp(row, across);
                case CONSTRUCTION -> AirReader.mesh(row, across);
                case PLANTS -> LivingReader.plant(row, across);
                case CREW -> LivingReader.crew(row, across);
                case MOISTURE -> {}
                case VESSELS -> VesselReader.check(row, across);
                case MIXES ->
                    row.parts("parts").keySet().stream()
                            .filter(id -> known.findMedium(id).isEmpty())
                            .forEach(id -> across.add(row.problem("parts", "unknown medium " + id, "ids of media")));
            }
            across.forEach(p -> found.putIfAbsent(p.column(), new Problem("/" + p.column(), p.what(), p.accepted())));
        }
        return found;
    }

    /** The catalogue that a design is computed with: the shipped one and the entries that the design brings. */
    public static Catalogue catalogue(Design design, Catalogue base) {
        Object own = design.kept().fields().get(FIELD);
        return own == null ? base : merge(base, JSON.valueToTree(own), new ArrayList<>());
    }

    /** The entries that a design brings. */
    public static JsonNode of(Design design) {
        Object own = design.kept().fields().get(FIELD);
        return own == null ? JSON.createObjectNode() : JSON.valueToTree(own);
    }

    /** The design with these entries in place of those that it brought. */
    public static Design with(Design design, JsonNode own) {
        Map<String, Object> fields = new LinkedHashMap<>(design.kept().fields());
        if (own.isEmpty()) {
            fields.remove(FIELD);
        } else {
            fields.put(FIELD, plain(own));
        }
        return design.withKept(new OtherFields(fields));
    }

    private static Object plain(JsonNode node) {
        if (node.isObject()) {
            Map<String, Object> map = new LinkedHashMap<>();
            node.properties().forEach(f -> map.put(f.getKey(), plain(f.getValue())));
            return map;
        }
        if (node.isArray()) {
            List<Object> list = new ArrayList<>();
            node.forEach(v -> list.add(plain(v)));
            return list;
        }
        return node.isNumber() ? node.decimalValue() : node.isBoolean() ? node.asBoolean() : node.asString();
    }

    /**
     * A catalogue with own entries added.
     *
     * @param own      lists of entries by kind
     * @param problems takes what is wrong, with pointers from the document's root; entries with problems are left out
     */
    public static Catalogue merge(Catalogue base, JsonNode own, List<Problem> problems) {
        List<Species> species = new ArrayList<>(base.allSpecies());
        List<Medium> media = new ArrayList<>(base.allMedia());
        List<Mix> mixes = new ArrayList<>(base.allMixes());
        List<VesselModel> vessels = new ArrayList<>(base.allVessels());
        List<Gear> gear = new ArrayList<>(base.allGear());
        Set<String> ids = new HashSet<>();
        sound(Kind.ANIMALS, own, base, ids, problems).forEach(r -> species.add(SpeciesReader.species(r)));
        sound(Kind.MEDIA, own, base, ids, problems).forEach(r -> media.add(GroundReader.medium(r)));
        Catalogue withMedia =
                new Catalogue(species, media, mixes, vessels, gear, base.air(), base.living(), base.allPacks());
        sound(Kind.MIXES, own, withMedia, ids, problems).forEach(r -> mixes.add(GroundReader.mix(r)));
        sound(Kind.VESSELS, own, base, ids, problems).forEach(r -> vessels.add(VesselReader.vessel(r, BANDS)));
        for (Kind kind : List.of(Kind.HEATERS, Kind.WATERGEAR)) {
            sound(kind, own, base, ids, problems).forEach(r -> gear.add(GearReader.gear(r, BANDS)));
        }
        return new Catalogue(
                species,
                media,
                mixes,
                vessels,
                gear,
                air(base, own, ids, problems),
                living(base, own, ids, problems),
                base.allPacks());
    }

    private static Catalogue.Living living(Catalogue base, JsonNode own, Set<String> ids, List<Problem> problems) {
        List<PlantModel> plants = new ArrayList<>(base.allPlants());
        List<CrewModel> crew = new ArrayList<>(base.allCrew());
        sound(Kind.PLANTS, own, base, ids, problems).forEach(r -> plants.add(LivingReader.plantOf(r, BANDS)));
        sound(Kind.CREW, own, base, ids, problems).forEach(r -> crew.add(LivingReader.crewOf(r)));
        return new Catalogue.Living(plants, crew);
    }

    private static Catalogue.Air air(Catalogue base, JsonNode own, Set<String> ids, List<Problem> problems) {
        List<LampModel> lamps = new ArrayList<>(base.allLamps());
        List<MistGear> moisture = new ArrayList<>(base.allMistGear());
        List<MeshModel> meshes = new ArrayList<>(base.allMeshes());
        sound(Kind.LAMPS, own, base, ids, problems).forEach(r -> lamps.add(AirReader.lampOf(r, BANDS)));
        sound(Kind.MOISTURE, own, base, ids, problems).forEach(r -> moisture.add(AirReader.mistOf(r, BANDS)));
        sound(Kind.CONSTRUCTION, own, base, ids, problems).stream()
                .filter(r -> r.text("category").equals("mesh"))
                .forEach(r -> meshes.add(AirReader.meshOf(r)));
        return new Catalogue.Air(lamps, moisture, meshes);
    }

    private static List<Row> sound(Kind kind, JsonNode own, Catalogue known, Set<String> ids, List<Problem> problems) {
        List<Row> rows = new ArrayList<>();
        JsonNode list = own.path(kind.word());
        for (int i = 0; i < list.size(); i++) {
            JsonNode entry = list.get(i);
            String pointer = "/" + FIELD + "/" + kind.word() + "/" + i;
            Map<String, Problem> found = problems(kind, entry, known);
            found.forEach((column, p) -> problems.add(
                    new Problem(pointer + (column.equals("(row)") ? "" : "/" + column), p.what(), p.accepted())));
            if (found.isEmpty()) {
                if (ids.add(entry.path(kind.key()).asString())) {
                    rows.add(new Row(kind.word(), i, entry));
                } else {
                    problems.add(new Problem(pointer + "/" + kind.key(), "stands twice", "an id of its own"));
                }
            }
        }
        return rows;
    }

    /** The cells of an entry as they would be written in a data file. */
    public static Map<String, String> cells(JsonNode entry) {
        Map<String, String> cells = new LinkedHashMap<>();
        entry.properties().forEach(f -> {
            JsonNode value = f.getValue();
            if (value.isArray()) {
                List<String> words = new ArrayList<>();
                value.forEach(v -> words.add(v.asString()));
                cells.put(f.getKey(), String.join(";", words));
            } else {
                cells.put(
                        f.getKey(),
                        value.isNumber()
                                ? value.decimalValue().stripTrailingZeros().toPlainString()
                                : value.asString());
            }
        });
        return cells;
    }

    /** What the schema says of a column: its type, limits or choices. */
    public static JsonNode rule(Kind kind, String column) {
        return schema(kind).property(column);
    }

    private static Schemas schema(Kind kind) {
        return java.util.Objects.requireNonNull(SCHEMAS.get(kind));
    }
}
