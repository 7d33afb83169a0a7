package tanah.core.ground;

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
import tanah.core.catalogue.Medium;
import tanah.core.catalogue.Range;
import tanah.core.catalogue.Species;
import tanah.core.design.Design;
import tanah.core.design.Fixing;
import tanah.core.design.HardscapeItem;
import tanah.core.design.Layer;
import tanah.core.design.OtherFields;
import tanah.core.design.Recipe;
import tanah.core.design.VesselPlan;
import tanah.core.design.WaterPart;
import tanah.core.design.edit.Edit;
import tanah.core.design.edit.EditContext;
import tanah.core.finding.Finding;
import tanah.core.finding.Remedy;
import tanah.core.finding.Severity;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.testing.TestDesigns;
import tanah.core.testing.TestMedia;
import tanah.core.testing.TestSpecies;
import tanah.core.testing.WaterStub;
import tanah.core.water.CoverRule;
import tanah.core.water.EscapeRule;
import tanah.core.water.WarmthRule;

/** Meshes, perched water, lime; floating cover, open tops, planned warmth. Limits below, at and above. */
class SoilRulesTest {
    // ---- fines of 0.4 mm bridge openings of twice that

    private static Layer meshed(String media, OptionalDouble hole) {
        Layer soil = TestDesigns.soil(media, 0.1);
        return soil.withOptions(soil.options().withMesh(Optional.of(true)).withMeshHole(hole));
    }

    private static Optional<Finding> holes(Layer soil) {
        Design d = TestDesigns.box(1, 0.5, 0.5, TestDesigns.drainage(0.05), soil);
        return MeshHoleRule.judge(d.ground().layers(), TestDesigns.ground(d));
    }

    @ParameterizedTest
    @CsvSource({"0.0008, ", "0.00081, 0.0005", ", 0.0005", "0.002, 0.0005"})
    void aSeparatorHoldsItsFines(Double hole, Double finer) {
        Optional<Finding> f =
                holes(meshed("sand_play", hole == null ? OptionalDouble.empty() : OptionalDouble.of(hole)));
        assertThat(f.isPresent()).isEqualTo(finer != null);
        f.ifPresent(x -> {
            assertThat(x.severity()).isEqualTo(Severity.HINT);
            assertThat(x.measure("grain").value()).isCloseTo(0.0004, within(1e-12));
            assertThat(x.measure("widest").value()).isCloseTo(0.0008, within(1e-12));
            assertThat(x.measure("hole").value()).isEqualTo(hole == null ? MeshHoleRule.USUAL : hole);
            assertThat(x.remedies().get(0).measures().get(0).value()).isEqualTo(finer);
        });
    }

    @Test
    void fineClayIsHeldByFleeceOnly() {
        Finding f = holes(meshed("clay_powder", OptionalDouble.empty())).orElseThrow();
        assertThat(f.remedies()).extracting(Remedy::key).containsExactly("fleece");
    }

    @Test
    void coarseLitterHasNoFinesToLose() {
        assertThat(holes(meshed("leaf_litter", OptionalDouble.of(0.01)))).isEmpty();
        Layer soil = TestDesigns.soil("sand_play", 0.1);
        assertThat(holes(soil.withOptions(soil.options().withMesh(false))))
                .as("no mesh")
                .isEmpty();
    }

    /** Half of the settled volume decides: sand and clay 7 to 3 are sand, the other way round clay. */
    @Test
    void theMedianGrainCounts() {
        assertThat(holes(meshed("arid_burrow_clay_sand", OptionalDouble.of(0.0008))))
                .isEmpty();
        Layer soil = meshed("sand_play", OptionalDouble.of(0.0008));
        Layer clayey = soil.withMedia(Optional.of(new Recipe.Own(Map.of("clay_powder", 7.0, "sand_play", 3.0))));
        assertThat(holes(clayey)).isPresent();
    }

    // ---- water that hangs in thin dry ground: sand's air entry head is 6.9 cm, half of 13.8 cm

    private static List<Finding> perched(Species s, Layer soil) {
        Design d = TestDesigns.box(1, 0.5, 0.5, TestDesigns.drainage(0.05), soil);
        return PerchedWaterRule.judge(TestSpecies.inhabitant(s, 1), d.ground().layers(), TestDesigns.ground(d));
    }

    @ParameterizedTest
    @CsvSource({"0.137, true", "0.139, false", "0.05, true"})
    void thinDryGroundStaysWetBelow(double depth, boolean said) {
        List<Finding> f = perched(TestSpecies.lizard(), TestDesigns.soil("sand_play", depth));
        assertThat(f.isEmpty()).isEqualTo(!said);
        f.forEach(x -> {
            assertThat(x.severity()).isEqualTo(Severity.HINT);
            assertThat(x.measure("saturated").value()).isCloseTo(Math.min(0.069, depth), within(1e-9));
            assertThat(x.measure("depth").value()).isCloseTo(depth, within(1e-9));
        });
    }

