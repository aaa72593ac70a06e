package silentotter.app;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Collection;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The real application on a free port with a folder of its own, spoken to over HTTP. */
final class Server implements AutoCloseable {
    static final JsonMapper JSON = JsonMapper.builder().build();

    final Path data;
    private final ConfigurableApplicationContext context;
    private final HttpClient http = HttpClient.newHttpClient();

    private Server(Path data, ConfigurableApplicationContext context) {
        this.data = data;
        this.context = context;
    }

    private static Server plain;
    private static Server demo;

    /** One server for all tests that each work on jobs of their own; it ends with the tests. */
    static synchronized Server shared() {
        plain = plain != null ? plain : forAll(false);
        return plain;
    }

    /** The same with the demo data, which no test changes. */
    static synchronized Server sharedDemo() {
        demo = demo != null ? demo : forAll(true);
        return demo;
    }

    private static Server forAll(boolean demo) {
        try {
            return start(demo);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static Server start(boolean demo) throws IOException {
        return start(Files.createTempDirectory("silent-otter"), demo);
    }

    /** On a folder that may hold something already. */
    static Server start(Path data) {
        return start(data, false);
    }

    private static Server start(Path data, boolean demo) {
        return new Server(
                data,
                new SpringApplicationBuilder(SilentOtter.class)
                        .run(
                                "--server.port=0",
                                "--otter.data=" + data,
                                "--otter.demo=" + demo,
                                "--springdoc.api-docs.path=/api/description",
                                "--springdoc.paths-to-match=/api/**",
                                "--springdoc.paths-to-exclude=/api/jobs/*/events,/api/shop/instruments/live,/api/ready",
                                "--springdoc.default-produces-media-type=application/json",
                                "--springdoc.writer-with-order-by-keys=true"));
    }

    /** What Spring has found of a kind. */
    <T> Collection<T> beans(Class<T> kind) {
        return context.getBeansOfType(kind).values();
    }

    HttpResponse<String> undo(long jobId) {
        return post("/api/jobs/" + jobId + "/undo", change(sheet(jobId), "undo"));
    }

    HttpResponse<String> redo(long jobId) {
        return post("/api/jobs/" + jobId + "/redo", change(sheet(jobId), "redo"));
    }

    private static String change(JsonNode sheet, String which) {
        return "{\"changeId\": " + sheet.at("/" + which + "/id").asLong() + "}";
    }

    int port() {
        return Integer.parseInt(context.getEnvironment().getProperty("local.server.port"));
    }

    URI uri(String path) {
        return URI.create("http://127.0.0.1:" + port() + path);
    }

    HttpResponse<String> send(String method, String path, String type, String body) {
        return exchange(
                method,
                path,
                type,
                body == null ? HttpRequest.BodyPublishers.noBody() : HttpRequest.BodyPublishers.ofString(body));
    }

    HttpResponse<String> sendBytes(String path, String type, byte[] body) {
        return exchange("POST", path, type, HttpRequest.BodyPublishers.ofByteArray(body));
    }

    /** Without saying how long it will be. */
    HttpResponse<String> sendChunked(String path, String type, byte[] body) {
        return exchange(
                "POST", path, type, HttpRequest.BodyPublishers.ofInputStream(() -> new ByteArrayInputStream(body)));
    }

    private HttpResponse<String> exchange(
            String method, String path, String type, HttpRequest.BodyPublisher publisher) {
        try {
            HttpRequest.Builder request = HttpRequest.newBuilder(uri(path))
                    .timeout(Duration.ofSeconds(60))
                    .method(method, publisher);
            if (type != null) {
                request.header("Content-Type", type);
            }
            return http.send(request.build(), HttpResponse.BodyHandlers.ofString());
        } catch (IOException e) {
            throw new IllegalStateException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    HttpResponse<String> post(String path, String json) {
        return send("POST", path, "application/json", json);
    }

    HttpResponse<String> put(String path, String json) {
        return send("PUT", path, "application/json", json);
    }

    HttpResponse<String> get(String path) {
        return send("GET", path, null, null);
    }

    /** With sentences in other units. */
    String getIn(String units, String path) {
        try {
            HttpRequest request = HttpRequest.newBuilder(uri(path))
                    .header("Otter-Units", units)
                    .build();
            return http.send(request, HttpResponse.BodyHandlers.ofString()).body();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** The data of the first events of a stream of them. */
    List<String> events(String path, int count) throws IOException, InterruptedException {
        HttpResponse<Stream<String>> response =
                http.send(HttpRequest.newBuilder(uri(path)).build(), HttpResponse.BodyHandlers.ofLines());
        try (Stream<String> lines = response.body()) {
            return lines.filter(l -> l.startsWith("data:"))
                    .map(l -> l.substring("data:".length()))
                    .limit(count)
                    .toList();
        }
    }

    static JsonNode json(HttpResponse<String> response) {
        return JSON.readTree(response.body());
    }

    /** A job on a new in-line four; returns the id of the job. */
    long newJob() {
        return json(post("/api/jobs", """
                {"engine": {"name": "Tarn", "layout": "INLINE", "banks": [{"side": "ONLY", "cylinders": [1,2,3,4]}],
                  "boreMm": 86, "strokeMm": 86, "compressionRatio": 10}, "job": {"date": "2026-11-03"}}""")).at("/job/id").asLong();
    }

    JsonNode sheet(long jobId) {
        return json(get("/api/jobs/" + jobId + "/sheet"));
    }

    long firstPass(long jobId) {
        return sheet(jobId).at("/passes/0/id").asLong();
    }

    HttpResponse<String> read(long jobId, long passId, int cylinder, double kPa) {
        return post(
                "/api/jobs/" + jobId + "/compression/passes/" + passId + "/readings",
                "{\"cylinder\": " + cylinder + ", \"strokesKPa\": [" + kPa + "], \"finalOnly\": true}");
    }

    @Override
    public void close() {
        context.close();
    }
}
