package silentotter.app.casefile;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.InputStream;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.springframework.stereotype.Component;
import silentotter.app.casefile.CaseFile.CaseJob;
import silentotter.app.casefile.CaseFile.CaseLeakdown;
import silentotter.app.casefile.CaseFile.CasePass;
import silentotter.app.casefile.CaseFile.CasePhoto;
import silentotter.app.casefile.CaseFile.CaseReading;
import silentotter.app.compression.ConditionsReader;
import silentotter.app.engine.EngineReader;
import silentotter.app.engine.ServiceDocument;
import silentotter.app.examination.Examinations;
import silentotter.app.examination.Photos;
import silentotter.app.job.JobReader;
import silentotter.app.leakdown.LeakdownReader;
import silentotter.core.engine.Engine;
import silentotter.core.input.AllowedRange;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.InvalidInput;
import silentotter.core.input.Problems;
import silentotter.core.instruments.LeakdownTester;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Reads a case file: first its form by the schema, then every value by the rules of the job. */
@Component
class CaseFileReader {
    private static final int MOST_PROBLEMS = 50;

    private final JsonMapper json;
    private final Examinations examinations;
    private final Schema schema;

    CaseFileReader(JsonMapper json, Examinations examinations) {
        this.json = json;
        this.examinations = examinations;
        InputStream source = CaseFileReader.class.getResourceAsStream("/case-file.schema.json");
        this.schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(source, InputFormat.JSON);
    }

    /** @throws InvalidInput with everything that is wrong and where */
    CaseFile read(String text) {
        checkForm(text);
        CaseFile file = json.readValue(text, CaseFile.class);
        Problems problems = new Problems();
        Optional<Engine> engine = EngineReader.read(file.engine(), problems, "engine.");
        List<ServiceDocument> service = Objects.requireNonNullElse(file.service(), List.of());
        for (int i = 0; i < service.size(); i++) {
            service.get(i).read(problems, "service[" + i + "].");
        }
        for (int i = 0; i < file.jobs().size(); i++) {
            String path = "jobs[" + i + "].";
            CaseJob job = file.jobs().get(i);
            engine.ifPresent(e -> checkSeen(job, e, problems, path));
            check(job, engine, problems, path);
        }
        problems.throwIfAny();
        return file;
    }

    private void checkForm(String text) {
        try {
            json.readTree(text);
        } catch (JacksonException e) {
            throw InvalidInput.at(
                    "line " + e.getLocation().getLineNr(), "This is not readable JSON: " + e.getOriginalMessage());
        }
        List<FieldProblem> problems = schema.validate(text, InputFormat.JSON).stream()
                .limit(MOST_PROBLEMS)
                .map(e -> FieldProblem.of(path(e.getInstanceLocation().toString()), e.getMessage()))
                .toList();
        if (!problems.isEmpty()) {
            throw new InvalidInput(problems);
        }
    }

    /** {@code /jobs/0/job/date} as {@code jobs[0].job.date}. */
    private static String path(String pointer) {
        String path =
                pointer.replaceAll("/(\\d+)(?=/|$)", "[$1]").replace("/", ".").replaceFirst("^\\.", "");
        return path.isEmpty() ? "the file" : path;
    }

    private void checkSeen(CaseJob job, Engine engine, Problems problems, String path) {
        if (job.examination() != null) {
            examinations.check(job.examination(), engine, problems, path + "examination.");
        }
        List<CaseLeakdown> leakdown = Objects.requireNonNullElse(job.leakdown(), List.of());
        for (int i = 0; i < leakdown.size(); i++) {
            CaseLeakdown r = leakdown.get(i);
            String at = path + "leakdown[" + i + "].";
            LeakdownTester tester = r.tester().read(problems, at + "tester.");
            LeakdownReader.read(engine, tester, r.cylinder(), i, r.reading(), r.setAside(), problems, at);
        }
        List<CasePhoto> photos = Objects.requireNonNullElse(job.photos(), List.of());
        for (int i = 0; i < photos.size(); i++) {
            CasePhoto p = photos.get(i);
            Photos.check(
                    engine, p.part(), p.cylinder(), p.mediaType(), p.content(), problems, path + "photos[" + i + "].");
        }
    }

    private static void check(CaseJob job, Optional<Engine> engine, Problems problems, String path) {
        JobReader.read(job.job(), problems, path + "job.");
        for (int p = 0; p < job.compression().size(); p++) {
            CasePass pass = job.compression().get(p);
            String passPath = path + "compression[" + p + "].";
            ConditionsReader.read(pass.conditions(), problems, passPath + "conditions.");
            for (int r = 0; r < pass.readings().size(); r++) {
                check(pass.readings().get(r), engine, problems, passPath + "readings[" + r + "].");
            }
        }
    }

    private static void check(CaseReading reading, Optional<Engine> engine, Problems problems, String path) {
        engine.map(e -> e.arrangement().count())
                .filter(count -> reading.cylinder() > count)
                .ifPresent(count -> problems.add(FieldProblem.of(
                        path + "cylinder", reading.cylinder() + " does not exist on this engine", "1 to " + count)));
        for (int s = 0; s < reading.strokesKPa().size(); s++) {
            AllowedRange.READING
                    .problemWith(
                            path + "strokesKPa[" + s + "]", reading.strokesKPa().get(s))
                    .ifPresent(problems::add);
        }
        if (reading.finalOnly() && reading.strokesKPa().size() != 1) {
            problems.add(path + "strokesKPa", "a final-only reading has one value");
        }
        if (reading.oilMl() != null) {
            AllowedRange.OIL_DOSE.problemWith(path + "oilMl", reading.oilMl()).ifPresent(problems::add);
        }
        try {
            Instant.parse(reading.takenAt());
        } catch (DateTimeParseException e) {
            problems.add(path + "takenAt", "'" + reading.takenAt() + "' is not a moment such as 2026-11-24T09:42:00Z");
        }
    }
}
