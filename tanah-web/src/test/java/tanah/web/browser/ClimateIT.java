package tanah.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Heat, light, air and moisture in the hand; equipment found and refused; failures played. */
class ClimateIT extends BrowserTest {
    private static final String NEWTS = "{\"format\":\"tanah-design\",\"version\":1,\"name\":\"Alpine newts\","
            + "\"animals\":[{\"id\":\"newts\",\"species\":\"ichthyosaura-alpestris\",\"count\":4}],"
            + "\"vessel\":{\"shape\":\"rectangle\",\"inside_cm\":{\"length\":98.4,\"width\":38.4,\"height\":39.2},\"pane_mm\":{\"side\":8,\"base\":8},\"material\":\"glass_annealed\"},"
            + "\"room\":{\"winter\":{\"temp_day_c\":21,\"temp_night_c\":19,\"rh_day_pct\":55,\"rh_night_pct\":55},\"summer\":{\"temp_day_c\":27,\"temp_night_c\":23,\"rh_day_pct\":55,\"rh_night_pct\":55}},"
            + "\"ground\":{\"layers\":[{\"id\":\"sand\",\"kind\":\"substrate\",\"media\":\"sand_play\",\"aquatic\":true,\"surface\":{\"type\":\"thickness\",\"thickness_cm\":2}}]},"
            + "\"water\":{\"level_cm\":25,\"temp_c\":18}}";

    private StagePage enclosure(String name, String stage) {
        new SignInPage(page).open().enterDemo();
        page.navigate("/");
        new ShelfPage(page).openEnclosure(name).ready().waitFor();
        StagePage opened = StagePage.open(page, stage);
        settled();
        return opened;
    }

