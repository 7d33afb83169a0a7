package tanah.web.browser;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;

/** Sign in and register. */
record SignInPage(Page page) {
    static final String PASSWORD = "a long enough word";

    SignInPage open() {
        page.navigate("/sign-in");
        return this;
    }

    ShelfPage register(String name) {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Register"))
                .click();
        page.getByLabel("Name").fill(name);
        page.getByLabel("Password").fill(PASSWORD);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Register"))
                .click();
        // the first start asks for units and the like
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Go on to the shelf"))
                .click();
        return new ShelfPage(page);
    }

    ShelfPage enterDemo() {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Enter the demo"))
                .click();
        return new ShelfPage(page);
    }

    SignInPage signIn(String name, String password) {
        page.getByLabel("Name").fill(name);
        page.getByLabel("Password").fill(password);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Sign in"))
                .click();
        return this;
    }

    Locator alert() {
        return page.getByRole(AriaRole.ALERT);
    }
}
