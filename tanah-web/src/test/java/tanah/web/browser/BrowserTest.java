package tanah.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.TestInstance;
import org.springframework.boot.test.web.server.LocalServerPort;
import tanah.web.SharedApplication;

/** A real server, a real database, a real browser. Any error in the console or breach of the policy fails the test. */
@SharedApplication
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
abstract class BrowserTest {
    private static final List<String> ARGUMENTS = List.of(
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync");

    /** How long a state may take on a machine that is busy with something else (ms); a quiet one needs a fraction. */
    protected static final int PATIENCE = 60_000;

    private final List<String> errors = new ArrayList<>();
    /** One browser for all classes of this process; it ends with it. */
    private static Browser shared;

    private Browser browser;
    private BrowserContext context;

    protected Page page;

    @LocalServerPort
    private int port;

    @BeforeAll
    void open() {
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE);
        browser = sharedBrowser();
    }

    private static synchronized Browser sharedBrowser() {
        if (shared == null) {
            String chromium = System.getenv().getOrDefault("TANAH_CHROMIUM", "/usr/bin/chromium");
            Playwright playwright = Playwright.create();
            Runtime.getRuntime().addShutdownHook(new Thread(playwright::close));
            shared = playwright
                    .chromium()
                    .launch(new BrowserType.LaunchOptions()
                            .setExecutablePath(Path.of(chromium))
                            .setArgs(ARGUMENTS));
        }
        return shared;
    }

    @BeforeEach
    void newPage() {
        errors.clear();
        page = newContext(1280, 800).newPage();
        watch(page);
    }

    @AfterEach
    void noErrors() {
        context.close();
        assertThat(errors).as("errors in the console").isEmpty();
    }

    protected BrowserContext newContext(int width, int height) {
        BrowserContext made = browser.newContext(new Browser.NewContextOptions()
                .setBaseURL(System.getProperty("tanah.base", "http://localhost:" + port))
                .setLocale("en-GB")
                .setViewportSize(width, height));
        made.setDefaultTimeout(PATIENCE);
        if (context == null || context.pages().isEmpty()) {
            context = made;
        }
        return made;
    }

    /** Notes errors of a page; answers that a test provokes on purpose are no errors. */
    protected void watch(Page watched) {
        watched.onConsoleMessage(m -> {
            boolean expected = m.text().contains("status of 4");
            if (m.type().equals("error") && !expected) {
                errors.add(m.text());
            }
        });
        watched.onPageError(errors::add);
    }

    /** For a test that provokes a breach of the policy. */
    protected void forgetErrors() {
        errors.clear();
    }

    /** A new keeper, signed in, on an empty shelf. */
    protected ShelfPage registered() {
        return new SignInPage(page)
                .open()
                .register("keeper " + UUID.randomUUID().toString().substring(0, 8));
    }

    /** A new keeper with a frog's paludarium begun, on its ground. */
    protected GroundPage begun() {
        return begun("theloderma-corticale", "palud-glass-90x45x60");
    }

    /** A new keeper with an animal in a box, on its ground. */
    protected GroundPage begun(String species, String vessel) {
        registered();
        page.navigate("/enclosures/new?species=" + species + "&vessel=" + vessel + "&stand=300");
        GroundPage ground = new StartPage(page).goOn();
        PlaywrightAssertions.assertThat(ground.ready()).isVisible();
        return ground;
    }
}
