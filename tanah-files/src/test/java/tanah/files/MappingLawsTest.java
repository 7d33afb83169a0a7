package tanah.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.box.ClimateCase;
import tanah.core.box.Factors;
import tanah.core.box.Fixture;
import tanah.core.box.Floor;
import tanah.core.box.Pane;
import tanah.core.box.Shell;
import tanah.core.catalogue.Catalogue;
import tanah.core.climate.ClimateModel;
import tanah.core.climate.LightMap;
import tanah.core.design.AirPlan;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.Envelope;
import tanah.core.design.edit.AirEdit;
import tanah.core.design.edit.EditContext;
import tanah.core.design.edit.PaneEdit;
import tanah.core.design.edit.PaneNumber;
import tanah.core.design.edit.WallEdit;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.light.Lid;
import tanah.core.mapping.MappedDesign;
import tanah.core.time.Season;
import tanah.core.vessel.Material;
import tanah.core.vessel.Vessel;
import tanah.files.catalogue.CatalogueReader;

/** From a plan to the box that the climate is computed for: what stands in the plan is there, once, where and as strong as it is planned. */
class MappingLawsTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();
    private static final EditContext CONTEXT = new EditContext(CATALOGUE, java.time.LocalDate.of(2026, 3, 1));
    private static final int DRAWN = 300;
    private static final double HAIR = 2e-4; // m by which outer edges overlap the walls, so that no place falls between
    private static final List<Plan> PLANS = new ArrayList<>();

    private record Plan(Design design, Evaluation evaluation, MappedDesign mapped) {
        Vessel vessel() {
            return evaluation.vessel().orElseThrow();
        }

        ClimateCase box() {
            return mapped.enclosure();
        }
    }

    private static Optional<Plan> plan(Design design) {
        Evaluation e = Evaluator.evaluate(design, CATALOGUE);
        return Evaluator.mapped(e, CATALOGUE).map(m -> new Plan(design, e, m));
    }

    @BeforeAll
    static void draw() {
        DrawnPlans plans = new DrawnPlans(CATALOGUE, 20261201);
        for (int i = 0; i < DRAWN; i++) {
            plan(plans.next()).ifPresent(PLANS::add);
        }
        assertThat(PLANS).hasSizeGreaterThan(DRAWN / 3);
    }

    private static double[] bounds(Floor floor) {
        return floor instanceof Floor.Land l ? l.bounds() : ((Floor.Water) floor).bounds();
    }

    // ---- nothing is dropped in silence
    @Test
    void everyDeviceIsComputedOrLeftOutWithAReason() {
        for (Plan p : PLANS) {
            Set<String> said = new HashSet<>();
            p.mapped().devices().forEach(d -> said.add(d.id()));
            p.mapped().left().forEach(l -> {
                assertThat(l.why()).isNotBlank();
                said.add(l.device());
            });
            for (Device d : p.design().devices()) {
                assertThat(said).as(d.item()).contains(d.id());
            }
            assertThat(p.box().fixtures()).hasSameSizeAs(p.mapped().devices());
        }
    }

    @Test
    void everyPieceIsAPlatformOrAnObstacleOrLowerThanCounts() {
        for (Plan p : PLANS) {
            int raised = p.box().platforms().size();
            assertThat(p.mapped().platforms()).hasSize(raised);
            assertThat(raised + p.box().obstacles().size())
                    .isLessThanOrEqualTo(p.design().hardscape().size());
        }
    }

    // ---- as strong as planned
    @Test
    void aDeviceDrawsWhatItsItemOrItsKeeperSays() {
        for (Plan p : PLANS) {
            for (int i = 0; i < p.mapped().devices().size(); i++) {
                Device d = p.mapped().devices().get(i);
                Fixture f = p.box().fixtures().get(i);
                boolean mistPump = CATALOGUE
                        .findMistGear(d.item())
                        .filter(m -> m.is("mist_pump"))
                        .isPresent();
                if (mistPump) {
                    continue; // it runs for seconds of a day
                }
                double usual = CATALOGUE
                        .findLamp(d.item())
                        .map(l -> l.draws())
                        .or(() ->
                                CATALOGUE.findGear(d.item()).map(g -> g.power().orElse(0)))
                        .or(() -> CATALOGUE
                                .findMistGear(d.item())
                                .map(g -> g.power().orElse(0)))
                        .orElse(0.0);
                assertThat(f.power()).as(d.item()).isEqualTo(d.power().orElse(usual));
                assertThat(f.dim()).isBetween(0.0, 1.0);
            }
        }
    }

    @Test
    void aLampGivesOffNoMoreThanItDraws() {
        for (Plan p : PLANS) {
            for (Fixture f : p.box().fixtures()) {
                if (f.part() instanceof Fixture.Lamp l) {
                    assertThat(l.beam() + l.wide() + l.diffuse()).as(f.name()).isBetween(0.0, 1 + 1e-9);
                    assertThat(l.beam()).isGreaterThanOrEqualTo(0);
                    assertThat(l.shape().aim().length()).isCloseTo(1, within(1e-9));
                }
            }
        }
    }

    @Test
    void aLampHangsWhereThePlanHangsIt() {
        for (Plan p : PLANS) {
            for (int i = 0; i < p.mapped().devices().size(); i++) {
                Device.Spot at = p.mapped().devices().get(i).at();
                if (p.box().fixtures().get(i).part() instanceof Fixture.Lamp l) {
                    at.x().ifPresent(x -> assertThat(l.shape().at().x()).isEqualTo(x));
                    at.y().ifPresent(y -> assertThat(l.shape().at().y()).isEqualTo(y));
                    at.z().ifPresent(z -> assertThat(l.shape().at().z()).isEqualTo(z));
                }
            }
        }
    }

    @Test
    void aThermostatKeepsItsSetPoints() {
        int seen = 0;
        for (Plan p : PLANS) {
            for (int i = 0; i < p.mapped().devices().size(); i++) {
                Optional<Device.Thermostat> planned =
                        p.mapped().devices().get(i).thermostat().or(() -> inside(p));
                Optional<Fixture.Thermostat> mapped = p.box().fixtures().get(i).thermostat();
                if (mapped.isPresent()) {
                    seen++;
                    planned.orElseThrow()
                            .day()
                            .ifPresent(t -> assertThat(mapped.get().day()).isEqualTo(t));
                    planned.orElseThrow()
                            .night()
                            .ifPresent(t -> assertThat(mapped.get().night()).isEqualTo(t));
                    assertThat(mapped.get().band()).isPositive();
                    assertThat(mapped.get().hysteresis()).isPositive();
                }
            }
        }
        assertThat(seen).isPositive();
    }

    /** A water heater of which the plan says nothing is set to what the water is to have. */
    private static Optional<Device.Thermostat> inside(Plan p) {
        return p.design().water().map(w -> Device.Thermostat.builtIn(w.celsius()));
    }

    @Test
    void onlyAWaterHeaterHasAThermostatInside() {
        for (Plan p : PLANS) {
            for (int i = 0; i < p.mapped().devices().size(); i++) {
                Device d = p.mapped().devices().get(i);
                boolean wet = CATALOGUE
                        .findGear(d.item())
                        .filter(g -> g.isWaterHeater())
                        .isPresent();
                if (d.thermostat().isEmpty() && !wet) {
                    assertThat(p.box().fixtures().get(i).thermostat()).isEmpty();
                }
            }
        }
    }

    // ---- floor and water
    @Test
    void theFloorIsCoveredOnce() {
        for (Plan p : PLANS) {
            double length = p.vessel().length();
            double width = p.vessel().width();
            for (int i = 0; i < 20; i++) {
                for (int j = 0; j < 20; j++) {
                    double x = (i + 0.37) / 20 * length;
                    double y = (j + 0.41) / 20 * width;
                    long here =
                            p.box().floor().stream().filter(f -> holds(f, x, y)).count();
                    assertThat(here)
                            .as("%s at %.3f, %.3f", p.design().name(), x, y)
                            .isPositive();
                }
            }
            for (Floor f : p.box().floor()) {
                double[] b = bounds(f);
                assertThat(b[0]).isGreaterThanOrEqualTo(-HAIR);
                assertThat(b[1]).isLessThanOrEqualTo(length + HAIR);
                assertThat(b[2]).isGreaterThanOrEqualTo(-HAIR);
                assertThat(b[3]).isLessThanOrEqualTo(width + HAIR);
            }
        }
    }

    private static boolean holds(Floor f, double x, double y) {
        double[] b = bounds(f);
        return x >= b[0] && x <= b[1] && y >= b[2] && y <= b[3];
    }

    @Test
    void waterStandsAtItsLevelAndSoilHoldsNoMoreThanItCan() {
        for (Plan p : PLANS) {
            for (Floor f : p.box().floor()) {
                if (f instanceof Floor.Water w) {
                    assertThat(w.depth()).isPositive();
                    assertThat(w.surface()).isLessThanOrEqualTo(p.vessel().height());
                    assertThat(w.surface()).isGreaterThanOrEqualTo(w.depth() - 1e-9);
                } else if (f instanceof Floor.Land l) {
                    Floor.Soil s = l.soil();
                    assertThat(s.fieldCapacity()).isBetween(0.0, 1.0);
                    assertThat(s.wet()).isBetween(0.0, 1.5);
                    assertThat(s.skin()).isLessThanOrEqualTo(Math.max(s.depth(), 0.02) + 1e-9);
                    assertThat(l.cover()).isBetween(0.0, 1.0);
                    assertThat(l.absorptance()).isBetween(0.0, 1.0);
                    l.layers().forEach(sheet -> assertThat(sheet.thickness()).isPositive());
                }
            }
        }
    }

    // ---- shell
    @Test
    void theShellIsTheVesselWithItsMesh() {
        for (Plan p : PLANS) {
            Shell s = p.box().shell();
            assertThat(s.length()).isEqualTo(p.vessel().length());
            assertThat(s.width()).isEqualTo(p.vessel().width());
            assertThat(s.height()).isEqualTo(p.vessel().height());
            assertThat(s.lid().meshArea()).isBetween(0.0, s.length() * s.width() + 1e-9);
            assertThat(s.lid().open()).isBetween(0.0, 1.0);
            for (Lid.Side side : Lid.Side.values()) {
                assertThat(s.sides().get(side).resistance()).isPositive();
            }
            s.vents().forEach(v -> {
                assertThat(v.area()).isGreaterThanOrEqualTo(0);
                assertThat(v.open()).isBetween(0.0, 1.0);
                assertThat(v.to()).isGreaterThanOrEqualTo(v.from());
            });
        }
    }

    @ParameterizedTest
    @CsvSource({"BACK", "LEFT", "RIGHT", "LID"})
    void aSheetInsulatesItsFaceAlone(Envelope.Face face) {
        Design bare = Examples.read("giant-millipede-box");
        Design sheeted = new WallEdit.AddSheet(face).apply(bare, CONTEXT);
        Shell before = plan(bare).orElseThrow().box().shell();
        Shell after = plan(sheeted).orElseThrow().box().shell();
        for (Lid.Side side : Lid.Side.values()) {
            Pane a = before.sides().get(side);
            Pane b = after.sides().get(side);
            if (side.name().equals(face.name())) {
                assertThat(b.resistance()).isGreaterThan(a.resistance() + 0.1);
            } else {
                assertThat(b.resistance()).isEqualTo(a.resistance());
            }
        }
        if (face == Envelope.Face.LID && before.cover().isPresent()) {
            assertThat(after.cover().orElseThrow().resistance())
                    .isGreaterThan(before.cover().orElseThrow().resistance());
        }
    }

    /** 18 mm of plywood (0.13 W/mK) with a light face at the back: by hand 0.1385 m²K/W; all others as they were. */
    @Test
    void aWallOfItsOwnIsThatOfItsFaceAlone() {
        Design bare = Examples.read("mossy-frog-paludarium");
        Design board = wall(bare, Material.PLYWOOD, 0.018, 0.9);
        Shell before = plan(bare).orElseThrow().box().shell();
        Shell after = plan(board).orElseThrow().box().shell();
        for (Lid.Side side : Lid.Side.values()) {
            Pane b = after.sides().get(side);
            if (side == Lid.Side.BACK) {
                assertThat(b.resistance()).isCloseTo(0.1385, within(1e-4));
                assertThat(b.transmits()).isZero();
                assertThat(b.reflects()).isEqualTo(0.9);
            } else {
                assertThat(b).isEqualTo(before.sides().get(side));
            }
        }
        double dark = light(wall(bare, Material.PLYWOOD, 0.018, 0.05));
        assertThat(light(board)).as("a light wall throws light back").isGreaterThan(1.05 * dark);
    }

    private static Design wall(Design bare, Material material, double thickness, double reflects) {
        Design made = new PaneEdit.AddPane(Envelope.Face.BACK).apply(bare, CONTEXT);
        made = new PaneEdit.MakePaneOf(Envelope.Face.BACK, material).apply(made, CONTEXT);
        made = new PaneEdit.SetPane(Envelope.Face.BACK, PaneNumber.THICK, OptionalDouble.of(thickness))
                .apply(made, CONTEXT);
        return new PaneEdit.SetPane(Envelope.Face.BACK, PaneNumber.REFLECTS, OptionalDouble.of(reflects))
                .apply(made, CONTEXT);
    }

    private static double light(Design design) {
        Plan p = plan(design).orElseThrow();
        return LightMap.of(ClimateModel.of(p.box(), Factors.ONE))
                .photonsOnGround()
                .mean();
    }

    @ParameterizedTest
    @CsvSource({"0", "0.25", "0.5", "1"})
    void theMeshOfTheLidIsTheShareThatIsTyped(double share) {
        Design plan = new AirEdit.SetNumber(tanah.core.design.edit.AirNumber.LID_MESH, OptionalDouble.of(share))
                .apply(Examples.read("mossy-frog-paludarium"), CONTEXT);
        Shell s = plan(plan).orElseThrow().box().shell();
        assertThat(s.lid().meshArea()).isCloseTo(share * s.length() * s.width(), within(1e-9));
        assertThat(s.cover().isPresent()).isEqualTo(share < 1);
    }

    // ---- mist and room
    @Test
    void theMistOfADayIsWhatItsNozzlesGive() {
        for (Plan p : PLANS) {
            AirPlan.Mist mist = p.design().air().flatMap(AirPlan::mist).orElse(AirPlan.Mist.NONE);
            double litres = 0;
            for (AirPlan.Event e : mist.events()) {
                for (AirPlan.Nozzle n : mist.nozzles()) {
                    boolean sprays = e.nozzles().isEmpty() || e.nozzles().contains(n.id());
                    double flow = n.flow()
                            .orElse(n.item()
                                    .flatMap(CATALOGUE::findMistGear)
                                    .map(g -> g.flow().orElse(0))
                                    .orElse(0.0));
                    litres += sprays ? flow * 1000 * e.seconds() : 0;
                }
            }
            boolean fogs = p.design().devices().stream()
                    .anyMatch(d -> CATALOGUE
                            .findMistGear(d.item())
                            .filter(g -> g.is("fogger"))
                            .isPresent());
            double mapped = p.box().mist().events().stream()
                    .mapToDouble(ClimateCase.Spray::water)
                    .sum();
            if (fogs) {
                assertThat(mapped).isGreaterThanOrEqualTo(litres - 1e-9);
            } else {
                assertThat(mapped).isCloseTo(litres, within(1e-9));
            }
            p.box().mist().events().forEach(s -> assertThat(s.hour()).isBetween(0.0, 24.0));
        }
    }

    @Test
    void theRoomIsThePlansRoom() {
        for (Plan p : PLANS) {
            var room = p.design().room().orElseThrow();
            assertThat(p.mapped().room(Season.WINTER).day().celsius())
                    .isEqualTo(room.winter().tempDay());
            assertThat(p.mapped().room(Season.SUMMER).night().celsius())
                    .isEqualTo(room.summer().tempNight());
            assertThat(p.mapped().room(Season.WINTER).night().humidity())
                    .isEqualTo(room.winter().humidityNight());
            assertThat(p.box().pressure()).isBetween(40_000.0, 110_000.0);
            assertThat(p.box().photoperiod()).isEqualTo(p.design().heat().hours());
            assertThat(p.box().lightsOn()).isEqualTo(p.design().heat().start());
        }
    }
}
