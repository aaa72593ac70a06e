package silentotter.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static silentotter.app.Server.json;

import java.net.http.HttpResponse;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What was found, held against a prediction that never changes, and what the shop learns from it. */
class OutcomeApiTest {
    private static Server server;

    @BeforeAll
    static void start() throws java.io.IOException {
        server = Server.start(false);
    }

    @AfterAll
    static void stop() {
        server.close();
    }

    private static HttpResponse<String> patch(long job, String part, String body) {
        return server.send("PATCH", "/api/jobs/" + job + "/examination/" + part, "application/json", body);
    }

    private static HttpResponse<String> found(long job, String body) {
        return patch(job, "found", body);
    }

    /** Compression low on cylinder 3 of four, and the valve face seen through the hole. */
    private static long lowOnThree() {
        long job = server.newJob();
        long pass = server.firstPass(job);
        double[] kPa = {1300, 1290, 700, 1310};
        for (int c = 1; c <= 4; c++) {
            server.read(job, pass, c, kPa[c - 1]);
        }
        patch(job, "inside", "{\"3\": {\"exhaustFace\": \"DEPOSIT_ON_SEAT\"}}");
        return job;
    }

    private static final String BURNT = "{\"opened\": {\"HEAD_OFF\": true}, \"cylinders\": {\"3\": {\"exhaust\":"
            + " {\"fluidTest\": \"RUNS_THROUGH\", \"face\": \"BURNT\"}}}}";

    @Test
    void whatWasSaidWhenTheEngineWasOpenedStaysWhateverComesAfterIt() {
        long job = lowOnThree();
        patch(job, "closing", "{\"own\": {\"family\": \"VALVE_LEAK\", \"cylinder\": 3, \"certaintyPercent\": 70}}");
        JsonNode before = server.sheet(job);
        assertThat(before.at("/outcome/prediction").isMissingNode()).isTrue();

        JsonNode opened = json(found(job, BURNT));
        JsonNode first = opened.at("/outcome/review/suspects/0/suspect");
        assertThat(first.at("/probability").asDouble())
                .isEqualTo(before.at("/diagnosis/suspects/0/probability").asDouble());
        assertThat(opened.at("/outcome/review/own/certainty").asDouble()).isEqualTo(.7);
        // The diagnosis does not read what was found.
        assertThat(opened.at("/diagnosis/suspects")).isEqualTo(before.at("/diagnosis/suspects"));

        JsonNode kept = predictions(job);
        server.read(job, server.firstPass(job), 1, 650);
        patch(job, "inside", "{\"3\": {\"exhaustFace\": null}}");
        patch(job, "closing", "{\"own\": {\"certaintyPercent\": 99}}");
        server.post("/api/shop/learning", "");
        assertThat(server.sheet(job).at("/diagnosis/suspects")).isNotEqualTo(before.at("/diagnosis/suspects"));
        assertThat(predictions(job)).isEqualTo(kept);
        server.post("/api/shop/learning/undo", "");
    }

    private static JsonNode predictions(long job) {
        return json(server.get("/api/jobs/" + job + "/case-file")).at("/jobs/0/predictions");
    }

    @Test
    void whatWasFoundSaysOfEachSuspectWhetherItWasSo() {
        long job = lowOnThree();
        JsonNode outcome = json(found(job, BURNT)).at("/outcome");

        assertThat(outcome.at("/known").toString())
                .contains("Exhaust valve, cylinder 3", "fluid runs through the exhaust valve");
        assertThat(outcome.at("/review/suspects/0/truth").asString()).isEqualTo("PRESENT");
        assertThat(outcome.at("/review/verdict").asString()).isEqualTo("RIGHT");
        // Rings were not looked at.
        JsonNode rings = null;
        for (JsonNode s : outcome.at("/review/suspects")) {
            rings = s.at("/suspect/family").asString().equals("RINGS") ? s : rings;
        }
        assertThat(rings == null ? "UNKNOWN" : rings.at("/truth").asString()).isEqualTo("UNKNOWN");
    }

    @Test
    void openingIsAStepThatGoesBackWithItsPrediction() {
        long job = lowOnThree();
        found(job, BURNT);
        server.undo(job);
        assertThat(server.sheet(job).at("/outcome/prediction").isMissingNode()).isTrue();
        assertThat(predictions(job).isMissingNode()).isTrue();
        server.redo(job);
        assertThat(server.sheet(job).at("/outcome/prediction/at").asString()).isNotEmpty();
        found(job, "{\"cylinders\": {\"3\": {\"rings\": \"FREE\"}}}");
        assertThat(predictions(job).size()).as("open is opened once").isEqualTo(1);
    }

