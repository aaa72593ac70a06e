package silentotter.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static silentotter.app.Server.json;

import java.io.StringReader;
import java.net.http.HttpResponse;
import java.time.Instant;
import java.util.List;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The oil log over the API: of an engine across its jobs, from lines to a rate, a date and a calendar. */
class OilApiTest {
    private static final String PAGE = """
            1 Mar 4512 h full
            8 Mar 4540 h dip -5 mm
            17 Mar 4571 h dip -11 mm, topped up 0.5 l
            28 Mar 4602 h dip -10 mm
            6 Apr 4630 h -15 mm, 0.75 l added
            20 Apr 4661 h dip -11 mm
            """;

    private static Server server;

    @BeforeAll
    static void start() {
        server = Server.shared();
    }

    private static long jobWithStick() {
        long job = server.newJob();
        JsonNode stored = server.sheet(job).at("/engine");
        ObjectNode engine = ((ObjectNode) stored.at("/engine")).deepCopy();
        engine.put("dipstickSpanMm", 20).put("dipstickSpanLitres", 1.5).put("oilWithFilterLitres", 6);
        server.put(
                "/api/jobs/" + job + "/engine",
                "{\"revision\": " + stored.at("/revision").asInt() + ", \"engine\": " + engine + "}");
        return job;
    }

    private static HttpResponse<String> add(long job, String entry) {
        return add(job, entry, "");
    }

    private static HttpResponse<String> add(long job, String entry, String rest) {
        return server.post("/api/jobs/" + job + "/oil/entries", "{\"entry\": {" + entry + "}" + rest + "}");
    }

    private static String dip(String date, double hours, double mm) {
        return "\"kind\": \"DIP\", \"date\": \"" + date + "\", \"hours\": " + hours + ", \"mmFromFull\": " + mm;
    }

    private static JsonNode page(long job) {
        ObjectNode text = JsonMapper.shared().createObjectNode().put("text", PAGE);
        JsonNode read = json(server.post("/api/jobs/" + job + "/oil/page", text.toString()));
        ArrayNode entries = text.arrayNode();
        read.at("/lines").forEach(l -> l.at("/entries").forEach(entries::add));
        ObjectNode body = text.objectNode().put("key", "page" + job);
        body.set("entries", entries);
        return body;
    }

    @Test
    void aNotebookPageBecomesARateADueDateAndASentence() throws Exception {
        long job = jobWithStick();
        JsonNode body = page(job);
        assertThat(body.at("/entries").size()).isEqualTo(8);
        assertThat(server.post("/api/jobs/" + job + "/oil/entries/page", body.toString())
                        .statusCode())
                .isEqualTo(200);
        server.post("/api/jobs/" + job + "/oil/entries/page", body.toString());
        JsonNode oil = server.sheet(job).at("/oil");
        assertThat(oil.at("/entries").size()).as("the same page sent twice").isEqualTo(8);
        assertThat(oil.at("/analysis/axes/0/mlPerHour/best").asDouble()).isBetween(11.0, 16.0);
        assertThat(oil.at("/analysis/says").asString()).startsWith("It uses ");
        JsonNode low = null;
        for (JsonNode d : json(server.get("/api/due"))) {
            low = d.at("/jobId").asLong() == job && d.at("/kind").asString().equals("LOW_MARK") ? d : low;
        }
        assertThat(low).isNotNull();
        String ics =
                server.get("/api/due/" + low.at("/name").asString() + ".ics").body();
        Calendar calendar = new CalendarBuilder().build(new StringReader(ics));
        assertThat(calendar.getComponents(Component.VEVENT)).hasSize(1);
        assertThat(ics)
                .contains("DTSTART;VALUE=DATE:" + low.at("/date").asString().replace("-", ""));
        assertThat(server.get("/api/due.ics").body())
                .contains("UID:" + low.at("/name").asString());
        assertThat(server.get("/api/due/nothing.ics").statusCode()).isEqualTo(404);
        server.undo(job);
        assertThat(server.sheet(job).at("/oil/entries").size()).as("one step").isZero();
    }

    @Test
    void theLogBelongsToTheEngineAndEachJobSeesIt() {
        long job = jobWithStick();
        add(job, dip("2026-03-01", 100, 0));
        long engine = server.sheet(job).at("/engine/id").asLong();
        long later = json(server.post(
                        "/api/jobs", "{\"engineId\": " + engine + ", \"job\": {\"date\": \"2026-04-01\"}}"))
                .at("/job/id")
                .asLong();
        int before = server.sheet(later).at("/job/revision").asInt();
        add(job, dip("2026-03-11", 200, -10));
        assertThat(server.sheet(later).at("/oil/analysis/axes/0/mlPerHour/best").asDouble())
                .isCloseTo(7.5, within(1e-6));
        assertThat(server.sheet(later).at("/job/revision").asInt()).isGreaterThan(before);
        server.undo(job);
        assertThat(server.sheet(later).at("/oil/analysis/axes").size())
                .as("undone in the other job")
                .isZero();
    }

