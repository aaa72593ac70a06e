package silentotter.app.storage;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Optional;

/**
 * Backup and restore from the command line. Both go through SQLite itself, so they are safe while the application
 * runs: a backup is one consistent moment, a restore replaces the records in one transaction.
 */
public final class Maintenance {
    public static final List<String> COMMANDS = List.of("backup", "restore");

    private Maintenance() {}

    /** Runs one command and returns the exit code of the process. */
    public static int run(DataFolder folder, String command, String file) {
        try {
            if (file.isBlank()) {
                throw new IOException("Say which file: ./otter " + command + " FILE");
            }
            String done = command.equals("backup") ? backup(folder, Path.of(file)) : restore(folder, Path.of(file));
            System.out.println(done);
            return 0;
        } catch (IOException | SQLException e) {
            System.err.println(e.getMessage());
            return 1;
        }
    }

    private static String backup(DataFolder folder, Path target) throws IOException, SQLException {
        if (!Files.exists(folder.database())) {
            throw new IOException(
                    "There are no records yet in " + folder.folder().toAbsolutePath());
        }
        if (Files.exists(target)) {
            throw new IOException(target + " exists already; choose another name, nothing was written");
        }
        Path part = target.resolveSibling(target.getFileName() + ".part");
        Files.deleteIfExists(part);
        try (Connection connection = DataFolder.open(folder.database());
                Statement statement = connection.createStatement()) {
            statement.executeUpdate("vacuum into '" + quoted(part) + "'");
        }
        Optional<String> fault = DataFolder.fault(part);
        if (fault.isPresent()) {
            throw new IOException("The backup came out damaged (" + fault.get() + "); it was left at " + part);
        }
        Files.move(part, target);
        return "Backed up to " + target.toAbsolutePath();
    }

    private static String restore(DataFolder folder, Path source) throws IOException, SQLException {
        if (!Files.isRegularFile(source)) {
            throw new IOException(source + " is not there; nothing was changed");
        }
        Optional<String> fault = DataFolder.fault(source);
        if (fault.isPresent()) {
            throw new IOException(source + " cannot be restored: " + fault.get() + ". Nothing was changed");
        }
        Files.createDirectories(folder.folder());
        String kept = keepPresent(folder);
        try (Connection connection = DataFolder.open(folder.database());
                Statement statement = connection.createStatement()) {
            statement.executeUpdate("restore from '" + quoted(source) + "'");
        }
        return "Restored from " + source.toAbsolutePath() + kept;
    }

    /** Sets the present records aside first; damaged ones cannot be copied by SQLite and are moved as they are. */
    private static String keepPresent(DataFolder folder) throws IOException, SQLException {
        if (!Files.exists(folder.database())) {
            return "";
        }
        String stamp = LocalDateTime.now().format(DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss"));
        Path kept = folder.folder().resolve("before-restore-" + stamp + ".db");
        if (DataFolder.fault(folder.database()).isPresent()) {
            Files.move(folder.database(), kept);
            for (String suffix : List.of("-wal", "-shm")) {
                Path side = folder.folder().resolve("silent-otter.db" + suffix);
                if (Files.exists(side)) {
                    Files.move(side, kept.resolveSibling(kept.getFileName() + suffix));
                }
            }
        } else {
            backup(folder, kept);
        }
        return "\nWhat was there before is kept in " + kept.toAbsolutePath();
    }

    private static String quoted(Path path) {
        return path.toAbsolutePath().toString().replace("'", "''");
    }
}
