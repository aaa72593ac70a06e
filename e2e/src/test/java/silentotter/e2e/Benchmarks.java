package silentotter.e2e;

import com.microsoft.playwright.Page;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import java.util.zip.GZIPOutputStream;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.instruments.LeakdownTester;
import silentotter.core.leakdown.LeakdownAnalyst;
import silentotter.core.leakdown.LeakdownReading;
import silentotter.core.leakdown.LeakdownReading.LeakdownKind;
import silentotter.core.leakdown.LeakdownReading.RunState;
import silentotter.core.oil.LevelPoint;
import silentotter.core.oil.OilRate;
import silentotter.core.quantity.CrankSpeed;
import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Length;
import silentotter.core.quantity.Pressure;
import silentotter.core.twin.CrankingSetup;
import silentotter.core.twin.CrankingTwin;
import silentotter.core.twin.CylinderGeometry;
import silentotter.core.twin.RunningTwin;

/** The figures of {@code ./otter bench}: printed with their targets, never asserted. */
final class Benchmarks {
    private static final int DEMO_JOBS = 11;
    private static final int JOBS = 5000;

    private Benchmarks() {}

    public static void main(String[] args) throws Exception {
        Path unpacked = Path.of(System.getProperty("otter.app"));
        System.out.printf("%-62s %10s %10s%n", "", "median", "95 %");
        twin();
        normalisation();
        blowBy();
        oilRate();
        JudgementBenchmarks.run();
        start(unpacked);
        try (RunningApp app = RunningApp.start(true)) {
            report(app);
            redraw(app);
            list(app);
            oilInFull(app);
        }
        AfterwardsBenchmarks.run(Browser.shared());
        bundle();
        LoadBenchmarks.run();
    }

    private static void twin() {
        CylinderGeometry geometry = CylinderGeometry.of(Length.ofMm(86), Length.ofMm(86), 10);
        CrankingSetup setup = CrankingSetup.usual(geometry);
        double[] ms = new double[3000];
        double sum = 0;
        for (int warmUp = 0; warmUp < 3000; warmUp++) {
            sum += CrankingTwin.finalReading(setup).kPa();
        }
        for (int i = 0; i < ms.length; i++) {
            CrankingSetup each = setup.withLeakArea(LeakArea.ofSquareMm(0.1 + i * 0.001));
            long from = System.nanoTime();
            sum += CrankingTwin.finalReading(each).kPa();
            ms[i] = (System.nanoTime() - from) / 1e6;
        }
        print("one 8-stroke cranking run, warm (target 1 ms)", ms, "ms");
        if (Double.isNaN(sum)) {
            throw new IllegalStateException("the twin computed nothing");
        }
    }

    private static void blowBy() {
        CylinderGeometry geometry = CylinderGeometry.of(Length.ofMm(86), Length.ofMm(86), 10);
        double[] ms = new double[3000];
        double sum = 0;
        for (int i = -3000; i < ms.length; i++) {
            Pressure manifold = Pressure.ofKPa(30 + Math.floorMod(i, 700) * 0.1);
            long from = System.nanoTime();
            sum += RunningTwin.blowBy(
                    geometry, LeakArea.ofSquareMm(0.2), manifold, Pressure.STANDARD_ATMOSPHERE, CrankSpeed.ofRpm(2000));
            if (i >= 0) {
                ms[i] = (System.nanoTime() - from) / 1e6;
            }
        }
        print("blow-by of one running cylinder, warm (target 2 ms)", ms, "ms");
        if (Double.isNaN(sum)) {
            throw new IllegalStateException("nothing was computed");
        }
    }

