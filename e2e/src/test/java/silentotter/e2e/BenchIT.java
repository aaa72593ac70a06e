package silentotter.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The compression bench as hands use it: keys, strokes, repeats, undo, units, touch, refusals, two windows. */
class BenchIT extends WindowsTest {
    private static long newJob() {
        return RunningApp.JSON
                .readTree(app.post("/api/jobs", """
                        {"engine": {"name": "Gannet", "layout": "INLINE", "banks": [{"side": "ONLY", "cylinders": [1,2,3]}],
                          "boreMm": 86, "strokeMm": 86, "compressionRatio": 10}, "job": {"date": "2026-11-03"}}""").body())
                .at("/job/id")
                .asLong();
    }

    private static JsonNode readings(long job) {
        return app.get("/api/jobs/" + job + "/sheet").at("/passes/0/readings");
    }

    /** Opens a job and waits until it can be typed into. */
    private static Page openBench(long job) {
        Page page = browser.open(app.url("/jobs/" + job));
        assertThat(page.getByLabel("Dry reading, cylinder 1")).isFocused();
        return page;
    }

    @Test
    void strokeByStrokeEachIsSavedAndTheCurveGrows() {
        long job = newJob();
        Page page = openBench(job);
        button(page, "Stroke by stroke").click();
        type(page, "620");
        assertThat(page.getByLabel("Dry reading, cylinder 1, stroke 2")).isFocused();
        type(page, "900");
        type(page, "1010");
        assertThat(page.locator("svg[aria-label='Build-up curves'] path")).hasCount(1);
        page.keyboard().press("Enter");
        assertThat(page.getByLabel("Dry reading, cylinder 2")).isFocused();
        page.keyboard().type("640 910 1020 1075");
        page.keyboard().press("Enter");
        assertThat(page.getByLabel("Dry reading, cylinder 3")).isFocused();
        assertThat(page.locator("svg[aria-label='Build-up curves'] path")).hasCount(2);
        assertThat(readings(job).at("/0/strokesKPa").toString()).isEqualTo("[620.0,900.0,1010.0]");
        assertThat(readings(job).at("/1/strokesKPa").size()).isEqualTo(4);
    }

    @Test
    void repeatsAreKeptUndoTakesBackAndSetAsideLeavesOut() {
        long job = newJob();
        Page page = openBench(job);
        type(page, "1180");
        type(page, "760");
        assertThat(page.getByLabel("Dry reading, cylinder 3")).isFocused();
        page.keyboard().press("r");
        assertThat(page.getByLabel("Dry reading, cylinder 2")).isFocused();
        type(page, "1150");
        assertThat(page.getByText("760 1150")).isVisible();
        assertThat(readings(job).size()).isEqualTo(3);

        page.keyboard().press("u");
        assertThat(page.getByText("760 1150")).not().isVisible();
        assertThat(button(page, "Redo: dry reading on cylinder 2")).isEnabled();
        page.keyboard().press("Control+Shift+z");
        assertThat(page.getByText("760 1150")).isVisible();

        page.locator("[data-value]").nth(1).click();
        button(page, "misread").first().click();
        assertThat(page.getByText("Set aside: misread.")).isVisible();
        page.keyboard().press("Escape");
        assertThat(page.locator("[data-value]").nth(1)).hasText("1150");
    }

    @Test
    void refusedValuesStayInTheirCellWithTheAllowedRange() {
        long job = newJob();
        Page page = openBench(job);
        type(page, "1180");
        type(page, "99999");
        Locator cell = page.getByLabel("Dry reading, cylinder 2");
        assertThat(cell).hasValue("99999");
        assertThat(cell).hasAttribute("aria-invalid", "true");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("0 to 7000 kPa");
        assertThat(readings(job).size()).isEqualTo(1);

        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Conditions"))
                .click();
        page.getByLabel("Battery while cranking (V)").fill("eleven");
        page.keyboard().press("Tab");
        assertThat(page.getByText("This must be a number.")).isVisible();
        assertThat(page.getByLabel("Battery while cranking (V)")).hasValue("eleven");
        page.getByLabel("Battery while cranking (V)").fill("1100");
        page.keyboard().press("Tab");
        assertThat(page.getByText("1100 is outside 4 to 60 V.").first()).isVisible();
        assertThat(page.getByLabel("Battery while cranking (V)")).hasValue("1100");
    }

    @Test
    void unitsSwitchWithoutChangingWhatWasMeasured() {
        long job = newJob();
        Page page = openBench(job);
        button(page, "kPa mm L").click();
        button(page, "psi").click();
        page.keyboard().press("Escape");
        page.getByLabel("Dry reading, cylinder 1").click();
        type(page, "165");
        assertThat(page.locator("[data-value]").first()).hasText("165");
        assertThat(readings(job).at("/0/strokesKPa/0").asDouble()).isBetween(1137.6, 1137.7);
        button(page, "psi mm L").click();
        button(page, "bar").click();
        assertThat(page.locator("[data-value]").first()).hasText("11.4");
        assertThat(readings(job).at("/0/strokesKPa/0").asDouble()).isBetween(1137.6, 1137.7);
    }

    @Test
    void glovedHandsUseTheKeypad() {
        long job = newJob();
        Page page = browser.open(app.url("/jobs/" + job), true);
        Locator keypad = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Keypad"));
        for (String key : new String[] {"1", "0", "5", "0"}) {
            Locator k = keypad.getByText(key, new Locator.GetByTextOptions().setExact(true));
            assertThat(k.boundingBox().height).isGreaterThanOrEqualTo(44);
            k.tap();
        }
        keypad.getByText("Save").tap();
        assertThat(page.locator("[data-value]").first()).hasText("1050");
    }

