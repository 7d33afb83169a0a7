package tanah.web.browser;

import com.microsoft.playwright.Page;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** Takes the pictures of the main views from the demo data: {@code ./tanah shots}. */
@EnabledIfSystemProperty(named = "tanah.shots", matches = ".+")
class ShotsIT extends BrowserTest {
    private static final Path FOLDER = Path.of(System.getProperty("tanah.shots", "target"));

    @Test
    void everyMainView() {
        new SignInPage(page).open();
        shot("01-sign-in");
        new SignInPage(page).enterDemo();
        page.locator(".tag").first().waitFor();
        shot("02-shelf");
        String lizard = enclosure("Collared lizard, arid");
        String frog = enclosure("Mossy frog paludarium");
        String millipede = enclosure("Giant millipede box");
        page.navigate("/enclosures/new?q=gecko&species=crotaphytus-collaris&vessel=front-glass-90x45x45&count=1");
        shot("03-animal-vessel-room");
        ground(frog);
        shot("04-ground-paludarium");
        stage(frog, "planting");
        shot("05-planting");
        ground(millipede);
        page.evaluate("document.documentElement.dataset.sheet = 'night'");
        page.locator(".all-notes summary").click();
        shot("06-notes-night");
        page.evaluate("document.documentElement.dataset.sheet = 'day'");
        stage(frog, "hardscape");
        shot("14-hardscape");
        stage(frog, "water");
        shot("15-water");
        stage(frog, "crew");
        page.locator("body[data-settled='true']").waitFor();
        shot("17-crew");
        page.navigate(frog + "/fill");
        page.locator(".wishes .btn-ink").click();
        page.locator("#found").waitFor();
        page.locator("#found").scrollIntoViewIfNeeded();
        page.evaluate("document.querySelector('#found').scrollIntoView()");
        shot("13-plant-it");
        page.navigate(frog + "/sums?changer-tank=284&changer-share=10&changer-times=2");
        shot("18-sums");
        page.navigate(frog + "/water/cycle");
        shot("16-running-in");
        page.navigate(frog + "/build");
        shot("07-buy-list");
        page.navigate(millipede + "/log?place=p-litter&kind=rh&days=14");
        shot("08-logbook");
        stage(lizard, "heat");
        page.locator("body[data-settled='true']").waitFor();
        shot("19-heat");
        stage(frog, "air");
        page.locator("body[data-settled='true']").waitFor();
        shot("09-air");
        page.setViewportSize(390, 844);
        page.navigate(lizard + "/read?place=p-cool&kind=temp_air");
        page.locator("#value").fill("24.6");
        shot("10-phone-reading");
        ground(frog);
        shot("11-phone-ground");
        page.navigate("/");
        shot("12-phone-shelf");
    }

    private String enclosure(String name) {
        page.navigate("/");
        String href = page.locator(".tag h2 a", new Page.LocatorOptions().setHasText(name))
                .getAttribute("href");
        return href.replace("/ground", "");
    }

    private void ground(String enclosure) {
        stage(enclosure, "ground");
    }

    private void stage(String enclosure, String word) {
        page.navigate(enclosure + "/" + word);
        new GroundPage(page).ready().waitFor();
    }

    private void shot(String name) {
        page.evaluate("document.fonts.ready");
        page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve(name + ".png")));
    }
}