    @Test
    void aClosedJobKeepsWhatItSaidToo() {
        long job = lowOnThree();
        patch(job, "closing", "{\"closedAt\": \"2026-11-20T15:00:00Z\"}");
        assertThat(predictions(job).size()).isEqualTo(1);
        assertThat(server.sheet(job).at("/outcome/review").isMissingNode()).isTrue();
        found(job, BURNT);
        assertThat(server.sheet(job).at("/outcome/earlier").asInt()).isEqualTo(1);
    }

    @Test
    void limitsAndCostsAloneOpenNothing() {
        long job = lowOnThree();
        found(job, "{\"limits\": {\"gapMm\": 0.8, \"source\": \"Yard book\"}, \"work\": {\"cost\": 400}}");
        assertThat(predictions(job).isMissingNode()).isTrue();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{\"cylinders\": {\"3\": {\"wearMm\": 40}}}           | cylinders.3.wearMm",
                "{\"cylinders\": {\"3\": {\"gapsMm\": [0.3, 44]}}}    | cylinders.3.gapsMm",
                "{\"cylinders\": {\"9\": {\"rings\": \"FREE\"}}}      | cylinders.9",
                "{\"cylinders\": {\"3\": {\"rings\": \"GONE\"}}}      | cylinders.3.rings",
                "{\"engine\": {\"deckMm\": -1}}                       | engine.deckMm",
                "{\"limits\": {\"gapMm\": 0}}                         | limits.gapMm",
                "{\"work\": {\"cost\": -5}}                           | work.cost"
            })
    void whatCannotBeIsRefusedAtItsFieldAndOpensNothing(String body, String field) {
        long job = server.newJob();
        HttpResponse<String> answer = found(job, body);
        assertThat(answer.statusCode()).isEqualTo(400);
        assertThat(json(answer).at("/errors/0/field").asString()).isEqualTo(field);
        assertThat(server.sheet(job).at("/undo").isMissingNode()).isTrue();
        assertThat(predictions(job).isMissingNode()).isTrue();
    }

    @Test
    void nobodyIsWhollySureOfAShutEngine() {
        long job = server.newJob();
        assertThat(json(patch(job, "closing", "{\"own\": {\"certaintyPercent\": 100}}"))
                        .at("/errors/0/field")
                        .asString())
                .isEqualTo("own.certaintyPercent");
    }

    @Test
    void allOfItIsTakenAwayAndLoadedAgain() {
        long job = lowOnThree();
        found(job, BURNT);
        found(
                job,
                "{\"engine\": {\"headMm\": 0.12, \"odd\": \"a washer in the pan\", \"repair\": {\"OUTSIDE_LEAK\": \"CURED\"}},"
                        + " \"work\": {\"done\": {\"VALVES_GROUND\": true}, \"cost\": 640}}");
        String file = server.get("/api/jobs/" + job + "/case-file").body();
        long copy = json(server.post("/api/case-files", file)).at("/jobIds/0").asLong();
        assertThat(server.get("/api/jobs/" + copy + "/case-file").body()).isEqualTo(file);
        assertThat(server.sheet(copy).at("/outcome"))
                .isEqualTo(server.sheet(job).at("/outcome"));

        ObjectNode wrong = (ObjectNode) json(server.get("/api/jobs/" + job + "/case-file"));
        ((ObjectNode) wrong.at("/jobs/0/predictions/0/suspects/0")).put("probability", 1.5);
        assertThat(server.post("/api/case-files", wrong.toString()).statusCode())
                .isEqualTo(400);

        String csv = server.get("/api/jobs/" + job + "/examination.csv").body();
        assertThat(csv).contains("found,cylinders.3.exhaust.face,BURNT");
        long bare = server.newJob();
        assertThat(server.send("POST", "/api/jobs/" + bare + "/examination.csv", "text/csv", csv)
                        .statusCode())
                .isEqualTo(201);
        assertThat(server.sheet(bare).at("/examination/found"))
                .isEqualTo(server.sheet(job).at("/examination/found"));
    }

