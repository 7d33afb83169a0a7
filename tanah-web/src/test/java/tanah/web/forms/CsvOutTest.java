package tanah.web.forms;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.StringReader;
import java.util.List;
import java.util.Random;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** No cell is a formula, and every cell comes back as it was. */
class CsvOutTest {

    private static CSVRecord read(Object... cells) throws IOException {
        StringBuilder out = new StringBuilder();
        try (CsvOut csv = new CsvOut(out)) {
            csv.row(cells);
        }
        return CSVFormat.RFC4180
                .parse(new StringReader(out.toString()))
                .getRecords()
                .get(0);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "=1+1",
                "=cmd|' /C calc'!A0",
                "+49 30",
                "-moss",
                "@sum(a1)",
                "\t=1",
                "\r=1",
                "'=1",
                "''@x",
                "--5",
                "-5 °C",
                "=\"a\nb\""
            })
    void whatBeginsLikeAFormulaIsText(String text) throws IOException {
        String cell = read(text).get(0);
        assertThat(cell).isEqualTo("'" + text);
        assertThat(CsvOut.text(cell)).isEqualTo(text);
    }

    @ParameterizedTest
    @CsvSource({"moss", "'tis", "5", "-5", "-5.25", "a=b", "''"})
    void whatDoesNotIsLeftAlone(String text) throws IOException {
        assertThat(read(text).get(0)).isEqualTo(text);
        assertThat(CsvOut.text(text)).isEqualTo(text);
    }

    @Test
    void numbersAndNothingAreCellsToo() throws IOException {
        CSVRecord row = read(-3, 2.5, null, "x");
        assertThat(List.of(row.get(0), row.get(1), row.get(2), row.get(3))).containsExactly("-3", "2.5", "", "x");
    }

    @Test
    void anyTextComesBack() throws IOException {
        Random random = new Random(7);
        String letters = "'=+-@\t\r\n\",5ax ";
        for (int i = 0; i < 5000; i++) {
            StringBuilder text = new StringBuilder();
            for (int n = random.nextInt(6); n >= 0; n--) {
                text.append(letters.charAt(random.nextInt(letters.length())));
            }
            String cell = read(text.toString()).get(0);
            assertThat(CsvOut.text(cell)).isEqualTo(text.toString());
            boolean number = cell.matches("-?\\d+(\\.\\d+)?");
            assertThat(number || "=+-@\t\r".indexOf(cell.charAt(0)) < 0)
                    .as(cell)
                    .isTrue();
        }
    }
}
