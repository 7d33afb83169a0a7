package tanah.web.calculator;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;
import static tanah.web.design.edit.EditingSupport.CATALOGUE;
import static tanah.web.design.edit.EditingSupport.FROG;
import static tanah.web.design.edit.EditingSupport.LIZARD;
import static tanah.web.design.edit.EditingSupport.MILLIPEDE;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tanah.core.design.Design;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.finding.Finding;
import tanah.web.design.edit.EditingSupport;
import tanah.web.design.words.FindingWords;
import tanah.web.design.words.PlainNote;
import tanah.web.forms.ErrorWords;
import tanah.web.forms.FieldErrors;

/** The page of sums: what it asks, what it makes of wrong answers, and what the sums come to against hand computation. */
class CalculatorPagesTest {
    private static final Evaluation WET = Evaluator.evaluate(FROG, CATALOGUE);
    private static final Evaluation DRY = Evaluator.evaluate(LIZARD, CATALOGUE);

    private final EditingSupport with = new EditingSupport();
    private final CalculatorPages pages =
            new CalculatorPages(findings(), errors(), with.names, with.catalogues, with.words);

    private static FindingWords findings() {
        FindingWords plain = mock(FindingWords.class);
        when(plain.plain(any())).thenAnswer(call -> {
            Finding finding = call.getArgument(0);
            return new PlainNote(finding.severity(), finding.rule().toString(), "", List.of());
        });
        return plain;
    }

    private static ErrorWords errors() {
        ErrorWords keys = mock(ErrorWords.class);
        when(keys.of(any())).thenAnswer(call -> {
            Map<String, String> all = new HashMap<>();
            FieldErrors wrong = call.getArgument(0);
            wrong.all().forEach((field, message) -> all.put(field, message.key()));
            return all;
        });
        return keys;
    }

