package silentotter.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.net.URI;
import java.nio.file.Files;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Blow-by and the oil log as hands use them: a slack tube set by dragging, a notebook page that becomes a due date. */
class RunningTestsIT extends WindowsTest {
    private static final String PAGE = """
            1 Mar 2026 4512 h full
            8 Mar 2026 4540 h dip -5 mm
            17 Mar 2026 4571 h dip -11 mm
            17 Mar 2026 4571 h topped up 0.5 l
            28 Mar 2026 4602 h dip -10 mm
            6 Apr 2026 4630 h -15 mm, 0.75 l added
            20 Apr 2026 4661 h dip -11 mm
            2 May 2026 4690 h dip -16 mm
            2 May 2026 4690 h added 0.75 litres 15W-40
            14 May 2026 4722 h dip -12 mm, level, 10 min
            """;

    private static long newJob() {
        return RunningApp.JSON
                .readTree(app.post("/api/jobs", """
                        {"engine": {"name": "Shearwater", "layout": "INLINE", "banks": [{"side": "ONLY", "cylinders": [1,2,3,4]}],
                          "boreMm": 86, "strokeMm": 86, "compressionRatio": 10, "cycle": "FOUR_STROKE", "fuel": "PETROL",
                          "dipstickSpanMm": 20, "dipstickSpanLitres": 1.5, "oilWithFilterLitres": 6},
                         "job": {"date": "2026-11-03"}}""").body())
                .at("/job/id")
                .asLong();
    }

    private static void drag(Page page, Locator handle, double by) {
        BoundingBox box = handle.boundingBox();
        double x = box.x + box.width / 2;
        double y = box.y + box.height / 2;
        page.mouse().move(x, y);
        page.mouse().down();
        page.mouse().move(x, y + by / 2);
        page.mouse().move(x, y + by);
        page.mouse().up();
    }

