package tanah.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tanah.core.animal.Inhabitant;
import tanah.core.box.Shell;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.Envelope;
import tanah.core.design.edit.Edit;
import tanah.core.design.edit.EditContext;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.evaluate.RemedyTrials;
import tanah.core.finding.Finding;
import tanah.core.finding.NotAssessed;
import tanah.core.finding.Remedy;
import tanah.core.finding.Severity;
import tanah.core.light.Lid;
import tanah.core.need.Need;
import tanah.core.need.Outlook;
import tanah.core.need.Want;
import tanah.files.catalogue.CatalogueReader;

/** Three laws over 2,000 drawn plans: one quantity has one number, nothing is dropped in silence, a remedy heals. */
class ThreeLawsTest {
    private static final int PLANS = 2000;
    private static final Catalogue CATALOGUE = CatalogueReader.read();
    private static final EditContext CONTEXT = new EditContext(CATALOGUE, LocalDate.of(2026, 1, 5));
    private static final Map<Want, String> RULES = Map.of(
            Want.BASKING, "climate.basking",
            Want.WARM, "climate.warm_air",
            Want.COOL, "climate.cool_air",
            Want.NIGHT, "climate.night",
            Want.WATER, "climate.water");
    private static final List<Evaluation> EVALUATED = new ArrayList<>();

    @BeforeAll
    static void evaluate() {
        DrawnPlans drawn = new DrawnPlans(CATALOGUE, 20261201);
        for (int i = 0; i < PLANS; i++) {
            EVALUATED.add(Evaluator.evaluate(drawn.next(), CATALOGUE, Evaluator.Depth.STEADY));
        }
    }

    // ---- one quantity, one number

    @Test
    void aNoteTellsTheNumberThatItsBarShows() {
        int compared = 0;
        for (Evaluation e : EVALUATED) {
            for (Inhabitant animal : e.animals()) {
                for (Need need : e.forecast().isEmpty() ? List.<Need>of() : Need.of(animal)) {
                    Outlook bar = e.forecast().get().outlook(need).orElse(null);
                    if (bar != null && RULES.containsKey(need.want())) {
                        compared += told(e, animal, bar);
                    }
                }
            }
        }
        assertThat(compared).as("notes that were compared").isGreaterThan(PLANS);
    }

    private static int told(Evaluation e, Inhabitant animal, Outlook bar) {
        String rule = RULES.get(bar.need().want());
        List<Finding> notes = e.findings().stream()
                .filter(f -> f.rule().value().equals(rule))
                .filter(f -> f.words().contains(animal.row().scientificName()))
                .toList();
        for (Finding f : notes) {
            assertThat(f.severity()).as(rule).isEqualTo(bar.verdict().severity());
            assertThat(f.measure("value").value()).isCloseTo(bar.judged().value(), within(1e-9));
            assertThat(f.measure("band").value()).isCloseTo(bar.judged().half(), within(1e-9));
        }
        return notes.size();
    }

    // ---- nothing is dropped

    @Test
    void everyDeviceIsComputedOrListed() {
        Map<String, Integer> listed = new HashMap<>();
        for (Evaluation e : EVALUATED) {
            Set<String> computed = e.forecast().stream()
                    .flatMap(f -> f.mapped().devices().stream())
                    .map(Device::id)
                    .collect(Collectors.toSet());
            for (Device d : e.design().devices()) {
                boolean gap = e.notAssessed().stream().anyMatch(n -> isOf(n, d.id()));
                assertThat(computed.contains(d.id()) || gap || e.forecast().isEmpty())
                        .as("%s in %s", d.item(), e.notAssessed())
                        .isTrue();
                listed.merge(gap ? "listed" : "computed", 1, Integer::sum);
            }
            if (e.forecast().isEmpty() && !e.design().devices().isEmpty()) {
                assertThat(e.notAssessed())
                        .as("why there is no climate")
                        .extracting(NotAssessed::topic)
                        .containsAnyOf("climate", "vessel", "room", "ground", "day");
            }
        }
        assertThat(listed.get("listed")).isGreaterThan(10);
        assertThat(listed.get("computed")).isGreaterThan(PLANS);
    }

    private static boolean isOf(NotAssessed n, String part) {
        return n.place().part().equals(part);
    }

    @Test
    void everyOpeningAndEverySheetIsInTheBox() {
        int inLid = 0;
        for (Evaluation e : EVALUATED) {
            if (e.forecast().isEmpty()) {
                continue;
            }
            Shell shell = e.forecast().get().mapped().enclosure().shell();
            Envelope drawn = e.design().vessel().orElseThrow().envelope();
            long wanted = drawn.vents().stream()
                    .filter(v -> v.face() != Envelope.Face.BOTTOM)
                    .count();
            assertThat((long) shell.vents().size()).isEqualTo(wanted);
            for (Envelope.Vent v : drawn.vents()) {
                inLid += v.face() == Envelope.Face.LID ? 1 : 0;
                assertThat(v.face() != Envelope.Face.BOTTOM
                                || e.notAssessed().stream().anyMatch(n -> isOf(n, v.id())))
                        .isTrue();
            }
            for (Lid.Side side : Lid.Side.values()) {
                long sheets = drawn.insulation().stream()
                        .filter(i -> i.face().name().equals(side.name()))
                        .count();
                assertThat(shell.sides().get(side).sheets()).hasSize((int) sheets + 1);
            }
        }
        assertThat(inLid).isGreaterThan(PLANS / 20);
    }

    @Test
    void everyMistingIsComputed() {
        for (Evaluation e : EVALUATED) {
            int planned = e.design()
                    .air()
                    .flatMap(a -> a.mist())
                    .map(m -> m.events().size())
                    .orElse(0);
            e.forecast()
                    .ifPresent(f -> assertThat(DrawnPlans.sprays(f.mapped().enclosure()))
                            .isGreaterThanOrEqualTo(planned));
        }
    }

    // ---- a remedy heals

    @Test
    void whatIsOfferedLeavesNothingWorse() {
        int pressed = 0;
        for (Evaluation e : EVALUATED) {
            Evaluation tried = RemedyTrials.withoutClimate(e, CATALOGUE);
            for (Finding f : tried.findings()) {
                for (Remedy r : f.remedies()) {
                    if (r.changesPlan() && r.trial().isPresent() && r.heals()) {
                        pressed++;
                        leavesNothingWorse(tried, f, r);
                    }
                }
            }
        }
        assertThat(pressed).isGreaterThan(PLANS / 2);
    }

    private static void leavesNothingWorse(Evaluation before, Finding f, Remedy r) {
        Design after = Edit.take(r, before.design(), CONTEXT);
        List<Finding> now = Evaluator.evaluate(after, CATALOGUE).findings();
        assertThat(now)
                .as(f.rule() + " " + r.key())
                .filteredOn(n -> n.severity().compareTo(f.severity()) < 0 || n.severity() == Severity.STOP)
                .allMatch(n -> n.severity() == Severity.STOP && f.severity() == Severity.STOP
                        || before.findings().stream()
                                .anyMatch(b -> b.isOfTheSame(n) && b.severity().compareTo(n.severity()) <= 0));
    }
}
