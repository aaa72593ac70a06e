package silentotter.app;

import static org.assertj.core.api.Assertions.assertThat;
import static silentotter.app.Server.json;

import java.net.http.HttpResponse;
import java.util.Base64;
import java.util.List;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** What was accepted once is there, counted or shown with the reason why not, and is taken for nothing else. */
class NothingVanishesTest {
    private static final byte[] PNG = Base64.getDecoder()
            .decode("iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==");

    private static Server server;

    @BeforeAll
    static void start() {
        server = Server.shared();
    }

    private static String job(long id) {
        return "/api/jobs/" + id;
    }

    private static long tester(long job, String more) {
        JsonNode sheet = json(server.post(
                job(job) + "/leakdown/testers",
                "{\"name\": \"Two\", \"kind\": \"TWO_GAUGES\", \"calibrated\": false" + more + "}"));
        JsonNode testers = sheet.at("/leakdown/testers");
        return testers.get(testers.size() - 1).at("/id").asLong();
    }

    private static HttpResponse<String> leak(long job, long tester, int cylinder, String reading) {
        return server.post(
                job(job) + "/leakdown/readings",
                "{\"testerId\": " + tester + ", \"cylinder\": " + cylinder + ", \"reading\": " + reading + "}");
    }

    /** The engine of a job with further fields, and a number of cylinders in line. */
    private static HttpResponse<String> engine(long job, int cylinders, String more) {
        String row = String.join(
                ",",
                java.util.stream.IntStream.rangeClosed(1, cylinders)
                        .mapToObj(Integer::toString)
                        .toList());
        return server.put(
                job(job) + "/engine",
                "{\"revision\": " + server.sheet(job).at("/engine/revision").asInt()
                        + ", \"engine\": {\"name\": \"Tarn\", \"layout\": \"INLINE\", \"banks\": [{\"side\": \"ONLY\", "
                        + "\"cylinders\": [" + row + "]}]" + more + "}}");
    }

    @Test
    void aWetLeakdownOnWhatTurnsOutToBeADieselIsShownWithTheReasonAndLoadedAgain() {
        long job = server.newJob();
        long tester = tester(job, ", \"supplyKPa\": 690");
        leak(job, tester, 1, "{\"kind\": \"STANDARD\", \"leakPercent\": 12}");
        assertThat(leak(job, tester, 1, "{\"kind\": \"WET\", \"leakPercent\": 8}")
                        .statusCode())
                .isEqualTo(200);
        JsonNode sheet = json(engine(job, 4, ", \"fuel\": \"DIESEL\""));
        assertThat(sheet.at("/leakdown/readings").size()).isEqualTo(2);
        assertThat(sheet.at("/leakdown/notCounted/0/readingId").asLong())
                .isEqualTo(sheet.at("/leakdown/readings/1/id").asLong());
        assertThat(sheet.at("/leakdown/notCounted/0/reason").asString()).contains("diesel");
        assertThat(leak(job, tester, 2, "{\"kind\": \"WET\", \"leakPercent\": 8}")
                        .statusCode())
                .as("no further oil goes in")
                .isEqualTo(400);
        HttpResponse<String> again = server.post(
                "/api/case-files", server.get(job(job) + "/case-file").body());
        assertThat(again.statusCode()).isEqualTo(201);
        assertThat(server.sheet(json(again).at("/jobIds/0").asLong())
                        .at("/leakdown/notCounted")
                        .size())
                .isEqualTo(1);
    }

    @ParameterizedTest
    @ValueSource(strings = {"compression readings", "leak-down readings", "findings", "photos", "a listening result"})
    void noPartLosesACylinder(String part) {
        long job = server.newJob();
        switch (part) {
            case "compression readings" -> server.read(job, server.firstPass(job), 4, 1200);
            case "leak-down readings" ->
                leak(job, tester(job, ", \"supplyKPa\": 690"), 4, "{\"kind\": \"STANDARD\", \"leakPercent\": 12}");
            case "a listening result" ->
                leak(
                        job,
                        tester(job, ", \"supplyKPa\": 690"),
                        2,
                        "{\"kind\": \"STANDARD\", \"leakPercent\": 12, \"neighbours\": {\"4\": \"LOUD\"}}");
            case "photos" ->
                server.sendBytes(job(job) + "/photos/INSIDE/4".replace("INSIDE", "inside"), "image/png", PNG);
            default ->
                server.send(
                        "PATCH",
                        job(job) + "/examination/plugs",
                        "application/json",
                        "{\"plugs\": {\"4\": {\"shade\": \"TAN\"}}}");
        }
        HttpResponse<String> shrunk = engine(job, 3, "");
        assertThat(shrunk.statusCode()).isEqualTo(400);
        assertThat(json(shrunk).at("/errors/0/message").asString())
                .contains(part.equals("a listening result") ? "leak-down readings" : part)
                .contains("cylinder 4");
        assertThat(engine(job, 4, ", \"boreMm\": 90").statusCode())
                .as("other edits are not blocked")
                .isEqualTo(200);
    }

