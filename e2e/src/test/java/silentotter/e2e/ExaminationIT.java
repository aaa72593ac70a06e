package silentotter.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.util.Base64;
import java.util.List;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The stations before the gauges as hands use them: from the phone call to the plugs on the sheet. */
class ExaminationIT extends WindowsTest {
    private static final byte[] PIXEL = Base64.getDecoder()
            .decode("iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==");

    private static long newJob(String engine) {
        return RunningApp.JSON
                .readTree(app.post("/api/jobs", "{\"engine\": " + engine + ", \"job\": {\"date\": \"2026-11-03\"}}")
                        .body())
                .at("/job/id")
                .asLong();
    }

    private static long v8() {
        return newJob(
                "{\"name\": \"Gannet V8\", \"layout\": \"V\", \"banks\": [{\"side\": \"LEFT\", \"cylinders\": [1,3,5,7]},"
                        + "{\"side\": \"RIGHT\", \"cylinders\": [2,4,6,8]}], \"plugGapMm\": {\"value\": 0.9, \"verified\": false}}");
    }

    private static JsonNode plugs(long job) {
        return app.get("/api/jobs/" + job + "/sheet").at("/examination/plugs/plugs");
    }

    @Test
    void aWholeTrayByKeyboard() {
        long job = v8();
        Page page = browser.open(app.url("/jobs/" + job + "/plugs"));
        assertThat(button(page, "Plug 1: not looked at")).isVisible();
        page.keyboard().press("1");
        page.keyboard().press("ArrowLeft");
        page.keyboard().press("g");
        page.keyboard().type("0.95");
        page.keyboard().press("Enter");
        page.keyboard().press("Tab");
        page.locator("body").evaluate("() => document.activeElement.blur()");
        page.keyboard().press("Enter");
        assertThat(button(page, "Plug 1: tan")).isVisible();
        for (int same = 2; same <= 5; same++) {
            page.keyboard().press("s");
            assertThat(button(page, "Plug " + same + ": tan")).isVisible();
        }
        page.keyboard().press("5");
        assertThat(button(page, "Plug 6: oily")).isVisible();
        page.keyboard().press("1");
        assertThat(button(page, "Plug 7: tan")).isVisible();
        page.keyboard().press("1");
        assertThat(button(page, "Plug 8: tan")).isVisible();
        assertThat(page.getByText("One odd plug: 6 oily, the rest tan.")).isVisible();

        assertThat(plugs(job).size()).isEqualTo(8);
        assertThat(plugs(job).at("/1/gapMm").asDouble()).isEqualTo(0.95);
        assertThat(plugs(job).at("/4/shade").asString()).isEqualTo("TAN");
        assertThat(plugs(job).at("/4").has("gapMm")).isFalse();
        assertThat(page.getByLabel("Verdict", new Page.GetByLabelOptions().setExact(true)))
                .containsText("Oil gets in");
    }

    /** An ordinary plug takes three taps, the same as the last one a single tap: twenty for this tray of eight. */
    @Test
    void aWholeTrayByTouchInFewTaps() {
        long job = v8();
        Page page = browser.open(app.url("/jobs/" + job + "/plugs"), true);
        int taps = 0;
        for (int plug = 1; plug <= 8; plug++) {
            if (plug == 3 || plug == 6) {
                tap(button(page, "Same as " + (plug - 1)));
                taps += 1;
                continue;
            }
            tap(within(page, "First look", plug == 4 ? "ash crust" : "tan, dry"));
            tap(button(page, "Gap 0.95 mm"));
            assertThat(button(page, "Gap 0.95 mm")).hasAttribute("aria-pressed", "true");
            tap(button(page, "Next plug"));
            taps += 3;
        }
        assertThat(taps).isEqualTo(20);
        assertThat(page.getByText("One odd plug: 4 ash, the rest tan.")).isVisible();
        assertThat(plugs(job).size()).isEqualTo(8);
        assertThat(page.getByText("Oil has been burnt here for long.").first()).isVisible();
    }

    private static void tap(Locator target) {
        assertThat(target.boundingBox().height).isGreaterThanOrEqualTo(44);
        target.tap();
    }

