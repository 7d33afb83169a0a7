package tanah.web.browser;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.charset.StandardCharsets;

/** The shelf. */
record ShelfPage(Page page) {
    Locator head() {
        return page.locator("h1");
    }

    Locator cards() {
        return page.locator(".tag");
    }

    StartPage begin() {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Begin an enclosure"))
                .click();
        return new StartPage(page);
    }

    GroundPage openEnclosure(String name) {
        page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(name))
                .getByRole(AriaRole.LINK)
                .click();
        return new GroundPage(page);
    }

    Locator importFile(String name, String text) {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("open a design file"))
                .click();
        page.getByLabel("Design file")
                .setInputFiles(new com.microsoft.playwright.options.FilePayload(
                        name, "application/json", text.getBytes(StandardCharsets.UTF_8)));
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Open it as a new enclosure"))
                .click();
        return page.locator(".problems");
    }
}
