package silentotter.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A practice case from the complaint to the debriefing, as a newcomer does it. */
class PracticeIT extends WindowsTest {
    /** A cranking takes its strokes, and a room its start. */
    private static final double PATIENCE = 30_000;

    private static void is(Locator locator, String text) {
        assertThat(locator).containsText(text, new LocatorAssertions.ContainsTextOptions().setTimeout(PATIENCE));
    }

    private static void tick(Page page, String label) {
        page.getByLabel(label).check();
    }

    private static void picture(Page page, String name) {
        if (Boolean.getBoolean("otter.screenshots")) {
            page.waitForTimeout(400);
            page.screenshot(new Page.ScreenshotOptions().setPath(Path.of("../docs/screenshots", name + ".png")));
        }
    }

    @Test
    void aCaseIsCrankedHeardSaidAndTold() {
        Page page = browser.open(app.url("/"));
        button(page, "Practice").click();
        Locator board = page.locator("[data-board]");
        is(board, "Nothing here ever stands among the");
        page.getByLabel("Who practises").fill("Quill");
        page.locator("ol li").nth(1).getByRole(AriaRole.BUTTON).click();
        Locator band = page.locator("[data-practice]");
        is(band, "PRACTICE");

        // Compression types itself; Enter takes it.
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^Compression")))
                .click();
        assertThat(page.locator("[data-answer-hidden]")).isVisible();
        button(page, "Pull all plugs").click();
        is(band, "All plugs are out");
        tick(page, "throttle held open");
        Locator cell = page.locator("input[data-readings]");
        button(page, "Crank 1").click();
        assertThat(cell)
                .hasValue(
                        Pattern.compile("^\\d+ \\d+ \\d+"),
                        new LocatorAssertions.HasValueOptions().setTimeout(PATIENCE));
        is(page.locator("[data-practice-crank]"), "It stands. Enter takes it.");
        page.keyboard().press("Enter");
        assertThat(cell).hasValue("");
        button(page, "Crank 2").click();
        is(page.locator("[data-practice-crank]"), "It stands. Enter takes it.");
        page.keyboard().press("Enter");
        assertThat(page.getByText(Pattern.compile("^Saved, rev. 3"))).isVisible();

        // Air goes in, and is heard where it comes out: sound, meter and words.
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^Leak-down")))
                .click();
        button(page, "Take the tester from the bench").click();
        page.keyboard().press("ArrowRight");
        tick(page, "felt the air push as it rose");
        button(page, "Open the air on 2").click();
        Locator air = page.locator("[data-practice-air]");
        is(air, "Settled. Enter takes it");
        page.keyboard().press("Enter");
        is(air, "Listen, and write down");
        air.locator("[data-listen=EXHAUST]").click();
        is(air, "a breath through a pipe");
        air.locator("[data-listen=CRANKCASE]").click();
        assertThat(air.getByRole(AriaRole.METER, new Locator.GetByRoleOptions().setName("exhaust")))
                .hasAttribute("aria-valuenow", Pattern.compile("0\\.[1-9].*"));

        picture(page, "practice");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Say what is wrong"))
                .click();
        assertThat(button(page, "That is what I say")).isDisabled();
        button(page, "A valve leaks").click();
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Where"))
                .getByRole(AriaRole.BUTTON)
                .nth(1)
                .click();
        button(page, "That is what I say").click();
        Locator told = page.locator("[data-debrief]");
        is(told, "Exhaust valve, cylinder 2");
        assertThat(told).hasAttribute("data-debrief", "named");
        is(told, "The tester was not zeroed");
        assertThat(told.locator("[data-steps] tbody tr")).hasCount(4);
        assertThat(told.locator("[data-route] li").first()).isVisible();
        picture(page, "debrief");

        // It is remembered for whoever practised, and not known to the shop.
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("All cases"))
                .click();
        is(page.locator("[data-history]"), "1 of 1 named");
        page.navigate(app.url("/"));
        assertThat(page.getByText("Curlew 17")).hasCount(0);
    }
}
