package silentotter.app;

import static org.assertj.core.api.Assertions.assertThat;
import static silentotter.app.Server.json;

import java.net.http.HttpResponse;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Leak-down through the API: testers, calibration, readings, listening. */
class LeakdownApiTest {
    private static Server server;
    private static long job;
    private static long gauges;
    private static long unknown;

    @BeforeAll
    static void start() {
        server = Server.shared();
        job = server.newJob();
        gauges = tester(
                "{\"name\": \"A\", \"kind\": \"TWO_GAUGES\", \"supplyKPa\": 690, \"orificeMm\": 1.016, \"calibrated\": true}");
        unknown = tester("{\"name\": \"B\", \"kind\": \"PERCENT_DIAL\", \"calibrated\": false}");
    }

    private static long tester(String json) {
        JsonNode testers = json(server.post("/api/jobs/" + job + "/leakdown/testers", json))
                .at("/leakdown/testers");
        return testers.get(testers.size() - 1).at("/id").asLong();
    }

    private static HttpResponse<String> read(long onJob, long testerId, int cylinder, String reading) {
        return server.post(
                "/api/jobs/" + onJob + "/leakdown/readings",
                "{\"testerId\": " + testerId + ", \"cylinder\": " + cylinder
                        + ", \"reading\": {\"kind\": \"STANDARD\", " + reading + "}}");
    }

    private static HttpResponse<String> hear(long onJob, long reading, String body) {
        return server.post("/api/jobs/" + onJob + "/leakdown/readings/" + reading + "/heard", body);
    }

