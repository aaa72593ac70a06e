package silentotter.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What is typed into, and what is needed while typing, is in view without scrolling, at the bench and on an upright tablet. */
class ReachIT extends WindowsTest {
    /** Whether an element is wholly in the window and nothing lies over its middle. */
    private static final String IN_VIEW = """
            e => {
              const box = e.getBoundingClientRect();
              const over = document.elementFromPoint(box.x + box.width / 2, box.y + box.height / 2);
              return box.width > 0 && box.left >= 0 && box.top >= 0
                && box.right <= innerWidth + 0.5 && box.bottom <= innerHeight + 0.5
                && (e.contains(over) || over?.contains(e));
            }""";
    /** Call-outs that leave the drawing, lie over each other, or hide under what follows. */
    private static final String CALL_OUTS = """
            () => {
              const svg = document.querySelector('svg[data-section]').getBoundingClientRect();
              const texts = [...document.querySelectorAll('[data-callout] text')]
                .map(t => ({ words: t.textContent, box: t.getBoundingClientRect() }));
              const wrong = texts.filter(({ box }) => box.left < svg.left - 0.5 || box.right > svg.right + 0.5
                || box.top < svg.top - 0.5 || box.bottom > svg.bottom + 0.5).map(t => t.words + ' leaves');
              texts.forEach((a, i) => texts.slice(i + 1).forEach(b => {
                const wide = Math.min(a.box.right, b.box.right) - Math.max(a.box.left, b.box.left);
                const high = Math.min(a.box.bottom, b.box.bottom) - Math.max(a.box.top, b.box.top);
                if (wide > 0.5 && high > 4) wrong.push(a.words + ' over ' + b.words);
              }));
              return wrong;
            }""";

    private static String engine(int cylinders, String layout) {
        String all =
                IntStream.rangeClosed(1, cylinders).mapToObj(Integer::toString).collect(Collectors.joining(","));
        String left = IntStream.rangeClosed(1, cylinders)
                .filter(c -> c % 2 == 1)
                .mapToObj(Integer::toString)
                .collect(Collectors.joining(","));
        String right = IntStream.rangeClosed(1, cylinders)
                .filter(c -> c % 2 == 0)
                .mapToObj(Integer::toString)
                .collect(Collectors.joining(","));
        String banks = layout.equals("INLINE")
                ? "[{\"side\": \"ONLY\", \"cylinders\": [" + all + "]}]"
                : "[{\"side\": \"LEFT\", \"cylinders\": [" + left + "]}, {\"side\": \"RIGHT\", \"cylinders\": [" + right
                        + "]}]";
        return "{\"name\": \"Gannet " + cylinders + "\", \"layout\": \"" + layout + "\", \"banks\": " + banks
                + ", \"cycle\": \"FOUR_STROKE\", \"boreMm\": 86, \"strokeMm\": 86}";
    }

    private static long newJob(int cylinders, String layout) {
        return RunningApp.JSON
                .readTree(app.post(
                                "/api/jobs",
                                "{\"engine\": " + engine(cylinders, layout) + ", \"job\": {\"date\": \"2026-11-03\"}}")
                        .body())
                .at("/job/id")
                .asLong();
    }

    static void inView(Page page, String what, Locator element) {
        element.waitFor();
        for (int i = 0; i < 50 && !(Boolean) element.evaluate(IN_VIEW); i++) {
            page.waitForTimeout(100);
        }
        assertThat((Boolean) element.evaluate(IN_VIEW))
                .as(
                        "%s in view of %s, at %s",
                        what, page.url(), element.evaluate("e => JSON.stringify(e.getBoundingClientRect())"))
                .isTrue();
    }

