package silentotter.app.casefile;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.InputStream;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.springframework.stereotype.Component;
import silentotter.app.casefile.CaseFile.CaseJob;
import silentotter.app.casefile.CaseFile.CaseLeakdown;
import silentotter.app.casefile.CaseFile.CasePass;
import silentotter.app.casefile.CaseFile.CasePhoto;
import silentotter.app.casefile.CaseFile.CaseReading;
import silentotter.app.change.Corrections.Correction;
import silentotter.app.compression.Compression;
import silentotter.app.compression.ConditionsReader;
import silentotter.app.compression.ReadingReader;
import silentotter.app.engine.EngineReader;
import silentotter.app.engine.ServiceDocument;
import silentotter.app.examination.Examinations;
import silentotter.app.examination.Photos;
import silentotter.app.job.JobReader;
import silentotter.app.leakdown.LeakdownReader;
import silentotter.core.engine.Engine;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.InvalidInput;
import silentotter.core.input.Problems;
import silentotter.core.instruments.LeakdownTester;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Reads a case file: first its form by the schema, then every value by the rules of the job. */
@Component
class CaseFileReader {
    static final int LONGEST_REASON = 400;

    private static final int MOST_PROBLEMS = 50;
    private static final int MOST_JOBS = 2000;

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
        CaseFile file;
        try {
            file = json.readValue(text, CaseFile.class);
        } catch (JacksonException e) {
            throw new InvalidInput(List.of(silentotter.app.http.Problems.unreadable(e)));
        }
        refuseWhatIsTooLong(file);
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
            checkTrail(job, problems, path);
        }
        problems.throwIfAny();
        return file;
    }

    private static void refuseWhatIsTooLong(CaseFile file) {
        int readings = 0;
        for (CaseJob job : file.jobs()) {
            int ofJob = job.compression().stream()
                    .mapToInt(p -> p.readings().size())
                    .sum();
            readings += ofJob;
        }
        if (file.jobs().size() > MOST_JOBS) {
            throw InvalidInput.at("jobs", "are too many", "at most " + MOST_JOBS);
        }
        if (readings > Compression.MOST_READINGS) {
            throw InvalidInput.at("jobs", "hold " + readings + " readings", "at most " + Compression.MOST_READINGS);
        }
    }

    private void checkForm(String text) {
        try {
            json.readTree(text);
        } catch (JacksonException e) {
            throw InvalidInput.at(
                    "line " + e.getLocation().getLineNr(),
                    "This is not readable JSON" + silentotter.app.http.Problems.where(e));
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
            filed(r.takenAt(), r.setAside(), problems, at);
        }
        List<CasePhoto> photos = Objects.requireNonNullElse(job.photos(), List.of());
        for (int i = 0; i < photos.size(); i++) {
            CasePhoto p = photos.get(i);
            Photos.check(
                    engine, p.part(), p.cylinder(), p.mediaType(), p.content(), problems, path + "photos[" + i + "].");
            problems.moment(path + "photos[" + i + "].takenAt", p.takenAt());
        }
    }

    private static void checkTrail(CaseJob job, Problems problems, String path) {
        List<Correction> trail = Objects.requireNonNullElse(job.corrections(), List.of());
        for (int i = 0; i < trail.size(); i++) {
            problems.moment(path + "corrections[" + i + "].at", trail.get(i).at());
            problems.text(path + "corrections[" + i + "].words", trail.get(i).words(), LONGEST_REASON);
        }
    }

    /** What a file says of a reading beside its value. */
    private static void filed(String takenAt, String setAside, Problems problems, String path) {
        problems.moment(path + "takenAt", takenAt);
        problems.text(path + "setAside", setAside, LONGEST_REASON);
    }

    private static void check(CaseJob job, Optional<Engine> engine, Problems problems, String path) {
        JobReader.read(job.job(), problems, path + "job.");
        for (int p = 0; p < job.compression().size(); p++) {
            CasePass pass = job.compression().get(p);
            String passPath = path + "compression[" + p + "].";
            ConditionsReader.read(pass.conditions(), problems, passPath + "conditions.");
            for (int r = 0; r < pass.readings().size(); r++) {
                CaseReading reading = pass.readings().get(r);
                String at = passPath + "readings[" + r + "].";
                // Not whether oil may go into this engine: what was poured was poured, and is only said not to count.
                engine.ifPresent(e ->
                        ReadingReader.check(e, pass.kind(), pass.conditions(), reading.asDocument(), problems, at));
                filed(reading.takenAt(), reading.setAside(), problems, at);
            }
        }
    }
}