    @Test
    void dampGroundIsMeantToBeDamp() {
        assertThat(perched(TestSpecies.frog(), TestDesigns.soil("sand_play", 0.05)))
                .isEmpty();
        Layer soil = TestDesigns.soil("sand_play", 0.05);
        Layer burrow = soil.withOptions(soil.options().withBurrow(Optional.of(true)));
        assertThat(perched(TestSpecies.lizard(), burrow)).isEmpty();
        Layer wet = soil.withOptions(soil.options().withAquatic(Optional.of(true)));
        assertThat(perched(TestSpecies.lizard(), wet)).isEmpty();
        assertThat(perched(TestSpecies.lizard(), TestDesigns.drainage(0.02))).isEmpty();
    }

    // ---- lime in acid ground: media up to pH 5.5 that make up 40 %

    private static Medium like(Medium m, String id, double phMax, boolean lime) {
        return new Medium(
                id,
                id,
                m.kind(),
                m.grain(),
                m.grainSize(),
                m.dryDensity(),
                m.solidDensity(),
                m.water(),
                1,
                m.texture(),
                m.cohesion(),
                m.repose(),
                new Range(4, phMax),
                false,
                lime,
                false,
                List.of(),
                m.price(),
                m.provenance());
    }

    private static List<Finding> lime(double phMax, double acidParts, boolean stone) {
        Medium peat = like(TestMedia.LEAF_MOULD, "peat", phMax, false);
        Medium neutral = like(TestMedia.LEAF_MOULD, "mould", 7, false);
        Medium chalk = like(TestMedia.LEAF_MOULD, "chalk", 8, true);
        Catalogue c = new Catalogue(
                List.of(),
                List.of(peat, neutral, chalk),
                List.of(),
                List.of(),
                List.of(),
                Catalogue.Air.NONE,
                Catalogue.Living.NONE,
                List.of());
        Layer soil = TestDesigns.soil("peat", 0.1)
                .withMedia(
                        Optional.of(new Recipe.Own(Map.of("peat", acidParts, "mould", 0.9 - acidParts, "chalk", 0.1))));
        if (stone) {
            soil = soil.withMedia(Optional.of(new Recipe.Own(Map.of("peat", acidParts, "mould", 1 - acidParts))));
        }
        Design d = TestDesigns.box(1, 0.5, 0.5, soil);
        if (stone) {
            d = d.withHardscape(List.of(new HardscapeItem(
                    "rock",
                    Optional.empty(),
                    Optional.of("stone"),
                    Optional.of("chalk"),
                    ConvexPolygon.rectangle(0.1, 0.1, 0.2, 0.2).corners(),
                    OptionalDouble.of(0.1),
                    0.1,
                    OptionalDouble.empty(),
                    OptionalDouble.empty(),
                    OptionalDouble.empty(),
                    Optional.of(false),
                    Fixing.UNSAID,
                    Optional.empty(),
                    Optional.empty(),
                    OtherFields.NONE)));
        }
        GroundResult ground = GroundModel.compute(d, TestDesigns.vessel(d), c);
        return LimeRule.judge(d, ground, c);
    }

    @ParameterizedTest
    @CsvSource({"5.5, 0.4, true", "5.51, 0.4, false", "5.5, 0.39, false", "5.5, 0.41, true"})
    void limeWhereAcidGroundIsMeantIsSaid(double ph, double share, boolean said) {
        List<Finding> inSoil = lime(ph, share, false);
        assertThat(inSoil.isEmpty()).isEqualTo(!said);
        inSoil.forEach(f -> {
            assertThat(f.severity()).isEqualTo(Severity.CAUTION);
            assertThat(f.measure("acid_share").value()).isCloseTo(share, within(1e-6));
            assertThat(f.words()).containsExactly("chalk");
        });
        assertThat(lime(ph, share, true).isEmpty()).as("a stone of it").isEqualTo(!said);
    }

    // ---- floating cover on water of 0.2 m² that is 44.7 cm across; a frog of 8 cm rests every 16 cm

    private static final Species POOR = TestSpecies.frog().with("swims", "poor");

    private static Design covered(double cover, HardscapeItem... pieces) {
        WaterPart w = WaterPart.upTo(0.1);
        WaterPart part = cover > 0 ? w.withMargins(w.margins().withCover(OptionalDouble.of(cover))) : w;
        return TestDesigns.box(1, 0.5, 0.5).withWater(Optional.of(part)).withHardscape(List.of(pieces));
    }

    private static Optional<Finding> cover(Species s, Design d, WaterStub w) {
        return CoverRule.judge(TestSpecies.inhabitant(s, 1), d, w.state());
    }

    @ParameterizedTest
    @CsvSource({"0.01, GOOD, ''", "0.7, GOOD, ''", "0.706, CAUTION, much", "1, CAUTION, much"})
    void someOfTheWaterStaysOpen(double share, Severity severity, String words) {
        Finding f = cover(POOR, covered(share), new WaterStub()).orElseThrow();
        assertThat(f.severity()).isEqualTo(severity);
        assertThat(f.variant()).isEqualTo(words);
        assertThat(f.measure("cover").value()).isEqualTo(share);
    }

