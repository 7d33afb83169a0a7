package tanah.files.living;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.catalogue.Catalogue;
import tanah.core.cleanup.Cleanup;
import tanah.core.crew.CrewYear;
import tanah.core.crew.Leaf;
import tanah.core.design.CrewChoice;
import tanah.core.design.Design;
import tanah.core.design.Layer;
import tanah.core.design.Resident;
import tanah.core.design.edit.CrewEdit;
import tanah.core.design.edit.CrewNumber;
import tanah.core.design.edit.Edit;
import tanah.core.design.edit.EditContext;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.finding.Finding;
import tanah.core.finding.Remedy;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.proposal.PlanProposals;
import tanah.files.Examples;
import tanah.files.catalogue.CatalogueReader;

/** Waste, litter and crew of whole plans. */
class CleanupTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();
    private static final Design FROGS = Examples.read("mossy-frog-paludarium");
    private static final Design LIZARD = Examples.read("collared-lizard-arid");
    private static final Design MILLIPEDES = Examples.read("giant-millipede-box");
    private static final EditContext CONTEXT =
            new EditContext(CATALOGUE, LocalDate.of(2026, 3, 1), new PlanProposals(CATALOGUE));

    private static Evaluation whole(Design plan) {
        return Evaluator.evaluate(plan, CATALOGUE, Evaluator.Depth.WHOLE);
    }

    private static List<String> said(Evaluation e) {
        return e.findings().stream()
                .filter(f -> f.place().stage() == Stage.CREW)
                .map(f -> f.severity() + " " + f.rule() + " " + f.variant() + " "
                        + f.place().word())
                .toList();
    }

    /** Half a frog's metabolism, four of 30 g on insects: Nagy's equation by hand, from the mass to the floor. */
    @Test
    void wasteFollowsFromTheAnimals() {
        Cleanup c = whole(FROGS).cleanup().orElseThrow();
        double metabolism = 0.196 * Math.pow(30, 0.889) * 0.6 * 0.5 * 4; // kJ a day
        double intake = metabolism / (23.0 * 0.75); // g
        assertThat(1000 * c.plan().intake()).isCloseTo(intake, within(1e-9));
        assertThat(1000 * c.plan().waste()).isCloseTo(intake * (0.15 + 0.05), within(1e-9));
        assertThat(c.plan().floor()).isCloseTo(0.378 * 0.438, within(1e-3));
        double litter = 40 * 0.378 * 0.438 * 0.015; // kg in a loose layer of 1.5 cm
        assertThat(c.plan().litter()).isCloseTo(litter, within(0.01 * litter));
        assertThat(c.plan().leafRate()).isCloseTo((2 * 1.0 + 0.8) / 3, within(1e-12));
    }

    @Test
    void theDemosCrewHoldsAndCarriesTheWaste() {
        Evaluation e = whole(FROGS);
        Cleanup c = e.cleanup().orElseThrow();
        assertThat(c.doses()).allSatisfy(g -> assertThat(g.verdict()).contains(CrewYear.Verdict.HOLDS));
        assertThat(c.balance()).isPresent();
        assertThat(c.plan().spot()).isLessThanOrEqualTo(0.2);
        assertThat(said(e)).contains("GOOD crew.waste  crew").noneMatch(s -> s.startsWith("STOP"));
    }

    @Test
    void dampLoversDieOutInTheDesertAndTheRemedyHeals() {
        Design wrong = Crews.with(LIZARD, "trichorhina-tomentosa");
        Evaluation e = whole(wrong);
        Finding absent = e.findings().stream()
                .filter(f -> f.rule().value().equals("crew.kind") && f.severity() == Severity.STOP)
                .findFirst()
                .orElseThrow();
        assertThat(absent.variant()).isEqualTo("absent");
        List<Remedy> ways =
                absent.remedies().stream().filter(Remedy::changesPlan).toList();
        assertThat(ways).extracting(Remedy::key).containsExactly("keep-damp", "other-crew", "crew-out");
        for (Remedy r : ways) {
            assertThat(whole(Edit.take(r, wrong, CONTEXT)).findings())
                    .as(r.key())
                    .noneMatch(f -> f.rule().value().equals("crew.kind") && f.severity() == Severity.STOP);
        }
        assertThat(whole(Crews.with(LIZARD, "porcellionides-pruinosus"))
                        .cleanup()
                        .orElseThrow()
                        .doses()
                        .get(0)
                        .verdict())
                .contains(CrewYear.Verdict.HOLDS);
    }

    /** Millipedes eat the leaves away; more of them sooner, and a thin layer is said in time. */
    @Test
    void millipedesRunOutOfLeaves() {
        Design two = Crews.with(MILLIPEDES, "sinella-curviseta");
        double before = whole(two).cleanup().orElseThrow().reserve().orElseThrow();
        Resident many = two.animals().get(0).withCount(two.animals().get(0).count() * 4);
        Evaluation crowded = whole(two.withAnimals(List.of(many)));
        double after = crowded.cleanup().orElseThrow().reserve().orElseThrow();
        assertThat(after).isLessThan(before / 2);
        assertThat(said(whole(two))).contains("GOOD litter.reserve  crew");
        Resident crowd = many.withCount(40);
        assertThat(said(whole(two.withAnimals(List.of(crowd))))).anyMatch(s -> s.contains("litter.reserve short"));
    }

    @Test
    void whatIsNotKnownIsSaid() {
        assertThat(said(whole(Crews.with(FROGS, "a-kind-that-nobody-knows")))).contains("CAUTION crew.kind unknown c0");
        assertThat(said(whole(Crews.with(FROGS, "neocaridina-davidi")))).contains("HINT crew.kind water c0");
        Design bare = Crews.with(
                FROGS.withGround(FROGS.ground()
                        .withLayers(FROGS.ground().layers().stream()
                                .filter(l -> !l.is(Layer.Kind.LITTER))
                                .toList())),
                "sinella-curviseta");
        assertThat(said(whole(bare))).contains("CAUTION litter.reserve none crew");
        assertThat(whole(bare).cleanup().orElseThrow().plan().crew().get(0).hidden())
                .isEqualTo(0.3);
        assertThat(whole(FROGS.withCrew(CrewChoice.NONE)).cleanup()).isEmpty();
        Evaluation still = Evaluator.evaluate(FROGS, CATALOGUE);
        assertThat(still.notAssessed()).extracting(n -> n.topic()).contains("crew", "plants");
    }

    /** Without waste and crew a layer rots as powers of one day's share. */
    @Test
    void litterAloneRotsInProportion() {
        Cleanup c = whole(FROGS).cleanup().orElseThrow();
        var alone = new tanah.core.crew.CrewPlan(
                1, c.plan().celsius(), c.plan().wetness(), 0, 0, 1, 0, 1, 0, 0, 0, 0, 0, List.of());
        CrewYear year = CrewYear.of(alone);
        double kept = year.days().get(1).litter();
        assertThat(year.days().get(200).litter()).isCloseTo(Math.pow(kept, 200), within(1e-9));
        assertThat(year.days()).allSatisfy(d -> {
            assertThat(d.waste()).isZero();
            assertThat(d.litter()).isPositive();
        });
    }

    @ParameterizedTest
    @CsvSource({"deciduous_oak, 1.0", "beech, 0.8", "alder, 3.0", "bog_moss, 0.15"})
    void leavesRotAtTheirOwnRates(String word, double rate) {
        assertThat(Leaf.rate(Map.of(word, 3.0))).isCloseTo(rate, within(1e-12));
        assertThat(Leaf.rate(Map.of(word, 1.0, "leaf_of_nobody_knows_what", 5.0)))
                .isEqualTo(rate);
        assertThat(Leaf.rate(Map.of("leaf_of_nobody_knows_what", 5.0))).isEqualTo(1.0);
    }

    @Test
    void editsAreBounded() {
        Design one = Crews.with(FROGS, "sinella-curviseta");
        assertThat(new CrewEdit.SetNumber("c0", CrewNumber.COUNT, OptionalDouble.of(1e6)).refused(one, CONTEXT))
                .isEmpty();
        assertThat(new CrewEdit.SetNumber("c0", CrewNumber.COUNT, OptionalDouble.of(1e6 + 1)).refused(one, CONTEXT))
                .isPresent();
        assertThat(new CrewEdit.SetNumber("c0", CrewNumber.COUNT, OptionalDouble.of(0)).refused(one, CONTEXT))
                .isPresent();
        assertThat(new CrewEdit.AddDose("nobody").refused(one, CONTEXT)).isPresent();
        assertThat(new CrewEdit.SetSpot(OptionalDouble.of(1.01)).refused(one, CONTEXT))
                .isPresent();
        Design two = new CrewEdit.AddDose("porcellio-scaber").apply(one, CONTEXT);
        assertThat(two.crew().doses().get(1).week()).hasValue(3);
        assertThat(new CrewEdit.AddDose("folsomia-candida")
                        .apply(one, CONTEXT)
                        .crew()
                        .doses()
                        .get(1)
                        .week())
                .hasValue(0);
        Design other = new CrewEdit.ChooseSpecies("c0", "folsomia-candida").apply(one, CONTEXT);
        assertThat(other.crew().doses().get(0).species()).isEqualTo("folsomia-candida");
        assertThat(new CrewEdit.Remove("c0").apply(one, CONTEXT).crew().doses()).isEmpty();
        assertThat(new CrewEdit.SetSpot(OptionalDouble.of(0.3))
                        .apply(one, CONTEXT)
                        .crew()
                        .spot())
                .hasValue(0.3);
        assertThat(Optional.of(whole(new CrewEdit.SetSpot(OptionalDouble.of(0.3)).apply(one, CONTEXT))
                        .cleanup()
                        .orElseThrow()
                        .plan()
                        .spot()))
                .contains(0.3);
    }

    /** New wood feeds it; springtails shorten it; without wood it is never seen. */
    @Test
    void mouldComesWithNewWoodAndPasses() {
        Cleanup frogs = whole(FROGS).cleanup().orElseThrow();
        boolean wood = FROGS.hardscape().stream()
                .anyMatch(h -> h.kind().filter("wood"::equals).isPresent());
        assertThat(frogs.mould().seen().isPresent()).isEqualTo(wood);
        Design wooden = FROGS.withHardscape(FROGS.hardscape().stream()
                .map(h -> h.withKind(Optional.of("wood")))
                .toList());
        Design stony = FROGS.withHardscape(FROGS.hardscape().stream()
                .map(h -> h.withKind(Optional.of("stone")))
                .toList());
        Evaluation seen = whole(wooden);
        double to = seen.cleanup().orElseThrow().mould().seen().orElseThrow().to();
        assertThat(said(seen)).contains("HINT mould.normal  crew");
        assertThat(said(whole(stony))).noneMatch(s -> s.contains("mould.normal"));
        double alone = whole(Crews.with(wooden, "trichorhina-tomentosa"))
                .cleanup()
                .orElseThrow()
                .mould()
                .seen()
                .orElseThrow()
                .to();
        assertThat(alone).isGreaterThan(to);
    }
}
