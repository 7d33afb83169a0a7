package tanah.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A planting that is solved: asked for with bad and good wishes, watched, stopped, read, taken and undone. */
class PlantPlanIT extends BrowserTest {
    @BeforeEach
    void signIn() {
        new SignInPage(page).open().enterDemo();
    }

    private void open(String name) {
        page.navigate("/");
        new ShelfPage(page).openEnclosure(name).ready().waitFor();
        StagePage.open(page, "planting");
        page.locator(".climate-links a").first().click();
        assertThat(page.locator("h1")).hasText("Plant it");
    }

    private Locator start() {
        return page.locator(".wishes .btn-ink");
    }

    @Test
    void wishesThatMakeNoSenseAreToldBesideTheirFieldsAndStay() {
        open("Mossy frog paludarium");
        page.locator("#budget").fill("a lot");
        page.locator("#coverMin").fill("900");
        page.locator("#only").fill("nerve plant\nqqqqq");
        page.locator("#without").fill("begonia");
        page.locator(".wishes summary").click();
        page.locator("#w-fit").fill("-1");
        start().click();
        assertThat(page.locator("#budget-error")).isVisible();
        assertThat(page.locator("#coverMin-error")).containsText("Between 0 and");
        assertThat(page.locator("#only-error")).containsText("No plant is called \"qqqqq\"");
        assertThat(page.locator("#without-error")).containsText(Pattern.compile("\\d+ kinds have that name"));
        assertThat(page.locator("#w-fit-error")).isVisible();
        for (List<String> typed : List.of(
                List.of("budget", "a lot"),
                List.of("coverMin", "900"),
                List.of("only", "nerve plant\nqqqqq"),
                List.of("w-fit", "-1"))) {
            assertThat(page.locator("#" + typed.get(0))).hasValue(typed.get(1));
        }
        page.locator("#budget").fill("");
        page.locator("#only").fill("");
        page.locator("#without").fill("");
        page.locator("#w-fit").fill("1");
        page.locator("#coverMin").fill("60");
        page.locator("#coverMax").fill("40");
        start().click();
        assertThat(page.locator("#coverMax-error")).containsText("less than the first");
    }

    @Test
    void aPlantingIsFoundReadTakenAndUndone() {
        open("Collared lizard, arid");
        Locator keeps = page.locator("[name=keep]");
        int standing = keeps.count();
        assertThat(standing).isPositive();
        page.locator("#without").fill("Haworthiopsis attenuata");
        start().click();
        page.locator("#found").waitFor();
        // what was wished is part of the plan, whoever looks again
        assertThat(page.locator("#without")).hasValue("Haworthiopsis attenuata");
        Locator room = page.locator("[data-way=room]");
        assertThat(room).containsText("Proven: no planting is worth more");
        assertThat(room).containsText("Why here:");
        assertThat(room).not().containsText("Haworthiopsis");
        assertThat(page.locator("[data-way=native]")).containsText("No kind that may be chosen lives anywhere here");
        page.locator("#refused summary").click();
        assertThat(page.locator("#refused tbody tr").first()).isVisible();
        // every sentence has its numbers
        assertThat(page.locator("#find")).not().containsText("{");
        int pieces = Integer.parseInt(room.locator("dd").first().innerText().split(" ")[0]);
        room.locator("form button").click();
        StagePage stage = new StagePage(page);
        assertThat(stage.rows()).hasCount(standing + pieces);
        // nothing that it set is stopped
        assertThat(page.locator("#notes")).containsText("no stop");
        page.locator("[data-undo]").click();
        assertThat(stage.rows()).hasCount(standing);
        // and the wishes, so that the demo is as it was
        page.locator("[data-undo]").click();
        assertThat(stage.saved()).containsText("Revision");
        page.locator(".climate-links a").first().click();
        assertThat(page.locator("#without")).hasValue("");
    }

    @Test
    void aSearchIsStoppedAndADarkBoxIsToldSo() {
        open("Mossy frog paludarium");
        start().click();
        page.locator("#progress").waitFor();
        page.locator("#find .btn-line").first().click();
        assertThat(page.locator("#find")).containsText("The search was stopped");
        open("Giant millipede box");
        start().click();
        page.locator("#found").waitFor();
        assertThat(page.locator("[data-way=room]")).containsText("There is none");
        assertThat(page.locator("[data-way=room]")).containsText("No kind that may be chosen lives anywhere here");
    }
}
