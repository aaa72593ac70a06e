package silentotter.app.oil;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import silentotter.app.change.Journal;
import silentotter.app.change.Step;
import silentotter.app.http.Conflict;
import silentotter.app.http.NotFound;
import silentotter.app.oil.OilMapper.Row;
import silentotter.app.part.EnginePart;
import silentotter.app.part.Filed;
import silentotter.app.storage.Documents;
import silentotter.core.input.InvalidInput;
import silentotter.core.input.Problems;
import silentotter.core.intake.ServiceDocument;
import silentotter.core.job.Observation;
import silentotter.core.oil.OilTrial;
import silentotter.core.oil.OilTrialDocument;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The oil trials of each engine. */
@Service
class OilTrials implements EnginePart<List<StoredTrial>> {
    private static final int MOST = 200;
    private static final String TRIAL = "oil_trial";

    private final OilMapper mapper;
    private final OilLogs logs;
    private final Journal journal;
    private final Documents documents;
    private final JsonMapper json;

    OilTrials(OilMapper mapper, OilLogs logs, Journal journal, Documents documents, JsonMapper json) {
        this.mapper = mapper;
        this.logs = logs;
        this.journal = journal;
        this.documents = documents;
        this.json = json;
    }

    @Override
    public List<? extends Observation> observed(List<StoredTrial> kept, List<ServiceDocument> service) {
        return trials(kept);
    }

    static List<OilTrial> trials(List<StoredTrial> stored) {
        return stored.stream()
                .flatMap(t -> OilTrial.read(t.trial(), t.setAside(), new Problems(), "").stream())
                .toList();
    }

    @Transactional
    public void add(long jobId, OilTrialDocument trial) {
        long engineId = logs.engineOf(jobId);
        checked(trial);
        List<StoredTrial> all = loadEngine(engineId);
        if (all.size() >= MOST) {
            throw InvalidInput.at("from", "this engine has as many trials as it can", "at most " + MOST);
        }
        // The same trial again is Enter twice.
        if (all.stream().anyMatch(t -> t.trial().equals(trial))) {
            return;
        }
        journal.step(jobId)
                .added(TRIAL, mapper.insertTrial(engineId, documents.write(trial), null))
                .done("oil trial");
        journal.touchedJobsOfEngine(engineId);
    }

    /** @throws Conflict when it is not any more what the sender saw */
    @Transactional
    public void change(long jobId, long id, OilTrialDocument was, OilTrialDocument trial) {
        long engineId = logs.engineOf(jobId);
        Row row = row(engineId, id);
        if (!documents.read(row.document(), OilTrialDocument.class).equals(was)) {
            throw new Conflict(
                    "This trial was changed in another window meanwhile. Look at it first; nothing was changed.");
        }
        checked(trial);
        journal.step(jobId)
                .set(TRIAL, id, "document", row.document(), documents.write(trial))
                .done("change of the oil trial");
        journal.touchedJobsOfEngine(engineId);
    }

    @Transactional
    public void setAside(long jobId, long id, @Nullable String reason) {
        long engineId = logs.engineOf(jobId);
        Row row = row(engineId, id);
        journal.step(jobId).setAside(TRIAL, id, row.setAside(), reason, "the oil trial");
        journal.touchedJobsOfEngine(engineId);
    }

    private static void checked(OilTrialDocument trial) {
        Problems problems = new Problems();
        OilTrial.read(trial, null, problems, "");
        problems.throwIfAny();
    }

    private Row row(long engineId, long id) {
        return mapper.trial(engineId, id)
                .orElseThrow(() -> new NotFound("There is no oil trial " + id + " on this engine."));
    }

    @Override
    public String name() {
        return "oilTrials";
    }

    @Override
    public List<StoredTrial> loadEngine(long engineId) {
        return mapper.trials(engineId).stream()
                .map(r -> new StoredTrial(r.id(), documents.read(r.document(), OilTrialDocument.class), r.setAside()))
                .toList();
    }

    @Override
    public Optional<Object> export(List<StoredTrial> kept) {
        List<ObjectNode> filed = kept.stream()
                .map(t -> Filed.withReason(json.valueToTree(t.trial()), t.setAside()))
                .toList();
        return filed.isEmpty() ? Optional.empty() : Optional.of(filed);
    }

    @Override
    public List<StoredTrial> read(JsonNode filed, Problems problems, String path) {
        List<StoredTrial> trials = new ArrayList<>();
        for (int i = 0; i < filed.size(); i++) {
            ObjectNode one = ((ObjectNode) filed.get(i)).deepCopy();
            String reason = Filed.takeReason(one);
            problems.text(path + "[" + i + "].setAside", reason, Step.LONGEST_REASON);
            for (OilTrialDocument d :
                    Filed.list(json, json.createArrayNode().add(one), OilTrialDocument.class, problems, path)) {
                OilTrial.read(d, reason, problems, path + "[" + i + "].");
                trials.add(new StoredTrial(0, d, reason));
            }
        }
        return trials;
    }

    @Override
    @Transactional
    public void restore(long engineId, List<StoredTrial> kept) {
        kept.forEach(t -> mapper.insertTrial(engineId, documents.write(t.trial()), t.setAside()));
    }

    @Override
    public int size(List<StoredTrial> kept) {
        return kept.size();
    }
}
