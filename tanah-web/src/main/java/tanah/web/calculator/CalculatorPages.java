package tanah.web.calculator;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import tanah.core.evaluate.Evaluation;
import tanah.web.calculator.CalculatorView.Field;
import tanah.web.calculator.CalculatorView.Option;
import tanah.web.calculator.CalculatorView.Row;
import tanah.web.calculator.CalculatorView.Section;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.words.FindingWords;
import tanah.web.design.words.PartNames;
import tanah.web.forms.ErrorWords;
import tanah.web.forms.FieldErrors;
import tanah.web.forms.Numbers;
import tanah.web.shell.Words;

/** Puts the page of sums together. */
@Component
class CalculatorPages {
    private final List<Calculation> sums;
    private final FindingWords findings;
    private final ErrorWords errorWords;
    private final PartNames names;
    private final Catalogues catalogues;
    private final Words words;

    CalculatorPages(FindingWords findings, ErrorWords errorWords, PartNames names, Catalogues catalogues, Words words) {
        this.sums = List.of(
                new GroundCalculations.Dry(),
                new GroundCalculations.Fill(),
                new WaterCalculations.Changer(),
                new WaterCalculations.Nitrate(),
                new WaterCalculations.Blend(),
                new WaterCalculations.TopUp(),
                new GlueCalculation(),
                new CureCalculation());
        this.findings = findings;
        this.errorWords = errorWords;
        this.names = names;
        this.catalogues = catalogues;
        this.words = words;
    }

    /** @param typed what was sent; a sum of which nothing was sent shows what the plan knows */
    CalculatorView view(Evaluation e, Map<String, String> typed) {
        List<Section> sections = new ArrayList<>();
        for (Calculation sum : sums) {
            if (sum.fits(e)) {
                sections.add(section(sum, e, typed));
            }
        }
        return new CalculatorView(sections);
    }

    private Section section(Calculation sum, Evaluation e, Map<String, String> typed) {
        FieldErrors errors = new FieldErrors();
        Answers answers = new Answers(typed, errors);
        List<Ask> asks = sum.asks(e);
        boolean sent = asks.stream().anyMatch(a -> typed.containsKey(a.name()));
        for (Ask ask : asks) {
            answers.read(ask, sent);
        }
        List<Calculation.Choice> choices = sum.choices(e);
        choices.forEach(answers::read);
        Calculation.Outcome outcome =
                answers.complete() && errors.isEmpty() ? sum.reckon(e, answers) : Calculation.Outcome.NONE;
        Map<String, String> wrong = errorWords.of(errors);
        List<Field> fields = new ArrayList<>();
        for (Calculation.Choice c : choices) {
            fields.add(new Field(
                    c.name(),
                    words.of("sums." + c.name()),
                    answers.choice(c.name()),
                    "",
                    c.options().stream()
                            .map(o -> new Option(
                                    o,
                                    c.parts()
                                            ? names.of(o, e.design(), catalogues.of(e.design()))
                                            : words.of("sums." + c.name() + "." + o)))
                            .toList()));
        }
        for (Ask ask : asks) {
            fields.add(new Field(
                    ask.name(),
                    words.of("sums." + ask.name(), ask.unitWord()).strip(),
                    sent ? typed.getOrDefault(ask.name(), "") : ask.shown(),
                    wrong.getOrDefault(ask.name(), ""),
                    List.of()));
        }
        return new Section(
                sum.id(),
                fields,
                outcome.rows().stream()
                        .map(r -> new Row(words.of("sums.row." + r.key()), r.value()))
                        .toList(),
                outcome.finding().map(findings::plain),
                outcome.days().stream()
                        .map(d -> new CalculatorView.Day(
                                String.valueOf(d.day()),
                                Numbers.lengthWithUnit(d.front()),
                                Numbers.volumeWithUnit(d.passed())))
                        .toList());
    }

    /** What was answered, read and checked. */
    static final class Answers {
        private final Map<String, String> typed;
        private final FieldErrors errors;
        private final java.util.HashMap<String, Double> numbers = new java.util.HashMap<>();
        private final java.util.HashMap<String, String> chosen = new java.util.HashMap<>();
        private boolean complete = true;

        Answers(Map<String, String> typed, FieldErrors errors) {
            this.typed = typed;
            this.errors = errors;
        }

        private void read(Ask ask, boolean sent) {
            if (!sent) {
                ask.preset().ifPresentOrElse(v -> numbers.put(ask.name(), v), () -> complete = false);
                return;
            }
            double factor = ask.kind() == tanah.web.forms.Quantity.Kind.NUMBER
                    ? ask.unit().toSi(1)
                    : 1;
            OptionalDouble value = errors.required(
                    ask.name(),
                    typed.getOrDefault(ask.name(), ""),
                    ask.kind(),
                    ask.min() / factor,
                    ask.max() / factor,
                    factor == 1 ? ask.unit() : tanah.core.units.Unit.COUNT);
            value.ifPresentOrElse(v -> numbers.put(ask.name(), v * factor), () -> complete = false);
        }

        private void read(Calculation.Choice choice) {
            String word = typed.getOrDefault(choice.name(), choice.options().get(0));
            chosen.put(
                    choice.name(),
                    choice.options().contains(word) ? word : choice.options().get(0));
        }

        private boolean complete() {
            return complete;
        }

        /** A number in SI. */
        double number(String name) {
            return java.util.Objects.requireNonNull(numbers.get(name));
        }

        String choice(String name) {
            return java.util.Objects.requireNonNull(chosen.get(name));
        }

        Optional<String> error(String name) {
            return errors.all().containsKey(name) ? Optional.of(name) : Optional.empty();
        }
    }
}
