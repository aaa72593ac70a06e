package silentotter.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static silentotter.app.Server.json;

import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Random;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** Waveform files over the wire: taken, confirmed, marked by hand, exported and loaded again. */
class WaveformApiTest {
    private static final int HUMPS = 30;
    private static Server server;

    @BeforeAll
    static void start() {
        server = Server.shared();
    }

    private static long newJob() {
        return json(server.post("/api/jobs", """
                        {"engine": {"name": "Tarn", "layout": "INLINE", "firingOrder": [1, 3, 4, 2],
                            "boreMm": 86, "strokeMm": 86, "compressionRatio": 9.5,
                            "banks": [{"side": "ONLY", "cylinders": [1, 2, 3, 4]}]},
                         "job": {"date": "2026-11-26"}}""")).at("/job/id").asLong();
    }

    /** A starter's cable in semicolons and decimal commas; the third of each four humps is half. */
    private static byte[] cable() {
        Random noise = new Random(1);
        StringBuilder text = new StringBuilder("Zeit;Strom\n");
        for (int i = 0; i < HUMPS * 140; i++) {
            double at = i / 140.0;
            double height = (int) at % 4 == 2 ? 30 : 60;
            double hump = Math.pow(Math.sin(Math.PI * (at - Math.floor(at))), 2);
            double amps = 140 + height * hump + noise.nextGaussian();
            text.append(String.format(Locale.GERMANY, "%.3f;%.2f%n", i * .001, amps));
        }
        return text.toString().getBytes(StandardCharsets.UTF_8);
    }

    private static HttpResponse<String> take(long job, String name, byte[] content) {
        return server.sendBytes(
                "/api/jobs/" + job + "/waveform-files?name=" + name, "application/octet-stream", content);
    }

    private static HttpResponse<String> make(long job, String key, String choice) {
        return server.post("/api/jobs/" + job + "/waveform-files/" + key + "/waveform", choice);
    }

    private static final String CURRENT =
            "{\"kind\": \"STARTER_CURRENT\", \"column\": 1, \"timeColumn\": 0, \"timeScale\": 1, \"scale\": 1, \"offset\": 0}";

    private static JsonNode made(long job) {
        String key = json(take(job, "cable.csv", cable())).at("/key").asString();
        return json(make(job, key, CURRENT)).at("/waveforms/kept/0");
    }

