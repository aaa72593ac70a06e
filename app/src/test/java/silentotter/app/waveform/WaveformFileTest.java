package silentotter.app.waveform;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import silentotter.core.input.InvalidInput;
import silentotter.core.waveform.CsvShape;
import silentotter.core.waveform.Samples;

/** Whole files, as they stream by. */
class WaveformFileTest {
    private static InputStream in(String text) {
        return new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8));
    }

    private static String csv(int lines) {
        StringBuilder text = new StringBuilder("t,v\n");
        for (int i = 0; i < lines; i++) {
            text.append(String.format(Locale.ROOT, "%.3f,%d\n", i * .001, i % 50));
        }
        return text.toString();
    }

    @Test
    void linesWithoutANumberAreListedAndNothingIsTaken() throws IOException {
        CsvShape shape = CsvShape.of(csv(100)).orElseThrow();
        Samples samples = WaveformFile.csv(in(csv(100)), shape, 1, .001, 2, -1);
        assertThat(samples.count()).isEqualTo(100);
        assertThat(samples.values()[3]).isEqualTo(5);
        String broken = csv(100).replace(",7\n", ",over\n");
        assertThatThrownBy(() -> WaveformFile.csv(in(broken), shape, 1, .001, 1, 0))
                .isInstanceOf(InvalidInput.class)
                .hasMessageContaining("line 9");
        assertThatThrownBy(() -> WaveformFile.csv(in(csv(10)), shape, 1, .001, 1, 0))
                .hasMessageContaining("only 10 values");
        assertThatThrownBy(() -> WaveformFile.csv(in(csv(100)), shape, 1, 0, 0, 0))
                .hasMessageContaining("rate")
                .hasMessageContaining("scale");
    }

    /** A file as long as one likes, without holding it. */
    private static final class Endless extends InputStream {
        private static final byte[] LINE = "123.5\n".getBytes(StandardCharsets.US_ASCII);
        private long left;

        Endless(long lines) {
            left = lines * LINE.length;
        }

        @Override
        public int read() {
            return left-- <= 0 ? -1 : LINE[(int) ((LINE.length - (left + 1) % LINE.length) % LINE.length)];
        }
    }

    @Test
    void aLongFileIsKeptWithinBounds() throws IOException {
        CsvShape shape = CsvShape.of("123.5\n123.5\n").orElseThrow();
        Samples samples = WaveformFile.csv(new Endless(9_000_000), shape, 0, .0001, 1, 0);
        assertThat(samples.count()).isLessThanOrEqualTo(4_000_000);
        assertThat(samples.seconds()).isCloseTo(900, within(1.0));
        assertThat(samples.values()[100]).isEqualTo(123.5f);
    }

    @ParameterizedTest
    @CsvSource({"8, false", "16, true", "24, true", "32, true"})
    void soundIsReadByItsScale(int bits, boolean signed) throws IOException {
        int frames = 200;
        int bytes = bits / 8;
        byte[] data = new byte[frames * 2 * bytes];
        for (int i = 0; i < frames; i++) {
            // Left half of full scale, right a quarter below zero.
            put(data, (2 * i) * bytes, bytes, signed, .5);
            put(data, (2 * i + 1) * bytes, bytes, signed, -.25);
        }
        AudioFormat format = new AudioFormat(1000, bits, 2, signed, false);
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        AudioSystem.write(
                new AudioInputStream(new ByteArrayInputStream(data), format, frames), AudioFileFormat.Type.WAVE, file);
        assertThat(WaveformFile.wav(new ByteArrayInputStream(file.toByteArray()))
                        .channels())
                .isEqualTo(2);
        Samples left = WaveformFile.wav(new ByteArrayInputStream(file.toByteArray()), 0, 2000, 0);
        assertThat(left.values()[7]).isCloseTo(1000, within(20f));
        assertThat(left.step()).isEqualTo(.001);
        Samples right = WaveformFile.wav(new ByteArrayInputStream(file.toByteArray()), 1, 2000, 100);
        assertThat(right.values()[7]).isCloseTo(-400, within(20f));
        assertThatThrownBy(() -> WaveformFile.wav(new ByteArrayInputStream(file.toByteArray()), 2, 1, 0))
                .hasMessageContaining("channel 3");
        assertThatThrownBy(() -> WaveformFile.wav(in("no sound at all"))).isInstanceOf(InvalidInput.class);
    }

    private static void put(byte[] data, int at, int bytes, boolean signed, double share) {
        long full = 1L << (8 * bytes - 1);
        long value = Math.round(share * (full - 1)) + (signed ? 0 : full);
        for (int k = 0; k < bytes; k++) {
            data[at + k] = (byte) (value >> 8 * k);
        }
    }
}
