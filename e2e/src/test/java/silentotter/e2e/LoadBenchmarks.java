package silentotter.e2e;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;

/** Many windows at once, and a large file: printed with what was aimed at, never asserted. Loopback only. */
final class LoadBenchmarks {
    private static final int CLIENTS = 50;
    private static final int JOBS = 20;
    private static final Duration LASTS = Duration.ofMinutes(1);
    private static final int READINGS = 50_000;

    private LoadBenchmarks() {}

    static void run() throws Exception {
        try (RunningApp app = RunningApp.start(false)) {
            clients(app);
        }
        try (RunningApp app = RunningApp.start(false)) {
            importing(app);
        }
    }

    private record Took(List<Double> readings, List<Double> sheets) {}

    private static long newJob(RunningApp app) {
        return RunningApp.JSON
                .readTree(app.post("/api/jobs", """
                        {"engine": {"name": "Gannet", "layout": "INLINE", "banks": [{"side": "ONLY", "cylinders": [1,2,3,4]}],
                          "boreMm": 86, "strokeMm": 86, "compressionRatio": 10}, "job": {"date": "2026-11-03"}}""").body())
                .at("/job/id")
                .asLong();
    }

    private static void clients(RunningApp app) throws Exception {
        List<Long> jobs = new ArrayList<>();
        for (int i = 0; i < JOBS; i++) {
            jobs.add(newJob(app));
        }
        AtomicInteger errors = new AtomicInteger();
        ExecutorService windows = Executors.newFixedThreadPool(CLIENTS);
        long until = System.nanoTime() + LASTS.toNanos();
        List<Future<Took>> running = new ArrayList<>();
        for (int c = 0; c < CLIENTS; c++) {
            long job = jobs.get(c % JOBS);
            int client = c;
            running.add(windows.submit(() -> work(app, job, client, until, errors)));
        }
        Took all = new Took(new ArrayList<>(), new ArrayList<>());
        for (Future<Took> each : running) {
            all.readings().addAll(each.get().readings());
            all.sheets().addAll(each.get().sheets());
        }
        windows.shutdown();
        System.out.printf(
                "%n%d clients on %d jobs for %d s (aim 60 / 250 / 500 ms, no errors)%n",
                CLIENTS, JOBS, LASTS.toSeconds());
        print("reading acknowledged", all.readings());
        print("sheet opened", all.sheets());
        System.out.printf(
                Locale.ROOT, "%-30s %d, resident memory %d MB%n", "errors", errors.get(), app.residentMegabytes());
    }

    /** Types a reading, opens the sheet, thinks a moment, as a person with a gauge does, only much faster. */
    private static Took work(RunningApp app, long job, int client, long until, AtomicInteger errors) throws Exception {
        HttpClient http = HttpClient.newHttpClient();
        Random random = new Random(client);
        Took took = new Took(new ArrayList<>(), new ArrayList<>());
        long pass = app.get("/api/jobs/" + job + "/sheet").at("/passes/0/id").asLong();
        while (System.nanoTime() < until) {
            HttpRequest reading = HttpRequest.newBuilder(
                            URI.create(app.url("/api/jobs/" + job + "/compression/passes/" + pass + "/readings")))
                    .header("Content-Type", "application/json")
                    .POST(HttpRequest.BodyPublishers.ofString("{\"cylinder\": " + (1 + random.nextInt(4))
                            + ", \"strokesKPa\": [" + (1000 + random.nextInt(200)) + "], \"finalOnly\": true}"))
                    .build();
            took.readings().add(timed(http, reading, errors));
            took.sheets()
                    .add(timed(
                            http,
                            HttpRequest.newBuilder(URI.create(app.url("/api/jobs/" + job + "/sheet")))
                                    .build(),
                            errors));
            Thread.sleep(800 + random.nextInt(400));
        }
        return took;
    }

    private static double timed(HttpClient http, HttpRequest request, AtomicInteger errors)
            throws IOException, InterruptedException {
        long from = System.nanoTime();
        HttpResponse<String> answer = http.send(request, HttpResponse.BodyHandlers.ofString());
        if (answer.statusCode() != 200) {
            errors.incrementAndGet();
        }
        return (System.nanoTime() - from) / 1e6;
    }

    private static void print(String what, List<Double> values) {
        Collections.sort(values);
        System.out.printf(
                Locale.ROOT,
                "%-30s p50 %.0f, p95 %.0f, p99 %.0f ms of %d%n",
                what,
                at(values, 0.5),
                at(values, 0.95),
                at(values, 0.99),
                values.size());
    }

    private static double at(List<Double> sorted, double share) {
        return sorted.get((int) Math.min(sorted.size() - 1L, Math.round(share * sorted.size())));
    }

    private static void importing(RunningApp app) throws Exception {
        long job = newJob(app);
        StringBuilder csv = new StringBuilder("kind,cylinder,attempt,pressure\n");
        for (int i = 0; i < READINGS; i++) {
            csv.append("DRY,")
                    .append(i % 4 + 1)
                    .append(',')
                    .append(i / 4 + 1)
                    .append(',')
                    .append(1150 + i % 90)
                    .append('\n');
        }
        String path = "/api/jobs/" + job + "/compression/readings.csv";
        seconds("50,000 readings from CSV", app, path, "text/csv", csv.toString());
        String file = app.text("/api/jobs/" + job + "/case-file");
        seconds("50,000 readings from a case file (target 5 s)", app, "/api/case-files", "application/json", file);
        System.out.printf(Locale.ROOT, "%-62s %7.1f MB%n", "the case file", file.length() / 1e6);
    }

    private static void seconds(String what, RunningApp app, String path, String type, String body) {
        long from = System.nanoTime();
        int status = app.send(HttpRequest.newBuilder(URI.create(app.url(path)))
                        .header("Content-Type", type)
                        .POST(HttpRequest.BodyPublishers.ofString(body)))
                .statusCode();
        System.out.printf(Locale.ROOT, "%-62s %7.2f s (%d)%n", what, (System.nanoTime() - from) / 1e9, status);
    }
}
