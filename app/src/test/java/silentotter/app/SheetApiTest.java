package silentotter.app;

import static org.assertj.core.api.Assertions.assertThat;
import static silentotter.app.Server.json;

import java.net.http.HttpResponse;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

class SheetApiTest {
    private static Server server;

    @BeforeAll
    static void start() {
        server = Server.shared();
    }

    @Test
    void aReadingAnswersWithTheRecomputedSheet() {
        long job = server.newJob();
        long pass = server.firstPass(job);
        server.read(job, pass, 1, 1200);
        server.read(job, pass, 2, 1190);
        server.read(job, pass, 3, 850);
        JsonNode sheet = json(server.read(job, pass, 4, 1210));
        assertThat(sheet.at("/diagnosis/headline/certain/text").asString()).isEqualTo("Cylinder 3 low");
        assertThat(sheet.at("/compression/cylinders/3/standing").asString()).isEqualTo("LOW");
        assertThat(json(server.get("/api/jobs?search=cylinder+3+low"))
                        .at("/jobs/0/id")
                        .asLong())
                .isEqualTo(job);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{\"cylinder\": 5, \"strokesKPa\": [900], \"finalOnly\": true}         | cylinder      | 1 to 4",
                "{\"cylinder\": 0, \"strokesKPa\": [900], \"finalOnly\": true}         | cylinder      | 1 to 4",
                "{\"cylinder\": 1, \"strokesKPa\": [-1], \"finalOnly\": true}          | strokesKPa[0] | 0 to 7000 kPa",
                "{\"cylinder\": 1, \"strokesKPa\": [9000], \"finalOnly\": true}        | strokesKPa[0] | 0 to 7000 kPa",
                "{\"cylinder\": 1, \"strokesKPa\": [\"abc\"], \"finalOnly\": true}     | strokesKPa[0] | 0 to 7000 kPa",
                "{\"cylinder\": 1, \"strokesKPa\": [], \"finalOnly\": true}            | strokesKPa    | 0 to 7000 kPa",
                "{\"cylinder\": 1.5, \"strokesKPa\": [900], \"finalOnly\": true}       | cylinder      | ",
                "{\"cylinder\": 1, \"strokesKPa\": [900], \"finalOnly\": true, \"oilMl\": 5} | oilMl   | "
            })
    void impossibleReadingsAreRefusedAtTheFieldAndNothingIsSaved(String body, String field, String allowed) {
        long job = server.newJob();
        HttpResponse<String> answer =
                server.post("/api/jobs/" + job + "/compression/passes/" + server.firstPass(job) + "/readings", body);
        assertThat(answer.statusCode()).isEqualTo(400);
        assertThat(answer.headers().firstValue("content-type")).hasValue("application/problem+json");
        JsonNode error = json(answer).at("/errors/0");
        assertThat(error.at("/field").asString()).isEqualTo(field);
        if (allowed != null) {
            assertThat(error.at("/allowed").asString()).isEqualTo(allowed);
        }
        assertThat(server.sheet(job).at("/passes/0/readings").size()).isZero();
    }

    @Test
    void aValueOverTheGaugesFullScaleIsRefused() {
        long job = server.newJob();
        long pass = server.firstPass(job);
        server.put(
                "/api/jobs/" + job + "/compression/passes/" + pass + "/conditions",
                "{\"revision\": 1, \"conditions\": {\"gaugeFullScaleKPa\": 1600}}");
        JsonNode problem = json(server.read(job, pass, 1, 1700));
        assertThat(problem.at("/errors/0/allowed").asString()).isEqualTo("0 to 1600 kPa");
    }

