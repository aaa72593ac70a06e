package silentotter.app.waveform;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.function.IntConsumer;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import silentotter.app.change.Journal;
import silentotter.app.http.NotFound;
import silentotter.app.part.Filed;
import silentotter.app.part.JobPart;
import silentotter.app.waveform.WaveformFile.WavShape;
import silentotter.core.engine.Engine;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.InvalidInput;
import silentotter.core.input.Problems;
import silentotter.core.interpretation.Interpretation;
import silentotter.core.job.Observation;
import silentotter.core.waveform.CsvShape;
import silentotter.core.waveform.PeakFinder;
import silentotter.core.waveform.Samples;
import silentotter.core.waveform.Stroke;
import silentotter.core.waveform.Strokes;
import silentotter.core.waveform.Waveform;
import silentotter.core.waveform.WaveformAnalysis;
import silentotter.core.waveform.WaveformKind;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Waveforms of a job, and the files that they were made of. */
@Service
class Waveforms implements JobPart<List<Waveforms.Stored>> {
    static final long MOST_BYTES = 256_000_000;
    private static final int MOST_WAVEFORMS = 60;
    private static final int LONGEST_NAME = 120;
    private static final int HEAD = 64_000;
    private static final Duration FORGOTTEN = Duration.ofDays(1);
    private static final int MOST_POINTS = 4000;
    private static final String TABLE = "waveform";

    private final WaveformMapper mapper;
    private final Journal journal;
    private final TransactionTemplate transaction;
    private final JsonMapper json;
    private final Clock clock;

    Waveforms(WaveformMapper mapper, Journal journal, TransactionTemplate transaction, JsonMapper json, Clock clock) {
        this.transaction = transaction;
        this.mapper = mapper;
        this.journal = journal;
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

    /** A file that was sent in, and what it looks like. @param csv or wav, whichever it is */
    record Sent(
            String key,
            String name,
            long bytes,
            @Nullable CsvShape csv,
            @Nullable WavShape wav) {}

    /**
     * How a file is to be read.
     *
     * @param column of the values, or the channel, from 0
     * @param hertz samples a second of values without a time
     * @param timeScale seconds in one of the time column
     * @param scale what one of the file is in the unit of its kind; of sound, what full scale is
     */
    record Choice(
            WaveformKind kind,
            @Nullable Integer cylinder,
            int column,
            @Nullable Integer timeColumn,
            @Nullable Double timeScale,
            @Nullable Double hertz,
            double scale,
            double offset) {}

    // ---- files

    /**
     * Takes a file as it streams in, each piece by itself: a long one holds up nobody who writes a reading down. Nothing is
     * made of it yet.
     *
     * @throws InvalidInput when it holds no numbers and no sound; nothing is kept then
     */
    Sent take(long jobId, String name, InputStream content) throws IOException {
        String title = name.strip();
        if (title.isEmpty() || title.length() > LONGEST_NAME) {
            throw InvalidInput.at("name", "has no name of a file", "1 to " + LONGEST_NAME + " characters");
        }
        mapper.forgotten(Instant.now(clock).minus(FORGOTTEN).toString()).forEach(this::drop);
        String key = UUID.randomUUID().toString();
        mapper.file(key, jobId, title, Instant.now(clock).toString());
        try {
            long bytes = Pieces.write(content, (number, piece) -> mapper.piece(jobId, key, number, piece));
            mapper.bytesOf(key, bytes);
            return sent(key, title, bytes);
        } catch (IOException | InvalidInput e) {
            drop(key);
            throw e;
        }
    }

    private void drop(String key) {
        mapper.dropPieces(key);
        mapper.dropFile(key);
    }

    private Sent sent(String key, String name, long bytes) throws IOException {
        byte[] head;
        try (InputStream in = open(key)) {
            head = in.readNBytes(HEAD);
        }
        if (isWav(head)) {
            try (InputStream in = open(key)) {
                return new Sent(key, name, bytes, null, WaveformFile.wav(in));
            }
        }
        String text = new String(head, StandardCharsets.UTF_8);
        // The last line may be cut.
        String whole = bytes > HEAD ? text.substring(0, Math.max(0, text.lastIndexOf('\n'))) : text;
        CsvShape shape = CsvShape.of(whole)
                .orElseThrow(() -> InvalidInput.at(
                        "the file", "holds neither columns of numbers nor sound (WAV); nothing was kept of it"));
        return new Sent(key, name, bytes, shape, null);
    }

    private static boolean isWav(byte[] head) {
        return head.length > 12
                && new String(head, 0, 4, StandardCharsets.US_ASCII).equals("RIFF")
                && new String(head, 8, 4, StandardCharsets.US_ASCII).equals("WAVE");
    }

    private InputStream open(String key) throws IOException {
        return Pieces.read(number -> mapper.pieceOf(key, number));
    }

    /** The file as it came. @throws NotFound when it is not here */
    @Transactional(readOnly = true)
    public WaveformMapper.FileRow file(long jobId, String key) {
        return mapper.fileOf(key)
                .filter(f -> f.jobId() == jobId)
                .orElseThrow(() -> new NotFound("There is no such file."));
    }

    void copy(String key, OutputStream to) throws IOException {
        try (InputStream in = open(key)) {
            in.transferTo(to);
        }
    }

    // ---- waveforms

    /**
     * Makes a waveform of a file that was taken, with the strokes that are found in it.
     *
     * @throws InvalidInput with everything that is wrong with the choice or the file; nothing is changed then
     */
    void make(long jobId, Engine engine, String key, Choice choice) throws IOException {
        WaveformMapper.FileRow file = file(jobId, key);
        if (mapper.ofJob(jobId).size() >= MOST_WAVEFORMS) {
            throw InvalidInput.at("kind", "this job holds as many waveforms as it can", "at most " + MOST_WAVEFORMS);
        }
        int cylinders = engine.arrangement().count();
        Problems problems = new Problems();
        new WaveformDocument(choice.kind(), file.name(), choice.cylinder(), List.of(), null)
                .read(cylinders, problems, "");
        problems.throwIfAny();
        Samples samples = Packed.kept(read(sent(key, file.name(), file.bytes()), choice));
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

    private Samples read(Sent sent, Choice choice) throws IOException {
        try (InputStream in = open(sent.key())) {
            if (sent.wav() != null) {
                return WaveformFile.wav(in, choice.column(), choice.scale(), choice.offset());
            }
            CsvShape shape = sent.csv();
            double step = choice.timeColumn() != null && shape.timeStep() != null
                    ? shape.timeStep() * (choice.timeScale() == null ? 1 : choice.timeScale())
                    : choice.hertz() == null ? Double.NaN : 1 / choice.hertz();
            return WaveformFile.csv(in, shape, choice.column(), step, choice.scale(), choice.offset());
        }
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
