package silentotter.app.oil;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import silentotter.app.change.Journal;
import silentotter.app.change.SentBefore;
import silentotter.app.change.Step;
import silentotter.app.http.Asks;
import silentotter.app.http.Conflict;
import silentotter.app.http.NotFound;
import silentotter.app.oil.OilMapper.Row;
import silentotter.app.part.EnginePart;
import silentotter.app.part.Filed;
import silentotter.app.storage.Documents;
import silentotter.core.engine.Engine;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.InvalidInput;
import silentotter.core.input.Problems;
import silentotter.core.intake.ServiceDocument;
import silentotter.core.intake.ServiceEntry.ServiceKind;
import silentotter.core.job.Observation;
import silentotter.core.oil.OilEntry;
import silentotter.core.oil.OilEntryDocument;
import silentotter.core.oil.OilEntryReader;
import silentotter.core.oil.OilEvent;
import silentotter.core.oil.OilQuestions;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The oil log of each engine: lines are added, set aside or put right, across all jobs of the engine. */
@Service
class OilLogs implements EnginePart<List<StoredOilEntry>> {
    static final int MOST_ENTRIES = 5000;
    private static final String ENTRY = "oil_entry";
    private static final String SET_ASIDE = "setAside";

    private final OilMapper mapper;
    private final Journal journal;
    private final Documents documents;
    private final JsonMapper json;

    OilLogs(OilMapper mapper, Journal journal, Documents documents, JsonMapper json) {
        this.mapper = mapper;
        this.journal = journal;
        this.documents = documents;
        this.json = json;
    }

    long engineOf(long jobId) {
        return mapper.engineOf(jobId).orElseThrow(() -> new NotFound("There is no job " + jobId + "."));
    }

    @Override
    public List<? extends Observation> observed(List<StoredOilEntry> kept, List<ServiceDocument> service) {
        return Stream.<Observation>concat(entries(kept).stream(), repairs(service))
                .toList();
    }

    /** Repairs after which oil use may be another. */
    static Stream<OilEvent> repairs(List<ServiceDocument> service) {
        return service.stream()
                .filter(s -> s.kind() == ServiceKind.REPAIR && s.date() != null)
                .map(s -> new OilEvent(LocalDate.parse(s.date())));
    }

    /** The lines as values; those that cannot be read any more are left out. */
    static List<OilEntry> entries(List<StoredOilEntry> stored) {
        List<OilEntry> all = new ArrayList<>();
        for (int i = 0; i < stored.size(); i++) {
            OilEntryReader.read(i, stored.get(i).entry(), stored.get(i).setAside(), new Problems(), "")
                    .ifPresent(all::add);
        }
        return all;
    }

    /**
     * Adds a line in the course of a job.
     *
     * @param words fills sentences for whoever asked
     * @param sure whether the sender was asked about what looks odd, and means it
     * @throws Asks when something looks odd and nobody was asked yet
     */
    @Transactional
    public void add(
            long jobId,
            Engine engine,
            @Nullable String givenKey,
            OilEntryDocument entry,
            boolean sure,
            UnaryOperator<String> words) {
        long engineId = engineOf(jobId);
        String key = SentBefore.orNew(givenKey);
        String sent = documents.write(entry);
        if (SentBefore.isSame(mapper.sentBefore(key), engineId, sent)) {
            return;
        }
        List<StoredOilEntry> log = loadEngine(engineId);
        refuseFull(log.size() + 1);
        OilEntry value = checked(log.size(), entry, "");
        List<String> odd = sure ? List.of() : OilQuestions.about(engine.oil(), entries(log), value);
        if (!odd.isEmpty()) {
            throw Asks.whetherItIsMeant(words.apply(String.join(" ", odd)));
        }
        journal.step(jobId)
                .added(ENTRY, mapper.insert(engineId, key, sent, sent, null))
                .done(entry.kind().words() + " in the oil log");
        journal.touchedJobsOfEngine(engineId);
    }