    @Test
    void whatLooksOddIsAskedAboutAndNothingIsLost() {
        long job = jobWithStick();
        add(job, dip("2026-03-01", 1000, 0));
        add(job, dip("2026-03-11", 1100, -5));
        String back = dip("2026-03-21", 110, -8);
        HttpResponse<String> asked = add(job, back);
        assertThat(asked.statusCode()).isEqualTo(409);
        assertThat(json(asked).at("/question").asString()).isEqualTo("MEANT");
        assertThat(json(asked).at("/detail").asString()).contains("runs backwards");
        assertThat(add(job, back, ", \"sure\": true").statusCode()).isEqualTo(200);
        String topUp = "\"kind\": \"TOP_UP\", \"date\": \"2026-03-22\", \"hours\": 1200, \"litres\": 0.5";
        assertThat(add(job, topUp).statusCode()).isEqualTo(200);
        assertThat(json(add(job, topUp)).at("/detail").asString()).contains("twice");
        assertThat(json(add(job, dip("2026-03-23", 1210, -120))).at("/detail").asString())
                .contains("no stick is that long");
        assertThat(json(add(job, "\"kind\": \"DRAIN\", \"date\": \"2026-03-24\", \"hours\": 1220, \"litres\": 40"))
                        .at("/detail")
                        .asString())
                .contains("more than goes into this engine");
    }

    @Test
    void aLineIsPutRightWithATrailAndSetAsideWithAReason() {
        long job = jobWithStick();
        add(job, dip("2026-03-01", 100, 0));
        add(job, dip("2026-03-11", 200, 10));
        long id = server.sheet(job).at("/oil/entries/1/id").asLong();
        String path = "/api/jobs/" + job + "/oil/entries/" + id;
        String right =
                "{\"was\": {" + dip("2026-03-11", 200, 10) + "}, \"entry\": {" + dip("2026-03-11", 200, -10) + "}}";
        assertThat(server.put(path, right).statusCode()).isEqualTo(200);
        assertThat(server.put(path, right).statusCode())
                .as("a window that saw the old line")
                .isEqualTo(409);
        assertThat(server.sheet(job).at("/corrections").size()).isEqualTo(1);
        assertThat(server.sheet(job).at("/oil/analysis/axes/0/mlPerHour/best").asDouble())
                .isCloseTo(7.5, within(1e-6));
        server.put(path + "/set-aside", "{\"reason\": \"another boat\"}");
        assertThat(server.sheet(job).at("/oil/analysis/axes").size()).isZero();
        assertThat(server.put(path, "{\"was\": {" + dip("2026-03-11", 200, -10) + "}, \"entry\": {\"kind\": \"DIP\"}}")
                        .statusCode())
                .isEqualTo(400);
    }

    @Test
    void caseFileAndCsvTakeTheLogWithThem() {
        long job = jobWithStick();
        server.post("/api/jobs/" + job + "/oil/entries/page", page(job).toString());
        server.post(
                "/api/jobs/" + job + "/oil/trials",
                "{\"from\": \"2026-03-10\", \"load\": \"harbour round\", \"everyHours\": 20, \"abortMm\": -18}");
        String file = server.get("/api/jobs/" + job + "/case-file").body();
        assertThat(json(server.get("/api/jobs/" + job + "/case-file"))
                        .at("/engine/oilLog/0/kind")
                        .asString())
                .isEqualTo("DIP");
        long copy = json(server.post("/api/case-files", file)).at("/jobIds/0").asLong();
        assertThat(server.get("/api/jobs/" + copy + "/case-file").body()).isEqualTo(file);
        assertThat(server.sheet(copy).at("/oil/analysis"))
                .isEqualTo(server.sheet(job).at("/oil/analysis"));
        String csv = server.get("/api/jobs/" + job + "/oil.csv").body();
        long other = jobWithStick();
        assertThat(server.send("POST", "/api/jobs/" + other + "/oil.csv", "text/csv", csv)
                        .statusCode())
                .isEqualTo(201);
        assertThat(server.get("/api/jobs/" + other + "/oil.csv").body()).isEqualTo(csv);
        HttpResponse<String> wrong = server.send(
                "POST",
                "/api/jobs/" + other + "/oil.csv",
                "text/csv",
                "kind,hours,mm_from_full\nDIP,100,-2\nDIP,200,-900\n");
        assertThat(wrong.statusCode()).isEqualTo(400);
        assertThat(json(wrong).at("/errors/0/field").asString()).isEqualTo("line 3");
        ObjectNode older = (ObjectNode) JsonMapper.shared().readTree(file);
        older.put("version", 2);
        ((ObjectNode) older.at("/engine")).remove("oilLog");
        ((ObjectNode) older.at("/engine")).remove("oilTrials");
        assertThat(server.post("/api/case-files", older.toString()).statusCode())
                .isEqualTo(201);
        ((ObjectNode) older.at("/engine"))
                .putArray("oilLog")
                .addObject()
                .put("kind", "DIP")
                .put("mmFromFull", -900);
        HttpResponse<String> refused = server.post("/api/case-files", older.toString());
        assertThat(refused.statusCode()).isEqualTo(400);
        assertThat(json(refused).at("/errors/0/field").asString()).startsWith("engine.oilLog[0]");
    }

