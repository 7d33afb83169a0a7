package tanah.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A cleanup crew in the hand: from one that dies out to one that holds, and what is typed wrong. */
class CrewIT extends BrowserTest {

    private void set(String name) {
        page.locator("#add").fill(name);
        StagePage.shown(page, () -> page.locator("#add").press("Enter"));
    }

    private void undo(StagePage stage) {
        String before = stage.saved().innerText();
        page.locator("[data-undo]").click();
        assertThat(stage.saved()).not().hasText(before);
    }

    @Test
    void aCrewForTheDampDiesOutInTheDesertUntilItIsChanged() {
        begun("crotaphytus-collaris", "pvc-120x60x90");
        page.locator("#add").selectOption("arid_burrow_clay_sand");
        page.locator("#pit .add button").click();
        StagePage stage = StagePage.open(page, "crew");
        assertThat(page.locator("#pit")).containsText("Nobody cleans up yet");
        assertThat(page.locator("#year svg")).hasCount(0);
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
        // beside the drawing stands what the crew comes to, not the animal
        Locator beside = page.locator(".ledger");
        assertThat(beside).containsText("The crew");
        assertThat(beside).containsText(Pattern.compile("Dwarf white isopod\\s*\\d+.%"));
        assertThat(beside).containsText("Caution, fails");
        stage.open("care");
        assertThat(stage.number("Waste of the animals")).containsText("g");
        stage.type("spot", "30");
        assertThat(stage.number("Taken out by hand")).containsText("30");
        page.keyboard().press("Control+z");
        page.reload();
        assertThat(page.locator("#pit h1")).hasText("Crew & litter");
        assertThat(stage.rows()).hasCount(2);
    }

    /** The desert box: from a crew that dies out to one that carries the waste, taken and undone; then a damp place by hand. */
    @Test
    void aDesertIsMadeBioactiveAndADampPlaceIsLaid() {
        begun("crotaphytus-collaris", "pvc-120x60x90");
        page.locator("#add").selectOption("arid_burrow_clay_sand");
        page.locator("#pit .add button").click();
        StagePage stage = StagePage.open(page, "crew");
        set("dwarf white isopod");
        page.locator("#year a.strong").click();
        assertThat(page.locator("h1")).hasText("Make it bioactive");
        page.locator("#find .btn-ink").click();
        page.locator("#found").waitFor();
        assertThat(page.locator("#found")).hasText("This carries it");
        Locator least = page.locator(".fill-way").first();
        assertThat(least).containsText("Leave out Dwarf white isopod");
        assertThat(least).containsText("Lay leaves");
        assertThat(least).containsText(Pattern.compile("Carried from\\s*day \\d+"));
        least.locator("form button").click();
        assertThat(page.locator("#pit .layers")).isVisible();
        assertThat(page.locator(".layer-name", new Page.LocatorOptions().setHasText("Dwarf white isopod")))
                .hasCount(0);
        assertThat(stage.rows()).hasCount(3);
        page.locator(".all-notes summary").click();
        assertThat(page.locator(".note-list")).containsText("The crew carries the waste");

        stage.open("care");
        StagePage.shown(
                page, () -> page.locator("#pit").getByText("Keep a part damp").click());
        assertThat(stage.selected()).hasText(Pattern.compile("Damp place"));
        assertThat(page.locator(".kept-place")).hasCount(1);
        assertThat(stage.number("Of the land")).containsText("%");
        stage.type("refuge-length", "a hand");
        assertThat(stage.error()).isVisible();
        assertThat(stage.field("refuge-length")).hasValue("a hand");
        stage.type("refuge-length", "12");
        assertThat(stage.field("refuge-length")).hasValue("12");
        undo(stage);
        undo(stage);
        assertThat(page.locator(".kept-place")).hasCount(0);
        undo(stage);
        assertThat(page.locator(".layer-name", new Page.LocatorOptions().setHasText("Dwarf white isopod")))
                .hasCount(1);
    }
}
