package tanah.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Hardscape and water in the hand: by mouse, by keys, by numbers, wrong and right. */
class StagesIT extends BrowserTest {

    @Test
    void aPieceIsLaidMovedTurnedAndTakenOut() {
        begun();
        StagePage stage = StagePage.open(page, "hardscape");
        assertThat(page.locator("#pit")).containsText("Nothing stands in it yet");
        stage.add("granite");
        assertThat(stage.saved()).containsText("Revision 2");
        assertThat(stage.selected()).hasText("Granite and gneiss");
        assertThat(stage.number("Mass")).containsText("kg");
        stage.type("x", "10").type("y", "5");
        assertThat(stage.saved()).containsText("Revision 4");
        stage.drag(stage.inPlan("stone"), 6, 8);
        assertThat(stage.saved()).containsText("Revision 5");
        assertThat(stage.field("x")).hasValue(Pattern.compile("1[56](\\.5)?"));
        assertThat(stage.field("y")).hasValue(Pattern.compile("1[23](\\.5)?"));
        page.keyboard().press("Control+z");
        assertThat(stage.field("x")).hasValue("10");
        assertThat(stage.field("y")).hasValue("5");
    }

    @Test
    void aPieceIsMovedByTheKeyboardAloneAndKeepsTheFocus() {
        begun();
        StagePage stage = StagePage.open(page, "hardscape").add("granite");
        assertThat(stage.saved()).containsText("Revision 2");
        stage.type("x", "20");
        assertThat(stage.saved()).containsText("Revision 3");
        stage.inPlan("stone").focus();
        page.keyboard().press("ArrowRight");
        assertThat(stage.field("x")).hasValue("20.5");
        assertThat(stage.inPlan("stone")).isFocused();
        stage.inSection("stone").focus();
        String base = stage.field("base").inputValue();
        page.keyboard().press("ArrowUp");
        assertThat(stage.field("base")).hasValue(plus(base, 0.5));
        page.keyboard().press("Delete");
        assertThat(stage.rows()).hasCount(0);
    }

    private static String plus(String value, double by) {
        double sum = Double.parseDouble(value) + by;
        return sum == Math.rint(sum) ? String.valueOf((long) sum) : String.valueOf(sum);
    }

    @Test
    void aWrongNumberOfAPieceStaysInItsField() {
        begun();
        StagePage stage = StagePage.open(page, "hardscape").add("granite");
        assertThat(stage.saved()).containsText("Revision 2");
        for (String wrong : List.of("abc", "-4", "500", "")) {
            stage.type("x", wrong);
            assertThat(stage.error()).isVisible();
            assertThat(stage.field("x")).hasValue(wrong);
        }
        assertThat(stage.saved()).containsText("Revision 2");
        stage.type("x", "5 in");
        assertThat(stage.field("x")).hasValue("12.7");
        assertThat(stage.error()).hasCount(0);
    }

    @Test
    void aPieceChosenInOneViewIsLitInTheOtherAndOpensItsStage() {
        begun();
        StagePage stage = StagePage.open(page, "hardscape").add("granite").add("bogwood");
        assertThat(stage.selected()).hasText(Pattern.compile("Bogwood"));
        stage.inPlan("stone").click();
        assertThat(stage.selected()).hasText("Granite and gneiss");
        assertThat(stage.inSection("stone")).hasClass(Pattern.compile("selected"));
        assertThat(stage.inPlan("stone")).hasClass(Pattern.compile("selected"));
        StagePage.open(page, "ground");
        page.locator(".plan-piece[data-part='wood']").click();
        assertThat(page).hasURL(Pattern.compile("/hardscape"));
        assertThat(stage.selected()).hasText(Pattern.compile("Bogwood"));
    }

