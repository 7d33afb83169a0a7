package tanah.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import java.time.Instant;
import java.util.UUID;
import java.util.regex.Pattern;
import javax.crypto.spec.SecretKeySpec;
import org.apache.commons.codec.binary.Base32;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import tanah.web.account.Registration;
import tanah.web.account.SiteService;

/** An account is changed, left and taken up again; its owner sees where it is in use; whoever runs the site helps and decides. */
class AccountIT extends BrowserTest {
    private static final String PASSWORD = SignInPage.PASSWORD;
    private static final String OTHER = "seven quiet geckos";

    private final SiteService site;
    private final JdbcTemplate database;

    @Autowired
    AccountIT(SiteService site, JdbcTemplate database) {
        this.site = site;
        this.database = database;
    }

    @AfterEach
    void asItWas() {
        site.setRegistration(Registration.OPEN);
    }

    private static String fresh() {
        return "fern " + UUID.randomUUID().toString().substring(0, 12);
    }

    private String registeredAs() {
        String name = fresh();
        new SignInPage(page).open().register(name);
        return name;
    }

    /** Another browser of the same keeper. */
    private Page elsewhere(String name, String password) {
        BrowserContext context = newContext(390, 844);
        Page other = context.newPage();
        new SignInPage(other).open().signIn(name, password);
        assertThat(other).hasURL(Pattern.compile("/$"));
        return other;
    }

    private static void isOut(Page other) {
        other.navigate("/settings");
        assertThat(other).hasURL(Pattern.compile("/sign-in$"));
    }

    @Test
    void aNewPasswordNeedsTheOldOneAndEndsWhatIsOpenElsewhere() {
        String name = registeredAs();
        Page phone = elsewhere(name, PASSWORD);
        AccountPage account = new AccountPage(page).open();
        assertThat(account.sittings()).hasCount(2);
        account.password("not the old one", OTHER);
        assertThat(account.error("old")).hasText("This is not your password.");
        account.password("", OTHER);
        assertThat(account.error("old")).hasText("Type your password.");
        account.password(PASSWORD, "short");
        assertThat(account.error("fresh")).containsText("At least 10 characters");
        phone.navigate("/account");
        assertThat(phone.locator("h1")).hasText("Your account");
        account.password(PASSWORD, OTHER);
        assertThat(account.done()).containsText("The password is changed");
        isOut(phone);
        phone.context().close();
        elsewhere(name, OTHER).context().close();
    }

    @Test
    void aNewNameKeepsTheSittingAndWhatWasTyped() {
        String old = registeredAs();
        String name = fresh();
        AccountPage account = new AccountPage(page).open().rename(name, "wrong one here");
        assertThat(account.error("namePassword")).hasText("This is not your password.");
        assertThat(page.locator("#name")).hasValue(name);
        account.rename("x", PASSWORD);
        assertThat(account.error("name")).containsText("Between 2 and 60");
        account.rename(name, PASSWORD);
        assertThat(account.done()).containsText("The name is changed");
        assertThat(page.locator("main")).containsText("You are " + name + " here.");
        page.reload();
        assertThat(account.sittings()).hasCount(1);
        elsewhere(name, PASSWORD).context().close();
        page.locator("form[action='/sign-out'] button").click();
        new SignInPage(page).signIn(old, PASSWORD);
        assertThat(new SignInPage(page).alert()).containsText("do not belong together");
    }

    @Test
    void aSittingElsewhereIsSeenAndEnded() {
        String name = registeredAs();
        Page phone = elsewhere(name, PASSWORD);
        AccountPage account = new AccountPage(page).open();
        assertThat(account.sittings()).hasCount(2);
        page.locator("form[action='/account/sittings/end'] button").click();
        assertThat(account.done()).hasText("It is ended.");
        assertThat(account.sittings()).hasCount(1);
        isOut(phone);
        phone.context().close();
    }

    @Test
    void whoGivesUpIsOutAndReturns() {
        registeredAs(); // the first of a fresh site cannot go while others are in
        page.locator("form[action='/sign-out'] button").click();
        String name = registeredAs();
        AccountPage account = new AccountPage(page).open().leave("no idea at all");
        assertThat(account.error("leavePassword")).hasText("This is not your password.");
        account.leave(PASSWORD);
        assertThat(page).hasURL(Pattern.compile("/sign-in\\?left$"));
        assertThat(page.locator("main")).containsText("Within 30 days");
        new SignInPage(page).signIn(name, PASSWORD);
        page.navigate("/enclosures/new");
        assertThat(page).hasURL(Pattern.compile("/account/leaving$"));
        page.locator("form[action='/account/return'] button").click();
        assertThat(page).hasURL(Pattern.compile("/$"));
        page.navigate("/enclosures/new");
        assertThat(page).hasURL(Pattern.compile("/enclosures/new$"));
    }

