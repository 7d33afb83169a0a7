package tanah.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.design.Dam;
import tanah.core.design.Design;
import tanah.core.design.Ground;
import tanah.core.design.Layer;
import tanah.core.design.WaterPart;
import tanah.core.finding.Finding;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.geometry.ConvexPolygon;
import tanah.core.testing.TestDesigns;
import tanah.core.testing.WaterStub;

/** Water against the wall (2 cm), the rim (3 cm) and the soil above it. */
class WaterRulesTest {
    private static Dam dam(String kind, boolean tight, double top) {
        Layer.Region strip = new Layer.Region(ConvexPolygon.rectangle(0.5, 0, 0.53, 0.5), true);
        return new Dam("wall", kind, strip, top, Optional.of(tight), OptionalDouble.empty());
    }

    private static Design plan(Dam... dams) {
        Design box = TestDesigns.box(1, 0.5, 0.5, TestDesigns.drainage(0.06), TestDesigns.soil("sand_play", 0.05));
        return box.withGround(new Ground(box.ground().layers(), List.of(dams)))
                .withWater(Optional.of(WaterPart.upTo(0.1)));
    }

    private static Optional<Finding> of(Design d, WaterStub water, RuleId rule) {
        return WaterRules.judge(d, TestDesigns.ground(d), water.state()).stream()
                .filter(f -> f.rule().equals(rule))
                .findFirst();
    }

