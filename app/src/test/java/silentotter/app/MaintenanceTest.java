package silentotter.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.util.List;
import java.util.stream.Stream;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import silentotter.app.storage.DataFolder;
import silentotter.app.storage.Maintenance;

/** Backup and restore: nothing is lost, and what cannot be done is refused before anything is touched. */
class MaintenanceTest {
    @TempDir
    Path temp;

    private Path data;

    @BeforeEach
    void folder() {
        data = temp.resolve("data");
    }

    private String run(String command, Path file, int expected) {
        PrintStream out = System.out;
        PrintStream err = System.err;
        ByteArrayOutputStream said = new ByteArrayOutputStream();
        try (PrintStream both = new PrintStream(said)) {
            System.setOut(both);
            System.setErr(both);
            int code = Maintenance.run(new DataFolder(data), command, file.toString());
            assertThat(code).as(said.toString()).isEqualTo(expected);
        } finally {
            System.setOut(out);
            System.setErr(err);
        }
        return said.toString();
    }

    private void shopWithJobs(int jobs) throws IOException {
        try (Server server = Server.start(data)) {
            for (int i = 0; i < jobs; i++) {
                server.newJob();
            }
        }
    }

    private int jobs() throws IOException {
        try (Server server = Server.start(data)) {
            return Server.json(server.get("/api/jobs")).at("/total").asInt();
        }
    }

    @Test
    void aBackupTakenWhileItRunsComesBackAndARestoreWaitsForTheEnd() throws IOException {
        Path backup = temp.resolve("backup.db");
        try (Server server = Server.start(data)) {
            server.newJob();
            run("backup", backup, 0);
            server.newJob();
            assertThat(run("restore", backup, 1)).contains("running");
            assertThat(Server.json(server.get("/api/jobs")).at("/total").asInt())
                    .isEqualTo(2);
        }
        assertThat(run("restore", backup, 0)).contains("kept in");
        assertThat(jobs()).isEqualTo(1);
        Path kept = only("before-restore-");
        run("restore", kept, 0);
        assertThat(jobs()).isEqualTo(2);
    }

    private Path only(String prefix) throws IOException {
        try (Stream<Path> files = Files.list(data)) {
            return files.filter(f -> f.getFileName().toString().startsWith(prefix))
                    .findFirst()
                    .orElseThrow();
        }
    }

    @Test
    void whatIsNoBackupIsRefusedAndTouchesNothing() throws Exception {
        shopWithJobs(1);
        Path empty = Files.createFile(temp.resolve("empty.db"));
        assertThat(run("restore", empty, 1)).contains("nothing at all");
        Path other = temp.resolve("other.db");
        sql(other, "create table recipe (name text)");
        assertThat(run("restore", other, 1)).contains("not one of Silent Otter's");
        Path newer = temp.resolve("newer.db");
        run("backup", newer, 0);
        sql(newer, "update flyway_schema_history set version = '99' where version = '4'");
        assertThat(run("restore", newer, 1)).contains("newer version");
        assertThat(new DataFolder(data).problem()).isEmpty();
        assertThat(jobs()).isEqualTo(1);
    }

    @Test
    void aDamagedDatabaseIsNamedKeptAsItWasAndReplaced() throws IOException {
        shopWithJobs(2);
        Path backup = temp.resolve("backup.db");
        run("backup", backup, 0);
        Path database = data.resolve("silent-otter.db");
        byte[] damaged = Files.readAllBytes(database);
        java.util.Arrays.fill(damaged, 0, 3000, (byte) 7);
        Files.write(database, damaged);
        assertThat(new DataFolder(data).problem()).isPresent();
        run("restore", backup, 0);
        assertThat(Files.readAllBytes(only("before-restore-"))).isEqualTo(damaged);
        assertThat(jobs()).isEqualTo(2);
    }

    @Test
    void aDatabaseWithoutItsLogIsNotTakenForAnEmptyShop() throws Exception {
        Files.createDirectories(data);
        sql(data.resolve("silent-otter.db"), "create table t (a)", "drop table t");
        assertThat(new DataFolder(data).problem().orElse("")).contains("-wal");
    }

