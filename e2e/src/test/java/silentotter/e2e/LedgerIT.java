package silentotter.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The verdict and its evidence, by keys and by touch. */
class LedgerIT extends DemoWindowsTest {
    private static long newJob() {
        String engine = "{\"name\": \"Gannet\", \"layout\": \"INLINE\", \"banks\": [{\"side\": \"ONLY\","
                + " \"cylinders\": [1,2,3,4]}]}";
        return RunningApp.JSON
                .readTree(app.post("/api/jobs", "{\"engine\": " + engine + ", \"job\": {\"date\": \"2026-11-20\"}}")
                        .body())
                .at("/job/id")
                .asLong();
    }

    @Test
    void arrowKeysGoFromCellToCellAndEachSaysItsReason() {
        Page page = browser.open(app.url("/jobs/1/ledger"));
        Locator chosen = page.locator("[data-ledger] button[aria-pressed='true']");
        chosen.focus();
        assertThat(page.locator("[data-cell]")).containsText("computed by the model");
        String before = page.locator("[data-cell]").innerText();
        page.keyboard().press("ArrowRight");
        assertThat(chosen).isFocused();
        assertThat(page.locator("[data-cell]")).not().hasText(before);
        page.keyboard().press("ArrowDown");
        page.keyboard().press("ArrowDown");
        assertThat(page.locator("tr[data-finding]").nth(2).locator("[aria-pressed='true']"))
                .isFocused();
        assertThat(page.getByLabel("Ledger in words")).containsText("For Ring seal, cylinder 3");
    }

    @Test
    void aColumnSortsByWhatItIsWorthThere() {
        Page page = browser.open(app.url("/jobs/1/ledger"));
        Locator first = page.locator("tr[data-finding]").first();
        assertThat(first).containsText("3");
        page.locator("[data-ledger] th button")
                .filter(new Locator.FilterOptions().setHasText("Outside leak"))
                .click();
        assertThat(first).containsText(Pattern.compile("Oil use|Dry outside"));
        assertThat(page.locator("[data-ledger] th[aria-sort='descending']")).containsText("Outside leak");
    }

    @Test
    void aFingerOnATabletReachesEveryCellAndTheVerdictStaysInView() {
        Page page = browser.open(app.url("/jobs/9/ledger"), true);
        page.setViewportSize(820, 1180);
        assertThat(page.locator("[data-first]")).containsText("Does not fit");
        page.locator("tr[data-finding]")
                .filter(new Locator.FilterOptions().setHasText("Plug: ash"))
                .locator("td button")
                .first()
                .tap();
        assertThat(page.locator("[data-cell]")).containsText("Plug: ash");
        assertThat(page.locator("[data-cell]")).isInViewport();
        assertThat(page.locator("[data-meant]")).isInViewport();
        assertThat(page.locator("[data-next]")).isInViewport();
        assertThat(page.locator("[data-meant]")).containsText("something does not fit");
    }

    @Test
    void whatAReadingChangedIsShownForAMoment() {
        Page page = browser.open(app.url("/jobs/" + newJob()));
        assertThat(page.getByLabel("Dry reading, cylinder 1")).isFocused();
        for (String value : List.of("1210", "1195", "760", "1200")) {
            page.keyboard().type(value);
            page.keyboard().press("Enter");
        }
        assertThat(page.locator("[data-certain]")).containsText("Cylinder 3 low");
        assertThat(page.locator("[data-moved]")).containsText(Pattern.compile("[.]\\d\\d"));
        assertThat(page.locator("[data-own]")).isVisible();
    }

    @Test
    void aStatedWeaknessIsReadWithAndWithout() {
        long job = newJob();
        app.patch(
                "/api/jobs/" + job + "/examination/intake",
                "{\"weakness\": {\"suspect\": \"STEM_SEAL\", \"times\": 6, \"source\": \"yard\"}}");
        app.patch(
                "/api/jobs/" + job + "/examination/plugs",
                "{\"plugs\": {\"2\": {\"wetness\": \"WET_STAYS_OILY\"}, \"1\": {\"shade\": \"TAN\"}}}");
        Page page = browser.open(app.url("/jobs/" + job));
        assertThat(page.locator("[data-suspect='Stem seals or guides'], [data-suspect='Oil gets in']")
                        .first())
                .containsText("without what the family is known for");
    }
}
