package tanah.web.plantplan;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.PlantModel;
import tanah.core.catalogue.Range;
import tanah.core.evaluate.Evaluator;
import tanah.core.plantplan.PlanSolver;
import tanah.core.plantplan.PlanValue;
import tanah.files.design.DesignReader;
import tanah.files.design.Parsed;
import tanah.web.design.edit.NumberRow;
import tanah.web.design.stage.Beside;
import tanah.web.enclosure.Enclosure;
import tanah.web.find.SearchRow;
import tanah.web.forms.Numbers;
import tanah.web.shell.Words;

/** Puts what a search for a planting found into words. */
@Component
class PlantPlanPages {
    private static final String THIN = "\u2009";
    private static final int SOME = 8;

    private final Words words;
    private final Beside beside;
    private final LetInWords letIn;

    PlantPlanPages(Words words, Beside beside, LetInWords letIn) {
        this.words = words;
        this.beside = beside;
        this.letIn = letIn;
    }

    PlantPlanView none() {
        return new PlantPlanView(0, "none", 0, "", false, List.of(), List.of(), 0);
    }

    PlantPlanView of(SearchRow row, Enclosure enclosure, Catalogue catalogue) {
        Optional<PlantAnswer> answer = PlantAnswer.read(row.answer());
        List<PlantPlanView.Way> ways = new ArrayList<>();
        answer.ifPresent(a -> {
            for (int i = 0; i < a.ways().size(); i++) {
                ways.add(way(i, a.ways().get(i), catalogue));
            }
        });
        return new PlantPlanView(
                row.id(),
                row.state(),
                row.progress(),
                said(row.said()),
                row.base() != enclosure.revision(),
                ways,
                answer.map(a -> a.refused().stream()
                                .map(r -> letIn.refused(r, catalogue))
                                .toList())
                        .orElse(List.of()),
                answer.map(PlantAnswer::more).orElse(0));
    }

    private String said(String stored) {
        String[] parts = stored.split(" ");
        if (parts[0].isEmpty()) {
            return "";
        }
        String way = words.of("plantplan.way." + parts[0]);
        return parts.length < 2
                ? way
                : words.of("plantplan.so_far", way, Numbers.upTo(Double.parseDouble(parts[1]), 1));
    }

    private PlantPlanView.Way way(int index, PlantAnswer.Way w, Catalogue catalogue) {
        boolean found = !w.document().isEmpty();
        return new PlantPlanView.Way(
                index,
                word(w.way()),
                found,
                w.end() == PlanSolver.End.BEST,
                w.end() == PlanSolver.End.SO_FAR
                        ? words.of("plantplan.end.so_far", Numbers.upTo(100 * w.gap(), 1))
                        : words.of("plantplan.end." + word(w.end())),
                found ? drawing(w.document(), catalogue) : "",
                found ? facts(w) : List.of(),
                w.kinds().stream().map(k -> kind(k, catalogue)).toList(),
                points(w.terms()),
                notes(w),
                unused(w, catalogue));
    }

    private static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT);
    }

    private String drawing(String document, Catalogue catalogue) {
        return new DesignReader(catalogue).read(document) instanceof Parsed.Accepted accepted
                ? beside.of(Evaluator.evaluate(accepted.design(), catalogue))
                : "";
    }

    private List<NumberRow> facts(PlantAnswer.Way w) {
        List<NumberRow> rows = new ArrayList<>();
        int pieces = w.kinds().stream().mapToInt(PlantAnswer.Kind::pieces).sum();
        rows.add(new NumberRow(
                words.of("plantplan.pieces"),
                words.of("plantplan.of_kinds", pieces, w.kinds().size())));
        rows.add(new NumberRow(
                words.of("plantplan.pots"),
                words.of("plantplan.for", w.pots(), Numbers.price(new Range(w.price(), w.price())))));
        String cover = w.cover().values().stream()
                .map(v -> Numbers.upTo(100 * v, 0))
                .collect(Collectors.joining(", ", "", THIN + "%"));
        rows.add(new NumberRow(words.of("plantplan.cover"), cover));
        return rows;
    }

    private PlantPlanView.Kind kind(PlantAnswer.Kind k, Catalogue catalogue) {
        Optional<PlantModel> model = catalogue.findPlant(k.kind());
        String on = k.places().keySet().stream()
                .map(p -> words.of("rootplace." + p.toLowerCase(Locale.ROOT)))
                .collect(Collectors.joining(", "));
        String does = Numbers.upTo(100 * k.low(), 0)
                + (k.high() - k.low() > 0.01 ? "–" + Numbers.upTo(100 * k.high(), 0) : "")
                + THIN
                + "%";
        String size = words.of(
                "plant.size",
                Numbers.lengthUpTo(k.height(), 0),
                Numbers.lengthUpTo(k.spread(), 0) + THIN + Numbers.lengthUnit());
        String touch = k.touch() == null
                ? words.of("plantplan.free")
                : words.of(
                        "plantplan.touch",
                        Numbers.upTo(k.touch(), k.touch() < 10 ? 1 : 0),
                        catalogue
                                .findPlant(k.beside())
                                .map(PlantModel::scientificName)
                                .orElse(k.beside()));
        return new PlantPlanView.Kind(
                k.pieces(),
                model.map(PlantModel::commonName).orElse(k.kind()),
                model.map(PlantModel::scientificName).orElse(""),
                on,
                does,
                k.why().stream().map(t -> words.of("plantplan.why." + word(t))).collect(Collectors.joining(", ")),
                k.watch().isEmpty()
                        ? Optional.empty()
                        : Optional.of(words.of("criterion." + k.watch().toLowerCase(Locale.ROOT))),
                size + "; " + touch);
    }

    private List<NumberRow> points(Map<PlanValue.Term, Double> terms) {
        return terms.entrySet().stream()
                .filter(t -> Math.abs(t.getValue()) >= 0.5)
                .map(t -> new NumberRow(
                        words.of("plantplan.term." + word(t.getKey())),
                        (t.getValue() < 0 ? "−" : "+") + Numbers.upTo(Math.abs(t.getValue()), 0)))
                .toList();
    }

    private List<String> notes(PlantAnswer.Way w) {
        List<String> all = new ArrayList<>();
        String found = w.document().isEmpty() ? "" : ".found";
        w.without().forEach(g -> all.add(words.of("plantplan.give_up." + word(g) + found)));
        if (w.end() == PlanSolver.End.NONE && w.without().isEmpty()) {
            all.add(words.of("plantplan.give_up.together"));
        }
        if (!w.brings().isEmpty()) {
            all.add(words.of("plantplan.brings", String.join(", ", w.brings())));
        }
        return all;
    }

    private List<String> unused(PlantAnswer.Way w, Catalogue catalogue) {
        return w.unused().stream()
                .limit(SOME)
                .map(u -> words.of(
                        "plantplan.unused",
                        catalogue
                                .findPlant(u.kind())
                                .map(PlantModel::scientificName)
                                .orElse(u.kind()),
                        u.places(),
                        u.points()))
                .toList();
    }
}
