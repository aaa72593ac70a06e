package silentotter.app;

import static org.assertj.core.api.Assertions.assertThat;
import static silentotter.app.Server.json;

import java.net.http.HttpResponse;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** The plan behind the sheet, what the technician decides of it, and the shop's costs. */
class PlanApiTest {
    private static Server server;

    @BeforeAll
    static void start() throws java.io.IOException {
        server = Server.start(true);
    }

    @AfterAll
    static void stop() {
        server.close();
    }

    private static JsonNode plan(long job) {
        return json(server.get("/api/jobs/" + job + "/plan"));
    }

    private static JsonNode patched(long job, String patch) {
        return json(server.send("PATCH", "/api/jobs/" + job + "/examination/round", "application/json", patch));
    }

    @Test
    void everyDemoJobHasAPlanOrIsDecidedAndADecision() {
        JsonNode jobs = json(server.get("/api/jobs")).at("/jobs");
        assertThat(jobs.size()).isGreaterThan(5);
        for (JsonNode job : jobs) {
            JsonNode plan = plan(job.at("/id").asLong());
            assertThat(plan.at("/next").asString())
                    .as(job.toString())
                    .isNotEmpty()
                    .doesNotContain("{cyl");
            assertThat(plan.at("/plan/decision/options").size()).isGreaterThan(2);
            boolean open =
                    !plan.at("/plan/steps").isEmpty() || !plan.at("/plan/first").isEmpty();
            assertThat(open).isNotEqualTo(plan.at("/plan").has("decided"));
        }
    }

    @Test
    void whatIsExcludedIsKeptUndoneAndTravelsInTheCaseFile() {
        JsonNode sheet = patched(2, "{\"excluded\": {\"LEAKDOWN\": true}, \"engineValue\": 5000}");
        assertThat(sheet.at("/examination/round/excluded/LEAKDOWN").asBoolean()).isTrue();
        assertThat(plan(2).at("/plan/excluded/0").asString()).isEqualTo("LEAKDOWN");
        assertThat(plan(2).at("/plan/decision").has("worth")).isTrue();

        String file = server.get("/api/jobs/2/case-file").body();
        JsonNode answer = json(server.post("/api/interpretations?job=0", file));
        assertThat(answer.at("/plan/excluded/0").asString()).isEqualTo("LEAKDOWN");
        assertThat(answer.at("/actions")).isEqualTo(plan(2).at("/plan/decision/options"));

        server.undo(2);
        assertThat(plan(2).at("/plan/excluded").isEmpty()).isTrue();
    }

    /** Somebody who has never done it does what comes next, and one time it says that it is decided, and what to do. */
    @ParameterizedTest
    @ValueSource(longs = {4, 9, 11})
    void whoFollowsThePlanComesToADecision(long job) {
        for (int step = 0; step < 8 && !plan(job).at("/plan").has("decided"); step++) {
            JsonNode plan = plan(job).at("/plan");
            JsonNode next = plan.at("/first").isEmpty() ? plan.at("/steps/0") : plan.at("/first/0/tests/0");
            assertThat(next.toString()).contains("LEAKDOWN");
            for (JsonNode cylinder : next.at("/cylinders")) {
                HttpResponse<String> read =
                        server.post("/api/jobs/" + job + "/leakdown/readings", """
                        {"testerId": 1, "cylinder": %d, "reading": {"kind": "STANDARD", "leakPercent": 8, "state": "HOT",
                          "heard": {"CRANKCASE": "FAINT", "INTAKE": "NOTHING", "EXHAUST": "NOTHING"}}}""".formatted(cylinder.asInt()));
                assertThat(read.statusCode()).as(read.body()).isEqualTo(200);
            }
        }
        JsonNode decision = plan(job).at("/plan/decision");
        assertThat(plan(job).at("/plan/decided").asString()).startsWith("Stop testing");
        assertThat(decision.at("/options/0/recommended").asBoolean()).isTrue();
        assertThat(decision.at("/says").asString()).doesNotContain("Not decided");
    }

    @Test
    void howItStandsIsKeptAndPlannedWith() {
        JsonNode alone = plan(2);
        patched(
                2,
                "{\"stands\": {\"HELPER\": true, \"AIR\": false, \"WARM\": true}, \"hotAt\": \"2026-11-05T10:00:00Z\"}");
        JsonNode two = plan(2);
        assertThat(two.at("/plan/fixedOrderMinutes").asDouble())
                .isLessThan(alone.at("/plan/fixedOrderMinutes").asDouble());
        assertThat(two.at("/plan/steps"))
                .noneMatch(s -> s.at("/test").asString().equals("LEAKDOWN"));
        String file = server.get("/api/jobs/2/case-file").body();
        assertThat(file).contains("\"HELPER\"", "2026-11-05T10:00:00Z");
        assertThat(patched(2, "{\"hotAt\": \"yesterday\"}")
                        .at("/errors/0/field")
                        .asString())
                .isEqualTo("hotAt");
        assertThat(patched(2, "{\"stands\": {\"LEVITATING\": true}}")
                        .at("/status")
                        .asInt())
                .isEqualTo(400);
        server.undo(2);
        assertThat(plan(2).at("/plan/fixedOrderMinutes")).isEqualTo(alone.at("/plan/fixedOrderMinutes"));
    }

    @Test
    void whatIsNoTestOrNoSumIsRefusedAtItsPlace() {
        JsonNode refused = patched(3, "{\"engineValue\": -1}");
        assertThat(refused.at("/errors/0/field").asString()).isEqualTo("engineValue");
        assertThat(patched(3, "{\"excluded\": {\"ASTROLOGY\": true}}")
                        .at("/status")
                        .asInt())
                .isEqualTo(400);
    }

    @Test
    void theShopsCostsAreKeptAndEverythingFollows() {
        JsonNode usual = json(server.get("/api/shop/costs"));
        assertThat(usual.at("/usualHourlyRate").asDouble()).isEqualTo(78);
        assertThat(plan(1).at("/plan/decision/usualCosts").asBoolean()).isTrue();
        double before = cost(plan(1), "HEAD_OFF");

        json(server.put("/api/shop/costs", "{\"hourlyRate\": 156}"));
        JsonNode after = plan(1);
        assertThat(after.at("/plan/decision/usualCosts").asBoolean()).isFalse();
        assertThat(cost(after, "HEAD_OFF")).isGreaterThan(1.5 * before);
        assertThat(after.at("/revision").asInt())
                .isEqualTo(server.sheet(1).at("/job/revision").asInt());

        JsonNode refused = json(server.put("/api/shop/costs", "{\"hourlyRate\": -4}"));
        assertThat(refused.at("/errors/0/field").asString()).isEqualTo("hourlyRate");
        assertThat(json(server.get("/api/shop/costs")).at("/own/hourlyRate").asDouble())
                .isEqualTo(156);

        server.put("/api/shop/costs", "{}");
        assertThat(cost(plan(1), "HEAD_OFF")).isEqualTo(before);
    }

    private static double cost(JsonNode plan, String action) {
        for (JsonNode option : plan.at("/plan/decision/options")) {
            if (option.at("/action").asString().equals(action)) {
                return option.at("/cost").asDouble();
            }
        }
        throw new AssertionError("no " + action);
    }
}
