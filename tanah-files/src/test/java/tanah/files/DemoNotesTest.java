package tanah.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.evaluate.Evaluator.Depth;
import tanah.core.finding.Severity;
import tanah.files.catalogue.CatalogueReader;
import tanah.files.design.DesignReader;
import tanah.files.design.Parsed;

/** The demo plans stop at nothing; every caution left in them is meant, and its reason stands in the plan's note. */
class DemoNotesTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();

    private static Design example(String name) throws IOException {
        byte[] document = Files.readAllBytes(Path.of("../docs/examples/" + name + ".json"));
        return ((Parsed.Accepted) new DesignReader(CATALOGUE).read(document)).design();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "collared-lizard-arid | GW-060 climate.basking climate.cool_air climate.night climate.retreat"
                        + " climate.warm_air light.dark | stand, slab, hottest week, 30 °C, damp hide, warm end, light",
                "mossy-frog-paludarium | climate.cool_air climate.heat.none climate.limit.high climate.night"
                        + " climate.rh.high climate.water vessel.space_now | hottest week, No heater, 26 °C, water, short of the usual room, moister",
                "giant-millipede-box | climate.cool_air climate.night climate.rh.high climate.warm_air room.cool_end"
                        + " room.winter_cold vessel.space_grown | 27 °C, 16 °C, moister, winter, outgrow"
            })
    void everyCautionOfADemoPlanIsMeantAndExplained(String name, String cautions, String reasons) throws IOException {
        Design design = example(name);
        Evaluation e = Evaluator.evaluate(design, CATALOGUE, Depth.WHOLE);
        assertThat(e.findings()).noneMatch(f -> f.severity() == Severity.STOP);
        List<String> said = e.findings().stream()
                .filter(f -> f.severity() == Severity.CAUTION)
                .map(f -> f.rule().value())
                .distinct()
                .sorted()
                .toList();
        assertThat(said).containsExactly(cautions.split(" "));
        assertThat(design.note().orElseThrow())
                .contains("is meant")
                .contains(Arrays.stream(reasons.split(",")).map(String::strip).toList());
    }
}
