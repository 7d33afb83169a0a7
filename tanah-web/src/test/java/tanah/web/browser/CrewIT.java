package tanah.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A cleanup crew in the hand: from one that dies out to one that holds, and what is typed wrong. */
class CrewIT extends BrowserTest {

    private void set(String name) {
        page.locator("#add").fill(name);
        StagePage.shown(page, () -> page.locator("#add").press("Enter"));
    }

    @Test
    void aCrewForTheDampDiesOutInTheDesertUntilItIsChanged() {
        begun("crotaphytus-collaris", "pvc-120x60x90");
        page.locator("#add").selectOption("arid_burrow_clay_sand");
        page.locator("#pit .add button").click();
        StagePage stage = StagePage.open(page, "crew");
        assertThat(page.locator("#pit")).containsText("Nobody cleans up yet");
        assertThat(page.locator("#year")).isHidden();
        set("nobody at all");
        assertThat(page.locator("#add-error")).containsText("No crew is called");
        assertThat(page.locator("#add")).hasValue("nobody at all");
        set("dwarf wite isopod");
        assertThat(stage.selected()).hasText(Pattern.compile("Dwarf white isopod"));
        for (String wrong : List.of("30 to 60", "0", "1e9", "half")) {
            stage.type("crew-count", wrong);
            assertThat(stage.error()).isVisible();
            assertThat(stage.field("crew-count")).hasValue(wrong);
        }
        stage.type("crew-count", "200");
        assertThat(stage.number("Lives at")).containsText("%");
        assertThat(page.locator("#year svg")).hasCount(3); // they come with the first kind, without a reload
        assertThat(page.locator("#year svg").nth(2))
                .hasAttribute(
                        "aria-label", Pattern.compile("Dwarf white isopod: 1 at the start, 0(\\.\\d)? after a year."));
        stage.open("care");
        assertThat(stage.number("Waste of the animals")).containsText("g");
        stage.type("spot", "30");
        assertThat(stage.number("Taken out by hand")).containsText("30");
        page.keyboard().press("Control+z");
        page.reload();
        assertThat(page.locator("#pit h1")).hasText("Crew & litter");
        assertThat(stage.rows()).hasCount(2);
    }
}
