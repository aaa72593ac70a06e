package silentotter.app;

import static org.assertj.core.api.Assertions.assertThat;
import static silentotter.app.Server.json;

import java.net.http.HttpResponse;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Files in and out: read in one way or refused, of a stated size, and nobody waits for somebody else's. */
class FilesTest {
    private static final int MOST = 50_000;

    private static Server server;

    @BeforeAll
    static void start() {
        server = Server.shared();
    }

    private static HttpResponse<String> csv(long job, String text) {
        return server.send("POST", readings(job), "text/csv", text);
    }

    private static String readings(long job) {
        return "/api/jobs/" + job + "/compression/readings.csv";
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "kind,cylinder,pressure~DRY,1,1200.5           | 1200.5",
                "kind;cylinder;pressure~DRY;1;1200,5           | 1200.5",
                "kind;cylinder;pressure~DRY;1;1172,109         | 1172.109",
                "kind,cylinder,pressure~DRY,1,1172.109         | 1172.109",
                "kind\tcylinder\tpressure\tunit~DRY\t1\t12,5\tbar | 1250",
                "kind,cylinder,pressure,unit~DRY,1,\"12,5\",bar | 1250"
            })
    void separatorsAndDecimalCommasAreRecognised(String text, double kPa) {
        long job = server.newJob();
        HttpResponse<String> answer = csv(job, text.replace('~', '\n'));
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(201);
        assertThat(server.sheet(job).at("/passes/1/readings/0/strokesKPa/0").asDouble())
                .isEqualTo(kPa);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "kind,cylinder,pressure~DRY,1,\"1,234\"   | line 2 | two ways",
                "kind;cylinder;pressure~DRY;1;1.234       | line 2 | two ways",
                "kind,cylinder,pressure~DRY,1.9,1200      | line 2 | whole number",
                "kind,cylinder,pressure~DRY,1,12 00       | line 2 | must be a number",
                "kind,,pressure~DRY,1,1200                | line 1 | name",
                "kind,kind,pressure~DRY,1,1200            | line 1 | cylinder",
                "kind,cylinder,pressure~DRY,9,1200        | line 2 | does not exist",
                "kind,cylinder,pressure,oil_ml~DRY,1,1200,5 | line 2 | wet pass",
                "kind,cylinder,pressure,oil_ml~WET,1,1200,40 | line 2 | clearance",
                "kind,cylinder,pressure,taken_at~DRY,1,1200,yesterday | line 2 | moment"
            })
    void whatCanBeReadInTwoWaysOrInNoneIsRefusedAtItsLine(String text, String line, String words) {
        long job = server.newJob();
        HttpResponse<String> answer = csv(job, text.replace('~', '\n'));
        assertThat(answer.statusCode()).isEqualTo(400);
        assertThat(json(answer).at("/errors/0/field").asString()).isEqualTo(line);
        assertThat(json(answer).at("/errors/0/message").asString()).contains(words);
        assertThat(server.sheet(job).at("/passes").size()).isEqualTo(1);
    }

    @Test
    void anotherEncodingIsRefusedAndUtf16WithItsMarkIsRead() {
        long job = server.newJob();
        String text = "kind,cylinder,pressure,set_aside\nDRY,1,1200,Zündung\n";
        assertThat(server.sendBytes(readings(job), "text/csv", text.getBytes(Charset.forName("windows-1252")))
                        .statusCode())
                .isEqualTo(400);
        assertThat(server.sendBytes(readings(job), "text/csv", ("\uFEFF" + text).getBytes(StandardCharsets.UTF_16LE))
                        .statusCode())
                .isEqualTo(201);
        assertThat(server.sheet(job).at("/passes/1/readings/0/setAside").asString())
                .isEqualTo("Zündung");
    }

    @Test
    void noCellIsAFormulaAndItComesBackAsItWas() {
        long job = server.newJob();
        csv(job, "kind,cylinder,pressure,set_aside\nDRY,1,1200,=1+1\nDRY,2,1200,'-2\n");
        String file = server.get(readings(job)).body();
        assertThat(file).contains(",'=1+1,").contains(",'-2,").doesNotContain(",=1");
        long again = server.newJob();
        csv(again, file);
        assertThat(server.sheet(again).at("/passes/1/readings/0/setAside").asString())
                .isEqualTo("=1+1");
        assertThat(server.sheet(again).at("/passes/1/readings/1/setAside").asString())
                .isEqualTo("-2");
    }

    @Test
    void tooMuchIsRefusedAtOnce() {
        long job = server.newJob();
        assertThat(server.post("/api/jobs/" + job + "/service", " ".repeat(300_000))
                        .statusCode())
                .isEqualTo(413);
        assertThat(server.sendChunked(
                                "/api/jobs/" + job + "/service",
                                "application/json",
                                " ".repeat(300_000).getBytes())
                        .statusCode())
                .as("without a stated length")
                .isEqualTo(411);
        assertThat(csv(job, "kind,cylinder,pressure\n" + "DRY,1,1200\n".repeat(MOST + 1))
                        .statusCode())
                .isEqualTo(400);
        long reading = json(server.read(job, server.firstPass(job), 1, 900))
                .at("/passes/0/readings/0/id")
                .asLong();
        assertThat(server.put(
                                "/api/jobs/" + job + "/compression/readings/" + reading + "/set-aside",
                                "{\"reason\": \"" + "x".repeat(5000) + "\"}")
                        .statusCode())
                .isEqualTo(400);
    }

    /** At the stated limit; meanwhile another window reads and writes and is never refused. */
    @Test
    void fiftyThousandReadingsComeInWhileOthersWorkAndCanBeGivenUp() throws Exception {
        long other = server.newJob();
        long pass = server.firstPass(other);
        StringBuilder text = new StringBuilder("kind,cylinder,attempt,pressure\n");
        for (int i = 0; i < MOST; i++) {
            text.append(String.format(Locale.ROOT, "DRY,%d,%d,%d%n", i % 4 + 1, i / 4 + 1, 1150 + i % 90));
        }
        long givenUp = server.newJob();
        CompletableFuture<HttpResponse<String>> abandoned = CompletableFuture.supplyAsync(
                () -> server.send("POST", readings(givenUp) + "?progress=up", "text/csv", text.toString()));
        while (server.get("/api/progress/up").statusCode() != 200 && !abandoned.isDone()) {
            Thread.sleep(5);
        }
        server.send("DELETE", "/api/progress/up", null, null);
        assertThat(abandoned.get().statusCode()).isIn(409, 201);
        assertThat(server.sheet(givenUp).at("/passes").size())
                .isEqualTo(abandoned.get().statusCode() == 409 ? 1 : 2);

        long job = server.newJob();
        CompletableFuture<HttpResponse<String>> load = CompletableFuture.supplyAsync(() -> csv(job, text.toString()));
        AtomicInteger worked = new AtomicInteger();
        while (!load.isDone()) {
            assertThat(server.get("/api/jobs/" + other + "/sheet").statusCode()).isEqualTo(200);
            assertThat(server.read(other, pass, 1, 1000 + worked.incrementAndGet())
                            .statusCode())
                    .isEqualTo(200);
        }
        assertThat(load.get().statusCode()).isEqualTo(201);
        assertThat(server.sheet(other).at("/passes/0/readings").size()).isEqualTo(worked.get());
        JsonNode sheet = server.sheet(job);
        assertThat(sheet.at("/passes/1/readings").size()).isEqualTo(MOST);
        assertThat(sheet.at("/notComputed").size()).isZero();

        String file = server.get("/api/jobs/" + job + "/case-file").body();
        HttpResponse<String> loaded = server.post("/api/case-files", file);
        assertThat(loaded.statusCode()).isEqualTo(201);
        assertThat(server.sheet(json(loaded).at("/jobIds/0").asLong())
                        .at("/passes/1/readings")
                        .size())
                .isEqualTo(MOST);
    }
}