    /** The owner closes the door but for one link, resets a password, takes somebody out, and reads of it in the record. */
    @Test
    void whoeverRunsTheSiteDecidesWhoIsIn() {
        String owner = registeredAs();
        database.update("update keeper set owner = false where owner");
        database.update("update keeper set owner = true where name = ?", owner);
        page.navigate("/owner");
        page.locator("input[value='invited']").check();
        page.locator("form[action='/owner'] button").click();
        page.locator("form[action='/owner/links'] button").click();
        String link = page.locator(".message code").innerText();
        page.reload();
        assertThat(page.locator(".message code")).hasCount(0);

        BrowserContext context = newContext(1280, 800);
        Page guest = context.newPage();
        guest.navigate("/register");
        assertThat(guest.locator("main")).containsText("One comes in here by a link");
        String name = fresh();
        guest.navigate(link);
        guest.getByLabel("Name").fill(name);
        guest.getByLabel("Password").fill(PASSWORD);
        guest.locator("button[type=submit]").click();
        assertThat(guest).hasURL(Pattern.compile("/first$"));
        BrowserContext late = newContext(1280, 800);
        Page second = late.newPage();
        second.navigate(link);
        assertThat(second.locator("main")).containsText("This link holds no longer");

        page.navigate("/owner");
        page.getByText(name, new Page.GetByTextOptions().setExact(true)).click();
        page.locator("#password").fill("a guess that fails");
        page.locator("main form .btn-ink").click();
        assertThat(page.locator("#password-error")).hasText("This is not your password.");
        page.locator("#password").fill(PASSWORD);
        page.locator("main form .btn-ink").click();
        second.navigate(page.locator(".message code").innerText());
        assertThat(second.locator("main")).containsText("For " + name);
        second.locator("#password").fill("short");
        second.locator("main .btn-ink").click();
        assertThat(second.locator("#password-error")).containsText("At least 10 characters");
        second.locator("#password").fill(OTHER);
        second.locator("main .btn-ink").click();
        assertThat(second.locator("main")).containsText("The new password holds");
        isOut(guest);
        new SignInPage(second).signIn(name, OTHER);
        assertThat(second).hasURL(Pattern.compile("/$"));

        page.locator("input[value='take_out']").check();
        page.locator("#password").fill(PASSWORD);
        page.locator("main form .btn-ink").click();
        assertThat(page.locator("main > .message").first()).containsText("is out");
        isOut(second);
        new SignInPage(second).signIn(name, OTHER);
        assertThat(second.locator("main")).containsText("has taken the account out");
        assertThat(second.locator("form[action='/account/return']")).hasCount(0);

        page.navigate("/owner/record");
        assertThat(page.locator(".ledger-table")).containsText("took somebody out");
        page.locator("#kind").selectOption("reset_used");
        page.locator("main form button").click();
        assertThat(page.locator(".ledger-table tbody tr").first()).containsText(name);
        second.navigate("/owner/record");
        assertThat(second).hasURL(Pattern.compile("/account/leaving$"));
        context.close();
        late.close();
    }

    @Test
    void thePagesOfTheOwnerAreNotThereForOthers() {
        registeredAs();
        page.locator("form[action='/sign-out'] button").click();
        registeredAs();
        for (String path : new String[] {"/owner", "/owner/record", "/owner/people/1"}) {
            page.navigate(path);
            assertThat(page.locator("h1")).hasText("Nothing is here");
        }
    }

    /** With the second factor on a password alone opens no page at all; a recovery code stands in for the phone, once. */
    @Test
    void aSecondFactorIsAskedForAtTheDoor() throws Exception {
        String name = registeredAs();
        page.navigate("/account/second");
        page.locator("#code").fill("000000");
        page.locator("#password").fill("not this one");
        page.locator("main .btn-ink").click();
        assertThat(page.locator("#password-error")).hasText("This is not your password.");
        String secret = page.locator("code.ink").innerText().replace(" ", "");
        page.locator("#code").fill(codeOf(secret));
        page.locator("#password").fill(PASSWORD);
        page.locator("main .btn-ink").click();
        assertThat(page.locator(".recovery code")).hasCount(8);
        String recovery = page.locator(".recovery code").first().innerText();
        page.locator("form[action='/sign-out'] button").click();

        new SignInPage(page).signIn(name, PASSWORD);
        for (String path : new String[] {"/second", "/", "/account", "/settings", "/export.zip", "/r/token"}) {
            page.navigate(path);
            assertThat(page).hasURL(Pattern.compile("/second$"));
        }
        page.locator("#code").fill("no code");
        page.locator("main .btn-ink").click();
        assertThat(page.locator("#code-error")).containsText("This is not the code");
        page.locator("#code").fill(recovery);
        page.locator("main .btn-ink").click();
        assertThat(page).hasURL(Pattern.compile("/$"));
        page.locator("form[action='/sign-out'] button").click();
        new SignInPage(page).signIn(name, PASSWORD);
        page.locator("#code").fill(recovery);
        page.locator("main .btn-ink").click();
        assertThat(page.locator("#code-error")).isVisible();
    }

    private static String codeOf(String secret) throws Exception {
        TimeBasedOneTimePasswordGenerator codes = new TimeBasedOneTimePasswordGenerator();
        return codes.generateOneTimePasswordString(
                new SecretKeySpec(new Base32().decode(secret), codes.getAlgorithm()), Instant.now());
    }
}
