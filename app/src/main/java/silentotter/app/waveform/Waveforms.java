package silentotter.app.waveform;

import java.io.IOException;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.IntConsumer;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import silentotter.app.change.Journal;
import silentotter.app.http.NotFound;
import silentotter.app.part.Filed;
import silentotter.app.part.JobPart;
import silentotter.core.engine.Engine;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.InvalidInput;
import silentotter.core.input.Problems;
import silentotter.core.interpretation.Interpretation;
import silentotter.core.job.Observation;
import silentotter.core.waveform.PeakFinder;
import silentotter.core.waveform.Samples;
import silentotter.core.waveform.Stroke;
import silentotter.core.waveform.Strokes;
import silentotter.core.waveform.Waveform;
import silentotter.core.waveform.WaveformAnalysis;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Waveforms of a job, and the files that they were made of. */
@Service
class Waveforms implements JobPart<List<Waveforms.Stored>> {
    private static final int MOST_WAVEFORMS = 60;
    private static final int MOST_POINTS = 4000;
    private static final String TABLE = "waveform";

    private final WaveformMapper mapper;
    private final WaveformFiles files;
    private final Journal journal;
    private final TransactionTemplate transaction;
    private final JsonMapper json;
    private final Clock clock;

    Waveforms(
            WaveformMapper mapper,
            WaveformFiles files,
            Journal journal,
            TransactionTemplate transaction,
            JsonMapper json,
            Clock clock) {
        this.mapper = mapper;
        this.files = files;
        this.journal = journal;
        this.transaction = transaction;
        this.json = json;
        this.clock = clock;
    }

    /** A waveform as stored. @param fileKey of its file, where that is kept here */
    record Stored(
            long id,
            @Nullable String fileKey,
            WaveformDocument waveform,
            double step,
            String takenAt,
            byte[] samples) {}

    /** A waveform on the sheet. @param fileKey of its file, where that is kept here */
    record WaveformView(
            long id, WaveformDocument waveform, @Nullable String fileKey, String takenAt) {}

    /**
     * Makes a waveform of a file that was taken, with the strokes that are found in it.
     *
     * @throws InvalidInput with everything that is wrong with the choice or the file; nothing is changed then
     */
    void make(long jobId, Engine engine, String key, WaveformFiles.Choice choice) throws IOException {
        WaveformMapper.FileRow file = files.file(jobId, key);
        if (mapper.ofJob(jobId).size() >= MOST_WAVEFORMS) {
            throw InvalidInput.at("kind", "this job holds as many waveforms as it can", "at most " + MOST_WAVEFORMS);
        }
        int cylinders = engine.arrangement().count();
        Problems problems = new Problems();
        new WaveformDocument(choice.kind(), file.name(), choice.cylinder(), List.of(), null)
                .read(cylinders, problems, "");
        problems.throwIfAny();
        Samples samples = Packed.kept(files.read(file, choice));
        List<Stroke> strokes = Strokes.at(PeakFinder.find(samples), samples, choice.kind());
        WaveformDocument document =
                new WaveformDocument(choice.kind(), file.name(), choice.cylinder(), apart(strokes), null);
        byte[] packed = Packed.of(samples);
        // Only now is anything held up by it.
        transaction.executeWithoutResult(t -> {
            long id = mapper.insert(
                    jobId,
                    key,
                    json.writeValueAsString(document),
                    samples.step(),
                    packed,
                    Instant.now(clock).toString());
            journal.step(jobId).added(TABLE, id).done("waveform " + file.name());
        });
    }

    /** Two marks that sit on the same crest are one. */
    private static List<Stroke> apart(List<Stroke> strokes) {
        List<Stroke> apart = new ArrayList<>();
        for (Stroke s : strokes) {
            if (apart.isEmpty() || s.seconds() > apart.get(apart.size() - 1).seconds()) {
                apart.add(s);
            }
        }
        return apart;
    }

    /** Strokes set by hand: each sits on the crest nearest to its mark. @param first which of the marks; null for none yet */
    @Transactional
    public void mark(long jobId, Engine engine, long id, List<Double> marks, @Nullable Integer first) {
        WaveformMapper.Row row = row(jobId, id);
        WaveformDocument was = json.readValue(row.document(), WaveformDocument.class);
        Samples samples = samples(id);
        List<Double> inside = new TreeSet<>(marks)
                .stream().filter(m -> m >= 0 && m <= samples.seconds()).toList();
        List<Stroke> strokes = apart(Strokes.at(inside, samples, was.kind()));
        WaveformDocument now = new WaveformDocument(was.kind(), was.name(), was.cylinder(), strokes, first);
        Problems problems = new Problems();
        now.read(engine.arrangement().count(), problems, "");
        problems.throwIfAny();
        journal.step(jobId)
                .set(TABLE, id, "document", row.document(), json.writeValueAsString(now))
                .done("strokes of " + was.name());
    }

    @Transactional
    public void remove(long jobId, long id) {
        WaveformDocument was = json.readValue(row(jobId, id).document(), WaveformDocument.class);
        journal.step(jobId).set(TABLE, id, "removed", 0, 1).done("removal of " + was.name());
    }

