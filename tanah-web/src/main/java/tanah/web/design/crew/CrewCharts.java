package tanah.web.design.crew;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.ToDoubleFunction;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.CrewModel;
import tanah.core.cleanup.Cleanup;
import tanah.core.crew.CrewYear;
import tanah.web.design.edit.YearView;
import tanah.web.forms.Numbers;
import tanah.web.shell.Words;
import tanah.web.svg.CourseField;
import tanah.web.svg.YearChart;

/** Litter, waste and crew of a plan through the year ahead, drawn. */
@Component
class CrewCharts {
    private static final double GRAMS = 1000; // in a kilogram
    private static final int STYLES = 6;

    private final Words words;

    CrewCharts(Words words) {
        this.words = words;
    }

    YearView of(Cleanup c) {
        List<YearView.Chart> charts = new ArrayList<>();
        charts.add(against("litter", c, CrewYear.Day::litter, c.least()));
        charts.add(against("waste", c, CrewYear.Day::waste, c.year().bears()));
        if (!c.plan().crew().isEmpty()) {
            charts.add(crew(c));
        }
        return new YearView(charts, words.of("crew.chart.note"));
    }

    /** A mass that lies there (g), against the one that it is judged by. */
    private YearView.Chart against(String what, Cleanup c, ToDoubleFunction<CrewYear.Day> mass, double limit) {
        List<Double> grams =
                c.year().days().stream().map(d -> GRAMS * mass.applyAsDouble(d)).toList();
        String title = words.of("crew.chart." + what);
        String line = words.of("crew.chart." + what + ".limit");
        List<CourseField.Course> courses = List.of(
                new CourseField.Course("", what, grams, List.of()),
                new CourseField.Course("", "limit", Collections.nCopies(grams.size(), GRAMS * limit), List.of()));
        return new YearView.Chart(
                title,
                new YearChart(says(title, grams), courses).draw(),
                List.of(
                        new YearView.Key(what, words.of("crew.chart." + what + ".line")),
                        new YearView.Key("limit", line)));
    }

    /** Each kind over what it starts with, so that a thousand and a dozen lie in one field. */
    private YearView.Chart crew(Cleanup c) {
        List<CrewModel> kinds = c.doses().stream()
                .filter(d -> d.verdict().isPresent())
                .flatMap(d -> d.model().stream())
                .toList();
        List<CourseField.Course> courses = new ArrayList<>();
        List<YearView.Key> key = new ArrayList<>();
        StringBuilder sentence = new StringBuilder();
        for (int i = 0; i < kinds.size(); i++) {
            int at = i;
            double start = c.plan().crew().get(i).count();
            String style = "kind" + i % STYLES;
            List<Double> times = c.year().days().stream()
                    .map(d -> d.counts().get(at) / start)
                    .toList();
            courses.add(new CourseField.Course("", style, times, List.of()));
            key.add(new YearView.Key(style, kinds.get(i).names().common()));
            sentence.append(says(kinds.get(i).names().common(), times)).append(' ');
        }
        return new YearView.Chart(
                words.of("crew.chart.crew"), new YearChart(sentence.toString().strip(), courses).draw(), key);
    }

    private String says(String what, List<Double> values) {
        return words.of(
                "crew.chart.says",
                what,
                Numbers.upTo(values.get(0), 1),
                Numbers.upTo(values.get(values.size() - 1), 1));
    }
}
