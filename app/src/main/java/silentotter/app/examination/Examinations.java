package silentotter.app.examination;

import java.time.Clock;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.IntConsumer;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import silentotter.app.change.Journal;
import silentotter.app.change.Step;
import silentotter.app.part.CsvPart;
import silentotter.app.part.Ending;
import silentotter.app.part.FoundThings;
import silentotter.app.part.JobPart;
import silentotter.app.progress.Progress.Work;
import silentotter.app.shop.Choices;
import silentotter.core.engine.Engine;
import silentotter.core.examination.Examination;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.InvalidInput;
import silentotter.core.input.Problems;
import silentotter.core.interpretation.Interpretation;
import silentotter.core.plugs.PlugSchool;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What was looked at and told of each job, before the gauges and afterwards. Every change is kept; the newest counts. */
@Service
class Examinations implements JobPart<Examinations.Kept>, CsvPart, FoundThings {
    private static final String TABLE = "examination";

    private final ExaminationMapper mapper;
    private final ExaminationDocument document;
    private final Journal journal;
    private final Choices choices;
    private final TransactionTemplate transaction;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    Examinations(
            ExaminationMapper mapper,
            ExaminationDocument document,
            Journal journal,
            Choices choices,
            TransactionTemplate transaction,
            ApplicationEventPublisher events,
            Clock clock) {
        this.mapper = mapper;
        this.document = document;
        this.journal = journal;
        this.choices = choices;
        this.transaction = transaction;
        this.events = events;
        this.clock = clock;
    }

    /**
     * An examination as it is kept.
     *
     * @param json without what is empty
     * @param leftOut names of parts that cannot be read any more
     * @param leading the school of plug reading that counts in this shop
     */
    record Kept(ObjectNode json, Examination examination, List<String> leftOut, PlugSchool leading) {}

    @Override
    public String name() {
        return "examination";
    }

    @Override
    public Kept load(long jobId) {
        return document.readable(json(jobId), choices.shop().choice(PlugSchool.class, PlugSchool.FULL_READING));
    }

    private ObjectNode json(long jobId) {
        ObjectNode all = document.empty();
        mapper.parts(jobId).forEach(p -> {
            ObjectNode part = document.parse(p.document());
            if (!part.isEmpty()) {
                all.set(p.part().key(), part);
            }
        });
        return all;
    }

    @Override
    public Optional<Object> export(Kept kept) {
        return kept.json().isEmpty() ? Optional.empty() : Optional.of(kept.json());
    }

    @Override
    public Kept read(JsonNode filed, Engine engine, Problems problems, String path) {
        ObjectNode told = (ObjectNode) filed;
        return new Kept(told, document.checked(told, engine, problems, path + "."), List.of(), PlugSchool.FULL_READING);
    }

    @Override
    public void restore(long jobId, Kept kept, IntConsumer done) {
        for (ExaminationPart part : ExaminationPart.values()) {
            if (kept.json().get(part.key()) instanceof ObjectNode o && !o.isEmpty()) {
                mapper.insert(jobId, part, o.toString(), "from a file", now());
            }
        }
    }

    @Override
    public List<Examination> observed(Kept kept, Engine engine) {
        return List.of(kept.examination());
    }

    @Override
    public List<String> leftOut(Kept kept) {
        return kept.leftOut().stream()
                .map(part -> "What was noted of " + part + " cannot be read any more.")
                .toList();
    }

    /**
     * The examination on the sheet.
     *
     * @param examination what was written down before the gauges
     * @param seen what that says
     */
    record Shown(Examination examination, ExaminationView seen) {}

    @Override
    public Shown shown(Kept kept, Interpretation said) {
        return new Shown(kept.examination(), ExaminationView.of(kept.examination(), said, kept.leading()));
    }

    @Override
    public Class<Shown> shows() {
        return Shown.class;
    }

    @Override
    public String csv(long jobId) {
        return ExaminationCsv.write(json(jobId));
    }

    /** Merges the findings of a file into those of the job. */
    @Override
    public void addCsv(long jobId, Engine engine, byte[] content, Work work) {
        Map<ExaminationPart, ObjectNode> patches = ExaminationCsv.read(content);
        transaction.executeWithoutResult(t -> patches.forEach((part, patch) -> change(jobId, engine, part, patch)));
    }

    /**
     * Merges a patch into a part.
     *
     * @throws InvalidInput with everything that is wrong, by field; nothing is changed then
     */
    @Transactional
    public void change(long jobId, Engine engine, ExaminationPart part, JsonNode patch) {
        ObjectNode all = json(jobId);
        ObjectNode before = all.get(part.key()) instanceof ObjectNode o ? o : document.empty();
        write(jobId, engine, all, part, document.merged(before, patch), description(part, patch));
    }

