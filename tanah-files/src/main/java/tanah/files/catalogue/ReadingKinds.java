package tanah.files.catalogue;

import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import tanah.core.need.ReadingKind;
import tanah.core.units.Unit;

/** Reads the kinds of readings that a log takes. */
public final class ReadingKinds {
    /** The units of the list; its schema allows no other. */
    private static final Map<String, Unit> UNITS = Map.ofEntries(
            Map.entry("degC", Unit.CELSIUS),
            Map.entry("percent", Unit.PERCENT),
            Map.entry("uvi", Unit.UV_INDEX),
            Map.entry("umol/m2/s", Unit.MICROMOLE),
            Map.entry("lx", Unit.LUX),
            Map.entry("pH", Unit.PH),
            Map.entry("uS/cm", Unit.MICROSIEMENS_PER_CENTIMETRE),
            Map.entry("mg/l", Unit.MILLIGRAM_PER_LITRE),
            Map.entry("dGH", Unit.DEGREE_HARDNESS),
            Map.entry("dKH", Unit.DEGREE_HARDNESS),
            Map.entry("cm", Unit.CENTIMETRE),
            Map.entry("l", Unit.LITRE),
            Map.entry("l/h", Unit.LITRE_PER_HOUR),
            Map.entry("ml", Unit.MILLILITRE),
            Map.entry("m/s", Unit.METRE_PER_SECOND),
            Map.entry("W", Unit.WATT),
            Map.entry("g", Unit.GRAM),
            Map.entry("g or pieces", Unit.GRAM),
            Map.entry("count", Unit.COUNT),
            Map.entry("mm", Unit.MILLIMETRE),
            Map.entry("mm/m", Unit.MILLIMETRE_PER_METRE));

    private ReadingKinds() {}

    /** @throws CatalogueException if a cell is not accepted */
    public static List<ReadingKind> read() {
        List<CatalogueProblem> problems = new ArrayList<>();
        String text = CatalogueReader.resource("reading-kinds");
        List<Row> rows = Table.read("reading-kinds", new StringReader(text), problems);
        rows.stream()
                .filter(r -> r.number("valid_min") >= r.number("valid_max"))
                .forEach(r -> problems.add(r.problem("valid_min", "not under valid_max", "a range")));
        if (!problems.isEmpty()) {
            throw new CatalogueException(problems);
        }
        return rows.stream().map(ReadingKinds::kind).toList();
    }

    private static ReadingKind kind(Row r) {
        return new ReadingKind(
                r.text("kind_id"),
                Objects.requireNonNull(UNITS.get(r.text("unit"))),
                r.number("valid_min"),
                r.number("valid_max"),
                r.number("resolution"),
                r.text("place_required").equals("yes"),
                ReadingKind.Of.valueOf(r.text("judged_as").toUpperCase(Locale.ROOT)),
                r.number("band"));
    }
}
