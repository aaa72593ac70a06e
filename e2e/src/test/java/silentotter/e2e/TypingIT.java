package silentotter.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** The clumsy ways of the trade: nothing typed vanishes, and nothing is taken for something else in silence. */
class TypingIT extends WindowsTest {
    private static long newJob(String layout, String banks) {
        return RunningApp.JSON
                .readTree(app.post("/api/jobs", """
                        {"engine": {"name": "Petrel", "layout": "%s", "banks": [%s]}, "job": {"date": "2026-11-03"}}""".formatted(layout, banks)).body())
                .at("/job/id")
                .asLong();
    }

    private static long inlineFour() {
        return newJob("INLINE", "{\"side\": \"ONLY\", \"cylinders\": [1,2,3,4]}");
    }

    private static JsonNode sheet(long job) {
        return app.get("/api/jobs/" + job + "/sheet");
    }

    private static Page bench(long job) {
        Page page = browser.open(app.url("/jobs/" + job));
        assertThat(page.getByLabel("Dry reading, cylinder 1")).isFocused();
        return page;
    }

    private static Locator cell(Page page) {
        return page.locator("input[data-readings]");
    }

    private static void inPsi(Page page) {
        page.evaluate("localStorage.setItem('silent-otter.units', JSON.stringify({pressure: 2}))");
        page.reload();
        assertThat(page.getByLabel("Dry reading, cylinder 1")).isFocused();
    }

    @Test
    void barTypedWhileOnPsiIsAskedAboutAndOneTapConvertsThePass() {
        long job = inlineFour();
        Page page = bench(job);
        inPsi(page);
        for (String value : List.of("11.9", "12.1", "12", "11.8")) {
            type(page, value);
        }
        assertThat(page.locator("[data-doubt='UNIT']")).hasCount(1);
        button(page, "They are bar").click();
        assertThat(page.locator("[data-doubt='UNIT']")).hasCount(0);
        assertThat(sheet(job).at("/passes/0/readings/0/strokesKPa/0").asDouble())
                .isBetween(1189.0, 1191.0);
        assertThat(page.locator("[data-pass='0']")).containsText("bar");
    }

    @Test
    void aSlippedDecimalBesideItsSistersIsAskedAbout() {
        long job = inlineFour();
        Page page = bench(job);
        for (String value : List.of("1190", "1210", "119", "1200")) {
            type(page, value);
        }
        button(page, "1190 kPa on 3").click();
        assertThat(page.locator("[data-doubt='DECIMAL']")).hasCount(0);
        assertThat(sheet(job).at("/compression/cylinders/3/standing").asString())
                .isEqualTo("LEVEL");
    }