    /**
     * What was said of two cylinders was mixed up: puts each where it belongs, photos too, and keeps the trail. Where
     * nothing was said of the other, it is moved.
     */
    @Transactional
    public void swap(long jobId, Engine engine, ExaminationPart part, int one, int other) {
        engine.needsAnother("one", 0, one);
        engine.needsAnother("other", one, other);
        String pointer =
                part.byCylinder().orElseThrow(() -> InvalidInput.at("part", "is not written down by cylinder"));
        ObjectNode all = json(jobId);
        ObjectNode changed = all.get(part.key()) instanceof ObjectNode o ? o : document.empty();
        ObjectNode byCylinder = changed.at(pointer) instanceof ObjectNode o ? o : document.empty();
        JsonNode first = byCylinder.remove(Integer.toString(one));
        JsonNode second = byCylinder.remove(Integer.toString(other));
        if (first == null && second == null) {
            throw InvalidInput.at("one", "nothing was said of either yet");
        }
        if (second != null) {
            byCylinder.set(Integer.toString(one), second);
        }
        if (first != null) {
            byCylinder.set(Integer.toString(other), first);
        }
        all.set(part.key(), changed);
        Problems problems = new Problems();
        document.checked(all, engine, problems, "");
        problems.throwIfAny();
        String description = part.words() + " " + one + " and " + other + " swapped";
        Step step =
                journal.step(jobId).added(TABLE, mapper.insert(jobId, part, changed.toString(), description, now()));
        mapper.photos(jobId).stream()
                .filter(p -> p.part() == part && (p.cylinder() == one || p.cylinder() == other))
                .forEach(p -> step.set("photo", p.id(), "cylinder", p.cylinder(), p.cylinder() == one ? other : one));
        step.doneAsCorrection(description);
    }

    private void write(
            long jobId, Engine engine, ObjectNode all, ExaminationPart part, ObjectNode changed, String description) {
        Examination before = document.toCore(readable(all));
        all.set(part.key(), changed);
        Problems problems = new Problems();
        Examination after = document.checked(all, engine, problems, "");
        if (!problems.isEmpty()) {
            // The sender named the field within the part.
            String within = part.key() + ".";
            throw new InvalidInput(problems.all().stream()
                    .map(p -> new FieldProblem(p.field().replaceFirst("^" + within, ""), p.message(), p.allowed()))
                    .toList());
        }
        Step step = journal.step(jobId);
        if (isEnding(before, after)) {
            events.publishEvent(new Ending(jobId, step));
        }
        long id = mapper.insert(jobId, part, changed.toString(), description, now());
        step.added(TABLE, id).done(description);
    }

    /** Whether the engine was shut until now and is not any more, or the job was open and is closed. */
    private static boolean isEnding(Examination before, Examination after) {
        return !before.found().begun() && after.found().begun()
                || !before.closing().closed() && after.closing().closed();
    }

    private ObjectNode readable(ObjectNode all) {
        return document.readable(all, PlugSchool.FULL_READING).json();
    }

    @Override
    @Transactional(readOnly = true)
    public Map<Long, Ended> ended(Collection<Long> jobs) {
        Map<Long, ObjectNode> documents = new TreeMap<>();
        mapper.ends(List.copyOf(jobs).toString())
                .forEach(r -> documents
                        .computeIfAbsent(r.jobId(), id -> document.empty())
                        .set(r.part().key(), document.parse(r.document())));
        Map<Long, Ended> all = new TreeMap<>();
        documents.forEach((id, ends) -> {
            Examination seen = document.readable(ends, PlugSchool.FULL_READING).examination();
            if (seen.found().begun()) {
                all.put(id, new Ended(seen.found(), seen.closing()));
            }
        });
        return all;
    }

    private static String description(ExaminationPart part, JsonNode patch) {
        JsonNode byCylinder = switch (part) {
            case PLUGS -> patch.path("plugs");
            case FOUND -> patch.path("cylinders");
            default -> patch;
        };
        boolean cylinders =
                part == ExaminationPart.PLUGS || part == ExaminationPart.INSIDE || part == ExaminationPart.FOUND;
        Set<String> keys = new TreeSet<>(byCylinder.propertyNames());
        return cylinders && !keys.isEmpty() ? part.words() + " " + String.join(", ", keys) : part.words();
    }

    private String now() {
        return Instant.now(clock).toString();
    }

    @Override
    public String held() {
        return "findings";
    }

    @Override
    public Set<Integer> cylindersHeld(long engineId) {
        Set<Integer> held = new TreeSet<>();
        mapper.partsOfEngine(engineId)
                .forEach(p -> p.part()
                        .byCylinder()
                        .ifPresent(pointer -> document.parse(p.document())
                                .at(pointer)
                                .propertyNames()
                                .forEach(key -> held.add(Integer.valueOf(key)))));
        return held;
    }
}