    @Test
    void theShopLearnsVisiblyAndTakesItBack() {
        try (Server own = Server.start(false)) {
            for (int i = 0; i < 12; i++) {
                long job = own.newJob();
                own.read(job, own.firstPass(job), 3, 700);
                own.read(job, own.firstPass(job), 1, 1300);
                own.read(job, own.firstPass(job), 2, 1310);
                own.send(
                        "PATCH",
                        "/api/jobs/" + job + "/examination/found",
                        "application/json",
                        BURNT.replace(
                                "\"cylinders\": {",
                                "\"cylinders\": {\"1\": {\"exhaust\": {\"fluidTest\": \"TIGHT\"}},"));
            }
            long next = own.newJob();
            own.read(next, own.firstPass(next), 3, 700);
            own.read(next, own.firstPass(next), 1, 1300);
            double before = exhaustValve(own, next);

            JsonNode record = json(own.get("/api/shop/record"));
            assertThat(record.at("/jobs").size()).isEqualTo(12);
            assertThat(record.at("/record/jobs").asInt()).isEqualTo(12);

            JsonNode now = json(own.get("/api/shop/learning"));
            assertThat(now.at("/learnt").size()).isZero();
            assertThat(now.at("/now/moved").toString()).contains("exhaust valve");
            assertThat(exhaustValve(own, next)).as("nothing moves by itself").isEqualTo(before);

            JsonNode learnt = json(own.post("/api/shop/learning", ""));
            assertThat(learnt.at("/learnt/0/lesson/moved").size()).isPositive();
            assertThat(learnt.at("/learnt/0/lesson/moved/0/jobs").size()).isEqualTo(12);
            double after = exhaustValve(own, next);
            assertThat(after).isGreaterThan(before + .005);

            assertThat(own.sheet(next).at("/learnt").asBoolean()).isTrue();
            own.put("/api/shop/learning/use", "{\"use\": \"LEFT_OUT\"}");
            assertThat(exhaustValve(own, next)).isCloseTo(before, within(1e-12));
            own.put("/api/shop/learning/use", "{\"use\": \"USED\"}");
            assertThat(exhaustValve(own, next)).isCloseTo(after, within(1e-12));
            own.post("/api/shop/learning/undo", "");
            assertThat(exhaustValve(own, next)).isCloseTo(before, within(1e-12));
            assertThat(own.post("/api/shop/learning/undo", "").statusCode()).isEqualTo(200);
        } catch (java.io.IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private static double exhaustValve(Server server, long job) {
        for (JsonNode s : server.sheet(job).at("/diagnosis/suspects")) {
            if (s.at("/family").asString().equals("VALVE_LEAK")
                    && s.at("/cylinders/0").asInt() == 3) {
                return s.at("/probability").asDouble();
            }
        }
        return 0;
    }

    @Test
    void aCaseFileThatIsHereAlreadyTeachesNothingTwice() {
        long job = lowOnThree();
        found(job, BURNT);
        JsonNode before = json(server.get("/api/shop/record"));
        String file = server.get("/api/jobs/" + job + "/case-file").body();
        long copy = json(server.post("/api/case-files", file)).at("/jobIds/0").asLong();
        JsonNode after = json(server.get("/api/shop/record"));

        assertThat(after.at("/copies").asInt()).isEqualTo(before.at("/copies").asInt() + 1);
        assertThat(after.at("/record")).isEqualTo(before.at("/record"));
        // More became known on the copy: then that one counts.
        found(copy, "{\"cylinders\": {\"3\": {\"rings\": \"STUCK\"}}}");
        JsonNode more = json(server.get("/api/shop/record"));
        assertThat(more.at("/record/jobs")).isEqualTo(before.at("/record/jobs"));
        assertThat(more.at("/jobs").toString()).contains("\"job\":" + copy).doesNotContain("\"job\":" + job + ",");
        server.undo(copy);
    }

    @Test
    void oneVerdictIsSeenWithoutWhatTheShopLearnt() {
        for (int i = 0; i < 6; i++) {
            found(lowOnThree(), BURNT);
        }
        long job = lowOnThree();
        JsonNode started = server.sheet(job);
        json(server.post("/api/shop/learning", ""));
        JsonNode learnt = server.sheet(job);
        JsonNode without = json(server.get("/api/jobs/" + job + "/sheet?learnt=false"));

        assertThat(learnt.at("/learnt").asBoolean()).isTrue();
        assertThat(learnt.at("/diagnosis/suspects")).isNotEqualTo(started.at("/diagnosis/suspects"));
        assertThat(without.at("/diagnosis/suspects")).isEqualTo(started.at("/diagnosis/suspects"));
        assertThat(without.at("/learnt").asBoolean()).isFalse();
        // To look at it without changes nothing.
        assertThat(server.sheet(job)).isEqualTo(learnt);
        server.post("/api/shop/learning/undo", "");
    }

    @Test
    void whatWouldHaveToldAndWasLeftOutIsSummedForTheShop() {
        long job = server.newJob();
        server.read(job, server.firstPass(job), 1, 1300);
        found(job, "{\"opened\": {\"HEAD_OFF\": true}, \"cylinders\": {\"3\": {\"rings\": \"BROKEN\"}}}");
        JsonNode skipped = json(server.get("/api/shop/record")).at("/record/skipped");
        assertThat(skipped.toString()).contains("LEAKDOWN");
        for (int i = 1; i < skipped.size(); i++) {
            assertThat(skipped.get(i).at("/jobs").asInt())
                    .isLessThanOrEqualTo(skipped.get(i - 1).at("/jobs").asInt());
        }
    }
}
