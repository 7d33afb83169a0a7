package tanah.web.catalogue;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import tanah.core.units.Unit;
import tanah.files.catalogue.Kind;
import tanah.files.catalogue.OwnRows;
import tanah.web.forms.Numbers;
import tanah.web.shell.Words;
import tools.jackson.databind.JsonNode;

/** Columns of the catalogue in words, and their cells in the keeper's units. */
@Component
class ColumnWords {
    private static final String THIN = "\u2009";
    private static final String REGIONS = "native_regions_wgsrpd"; // codes of botanical regions

    /** Units of plants and crew by the ends of their columns; the longer ones first, as they end on shorter ones. */
    private static final Map<String, String> LIVING = new LinkedHashMap<>();

    static {
        LIVING.put("_umol_m2_s", "µmol/m²·s");
        LIVING.put("_mol_m2_d", "mol/m²·d");
        LIVING.put("_mg_dry_per_ind_d", "mg/d");
        LIVING.put("_mg", "mg");
        LIVING.put("_per_m2", "/m²");
        LIVING.put("_tolerance_d", "d");
        LIVING.put("_interval_d", "d");
        LIVING.put("_24c_d", "d");
        LIVING.put("_need_k", "K");
    }

    private final Words words;

    ColumnWords(Words words) {
        this.words = words;
    }

    String label(String column) {
        return words.or("column." + column, bare(column).replace('_', ' '));
    }

    private static String bare(String column) {
        return column.replaceAll("_(cm|mm|kg|g|c|pct|l_h|h|l|w|m_s|cm_s|s|kg_per_l|per_l|deg|frac|ffc)$", "");
    }

    /** A word of a choice, such as a group. */
    String choice(String value) {
        return words.or("choice." + value, value.replace('-', ' ').replace('_', ' '));
    }

    /** The upper end that belongs to a lower end, or empty. */
    String upper(String column) {
        if (column.contains("_min_")) {
            return column.replace("_min_", "_max_");
        }
        return switch (column) {
            case "limit_low_c" -> "limit_high_c";
            case "ph_low" -> "ph_high";
            case "price_low_per_l" -> "price_high_per_l";
            case "uvi_bask_min" -> "uvi_bask_max";
            case "land_fraction_min" -> "land_fraction_max";
            case "empty_mass_low_kg" -> "empty_mass_high_kg";
            default -> "";
        };
    }

    /** Whether a column is the upper end of a range that its lower end shows already. */
    boolean isUpper(String column, Map<String, String> row) {
        for (String low : row.keySet()) {
            if (upper(low).equals(column) && !row.getOrDefault(low, "").isEmpty()) {
                return true;
            }
        }
        return false;
    }

    /** The column's name without the end of the range. */
    String stem(String column) {
        return upper(column).isEmpty()
                ? column
                : column.replace("_min_", "_").replace("_low_", "_").replaceAll("_(min|low)$", "");
    }

    String range(String column, String low, String high) {
        String first = value(column, low);
        int space = first.indexOf(THIN);
        return (space < 0 ? first : first.substring(0, space)) + "–" + value(column, high);
    }

    /** A cell with its unit, in the keeper's units. */
    String value(String column, String cell) {
        if (cell.isEmpty()) {
            return "";
        }
        String said = words.or("column.value." + column + "." + cell, "");
        if (!said.isEmpty()) {
            return said;
        }
        if (column.equals("name") || column.equals("scientific_name") || column.equals("common_name")) {
            return cell;
        }
        if (column.equals(REGIONS)) {
            return Arrays.stream(cell.split(";"))
                    .map(code -> words.or("region." + code, code))
                    .collect(Collectors.joining(", "));
        }
        if (column.equals("synonyms")) {
            return cell.replace(";", ", ");
        }
        if (!cell.matches("-?\\d+(\\.\\d+)?")) {
            return Arrays.stream(cell.split(";"))
                    .map(String::strip)
                    .map(this::choice)
                    .collect(Collectors.joining(", "));
        }
        return number(column, Double.parseDouble(cell));
    }

