package silentotter.app;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
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
                                "--otter.describe=true"));
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
