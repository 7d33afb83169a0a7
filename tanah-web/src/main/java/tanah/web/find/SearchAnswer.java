package tanah.web.find;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import tanah.core.design.AirPlan;
import tanah.core.design.Design;
import tanah.core.equipment.EquipmentFound;
import tanah.core.equipment.LampChoice;
import tanah.core.equipment.Wish;
import tanah.core.time.SeasonPhase;
import tanah.files.design.DesignWriter;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** What a search came to, as it is stored: facts only, words are made when it is shown. */
record SearchAnswer(
        boolean feasible,
        int tried,
        int of,
        boolean exact,
        List<Option> options,
        List<EquipmentFound.Reason> reasons,
        List<Refusal> refused) {
    SearchAnswer {
        options = Objects.requireNonNullElse(options, List.of());
        reasons = Objects.requireNonNullElse(reasons, List.of());
        refused = Objects.requireNonNullElse(refused, List.of());
    }

    /** An answer of an older release has fewer fields, one of a newer release more. */
    private static final JsonMapper JSON = JsonMapper.builder()
            .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .build();

    /** The answer of a search, if it has one. */
    static Optional<SearchAnswer> of(SearchRow row) {
        return row.answer().isEmpty() ? Optional.empty() : read(row.answer());
    }

    /** Empty where it cannot be read: the keeper searches again. */
    static Optional<SearchAnswer> read(String text) {
        try {
            return Optional.of(JSON.readValue(text, SearchAnswer.class));
        } catch (JacksonException e) {
            return Optional.empty();
        }
    }

    static String write(SearchAnswer answer) {
        return JSON.writeValueAsString(answer);
    }

    record Missed(String key, SeasonPhase when, double value, double low, double high, double room, boolean humidity) {
        static Missed of(Wish.Miss m) {
            return new Missed(
                    m.wish().need().want().word(),
                    m.when(),
                    m.value(),
                    m.wish().need().range().min(),
                    m.wish().need().range().max(),
                    m.room(),
                    m.wish().need().want().isHumidity());
        }
    }

    /**
     * @param mist     its mistings; null: none
     * @param document the whole plan with it
     */
    record Option(
            LampChoice choice,
            double power,
            double uv,
            List<EquipmentFound.Value> values,
            List<Missed> missed,
            @Nullable Mist mist,
            String document) {}

    /**
     * @param longest s
     */
    record Mist(int nozzles, int events, double longest) {
        static @Nullable Mist of(Design design) {
            return design.air()
                    .flatMap(AirPlan::mist)
                    .filter(m -> !m.nozzles().isEmpty() && !m.events().isEmpty())
                    .map(m -> new Mist(
                            m.nozzles().size(),
                            m.events().size(),
                            m.events().stream()
                                    .mapToDouble(AirPlan.Event::seconds)
                                    .max()
                                    .orElse(0)))
                    .orElse(null);
        }
    }

    record Refusal(String dimension, String option, double power, List<Missed> missed) {}

    static SearchAnswer of(EquipmentFound found) {
        List<EquipmentFound.Answer> shown =
                found.best().isEmpty() ? found.nearest().map(List::of).orElse(List.of()) : found.best();
        return new SearchAnswer(
                !found.best().isEmpty(),
                found.tried(),
                found.of(),
                found.isExact(),
                shown.stream()
                        .map(a -> new Option(
                                a.choice(),
                                a.power(),
                                a.uv(),
                                a.values(),
                                a.misses().stream().map(Missed::of).toList(),
                                Mist.of(a.design()),
                                DesignWriter.writeCompact(a.design())))
                        .toList(),
                found.reasons(),
                found.refused().stream()
                        .map(r -> new Refusal(
                                r.dimension(),
                                r.option(),
                                r.power(),
                                r.miss().stream().map(Missed::of).toList()))
                        .toList());
    }
}
