package tanah.core.design.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import tanah.core.design.AirPlan;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.Envelope;
import tanah.core.design.VesselPlan;
import tanah.core.testing.TestDesigns;
import tanah.core.testing.TestMedia;

/** Lid, walls, mist and moved air: each edit does what it says and leaves the rest. */
class AirEditsTest {
    private static final EditContext CONTEXT = new EditContext(TestMedia.catalogue(), LocalDate.of(2026, 3, 1));
    private static final Design NOTHING = Design.named("x");

    private static Design box() {
        return TestDesigns.box(0.9, 0.45, 0.5, TestDesigns.soil("sand_play", 0.1));
    }

    private static Design take(Design d, Edit... edits) {
        Design now = d;
        for (Edit e : edits) {
            now = e.apply(now, CONTEXT);
        }
        return now;
    }

    // ---- lid and moved air

    @ParameterizedTest
    @EnumSource(AirNumber.class)
    void aNumberOfTheAirIsTakenAndNothingElseChanges(AirNumber number) {
        Design changed = take(box(), new AirEdit.SetNumber(number, OptionalDouble.of(0.25)));
        for (AirNumber other : AirNumber.values()) {
            OptionalDouble wanted = other == number ? OptionalDouble.of(0.25) : other.of(box(), CONTEXT.catalogue());
            assertThat(other.of(changed, CONTEXT.catalogue())).as(other.word()).isEqualTo(wanted);
        }
    }

    @Test
    void anotherMeshHasItsOwnOpenings() {
        Design half = take(
                box(),
                new AirEdit.SetNumber(AirNumber.LID_OPEN, OptionalDouble.of(0.4)),
                new AirEdit.LayMesh(Envelope.Face.LEFT));
        VesselPlan.Mesh mesh = lid(half).mesh();
        assertThat(mesh.side()).contains(Envelope.Face.LEFT);
        assertThat(mesh.open()).hasValue(0.4);
        VesselPlan.Mesh other =
                lid(take(half, new AirEdit.UseMesh(Optional.of("fine")))).mesh();
        assertThat(other.item()).contains("fine");
        assertThat(other.open()).isEmpty();
        assertThat(other.side()).contains(Envelope.Face.LEFT);
        assertThat(lid(take(half, new AirEdit.UseMesh(Optional.empty()))).mesh().item())
                .isEmpty();
        assertThat(take(NOTHING, new AirEdit.LayMesh(Envelope.Face.LEFT))).isEqualTo(NOTHING);
    }

    private static VesselPlan.Lid lid(Design d) {
        return d.vessel().flatMap(VesselPlan::lid).orElseThrow();
    }

    // ---- walls

    @ParameterizedTest
    @CsvSource({"FRONT, 0.88", "BACK, 0.88", "LEFT, 0.43", "RIGHT, 0.43"})
    void anOpeningIsCutHalfWayUpAndShortOfTheEdges(Envelope.Face face, double to) {
        Envelope.Vent vent = vents(take(box(), new WallEdit.AddVent(face))).get(0);
        assertThat(vent.face()).isEqualTo(face);
        assertThat(vent.z().orElseThrow()).isCloseTo(0.25, within(1e-9));
        assertThat(vent.from()).hasValue(0.02);
        assertThat(vent.to().orElseThrow()).isCloseTo(to, within(1e-9));
    }

    @Test
    void anOpeningOfTheLidIsAStripAtTheBack() {
        Envelope.Vent vent =
                vents(take(box(), new WallEdit.AddVent(Envelope.Face.LID))).get(0);
        assertThat(vent.z()).isEmpty();
        assertThat(vent.height()).isEmpty();
        assertThat(vent.to().orElseThrow() - vent.from().orElseThrow()).isCloseTo(0.86, within(1e-9));
        assertThat(vent.back().orElseThrow() - vent.front().orElseThrow()).isCloseTo(0.02, within(1e-9));
    }

    @Test
    void aSheetIsPaintedAndAMeshIsCovered() {
        Design laid = take(box(), new WallEdit.AddSheet(Envelope.Face.BACK));
        String id = laid.vessel().orElseThrow().envelope().insulation().get(0).id();
        Design painted = take(laid, new WallEdit.PaintSheet(id, OptionalDouble.of(0.8)));
        assertThat(painted.vessel().orElseThrow().envelope().insulation().get(0).reflects())
                .hasValue(0.8);
        Design covered = take(box(), new AirEdit.SetNumber(AirNumber.LID_FREE, OptionalDouble.of(0.3)));
        assertThat(covered.vessel().orElseThrow().envelope().meshFree()).hasValue(0.3);
        assertThat(take(NOTHING, new AirEdit.SetNumber(AirNumber.LID_FREE, OptionalDouble.of(0.3))))
                .isEqualTo(NOTHING);
    }

