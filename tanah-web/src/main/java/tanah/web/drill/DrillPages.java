package tanah.web.drill;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.springframework.stereotype.Component;
import tanah.core.animal.Inhabitant;
import tanah.core.box.Floor;
import tanah.core.catalogue.Catalogue;
import tanah.core.climate.DayCourse;
import tanah.core.evaluate.Evaluation;
import tanah.core.failure.Failure;
import tanah.core.failure.FailureCourse;
import tanah.core.finding.Severity;
import tanah.core.forecast.ClimateKey;
import tanah.core.forecast.Forecast;
import tanah.core.mapping.MappedDesign;
import tanah.core.need.ClimatePlace;
import tanah.core.need.HardLimits;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.words.PartNames;
import tanah.web.evaluate.Evaluations;
import tanah.web.forms.Numbers;
import tanah.web.shell.BusyException;
import tanah.web.shell.Words;
import tanah.web.svg.DayChart;

/** Plays failures and puts what follows into words and a chart. */
@Component
class DrillPages {
    private static final double USUAL_CUT = 12; // °C

    private final Words words;
    private final PartNames names;
    private final Catalogues catalogues;
    private final Evaluations evaluations;
    private final Cache<Key, FailureCourse> played =
            Caffeine.newBuilder().maximumSize(60).build();

    private static final Set<String> OF_LAMPS = Set.of("heat_wave.protect.1", "blocked.protect.2");
    private static final Set<String> OF_WATER = Set.of("heat_wave_lamps_off.protect.2");

    /** A failure hangs on the climate, the animals and the room without power. */
    private record Key(ClimateKey climate, List<Inhabitant> animals, Failure failure, double cut) {}

    DrillPages(Words words, PartNames names, Catalogues catalogues, Evaluations evaluations) {
        this.evaluations = evaluations;
        this.words = words;
        this.names = names;
        this.catalogues = catalogues;
    }

    /** The temperature to which the room falls: as typed, else 12 °C or the coldest night where that is colder. */
    static double cut(Evaluation e, OptionalDouble typed) {
        double night = e.design().room().map(r -> r.winter().lowest()).orElse(USUAL_CUT);
        return typed.orElse(Math.min(USUAL_CUT, night));
    }

    DrillView of(Evaluation e, String chosen, double cut, String shownCut) {
        Forecast f = e.forecast().orElseThrow();
        List<Failure> all = Failure.of(f.mapped());
        Optional<Failure> failure = all.stream()
                .filter(x -> x.word().equals(chosen))
                .findFirst()
                .or(() -> all.stream().findFirst());
        Catalogue catalogue = catalogues.of(e.design());
        List<DrillView.Choice> choices = all.stream()
                .map(x -> new DrillView.Choice(x.word(), label(x, e, catalogue)))
                .toList();
        if (failure.isEmpty()) {
            return new DrillView(choices, "", "", "", List.of(), List.of(), List.of(), shownCut, false);
        }
        Failure now = failure.get();
        FailureCourse p = play(e, f, now, cut);
        return new DrillView(
                choices,
                now.word(),
                label(now, e, catalogue),
                chart(p, e),
                courses(p).stream().map(DayChart.Course::css).toList(),
                facts(p, e),
                protect(now, f.mapped()),
                shownCut,
                now.kind() == Failure.Kind.POWER_CUT);
    }

    private FailureCourse play(Evaluation e, Forecast f, Failure failure, double cut) {
        Key key = new Key(f.key(), e.animals(), failure, cut);
        FailureCourse known = played.getIfPresent(key);
        if (known != null) {
            return known;
        }
        FailureCourse made = evaluations
                .behind(key, stop -> FailureCourse.of(failure, f.mapped(), e.animals(), cut))
                .orElseThrow(() -> new BusyException("drill"));
        played.put(key, made);
        return made;
    }

    private String label(Failure f, Evaluation e, Catalogue catalogue) {
        return words.of(
                "drill." + word(f),
                f.device().isEmpty() ? "" : names.of(f.device(), e.design(), catalogue),
                Numbers.upTo(f.hours(), 0));
    }

    private static String word(Failure f) {
        return f.kind().name().toLowerCase(Locale.ROOT);
    }

    /** What speaks of lamps or of water only where there are such. */
    private List<String> protect(Failure f, MappedDesign mapped) {
        List<String> all = new ArrayList<>();
        for (int i = 1; i <= 3; i++) {
            String key = word(f) + ".protect." + i;
            boolean means = !(OF_LAMPS.contains(key) && !Failure.hasLamp(mapped)
                    || OF_WATER.contains(key) && !hasWater(mapped));
            String words = this.words.or("drill." + key, "");
            if (means && !words.isEmpty()) {
                all.add(words);
            }
        }
        return all;
    }

    private static boolean hasWater(MappedDesign mapped) {
        return mapped.enclosure().floor().stream().anyMatch(Floor.Water.class::isInstance);
    }