    @Test
    void oilIsRefusedBeyondAQuarterOfTheClearanceVolume() {
        long job = server.newJob();
        JsonNode sheet = json(server.post("/api/jobs/" + job + "/compression/passes", "{\"kind\": \"WET\"}"));
        String readings = "/api/jobs/" + job + "/compression/passes/"
                + sheet.at("/passes/1/id").asLong() + "/readings";
        String dose = "{\"cylinder\": 1, \"strokesKPa\": [1000], \"finalOnly\": true, \"oilMl\": 8}";
        assertThat(server.post(readings, dose).statusCode()).isEqualTo(200);
        HttpResponse<String> second = server.post(readings, dose);
        assertThat(second.statusCode()).isEqualTo(400);
        assertThat(json(second).at("/errors/0/field").asString()).isEqualTo("oilMl");
        assertThat(json(second).at("/errors/0/allowed").asString()).isEqualTo("0 to 5.8 mL");
    }

    @Test
    void theSameKeyTwiceIsOneReading() {
        long job = server.newJob();
        String path = "/api/jobs/" + job + "/compression/passes/" + server.firstPass(job) + "/readings";
        String body = "{\"key\": \"k" + job + "\", \"cylinder\": 1, \"strokesKPa\": [900], \"finalOnly\": true}";
        server.post(path, body);
        assertThat(json(server.post(path, body)).at("/passes/0/readings").size())
                .isEqualTo(1);
    }

    @Test
    void undoTakesBackTheLastChangeAndRedoDoesItAgain() {
        long job = server.newJob();
        long pass = server.firstPass(job);
        server.read(job, pass, 1, 1200);
        JsonNode sheet = json(server.read(job, pass, 2, 700));
        long change = sheet.at("/undo/id").asLong();
        assertThat(sheet.at("/undo/description").asString()).isEqualTo("dry reading on cylinder 2");
        String reference = "{\"changeId\": " + change + "}";
        assertThat(json(server.post("/api/jobs/" + job + "/undo", reference))
                        .at("/passes/0/readings")
                        .size())
                .isEqualTo(1);
        assertThat(server.post("/api/jobs/" + job + "/undo", reference).statusCode())
                .as("undone already: another window must not take back more")
                .isEqualTo(409);
        assertThat(json(server.post("/api/jobs/" + job + "/redo", reference))
                        .at("/passes/0/readings")
                        .size())
                .isEqualTo(2);
    }

    @Test
    void strokesAreAddedInOrderAndNeverOverwritten() {
        long job = server.newJob();
        JsonNode sheet = json(server.post(
                "/api/jobs/" + job + "/compression/passes/" + server.firstPass(job) + "/readings",
                "{\"cylinder\": 1, \"strokesKPa\": [620], \"finalOnly\": false}"));
        String strokes = "/api/jobs/" + job + "/compression/readings/"
                + sheet.at("/passes/0/readings/0/id").asLong() + "/strokes";
        assertThat(server.post(strokes, "{\"number\": 2, \"kPa\": 900}").statusCode())
                .isEqualTo(200);
        assertThat(server.post(strokes, "{\"number\": 2, \"kPa\": 100}").statusCode())
                .isEqualTo(409);
        assertThat(server.sheet(job).at("/passes/0/readings/0/strokesKPa").toString())
                .isEqualTo("[620.0,900.0]");
    }

    /** Two windows on one job: readings of both stay, an outdated edit of the engine is refused. */
    @Test
    void twoWindowsDoNotOverwriteEachOther() throws InterruptedException {
        long job = server.newJob();
        long pass = server.firstPass(job);
        ExecutorService windows = Executors.newFixedThreadPool(8);
        CountDownLatch go = new CountDownLatch(1);
        for (int i = 0; i < 80; i++) {
            double value = 1000 + i;
            windows.submit(() -> {
                go.await();
                return server.read(job, pass, 1, value);
            });
        }
        go.countDown();
        windows.shutdown();
        assertThat(windows.awaitTermination(60, TimeUnit.SECONDS)).isTrue();
        assertThat(server.sheet(job).at("/passes/0/readings").size()).isEqualTo(80);

        String engine = "{\"revision\": 1, \"engine\": {\"name\": \"%s\", \"layout\": \"INLINE\", "
                + "\"banks\": [{\"side\": \"ONLY\", \"cylinders\": [1,2,3,4]}]}}";
        assertThat(server.put("/api/jobs/" + job + "/engine", engine.formatted("First"))
                        .statusCode())
                .isEqualTo(200);
        HttpResponse<String> second = server.put("/api/jobs/" + job + "/engine", engine.formatted("Second"));
        assertThat(second.statusCode()).isEqualTo(409);
        assertThat(server.sheet(job).at("/engine/engine/name").asString()).isEqualTo("First");
    }

