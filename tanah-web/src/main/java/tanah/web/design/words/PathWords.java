package tanah.web.design.words;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.units.Unit;
import tanah.web.forms.Numbers;
import tanah.web.shell.Words;

/** Places and values of a design document in words, for what differs between two of them. */
@Component
public class PathWords {
    private static final Pattern SEGMENT = Pattern.compile("([a-z0-9_]+)((?:\\[[^\\]]*\\])*)");
    private static final Pattern ELEMENT = Pattern.compile("\\[([^\\]]*)\\]");
    private static final Pattern NUMBER = Pattern.compile("-?\\d+(\\.\\d+)?");
    private static final String THIN = "\u2009";
    private static final Map<String, String> PLAIN_UNITS = Map.of("h", "h", "s", "s", "d", "d", "w", "W");
    private static final int LONGEST = 60;

    private final Words words;
    private final PartNames names;

    PathWords(Words words, PartNames names) {
        this.words = words;
        this.names = names;
    }

    /** Such as "Soil mix › depth". */
    public String place(String path, Design design, Catalogue catalogue) {
        if (path.isEmpty()) {
            return words.of("path.whole");
        }
        List<String> parts = new ArrayList<>();
        for (String segment : path.split("\\.(?![^\\[]*\\])")) {
            Matcher m = SEGMENT.matcher(segment);
            if (m.matches()) {
                Matcher elements = ELEMENT.matcher(m.group(2));
                boolean named = false;
                while (elements.find()) {
                    String id = elements.group(1);
                    parts.add(name(m.group(1), id, design, catalogue));
                    named = true;
                }
                if (!named) {
                    parts.add(field(m.group(1)));
                }
            }
        }
        // the list that a named part stands in says nothing more
        if (parts.size() > 1 && List.of("ground", "water", "build").contains(firstField(path))) {
            parts.remove(0);
        }
        return String.join(" › ", parts);
    }

    private static String firstField(String path) {
        return path.split("[.\\[]")[0];
    }

    private String name(String list, String id, Design design, Catalogue catalogue) {
        String found = names.of(id, design, catalogue);
        if (list.equals("schools")) {
            return words.or("school." + id, id.replace('_', ' '));
        }
        return found.equals(id) ? field(list) + " " + id : found;
    }

    private String field(String name) {
        return words.or(
                "field." + name, words.or("field." + bare(name), bare(name).replace('_', ' ')));
    }

    private static String bare(String name) {
        return name.replaceAll("_(cm2|cm|mm|l|kg|g|c|k|pct|h|s|d|w|ml_min|l_per_h|l_per_min)$", "");
    }

    /** A value of that place as people read it. */
    public String value(String path, String text, Catalogue catalogue) {
        if (text.isEmpty()) {
            return words.of("path.nothing");
        }
        if (NUMBER.matcher(text).matches()) {
            return number(Arrays.asList(path.split("\\.")), Double.parseDouble(text));
        }
        if (text.startsWith("{") || text.startsWith("[")) {
            return cut(text.replaceAll("[{}\\[\\]\"]", "").replace(",", ", ").replace(":", " "));
        }
        if (text.equals("true") || text.equals("false")) {
            return words.of(text.equals("true") ? "yes" : "no");
        }
        if (catalogue.isGround(text)) {
            return catalogue.groundName(text);
        }
        return catalogue
                .findSpecies(text)
                .map(s -> s.scientificName())
                .or(() -> catalogue.findVessel(text).map(v -> v.name()))
                .orElse(cut(text));
    }

    private static String cut(String text) {
        return text.length() <= LONGEST ? text : text.substring(0, LONGEST - 1) + "…";
    }

    /** The unit stands in the field's own name or in that of what holds it. */
    private static String number(List<String> path, double value) {
        for (int i = path.size() - 1; i >= 0; i--) {
            String name = path.get(i).replaceAll("\\[.*", "");
            String unit = name.substring(name.lastIndexOf('_') + 1);
            switch (unit) {
                case "cm":
                    return Numbers.lengthWithUnit(Unit.CENTIMETRE.toSi(value));
                case "mm":
                    return Numbers.upTo(value, 1) + THIN + "mm";
                case "l":
                    return Numbers.volumeWithUnit(Unit.LITRE.toSi(value));
                case "kg":
                    return Numbers.massWithUnit(value);
                case "g":
                    return Numbers.upTo(value, 1) + THIN + "g";
                case "c":
                    return Numbers.temperatureWithUnit(value);
                case "k":
                    return Numbers.kelvin(value);
                case "pct":
                    return Numbers.upTo(value, 0) + THIN + "%";
                default:
                    if (PLAIN_UNITS.containsKey(unit) && name.contains("_")) {
                        return Numbers.upTo(value, 2) + THIN + PLAIN_UNITS.get(unit);
                    }
            }
        }
        return Numbers.upTo(value, 3);
    }
}