    @ParameterizedTest
    @CsvSource({"BOTTOM"})
    void theBottomIsNotCut(Envelope.Face face) {
        assertThat(take(box(), new WallEdit.AddVent(face))).isEqualTo(box());
        assertThat(take(NOTHING, new WallEdit.AddVent(Envelope.Face.LEFT))).isEqualTo(NOTHING);
    }

    @ParameterizedTest
    @EnumSource(VentNumber.class)
    void anOpeningMeasuredByItsEdgesHasNoAreaOfItsOwn(VentNumber number) {
        Design two = take(box(), new WallEdit.AddVent(Envelope.Face.LEFT), new WallEdit.AddVent(Envelope.Face.BACK));
        String id = vents(two).get(0).id();
        Design withArea = two.withVessel(two.vessel()
                .orElseThrow()
                .withEnvelope(two.vessel()
                        .orElseThrow()
                        .envelope()
                        .withVents(vents(two).stream()
                                .map(v -> v.withArea(OptionalDouble.of(0.01)))
                                .toList())));
        Design changed = take(withArea, new WallEdit.SetVent(id, number, OptionalDouble.of(0.07)));
        Envelope.Vent vent = vents(changed).get(0);
        assertThat(number.of(vent)).hasValue(0.07);
        boolean sized = number != VentNumber.Z && number != VentNumber.OPEN;
        assertThat(vent.area().isEmpty()).isEqualTo(sized);
        assertThat(vents(changed).get(1)).isEqualTo(vents(withArea).get(1));
        assertThat(vents(take(changed, new WallEdit.RemoveVent(id)))).hasSize(1);
    }

    @Test
    void aSheetIsLaidThickenedTurnedAndTakenOff() {
        Design one = take(box(), new WallEdit.AddSheet(Envelope.Face.BACK));
        Envelope.Insulation sheet = sheets(one).get(0);
        assertThat(sheet.material()).isEqualTo("xps");
        assertThat(sheet.inside()).contains(false);
        Envelope.Insulation changed = sheets(take(
                        one,
                        new WallEdit.AddSheet(Envelope.Face.BACK),
                        new WallEdit.ThickenSheet(sheet.id(), 0.05),
                        new WallEdit.MakeSheetOf(sheet.id(), "cork"),
                        new WallEdit.TurnSheet(sheet.id(), true)))
                .get(0);
        assertThat(changed)
                .isEqualTo(new Envelope.Insulation(
                        sheet.id(), Envelope.Face.BACK, "cork", 0.05, Optional.of(true), OptionalDouble.empty()));
        Design both = take(one, new WallEdit.AddSheet(Envelope.Face.BACK));
        assertThat(sheets(both)).extracting(Envelope.Insulation::id).doesNotHaveDuplicates();
        assertThat(sheets(take(both, new WallEdit.RemoveSheet(sheet.id())))).hasSize(1);
    }

    private static List<Envelope.Vent> vents(Design d) {
        return d.vessel().orElseThrow().envelope().vents();
    }

    private static List<Envelope.Insulation> sheets(Design d) {
        return d.vessel().orElseThrow().envelope().insulation();
    }

    // ---- mist

    @Test
    void theFirstNozzleBringsAMistingAndTheOthersHangBesideIt() {
        Design one = take(box(), new MistEdit.AddNozzle("nozzle-fine"));
        assertThat(MistEdit.mist(one).events())
                .containsExactly(new AirPlan.Event(one.heat().start(), 30, List.of()));
        Design five = one;
        for (int i = 0; i < 4; i++) {
            five = take(five, new MistEdit.AddNozzle("nozzle-fine"));
        }
        assertThat(MistEdit.mist(five).events()).hasSize(1);
        assertThat(MistEdit.mist(five).nozzles())
                .extracting(n -> Math.round(n.at().x().orElseThrow() * 100))
                .containsExactly(18L, 36L, 54L, 72L, 18L);
        assertThat(MistEdit.mist(five).nozzles())
                .allMatch(n -> Math.abs(n.at().z().orElseThrow() - 0.48) < 1e-9);
        assertThat(take(NOTHING, new MistEdit.AddNozzle("nozzle-fine"))).isEqualTo(NOTHING);
    }

