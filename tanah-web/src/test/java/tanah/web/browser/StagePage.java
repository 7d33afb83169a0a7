package tanah.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;

/** A stage whose parts are lists of fields: hardscape or water. */
record StagePage(Page page) {
    static StagePage open(Page page, String stage) {
        page.navigate(
                page.url().replaceFirst("/(ground|hardscape|water|heat|air|planting|crew)([?].*)?$", "/" + stage));
        StagePage opened = new StagePage(page);
        assertThat(page.locator("body[data-ready]")).isVisible();
        return opened;
    }

    /** A field of the selected part by the edit that it makes. */
    Locator field(String op) {
        return page.locator(".layer.selected [id^='" + op + "-']:is(input, select)");
    }

    Locator error() {
        return page.locator(".layer.selected .field-error");
    }

    Locator rows() {
        return page.locator("#pit .layer");
    }

    Locator selected() {
        return page.locator(".layer.selected .layer-name");
    }

    Locator saved() {
        return page.locator("#saved");
    }

    Locator notes() {
        return page.locator(".two-notes");
    }

    /** The number beside a word in the selected part. */
    Locator number(String label) {
        return page.locator(".layer.selected .rows div", new Page.LocatorOptions().setHasText(label));
    }

    Locator inPlan(String piece) {
        return page.locator("#piece-move-" + piece);
    }

    Locator inSection(String piece) {
        return page.locator("#piece-lift-" + piece);
    }

    Locator handle(String op) {
        return page.locator("[data-op='" + op + "'][data-handle]");
    }

    StagePage type(String op, String value) {
        field(op).fill(value);
        shown(page, () -> field(op).press("Enter"));
        return this;
    }

    /** Makes an edit and waits until its answer stands on the page, so that it does not fall into the next typing. */
    static void shown(Page page, Runnable edit) {
        String count = "performance.getEntriesByName('tanah-edit-shown').length";
        Object before = page.evaluate(count);
        edit.run();
        page.waitForFunction("before => " + count + " > before", before);
    }

    StagePage add(String option) {
        page.locator("#add").selectOption(option);
        return press("Add");
    }

    StagePage press(String button) {
        page.locator("#pit")
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName(button).setExact(true))
                .click();
        return this;
    }

    /** The first draft of land and water, stored and shown. */
    StagePage makeWater() {
        shown(page, () -> press("Make a water part"));
        return this;
    }

    StagePage open(String part) {
        page.locator("[data-select='" + part + "']").click();
        page.locator(".layer.selected [data-select='" + part + "']").waitFor();
        return this;
    }

    /** Drags something by centimetres of the drawing, in steps as a hand does. */
    StagePage drag(Locator thing, double right, double up) {
        double scale = Double.parseDouble(page.locator(".sheet-drawing").getAttribute("data-scale"));
        // an answer on its way may just replace the drawing
        page.waitForCondition(() -> thing.boundingBox() != null);
        thing.hover();
        BoundingBox[] seen = {null};
        page.waitForCondition(() -> {
            seen[0] = thing.boundingBox();
            return seen[0] != null;
        });
        BoundingBox box = seen[0];
        double x = box.x + box.width / 2;
        double y = box.y + box.height / 2;
        page.mouse().move(x, y);
        page.mouse().down();
        for (int i = 1; i <= 8; i++) {
            page.mouse().move(x + right * scale * i / 8, y - up * scale * i / 8);
        }
        page.mouse().up();
        return this;
    }
}
