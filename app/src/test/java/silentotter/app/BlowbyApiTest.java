package silentotter.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static silentotter.app.Server.json;

import java.net.http.HttpResponse;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Crankcase pressure over the API: from legs to flow, and two gauges held against each other. */
class BlowbyApiTest {
    private static Server server;

    @BeforeAll
    static void start() {
        server = Server.shared();
    }

    private static HttpResponse<String> read(long job, String key, String rest) {
        return server.post(
                "/api/jobs/" + job + "/blowby/readings",
                "{\"key\": \"" + key + "\", \"reading\": {\"ventilation\": \"SHUT\", \"orificeMm\": 8, " + rest + "}}");
    }

    private static String slack(String point, double up, double down) {
        return "\"point\": \"" + point + "\", \"instrument\": \"SLACK_TUBE\", \"legsMm\": [" + up + ", " + down + "]";
    }

    private static String digital(String point, double pa) {
        return "\"point\": \"" + point + "\", \"instrument\": \"DIGITAL\", \"pressurePa\": " + pa;
    }

    @Test
    void twoLegsBecomeAFlowAndASlippedDecimalIsMendedWithOneTap() {
        long job = server.newJob();
        assertThat(read(job, "b1" + job, slack("IDLE", 17, 17)).statusCode()).isEqualTo(200);
        JsonNode blowby = server.sheet(job).at("/blowby");
        assertThat(blowby.at("/analysis/points/0/pressurePa/best").asDouble()).isCloseTo(332.8, within(0.2));
        assertThat(blowby.at("/analysis/points/0/flowLPerMin/best").asDouble()).isCloseTo(41.2, within(0.3));
        assertThat(blowby.at("/setUp").toString()).doesNotContain("CHECK_VALVE");
        read(job, "b2" + job, digital("IDLE", 33));
        JsonNode check = server.sheet(job).at("/blowby/analysis/checks/0");
        assertThat(check.at("/agree").asBoolean()).isFalse();
        assertThat(check.at("/slips/0").asString()).isEqualTo("DECIMAL_SHORT");
        assertThat(check.at("/says").asString()).contains("333 Pa").contains("a decimal has slipped");
        long digital = server.sheet(job).at("/blowby/readings/1/id").asLong();
        assertThat(server.put(
                                "/api/jobs/" + job + "/blowby/readings/" + digital + "/mended",
                                "{\"slip\": \"DECIMAL_SHORT\"}")
                        .statusCode())
                .isEqualTo(200);
        JsonNode after = server.sheet(job);
        assertThat(after.at("/blowby/analysis/checks/0/agree").asBoolean()).isTrue();
        assertThat(after.at("/blowby/readings/1/reading/pressurePa").asDouble()).isEqualTo(330);
        assertThat(after.at("/corrections").size()).isEqualTo(1);
        server.undo(job);
        assertThat(server.sheet(job).at("/blowby/readings/1/reading/pressurePa").asDouble())
                .isEqualTo(33);
    }

    @Test
    void legsOfATubeBesideADigitalGaugeAreTwoOrRefusedAtTheirPlace() {
        long job = server.newJob();
        HttpResponse<String> three = read(job, "three" + job, digital("HELD", 200) + ", \"legsMm\": [1, 2, 3]");
        assertThat(three.statusCode()).isEqualTo(400);
        assertThat(json(three).at("/errors/0/field").asString()).isEqualTo("legsMm");
        assertThat(read(job, "two" + job, digital("HELD", 200) + ", \"legsMm\": [1, 2]")
                        .statusCode())
                .isEqualTo(200);
        String file = server.get("/api/jobs/" + job + "/case-file").body();
        assertThat(server.post("/api/case-files", file).statusCode()).isEqualTo(201);
    }

    @Test
    void enterTwiceIsOneReadingAndSetAsideCountsForNothing() {
        long job = server.newJob();
        read(job, "twice" + job, digital("HELD", 200));
        assertThat(read(job, "twice" + job, digital("HELD", 200)).statusCode()).isEqualTo(200);
        assertThat(read(job, "twice" + job, digital("HELD", 210)).statusCode()).isEqualTo(409);
        JsonNode readings = server.sheet(job).at("/blowby/readings");
        assertThat(readings.size()).isEqualTo(1);
        String path =
                "/api/jobs/" + job + "/blowby/readings/" + readings.at("/0/id").asLong() + "/set-aside";
        server.put(path, "{\"reason\": \"hose was off\"}");
        assertThat(server.sheet(job).at("/blowby/analysis/points").size()).isZero();
        server.put(path, "{}");
        assertThat(server.sheet(job).at("/blowby/analysis/points").size()).isEqualTo(1);
    }