    @Test
    void theDatabaseAloneHoldsARunningYoungShop() throws IOException {
        try (Server server = Server.start(data)) {
            server.newJob();
            Path alone = Files.createDirectories(temp.resolve("copy"));
            Files.copy(data.resolve("silent-otter.db"), alone.resolve("silent-otter.db"));
            assertThat(new DataFolder(alone).problem()).isEmpty();
        }
    }

    /** A database of the version before, with readings in it, is opened and says the same. */
    @Test
    void anOlderDatabaseIsBroughtUpWithItsReadings() throws Exception {
        Files.createDirectories(data);
        Path database = data.resolve("silent-otter.db");
        Flyway.configure()
                .dataSource("jdbc:sqlite:" + database, null, null)
                .target("3")
                .load()
                .migrate();
        sql(
                database,
                "insert into engine (name, cylinders, document) values ('Old', 2, '{\"name\":\"Old\",\"layout\":\"INLINE\","
                        + "\"banks\":[{\"side\":\"ONLY\",\"cylinders\":[1,2]}],\"intervalsDeg\":[\"NaN\"]}')",
                "insert into job (engine_id, date, complaint, technician, document, changed_at) values (1, '2026-01-02', '', "
                        + "'', '{\"date\":\"+999999999-01-01\"}', '2026-01-02T10:00:00Z')",
                "insert into compression_pass (job_id, kind, conditions) values (1, 'DRY', '{}')",
                "insert into compression_reading (pass_id, key, cylinder, final_only, taken_at) values (1, 'a', 1, 1, "
                        + "'2026-01-02T10:00:00Z')",
                "insert into compression_stroke (reading_id, number, kpa) values (1, 1, 1200)",
                "insert into change (job_id, at, kind, target_id, description, undone) values (1, '', 'READING_ADDED', 9, 'x', 1)",
                "insert into change (job_id, at, kind, target_id, description) values (1, '', 'READING_ADDED', 1, 'y')",
                "insert into examination (job_id, part, document, description, at) values (1, 'SIGNS', '{\"soak\":{\"startedAt\":5}}', "
                        + "'', '')",
                "insert into photo (job_id, part, cylinder, media_type, content, taken_at) values (1, 'PLUGS', 1, "
                        + "'image/png', x'89504e470d0a1a0a', '2026-01-02T10:00:00Z')");
        try (Server server = Server.start(data)) {
            var sheet = server.sheet(1);
            assertThat(sheet.at("/passes/0/readings/0/strokesKPa/0").asDouble()).isEqualTo(1200);
            assertThat(sheet.at("/redo").isMissingNode()).isTrue();
            assertThat(sheet.at("/notComputed").size())
                    .as("what is left out is said")
                    .isEqualTo(3);
            assertThat(server.get("/api/photos/" + sheet.at("/photos/0/key").asString())
                            .statusCode())
                    .isEqualTo(200);
            assertThat(server.post(
                                    "/api/case-files",
                                    server.get("/api/jobs/1/case-file").body())
                            .statusCode())
                    .isEqualTo(201);
            assertThat(Server.json(server.get("/api/jobs"))
                            .at("/jobs/0/upToDate")
                            .asBoolean())
                    .isTrue();
        }
    }

    @Test
    void theVersionIsThatOfTheNewestMigration() throws IOException {
        try (Stream<Path> files = Files.list(Path.of("src/main/resources/db/migration"))) {
            List<Integer> versions = files.map(f -> f.getFileName().toString().replaceAll("V(\\d+)__.*", "$1"))
                    .map(Integer::valueOf)
                    .toList();
            assertThat(DataFolder.VERSION)
                    .isEqualTo(versions.stream().max(Integer::compare).orElseThrow());
        }
    }

    private static void sql(Path file, String... statements) throws Exception {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                Statement statement = connection.createStatement()) {
            for (String each : statements) {
                statement.executeUpdate(each);
            }
        }
    }
}
