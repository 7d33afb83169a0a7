package tanah.files.living;

import java.io.IOException;
import java.io.InputStream;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import tanah.core.catalogue.Catalogue;
import tanah.core.crew.CrewKind;
import tanah.core.plant.Plant;
import tanah.files.catalogue.CatalogueReader;

/** The check tables, and the plants and crew that they were computed with, which keep their values when the catalogue's are corrected. */
final class LivingTables {
    private static final Catalogue FIXTURE = CatalogueReader.read(name -> switch (name) {
        case "plants", "crew" -> text(name + "_fixture.csv");
        default -> CatalogueReader.resource(name);
    });

    private LivingTables() {}

    static List<CSVRecord> table(String name) {
        try {
            return CSVFormat.DEFAULT
                    .builder()
                    .setHeader()
                    .setSkipHeaderRecord(true)
                    .get()
                    .parse(new StringReader(text(name)))
                    .getRecords();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String text(String name) {
        try (InputStream in = Objects.requireNonNull(LivingTables.class.getResourceAsStream("/living/" + name))) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static Map<String, Plant> plants() {
        return FIXTURE.allPlants().stream()
                .map(p -> p.needs())
                .collect(Collectors.toMap(Plant::id, Function.identity()));
    }

    static Map<String, CrewKind> crew() {
        return FIXTURE.allCrew().stream()
                .map(c -> c.kind())
                .collect(Collectors.toMap(CrewKind::id, Function.identity()));
    }
}