    private static void oilRate() {
        Random random = new Random(1);
        List<LevelPoint> log = new ArrayList<>();
        double level = 0;
        for (int i = 0; i < 2000; i++) {
            double poured = level < -0.8 ? 0.8 : 0;
            log.add(LevelPoint.measured(
                    i * 300.0, OptionalDouble.of(level + random.nextGaussian() * 0.05), 0.05, poured, 0));
            level += poured - 0.15;
        }
        double[] ms = new double[300];
        for (int i = -100; i < ms.length; i++) {
            long from = System.nanoTime();
            OilRate.of(log).orElseThrow();
            if (i >= 0) {
                ms[i] = (System.nanoTime() - from) / 1e6;
            }
        }
        print("an oil log of 2,000 entries fitted (target 50 ms)", ms, "ms");
    }

    /** Six years of a log, as a file. */
    private static String oilLog() {
        Random random = new Random(2);
        StringBuilder csv = new StringBuilder("kind,date,hours,mm_from_full,litres\n");
        double level = 0;
        LocalDate day = LocalDate.of(2016, 1, 1);
        for (int i = 0; i < 1700; i++) {
            double hours = 1000 + 8.0 * i;
            csv.append(String.format(
                    Locale.ROOT, "DIP,%s,%.1f,%.1f,\n", day.plusDays(2L * i), hours, level + random.nextGaussian()));
            if (level < -12) {
                csv.append(String.format(Locale.ROOT, "TOP_UP,%s,%.1f,,%.2f\n", day.plusDays(2L * i), hours, 0.75));
                level += 0.75 * 20 / 1.5 * (1 + 0.03 * random.nextGaussian());
            }
            level -= 1.6;
        }
        return csv.toString();
    }

    /** Everything that is made of such a log, over HTTP and on the screen. */
    private static void oilInFull(RunningApp app) {
        long job = RunningApp.JSON
                .readTree(app.post("/api/jobs", """
                        {"engine": {"name": "Long log", "layout": "INLINE", "banks": [{"side": "ONLY", "cylinders": [1,2,3,4]}],
                          "dipstickSpanMm": 20, "dipstickSpanLitres": 1.5, "oilWithFilterLitres": 6},
                         "job": {"date": "2026-11-03"}}""").body())
                .at("/job/id")
                .asLong();
        app.send(HttpRequest.newBuilder(URI.create(app.url("/api/jobs/" + job + "/oil.csv")))
                .header("Content-Type", "text/csv")
                .POST(HttpRequest.BodyPublishers.ofString(oilLog())));
        int lines = app.get("/api/jobs/" + job + "/sheet").at("/oil/entries").size();
        double[] ms = new double[30];
        for (int i = -10; i < ms.length; i++) {
            // A new line makes the log another one, so that nothing is remembered.
            String line = "{\"sure\": true, \"entry\": {\"kind\": \"DIP\", \"date\": \"2026-01-01\", \"hours\": "
                    + (20_000 + i) + ", \"mmFromFull\": -5}}";
            long from = System.nanoTime();
            app.post("/api/jobs/" + job + "/oil/entries", line);
            if (i >= 0) {
                ms[i] = (System.nanoTime() - from) / 1e6;
            }
        }
        print("a line added to a log of " + lines + ", all answered anew", ms, "ms");
        try (Browser browser = new Browser()) {
            double[] drawn = new double[5];
            for (int i = 0; i < drawn.length; i++) {
                Page page = browser.open(app.url("/jobs/" + job));
                page.locator("[data-readings]").waitFor();
                // From the tap to the drawing, the sheet being there already.
                drawn[i] = ((Number) page.evaluate("""
                        () => new Promise(done => {
                          const from = performance.now();
                          new MutationObserver((_, o) => {
                            if (document.querySelector('[data-spots] path')) {
                              o.disconnect();
                              requestAnimationFrame(() => setTimeout(() => done(performance.now() - from)));
                            }
                          }).observe(document.body, {childList: true, subtree: true});
                          document.querySelector('a[href$="/oil"]').click();
                        })""")).doubleValue();
                browser.closeWindows();
            }
            print("that log drawn, from the tap (target 200 ms)", drawn, "ms");
        }
    }

