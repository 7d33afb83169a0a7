package tanah.web.catalogue;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
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
    private static final int PAGE = 50;

    private final ShippedRows shipped = new ShippedRows();
    private final OwnEntryService own;
    private final ColumnWords columns;
    private final Words words;

    CataloguePages(OwnEntryService own, ColumnWords columns, Words words) {
        this.own = own;
        this.columns = columns;
        this.words = words;
    }

    /** One line of a list. */
    public record Line(String id, String title, String latin, String hint, boolean own) {}

    /** A way to narrow a list. */
    public record Facet(String column, String label, List<Choice> choices) {}

    /** One choice of it. */
    public record Choice(String value, String label, long count, boolean chosen) {}

    /** A list. */
    public record ListView(
            String kind,
            String q,
            List<Line> lines,
            List<Facet> facets,
            Map<String, String> chosen,
            int found,
            int page,
            int pages,
            String nearest) {}

    /** A value of an entry. */
    public record Value(String label, String value, String provenance, boolean changed, String shipped) {}

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

    ListView list(Kind kind, String q, Map<String, String> chosen, int page, long keeperId) {
        List<Map<String, String>> all = rows(kind, keeperId);
        List<String> asked =
                Arrays.stream(plain(q).split("\\s+")).filter(w -> !w.isEmpty()).toList();
        List<Map<String, String>> searched = all.stream()
                .filter(r -> asked.stream().allMatch(plain(haystack(kind, r))::contains))
                .toList();
        List<Map<String, String>> found =
                searched.stream().filter(r -> fits(r, chosen, "")).toList();
        List<Facet> facets = kind.facets().stream()
                .map(f -> facet(
                        f, searched.stream().filter(r -> fits(r, chosen, f)).toList(), chosen.getOrDefault(f, "")))
                .filter(f -> f.choices().size() > 1)
                .toList();
        int pages = Math.max(1, (found.size() + PAGE - 1) / PAGE);
        int shown = Math.max(1, Math.min(page, pages));
        List<Line> lines = found.subList((shown - 1) * PAGE, Math.min(found.size(), shown * PAGE)).stream()
                .map(r -> line(kind, r))
                .toList();
        String nearest = found.isEmpty() && !asked.isEmpty() ? nearest(kind, all, plain(q)) : "";
        return new ListView(kind.word(), q, lines, facets, chosen, found.size(), shown, pages, nearest);
    }

    private List<Map<String, String>> rows(Kind kind, long keeperId) {
        List<Map<String, String>> all = new ArrayList<>();
        own.list(keeperId).stream().filter(e -> e.kind().equals(kind.word())).forEach(e -> all.add(e.cells()));
        all.addAll(shipped.all(kind));
        return all;
    }

    private static boolean fits(Map<String, String> row, Map<String, String> chosen, String except) {
        return chosen.entrySet().stream()
                .allMatch(c -> c.getValue().isEmpty()
                        || c.getKey().equals(except)
                        || row.getOrDefault(c.getKey(), "").equals(c.getValue()));
    }

    private Facet facet(String column, List<Map<String, String>> rows, String chosen) {
        Set<String> values = new TreeSet<>();
        rows.forEach(r -> values.add(r.getOrDefault(column, "")));
        values.remove("");
        return new Facet(
                column,
                columns.label(column),
                values.stream()
                        .map(v -> new Choice(
                                v,
                                columns.choice(v),
                                rows.stream()
                                        .filter(r -> v.equals(r.get(column)))
                                        .count(),
                                v.equals(chosen)))
                        .toList());
    }

    private Line line(Kind kind, Map<String, String> row) {
        String hint = switch (kind) {
            case ANIMALS ->
                columns.choice(row.getOrDefault("group", "")) + ", " + columns.choice(row.getOrDefault("biome", ""));
            case VESSELS ->
                columns.value("outer_width_cm", row.getOrDefault("outer_width_cm", "")) + " × "
                        + columns.value("outer_depth_cm", row.getOrDefault("outer_depth_cm", "")) + " × "
                        + columns.value("outer_height_cm", row.getOrDefault("outer_height_cm", ""));
            case MEDIA -> columns.choice(row.getOrDefault("class", ""));
            case MIXES -> row.getOrDefault("use", "");
            case HEATERS, WATERGEAR, LAMPS, MOISTURE, CONSTRUCTION ->
                columns.choice(row.getOrDefault("category", ""))
                        + (row.getOrDefault("power_w", "").isEmpty()
                                ? ""
                                : ", " + columns.value("power_w", row.getOrDefault("power_w", "")));
        };
        String id = row.getOrDefault(kind.key(), "");
        return new Line(
                id, title(kind, row), row.getOrDefault("scientific_name", ""), hint, id.startsWith(OwnRows.PREFIX));
    }

    private static String title(Kind kind, Map<String, String> row) {
        return row.getOrDefault(kind == Kind.ANIMALS ? "common_name" : "name", row.getOrDefault(kind.key(), ""));
    }

    private static String haystack(Kind kind, Map<String, String> row) {
        return title(kind, row) + " " + row.getOrDefault("scientific_name", "") + " " + row.getOrDefault(kind.key(), "")
                + " " + row.getOrDefault("group", "");
    }

    /** The entry whose name shares the longest beginning with what was asked. */
    private String nearest(Kind kind, List<Map<String, String>> all, String asked) {
        String best = "";
        int most = 1;
        for (Map<String, String> row : all) {
            for (String word : plain(haystack(kind, row)).split("\\s+")) {
                int same = 0;
                while (same < Math.min(word.length(), asked.length()) && word.charAt(same) == asked.charAt(same)) {
                    same++;
                }
                if (same > most) {
                    most = same;
                    best = title(kind, row);
                }
            }
        }
        return best;
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
        if (columns.isUpper(column, row) || ColumnGroups.isProvenance(column)) {
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

    private static String plain(String text) {
        return Normalizer.normalize(text, Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "")
                .replace('-', ' ')
                .replace('_', ' ')
                .toLowerCase(Locale.ROOT)
                .strip();
    }
}
