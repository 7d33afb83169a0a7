package tanah.web.browser;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;

/** Stage 3. */
record GroundPage(Page page) {
    /** The page once its script has fitted the drawing to the sheet. */
    Locator ready() {
        return page.locator("body[data-ready] .sheet-drawing");
    }

    Locator drawing() {
        return page.locator(".sheet-drawing");
    }

    Locator depth(String layer) {
        return page.locator("#depth-" + layer);
    }

    Locator depthError(String layer) {
        return page.locator("#depth-" + layer + "-error");
    }

    Locator saved() {
        return page.locator("#saved");
    }

    Locator notes() {
        return page.locator(".two-notes");
    }

    Locator ledger() {
        return page.locator("#ledger");
    }

    Locator handle() {
        return page.locator("[data-handle]");
    }

    Locator conflict() {
        return page.locator("[data-conflict]");
    }

    GroundPage typeDepth(String layer, String value) {
        depth(layer).fill(value);
        depth(layer).press("Enter");
        return this;
    }

    /** Drags the edge of the selected layer up by so many centimetres, in steps as a hand does. */
    GroundPage dragUp(double centimetres) {
        double scale = Double.parseDouble(drawing().getAttribute("data-scale"));
        BoundingBox box = handle().locator(".tab").boundingBox();
        double x = box.x + box.width / 2;
        double y = box.y + box.height / 2;
        page.mouse().move(x, y);
        page.mouse().down();
        for (int i = 1; i <= 10; i++) {
            page.mouse().move(x, y - centimetres * scale * i / 10);
        }
        page.mouse().up();
        return this;
    }

    GroundPage select(String layer) {
        page.locator("[data-select='" + layer + "']").click();
        page.locator(".layer.selected [data-select='" + layer + "']").waitFor();
        return this;
    }

    Page buyList() {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Build sheet"))
                .click();
        return page;
    }
}
