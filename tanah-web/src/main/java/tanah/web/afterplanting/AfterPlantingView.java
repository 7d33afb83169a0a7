package tanah.web.afterplanting;

import java.util.List;
import tanah.core.finding.Severity;

/**
 * @param verdict of the last day against what is wanted
 * @param sentence when it has settled and how damp it is then
 * @param drained  what runs through meanwhile, in words
 * @param rows     day and humidity
 */
record AfterPlantingView(Severity verdict, String sentence, String drained, List<Row> rows) {
    AfterPlantingView {
        rows = List.copyOf(rows);
    }

    /** @param share of saturation in hundredths, for the bar; {@code settled}: whether this day is near the last */
    record Row(int day, String humidity, long share, boolean settled) {}
}
