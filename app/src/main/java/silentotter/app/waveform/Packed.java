package silentotter.app.waveform;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Optional;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;
import silentotter.core.waveform.Samples;

/** Samples as they are kept beside their strokes: single numbers, compressed. */
final class Packed {
    /** A minute at ten thousand a second: enough to draw and to set a mark by. */
    private static final int MOST = 600_000;

    private Packed() {}

    /** What of them is kept. */
    static Samples kept(Samples all) {
        return all.by((all.count() + MOST - 1) / MOST);
    }

    static byte[] of(Samples samples) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (DataOutputStream out = new DataOutputStream(new GZIPOutputStream(bytes, 1 << 16))) {
            for (float v : samples.values()) {
                out.writeFloat(v);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }

    /** Nothing where it is no such thing. */
    static Optional<Samples> read(double step, byte[] packed) {
        try (DataInputStream in = new DataInputStream(new GZIPInputStream(new ByteArrayInputStream(packed), 1 << 16))) {
            byte[] all = in.readNBytes(4 * MOST + 4);
            if (all.length < 4 || all.length > 4 * MOST || all.length % 4 != 0 || !(step > 0)) {
                return Optional.empty();
            }
            DataInputStream numbers = new DataInputStream(new ByteArrayInputStream(all));
            float[] values = new float[all.length / 4];
            for (int i = 0; i < values.length; i++) {
                values[i] = numbers.readFloat();
                if (!Float.isFinite(values[i])) {
                    return Optional.empty();
                }
            }
            return Optional.of(new Samples(step, values));
        } catch (IOException e) {
            return Optional.empty();
        }
    }
}
