package silentotter.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Afterwards, through the screen: what was found, how often it was right, before and after, and jobs found again. */
class AfterwardsIT extends DemoWindowsTest {
    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    @Test
    void aTappedPartIsHeldAgainstTheVerdictOfBefore() {
        Page page = browser.open(app.url("/jobs/1/found"));
        page.getByLabel("It is").selectOption("RINGS");
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("How sure, per cent"))
                .getByText("80")
                .click();

        button(page, "Rings and lands, cylinder 3: not looked at").click();
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Compression rings"))
                .getByText("stuck")
                .click();
        assertThat(page.locator("[data-review]")).containsText("It was so: rings stuck");
        assertThat(page.locator("[data-own-verdict]")).containsText("80 %");
        assertThat(button(page, "Rings and lands, cylinder 3: stuck")).isVisible();

        // The same on the others, by one tap; then with the keys to another part and cylinder.
        button(page, "The same on the other 3").click();
        assertThat(button(page, "Rings and lands, cylinder 1: stuck")).isVisible();
        page.keyboard().press("Escape");
        page.keyboard().press("ArrowDown");
        page.keyboard().press("ArrowRight");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Oil ring, cylinder 4")))
                .isVisible();

        page.reload();
        assertThat(page.locator("[data-review]")).isVisible();
        Locator saved = page.getByText(Pattern.compile("^Saved, rev"));
        for (int i = 0; i < 4; i++) {
            String before = saved.textContent();
            page.keyboard().press("u");
            assertThat(saved).not().hasText(before);
        }
        assertThat(page.locator("[data-review]")).hasCount(0);
    }

    @Test
    void aMeasureThatIsNoneStaysWithItsWord() {
        Page page = browser.open(app.url("/jobs/2/found"));
        button(page, "Bore, cylinder 2: not looked at").click();
        page.getByLabel("Wear (mm)").fill("44");
        page.getByLabel("Wear (mm)").press("Enter");
        assertThat(page.getByText("44 is outside 0 to 10 mm")).isVisible();
        assertThat(page.getByLabel("Wear (mm)")).hasValue("44");
        // Nothing was opened by it.
        assertThat(page.getByLabel("Your own verdict")).isVisible();
    }

    @Test
    void theShopSeesHowOftenItsEightyPercentWasRightAndWhatItLearns() {
        Page page = browser.open(app.url("/record"));
        assertThat(page.locator("[data-eighty]")).containsText(Pattern.compile("was so \\d+ of \\d+ times"));
        assertThat(page.getByLabel("Before and after")).containsText("exhaust valve");
        button(page, "Take this over").click();
        assertThat(page.getByText("All that the outcomes teach is taken over.")).isVisible();
        assertThat(page.locator("[data-skipped]")).containsText("job");

        // One verdict without it, said so while it stands there.
        Page sheet = browser.open(app.url("/jobs/3"));
        button(sheet, "Without what this shop learnt").click();
        assertThat(sheet.locator("[data-as-started]")).hasText("Had this shop learnt nothing");
        button(sheet, "With what this shop learnt").click();
        assertThat(sheet.locator("[data-as-started]")).hasCount(0);
        sheet.close();
        button(page, "Take back what was taken over").click();
        assertThat(page.getByText("Nothing is taken over yet")).isVisible();
    }

    @Test
    void twoVisitsOfOneEngineSayNoMoreThanTheyHold() {
        Page page = browser.open(app.url("/"));
        page.getByLabel("Search jobs").fill("No. 1 taxi");
        page.getByLabel("Tarn 22 petrol, No. 1 taxi: its whole life").first().click();
        assertThat(page.locator("[data-claims]")).containsText("No difference beyond");
        page.getByLabel("Before", new Page.GetByLabelOptions().setExact(true)).selectOption("2024-11-12, baseline");
        page.getByLabel("After", new Page.GetByLabelOptions().setExact(true)).selectOption("2025-06-18");
        assertThat(page.locator("[data-claims]")).containsText("Compression of cylinder 2");
        assertThat(page.locator("[data-claims]")).containsText("for the worse");
        String pdf = page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Before and after, PDF"))
                .getAttribute("href");
        assertThat(page.request().get(app.url(pdf)).body()).startsWith("%PDF".getBytes());
    }

    @Test
    void oilUseAndPlugsStandOverTimeAndATrialSaysNoMoreThanItHolds() {
        Page page = browser.open(app.url("/"));
        page.getByLabel("Search jobs").fill("No. 1 taxi");
        page.getByLabel("Tarn 22 petrol, No. 1 taxi: its whole life").first().click();
        page.getByText("oil use by the hour", new Page.GetByTextOptions().setExact(true))
                .first()
                .click();
        assertThat(page.locator("[data-course='OIL_PER_HOUR'] svg"))
                .hasAttribute("aria-label", Pattern.compile("2026-03-09 15, 2026-10-06 10"));
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Along"))
                .getByText("date")
                .click();
        assertThat(page.locator("[data-course='OIL_PER_HOUR']")).containsText("2026-");
        assertThat(page.locator("[data-plug-looks] tbody tr")).hasCount(3);
        assertThat(page.locator("[data-trial='BETTER']")).containsText("whether by so much is open");
    }

    @Test
    void onATabletTheVerdictHasRoomInTheList() {
        Page page = browser.open(app.url("/"));
        page.setViewportSize(820, 1180);
        Locator row = page.locator("tbody tr").first();
        assertThat(row.locator("td").nth(3).boundingBox().width).isGreaterThan(200);
        assertThat(row.getByText("Oil weeps at every seal").first()).isVisible();
    }

    @Test
    void jobsAreFoundAgainByWhatTheyAreAbout() {
        Page page = browser.open(app.url("/"));
        button(page, "Filter").click();
        page.getByLabel("By", new Page.GetByLabelOptions().setExact(true)).selectOption("M. Aske");
        page.getByLabel("What was found").selectOption("is known");
        assertThat(page.locator("tbody tr")).hasCount(3);
        button(page, "All").click();
        assertThat(page.locator("tbody tr").nth(20)).isVisible();
    }
}
