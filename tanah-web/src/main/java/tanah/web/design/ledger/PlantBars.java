package tanah.web.design.ledger;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import tanah.core.evaluate.Evaluation;
import tanah.core.finding.Severity;
import tanah.core.plant.Plant;
import tanah.core.plant.Suitability;
import tanah.core.planting.PlantFit;
import tanah.core.planting.Planted;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.words.PartNames;
import tanah.web.forms.Numbers;
import tanah.web.shell.Words;
import tanah.web.svg.RangeBar;

/** The light of a day at each plant against what it wants: the five that do worst. */
@Component
class PlantBars {
    private static final int MOST = 5;
    private static final String THIN = "\u2009";
    private static final double BEYOND = 1.4; // of the most that is borne, as far as the axis goes

    private final Catalogues catalogues;
    private final PartNames names;
    private final Words words;

    PlantBars(Catalogues catalogues, PartNames names, Words words) {
        this.catalogues = catalogues;
        this.names = names;
        this.words = words;
    }

    List<LedgerView.Bar> of(Evaluation e) {
        return e.planted().map(Planted::pieces).orElse(List.of()).stream()
                .filter(p -> p.fit().isPresent() && p.place().isPresent())
                .sorted(Comparator.comparingDouble(
                        p -> p.fit().orElseThrow().score().orElse(0)))
                .limit(MOST)
                .map(p -> bar(e, p))
                .toList();
    }

    private LedgerView.Bar bar(Evaluation e, Planted.Piece p) {
        Plant plant = p.kind().orElseThrow().needs();
        PlantFit fit = p.fit().orElseThrow();
        Plant.Range wanted = plant.light().daily();
        double light = p.place().orElseThrow().spot(fit.worst(), plant).daily().orElse(0);
        String name =
                (e.design().plants().indexOf(p.piece()) + 1) + " " + names.plant(p.piece(), catalogues.of(e.design()));
        String verdict = words.of("ledger.plant.does", percent(fit.score()));
        String value = Numbers.upTo(light, 1) + THIN + "mol/m²d";
        RangeBar bar = new RangeBar(
                OptionalDouble.of(wanted.least()),
                OptionalDouble.of(wanted.most()),
                0,
                Math.max(wanted.most(), light) * BEYOND,
                OptionalDouble.of(light),
                List.of(),
                words.of(
                        "ledger.plant.said",
                        name,
                        value,
                        Numbers.upTo(wanted.least(), 1),
                        Numbers.upTo(wanted.most(), 1),
                        verdict));
        return new LedgerView.Bar(name, value, severity(fit.grade()), bar.draw(), verdict);
    }

    private static Severity severity(Optional<Suitability.Grade> grade) {
        return switch (grade.orElse(Suitability.Grade.MARGINAL)) {
            case THRIVES, SUITS -> Severity.GOOD;
            case MARGINAL -> Severity.CAUTION;
            case REFUSED -> Severity.STOP;
        };
    }

    private static String percent(OptionalDouble share) {
        return share.isPresent() ? Numbers.upTo(100 * share.getAsDouble(), 0) + THIN + "%" : "–";
    }
}
