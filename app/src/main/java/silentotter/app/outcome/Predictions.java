package silentotter.app.outcome;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.function.IntConsumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import silentotter.app.part.Ending;
import silentotter.app.part.Filed;
import silentotter.app.part.JobPart;
import silentotter.app.part.KeptPredictions;
import silentotter.app.sheet.Sheets;
import silentotter.app.shop.Choices;
import silentotter.app.storage.Documents;
import silentotter.core.engine.Engine;
import silentotter.core.examination.Examination;
import silentotter.core.fault.FaultAt;
import silentotter.core.found.Known;
import silentotter.core.found.Outcome;
import silentotter.core.input.Problems;
import silentotter.core.interpretation.Interpretation;
import silentotter.core.outcome.Prediction;
import silentotter.core.outcome.PredictionReader;
import silentotter.core.outcome.Review;
import silentotter.core.wording.Units;
import silentotter.core.wording.Worded;
import silentotter.core.wording.Wording;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What was predicted until an engine was opened or its job closed: kept as a part of that step, and never changed. */
@Service
class Predictions implements JobPart<List<Prediction>>, KeptPredictions {
    private static final Logger LOG = LoggerFactory.getLogger(Predictions.class);

    private final OutcomeMapper mapper;
    private final Documents documents;
    private final Choices choices;
    /** Asked for late: the sheets are made of the parts, and this is one of them. */
    private final ObjectProvider<Sheets> sheets;

    private final JsonMapper json;
    private final Clock clock;

    Predictions(
            OutcomeMapper mapper,
            Documents documents,
            Choices choices,
            ObjectProvider<Sheets> sheets,
            JsonMapper json,
            Clock clock) {
        this.mapper = mapper;
        this.documents = documents;
        this.choices = choices;
        this.sheets = sheets;
        this.json = json;
        this.clock = clock;
    }

    /** What cannot be worked out is not kept, and opens the engine all the same. */
    @EventListener
    void keep(Ending ending) {
        Prediction prediction;
        try {
            Interpretation said = sheets.getObject().interpretation(ending.jobId());
            prediction = silentotter.core.outcome.Predictions.of(
                    said,
                    choices.shop().learnt(),
                    Instant.now(clock).toString(),
                    new Wording(said.engine(), Units.METRIC));
        } catch (RuntimeException e) {
            LOG.error("No prediction could be kept of job {}.", ending.jobId(), e);
            return;
        }
        ending.step().added("prediction", mapper.insert(ending.jobId(), documents.write(prediction)));
    }

    @Override
    public String name() {
        return "predictions";
    }

    @Override
    public List<Prediction> load(long jobId) {
        return mapper.predictions(jobId).stream()
                .map(r -> documents.read(r.document(), Prediction.class))
                .toList();
    }

    @Override
    @Transactional(readOnly = true)
    public Optional<Prediction> counting(long jobId) {
        return load(jobId).stream().reduce((earlier, later) -> later);
    }

    @Override
    public Optional<Object> export(List<Prediction> kept) {
        return kept.isEmpty() ? Optional.empty() : Optional.of(kept);
    }

    @Override
    public List<Prediction> read(JsonNode filed, Engine engine, Problems problems, String path) {
        List<Prediction> read = Filed.list(json, filed, Prediction.class, problems, path);
        for (int i = 0; i < read.size(); i++) {
            PredictionReader.check(read.get(i), problems, path + "[" + i + "].");
        }
        return read;
    }

    @Override
    public void restore(long jobId, List<Prediction> kept, IntConsumer done) {
        kept.forEach(p -> mapper.insert(jobId, documents.write(p)));
    }

    /**
     * What became of the job.
     *
     * @param prediction the one that counts; empty while the engine is shut and the job open, and where none was kept
     * @param known what is known of each fault, as what was found says it
     */
    record Shown(OutcomeView outcome) {}

    record OutcomeView(Optional<Kept> prediction, int earlier, Optional<Review> review, List<KnownPlace> known)
            implements Worded {}

    /** A prediction without what only a computer reads. */
    record Kept(String at, String model, String tables, boolean learnt, String certain, String meant) {}

    /** @param text the fault and its place */
    record KnownPlace(String text, List<Integer> cylinders, Known.Truth truth, Known.HowKnown how, String because)
            implements Worded {}

    @Override
    public Shown shown(List<Prediction> kept, Interpretation said) {
        Examination seen = said.record().last(Examination.class, Examination.EMPTY);
        Outcome outcome = Outcome.of(said.engine(), seen.found());
        Optional<Prediction> last = kept.isEmpty() ? Optional.empty() : Optional.of(kept.get(kept.size() - 1));
        return new Shown(new OutcomeView(
                last.map(p -> new Kept(p.at(), p.model(), p.tables(), p.learnt(), p.certain(), p.meant())),
                Math.max(0, kept.size() - 1),
                last.filter(p -> seen.found().begun()).map(p -> Review.of(p, outcome)),
                outcome.known().entrySet().stream()
                        .sorted((a, b) -> order(a.getKey(), b.getKey()))
                        .map(e -> place(e.getKey(), e.getValue()))
                        .toList()));
    }

    private static int order(FaultAt a, FaultAt b) {
        int byFault = a.fault().compareTo(b.fault());
        return byFault != 0
                ? byFault
                : a.cylinders().toString().compareTo(b.cylinders().toString());
    }

    private static KnownPlace place(FaultAt at, Known known) {
        return new KnownPlace(
                at.inWords(),
                at.cylinders().stream().map(c -> c.value()).toList(),
                known.truth(),
                known.how(),
                known.because());
    }

    @Override
    public Class<Shown> shows() {
        return Shown.class;
    }
}
