package tanah.web.design.school;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Function;
import org.springframework.stereotype.Component;
import tanah.core.evaluate.Evaluation;
import tanah.core.explain.Figures;
import tanah.core.finding.Finding;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.need.ClimatePlace;
import tanah.core.school.School;
import tanah.core.school.Schools;
import tanah.core.time.Season;
import tanah.core.time.SeasonPhase;
import tanah.core.water.CycleWays;
import tanah.core.water.NitrogenPlan;
import tanah.core.water.WaterCare;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.stage.StageSheet;
import tanah.web.design.words.FigureWords;
import tanah.web.design.words.FindingWords;
import tanah.web.forms.Numbers;
import tanah.web.shell.Words;
import tanah.web.svg.BoxSvg;

/** What a way comes to, beside the others: the same rows in the same order on every card. */
@Component
class SchoolCards {
    private static final List<String> GROUND_ROWS = List.of(
            "mass.total",
            "ground.bulk",
            "ground.surface_max",
            "ground.under_full",
            "ground.under_drainable",
            "bill.ground");
    private static final List<String> WATER_ROWS = List.of(
            "water.depth",
            "water.turns_over",
            "water.turnover",
            "water.change",
            "water.heat",
            "mass.total",
            "bill.devices");

    private final StageSheet sheets;
    private final FigureWords figures;
    private final FindingWords findings;
    private final Words words;
    private final Catalogues catalogues;

    SchoolCards(StageSheet sheets, FigureWords figures, FindingWords findings, Words words, Catalogues catalogues) {
        this.sheets = sheets;
        this.figures = figures;
        this.findings = findings;
        this.words = words;
        this.catalogues = catalogues;
    }

    /** A consequence in one card; the same rows in the same order in all. */
    public record Row(String label, String value, boolean differs) {}

    /** A verdict with how often. */
    public record Count(Severity severity, long count) {}

    /** One way. */
    public record Card(
            String option, boolean chosen, String svg, List<Row> rows, List<Count> tally, List<String> notes) {}

    Card card(School school, String option, Evaluation e, List<Evaluation> all, String current) {
        String svg = sheets.scene(e, OptionalDouble.empty())
                .map(s -> BoxSvg.draw(s, e.design().name(), sheets.plants(e), false))
                .orElse("");
        List<Row> rows = new ArrayList<>();
        boolean ground = school.stage() == Stage.GROUND;
        if (SchoolController.isClimate(school)) {
            rows.addAll(climate(e, all));
        }
        for (String id : ground ? GROUND_ROWS : WATER_ROWS) {
            List<String> values = all.stream().map(x -> value(x, id)).toList();
            if (values.stream().anyMatch(v -> !v.isEmpty())) {
                String own = value(e, id);
                rows.add(new Row(
                        words.of("figure." + id),
                        own.isEmpty() ? words.of("path.nothing") : own,
                        values.stream().distinct().count() > 1));
            }
        }
        if (ground) {
            List<String> depths = all.stream().map(SchoolCards::soilDepth).toList();
            rows.add(new Row(
                    words.of("school.soil_depth"),
                    soilDepth(e),
                    depths.stream().distinct().count() > 1));
        }
        if (school.equals(Schools.RUNNING_IN)) {
            rows.add(new Row(words.of("school.ready"), ready(option, e), true));
        }
        List<Count> tally = new ArrayList<>();
        for (Severity severity : Severity.values()) {
            tally.add(new Count(severity, e.count(severity)));
        }
        return new Card(option, option.equals(current), svg, rows, tally, notes(e, all));
    }

    /** The day on which readings should show that the water is run in, by the model of this way. */
    private String ready(String option, Evaluation e) {
        NitrogenPlan.School way = switch (option) {
            case "mature_medium" -> NitrogenPlan.School.SEEDED;
            case "plants_only" -> NitrogenPlan.School.SINGLE;
            default -> NitrogenPlan.School.FISHLESS;
        };
        double load = CycleWays.load(e.animals());
        return e.care()
                .flatMap(WaterCare::cycle)
                .flatMap(base -> CycleWays.of(base, load).stream()
                        .filter(w -> w.plan().school() == way)
                        .findFirst())
                .map(w -> w.course().ready().isPresent()
                        ? words.of(
                                "school.ready_day",
                                w.course().ready().getAsInt(),
                                Math.round(w.course().ready().getAsInt() * 0.6),
                                Math.round(w.course().ready().getAsInt() * 1.6))
                        : words.of("school.never_ready"))
                .orElse(words.of("school.no_tap"));
    }

