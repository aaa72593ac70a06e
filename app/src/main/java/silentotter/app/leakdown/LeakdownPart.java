package silentotter.app.leakdown;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.function.IntConsumer;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import silentotter.app.leakdown.LeakdownCsv.Entry;
import silentotter.app.leakdown.Testers.StoredTester;
import silentotter.app.part.CsvPart;
import silentotter.app.part.Filed;
import silentotter.app.part.Filed.Placed;
import silentotter.app.part.JobPart;
import silentotter.app.progress.Progress.Work;
import silentotter.app.storage.Documents;
import silentotter.core.engine.Engine;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.InvalidInput;
import silentotter.core.input.Problems;
import silentotter.core.instruments.TesterDocument;
import silentotter.core.interpretation.Interpretation;
import silentotter.core.leakdown.LeakdownDocument;
import silentotter.core.leakdown.LeakdownReader;
import silentotter.core.leakdown.LeakdownReading;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Leak-down as a part of the job: on the sheet, in case files, as comma-separated values. */
@Service
record LeakdownPart(
        LeakdownMapper mapper,
        Leakdown leakdown,
        Testers testers,
        TransactionTemplate transaction,
        Documents documents,
        JsonMapper json)
        implements JobPart<LeakdownPart.Kept>, CsvPart {

    /** @param testers of the shop, as they are now known */
    record Kept(List<StoredLeakdown> readings, List<StoredTester> testers) {}

    @Override
    public String name() {
        return "leakdown";
    }

    @Override
    public Kept load(long jobId) {
        List<StoredTester> all = testers.all();
        Map<Long, TesterDocument> known = new HashMap<>();
        all.forEach(t -> known.put(t.id(), t.tester()));
        return new Kept(
                mapper.readings(jobId).stream()
                        .map(r -> new StoredLeakdown(
                                r.id(),
                                r.testerId(),
                                known.get(r.testerId()),
                                r.cylinder(),
                                documents.read(r.document(), LeakdownDocument.class),
                                r.setAside(),
                                r.takenAt()))
                        .toList(),
                all);
    }

    @Override
    public Optional<Object> export(Kept kept) {
        return kept.readings().isEmpty()
                ? Optional.empty()
                : Optional.of(
                        kept.readings().stream().map(StoredLeakdown::filed).toList());
    }

    @Override
    public Kept read(JsonNode filed, Engine engine, Problems problems, String path) {
        List<StoredLeakdown> readings = Filed.list(json, filed, StoredLeakdown.Filed.class, problems, path).stream()
                .map(StoredLeakdown.Filed::kept)
                .toList();
        for (int i = 0; i < readings.size(); i++) {
            StoredLeakdown r = readings.get(i);
            String at = path + "[" + i + "].";
            LeakdownReader.read(
                    engine,
                    r.tester().read(problems, at + "tester."),
                    r.cylinder(),
                    i,
                    r.reading(),
                    r.setAside(),
                    problems,
                    at);
            Filed.reading(r.takenAt(), r.setAside(), problems, at);
        }
        return new Kept(readings, List.of());
    }

    @Override
    public void restore(long jobId, Kept kept, IntConsumer done) {
        Map<TesterDocument, Long> ids = new HashMap<>();
        for (StoredLeakdown r : kept.readings()) {
            long tester = ids.computeIfAbsent(r.tester(), testers::same);
            String key = UUID.randomUUID().toString();
            mapper.insert(jobId, key, null, tester, documents.write(r.reading()), r.takenAt(), r);
        }
    }

    @Override
    public List<LeakdownReading> observed(Kept kept, Engine engine) {
        return counted(kept.readings(), engine, new ArrayList<>());
    }

    /** A reading that was taken and does not count on this engine as it is now known. */
    record NotCounted(long readingId, String reason) {}

    private static List<LeakdownReading> counted(List<StoredLeakdown> stored, Engine engine, List<NotCounted> not) {
        List<LeakdownReading> counting = new ArrayList<>();
        for (StoredLeakdown s : stored) {
            Problems problems = new Problems();
            Optional<String> misfit = LeakdownReader.doesNotFit(engine, s.cylinder(), s.reading());
            Optional<LeakdownReading> reading = LeakdownReader.read(
                    engine,
                    s.tester().read(new Problems(), ""),
                    s.cylinder(),
                    counting.size() + 1,
                    s.reading(),
                    s.setAside(),
                    problems,
                    "");
            if (misfit.isEmpty() && reading.isPresent()) {
                counting.add(reading.get());
            } else {
                not.add(new NotCounted(s.id(), misfit.orElseGet(() -> inWords(problems))));
            }
        }
        return counting;
    }

    private static String inWords(Problems problems) {
        return problems.all().stream()
                .map(p -> p.field().equals("supplyKPa")
                        ? "The supply of its tester is not known any more, so its second gauge says nothing."
                        : p.message())
                .distinct()
                .collect(Collectors.joining("; "));
    }

    /** Leak-down on the sheet. */
    record Shown(LeakdownView leakdown) {}

    @Override
    public Shown shown(Kept kept, Interpretation said) {
        List<NotCounted> not = new ArrayList<>();
        counted(kept.readings(), said.engine(), not);
        return new Shown(LeakdownView.of(said, kept, not));
    }

    @Override
    public Class<Shown> shows() {
        return Shown.class;
    }

    @Override
    public String held() {
        return "leak-down readings";
    }

    @Override
    public Set<Integer> cylindersHeld(long engineId) {
        Set<Integer> held = new TreeSet<>();
        mapper.ofEngine(engineId).forEach(r -> {
            LeakdownDocument d = documents.read(r.document(), LeakdownDocument.class);
            held.add(r.cylinder());
            held.addAll(d.atNeighbours().keySet());
            held.addAll(d.plugged());
        });
        return held;
    }

    @Override
    public String csv(long jobId) {
        return LeakdownCsv.write(load(jobId).readings());
    }

    /** Each line names a tester that this shop has. */
    @Override
    public void addCsv(long jobId, Engine engine, byte[] content, Work work) {
        List<Placed<Entry>> entries = LeakdownCsv.read(content);
        work.outOf(entries.size());
        transaction.executeWithoutResult(t -> {
            Problems problems = new Problems();
            List<StoredTester> known = testers.current();
            for (Placed<Entry> placed : entries) {
                add(jobId, engine, known, placed, problems);
                work.accept(1);
            }
            problems.throwIfAny();
        });
    }

    private void add(long jobId, Engine engine, List<StoredTester> known, Placed<Entry> placed, Problems problems) {
        Entry entry = placed.value();
        Optional<StoredTester> tester = known.stream()
                .filter(t -> t.tester().name().equalsIgnoreCase(entry.tester()))
                .findFirst();
        if (tester.isEmpty()) {
            problems.add(placed.at(), "there is no tester '" + entry.tester() + "' in this shop; add it first");
            return;
        }
        try {
            leakdown.addFiled(jobId, engine, tester.get().id(), entry.reading());
        } catch (InvalidInput e) {
            e.problems().forEach(p -> problems.add(new FieldProblem(placed.at(), p.message(), p.allowed())));
        }
    }
}
