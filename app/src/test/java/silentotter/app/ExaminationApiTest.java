package silentotter.app;

import static org.assertj.core.api.Assertions.assertThat;
import static silentotter.app.Server.json;

import java.io.IOException;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Base64;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** What is looked at before the gauges, through the API. */
class ExaminationApiTest {
    /** The smallest picture there is. */
    private static final byte[] PIXEL = Base64.getDecoder()
            .decode("iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==");

    private static Server server;

    @BeforeAll
    static void start() {
        server = Server.shared();
    }

    private static HttpResponse<String> patch(long job, String part, String json) {
        return server.send("PATCH", "/api/jobs/" + job + "/examination/" + part, "application/json", json);
    }

    private static void undo(long job) {
        long change = server.sheet(job).at("/undo/id").asLong();
        assertThat(server.post("/api/jobs/" + job + "/undo", "{\"changeId\": " + change + "}")
                        .statusCode())
                .isEqualTo(200);
    }

    @Test
    void twoWindowsThatLookAtDifferentThingsDoNotOverwriteEachOther() {
        long job = server.newJob();
        patch(job, "plugs", "{\"plugs\": {\"1\": {\"shade\": \"TAN\", \"wetness\": \"DRY\"}}}");
        patch(job, "plugs", "{\"plugs\": {\"2\": {\"wetness\": \"WET_STAYS_OILY\"}}}");
        patch(job, "plugs", "{\"plugs\": {\"1\": {\"gapMm\": 0.9}}}");
        JsonNode plugs = server.sheet(job).at("/examination/plugs/plugs");
        assertThat(plugs.at("/1/shade").asString()).isEqualTo("TAN");
        assertThat(plugs.at("/1/gapMm").asDouble()).isEqualTo(0.9);
        assertThat(plugs.at("/2/wetness").asString()).isEqualTo("WET_STAYS_OILY");
        assertThat(server.sheet(job).at("/seen/plugSet").asString()).startsWith("One odd plug: 2 oily");

        patch(job, "plugs", "{\"plugs\": {\"1\": {\"gapMm\": null}}}");
        assertThat(server.sheet(job).at("/examination/plugs/plugs/1").has("gapMm"))
                .isFalse();
        undo(job);
        assertThat(server.sheet(job).at("/examination/plugs/plugs/1/gapMm").asDouble())
                .isEqualTo(0.9);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "plugs     | {'plugs': {'1': {'gapMm': 95}}}             | plugs.1.gapMm              | 0 to 3 mm",
                "plugs     | {'plugs': {'9': {'shade': 'TAN'}}}          | plugs.9                    | 1 to 4",
                "plugs     | {'plugs': {'1': {'shade': 'PINK'}}}         | plugs.1.shade              | WHITE, GREY",
                "plugs     | {'plugs': {'1': {'gapMm': 'wide'}}}         | plugs.1.gapMm              | 0 to 3 mm",
                "signs     | {'oil': {'colour': 'BLACK', 'smell': 'x'}}  | oil.smell                  |",
                "signs     | {'oilPressure': {'hotKPa': -5}}             | oilPressure.hotKPa         | 0 to 1500 kPa",
                "signs     | {'soak': {'startedAt': 'now', 'minutes': 20}} | soak.startedAt           |",
                "intake    | {'secondsToFire': 500}                      | secondsToFire              | 0 to 120 s",
                "crankcase | {'pressure': {'startKPa': 400}}             | pressure.startKPa          | 5 to 100 kPa"
            })
    void impossibleValuesAreRefusedAtTheirFieldAndNothingIsChanged(
            String part, String body, String field, String allowed) {
        long job = server.newJob();
        HttpResponse<String> answer = patch(job, part, body.replace('\'', '"'));
        assertThat(answer.statusCode()).isEqualTo(400);
        assertThat(json(answer).at("/errors/0/field").asString()).isEqualTo(field);
        if (allowed != null) {
            assertThat(json(answer).at("/errors/0/allowed").asString()).startsWith(allowed);
        }
        assertThat(server.sheet(job).at("/job/revision").asInt()).isZero();
    }

    @Test
    void aPartThatDoesNotExistIsNotFound() {
        assertThat(patch(server.newJob(), "horoscope", "{}").statusCode()).isEqualTo(404);
    }

    @Test
    void mixedUpPlugsAreSwappedAndTheTrailStays() {
        long job = server.newJob();
        patch(job, "plugs", "{\"plugs\": {\"3\": {\"wetness\": \"WET_STAYS_OILY\"}}}");
        server.post("/api/jobs/" + job + "/plugs/swap", "{\"one\": 3, \"other\": 4}");
        JsonNode sheet = server.sheet(job);
        assertThat(sheet.at("/examination/plugs/plugs").has("3")).isFalse();
        assertThat(sheet.at("/examination/plugs/plugs/4/wetness").asString()).isEqualTo("WET_STAYS_OILY");
        assertThat(sheet.at("/corrections/0").asString()).startsWith("plugs 3 and 4 swapped, ");
        assertThat(sheet.at("/seen/findings").toString())
                .as("what was said of plug 3 is no reason for anything at cylinder 3")
                .doesNotContain("\"cylinders\":[3]");
        undo(job);
        assertThat(server.sheet(job).at("/examination/plugs/plugs/3/wetness").asString())
                .isEqualTo("WET_STAYS_OILY");
        assertThat(server.post("/api/jobs/" + job + "/plugs/swap", "{\"one\": 3, \"other\": 9}")
                        .statusCode())
                .isEqualTo(400);
    }

    @Test
    void theVerdictHearsTheSignsAndAStopGoesFirst() {
        long job = server.newJob();
        for (int cylinder = 1; cylinder <= 4; cylinder++) {
            server.read(job, server.firstPass(job), cylinder, 1300);
        }
        patch(
                job,
                "plugs",
                "{\"plugs\": {\"1\": {\"shade\": \"TAN\"}, \"2\": {\"wetness\": \"WET_STAYS_OILY\"},"
                        + " \"3\": {\"shade\": \"TAN\"}, \"4\": {\"shade\": \"TAN\"}}}");
        JsonNode oil = server.sheet(job).at("/diagnosis/suspects/0");
        for (JsonNode s : server.sheet(job).at("/diagnosis/suspects")) {
            oil = s.at("/family").asString().equals("OIL_ENTRY") ? s : oil;
        }
        assertThat(oil.at("/probability").asDouble()).isGreaterThan(0.4);
        assertThat(oil.at("/members/0/cylinders/0").asInt()).isEqualTo(2);
        patch(job, "signs", "{\"oil\": {\"glitter\": \"FLAKES\"}}");
        assertThat(server.sheet(job).at("/diagnosis/headline/certain/text").asString())
                .isEqualTo("Do not run it");
        assertThat(server.sheet(job).at("/diagnosis/stops").size()).isEqualTo(1);
        assertThat(json(server.get("/api/jobs")).at("/jobs").findValuesAsString("headline"))
                .contains("Do not run it");
    }

    @Test
    void theShopChoosesItsSchoolOfPlugReading() {
        long job = server.newJob();
        patch(job, "plugs", "{\"plugs\": {\"1\": {\"shade\": \"WHITE\", \"surface\": \"BLISTERED\"}}}");
        assertThat(server.sheet(job).at("/seen/findings/0/counts").asBoolean()).isTrue();
        server.put("/api/jobs/" + job + "/leading-plug-school", "{\"school\": \"EVENNESS_ONLY\"}");
        assertThat(server.sheet(job).at("/seen/findings/0/counts").asBoolean()).isFalse();
        server.put("/api/jobs/" + job + "/leading-plug-school", "{\"school\": \"FULL_READING\"}");
    }

    @Test
    void theServiceLogAnswersWhenTheOilWasChanged() {
        long job = server.newJob();
        String service = "/api/jobs/" + job + "/service";
        assertThat(server.sheet(job).at("/lastOilChange").asString()).startsWith("Nobody has written down");
        server.post(service, """
                {"date": "2026-09-04", "kind": "OIL_CHANGE", "hours": 100, "litres": 4.2, "filterChanged": false}""");
        assertThat(server.sheet(job).at("/lastOilChange").asString())
                .isEqualTo("Oil changed 2026-09-04 (60 days ago), 4.20 L, filter not changed.");
        assertThat(json(server.post(service, "{\"date\": \"2026-99-04\", \"kind\": \"TOP_UP\", \"litres\": -1}"))
                        .at("/errors")
                        .findValuesAsString("field"))
                .containsExactlyInAnyOrder("date", "litres");
        undo(job);
        assertThat(server.sheet(job).at("/service").size()).isZero();
    }

    @Test
    void aPhotoIsKeptWithTheJobAndTravelsInTheCaseFile() throws Exception {
        long job = server.newJob();
        assertThat(photo(job, "image/png", PIXEL)).isEqualTo(200);
        assertThat(photo(job, "text/html", PIXEL)).isEqualTo(415);
        JsonNode kept = server.sheet(job).at("/photos/0");
        assertThat(kept.at("/cylinder").asInt()).isEqualTo(2);
        assertThat(server.get("/api/photos/" + kept.at("/key").asString())
                        .headers()
                        .firstValue("Content-Type"))
                .hasValue("image/png");

        String file = server.get("/api/jobs/" + job + "/case-file").body();
        long copy = json(server.post("/api/case-files", file)).at("/jobIds/0").asLong();
        assertThat(server.get("/api/jobs/" + copy + "/case-file").body()).isEqualTo(file);
        undo(job);
        assertThat(server.sheet(job).at("/photos").size()).isZero();
    }

    private static int photo(long job, String type, byte[] content) throws IOException, InterruptedException {
        return java.net.http.HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(server.uri("/api/jobs/" + job + "/photos/plugs/2"))
                                .header("Content-Type", type)
                                .POST(HttpRequest.BodyPublishers.ofByteArray(content))
                                .build(),
                        HttpResponse.BodyHandlers.ofString())
                .statusCode();
    }

    @Test
    void findingsComeBackThroughCsv() {
        long job = server.newJob();
        patch(job, "plugs", "{\"plugs\": {\"1\": {\"shade\": \"TAN\", \"gapMm\": 0.95, \"tight\": true}}}");
        patch(job, "signs", "{\"smoke\": {\"LOAD\": {\"colour\": \"BLUE\"}}}");
        patch(job, "intake", "{\"history\": {\"OVERHEATED_ONCE\": false}}");
        String csv = server.get("/api/jobs/" + job + "/examination.csv").body();
        assertThat(csv).contains("plugs,plugs.1.gapMm,0.95");
        long other = server.newJob();
        String path = "/api/jobs/" + other + "/examination.csv";
        assertThat(server.send("POST", path, "text/csv", csv).statusCode()).isEqualTo(201);
        assertThat(server.sheet(other).at("/examination"))
                .isEqualTo(server.sheet(job).at("/examination"));

        HttpResponse<String> wrong =
                server.send("POST", path, "text/csv", "part,field,value\nplugs,plugs.2.gapMm,wide\npluks,a,b\n");
        assertThat(json(wrong).at("/errors").findValuesAsString("field")).containsExactly("line 2", "line 3");
    }
}
