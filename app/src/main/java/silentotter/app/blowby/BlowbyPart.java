package silentotter.app.blowby;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.IntConsumer;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import silentotter.app.blowby.BlowbyView.NotCounted;
import silentotter.app.blowby.BlowbyView.Read;
import silentotter.app.blowby.CrankcaseTools.StoredTool;
import silentotter.app.part.CsvPart;
import silentotter.app.part.Filed;
import silentotter.app.part.Filed.Placed;
import silentotter.app.part.JobPart;
import silentotter.app.progress.Progress.Work;
import silentotter.core.blowby.BlowbyDocument;
import silentotter.core.blowby.BlowbyReader;
import silentotter.core.blowby.BlowbyReading;
import silentotter.core.engine.Engine;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.InvalidInput;
import silentotter.core.input.Problems;
import silentotter.core.interpretation.Interpretation;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Blow-by as a part of the job: on the sheet, in case files, as comma-separated values. */
@Service
record BlowbyPart(Blowby blowby, CrankcaseTools crankcaseTools, TransactionTemplate transaction, JsonMapper json)
        implements JobPart<BlowbyPart.Kept>, CsvPart {
    private static final String TAKEN_AT = "takenAt";

    /** @param tools of the shop, as they are now */
    record Kept(List<StoredBlowby> readings, List<StoredTool> tools) {}

    @Override
    public String name() {
        return "blowby";
    }

    @Override
    public Kept load(long jobId) {
        return new Kept(blowby.readings(jobId), crankcaseTools.all());
    }

    /** Each reading as one object, with what belongs to its keeping beside its numbers. */
    @Override
    public Optional<Object> export(Kept kept) {
        List<ObjectNode> filed = kept.readings().stream()
                .map(r -> Filed.withReason(json.valueToTree(r.reading()), r.setAside())
                        .put(TAKEN_AT, r.takenAt()))
                .toList();
        return filed.isEmpty() ? Optional.empty() : Optional.of(filed);
    }

    @Override
    public Kept read(JsonNode filed, Engine engine, Problems problems, String path) {
        List<StoredBlowby> readings = new ArrayList<>();
        for (int i = 0; i < filed.size(); i++) {
            String at = path + "[" + i + "].";
            ObjectNode one = ((ObjectNode) filed.get(i)).deepCopy();
            String setAside = Filed.takeReason(one);
            String takenAt = one.remove(TAKEN_AT).asString();
            Filed.reading(takenAt, setAside, problems, at);
            for (BlowbyDocument d :
                    Filed.list(json, json.createArrayNode().add(one), BlowbyDocument.class, problems, path)) {
                BlowbyReader.read(i, d, setAside, problems, at);
                readings.add(new StoredBlowby(0, d, setAside, takenAt));
            }
        }
        if (readings.size() > Blowby.MOST_READINGS) {
            problems.add(FieldProblem.of(path, "are too many", "at most " + Blowby.MOST_READINGS));
        }
        return new Kept(readings, List.of());
    }

    @Override
    public void restore(long jobId, Kept kept, IntConsumer done) {
        kept.readings().forEach(r -> blowby.restore(jobId, r));
    }

    @Override
    public int size(Kept kept) {
        return 0;
    }

    @Override
    public List<BlowbyReading> observed(Kept kept, Engine engine) {
        return counted(kept.readings(), engine, new ArrayList<>());
    }

    private static List<BlowbyReading> counted(List<StoredBlowby> stored, Engine engine, List<NotCounted> not) {
        List<BlowbyReading> counting = new ArrayList<>();
        for (int i = 0; i < stored.size(); i++) {
            StoredBlowby s = stored.get(i);
            Problems problems = new Problems();
            Optional<String> misfit = BlowbyReader.doesNotFit(engine, s.reading());
            Optional<BlowbyReading> reading = BlowbyReader.read(i, s.reading(), s.setAside(), problems, "");
            if (misfit.isEmpty() && reading.isPresent()) {
                counting.add(reading.get());
            } else {
                not.add(new NotCounted(
                        s.id(),
                        misfit.orElseGet(() -> problems.all().stream()
                                .map(FieldProblem::message)
                                .collect(Collectors.joining("; ")))));
            }
        }
        return counting;
    }

    /** Blow-by on the sheet. */
    record Shown(BlowbyView blowby) {}

    @Override
    public Shown shown(Kept kept, Interpretation said) {
        List<NotCounted> not = new ArrayList<>();
        List<BlowbyReading> counted = counted(kept.readings(), said.engine(), not);
        List<Read> read = counted.stream()
                .map(r -> new Read(
                        kept.readings().get(r.number()).id(), r.pressure().pa()))
                .toList();
        return new Shown(BlowbyView.of(said, kept.readings(), read, not, kept.tools()));
    }

    @Override
    public Class<Shown> shows() {
        return Shown.class;
    }

    @Override
    public String csv(long jobId) {
        return BlowbyCsv.write(blowby.readings(jobId));
    }

    @Override
    public void addCsv(long jobId, Engine engine, byte[] content, Work work) {
        List<Placed<StoredBlowby>> readings = BlowbyCsv.read(content);
        work.outOf(readings.size());
        transaction.executeWithoutResult(t -> {
            Problems problems = new Problems();
            for (Placed<StoredBlowby> placed : readings) {
                try {
                    blowby.addFiled(jobId, engine, placed.value());
                } catch (InvalidInput e) {
                    e.problems().forEach(p -> problems.add(new FieldProblem(placed.at(), p.message(), p.allowed())));
                }
                work.accept(1);
            }
            problems.throwIfAny();
        });
    }
}
