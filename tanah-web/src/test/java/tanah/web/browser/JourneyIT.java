package tanah.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The path from an animal to a first judged reading, in the real interface. */
class JourneyIT extends BrowserTest {

    @Test
    void fromANewAnimalToAJudgedReading() {
        ShelfPage shelf = registered();
        assertThat(shelf.head()).hasText("No enclosure yet.");
        StartPage start = shelf.begin().search("mossy");
        assertThat(start.matches()).containsText(new String[] {"Theloderma corticale"});
        start.choose("Theloderma corticale");
        assertThat(start.needs()).containsText("18–24");
        start.vessel("palud-glass-90x45x60");
        assertThat(start.follows()).containsText("224");
        start.fill("summerDay", "29");
        assertThat(start.follows()).containsText("The room is too hot in summer");
        start.fill("summerDay", "24").fill("stand", "200");
        assertThat(start.follows()).not().containsText("The room is too hot in summer");
        GroundPage ground = start.goOn();
        assertThat(ground.ready()).isVisible();
        assertThat(ground.saved()).containsText("Revision 1");
        ground.typeDepth("soil", "9,5");
        assertThat(ground.saved()).containsText("Revision 2");
        assertThat(ground.ledger()).containsText("→ 9.5 cm");
        Page buy = ground.buyList();
        assertThat(buy.locator(".buy-table")).containsText("Expanded clay balls");
        assertThat(buy.locator(".batch")).containsText("Coir pith and fibre");
        buy.navigate(buy.url().replace("/build", "/read?place=p-cool&kind=temp_air"));
        buy.locator("#value").fill("29.5");
        buy.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Save")))
                .click();
        assertThat(buy.locator(".read-saved")).containsText("Stop");
    }

    @Test
    void theStartSheetSaysWhatIsWrongBesideTheField() {
        StartPage start = registered().begin().search("mossy").choose("Theloderma corticale");
        start.vessel("own");
        start.fill("length", "88").fill("width", "43").fill("height", "abc").fill("winterNight", "90");
        assertThat(start.error("height")).isVisible();
        start.goOn();
        assertThat(start.error("height")).containsText("Type a number");
        assertThat(start.error("winterNight")).isVisible();
        assertThat(start.error("length")).isHidden();
        assertThat(page.locator("#height")).hasValue("abc");
        assertThat(page.locator("#winterNight")).hasValue("90");
        start.fill("height", "60").fill("winterNight", "17");
        assertThat(start.goOn().ready()).isVisible();
    }

    @Test
    void aSearchPutsTheNameBeforeTheGroup() {
        StartPage start = registered().begin().search("frog");
        assertThat(start.matches().first()).containsText("frog");
        assertThat(start.matches().last()).containsText("toad");
        assertThat(page.locator("#matches")).containsText(start.matches().count() + " animals match");
    }

    @Test
    void aWrongNumberStaysInItsFieldAndTheDrawingStandsStill() {
        GroundPage ground = begun();
        String before = ground.handle().getAttribute("data-value");
        for (String wrong : List.of("abc", "-3", "0", "1e9", "", "900")) {
            StagePage.shown(page, () -> ground.typeDepth("soil", wrong));
            assertThat(ground.depthError("soil")).isVisible();
            assertThat(ground.depth("soil")).hasValue(wrong);
            assertThat(ground.depth("soil")).isFocused();
        }
        assertThat(ground.saved()).containsText("Revision 1");
        assertThat(ground.handle()).hasAttribute("data-value", before);
        ground.typeDepth("soil", "4 in");
        assertThat(ground.depthError("soil")).isHidden();
        assertThat(ground.depth("soil")).hasValue("10.16");
    }

    @Test
    void oneDragIsOneSaveAndTheNumbersFollow() {
        GroundPage ground = begun();
        ground.select("soil").dragUp(3);
        assertThat(ground.saved()).containsText("Revision 2");
        double depth = Double.parseDouble(ground.depth("soil").inputValue());
        assertThat(depth).isBetween(10.4, 11.6);
        assertThat(depth * 2).isEqualTo(Math.rint(depth * 2));
        page.reload();
        assertThat(ground.depth("soil")).hasValue(java.util.regex.Pattern.compile("1[01](\\.5)?"));
    }