    @Test
    void aPieceChosenWhileTheDayIsOnItsWayStaysLit() {
        begun();
        StagePage stage = StagePage.open(page, "hardscape").add("granite").add("bogwood");
        assertThat(stage.selected()).hasText(Pattern.compile("Bogwood"));
        page.waitForCondition(
                () -> "true".equals(page.locator("body").getAttribute("data-settled")),
                new Page.WaitForConditionOptions().setTimeout(60_000));
        List<Route> looks = new ArrayList<>();
        List<Route> days = new ArrayList<>();
        page.route(url -> url.contains("/hardscape?") && url.contains("part="), route -> {
            List<Route> held = route.request().url().contains("whole=") ? days : looks;
            if (held.isEmpty()) {
                held.add(route);
            } else {
                route.resume();
            }
        });
        stage.inPlan("stone").click();
        page.waitForCondition(() -> !looks.isEmpty());
        page.evaluate("void document.querySelector('[x-data=stage]')._x_dataStack[0].settle()");
        page.waitForCondition(() -> !days.isEmpty());
        looks.get(0).resume();
        assertThat(stage.inPlan("stone")).hasClass(Pattern.compile("selected"));
        days.get(0).resume();
        page.waitForCondition(
                () -> "true".equals(page.locator("body").getAttribute("data-settled")),
                new Page.WaitForConditionOptions().setTimeout(60_000));
        assertThat(stage.inPlan("stone")).hasClass(Pattern.compile("selected"));
        assertThat(stage.inSection("stone")).hasClass(Pattern.compile("selected"));
    }

    @Test
    void waterIsMadeDraggedAndJudged() {
        begun();
        StagePage stage = StagePage.open(page, "water").makeWater();
        assertThat(stage.saved()).containsText("Revision 2");
        assertThat(stage.number("Turns over")).containsText("L");
        double level = Double.parseDouble(stage.field("level").inputValue());
        stage.drag(stage.handle("level").locator(".tab"), 0, 3);
        assertThat(stage.saved()).containsText("Revision 3");
        assertThat(Double.parseDouble(stage.field("level").inputValue())).isBetween(level + 2, level + 4);
        stage.handle("level").focus();
        page.keyboard().press("Shift+ArrowDown");
        assertThat(stage.saved()).containsText("Revision 4");
        assertThat(stage.handle("level")).isFocused();
        // higher than the wall: everything floods
        stage.type("level", "40");
        Locator flooded = page.getByText("The water stands over the wall").first();
        assertThat(flooded).isAttached();
        page.locator("[data-undo]").click();
        assertThat(flooded).not().isAttached();
    }

    @Test
    void theShoreIsMovedAndTheWallChanged() {
        begun();
        StagePage stage = StagePage.open(page, "water").makeWater();
        assertThat(stage.saved()).containsText("Revision 2");
        String land = stage.number("Land, of the floor").innerText();
        stage.open("dam").drag(stage.handle("dam-x").locator(".tab"), 8, 0);
        assertThat(stage.saved()).containsText("Revision 3");
        stage.open("water");
        assertThat(stage.number("Land, of the floor")).not().hasText(land);
        stage.open("dam");
        stage.field("dam-kind").selectOption("stones");
        assertThat(stage.saved()).containsText("Revision 4");
        assertThat(stage.field("dam-seal")).hasCount(0);
        stage.field("dam-kind").selectOption("glass");
        assertThat(stage.field("dam-seal")).isVisible();
        stage.open("ramp").type("ramp-length", "3");
        assertThat(stage.saved()).containsText("Revision 6");
        assertThat(stage.notes()).containsText("Stop");
    }

    @Test
    void aWallIsDraggedAndReshapedInThePlan() {
        begun();
        StagePage stage = StagePage.open(page, "water").makeWater();
        assertThat(stage.saved()).containsText("Revision 2");
        stage.open("dam");
        double left = Double.parseDouble(stage.field("dam-x").inputValue());
        double deep = Double.parseDouble(stage.field("dam-depth").inputValue());
        stage.drag(page.locator("#piece-dam-move-dam"), 6, 0);
        assertThat(stage.saved()).containsText("Revision 3");
        assertThat(Double.parseDouble(stage.field("dam-x").inputValue())).isBetween(left + 5, left + 7);
        stage.drag(stage.handle("dam-back").locator(".tab"), 0, -10);
        assertThat(stage.saved()).containsText("Revision 4");
        assertThat(Double.parseDouble(stage.field("dam-depth").inputValue())).isBetween(deep - 11, deep - 9);
        stage.handle("dam-front").focus();
        page.keyboard().press("Shift+ArrowUp");
        assertThat(stage.saved()).containsText("Revision 5");
        assertThat(Double.parseDouble(stage.field("dam-y").inputValue())).isBetween(0.9, 1.1);
        page.locator("#piece-dam-move-dam").focus();
        page.keyboard().press("ArrowLeft");
        assertThat(stage.saved()).containsText("Revision 6");
        page.keyboard().press("Delete");
        assertThat(stage.saved()).containsText("Revision 7");
        assertThat(page.locator("#piece-dam-move-dam")).hasCount(0);
    }

