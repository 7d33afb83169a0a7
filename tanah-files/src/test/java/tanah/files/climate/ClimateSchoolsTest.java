package tanah.files.climate;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.school.School;
import tanah.core.school.Schools;
import tanah.files.catalogue.CatalogueReader;
import tanah.files.design.DesignReader;
import tanah.files.design.DesignWriter;
import tanah.files.design.Parsed;

/** Each way of heat, light and air changes the plan to what it says, and the plan stays one that the format takes. */
class ClimateSchoolsTest {
    private static final Catalogue CATALOGUE = CatalogueReader.read();
    private static final LocalDate TODAY = LocalDate.of(2026, 3, 5);

    @ParameterizedTest
    @ValueSource(strings = {"mossy-frog-paludarium", "collared-lizard-arid", "giant-millipede-box"})
    void aWayThatIsTakenIsTheWayThatThePlanFollows(String name) throws IOException {
        byte[] document = Files.readAllBytes(Path.of("..", "docs", "examples", name + ".json"));
        Design design = ((Parsed.Accepted) new DesignReader(CATALOGUE).read(document)).design();
        for (School school : List.of(Schools.UV, Schools.HEAT, Schools.MISTING, Schools.LID)) {
            for (String option : school.options()) {
                Design taken = Schools.apply(design, school.id(), option, CATALOGUE, TODAY);
                // what the plan amounts to, not what was written down
                assertThat(Schools.current(taken.withSchools(List.of()), school, CATALOGUE))
                        .as(school.id())
                        .isEqualTo(option);
                assertThat(new DesignReader(CATALOGUE).read(DesignWriter.write(taken)))
                        .isInstanceOf(Parsed.Accepted.class);
                Evaluation e = Evaluator.evaluate(taken, CATALOGUE, Evaluator.Depth.STEADY);
                assertThat(e.forecast()).isPresent();
            }
        }
    }
}