    @Test
    void theKeyboardAloneChangesADepth() {
        GroundPage ground = begun();
        ground.handle().focus();
        page.keyboard().press("Shift+ArrowUp");
        assertThat(ground.saved()).containsText("Revision 2");
        assertThat(ground.depth("soil")).hasValue("9");
        assertThat(ground.handle()).isFocused();
        page.keyboard().press("ArrowDown");
        assertThat(ground.depth("soil")).hasValue("8.9");
        ground.depth("soil").focus();
        page.keyboard().press("ArrowUp");
        assertThat(ground.depth("soil")).hasValue("9");
    }

    @Test
    void labelsOfThinLayersDoNotTouch() {
        GroundPage ground = begun();
        for (String media : List.of("leaf_litter", "moss_live_cushion", "sand_play", "pumice_1_4", "bog")) {
            page.locator("#add").selectOption(media);
            int before = page.locator("li.layer").count();
            page.locator(".add button").click();
            assertThat(page.locator("li.layer")).hasCount(before + 1);
        }
        for (String id :
                List.of("drainage", "soil", "litter", "litter-2", "litter-3", "soil-2", "drainage-2", "soil-3")) {
            ground.select(id).typeDepth(id, "0.5");
            assertThat(ground.depth(id)).hasValue("0.5");
        }
        for (int[] size : new int[][] {{1280, 800}, {1920, 1080}, {1280, 640}}) {
            page.setViewportSize(size[0], size[1]);
            page.waitForFunction(
                    "w => Math.abs(document.querySelector('.sheet-drawing').viewBox.baseVal.width - document.getElementById('drawing').clientWidth) < 2",
                    null);
            Object touching = page.evaluate(
                    "() => { const b = [...document.querySelectorAll('.leader text')].map(t => t.getBoundingClientRect());"
                            + " let n = 0; b.forEach((p, i) => b.slice(i + 1).forEach(q => {"
                            + " if (p.left < q.right - 1 && q.left < p.right - 1 && p.top < q.bottom - 3 && q.top < p.bottom - 3) { n++; } })); return n; }");
            assertThat(touching).as(size[0] + " x " + size[1]).isEqualTo(0);
        }
    }

    @Test
    void bagsAreCountedAndABadBagIsNamed() {
        GroundPage ground = begun();
        page.locator("#bag-soil").fill("10");
        page.locator("#bag-soil").press("Tab");
        assertThat(page.locator(".layer-open")).containsText("left over");
        page.locator("#price-soil").fill("free");
        page.locator("#price-soil").press("Enter");
        assertThat(page.locator(".layer-open .field-error")).containsText("Type a number");
        assertThat(page.locator("#price-soil")).hasValue("free");
        assertThat(ground.saved()).containsText("Revision 2");
    }

    @Test
    void whatIsTypedWithoutALineIsSentWhenItIsBack() {
        GroundPage ground = begun();
        page.context().setOffline(true);
        ground.typeDepth("soil", "9");
        assertThat(ground.saved()).containsText("Not saved");
        assertThat(ground.depth("soil")).hasValue("9");
        page.context().setOffline(false);
        assertThat(ground.saved()).containsText("Revision 2");
        assertThat(ground.handle()).hasAttribute("data-value", "9");
        forgetErrors();
    }

    @Test
    void aRemedyIsAButtonThatSettlesItsNote() {
        GroundPage ground = begun();
        ground.typeDepth("soil", "40");
        assertThat(ground.notes()).containsText("The ground is higher than the front lip");
        page.locator(".two-notes")
                .getByRole(
                        AriaRole.BUTTON,
                        new com.microsoft.playwright.Locator.GetByRoleOptions().setName(Pattern.compile("^Lower")))
                .first()
                .click();
        assertThat(ground.notes()).not().containsText("The ground is higher than the front lip");
        assertThat(ground.saved()).containsText("Revision 3");
    }

