package silentotter.app.waveform;

import java.io.BufferedInputStream;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.List;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioFormat.Encoding;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.UnsupportedAudioFileException;
import silentotter.core.input.InvalidInput;
import silentotter.core.input.Problems;
import silentotter.core.waveform.CsvShape;
import silentotter.core.waveform.Samples;
import silentotter.core.waveform.SamplesBuilder;

/** Reads a whole file as it streams by, however long it is, into samples of one channel. */
final class WaveformFile {
    private static final int MOST_WRONG = 5;
    private static final double LONGEST_STEP = 1;
    private static final int FEWEST = 50;
    private static final double BYTE = 256;

    private WaveformFile() {}

    /**
     * @param shape as it was confirmed
     * @param column of the values, from 0
     * @param step seconds between two lines
     * @param scale what one of the file is in the unit of its kind
     * @param offset added after that
     * @throws InvalidInput with the first lines that are wrong
     */
    static Samples csv(InputStream in, CsvShape shape, int column, double step, double scale, double offset)
            throws IOException {
        Problems problems = checked(step, scale);
        SamplesBuilder samples = new SamplesBuilder();
        BufferedReader lines = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8));
        int header = shape.headerLines();
        int wrong = 0;
        long number = 0;
        for (String line = lines.readLine(); line != null; line = lines.readLine()) {
            number++;
            if (line.isBlank() || header-- > 0) {
                continue;
            }
            List<String> fields = shape.split(line);
            Double value = column < fields.size() ? shape.number(fields.get(column)) : null;
            if (value != null) {
                samples.add(value * scale + offset);
            } else if (++wrong <= MOST_WRONG) {
                problems.add("line " + number, "has no number where the values stand");
            }
        }
        if (wrong > MOST_WRONG) {
            problems.add("the file", wrong + " lines have no number where the values stand");
        }
        return built(samples, step, problems);
    }

    private static Problems checked(double step, double scale) {
        Problems problems = new Problems();
        if (!(step > 0 && step <= LONGEST_STEP)) {
            problems.add("rate", "is no rate of a waveform; allowed is 1 a second and more");
        }
        if (!Double.isFinite(scale) || scale == 0) {
            problems.add("scale", "must say what one of the file is");
        }
        return problems;
    }

    private static Samples built(SamplesBuilder samples, double step, Problems problems) {
        if (samples.count() < FEWEST) {
            problems.add("the file", "has only " + samples.count() + " values; a waveform has at least " + FEWEST);
        }
        problems.throwIfAny();
        return samples.build(step);
    }

    /** What a file of sound says of itself. */
    record WavShape(int channels, double rateHz, int bits) {}

    /** @throws InvalidInput when it is no PCM */
    static WavShape wav(InputStream in) throws IOException {
        AudioFormat format = open(in).getFormat();
        return new WavShape(format.getChannels(), format.getSampleRate(), format.getSampleSizeInBits());
    }

    private static AudioInputStream open(InputStream in) throws IOException {
        try {
            AudioInputStream stream = AudioSystem.getAudioInputStream(new BufferedInputStream(in, 1 << 16));
            Encoding encoding = stream.getFormat().getEncoding();
            if (!List.of(Encoding.PCM_SIGNED, Encoding.PCM_UNSIGNED, Encoding.PCM_FLOAT)
                    .contains(encoding)) {
                throw InvalidInput.at("the file", "is compressed sound (" + encoding + "); only PCM can be read");
            }
            return stream;
        } catch (UnsupportedAudioFileException e) {
            throw InvalidInput.at("the file", "is no WAV file that can be read");
        }
    }

    /**
     * @param channel from 0
     * @param scale what full scale is in the unit of its kind
     * @param offset added after that
     * @throws InvalidInput when it is no PCM, has no such channel or is too short
     */
    static Samples wav(InputStream in, int channel, double scale, double offset) throws IOException {
        AudioInputStream stream = open(in);
        AudioFormat format = stream.getFormat();
        Problems problems = checked(1 / (double) format.getSampleRate(), scale);
        if (channel < 0 || channel >= format.getChannels()) {
            problems.add("column", "there is no channel " + (channel + 1) + "; it has " + format.getChannels());
            problems.throwIfAny();
        }
        int bytes = format.getSampleSizeInBits() / 8;
        int frame = format.getFrameSize();
        byte[] buffer = new byte[frame * 4096];
        SamplesBuilder samples = new SamplesBuilder();
        for (int n = stream.readNBytes(buffer, 0, buffer.length);
                n >= frame;
                n = stream.readNBytes(buffer, 0, buffer.length)) {
            for (int at = channel * bytes; at + bytes <= n; at += frame) {
                samples.add(value(buffer, at, bytes, format) * scale + offset);
            }
        }
        return built(samples, 1 / (double) format.getSampleRate(), problems);
    }

    /** As a share of full scale, -1 to 1. */
    private static double value(byte[] from, int at, int bytes, AudioFormat format) {
        if (format.getEncoding() == Encoding.PCM_FLOAT) {
            int bits = 0;
            for (int k = 0; k < bytes; k++) {
                bits |= (from[at + (format.isBigEndian() ? bytes - 1 - k : k)] & 0xFF) << 8 * k;
            }
            return Float.intBitsToFloat(bits);
        }
        long value = 0;
        for (int k = bytes - 1; k >= 0; k--) {
            value = value << 8 | from[at + (format.isBigEndian() ? bytes - 1 - k : k)] & 0xFF;
        }
        double full = Math.pow(BYTE, bytes) / 2;
        return format.getEncoding() == Encoding.PCM_UNSIGNED
                ? (value - full) / full
                : (value >= full ? value - 2 * full : value) / full;
    }
}
