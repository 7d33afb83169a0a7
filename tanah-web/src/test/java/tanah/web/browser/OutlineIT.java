package tanah.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The outline of a piece in the hand: its form, its corners by mouse and by keys, undone and kept. */
class OutlineIT extends BrowserTest {
    private StagePage stage;

    private Locator corner(String view, int number) {
        return page.locator("#piece-corner-" + view + "-" + number + "-stone");
    }

    private int corners(String view) {
        return page.locator("[id^='piece-corner-" + view + "-']").count();
    }

    private void opened() {
        begun();
        stage = StagePage.open(page, "hardscape").add("granite");
        assertThat(stage.saved()).containsText("Revision 2");
        page.locator("details[data-open='outline'] summary").click();
        assertThat(corner("plan", 0)).isVisible();
    }

    @Test
    void aFormIsChosenAndDrawnAnewAndTheNumbersStay() {
        opened();
        Locator drawn = stage.inPlan("stone").locator("polygon:not(.hold)");
        String mass = stage.number("Mass").textContent();
        String first = drawn.getAttribute("points");
        StagePage.shown(page, () -> stage.field("form").selectOption("root"));
        assertThat(drawn).not().hasAttribute("points", first);
        String root = drawn.getAttribute("points");
        StagePage.shown(page, () -> stage.press("Another outline"));
        assertThat(drawn).not().hasAttribute("points", root);
        assertThat(stage.field("form")).hasValue("root");
        assertThat(stage.number("Mass")).hasText(mass);
        page.reload();
        assertThat(page.locator("body[data-ready]")).isVisible();
        assertThat(stage.field("form")).hasValue("root");
    }

    @Test
    void aCornerIsDraggedSteppedDoubledAndTakenOut() {
        opened();
        String x = corner("plan", 3).getAttribute("data-x");
        stage.drag(corner("plan", 3), -3, -1);
        assertThat(stage.saved()).containsText("Revision 3");
        assertThat(corner("plan", 3)).not().hasAttribute("data-x", x);
        page.locator("[data-undo]").click();
        assertThat(corner("plan", 3)).hasAttribute("data-x", x);
        assertThat(page.locator("body[data-ready]")).isVisible();

        int before = corners("front");
        corner("front", 2).focus();
        String at = corner("front", 2).getAttribute("data-other");
        StagePage.shown(page, () -> page.keyboard().press("ArrowDown"));
        assertThat(corner("front", 2)).not().hasAttribute("data-other", at);
        assertThat(corner("front", 2)).isFocused();
        StagePage.shown(page, () -> page.keyboard().press("+"));
        assertThat(page.locator("[id^='piece-corner-front-']")).hasCount(before + 1);
        assertThat(corner("front", 2)).isFocused();
        StagePage.shown(page, () -> page.keyboard().press("Delete"));
        assertThat(page.locator("[id^='piece-corner-front-']")).hasCount(before);
        assertThat(stage.rows()).hasCount(1);
    }

    @Test
    void cornersShowOnlyWhileTheirListIsOpen() {
        opened();
        page.locator("details[data-open='outline'] summary").click();
        assertThat(corner("plan", 0)).isHidden();
        stage.drag(stage.inPlan("stone"), 4, 0);
        assertThat(stage.saved()).containsText("Revision 3");
        assertThat(page.locator(".layer.selected .field-error")).hasCount(0);
        page.locator("details[data-open='outline'] summary").click();
        assertThat(corner("plan", 0)).hasClass(Pattern.compile("movable"));
    }
}
