package silentotter.app.instrument;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.IntConsumer;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import silentotter.app.http.NotFound;
import silentotter.app.part.Filed;
import silentotter.app.part.JobPart;
import silentotter.core.engine.Engine;
import silentotter.core.input.InvalidInput;
import silentotter.core.input.Problems;
import silentotter.core.interpretation.Interpretation;
import silentotter.core.round.Station;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * What instruments sent while readings were taken, kept beside them with the job. A reading stands without its trace, and
 * nothing is concluded from one; so keeping it is no step to undo.
 */
@Service
class Traces implements JobPart<List<Traces.Kept>> {
    private static final int MOST_TRACES = 400;
    private static final int MOST_BYTES = 4_000_000;
    private static final int LONGEST_TEXT = 200;
    private static final Set<Station> STATIONS = Set.of(Station.COMPRESSION, Station.LEAKDOWN, Station.BLOWBY);

    private final TraceMapper mapper;
    private final JsonMapper json;
    private final Clock clock;

    Traces(TraceMapper mapper, JsonMapper json, Clock clock) {
        this.mapper = mapper;
        this.json = json;
        this.clock = clock;
    }

    /**
     * A trace without its content.
     *
     * @param key its address
     * @param cylinder 0 for the engine as a whole
     * @param instrument by its name in the shop
     * @param reads what was taken of it, as it was typed
     */
    record Trace(String key, Station station, int cylinder, String instrument, String takenAt, String reads) {}

    /** @param content comma-separated values, compressed (gzip), as base64 */
    record FiledTrace(Station station, int cylinder, String instrument, String takenAt, String reads, byte[] content) {}

    /** A trace with its content, where that came with it. */
    record Kept(Trace trace, byte[] content) {}

    /** What is to be kept. */
    record NewTrace(Station station, int cylinder, String reads) {}

    /** @throws InvalidInput with everything that is wrong, by field */
    @Transactional
    public void keep(long jobId, Engine engine, NewTrace taken, String instrument, String csv) {
        Problems problems = new Problems();
        check(engine, taken.station(), taken.cylinder(), instrument, taken.reads(), problems, "");
        if (mapper.count(jobId) >= MOST_TRACES) {
            problems.add("content", "this job holds as many traces as it can, " + MOST_TRACES);
        }
        problems.throwIfAny();
        insert(
                jobId,
                new FiledTrace(
                        taken.station(),
                        taken.cylinder(),
                        instrument,
                        Instant.now(clock).toString(),
                        taken.reads(),
                        packed(csv)));
    }

    private void insert(long jobId, FiledTrace t) {
        mapper.insert(jobId, UUID.randomUUID().toString(), t);
    }

    /** Comma-separated values. @throws NotFound when there is none */
    @Transactional(readOnly = true)
    public String csv(String key) {
        return unpacked(content(key)).orElseThrow(() -> new NotFound("This trace is damaged."));
    }

    private byte[] content(String key) {
        return mapper.content(key).orElseThrow(() -> new NotFound("There is no such trace."));
    }

    private static byte[] packed(String text) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (GZIPOutputStream out = new GZIPOutputStream(bytes)) {
            out.write(text.getBytes(StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }

    /** Nothing where it is no such thing, or grows beyond what a trace can be. */
    private static Optional<String> unpacked(byte[] content) {
        try (GZIPInputStream in = new GZIPInputStream(new ByteArrayInputStream(content))) {
            byte[] text = in.readNBytes(MOST_BYTES + 1);
            return text.length > MOST_BYTES ? Optional.empty() : Optional.of(new String(text, StandardCharsets.UTF_8));
        } catch (IOException e) {
            return Optional.empty();
        }
    }

    private static void check(
            Engine engine,
            Station station,
            int cylinder,
            String instrument,
            String reads,
            Problems problems,
            String path) {
        int count = engine.arrangement().count();
        if (cylinder < 0 || cylinder > count) {
            problems.add(path + "cylinder", cylinder + " does not exist on this engine; allowed is 0 to " + count);
        }
        if (!STATIONS.contains(station)) {
            problems.add(path + "station", "no instrument is read there");
        }
        if (instrument == null || instrument.length() > LONGEST_TEXT) {
            problems.add(path + "instrument", "has at most " + LONGEST_TEXT + " characters");
        }
        if (reads == null || reads.length() > LONGEST_TEXT) {
            problems.add(path + "reads", "has at most " + LONGEST_TEXT + " characters");
        }
    }

    @Override
    public String name() {
        return "traces";
    }

    @Override
    public List<Kept> load(long jobId) {
        return mapper.ofJob(jobId).stream().map(t -> new Kept(t, new byte[0])).toList();
    }

    @Override
    public long bulk(long jobId) {
        return mapper.bytes(jobId);
    }

    @Override
    public Optional<Object> export(List<Kept> kept) {
        List<FiledTrace> filed = kept.stream()
                .map(k -> k.content().length > 0
                        ? k
                        : new Kept(k.trace(), content(k.trace().key())))
                .map(Traces::filed)
                .toList();
        return filed.isEmpty() ? Optional.empty() : Optional.of(filed);
    }

    private static FiledTrace filed(Kept k) {
        Trace t = k.trace();
        return new FiledTrace(t.station(), t.cylinder(), t.instrument(), t.takenAt(), t.reads(), k.content());
    }

    @Override
    public List<Kept> read(JsonNode filed, Engine engine, Problems problems, String path) {
        List<FiledTrace> traces = Filed.list(json, filed, FiledTrace.class, problems, path);
        for (int i = 0; i < traces.size(); i++) {
            FiledTrace t = traces.get(i);
            String at = path + "[" + i + "].";
            check(engine, t.station(), t.cylinder(), t.instrument(), t.reads(), problems, at);
            problems.moment(at + "takenAt", t.takenAt());
            if (unpacked(t.content()).isEmpty()) {
                problems.add(at + "content", "is no compressed text (gzip) of at most 4 MB");
            }
        }
        return traces.stream()
                .map(t -> new Kept(
                        new Trace("", t.station(), t.cylinder(), t.instrument(), t.takenAt(), t.reads()), t.content()))
                .toList();
    }

    @Override
    public void restore(long jobId, List<Kept> kept, IntConsumer done) {
        kept.forEach(k -> insert(jobId, filed(k)));
    }

    /** Traces on the sheet; each is fetched by its key. */
    record Shown(List<Trace> traces) {}

    @Override
    public Shown shown(List<Kept> kept, Interpretation said) {
        return new Shown(kept.stream().map(Kept::trace).toList());
    }

    @Override
    public Class<Shown> shows() {
        return Shown.class;
    }

    @Override
    public String held() {
        return "traces of instruments";
    }

    @Override
    public Set<Integer> cylindersHeld(long engineId) {
        return mapper.cylindersHeld(engineId);
    }
}
