package silentotter.app.sheet;

import java.util.List;
import java.util.Optional;
import java.util.function.IntConsumer;
import org.springframework.stereotype.Component;
import silentotter.app.change.Correction;
import silentotter.app.change.Journal;
import silentotter.app.change.Step;
import silentotter.app.part.Filed;
import silentotter.app.part.JobPart;
import silentotter.core.engine.Engine;
import silentotter.core.input.Problems;
import silentotter.core.interpretation.Interpretation;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The trail of what was put right afterwards, as a part of the job. */
@Component
record Trail(Journal journal, JsonMapper json) implements JobPart<List<Correction>> {

    @Override
    public String name() {
        return "corrections";
    }

    @Override
    public List<Correction> load(long jobId) {
        return journal.corrections(jobId);
    }

    @Override
    public Optional<Object> export(List<Correction> trail) {
        return trail.isEmpty() ? Optional.empty() : Optional.of(trail);
    }

    @Override
    public List<Correction> read(JsonNode filed, Engine engine, Problems problems, String path) {
        List<Correction> trail = Filed.list(json, filed, Correction.class, problems, path);
        for (int i = 0; i < trail.size(); i++) {
            problems.moment(path + "[" + i + "].at", trail.get(i).at());
            problems.text(path + "[" + i + "].words", trail.get(i).words(), Step.LONGEST_REASON);
        }
        return trail;
    }

    @Override
    public void restore(long jobId, List<Correction> trail, IntConsumer done) {
        trail.forEach(c -> journal.restore(jobId, c));
    }

    /** Each in a sentence. */
    record Shown(List<String> corrections) {}

    @Override
    public Shown shown(List<Correction> trail, Interpretation said) {
        return new Shown(trail.stream().map(c -> c.words() + ", " + c.at()).toList());
    }

    @Override
    public Class<Shown> shows() {
        return Shown.class;
    }
}