    /** Adds the lines of a page, all of them or none; one step to undo. The same page sent twice is added once. */
    @Transactional
    public void addAll(long jobId, @Nullable String givenKey, List<StoredOilEntry> lines, String from) {
        long engineId = engineOf(jobId);
        String key = SentBefore.orNew(givenKey);
        if (lines.isEmpty()) {
            throw InvalidInput.at("entries", "hold no line");
        }
        refuseFull(loadEngine(engineId).size() + lines.size());
        Problems problems = new Problems();
        for (int i = 0; i < lines.size(); i++) {
            String at = "entries[" + i + "].";
            OilEntryReader.read(i, lines.get(i).entry(), lines.get(i).setAside(), problems, at);
            problems.text(at + SET_ASIDE, lines.get(i).setAside(), Step.LONGEST_REASON);
        }
        problems.throwIfAny();
        Step step = journal.step(jobId);
        for (int i = 0; i < lines.size(); i++) {
            String own = key + "/" + i;
            String sent = documents.write(lines.get(i).entry());
            if (SentBefore.isSame(mapper.sentBefore(own), engineId, sent)) {
                return;
            }
            step.added(
                    ENTRY, mapper.insert(engineId, own, sent, sent, lines.get(i).setAside()));
        }
        step.done(lines.size() + " lines of " + from + " in the oil log");
        journal.touchedJobsOfEngine(engineId);
    }

    /**
     * Puts a line right; what it was stays in the trail.
     *
     * @throws Conflict when it is not any more what the sender saw
     */
    @Transactional
    public void change(long jobId, long id, OilEntryDocument was, OilEntryDocument entry) {
        long engineId = engineOf(jobId);
        Row row = row(engineId, id);
        if (!document(row).equals(was)) {
            throw new Conflict(
                    "This line was changed in another window meanwhile. Look at it first; nothing was changed.");
        }
        checked(0, entry, "");
        journal.step(jobId)
                .set(ENTRY, id, "document", row.document(), documents.write(entry))
                .doneAsCorrection("a line of the oil log put right: "
                        + document(row).kind().words());
        journal.touchedJobsOfEngine(engineId);
    }

    @Transactional
    public void setAside(long jobId, long id, @Nullable String reason) {
        long engineId = engineOf(jobId);
        Row row = row(engineId, id);
        journal.step(jobId)
                .setAside(
                        ENTRY, id, row.setAside(), reason, document(row).kind().words() + " in the oil log");
        journal.touchedJobsOfEngine(engineId);
    }

    private static void refuseFull(int count) {
        if (count > MOST_ENTRIES) {
            throw InvalidInput.at("entries", "this oil log holds as many lines as it can", "at most " + MOST_ENTRIES);
        }
    }

    private static OilEntry checked(int number, OilEntryDocument entry, String path) {
        Problems problems = new Problems();
        Optional<OilEntry> value = OilEntryReader.read(number, entry, null, problems, path);
        problems.throwIfAny();
        return value.orElseThrow();
    }

    private OilEntryDocument document(Row row) {
        return documents.read(row.document(), OilEntryDocument.class);
    }

    private Row row(long engineId, long id) {
        return mapper.entry(engineId, id)
                .orElseThrow(() -> new NotFound("There is no line " + id + " in the oil log of this engine."));
    }

    // In case files.

    @Override
    public String name() {
        return "oilLog";
    }

    @Override
    public List<StoredOilEntry> loadEngine(long engineId) {
        return mapper.entries(engineId).stream()
                .map(r -> new StoredOilEntry(r.id(), document(r), r.setAside()))
                .toList();
    }

    @Override
    public Optional<Object> export(List<StoredOilEntry> kept) {
        List<ObjectNode> filed = kept.stream()
                .map(e -> Filed.withReason(json.valueToTree(e.entry()), e.setAside()))
                .toList();
        return filed.isEmpty() ? Optional.empty() : Optional.of(filed);
    }

    @Override
    public List<StoredOilEntry> read(JsonNode filed, Problems problems, String path) {
        List<StoredOilEntry> lines = new ArrayList<>();
        if (filed.size() > MOST_ENTRIES) {
            problems.add(FieldProblem.of(path, "are too many", "at most " + MOST_ENTRIES));
            return lines;
        }
        for (int i = 0; i < filed.size(); i++) {
            String at = path + "[" + i + "].";
            ObjectNode one = ((ObjectNode) filed.get(i)).deepCopy();
            String reason = Filed.takeReason(one);
            problems.text(at + SET_ASIDE, reason, Step.LONGEST_REASON);
            for (OilEntryDocument d :
                    Filed.list(json, json.createArrayNode().add(one), OilEntryDocument.class, problems, path)) {
                OilEntryReader.read(i, d, reason, problems, at);
                lines.add(new StoredOilEntry(0, d, reason));
            }
        }
        return lines;
    }

    @Override
    @Transactional
    public void restore(long engineId, List<StoredOilEntry> kept) {
        kept.forEach(e ->
                mapper.insert(engineId, UUID.randomUUID().toString(), null, documents.write(e.entry()), e.setAside()));
    }

    @Override
    public int size(List<StoredOilEntry> kept) {
        return kept.size();
    }
}
