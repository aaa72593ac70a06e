package silentotter.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** From an empty folder to a printed verdict, as a new user goes. */
class FirstSliceIT {
    private static RunningApp app;
    private static Browser browser;

    @BeforeAll
    static void start() {
        app = RunningApp.start(false);
        browser = Browser.shared();
    }

    @AfterAll
    static void stop() {
        browser.closeWindows();
        app.close();
    }

    @Test
    void fromNothingToAPrintedVerdict() throws Exception {
        Page page = browser.open(app.url("/"));
        assertThat(page.getByText("No jobs yet.")).isVisible();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("New job"))
                .click();
        page.getByLabel("Why is it here?").fill("Misses at idle");
        page.getByLabel("Name, as this shop calls it").fill("Gannet 18");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Start the job"))
                .click();

        Locator cell = page.getByLabel("Dry reading, cylinder 1");
        assertThat(cell).isFocused();
        page.keyboard().type("1180");
        page.keyboard().press("Enter");
        assertThat(page.getByLabel("Dry reading, cylinder 2")).isFocused();
        page.keyboard().type("1195");
        page.keyboard().press("Enter");
        page.keyboard().type("760");
        page.keyboard().press("Enter");
        page.keyboard().type("1170");
        page.keyboard().press("Enter");

        Locator verdict = page.getByLabel("Verdict", new Page.GetByLabelOptions().setExact(true));
        assertThat(verdict).containsText("Cylinder 3 low");
        assertThat(page.locator("[data-planned=true] [data-next]"))
                .hasText(Pattern.compile("Look round|plugs that came out|(Wet test|Camera|Leak-down).* 3"));
        assertThat(page.locator("svg[role=img] > title").first()).hasText(Pattern.compile("Cylinder 3: "));

        page.reload();
        assertThat(page.getByLabel("Dry reading, cylinder 3")).hasAttribute("placeholder", "760");
        page.keyboard().press("]");
        assertThat(page).hasURL(Pattern.compile("/leakdown$"));
        page.keyboard().press("]");
        assertThat(page).hasURL(Pattern.compile("/oil$"));
        page.keyboard().press("]");
        assertThat(page).hasURL(Pattern.compile("/ledger$"));
        page.keyboard().press("]");
        assertThat(page).hasURL(Pattern.compile("/plan$"));
        page.keyboard().press("]");
        assertThat(page.getByText("How it was measured")).isVisible();
        String printed = new PDFTextStripper()
                .getText(Loader.loadPDF(page.pdf(new Page.PdfOptions().setPreferCSSPageSize(true))));
        assertThat(printed)
                .contains("Gannet 18", "Misses at idle", "760", "No loss of seal was seen on cylinders 1, 2 and 4");
        assertThat(printed).doesNotContain("Add readings", "Keypad");
        assertThat(browser.complaints).isEmpty();
    }
}
