package tanah.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** The document in the keeper's hands, roles, languages, the log and what is taken out and in, in the real interface. */
class FrameIT extends BrowserTest {

    @Test
    void aSaveIsUndoneAndMadeAgainAndEveryStateStaysInTheList() {
        GroundPage ground = begun();
        ground.typeDepth("soil", "7");
        assertThat(ground.saved()).containsText("Revision 2");
        press("Undo");
        assertThat(ground.saved()).containsText("Revision 3");
        assertThat(ground.depth("soil")).not().hasValue("7");
        press("Redo");
        assertThat(ground.saved()).containsText("Revision 4");
        assertThat(ground.depth("soil")).hasValue("7");
        page.navigate(enclosure() + "/revisions?from=1&to=4");
        assertThat(page.locator(".overlay .before").first()).isVisible();
        assertThat(page.locator("section")).containsText("7.0 cm");
        assertThat(page.locator("section")).containsText("Filled and wet");
        press("Go back to revision 1");
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("Revision 1 stands again, as revision 5");
    }

    @Test
    void whatTwoChangedIsDecidedFieldByFieldAndTheRestIsPutTogether() {
        GroundPage first = begun();
        Page tab = page.context().newPage();
        tab.navigate(page.url());
        GroundPage second = new GroundPage(tab);
        assertThat(second.ready()).isVisible();
        first.typeDepth("soil", "10");
        assertThat(first.saved()).containsText("Revision 2");
        second.typeDepth("litter", "3");
        assertThat(second.saved()).containsText("Put together");
        assertThat(second.depth("soil")).hasValue("10");
        first.typeDepth("soil", "12");
        assertThat(first.saved()).containsText("Revision 4");
        tab.reload();
        assertThat(second.ready()).isVisible();
        first.typeDepth("soil", "6");
        assertThat(first.saved()).containsText("Revision 5");
        second.typeDepth("soil", "8");
        assertThat(second.conflict()).containsText("was 12.0 cm; yours 8.0 cm; theirs 6.0 cm");
        tab.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("See both"))
                .click();
        // nothing chosen: still open, nothing lost
        tab.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Save what is chosen"))
                .click();
        assertThat(tab.getByRole(AriaRole.ALERT)).containsText("still open");
        tab.locator("input[value=mine]").first().check();
        tab.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Save what is chosen"))
                .click();
        assertThat(second.depth("soil")).hasValue("8");
        assertThat(second.depth("litter")).hasValue("3");
    }

    @Test
    void anEnclosureIsDeletedOnlyByItsNameAndComesBack() {
        begun();
        page.navigate(enclosure() + "/plan");
        page.locator("#name").fill("Frogs of room B");
        press("Rename");
        assertThat(page.locator("#name")).hasValue("Frogs of room B");
        page.locator("#typedName").fill("frogs");
        press("Delete this enclosure");
        assertThat(page.locator("#delete-error")).containsText("Frogs of room B");
        assertThat(page.locator("#typedName")).hasValue("frogs");
        page.locator("#typedName").fill("Frogs of room B");
        press("Delete this enclosure");
        assertThat(page.locator("h1")).hasText("No enclosure yet.");
        page.locator(".message").getByRole(AriaRole.BUTTON).click();
        assertThat(page.locator(".tag h2")).hasText("Frogs of room B");
        page.navigate(enclosureOf(page.locator(".tag h2 a").getAttribute("href")) + "/plan");
        press("Make a copy");
        assertThat(page.locator("#title")).containsText("Copy of Frogs of room B");
        page.navigate(enclosure() + "/plan");
        press("Put away");
        assertThat(page.locator(".tag h2")).hasCount(1);
        page.locator(".put-away summary").click();
        page.locator(".put-away").getByRole(AriaRole.BUTTON).click();
        assertThat(page.locator(".tag h2")).hasCount(2);
    }

    @Test
    void aLinkLetsOnePersonInWithItsRoleAndNoMore() {
        begun();
        String enclosure = enclosure();
        page.navigate(enclosure + "/plan");
        page.locator("#role").selectOption("assistant");
        press("Make a link");
        String link = page.locator("[data-select-all]").inputValue();
        try (BrowserContext other = newContext(1280, 800)) {
            Page guest = other.newPage();
            new SignInPage(guest).open().register("guest " + System.identityHashCode(other));
            guest.navigate(link);
            guest.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Accept"))
                    .click();
            assertThat(guest.locator("#title")).isVisible();
            assertThat(guest.locator("#steps")).hasCount(0);
            assertThat(guest.navigate(enclosure + "/log").status()).isEqualTo(200);
            guest.locator("#value").fill("21");
            guest.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Save the reading"))
                    .click();
            assertThat(guest.locator("#events")).isVisible();
            // what is not drawn is not allowed either
            for (String stage : List.of("/ground", "/hardscape", "/water")) {
                guest.navigate(enclosure + stage);
                assertThat(guest.locator("#pit button:visible")).hasCount(0);
                assertThat(guest.locator(".note form, [data-handle], [data-move]"))
                        .hasCount(0);
            }
            assertThat(guest.locator("#pit :is(input, select):not([type=hidden]):enabled"))
                    .hasCount(0);
            guest.navigate(enclosure + "/ground");
            Object status = guest.evaluate(
                    "async path => { const h = {}; h[document.querySelector('meta[name=_csrf_header]').content] = document.querySelector('meta[name=_csrf]').content; return (await fetch(path, { method: 'POST', headers: h, body: new URLSearchParams({ op: 'depth', part: 'soil', value: '3' }) })).status; }",
                    enclosure + "/ground");
            assertThat(status).isEqualTo(403);
            guest.navigate(link);
            assertThat(guest.locator("main")).containsText("holds no longer");
            page.navigate(enclosure + "/plan");
            press("Take out");
            assertThat(guest.navigate(enclosure + "/log").status()).isEqualTo(404);
        }
    }

    @Test
    void unitsAndLanguageChangeWhatIsSeenAndNothingThatIsStored() {
        GroundPage ground = begun();
        ground.typeDepth("soil", "4 in");
        assertThat(ground.depth("soil")).hasValue("10.16");
        String metric = json();
        page.navigate("/settings");
        page.locator("#units").selectOption("us");
        page.locator("#language").selectOption("de");
        page.locator("#decimal").selectOption("comma");
        press("Save the settings");
        assertThat(page.locator("h1")).hasText("Einstellungen");
        page.navigate(enclosure + "/ground");
        assertThat(ground.ready()).isVisible();
        assertThat(ground.depth("soil")).hasValue("4");
        assertThat(ground.ledger()).containsText("Gefüllt und nass");
        assertThat(ground.ledger()).containsText("lb");
        assertThat(json()).as("looking at it changes nothing").isEqualTo(metric);
        ground.typeDepth("soil", "10,16 cm");
        page.navigate(enclosure + "/animal");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Speichern und zum Boden"))
                .click();
        assertThat(ground.ready()).isVisible();
        assertThat(json()).as("the same value typed in another unit").isEqualTo(metric);
        ground.typeDepth("soil", "6,5 Fuß");
        assertThat(ground.depthError("soil")).containsText("Tippe eine Zahl");
        assertThat(ground.depth("soil")).hasValue("6,5 Fuß");
    }

    @Test
    void aReadingWithoutALineWaitsOnThePhoneAndIsStoredOnce() {
        begun();
        page.setViewportSize(390, 844);
        page.navigate(enclosure() + "/read");
        String code = page.url();
        assertThat(page.locator("#value")).isVisible();
        page.waitForFunction("navigator.serviceWorker.ready.then(() => true)");
        page.reload();
        page.context().setOffline(true);
        forgetOfflineErrors();
        page.locator("#value").fill("22.5");
        press("Save 22.5 °C");
        assertThat(page.locator("#read-said")).containsText("1 waiting");
        page.locator("#value").fill("22.7");
        press("Save 22.7 °C");
        assertThat(page.locator("#read-said")).containsText("2 waiting");
        page.context().setOffline(false);
        page.evaluate("dispatchEvent(new Event('online'))");
        page.waitForCondition(
                () -> Boolean.TRUE.equals(
                        page.evaluate(
                                "new Promise(done => { const r = indexedDB.open('tanah-readings', 1); r.onsuccess = () => { const q = r.result.transaction('waiting').objectStore('waiting').count(); q.onsuccess = () => done(q.result === 0); }; })")));
        page.navigate(code);
        page.navigate(enclosure + "/log");
        assertThat(page.locator("section[aria-labelledby=table-head] tbody tr")).hasCount(2);
        forgetErrors();
    }

    @Test
    void anEventKeepsItsPhotoAndOnlyForThoseWhoMaySeeIt() throws IOException {
        begun();
        String enclosure = enclosure();
        page.navigate(enclosure + "/events/new");
        page.locator("#kind").selectOption("weighed");
        page.locator("#note").fill("sat on the scale");
        page.locator("#photo")
                .setInputFiles(new FilePayload("x.txt", "text/plain", "no picture".getBytes(StandardCharsets.UTF_8)));
        press("Write it down");
        assertThat(page.locator("#mass-error")).containsText("Type a number");
        assertThat(page.locator("#photo-error")).containsText("Only JPEG");
        assertThat(page.locator("#note")).hasValue("sat on the scale");
        page.locator("#mass").fill("1 oz");
        page.locator("#photo").setInputFiles(new FilePayload("frog.png", "image/png", picture()));
        press("Write it down");
        assertThat(page.locator(".event-list")).containsText("28.35");
        String photo = page.locator(".photo-row a").getAttribute("href");
        var answer = page.context().request().get(page.url().replaceFirst("/enclosures.*", "") + photo);
        assertThat(answer.headers().get("content-type")).isEqualTo("image/jpeg");
        assertThat(ImageIO.read(new java.io.ByteArrayInputStream(answer.body())).getWidth())
                .isEqualTo(40);
        press(Pattern.compile("^Take Weighed out"));
        assertThat(page.locator(".event-list li")).hasCount(0);
        page.locator("#events .message").getByRole(AriaRole.BUTTON).click();
        assertThat(page.locator(".event-list li")).hasCount(1);
        try (BrowserContext other = newContext(1280, 800)) {
            Page stranger = other.newPage();
            new SignInPage(stranger).open().register("s " + System.identityHashCode(other));
            assertThat(stranger.navigate(photo).status()).isEqualTo(404);
        }
    }

    @Test
    void aFileOfReadingsIsShownRowByRowBeforeItIsTakenIn() {
        begun();
        page.navigate(enclosure() + "/readings/import");
        page.locator("#file")
                .setInputFiles(new FilePayload(
                        "r.csv",
                        "text/csv",
                        ("time,place,temp_air_c,rh_pct\r\n"
                                        + "2026-11-20T08:00:00+01:00,p-cool,21.5,80\r\n"
                                        + "2026-11-20T09:00:00,p-cool,21.5,\r\n"
                                        + "2026-11-20T10:00:00+01:00,nowhere,21.5,\r\n"
                                        + "2026-11-20T11:00:00+01:00,p-cool,210,\r\n")
                                .getBytes(StandardCharsets.UTF_8)));
        press("Look at it");
        assertThat(page.locator("main")).containsText("before the enclosure stood");
        assertThat(page.getByText("Take them in")).hasCount(0);
        page.navigate(page.url() + "?since=2126-11-20");
        assertThat(page.locator("#since-error")).isVisible();
        page.getByLabel("The enclosure stands since").fill("2026-11-20");
        press("Look again");
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("Will be taken: rows 1, readings 2. Refused: rows 3.");
        assertThat(page.locator("main")).containsText("time without offset");
        assertThat(page.locator("main")).containsText("no such place");
        assertThat(page.locator("main")).containsText("210 cannot be, between -10 and 60");
        String preview = page.url();
        page.reload();
        press("Take them in (2)");
        assertThat(page.locator("section[aria-labelledby=table-head] tbody tr")).hasCount(2);
        assertThat(page.navigate(preview).status()).isEqualTo(404);
    }

    @Test
    void anOwnEntryIsUsedInAPlanAndTravelsWithIt() {
        registered();
        page.navigate("/catalogue/animals/theloderma-corticale/edit");
        page.locator("#c-limit_high_c").fill("12");
        press("Store as my own entry");
        assertThat(page.getByRole(AriaRole.ALERT)).isVisible();
        assertThat(page.locator("#c-limit_high_c")).hasValue("12");
        page.locator("#c-limit_high_c").fill("26,5");
        page.locator("#reason").fill("my own records");
        press("Store as my own entry");
        assertThat(page.locator("main")).containsText("26.5");
        assertThat(page.locator("main")).containsText("my own records");
        page.navigate("/enclosures/new?species=own-theloderma-corticale&vessel=palud-glass-90x45x60&stand=300");
        assertThat(new StartPage(page).goOn().ready()).isVisible();
        String design = json();
        assertThat(design).contains("\"own-theloderma-corticale\"").contains("\"limit_high_c\"");
        page.navigate("/catalogue/animals/own-theloderma-corticale");
        press("Take this entry out");
        page.navigate(enclosure + "/ground");
        assertThat(new GroundPage(page).ready()).isVisible();
        page.navigate("/");
        new ShelfPage(page).importFile("again.json", design);
        assertThat(new GroundPage(page).ready()).isVisible();
        assertThat(json()).isEqualTo(design);
    }

    @Test
    void anArchiveBringsBackAllOfAnEnclosure() {
        GroundPage ground = begun();
        ground.typeDepth("soil", "7");
        assertThat(ground.saved()).containsText("Revision 2");
        page.navigate(enclosure() + "/log");
        page.locator("#value").fill("21");
        press("Save the reading");
        String before = json();
        byte[] archive = page.context()
                .request()
                .get(address(enclosure + "/archive.zip"))
                .body();
        page.navigate(enclosure + "/plan");
        page.locator("#typedName").fill(page.locator("#name").inputValue());
        press("Delete this enclosure");
        page.navigate("/enclosures/import");
        page.locator("#file").setInputFiles(new FilePayload("all.zip", "application/zip", archive));
        press("Open it as a new enclosure");
        assertThat(ground.saved()).containsText("Revision 2");
        assertThat(json()).isEqualTo(before);
        page.navigate(enclosure + "/log");
        assertThat(page.locator("section[aria-labelledby=table-head] tbody tr")).hasCount(1);
        page.navigate("/enclosures/import");
        byte[] torn = java.util.Arrays.copyOf(archive, archive.length / 2);
        page.locator("#file").setInputFiles(new FilePayload("torn.zip", "application/zip", torn));
        press("Open it as a new enclosure");
        assertThat(page.locator(".problems")).isVisible();
    }

    @Test
    void aNumberOpensAndAWayIsChosenWithWhatItChanges() {
        GroundPage ground = begun();
        ground.ledger().locator("a.why").first().click();
        Locator drawer = page.locator("dialog");
        assertThat(drawer).containsText("Standing");
        String first = drawer.locator("#why-head").innerText();
        drawer.locator("a[data-why]").first().click();
        assertThat(drawer.locator("#why-head")).not().hasText(first);
        page.keyboard().press("Escape");
        assertThat(drawer).isHidden();
        page.navigate(enclosure() + "/schools/drainage");
        assertThat(page.locator(".school-card")).hasCount(3);
        assertThat(page.locator(".school-card.chosen h2")).hasText("Drainage layer");
        press("Choose: No drainage");
        assertThat(page.locator(".school-card.chosen h2")).hasText("No drainage");
        page.navigate(enclosure + "/ground");
        assertThat(ground.depth("soil")).isVisible();
        assertThat(page.getByLabel("Depth of Expanded clay")).hasCount(0);
        page.navigate(enclosure + "/notes?severity=hint");
        assertThat(page.locator(".note-cell").first()).isVisible();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("To its place"))
                .first()
                .click();
        assertThat(page.locator(".note.lit, #needs")).isVisible();
    }

    @Test
    void papersAreMadeFromThePlanThatIsSeen() {
        begun();
        enclosure();
        byte[] pdf =
                page.context().request().get(address(enclosure + "/build.pdf")).body();
        assertThat(new String(pdf, 0, 5, StandardCharsets.US_ASCII)).isEqualTo("%PDF-");
        String svg = page.context()
                .request()
                .get(address(enclosure + "/section.svg"))
                .text();
        assertThat(svg).startsWith("<svg").contains("1 : 5").contains("10 cm").doesNotContain("href");
        String csv =
                page.context().request().get(address(enclosure + "/buy.csv")).text();
        assertThat(csv.lines().toList().get(0)).startsWith("item,name,need_l");
        assertThat(csv).contains("expanded_clay_8_16");
    }

    // ---- steps

    private String enclosure = "";

    @Override
    protected GroundPage begun() {
        GroundPage ground = super.begun();
        enclosure();
        return ground;
    }

    /** Path of the enclosure that the page shows. */
    private String enclosure() {
        enclosure = enclosureOf(page.url());
        return enclosure;
    }

    private static String enclosureOf(String url) {
        return url.replaceFirst("^https?://[^/]+", "").replaceFirst("(/enclosures/\\d+).*", "$1");
    }

    private String address(String path) {
        return page.url().replaceFirst("^(https?://[^/]+).*", "$1") + path;
    }

    private String json() {
        String path = page.url().contains("/enclosures/") && page.url().matches(".*/enclosures/\\d+.*")
                ? enclosure()
                : enclosure;
        return page.context().request().get(address(path + "/design.json")).text();
    }

    private void press(String button) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(button).setExact(true))
                .first()
                .click();
    }

    private void press(Pattern button) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(button))
                .first()
                .click();
    }

    /** Chromium writes a line for each request that finds no line; that is what the test is about. */
    private void forgetOfflineErrors() {
        page.onRequestFailed(r -> forgetErrors());
    }

    private static byte[] picture() throws IOException {
        BufferedImage image = new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return out.toByteArray();
    }
}
