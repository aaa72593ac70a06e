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
    private static final int AIRED = 31_445;
    private static final LocatorAssertions.ContainsTextOptions PATIENT =
            new LocatorAssertions.ContainsTextOptions().setTimeout(20_000);

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
                    .containsText("Crank the engine", new LocatorAssertions.ContainsTextOptions().setTimeout(15_000));
            crank(1);
            assertThat(cell).hasValue(Pattern.compile("^\\d+ \\d+ \\d+"));
            assertThat(gauge)
                    .containsText(": Enter takes it", new LocatorAssertions.ContainsTextOptions().setTimeout(15_000));
            page.keyboard().press("Enter");
            assertThat(cell).hasValue("");
            assertThat(gauge).containsText("Taken: let it off");
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

    @Test
    void leakdownTypesItselfOnceSettledAndTheSlackTubeMoves() throws IOException {
        Path log = Files.createTempFile("simulate", ".log");
        Process bench = RunningApp.launch(List.of("simulate", "--port", String.valueOf(AIRED), "--leak", "2=1.2"), log);
        try {
            app.post(
                    "/api/shop/instruments",
                    "{\"name\": \"Wall tester\", \"kind\": \"LEAKDOWN\", \"address\": \"127.0.0.1:" + (AIRED + 1)
                            + "\"}");
            app.post(
                    "/api/shop/instruments",
                    "{\"name\": \"Tap\", \"kind\": \"MANOMETER\", \"address\": \"127.0.0.1:" + (AIRED + 2) + "\"}");
            long job = RunningApp.JSON
                    .readTree(app.post(
                                    "/api/jobs",
                                    "{\"engine\": {\"name\": \"Tarn\", \"layout\": \"INLINE\", \"banks\": [{\"side\": \"ONLY\","
                                            + " \"cylinders\": [1, 2, 3, 4]}]}, \"job\": {\"date\": \"2026-11-26\"}}")
                            .body())
                    .at("/job/id")
                    .asLong();
            app.post(
                    "/api/jobs/" + job + "/leakdown/testers",
                    "{\"name\": \"Two gauges\", \"kind\": \"TWO_GAUGES\", \"calibrated\": false, \"supplyKPa\": 690,"
                            + " \"orificeMm\": 1.016}");
            Page page = browser.open(app.url("/jobs/" + job + "/leakdown"));
            page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Tester"))
                    .click();
            page.locator("select").first().selectOption("Two gauges");
            page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Listen, turn"))
                    .click();
            button(page, "Live").click();
            page.keyboard().press("ArrowRight");
            Locator gauge = page.locator("[data-gauge]");
            assertThat(gauge).containsText("Open the air slowly", PATIENT);
            button(page, "Open the air on 2").click();
            assertThat(gauge).containsText(": wait", PATIENT);
            assertThat(gauge).containsText(": Enter takes it", PATIENT);
            page.keyboard().press("Enter");
            assertThat(gauge).containsText("Taken: shut the air", PATIENT);
            assertThat(page.getByText(Pattern.compile("^Saved, rev. 1"))).isVisible();
            JsonNode sheet = app.get("/api/jobs/" + job + "/sheet");
            double percent = sheet.at("/leakdown/cylinders/0/percent").asDouble();
            org.assertj.core.api.Assertions.assertThat(percent).isBetween(30.0, 90.0);
            // What it sent stands beside the reading.
            page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Attempts"))
                    .click();
            assertThat(page.locator("[data-traces] a")).hasCount(1);

            page.navigate(app.url("/jobs/" + job + "/blow-by"));
            button(page, "Live").click();
            assertThat(page.locator("[data-gauge]")).containsText("Enter keeps the mean", PATIENT);
            Locator leg = page.locator("[data-leg=open]");
            assertThat(leg).hasAttribute("aria-valuenow", Pattern.compile("[1-9].*"));
            page.keyboard().press("Enter");
            assertThat(page.locator("[data-gauge]")).containsText("Kept", PATIENT);
            assertThat(page.getByText(Pattern.compile("^Saved, rev. 2"))).isVisible();
            org.assertj.core.api.Assertions.assertThat(app.get("/api/jobs/" + job + "/sheet")
                            .at("/blowby/readings")
                            .size())
                    .isEqualTo(1);
        } finally {
            bench.destroy();
        }
    }

    private static double last(JsonNode strokes) {
        return strokes.get(strokes.size() - 1).asDouble();
    }
}