    @Test
    void fromThePhoneCallToThePlugsOnTheSheet() {
        long job = newJob(
                "{\"name\": \"Gannet\", \"layout\": \"INLINE\", \"banks\": [{\"side\": \"ONLY\", \"cylinders\": [1,2,3]}]}");
        Page page = browser.open(app.url("/jobs/" + job + "/intake"));
        within(page, "Reason", "before money is spent").click();
        button(page, "uses oil: not asked").click();
        button(page, "overheated once: not asked").click();
        button(page, "overheated once: yes").click();
        assertThat(button(page, "overheated once: no")).isVisible();
        button(page, "Write down a service").click();
        page.getByLabel("Oil filled in (L)").fill("4.2");
        within(page, "Filter too", "yes").click();
        button(page, "Save it").click();
        assertThat(page.getByText("Oil changed 2026-11-03 (0 days ago), 4.20 L, filter too."))
                .isVisible();

        page.keyboard().press("]");
        assertThat(page.getByText("Look before you loosen").last()).isVisible();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^drain the oil")))
                .click();
        assertThat(page.getByText("Only now can you capture:")).isVisible();
        button(page, "Back").click();
        within(page, "Milk", "under the cap").click();
        assertThat(page.getByText("Only short cold runs lately?")).isVisible();
        assertThat(page.getByText("more likely condensation").first()).isVisible();

        page.keyboard().press("]");
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Colour"))
                .first()
                .getByText("blue")
                .click();
        assertThat(page.getByText("Oil ran down from above while it stood.").first())
                .isVisible();
        button(page, "20 min, oil drains back").click();
        assertThat(page.getByText(Pattern.compile("standing, (20:00|19:\\d\\d) left")))
                .isVisible();

        page.keyboard().press("]");
        assertThat(page.getByText("Ventilation working, engine idling")).isVisible();
        page.keyboard().press("]");
        assertThat(button(page, "Plug 1: not looked at")).isVisible();
        page.keyboard().press("1");
        assertThat(button(page, "Plug 1: tan")).isVisible();
        page.keyboard().press("5");
        assertThat(button(page, "Plug 2: oily")).isVisible();

        page.keyboard().press("]");
        button(page, "2 –").click();
        within(page, "Back of the intake valve", "wet with oil").click();
        assertThat(page.getByText("Oil comes from above, past the stem.").first())
                .isVisible();

        page.keyboard().press("]");
        Locator table = page.getByRole(AriaRole.TABLE, new Page.GetByRoleOptions().setName("Readings"));
        assertThat(table).containsText("oily");
        assertThat(table).containsText("Oil ran down from above");
        assertThat(page.locator("svg[data-section]")).containsText("oil past stem");
        assertThat(page.getByLabel("Verdict", new Page.GetByLabelOptions().setExact(true)))
                .containsText("Oil gets in");
    }

    @Test
    void mixedUpPlugsAPhotoAndLabels() throws Exception {
        long job = newJob(
                "{\"name\": \"Gannet\", \"layout\": \"INLINE\", \"banks\": [{\"side\": \"ONLY\", \"cylinders\": [1,2,3]}],"
                        + " \"labels\": {\"1\": \"P1\"}}");
        Page page = browser.open(app.url("/jobs/" + job + "/plugs"));
        assertThat(button(page, "Plug P1: not looked at")).isVisible();
        page.keyboard().press("5");
        assertThat(button(page, "Plug P1: oily")).isVisible();
        page.keyboard().press("ArrowLeft");
        button(page, "Mixed up with …").click();
        button(page, "Swap with 3").click();
        assertThat(button(page, "Plug 3: oily")).isVisible();
        assertThat(page.getByText(Pattern.compile("Correction: plugs 1 and 3 swapped")))
                .isVisible();

        page.getByLabel("Photo file").setInputFiles(new FilePayload("plug.png", "image/png", PIXEL));
        assertThat(page.getByAltText("Photo of cylinder 1")).isVisible();
        page.getByLabel("Photo file").setInputFiles(new FilePayload("notes.png", "image/png", "no picture".getBytes()));
        assertThat(page.getByText("This is not a picture that can be opened here."))
                .isVisible();

        page.getByLabel("Gap (mm)", new Page.GetByLabelOptions().setExact(true)).fill("95");
        page.keyboard().press("Enter");
        assertThat(page.getByText("95 is outside 0 to 3 mm.")).isVisible();
        assertThat(page.getByLabel("Gap (mm)", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("95");

        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Label sheet"))
                .click();
        assertThat(button(page, "Print the labels")).isVisible();
        String printed = new PDFTextStripper().getText(Loader.loadPDF(page.pdf()));
        assertThat(printed).contains("P1", "Gannet", "lead").doesNotContain("Print the labels");
    }

    @Test
    void aTwoStrokeHasItsOwnRound() {
        long job = newJob(
                "{\"name\": \"Gull\", \"layout\": \"INLINE\", \"banks\": [{\"side\": \"ONLY\", \"cylinders\": [1,2]}],"
                        + " \"cycle\": \"TWO_STROKE\"}");
        Page page = browser.open(app.url("/jobs/" + job + "/crankcase"));
        List<String> fields = List.of("At the start (kPa)", "At the end (kPa)", "Watched for (s)");
        within(page, "Chamber under cylinder", "2").click();
        String[] values = {"40", "22", "60"};
        for (int i = 0; i < values.length; i++) {
            page.getByLabel(fields.get(i)).nth(1).fill(values[i]);
            page.getByLabel(fields.get(i)).nth(1).press("Enter");
        }
        assertThat(page.getByText("The crankcase does not hold vacuum.").first())
                .isVisible();
        assertThat(page.getByText("Loses 18 kPa a minute, from 40 kPa.").first())
                .isVisible();
        page.getByLabel("At the start (kPa)").first().fill("400");
        page.keyboard().press("Enter");
        assertThat(page.getByText("400 is outside 5 to 100 kPa.")).isVisible();
        Locator round = page.getByLabel("The round");
        assertThat(round).containsText("Crankcase hold");

        long diesel = newJob(
                "{\"name\": \"Heron\", \"layout\": \"INLINE\", \"banks\": [{\"side\": \"ONLY\", \"cylinders\": [1]}],"
                        + " \"fuel\": \"DIESEL\"}");
        page.navigate(app.url("/jobs/" + diesel));
        assertThat(round).containsText("Smoke");
        assertThat(round).not().containsText("Plugs");
        assertThat(round).not().containsText("Crankcase hold");
    }
}
