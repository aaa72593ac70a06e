package silentotter.app.waveform;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.util.Optional;
import java.util.function.IntFunction;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;

/** A long file in compressed pieces, written and read as it streams: never all of it in memory. */
final class Pieces {
    private static final int PIECE = 1 << 20;

    private Pieces() {}

    /** Takes each piece as it is full. */
    interface Taker {
        void take(int number, byte[] piece);
    }

    /** @return how many bytes there were */
    static long write(InputStream from, Taker taker) throws IOException {
        try (Cutter cutter = new Cutter(taker)) {
            long bytes;
            try (GZIPOutputStream zip = new GZIPOutputStream(cutter, 1 << 16)) {
                bytes = from.transferTo(zip);
            }
            return bytes;
        }
    }

    private static final class Cutter extends OutputStream {
        private final Taker taker;
        private final ByteArrayOutputStream piece = new ByteArrayOutputStream(PIECE);
        private int number;
        private boolean closed;

        Cutter(Taker taker) {
            this.taker = taker;
        }

        @Override
        public void write(int b) {
            piece.write(b);
            cut();
        }

        @Override
        public void write(byte[] bytes, int from, int count) {
            piece.write(bytes, from, count);
            cut();
        }

        private void cut() {
            if (piece.size() >= PIECE) {
                taker.take(number++, piece.toByteArray());
                piece.reset();
            }
        }

        @Override
        public void close() {
            if (!closed && piece.size() > 0) {
                taker.take(number++, piece.toByteArray());
            }
            closed = true;
        }
    }

    /** @param piece each by its number, from 0; empty after the last */
    static InputStream read(IntFunction<Optional<byte[]>> piece) throws IOException {
        return new GZIPInputStream(new Joined(piece), 1 << 16);
    }

    private static final class Joined extends InputStream {
        private final IntFunction<Optional<byte[]>> piece;
        private byte[] now = {};
        private int at;
        private int number;

        Joined(IntFunction<Optional<byte[]>> piece) {
            this.piece = piece;
        }

        private boolean more() {
            while (at == now.length) {
                Optional<byte[]> next = piece.apply(number);
                if (next.isEmpty()) {
                    return false;
                }
                now = next.get();
                at = 0;
                number++;
            }
            return true;
        }

        @Override
        public int read() {
            return more() ? now[at++] & 0xFF : -1;
        }

        @Override
        public int read(byte[] into, int from, int count) {
            if (!more()) {
                return -1;
            }
            int n = Math.min(count, now.length - at);
            System.arraycopy(now, at, into, from, n);
            at += n;
            return n;
        }
    }
}