    private static void tab(Page page, String name) {
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name)))
                .click();
    }

    @Test
    void aSlackTubeSetByDraggingBecomesAFlowAndASlippedDecimalIsMended() {
        long job = newJob();
        Page page = browser.open(app.url("/jobs/" + job + "/blow-by"));
        within(page, "Point of the test", "idle").click();
        page.getByLabel("Orifice (mm)").fill("8");
        page.keyboard().press("Tab");
        drag(page, page.locator("[data-leg=open]"), -60);
        drag(page, page.locator("[data-leg=crankcase]"), 60);
        assertThat(page.getByLabel("Up, mm")).not().hasValue("");
        double up = Double.parseDouble(page.getByLabel("Up, mm").inputValue());
        assertThat(up).isBetween(10.0, 25.0);
        assertThat(page.getByText(Pattern.compile("One leg alone would say .* half")))
                .isVisible();
        // Moving the index changes both numbers and not the height.
        String pressure = page.locator("[aria-live=polite] .font-mono").first().textContent();
        drag(page, page.locator("[data-leg=index]"), -30);
        assertThat(page.getByLabel("Up, mm")).not().hasValue(Double.toString(up));
        assertThat(page.locator("[aria-live=polite] .font-mono").first()).hasText(pressure);
        page.getByLabel("Up, mm").fill("17");
        page.getByLabel("Down, mm").fill("17");
        button(page, "Save idle").click();
        Locator row = page.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText("17 up, 17 down"));
        tab(page, "Readings");
        assertThat(row).containsText("333");
        // Enter again keeps nothing: nobody has touched the tube since.
        page.getByLabel("Up, mm").focus();
        page.keyboard().press("Enter");
        assertThat(page.getByText("Set a level first")).isVisible();
        assertThat(app.get("/api/jobs/" + job + "/sheet").at("/blowby/readings").size())
                .isEqualTo(1);

        within(page, "Read on", "digital gauge").click();
        page.getByLabel("Pa", new Page.GetByLabelOptions().setExact(true)).fill("33");
        page.keyboard().press("Enter");
        Locator alert = page.getByRole(AriaRole.ALERT);
        assertThat(alert).containsText("a decimal has slipped");
        button(page, "Mend: a decimal has slipped on the digital gauge").click();
        assertThat(alert).hasCount(0);
        tab(page, "Results");
        assertThat(page.getByText("All rings together")).isVisible();
        assertThat(page.getByText("they agree.")).isVisible();
        assertThat(page.getByText("Blow-by is above what a sound engine shows").first())
                .isVisible();
    }

    @Test
    void aTubeWhoseAnswerWasLostStandsAsItStoodAndIsKeptOnce() {
        long job = newJob();
        Page page = browser.open(app.url("/jobs/" + job + "/blow-by"));
        within(page, "Point of the test", "idle").click();
        AtomicInteger lost = new AtomicInteger();
        page.route("**/readings", route -> {
            if (lost.getAndIncrement() == 0) {
                // The reading arrives; its answer does not.
                app.post(
                        URI.create(route.request().url()).getPath(),
                        route.request().postData());
                route.abort();
            } else {
                route.resume();
            }
        });
        page.getByLabel("Up, mm").fill("12");
        page.getByLabel("Down, mm").fill("11.5");
        button(page, "Save idle").click();
        assertThat(page.getByText("does not answer")).isVisible();
        assertThat(page.getByLabel("Down, mm")).hasValue("11.5");
        button(page, "Save idle").click();
        assertThat(page.getByLabel("Down, mm")).hasValue("");
        page.waitForCondition(() -> lost.get() == 2);
        assertThat(app.get("/api/jobs/" + job + "/sheet").at("/blowby/readings").size())
                .isEqualTo(1);
        page.unroute("**/readings");
    }

    @Test
    void aNotebookPageBecomesARateADueDateAndASentenceForTheOwner() throws Exception {
        long job = newJob();
        Page page = browser.open(app.url("/jobs/" + job + "/oil"));
        page.getByLabel("As it stands in the notebook").fill(PAGE);
        assertThat(page.getByText("dip 11 mm below full; 2026-03-17, 4571 h")).isVisible();
        // What was typed and not yet written down outlives a reload.
        page.reload();
        assertThat(page.getByLabel("As it stands in the notebook")).hasValue(Pattern.compile("topped up 0.5 l"));
        button(page, "Write down 11 lines").click();
        assertThat(page.getByText(Pattern.compile("^It uses .* per 100 h"))).isVisible();
        assertThat(page.getByText("Uses oil at all:")).containsText("yes");
        Locator due = page.getByRole(AriaRole.LISTITEM).filter(new Locator.FilterOptions().setHasText("Low mark:"));
        assertThat(due).containsText("2026-");
        Download file =
                page.waitForDownload(() -> due.getByText("into the calendar").click());
        assertThat(Files.readString(file.path())).contains("BEGIN:VEVENT", "Shearwater: low mark");
        // Every line is reached by keys, and told.
        page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Lines of the log"))
                .focus();
        page.keyboard().press("Home");
        assertThat(page.locator("p[aria-live=polite]")).containsText("4512 h: dip, at the full mark");
        page.keyboard().press("ArrowRight");
        assertThat(page.locator("p[aria-live=polite]")).containsText("4540 h: dip, 5 mm below full");
        page.navigate(app.url("/"));
        assertThat(page.getByLabel("Due", new Page.GetByLabelOptions().setExact(true)))
                .containsText("Shearwater");
    }

    @Test
    void whatNobodyWroteDownIsNamedAndWrittenWithOneTap() {
        long job = newJob();
        double[] mm = {0, -4, -8, -12, -4, -8, -12, -16};
        for (int i = 0; i < mm.length; i++) {
            app.post(
                    "/api/jobs/" + job + "/oil/entries",
                    "{\"entry\": {\"kind\": \"DIP\", \"date\": \"2026-03-" + (10 + 2 * i) + "\", \"hours\": "
                            + (100 + 20 * i) + ", \"mmFromFull\": " + mm[i] + "}}");
        }
        Page page = browser.open(app.url("/jobs/" + job + "/oil"));
        assertThat(page.getByText("The log does not hold together yet")).isVisible();
        page.getByText(Pattern.compile("^Write it down: about")).click();
        assertThat(page.getByText(Pattern.compile("^It uses "))).isVisible();
        assertThat(page.getByText("A top-up that nobody wrote down")).hasCount(0);
    }

    @Test
    void aLineThatLooksOddIsAskedAboutAndNothingTypedIsLost() {
        long job = newJob();
        app.post(
                "/api/jobs/" + job + "/oil/entries",
                "{\"entry\": {\"kind\": \"DIP\", \"date\": \"2026-11-01\", \"hours\": 4500, \"mmFromFull\": -2}}");
        Page page = browser.open(app.url("/jobs/" + job + "/oil"));
        page.getByLabel("Hours (h)").first().fill("450");
        page.locator("[data-readings]").fill("-5");
        page.keyboard().press("Enter");
        Locator asked = page.getByRole(AriaRole.ALERT);
        assertThat(asked).containsText("runs backwards");
        asked.getByText("Let me change it").click();
        assertThat(page.locator("[data-readings]")).hasValue("-5");
        page.getByLabel("Hours (h)").first().fill("4520");
        page.locator("[data-readings]").focus();
        page.keyboard().press("Enter");
        assertThat(page.locator("[data-readings]")).hasValue("");
        // Enter twice keeps nothing more, for a top-up either.
        within(page, "Line", "top-up").click();
        page.keyboard().press("Enter");
        assertThat(page.getByText("Type how much.")).isVisible();
        page.keyboard().press("Escape");
        within(page, "Line", "dip").click();
        assertThat(page.getByText(Pattern.compile("mL/h"))).isVisible();
    }

    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void bothBenchesAreOneHandsReach(boolean upright) {
        long job = newJob();
        for (String bench : new String[] {"blow-by", "oil"}) {
            Page page = browser.open(app.url("/jobs/" + job + "/" + bench), upright);
            page.setViewportSize(upright ? 820 : 1280, upright ? 1180 : 800);
            ReachIT.inView(page, "cell", page.locator("[data-readings]"));
            ReachIT.inView(page, "save", page.locator(".button-main").first());
            ReachIT.inView(page, "next step", page.locator("[data-next]"));
            if (upright && bench.equals("oil")) {
                // A dip set by a tap on the stick is drawn once there is a log; before that by the keypad.
                button(page, "5").tap();
                page.getByText("+ above full").tap();
                assertThat(page.locator("[data-readings]")).hasValue("-5");
                button(page, "Save dip").tap();
                Locator stick = page.locator("[data-stick]");
                stick.waitFor();
                BoundingBox box = stick.boundingBox();
                page.mouse().click(box.x + 60, box.y + box.height * 0.6);
                assertThat(page.locator("[data-readings]")).not().hasValue("");
            }
        }
    }
}
