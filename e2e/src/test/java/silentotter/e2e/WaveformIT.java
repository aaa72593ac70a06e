package silentotter.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A recording of the starter's cable, through the screen. */
class WaveformIT extends WindowsTest {
    private static final int HUMPS = 24;

    /** The third of each four humps is half of the others. */
    static Path cable() throws IOException {
        StringBuilder text = new StringBuilder("Time;Cable\ns;A\n");
        for (int i = 0; i < HUMPS * 140; i++) {
            double at = i / 140.0;
            double hump = Math.pow(Math.sin(Math.PI * (at - Math.floor(at))), 2);
            text.append(String.format(
                    Locale.GERMANY, "%.3f;%.2f%n", i * .001, 140 + ((int) at % 4 == 2 ? 30 : 60) * hump));
        }
        Path file = Files.createTempDirectory("waveform").resolve("cable.csv");
        return Files.writeString(file, text);
    }

    @Test
    void aRecordingBecomesStrokesThatArePutRightByHand() throws IOException {
        long job = RunningApp.JSON
                .readTree(app.post(
                                "/api/jobs",
                                "{\"engine\": {\"name\": \"Tarn\", \"layout\": \"INLINE\", \"firingOrder\": [1, 3, 4, 2],"
                                        + " \"banks\": [{\"side\": \"ONLY\", \"cylinders\": [1, 2, 3, 4]}]},"
                                        + " \"job\": {\"date\": \"2026-11-26\"}}")
                        .body())
                .at("/job/id")
                .asLong();
        Page page = browser.open(app.url("/jobs/" + job + "/waveforms"));
        Path wrong =
                Files.writeString(Files.createTempDirectory("waveform").resolve("notes.csv"), "call back\nTuesday\n");
        page.locator("input[type=file]").setInputFiles(wrong);
        assertThat(page.getByText("neither columns of numbers nor sound")).isVisible();

        page.locator("input[type=file]").setInputFiles(cable());
        Locator confirm = page.locator("[data-confirm]");
        assertThat(confirm).containsText("2 lines before them, decimal commas");
        button(page, "Find the strokes").click();
        Locator waveform = page.locator("[data-waveform]");
        assertThat(waveform).containsText(HUMPS + " strokes");
        assertThat(page.locator("[data-says]")).containsText("Mark one stroke");

        // By keyboard: the first stroke is cylinder 1's; then one is taken away by hand, and undone.
        waveform.locator("svg").focus();
        page.keyboard().press("ArrowRight");
        button(page, "This is cylinder 1").click();
        Locator says = page.locator("[data-says] tr");
        assertThat(says).hasCount(4);
        assertThat(says.nth(3)).containsText(Pattern.compile("^4(4[5-9]|5[0-5]) %"));
        waveform.locator("svg").focus();
        page.keyboard().press("ArrowRight");
        page.keyboard().press("ArrowRight");
        page.keyboard().press("Delete");
        assertThat(waveform).containsText((HUMPS - 1) + " strokes");
        page.keyboard().press("u");
        assertThat(page.locator("[data-waveform]")).containsText(HUMPS + " strokes");
        assertThat(page.locator("[data-says] tr")).hasCount(4);
    }
}
