package silentotter.app;

import static org.assertj.core.api.Assertions.assertThat;
import static silentotter.app.Server.json;

import java.lang.reflect.RecordComponent;
import java.net.http.HttpResponse;
import java.util.Arrays;
import java.util.Base64;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import silentotter.app.part.JobPart;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What every part of a job has to keep to, whatever it is about. A further part is one more constant here. */
class PartContractTest {
    private static final String PNG =
            "iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==";

    private static Server server;
    private static long tester;

    @BeforeAll
    static void start() {
        server = Server.shared();
        long job = server.newJob();
        JsonNode testers = json(server.post(
                        "/api/jobs/" + job + "/leakdown/testers",
                        "{\"name\": \"Contract\", \"kind\": \"PERCENT_DIAL\", \"calibrated\": false}"))
                .at("/leakdown/testers");
        tester = testers.get(testers.size() - 1).at("/id").asLong();
    }

    /** How each part is written to. */
    enum Part {
        COMPRESSION("compression", "/passes", "compression readings") {
            @Override
            HttpResponse<String> add(long job, int cylinder, boolean sound) {
                return server.read(job, server.firstPass(job), cylinder, sound ? 1200 : -1);
            }

            @Override
            HttpResponse<String> move(long job, int from, int to) {
                long id = server.sheet(job).at("/passes/0/readings/0/id").asLong();
                return server.put(
                        "/api/jobs/" + job + "/compression/readings/" + id + "/cylinder", "{\"cylinder\": " + to + "}");
            }
        },
        LEAKDOWN("leakdown", "/leakdown/readings", "leak-down readings") {
            @Override
            HttpResponse<String> add(long job, int cylinder, boolean sound) {
                return server.post(
                        "/api/jobs/" + job + "/leakdown/readings",
                        "{\"testerId\": " + tester + ", \"cylinder\": " + cylinder
                                + ", \"reading\": {\"kind\": \"STANDARD\", \"leakPercent\": " + (sound ? 12 : 120)
                                + "}}");
            }

            @Override
            HttpResponse<String> move(long job, int from, int to) {
                long id = server.sheet(job).at("/leakdown/readings/0/id").asLong();
                return server.put(
                        "/api/jobs/" + job + "/leakdown/readings/" + id + "/cylinder", "{\"cylinder\": " + to + "}");
            }
        },
        EXAMINATION("examination", "/examination/plugs/plugs", "findings") {
            @Override
            HttpResponse<String> add(long job, int cylinder, boolean sound) {
                return server.send(
                        "PATCH",
                        "/api/jobs/" + job + "/examination/plugs",
                        "application/json",
                        "{\"plugs\": {\"" + cylinder + "\": {\"gapMm\": " + (sound ? 0.9 : 90) + "}}}");
            }

            @Override
            HttpResponse<String> move(long job, int from, int to) {
                return server.post(
                        "/api/jobs/" + job + "/plugs/swap", "{\"one\": " + from + ", \"other\": " + to + "}");
            }
        },
        /** Of the engine, not of a cylinder: what is wrong with it is its point. */
        BLOWBY("blowby", "/blowby/readings", "") {
            @Override
            HttpResponse<String> add(long job, int cylinder, boolean sound) {
                return server.post(
                        "/api/jobs/" + job + "/blowby/readings",
                        "{\"reading\": {\"point\": \"IDLE\", \"ventilation\": \"SHUT\", \"instrument\": \"DIGITAL\","
                                + " \"orificeMm\": 8, \"pressurePa\": " + (sound ? 100 + cylinder : 90_000) + "}}");
            }

            @Override
            HttpResponse<String> move(long job, int from, int to) {
                long id = server.sheet(job).at("/blowby/readings/0/id").asLong();
                return server.put("/api/jobs/" + job + "/blowby/readings/" + id + "/point", "{\"point\": \"HELD\"}");
            }
        },
        PHOTOS("photos", "/photos", "photos") {
            @Override
            HttpResponse<String> add(long job, int cylinder, boolean sound) {
                byte[] picture = sound ? Base64.getDecoder().decode(PNG) : "no picture".getBytes();
                return server.sendBytes("/api/jobs/" + job + "/photos/plugs/" + cylinder, "image/png", picture);
            }

            @Override
            HttpResponse<String> move(long job, int from, int to) {
                // A photo goes where its plug goes.
                EXAMINATION.add(job, from, true);
                return EXAMINATION.move(job, from, to);
            }
        };

        final String name;
        final String shown;
        final String held;

        Part(String name, String shown, String held) {
            this.name = name;
            this.shown = shown;
            this.held = held;
        }

        boolean isByCylinder() {
            return !held.isEmpty();
        }

        abstract HttpResponse<String> add(long job, int cylinder, boolean sound);

        abstract HttpResponse<String> move(long job, int from, int to);

        JsonNode on(long job) {
            return server.sheet(job).at(shown);
        }

        JsonNode filed(long job) {
            return json(server.get("/api/jobs/" + job + "/case-file")).at("/jobs/0/" + name);
        }
    }

    @ParameterizedTest
    @EnumSource
    void whatWasAddedCanBeTakenBackAndPutThereAgain(Part part) {
        long job = server.newJob();
        JsonNode before = part.on(job);
        assertThat(part.add(job, 2, true).statusCode()).isEqualTo(200);
        JsonNode after = part.on(job);
        assertThat(after).isNotEqualTo(before);
        assertThat(server.undo(job).statusCode()).isEqualTo(200);
        assertThat(part.on(job)).isEqualTo(before);
        assertThat(server.redo(job).statusCode()).isEqualTo(200);
        assertThat(part.on(job)).isEqualTo(after);
    }

