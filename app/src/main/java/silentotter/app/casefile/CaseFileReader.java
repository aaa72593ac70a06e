package silentotter.app.casefile;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import silentotter.app.casefile.ReadCase.ReadEnginePart;
import silentotter.app.casefile.ReadCase.ReadJob;
import silentotter.app.casefile.ReadCase.ReadPart;
import silentotter.app.http.Refusals;
import silentotter.app.part.EnginePart;
import silentotter.app.part.Filed;
import silentotter.app.part.JobPart;
import silentotter.core.engine.Engine;
import silentotter.core.engine.EngineDocument;
import silentotter.core.engine.EngineReader;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.InvalidInput;
import silentotter.core.input.Problems;
import silentotter.core.intake.ServiceDocument;
import silentotter.core.job.JobDocument;
import silentotter.core.job.JobReader;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Reads a case file: first its form by the schema, then every value by the rules of the job and its parts. */
@Component
class CaseFileReader {
    private static final int MOST_PROBLEMS = 50;
    private static final int MOST_JOBS = 2000;
    private static final int MOST_READINGS = 60_000;

    private final JsonMapper json;
    private final List<JobPart<?>> parts;
    private final List<EnginePart<?>> engineParts;
    private final Schema schema;

    CaseFileReader(JsonMapper json, List<JobPart<?>> parts, List<EnginePart<?>> engineParts) {
        this.json = json;
        this.parts = parts;
        this.engineParts = engineParts;
        this.schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(json.writeValueAsString(whole()), InputFormat.JSON);
    }

    /** The schema of the file, with that of each part in its place. */
    private ObjectNode whole() {
        ObjectNode file = resource("/case-file/case.schema.json");
        parts.forEach(p -> put(file, "/$defs/caseJob/properties", p.name()));
        engineParts.forEach(p -> put(file, "/$defs/engine/properties", p.name()));
        return file;
    }

    private void put(ObjectNode file, String members, String name) {
        ObjectNode own = resource("/case-file/" + name + ".schema.json");
        ((ObjectNode) file.get("$defs")).setAll((ObjectNode) own.remove("$defs"));
        ((ObjectNode) file.at(members)).set(name, own);
    }

    private ObjectNode resource(String name) {
        InputStream source = CaseFileReader.class.getResourceAsStream(name);
        if (source == null) {
            throw new IllegalStateException("no schema " + name);
        }
        return (ObjectNode) json.readTree(source);
    }

    /** @throws InvalidInput with everything that is wrong and where */
    ReadCase read(String text) {
        JsonNode file = wellFormed(text);
        if (file.get("jobs").size() > MOST_JOBS) {
            throw InvalidInput.at("jobs", "are too many", "at most " + MOST_JOBS);
        }
        Problems problems = new Problems();
        ObjectNode bare = ((ObjectNode) file.get("engine")).deepCopy();
        List<ReadEnginePart<?>> ofEngine = new ArrayList<>();
        for (EnginePart<?> part : engineParts) {
            JsonNode filed = bare.remove(part.name());
            if (filed != null) {
                ofEngine.add(read(part, filed, problems));
            }
        }
        EngineDocument engineDocument = bound(bare, EngineDocument.class, "engine");
        Optional<Engine> engine = EngineReader.read(engineDocument, problems, "engine.");
        List<ServiceDocument> service =
                Filed.list(json, file.path("service"), ServiceDocument.class, problems, "service");
        for (int i = 0; i < service.size(); i++) {
            service.get(i).read(problems, "service[" + i + "].");
        }
        List<ReadJob> jobs = new ArrayList<>();
        for (int i = 0; i < file.get("jobs").size(); i++) {
            String path = "jobs[" + i + "].";
            JsonNode filed = file.get("jobs").get(i);
            JobDocument job = bound(filed.get(ReadCase.JOB), JobDocument.class, path + ReadCase.JOB);
            JobReader.read(job, problems, path + "job.");
            List<ReadPart<?>> own = new ArrayList<>();
            engine.ifPresent(e -> parts.stream()
                    .filter(p -> filed.has(p.name()))
                    .forEach(p -> own.add(read(p, filed, e, problems, path))));
            jobs.add(new ReadJob(job, own));
        }
        int readings = jobs.stream().mapToInt(ReadJob::size).sum()
                + ofEngine.stream().mapToInt(ReadEnginePart::size).sum();
        if (readings > MOST_READINGS) {
            throw InvalidInput.at("jobs", "hold " + readings + " readings", "at most " + MOST_READINGS);
        }
        problems.throwIfAny();
        return new ReadCase(engineDocument, service, ofEngine, jobs);
    }

    private static <K> ReadPart<K> read(
            JobPart<K> part, JsonNode filed, Engine engine, Problems problems, String path) {
        return new ReadPart<>(part, part.read(filed.get(part.name()), engine, problems, path + part.name()));
    }

    private static <K> ReadEnginePart<K> read(EnginePart<K> part, JsonNode filed, Problems problems) {
        return new ReadEnginePart<>(part, part.read(filed, problems, "engine." + part.name()));
    }

    private <T> T bound(JsonNode node, Class<T> type, String path) {
        try {
            return json.treeToValue(node, type);
        } catch (JacksonException e) {
            FieldProblem p = Refusals.unreadable(e);
            throw new InvalidInput(List.of(new FieldProblem(path + "." + p.field(), p.message(), p.allowed())));
        }
    }

    private JsonNode wellFormed(String text) {
        JsonNode file;
        try {
            file = json.readTree(text);
        } catch (JacksonException e) {
            throw InvalidInput.at(
                    "line " + e.getLocation().getLineNr(), "This is not readable JSON" + Refusals.where(e));
        }
        List<FieldProblem> problems = schema.validate(text, InputFormat.JSON).stream()
                .limit(MOST_PROBLEMS)
                .map(e -> FieldProblem.of(path(e.getInstanceLocation().toString()), e.getMessage()))
                .toList();
        if (!problems.isEmpty()) {
            throw new InvalidInput(problems);
        }
        return file;
    }

    /** {@code /jobs/0/job/date} as {@code jobs[0].job.date}. */
    private static String path(String pointer) {
        String path =
                pointer.replaceAll("/(\\d+)(?=/|$)", "[$1]").replace("/", ".").replaceFirst("^\\.", "");
        return path.isEmpty() ? "the file" : path;
    }
}