    /** One leak-down reading as a leak area with its interval. */
    private static void normalisation() {
        double[] us = new double[20_000];
        double sum = 0;
        for (int i = -20_000; i < us.length; i++) {
            LeakdownReading reading = new LeakdownReading(
                    CylinderNumber.of(1),
                    1,
                    LeakdownKind.STANDARD,
                    LeakdownTester.MASTER,
                    1 + Math.floorMod(i, 900) * 0.1,
                    Optional.of(RunState.HOT),
                    Optional.empty(),
                    Map.of(),
                    Map.of(),
                    Set.of(),
                    List.of(),
                    Optional.empty());
            long from = System.nanoTime();
            sum += LeakdownAnalyst.area(reading, Pressure.STANDARD_ATMOSPHERE)
                    .orElseThrow()
                    .high()
                    .squareMm();
            if (i >= 0) {
                us[i] = (System.nanoTime() - from) / 1e3;
            }
        }
        print("one leak-down normalisation with interval, warm (target 50 µs)", us, "µs");
        if (Double.isNaN(sum)) {
            throw new IllegalStateException("nothing was computed");
        }
    }

    /** From the start of the process, as ./otter demo starts it, to the first page. */
    private static void start(Path unpacked) throws Exception {
        double[] seconds = new double[5];
        for (int i = 0; i < seconds.length; i++) {
            Path data = Files.createTempDirectory("silent-otter");
            int port = 18000 + i;
            long from = System.nanoTime();
            Process process = new ProcessBuilder(
                            "java",
                            "-XX:SharedArchiveFile=app.jsa",
                            "-Xshare:auto",
                            "@java.options",
                            "-jar",
                            "silent-otter.jar",
                            "--otter.data=" + data,
                            "--otter.demo=true",
                            "--server.port=" + port)
                    .directory(unpacked.toFile())
                    .redirectErrorStream(true)
                    .redirectOutput(data.resolve("log").toFile())
                    .start();
            awaitFirstPage("http://127.0.0.1:" + port + "/");
            seconds[i] = (System.nanoTime() - from) / 1e9;
            process.destroy();
            process.waitFor();
        }
        print("start to first page, demo data (target 6 s)", seconds, "s");
    }

    private static void awaitFirstPage(String url) throws InterruptedException {
        HttpClient http = HttpClient.newHttpClient();
        HttpRequest request = HttpRequest.newBuilder(java.net.URI.create(url)).build();
        while (true) {
            try {
                if (http.send(request, HttpResponse.BodyHandlers.ofString()).statusCode() == 200) {
                    return;
                }
            } catch (IOException notYet) {
                Thread.sleep(10);
            }
        }
    }

    /**
     * From the Enter key to the frame in which the section shows what the reading says, measured inside the page: saved
     * on disk, computed, answered and drawn. The reading is then undone and typed again.
     */
    private static void redraw(RunningApp app) {
        long job = RunningApp.JSON
                .readTree(app.post("/api/jobs", """
                        {"engine": {"name": "Gannet", "layout": "INLINE", "banks": [{"side": "ONLY", "cylinders": [1,2,3,4,5,6,7,8]}],
                          "boreMm": 86, "strokeMm": 86, "compressionRatio": 10}, "job": {"date": "2026-11-03"}}""").body())
                .at("/job/id")
                .asLong();
        double[] ms = new double[60];
        try (Browser browser = new Browser()) {
            Page page = browser.open(app.url("/jobs/" + job));
            page.waitForSelector("input[data-readings]");
            for (String sound : new String[] {"1200", "1190", "1210", "1180", "1220", "1200", "1195"}) {
                page.keyboard().type(sound);
                page.keyboard().press("Enter");
            }
            for (int i = -10; i < ms.length; i++) {
                page.waitForFunction(
                        "() => document.querySelector('svg[data-section] title').textContent.includes('Cylinder 8: Not')");
                page.locator("button[aria-label='Cylinder 8, not read'], input[aria-label$='cylinder 8']")
                        .click();
                page.keyboard().type(Integer.toString(700 + i));
                page.evaluate("""
                        () => { window.drawn = new Promise(done => {
                          const title = document.querySelector('svg[data-section] title');
                          const observer = new MutationObserver(() => {
                            if (title.textContent.includes('Cylinder 8: Not')) return;
                            observer.disconnect();
                            requestAnimationFrame(() => done(performance.now() - window.pressed)); });
                          observer.observe(title, { childList: true, characterData: true, subtree: true });
                          document.addEventListener('keydown', () => { window.pressed = performance.now(); }, { once: true, capture: true });
                        }) }""");
                page.keyboard().press("Enter");
                double took = ((Number) page.evaluate("() => window.drawn")).doubleValue();
                if (i >= 0) {
                    ms[i] = took;
                }
                page.keyboard().press("u");
            }
        }
        print("reading typed to section and verdict drawn, 8 cylinders (target 300 ms)", ms, "ms");
    }

