package silentotter.app;

import static org.assertj.core.api.Assertions.assertThat;
import static silentotter.app.Server.json;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Shops that began with an older version: everything they wrote down is there, and every step can still be taken back. */
class OlderDatabaseTest {
    private static Server opened(int version) throws IOException, SQLException {
        Path folder = Files.createTempDirectory("silent-otter-older");
        String url = "jdbc:sqlite:" + folder.resolve("silent-otter.db");
        for (int v = 1; v <= version; v++) {
            Flyway.configure()
                    .dataSource(url, null, null)
                    .target(Integer.toString(v))
                    .load()
                    .migrate();
            try (InputStream sql = OlderDatabaseTest.class.getResourceAsStream("/older/V" + v + ".sql");
                    Connection connection = DriverManager.getConnection(url);
                    Statement statement = connection.createStatement()) {
                for (String each : new String(sql.readAllBytes(), StandardCharsets.UTF_8).split(";\n")) {
                    statement.executeUpdate(each);
                }
            }
        }
        return Server.start(folder);
    }

    @ParameterizedTest
    @CsvSource({"1, 7", "2, 10", "3, 12", "4, 18", "5, 19", "6, 21", "7, 22", "8, 22", "9, 23"})
    void everythingIsThereAndEveryStepGoesBackAndForth(int version, int steps) throws Exception {
        try (Server server = opened(version)) {
            JsonNode first = server.sheet(1);
            assertThat(first.at("/notComputed").toString()).isEqualTo("[]");
            assertThat(first.at("/leadingSchool").asString()).isEqualTo("WITHIN_10");
            String file = server.get("/api/jobs/1/case-file").body();
            for (int i = 0; i < steps; i++) {
                assertThat(server.undo(1).statusCode()).as("step " + i).isEqualTo(200);
            }
            JsonNode bare = server.sheet(1);
            assertThat(bare.at("/undo").isMissingNode()).isTrue();
            assertThat(bare.at("/job/job/complaint").asString()).isEqualTo("Old words");
            assertThat(bare.at("/passes/0/readings").size()).isZero();
            assertThat(bare.at("/passes/0/conditions").has("temperature")).isFalse();
            assertThat(bare.at("/corrections").size()).isLessThanOrEqualTo(1);
            assertThat(json(server.get("/api/jobs?search=Old")).at("/total").asInt())
                    .isEqualTo(1);
            for (int i = 0; i < steps; i++) {
                assertThat(server.redo(1).statusCode()).as("step " + i).isEqualTo(200);
            }
            assertThat(server.get("/api/jobs/1/case-file").body()).isEqualTo(file);
        }
    }

    @Test
    void whatWasPutRightIsWhatItWasMade() throws Exception {
        try (Server server = opened(4)) {
            JsonNode sheet = server.sheet(1);
            assertThat(sheet.at("/passes/0/settled/0").asString()).isEqualTo("UNIT");
            assertThat(sheet.at("/leakdown/readings/0/cylinder").asInt()).isEqualTo(2);
            assertThat(sheet.at("/leakdown/testers/0/tester/name").asString()).isEqualTo("Bench");
            server.undo(1);
            server.undo(1);
            assertThat(server.sheet(1).at("/photos/0/cylinder").asInt()).isEqualTo(1);
            assertThat(server.sheet(1).at("/examination/plugs/plugs/1/shade").asString())
                    .isEqualTo("TAN");
            server.undo(1);
            assertThat(server.sheet(1).at("/leakdown/readings/0/cylinder").asInt())
                    .isEqualTo(3);
            server.undo(1);
            server.undo(1);
            assertThat(server.sheet(1).at("/passes/0/readings/0/strokesKPa/0").asDouble())
                    .isEqualTo(120);
        }
    }

    @Test
    void whatWasFoundAndSaidBeforeIsThereAndCountsInTheRecord() throws Exception {
        try (Server server = opened(9)) {
            JsonNode sheet = server.sheet(1);
            assertThat(sheet.at("/learnt").asBoolean()).isTrue();
            assertThat(sheet.at("/outcome/review/verdict").asString()).isEqualTo("RIGHT");
            assertThat(sheet.at("/blowby/readings").size()).isEqualTo(1);
            assertThat(sheet.at("/oil/entries").size()).isEqualTo(1);
            assertThat(json(server.get("/api/shop/record")).at("/record/jobs").asInt())
                    .isEqualTo(1);
            assertThat(json(server.get("/api/engines/1/life"))
                            .at("/visits/0/measured")
                            .size())
                    .isPositive();
        }
    }
}
