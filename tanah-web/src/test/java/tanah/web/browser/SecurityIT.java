package tanah.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Response;
import com.microsoft.playwright.options.FormData;
import com.microsoft.playwright.options.RequestOptions;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** Doors: who gets in, what a page may load, what an error shows. */
class SecurityIT extends BrowserTest {

    @Test
    void everyPageForbidsForeignAndInlineScript() {
        Response answer = page.navigate("/sign-in");
        String policy = answer.headerValue("content-security-policy");
        assertThat(policy).contains("default-src 'none'", "script-src 'self'", "frame-ancestors 'none'");
        assertThat(policy).doesNotContain("unsafe");
        assertThat(answer.headerValue("x-content-type-options")).isEqualTo("nosniff");
        page.evaluate(
                "() => { const s = document.createElement('script'); s.textContent = 'window.bad = 1'; document.body.append(s); }");
        assertThat(page.evaluate("() => window.bad === undefined")).isEqualTo(true);
        forgetErrors();
    }

    @Test
    void aStrangerIsSentToTheDoor() {
        for (String path : List.of("/", "/enclosures/1/ground", "/enclosures/new", "/enclosures/1/design.json")) {
            page.navigate(path);
            assertThat(page).hasURL(java.util.regex.Pattern.compile("/sign-in$"));
        }
        APIResponse schema = page.request().get("/schema/design-1.json");
        assertThat(schema.ok()).isTrue();
        assertThat(schema.text()).contains("tanah-design");
    }

    @Test
    void aPostWithoutItsTokenIsRefusedInTheProductsLook() {
        registered();
        APIResponse answer = page.request()
                .post(
                        "/enclosures",
                        RequestOptions.create().setForm(FormData.create().set("species", "x")));
        assertThat(answer.status()).isEqualTo(403);
        assertThat(answer.text()).contains("This is not allowed").doesNotContain("Exception");
    }

    @Test
    void guessingAPasswordIsSlowedDown() {
        String name = "guessed " + UUID.randomUUID();
        SignInPage door = new SignInPage(page).open();
        for (int i = 0; i < 4; i++) {
            door.signIn(name, "wrong " + i);
            assertThat(door.alert()).containsText("do not belong together");
            assertThat(page.getByLabel("Name")).hasValue(name);
        }
        // in the other letters, and as full ones
        for (int i = 0; i < 2 && !door.alert().innerText().contains("Too many"); i++) {
            door.signIn(name.toUpperCase(java.util.Locale.ROOT), "wrong again");
        }
        assertThat(door.alert()).containsText("Too many tries. Wait");
    }

    /** What nobody signed in for leaves no session, and whoever knew a session before knows none after. */
    @Test
    void aSessionBeginsAtTheDoor() {
        for (String path : List.of("/sign-in", "/register", "/", "/enclosures/1/ground", "/none")) {
            page.navigate(path);
            assertThat(sessionCookie()).as(path).isEmpty();
        }
        registered();
        String mine = sessionCookie().orElseThrow();
        page.navigate("/register");
        assertThat(page).hasURL(java.util.regex.Pattern.compile("/$"));
        page.locator("form[action='/sign-out'] button").click();
        page.navigate("/register");
        page.context()
                .addCookies(List.of(new com.microsoft.playwright.options.Cookie("tanah", mine).setUrl(page.url())));
        new SignInPage(page)
                .open()
                .register("keeper " + UUID.randomUUID().toString().substring(0, 8));
        assertThat(sessionCookie()).isPresent().isNotEqualTo(java.util.Optional.of(mine));
    }

    private java.util.Optional<String> sessionCookie() {
        return page.context().cookies().stream()
                .filter(c -> c.name.equals("tanah"))
                .map(c -> c.value)
                .findFirst();
    }

    @Test
    void registeringSaysWhatIsWrongAndKeepsTheName() {
        page.navigate("/register");
        page.getByLabel("Name").fill("x");
        page.getByLabel("Password").fill("short");
        page.locator("button[type=submit]").click();
        assertThat(page.locator("#name-error")).containsText("Between 2 and 60");
        assertThat(page.locator("#password-error")).containsText("At least 10 characters");
        assertThat(page.getByLabel("Name")).hasValue("x");
        page.getByLabel("Name").fill("kее per"); // two of its letters are Cyrillic
        page.getByLabel("Password").fill("1234567890");
        page.locator("button[type=submit]").click();
        assertThat(page.locator("#name-error")).containsText("several scripts");
        assertThat(page.locator("#password-error")).containsText("guessed soon");
        page.getByLabel("Password").fill("ö".repeat(60));
        page.getByLabel("Name").fill("someone " + UUID.randomUUID());
        page.locator("button[type=submit]").click();
        assertThat(page.locator("#password-error")).isVisible();
    }

    @Test
    void signingOutEndsTheSitting() {
        ShelfPage shelf = registered();
        assertThat(shelf.head()).isVisible();
        page.locator("form[action='/sign-out'] button").click();
        page.navigate("/");
        assertThat(page).hasURL(java.util.regex.Pattern.compile("/sign-in$"));
    }

    @Test
    void oddRequestsGetAPageAndNoTrace() {
        registered();
        for (String path : List.of(
                "/enclosures/999999999/ground",
                "/enclosures/abc/ground",
                "/enclosures/1/nothing",
                "/none",
                "/enclosures/new?species=%00",
                "/enclosures/new?vessel=own&length=1e9&width=-1&height=abc&species=crotaphytus-collaris")) {
            APIResponse answer = page.request().get(path);
            assertThat(answer.status()).as(path).isLessThan(500);
            assertThat(answer.text()).as(path).doesNotContain("Exception", "java.lang");
        }
    }
}
