package silentotter.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Instruments that speak, through the screen, on the stand-ins that ship. */
class InstrumentsIT extends WindowsTest {
    private static final int PORT = 31_425;

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
            assertThat(page.getByText("is no name or number of a machine")).isVisible();
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
}