    @Test
    void howValuesAreTypedBelongsToThePassAndFinalsTypedAsStrokesAreSplit() {
        long job = inlineFour();
        Page page = bench(job);
        button(page, "Stroke by stroke").click();
        assertThat(page.getByText("stroke 1", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        for (String value : List.of("1200", "1190", "1195", "1210")) {
            type(page, value);
        }
        assertThat(page.locator("[data-doubt='STROKES']")).hasCount(1);
        button(page, "One value each of 1 to 4").click();
        assertThat(page.locator("[data-doubt='STROKES']")).hasCount(0);
        assertThat(sheet(job).at("/compression/cylinders/4/standing").asString())
                .isEqualTo("LEVEL");
        Page other = bench(inlineFour());
        assertThat(button(other, "Final only")).hasAttribute("aria-pressed", "true");
    }

    @Test
    void theFirstKeyAfterARefusalReplacesWhatWasRefused() {
        Page page = bench(inlineFour());
        type(page, "12000");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("12000");
        assertThat(cell(page)).hasValue("12000");
        page.keyboard().type("11");
        assertThat(cell(page)).hasValue("11");
        page.keyboard().type("80");
        page.keyboard().press("Enter");
        assertThat(page.getByLabel("Dry reading, cylinder 2")).isFocused();
    }

    @Test
    void aLostAnswerIsSentAgainUnderItsOwnKey() {
        long job = inlineFour();
        Page page = bench(job);
        AtomicInteger lost = new AtomicInteger();
        page.route("**/readings", route -> {
            if (lost.getAndIncrement() == 0) {
                // The reading arrives; its answer does not.
                app.post(
                        URI.create(route.request().url()).getPath(),
                        route.request().postData());
                route.abort();
            } else {
                route.resume();
            }
        });
        type(page, "1180");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("does not answer");
        assertThat(cell(page)).hasValue("1180");
        page.keyboard().press("Enter");
        assertThat(page.getByLabel("Dry reading, cylinder 2")).isFocused();
        page.waitForCondition(() -> lost.get() == 2);
        assertThat(sheet(job).at("/passes/0/readings").size()).isEqualTo(1);
        page.unroute("**/readings");
    }

    @Test
    void aWindowThatIsBehindAsksInsteadOfRepeating() {
        long job = inlineFour();
        Page page = bench(job);
        // It hears of nothing from here on, as on a tablet that lost the network for a moment.
        page.route("**/events", Route::abort);
        page.reload();
        assertThat(page.getByLabel("Dry reading, cylinder 1")).isFocused();
        app.post(
                "/api/jobs/" + job + "/compression/passes/" + sheet(job).at("/passes/0/id") + "/readings",
                "{\"cylinder\": 1, \"strokesKPa\": [1150], \"finalOnly\": true}");
        type(page, "1149");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("a repeat, or the same reading twice");
        button(page, "The same").click();
        assertThat(sheet(job).at("/passes/0/readings").size()).isEqualTo(1);
    }

    @Test
    void aReadingOnTheWrongCylinderIsMoved() {
        long job = inlineFour();
        Page page = bench(job);
        type(page, "1180");
        page.locator("[data-value]").first().click();
        button(page, "Move from 1 to 3").click();
        page.keyboard().press("Escape");
        page.waitForCondition(
                () -> sheet(job).at("/passes/0/readings/0/cylinder").asInt() == 3);
        assertThat(sheet(job).at("/corrections/0").asString()).contains("moved from cylinder 1 to 3");
    }

    @Test
    void noTesterIsTakenUnaskedAndTheCellNamesWhatItTakes() {
        long job = inlineFour();
        app.post(
                "/api/jobs/" + job + "/leakdown/testers",
                "{\"name\": \"Two gauges\", \"kind\": \"TWO_GAUGES\", \"supplyKPa\": 690, \"calibrated\": false}");
        Page page = browser.open(app.url("/jobs/" + job + "/leakdown"));
        Locator unit = page.locator("[data-unit]");
        assertThat(unit).hasText("which tester?");
        type(page, "12");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Say first which tester this is");
        page.locator("select[aria-label='Tester']").selectOption("Two gauges");
        assertThat(unit).hasText("kPa, second gauge");
        assertThat((Boolean) unit.evaluate("e => e.scrollWidth <= e.clientWidth"))
                .isTrue();
        cell(page).focus();
        page.keyboard().press("Enter");
        assertThat(page.getByText("is 98 % lost")).isVisible();
        button(page, "12 % lost").click();
        page.waitForCondition(
                () -> sheet(job).at("/leakdown/readings/0/reading/leakPercent").asDouble() == 12);
    }

    @Test
    void plugsGoOnByKeyLikeReadings() {
        long job = inlineFour();
        Page page = browser.open(app.url("/jobs/" + job + "/plugs"));
        assertThat(page.getByLabel("Plug 1", new Page.GetByLabelOptions().setExact(true)))
                .isVisible();
        page.keyboard().press("1");
        assertThat(page.getByLabel("Plug 2", new Page.GetByLabelOptions().setExact(true)))
                .isVisible();
        page.keyboard().press("7");
        assertThat(page.getByLabel("Plug 3", new Page.GetByLabelOptions().setExact(true)))
                .isVisible();
        page.keyboard().press("s");
        assertThat(page.getByLabel("Plug 4", new Page.GetByLabelOptions().setExact(true)))
                .isVisible();
        page.keyboard().press("ArrowLeft");
        assertThat(page.getByLabel("Plug 3", new Page.GetByLabelOptions().setExact(true)))
                .isVisible();
        page.waitForCondition(() -> sheet(job).at("/seen/plugs").size() == 3);
        assertThat(sheet(job).at("/seen/plugs/2/look").asString()).isEqualTo("steam-cleaned");
    }

    @Test
    void firingOrderAndBanksAreReadInTheShopsLabels() {
        long job = newJob(
                "V", "{\"side\": \"LEFT\", \"cylinders\": [1,3,5]}, {\"side\": \"RIGHT\", \"cylinders\": [2,4,6]}");
        Page page = browser.open(app.url("/jobs/" + job + "/intake"));
        page.getByLabel("Labels, left bank, from the free end").fill("P1 P2");
        page.keyboard().press("Tab");
        assertThat(page.getByText("This bank has 3 cylinders")).isVisible();
        page.getByLabel("Labels, left bank, from the free end").fill("P1 P2 P3");
        assertThat(page.getByRole(
                        AriaRole.IMG,
                        new Page.GetByRoleOptions()
                                .setName("Neighbours: P1 beside P2, P2 beside P3, 2 beside 4, 4 beside 6")))
                .isVisible();
        page.keyboard().press("Tab");
        page.getByLabel("Labels, right bank, from the free end").fill("S1 S2 S3");
        page.keyboard().press("Tab");
        // Known to the window, not only to the server: the firing order is read in them.
        assertThat(page.locator("nav svg").getByText("S1")).isVisible();
        page.getByLabel("Firing order").fill("P1-S1-P2-X2-P3-S3");
        page.keyboard().press("Tab");
        assertThat(page.getByText("No cylinder here is called X2")).isVisible();
        assertThat(page.getByLabel("Firing order")).hasValue("P1-S1-P2-X2-P3-S3");
        page.getByLabel("Firing order").fill("P1-S1-P2-S2-P3-S3");
        page.keyboard().press("Tab");
        page.waitForCondition(
                () -> sheet(job).at("/engine/engine/firingOrder").toString().equals("[1,2,3,4,5,6]"));
        assertThat(page.getByLabel("Firing order")).hasValue("P1-S1-P2-S2-P3-S3");
    }

    @Test
    void aKeyIsMadeWhereThereIsNoSecureContext() {
        long job = inlineFour();
        Page page = bench(job);
        page.evaluate("Object.defineProperty(crypto, 'randomUUID', {value: undefined})");
        type(page, "1180");
        page.waitForCondition(() -> sheet(job).at("/passes/0/readings").size() == 1);
    }

    @Test
    void anOpenWindowNoticesThatItsRevisionsWentBackwards(@TempDir Path folder) throws Exception {
        Path data = Files.createDirectory(folder.resolve("data"));
        Path copy = folder.resolve("copy.db");
        RunningApp shop = RunningApp.start(data, false);
        try (shop) {
            long job = RunningApp.JSON
                    .readTree(shop.post("/api/jobs", """
                            {"engine": {"name": "Petrel", "layout": "INLINE", "banks": [{"side": "ONLY", "cylinders": [1]}]},
                             "job": {"date": "2026-11-03"}}""").body())
                    .at("/job/id")
                    .asLong();
            String readings = "/api/jobs/" + job + "/compression/passes/1/readings";
            shop.post(readings, "{\"cylinder\": 1, \"strokesKPa\": [900], \"finalOnly\": true}");
            assertThat(RunningApp.launch(
                                    List.of("backup", copy.toString(), "--otter.data=" + data), folder.resolve("b"))
                            .waitFor())
                    .isZero();
            shop.post(readings, "{\"cylinder\": 1, \"strokesKPa\": [1000], \"finalOnly\": true}");
            Page page = browser.open(shop.url("/jobs/" + job));
            assertThat(page.getByText("rev. 2")).isVisible();
            shop.close();
            assertThat(RunningApp.launch(
                                    List.of("restore", copy.toString(), "--otter.data=" + data), folder.resolve("r"))
                            .waitFor())
                    .isZero();
            try (RunningApp again = RunningApp.start(data, false, shop.port)) {
                assertThat(page.getByText("rev. 1")).isVisible();
                assertThat(again.get("/api/jobs/" + job + "/revision")
                                .at("/revision")
                                .asInt())
                        .isEqualTo(1);
            }
        }
    }
}