    @ParameterizedTest
    @EnumSource(NozzleNumber.class)
    void aNozzleIsSetByNumbersAndGetsTheFlowOfItsItem(NozzleNumber number) {
        Design two = take(box(), new MistEdit.AddNozzle("a"), new MistEdit.AddNozzle("a"));
        AirPlan.Nozzle first = MistEdit.mist(two).nozzles().get(0);
        Design set = take(two, new MistEdit.SetNozzle(first.id(), number, OptionalDouble.of(0.11)));
        assertThat(number.of(MistEdit.mist(set).nozzles().get(0))).hasValue(0.11);
        assertThat(MistEdit.mist(set).nozzles().get(1))
                .isEqualTo(MistEdit.mist(two).nozzles().get(1));
        AirPlan.Nozzle other = MistEdit.mist(take(set, new MistEdit.UseNozzle(first.id(), "b")))
                .nozzles()
                .get(0);
        assertThat(other.item()).contains("b");
        assertThat(other.flow()).isEmpty();
    }

    @Test
    void aNozzleStaysInsideTheBox() {
        Design one = take(box(), new MistEdit.AddNozzle("a"));
        String id = MistEdit.mist(one).nozzles().get(0).id();
        Design far = take(one, new MistEdit.PlaceNozzle(id, Device.Spot.at(2, -1, 0.3)));
        Device.Spot at = MistEdit.mist(far).nozzles().get(0).at();
        assertThat(at.x().orElseThrow()).isCloseTo(0.9, within(1e-9));
        assertThat(at.y()).hasValue(0);
        assertThat(at.z()).hasValue(0.3);
    }

    @Test
    void aNozzleThatIsGoneSpraysInNoMisting() {
        Design two = take(box(), new MistEdit.AddNozzle("a"), new MistEdit.AddNozzle("a"));
        List<AirPlan.Nozzle> all = MistEdit.mist(two).nozzles();
        AirPlan.Mist mist = MistEdit.mist(two)
                .withEvents(List.of(new AirPlan.Event(
                        9, 20, List.of(all.get(0).id(), all.get(1).id()))));
        Design named = two.withAir(Optional.of(AirPlan.STILL.withMist(Optional.of(mist))));
        Design one = take(named, new MistEdit.RemoveNozzle(all.get(0).id()));
        assertThat(MistEdit.mist(one).nozzles()).containsExactly(all.get(1));
        assertThat(MistEdit.mist(one).events().get(0).nozzles())
                .containsExactly(all.get(1).id());
    }

    @Test
    void mistingsFollowOneAnotherInTheOrderOfTheDay() {
        Design three = take(box(), new MistEdit.AddMisting(), new MistEdit.AddMisting(), new MistEdit.AddMisting());
        double start = box().heat().start();
        assertThat(hours(three)).containsExactly(start, start + 4, start + 8);
        Design late = take(three, new MistEdit.SetMisting(2, MistNumber.HOUR, 22 * 3600), new MistEdit.AddMisting());
        assertThat(hours(late)).as("past midnight").containsExactly(2.0, start, start + 4, 22.0);
        Design longer = take(three, new MistEdit.SetMisting(1, MistNumber.SECONDS, 75));
        assertThat(MistEdit.mist(longer).events().get(1).seconds()).isEqualTo(75);
        assertThat(hours(take(three, new MistEdit.RemoveMisting(0)))).containsExactly(start + 4, start + 8);
    }

    @ParameterizedTest
    @CsvSource({"-1", "3"})
    void aMistingThatIsGoneIsNotChanged(int index) {
        Design three = take(box(), new MistEdit.AddMisting(), new MistEdit.AddMisting(), new MistEdit.AddMisting());
        assertThat(take(three, new MistEdit.SetMisting(index, MistNumber.SECONDS, 75)))
                .isEqualTo(three);
        assertThat(take(three, new MistEdit.RemoveMisting(index))).isEqualTo(three);
    }

    private static List<Double> hours(Design d) {
        return MistEdit.mist(d).events().stream().map(AirPlan.Event::hour).toList();
    }

    @Test
    void pumpAndTankAreChosenAndTakenAway() {
        Design fed = take(box(), new MistEdit.UsePump(Optional.of("pump")), new MistEdit.UseTank(Optional.of("tank")));
        assertThat(MistEdit.mist(fed).pump()).contains("pump");
        assertThat(MistEdit.mist(fed).tank()).contains("tank");
        Design bare = take(fed, new MistEdit.UsePump(Optional.empty()));
        assertThat(MistEdit.mist(bare).pump()).isEmpty();
        assertThat(MistEdit.mist(bare).tank()).contains("tank");
    }
}
