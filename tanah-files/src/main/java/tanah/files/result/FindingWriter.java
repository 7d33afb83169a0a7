package tanah.files.result;

import java.util.Locale;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Remedy;
import tanah.core.units.Unit;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Writes one finding with its numbers and the remedies that heal. */
final class FindingWriter {
    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;

    private FindingWriter() {}

    static ObjectNode finding(Finding f) {
        ObjectNode node = JSON.objectNode()
                .put("rule", f.rule().value())
                .put("severity", f.severity().name().toLowerCase(Locale.ROOT))
                .put("stage", f.place().stage().word())
                .put("place", f.place().word());
        ObjectNode numbers = node.putObject("numbers");
        for (Measure m : f.measures()) {
            EvaluationWriter.number(numbers, m.name() + suffix(m.unit()), m.shown());
        }
        ArrayNode remedies = node.putArray("remedies");
        for (Remedy r : f.remedies()) {
            // one that would bring something worse is no remedy
            if (r.trial().flatMap(Remedy.Trial::brings).isEmpty()) {
                remedies.add(r.key());
            }
        }
        return node;
    }

    private static String suffix(Unit unit) {
        return switch (unit) {
            case CENTIMETRE -> "_cm";
            case MILLIMETRE -> "_mm";
            case LITRE -> "_l";
            case KILOGRAM -> "_kg";
            case CELSIUS -> "_c";
            case KELVIN_DIFFERENCE -> "_k";
            case PERCENT -> "_pct";
            case DEGREE -> "_deg";
            case SQUARE_METRE -> "_m2";
            case SQUARE_CENTIMETRE -> "_cm2";
            case MEGAPASCAL -> "_mpa";
            case KILOPASCAL -> "_kpa";
            case MILLIGRAM_PER_LITRE -> "_mg_l";
            case WATT -> "_w";
            case HOUR -> "_h";
            case DAY -> "_d";
            case CENTIMETRE_PER_SECOND -> "_cm_s";
            default -> "";
        };
    }
}
