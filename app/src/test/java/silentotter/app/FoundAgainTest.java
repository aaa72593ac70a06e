package silentotter.app;

import static org.assertj.core.api.Assertions.assertThat;
import static silentotter.app.Server.json;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Jobs and engines found again, merged, taken away and deleted; on the demo shop. */
class FoundAgainTest {
    private static Server server;

    @BeforeAll
    static void start() throws IOException {
        server = Server.start(true);
    }

    @AfterAll
    static void stop() {
        server.close();
    }

    private static JsonNode jobs(String query) {
        return json(server.get("/api/jobs?limit=1000&" + query));
    }

    @Test
    void aPageBeyondTheLastSaysHowManyThereAre() {
        JsonNode all = json(server.get("/api/jobs?technician=M.%20Aske"));
        JsonNode beyond = json(server.get("/api/jobs?technician=M.%20Aske&offset=500"));
        assertThat(beyond.at("/jobs").size()).isZero();
        assertThat(beyond.at("/total")).isEqualTo(all.at("/total"));
        JsonNode second = json(server.get("/api/jobs?technician=M.%20Aske&limit=1&offset=1"));
        assertThat(second.at("/jobs/0")).isEqualTo(all.at("/jobs/1"));
        assertThat(json(server.get("/api/jobs?offset=500")).at("/total"))
                .isEqualTo(json(server.get("/api/jobs")).at("/total"));
        assertThat(json(server.get("/api/jobs?search=100%25_")).at("/total").asInt())
                .isZero();
    }

    @ParameterizedTest
    @CsvSource({
        "fault=VALVE_LEAK, headline, valve",
        "technician=M.%20Aske, technician, M. Aske",
        "family=Heron%2066%20diesel, engineName, Heron 66",
        "from=2026-11-01&to=2026-11-05, date, 2026-11-0",
        "search=Kelp, engineName, Kelp"
    })
    void aFilterLeavesOnlyWhatItAsksFor(String query, String field, String holds) {
        JsonNode found = jobs(query);
        assertThat(found.at("/total").asInt())
                .isBetween(1, jobs("").at("/total").asInt() - 1);
        for (JsonNode job : found.at("/jobs")) {
            assertThat(job.at("/" + field).asString().toLowerCase()).contains(holds.toLowerCase());
        }
    }

    @Test
    void filtersGoTogetherAndTheirOppositesMakeTheWhole() {
        int all = jobs("").at("/total").asInt();
        assertThat(jobs("outcome=true").at("/total").asInt()).isEqualTo(20);
        assertThat(jobs("outcome=false").at("/total").asInt()).isEqualTo(all - 20);
        assertThat(jobs("open=true").at("/total").asInt()
                        + jobs("open=false").at("/total").asInt())
                .isEqualTo(all);
        assertThat(jobs("due=true").at("/total").asInt()).isBetween(1, all - 1);
        assertThat(jobs("outcome=true&technician=M.%20Aske").at("/total").asInt())
                .isEqualTo(3);
        assertThat(json(server.get("/api/jobs/known")).toString()).contains("M. Aske", "Tarn 22 petrol");
    }

    @Test
    void aDayThatIsNoneIsRefusedAtItsField() {
        HttpResponse<String> answer = server.get("/api/jobs?from=yesterday");
        assertThat(answer.statusCode()).isEqualTo(400);
        assertThat(json(answer).at("/errors/0/field").asString()).isEqualTo("from");
        assertThat(server.get("/api/jobs?fault=GREMLINS").statusCode()).isEqualTo(400);
    }

    @Test
    void aFamilySaysWhatFailsOnItAndAtWhatHours() {
        JsonNode family = json(server.get("/api/families/Tarn%2022%20petrol"));
        assertThat(family.at("/engines").size()).isEqualTo(4);
        assertThat(family.at("/failed/0/fault").asString()).isEqualTo("exhaust valve");
        assertThat(family.at("/failed/0/times").asInt()).isEqualTo(4);
        assertThat(family.at("/failed/0/engines").asInt()).isEqualTo(3);
        assertThat(family.at("/failed/0/at/0/hours").asDouble()).isEqualTo(1990);
        assertThat(server.get("/api/families/Nobody").statusCode()).isEqualTo(404);
    }

    @Test
    void anEngineEnteredTwiceIsMergedAndComesApartAgain() {
        long one = server.newJob();
        long other = server.newJob();
        server.read(one, server.firstPass(one), 1, 1290);
        long from = server.sheet(one).at("/engine/id").asLong();
        long into = server.sheet(other).at("/engine/id").asLong();
        server.post(
                "/api/jobs/" + one + "/service",
                "{\"date\": \"2026-05-01\", \"kind\": \"REPAIR\", \"what\": \"rings\"}");

        assertThat(server.post("/api/jobs/" + one + "/engine/merge", "{\"into\": " + into + "}")
                        .statusCode())
                .isEqualTo(200);
        JsonNode life = json(server.get("/api/engines/" + into + "/life"));
        assertThat(life.at("/jobs").size()).isEqualTo(2);
        assertThat(life.at("/changes").toString()).contains("rings");
        assertThat(json(server.get("/api/engines")).toString()).doesNotContain("\"id\":" + from + ",");

        server.undo(one);
        assertThat(json(server.get("/api/engines/" + into + "/life"))
                        .at("/jobs")
                        .size())
                .isEqualTo(1);
        assertThat(server.sheet(one).at("/engine/id").asLong()).isEqualTo(from);
        assertThat(server.sheet(one).at("/service").size()).isEqualTo(1);

        assertThat(server.post("/api/jobs/" + one + "/engine/merge", "{\"into\": " + from + "}")
                        .statusCode())
                .isEqualTo(400);
        long six = json(server.get("/api/jobs?search=Merle"))
                .at("/jobs/0/engineId")
                .asLong();
        assertThat(json(server.post("/api/jobs/" + one + "/engine/merge", "{\"into\": " + six + "}"))
                        .at("/errors/0/message")
                        .asString())
                .contains("cannot be the same engine");
    }