    @Test
    void anotherWindowsReadingsAppear() {
        long job = newJob();
        Page one = openBench(job);
        Page two = openBench(job);
        type(one, "1111");
        assertThat(one.locator("[data-value]").first()).hasText("1111");
        // Seen there, so that what is typed now is meant as a repeat.
        assertThat(two.getByPlaceholder("1111")).isVisible();
        two.getByLabel("Dry reading, cylinder 1").click();
        type(two, "1122");
        assertThat(one.getByText("1111 1122")).isVisible();
        assertThat(two.getByText("1111 1122")).isVisible();
    }

    @Test
    void theWetPassTakesOilAndRefusesTooMuch() {
        long job = newJob();
        Page page = openBench(job);
        type(page, "1200");
        type(page, "1190");
        type(page, "850");
        button(page, "Wet pass").click();
        Locator cell = page.getByLabel(Pattern.compile("Wet reading, cylinder"));
        assertThat(cell).isVisible();
        // On the low one, without being led there.
        assertThat(page.getByLabel("Wet reading, cylinder 3")).isFocused();
        page.getByLabel("Oil for this attempt in mL").fill("40");
        page.getByLabel("Wet reading, cylinder 3").click();
        type(page, "1150");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("0 to 13.8 mL");
        page.getByLabel("Oil for this attempt in mL").fill("5");
        page.getByLabel("Wet reading, cylinder 3").click();
        page.keyboard().press("Enter");
        assertThat(page.getByLabel("Verdict", new Page.GetByLabelOptions().setExact(true)))
                .containsText("Ring seal, cylinder 3");
    }

    @Test
    void bracketsWalkTheRoundAndQuestionMarkShowsTheKeys() {
        Page page = openBench(newJob());
        page.keyboard().press("[");
        assertThat(page).hasURL(Pattern.compile("/inside$"));
        page.keyboard().press("]");
        assertThat(page.getByLabel("Dry reading, cylinder 1")).isVisible();
        page.keyboard().press("]");
        assertThat(page).hasURL(Pattern.compile("/leakdown$"));
        page.keyboard().press("]");
        assertThat(page).hasURL(Pattern.compile("/oil$"));
        page.keyboard().press("]");
        assertThat(page).hasURL(Pattern.compile("/ledger$"));
        page.keyboard().press("]");
        assertThat(page).hasURL(Pattern.compile("/plan$"));
        page.keyboard().press("]");
        assertThat(page).hasURL(Pattern.compile("/report$"));
        assertThat(button(page, "Print")).isVisible();
        page.keyboard().press("?");
        Locator help = page.getByRole(AriaRole.DIALOG);
        assertThat(help).containsText("station before, station after");
        assertThat(help).not().containsText("type into the current cylinder");
    }

    @Test
    void theHelpSaysWhatTheKeysDoHere() {
        Page page = openBench(newJob());
        Locator help = page.getByRole(AriaRole.DIALOG);
        page.keyboard().press("?");
        assertThat(help).containsText("save, go on to the next cylinder");
        button(page, "Close").click();
        page.keyboard().press("[");
        page.keyboard().press("[");
        assertThat(page).hasURL(Pattern.compile("/plugs$"));
        page.keyboard().press("?");
        assertThat(help).containsText("same as the last");
        assertThat(help).not().containsText("save, go on to the next cylinder");
    }

    @Test
    void sentencesAreReadInTheUnitsThatAreChosen() {
        Page page = openBench(newJob());
        for (String value : List.of("1300", "900", "1310")) {
            type(page, value);
        }
        Locator verdict = page.getByLabel("Verdict", new Page.GetByLabelOptions().setExact(true));
        page.keyboard().press("ArrowLeft");
        page.keyboard().press("ArrowLeft");
        assertThat(verdict).containsText("kPa");
        button(page, "kPa mm L").click();
        button(page, "US").click();
        assertThat(verdict).containsText("psi");
        assertThat(verdict).not().containsText("kPa");
        assertThat(page.getByText("189")).isVisible();
    }

    @Test
    void twoTabletsSeeEachOtherWithoutAsking() {
        long job = newJob();
        Page one = openBench(job);
        Page other = openBench(job);
        Locator ones = one.getByLabel("The round");
        Locator others = other.getByLabel("The round");
        type(one, "1234");
        assertThat(others).containsText("1 of 3 read");
        other.keyboard().press("ArrowRight");
        type(other, "1250");
        assertThat(ones).containsText("2 of 3 read");
        one.keyboard().press("u");
        assertThat(others).containsText("1 of 3 read");
    }

    @Test
    void theEngineIsDescribedAtTheIntakeAndWrongOrdersAreNamed() {
        long job = newJob();
        Page page = browser.open(app.url("/jobs/" + job + "/intake"));
        page.getByLabel("Firing order").fill("1-2");
        page.keyboard().press("Tab");
        assertThat(page.getByText("3 is left out")).isVisible();
        page.getByLabel("Firing order").fill("1-3-2");
        page.keyboard().press("Tab");
        assertThat(page.getByText("3 is left out")).not().isVisible();
        page.getByLabel("Labels, from the free end").fill("A B C");
        page.keyboard().press("Tab");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Compression"))
                .click();
        assertThat(page.getByLabel("Dry reading, cylinder A")).isVisible();
        assertThat(app.get("/api/jobs/" + job + "/sheet")
                        .at("/engine/engine/firingOrder")
                        .toString())
                .isEqualTo("[1,3,2]");
    }
}