    @Test
    void headlinesOfOtherJobsFollowATesterAndTheSchool() {
        long job = server.newJob();
        long tester = tester(job, "");
        for (int c = 1; c <= 4; c++) {
            leak(job, tester, c, "{\"kind\": \"STANDARD\", \"leakPercent\": 45}");
        }
        long other = server.newJob();
        int before = server.sheet(job).at("/job/revision").asInt();
        JsonNode stored = server.sheet(other).at("/leakdown/testers").get(0);
        for (JsonNode t : server.sheet(other).at("/leakdown/testers")) {
            stored = t.at("/id").asLong() == tester ? t : stored;
        }
        server.put(
                job(other) + "/leakdown/testers/" + tester,
                "{\"revision\": " + stored.at("/revision").asInt()
                        + ", \"tester\": {\"name\": \"Two\", \"kind\": \"TWO_GAUGES\", \"supplyKPa\": 690, "
                        + "\"orificeMm\": 1.0, \"calibrated\": false}}");
        assertThat(server.sheet(job).at("/job/revision").asInt()).isGreaterThan(before);
        JsonNode verdict = server.sheet(job).at("/diagnosis/headline");
        String headline = verdict.at("/certain/text").asString()
                + (verdict.has("meant") ? ": " + verdict.at("/meant/text").asString() : "");
        for (JsonNode line : json(server.get("/api/jobs")).at("/jobs")) {
            if (line.at("/id").asLong() == job) {
                assertThat(line.at("/upToDate").asBoolean()).isTrue();
                assertThat(line.at("/headline").asString()).isEqualTo(headline);
            }
        }
        int after = server.sheet(job).at("/job/revision").asInt();
        server.put(job(other) + "/leading-school", "{\"school\": \"WITHIN_10\"}");
        assertThat(server.sheet(job).at("/job/revision").asInt()).isGreaterThan(after);
    }

    @Test
    void aDialMayStandAtAHundredAndSaysAtLeast() {
        long job = server.newJob();
        long tester = tester(job, ", \"supplyKPa\": 690, \"orificeMm\": 1.0");
        JsonNode sheet = json(leak(job, tester, 1, "{\"kind\": \"STANDARD\", \"leakPercent\": 100}"));
        assertThat(sheet.at("/leakdown/cylinders/0/reason").asString()).contains("at least");
        assertThat(sheet.at("/notComputed").size()).isZero();
        assertThat(leak(job, tester, 1, "{\"kind\": \"STANDARD\", \"leakPercent\": 12, \"settling\": [null]}")
                        .statusCode())
                .isEqualTo(400);
    }

    @Test
    void aReadingIsMovedWithItsTrailAndUndoMovesItBack() {
        long job = server.newJob();
        JsonNode sheet = json(server.read(job, server.firstPass(job), 1, 900));
        String reading =
                "/compression/readings/" + sheet.at("/passes/0/readings/0/id").asLong();
        sheet = json(server.put(job(job) + reading + "/cylinder", "{\"cylinder\": 3}"));
        assertThat(sheet.at("/passes/0/readings/0/cylinder").asInt()).isEqualTo(3);
        assertThat(sheet.at("/corrections/0").asString()).startsWith("dry reading moved from cylinder 1 to 3");
        JsonNode file = json(server.get(job(job) + "/case-file"));
        assertThat(file.at("/jobs/0/corrections/0/words").asString()).startsWith("dry reading moved");
        sheet = undo(job);
        assertThat(sheet.at("/passes/0/readings/0/cylinder").asInt()).isEqualTo(1);
        assertThat(sheet.at("/corrections").size()).isZero();
        assertThat(server.put(job(job) + reading + "/cylinder", "{\"cylinder\": 9}")
                        .statusCode())
                .isEqualTo(400);
    }