    @Test
    void theSecondOfTwoTabsIsToldAndLosesNothing() {
        GroundPage first = begun();
        Page tab = page.context().newPage();
        tab.navigate(page.url());
        GroundPage second = new GroundPage(tab);
        assertThat(second.ready()).isVisible();
        first.typeDepth("soil", "10");
        assertThat(first.saved()).containsText("Revision 2");
        second.typeDepth("soil", "11");
        assertThat(second.conflict()).containsText("10.0 cm");
        assertThat(second.conflict()).containsText("11.0 cm");
        tab.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Keep mine"))
                .click();
        assertThat(second.saved()).containsText("Revision 3");
        assertThat(second.depth("soil")).hasValue("11");
        first.typeDepth("litter", "3");
        assertThat(first.saved()).containsText("Revision 4");
        assertThat(first.depth("soil")).hasValue("11");
    }

    @Test
    void aBadFileIsRefusedWithItsPlacesAndAGoodOneComesBackEqual() {
        ShelfPage shelf = registered();
        assertThat(
                        shelf.importFile(
                                "bad.json",
                                "{\"format\":\"tanah-design\",\"version\":1,\"name\":\"x\",\"animals\":[{\"id\":\"a\",\"species\":\"nobody\",\"count\":-1}]}"))
                .containsText("/animals/0/count");
        page.navigate("/");
        assertThat(shelf.importFile("script.json", "<script>alert(1)</script>")).containsText("not JSON");
        page.navigate("/");
        shelf.importFile("good.json", "{\"format\":\"tanah-design\",\"version\":1,\"name\":\"Box <b>one</b>\"}");
        assertThat(page.locator(".lintel .title strong")).hasText("Box <b>one</b>");
        String exported = page.request()
                .get(page.url().replace("/ground", "/design.json"))
                .text();
        assertThat(exported).contains("Box <b>one</b>");
    }

    @Test
    void aReadingOnThePhoneTakesThreeTaps() {
        begun();
        page.setViewportSize(390, 844);
        page.navigate(page.url().replaceFirst("/ground.*", "/read"));
        page.locator(".read-places a").first().click();
        for (String key : List.of("2", "2", ".", "4")) {
            page.locator("[data-key='" + key + "']").click();
        }
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Save 22.4")))
                .click();
        assertThat(page.locator("#read-said")).containsText("22.4");
        Object overflow = page.evaluate("document.documentElement.scrollWidth <= innerWidth");
        assertThat(overflow).isEqualTo(true);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo"))
                .click();
        assertThat(page.locator("#read-said")).containsText("Taken out again");
        page.reload();
        assertThat(page.locator(".read-info")).not().containsText("22.4");
        page.locator("#value").fill("hot");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Save")))
                .click();
        assertThat(page.locator("#read-said.stop")).containsText("Type a number");
        assertThat(page.locator("#value")).hasValue("hot");
    }

    @Test
    void aReadingIsChangedTakenOutAndTakenBack() {
        begun();
        page.navigate(page.url().replaceFirst("/ground.*", "/log"));
        page.locator("#value").fill("21");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Save the reading"))
                .click();
        assertThat(page.locator("tbody tr")).hasCount(1);
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^Change")))
                .click();
        page.locator("#value").fill("23");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Save the change"))
                .click();
        assertThat(page.locator("tbody tr")).containsText("23.0");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Take it back"))
                .click();
        assertThat(page.locator("tbody tr")).containsText("21.0");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Take out")))
                .click();
        assertThat(page.locator("tbody tr")).hasCount(0);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Take it back"))
                .click();
        assertThat(page.locator("tbody tr")).containsText("21.0");
    }

    @Test
    void anotherKeeperSeesNothing() {
        begun();
        String url = page.url();
        try (BrowserContext other = newContext(1280, 800)) {
            Page stranger = other.newPage();
            new SignInPage(stranger).open().register("stranger " + System.identityHashCode(other));
            for (String path : List.of(
                    "/ground",
                    "/hardscape",
                    "/water",
                    "/animal",
                    "/vessel",
                    "/build",
                    "/log",
                    "/read",
                    "/design.json",
                    "/plan",
                    "/notes",
                    "/revisions",
                    "/candidates",
                    "/schools/drainage",
                    "/why/mass.total",
                    "/labels",
                    "/archive.zip",
                    "/readings.csv",
                    "/build.pdf",
                    "/section.svg",
                    "/buy.csv",
                    "/hand-over",
                    "/events/new",
                    "/readings/import")) {
                var answer = stranger.navigate(url.replaceFirst("/ground.*", path));
                assertThat(answer.status()).as(path).isEqualTo(404);
            }
            assertThat(stranger.locator("h1")).hasText("Nothing is here");
        }
    }