    /** The whole day and the bands stand on the page. */
    private void settled() {
        assertThat(page.locator("#climate[data-whole='true']"))
                .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(PATIENCE));
        assertThat(page.locator("body[data-settled='true']"))
                .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(PATIENCE));
    }

    private Locator read(String label) {
        return page.locator(".reader-rows div", new Page.LocatorOptions().setHasText(Pattern.compile("^\\s*" + label)));
    }

    @Test
    void aLampIsDraggedAndTheFieldFollows() {
        StagePage stage = enclosure("Collared lizard, arid", "heat");
        assertThat(page.locator(".field .band").first()).isAttached();
        assertThat(page.locator(".l-u .iso-tag").first()).isAttached();
        assertThat(page.locator(".beam").first()).isAttached();
        String base = revision(stage);
        String before = read("Air").innerText();
        stage.open("flood");
        assertThat(stage.field("lamp-z")).hasValue("72");
        stage.drag(stage.inSection("flood"), -20, -14);
        assertThat(stage.saved()).not().containsText(base + ",");
        settled();
        assertThat(stage.field("lamp-z")).not().hasValue("72");
        assertThat(read("Air")).not().hasText(before);
        String z = stage.field("lamp-z").inputValue();
        stage.inSection("flood").focus();
        page.keyboard().press("ArrowUp");
        assertThat(stage.field("lamp-z")).not().hasValue(z);
        assertThat(stage.inSection("flood")).isFocused();
        for (String wrong : List.of("abc", "-5", "900", "")) {
            stage.type("lamp-x", wrong);
            assertThat(stage.error()).isVisible();
            assertThat(stage.field("lamp-x")).hasValue(wrong);
        }
        stage.type("lamp-x", "94");
        assertThat(stage.error()).hasCount(0);
        page.reload();
        settled();
        assertThat(page.locator("[data-select='flood']")).isVisible();
    }

    private static String revision(StagePage stage) {
        return stage.saved().innerText().replaceAll(".*?(Revision \\d+),.*", "$1");
    }

    @Test
    void theHourTheSeasonAndTheReaderChangeWhatIsRead() {
        enclosure("Collared lizard, arid", "heat");
        String noon = read("Air").innerText();
        page.locator("#hour").focus();
        for (int i = 0; i < 40; i++) {
            page.keyboard().press("ArrowRight");
        }
        assertThat(page.locator("#clock")).hasText("23:30");
        assertThat(read("Air")).not().hasText(noon);
        assertThat(read("UV index, back")).containsText("0.0");
        String winter = read("Air").innerText();
        page.locator("[data-season='summer'][type=submit]").click();
        assertThat(read("Air")).not().hasText(winter);
        String place = page.locator(".reader-box summary").innerText();
        page.locator("#reader-section").focus();
        page.keyboard().press("Shift+ArrowUp");
        assertThat(page.locator(".reader-box summary")).not().hasText(place);
        assertThat(page.locator("#reader-section")).isFocused();
        page.locator("#field").selectOption("surface");
        assertThat(page.locator(".strip").first()).isAttached();
        page.locator("#field").selectOption("humidity");
        assertThat(page.locator(".legend")).containsText("%");
        page.locator("#play").click();
        assertThat(page.locator("#clock")).not().hasText("23:30");
        page.locator("#play").click();
    }

    @Test
    void aMistingAndAnOpeningAreAddedAndTheDayFollows() {
        StagePage stage = enclosure("Mossy frog paludarium", "air");
        assertThat(page.locator(".day-chart .mark")).hasCount(3);
        StagePage.shown(page, () -> stage.add("event"));
        assertThat(stage.selected()).containsText("Misting at");
        settled();
        assertThat(page.locator(".day-chart .mark")).hasCount(4);
        stage.type("event-seconds", "0");
        assertThat(stage.error()).isVisible();
        stage.type("event-seconds", "45");
        assertThat(stage.error()).hasCount(0);
        StagePage.shown(page, () -> stage.add("vent:left"));
        assertThat(stage.selected()).containsText("Opening, left");
        settled();
        assertThat(page.locator("g.vent").first()).isAttached();
        StagePage.shown(page, () -> stage.press("Take out"));
        assertThat(page.locator("[data-select='vent-left']")).hasCount(0);
    }

    @Test
    void withoutScriptTheFieldsStillPost() {
        enclosure("Giant millipede box", "heat");
        assertThat(page.locator("#pit")).containsText("heat mat");
        page.navigate(page.url() + "?field=surface&season=summer&hour=3&view=section");
        settled();
        assertThat(page.locator("#field")).hasValue("surface");
        assertThat(page.locator("[data-season='summer'][type=submit]")).hasAttribute("aria-pressed", "true");
        assertThat(page.locator("#clock")).hasText("03:00");
    }

    @Test
    void theWarmRoomIsNamedAndInACoolerOneEquipmentIsFoundAndTaken() {
        enclosure("Giant millipede box", "heat");
        page.locator(".climate-links a").first().click();
        assertThat(page.locator("h1")).hasText("Find equipment");
        search();
        assertThat(page.locator("#found")).hasText("No combination tried meets every wish");
        assertThat(page.locator(".find-reasons")).containsText("the room itself is 27");
        assertThat(page.locator(".find-missed")).isVisible();
        page.navigate(page.url().replace("/find", "/vessel"));
        StartPage start = new StartPage(page);
        start.fill("summerDay", "24").fill("summerNight", "20");
        page.locator(".go-on button").click();
        new GroundPage(page).ready().waitFor();
        page.navigate(page.url().replaceFirst("/ground.*", "/find"));
        assertThat(page.locator("#find")).containsText("The plan was changed since");
        search();
        assertThat(page.locator("#found")).containsText("This meets every wish");
        assertThat(page.locator(".find-option").first()).containsText("W");
        page.locator("[data-option='0'] button").click();
        assertThat(page.locator("#saved")).containsText("Revision");
        settled();
        assertThat(page.locator("#pit")).containsText("panel");
        assertThat(page.locator(".ledger")).containsText("Equipment found and taken");
        page.navigate(page.url().replaceFirst("/heat.*", "/drills"));
        page.locator("#play")
                .selectOption(new com.microsoft.playwright.options.SelectOption()
                        .setLabel("Power cut of 12 h, coldest days"));
        page.locator("main .btn-ink").click();
        assertThat(page.locator("#played")).hasText("Power cut of 12 h, coldest days");
        assertThat(page.locator(".drill-facts li").first()).isVisible();
        assertThat(page.locator(".day-chart .course").first()).isAttached();
        page.locator("#cut").fill("warm");
        page.locator("main .btn-ink").click();
        assertThat(page.locator("#cut-error")).isVisible();
        assertThat(page.locator("#cut")).hasValue("warm");
    }

    /** From the first page to lamps that were found, and what happens when they fail. */
    @Test
    void aLizardIsPlannedFromNothingAndEquippedAndItsFailuresArePlayed() {
        new SignInPage(page).open().enterDemo();
        page.navigate("/enclosures/new");
        StartPage start = new StartPage(page).search("collared").choose("Crotaphytus collaris");
        start.vessel("pvc-120x60x90")
                .fill("winterDay", "19")
                .fill("winterNight", "14")
                .fill("summerDay", "21")
                .fill("summerNight", "17")
                .fill("driest", "35")
                .fill("dampest", "44")
                .fill("stand", "400");
        GroundPage ground = start.goOn();
        ground.ready().waitFor();
        // dry air wants dry soil
        assertThat(page.locator("#moist-soil")).hasValue("25");
        StagePage stage = StagePage.open(page, "heat");
        settled();
        assertThat(stage.notes()).containsText("No UV lamp");
        page.locator(".climate-links a").first().click();
        search();
        assertThat(page.locator("#found")).containsText("This meets every wish");
        assertThat(page.locator(".find-option").first()).containsText("UVB tube");
        assertThat(page.locator(".find-option").first()).containsText("Basking surface");
        page.locator("[data-option='0'] button").click();
        settled();
        assertThat(page.locator("#pit")).containsText("halogen");
        assertThat(page.locator("#notes")).containsText("no stop");
        assertThat(page.locator(".beam").first()).isAttached();
        play("halogen reflector flood", " stuck on for 48 h, hottest days");
        assertThat(page.locator(".drill-facts li").first()).containsText("°C");
        assertThat(page.locator("main")).containsText("cut-out");
        play("Power cut of 12 h", ", coldest days");
        assertThat(page.locator(".day-chart .course").first()).isAttached();
        // undone, the lamps are gone and nothing else
        page.navigate(page.url().replaceFirst("/drills.*", "/heat"));
        settled();
        page.locator("[data-undo]").click();
        // the lists of what can be added name lamps too
        assertThat(page.locator(".beam")).hasCount(0);
    }

    private void play(String begins, String ends) {
        page.navigate(page.url().replaceFirst("/(heat|air|drills).*", "/drills"));
        String label = page.locator("#play option").allInnerTexts().stream()
                .filter(t -> t.startsWith(begins) && t.endsWith(ends))
                .findFirst()
                .orElseThrow();
        page.locator("#play").selectOption(new com.microsoft.playwright.options.SelectOption().setLabel(label));
        page.locator("main .btn-ink").click();
        assertThat(page.locator("#played")).hasText(label);
    }

    /** Too warm in their room; in a cooler one lid, mist and light are found, taken, and fail one after the other. */
    @Test
    void mossyFrogsAreTooWarmInTheirRoomAndEquippedInACoolerOne() {
        StagePage stage = enclosure("Mossy frog paludarium", "heat");
        assertThat(stage.notes()).containsText("The cool end is too warm");
        page.navigate(page.url().replaceFirst("/heat.*", "/vessel"));
        new StartPage(page).fill("summerDay", "23").fill("summerNight", "19");
        page.locator(".go-on button").click();
        new GroundPage(page).ready().waitFor();
        page.navigate(page.url().replaceFirst("/ground.*", "/find"));
        search();
        assertThat(page.locator("#found")).containsText("This meets every wish");
        assertThat(page.locator(".find-option").first()).containsText("mistings a day");
        assertThat(page.locator(".find-option").first()).containsText("Humidity, day");
        page.locator("[data-option='0'] button").click();
        settled();
        assertThat(page.locator("#notes")).not().containsText("Too dry");
        StagePage.open(page, "air");
        settled();
        assertThat(page.locator(".ledger .bar, .ledger").first()).containsText("Humidity");
        play("Heat wave of 48 h", "all running");
        assertThat(page.locator(".drill-facts li").first()).containsText("26");
        play("Mist stuck on", "");
        assertThat(page.locator(".drill-facts")).containsText("The nozzles give");
        play("Lid and openings blocked", "");
        assertThat(page.locator(".drill-facts li").first()).isVisible();
    }

    @Test
    void theWeeksAfterPlantingAreShownAndNumbersSayWhatTheyAreMadeFrom() {
        enclosure("Mossy frog paludarium", "air");
        page.locator(".bar-head a.why").first().click();
        assertThat(page.locator("dialog, .why-drawer").first()).containsText("FAO-56");
        assertThat(page.locator("dialog, .why-drawer").first()).containsText("room, coldest day");
        page.keyboard().press("Escape");
        for (Object address :
                (List<?>) page.evaluate("() => [...document.querySelectorAll('#climate a.why')].map(a => a.href)")) {
            Page opened = page.context().newPage();
            opened.navigate(String.valueOf(address));
            assertThat(opened.locator("h1")).isVisible();
            assertThat(opened.locator("main").innerText())
                    .doesNotContain("why.")
                    .doesNotContain("figure.");
            opened.close();
        }
        page.locator(".climate-links a").last().click();
        assertThat(page.locator("h1")).hasText("After planting");
        assertThat(page.locator("#settled")).containsText("settled from day");
        assertThat(page.locator(".settle-table tbody tr")).hasCount(12);
        page.locator("[name=season][value=summer]").click();
        assertThat(page.locator("#settled")).containsText("Hottest day");
    }

    /** The same climate in German, in inches and degrees Fahrenheit: nothing without a word, nothing in the wrong unit. */
    @Test
    void theClimateSpeaksGermanAndFahrenheit() {
        enclosure("Collared lizard, arid", "heat");
        String base = page.url().replaceFirst("/heat.*", "");
        double celsius = first(read("Air").innerText());
        page.navigate("/settings");
        page.locator("#language").selectOption("de");
        page.locator("#units").selectOption("us");
        page.locator("#decimal").selectOption("comma");
        page.locator(".settings-form button[type=submit]").click();
        try {
            for (String part : List.of("/heat", "/air", "/find", "/drills", "/settling")) {
                page.navigate(base + part);
                if (part.equals("/heat") || part.equals("/air")) {
                    settled();
                }
                String text = page.locator("body").innerText();
                assertThat(text)
                        .as(part)
                        .doesNotContain("??")
                        .doesNotContain("null")
                        .doesNotContain("NaN");
                assertThat(text).as(part).doesNotContain("°C").doesNotContain("Find equipment");
            }
            page.navigate(base + "/heat");
            settled();
            double fahrenheit = first(read("Luft").innerText());
            // a wide band is shown in whole degrees
            assertThat(fahrenheit).isBetween(32 + 1.8 * celsius - 0.6, 32 + 1.8 * celsius + 0.6);
            StagePage stage = new StagePage(page);
            stage.open("flood");
            stage.type("lamp-x", "30 Ellen");
            assertThat(stage.error()).isVisible();
            assertThat(stage.field("lamp-x")).hasValue("30 Ellen");
        } finally {
            page.navigate("/settings");
            page.locator("#language").selectOption("en");
            page.locator("#units").selectOption("metric");
            page.locator("#decimal").selectOption("point");
            page.locator(".settings-form button[type=submit]").click();
        }
    }

    private static double first(String text) {
        java.util.regex.Matcher m = Pattern.compile("(\\d+(?:[.,]\\d)?)").matcher(text);
        assertThat(m.find()).isTrue();
        return Double.parseDouble(m.group(1).replace(',', '.'));
    }

    /** On a phone the field, the reader and the day are all there, and nothing lies outside the screen. */
    @Test
    void theClimateFitsAPhone() {
        page.setViewportSize(390, 844);
        enclosure("Mossy frog paludarium", "air");
        for (String part : List.of("/air", "/heat", "/find", "/drills", "/settling")) {
            page.navigate(page.url().replaceFirst("/(air|heat|find|drills|settling).*", part));
            page.locator("main, .sheet-page, #pit").first().waitFor();
            Object over =
                    page.evaluate("() => document.documentElement.scrollWidth - document.documentElement.clientWidth");
            assertThat(((Number) over).intValue()).as(part).isLessThanOrEqualTo(1);
        }
    }

    private void search() {
        page.locator("main .btn-ink").click();
        assertThat(page.locator("#progress, #found").first()).isVisible();
        assertThat(page.locator("#found")).isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(3 * PATIENCE));
    }

    @Test
    void aSearchIsStoppedAndASecondTabDoesNotStartAnother() {
        enclosure("Collared lizard, arid", "heat");
        page.navigate(page.url().replaceFirst("/heat.*", "/find"));
        page.locator("main .btn-ink").click();
        assertThat(page.locator("#progress")).isVisible();
        Page second = page.context().newPage();
        second.navigate(page.url());
        assertThat(second.locator("#progress")).isVisible();
        assertThat(second.locator("main .btn-ink")).hasCount(0);
        second.close();
        page.locator("#find .btn-line").click();
        assertThat(page.locator("#find")).containsText("The search was stopped");
    }

    @Test
    void newtsInAWarmFlatAreImpossibleAndTheRoomThatWouldDoIsSaid() {
        new SignInPage(page).open().enterDemo();
        page.navigate("/");
        new ShelfPage(page).importFile("newts.json", NEWTS);
        page.locator("#pit").waitFor();
        StagePage stage = StagePage.open(page, "heat");
        settled();
        assertThat(page.locator("#notes")).containsText("top");
        assertThat(stage.notes()).isVisible();
        page.navigate(page.url().replaceFirst("/heat.*", "/find"));
        search();
        assertThat(page.locator("#found")).hasText("No combination tried meets every wish");
        assertThat(page.locator(".find-reasons li").first()).containsText("No choice of heaters can cool it");
        assertThat(page.locator(".find-reasons li").first()).containsText("A room of at most");
        assertThat(page.locator("main").innerText()).doesNotContain("null").doesNotContain("NaN");
    }
}