    @ParameterizedTest
    @CsvSource({"0.0255, false", "0.0257, true"})
    void aPoorSwimmerRestsEveryTwoLengths(double surface, boolean said) {
        assertThat(cover(POOR, covered(0), new WaterStub().surface(surface)).isPresent())
                .isEqualTo(said);
    }

    @Test
    void aGoodSwimmerNeedsNoRestAndNoWaterNoCover() {
        assertThat(cover(TestSpecies.frog().with("swims", "good"), covered(0), new WaterStub()))
                .isEmpty();
        assertThat(cover(POOR, covered(0.9), new WaterStub().dry())).isEmpty();
    }

    private static HardscapeItem root(double base, double height, boolean wet) {
        return new HardscapeItem(
                "root",
                Optional.empty(),
                Optional.of("wood"),
                Optional.empty(),
                ConvexPolygon.rectangle(0.1, 0.1, 0.2, 0.2).corners(),
                OptionalDouble.of(base),
                height,
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.of(wet),
                Fixing.UNSAID,
                Optional.empty(),
                Optional.empty(),
                OtherFields.NONE);
    }

    @ParameterizedTest
    @CsvSource({
        // top at most 3 cm under the level of 10 cm, underside below it, standing in the water
        "0, 0.07, true, true",
        "0, 0.0699, true, false",
        "0.09, 0.1, true, true",
        "0.1, 0.1, true, false",
        "0, 0.2, false, false"
    })
    void aPieceAtTheSurfaceIsARest(double base, double height, boolean wet, boolean rests) {
        assertThat(cover(POOR, covered(0, root(base, height, wet)), new WaterStub())
                        .isEmpty())
                .isEqualTo(rests);
    }

    // ---- an open top of 50 cm

    private static Optional<Finding> open(Species s, boolean lid, HardscapeItem... pieces) {
        Design d =
                TestDesigns.box(1, 0.5, 0.5, TestDesigns.soil("sand_play", 0.1)).withHardscape(List.of(pieces));
        if (!lid) {
            d = d.withVessel(d.vessel()
                    .orElseThrow()
                    .withLid(Optional.of(VesselPlan.Lid.UNSAID.withMaterial(Optional.of(EscapeRule.OPEN)))));
        }
        return EscapeRule.judge(TestSpecies.inhabitant(s, 1), d, TestDesigns.vessel(d), TestDesigns.ground(d));
    }

    @ParameterizedTest
    @CsvSource({"39, GOOD", "40, GOOD", "40.1, STOP", "901, STOP"})
    void whatReachesTheRimEscapes(double reach, Severity severity) {
        Finding f = open(TestSpecies.lizard().with("reach_cm", reach), false).orElseThrow();
        assertThat(f.severity()).isEqualTo(severity);
        assertThat(f.variant()).isEqualTo(reach > 900 ? "any" : "");
        assertThat(f.measure("freeboard").value()).isCloseTo(0.4, within(1e-9));
        assertThat(open(TestSpecies.lizard().with("reach_cm", reach), true)).isEmpty();
    }

    @Test
    void aPieceIsAStep() {
        Species s = TestSpecies.lizard().with("reach_cm", 25);
        assertThat(open(s, false).orElseThrow().severity()).isEqualTo(Severity.GOOD);
        assertThat(open(s, false, root(0.1, 0.2, false)).orElseThrow().severity())
                .isEqualTo(Severity.STOP);
    }

    @ParameterizedTest
    @CsvSource({"flies", "climbs-glass"})
    void noHeightHoldsWhatFliesOrClimbsGlass(String way) {
        Finding f =
                open(TestSpecies.lizard().with("escape", List.of(way)), false).orElseThrow();
        assertThat(f.severity()).isEqualTo(Severity.STOP);
        assertThat(f.variant()).isEqualTo("any");
    }

    // ---- planned warmth of the water, 18 to 23 °C wanted

    @ParameterizedTest
    @CsvSource({"17.9, CAUTION", "18, GOOD", "23, GOOD", "23.1, CAUTION"})
    void thePlannedWarmthIsWhatIsWanted(double celsius, Severity severity) {
        Design d = TestDesigns.box(1, 0.5, 0.5)
                .withWater(Optional.of(WaterPart.upTo(0.1).withTemperature(OptionalDouble.of(celsius))));
        Finding f = WarmthRule.judge(TestSpecies.inhabitant(TestSpecies.frog(), 1), d)
                .orElseThrow();
        assertThat(f.severity()).isEqualTo(severity);
        assertThat(f.measure("planned").value()).isEqualTo(celsius);
        for (Remedy r : f.remedies()) {
            Design healed = Edit.take(r, d, new EditContext(TestMedia.catalogue(), LocalDate.of(2026, 1, 5)));
            assertThat(WarmthRule.judge(TestSpecies.inhabitant(TestSpecies.frog(), 1), healed)
                            .orElseThrow()
                            .severity())
                    .isEqualTo(Severity.GOOD);
        }
        assertThat(f.remedies()).hasSize(severity == Severity.GOOD ? 0 : 1);
    }
}
