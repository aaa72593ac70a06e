package silentotter.app.storage;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import java.util.Optional;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/** The folder that holds the shop's records. */
public record DataFolder(Path folder) {
    /** The newest migration that this version has. */
    public static final int VERSION = newest();

    private static final String TABLES = "('engine', 'job', 'compression_reading', 'change')";

    public static final String DATABASE = "silent-otter.db";
    private static final String LOCK = "silent-otter.lock";

    private static int newest() {
        try {
            return Arrays.stream(
                            new PathMatchingResourcePatternResolver().getResources("classpath:db/migration/V*.sql"))
                    .map(Resource::getFilename)
                    .mapToInt(name -> Integer.parseInt(name.replaceFirst("^V(\\d+)__.*$", "$1")))
                    .max()
                    .orElseThrow();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    Path database() {
        return folder.resolve(DATABASE);
    }

    Path beside(String suffix) {
        return folder.resolve(DATABASE + suffix);
    }

    /** Held by whoever works on the records, until it is closed or its process ends in whatever way. */
    public record Held(FileChannel channel) implements AutoCloseable {
        @Override
        public void close() throws IOException {
            channel.close();
        }
    }

    /** Takes the folder for this process alone; empty when another one has it. */
    public Optional<Held> hold() throws IOException {
        Files.createDirectories(folder);
        FileChannel channel =
                FileChannel.open(folder.resolve(LOCK), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
        try {
            if (channel.tryLock() != null) {
                return Optional.of(new Held(channel));
            }
        } catch (OverlappingFileLockException heldByThisProcess) {
            // Says the same as a lock that another process has.
        }
        channel.close();
        return Optional.empty();
    }

    /** What is wrong with the records and what to do about it; empty when they can be opened, or are new. */
    public Optional<String> problem() {
        try {
            Files.createDirectories(folder);
        } catch (IOException e) {
            return Optional.of("The data folder " + folder.toAbsolutePath() + " cannot be made: " + e.getMessage());
        }
        if (!Files.isWritable(folder)) {
            return Optional.of("The data folder " + folder.toAbsolutePath() + " cannot be written to. "
                    + "Choose another one with --data, or give yourself the right to write there.");
        }
        if (!Files.exists(database())) {
            return Optional.empty();
        }
        return fault(database())
                .map(fault -> """
                The records in %s cannot be used and were not opened or changed.
                What the check found: %s
                What to do:
                  1. Copy the whole folder %s to a safe place.
                  2. Put the last backup back:  ./otter restore FILE
                  3. Without a backup, move everything out of the folder and start empty; keep it, it may be recoverable.
                """.formatted(database().toAbsolutePath(), fault, folder.toAbsolutePath()));
    }

    /** What is wrong with a database file; empty when it is sound. */
    static Optional<String> fault(Path file) {
        try (Connection connection = open(file);
                Statement statement = connection.createStatement()) {
            try (ResultSet check = statement.executeQuery("pragma quick_check(5)")) {
                if (check.next() && !"ok".equals(check.getString(1))) {
                    return Optional.of(check.getString(1));
                }
            }
            try (ResultSet tables =
                    statement.executeQuery("select count(*), (select count(*) from sqlite_master where name in "
                            + TABLES + ") from sqlite_master")) {
                tables.next();
                if (tables.getInt(1) == 0) {
                    return Optional.of("it holds nothing at all. The newest records stand in " + file.getFileName()
                            + "-wal until they are moved over: was that file left behind when this one was copied?");
                }
                if (tables.getInt(2) < 4) {
                    return Optional.of("it is a database, but not one of Silent Otter's");
                }
            }
            return newer(statement);
        } catch (SQLException e) {
            return Optional.of(e.getMessage());
        }
    }

    /** A database of a newer version has tables that this one does not know and would leave half written. */
    private static Optional<String> newer(Statement statement) throws SQLException {
        try (ResultSet history =
                statement.executeQuery("select count(*) from sqlite_master where name = 'flyway_schema_history'")) {
            history.next();
            if (history.getInt(1) == 0) {
                return Optional.empty();
            }
        }
        try (ResultSet version =
                statement.executeQuery("select max(cast(version as integer)) from flyway_schema_history")) {
            version.next();
            return version.getInt(1) <= VERSION
                    ? Optional.empty()
                    : Optional.of("it was written by a newer version of Silent Otter (" + version.getInt(1)
                            + ", this one knows up to " + VERSION + "). Start that version instead");
        }
    }

    static Connection open(Path file) throws SQLException {
        return DriverManager.getConnection("jdbc:sqlite:" + file.toAbsolutePath() + "?busy_timeout=10000");
    }

    /**
     * SQLite's own copy, one consistent moment, also while the application runs.
     *
     * @param to is not there yet
     */
    public static void copy(Path database, Path to) throws IOException {
        try (Connection connection = open(database);
                Statement statement = connection.createStatement()) {
            statement.executeUpdate("vacuum into '" + quoted(to) + "'");
        } catch (SQLException e) {
            throw new IOException("The database could not be copied: " + e.getMessage(), e);
        }
    }

    static String quoted(Path path) {
        return path.toAbsolutePath().toString().replace("'", "''");
    }
}