    @ParameterizedTest
    @CsvSource({"1, INLINE", "2, FLAT", "4, INLINE", "6, INLINE", "8, V", "12, V", "16, V"})
    void whatIsTypedIntoIsInView(int cylinders, String layout) {
        for (boolean upright : List.of(false, true)) {
            long job = newJob(cylinders, layout);
            Page page = browser.open(app.url("/jobs/" + job), upright);
            page.setViewportSize(upright ? 820 : 1280, upright ? 1180 : 800);
            for (int c = 1; c <= cylinders; c++) {
                inView(page, "cell of " + c, page.locator("[data-readings]"));
                inView(page, "number of " + c, page.locator("[data-head='" + c + "']"));
                type(page, c == 2 ? "700" : "1200");
            }
            inView(page, "buttons", button(page, "Repeat"));
            inView(page, "next step", page.locator("[data-next]"));
            page.navigate(app.url("/jobs/" + job + "/leakdown"));
            inView(page, "cell", page.locator("[data-readings]"));
            inView(page, "number", page.locator("[data-head]").first());
            inView(page, "tester", page.locator("[data-tester]"));
            inView(page, "next step", page.locator("[data-next]"));
            browser.closeWindows();
        }
    }

    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void readingListeningAndTurningAreOneHandsReach(boolean upright) {
        long job = newJob(4, "INLINE");
        app.post(
                "/api/jobs/" + job + "/leakdown/testers",
                "{\"name\": \"Reach tester\", \"kind\": \"PERCENT_DIAL\", \"supplyKPa\": 690, \"orificeMm\": 1.016, \"calibrated\": true}");
        Page page = browser.open(app.url("/jobs/" + job + "/leakdown"), upright);
        page.setViewportSize(upright ? 820 : 1280, upright ? 1180 : 800);
        page.locator("select").selectOption("Reach tester");
        page.getByRole(
                        com.microsoft.playwright.options.AriaRole.TAB,
                        new Page.GetByRoleOptions().setName("Listen, turn"))
                .click();
        inView(page, "where to begin", page.getByText("First bring 1 to top centre"));
        if (upright) {
            button(page, "7").tap();
            button(page, "0").tap();
            button(page, "Save").tap();
        } else {
            type(page, "70");
        }
        Locator exhaust = within(page, "Exhaust", "loud");
        inView(page, "reading", page.locator("[data-readings]"));
        inView(page, "listening", exhaust);
        inView(page, "the farthest place", within(page, "Plug hole of 2", "clear"));
        inView(page, "turning", page.getByText("Turn to the next cylinder"));
        exhaust.click();
        assertThat(page.locator("[data-verdict]")).containsText("alve");
        button(page, "the rest: nothing").click();
        assertThat(within(page, "Outside", "nothing")).hasAttribute("aria-pressed", "true");
    }

    @ParameterizedTest
    @CsvSource({"1, INLINE", "2, FLAT", "3, INLINE", "6, INLINE", "8, V", "12, V", "16, V"})
    void callOutsStayInTheirColumn(int cylinders, String layout) {
        long job = newJob(cylinders, layout);
        app.post(
                "/api/jobs/" + job + "/leakdown/testers",
                "{\"name\": \"Call-out tester " + cylinders
                        + "\", \"kind\": \"PERCENT_DIAL\", \"supplyKPa\": 690, \"orificeMm\": 1.016, \"calibrated\": true}");
        var testers = app.get("/api/jobs/" + job + "/sheet").at("/leakdown/testers");
        long tester = testers.get(testers.size() - 1).at("/id").asLong();
        for (int c = 1; c <= cylinders; c++) {
            if (c != 2 || cylinders < 3) {
                app.post(
                        "/api/jobs/" + job + "/leakdown/readings",
                        "{\"testerId\": " + tester + ", \"cylinder\": " + c
                                + ", \"reading\": {\"kind\": \"STANDARD\", \"leakPercent\": 60, \"heard\": "
                                + "{\"OUTSIDE\": \"LOUD\", \"COOLANT\": \"CLEAR\", \"EXHAUST\": \"FAINT\"}}}");
            }
            app.patch(
                    "/api/jobs/" + job + "/examination/plugs",
                    "{\"plugs\": {\"" + c + "\": {\"wetness\": \"WET_STAYS_OILY\", \"deposit\": \"OILY_CARBON\"}}}");
        }
        Page page = browser.open(app.url("/jobs/" + job));
        page.locator("svg[data-section]").waitFor();
        assertThat(page.locator("[data-callout]").count()).isGreaterThanOrEqualTo(cylinders > 1 ? 2 : 1);
        if (cylinders > 1) {
            assertThat(page.locator("[data-path='OUTSIDE']").count())
                    .as("a leak heard outside is drawn")
                    .isPositive();
        }
        assertThat((List<?>) page.evaluate(CALL_OUTS)).isEmpty();
        page.setViewportSize(820, 1180);
        // Drawn anew for the new width.
        page.waitForFunction("() => document.querySelector('[data-pad]').offsetWidth < 830");
        page.waitForTimeout(200);
        assertThat((List<?>) page.evaluate(CALL_OUTS)).isEmpty();
    }