    @Test
    void leakdownAndWhatWasHeardAreMoved() {
        long job = server.newJob();
        long tester = tester(job, ", \"supplyKPa\": 690");
        leak(job, tester, 1, "{\"kind\": \"STANDARD\", \"leakPercent\": 30, \"heard\": {\"INTAKE\": \"LOUD\"}}");
        JsonNode sheet = json(leak(job, tester, 2, "{\"kind\": \"STANDARD\", \"leakPercent\": 8}"));
        long first = sheet.at("/leakdown/readings/0/id").asLong();
        long second = sheet.at("/leakdown/readings/1/id").asLong();
        sheet = json(server.put(job(job) + "/leakdown/readings/" + first + "/heard", "{\"to\": " + second + "}"));
        assertThat(sheet.at("/leakdown/readings/1/reading/heard/INTAKE").asString())
                .isEqualTo("LOUD");
        assertThat(sheet.at("/leakdown/readings/0/reading/heard").has("INTAKE")).isFalse();
        sheet = json(server.put(job(job) + "/leakdown/readings/" + second + "/cylinder", "{\"cylinder\": 4}"));
        assertThat(sheet.at("/leakdown/readings/1/cylinder").asInt()).isEqualTo(4);
        assertThat(sheet.at("/corrections").size()).isEqualTo(2);
        undo(job);
        sheet = undo(job);
        assertThat(sheet.at("/leakdown/readings/0/reading/heard/INTAKE").asString())
                .isEqualTo("LOUD");
        assertThat(sheet.at("/leakdown/readings/1/cylinder").asInt()).isEqualTo(2);
    }

    @Test
    void whatWasSeenInsideAndItsPhotosChangePlacesAndBack() {
        long job = server.newJob();
        server.send("PATCH", job(job) + "/examination/inside", "application/json", "{\"1\": {\"crown\": \"WET_OIL\"}}");
        server.sendBytes(job(job) + "/photos/inside/1", "image/png", PNG);
        JsonNode sheet = json(server.post(job(job) + "/examination/inside/swap", "{\"one\": 1, \"other\": 2}"));
        assertThat(sheet.at("/examination/inside/2/crown").asString()).isEqualTo("WET_OIL");
        assertThat(sheet.at("/examination/inside").has("1")).isFalse();
        assertThat(sheet.at("/photos/0/cylinder").asInt()).isEqualTo(2);
        assertThat(sheet.at("/seen/findings").toString()).doesNotContain("\"cylinders\":[1]");
        sheet = undo(job);
        assertThat(sheet.at("/examination/inside/1/crown").asString()).isEqualTo("WET_OIL");
        assertThat(sheet.at("/photos/0/cylinder").asInt()).isEqualTo(1);
        assertThat(server.post(job(job) + "/examination/signs/swap", "{\"one\": 1, \"other\": 2}")
                        .statusCode())
                .isEqualTo(400);
    }

    @Test
    void aPhotoIsWhatItIsAndOneThatWasUndoneIsNotServed() {
        long job = server.newJob();
        assertThat(server.sendBytes(job(job) + "/photos/plugs/1", "image/png", "<script>".getBytes())
                        .statusCode())
                .isEqualTo(400);
        assertThat(server.sendBytes(job(job) + "/photos/plugs/1", "image/jpeg", PNG)
                        .statusCode())
                .isEqualTo(400);
        JsonNode sheet = json(server.sendBytes(job(job) + "/photos/plugs/1", "image/png", PNG));
        String address = "/api/photos/" + sheet.at("/photos/0/key").asString();
        HttpResponse<String> picture = server.get(address);
        assertThat(picture.statusCode()).isEqualTo(200);
        assertThat(picture.headers().firstValue("cache-control").orElse("")).contains("private");
        undo(job);
        assertThat(server.get(address).statusCode()).isEqualTo(404);
    }

    @Test
    void aKeyBelongsToOneReadingOfOneJob() {
        long job = server.newJob();
        long pass = server.firstPass(job);
        String path = job(job) + "/compression/passes/" + pass + "/readings";
        String body = "{\"key\": \"own-" + job + "\", \"cylinder\": 1, \"strokesKPa\": [%s], \"finalOnly\": true}";
        assertThat(server.post(path, body.formatted("900")).statusCode()).isEqualTo(200);
        assertThat(server.post(path, body.formatted("900")).statusCode()).isEqualTo(200);
        assertThat(server.post(path, body.formatted("950")).statusCode())
                .as("another value")
                .isEqualTo(409);
        long other = server.newJob();
        assertThat(server.post(
                                job(other) + "/compression/passes/" + server.firstPass(other) + "/readings",
                                body.formatted("900"))
                        .statusCode())
                .as("another job")
                .isEqualTo(409);
        assertThat(server.sheet(job).at("/passes/0/readings").size()).isEqualTo(1);
        undo(job);
        assertThat(server.post(path, body.formatted("900")).statusCode())
                .as("taken back by undo: not silently nothing")
                .isEqualTo(409);
    }