    @Test
    void runningWaterIsAddedFedMovedAndTakenOut() {
        begun();
        StagePage stage = StagePage.open(page, "water").makeWater();
        assertThat(stage.saved()).containsText("Revision 2");
        stage.add("feature:drip_wall");
        assertThat(stage.saved()).containsText("Revision 3");
        assertThat(stage.selected()).hasText("Drip wall");
        assertThat(stage.field("feature-pump")).hasValue("pump");
        assertThat(page.locator(".flow .streaks")).isVisible();
        // more than the pump gives: said, and settled by pressing the remedy
        stage.type("feature-flow", "300");
        Locator all = page.locator("#notes");
        assertThat(all).containsText("The pump gives less than wanted");
        page.locator(".tally-box").click();
        page.locator(".note-list").getByText("Put a submersible").click();
        assertThat(all).not().containsText("The pump gives less than wanted");
        stage.open("pump");
        assertThat(stage.number("Flow")).containsText("L/h");
        assertThat(page.locator(".layer.selected .cautions")).containsText("residual-current");
        for (String wrong : List.of("-1", "x", "900")) {
            stage.type("device-x", wrong);
            assertThat(stage.error()).isVisible();
            assertThat(stage.field("device-x")).hasValue(wrong);
        }
        stage.type("device-x", "6");
        assertThat(stage.inPlan("pump")).hasAttribute("data-x", "6");
        stage.inPlan("pump").focus();
        page.keyboard().press("ArrowRight");
        assertThat(stage.field("device-x")).hasValue("6.5");
        assertThat(stage.inPlan("pump")).isFocused();
        stage.type("device-z", "30");
        assertThat(all).containsText("The inlet runs dry");
        stage.field("device-guard").selectOption("false");
        assertThat(all).containsText("The inlet has no guard");
        stage.press("Take out");
        assertThat(page.locator("[data-select='pump']")).hasCount(0);
        stage.open("drip-wall");
        assertThat(stage.field("feature-pump")).hasValue("");
        page.reload();
        assertThat(page.locator("[data-select='drip-wall']")).isVisible();
    }

    @Test
    void aHeaterIsPlannedSetAndJudged() {
        begun();
        StagePage stage = StagePage.open(page, "water").makeWater();
        stage.add("water-heater-10w");
        assertThat(stage.selected()).containsText("10 W");
        assertThat(stage.field("device-guard")).hasValue("true");
        stage.field("device-item").selectOption("water-heater-100w");
        assertThat(stage.selected()).containsText("100 W");
        stage.type("device-setpoint", "70");
        assertThat(stage.error()).isVisible();
        stage.type("device-setpoint", "22");
        assertThat(stage.error()).hasCount(0);
    }

    @Test
    void aSecondWaterAndAnIsletAreLaidAndTakenOut() {
        begun();
        StagePage stage = StagePage.open(page, "water").makeWater();
        assertThat(stage.selected()).containsText("Water");
        StagePage.shown(page, () -> stage.press("A second water beyond the land"));
        assertThat(stage.number("Separate waters")).containsText("2");
        StagePage.shown(page, () -> stage.press("An islet"));
        assertThat(stage.number("Islets")).containsText("m²");
        StagePage.shown(page, () -> stage.press("A second water beyond the land"));
        assertThat(page.locator("#pit .message.stop")).containsText("one wall");
        stage.open("dam-2").type("dam-y", "-3");
        assertThat(stage.error()).isVisible();
        assertThat(stage.field("dam-y")).hasValue("-3");
        StagePage.shown(page, () -> stage.press("Take out"));
        assertThat(page.locator("[data-select='dam-2']")).hasCount(0);
        stage.open("water");
        assertThat(stage.number("Separate waters")).hasCount(0);
    }