    /** The report of a job that is looked at: the first since the start, and each again. */
    private static void report(RunningApp app) throws IOException {
        app.text("/api/jobs/1/report");
        print("the first report as a PDF since the start (target 2000 ms)", new double[] {pdf(app, 1)}, "ms");
        double[] ms = new double[DEMO_JOBS];
        for (int job = 1; job <= DEMO_JOBS; job++) {
            app.text("/api/jobs/" + job + "/report");
            ms[job - 1] = pdf(app, job);
        }
        print("report of a demo job as a PDF (target 2000 ms)", ms, "ms");
    }

    private static double pdf(RunningApp app, int job) throws IOException {
        long from = System.nanoTime();
        try (InputStream in =
                URI.create(app.url("/api/jobs/" + job + "/report.pdf")).toURL().openStream()) {
            in.readAllBytes();
        }
        return (System.nanoTime() - from) / 1e6;
    }

    private static void list(RunningApp app) {
        for (int i = 0; i < JOBS; i++) {
            app.post(
                    "/api/jobs",
                    "{\"engineId\": " + (1 + i % 8) + ", \"job\": {\"date\": \"2025-0" + (1 + i % 9)
                            + "-11\", \"complaint\": \"job " + i + "\", \"technician\": \"R. Quill\"}}");
        }
        double[] first = new double[100];
        double[] all = new double[100];
        double[] search = new double[100];
        for (int i = -20; i < first.length; i++) {
            double a = timed(app, "/api/jobs");
            double b = timed(app, "/api/jobs?limit=6000");
            double c = timed(app, "/api/jobs?search=job+49");
            if (i >= 0) {
                first[i] = a;
                all[i] = b;
                search[i] = c;
            }
        }
        print("list of 5,000 jobs, first hundred (target 100 ms)", first, "ms");
        print("list of 5,000 jobs, all of them (target 100 ms)", all, "ms");
        print("list of 5,000 jobs, searched (target 100 ms)", search, "ms");
    }

    private static double timed(RunningApp app, String path) {
        long from = System.nanoTime();
        app.text(path);
        return (System.nanoTime() - from) / 1e6;
    }

    private static void bundle() throws IOException {
        long bytes = 0;
        try (Stream<Path> files = Files.walk(Path.of("../web/target/classes/static"))) {
            for (Path file : files.filter(f -> f.toString().matches(".*\\.(js|css|html|svg)"))
                    .toList()) {
                ByteArrayOutputStream zipped = new ByteArrayOutputStream();
                try (GZIPOutputStream gzip = new GZIPOutputStream(zipped)) {
                    Files.copy(file, gzip);
                }
                bytes += zipped.size();
            }
        }
        System.out.printf(
                Locale.ROOT, "%-62s %7.0f kB%n", "web bundle gzipped, without fonts (target 250 kB)", bytes / 1000.0);
    }

    private static void print(String what, double[] values, String unit) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        System.out.printf(
                Locale.ROOT,
                "%-62s %7.2f %-2s %7.2f %-2s%n",
                what,
                sorted[sorted.length / 2],
                unit,
                sorted[(int) Math.ceil(sorted.length * 0.95) - 1],
                unit);
    }
}
