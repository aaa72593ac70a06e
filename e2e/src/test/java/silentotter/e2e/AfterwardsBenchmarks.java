package silentotter.e2e;

import com.microsoft.playwright.Page;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Locale;
import java.util.Random;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** An engine with many visits, a shop with many outcomes, and one with many jobs: printed with what was aimed at. */
final class AfterwardsBenchmarks {
    private static final int VISITS = 200;
    private static final int OUTCOMES = 2000;
    private static final int JOBS = 50_000;

    private AfterwardsBenchmarks() {}

    static void run(Browser browser) throws Exception {
        try (RunningApp app = RunningApp.start(true)) {
            life(app, browser);
            relearn(app);
        }
        filter();
    }

    /** The case file of an engine, with its jobs over and over, a week apart. */
    private static long loaded(RunningApp app, String search, int job, int times) {
        long id =
                app.get("/api/jobs?search=" + search).at("/jobs/" + job + "/id").asLong();
        ObjectNode file = (ObjectNode) app.get("/api/jobs/" + id + "/case-file");
        ArrayNode jobs = (ArrayNode) file.get("jobs");
        JsonNode one = jobs.get(1).deepCopy();
        ((ObjectNode) one.get("job")).put("complaint", "again");
        jobs.removeAll();
        LocalDate day = LocalDate.of(2000, 1, 1);
        for (int i = 0; i < times; i++) {
            ObjectNode each = (ObjectNode) one.deepCopy();
            ((ObjectNode) each.get("job"))
                    .put("date", day.plusDays(i).toString())
                    .put("hours", 10.0 * i);
            // Each is a prediction of its own: one that is there twice counts once.
            String at = Instant.ofEpochSecond(1_600_000_000L + i).toString();
            each.path("predictions").forEach(p -> ((ObjectNode) p).put("at", at));
            jobs.add(each);
        }
        long first = RunningApp.JSON
                .readTree(app.post("/api/case-files", file.toString()).body())
                .at("/jobIds/0")
                .asLong();
        return app.get("/api/jobs/" + first + "/sheet").at("/engine/id").asLong();
    }

    private static void life(RunningApp app, Browser browser) {
        long engine = loaded(app, "No.%201%20taxi", 0, VISITS);
        long from = System.nanoTime();
        app.get("/api/engines/" + engine + "/life");
        double cold = (System.nanoTime() - from) / 1e6;
        double[] ms = new double[20];
        for (int i = 0; i < ms.length; i++) {
            from = System.nanoTime();
            app.get("/api/engines/" + engine + "/life");
            ms[i] = (System.nanoTime() - from) / 1e6;
        }
        print("an engine with " + VISITS + " visits, asked for again", ms);
        System.out.printf(Locale.ROOT, "%-62s %7.0f ms%n", "the first time", cold);
        double[] drawn = new double[10];
        double[] opened = new double[10];
        Page page = browser.open(app.url("/engines/" + engine));
        for (int i = 0; i < drawn.length; i++) {
            page.navigate(app.url("/record"));
            page.locator("h1").waitFor();
            from = System.nanoTime();
            page.navigate(app.url("/engines/" + engine));
            page.locator("[data-line='4']").waitFor();
            opened[i] = (System.nanoTime() - from) / 1e6;
            page.navigate(app.url("/"));
            page.locator("a[href*='/jobs/']").first().waitFor();
            // As the application goes from page to page, without a tap's own travel.
            drawn[i] = ((Number) page.evaluate("""
                    path => new Promise(drawn => {
                      const from = performance.now();
                      new MutationObserver((_, seen) => {
                        if (document.querySelector("[data-line='4']")) {
                          seen.disconnect();
                          requestAnimationFrame(() => setTimeout(() => drawn(performance.now() - from)));
                        }
                      }).observe(document.body, { childList: true, subtree: true });
                      history.pushState({}, '', path);
                      dispatchEvent(new PopStateEvent('popstate', { state: {} }));
                    })""", "/engines/" + engine)).doubleValue();
        }
        print("its page, asked for and drawn, within the application (aim 300 ms)", drawn);
        print("the same with the application itself, from the address", opened);
        page.close();
    }

    private static void relearn(RunningApp app) {
        loaded(app, "No.%201%20taxi", 0, OUTCOMES);
        double[] ms = new double[5];
        for (int i = 0; i < ms.length; i++) {
            long from = System.nanoTime();
            app.get("/api/shop/learning");
            ms[i] = (System.nanoTime() - from) / 1e6;
        }
        int jobs = app.get("/api/shop/record").at("/jobs").size();
        print("relearning from " + jobs + " outcomes (aim 2000 ms)", ms);
    }

    /** Rows as the application would have written them, put there at once. */
    private static void filter() throws Exception {
        Path data = Files.createTempDirectory("silent-otter-many");
        RunningApp.start(data, true).close();
        Random random = new Random(3);
        String[] suspects = {"RINGS", "VALVE_LEAK", "OIL_ENTRY", "NOTHING_WRONG", "WATER_ENTRY"};
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + data.resolve("silent-otter.db"));
                PreparedStatement job = connection.prepareStatement("""
                        insert into job (engine_id, date, complaint, technician, document, changed_at, headline, tone,
                            suspect, open_findings, headline_of, revision)
                        values (?, ?, ?, ?, '{}', '2026-01-01T00:00:00Z', ?, 'LOSS', ?, ?, 0, 0)""")) {
            connection.setAutoCommit(false);
            for (int i = 0; i < JOBS; i++) {
                job.setInt(1, 1 + random.nextInt(20));
                job.setString(
                        2,
                        LocalDate.of(2000, 1, 1).plusDays(random.nextInt(9000)).toString());
                job.setString(3, "complaint number " + i);
                job.setString(4, "Hand " + random.nextInt(12));
                job.setString(5, "Cylinder " + random.nextInt(8) + " low: a valve leaks");
                job.setString(6, suspects[random.nextInt(suspects.length)]);
                job.setInt(7, random.nextInt(3));
                job.addBatch();
            }
            job.executeBatch();
            connection.commit();
        }
        try (RunningApp app = RunningApp.start(data, false)) {
            String[] asked = {
                "fault=VALVE_LEAK",
                "technician=Hand%203&open=true",
                "family=Tarn%2022%20petrol",
                "outcome=true",
                "from=2010-01-01&to=2010-12-31",
                "search=number%204999",
                "search=valve&fault=RINGS&open=false"
            };
            for (String query : asked) {
                double[] ms = new double[15];
                for (int i = -5; i < ms.length; i++) {
                    long from = System.nanoTime();
                    app.get("/api/jobs?" + query);
                    if (i >= 0) {
                        ms[i] = (System.nanoTime() - from) / 1e6;
                    }
                }
                print(JOBS + " jobs, " + query + " (aim 100 ms)", ms);
            }
        }
    }

    private static void print(String what, double[] values) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        System.out.printf(
                Locale.ROOT,
                "%-62s %7.0f ms %7.0f ms%n",
                what,
                sorted[sorted.length / 2],
                sorted[(int) Math.ceil(sorted.length * 0.95) - 1]);
    }
}
