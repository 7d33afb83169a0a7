package tanah.web.plantplan;

import java.util.Locale;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.PlantModel;
import tanah.core.plantplan.LetIn;
import tanah.core.units.Unit;
import tanah.web.forms.Numbers;
import tanah.web.shell.Words;

/** Why a kind lives nowhere in a plan, and what alone would let it in. */
@Component
class LetInWords {
    private static final String THIN = "\u2009";

    private final Words words;

    LetInWords(Words words) {
        this.words = words;
    }

    PlantPlanView.Refused refused(PlantAnswer.Refused r, Catalogue catalogue) {
        PlantModel kind = catalogue.findPlant(r.kind()).orElse(null);
        String why = r.bars().stream()
                .map(b -> words.of("plantplan.bar." + b.name().toLowerCase(Locale.ROOT)))
                .collect(Collectors.joining("; "));
        return new PlantPlanView.Refused(
                kind == null ? r.kind() : kind.commonName(),
                kind == null ? "" : kind.scientificName(),
                why,
                r.change() == null ? words.of("plantplan.let_in.nothing") : help(r.change()));
    }

    private String help(LetIn.Change c) {
        String key = c.what() == LetIn.What.WARMTH
                ? c.to() > 0 ? "warmer" : "cooler"
                : c.what().name().toLowerCase(Locale.ROOT);
        return words.of(
                "plantplan.let_in." + key,
                shown(c, c.from()),
                shown(c, c.to()),
                Numbers.upTo(100 * c.score(), 0) + THIN + "%");
    }

    private static String shown(LetIn.Change c, double value) {
        return switch (c.what()) {
            case LIGHT -> Numbers.upTo(value, 2) + THIN + Unit.MOLE_A_DAY.symbol();
            case WARMTH -> Numbers.kelvin(Math.abs(value));
            case HUMIDITY, MOISTURE -> Numbers.upTo(100 * value, 0) + THIN + "%";
            case SOIL, HEADROOM -> Numbers.lengthWithUnit(value);
            case AIRFLOW -> Numbers.upTo(value, 0);
        };
    }
}
