package tanah.web.design;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import org.springframework.web.util.HtmlUtils;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Gear;
import tanah.core.catalogue.Medium;
import tanah.core.design.WaterFeature;
import tanah.core.structure.PieceProposal;
import tanah.web.catalogue.StockItem;
import tanah.web.shell.Words;

/**
 * The options of what a layer or a piece may be made of, as markup. Written here and not by the template: they are hundreds, stand
 * in every answer to an edit, and a template takes ten times as long for them.
 */
@Component
public class MediaOptions {
    private final Words words;

    MediaOptions(Words words) {
        this.words = words;
    }

    /** Options with the keeper's catalogue in groups; hands out the markup with one of them chosen. */
    public final class Choice {
        private final String markup;
        private final String singles;

        private Choice(String markup, String singles) {
            this.markup = markup;
            this.singles = singles;
        }

        /** Options of single media only, without groups. */
        public String singles() {
            return singles;
        }

        /** @param id of the chosen one, or empty */
        public String of(String id) {
            String value = "value=\"" + HtmlUtils.htmlEscape(id, "UTF-8") + "\"";
            return id.isEmpty() ? markup : markup.replace(value, value + " selected");
        }
    }

    Choice of(Catalogue catalogue) {
        Map<String, List<String>> groups = new LinkedHashMap<>();
        groups.put("pit.mixes", new ArrayList<>());
        groups.put("pit.drainage", new ArrayList<>());
        groups.put("pit.single_materials", new ArrayList<>());
        catalogue.allMixes().forEach(m -> groups.get("pit.mixes").add(option(m.id(), m.name())));
        catalogue.allMedia().stream()
                .filter(m -> m.isLoose() && m.grain() != Medium.Grain.VOID)
                .forEach(m -> groups.get(m.kind().equals("drainage") ? "pit.drainage" : "pit.single_materials")
                        .add(option(m.id(), m.name())));
        String singles =
                String.join("", groups.get("pit.single_materials")) + String.join("", groups.get("pit.drainage"));
        return grouped(groups, singles);
    }

    /** What a piece may be made of, and the pieces that the keeper has already, under {@code stock:} and their number. */
    Choice pieces(Catalogue catalogue, List<StockItem> stock) {
        Map<String, List<String>> groups = new LinkedHashMap<>();
        List.of("stone", "wood", "cork", "foam").forEach(kind -> groups.put("pieces." + kind, new ArrayList<>()));
        groups.put("pieces.own", new ArrayList<>());
        catalogue.allMedia().stream()
                .filter(PieceProposal::isPiece)
                .forEach(m -> groups.get("pieces." + m.kind()).add(option(m.id(), m.name())));
        stock.stream()
                .filter(s -> groups.containsKey("pieces." + s.kind()))
                .forEach(s -> groups.get("pieces.own").add(option(HardscapeEdits.STOCK + s.id(), s.name())));
        groups.values().removeIf(List::isEmpty);
        return grouped(groups, "");
    }

    /** What can be put into the water: running water under {@code feature:} and its kind, and gear of the catalogue. */
    Choice devices(Catalogue catalogue) {
        Map<String, List<String>> groups = new LinkedHashMap<>();
        groups.put("devices.features", new ArrayList<>());
        for (WaterFeature.Kind kind : WaterFeature.Kind.values()) {
            groups.get("devices.features").add(option("feature:" + kind.word(), words.of("feature." + kind.word())));
        }
        List.of("filters", "pumps", "heaters").forEach(g -> groups.put("devices." + g, new ArrayList<>()));
        catalogue.allGear().stream().filter(Gear::isWaterDevice).forEach(g -> {
            String group = g.isFilter() ? "filters" : g.isWaterHeater() ? "heaters" : "pumps";
            groups.get("devices." + group).add(option(g.id(), g.name()));
        });
        return grouped(groups, "");
    }

    /** Lamps by what they are bought for, mats and cables. */
    Choice lamps(Catalogue catalogue) {
        Map<String, List<String>> groups = new LinkedHashMap<>();
        List.of("heat", "uv", "light", "mats").forEach(g -> groups.put("lamps." + g, new ArrayList<>()));
        catalogue
                .allLamps()
                .forEach(l -> groups.get("lamps." + (l.isUv() ? "uv" : l.isHeater() ? "heat" : "light"))
                        .add(option(l.id(), l.name())));
        catalogue.allGear().stream()
                .filter(g -> g.category().equals("heat_mat") || g.category().equals("heat_cable"))
                .forEach(g -> groups.get("lamps.mats").add(option(g.id(), g.name())));
        return grouped(groups, "");
    }

    /** Openings and sheets by their side, nozzles, and one more misting. */
    Choice air(Catalogue catalogue) {
        Map<String, List<String>> groups = new LinkedHashMap<>();
        List.of("vents", "mist", "sheets").forEach(g -> groups.put("air." + g, new ArrayList<>()));
        for (String face : List.of("front", "back", "left", "right")) {
            groups.get("air.vents").add(option("vent:" + face, words.of("part.vent", words.of("face." + face))));
        }
        groups.get("air.mist").add(option("event", words.of("part.event")));
        catalogue.allMistGear().stream()
                .filter(g -> g.is("nozzle") || g.is("fogger") || g.is("hand"))
                .forEach(g -> groups.get("air.mist").add(option("nozzle:" + g.id(), g.name())));
        for (String face : List.of("back", "left", "right", "front", "bottom", "lid")) {
            groups.get("air.sheets").add(option("sheet:" + face, words.of("part.sheet", words.of("face." + face))));
        }
        return grouped(groups, "");
    }

    private Choice grouped(Map<String, List<String>> groups, String singles) {
        StringBuilder markup = new StringBuilder();
        groups.forEach((label, options) -> {
            markup.append("<optgroup label=\"")
                    .append(HtmlUtils.htmlEscape(words.of(label), "UTF-8"))
                    .append("\">");
            options.forEach(markup::append);
            markup.append("</optgroup>");
        });
        return new Choice(markup.toString(), singles);
    }

    private static String option(String id, String name) {
        return "<option value=\"" + HtmlUtils.htmlEscape(id, "UTF-8") + "\">" + HtmlUtils.htmlEscape(name, "UTF-8")
                + "</option>";
    }
}
