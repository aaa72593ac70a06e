package silentotter.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What was acknowledged is kept: through a kill, a backup, a restore, and a damaged file. */
class KeepingIT {
    private static final int KILLS = Integer.getInteger("otter.kills", 4);

    @TempDir
    Path folder;

    private static long newJob(RunningApp app) {
        return RunningApp.JSON
                .readTree(app.post("/api/jobs", """
                        {"engine": {"name": "Gannet", "layout": "INLINE", "banks": [{"side": "ONLY", "cylinders": [1]}]},
                         "job": {"date": "2026-11-03"}}""").body())
                .at("/job/id")
                .asLong();
    }

    private static int read(RunningApp app, long job, double kPa) {
        return app.post(
                        "/api/jobs/" + job + "/compression/passes/1/readings",
                        "{\"cylinder\": 1, \"strokesKPa\": [" + kPa + "], \"finalOnly\": true}")
                .statusCode();
    }

    private static List<Double> readings(RunningApp app, long job) {
        return StreamSupport.stream(
                        app.get("/api/jobs/" + job + "/sheet")
                                .at("/passes/0/readings")
                                .spliterator(),
                        false)
                .map(r -> r.at("/strokesKPa/0").asDouble())
                .toList();
    }

    /** Killed again and again in the middle of typing, each time by several windows. */
    @Test
    void killingTheProcessLosesAndDoublesNothingAcknowledged() throws Exception {
        Set<Double> acknowledged = ConcurrentHashMap.newKeySet();
        long job = 0;
        for (int kill = 0; kill < KILLS; kill++) {
            int before = acknowledged.size();
            double from = 500 + kill * 20;
            RunningApp app = RunningApp.start(folder, false);
            long known = job == 0 ? newJob(app) : job;
            job = known;
            assertThat(readings(app, job)).containsAll(acknowledged).doesNotHaveDuplicates();
            ExecutorService windows = Executors.newFixedThreadPool(4);
            for (int w = 0; w < 4; w++) {
                int window = w;
                windows.submit(() -> {
                    for (int i = 0; i < 1000; i++) {
                        double value = from + window * 5 + i * 0.005;
                        if (read(app, known, value) == 200) {
                            acknowledged.add(value);
                        }
                    }
                });
            }
            while (acknowledged.size() < before + 20) {
                Thread.sleep(10);
            }
            app.kill();
            windows.shutdownNow();
            windows.awaitTermination(30, TimeUnit.SECONDS);
        }
        try (RunningApp again = RunningApp.start(folder, false)) {
            assertThat(readings(again, job)).containsAll(acknowledged).doesNotHaveDuplicates();
        }
    }

    @Test
    void aBackupIsSafeWhileItRunsAndARestoreWaitsUntilItHasEnded() throws Exception {
        Path copy = folder.resolve("copy.db");
        Path data = Files.createDirectory(folder.resolve("data"));
        long job;
        try (RunningApp app = RunningApp.start(data, false)) {
            job = newJob(app);
            read(app, job, 900);
            assertThat(run("backup", copy, data)).contains("Backed up").endsWith("0");
            assertThat(run("backup", copy, data)).contains("exists already").endsWith("1");
            read(app, job, 1000);
            assertThat(run("restore", copy, data))
                    .contains("is running", "Stop it first")
                    .endsWith("1");
            assertThat(read(app, job, 1100)).isEqualTo(200);
            assertThat(readings(app, job)).containsExactlyInAnyOrder(900.0, 1000.0, 1100.0);
        }
        assertThat(run("restore", copy, data))
                .contains("Restored", "What was there before is kept in")
                .endsWith("0");
        Path foreign = Files.writeString(folder.resolve("notes.db"), "not a database, just a long enough text");
        assertThat(run("restore", foreign, data))
                .contains("Nothing was changed")
                .endsWith("1");
        try (RunningApp app = RunningApp.start(data, false)) {
            assertThat(readings(app, job)).containsExactly(900.0);
        }
    }

    @Test
    void aDamagedDatabaseIsNamedAndLeftAlone() throws Exception {
        try (RunningApp app = RunningApp.start(folder, true)) {
            assertThat(app.get("/api/jobs").at("/total").asInt()).isGreaterThanOrEqualTo(6);
        }
        Path database = folder.resolve("silent-otter.db");
        try (RandomAccessFile file = new RandomAccessFile(database.toFile(), "rw")) {
            byte[] noise = new byte[4096];
            java.util.Arrays.fill(noise, (byte) 0x5A);
            for (long page = 1; page < file.length() / 4096; page += 2) {
                file.seek(page * 4096);
                file.write(noise);
            }
        }
        byte[] damaged = Files.readAllBytes(database);
        Path log = folder.resolve("log2");
        Process process = RunningApp.launch(List.of("--otter.data=" + folder, "--server.port=0"), log);
        assertThat(process.waitFor(60, TimeUnit.SECONDS)).isTrue();
        assertThat(process.exitValue()).isEqualTo(2);
        assertThat(Files.readString(log))
                .contains("cannot be used and were not opened or changed", "./otter restore FILE");
        assertThat(Files.readAllBytes(database)).isEqualTo(damaged);
    }

    /** What a maintenance command prints, with its exit code at the end. */
    private String run(String command, Path file, Path data) throws IOException, InterruptedException {
        Path log = folder.resolve("command.log");
        Process process = RunningApp.launch(List.of(command, file.toString(), "--otter.data=" + data), log);
        assertThat(process.waitFor(60, TimeUnit.SECONDS)).isTrue();
        return Files.readString(log) + process.exitValue();
    }
}
