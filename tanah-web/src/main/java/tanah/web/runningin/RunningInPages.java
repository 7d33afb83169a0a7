package tanah.web.runningin;

import java.time.Duration;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import org.springframework.stereotype.Component;
import tanah.core.commission.SettlingRule;
import tanah.core.evaluate.Evaluation;
import tanah.core.finding.Finding;
import tanah.core.water.CycleWays;
import tanah.core.water.NitrogenCycle;
import tanah.core.water.NitrogenCycle.Day;
import tanah.core.water.NitrogenPlan;
import tanah.core.water.WaterCare;
import tanah.web.design.words.FindingWords;
import tanah.web.design.words.PlainNote;
import tanah.web.forms.Numbers;
import tanah.web.log.LogSigns;
import tanah.web.log.Reading;
import tanah.web.log.ReadingService;
import tanah.web.shell.Words;
import tanah.web.svg.CourseField;
import tanah.web.svg.CycleChart;

/** Puts the page of running in together. */
@Component
class RunningInPages {
    /** From nitrogen to what test kits show (molar masses, IUPAC 2021 abridged). */
    private static final double NH4 = 18.039 / 14.007;

    private static final double NO2 = 46.005 / 14.007;
    private static final double NO3 = 62.004 / 14.007;
    private static final double MG = 1e3; // mg/l per kg/m³
    private static final int WEEK = 7;
    private static final int LEAST_DAYS = 28;

    private final ReadingService readings;
    private final LogSigns signs;
    private final FindingWords findings;
    private final Words words;

    RunningInPages(ReadingService readings, LogSigns signs, FindingWords findings, Words words) {
        this.signs = signs;
        this.findings = findings;
        this.readings = readings;
        this.words = words;
    }

    RunningInView view(
            long keeper, long enclosure, String phase, Evaluation e, String asked, Optional<LocalDate> typed) {
        Optional<NitrogenPlan> base = e.care().flatMap(WaterCare::cycle);
        if (base.isEmpty()) {
            return new RunningInView(
                    false, List.of(), "", "", List.of(), "", 0, proof(keeper, enclosure, phase, e, List.of()));
        }
        double load = CycleWays.load(e.animals());
        List<CycleWays.Way> ways = CycleWays.of(base.get(), load);
        CycleWays.Way chosen = ways.stream()
                .filter(w -> word(w).equals(asked))
                .findFirst()
                .orElseGet(() -> ways.stream()
                        .filter(w -> w.plan().school() == base.get().school())
                        .findFirst()
                        .orElseThrow());
        List<Reading> all = tests(keeper, enclosure);
        Optional<LocalDate> began =
                typed.or(() -> all.stream().map(r -> r.takenAt().toLocalDate()).min(LocalDate::compareTo));
        NitrogenCycle.Course course = chosen.course();
        int shown = Math.min(
                course.days().size() - 1,
                Math.max(LEAST_DAYS, (int) (course.ready().orElse(course.days().size()) * 1.6) + WEEK));
        return new RunningInView(
                true,
                ways.stream().map(this::way).toList(),
                word(chosen),
                chart(course, shown, all, began),
                table(course, shown),
                began.map(LocalDate::toString).orElse(""),
                began.isEmpty() ? 0 : all.size(),
                proof(
                        keeper,
                        enclosure,
                        phase,
                        e,
                        ways.stream()
                                .filter(w -> w.plan().school() == base.get().school())
                                .toList()));
    }

    /** What the log proves so far, and what the way that was chosen would do to the animal. */
    private List<PlainNote> proof(long keeper, long enclosure, String phase, Evaluation e, List<CycleWays.Way> taken) {
        List<Finding> all = new ArrayList<>(signs.judge(keeper, enclosure, phase, e));
        taken.forEach(w -> w.judge().ifPresent(all::add));
        return all.stream()
                .filter(f -> !f.rule().equals(SettlingRule.ID))
                .sorted(Comparator.comparing(Finding::severity))
                .map(findings::plain)
                .toList();
    }

    private static String word(CycleWays.Way way) {
        return way.plan().school().name().toLowerCase(Locale.ROOT);
    }

    private List<Reading> tests(long keeper, long enclosure) {
        List<Reading> all = new ArrayList<>();
        readings.each(keeper, enclosure, r -> {
            if (List.of("nh34", "no2", "no3").contains(r.kind())) {
                all.add(r);
            }
        });
        return all;
    }

    private RunningInView.Way way(CycleWays.Way way) {
        NitrogenCycle.Course c = way.course();
        double[] band = c.readyBand();
        return new RunningInView.Way(
                word(way),
                c.ready().isPresent()
                        ? words.of("cycle.day", String.valueOf(c.ready().getAsInt()))
                        : words.of("cycle.never", String.valueOf(way.plan().days())),
                band.length == 2
                        ? words.of(
                                "cycle.between",
                                String.valueOf(Math.round(band[0])),
                                String.valueOf(Math.round(band[1])))
                        : "",
                shown(c.peakAmmonia() * NH4),
                shown(c.peakNitrite() * NO2),
                way.harms());
    }

    private static String shown(double kilograms) {
        double mg = kilograms * MG;
        return Numbers.upTo(mg, mg < 1 ? 2 : 1);
    }

    private String chart(NitrogenCycle.Course c, int days, List<Reading> all, Optional<LocalDate> began) {
        List<Double> ready = new ArrayList<>();
        for (double d : c.readyBand()) {
            ready.add(d);
        }
        String sentence = c.ready().isPresent()
                ? words.of("cycle.chart", String.valueOf(c.ready().getAsInt()))
                : words.of("cycle.chart_never");
        return new CycleChart(
                        sentence,
                        days,
                        ready,
                        List.of(
                                course("nh34", c, d -> d.ammonia() * NH4, all, began),
                                course("no2", c, d -> d.nitrite() * NO2, all, began)),
                        List.of(course("no3", c, d -> d.nitrate() * NO3, all, began)))
                .draw();
    }

    private CourseField.Course course(
            String kind,
            NitrogenCycle.Course c,
            ToDoubleFunction<Day> value,
            List<Reading> all,
            Optional<LocalDate> began) {
        List<CourseField.Dot> dots = new ArrayList<>();
        began.ifPresent(first -> all.stream().filter(r -> r.kind().equals(kind)).forEach(r -> {
            double day = days(first, r.takenAt());
            if (day >= 0) {
                dots.add(new CourseField.Dot(
                        day, r.value(), words.of("cycle." + kind) + " " + Numbers.upTo(r.value(), 2) + "\u2009mg/L"));
            }
        }));
        return new CourseField.Course(
                words.of("cycle." + kind),
                kind,
                c.days().stream().map(d -> value.applyAsDouble(d) * MG).toList(),
                dots);
    }

    private static double days(LocalDate first, OffsetDateTime at) {
        return Duration.between(first.atStartOfDay().atOffset(ZoneOffset.UTC), at)
                        .toMinutes()
                / 1440.0;
    }

    private List<RunningInView.Day> table(NitrogenCycle.Course c, int days) {
        List<RunningInView.Day> rows = new ArrayList<>();
        for (int i = 0; i <= days; i += WEEK) {
            Day d = c.days().get(i);
            rows.add(new RunningInView.Day(
                    d.day(),
                    shown(d.ammonia() * NH4),
                    shown(d.nitrite() * NO2),
                    shown(d.nitrate() * NO3),
                    Numbers.fixed(d.ph(), 1)));
        }
        return rows;
    }
}
