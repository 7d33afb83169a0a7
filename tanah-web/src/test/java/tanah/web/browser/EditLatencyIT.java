package tanah.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/**
 * How long a change of a depth takes until drawing, ledger and notes stand on the screen, measured in the browser from
 * the edit to the frame after the parts were put in place. Part of {@code ./tanah bench}; it judges nothing.
 */
@EnabledIfSystemProperty(named = "tanah.latency", matches = ".+")
class EditLatencyIT extends BrowserTest {
    private static final int EDITS = 200;
    private static final int WARM_UP = 40;

    @Test
    void measure() throws IOException {
        new SignInPage(page).open().enterDemo();
        StringBuilder table =
                new StringBuilder("enclosure, kind of edit, edits, median ms, 95th percentile ms, largest ms\n");
        // a process that has just started still compiles what it runs: that is no edit's doing
        page.navigate("/");
        typed(new ShelfPage(page).openEnclosure("Mossy frog paludarium"));
        for (String name : List.of("Mossy frog paludarium", "Collared lizard, arid", "Giant millipede box")) {
            page.navigate("/");
            GroundPage ground = new ShelfPage(page).openEnclosure(name);
            ground.ready().waitFor();
            if (ground.depth("soil").count() > 0) {
                table.append(row(name, "typed and saved", typed(ground)));
            }
            table.append(row(name, "stepped by key and saved", stepped(ground)));
            table.append(row(name, "light stepped and saved, field drawn", lit()));
        }
        Files.writeString(Path.of(System.getProperty("tanah.latency")), table.toString());
    }

    private double[] typed(GroundPage ground) {
        for (int i = 0; i < EDITS + WARM_UP; i++) {
            String value = String.format(Locale.ROOT, "%.1f", 6 + 0.1 * (i % 40));
            ground.typeDepth("soil", value);
            assertThat(ground.handle()).hasAttribute("data-value", value.replaceAll("\\.0$", ""));
        }
        return measured();
    }

    private double[] stepped(GroundPage ground) {
        for (int i = 0; i < EDITS + WARM_UP; i++) {
            String before = ground.handle().getAttribute("data-value");
            ground.handle().focus();
            page.keyboard().press(i % 20 < 10 ? "ArrowUp" : "ArrowDown");
            assertThat(ground.handle()).not().hasAttribute("data-value", before);
        }
        return measured();
    }

    /** The hours of light stepped up and down on the stage of heat: the new steady field is what is shown. */
    private double[] lit() {
        StagePage stage = StagePage.open(page, "heat");
        for (int i = 0; i < EDITS + WARM_UP; i++) {
            stage.type("photoperiod", i % 2 == 0 ? "11.5" : "12.5");
        }
        double[] all = measured();
        StagePage.open(page, "ground");
        return all;
    }

    /** Durations without the warm-up, sorted; clears them in the page. */
    private double[] measured() {
        @SuppressWarnings("unchecked")
        List<Number> all = (List<Number>) page.evaluate("async () => {"
                + " await new Promise(r => requestAnimationFrame(() => setTimeout(r, 50)));"
                + " const d = performance.getEntriesByName('tanah-edit-shown').map(e => e.duration);"
                + " performance.clearMeasures(); return d; }");
        return all.stream()
                .skip(WARM_UP)
                .mapToDouble(Number::doubleValue)
                .sorted()
                .toArray();
    }

    private static String row(String name, String kind, double[] sorted) {
        return String.format(
                Locale.ROOT,
                "%s, %s, %d, %.0f, %.0f, %.0f%n",
                name,
                kind,
                sorted.length,
                sorted[sorted.length / 2],
                sorted[(int) Math.ceil(sorted.length * 0.95) - 1],
                sorted[sorted.length - 1]);
    }
}