    @Test
    void aFourCylinderJobTakesFewKeysFromBlankToVerdict() {
        Page page = browser.open(app.url("/"));
        page.getByText("New job").click();
        int taps = 1;
        assertThat(page.getByLabel("Why is it here?")).isFocused();
        page.keyboard().press("Enter");
        int keys = 1;
        assertThat(page.getByLabel("Dry reading, cylinder 1")).isFocused();
        for (String value : List.of("1210", "1195", "760", "1200")) {
            type(page, value);
            keys += value.length() + 1;
        }
        assertThat(page.locator("[data-verdict]")).containsText("Cylinder 3 low");
        button(page, "Wet pass").click();
        taps++;
        assertThat(page.getByLabel("Wet reading, cylinder 3")).isFocused();
        type(page, "1020");
        keys += 5;
        assertThat(page.getByLabel("Wet reading, cylinder 1")).isFocused();
        type(page, "1230");
        keys += 5;
        assertThat(page.locator("[data-verdict]")).containsText("cylinder 3");
        assertThat(keys).isLessThanOrEqualTo(45);
        assertThat(taps).isLessThanOrEqualTo(3);
    }

    @Test
    void theWholeRoundGoesByKeysAlone() {
        long job = newJob(4, "INLINE");
        Page page = browser.open(app.url("/jobs/" + job + "/intake"));
        for (String station : List.of("signs", "smoke", "blow-by", "plugs", "inside", "")) {
            page.locator("h1")
                    .waitFor(new Locator.WaitForOptions()
                            .setState(com.microsoft.playwright.options.WaitForSelectorState.ATTACHED));
            page.keyboard().press("]");
            page.waitForURL("**/jobs/" + job + (station.isEmpty() ? "" : "/" + station));
        }
        type(page, "1200");
        page.keyboard().press("r");
        assertThat(page.getByLabel("Dry reading, cylinder 1")).isFocused();
        page.keyboard().press("ArrowRight");
        assertThat(page.getByLabel("Dry reading, cylinder 2")).isFocused();
        // Out of any field Esc leads back to the cell.
        page.getByRole(com.microsoft.playwright.options.AriaRole.TAB, new Page.GetByRoleOptions().setName("Conditions"))
                .click();
        page.getByLabel("Battery while cranking (V)").fill("12");
        page.keyboard().press("Escape");
        assertThat(page.getByLabel("Dry reading, cylinder 2")).isFocused();
        // A group of choices goes by arrow keys.
        within(page, "Throttle", "wide open").focus();
        page.keyboard().press("ArrowRight");
        assertThat(within(page, "Throttle", "shut")).isFocused();
    }

    @Test
    void textAtTwiceItsSizeStillShowsWhatIsTypedInto() {
        long job = newJob(4, "INLINE");
        // To a page it is the same as a window of half the size.
        Page page = browser.open(app.url("/jobs/" + job));
        page.setViewportSize(640, 400);
        inView(page, "cell", page.locator("[data-readings]"));
        inView(page, "number", page.locator("[data-head='1']"));
        assertThat((Boolean) page.evaluate("document.documentElement.scrollWidth <= innerWidth"))
                .as("nothing sticks out sideways")
                .isTrue();
    }

    @Test
    void theWholeRoundGoesByTouchAlone() {
        long job = newJob(4, "INLINE");
        Page page = browser.open(app.url("/jobs/" + job), true);
        page.setViewportSize(820, 1180);
        for (String value : List.of("1210", "1195", "760", "1200")) {
            value.chars().forEach(key -> button(page, Character.toString(key)).tap());
            button(page, "Save").tap();
        }
        assertThat(page.locator("[data-verdict]")).containsText("cylinder 3");
        for (String station : List.of(
                "Intake", "Signs", "Smoke", "Blow-by", "Plugs", "Inside", "Leak-d.", "Oil", "Ledger", "Verdict",
                "Compr.")) {
            Locator link = page.locator("nav a:has([aria-hidden]:text-is('" + station + "'))");
            inView(page, station, link);
            link.tap();
            assertThat(page.locator("[aria-current='step']")).containsText(station);
        }
        button(page, "Why").tap();
        assertThat(page.locator("[data-reason]").first()).isVisible();
        button(page, "More").tap();
        button(page, "Dark").tap();
        assertThat(page.locator("html")).hasAttribute("data-theme", "dark");
    }
}
