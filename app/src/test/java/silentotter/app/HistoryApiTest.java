package silentotter.app;

import static org.assertj.core.api.Assertions.assertThat;
import static silentotter.app.Server.json;

import java.io.IOException;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** An engine across its jobs, on the two years of the demo shop. */
class HistoryApiTest {
    private static Server server;

    @BeforeAll
    static void start() throws IOException {
        server = Server.start(true);
    }

    @AfterAll
    static void stop() {
        server.close();
    }

    private static long engine(String name) {
        for (JsonNode e : json(server.get("/api/engines"))) {
            if (e.at("/engine/name").asString().equals(name)) {
                return e.at("/id").asLong();
            }
        }
        throw new AssertionError(name);
    }

    private static JsonNode life(String name) {
        return json(server.get("/api/engines/" + engine(name) + "/life"));
    }

    private static JsonNode compared(JsonNode life, int before, int after) {
        return json(server.get("/api/engines/" + life.at("/engine/id").asLong() + "/comparison?before="
                + life.at("/visits/" + before + "/job").asLong() + "&after="
                + life.at("/visits/" + after + "/job").asLong()));
    }

    @Test
    void fourEnginesHaveTwoYearsBehindThem() {
        int long_ = 0;
        for (JsonNode e : json(server.get("/api/engines"))) {
            JsonNode life = json(server.get("/api/engines/" + e.at("/id").asLong() + "/life"));
            JsonNode visits = life.at("/visits");
            if (visits.size() >= 4
                    && visits.get(0).at("/date").asString().startsWith("2024")
                    && visits.get(visits.size() - 1).at("/date").asString().startsWith("2026")) {
                long_++;
                assertThat(life.at("/forecasts").toString()).doesNotContain("{kPa", "{cyl");
            }
        }
        assertThat(long_).isGreaterThanOrEqualTo(4);
    }

    @Test
    void theCylinderThatWasMendedCameBackAndThatIsNotCreditedToOneOfTwoChanges() {
        JsonNode taxi = life("Tarn 22 petrol, No. 1 taxi");
        JsonNode mended = compared(taxi, 1, 2);
        assertThat(mended.at("/inWords").toString()).contains("cylinder 2, against its sisters, rose by");
        assertThat(mended.at("/credit").asString()).contains("cannot be put down to one of them");
        // Before it was mended and after, nothing but that cylinder: first visit against the third.
        assertThat(compared(taxi, 0, 2).at("/inWords").size()).isZero();
    }

    @Test
    void aBurntValveShowsAsOneCylinderThatFell() {
        assertThat(compared(life("Tarn 22 petrol, No. 1 taxi"), 0, 1)
                        .at("/inWords")
                        .toString())
                .contains("Compression of cylinder 2, against its sisters, fell by", "for the worse");
    }

    @Test
    void anotherGaugeColdAndFewerStrokesAreNamed() {
        JsonNode c = compared(life("Tarn 18 petrol, No. 6 taxi"), 3, 4);
        assertThat(c.at("/unmatched/COMPRESSION").toString())
                .contains("GAUGE", "TEMPERATURE", "STROKES", "division 20", "division 50");
        assertThat(c.at("/inWords").size()).isZero();
    }

    @Test
    void aTrialThatWasMeasuredAnotherWayCannotBeTold() {
        JsonNode trial = life("Tarn 18 petrol, No. 6 taxi").at("/trials/0");
        assertThat(trial.at("/verdict").asString()).isIn("CANNOT_BE_TOLD", "NOT_REACHED");
        assertThat(trial.at("/inWords").asString()).startsWith("Said before: compression better by 5 %. It moved by");
        assertThat(trial.at("/over").asBoolean()).isTrue();
    }

    @Test
    void aNewReadingIsOnThePageAtOnce() {
        JsonNode before = life("Cormorant 30 petrol, No. 7 taxi");
        long job = before.at("/visits/3/job").asLong();
        server.read(job, server.firstPass(job), 4, 600);
        assertThat(life("Cormorant 30 petrol, No. 7 taxi").at("/visits/3/measured"))
                .isNotEqualTo(before.at("/visits/3/measured"));
        server.undo(job);
    }

    @Test
    void whatIsNotOfThisEngineIsNotFound() {
        long id = engine("Cormorant 30 petrol, No. 7 taxi");
        assertThat(server.get("/api/engines/" + id + "/comparison?before=1&after=2")
                        .statusCode())
                .isEqualTo(404);
        assertThat(server.get("/api/engines/9999/life").statusCode()).isEqualTo(404);
    }

    @Test
    void theShopsRecordSaysHowLittleItSays() {
        JsonNode record = json(server.get("/api/shop/record"));
        assertThat(record.at("/jobs").size()).isEqualTo(20);
        assertThat(record.at("/record/inWords").asString()).contains("so few say little");
        assertThat(record.at("/record/verdicts").toString()).contains("RIGHT", "WRONG", "PARTLY_RIGHT");
        assertThat(record.toString()).contains("Engines that were thought sound are seldom opened");
    }

    @Test
    void oilUseStandsBetweenVisitsAndJudgesItsTrial() {
        JsonNode life = life("Tarn 22 petrol, No. 1 taxi");
        assertThat(life.at("/visits/4/measured").toString()).contains("OIL_PER_HOUR");
        assertThat(life.at("/visits/0/measured").toString()).doesNotContain("OIL_PER_HOUR");
        JsonNode trial = life.at("/trials/0");
        assertThat(trial.at("/verdict").asString()).isEqualTo("BETTER");
        assertThat(trial.at("/inWords").asString()).contains("mL/h", "one change, an oil change", "not proof");
        // Two dips more in the log, and the page knows.
        long job = life.at("/visits/4/job").asLong();
        server.post(
                "/api/jobs/" + job + "/oil/entries",
                "{\"entry\": {\"kind\": \"DIP\", \"date\": \"2026-10-05\", \"hours\": 3688, \"mmFromFull\": -19}, \"sure\": true}");
        assertThat(life("Tarn 22 petrol, No. 1 taxi").at("/visits/4/measured"))
                .isNotEqualTo(life.at("/visits/4/measured"));
        server.undo(job);
    }

    @Test
    void plugsAreToldByEyeAndARunInAsFarAsTheGaugesTell() {
        JsonNode taxi = life("Tarn 22 petrol, No. 1 taxi");
        assertThat(compared(taxi, 0, 2).at("/plugs").toString()).contains("\"before\":\"TAN\",\"after\":\"SOOT\"");
        JsonNode sorrel = life("Heron 66 diesel, pilot boat Sorrel").at("/runIn");
        assertThat(sorrel.at("/inWords/0").asString()).startsWith("Since it was built, from 6 h to 780 h, 3 visits.");
        assertThat(taxi.at("/runIn").isMissingNode()).isTrue();
    }
}
