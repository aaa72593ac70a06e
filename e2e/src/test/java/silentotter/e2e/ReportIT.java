package silentotter.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Media;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpRequest;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** The report as it is looked at, printed, saved and handed on. */
class ReportIT extends DemoWindowsTest {
    /** Other classes share this shop. */
    @AfterEach
    void signAsBefore() {
        app.send(HttpRequest.newBuilder(URI.create(app.url("/api/shop/letterhead")))
                .header("Content-Type", "application/json")
                .PUT(HttpRequest.BodyPublishers.ofString("""
                        {"shop": "Marrow Sound Yard", "line": "Engine examination without teardown", "paper": "A4"}""")));
    }

    private static PDDocument printed(Page page) throws IOException {
        return Loader.loadPDF(page.pdf(new Page.PdfOptions().setPreferCSSPageSize(true)));
    }

    /** Words in the order of the page, whatever the lines they fell into. */
    private static String words(PDDocument pdf, int from, int to) throws IOException {
        PDFTextStripper text = new PDFTextStripper();
        text.setSortByPosition(true);
        text.setStartPage(from);
        text.setEndPage(to);
        return text.getText(pdf).replaceAll("\\s+", " ");
    }

    private byte[] saved(long job) throws IOException {
        try (var in =
                URI.create(app.url("/api/jobs/" + job + "/report.pdf")).toURL().openStream()) {
            return in.readAllBytes();
        }
    }

    @Test
    void theBrowserPrintsThePagesThatThePdfHas() throws IOException {
        Page page = browser.open(app.url("/jobs/1/report"));
        assertThat(page.getByText("Cylinder 3 leaks past its piston rings.")).isVisible();
        try (PDDocument print = printed(page);
                PDDocument pdf = Loader.loadPDF(saved(1))) {
            assertThat(print.getNumberOfPages())
                    .isEqualTo(pdf.getNumberOfPages())
                    .isEqualTo(2);
            for (int n = 1; n <= 2; n++) {
                assertThat(print.getPage(n - 1).getMediaBox().getWidth()).isBetween(594f, 596f);
                assertThat(words(print, n, n)).contains(n + " of 2", "Tarn 22 petrol");
                String[] there = words(print, n, n).split(" ");
                // Each makes its own lines; hardly a word may be in one and not in the other.
                assertThat(Arrays.stream(words(pdf, n, n).split(" "))
                                .filter(w -> !Arrays.asList(there).contains(w)))
                        .as("page %d", n)
                        .hasSizeLessThan(12);
            }
            assertThat(words(print, 1, 2)).doesNotContain("Add readings", "THE ROUND");
        }
    }

    @Test
    void theOtherPaperIsOneTapAndStaysChosen() throws IOException {
        Page page = browser.open(app.url("/jobs/3/report"));
        page.getByText("Letter", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(page.locator(".report .customer")).hasCSS("width", "816px");
        try (PDDocument print = printed(page)) {
            assertThat(print.getPage(0).getMediaBox().getWidth()).isBetween(611f, 613f);
            assertThat(print.getNumberOfPages()).isEqualTo(2);
        }
        assertThat(app.get("/api/shop/letterhead").at("/paper").asString()).isEqualTo("LETTER");
    }

    @Test
    void aChangeOfTheJobOrOfUnitsIsInThePagesAtOnce() {
        Page page = browser.open(app.url("/jobs/4/report"));
        assertThat(page.getByText("kPa", new Page.GetByTextOptions().setExact(true))
                        .first())
                .isVisible();
        page.evaluate("localStorage.setItem('silent-otter.units', '{\"pressure\":2}')");
        page.reload();
        assertThat(page.locator(".report .unit").first()).hasText("psi");
    }

    @Test
    void whatTheShopIsCalledStandsOnTop() {
        Page page = browser.open(app.url("/jobs/5/report"));
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Name of this shop"))
                .click();
        page.getByLabel("Name of this shop").fill("x".repeat(81));
        page.keyboard().press("Enter");
        assertThat(page.locator("main")).containsText("80");
        page.getByLabel("Name of this shop").fill("Otter Slip");
        page.keyboard().press("Enter");
        page.navigate(app.url("/jobs/5/report"));
        assertThat(page.locator(".report .shop")).hasText("Otter Slip");
    }

    @Test
    void aReportLoadsElsewhereAsTheCaseThatItCarries() throws Exception {
        Path report = Files.createTempDirectory("report").resolve("report.pdf");
        Files.write(report, saved(9));
        try (RunningApp elsewhere = RunningApp.start(false)) {
            Page other = browser.open(elsewhere.url("/"));
            other.getByLabel("Case file").setInputFiles(report);
            assertThat(other.locator("[data-next]")).containsText("Turn 360");
            assertThat(elsewhere.text("/api/jobs/1/case-file")).isEqualTo(app.text("/api/jobs/9/case-file"));
        }
    }

    @Test
    void inTheDarkThePaperStaysPaper() {
        Page page = browser.open(app.url("/jobs/1/report"));
        page.evaluate("document.documentElement.dataset.theme = 'dark'");
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.SCREEN));
        assertThat(page.locator(".report .customer")).hasCSS("background-color", "rgb(255, 255, 255)");
        assertThat(page.locator(".report .verdict")).hasCSS("color", "rgb(20, 29, 38)");
    }
}