    @Test
    void aTwinIsRefusedAtItsCheckAndAFiledReadingOfItIsShownAsNotCounting() {
        long job = json(server.post("/api/jobs", """
                        {"engine": {"name": "Gull", "layout": "INLINE", "banks": [{"side": "ONLY", "cylinders": [1, 2]}],
                          "boreMm": 86, "strokeMm": 86}, "job": {"date": "2026-11-03"}}""")).at("/job/id").asLong();
        HttpResponse<String> answer = read(job, "twin" + job, digital("IDLE", 200));
        assertThat(answer.statusCode()).isEqualTo(400);
        assertThat(json(answer).at("/errors/0/field").asString()).isEqualTo("checked");
        read(job, "twin2" + job, digital("IDLE", 200) + ", \"checked\": [\"CHECK_VALVE\"]");
        ObjectNode file = (ObjectNode) json(server.get("/api/jobs/" + job + "/case-file"));
        assertThat(file.at("/version").asInt()).isEqualTo(4);
        ((ObjectNode) file.at("/jobs/0/blowby/0")).remove("checked");
        long copy = json(server.post("/api/case-files", file.toString()))
                .at("/jobIds/0")
                .asLong();
        assertThat(server.sheet(copy).at("/blowby/notCounted/0/reason").asString())
                .contains("pumps its crankcase");
    }

    @Test
    void toolsOfTheShopAreKeptAndChangeNoEarlierReading() {
        long job = server.newJob();
        String adapter =
                "{\"kind\": \"ADAPTER\", \"name\": \"Eight\", \"orificeMm\": 8, \"orificeFromMm\": 80, \"orificeToMm\": 110}";
        assertThat(server.post("/api/jobs/" + job + "/blowby/tools", adapter).statusCode())
                .isEqualTo(200);
        server.post("/api/jobs/" + job + "/blowby/tools", adapter);
        JsonNode tools = server.sheet(job).at("/blowby/tools");
        long same = tools.valueStream()
                .filter(t -> t.at("/tool/name").asString().equals("Eight"))
                .count();
        assertThat(same).as("Enter twice").isEqualTo(1);
        long id = tools.get(0).at("/id").asLong();
        int revision = tools.get(0).at("/revision").asInt();
        assertThat(server.put("/api/jobs/" + job + "/blowby/tools/" + id, "{\"revision\": " + revision + "}")
                        .statusCode())
                .isEqualTo(200);
        assertThat(server.put("/api/jobs/" + job + "/blowby/tools/" + id, "{\"revision\": " + revision + "}")
                        .statusCode())
                .isEqualTo(409);
        assertThat(server.post("/api/jobs/" + job + "/blowby/tools", "{\"kind\": \"ADAPTER\", \"name\": \" \"}")
                        .statusCode())
                .isEqualTo(400);
    }

    @Test
    void csvGoesOutAndComesBackTheSame() {
        long job = server.newJob();
        read(job, "c1" + job, slack("IDLE", 17, 16) + ", \"checked\": [\"WARM\", \"FRESH_SEAL\"], \"pulsing\": true");
        read(job, "c2" + job, digital("LOADED", 480) + ", \"rpm\": 2800");
        String csv = server.get("/api/jobs/" + job + "/blowby.csv").body();
        long other = server.newJob();
        assertThat(server.send("POST", "/api/jobs/" + other + "/blowby.csv", "text/csv", csv)
                        .statusCode())
                .isEqualTo(201);
        assertThat(server.get("/api/jobs/" + other + "/blowby.csv").body()).isEqualTo(csv);
        HttpResponse<String> wrong = server.send(
                "POST",
                "/api/jobs/" + other + "/blowby.csv",
                "text/csv",
                "point,instrument,pressure_pa\nIDLE,DIGITAL,99999\n");
        assertThat(wrong.statusCode()).isEqualTo(400);
        assertThat(json(wrong).at("/errors/0/field").asString()).isEqualTo("line 2");
    }
}