    @Test
    void aStaleWindowIsAskedWhetherItRepeats() {
        long job = server.newJob();
        long pass = server.firstPass(job);
        server.read(job, pass, 1, 150);
        String path = job(job) + "/compression/passes/" + pass + "/readings";
        HttpResponse<String> stale =
                server.post(path, "{\"attempt\": 1, \"cylinder\": 1, \"strokesKPa\": [149], \"finalOnly\": true}");
        assertThat(stale.statusCode()).isEqualTo(409);
        assertThat(json(stale).at("/question").asString()).isEqualTo("REPEAT");
        assertThat(server.sheet(job).at("/passes/0/readings").size()).isEqualTo(1);
        assertThat(server.post(path, "{\"attempt\": 2, \"cylinder\": 1, \"strokesKPa\": [149], \"finalOnly\": true}")
                        .statusCode())
                .isEqualTo(200);
    }

    @Test
    void redoDoesAgainWhatWasUndoneLast() {
        long job = server.newJob();
        long pass = server.firstPass(job);
        server.read(job, pass, 1, 1000);
        undo(job);
        server.read(job, pass, 2, 2000);
        undo(job);
        long redo = server.sheet(job).at("/redo/id").asLong();
        JsonNode sheet = json(server.post(job(job) + "/redo", "{\"changeId\": " + redo + "}"));
        assertThat(sheet.at("/passes/0/readings").size()).isEqualTo(1);
        assertThat(sheet.at("/passes/0/readings/0/cylinder").asInt()).isEqualTo(2);
        assertThat(sheet.at("/redo").isMissingNode())
                .as("what was given up stays given up")
                .isTrue();
    }

