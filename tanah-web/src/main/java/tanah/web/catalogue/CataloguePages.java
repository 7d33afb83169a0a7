package tanah.web.catalogue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.springframework.stereotype.Component;
import tanah.files.catalogue.Kind;
import tanah.files.catalogue.OwnRows;
import tanah.files.catalogue.ShippedRows;
import tanah.files.schema.Problem;
import tanah.web.shell.NotFoundException;
import tanah.web.shell.Words;
import tools.jackson.databind.JsonNode;

/** Lists and entries of the catalogue, shipped and own, as they are shown. */
@Component
class CataloguePages {
    /** Codes of botanical regions; an animal's row says its region in words beside them. */
    private static final String CODES = "native_regions_wgsrpd";

    private final ShippedRows shipped = new ShippedRows();
    private final OwnEntryService own;
    private final ColumnWords columns;
    private final Words words;

    CataloguePages(OwnEntryService own, ColumnWords columns, Words words) {
        this.own = own;
        this.columns = columns;
        this.words = words;
    }

    /** A value of an entry. */
    public record Value(String label, String value, String provenance, boolean changed, String shipped) {
        private static final int SHORT = 12;

        /** The first word of where it comes from. */
        public String standing() {
            return isLong() ? provenance.split("[:;,]")[0] : provenance;
        }

        /** Whether there is more to read, on asking. */
        public boolean isLong() {
            return provenance.length() > SHORT;
        }
    }

    /** Values that belong together. */
    public record Group(String head, List<Value> values) {}

    /** An entry. */
    public record EntryView(
            String kind,
            String id,
            String title,
            String latin,
            List<Group> groups,
            List<String> split,
            boolean own,
            String baseId,
            String reason) {}

    /** Where a form begins. */
    public record Source(Map<String, String> cells, String reason, int version, boolean own) {}

    /** A field of the form. */
    public record Field(
            String column, String label, String value, String hint, List<String> choices, boolean many, String error) {}

    static String title(Kind kind, Map<String, String> row) {
        return row.getOrDefault("common_name", row.getOrDefault("name", row.getOrDefault(kind.key(), "")));
    }

    Source source(Kind kind, String id, long keeperId) {
        if (id.startsWith(OwnRows.PREFIX)) {
            OwnEntry entry = own.find(keeperId, kind, id).orElseThrow(() -> new NotFoundException("entry " + id));
            return new Source(typed(kind, entry.cells()), entry.reason(), entry.version(), true);
        }
        Map<String, String> row = shipped.find(kind, id).orElseThrow(() -> new NotFoundException("entry " + id));
        return new Source(typed(kind, row), "", 0, false);
    }

    /** Cells as a form shows them: numbers with the keeper's decimal mark. */
    private Map<String, String> typed(Kind kind, Map<String, String> cells) {
        Map<String, String> shown = new LinkedHashMap<>();
        columns(kind).forEach(c -> shown.put(c, columns.shown(kind, c, cells.getOrDefault(c, ""))));
        return shown;
    }

    /** Cells as the data files write them. */
    Map<String, String> fromTyped(Kind kind, Map<String, String> cells) {
        Map<String, String> plain = new LinkedHashMap<>();
        cells.forEach((column, text) -> plain.put(column, columns.plain(kind, column, text)));
        return plain;
    }

    List<String> columns(Kind kind) {
        return shipped.columns(kind).stream().filter(c -> !c.equals(kind.key())).toList();
    }

    EntryView entry(Kind kind, String id, long keeperId) {
        boolean isOwn = id.startsWith(OwnRows.PREFIX);
        OwnEntry stored =
                isOwn ? own.find(keeperId, kind, id).orElseThrow(() -> new NotFoundException("entry " + id)) : null;
        Map<String, String> row = stored == null
                ? shipped.find(kind, id).orElseThrow(() -> new NotFoundException("entry " + id))
                : stored.cells();
        String baseId = stored == null || stored.baseId() == null ? "" : stored.baseId();
        Map<String, String> base =
                baseId.isEmpty() ? Map.of() : shipped.find(kind, baseId).orElse(Map.of());
        List<Group> groups = ColumnGroups.of(kind, columns(kind)).entrySet().stream()
                .map(g -> new Group(
                        words.of("column.group." + g.getKey()),
                        g.getValue().stream()
                                .flatMap(c -> value(kind, c, row, base).stream())
                                .toList()))
                .filter(g -> !g.values().isEmpty())
                .toList();
        List<String> split = row.values().stream()
                .flatMap(v -> Arrays.stream(v.split(";")))
                .map(String::strip)
                .filter(v -> v.toLowerCase(Locale.ROOT).contains("split practice"))
                .distinct()
                .toList();
        return new EntryView(
                kind.word(),
                id,
                title(kind, row),
                row.getOrDefault("scientific_name", ""),
                groups,
                split,
                isOwn,
                baseId,
                stored == null ? "" : stored.reason());
    }

    private List<Value> value(Kind kind, String column, Map<String, String> row, Map<String, String> base) {
        String high = columns.upper(column);
        boolean code = kind == Kind.ANIMALS && column.equals(CODES);
        if (columns.isUpper(column, row) || ColumnGroups.isProvenance(column) || code) {
            return List.of();
        }
        String low = row.getOrDefault(column, "");
        String text = high.isEmpty() || row.getOrDefault(high, "").isEmpty()
                ? columns.value(column, low)
                : columns.range(column, low, row.getOrDefault(high, ""));
        if (text.isEmpty()) {
            return List.of();
        }
        String before = base.isEmpty() ? low : base.getOrDefault(column, "");
        String beforeHigh = base.isEmpty() || high.isEmpty() ? row.getOrDefault(high, "") : base.getOrDefault(high, "");
        boolean changed = !before.equals(low) || !high.isEmpty() && !beforeHigh.equals(row.getOrDefault(high, ""));
        String shippedText = changed
                ? high.isEmpty() || beforeHigh.isEmpty()
                        ? columns.value(column, before)
                        : columns.range(column, before, beforeHigh)
                : "";
        String provenance =
                changed ? words.of("standing.keeper") : row.getOrDefault(ColumnGroups.provenance(kind, column), "");
        return List.of(new Value(columns.label(columns.stem(column)), text, provenance, changed, shippedText));
    }

    List<Field> fields(Kind kind, Map<String, String> cells, Map<String, String> errors) {
        return columns(kind).stream()
                .map(c -> {
                    JsonNode rule = OwnRows.rule(kind, c);
                    List<String> choices = new ArrayList<>();
                    rule.path("enum").forEach(v -> choices.add(v.asString()));
                    rule.path("items").path("enum").forEach(v -> choices.add(v.asString()));
                    boolean many = rule.path("type").asString("").equals("array");
                    return new Field(
                            c,
                            columns.label(c),
                            cells.getOrDefault(c, ""),
                            columns.hint(kind, c),
                            choices,
                            many,
                            errors.getOrDefault(c, ""));
                })
                .toList();
    }

    Map<String, String> words(Map<String, Problem> problems) {
        Map<String, String> texts = new LinkedHashMap<>();
        problems.forEach((column, p) -> texts.put(column, words.of("catalogue.problem", p.what(), p.accepted())));
        return texts;
    }
}
