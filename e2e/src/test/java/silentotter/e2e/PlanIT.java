package silentotter.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The round planned and what to do decided, as the technician has a say in both. */
class PlanIT extends DemoWindowsTest {
    private static Locator button(Locator in, String name) {
        return in.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name));
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    private static void tab(Page page, String name) {
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(name)).click();
    }

    @Test
    void whatCannotBeDoneHereIsLeftOutAndComesBackIn() {
        Page page = browser.open(app.url("/jobs/8/plan"));
        Locator steps = page.locator("[data-step]");
        assertThat(steps.first()).containsText("Compression on 3 and 4 too.");
        assertThat(page.locator("[data-next]")).hasText("Compression on 3 and 4 too.");
        assertThat(page.locator("[data-planned-step]").first()).isVisible();
        Locator leakdown = page.locator("[data-step=LEAKDOWN]");
        assertThat(leakdown).containsText("Air turns cranks");

        button(leakdown, "Not here").click();
        assertThat(leakdown).hasCount(0);
        assertThat(steps.first()).isVisible();
        button(page, "leak-down: back in").click();
        assertThat(leakdown).hasCount(1);
    }

    @Test
    void whatIsPutFirstComesFirstUntilItIsTakenBack() {
        Page page = browser.open(app.url("/jobs/8/plan"));
        Locator last = page.locator("[data-step]").last();
        String test = last.getAttribute("data-step");
        button(last, "First").click();
        assertThat(page.locator("[data-step]").first()).hasAttribute("data-step", test);
        button(page, "As it pays").click();
        assertThat(page.locator("[data-step]").first()).not().hasAttribute("data-step", test);
    }

    @Test
    void thePlanFollowsHowTheEngineStands() {
        Page page = browser.open(app.url("/jobs/4/plan"));
        Locator stands = page.locator("[data-stands]");
        Locator leakdown = page.locator("[data-step=LEAKDOWN]");
        assertThat(leakdown.first()).isVisible();

        button(stands, "air at hand: not asked").click();
        button(stands, "air at hand: yes").click();
        assertThat(page.locator("[data-step]").first()).isVisible();
        assertThat(leakdown).hasCount(0);
        button(stands, "air at hand: no").click();
        assertThat(leakdown).hasCount(1);

        button(stands, "warm enough now: not asked").click();
        assertThat(stands).containsText("Stays hot for about 30 min.");
        page.reload();
        assertThat(button(stands, "warm enough now: yes")).isVisible();
        button(stands, "Still hot").click();
        button(stands, "warm enough now: yes").click();
        assertThat(stands).not().containsText("Stays hot");
        button(stands, "warm enough now: no").click();
    }

    @Test
    void aDecidedEngineSaysSoAndWhatToDo() {
        Page page = browser.open(app.url("/jobs/3/plan"));
        assertThat(page.locator("[data-decided]")).containsText("Stop testing");
        assertThat(page.locator("[data-next]")).containsText("Stop testing. Head off");
        tab(page, "What to do");
        assertThat(page.locator("[data-decision]")).containsText("Head off");
        assertThat(page.locator("[data-course][aria-current]")).containsText("recommended");
        assertThat(page.locator("[data-course=RUN_ON]")).containsText("next to none");
    }

    @Test
    void theShopsOwnCostsAndTheEnginesValueChangeWhatIsSaid() {
        Page page = browser.open(app.url("/jobs/3/plan"), true);
        page.setViewportSize(820, 1180);
        tab(page, "Costs of this shop");
        Locator rate = page.getByLabel("An hour of work");
        rate.fill("a lot");
        rate.press("Enter");
        assertThat(page.locator(".refusal")).isVisible();
        rate.fill("156");
        rate.press("Enter");
        assertThat(page.locator(".refusal")).hasCount(0);
        tab(page, "What to do");
        assertThat(page.locator("[data-course=SERVICE]")).containsText("230");
        assertThat(page.getByText("In the money that this shop enters")).isVisible();

        Locator value = page.getByLabel("What the engine is worth");
        value.fill("900");
        value.press("Enter");
        assertThat(page.locator("[data-worth]")).containsText("on an engine worth 900");
        value.fill("");
        value.press("Enter");
        assertThat(page.locator("[data-worth]")).hasCount(0);

        tab(page, "Costs of this shop");
        rate.fill("");
        rate.press("Enter");
        tab(page, "What to do");
        assertThat(page.locator("[data-course=SERVICE]")).containsText("150");
        assertThat(page.locator("[data-verdict]")).isInViewport();
    }

    @Test
    void thePlanFollowsAReading() {
        String engine = "{\"name\": \"Gannet\", \"layout\": \"INLINE\", \"banks\": [{\"side\": \"ONLY\","
                + " \"cylinders\": [1,2,3,4]}]}";
        long job = RunningApp.JSON
                .readTree(app.post("/api/jobs", "{\"engine\": " + engine + ", \"job\": {\"date\": \"2026-11-20\"}}")
                        .body())
                .at("/job/id")
                .asLong();
        Page page = browser.open(app.url("/jobs/" + job));
        Locator next = page.locator("[data-planned=true] [data-next]");
        assertThat(next).containsText("Look round");
        for (String value : new String[] {"1210", "1195", "760", "1200"}) {
            page.keyboard().type(value);
            page.keyboard().press("Enter");
        }
        assertThat(next).hasText(Pattern.compile("Look round|plugs that came out|(Wet test|Camera|Leak-down).* 3"));
        assertThat(page.locator("[data-planned-step]").first()).isVisible();
    }
}
