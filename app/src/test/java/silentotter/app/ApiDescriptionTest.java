package silentotter.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/** The description that the front end's types are made from is the one the application gives. */
class ApiDescriptionTest {
    private static final Path COMMITTED = Path.of("../web/public/openapi.json");

    @Test
    void theCommittedDescriptionIsCurrent() throws IOException {
        try (Server server = Server.start(false)) {
            String current = Server.JSON
                            .writerWithDefaultPrettyPrinter()
                            .writeValueAsString(Server.json(server.get("/api/description")))
                    + "\n";
            if (Boolean.getBoolean("otter.writeDescription")) {
                Files.writeString(COMMITTED, current);
            }
            assertThat(Files.readString(COMMITTED)).as("run ./otter types").isEqualTo(current);
        }
    }
}