    @Test
    void aFileIsLookedAtConfirmedMarkedUndoneExportedAndLoadedAgain() {
        long job = newJob();
        JsonNode sent = json(take(job, "cable.csv", cable()));
        assertThat(sent.at("/csv/delimiter").asString()).isEqualTo(";");
        assertThat(sent.at("/csv/decimalComma").asBoolean()).isTrue();
        assertThat(sent.at("/csv/timeColumn").asInt()).isZero();
        assertThat(sent.at("/csv/names/1").asString()).isEqualTo("Strom");
        // Looking at it has changed nothing.
        assertThat(server.sheet(job).at("/job/revision").asInt()).isZero();

        JsonNode sheet = json(make(job, sent.at("/key").asString(), CURRENT));
        JsonNode kept = sheet.at("/waveforms/kept/0");
        assertThat(kept.at("/waveform/strokes").size()).isBetween(HUMPS - 1, HUMPS + 1);
        assertThat(sheet.at("/waveforms/says/results/0/says").asString()).contains("Mark one stroke");

        StringBuilder marks = new StringBuilder();
        for (JsonNode s : kept.at("/waveform/strokes")) {
            marks.append(marks.isEmpty() ? "" : ",").append(s.at("/seconds").asDouble());
        }
        long id = kept.at("/id").asLong();
        JsonNode marked = json(server.put(
                "/api/jobs/" + job + "/waveforms/" + id + "/marks", "{\"marks\": [" + marks + "], \"first\": 0}"));
        JsonNode shares = marked.at("/waveforms/says/results/0/shares");
        assertThat(shares.at("/3/cylinder").asInt()).isEqualTo(4);
        assertThat(shares.at("/3/percent").asDouble()).isCloseTo(50, within(8.0));
        assertThat(marked.at("/diagnosis/findings").toString()).contains("It asks less of the starter");

        assertThat(json(server.undo(job)).at("/waveforms/says/results/0/shares").size())
                .isZero();
        server.redo(job);
        String file = server.get("/api/jobs/" + job + "/case-file").body();
        long copy = json(server.post("/api/case-files", file)).at("/jobIds/0").asLong();
        assertThat(server.sheet(copy).at("/waveforms/says"))
                .isEqualTo(server.sheet(job).at("/waveforms/says"));
        long copied = server.sheet(copy).at("/waveforms/kept/0/id").asLong();
        JsonNode drawn = json(server.get("/api/jobs/" + copy + "/waveforms/" + copied));
        assertThat(drawn.at("/high").size()).isBetween(1000, 4200);
        // The file itself comes back as it was.
        assertThat(server.get("/api/jobs/" + job + "/waveform-files/"
                                + sent.at("/key").asString())
                        .body()
                        .getBytes(StandardCharsets.UTF_8))
                .isEqualTo(cable());
        assertThat(json(server.send("DELETE", "/api/jobs/" + job + "/waveforms/" + id, null, null))
                        .at("/waveforms/kept")
                        .size())
                .isZero();
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "hello there", "\u0000\u0001\u0002", "a,b\nc,d\n"})
    void whatIsNoWaveformIsRefusedAndNotKept(String content) {
        long job = newJob();
        HttpResponse<String> answer = take(job, "x.csv", content.getBytes(StandardCharsets.UTF_8));
        assertThat(answer.statusCode()).isEqualTo(400);
        assertThat(answer.body()).contains("neither columns of numbers nor sound");
        assertThat(server.sheet(job).at("/job/revision").asInt()).isZero();
    }

    @ParameterizedTest
    @CsvSource({
        "'{\"kind\": \"CRANKING_PRESSURE\", \"column\": 1, \"timeColumn\": 0, \"scale\": 1, \"offset\": 0}', cylinder",
        "'{\"kind\": \"CRANKING_PRESSURE\", \"cylinder\": 9, \"column\": 1, \"timeColumn\": 0, \"scale\": 1, \"offset\": 0}', cylinder",
        "'{\"kind\": \"STARTER_CURRENT\", \"column\": 1, \"scale\": 1, \"offset\": 0}', rate",
        "'{\"kind\": \"STARTER_CURRENT\", \"column\": 1, \"timeColumn\": 0, \"scale\": 0, \"offset\": 0}', scale",
        "'{\"kind\": \"STARTER_CURRENT\", \"column\": 7, \"timeColumn\": 0, \"scale\": 1, \"offset\": 0}', line 2"
    })
    void aWrongChoiceIsSaidAtItsPlaceAndChangesNothing(String choice, String field) {
        long job = newJob();
        String key = json(take(job, "cable.csv", cable())).at("/key").asString();
        HttpResponse<String> answer = make(job, key, choice);
        assertThat(answer.statusCode()).isEqualTo(400);
        assertThat(answer.body()).contains("\"" + field + "\"");
        assertThat(server.sheet(job).at("/waveforms/kept").size()).isZero();
    }

    @Test
    void oddMarksAreNeverStoredWrongly() {
        long job = newJob();
        JsonNode kept = made(job);
        long id = kept.at("/id").asLong();
        String path = "/api/jobs/" + job + "/waveforms/" + id + "/marks";
        assertThat(server.put(path, "{\"marks\": [], \"first\": 3}").statusCode())
                .isEqualTo(400);
        assertThat(server.put(path, "{\"marks\": [-5, 1e9, 0.3, 0.3, 0.3001]}").statusCode())
                .isEqualTo(200);
        assertThat(server.sheet(job).at("/waveforms/kept/0/waveform/strokes").size())
                .isLessThanOrEqualTo(2);
        assertThat(server.put("/api/jobs/" + job + "/waveforms/99999/marks", "{\"marks\": []}")
                        .statusCode())
                .isEqualTo(404);
        long other = newJob();
        assertThat(server.put("/api/jobs/" + other + "/waveforms/" + id + "/marks", "{\"marks\": []}")
                        .statusCode())
                .isEqualTo(404);
    }

    @Test
    void whatIsDeletedForGoodTakesItsRecordingsAlong() {
        long job = newJob();
        String key = json(take(job, "cable.csv", cable())).at("/key").asString();
        make(job, key, CURRENT);
        long engine = server.sheet(job).at("/engine/id").asLong();
        assertThat(server.send("DELETE", "/api/engines/" + engine + "?name=Tarn", null, null)
                        .statusCode())
                .isLessThan(300);
        assertThat(server.get("/api/jobs/" + job + "/waveform-files/" + key).statusCode())
                .isEqualTo(404);
    }
}