    @Test
    void undoOfAnEngineLeavesWhatAnotherJobChanged() {
        long job = server.newJob();
        long engineId = server.sheet(job).at("/engine/id").asLong();
        long other = json(server.post(
                        "/api/jobs", "{\"engineId\": " + engineId + ", \"job\": {\"date\": \"2026-11-04\"}}"))
                .at("/job/id")
                .asLong();
        String size = ", \"boreMm\": %d, \"strokeMm\": %d, \"compressionRatio\": 10";
        engine(job, 4, size.formatted(90, 86));
        engine(other, 4, size.formatted(90, 100));
        JsonNode sheet = undo(job);
        assertThat(sheet.at("/engine/engine/strokeMm").asDouble()).isEqualTo(100);
        assertThat(sheet.at("/engine/engine/boreMm").asDouble()).isEqualTo(86);
        engine(job, 4, size.formatted(91, 100));
        engine(other, 4, size.formatted(92, 100));
        long change = server.sheet(job).at("/undo/id").asLong();
        assertThat(server.post(job(job) + "/undo", "{\"changeId\": " + change + "}")
                        .statusCode())
                .as("the same field was changed again")
                .isEqualTo(409);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "'intervalsDeg': ['NaN', 180, 180, 180], 'firingOrder': [1,3,4,2] | intervalsDeg[0]",
                "'intervalsDeg': [180, 180]                    | intervalsDeg",
                "'rotation': {'turning': 'CLOCKWISE'}          | rotation.seenFrom",
                "'fuel': 1                                     | fuel",
                "'labels': {'1': 'P', '2': 'P'}                | labels",
                "'labels': {'1': '2'}                          | labels",
                "'firingOrder': [1, null, 3, 4]                | firingOrder",
                "'boreMm': 1e999                               | boreMm"
            })
    void whatCouldNotBeLoadedAgainIsNotAccepted(String fields, String field) {
        HttpResponse<String> answer = engine(server.newJob(), 4, ", " + fields.replace('\'', '"'));
        assertThat(answer.statusCode()).isEqualTo(400);
        assertThat(json(answer).at("/errors/0/field").asString().replaceFirst("^engine\\.", ""))
                .startsWith(field);
    }

    @Test
    void aCaseFilePassesTheSameChecksAsTyping() {
        String file = server.get(job(server.newJob()) + "/case-file").body();
        String reading = "\"readings\" : [ {\"cylinder\": 1, \"strokesKPa\": [1000], \"finalOnly\": true%s} ]";
        for (String wrong : List.of(
                ", \"takenAt\": \"yesterday\"",
                ", \"takenAt\": \"+999999999-01-01T00:00:00Z\"",
                ", \"oilMl\": 5, \"takenAt\": \"2026-11-03T09:42:00Z\"")) {
            HttpResponse<String> answer = server.post(
                    "/api/case-files", file.replaceFirst("\"readings\" : \\[ *]", reading.formatted(wrong)));
            assertThat(answer.statusCode()).as(wrong).isEqualTo(400);
        }
        String overScale = file.replace("\"conditions\" : { }", "\"conditions\" : {\"gaugeFullScaleKPa\": 900}")
                .replaceFirst("\"readings\" : \\[ *]", reading.formatted(", \"takenAt\": \"2026-11-03T09:42:00Z\""));
        assertThat(json(server.post("/api/case-files", overScale))
                        .at("/errors/0/message")
                        .asString())
                .contains("full scale");
        assertThat(server.post(
                                "/api/case-files",
                                file.replaceFirst("\"compression\" : \\[[^]]*][^]]*]", "\"compression\" : [ ]"))
                        .statusCode())
                .isIn(201, 400);
    }

    @Test
    void aCaseWithoutAPassHasOneToTypeInto() {
        String file = """
                {"format": "silent-otter-case", "version": 2, "engine": {"name": "T", "layout": "INLINE",
                 "banks": [{"side": "ONLY", "cylinders": [1]}]}, "jobs": [{"job": {"date": "2026-11-03"}, "compression": []}]}""";
        long job = json(server.post("/api/case-files", file)).at("/jobIds/0").asLong();
        assertThat(server.sheet(job).at("/passes").size()).isEqualTo(1);
    }

    @Test
    void aPassInAnotherUnitIsAskedAboutConvertedWithOneCallAndUndone() {
        long job = server.newJob();
        long pass = server.firstPass(job);
        double psi = 6.894757;
        for (int c = 1; c <= 4; c++) {
            server.read(job, pass, c, 12 * psi);
        }
        JsonNode sheet = server.sheet(job);
        assertThat(sheet.at("/compression/doubts/0/0/kind").asString()).isEqualTo("UNIT");
        assertThat(sheet.at("/diagnosis/cylinders/1/tone").asString()).isEqualTo("DOUBT");
        sheet = json(server.put(
                job(job) + "/compression/passes/" + pass + "/unit", "{\"typedAs\": \"PSI\", \"meant\": \"BAR\"}"));
        assertThat(sheet.at("/passes/0/readings/0/strokesKPa/0").asDouble()).isBetween(1199.0, 1201.0);
        assertThat(sheet.at("/compression/doubts/0").size()).isZero();
        sheet = undo(job);
        assertThat(sheet.at("/compression/doubts/0").size()).isEqualTo(1);
        sheet = json(server.put(job(job) + "/compression/passes/" + pass + "/settled", "{\"question\": \"UNIT\"}"));
        assertThat(sheet.at("/compression/doubts/0").size()).isZero();
    }

    @Test
    void strokesThatWereFinalsAreSplitOverTheCylinders() {
        long job = server.newJob();
        JsonNode sheet = json(server.post(
                job(job) + "/compression/passes/" + server.firstPass(job) + "/readings",
                "{\"cylinder\": 1, \"strokesKPa\": [1200, 1190, 850, 1210], \"finalOnly\": false}"));
        assertThat(sheet.at("/compression/doubts/0/0/kind").asString()).isEqualTo("STROKES");
        long reading = sheet.at("/passes/0/readings/0/id").asLong();
        sheet = json(server.post(job(job) + "/compression/readings/" + reading + "/split", ""));
        assertThat(sheet.at("/compression/cylinders/3/standing").asString()).isEqualTo("LOW");
        assertThat(sheet.at("/passes/0/readings").size()).isEqualTo(5);
        sheet = undo(job);
        assertThat(sheet.at("/passes/0/readings").size()).isEqualTo(1);
        assertThat(sheet.at("/passes/0/readings/0").has("setAside")).isFalse();
    }

    private static JsonNode undo(long job) {
        long change = server.sheet(job).at("/undo/id").asLong();
        return json(server.post(job(job) + "/undo", "{\"changeId\": " + change + "}"));
    }
}
