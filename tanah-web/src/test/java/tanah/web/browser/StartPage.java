package tanah.web.browser;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;

/** Animal, vessel and room. */
record StartPage(Page page) {
    StartPage search(String text) {
        page.locator("#q").pressSequentially(text);
        return this;
    }

    Locator matches() {
        return page.locator(".match");
    }

    StartPage choose(String latin) {
        page.locator(".match", new Page.LocatorOptions().setHasText(latin)).click();
        return this;
    }

    StartPage fill(String field, String value) {
        page.locator("#" + field).fill(value);
        page.locator("#" + field).press("Tab");
        return this;
    }

    StartPage vessel(String id) {
        page.locator("#vessel").selectOption(id);
        return this;
    }

    Locator error(String field) {
        return page.locator("#" + field + "-error");
    }

    Locator needs() {
        return page.locator("#needs");
    }

    Locator follows() {
        return page.locator("#follows");
    }

    GroundPage goOn() {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Go on to the ground"))
                .click();
        return new GroundPage(page);
    }
}
