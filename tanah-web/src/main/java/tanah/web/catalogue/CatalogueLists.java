package tanah.web.catalogue;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeSet;
import org.springframework.stereotype.Component;
import tanah.files.catalogue.Kind;
import tanah.files.catalogue.OwnRows;
import tanah.files.catalogue.ShippedRows;
import tanah.web.shell.Words;
import tanah.web.svg.NeedStrip;

/** Lists of the catalogue, shipped and own: searched and narrowed. */
@Component
class CatalogueLists {
    private static final int PAGE = 50;
    private static final double HOTTEST = 60; // °C at the end of the strip
    private static final double FULL = 100; // %
    private static final double STRONGEST = 8; // UV index
    private static final double LONGEST = 120; // cm

    private final ShippedRows shipped = new ShippedRows();
    private final OwnEntryService own;
    private final ColumnWords columns;
    private final Words words;

    CatalogueLists(OwnEntryService own, ColumnWords columns, Words words) {
        this.words = words;
        this.own = own;
        this.columns = columns;
    }

    /** One line of a list. */
    public record Line(String id, String title, String latin, String hint, boolean own, String strip) {}

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
            case ANIMALS -> said(row, "group", "biome");
            case VESSELS ->
                columns.value("outer_width_cm", row.getOrDefault("outer_width_cm", "")) + " × "
                        + columns.value("outer_depth_cm", row.getOrDefault("outer_depth_cm", "")) + " × "
                        + columns.value("outer_height_cm", row.getOrDefault("outer_height_cm", ""));
            case MEDIA -> columns.choice(row.getOrDefault("class", ""));
            case MIXES -> row.getOrDefault("use", "");
            case PLANTS -> said(row, "growth_form", "moisture_class");
            case CREW -> said(row, "type", "medium");
            case HEATERS, WATERGEAR, LAMPS, MOISTURE, CONSTRUCTION ->
                columns.choice(row.getOrDefault("category", ""))
                        + (row.getOrDefault("power_w", "").isEmpty()
                                ? ""
                                : ", " + columns.value("power_w", row.getOrDefault("power_w", "")));
        };
        String id = row.getOrDefault(kind.key(), "");
        return new Line(
                id,
                CataloguePages.title(kind, row),
                row.getOrDefault("scientific_name", ""),
                hint,
                id.startsWith(OwnRows.PREFIX),
                kind == Kind.ANIMALS ? strip(row) : "");
    }

    private String said(Map<String, String> row, String first, String second) {
        return columns.choice(row.getOrDefault(first, "")) + ", " + columns.choice(row.getOrDefault(second, ""));
    }

    /** From the coolest night to the warmest place, damp, UV and length: what an animal needs and how long it grows, at a glance. */
    private String strip(Map<String, String> row) {
        String hot =
                row.getOrDefault("basking_surface_max_c", "").isEmpty() ? "warm_air_max_c" : "basking_surface_max_c";
        String warm = span(row, "night_min_c", hot) + " °C";
        String damp = span(row, "rh_day_min_pct", "rh_day_max_pct") + " %";
        String uv = span(row, "uvi_bask_min", "uvi_bask_max");
        return NeedStrip.draw(
                List.of(
                        part("warm", row, "night_min_c", hot, HOTTEST),
                        part("damp", row, "rh_day_min_pct", "rh_day_max_pct", FULL),
                        part("uv", row, "uvi_bask_min", "uvi_bask_max", STRONGEST),
                        new NeedStrip.Part("size", OptionalDouble.of(0), share(row, "total_length_adult_cm", LONGEST))),
                words.of("catalogue.strip.said", warm, damp, uv.isEmpty() ? "–" : uv));
    }

    private static String span(Map<String, String> row, String low, String high) {
        String from = row.getOrDefault(low, "");
        String to = row.getOrDefault(high, "");
        return from.equals(to) ? from : from + "–" + to;
    }

    private static NeedStrip.Part part(String css, Map<String, String> row, String low, String high, double most) {
        return new NeedStrip.Part(css, share(row, low, most), share(row, high, most));
    }

    private static OptionalDouble share(Map<String, String> row, String column, double most) {
        try {
            return OptionalDouble.of(Double.parseDouble(row.getOrDefault(column, "")) / most);
        } catch (NumberFormatException e) {
            return OptionalDouble.empty(); // an own entry may leave it open
        }
    }

    private static String haystack(Kind kind, Map<String, String> row) {
        return CataloguePages.title(kind, row) + " " + row.getOrDefault("scientific_name", "") + " "
                + row.getOrDefault(kind.key(), "") + " " + row.getOrDefault("group", "") + " "
                + row.getOrDefault("synonyms", "");
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
                    best = CataloguePages.title(kind, row);
                }
            }
        }
        return best;
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
