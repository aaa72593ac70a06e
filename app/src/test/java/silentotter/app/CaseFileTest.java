package silentotter.app;

import static org.assertj.core.api.Assertions.assertThat;
import static silentotter.app.Server.json;

import java.net.http.HttpResponse;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

class CaseFileTest {
    private static Server server;

    @BeforeAll
    static void start() {
        server = Server.sharedDemo();
    }

    private static int jobs() {
        return json(server.get("/api/jobs")).at("/total").asInt();
    }

    /** A file holds the jobs of an engine in the order of their days. */
    private static int placeInFile(JsonNode line) {
        JsonNode visits = json(server.get("/api/engines/" + line.at("/engineId").asLong() + "/life"))
                .at("/visits");
        for (int i = 0; i < visits.size(); i++) {
            if (visits.get(i).at("/job").asLong() == line.at("/id").asLong()) {
                return i;
            }
        }
        throw new AssertionError("no such job of its engine: " + line);
    }

    @Test
    void everyDemoCaseComesBackTheSame() {
        for (JsonNode line : json(server.get("/api/jobs")).at("/jobs")) {
            String file = server.get("/api/jobs/" + line.at("/id").asLong() + "/case-file")
                    .body();
            HttpResponse<String> loaded = server.post("/api/case-files", file);
            assertThat(loaded.statusCode()).isEqualTo(201);
            long copy = json(loaded).at("/jobIds/" + placeInFile(line)).asLong();
            assertThat(server.get("/api/jobs/" + copy + "/case-file").body()).isEqualTo(file);
            assertThat(server.sheet(copy).at("/diagnosis"))
                    .isEqualTo(server.sheet(line.at("/id").asLong()).at("/diagnosis"));
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"version\" : 4                 | \"version\" : 7                | version",
                "\"shade\" : \"TAN\"             | \"shade\" : \"PINK\"            | jobs[0].examination.plugs.plugs[1].shade",
                "\"gapMm\" : 0.95               | \"gapMm\" : 95                 | jobs[0].examination.plugs.plugs.1.gapMm",
                "\"hours\" : 4102.0             | \"hours\" : -3                 | service[0].hours",
                "\"boreMm\" : 86.0               | \"boreMm\" : \"wide\"          | engine.boreMm",
                "\"boreMm\" : 86.0               | \"boreMm\" : 8600              | engine.boreMm",
                "\"date\" : \"2026-11-03\"       | \"date\" : \"2026-13-03\"      | jobs[0].job.date",
                "\"cylinder\" : 2                | \"cylinder\" : 9               | jobs[0].compression[0].readings[1].cylinder",
                "\"finalOnly\" : false           | \"finalOnl\" : false           | jobs[0].compression[0].readings[0]"
            })
    void aWrongFileIsNamedWhereItIsWrongAndChangesNothing(String from, String to, String field) {
        String file = server.get("/api/jobs/1/case-file").body();
        assertThat(file).contains(from);
        int before = jobs();
        HttpResponse<String> answer = server.post("/api/case-files", file.replaceFirst(from.replace("\"", "\\\""), to));
        assertThat(answer.statusCode()).isEqualTo(400);
        assertThat(json(answer).at("/errors/0/field").asString()).isEqualTo(field);
        assertThat(jobs()).isEqualTo(before);
    }

    @Test
    void filesOfVersionOneStillLoad() {
        long job = json(server.post("/api/case-files", """
                {"format": "silent-otter-case", "version": 1,
                 "engine": {"name": "Gannet", "layout": "INLINE", "banks": [{"side": "ONLY", "cylinders": [1, 2]}]},
                 "jobs": [{"job": {"date": "2026-11-03"}, "compression": [{"kind": "DRY", "conditions": {}, "readings":
                  [{"cylinder": 1, "strokesKPa": [900.0], "finalOnly": true, "takenAt": "2026-11-03T09:00:00Z"}]}]}]}""")).at("/jobIds/0").asLong();
        assertThat(server.sheet(job).at("/passes/0/readings").size()).isEqualTo(1);
        assertThat(json(server.get("/api/jobs/" + job + "/case-file"))
                        .at("/version")
                        .asInt())
                .isEqualTo(4);
    }

    @Test
    void whatIsNoJsonIsSaidWithItsLine() {
        JsonNode problem = json(server.post("/api/case-files", "{\n  \"format\": oops\n}"));
        assertThat(problem.at("/errors/0/field").asString()).isEqualTo("line 2");
    }

    @Test
    void readingsComeBackThroughCsv() {
        long job = json(server.post(
                        "/api/case-files", server.get("/api/jobs/1/case-file").body()))
                .at("/jobIds/0")
                .asLong();
        String csv = server.get("/api/jobs/1/compression/readings.csv").body();
        HttpResponse<String> loaded = server.send(
                "POST",
                "/api/jobs/" + job + "/compression/readings.csv",
                "text/csv",
                csv.lines().filter(l -> !l.contains("WET")).reduce("", (a, b) -> a + b + "\n"));
        assertThat(loaded.statusCode()).isEqualTo(201);
        JsonNode passes = server.sheet(job).at("/passes");
        assertThat(passes.size()).isEqualTo(3);
        assertThat(passes.at("/2/readings").findValues("strokesKPa"))
                .isEqualTo(passes.at("/0/readings").findValues("strokesKPa"));
    }

    @Test
    void csvMayBeShortAndInOtherUnits() {
        long job = server.newJob();
        server.send(
                "POST",
                "/api/jobs/" + job + "/compression/readings.csv",
                "text/csv",
                "kind,cylinder,pressure,unit,set_aside\ndry,1,150,psi,\ndry,2,10.2,bar,misread\n");
        JsonNode readings = server.sheet(job).at("/passes/1/readings");
        assertThat(readings.at("/0").has("setAside")).isFalse();
        assertThat(readings.at("/1/setAside").asString()).isEqualTo("misread");
        assertThat(readings.at("/0/strokesKPa/0").asDouble()).isBetween(1034.2, 1034.3);
        assertThat(readings.at("/1/strokesKPa/0").asDouble()).isBetween(1019.9, 1020.1);
    }

    @Test
    void aWrongCsvIsNamedByLineAndChangesNothing() {
        long job = server.newJob();
        HttpResponse<String> answer = server.send(
                "POST",
                "/api/jobs/" + job + "/compression/readings.csv",
                "text/csv",
                "kind,cylinder,pressure,unit\ndry,1,1200,kPa\nmoist,2,1200,kPa\ndry,3,lots,kPa\ndry,4,1200,furlong\n");
        assertThat(answer.statusCode()).isEqualTo(400);
        assertThat(json(answer).at("/errors").findValuesAsString("field"))
                .containsExactly("line 3", "line 4", "line 5");
        assertThat(server.sheet(job).at("/passes").size()).isEqualTo(1);
        assertThat(server.send(
                                "POST",
                                "/api/jobs/" + job + "/compression/readings.csv",
                                "text/csv",
                                "kind,cylinder,pressure\ndry,9,1200\n")
                        .body())
                .contains("9 does not exist on this engine");
    }
}
