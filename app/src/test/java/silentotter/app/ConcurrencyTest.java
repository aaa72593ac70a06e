package silentotter.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** Twenty windows at once: every reading that was acknowledged is there, once. */
class ConcurrencyTest {
    private static final int CLIENTS = 20;
    private static final int READINGS_EACH = 8;

    @ParameterizedTest
    @ValueSource(ints = {1, 5})
    void twentyClientsLoseAndDoubleNothing(int jobCount) throws Exception {
        try (Server server = Server.start(false)) {
            List<Long> jobs = new ArrayList<>();
            List<Long> passes = new ArrayList<>();
            for (int i = 0; i < jobCount; i++) {
                jobs.add(server.newJob());
                passes.add(server.firstPass(jobs.get(i)));
            }
            ExecutorService windows = Executors.newFixedThreadPool(CLIENTS);
            List<Future<List<Integer>>> running = new ArrayList<>();
            for (int c = 0; c < CLIENTS; c++) {
                int client = c;
                long job = jobs.get(c % jobCount);
                long pass = passes.get(c % jobCount);
                running.add(windows.submit((Callable<List<Integer>>) () -> work(server, client, job, pass)));
            }
            for (Future<List<Integer>> each : running) {
                assertThat(each.get()).allMatch(status -> status == 200);
            }
            windows.shutdown();
            int found = 0;
            for (long job : jobs) {
                Set<String> keys = new HashSet<>();
                JsonNode readings = server.sheet(job).at("/passes/0/readings");
                readings.forEach(r -> keys.add(r.at("/key").asString()));
                assertThat(keys).hasSize(readings.size());
                found += readings.size();
            }
            assertThat(found).isEqualTo(CLIENTS * READINGS_EACH);
        }
    }

    /** Types, looks and sends each reading twice, as after a lost answer. */
    private static List<Integer> work(Server server, int client, long job, long pass) {
        List<Integer> statuses = new ArrayList<>();
        String path = "/api/jobs/" + job + "/compression/passes/" + pass + "/readings";
        for (int i = 0; i < READINGS_EACH; i++) {
            String body = "{\"key\": \"" + client + "-" + i + "\", \"cylinder\": " + (1 + i % 4) + ", \"strokesKPa\": ["
                    + (1000 + client) + "], \"finalOnly\": true}";
            for (HttpResponse<String> answer : List.of(server.post(path, body), server.post(path, body))) {
                statuses.add(answer.statusCode());
            }
            statuses.add(server.get("/api/jobs").statusCode());
        }
        return statuses;
    }

    @Test
    void aSecondServerOnTheSameFolderIsRefused() throws IOException {
        try (Server server = Server.start(false)) {
            org.assertj.core.api.Assertions.assertThatThrownBy(() -> Server.start(server.data))
                    .hasStackTraceContaining("running already");
        }
    }
}