    @Test
    void aLayerIsLaidOnPartOfTheFloorAndAWallBetweenFrontAndBack() {
        begun();
        StagePage stage = new StagePage(page);
        page.locator("#pit [data-open='region'] summary").click();
        for (String wrong : List.of("-1", "x", "900")) {
            stage.type("region-left", wrong);
            assertThat(stage.error()).isVisible();
            assertThat(stage.field("region-left")).hasValue(wrong);
        }
        stage.type("region-left", "20");
        assertThat(stage.error()).hasCount(0);
        stage.type("region-right", "20.5");
        assertThat(stage.error()).containsText("narrower");
        stage.type("region-right", "40").type("region-front", "5");
        page.reload();
        assertThat(stage.field("region-left")).hasValue("20");
        assertThat(stage.field("region-right")).hasValue("40");
        assertThat(stage.field("region-front")).hasValue("5");
        StagePage water = StagePage.open(page, "water").makeWater().open("dam");
        water.type("dam-depth", "20").type("dam-y", "10");
        assertThat(water.error()).hasCount(0);
        assertThat(water.field("dam-y")).hasValue("10");
    }

    @Test
    void anAnimalThatMovesInBeforeTheWaterIsProvenIsAStop() {
        begun();
        StagePage.open(page, "water").makeWater();
        page.locator(".school-lines").first().waitFor();
        page.navigate(page.url().replaceFirst("/water.*", "/log"));
        assertThat(page.locator("#events .note")).hasCount(0);
        page.locator("#events a.btn-line").click();
        page.locator("[name=kind]").selectOption("moved_in");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Write it down"))
                .click();
        assertThat(page.locator("#events .note").first()).containsText("before the water is proven");
        page.navigate(page.url().replaceFirst("/log.*", "/water/cycle"));
        assertThat(page.locator(".note")).containsText("0 of 3 clean tests");
        // the same stop wherever the plan is looked at, and the shelf says that it lives there
        String base = page.url().replaceFirst("/water/cycle.*", "");
        for (String part : List.of("/notes", "/ground", "/heat")) {
            page.navigate(base + part);
            assertThat(page.locator(part.equals("/notes") ? "main" : ".two-notes"))
                    .containsText(UNPROVEN);
        }
        page.navigate(base + "/papers/hand-over");
        page.navigate("/");
        assertThat(page.locator("main")).containsText("Kept");
    }

    private static final String UNPROVEN = "before the water is proven";

