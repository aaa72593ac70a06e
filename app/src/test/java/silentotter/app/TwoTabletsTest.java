package silentotter.app;

import static org.assertj.core.api.Assertions.assertThat;
import static silentotter.app.Server.json;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.HttpURLConnection;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Two tablets on one job: each sees what the other does, neither loses anything, and both are told at once. */
class TwoTabletsTest {
    private final Server server = Server.shared();

    private BlockingQueue<Integer> follow(long job) throws IOException {
        BlockingQueue<Integer> told = new LinkedBlockingQueue<>();
        HttpURLConnection events = (HttpURLConnection)
                server.uri("/api/jobs/" + job + "/events").toURL().openConnection();
        Thread listening = new Thread(() -> {
            try (BufferedReader in =
                    new BufferedReader(new InputStreamReader(events.getInputStream(), StandardCharsets.UTF_8))) {
                for (String line = in.readLine(); line != null; line = in.readLine()) {
                    if (line.startsWith("data:")) {
                        told.add(Integer.parseInt(line.substring(5).strip()));
                    }
                }
            } catch (IOException ended) {
                // The server went, as it may.
            }
        });
        listening.setDaemon(true);
        listening.start();
        return told;
    }

    @Test
    void bothAreToldOfEachRevision() throws Exception {
        long job = server.newJob();
        List<BlockingQueue<Integer>> tablets = List.of(follow(job), follow(job));
        for (BlockingQueue<Integer> told : tablets) {
            assertThat(told.poll(20, TimeUnit.SECONDS)).as("what it is now").isZero();
        }
        server.read(job, server.firstPass(job), 1, 1200);
        for (BlockingQueue<Integer> told : tablets) {
            assertThat(told.poll(20, TimeUnit.SECONDS)).isEqualTo(1);
        }
        server.undo(job);
        assertThat(tablets.get(1).poll(20, TimeUnit.SECONDS)).isEqualTo(2);
        assertThat(server.sheet(job).at("/job/revision").asInt()).isEqualTo(2);
    }

    @Test
    void aChoiceOfTheShopReachesEveryJob() throws Exception {
        long one = server.newJob();
        long other = server.newJob();
        BlockingQueue<Integer> told = follow(other);
        assertThat(told.poll(20, TimeUnit.SECONDS)).isZero();
        server.put("/api/jobs/" + one + "/leading-school", "{\"school\": \"LOWEST_75\"}");
        assertThat(told.poll(20, TimeUnit.SECONDS)).isEqualTo(1);
    }

    @Test
    void bothTypeAtOnceAndNothingIsLost() {
        long job = server.newJob();
        long pass = server.firstPass(job);
        CompletableFuture<?> gauge = CompletableFuture.runAsync(() -> IntStream.range(0, 40)
                .forEach(i -> assertThat(
                                server.read(job, pass, 1 + i % 4, 1000 + i).statusCode())
                        .isEqualTo(200)));
        CompletableFuture<?> eyes = CompletableFuture.runAsync(() -> IntStream.range(0, 40)
                .forEach(i -> assertThat(server.send(
                                        "PATCH",
                                        "/api/jobs/" + job + "/examination/plugs",
                                        "application/json",
                                        "{\"plugs\": {\"" + (1 + i % 4) + "\": {\"gapMm\": " + (0.8 + i / 100.0)
                                                + "}}}")
                                .statusCode())
                        .isEqualTo(200)));
        CompletableFuture.allOf(gauge, eyes).join();
        JsonNode sheet = server.sheet(job);
        assertThat(sheet.at("/passes/0/readings").size()).isEqualTo(40);
        assertThat(sheet.at("/examination/plugs/plugs").size()).isEqualTo(4);
        assertThat(sheet.at("/job/revision").asInt()).isEqualTo(80);
    }

    @Test
    void aStaleWindowIsToldAndOverwritesNothing() {
        long job = server.newJob();
        String path = "/api/jobs/" + job;
        JsonNode stale = server.sheet(job);
        int jobRevision = stale.at("/job/documentRevision").asInt();
        long pass = stale.at("/passes/0/id").asLong();
        int passRevision = stale.at("/passes/0/revision").asInt();
        String change =
                "{\"revision\": " + jobRevision + ", \"job\": {\"date\": \"2026-11-03\", \"complaint\": \"%s\"}}";
        String conditions = "{\"revision\": " + passRevision + ", \"conditions\": {\"temperature\": \"%s\"}}";
        String at = path + "/compression/passes/" + pass + "/conditions";
        assertThat(server.put(path, change.formatted("first")).statusCode()).isEqualTo(200);
        assertThat(server.put(path, change.formatted("second")).statusCode()).isEqualTo(409);
        assertThat(server.put(at, conditions.formatted("HOT")).statusCode()).isEqualTo(200);
        assertThat(server.put(at, conditions.formatted("COLD")).statusCode()).isEqualTo(409);
        server.undo(job);
        assertThat(server.put(at, conditions.formatted("COLD")).statusCode())
                .as("after undo the old number does not come again")
                .isEqualTo(409);
        assertThat(server.sheet(job).at("/job/job/complaint").asString()).isEqualTo("first");
        assertThat(json(server.get(path + "/revision")).at("/revision").asInt()).isEqualTo(3);
    }
}
