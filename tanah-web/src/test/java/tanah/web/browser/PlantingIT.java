package tanah.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Plants in the hand: named, set, dragged, stepped by keys, typed wrong, grown, changed for what would live there. */
class PlantingIT extends BrowserTest {

    private StagePage plant(StagePage stage, String name) {
        page.locator("#add").fill(name);
        StagePage.shown(page, () -> page.locator("#add").press("Enter"));
        return stage;
    }

    @Test
    void aPlantIsNamedSetMovedAndTakenOutAgain() {
        begun();
        StagePage stage = StagePage.open(page, "planting");
        assertThat(page.locator("#pit")).containsText("Nothing grows in it yet");
        plant(stage, "nerv plant");
        assertThat(stage.saved()).containsText("Revision 2");
        assertThat(stage.selected()).hasText(Pattern.compile("Nerve plant"));
        assertThat(stage.inPlan("plant")).isVisible();
        stage.type("x", "40").type("y", "20");
        assertThat(stage.saved()).containsText("Revision 4");
        stage.drag(stage.inPlan("plant"), 6, 8);
        assertThat(stage.saved()).containsText("Revision 5");
        assertThat(stage.field("x")).hasValue(Pattern.compile("4[56](\\.5)?"));
        assertThat(stage.field("y")).hasValue(Pattern.compile("2[78](\\.5)?"));
        stage.inPlan("plant").focus();
        String x = stage.field("x").inputValue();
        page.keyboard().press("ArrowRight");
        assertThat(stage.field("x")).not().hasValue(x);
        assertThat(stage.inPlan("plant")).isFocused();
        page.keyboard().press("Delete");
        assertThat(stage.rows()).hasCount(0);
        page.keyboard().press("Control+z");
        assertThat(stage.rows()).hasCount(1);
        page.reload();
        assertThat(stage.selected()).hasText(Pattern.compile("Nerve plant"));
    }

    @Test
    void whatIsTypedWrongIsToldBesideItsFieldAndStays() {
        begun();
        StagePage stage = StagePage.open(page, "planting");
        plant(stage, "qqqqq");
        assertThat(page.locator("#add-error")).containsText("No plant is called");
        assertThat(page.locator("#add")).hasValue("qqqqq");
        plant(stage, "begonia");
        assertThat(page.locator("#add-error")).containsText(Pattern.compile("\\d+ kinds have that name"));
        assertThat(page.locator("#add")).hasValue("begonia");
        plant(stage, "Saintpaulia");
        assertThat(stage.selected()).hasText(Pattern.compile("African violet"));
        for (String wrong : List.of("1e9", "abc", "-4", "")) {
            stage.type("x", wrong);
            assertThat(stage.error()).isVisible();
            assertThat(stage.field("x")).hasValue(wrong);
        }
        assertThat(stage.saved()).containsText("Revision 2");
    }

    @Test
    void itGrowsIsJudgedAndWhatWouldLiveThereIsOffered() {
        begun();
        page.locator("#add").selectOption("tropical_airy");
        page.locator("#pit .add button").click();
        StagePage stage = StagePage.open(page, "planting");
        plant(stage, "Euphorbia milii");
        assertThat(stage.notes()).containsText(Pattern.compile("Stop"));
        page.waitForCondition(
                () -> "true".equals(page.locator("body").getAttribute("data-settled")),
                new Page.WaitForConditionOptions().setTimeout(PATIENCE));
        stage.field("kind").selectOption("chlorophytum-comosum");
        assertThat(stage.selected()).hasText(Pattern.compile("Spider plant"));
        assertThat(stage.number("Settles in")).containsText("weeks");
        page.locator("#months").fill("0");
        assertThat(page.locator(".plant-disc .grown")).hasCount(0);
        page.locator("#months").fill("36");
        assertThat(page.locator("#grown")).hasText("36");
        page.locator("#field").selectOption("suits");
        assertThat(page.locator(".legend")).containsText("Where the chosen plant would live");
        // at a place where nothing stands: the cross is stepped, and what is offered there is set there
        page.locator(".reader-box summary").click();
        String before = page.locator(".reader-box summary").innerText();
        page.locator("#reader-plan").focus();
        page.keyboard().press("Shift+ArrowRight");
        assertThat(page.locator(".reader-box summary")).not().hasText(before);
        String name = page.locator(".offers-here button").first().innerText();
        StagePage.shown(page, () -> page.locator(".offers-here button").first().click());
        assertThat(stage.rows()).hasCount(2);
        assertThat(stage.selected()).containsText(name);
        page.setViewportSize(390, 844);
        StagePage.open(page, "planting");
        int over = (int) page.evaluate("document.documentElement.scrollWidth - innerWidth");
        assertThat(over).isLessThanOrEqualTo(0);
        page.navigate("/settings");
        page.locator("#language").selectOption("de");
        page.locator("#language")
                .locator("xpath=ancestor::form")
                .getByRole(AriaRole.BUTTON)
                .first()
                .click();
        page.goBack();
        page.goBack();
        page.reload();
        assertThat(page.locator("#pit h1")).hasText("Bepflanzung");
    }
}
