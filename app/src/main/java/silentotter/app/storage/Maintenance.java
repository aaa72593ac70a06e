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
 * Backup and restore from the command line. A backup goes through SQLite itself and is one consistent moment, also while
 * the application runs. A restore needs the records to itself: nobody's reading may come between looking and replacing.
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
        } catch (IOException | SQLException | IllegalStateException e) {
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
        DataFolder.copy(folder.database(), part);
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
        if (Files.exists(folder.database()) && Files.isSameFile(source, folder.database())) {
            throw new IOException(source + " is the records themselves; nothing was changed");
        }
        Optional<String> fault = DataFolder.fault(source);
        if (fault.isPresent()) {
            throw new IOException(source + " cannot be restored: " + fault.get() + ". Nothing was changed");
        }
        try (DataFolder.Held held = folder.hold()
                .orElseThrow(() -> new IOException("Silent Otter is running on "
                        + folder.folder().toAbsolutePath()
                        + ". Stop it first (Ctrl-C), then restore; nothing was changed"))) {
            return restored(folder, source);
        }
    }

    private static String restored(DataFolder folder, Path source) throws IOException, SQLException {
        String kept = "";
        boolean sound = Files.exists(folder.database())
                && DataFolder.fault(folder.database()).isEmpty();
        if (Files.exists(folder.database())) {
            kept = "\nWhat was there before is kept in "
                    + keepPresent(folder, sound).toAbsolutePath();
        }
        if (!sound) {
            // Not to be written through SQLite. The folder is held, so nobody has these files open; a copy is kept.
            for (String suffix : List.of("", "-wal", "-shm")) {
                Files.deleteIfExists(folder.beside(suffix));
            }
        }
        try (Connection connection = DataFolder.open(folder.database());
                Statement statement = connection.createStatement()) {
            // SQLite's own copy, in one exclusive transaction over all pages.
            statement.executeUpdate("restore from '" + DataFolder.quoted(source) + "'");
        }
        DataFolder.fault(folder.database()).ifPresent(fault -> {
            throw new IllegalStateException("What was restored is not sound: " + fault);
        });
        return "Restored from " + source.toAbsolutePath() + kept;
    }

    /** Sets the present records aside first; unsound ones cannot be copied by SQLite and are copied as they are. */
    private static Path keepPresent(DataFolder folder, boolean sound) throws IOException, SQLException {
        String stamp = LocalDateTime.now().format(DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss-SSS"));
        Path kept = folder.folder().resolve("before-restore-" + stamp + ".db");
        if (sound) {
            backup(folder, kept);
            return kept;
        }
        for (String suffix : List.of("", "-wal", "-shm")) {
            if (Files.exists(folder.beside(suffix))) {
                Files.copy(folder.beside(suffix), kept.resolveSibling(kept.getFileName() + suffix));
            }
        }
        return kept;
    }
}
