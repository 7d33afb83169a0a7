package tanah.web.design.overlay;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import tanah.core.animal.Inhabitant;
import tanah.core.catalogue.Range;
import tanah.core.climate.DayCourse;
import tanah.core.design.AirPlan;
import tanah.core.design.HeatDay;
import tanah.core.evaluate.Evaluation;
import tanah.core.finding.Stage;
import tanah.core.forecast.Forecast;
import tanah.core.need.ClimatePlace;
import tanah.core.need.Want;
import tanah.core.time.Phase;
import tanah.core.time.SeasonPhase;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.words.PartNames;
import tanah.web.forms.Numbers;
import tanah.web.shell.Words;
import tanah.web.svg.DayChart;

/** The whole day of the places that matter against what is wanted. */
@Component
class DayCharts {
    private static final double ON = 0.01;
    private static final List<ClimatePlace> WARM =
            List.of(ClimatePlace.BASKING, ClimatePlace.WARM_AIR, ClimatePlace.COOL_AIR, ClimatePlace.WATER);

    private final Words words;
    private final PartNames names;
    private final Catalogues catalogues;

    DayCharts(Words words, PartNames names, Catalogues catalogues) {
        this.words = words;
        this.names = names;
        this.catalogues = catalogues;
    }

    List<String> of(Evaluation e, Forecast f, ClimateLook look, Stage stage) {
        return List.of(stage == Stage.AIR ? humidity(e, f, look) : temperature(e, f, look));
    }

    List<ClimateView.Key> key(Evaluation e, Optional<Forecast> forecast, Stage stage) {
        List<ClimateView.Key> keys = new ArrayList<>();
        if (stage == Stage.AIR) {
            keys.add(new ClimateView.Key("warm", words.of("climate.spot.humidity_warm")));
            keys.add(new ClimateView.Key("cool", words.of("climate.spot.humidity_cool")));
        } else {
            for (ClimatePlace spot : WARM) {
                if (forecast.flatMap(f -> f.expected(spot, SeasonPhase.WINTER_DAY))
                        .isPresent()) {
                    keys.add(new ClimateView.Key(css(spot), words.of("climate.spot", spot)));
                }
            }
        }
        keys.add(new ClimateView.Key("room", words.of("climate.spot.room")));
        return keys;
    }

    private static String css(ClimatePlace spot) {
        return switch (spot) {
            case BASKING -> "basking";
            case WARM_AIR -> "warm";
            case COOL_AIR -> "cool";
            default -> "wet";
        };
    }

    private String temperature(Evaluation e, Forecast f, ClimateLook look) {
        DayCourse day = f.day(look.season()).orElseThrow();
        List<DayChart.Course> courses = new ArrayList<>();
        courses.add(new DayChart.Course(
                words.of("climate.spot.room"),
                "room",
                0,
                day.samples().stream()
                        .map(s -> new double[] {s.hour(), Numbers.temperature(s.room())})
                        .toList()));
        for (ClimatePlace spot : WARM) {
            List<double[]> points = f.course(spot, look.season()).stream()
                    .map(p -> new double[] {p[0], Numbers.temperature(p[1])})
                    .toList();
            if (!points.isEmpty()) {
                double half = f.half(spot, SeasonPhase.of(look.season(), Phase.DAY));
                courses.add(new DayChart.Course(
                        words.of("climate.spot", spot),
                        css(spot),
                        Numbers.temperature(half) - Numbers.temperature(0),
                        points));
            }
        }
        List<DayChart.Band> bands = new ArrayList<>();
        e.animals().stream().findFirst().ifPresent(a -> {
            Optional<Range> warm = Want.BASKING.of(a.profile()).or(() -> Want.WARM.of(a.profile()));
            Optional<Range> night = Want.NIGHT.of(a.profile());
            if (warm.isPresent() && night.isPresent()) {
                bands.addAll(bands(e.design().heat(), degrees(warm.get()), degrees(night.get())));
            }
        });
        return new DayChart(
                        courses,
                        bands,
                        lanes(e, f, day),
                        mistings(e),
                        look.hour(),
                        24,
                        Numbers.temperatureUnit(),
                        Optional.empty(),
                        words.of("climate.chart.temperature"))
                .draw();
    }

    private static Range degrees(Range celsius) {
        return new Range(Numbers.temperature(celsius.min()), Numbers.temperature(celsius.max()));
    }