    @Test
    void whatIsDeletedIsGoneWithAllThatBelongsToIt() throws Exception {
        try (Server own = Server.start(false)) {
            long job = own.newJob();
            own.read(job, own.firstPass(job), 1, 1290);
            own.send(
                    "PATCH",
                    "/api/jobs/" + job + "/examination/found",
                    "application/json",
                    "{\"cylinders\": {\"1\": {\"rings\": \"FREE\"}}}");
            JsonNode engine = own.sheet(job).at("/engine");
            long id = engine.at("/id").asLong();
            String name = engine.at("/engine/name").asString().replace(" ", "%20");

            assertThat(own.send("DELETE", "/api/engines/" + id + "?name=Another", null, null)
                            .statusCode())
                    .isEqualTo(400);
            assertThat(own.get("/api/jobs/" + job + "/sheet").statusCode()).isEqualTo(200);
            assertThat(own.send("DELETE", "/api/engines/" + id + "?name=" + name, null, null)
                            .statusCode())
                    .isEqualTo(204);
            assertThat(own.get("/api/jobs/" + job + "/sheet").statusCode()).isEqualTo(404);
            assertThat(json(own.get("/api/jobs")).at("/total").asInt()).isZero();
            assertThat(json(own.get("/api/shop/record")).at("/jobs").size()).isZero();
            // The shop goes on; and what was merged into an engine goes with it.
            long next = own.newJob();
            long twice = own.newJob();
            long into = own.sheet(next).at("/engine/id").asLong();
            own.post("/api/jobs/" + twice + "/engine/merge", "{\"into\": " + into + "}");
            assertThat(own.send("DELETE", "/api/engines/" + into + "?name=" + name, null, null)
                            .statusCode())
                    .isEqualTo(204);
            assertThat(json(own.get("/api/engines")).size()).isZero();
            next = own.newJob();
            assertThat(own.read(next, own.firstPass(next), 1, 1290).statusCode())
                    .isEqualTo(200);
        }
    }

    @Test
    void everythingGoesOutInOpenForms() throws Exception {
        byte[] zip = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(
                                        server.uri("/api/shop/export.zip").toString()))
                                .build(),
                        HttpResponse.BodyHandlers.ofByteArray())
                .body();
        List<String> names = new ArrayList<>();
        Path database = Files.createTempFile("export", ".db");
        String caseFile = "";
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry e = in.getNextEntry(); e != null; e = in.getNextEntry()) {
                names.add(e.getName());
                byte[] content = in.readAllBytes();
                if (e.getName().endsWith(".db")) {
                    Files.write(database, content);
                } else if (e.getName().endsWith(".case.json") && e.getName().contains("No-1-taxi")
                        || e.getName().endsWith(".case.json") && caseFile.isEmpty()) {
                    caseFile = new String(content, StandardCharsets.UTF_8);
                }
            }
        }
        assertThat(names).contains("csv/jobs.csv", "README.txt").doesNotHaveDuplicates();
        assertThat(names.stream().filter(n -> n.endsWith(".case.json")).count())
                .isEqualTo(json(server.get("/api/engines")).size());
        assertThat(names).anyMatch(n -> n.endsWith("-leakdown.csv"));
        try (Server elsewhere = Server.start(false)) {
            assertThat(elsewhere.post("/api/case-files", caseFile).statusCode()).isEqualTo(201);
        }
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + database);
                ResultSet rows = connection.createStatement().executeQuery("select count(*) from prediction")) {
            assertThat(rows.getInt(1)).isEqualTo(20);
        }
    }

    @Test
    void theSheetsThatAreHandedOverArePdfs() {
        long engine = jobs("search=No.%201%20taxi").at("/jobs/0/engineId").asLong();
        JsonNode visits = json(server.get("/api/engines/" + engine + "/life")).at("/visits");
        HttpResponse<String> before = server.get("/api/engines/" + engine + "/comparison.pdf?before="
                + visits.at("/1/job").asLong() + "&after=" + visits.at("/2/job").asLong());
        assertThat(before.statusCode()).isEqualTo(200);
        assertThat(before.body()).startsWith("%PDF");
        HttpResponse<String> found =
                server.get("/api/jobs/" + visits.at("/1/job").asLong() + "/found.pdf?paper=LETTER");
        assertThat(found.body()).startsWith("%PDF");
        assertThat(found.headers().firstValue("Content-Disposition").orElse("")).contains("-found.pdf");
    }
}
