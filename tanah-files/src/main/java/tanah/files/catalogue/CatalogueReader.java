package tanah.files.catalogue;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.UnaryOperator;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.PriceBand;

/** Reads the data files that ship with Tanah. All problems of all files are gathered before it refuses. */
public final class CatalogueReader {
    private final List<CatalogueProblem> problems = new ArrayList<>();
    private final UnaryOperator<String> text;

    private CatalogueReader(UnaryOperator<String> text) {
        this.text = text;
    }

    /** @throws CatalogueException if a cell is not accepted */
    public static Catalogue read() {
        return read(CatalogueReader::resource);
    }

    /**
     * Reads from texts of the data files, for checking a corrected file.
     *
     * @param text file name without ending to its text
     * @throws CatalogueException if a cell is not accepted
     */
    public static Catalogue read(UnaryOperator<String> text) {
        return new CatalogueReader(text).catalogue();
    }

    /** The text of a data file that ships with Tanah. */
    public static String resource(String name) {
        String path = "/tanah/catalogue/" + name + ".csv";
        try (InputStream in = CatalogueReader.class.getResourceAsStream(path)) {
            if (in == null) {
                throw new IllegalStateException("missing resource " + path);
            }
            Reader reader = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8));
            StringBuilder all = new StringBuilder();
            char[] buffer = new char[8192];
            for (int n = reader.read(buffer); n >= 0; n = reader.read(buffer)) {
                all.append(buffer, 0, n);
            }
            return all.toString();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private Catalogue catalogue() {
        List<Row> animals = rows("animals", "id", SpeciesReader::check);
        List<Row> media = rows("media", "id", GroundReader::check);
        List<Row> mixes = rows("mixes", "id", (row, found) -> {});
        List<Row> vessels = rows("vessels", "vessel_id", VesselReader::check);
        List<Row> gear = new ArrayList<>(rows("heaters", "item_id", GearReader::check));
        gear.addAll(rows("watergear", "item_id", GearReader::check));
        List<Row> lamps = rows("lamps", "lamp_id", AirReader::lamp);
        List<Row> moisture = rows("moisture", "item_id", (row, found) -> {});
        List<Row> construction = rows("construction", "item_id", AirReader::mesh);
        List<Row> plants = rows("plants", "id", LivingReader::plant);
        List<Row> crew = rows("crew", "id", LivingReader::crew);
        List<Row> packs = rows("packs", "pack_id", (row, found) -> {});
        List<Row> prices = rows("price-bands", "price_band", (row, found) -> {});
        Set<String> ids = new HashSet<>();
        media.forEach(row -> ids.add(row.text("id")));
        references(mixes, packs, ids);
        if (!problems.isEmpty()) {
            throw new CatalogueException(problems);
        }
        Map<String, PriceBand> bands = bands(prices);
        return new Catalogue(
                animals.stream().map(SpeciesReader::species).toList(),
                media.stream().map(GroundReader::medium).toList(),
                mixes.stream().map(GroundReader::mix).toList(),
                vessels.stream().map(row -> VesselReader.vessel(row, bands)).toList(),
                gear.stream().map(row -> GearReader.gear(row, bands)).toList(),
                new Catalogue.Air(
                        lamps.stream().map(row -> AirReader.lampOf(row, bands)).toList(),
                        moisture.stream()
                                .map(row -> AirReader.mistOf(row, bands))
                                .toList(),
                        construction.stream()
                                .filter(row -> row.text("category").equals("mesh"))
                                .map(AirReader::meshOf)
                                .toList()),
                new Catalogue.Living(
                        plants.stream()
                                .map(row -> LivingReader.plantOf(row, bands))
                                .toList(),
                        crew.stream().map(LivingReader::crewOf).toList()),
                packs.stream().map(GroundReader::pack).toList());
    }

    /** The shipped price bands by id. */
    static Map<String, PriceBand> priceBands() {
        CatalogueReader reader = new CatalogueReader(CatalogueReader::resource);
        return bands(reader.rows("price-bands", "price_band", (row, found) -> {}));
    }

    private static Map<String, PriceBand> bands(List<Row> prices) {
        Map<String, PriceBand> bands = new LinkedHashMap<>();
        prices.forEach(row -> bands.put(
                row.text("price_band"),
                new PriceBand(
                        row.text("price_band"),
                        row.number("low_ref"),
                        row.number("typical_ref"),
                        row.number("high_ref"))));
        return bands;
    }

    private void references(List<Row> mixes, List<Row> packs, Set<String> media) {
        for (Row mix : mixes) {
            mix.parts("parts").keySet().stream()
                    .filter(id -> !media.contains(id))
                    .forEach(id -> problems.add(mix.problem("parts", "unknown medium " + id, "ids of media.csv")));
            if (media.contains(mix.text("id"))) {
                problems.add(mix.problem("id", "is also a medium", "an id of its own"));
            }
        }
        for (Row pack : packs) {
            if (!media.contains(pack.text("item_id"))) {
                problems.add(pack.problem("item_id", "unknown item", "ids of media.csv"));
            }
        }
    }

    private List<Row> rows(String name, String key, BiConsumer<Row, List<CatalogueProblem>> check) {
        List<Row> rows = Table.read(name, new StringReader(text.apply(name)), problems);
        Set<String> seen = new HashSet<>();
        for (Row row : rows) {
            if (!seen.add(row.text(key))) {
                problems.add(row.problem(key, "stands twice", "an id of its own"));
            }
            check.accept(row, problems);
        }
        return rows;
    }
}
