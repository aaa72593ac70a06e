package silentotter.app.waveform;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import silentotter.app.http.NotFound;
import silentotter.app.waveform.WaveformFile.WavShape;
import silentotter.core.input.InvalidInput;
import silentotter.core.waveform.CsvShape;
import silentotter.core.waveform.Samples;
import silentotter.core.waveform.WaveformKind;

/** Files of waveforms as they came, kept in pieces with the job. */
@Service
class WaveformFiles {
    private static final int LONGEST_NAME = 120;
    private static final int HEAD = 64_000;
    private static final Duration FORGOTTEN = Duration.ofDays(1);

    private final WaveformMapper mapper;
    private final TransactionTemplate reading;
    private final Clock clock;

    WaveformFiles(WaveformMapper mapper, PlatformTransactionManager transactions, Clock clock) {
        this.mapper = mapper;
        this.reading = new TransactionTemplate(transactions);
        this.reading.setReadOnly(true);
        this.clock = clock;
    }

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
        // Each piece by itself, from those who read: a long file holds up nobody who writes.
        return Pieces.read(number -> reading.execute(t -> mapper.pieceOf(key, number)));
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

    /** All of a file, as somebody has said that it is to be read. @throws InvalidInput when it cannot be */
    Samples read(WaveformMapper.FileRow file, Choice choice) throws IOException {
        Sent sent = sent(file.key(), file.name(), file.bytes());
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
}
