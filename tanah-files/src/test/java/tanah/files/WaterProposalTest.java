package tanah.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tanah.core.animal.Inhabitant;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Species;
import tanah.core.design.Boxes;
import tanah.core.design.DamMove;
import tanah.core.design.Design;
import tanah.core.design.OtherFields;
import tanah.core.design.Resident;
import tanah.core.design.VesselPlan;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.evaluate.VesselChoice;
import tanah.core.finding.Finding;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.ground.GroundProposal;
import tanah.core.water.WaterProposal;
import tanah.files.catalogue.CatalogueReader;

/** A proposed water part must not drown its animal, flood its land or hide its shore, whatever the animal. */
class WaterProposalTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();
    private static final List<String> DANGERS =
            List.of("GW-020", "GW-022", "GW-023", "GW-027", "GW-028", "GW-031", "GW-032");

    static Stream<String> wetAnimals() {
        return CATALOGUE.allSpecies().stream()
                .filter(s -> s.optional("water_depth_max_cm").orElse(0) > 0)
                .map(Species::id);
    }

    @ParameterizedTest
    @MethodSource("wetAnimals")
    void isSafeForEveryAnimalThatUsesWater(String id) {
        Design design = begun(id);
        Evaluation before = Evaluator.evaluate(design, CATALOGUE);
        Design wet = WaterProposal.propose(
                design,
                before.vessel().orElseThrow(),
                before.ground().orElseThrow(),
                before.animals().stream().findFirst());
        Evaluation after = Evaluator.evaluate(wet, CATALOGUE);
        List<String> stops = new ArrayList<>();
        for (Finding f : after.findings()) {
            if (f.severity() == Severity.STOP && DANGERS.contains(f.rule().toString())) {
                stops.add(f.rule() + "~" + f.variant() + " " + f.measures());
            }
        }
        assertThat(stops).isEmpty();
        assertThat(after.water().orElseThrow().water().turnsOver()).isPositive();
    }

    /** The vessel that is offered first holds the least depth that the animal wants, over the sand. */
    @ParameterizedTest
    @MethodSource("wetAnimals")
    void theVesselThatIsOfferedFirstIsDeepEnough(String id) {
        Species s = CATALOGUE.findSpecies(id).orElseThrow();
        if (s.landFraction().max() >= 1) {
            return; // it has a bowl
        }
        VesselChoice.forLife(Inhabitant.of(Resident.one("animal", id), CATALOGUE), CATALOGUE)
                .ifPresent(model -> {
                    VesselPlan plan = Boxes.fromCatalogue(model, Optional.empty());
                    Design empty =
                            Design.named("plan").withVessel(plan).withAnimals(List.of(Resident.one("animal", id)));
                    Design d = empty.withGround(GroundProposal.propose(s, empty, Boxes.resolve(plan, CATALOGUE)));
                    Evaluation before = Evaluator.evaluate(d, CATALOGUE);
                    Design wet = WaterProposal.propose(
                            d,
                            before.vessel().orElseThrow(),
                            before.ground().orElseThrow(),
                            before.animals().stream().findFirst());
                    Evaluation after = Evaluator.evaluate(wet, CATALOGUE);
                    assertThat(after.water().orElseThrow().water().depthMax())
                            .isGreaterThanOrEqualTo(
                                    s.optional("water_depth_min_cm").orElse(0) / 100 - 0.0051);
                    assertThat(after.findings())
                            .filteredOn(f -> f.severity() == Severity.STOP)
                            .filteredOn(f -> f.place().stage() == Stage.WATER
                                    || f.place().stage() == Stage.GROUND)
                            .isEmpty();
                });
    }

    @Test
    void aMovedShoreKeepsTheLayersAgainstTheWall() {
        Design design = begun("theloderma-corticale");
        Evaluation e = Evaluator.evaluate(design, CATALOGUE);
        Design wet = WaterProposal.propose(
                design,
                e.vessel().orElseThrow(),
                e.ground().orElseThrow(),
                e.animals().stream().findFirst());
        double land = Evaluator.evaluate(wet, CATALOGUE).water().orElseThrow().landShare();
        Design moved = DamMove.to(wet, "dam", 0.2, 0.23);
        Evaluation after = Evaluator.evaluate(moved, CATALOGUE);
        assertThat(after.water().orElseThrow().landShare()).isGreaterThan(land);
        double floor = after.vessel().orElseThrow().outline().area();
        double shares = after.water().orElseThrow().landShare()
                + after.water().orElseThrow().waterShare()
                + after.water().orElseThrow().damShare();
        assertThat(shares).as("of %s m²", floor).isBetween(0.999999, 1.000001);
        assertThat(after.findings())
                .noneMatch(f -> f.severity() == Severity.STOP && f.place().stage() == Stage.WATER);
    }

    /** The smallest box that the animal may have, with the ground that is proposed for it. */
    private static Design begun(String id) {
        Species s = CATALOGUE.findSpecies(id).orElseThrow();
        VesselPlan plan = new VesselPlan(
                Optional.empty(),
                Optional.of(VesselPlan.Shape.RECTANGLE),
                Optional.empty(),
                Optional.of(VesselPlan.Measures.box(s.minLength(), s.minDepth(), s.minHeight())),
                OptionalDouble.of(0.01),
                OptionalDouble.empty(),
                Optional.empty(),
                Optional.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.of(s.minHeight()),
                Optional.empty(),
                Optional.empty(),
                tanah.core.design.Envelope.PLAIN,
                OtherFields.NONE);
        Design design = Design.named("plan").withVessel(plan).withAnimals(List.of(Resident.one("animal", id)));
        return design.withGround(GroundProposal.propose(s, design, Boxes.resolve(plan, CATALOGUE)));
    }
}
