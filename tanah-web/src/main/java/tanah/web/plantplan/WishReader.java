package tanah.web.plantplan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.PlantModel;
import tanah.core.design.edit.PlantingEdit;
import tanah.core.plantplan.PlanWeights;
import tanah.core.units.Unit;
import tanah.web.catalogue.PlantSearch;
import tanah.web.design.edit.TypedName;
import tanah.web.forms.FieldErrors;
import tanah.web.forms.Presentation;
import tanah.web.forms.Quantity;

/** Reads what is wanted of a planting from its fields. */
@Component
class WishReader {
    private static final double RICH = 1_000_000; // reference currency units
    private static final double MUCH = 1000;
    private static final int LINES = 60;
    private static final TypedName<PlantModel> NAMES =
            new TypedName<>(p -> p.commonName() + " (" + p.scientificName() + ")", "error.plant.unknown");

    private final PlantSearch search;

    WishReader(PlantSearch search) {
        this.search = search;
    }

    /** What was typed; of no use where an error was noted. */
    PlantingEdit.Wish read(WishForm form, Catalogue catalogue, FieldErrors errors) {
        OptionalDouble low = errors.optional("coverMin", form.of("coverMin"), Quantity.Kind.SHARE, 0, 1, Unit.PERCENT);
        OptionalDouble high = errors.optional("coverMax", form.of("coverMax"), Quantity.Kind.SHARE, 0, 1, Unit.PERCENT);
        double rate = Presentation.current().rate();
        OptionalDouble budget =
                errors.optional("budget", form.of("budget"), Quantity.Kind.NUMBER, 0, RICH * rate, Unit.COUNT);
        Map<String, Double> usual = PlanWeights.USUAL.byWord();
        Map<String, Double> weights = new HashMap<>();
        for (String w : WishForm.WEIGHTS) {
            errors.optional("w-" + w, form.of("w-" + w), Quantity.Kind.NUMBER, 0, MUCH, Unit.COUNT)
                    .ifPresent(v -> {
                        if (!usual.get(w).equals(v)) {
                            weights.put(w, v);
                        }
                    });
        }
        return new PlantingEdit.Wish(
                low,
                high,
                kinds("only", form, catalogue, errors),
                kinds("without", form, catalogue, errors),
                budget.isPresent() ? OptionalDouble.of(budget.getAsDouble() / rate) : budget,
                weights);
    }

    /** Kinds by name, one a line or with commas between. */
    private List<String> kinds(String field, WishForm form, Catalogue catalogue, FieldErrors errors) {
        String[] names = form.of(field).split("[\\n,;]");
        if (names.length > LINES) {
            errors.add(field, "error.plantplan.lines", String.valueOf(LINES));
            return List.of();
        }
        List<String> kinds = new ArrayList<>();
        for (String name : names) {
            String typed = name.strip();
            if (!typed.isEmpty()) {
                Optional<PlantModel> exact = catalogue.allPlants().stream()
                        .filter(p -> p.scientificName().equalsIgnoreCase(typed)
                                || p.commonName().equalsIgnoreCase(typed))
                        .findFirst()
                        .or(() -> catalogue.findPlant(typed));
                NAMES.of(typed, exact, catalogue.allPlants(), search.find(typed, catalogue), field, errors)
                        .map(PlantModel::id)
                        .filter(k -> !kinds.contains(k))
                        .ifPresent(kinds::add);
            }
        }
        return kinds;
    }
}