    @ParameterizedTest
    @EnumSource
    void whatIsWrongIsRefusedAtItsPlaceAndChangesNothing(Part part) {
        long job = server.newJob();
        part.add(job, 1, true);
        JsonNode before = server.sheet(job);
        HttpResponse<String> answer = part.add(job, 2, false);
        assertThat(answer.statusCode()).isEqualTo(400);
        assertThat(json(answer).at("/errors/0/field").asString()).isNotEmpty();
        if (part.isByCylinder()) {
            assertThat(part.add(job, 5, true).statusCode())
                    .as("no such cylinder")
                    .isEqualTo(400);
        }
        assertThat(server.sheet(job)).isEqualTo(before);
    }

    @ParameterizedTest
    @EnumSource
    void whatStoodAtTheWrongCylinderMovesWithATrail(Part part) {
        long job = server.newJob();
        part.add(job, 1, true);
        JsonNode first = part.filed(job);
        assertThat(part.move(job, 1, 3).statusCode()).isEqualTo(200);
        assertThat(part.filed(job)).isNotEqualTo(first);
        assertThat(server.sheet(job).at("/corrections").size()).isEqualTo(1);
        server.undo(job);
        assertThat(part.filed(job)).isEqualTo(first);
        assertThat(server.sheet(job).at("/corrections").size()).isZero();
    }

    @ParameterizedTest
    @EnumSource
    void whatIsTakenAwayComesBackTheSame(Part part) {
        long job = server.newJob();
        part.add(job, 2, true);
        part.add(job, 3, true);
        String file = server.get("/api/jobs/" + job + "/case-file").body();
        long copy = json(server.post("/api/case-files", file)).at("/jobIds/0").asLong();
        assertThat(server.get("/api/jobs/" + copy + "/case-file").body()).isEqualTo(file);
        assertThat(json(server.get("/api/jobs/" + copy + "/sheet")).at("/diagnosis"))
                .isEqualTo(server.sheet(job).at("/diagnosis"));
        assertThat(server.sheet(copy).at("/undo").isMissingNode())
                .as("a load is no step to undo")
                .isTrue();
    }

    @ParameterizedTest
    @EnumSource(mode = EnumSource.Mode.EXCLUDE, names = "BLOWBY")
    void aWrongFileIsRefusedAsAWhole(Part part) {
        long job = server.newJob();
        part.add(job, 4, true);
        ObjectNode file = (ObjectNode) json(server.get("/api/jobs/" + job + "/case-file"));
        ((ObjectNode) file.at("/engine/banks/0")).putArray("cylinders").add(1).add(2);
        int jobs = json(server.get("/api/jobs")).at("/total").asInt();
        HttpResponse<String> answer = server.post("/api/case-files", file.toString());
        assertThat(answer.statusCode()).isEqualTo(400);
        assertThat(json(answer).at("/errors/0/field").asString()).startsWith("jobs[0]." + part.name);
        assertThat(json(server.get("/api/jobs")).at("/total").asInt()).isEqualTo(jobs);
    }

    @ParameterizedTest
    @EnumSource(mode = EnumSource.Mode.EXCLUDE, names = "BLOWBY")
    void anEngineCannotLoseACylinderThatItHolds(Part part) {
        long job = server.newJob();
        part.add(job, 4, true);
        HttpResponse<String> answer = shrink(job);
        assertThat(answer.statusCode()).isEqualTo(400);
        assertThat(answer.body()).contains("there are " + part.held + " of cylinder 4");
        server.undo(job);
        assertThat(shrink(job).statusCode()).isEqualTo(200);
    }

    private static HttpResponse<String> shrink(long job) {
        JsonNode stored = server.sheet(job).at("/engine");
        ObjectNode engine = (ObjectNode) stored.at("/engine").deepCopy();
        ((ObjectNode) engine.at("/banks/0")).putArray("cylinders").add(1).add(2).add(3);
        return server.put(
                "/api/jobs/" + job + "/engine",
                "{\"revision\": " + stored.at("/revision").asInt() + ", \"engine\": " + engine + "}");
    }

    @Test
    void allPartsHaveNamesAndPlacesOfTheirOwn() {
        List<JobPart> parts = List.copyOf(server.beans(JobPart.class));
        assertThat(parts.stream().map(JobPart::name)).doesNotHaveDuplicates();
        assertThat(parts.stream().flatMap(PartContractTest::shownBy)).doesNotHaveDuplicates();
        assertThat(parts.stream().map(p -> "/case-file/" + p.name() + ".schema.json"))
                .allMatch(r -> PartContractTest.class.getResource(r) != null);
        // The trail of corrections and the predictions are written by the others and have their own tests in theirs;
        // what
        // instruments sent and what a recorder saved is not typed, and has its own as well.
        assertThat(Stream.of(Part.values()).map(p -> p.name))
                .containsExactlyInAnyOrderElementsOf(parts.stream()
                        .map(JobPart::name)
                        .filter(n -> !Set.of("corrections", "predictions", "traces", "waveforms")
                                .contains(n))
                        .toList());
    }

    private static Stream<String> shownBy(JobPart<?> part) {
        return Arrays.stream(part.shows().getRecordComponents()).map(RecordComponent::getName);
    }
}
