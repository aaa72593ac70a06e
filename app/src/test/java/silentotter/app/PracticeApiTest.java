package silentotter.app;

import static org.assertj.core.api.Assertions.assertThat;
import static silentotter.app.Server.json;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The practice room over the wire: beside the shop, and never among its records. */
class PracticeApiTest {
    private static final HttpClient HTTP = HttpClient.newHttpClient();
    private static Server shop;
    private static String room;

    @BeforeAll
    static void start() throws IOException {
        shop = Server.start(false);
        room = json(shop.post("/api/practice/room", "")).at("/address").asString();
    }

    @AfterAll
    static void stop() {
        shop.close();
    }

    private static HttpResponse<String> send(String method, String path, String body) {
        try {
            HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(room + path))
                    .header("Content-Type", "application/json")
                    .method(
                            method,
                            body == null
                                    ? HttpRequest.BodyPublishers.noBody()
                                    : HttpRequest.BodyPublishers.ofString(body));
            return HTTP.send(request.build(), HttpResponse.BodyHandlers.ofString());
        } catch (IOException | InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private static JsonNode get(String path) {
        return json(send("GET", path, null));
    }

    private static long begin(String key, String technician) {
        return json(send(
                        "POST",
                        "/api/practice/cases",
                        "{\"key\": \"" + key + "\", \"technician\": \"" + technician + "\"}"))
                .at("/jobId")
                .asLong();
    }

    private static HttpResponse<String> does(long job, int number, String kind, int cylinder) {
        return send(
                "POST",
                "/api/jobs/" + job + "/practice/deeds",
                "{\"number\": " + number + ", \"deed\": {\"kind\": \"" + kind + "\", \"cylinder\": " + cylinder
                        + ", \"throttleOpen\": true, \"stroke\": true, \"zeroed\": true, \"oilMl\": 5}}");
    }

    private static HttpResponse<String> say(long job, String family, String cylinders, double certainty) {
        return send(
                "POST",
                "/api/jobs/" + job + "/practice/verdict",
                "{\"family\": \"" + family + "\", \"cylinders\": " + cylinders + ", \"certainty\": " + certainty + "}");
    }

    @Test
    void theRoomIsOneAndTheShopIsNone() {
        assertThat(get("/api/practice").at("/practising").asBoolean()).isTrue();
        assertThat(json(shop.get("/api/practice")).at("/practising").asBoolean())
                .isFalse();
        assertThat(json(shop.post("/api/practice/room", "")).at("/address").asString())
                .isEqualTo(room);
        assertThat(shop.post("/api/practice/cases", "{\"key\": \"lesson-1\"}").statusCode())
                .isEqualTo(409);
    }

    @Test
    void aCaseIsDoneFromComplaintToDebriefAndNothingOfItStandsInTheShop() {
        long job = begin("lesson-1", "Quill");
        JsonNode sheet = get("/api/jobs/" + job + "/sheet");
        assertThat(sheet.at("/job/job/complaint").asString()).contains("oil");
        JsonNode state = get("/api/jobs/" + job + "/practice");
        assertThat(state.at("/standing/minutes").asDouble()).isZero();
        does(job, 0, "PLUGS", 0);
        for (int c = 1; c <= 4; c++) {
            assertThat(does(job, c, "CRANK", c).statusCode()).isEqualTo(200);
        }
        // Enter twice is one deed, and an old window is told.
        does(job, 4, "CRANK", 4);
        assertThat(does(job, 2, "AIR", 3).statusCode()).isEqualTo(409);
        JsonNode aired = json(does(job, 5, "AIR", 3));
        assertThat(aired.at("/shown").size()).isEqualTo(6);
        assertThat(aired.at("/shown/1/strokesKPa").size()).isGreaterThan(3);
        assertThat(aired.at("/shown/5/gauges").size()).isEqualTo(2);
        assertThat(aired.at("/shown/5/sounds").size()).isEqualTo(6);
        // Nothing that is sent before the end says what is wrong.
        assertThat(aired.toString()).doesNotContain("RING_SEAL");
        assertThat(send("GET", "/api/jobs/" + job + "/practice/debrief", null).statusCode())
                .isEqualTo(409);
        assertThat(say(job, "RINGS", "[7]", .8).body()).contains("cylinders");

        JsonNode debrief = json(say(job, "RINGS", "[3]", .8));
        assertThat(debrief.at("/named").asBoolean()).isTrue();
        assertThat(debrief.at("/truth").asString()).contains("cylinder 3");
        assertThat(debrief.at("/steps").size()).isEqualTo(6);
        assertThat(debrief.at("/route").size()).isPositive();
        // The first word counts.
        say(job, "VALVE_LEAK", "[1]", .9);
        assertThat(get("/api/jobs/" + job + "/practice/debrief").at("/named").asBoolean())
                .isTrue();
        assertThat(does(job, 6, "AIR", 1).statusCode()).isEqualTo(409);

        assertThat(json(shop.get("/api/jobs")).at("/total").asInt()).isZero();
        assertThat(json(shop.get("/api/engines")).size()).isZero();
        assertThat(shop.get("/api/jobs/" + job + "/practice").statusCode()).isEqualTo(404);
    }

    @Test
    void whatWasMistakenComesBackAndIsExported() {
        String who = "Aske";
        long job = begin("lesson-2", who);
        does(job, 0, "CRANK", 2);
        say(job, "RINGS", "[2]", .7);
        JsonNode history = get("/api/practice/history?technician=" + who);
        assertThat(history.at("/finished").asInt()).isEqualTo(1);
        assertThat(history.at("/confused/0/was").asString()).isEqualTo("a valve leaks");
        assertThat(history.at("/confused/0/said").asString()).isEqualTo("rings or piston");
        assertThat(history.at("/next").asString()).startsWith("lesson-").isNotEqualTo("lesson-2");
        assertThat(send("GET", "/api/practice/history.csv", null).body()).contains("lesson-2,Aske");
        JsonNode board = get("/api/practice/board?technician=" + who);
        assertThat(board.at("/lessons").size()).isEqualTo(20);
        assertThat(board.at("/lessons/1/title").asString()).contains("valve");
        assertThat(board.at("/lessons/4").has("title")).isFalse();
    }

    @Test
    void whatIsNoCaseIsRefusedAtItsPlace() {
        HttpResponse<String> answer = send("POST", "/api/practice/cases", "{\"key\": \"lesson-99\"}");
        assertThat(answer.statusCode()).isEqualTo(400);
        assertThat(json(answer).at("/errors/0/field").asString()).isEqualTo("key");
        assertThat(send("POST", "/api/practice/cases", "{\"key\": \"own-77\"}").statusCode())
                .isEqualTo(400);
    }

    @Test
    void aShopsOwnJobBecomesACaseWithoutAName() throws IOException {
        try (Server demo = Server.start(true)) {
            long opened =
                    json(demo.get("/api/jobs?outcome=true")).at("/jobs/0/id").asLong();
            String own = json(demo.post("/api/jobs/" + opened + "/practice", ""))
                    .at("/address")
                    .asString();
            String address = room;
            room = own;
            try {
                String key = get("/api/practice/board").at("/own/0").asString();
                long job = begin(key, "");
                String name = json(demo.get("/api/jobs/" + opened + "/sheet"))
                        .at("/engine/engine/name")
                        .asString();
                JsonNode sheet = get("/api/jobs/" + job + "/sheet");
                assertThat(sheet.toString()).doesNotContain(name);
                assertThat(json(say(job, "NOTHING_WRONG", "[]", .5))
                                .at("/truth")
                                .asString())
                        .isNotEmpty();
            } finally {
                room = address;
            }
            long shut =
                    json(demo.get("/api/jobs?outcome=false")).at("/jobs/0/id").asLong();
            assertThat(demo.post("/api/jobs/" + shut + "/practice", "").statusCode())
                    .isEqualTo(409);
        }
    }
}