    private static Remedy remedy(Finding f, String key) {
        return f.remedies().stream()
                .filter(r -> r.key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({
        "-0.001, GW-020, STOP",
        "0.000,  GW-021, CAUTION",
        "0.0194, GW-021, CAUTION",
        "0.0200, GW-021, GOOD",
        "0.0206, GW-021, GOOD"
    })
    void aTightWallStandsTwoCentimetresOverTheWater(double margin, String rule, Severity severity) {
        Finding f = of(plan(dam("glass", true, 0.12)), new WaterStub().overDam(margin), new RuleId(rule))
                .orElseThrow();
        assertThat(f.severity()).isEqualTo(severity);
        assertThat(f.measure("wanted").value()).isEqualTo(0.02);
        if (severity != Severity.GOOD) {
            double missing = 0.02 - margin;
            assertThat(remedy(f, "lower-water").measures().get(0).value())
                    .isCloseTo(Math.floor((0.1 - missing) / 0.005 + 1e-6) * 0.005, within(1e-9));
            assertThat(remedy(f, "raise-dam").measures().get(0).value())
                    .isCloseTo(0.12 + Math.ceil(missing / 0.005 - 1e-6) * 0.005, within(1e-9));
        }
    }

    @Test
    void aLooseWallIsOnlyAShoreUntilWaterRunsOverIt() {
        assertThat(of(plan(dam("stones", false, 0.12)), new WaterStub().overDam(0.001), WaterRules.NEAR_DAM))
                .isEmpty();
        assertThat(of(plan(dam("stones", false, 0.12)), new WaterStub().overDam(-0.001), WaterRules.OVER_DAM))
                .isPresent();
    }

    @Test
    void theKeepersMarginHoldsBeforeTheUsualOne() {
        Design d = plan(dam("glass", true, 0.12));
        WaterPart w = d.water().orElseThrow();
        Design own = d.withWater(Optional.of(w.withMargins(w.margins().withBarrier(OptionalDouble.of(0.05)))));
        assertThat(of(own, new WaterStub().overDam(0.04), WaterRules.NEAR_DAM)
                        .orElseThrow()
                        .severity())
                .isEqualTo(Severity.CAUTION);
    }

    @Test
    void waterThatIsTooLowIsNotLowered() {
        Finding f = of(plan(dam("glass", true, 0.12)), new WaterStub().overDam(-0.09), WaterRules.OVER_DAM)
                .orElseThrow();
        assertThat(f.remedies()).extracting(Remedy::key).containsExactly("raise-dam");
    }

    @ParameterizedTest
    @CsvSource({
        "stones, true, true",
        "wood, true, true",
        "glass, true, false",
        "foam, true, false",
        "acrylic, true, false",
        "stones, false, false"
    })
    void whatCannotBeTightIsAStop(String kind, boolean tight, boolean stops) {
        Optional<Finding> f = of(plan(dam(kind, tight, 0.2)), new WaterStub().overDam(0.1), WaterRules.SEAL);
        assertThat(f.isPresent()).isEqualTo(stops);
        f.ifPresent(x -> {
            assertThat(x.severity()).isEqualTo(Severity.STOP);
            assertThat(x.remedies()).extracting(Remedy::key).containsExactly("seal-foam", "seal-glass");
        });
    }

    @ParameterizedTest
    @CsvSource({"-0.001, STOP", "0, CAUTION", "0.0294, CAUTION", "0.03, GOOD"})
    void theRimStandsThreeCentimetresOverTheWater(double margin, Severity severity) {
        Finding f = of(plan(), new WaterStub().underRim(margin), WaterRules.RIM).orElseThrow();
        assertThat(f.severity()).isEqualTo(severity);
        if (severity != Severity.GOOD) {
            assertThat(remedy(f, "lower-water").measures().get(0).value())
                    .isCloseTo(Math.floor((0.1 - 0.03 + margin) / 0.005 + 1e-6) * 0.005, within(1e-9));
        }
        Finding low = of(plan(), new WaterStub().level(0.01).underRim(0), WaterRules.RIM)
                .orElseThrow();
        assertThat(low.remedies()).extracting(Remedy::key).containsExactly("choose-larger-vessel");
    }

    @ParameterizedTest
    @CsvSource({
        "-0.001, 0.02, GW-023, STOP",
        "0.000,  0.02, GW-025, CAUTION",
        "0.0194, 0.02, GW-025, CAUTION",
        "0.0200, 0.02, GW-026, GOOD"
    })
    void soilStandsClearOfTheWater(double gap, double needed, String rule, Severity severity) {
        Finding f = of(plan(), new WaterStub().wicks("soil", gap, needed), new RuleId(rule))
                .orElseThrow();
        assertThat(f.severity()).isEqualTo(severity);
        if (severity != Severity.GOOD) {
            assertThat(f.measure("missing").value()).isCloseTo(needed - gap, within(1e-9));
            assertThat(f.remedies())
                    .extracting(Remedy::key)
                    .containsExactly("raise-drainage", "lower-water", "accept-bog");
            assertThat(remedy(f, "raise-drainage").measures().get(0).value())
                    .isCloseTo(Math.ceil((0.06 + needed - gap) / 0.005 - 1e-6) * 0.005, within(1e-9));
        }
    }

    @Test
    void aBogThatIsMeantIsNoStop() {
        Design d = plan();
        WaterPart w = d.water().orElseThrow();
        Design bog = d.withWater(Optional.of(w.withMargins(w.margins().withAcceptWicking(Optional.of(true)))));
        Finding f = of(bog, new WaterStub().wicks("soil", -0.01, 0.02), WaterRules.STANDS_IN_WATER)
                .orElseThrow();
        assertThat(f.severity()).isEqualTo(Severity.CAUTION);
        assertThat(f.variant()).isEqualTo("accepted");
        assertThat(f.remedies()).extracting(Remedy::key).doesNotContain("accept-bog");
    }

    @Test
    void aLooseWallMayBeSealed() {
        Finding f = of(
                        plan(dam("stones", false, 0.3)),
                        new WaterStub().overDam(0.2).wicks("soil", -0.01, 0.02),
                        WaterRules.STANDS_IN_WATER)
                .orElseThrow();
        assertThat(f.remedies()).extracting(Remedy::key).contains("seal-foam");
    }

    @Test
    void soilWithoutDrainageOnLowWaterIsLaidOnSome() {
        Design box = TestDesigns.box(1, 0.5, 0.5, TestDesigns.soil("sand_play", 0.05));
        WaterPart w = WaterPart.upTo(0.01);
        Design bog = box.withWater(Optional.of(w.withMargins(w.margins().withAcceptWicking(Optional.of(true)))));
        Finding f = of(bog, new WaterStub().level(0.01).wicks("soil", -0.01, 0.02), WaterRules.STANDS_IN_WATER)
                .orElseThrow();
        assertThat(f.remedies()).extracting(Remedy::key).containsExactly("lay-drainage-under");
    }
}