    private String humidity(Evaluation e, Forecast f, ClimateLook look) {
        DayCourse day = f.day(look.season()).orElseThrow();
        List<DayChart.Course> courses = new ArrayList<>();
        courses.add(new DayChart.Course(
                words.of("climate.spot.room"),
                "room",
                0,
                day.samples().stream()
                        .map(s -> new double[] {s.hour(), 100 * s.damp()})
                        .toList()));
        for (ClimatePlace spot : List.of(ClimatePlace.HUMIDITY_WARM, ClimatePlace.HUMIDITY_COOL)) {
            courses.add(new DayChart.Course(
                    words.of("climate.spot", spot),
                    spot == ClimatePlace.HUMIDITY_WARM ? "warm" : "cool",
                    100 * f.half(spot, SeasonPhase.of(look.season(), Phase.DAY)),
                    f.course(spot, look.season()).stream()
                            .map(p -> new double[] {p[0], 100 * Math.min(1, p[1])})
                            .toList()));
        }
        List<DayChart.Band> bands = e.animals().stream()
                .findFirst()
                .map(Inhabitant::profile)
                .map(p -> bands(
                        e.design().heat(),
                        Want.HUMIDITY_DAY.of(p).orElseThrow().times(100),
                        Want.HUMIDITY_NIGHT.of(p).orElseThrow().times(100)))
                .orElse(List.of());
        List<DayChart.Lane> lanes = new ArrayList<>();
        lanes.add(fog(day));
        return new DayChart(
                        courses,
                        bands,
                        lanes,
                        mistings(e),
                        look.hour(),
                        24,
                        "%",
                        Optional.of(100.0),
                        words.of("climate.chart.humidity"))
                .draw();
    }

    private DayChart.Lane fog(DayCourse day) {
        List<double[]> spans = new ArrayList<>();
        double step = 24.0 / day.samples().size();
        for (DayCourse.Sample s : day.samples()) {
            if (s.places().frontMargin() < 0) {
                spans.add(new double[] {s.hour() - step / 2, s.hour() + step / 2, 1});
            }
        }
        return new DayChart.Lane(words.of("climate.lane.fog"), "fog", spans);
    }

    /** When each device runs and how strongly. */
    private List<DayChart.Lane> lanes(Evaluation e, Forecast f, DayCourse day) {
        List<DayChart.Lane> lanes = new ArrayList<>();
        double step = 24.0 / day.samples().size();
        for (int i = 0; i < f.mapped().devices().size() && lanes.size() < 6; i++) {
            List<double[]> spans = new ArrayList<>();
            for (DayCourse.Sample s : day.samples()) {
                double duty = s.duties().get(i);
                if (duty > ON) {
                    double[] last = spans.isEmpty() ? new double[3] : spans.get(spans.size() - 1);
                    if (Math.abs(last[1] - (s.hour() - step / 2)) < 1e-6 && Math.abs(last[2] - duty) < 0.02) {
                        last[1] = s.hour() + step / 2;
                    } else {
                        spans.add(new double[] {s.hour() - step / 2, s.hour() + step / 2, duty});
                    }
                }
            }
            lanes.add(new DayChart.Lane(
                    names.of(f.mapped().devices().get(i).id(), e.design(), catalogues.of(e.design())), "runs", spans));
        }
        return lanes;
    }

    private static List<DayChart.Mark> mistings(Evaluation e) {
        return e.design().air().flatMap(AirPlan::mist).stream()
                .flatMap(m -> m.events().stream())
                .map(v -> new DayChart.Mark(v.hour(), Numbers.upTo(v.seconds(), 0) + "\u2009s"))
                .toList();
    }

    /** What is wanted by day and by night along the clock. */
    private static List<DayChart.Band> bands(HeatDay heat, Range day, Range night) {
        List<DayChart.Band> bands = new ArrayList<>();
        double on = heat.start() % 24;
        double off = on + heat.hours();
        if (off <= 24) {
            add(bands, 0, on, night);
            add(bands, on, off, day);
            add(bands, off, 24, night);
        } else {
            add(bands, 0, off - 24, day);
            add(bands, off - 24, on, night);
            add(bands, on, 24, day);
        }
        return bands;
    }

    private static void add(List<DayChart.Band> bands, double from, double to, Range wanted) {
        if (to > from) {
            bands.add(new DayChart.Band(from, to, wanted.min(), wanted.max()));
        }
    }
}
