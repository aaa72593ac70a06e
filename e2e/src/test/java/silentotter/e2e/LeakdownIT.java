package silentotter.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The leak-down bench as hands use it: tester, readings in firing order, listening, contradiction. */
class LeakdownIT extends WindowsTest {
    private static void tab(Page page, String name) {
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name)))
                .click();
    }

    @Test
    void fromAnUnknownTesterToTheSealOnTheSheet() {
        long job = RunningApp.JSON
                .readTree(app.post("/api/jobs", """
                        {"engine": {"name": "Gannet", "layout": "INLINE", "banks": [{"side": "ONLY", "cylinders": [1,2,3,4]}],
                          "firingOrder": [1,3,4,2], "boreMm": 86, "strokeMm": 86, "compressionRatio": 10},
                         "job": {"date": "2026-11-03"}}""").body())
                .at("/job/id")
                .asLong();
        long pass = app.get("/api/jobs/" + job + "/sheet").at("/passes/0/id").asLong();
        for (int c = 1; c <= 4; c++) {
            app.post(
                    "/api/jobs/" + job + "/compression/passes/" + pass + "/readings",
                    "{\"cylinder\": " + c + ", \"strokesKPa\": [1300], \"finalOnly\": true}");
        }
        Page page = browser.open(app.url("/jobs/" + job + "/leakdown"));
        Locator cell = page.getByLabel(Pattern.compile("^Leak-down, cylinder|^Second gauge"));
        assertThat(cell).isVisible();
        type(page, "20");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Say first which tester this is");

        button(page, "New tester").click();
        page.getByLabel("Name").fill("Yard tester");
        within(page, "Shows", "per cent").click();
        page.getByLabel("Supply (kPa)").fill("690");
        page.getByLabel("Orifice (mm)").fill("1.016");
        page.keyboard().press("Tab");
        button(page, "Keep this tester").click();
        assertThat(page.getByText("690 kPa, 1.02 mm orifice, not calibrated")).isVisible();
        within(page, "Engine", "hot").click();

        tab(page, "Listen");
        assertThat(page.getByText("First bring 1 to top centre")).isVisible();
        page.getByLabel("Leak-down, cylinder 1").click();
        page.keyboard().press("Escape");
        type(page, "8");
        assertThat(page.getByText("Turn 180° to cylinder 3")).isVisible();
        button(page, "Turned: on to 3").click();
        assertThat(page.getByText("Turn 180° to cylinder 4")).isVisible();
        type(page, "140");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("0 to 100 %");
        assertThat(page.getByLabel("Leak-down, cylinder 3")).hasValue("140");
        page.keyboard().press("Escape");
        type(page, "80 84 85");
        within(page, "Exhaust", "clear").click();
        within(page, "Plug hole of 4", "faint").click();

        Locator verdict = page.getByLabel("Verdict", new Page.GetByLabelOptions().setExact(true));
        assertThat(verdict).containsText("leak-down allows");
        assertThat(verdict).containsText("read 3 again");
        tab(page, "Results");
        assertThat(page.getByText("The gasket is not blamed yet.").first()).isVisible();
        tab(page, "Schools");
        assertThat(page.getByText("10, 20, 30 % on the tester they were written for"))
                .isVisible();

        tab(page, "Listen");
        within(page, "Done since the last attempt", "turned 360°").click();
        page.getByLabel("Leak-down, cylinder 3").click();
        type(page, "9");
        assertThat(verdict).containsText("Nothing wrong");
        tab(page, "Attempts");
        assertThat(page.getByText("after: turned 360")).isVisible();
        assertThat(app.get("/api/jobs/" + job + "/sheet")
                        .at("/leakdown/readings")
                        .size())
                .isEqualTo(3);
        assertThat(app.get("/api/jobs/" + job + "/sheet")
                        .at("/leakdown/readings/1/reading/settling")
                        .toString())
                .isEqualTo("[80.0,84.0]");

        tab(page, "Valve clearance");
        page.getByLabel("Clearance exhaust, cylinder 2").fill("0.20 0.01");
        page.keyboard().press("Enter");
        assertThat(page.getByText("The exhaust valve has no clearance left").first())
                .isVisible();
        tab(page, "Cautions");
        assertThat(page.getByText("Never oxygen.")).isVisible();
    }

    @Test
    void aCalibratedTesterTurnsPerCentIntoArea() {
        long job = RunningApp.JSON
                .readTree(app.post("/api/jobs", """
                        {"engine": {"name": "Tern", "layout": "INLINE", "banks": [{"side": "ONLY", "cylinders": [1,2]}],
                          "boreMm": 86}, "job": {"date": "2026-11-03"}}""").body())
                .at("/job/id")
                .asLong();
        app.post(
                "/api/jobs/" + job + "/leakdown/testers",
                "{\"name\": \"Old dial\", \"kind\": \"PERCENT_DIAL\", \"supplyKPa\": 689.476, \"calibrated\": false}");
        Page page = browser.open(app.url("/jobs/" + job + "/leakdown"));
        tab(page, "Tester");
        page.locator("select").selectOption("Old dial");
        page.locator("h2").first().click();
        type(page, "40");
        Locator table = page.getByRole(AriaRole.TABLE, new Page.GetByRoleOptions().setName("Readings"));
        assertThat(table).not().containsText("as area");
        button(page, "Calibrate").click();
        page.getByLabel("Hole 1 (mm)").fill("1.237");
        page.getByLabel("reads (%)").first().fill("40");
        page.keyboard().press("Tab");
        button(page, "Work it out").click();
        assertThat(table).containsText("1.2");
        assertThat(page.getByText("1.02 mm orifice, calibrated")).isVisible();
    }

    /** A new job on a twin, and a tester of two gauges that the shop has. */
    private static Page onTwoGauges(String name) {
        long job = RunningApp.JSON
                .readTree(app.post("/api/jobs", """
                        {"engine": {"name": "Tern", "layout": "INLINE", "banks": [{"side": "ONLY", "cylinders": [1,2]}],
                          "boreMm": 86}, "job": {"date": "2026-11-03"}}""").body())
                .at("/job/id")
                .asLong();
        app.post(
                "/api/jobs/" + job + "/leakdown/testers",
                "{\"name\": \"" + name
                        + "\", \"kind\": \"TWO_GAUGES\", \"supplyKPa\": 690, \"orificeMm\": 1.0, \"calibrated\": true}");
        Page page = browser.open(app.url("/jobs/" + job + "/leakdown"));
        tab(page, "Tester");
        page.locator("select").selectOption(name);
        page.locator("h2").first().click();
        return page;
    }

    @Test
    void aChangedTesterIsAnotherOneAndEarlierReadingsStayWithTheOld() {
        Page page = onTwoGauges("Slip tester");
        type(page, "500");
        Locator table = page.getByRole(AriaRole.TABLE, new Page.GetByRoleOptions().setName("Readings"));
        assertThat(table).containsText("0.9");
        button(page, "Change").click();
        page.getByLabel("Orifice (mm)").fill("2.0");
        page.keyboard().press("Tab");
        button(page, "Changed from now on").click();
        assertThat(page.getByText("690 kPa, 2.00 mm orifice, calibrated")).isVisible();
        assertThat(table).containsText("0.9");
        page.getByLabel(Pattern.compile("^Second gauge")).click();
        page.keyboard().press("Escape");
        page.keyboard().press("Enter");
        type(page, "500");
        assertThat(table).containsText("4");
        tab(page, "Attempts");
        assertThat(page.getByText(Pattern.compile("Slip tester, as it was until")))
                .hasCount(1);
    }

    @Test
    void aPerCentTypedForTheSecondGaugeIsAskedAboutAndTakenAsMeant() {
        Page page = onTwoGauges("Quay tester");
        type(page, "20 14");
        assertThat(page.getByText("Did you mean 14 %?")).isVisible();
        button(page, "14 % lost").click();
        Locator table = page.getByRole(AriaRole.TABLE, new Page.GetByRoleOptions().setName("Readings"));
        assertThat(table).containsText("as area");
        tab(page, "Attempts");
        assertThat(page.getByText("settled from 20 %")).isVisible();
    }
}