    private String value(Evaluation e, String figure) {
        return Figures.find(e, figure, catalogues.of(e.design()))
                .map(figures::value)
                .orElse("");
    }

    /** Depth of all soil together, which roots and burrows have. */
    private static String soilDepth(Evaluation e) {
        double depth = e.design().ground().layers().stream()
                .filter(l -> l.is(tanah.core.design.Layer.Kind.SUBSTRATE)
                        && !l.options().aquatic().orElse(false))
                .flatMap(l -> e.ground().orElseThrow().layer(l.id()).stream())
                .mapToDouble(r -> r.shape().meanDepth())
                .sum();
        return Numbers.lengthWithUnit(depth);
    }

    /** Notes that not all ways have: what the choice means for the animal. */
    private List<String> notes(Evaluation e, List<Evaluation> all) {
        return e.findings().stream()
                .filter(f -> f.severity() != Severity.GOOD)
                .filter(f -> all.stream().anyMatch(o -> o.findings().stream().noneMatch(x -> same(x, f))))
                .map(f -> words.of("severity", f.severity()) + ": " + findings.title(f))
                .distinct()
                .toList();
    }

    private static boolean same(Finding one, Finding other) {
        return one.rule().equals(other.rule()) && one.severity() == other.severity();
    }

    /** What the climate of each way is: places, UV, humidity and electricity. */
    private List<Row> climate(Evaluation e, List<Evaluation> all) {
        List<Row> rows = new ArrayList<>();
        degrees(rows, "need.basking", e, all, ClimatePlace.BASKING, SeasonPhase.WINTER_DAY);
        degrees(rows, "need.warm", e, all, ClimatePlace.WARM_AIR, SeasonPhase.WINTER_DAY);
        degrees(rows, "need.cool", e, all, ClimatePlace.COOL_AIR, SeasonPhase.SUMMER_DAY);
        degrees(rows, "need.night", e, all, ClimatePlace.WARM_AIR, SeasonPhase.WINTER_NIGHT);
        row(
                rows,
                words.of("need.uvi"),
                e,
                all,
                x -> x.forecast()
                        .filter(f -> f.light().hasUv())
                        .map(f -> Numbers.upTo(f.light().resting(), 1))
                        .orElse(""));
        row(
                rows,
                when("need.humidity_day", SeasonPhase.WINTER_DAY),
                e,
                all,
                x -> x.forecast()
                        .flatMap(f -> f.expected(ClimatePlace.HUMIDITY, SeasonPhase.WINTER_DAY))
                        .map(v -> Numbers.upTo(100 * Math.min(1, v.value()), 0) + "\u2009%")
                        .orElse(""));
        row(
                rows,
                when("climate.day.energy", SeasonPhase.WINTER_DAY),
                e,
                all,
                x -> x.forecast()
                        .map(f -> Numbers.upTo(f.energy().day(Season.WINTER), 2) + "\u2009kWh")
                        .orElse(""));
        return rows;
    }

    private static String degrees(Evaluation e, ClimatePlace spot, SeasonPhase when) {
        return e.forecast()
                .flatMap(f -> f.expected(spot, when))
                .map(v -> Numbers.temperatureWithUnit(v.value()))
                .orElse("");
    }

    /** One line is one season and one time of the day, and says so. */
    private String when(String key, SeasonPhase at) {
        return words.of("school.when", words.of(key), words.of("climate.when", at));
    }

    private void degrees(
            List<Row> rows, String key, Evaluation e, List<Evaluation> all, ClimatePlace spot, SeasonPhase at) {
        row(rows, when(key, at), e, all, x -> degrees(x, spot, at));
    }

    private void row(
            List<Row> rows, String label, Evaluation e, List<Evaluation> all, Function<Evaluation, String> value) {
        List<String> values = all.stream().map(value).toList();
        if (values.stream().anyMatch(v -> !v.isEmpty())) {
            String own = value.apply(e);
            rows.add(new Row(
                    label,
                    own.isEmpty() ? words.of("path.nothing") : own,
                    values.stream().distinct().count() > 1));
        }
    }
}