    private CalculatorView.Section section(Evaluation e, String id, Map<String, String> typed) {
        return pages.view(e, typed).sections().stream()
                .filter(s -> s.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static String row(CalculatorView.Section section, String key) {
        return section.rows().stream()
                .filter(r -> r.label().startsWith("sums.row." + key))
                .map(CalculatorView.Row::value)
                .findFirst()
                .orElseThrow();
    }

    private static double number(CalculatorView.Section section, String key) {
        return Double.parseDouble(row(section, key).split("[\u2009 ]")[0].replace(",", ""));
    }

    private static Map<String, String> sent(String... pairs) {
        Map<String, String> all = new HashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            all.put(pairs[i], pairs[i + 1]);
        }
        return all;
    }

    // ---- which sums there are
    @Test
    void aPlanIsAskedOnlyWhatItIsAbout() {
        assertThat(pages.view(WET, Map.of()).sections())
                .extracting(CalculatorView.Section::id)
                .contains("changer", "nitrate", "blend", "topup", "glue", "cure", "fill");
        assertThat(pages.view(DRY, Map.of()).sections())
                .extracting(CalculatorView.Section::id)
                .doesNotContain("changer", "nitrate", "blend", "topup", "cure");
        Evaluation nothing = Evaluator.evaluate(Design.named("empty"), CATALOGUE);
        assertThat(pages.view(nothing, Map.of()).sections()).isEmpty();
    }

    @Test
    void everyFieldHasOneNameOnThePage() {
        for (Design design : List.of(FROG, LIZARD, MILLIPEDE)) {
            assertThat(pages.view(Evaluator.evaluate(design, CATALOGUE), Map.of()).sections().stream()
                            .flatMap(s -> s.fields().stream())
                            .map(CalculatorView.Field::name))
                    .doesNotHaveDuplicates();
        }
    }

    @Test
    void presetsAreThePlansOwnNumbers() {
        CalculatorView.Section changer = section(WET, "changer", Map.of());
        String shown = changer.fields().stream()
                .filter(f -> f.name().equals("changer-tank"))
                .map(CalculatorView.Field::value)
                .findFirst()
                .orElseThrow();
        assertThat(Double.parseDouble(shown) / 1000)
                .isCloseTo(WET.care().orElseThrow().volume(), within(5e-6));
        // what nobody said is not made up
        assertThat(changer.rows()).isEmpty();
    }

    // ---- wrong answers
    @ParameterizedTest
    @ValueSource(strings = {"", "much", "-1", "101", "1e9"})
    void aWrongAnswerStandsInItsFieldWithItsErrorAndNothingIsReckoned(String wrong) {
        CalculatorView.Section s =
                section(WET, "changer", sent("changer-tank", "40", "changer-share", wrong, "changer-times", "1"));
        CalculatorView.Field field = s.fields().stream()
                .filter(f -> f.name().equals("changer-share"))
                .findFirst()
                .orElseThrow();
        assertThat(field.value()).isEqualTo(wrong);
        assertThat(field.error()).isNotBlank();
        assertThat(s.rows()).isEmpty();
        assertThat(s.fields().stream().filter(f -> !f.name().equals("changer-share")))
                .allMatch(f -> f.error().isEmpty());
    }

    @Test
    void anUnknownChoiceIsTheFirst() {
        CalculatorView.Section s = section(
                WET, "cure", sent("cure-leg", "8", "cure-after", "7", "cure-bead", "<script>alert(1)</script>"));
        CalculatorView.Field bead = s.fields().stream()
                .filter(f -> f.name().equals("cure-bead"))
                .findFirst()
                .orElseThrow();
        assertThat(bead.value()).isEqualTo("triangle");
        assertThat(s.rows()).isNotEmpty();
    }

    // ---- what they come to
    /** Drained and filled: the share that is new is the dose over the volume; a drip through a mixed tank gives 1 - exp(-share). */
    @ParameterizedTest
    @CsvSource({"10", "25", "50"})
    void aChangerOfThisTankChangesItsShare(String percent) {
        double volume = WET.care().orElseThrow().volume();
        String tank = String.format(java.util.Locale.ROOT, "%.3f", volume * 1000);
        CalculatorView.Section s =
                section(WET, "changer", sent("changer-tank", tank, "changer-share", percent, "changer-times", "1"));
        double share = Double.parseDouble(percent) / 100;
        assertThat(number(s, "changer_batch")).isCloseTo(100 * share, within(0.06));
        assertThat(number(s, "changer_drip")).isCloseTo(100 * (1 - Math.exp(-share)), within(0.06));
        CalculatorView.Section twice =
                section(WET, "changer", sent("changer-tank", tank, "changer-share", percent, "changer-times", "2"));
        assertThat(number(twice, "changer_batch_day")).isCloseTo(100 * (1 - (1 - share) * (1 - share)), within(0.06));
    }

    /** Molar masses of NO3 and N, IUPAC. */
    private static final double NITRATE_OF_NITROGEN = 62.005 / 14.007;

    /** Steady state of a geometric series: after each change what is left of the peak plus the tap's. */
    @Test
    void nitrateSettlesWhereEachChangeTakesWhatHasCome() {
        double volume = WET.care().orElseThrow().volume();
        CalculatorView.Section s = section(
                WET,
                "nitrate",
                sent(
                        "nitrate-load", "100",
                        "nitrate-plants", "20",
                        "nitrate-share", "25",
                        "nitrate-every", "7",
                        "nitrate-tap", "5",
                        "nitrate-target", "20"));
        double step = 80e-6 * 7 / volume * 1e3 * NITRATE_OF_NITROGEN; // mg/L a week
        double peak = 5 + step / 0.25;
        assertThat(number(s, "nitrate_step")).isCloseTo(step, within(0.06));
        assertThat(number(s, "nitrate_peak")).isCloseTo(peak, within(0.06));
        assertThat(number(s, "nitrate_after")).isCloseTo(peak - 0.25 * (peak - 5), within(0.06));
    }

    /** Mixing by volume: share = (target - pure) / (tap - pure). */
    @ParameterizedTest
    @CsvSource({"8, 16, 0, 50", "16, 16, 0, 100", "0, 16, 0, 0", "6, 18, 2, 25"})
    void waterIsBlendedByVolume(String target, String tap, String pure, double percent) {
        CalculatorView.Section s = section(
                WET, "blend", sent("blend-target", target, "blend-tap", tap, "blend-pure", pure, "blend-volume", "40"));
        assertThat(number(s, "blend_share")).isCloseTo(percent, within(0.06));
        assertThat(number(s, "blend_of_tap") + number(s, "blend_of_pure")).isCloseTo(40, within(0.11));
    }

    @ParameterizedTest
    @CsvSource({"20, 16, 0", "1, 16, 2", "8, 5, 5"})
    void whatCannotBeBlendedIsSaid(String target, String tap, String pure) {
        CalculatorView.Section s = section(
                WET, "blend", sent("blend-target", target, "blend-tap", tap, "blend-pure", pure, "blend-volume", "40"));
        assertThat(row(s, "blend_none")).isEqualTo("–");
    }

    @Test
    void theReserveLastsAsLongAsItIsDeep() {
        double area = WET.water().orElseThrow().perMetre();
        CalculatorView.Section s = section(
                WET,
                "topup",
                sent(
                        "topup-evaporation", "0.5",
                        "topup-band", "2",
                        "topup-water", "300",
                        "topup-fresh", "300",
                        "topup-days", "30"));
        assertThat(number(s, "topup_days")).isCloseTo(0.02 * area / 0.0005, within(0.06));
        double after = 300 + 300 * 0.0005 * 30 / WET.care().orElseThrow().volume();
        assertThat(number(s, "topup_after")).isCloseTo(after, within(0.6));
    }

    /** A triangular bead of leg a: a²/2 over its length. */
    @Test
    void siliconeIsItsSectionTimesItsLength() {
        Map<String, String> answers = sent(
                "glue-length", "100",
                "glue-leg", "10",
                "glue-foam", "0",
                "glue-can", "35",
                "glue-thick", "10");
        CalculatorView.Section s = section(WET, "glue", answers);
        // millilitres, with what sticks to nozzle and finger
        assertThat(number(s, "glue_volume")).isBetween(50.0, 60.0);
        assertThat(row(s, "glue_cartridges")).isEqualTo("1");
        answers.put("glue-can", "0");
        assertThat(row(section(WET, "glue", answers), "glue_cans")).isEqualTo("–");
    }

    @Test
    void aThickerBeadCuresLongerAndWaterTooSoonIsStopped() {
        double thin = number(section(WET, "cure", sent("cure-leg", "4", "cure-after", "30")), "glue_cure");
        double thick = number(section(WET, "cure", sent("cure-leg", "12", "cure-after", "30")), "glue_cure");
        assertThat(thick).isGreaterThan(thin);
        CalculatorView.Section soon = section(WET, "cure", sent("cure-leg", "12", "cure-after", "0"));
        assertThat(soon.verdict()).isPresent();
    }

    @Test
    void soilDriesSoonerInMovedAndDryAir() {
        Map<String, String> still =
                sent("dry-temp", "25", "dry-humidity", "60", "dry-water", "0.2", "dry-every", "7", "dry-air", "still");
        Map<String, String> moved = new HashMap<>(still);
        moved.put("dry-air", "fan");
        Map<String, String> dry = new HashMap<>(still);
        dry.put("dry-humidity", "20");
        double calm = number(section(WET, "dry", still), "dry_wet");
        assertThat(number(section(WET, "dry", moved), "dry_wet")).isGreaterThan(calm);
        assertThat(number(section(WET, "dry", dry), "dry_wet")).isGreaterThan(calm);
        assertThat(section(WET, "dry", still).table()).hasSize(13);
    }
}