    private List<DrillView.Fact> facts(FailureCourse p, Evaluation e) {
        List<DrillView.Fact> facts = new ArrayList<>();
        for (FailureCourse.Limit l : p.limits()) {
            String place = words.of("climate.spot", l.spot());
            String limit = Numbers.temperatureWithUnit(l.limit());
            String worst = Numbers.temperatureWithUnit(l.worst());
            if (!l.isPassed()) {
                facts.add(new DrillView.Fact(
                        Severity.GOOD,
                        words.of(
                                "drill.kept",
                                place,
                                limit,
                                worst,
                                l.animal(),
                                Numbers.upTo(p.failure().hours(), 0))));
                continue;
            }
            String when = l.after().isPresent() && l.latest().isPresent()
                    ? words.of("drill.after", hours(l.after()), hours(l.soonest()), hours(l.latest()))
                    : words.of("drill.soonest", hours(l.soonest()));
            facts.add(new DrillView.Fact(
                    l.after().isPresent() ? Severity.STOP : Severity.CAUTION,
                    words.of(
                            l.hot() ? "drill.passed.hot" : "drill.passed.cold",
                            place,
                            limit,
                            when,
                            worst,
                            l.animal())));
            if (l.back().isPresent() && l.back().getAsDouble() > 0) {
                boolean atOnce = hours(l.back()).equals(hours(OptionalDouble.of(0)));
                facts.add(new DrillView.Fact(
                        Severity.HINT,
                        atOnce ? words.of("drill.back.at_once") : words.of("drill.back", hours(l.back()))));
            }
        }
        if (p.failure().kind() == Failure.Kind.MISTING) {
            mist(p, e, facts);
        }
        return facts;
    }

    private void mist(FailureCourse p, Evaluation e, List<DrillView.Fact> facts) {
        facts.add(new DrillView.Fact(
                Severity.HINT,
                words.of(
                        "drill.litres",
                        Numbers.volumeWithUnit(p.sprayed() / 1000),
                        Numbers.volumeWithUnit(p.drained() / 1000))));
        double room = e.ground().map(g -> g.underBarrier().full()).orElse(0.0);
        p.full(room)
                .ifPresent(until -> facts.add(new DrillView.Fact(
                        until <= p.failure().hours() ? Severity.CAUTION : Severity.GOOD,
                        words.of("drill.overflow", Numbers.volumeWithUnit(room), hours(OptionalDouble.of(until))))));
    }

    /** Hours as they can be said: whole where they are many. */
    private static String hours(OptionalDouble hours) {
        double h = hours.orElse(0);
        return Numbers.upTo(h, h < 3 ? 1 : 0);
    }

    /** Of the places that the plan has. */
    private List<DayChart.Course> courses(FailureCourse p) {
        List<DayChart.Course> courses = new ArrayList<>();
        courses.add(course("room", words.of("climate.spot.room"), p, s -> OptionalDouble.of(s.room())));
        courses.add(course(
                "warm", words.of("climate.spot", ClimatePlace.WARM_AIR), p, s -> ClimatePlace.WARM_AIR.at(s.places())));
        courses.add(course(
                "cool", words.of("climate.spot", ClimatePlace.COOL_AIR), p, s -> ClimatePlace.COOL_AIR.at(s.places())));
        courses.add(course(
                "basking",
                words.of("climate.spot", ClimatePlace.BASKING),
                p,
                s -> ClimatePlace.BASKING.at(s.places())));
        courses.add(
                course("wet", words.of("climate.spot", ClimatePlace.WATER), p, s -> ClimatePlace.WATER.at(s.places())));
        courses.removeIf(c -> c.points().isEmpty());
        return courses;
    }

    private String chart(FailureCourse p, Evaluation e) {
        double length = p.samples().isEmpty()
                ? 24
                : Math.ceil(p.samples().get(p.samples().size() - 1).hour());
        List<DayChart.Band> bands = e.animals().stream()
                .findFirst()
                .map(HardLimits::of)
                .map(l -> List.of(
                        new DayChart.Band(0, length, Numbers.temperature(l.low()), Numbers.temperature(l.high()))))
                .orElse(List.of());
        return new DayChart(
                        courses(p),
                        bands,
                        List.of(new DayChart.Lane(words.of("drill.lane"), "fails", List.of(new double[] {
                            p.begins(), p.begins() + p.failure().hours(), 1
                        }))),
                        List.of(),
                        -1,
                        length,
                        Numbers.temperatureUnit(),
                        Optional.empty(),
                        words.of("drill.chart"))
                .draw();
    }

    private interface Read {
        OptionalDouble of(DayCourse.Sample s);
    }

    private static DayChart.Course course(String css, String name, FailureCourse p, Read read) {
        List<double[]> points = new ArrayList<>();
        for (int i = 0; i < p.samples().size(); i += 2) {
            OptionalDouble value = read.of(p.samples().get(i));
            if (value.isPresent()) {
                points.add(new double[] {p.samples().get(i).hour(), Numbers.temperature(value.getAsDouble())});
            }
        }
        return new DayChart.Course(name, css, 0, points);
    }
}
