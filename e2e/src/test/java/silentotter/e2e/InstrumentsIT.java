package silentotter.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Instruments that speak, through the screen, on the stand-ins that ship. */
class InstrumentsIT extends WindowsTest {
    private static final int PORT = 31_425;
    private static final int CRANKED = 31_435;

    private static void type(Page page, String name, String address) {
        page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill(name);
        page.getByLabel("Address").fill(address);
        page.getByLabel("Address").press("Enter");
    }

    @Test
    void aGaugeIsEnteredReadsAndSaysWhenItsLineIsLost() throws IOException, InterruptedException {
        Path log = Files.createTempFile("simulate", ".log");
        Process bench = RunningApp.launch(List.of("simulate", "--port", String.valueOf(PORT)), log);
        try {
            Page page = browser.open(app.url("/shop"));
            type(page, "Gauge", "not an address");
            assertThat(page.getByText("is neither a name or number of a machine nor a serial line"))
                    .isVisible();
            assertThat(page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)))
                    .hasValue("Gauge");

            page.getByLabel("It is", new Page.GetByLabelOptions().setExact(true))
                    .selectOption("a manometer");
            type(page, "Manometer on the tap", "127.0.0.1:" + (PORT + 2));
            Locator line = page.locator("[data-instrument]")
                    .filter(new Locator.FilterOptions().setHasText("Manometer on the tap"));
            assertThat(line).containsText("Silent Otter, manometer stand-in");
            assertThat(line.locator("[data-values]")).hasText(Pattern.compile("\\d+ Pa"));

            bench.destroy();
            bench.waitFor();
            assertThat(line).hasAttribute("data-instrument", "LOST");
            assertThat(line).containsText("Trying again");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Remove Manometer on the tap"))
                    .click();
            assertThat(line).hasCount(0);
        } finally {
            bench.destroy();
        }
    }

    /** As a hand on the starter does, on the stand-in. */
    private static void crank(int cylinder) throws IOException {
        try (Socket bench = new Socket(InetAddress.getLoopbackAddress(), CRANKED)) {
            bench.getOutputStream()
                    .write(("ROUT:CYL " + cylinder + ";:INIT;*OPC?\n").getBytes(StandardCharsets.US_ASCII));
            bench.getInputStream().read();
        }
    }

    @Test
    void compressionTypesItselfWhileTheEngineIsCranked() throws IOException, InterruptedException {
        Path log = Files.createTempFile("simulate", ".log");
        Process bench = RunningApp.launch(List.of("simulate", "--port", String.valueOf(CRANKED), "--leak", "2=6"), log);
        try {
            app.post(
                    "/api/shop/instruments",
                    "{\"name\": \"Long hose\", \"kind\": \"COMPRESSION\", \"address\": \"127.0.0.1:" + CRANKED + "\"}");
            long job = RunningApp.JSON
                    .readTree(app.post(
                                    "/api/jobs",
                                    "{\"engine\": {\"name\": \"Tarn\", \"layout\": \"INLINE\", \"banks\": [{\"side\": \"ONLY\","
                                            + " \"cylinders\": [1, 2, 3, 4]}]}, \"job\": {\"date\": \"2026-11-26\"}}")
                            .body())
                    .at("/job/id")
                    .asLong();
            Page page = browser.open(app.url("/jobs/" + job));
            button(page, "Live").click();
            Locator gauge = page.locator("[data-gauge]");
            Locator cell = page.locator("input[data-readings]");
            assertThat(gauge)
                    .containsText("crank the engine", new LocatorAssertions.ContainsTextOptions().setTimeout(15_000));
            crank(1);
            assertThat(cell).hasValue(Pattern.compile("^\\d+ \\d+ \\d+"));
            assertThat(gauge)
                    .containsText(": Enter takes it", new LocatorAssertions.ContainsTextOptions().setTimeout(15_000));
            page.keyboard().press("Enter");
            assertThat(cell).hasValue("");
            assertThat(gauge).containsText("taken: let it off");
            // The next cylinder leaks; the gauge was let off and cranked again.
            crank(2);
            assertThat(gauge)
                    .containsText(": Enter takes it", new LocatorAssertions.ContainsTextOptions().setTimeout(15_000));
            page.keyboard().press("Enter");
            assertThat(cell).hasValue("");
            assertThat(page.getByText(Pattern.compile("^Saved, rev. 2"))).isVisible();
            JsonNode readings = app.get("/api/jobs/" + job + "/sheet").at("/passes/0/readings");
            double sound = last(readings.get(0).at("/strokesKPa"));
            double leaking = last(readings.get(1).at("/strokesKPa"));
            org.assertj.core.api.Assertions.assertThat(sound).isBetween(1330.0, 1400.0);
            org.assertj.core.api.Assertions.assertThat(leaking).isLessThan(.6 * sound);
        } finally {
            bench.destroy();
        }
    }

    private static double last(JsonNode strokes) {
        return strokes.get(strokes.size() - 1).asDouble();
    }
}