    @Test
    void theSchoolsOfTheWaterAreComparedAndChosen() {
        begun();
        StagePage.open(page, "water").makeWater();
        page.locator(".school-lines a[href$='/schools/filter']").click();
        assertThat(page.locator(".school-card")).hasCount(3);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Choose: Sponge"))
                .click();
        assertThat(page.locator(".school-card.chosen h2")).hasText("Sponge");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("To the plan"))
                .click();
        assertThat(page).hasURL(Pattern.compile("/water"));
        assertThat(page.locator("[data-select='filter']")).isVisible();
    }

    @Test
    void theSideIsAThirdViewThatIsCutAtADistanceOfItsOwn() {
        begun();
        StagePage stage = StagePage.open(page, "water").makeWater();
        assertThat(stage.saved()).containsText("Revision 2");
        String front = page.locator("#cut").inputValue();
        page.locator("[data-look][value='side']").click();
        assertThat(page.locator(".sheet-drawing")).containsText("front is left");
        assertThat(page.locator("#cut")).not().hasValue(front);
        // through the water, then through the land
        page.locator("#cut").fill("8");
        page.locator("#cut").press("Enter");
        assertThat(page.locator(".water-line")).hasCount(1);
        page.locator("#cut").fill("80");
        page.locator("#cut").press("Enter");
        assertThat(page.locator(".water-line")).hasCount(0);
        page.locator("[data-look][value='both']").click();
        assertThat(page.locator("#cut")).hasValue(front);
    }

    @Test
    void sumsAreReckonedBesideThePlan() {
        begun();
        StagePage.open(page, "water").makeWater();
        page.locator("[href$='/sums']").click();
        Locator changer = page.locator("#changer");
        // nothing is judged on numbers that nobody gave
        assertThat(changer.locator(".rows div")).hasCount(0);
        assertThat(page.locator("#fill .note")).hasCount(0);
        changer.locator("#changer-share").fill("10");
        changer.locator("#changer-tank").fill("five");
        changer.getByRole(AriaRole.BUTTON).click();
        assertThat(changer.locator(".field-error")).isVisible();
        assertThat(changer.locator("#changer-tank")).hasValue("five");
        changer.locator("#changer-tank").fill("284");
        changer.locator("#changer-share").fill("10");
        changer.getByRole(AriaRole.BUTTON).click();
        assertThat(changer.locator(".rows")).containsText("28.4");
        assertThat(changer).containsText("The changer was timed for another tank");
        assertThat(page.locator("#dry .rows")).containsText("mm");
        assertThat(page).hasURL(Pattern.compile("changer-tank=284"));
    }

    @Test
    void onAPhoneTheFieldsAndTheDrawingStackWithoutScrollingSideways() {
        begun();
        StagePage.open(page, "hardscape").add("granite");
        page.setViewportSize(390, 844);
        for (String stage : List.of("hardscape", "water")) {
            StagePage.open(page, stage);
            int over = (int) page.evaluate("document.documentElement.scrollWidth - innerWidth");
            assertThat(over).as("overflow of " + stage).isLessThanOrEqualTo(0);
        }
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Make a water part"))
                .click();
        assertThat(page.locator("#saved")).containsText("Revision 3");
    }

    @Test
    void theWaterRunsInByThreeWaysOnceTheTapIsKnown() {
        begun();
        StagePage stage = StagePage.open(page, "water").makeWater();
        assertThat(stage.saved()).containsText("Revision 2");
        String water = page.url();
        page.navigate(water.replaceFirst("/water.*", "/water/cycle"));
        assertThat(page.locator("main")).containsText("nothing can be computed");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Enter the tap water"))
                .click();
        stage.type("ph", "7.4").type("alkalinity", "6");
        assertThat(stage.saved()).containsText("Revision 4");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("How it runs in"))
                .click();
        assertThat(page.locator("tbody tr").first()).containsText("day");
        assertThat(page.locator(".chart.cycle")).isVisible();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Running media moved in"))
                .click();
        assertThat(page.locator("h2")).hasText("Running media moved in");
    }

    /** Folded notes come with the second answer; unfolded they are there, and stay so while edits come in. */
    @Test
    void unfoldedNotesAreWrittenAndStayUnfolded() {
        GroundPage ground = begun();
        ground.depth("soil").fill("9");
        ground.depth("soil").press("Enter");
        page.locator(".tally-box").click();
        Locator list = page.locator(".note-list .note");
        assertThat(list.first()).isVisible();
        int before = list.count();
        org.assertj.core.api.Assertions.assertThat(before).isGreaterThan(3);
        ground.depth("soil").fill("10");
        ground.depth("soil").press("Enter");
        assertThat(ground.saved()).containsText("Revision 3");
        assertThat(page.locator(".all-notes[open]")).hasCount(1);
        assertThat(list.first()).isVisible();
    }

    /** An answer that was asked for while the notes were folded carries no list; one that was unfolded meanwhile stays. */
    @Test
    void notesUnfoldedWhileAnEditIsOnItsWayStay() {
        GroundPage ground = begun();
        List<Route> held = new ArrayList<>();
        page.route(url -> url.endsWith("/ground"), route -> {
            if (held.isEmpty() && route.request().method().equals("POST")) {
                held.add(route);
            } else {
                route.resume();
            }
        });
        ground.depth("soil").fill("9");
        ground.depth("soil").press("Enter");
        page.waitForCondition(() -> !held.isEmpty());
        page.locator(".tally-box").click();
        Locator list = page.locator(".note-list .note");
        assertThat(list.first()).isVisible();
        int before = list.count();
        held.get(0).resume();
        assertThat(ground.saved()).containsText("Revision 2");
        org.assertj.core.api.Assertions.assertThat(list.count()).isBetween(before - 2, before + 2);
        page.waitForCondition(
                () -> "true".equals(page.locator("body").getAttribute("data-settled")),
                new Page.WaitForConditionOptions().setTimeout(60_000));
        org.assertj.core.api.Assertions.assertThat(list.count()).isGreaterThan(3);
    }

    /** A sheet thicker than a plan may hold is told beside its field; nothing is saved that could not be read again. */
    @Test
    void aSheetTooThickIsRefusedBesideItsField() {
        begun();
        StagePage stage = StagePage.open(page, "air");
        stage.add("sheet:back");
        assertThat(stage.saved()).containsText("Revision 2");
        stage.type("sheet-thick", "30");
        assertThat(stage.error()).isVisible();
        assertThat(stage.field("sheet-thick")).hasValue("30");
        page.reload();
        assertThat(stage.saved()).containsText("Revision 2");
    }

    @Test
    void aMixIsTakenApartAndItsNumbersFollow() {
        GroundPage ground = begun();
        ground.select("soil");
        page.locator("details.mix summary").click();
        Locator held = page.locator(".mix .rows div", new Page.LocatorOptions().setHasText("Dry density"));
        String before = held.innerText();
        Locator part = page.locator(".mix-part input[name='value'][inputmode]").first();
        part.fill("0");
        part.press("Enter");
        assertThat(page.locator(".mix .field-error")).isVisible();
        part.fill("9");
        part.press("Enter");
        assertThat(ground.saved()).containsText("Revision 2");
        assertThat(page.locator("details.mix")).hasAttribute("open", "");
        assertThat(held).not().hasText(before);
        assertThat(page.locator(".layer.selected .layer-name")).containsText("Own mix");
        int parts = page.locator(".mix-part").count();
        page.locator("[id='mix-add-soil']").selectOption("pumice_1_4");
        page.locator(".mix")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Add"))
                .click();
        assertThat(page.locator(".mix-part")).hasCount(parts + 1);
        page.locator("[data-undo]").click();
        assertThat(ground.saved()).containsText("Revision 4");
    }

    /** From the first click to the sheet for three animals that live between land and water, by mouse, at a desk and on a phone. */
    @ParameterizedTest(name = "{0} at {2} px")
    @CsvSource({
        "theloderma-corticale, palud-glass-90x45x60, 1280",
        "bombina-orientalis, palud-glass-90x45x60, 1280",
        "cynops-orientalis, palud-glass-90x45x60, 1280",
        "bombina-orientalis, palud-glass-90x45x60, 390"
    })
    void aHomeBetweenLandAndWaterIsPlannedToTheSheet(String species, String vessel, int width) {
        page.setViewportSize(width, width < 500 ? 844 : 800);
        begun(species, vessel);
        StagePage stage = StagePage.open(page, "water").makeWater();
        assertThat(stage.saved()).containsText("Revision 2");
        assertThat(stage.number("Turns over")).containsText("L");
        assertThat(page.getByText("No way out of the water")).hasCount(0);
        stage.open("tap").type("ph", "7.2").type("alkalinity", "5").type("chlorine", "0,3");
        assertThat(stage.number("Thiosulfate")).containsText("g");
        stage.open("changes").type("change-fraction", "25").type("change-interval", "7");
        assertThat(stage.number("One change")).containsText("L");
        StagePage hardscape = StagePage.open(page, "hardscape").add("cork_bark_flat");
        assertThat(hardscape.selected()).containsText("Cork");
        hardscape.field("hide").selectOption("humid");
        assertThat(hardscape.saved()).containsText("Revision 9");
        hardscape.press("One more");
        assertThat(hardscape.rows()).hasCount(2);
        page.navigate(page.url().replaceFirst("/hardscape.*", "/build"));
        assertThat(page.locator(".buy-table")).containsText("L");
        var sheet = page.context().request().get(page.url().replaceFirst("/build.*", "/build.pdf"));
        assertThat(sheet.status()).isEqualTo(200);
        assertThat(new String(sheet.body(), 0, 5, java.nio.charset.StandardCharsets.US_ASCII))
                .isEqualTo("%PDF-");
    }
}
