package silentotter.app.storage;

import jakarta.annotation.PreDestroy;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationStartedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Moves what stands in the write-ahead log over into the database every few seconds, waiting for nobody: whoever copies
 * the one file of a young shop then has a shop and not an empty shell.
 */
@Component
class Checkpoints {
    private static final Logger LOG = LoggerFactory.getLogger(Checkpoints.class);
    private static final int EVERY_SECONDS = 15;

    private final DataFolder folder;
    private final ScheduledExecutorService clock = Executors.newSingleThreadScheduledExecutor(run -> {
        Thread thread = new Thread(run, "checkpoints");
        thread.setDaemon(true);
        return thread;
    });

    Checkpoints(@Value("${otter.data}") String folder) {
        this.folder = new DataFolder(Path.of(folder));
    }

    @EventListener(ApplicationStartedEvent.class)
    void begin() {
        move();
        clock.scheduleWithFixedDelay(this::move, EVERY_SECONDS, EVERY_SECONDS, TimeUnit.SECONDS);
    }

    private void move() {
        try (Connection connection = DataFolder.open(folder.database());
                Statement statement = connection.createStatement()) {
            statement.execute("pragma wal_checkpoint(passive)");
        } catch (SQLException e) {
            LOG.warn("The log could not be moved into the database yet: {}", e.getMessage());
        }
    }

    @PreDestroy
    void end() {
        clock.shutdownNow();
    }
}
