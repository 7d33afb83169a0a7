package tanah.files.living;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.catalogue.Catalogue;
import tanah.core.cleanup.Cleanup;
import tanah.core.cleanup.RefugeOnFloor;
import tanah.core.design.CrewChoice;
import tanah.core.design.Design;
import tanah.core.design.Layer;
import tanah.core.design.edit.AddEdit;
import tanah.core.design.edit.EditContext;
import tanah.core.design.edit.PlanLimits;
import tanah.core.design.edit.RefugeEdit;
import tanah.core.design.edit.RefugeNumber;
import tanah.core.design.edit.Refusal;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.finding.Finding;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.proposal.PlanProposals;
import tanah.core.time.SeasonPhase;
import tanah.files.Examples;
import tanah.files.catalogue.CatalogueReader;

/** Damp and dry places of the floor: where they lie, what they hold, what is said of them. */
class RefugeTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();
    private static final Design FROGS = Examples.read("mossy-frog-paludarium");
    private static final Design LIZARD = Examples.read("collared-lizard-arid").withCrew(CrewChoice.NONE);
    private static final EditContext CONTEXT =
            new EditContext(CATALOGUE, LocalDate.of(2026, 3, 1), new PlanProposals(CATALOGUE));

    private static Evaluation steady(Design plan) {
        return Evaluator.evaluate(plan, CATALOGUE, Evaluator.Depth.STEADY);
    }

    private static Design place(Design plan, boolean damp, double x0, double y0, double x1, double y1) {
        Layer.Region region = new Layer.Region(ConvexPolygon.rectangle(x0, y0, x1, y1), true);
        return plan.withCrew(plan.crew()
                .withRefuges(List.of(new CrewChoice.Refuge("r", damp, Optional.of(region), OptionalDouble.empty()))));
    }

    private static List<Finding> said(Design plan, String rule) {
        return steady(plan).findings().stream()
                .filter(f -> f.rule().value().equals(rule))
                .toList();
    }

    @Test
    void itIsLaidOnLandAtTheCoolEnd() {
        Design made = new AddEdit.AddRefuge(true).apply(LIZARD, CONTEXT);
        Evaluation e = steady(made);
        RefugeOnFloor r = e.cleanup().orElseThrow().refuges().get(0);
        assertThat(r.share()).isCloseTo(0.15, within(5e-3));
        assertThat(r.land()).isCloseTo(r.area(), within(1e-9));
        double middle = r.refuge().region().orElseThrow().outline().centroid().x();
        boolean warmLeft =
                e.forecast().orElseThrow().at(SeasonPhase.SUMMER_DAY).places().isWarmLeft();
        assertThat(middle > e.vessel().orElseThrow().length() / 2).isEqualTo(warmLeft);
    }

    @Test
    void itDoesNotLieInWater() {
        Design made = new AddEdit.AddRefuge(false).apply(FROGS, CONTEXT);
        RefugeOnFloor r = steady(made).cleanup().orElseThrow().refuges().get(0);
        assertThat(r.land()).isGreaterThanOrEqualTo(0.98 * r.area());
        assertThat(r.water()).as("a dry place is not wetted").isZero();
    }

    @Test
    void twoDoNotLieOnEachOtherAndThereIsAnEnd() {
        Design plan = LIZARD;
        int laid = 0;
        while (new AddEdit.AddRefuge(true).refused(plan, CONTEXT).isEmpty()) {
            plan = new AddEdit.AddRefuge(true).apply(plan, CONTEXT);
            laid++;
        }
        assertThat(laid).isBetween(2, PlanLimits.REFUGES);
        assertThat(new AddEdit.AddRefuge(true).refused(plan, CONTEXT))
                .contains(laid == PlanLimits.REFUGES ? Refusal.REFUGES_MANY : Refusal.NOWHERE_FOR_REFUGE);
        List<CrewChoice.Refuge> all = plan.crew().refuges();
        for (CrewChoice.Refuge a : all) {
            for (CrewChoice.Refuge b : all) {
                if (!a.equals(b)) {
                    assertThat(a.areaIn(b.region().orElseThrow().outline())).isLessThan(1e-9);
                }
            }
        }
    }

    /** By hand: 0.2 m by 0.2 m of ground, 5 cm deep, from a quarter of what it holds to six tenths. */
    @Test
    void waterToWetItFollowsFromTheGround() {
        Design plan = place(LIZARD, true, 0.6, 0.1, 0.8, 0.3);
        Evaluation e = steady(plan);
        List<Layer> soils = plan.ground().layers().stream()
                .filter(l -> l.is(Layer.Kind.SUBSTRATE))
                .toList();
        Layer top = soils.get(soils.size() - 1);
        var result = e.ground().orElseThrow().layer(top.id()).orElseThrow();
        double deep = Math.min(0.05, result.shape().meanDepth());
        RefugeOnFloor r = e.cleanup().orElseThrow().refuges().get(0);
        assertThat(r.water()).isCloseTo(0.04 * deep * result.dripContent() * (0.6 - top.wetness()), within(1e-9));
        assertThat(r.water()).isGreaterThan(0);
    }

    /** A wall of the box cuts off what lies outside: nine tenths have to be in it. */
    @ParameterizedTest
    @CsvSource({"0.89, off", "0.91, ''"})
    void whatLiesOutsideTheBoxIsTold(double inside, String variant) {
        double length = steady(LIZARD).vessel().orElseThrow().length();
        double from = length - 0.2 * inside;
        List<Finding> said = said(place(LIZARD, true, from, 0, from + 0.2, 0.45), "crew.refuge");
        assertThat(said).extracting(Finding::variant).containsExactly(variant);
    }

    @ParameterizedTest
    @CsvSource({"0.049, small", "0.051, ''"})
    void aSmallOneIsTold(double share, String variant) {
        double floor = steady(place(LIZARD, true, 0, 0, 0.1, 0.1))
                .cleanup()
                .orElseThrow()
                .plan()
                .floor();
        List<Finding> said = said(place(LIZARD, true, 0.1, 0, 0.1 + share * floor / 0.4, 0.4), "crew.refuge");
        assertThat(said).extracting(Finding::variant).containsExactly(variant);
    }

    @Test
    void aKindThatWithdrawsMissesItsDampPlaceUntilThereIsOne() {
        CrewChoice.Dose dose = Crews.dose("c", "porcellionides-pruinosus");
        double least = CATALOGUE
                .findCrew(dose.species())
                .orElseThrow()
                .kind()
                .moisture()
                .least();
        Design dry = wet(LIZARD, least - 0.01).withCrew(LIZARD.crew().withDoses(List.of(dose)));
        assertThat(said(dry, "crew.no_refuge")).extracting(Finding::variant).containsExactly("damp");
        assertThat(said(new AddEdit.AddRefuge(true).apply(dry, CONTEXT), "crew.no_refuge"))
                .isEmpty();
        Design damp = wet(LIZARD, least + 0.01).withCrew(LIZARD.crew().withDoses(List.of(dose)));
        assertThat(said(damp, "crew.no_refuge")).isEmpty();
    }

    private static Design wet(Design plan, double share) {
        return plan.withGround(plan.ground()
                .withLayers(plan.ground().layers().stream()
                        .map(l -> l.withWetness(share))
                        .toList()));
    }

    @Test
    void itsNumbersAreTypedAndRefusedBeyondTheirRange() {
        Design plan = place(LIZARD, true, 0.1, 0.1, 0.3, 0.4);
        Design moved = new RefugeEdit.SetNumber("r", RefugeNumber.X, OptionalDouble.of(0.25)).apply(plan, CONTEXT);
        CrewChoice.Refuge r = moved.crew().refuges().get(0);
        assertThat(RefugeNumber.X.of(r)).hasValue(0.25);
        assertThat(RefugeNumber.LENGTH.of(r).orElseThrow()).isCloseTo(0.2, within(1e-12));
        assertThat(RefugeNumber.WIDTH.of(r).orElseThrow()).isCloseTo(0.3, within(1e-12));
        assertThat(new RefugeEdit.SetNumber("r", RefugeNumber.LENGTH, OptionalDouble.of(0.019)).refused(plan, CONTEXT))
                .contains(Refusal.OUT_OF_RANGE);
        assertThat(new RefugeEdit.SetNumber("r", RefugeNumber.WETNESS, OptionalDouble.of(1.61)).refused(plan, CONTEXT))
                .contains(Refusal.OUT_OF_RANGE);
        assertThat(new RefugeEdit.SetNumber("r", RefugeNumber.WETNESS, OptionalDouble.of(0.7))
                        .apply(plan, CONTEXT)
                        .crew()
                        .refuges()
                        .get(0)
                        .water())
                .isEqualTo(0.7);
        assertThat(new RefugeEdit.Remove("r").apply(plan, CONTEXT).crew().refuges())
                .isEmpty();
    }

    /** A grown collared lizard is some 25 cm long: what is shorter than a hundredth of that is not hunted. */
    @Test
    void whatIsTooSmallIsNotHunted() {
        Design both = LIZARD.withCrew(CrewChoice.NONE.withDoses(
                List.of(Crews.dose("a", "seira-sp"), Crews.dose("b", "porcellionides-pruinosus"))));
        Cleanup c = steady(both).cleanup().orElseThrow();
        assertThat(c.plan().crew().get(0).preyed()).isZero();
        assertThat(c.plan().crew().get(1).preyed()).isGreaterThan(0);
        Design frogs = FROGS.withCrew(CrewChoice.NONE.withDoses(List.of(Crews.dose("a", "sinella-curviseta"))));
        assertThat(steady(frogs).cleanup().orElseThrow().plan().crew().get(0).preyed())
                .as("a frog of 8 cm does hunt springtails")
                .isGreaterThan(0);
    }

    @Test
    void leavesAreLaidAgainBeforeTheyLieTooThin() {
        Cleanup c = steady(FROGS).cleanup().orElseThrow();
        Cleanup.TopUp t = c.topUp().orElseThrow();
        assertThat(t.day()).isEqualTo(Math.min(182, 0.8 * c.reserve().orElseThrow()));
        double lies = c.year().days().get((int) Math.round(t.day())).litter();
        assertThat(t.litter() + lies).isCloseTo(c.plan().litter(), within(1e-9));
        assertThat(t.litter()).isGreaterThan(0);
    }
}
