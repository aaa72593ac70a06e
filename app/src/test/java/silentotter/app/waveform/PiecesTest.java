package silentotter.app.waveform;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import silentotter.core.waveform.Samples;

/** Files in pieces, and samples as they are kept. */
class PiecesTest {
    @ParameterizedTest
    @ValueSource(ints = {0, 1, 1000, 1_048_575, 1_048_576, 1_048_577, 5_000_000})
    void aFileComesBackAsItCame(int size) throws IOException {
        byte[] content = new byte[size];
        new Random(size).nextBytes(content);
        List<byte[]> pieces = new ArrayList<>();
        long bytes = Pieces.write(new ByteArrayInputStream(content), (number, piece) -> {
            assertThat(number).isEqualTo(pieces.size());
            pieces.add(piece);
        });
        assertThat(bytes).isEqualTo(size);
        assertThat(pieces).allMatch(p -> p.length > 0 && p.length < 1_200_000);
        try (InputStream in = Pieces.read(n -> n < pieces.size() ? Optional.of(pieces.get(n)) : Optional.empty())) {
            assertThat(in.readAllBytes()).isEqualTo(content);
        }
    }

    @Test
    void aPieceThatIsMissingIsNoFile() throws IOException {
        byte[] content = new byte[3_000_000];
        new Random(1).nextBytes(content);
        List<byte[]> pieces = new ArrayList<>();
        Pieces.write(new ByteArrayInputStream(content), (number, piece) -> pieces.add(piece));
        try (InputStream in = Pieces.read(n -> n == 0 ? Optional.of(pieces.get(0)) : Optional.empty())) {
            org.assertj.core.api.Assertions.assertThatThrownBy(in::readAllBytes).isInstanceOf(IOException.class);
        }
    }

    @Test
    void samplesComeBackAsTheyWereKept() {
        float[] values = {1, -2.5f, 0, 1e6f};
        Samples read = Packed.read(.01, Packed.of(new Samples(.01, values))).orElseThrow();
        assertThat(read.values()).containsExactly(values);
        assertThat(read.step()).isEqualTo(.01);
    }

    @Test
    void aLongOneIsKeptAsMeans() {
        float[] values = new float[2_000_000];
        for (int i = 0; i < values.length; i++) {
            values[i] = i % 4;
        }
        Samples kept = Packed.kept(new Samples(.0001, values));
        assertThat(kept.count()).isLessThanOrEqualTo(600_000);
        assertThat(kept.seconds()).isCloseTo(200, org.assertj.core.api.Assertions.within(.01));
        assertThat(kept.values()[5]).isEqualTo(1.5f);
    }

    @Test
    void whatIsDamagedIsNone() {
        byte[] whole = Packed.of(new Samples(.01, new float[] {1, 2, 3}));
        assertThat(Packed.read(.01, new byte[] {1, 2, 3})).isEmpty();
        assertThat(Packed.read(0, whole)).isEmpty();
        assertThat(Packed.read(Double.NaN, whole)).isEmpty();
        assertThat(Packed.read(.01, Packed.of(new Samples(.01, new float[] {Float.NaN}))))
                .isEmpty();
        assertThat(Packed.read(.01, Packed.of(new Samples(.01, new float[0])))).isEmpty();
    }
}