    @Test
    void aCylinderWithReadingsCannotBeLeftOut() {
        long job = server.newJob();
        server.read(job, server.firstPass(job), 4, 1000);
        HttpResponse<String> answer = server.put("/api/jobs/" + job + "/engine", """
                {"revision": 1, "engine": {"name": "T", "layout": "INLINE", "banks": [{"side": "ONLY", "cylinders": [1,2]}]}}""");
        assertThat(answer.statusCode()).isEqualTo(400);
        assertThat(json(answer).at("/errors/0/field").asString()).isEqualTo("banks");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"firingOrder\": [1,3,4]         | firingOrder",
                "\"boreMm\": 2                    | boreMm",
                "\"compressionRatio\": \"ten\"    | compressionRatio",
                "\"cycle\": \"SIX_STROKE\"        | cycle",
                "\"strokeMm\": 90, \"rodMm\": 40  | rodMm",
                "\"boree\": 90                    | boree"
            })
    void wrongEnginesAreRefusedAtTheField(String fields, String field) {
        HttpResponse<String> answer = server.post(
                "/api/engines",
                "{\"name\": \"T\", \"layout\": \"INLINE\", \"banks\": [{\"side\": \"ONLY\", \"cylinders\": [1,2,3,4]}], "
                        + fields + "}");
        assertThat(answer.statusCode()).isEqualTo(400);
        assertThat(json(answer).at("/errors/0/field").asString()).isEqualTo(field);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "cranking-compression | {\"boreMm\": 86, \"strokeMm\": 86, \"rodMm\": 143, \"compressionRatio\": 10, \"leakAreaMm2\": 1.2} | /strokesKPa/7 | 1156",
                "wet-test | {\"boreMm\": 86, \"strokeMm\": 86, \"compressionRatio\": 10, \"dryKPa\": 1000, \"wetKPa\": 1300, \"oilMl\": 5} | /netRisePercent | 18.6",
                "altitude | {\"altitudeM\": 1500, \"readingKPa\": 1119} | /seaLevelReadingKPa | 1341",
                "plug-gap | {\"gapMm\": 1.11, \"newGapMm\": 0.8, \"distanceKm\": 20000} | /timesOrdinary | 1",
                "leak-area | {\"supplyKPa\": 689.476, \"leakPercent\": 40, \"orificeMm\": 1.016} | /leakAreaMm2 | 1.203",
                "leak-area | {\"supplyKPa\": 620.5, \"cylinderKPa\": 570.86, \"orificeMm\": 1.5, \"dischargeCoefficient\": 0.85} | /freeAirLPerMin | 66.5",
                "leak-reading | {\"supplyKPa\": 689.476, \"leakAreaMm2\": 1.203, \"orificeMm\": 1.016} | /leakPercent | 40",
                "tester-orifice | {\"supplyKPa\": 689.476, \"leakPercent\": 40, \"bleedHoleMm\": 1.237} | /orificeMm | 1.016"
            })
    void calculationsAreOpenToPrograms(String name, String body, String field, double expected) {
        JsonNode result = json(server.post("/api/calculations/" + name, body));
        assertThat(result.at(field).asDouble()).isBetween(expected * 0.98, expected * 1.02);
    }

    @Test
    void missingInputOfACalculationIsNamed() {
        HttpResponse<String> answer = server.post("/api/calculations/cranking-compression", "{\"boreMm\": 5}");
        assertThat(answer.statusCode()).isEqualTo(400);
        assertThat(json(answer).at("/errors").findValuesAsString("field"))
                .contains("boreMm", "strokeMm", "compressionRatio", "leakAreaMm2");
    }
}
