package silentotter.app.casefile;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import silentotter.app.engine.Engines;
import silentotter.app.job.JobLine;
import silentotter.app.job.Jobs;
import silentotter.app.part.CsvPart;
import silentotter.app.part.CsvTable;
import silentotter.app.part.FileText;
import silentotter.app.storage.DataFolder;

/** Everything of a shop in open forms, so that nobody is locked in: case files, comma-separated values, and the database. */
@Service
class Export {
    private static final String ABOUT = """
            Everything of this shop.

            case-files/  one file an engine with all its jobs and photos, as JSON; each can be loaded again
            csv/         the readings of each job as comma-separated values, and jobs.csv, the list of them
            %s  a copy of the database, SQLite 3, with everything that the above leaves out
            """;

    private static final List<CsvTable.Column<JobLine>> COLUMNS = List.of(
            CsvTable.Column.of("job", JobLine::id),
            CsvTable.Column.of("date", JobLine::date),
            CsvTable.Column.of("engine", JobLine::engineName),
            CsvTable.Column.of("cylinders", JobLine::cylinders),
            CsvTable.Column.of("complaint", JobLine::complaint),
            CsvTable.Column.of("technician", JobLine::technician),
            CsvTable.Column.of("verdict", JobLine::headline));

    private final CaseFiles caseFiles;
    private final Engines engines;
    private final Jobs jobs;
    private final List<CsvPart> parts;
    private final Path database;

    Export(
            CaseFiles caseFiles,
            Engines engines,
            Jobs jobs,
            List<CsvPart> parts,
            @Value("${otter.data}") String folder) {
        this.caseFiles = caseFiles;
        this.engines = engines;
        this.jobs = jobs;
        this.parts = parts;
        this.database = Path.of(folder, DataFolder.DATABASE);
    }

    /** Writes as it reads: a shop does not have to fit into memory. */
    void write(OutputStream out) throws IOException {
        try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
            put(zip, "README.txt", ABOUT.formatted(DataFolder.DATABASE));
            for (Engines.StoredEngine engine : engines.all()) {
                List<JobLine> lines = jobs.linesOfEngine(engine.id());
                String name = FileText.name(engine.engine().name()) + "-" + engine.id();
                if (!lines.isEmpty()) {
                    put(
                            zip,
                            "case-files/" + name + ".case.json",
                            caseFiles.written(caseFiles.export(lines.get(0).id())));
                }
                for (JobLine job : lines) {
                    for (CsvPart part : parts) {
                        String csv = part.csv(job.id());
                        if (csv.lines().skip(1).findAny().isPresent()) {
                            put(
                                    zip,
                                    "csv/" + name + "-" + job.date() + "-job-" + job.id() + "-" + part.name() + ".csv",
                                    csv);
                        }
                    }
                }
            }
            put(zip, "csv/jobs.csv", CsvTable.write(COLUMNS, jobs.lines()));
            zip.putNextEntry(new ZipEntry(DataFolder.DATABASE));
            copy(zip);
            zip.closeEntry();
        }
    }

    /** SQLite's own copy: one consistent moment, also while somebody writes. */
    private void copy(OutputStream to) throws IOException {
        Path folder = Files.createTempDirectory("silent-otter-export");
        Path copy = folder.resolve(DataFolder.DATABASE);
        try {
            DataFolder.copy(database, copy);
            Files.copy(copy, to);
        } finally {
            Files.deleteIfExists(copy);
            Files.deleteIfExists(folder);
        }
    }

    private static void put(ZipOutputStream zip, String name, String text) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(text.getBytes(StandardCharsets.UTF_8));
        zip.closeEntry();
    }
}
