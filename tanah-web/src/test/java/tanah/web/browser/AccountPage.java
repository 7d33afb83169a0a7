package tanah.web.browser;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;

/** The own account. */
record AccountPage(Page page) {
    AccountPage open() {
        page.navigate("/account");
        return this;
    }

    AccountPage rename(String name, String password) {
        page.locator("#name").fill(name);
        page.locator("#namePassword").fill(password);
        page.locator("form[action='/account/name'] button").click();
        return this;
    }

    AccountPage password(String old, String fresh) {
        page.locator("#old").fill(old);
        page.locator("#fresh").fill(fresh);
        page.locator("form[action='/account/password'] button").click();
        return this;
    }

    AccountPage leave(String password) {
        page.locator("#leavePassword").fill(password);
        page.locator("form[action='/account/leave'] button").click();
        return this;
    }

    Locator error(String field) {
        return page.locator("#" + field + "-error");
    }

    Locator done() {
        return page.locator("main > .message");
    }

    Locator sittings() {
        return page.locator(".ledger-table tbody tr");
    }
}