    @Test
    void aRetestThatWasPromisedIsDue() {
        long job = jobWithStick();
        server.post(
                "/api/jobs/" + job + "/oil/reminders", "{\"date\": \"2026-12-01\", \"words\": \"leak-down again\"}");
        server.post(
                "/api/jobs/" + job + "/oil/reminders", "{\"date\": \"2026-12-01\", \"words\": \"leak-down again\"}");
        long due = json(server.get("/api/due"))
                .valueStream()
                .filter(d -> d.at("/jobId").asLong() == job
                        && d.at("/kind").asString().equals("RETEST"))
                .count();
        assertThat(due).isEqualTo(1);
        assertThat(server.post("/api/jobs/" + job + "/oil/reminders", "{\"date\": \"soon\", \"words\": \"\"}")
                        .statusCode())
                .isEqualTo(400);
    }

    @Test
    void whatRunsLowStandsAheadOfWhatIsOnlyDue() {
        long job = jobWithStick();
        for (int i = 0; i < 5; i++) {
            add(job, dip("2026-0" + (3 + i) + "-01", 100 + 100 * i, -4 * i));
        }
        server.post("/api/jobs/" + job + "/oil/reminders", "{\"date\": \"2020-01-01\", \"words\": \"long overdue\"}");
        long waiting = server.newJob();
        server.send(
                "PATCH",
                "/api/jobs/" + waiting + "/examination/signs",
                "application/json",
                "{\"soak\": {\"startedAt\": \"" + Instant.now() + "\", \"minutes\": 20}}");
        List<JsonNode> due = json(server.get("/api/due")).valueStream().toList();
        List<String> own = due.stream()
                .filter(d -> d.at("/jobId").asLong() == job)
                .map(d -> d.at("/kind").asString())
                .toList();
        assertThat(own.indexOf("LOW_MARK")).isLessThan(own.indexOf("RETEST"));
        assertThat(due)
                .anyMatch(d -> d.at("/jobId").asLong() == waiting
                        && d.at("/kind").asString().equals("SOAK")
                        && d.at("/says").asString().contains("wait is over"));
        JsonNode low = due.stream()
                .filter(d -> d.at("/jobId").asLong() == job
                        && d.at("/kind").asString().equals("LOW_MARK"))
                .findFirst()
                .orElseThrow();
        assertThat(low.at("/urgent").asBoolean()).isTrue();
        assertThat(low.at("/says").asString()).contains("top up before");
    }

    @Test
    void aTrialIsToldEndedAndSetAside() {
        long job = jobWithStick();
        for (int i = 0; i < 5; i++) {
            add(job, dip("2026-03-0" + (1 + i), 100 + 10 * i, -2 * i));
        }
        String trial = "{\"from\": \"2026-03-02\", \"load\": \"harbour round\", \"loadKw\": 20}";
        server.post("/api/jobs/" + job + "/oil/trials", trial);
        server.post("/api/jobs/" + job + "/oil/trials", trial);
        JsonNode oil = server.sheet(job).at("/oil");
        assertThat(oil.at("/trials").size()).as("Enter twice").isEqualTo(1);
        assertThat(oil.at("/analysis/trials/0/checkpoints").asInt()).isEqualTo(3);
        String path =
                "/api/jobs/" + job + "/oil/trials/" + oil.at("/trials/0/id").asLong();
        String ended = "{\"was\": " + trial
                + ", \"trial\": {\"from\": \"2026-03-02\", \"to\": \"2026-03-04\", \"load\": \"harbour round\"}}";
        assertThat(server.put(path, ended).statusCode()).isEqualTo(200);
        assertThat(server.put(path, ended).statusCode())
                .as("seen before it ended")
                .isEqualTo(409);
        server.put(path + "/set-aside", "{\"reason\": \"another driver\"}");
        assertThat(server.sheet(job).at("/oil/analysis/trials").size()).isZero();
        assertThat(server.post("/api/jobs/" + job + "/oil/trials", "{\"from\": \"2026-03-02\", \"load\": \" \"}")
                        .statusCode())
                .isEqualTo(400);
    }
}
