package silentotter.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The Marrow Sound demo: every main view opens clean, and takes the pictures of docs/screenshots when asked to. */
class DemoIT extends DemoWindowsTest {
    /** Views of which others like them have a picture: there is room for one of each kind. */
    private static final Set<String> SEEN_ELSEWHERE = Set.of("smoke", "shop", "new-job", "calculator");

    private static final boolean PICTURES = Boolean.getBoolean("otter.screenshots");

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "jobs          | /               | asket between cylinders 5 and 7    |           ",
                "new-job       | /jobs/new       | Which engine?                      |           ",
                "sheet-four    | /jobs/1         | Ring seal, cylinder 3              |           ",
                "ledger        | /jobs/1/ledger  | Heard loud at filler               |           ",
                "sheet-v8      | /jobs/3         | asket between cylinders 5 and 7    |           ",
                "blow-by       | /jobs/2/blow-by | All rings together                 | Results   ",
                "oil           | /jobs/1/oil     | A top-up that nobody wrote down    |           ",
                "intake        | /jobs/1/intake  | Cylinder 1 stands at the           |           ",
                "signs         | /jobs/3/signs   | Combustion gas in the coolant      |           ",
                "smoke         | /jobs/1/smoke   | Oil passes the rings under load    |           ",
                "plugs         | /jobs/3/plugs   | They stand side by side            |           ",
                "inside        | /jobs/9/inside  | Oil comes from below               |           ",
                "leakdown      | /jobs/9/leakdown | Turn 180° to cylinder             |           ",
                "plan          | /jobs/8/plan    | Usual round,                       |           ",
                "report        | /jobs/1/report  | leaks past its piston rings        |           ",
                "shop          | /shop           | An hour that the machine stands    |           ",
                "found         | /jobs/18/found  | It was so: rings stuck             |           ",
                "record        | /record         | What the shop learns from it       |           ",
                "engine        | /engines/12     | If it goes on wearing as it has    |           ",
                "calculator    | /calculator     | left for sealing                   |           "
            })
    void everyMainViewOpensClean(String name, String path, String text, String tab) {
        Page page = browser.open(app.url(path));
        if (tab != null) {
            page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(tab))
                    .click();
        }
        assertThat(page.getByText(text).first()).isVisible();
        assertThat(
                        (Boolean)
                                page.evaluate(
                                        "document.fonts.ready.then(() => document.fonts.check('16px \"Barlow Semi Condensed\"') && [...document.fonts].some(f => f.status === 'loaded'))"))
                .isTrue();
        assertThat(browser.complaints).isEmpty();
        if (PICTURES && !SEEN_ELSEWHERE.contains(name)) {
            page.waitForTimeout(300);
            page.screenshot(new Page.ScreenshotOptions().setPath(Path.of("../docs/screenshots", name + ".png")));
        }
    }

    @Test
    void anUprightTabletHasTheBenchInOneHandsReach() {
        Page page = browser.open(app.url("/jobs/1/leakdown"), true);
        page.setViewportSize(820, 1180);
        assertThat(page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Keypad")))
                .isVisible();
        assertThat(page.locator("[data-next]")).isInViewport();
    }

    @Test
    void darkIsReadableToo() {
        Page page = browser.open(app.url("/jobs/1"));
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Dark"))
                .click();
        assertThat(page.locator("html")).hasAttribute("data-theme", "dark");
    }

    /** Only for its picture: the demo data is everybody's. */
    @Test
    @EnabledIfSystemProperty(named = "otter.screenshots", matches = "true")
    void aWaveformIsPictured() throws Exception {
        Page page = browser.open(app.url("/jobs/1/waveforms"));
        page.locator("input[type=file]").setInputFiles(WaveformIT.cable());
        page.getByText("Find the strokes").click();
        Locator curve = page.locator("[data-waveform] svg");
        curve.focus();
        page.keyboard().press("ArrowRight");
        page.getByText("This is cylinder 1").click();
        assertThat(page.locator("[data-says] tr")).hasCount(4);
        page.waitForTimeout(300);
        page.screenshot(new Page.ScreenshotOptions().setPath(Path.of("../docs/screenshots/waveforms.png")));
    }

    @Test
    void aCaseIsTakenAwayAndLoadedElsewhere() throws Exception {
        Page page = browser.open(app.url("/jobs/3/report"));
        Download file = page.waitForDownload(
                () -> page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Case file"))
                        .click());
        Path saved = Files.createTempDirectory("case").resolve("case.json");
        file.saveAs(saved);
        try (RunningApp elsewhere = RunningApp.start(false)) {
            Page other = browser.open(elsewhere.url("/"));
            other.getByLabel("Case file").setInputFiles(saved);
            assertThat(other.getByLabel("Verdict", new Page.GetByLabelOptions().setExact(true)))
                    .containsText("asket between cylinders 5 and 7");
            assertThat(elsewhere.text("/api/jobs/1/case-file")).isEqualTo(Files.readString(saved));

            Files.writeString(saved, Files.readString(saved).replace("\"LEFT\"", "\"PORT\""));
            other.navigate(elsewhere.url("/"));
            other.getByLabel("Case file").setInputFiles(saved);
            Locator alert = other.getByRole(AriaRole.ALERT);
            assertThat(alert).containsText("This file was not loaded; nothing was changed.");
            assertThat(alert).containsText("engine.banks[0].side");
            assertThat(elsewhere.get("/api/jobs").at("/total").asInt()).isEqualTo(1);
        }
    }
}