    @Test
    void twoGaugesBecomeAnAreaAndListeningNamesTheSeal() {
        long fresh = server.newJob();
        JsonNode sheet = json(read(fresh, gauges, 2, "\"cylinderKPa\": 276, \"state\": \"HOT\""));
        assertThat(sheet.at("/leakdown/cylinders/0/areaMm2/best").asDouble())
                .isCloseTo(1.700, Percentage.withPercentage(0.5));
        long reading = sheet.at("/leakdown/readings/0/id").asLong();
        hear(fresh, reading, "{\"place\": \"EXHAUST\", \"heard\": \"LOUD\", \"listenedWith\": \"TUBE\"}");
        sheet = json(hear(fresh, reading, "{\"place\": \"NEIGHBOUR\", \"heard\": \"NOTHING\", \"neighbour\": 3}"));
        assertThat(sheet.at("/diagnosis/suspects/0/family").asString()).isEqualTo("VALVE_LEAK");
        assertThat(sheet.at("/diagnosis/suspects/0/cylinders/0").asInt()).isEqualTo(2);
        assertThat(sheet.at("/leakdown/readings/0/reading/neighbours/3").asString())
                .isEqualTo("NOTHING");

        long change = sheet.at("/undo/id").asLong();
        sheet = json(server.post("/api/jobs/" + fresh + "/undo", "{\"changeId\": " + change + "}"));
        assertThat(sheet.at("/leakdown/readings/0/reading/neighbours").has("3")).isFalse();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2 | 'cylinderKPa': 700                        | cylinderKPa",
                "2 | 'leakPercent': 140                        | leakPercent",
                "2 | 'leakPercent': 20, 'cylinderKPa': 500     | leakPercent",
                "9 | 'leakPercent': 20                         | cylinder",
                "2 | 'leakPercent': 20, 'neighbours': {'2': 'LOUD'} | neighbours.2",
                "2 | 'leakPercent': 'lots'                     | reading.leakPercent"
            })
    void impossibleReadingsAreRefusedAtTheirField(int cylinder, String reading, String field) {
        int before = server.sheet(job).at("/leakdown/readings").size();
        HttpResponse<String> answer = read(job, gauges, cylinder, reading.replace('\'', '"'));
        assertThat(answer.statusCode()).isEqualTo(400);
        assertThat(json(answer).at("/errors/0/field").asString()).isEqualTo(field);
        assertThat(server.sheet(job).at("/leakdown/readings").size()).isEqualTo(before);
    }

    @Test
    void calibratingATesterBettersEarlierReadings() {
        long fresh = server.newJob();
        long tester =
                tester("{\"name\": \"C\", \"kind\": \"PERCENT_DIAL\", \"supplyKPa\": 689.476, \"calibrated\": false}");
        JsonNode before = json(read(fresh, tester, 1, "\"leakPercent\": 40"));
        assertThat(before.at("/leakdown/comparable").asBoolean()).isFalse();
        assertThat(before.at("/leakdown/cylinders/0").has("areaMm2")).isFalse();
        JsonNode after = json(server.post(
                "/api/jobs/" + fresh + "/leakdown/testers/" + tester + "/calibration",
                "{\"holes\": [{\"bleedHoleMm\": 1.237, \"leakPercent\": 40}]}"));
        assertThat(after.at("/leakdown/cylinders/0/areaMm2/best").asDouble())
                .isCloseTo(1.203, Percentage.withPercentage(1));
    }

    @Test
    void whatChecksTeachOfATesterAddsUp() {
        long fresh = server.newJob();
        long tester = tester("{\"name\": \"Checked\", \"kind\": \"TWO_GAUGES\", \"supplyKPa\": 689.476,"
                + " \"orificeMm\": 1.0, \"calibrated\": false}");
        String path = "/api/jobs/" + fresh + "/leakdown/testers/" + tester + "/calibration";
        JsonNode once = json(server.post(path, "{\"holes\": [{\"bleedHoleMm\": 1.237, \"leakPercent\": 40}]}"));
        JsonNode twice = json(server.post(path, "{\"holes\": [{\"bleedHoleMm\": 1.237, \"leakPercent\": 39}]}"));

        assertThat(shown(once, tester).at("/bias/checks").asInt()).isEqualTo(1);
        assertThat(shown(twice, tester).at("/bias/checks").asInt()).isEqualTo(2);
        assertThat(shown(twice, tester).at("/tester/checks").asInt()).isEqualTo(2);
        assertThat(shown(twice, tester).at("/bias/inWords").asString()).startsWith("Checked 2 times, together");
        double first = shown(once, tester).at("/tester/orificeMm").asDouble();
        double both = shown(twice, tester).at("/tester/orificeMm").asDouble();
        assertThat(both).isGreaterThan(first).isLessThan(first * 1.02);

        JsonNode other = json(server.post(path, "{\"holes\": [{\"bleedHoleMm\": 1.237, \"leakPercent\": 60}]}"));
        assertThat(shown(other, tester).at("/bias/left").asInt()).isEqualTo(2);
        assertThat(shown(other, tester).at("/tester").has("checks")).isFalse();
        // Taken away and loaded again it is as well known.
        server.post(path, "{\"holes\": [{\"bleedHoleMm\": 1.237, \"leakPercent\": 60}]}");
        read(fresh, tester, 1, "\"leakPercent\": 40");
        JsonNode filed = json(server.get("/api/jobs/" + fresh + "/case-file"));
        assertThat(filed.at("/jobs/0/leakdown/0/tester/checks").asInt()).isEqualTo(2);
        assertThat(server.post("/api/case-files", filed.toString()).statusCode())
                .isEqualTo(201);
    }

    private static JsonNode shown(JsonNode sheet, long tester) {
        for (JsonNode t : sheet.at("/leakdown/testers")) {
            if (t.path("id").asLong() == tester) {
                return t;
            }
        }
        throw new AssertionError("no tester " + tester);
    }

    @Test
    void aHiddenSupplyNeedsTwoHoles() {
        String path = "/api/jobs/" + job + "/leakdown/testers/" + unknown + "/calibration";
        assertThat(json(server.post(path, "{\"holes\": [{\"bleedHoleMm\": 1, \"leakPercent\": 20}]}"))
                        .at("/errors/0/field")
                        .asString())
                .isEqualTo("supplyKPa");
        assertThat(json(server.post(
                                path,
                                "{\"holes\": [{\"bleedHoleMm\": 1.6, \"leakPercent\": 10}, {\"bleedHoleMm\": 0.8, \"leakPercent\": 60}]}"))
                        .at("/errors/0/message")
                        .asString())
                .contains("do not fit one tester");
        JsonNode found = json(
                server.post(
                        path,
                        "{\"holes\": [{\"bleedHoleMm\": 0.61, \"leakPercent\": 3.4}, {\"bleedHoleMm\": 1.63, \"leakPercent\": 70.13}]}"));
        JsonNode tester = found.at("/leakdown/testers/1/tester");
        assertThat(tester.at("/orificeMm").asDouble()).isCloseTo(1.016, Percentage.withPercentage(2));
        assertThat(tester.at("/supplyKPa").asDouble()).isCloseTo(690, Percentage.withPercentage(5));
    }

    @Test
    void readingsComeBackThroughCsvAndTheCaseFile() {
        long fresh = server.newJob();
        JsonNode sheet = json(read(fresh, gauges, 3, "\"leakPercent\": 33, \"state\": \"COLD\""));
        hear(fresh, sheet.at("/leakdown/readings/0/id").asLong(), "{\"place\": \"CRANKCASE\", \"heard\": \"CLEAR\"}");
        String csv = server.get("/api/jobs/" + fresh + "/leakdown/readings.csv").body();
        assertThat(csv).contains("CRANKCASE=CLEAR");
        long other = server.newJob();
        String path = "/api/jobs/" + other + "/leakdown/readings.csv";
        assertThat(server.send("POST", path, "text/csv", csv).statusCode()).isEqualTo(201);
        assertThat(server.sheet(other).at("/leakdown/cylinders"))
                .isEqualTo(server.sheet(fresh).at("/leakdown/cylinders"));
        HttpResponse<String> wrong =
                server.send("POST", path, "text/csv", "cylinder,tester,percent\n1,nobody,20\n9,A,20\n");
        assertThat(json(wrong).at("/errors").findValuesAsString("field")).containsExactly("line 2", "line 3");

        String file = server.get("/api/jobs/" + fresh + "/case-file").body();
        long copy = json(server.post("/api/case-files", file)).at("/jobIds/0").asLong();
        assertThat(server.get("/api/jobs/" + copy + "/case-file").body()).isEqualTo(file);
    }

    @Test
    void clearancesAreReadValveByValve() {
        long fresh = server.newJob();
        JsonNode sheet = json(server.send(
                "PATCH",
                "/api/jobs/" + fresh + "/examination/valves",
                "application/json",
                "{\"cylinders\": {\"2\": {\"exhaustMm\": [0.2, 0.0]}}}"));
        assertThat(sheet.at("/seen/findings/0/rule").asString()).isEqualTo("clearance-none-exhaust");
        HttpResponse<String> wrong = server.send(
                "PATCH",
                "/api/jobs/" + fresh + "/examination/valves",
                "application/json",
                "{\"cylinders\": {\"2\": {\"exhaustMm\": [0.2, 12]}}}");
        assertThat(json(wrong).at("/errors/0/field").asString()).isEqualTo("cylinders.2.exhaustMm");
    }

    @Test
    void aCalibrationBettersWhatWasReadAndAChangeBeginsAnotherTester() {
        long fresh = server.newJob();
        long bench = tester("{\"name\": \"Dock\", \"kind\": \"TWO_GAUGES\", \"supplyKPa\": 690, \"orificeMm\": 1.0,"
                + " \"calibrated\": false}");
        double first = area(json(read(fresh, bench, 1, "\"cylinderKPa\": 500")), 0);
        String path = "/api/jobs/" + fresh + "/leakdown/testers/" + bench;
        String drilled = "{\"name\": \"Dock\", \"kind\": \"TWO_GAUGES\", \"supplyKPa\": 690, \"orificeMm\": %s,"
                + " \"calibrated\": true}";

        JsonNode better = json(server.put(path, "{\"revision\": 1, \"tester\": " + drilled.formatted("1.1") + "}"));
        assertThat(area(better, 0)).isGreaterThan(first * 1.15);

        JsonNode changed = json(server.put(
                path, "{\"revision\": 2, \"tester\": " + drilled.formatted("2.0") + ", \"fromNowOn\": true}"));
        assertThat(area(changed, 0)).as("read with the old one").isEqualTo(area(better, 0));
        JsonNode testers = changed.at("/leakdown/testers");
        JsonNode next = testers.get(testers.size() - 1);
        assertThat(next.at("/follows").asLong()).isEqualTo(bench);
        assertThat(next.at("/since").asString()).isNotEmpty();
        JsonNode both = json(read(fresh, next.at("/id").asLong(), 2, "\"cylinderKPa\": 500"));
        assertThat(area(both, 1)).isGreaterThan(3 * area(both, 0));
        assertThat(both.at("/leakdown/readings/0/testerId").asLong()).isEqualTo(bench);

        assertThat(server.put(path, "{\"revision\": 2, \"tester\": " + drilled.formatted("1.2") + "}")
                        .statusCode())
                .as("what is over cannot be changed")
                .isEqualTo(409);
        JsonNode filed = json(server.get("/api/jobs/" + fresh + "/case-file"));
        assertThat(filed.at("/jobs/0/leakdown/0/tester/orificeMm").asDouble()).isEqualTo(1.1);
        assertThat(filed.at("/jobs/0/leakdown/1/tester/orificeMm").asDouble()).isEqualTo(2.0);
    }

    private static double area(JsonNode sheet, int cylinder) {
        return sheet.at("/leakdown/cylinders/" + cylinder + "/areaMm2/best").asDouble();
    }

    @Test
    void aSmallNumberOnTheSecondGaugeIsAskedAbout() {
        long fresh = server.newJob();
        String path = "/api/jobs/" + fresh + "/leakdown/readings";
        String body = "{\"testerId\": " + gauges + ", \"cylinder\": 1, \"typed\": %s, \"reading\":"
                + " {\"kind\": \"STANDARD\", \"cylinderKPa\": %s}}";
        HttpResponse<String> asked = server.post(path, body.formatted("12", "12"));
        assertThat(asked.statusCode()).isEqualTo(409);
        assertThat(json(asked).at("/question").asString()).isEqualTo("PERCENT");
        assertThat(server.sheet(fresh).at("/leakdown/readings").size()).isZero();
        assertThat(server.post(path, body.formatted("600", "600")).statusCode()).isEqualTo(200);
        assertThat(server.post(path, body.formatted("null", "12")).statusCode())
                .as("it is meant so")
                .isEqualTo(200);
    }

    @Test
    void readingsWatchedOnTheSecondGaugeBecomePerCentHere() {
        long fresh = server.newJob();
        JsonNode sheet = json(read(fresh, gauges, 1, "\"cylinderKPa\": 345, \"settlingKPa\": [200, 340]"));
        assertThat(sheet.at("/leakdown/readings/0/reading/settlingKPa/1").asDouble())
                .isEqualTo(340);
        assertThat(read(fresh, gauges, 2, "\"cylinderKPa\": 345, \"settlingKPa\": [900]")
                        .body())
                .contains("settlingKPa[0]");
        String csv = server.get("/api/jobs/" + fresh + "/leakdown.csv").body();
        assertThat(csv).contains("200.0 340.0");
        assertThat(server.send("POST", "/api/jobs/" + server.newJob() + "/leakdown.csv", "text/csv", csv)
                        .statusCode())
                .isEqualTo(201);
    }

    @Test
    void sentencesComeInTheUnitsAskedFor() {
        long fresh = server.newJob();
        read(fresh, gauges, 1, "\"leakPercent\": 40");
        server.read(fresh, server.firstPass(fresh), 1, 900);
        server.read(fresh, server.firstPass(fresh), 2, 1200);
        String metric = server.get("/api/jobs/" + fresh + "/sheet").body();
        String american = server.getIn("psi, US qt, mi, F", "/api/jobs/" + fresh + "/sheet");
        assertThat(metric).contains("900 kPa").doesNotContain("{kPa:", "{cyl:");
        assertThat(american).contains("131 psi").doesNotContain("900 kPa", "{kPa:");
        assertThat(json(server.get("/api/jobs/" + fresh + "/sheet")).at("/passes"))
                .isEqualTo(Server.JSON.readTree(american).at("/passes"));
    }

    @Test
    void nobodysOwnWordsAreTakenForMarks() {
        long fresh = server.newJob();
        server.put(
                "/api/jobs/" + fresh,
                "{\"revision\": 1, \"job\": {\"date\": \"2026-11-03\", \"complaint\": \"{kPa:900} {cyl:2}\"}}");
        assertThat(server.sheet(fresh).at("/job/job/complaint").asString()).isEqualTo("{kPa:900} {cyl:2}");
    }
}
