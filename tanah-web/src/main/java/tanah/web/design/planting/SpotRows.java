package tanah.web.design.planting;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.springframework.stereotype.Component;
import tanah.core.finding.Measure;
import tanah.core.plant.Criterion;
import tanah.core.plant.Plant;
import tanah.core.plant.Spot;
import tanah.core.planting.Asked;
import tanah.core.planting.GrowingPlace;
import tanah.core.planting.PlantFit;
import tanah.web.design.edit.NumberRow;
import tanah.web.forms.Numbers;
import tanah.web.shell.Words;

/** What a place offers a plant on its worse day, each with what the plant wants. */
@Component
class SpotRows {
    private static final List<Criterion> SHOWN = List.of(
            Criterion.LIGHT,
            Criterion.MOISTURE,
            Criterion.HUMIDITY,
            Criterion.DAY_TEMPERATURE,
            Criterion.NIGHT_TEMPERATURE,
            Criterion.LEAF_WET,
            Criterion.PH);

    private final Words words;

    SpotRows(Words words) {
        this.words = words;
    }

    List<NumberRow> of(GrowingPlace place, Plant plant, PlantFit fit) {
        Spot spot = place.spot(fit.worst(), plant);
        List<NumberRow> rows = new ArrayList<>();
        for (Criterion c : SHOWN) {
            Optional<Asked> asked = Asked.of(c, plant, spot);
            String label = words.of("criterion." + c.name().toLowerCase(Locale.ROOT));
            if (asked.isPresent()) {
                rows.add(new NumberRow(label, said(asked.get())));
            } else if (Set.of(Criterion.MOISTURE).contains(c)) {
                rows.add(new NumberRow(label, words.of("plant.unknown")));
            }
        }
        return rows;
    }

    private String said(Asked a) {
        String value = shown(a, a.value());
        String low = shown(a, a.low());
        String high = shown(a, a.high());
        if (!low.isEmpty() && !high.isEmpty()) {
            return words.of("plant.wants.between", value, low, high);
        }
        return low.isEmpty() ? words.of("plant.wants.most", value, high) : words.of("plant.wants.least", value, low);
    }

    private static String shown(Asked a, OptionalDouble number) {
        return number.isPresent() ? shown(a, number.getAsDouble()) : "";
    }

    private static String shown(Asked a, double number) {
        return Numbers.of(new Measure("value", number, a.unit()));
    }
}