    private WaveformMapper.Row row(long jobId, long id) {
        return mapper.byId(jobId, id).orElseThrow(() -> new NotFound("There is no such waveform."));
    }

    private Samples samples(long id) {
        return mapper.samples(id)
                .flatMap(k -> Packed.read(k.step(), k.samples()))
                .orElseThrow(() -> new NotFound("There is no such waveform."));
    }

    /**
     * A waveform to be drawn: of each step the lowest and the highest.
     *
     * @param step seconds between two
     */
    record Drawn(double from, double step, float[] low, float[] high) {}

    /** @param from and to seconds; all of it where to is not beyond from */
    @Transactional(readOnly = true)
    public Drawn drawn(long jobId, long id, double from, double to) {
        row(jobId, id);
        Samples samples = samples(id);
        int a = to > from ? samples.at(from) : 0;
        int b = to > from ? samples.at(to) + 1 : samples.count();
        int each = Math.max(1, (b - a + MOST_POINTS - 1) / MOST_POINTS);
        int n = Math.max(1, (b - a) / each);
        float[] low = new float[n];
        float[] high = new float[n];
        for (int i = 0; i < n; i++) {
            float[] part =
                    Arrays.copyOfRange(samples.values(), a + i * each, Math.min(samples.count(), a + (i + 1) * each));
            Arrays.sort(part);
            low[i] = part[0];
            high[i] = part[part.length - 1];
        }
        return new Drawn(a * samples.step(), each * samples.step(), low, high);
    }

    // ---- as a part of the job

    @Override
    public String name() {
        return "waveforms";
    }

    @Override
    public List<Stored> load(long jobId) {
        return mapper.ofJob(jobId).stream()
                .map(r -> new Stored(
                        r.id(),
                        r.fileKey(),
                        json.readValue(r.document(), WaveformDocument.class),
                        r.step(),
                        r.takenAt(),
                        new byte[0]))
                .toList();
    }

    @Override
    public List<? extends Observation> observed(List<Stored> kept, Engine engine) {
        return kept.stream()
                .map(s -> {
                    Problems problems = new Problems();
                    var waveform = s.waveform().read(engine.arrangement().count(), problems, "");
                    return problems.isEmpty() ? Optional.of(waveform) : Optional.<Waveform>empty();
                })
                .flatMap(Optional::stream)
                .toList();
    }

    @Override
    public long bulk(long jobId) {
        return mapper.bytes(jobId);
    }

    /** @param samples single numbers (IEEE 754, big end first), compressed (gzip), as base64 */
    record FiledWaveform(WaveformDocument waveform, double stepSeconds, byte[] samples, String takenAt) {}

    @Override
    public Optional<Object> export(List<Stored> kept) {
        List<FiledWaveform> filed = kept.stream()
                .map(s -> new FiledWaveform(
                        s.waveform(),
                        s.step(),
                        s.samples().length > 0
                                ? s.samples()
                                : mapper.samples(s.id()).orElseThrow().samples(),
                        s.takenAt()))
                .toList();
        return filed.isEmpty() ? Optional.empty() : Optional.of(filed);
    }

    @Override
    public List<Stored> read(JsonNode filed, Engine engine, Problems problems, String path) {
        List<FiledWaveform> all = Filed.list(json, filed, FiledWaveform.class, problems, path);
        if (all.size() > MOST_WAVEFORMS) {
            problems.add(FieldProblem.of(path, "are too many", "at most " + MOST_WAVEFORMS));
        }
        for (int i = 0; i < all.size(); i++) {
            String at = path + "[" + i + "].";
            FiledWaveform w = all.get(i);
            w.waveform().read(engine.arrangement().count(), problems, at + "waveform.");
            problems.moment(at + "takenAt", w.takenAt());
            if (Packed.read(w.stepSeconds(), w.samples()).isEmpty()) {
                problems.add(at + "samples", "are no compressed numbers");
            }
        }
        return all.stream()
                .map(w -> new Stored(0, null, w.waveform(), w.stepSeconds(), w.takenAt(), w.samples()))
                .toList();
    }

    @Override
    public void restore(long jobId, List<Stored> kept, IntConsumer done) {
        kept.forEach(s ->
                mapper.insert(jobId, null, json.writeValueAsString(s.waveform()), s.step(), s.samples(), s.takenAt()));
    }

    /** Waveforms on the sheet, with what they say. */
    record Shown(WaveformsView waveforms) {}

    record WaveformsView(List<WaveformView> kept, WaveformAnalysis says) {}

    @Override
    public Shown shown(List<Stored> kept, Interpretation said) {
        List<WaveformView> views = kept.stream()
                .map(s -> new WaveformView(s.id(), s.waveform(), s.fileKey(), s.takenAt()))
                .toList();
        return new Shown(new WaveformsView(views, said.said().of(WaveformAnalysis.class, WaveformAnalysis.NONE)));
    }

    @Override
    public Class<Shown> shows() {
        return Shown.class;
    }

    @Override
    public String held() {
        return "waveforms";
    }

    @Override
    public Set<Integer> cylindersHeld(long engineId) {
        return mapper.cylindersHeld(engineId);
    }
}
