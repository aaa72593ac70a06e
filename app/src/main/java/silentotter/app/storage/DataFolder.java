package silentotter.app.storage;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Optional;

/** The folder that holds the shop's records. */
public record DataFolder(Path folder) {
    private static final String TABLES = "('engine', 'job', 'compression_reading', 'change')";

    Path database() {
        return folder.resolve("silent-otter.db");
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
                The records in %s are damaged and were not opened or changed.
                What the check found: %s
                What to do:
                  1. Copy the whole folder %s to a safe place.
                  2. Put the last backup back:  ./otter restore FILE
                  3. Without a backup, move silent-otter.db away and start empty; keep the copy, it may be recoverable.
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
                boolean foreign = tables.getInt(1) > 0 && tables.getInt(2) < 4;
                return foreign ? Optional.of("it is a database, but not one of Silent Otter's") : Optional.empty();
            }
        } catch (SQLException e) {
            return Optional.of(e.getMessage());
        }
    }

    static Connection open(Path file) throws SQLException {
        return DriverManager.getConnection("jdbc:sqlite:" + file.toAbsolutePath() + "?busy_timeout=10000");
    }
}
