package tanah.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Gear;
import tanah.core.catalogue.LampModel;
import tanah.core.catalogue.Medium;
import tanah.core.climaterule.MistRule;
import tanah.core.design.AirPlan;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.HardscapeItem;
import tanah.core.design.Ids;
import tanah.core.design.PieceMove;
import tanah.core.design.WaterFeature;
import tanah.core.design.edit.AddEdit;
import tanah.core.design.edit.EditContext;
import tanah.core.design.edit.MistEdit;
import tanah.core.design.edit.Proposals;
import tanah.core.design.edit.Refusal;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.proposal.PlanProposals;
import tanah.core.structure.PieceProposal;
import tanah.core.vessel.Vessel;
import tanah.files.catalogue.CatalogueReader;

/** Where new things go in whole plans: inside the box, under an id of their own, and the plan can still be computed. */
class PlanProposalsTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();
    private static final EditContext CONTEXT =
            new EditContext(CATALOGUE, LocalDate.of(2026, 3, 1), new PlanProposals(CATALOGUE));
    private static final List<Design> PLANS = List.of(
            Examples.read("mossy-frog-paludarium"),
            Examples.read("collared-lizard-arid"),
            Examples.read("giant-millipede-box"),
            Examples.read("deep-arid-burrow"));
    private static final double HAIR = 1e-9; // m

    private static Stream<Design> plans() {
        return PLANS.stream();
    }

    private static Vessel box(Design design) {
        return Evaluator.evaluate(design, CATALOGUE).vessel().orElseThrow();
    }

    /** The plan with it, checked: all that was there is there, one id is new, and the plan computes to the same kind of thing. */
    private static Design made(AddEdit edit, Design before) {
        assertThat(edit.refused(before, CONTEXT)).as(edit.toString()).isEmpty();
        Design after = edit.apply(before, CONTEXT);
        Set<String> ids = Ids.all(after);
        assertThat(ids).containsAll(Ids.all(before));
        Set<String> fresh = new HashSet<>(ids);
        fresh.removeAll(Ids.all(before));
        assertThat(fresh).as(edit.toString()).isNotEmpty();
        Evaluation e = Evaluator.evaluate(after, CATALOGUE);
        assertThat(e.vessel()).isPresent();
        assertThat(e.ground()).isPresent();
        assertThat(edit.apply(before, CONTEXT)).as("the same again").isEqualTo(after);
        return after;
    }

    static Stream<Arguments> lamps() {
        List<Arguments> all = new ArrayList<>();
        for (LampModel lamp : CATALOGUE.allLamps()) {
            all.add(Arguments.of(lamp.id()));
        }
        return all.stream();
    }

    @ParameterizedTest
    @MethodSource("lamps")
    void everyLampFindsItsPlaceOverEveryBox(String item) {
        for (Design plan : PLANS) {
            Design after = made(new AddEdit.AddLamp(item), plan);
            Device lamp = after.devices().get(after.devices().size() - 1);
            assertThat(lamp.item()).isEqualTo(item);
            Vessel v = box(after);
            assertThat(lamp.at().x().orElseThrow()).isBetween(0.0, v.length());
            assertThat(lamp.at().y().orElseThrow()).isBetween(0.0, v.width());
            assertThat(lamp.at().z().orElseThrow()).isBetween(0.0, v.height() + 1);
        }
    }

    static Stream<Arguments> pieces() {
        return CATALOGUE.allMedia().stream()
                .filter(PieceProposal::isPiece)
                .map(Medium::id)
                .map(Arguments::of);
    }

    @ParameterizedTest
    @MethodSource("pieces")
    void everyPieceLiesInsideEveryBox(String media) {
        for (Design plan : PLANS) {
            Design after = made(new AddEdit.AddPiece(Proposals.NewPiece.of(media)), plan);
            HardscapeItem laid = after.hardscape().get(after.hardscape().size() - 1);
            PieceMove.Box at = PieceMove.box(laid);
            Vessel v = box(after);
            assertThat(at.left()).isGreaterThanOrEqualTo(-HAIR);
            assertThat(at.front()).isGreaterThanOrEqualTo(-HAIR);
            assertThat(at.left() + at.length()).isLessThanOrEqualTo(v.length() + HAIR);
            assertThat(at.front() + at.width()).isLessThanOrEqualTo(v.width() + HAIR);
            assertThat(laid.base()).isBetween(0.0, v.height());
        }
    }

    @Test
    void aPieceTooLargeIsMadeToFit() {
        Proposals.NewPiece huge = new Proposals.NewPiece(
                "granite",
                Optional.empty(),
                java.util.OptionalDouble.of(9),
                java.util.OptionalDouble.of(9),
                java.util.OptionalDouble.of(0.1),
                java.util.OptionalDouble.empty(),
                java.util.OptionalDouble.empty());
        for (Design plan : PLANS) {
            Design after = made(new AddEdit.AddPiece(huge), plan);
            PieceMove.Box at =
                    PieceMove.box(after.hardscape().get(after.hardscape().size() - 1));
            assertThat(at.length()).isLessThan(box(after).length());
            assertThat(at.width()).isLessThan(box(after).width());
        }
    }

    static Stream<Arguments> waterDevices() {
        return CATALOGUE.allGear().stream()
                .filter(Gear::isWaterDevice)
                .map(Gear::id)
                .map(Arguments::of);
    }

    @ParameterizedTest
    @MethodSource("waterDevices")
    void everyWaterDeviceStandsInTheWaterOrIsRefusedWithoutOne(String item) {
        Design frog = PLANS.get(0);
        Design after = made(new AddEdit.AddWaterDevice(item), frog);
        Device device = after.devices().get(after.devices().size() - 1);
        Vessel v = box(after);
        assertThat(device.at().x().orElse(0)).isBetween(0.0, v.length());
        assertThat(device.at().y().orElse(0)).isBetween(0.0, v.width());
        assertThat(device.at().z().orElse(0)).isBetween(0.0, v.height());
        Design dry = PLANS.get(1);
        AddEdit edit = new AddEdit.AddWaterDevice(item);
        assertThat(edit.refused(dry, CONTEXT)).contains(Refusal.WATER_FIRST);
        assertThat(edit.apply(dry, CONTEXT)).isSameAs(dry);
    }

    @Test
    void everyRunningWaterIsFedOrSaysThatItIsNot() {
        for (WaterFeature.Kind kind : WaterFeature.Kind.values()) {
            Design after = made(new AddEdit.AddFeature(kind), PLANS.get(0));
            List<WaterFeature> all = after.water().orElseThrow().features();
            WaterFeature laid = all.get(all.size() - 1);
            assertThat(laid.kind()).isEqualTo(kind);
            laid.pump().ifPresent(p -> assertThat(after.device(p)).isPresent());
        }
    }

    @ParameterizedTest
    @MethodSource("plans")
    void waterRampPoolAndIsletKeepTheAnimalsAndThePieces(Design plan) {
        Design wet = new AddEdit.MakeWater().apply(plan, CONTEXT);
        assertThat(wet.water()).isPresent();
        assertThat(wet.animals()).isEqualTo(plan.animals());
        assertThat(wet.hardscape()).isEqualTo(plan.hardscape());
        assertThat(wet.devices()).isEqualTo(plan.devices());
        Design ramped = made(new AddEdit.AddRamp(), wet);
        assertThat(ramped.water().orElseThrow().ramps())
                .hasSize(wet.water().orElseThrow().ramps().size() + 1);
        ramped.water().orElseThrow().ramps().forEach(r -> assertThat(r.top()).isGreaterThan(r.foot()));
        for (AddEdit edit : List.of(new AddEdit.AddPool(), new AddEdit.AddIslet())) {
            Design after = edit.apply(wet, CONTEXT);
            assertThat(after.equals(wet)).isEqualTo(edit.refused(wet, CONTEXT).isPresent());
            assertThat(Evaluator.evaluate(after, CATALOGUE).water()).isPresent();
            assertThat(after.animals()).isEqualTo(plan.animals());
        }
    }

    @Test
    void whatTheCatalogueDoesNotHoldIsRefused() {
        for (Design plan : PLANS) {
            assertThat(new AddEdit.AddLamp("no-such").refused(plan, CONTEXT)).contains(Refusal.UNKNOWN_ITEM);
            assertThat(new AddEdit.AddPiece(Proposals.NewPiece.of("coir_fibre")).refused(plan, CONTEXT))
                    .contains(Refusal.UNKNOWN_MEDIUM);
        }
        assertThat(new AddEdit.AddWaterDevice("no-such").refused(PLANS.get(0), CONTEXT))
                .contains(Refusal.UNKNOWN_ITEM);
    }

    /** Six nozzles, one after another, in a box with a lamp inside: none sprays on it. */
    @Test
    void aNewNozzleSpraysOnNoLamp() {
        Design lizard = Examples.read("collared-lizard-arid");
        Design dark = lizard.withDevices(List.of(lizard.device("flood").orElseThrow()));
        Design now = dark;
        for (int i = 0; i < 6; i++) {
            now = new MistEdit.AddNozzle("nozzle-65").apply(now, CONTEXT);
        }
        List<AirPlan.Nozzle> nozzles =
                now.air().flatMap(AirPlan::mist).orElseThrow().nozzles();
        assertThat(nozzles).hasSize(6);
        assertThat(MistRule.judge(now, CATALOGUE)).noneMatch(f -> f.rule().equals(MistRule.HOT));
        Design unasked = dark;
        for (int i = 0; i < 4; i++) {
            unasked = new MistEdit.AddNozzle("nozzle-65").apply(unasked, new EditContext(CATALOGUE, CONTEXT.today()));
        }
        assertThat(MistRule.judge(unasked, CATALOGUE))
                .as("where nobody was asked one hangs beside the lamp")
                .anyMatch(f -> f.rule().equals(MistRule.HOT));
    }
}