    @Test
    void thePathWorksWithoutScript() {
        GroundPage ground = begun();
        String url = page.url();
        var cookies = page.context().cookies();
        try (BrowserContext plain = page.context()
                .browser()
                .newContext(new com.microsoft.playwright.Browser.NewContextOptions()
                        .setJavaScriptEnabled(false)
                        .setViewportSize(1280, 800))) {
            plain.addCookies(cookies.stream()
                    .map(c -> new com.microsoft.playwright.options.Cookie(c.name, c.value).setUrl(url))
                    .toList());
            Page still = plain.newPage();
            still.navigate(url);
            GroundPage without = new GroundPage(still);
            without.typeDepth("soil", "7");
            assertThat(without.saved()).containsText("Revision 2");
            without.typeDepth("soil", "seven");
            assertThat(without.depthError("soil")).isVisible();
            assertThat(without.depth("soil")).hasValue("seven");
        }
        page.reload();
        assertThat(ground.depth("soil")).hasValue("7");
    }

    @Test
    void pagesPassTheAutomaticAccessibilityCheck() {
        List<String> problems = new ArrayList<>();
        new SignInPage(page).open();
        problems.addAll(inaccessible("/sign-in"));
        problems.addAll(inaccessible("/register"));
        new SignInPage(page).open().enterDemo();
        String ground = page.locator(".tag h2 a").first().getAttribute("href");
        for (String path : List.of(
                "/",
                "/enclosures/new?q=gecko",
                "/enclosures/import",
                ground,
                ground.replace("ground", "hardscape"),
                ground.replace("ground", "water"),
                ground.replace("ground", "log"),
                ground.replace("ground", "build"),
                ground.replace("ground", "animal"),
                ground.replace("ground", "read"),
                ground.replace("ground", "plan"),
                ground.replace("ground", "notes"),
                ground.replace("ground", "heat"),
                ground.replace("ground", "air"),
                ground.replace("ground", "drills"),
                ground.replace("ground", "find"),
                ground.replace("ground", "revisions"),
                ground.replace("ground", "candidates") + "?animal=theloderma-corticale&animal=crotaphytus-collaris",
                ground.replace("ground", "schools/drainage"),
                ground.replace("ground", "why/mass.total"),
                "/settings",
                "/account",
                "/account/second",
                "/stock",
                "/catalogue/animals",
                "/catalogue/animals/theloderma-corticale",
                "/catalogue/mixes/bog/edit",
                ground.replace("ground", "labels"),
                ground.replace("ground", "hand-over"),
                ground.replace("ground", "events/new"),
                ground.replace("ground", "readings/import"),
                "/none")) {
            problems.addAll(inaccessible(path));
        }
        assertThat(problems).isEmpty();
    }

    private List<String> inaccessible(String path) {
        List<String> problems = new ArrayList<>();
        page.navigate(path);
        page.evaluate("() => { document.documentElement.dataset.sheet = 'day'; }");
        new AxeBuilder(page)
                .setLegacyMode(true)
                .withTags(List.of("wcag2a", "wcag2aa", "wcag21aa", "wcag22aa"))
                .analyze()
                .getViolations()
                .forEach(v -> v.getNodes()
                        .forEach(n -> problems.add(path + " on the day sheet: " + v.getId() + ": " + n.getHtml() + " "
                                + n.getFailureSummary())));
        // the sheets differ in their colours alone; the checker is in the page by now
        ((List<?>)
                        page.evaluate(
                                "() => { document.documentElement.dataset.sheet = 'night';"
                                        + " return axe.run(document, {runOnly: {type: 'rule', values: ['color-contrast']}, resultTypes: ['violations']})"
                                        + ".then(r => r.violations.flatMap(v => v.nodes.map(n => n.html + ' ' + n.failureSummary))); }"))
                .forEach(n -> problems.add(path + " on the night sheet: " + n));
        return problems;
    }

    /** A mossy frog in a paludarium of the list, on the ground page. */
}
