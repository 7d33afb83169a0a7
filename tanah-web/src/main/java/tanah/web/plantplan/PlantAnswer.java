package tanah.web.plantplan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import tanah.core.plantplan.Bar;
import tanah.core.plantplan.LetIn;
import tanah.core.plantplan.PlanReport;
import tanah.core.plantplan.PlanSolver;
import tanah.core.plantplan.PlanValue;
import tanah.core.plantplan.PlantingFound;
import tanah.core.plantplan.PlantingTask;
import tanah.core.plantplan.PlantingWay;
import tanah.files.design.DesignWriter;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** What a search for a planting came to, as it is stored: facts only, words are made when it is shown. */
record PlantAnswer(List<Way> ways, List<Refused> refused, int more) {
    private static final JsonMapper JSON = JsonMapper.builder()
            .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .build();

    PlantAnswer {
        ways = Objects.requireNonNullElse(ways, List.of());
        refused = Objects.requireNonNullElse(refused, List.of());
    }

    /** Empty where it cannot be read: the keeper searches again. */
    static Optional<PlantAnswer> read(String text) {
        try {
            return text.isEmpty() ? Optional.empty() : Optional.of(JSON.readValue(text, PlantAnswer.class));
        } catch (JacksonException e) {
            return Optional.empty();
        }
    }

    String write() {
        return JSON.writeValueAsString(this);
    }

    /**
     * @param document the whole plan with it; empty where none was found
     * @param kinds    pieces of each
     * @param cover    share of the ground by month
     * @param brings   rules that stop there and did not before
     */
    record Way(
            PlantingWay way,
            PlanSolver.End end,
            double gap,
            String document,
            List<Kind> kinds,
            double points,
            Map<PlanValue.Term, Double> terms,
            int pots,
            double price,
            Map<Integer, Double> cover,
            List<PlantingFound.GiveUp> without,
            List<String> brings,
            List<Unused> unused) {}

    /**
     * The pieces of one kind.
     *
     * @param places how many hold to what
     * @param watch  what holds them back most; empty: nothing
     * @param low    least score
     * @param high   greatest score
     * @param touch  months until the first meets its neighbour; null: not within five years
     */
    record Kind(
            String kind,
            int pieces,
            Map<String, Integer> places,
            List<PlanValue.Term> why,
            String watch,
            double low,
            double high,
            double height,
            double spread,
            @Nullable Double touch,
            String beside) {}

    record Unused(String kind, int places, int points) {}

    /** @param change what alone would let it in; null: nothing */
    record Refused(String kind, double x, double y, String on, List<Bar> bars, LetIn.@Nullable Change change) {}

    static PlantAnswer of(List<PlantingFound> found) {
        PlantingTask first = found.get(0).task();
        return new PlantAnswer(
                found.stream().map(PlantAnswer::way).toList(),
                first.refused().stream()
                        .map(r -> new Refused(
                                r.kind().id(),
                                r.station().x(),
                                r.station().y(),
                                r.station().on().name(),
                                r.bars().stream().sorted().toList(),
                                LetIn.of(r.kind().needs(), r.place()).orElse(null)))
                        .toList(),
                first.more());
    }

    private static Way way(PlantingFound f) {
        Optional<PlanReport> report = f.report();
        return new Way(
                f.way(),
                f.end(),
                f.gap(),
                f.design().map(DesignWriter::writeCompact).orElse(""),
                report.map(PlantAnswer::kinds).orElse(List.of()),
                report.map(r -> r.value().total()).orElse(0.0),
                report.map(r -> r.value().terms()).orElse(Map.of()),
                report.map(r -> r.value().pots()).orElse(0),
                report.map(r -> r.value().price()).orElse(0.0),
                f.cover(),
                f.without(),
                f.brings().stream().map(b -> b.rule().value()).distinct().toList(),
                report.map(r -> r.unused().stream()
                                .map(u -> new Unused(u.kind().id(), u.places(), u.points()))
                                .toList())
                        .orElse(List.of()));
    }

    private static List<Kind> kinds(PlanReport report) {
        Map<String, List<PlanReport.Piece>> byKind = new LinkedHashMap<>();
        report.pieces()
                .forEach(p -> byKind.computeIfAbsent(p.kind().id(), k -> new ArrayList<>())
                        .add(p));
        List<Kind> kinds = new ArrayList<>();
        byKind.forEach((id, pieces) -> kinds.add(kind(id, pieces)));
        return kinds;
    }

    private static Kind kind(String id, List<PlanReport.Piece> pieces) {
        Map<String, Integer> places = new LinkedHashMap<>();
        pieces.forEach(p -> places.merge(p.station().on().name(), 1, Integer::sum));
        PlanReport.Piece worst = pieces.stream()
                .min(java.util.Comparator.comparingDouble(PlanReport.Piece::score))
                .orElseThrow();
        Optional<PlanReport.Piece> soonest = pieces.stream()
                .filter(p -> p.touch().isPresent())
                .min(java.util.Comparator.comparingDouble(p -> p.touch().getAsDouble()));
        return new Kind(
                id,
                pieces.size(),
                places,
                worst.why(),
                worst.watch().map(Enum::name).orElse(""),
                worst.score(),
                pieces.stream().mapToDouble(PlanReport.Piece::score).max().orElse(0),
                pieces.stream().mapToDouble(PlanReport.Piece::height).max().orElse(0),
                pieces.stream().mapToDouble(PlanReport.Piece::spread).max().orElse(0),
                soonest.map(p -> p.touch().getAsDouble()).orElse(null),
                soonest.flatMap(PlanReport.Piece::beside).map(b -> b.id()).orElse(""));
    }
}
