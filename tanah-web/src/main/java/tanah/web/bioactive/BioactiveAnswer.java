package tanah.web.bioactive;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import tanah.core.bioactive.BioactiveFound;
import tanah.core.bioactive.FloorChange;
import tanah.core.cleanup.Cleanup;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.files.design.DesignWriter;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** What a search for a bioactive floor came to, as it is stored: facts only, words are made when it is shown. */
record BioactiveAnswer(
        BioactiveFound.State state,
        List<Way> ways,
        @Nullable Nearest nearest,
        int tried) {
    private static final JsonMapper JSON = JsonMapper.builder()
            .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .build();

    BioactiveAnswer {
        ways = Objects.requireNonNullElse(ways, List.of());
    }

    /** Empty where it cannot be read: the keeper searches again. */
    static Optional<BioactiveAnswer> read(String text) {
        try {
            return text.isEmpty() ? Optional.empty() : Optional.of(JSON.readValue(text, BioactiveAnswer.class));
        } catch (JacksonException e) {
            return Optional.empty();
        }
    }

    String write() {
        return JSON.writeValueAsString(this);
    }

    /**
     * @param document the whole plan with it
     * @param brings   what stops there and did not before
     */
    record Way(boolean soonest, String document, List<Change> changes, Outcome outcome, List<Said> brings) {}

    record Nearest(List<Change> changes, Outcome outcome, List<Said> against) {}

    /**
     * A change, whatever it is.
     *
     * @param what   set, out, more, damp, dry, litter or spot
     * @param kind   of crew, or empty
     * @param number count, share, or depth (m)
     * @param other  week, or volume (m³)
     */
    record Change(String what, String kind, double number, double other) {}

    /**
     * What the floor comes to.
     *
     * @param day     from which waste is carried; null: hardly anything falls
     * @param spot    share taken out by hand
     * @param reserve days until the litter is too thin; null: never
     * @param litter  at the start (kg)
     * @param topUpDay when leaves are laid again; 0: not within the year
     * @param topUp   how much of them (kg)
     * @param groups  who is set
     */
    record Outcome(
            @Nullable Integer day,
            double spot,
            @Nullable Double reserve,
            double litter,
            double topUpDay,
            double topUp,
            List<Group> groups) {}

    /** How many at the start and after a year. */
    record Group(String kind, double count, double after, double lives) {}

    /** A finding, as facts. */
    record Said(String rule, String variant, Severity severity, List<Measure> measures, List<String> words) {
        Finding finding() {
            return Finding.of(new RuleId(rule), severity, Place.of(Stage.CREW), measures, List.of())
                    .worded(variant, words.toArray(new String[0]));
        }
    }

    static BioactiveAnswer of(BioactiveFound f) {
        return new BioactiveAnswer(
                f.state(),
                f.ways().stream()
                        .map(w -> new Way(
                                w.soonest(),
                                DesignWriter.writeCompact(w.design()),
                                changes(w.changes()),
                                outcome(w.cleanup()),
                                said(w.brings())))
                        .toList(),
                f.nearest()
                        .map(n -> new Nearest(changes(n.changes()), outcome(n.cleanup()), said(n.against())))
                        .orElse(null),
                f.tried());
    }

    private static List<Change> changes(List<FloorChange> changes) {
        return changes.stream().map(BioactiveAnswer::change).toList();
    }

    private static Change change(FloorChange change) {
        if (change instanceof FloorChange.Set s) {
            return new Change("set", s.species(), s.count(), s.week());
        }
        if (change instanceof FloorChange.LeaveOut l) {
            return new Change("out", l.species(), 0, 0);
        }
        if (change instanceof FloorChange.More m) {
            return new Change("more", m.species(), m.count(), 0);
        }
        if (change instanceof FloorChange.Keep k) {
            return new Change(k.damp() ? "damp" : "dry", "", k.share(), k.water());
        }
        if (change instanceof FloorChange.Litter l) {
            return new Change("litter", "", l.depth(), l.volume());
        }
        return new Change("spot", "", ((FloorChange.Spot) change).share(), 0);
    }

    private static Outcome outcome(Cleanup c) {
        List<Group> groups = new ArrayList<>();
        int at = 0;
        for (Cleanup.Group g : c.doses()) {
            if (g.verdict().isPresent()) {
                List<Double> last =
                        c.year().days().get(c.year().days().size() - 1).counts();
                groups.add(new Group(g.dose().species(), g.count(), last.get(at), g.lives()));
                at++;
            }
        }
        OptionalDouble reserve = c.reserve();
        return new Outcome(
                c.balance().isPresent() ? c.balance().getAsInt() : null,
                c.plan().spot(),
                reserve.isPresent() && Double.isFinite(reserve.getAsDouble()) ? reserve.getAsDouble() : null,
                c.plan().litter(),
                c.topUp().map(Cleanup.TopUp::day).orElse(0.0),
                c.topUp().map(Cleanup.TopUp::litter).orElse(0.0),
                groups);
    }

    private static List<Said> said(List<Finding> findings) {
        return findings.stream()
                .map(f -> new Said(f.rule().value(), f.variant(), f.severity(), f.measures(), f.words()))
                .toList();
    }
}
