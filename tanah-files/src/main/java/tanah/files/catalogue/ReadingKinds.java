package tanah.files.catalogue;

import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import tanah.core.commission.LogKind;

/** Reads the kinds of readings that a log takes. */
public final class ReadingKinds {
    private ReadingKinds() {}

    /** @throws CatalogueException if a cell is not accepted */
    public static List<LogKind> read() {
        List<CatalogueProblem> problems = new ArrayList<>();
        String text = CatalogueReader.resource("reading-kinds");
        List<Row> rows = Table.read("reading-kinds", new StringReader(text), problems);
        rows.stream()
                .filter(r -> r.number("valid_min") >= r.number("valid_max"))
                .forEach(r -> problems.add(r.problem("valid_min", "not under valid_max", "a range")));
        if (!problems.isEmpty()) {
            throw new CatalogueException(problems);
        }
        return rows.stream()
                .map(r -> new LogKind(
                        r.text("kind_id"),
                        r.text("unit"),
                        r.number("valid_min"),
                        r.number("valid_max"),
                        r.number("resolution"),
                        r.text("place_required").equals("yes")))
                .toList();
    }
}