    private static String number(String column, double number) {
        for (Map.Entry<String, String> unit : LIVING.entrySet()) {
            if (column.endsWith(unit.getKey())) {
                return Numbers.upTo(number, 3) + THIN + unit.getValue();
            }
        }
        if (column.endsWith("_per_l") && column.startsWith("price")) {
            return Numbers.upTo(Numbers.money(number), 2);
        }
        if (column.endsWith("_kg_per_l")) {
            return Numbers.upTo(number, 3) + THIN + "kg/L";
        }
        if (column.endsWith("_cm_s")) {
            return Numbers.upTo(number, 1) + THIN + "cm/s";
        }
        if (column.endsWith("_cm")) {
            return Numbers.lengthUpTo(Unit.CENTIMETRE.toSi(number), 1) + THIN + Numbers.lengthUnit();
        }
        if (column.endsWith("_mm")) {
            return Numbers.upTo(number, 2) + THIN + "mm";
        }
        if (column.equals("hysteresis_c")) {
            return Numbers.kelvin(number);
        }
        if (column.endsWith("_l_h")) {
            return Numbers.upTo(number, 0) + THIN + "L/h";
        }
        if (column.endsWith("_w")) {
            return Numbers.upTo(number, 0) + THIN + "W";
        }
        if (column.endsWith("_s")) {
            return Numbers.upTo(number, 0) + THIN + "s";
        }
        if (column.endsWith("_c")) {
            return Numbers.temperatureWithUnit(number);
        }
        if (column.endsWith("_pct")) {
            return Numbers.upTo(number, 0) + THIN + "%";
        }
        if (column.endsWith("_kg")) {
            return Numbers.massWithUnit(number);
        }
        if (column.endsWith("_l")) {
            return Numbers.volumeWithUnit(Unit.LITRE.toSi(number));
        }
        if (column.endsWith("_g")) {
            return Numbers.upTo(number, 2) + THIN + "g";
        }
        if (column.endsWith("_h")) {
            return Numbers.upTo(number, 1) + THIN + "h";
        }
        return Numbers.upTo(number, 3);
    }

    private static boolean isNumber(Kind kind, String column) {
        String type = OwnRows.rule(kind, column).path("type").asString("");
        return type.equals("number") || type.equals("integer");
    }

    /** A cell as its form field shows it; the form keeps the catalogue's units and says them. */
    String shown(Kind kind, String column, String cell) {
        return isNumber(kind, column) ? Numbers.marked(cell).replace('−', '-') : cell;
    }

    /** A typed cell as the data files write it. */
    String plain(Kind kind, String column, String text) {
        if (!isNumber(kind, column)) {
            return text.strip();
        }
        String number = text.strip().replace(',', '.').replace('−', '-');
        return number.endsWith(".0") ? number.substring(0, number.length() - 2) : number;
    }

    /** What a field accepts. */
    String hint(Kind kind, String column) {
        JsonNode rule = OwnRows.rule(kind, column);
        String unit = unit(column);
        if (rule.has("minimum") && rule.has("maximum")) {
            return words.of(
                            "catalogue.between",
                            Numbers.upTo(rule.path("minimum").asDouble(), 3),
                            Numbers.upTo(rule.path("maximum").asDouble(), 3))
                    + (unit.isEmpty() ? "" : " " + unit);
        }
        return rule.path("type").asString("").equals("array") ? words.of("catalogue.many") : unit;
    }

    private static String unit(String column) {
        if (column.endsWith("_kg_per_l")) {
            return "kg/L";
        }
        if (column.endsWith("_l_h")) {
            return "L/h";
        }
        if (column.equals("hysteresis_c")) {
            return "K";
        }
        for (Map.Entry<String, String> living : LIVING.entrySet()) {
            if (column.endsWith(living.getKey())) {
                return living.getValue();
            }
        }
        String last = column.substring(column.lastIndexOf('_') + 1);
        return switch (last) {
            case "cm", "mm", "kg", "g", "h" -> last;
            case "w" -> "W";
            case "s" -> "s";
            case "c" -> "°C";
            case "pct" -> "%";
            case "l" -> column.startsWith("price") ? "" : "L";
            default -> "";
        };
    }
}
