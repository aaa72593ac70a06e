package silentotter.app.instrument;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.SocketTimeoutException;
import java.net.UnknownHostException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import silentotter.core.capture.BuildUpSeen;
import silentotter.core.capture.StrokeWatch;
import silentotter.core.scpi.InstrumentDocument;
import silentotter.core.scpi.InstrumentKind;
import silentotter.core.scpi.LineCondition;
import silentotter.core.scpi.ScpiNumber;
import silentotter.core.wording.Say;

/**
 * A line to one instrument: calls it, asks who it is and in what it reads, and then for its value a few times a second. A line
 * that breaks is said at once and tried again, ever more slowly.
 */
final class InstrumentLine implements AutoCloseable {
    private static final int CALL_MS = 2000;
    private static final int ANSWER_MS = 2000;
    private static final int EVERY_MS = 200;
    /** Often enough to see a stroke rise and be held. */
    private static final int EVERY_MS_CRANKED = 20;
    /** Of a gauge that does not say where its scale ends, kPa. */
    private static final double USUAL_FULL_KPA = 2000;

    private static final long FIRST_PAUSE_MS = 500;
    private static final long LONGEST_PAUSE_MS = 5000;
    /** Nobody has asked for so long: nobody looks. */
    private static final long LOOKED_MS = 10_000;

    private static final int LONGEST_ANSWER = 4096;

    private final InstrumentDocument instrument;
    private final Thread thread;
    private final StrokeWatch strokes = new StrokeWatch(USUAL_FULL_KPA);
    private volatile BuildUpSeen buildUp = BuildUpSeen.NOTHING;
    private volatile boolean over;
    private volatile long looked = System.nanoTime();
    private volatile Socket socket = new Socket();
    private volatile Known known = new Known(LineCondition.CALLING, null, null, List.of(), 0, null);

    /** @param at when the last sample came, by the clock of the machine */
    private record Known(
            LineCondition condition, String identity, String unit, List<Double> values, long at, String said) {}

    InstrumentLine(InstrumentDocument instrument) {
        this.instrument = instrument;
        this.thread = new Thread(this::keep, "line to " + instrument.host() + ":" + instrument.port());
        thread.setDaemon(true);
        thread.start();
    }

    boolean isOf(InstrumentDocument other) {
        return instrument.equals(other);
    }

    boolean isAlive() {
        return thread.isAlive();
    }

    /** Somebody looks. */
    LineState looked() {
        looked = System.nanoTime();
        Known k = known;
        Long age = k.at() == 0 ? null : TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - k.at());
        return new LineState(
                k.condition(), k.identity(), k.unit(), k.values(), age, k.said(), isCranked() ? buildUp : null);
    }

    private boolean isCranked() {
        return instrument.kind() == InstrumentKind.COMPRESSION;
    }

    private boolean isWatched() {
        return !over && TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - looked) < LOOKED_MS;
    }

    private void keep() {
        long pause = FIRST_PAUSE_MS;
        while (isWatched()) {
            try (Socket call = new Socket()) {
                socket = call;
                call.connect(new InetSocketAddress(instrument.host(), instrument.port()), CALL_MS);
                call.setSoTimeout(ANSWER_MS);
                call.setTcpNoDelay(true);
                read(call);
                pause = FIRST_PAUSE_MS;
            } catch (UnknownHostException e) {
                lost("Nobody here knows the name " + Say.typed(instrument.host()) + ". Check the address.");
            } catch (SocketTimeoutException e) {
                lost("It does not answer. Is it switched on, and is this its address?");
            } catch (IOException e) {
                lost("The line is broken: switched off, unplugged, or another address. Trying again.");
            }
            pause = waited(pause);
        }
    }

    private long waited(long pause) {
        try {
            // In short steps, so that a line that is ended ends.
            for (long left = pause; left > 0 && isWatched(); left -= EVERY_MS) {
                TimeUnit.MILLISECONDS.sleep(EVERY_MS);
            }
        } catch (InterruptedException e) {
            over = true;
        }
        return Math.min(LONGEST_PAUSE_MS, 2 * pause);
    }

    private void lost(String why) {
        Known k = known;
        known = new Known(LineCondition.LOST, k.identity(), k.unit(), List.of(), k.at(), why);
    }

    private void read(Socket call) throws IOException {
        BufferedReader in = new BufferedReader(new InputStreamReader(call.getInputStream(), StandardCharsets.US_ASCII));
        String identity = asked(call, in, "*IDN?");
        Optional<String> unit = instrument.kind().unitQuery().isPresent()
                ? Optional.of(
                        asked(call, in, instrument.kind().unitQuery().get()).strip())
                : Optional.empty();
        if (unit.filter(u -> !instrument.kind().reads(u)).isPresent()) {
            known = new Known(
                    LineCondition.WRONG_UNIT,
                    identity,
                    unit.get(),
                    List.of(),
                    0,
                    "It reads in " + Say.typed(unit.get()) + ", and this is entered as "
                            + instrument.kind().words() + ". Change the one or the other.");
        }
        while (isWatched()) {
            sample(
                    identity,
                    unit.orElse(instrument.kind().unit()),
                    asked(call, in, instrument.kind().query()));
            waitABit();
        }
    }

    private void waitABit() throws IOException {
        try {
            TimeUnit.MILLISECONDS.sleep(isCranked() ? EVERY_MS_CRANKED : EVERY_MS);
        } catch (InterruptedException e) {
            over = true;
            throw new IOException("ended", e);
        }
    }

    private void sample(String identity, String unit, String answer) {
        List<Double> values = new ArrayList<>();
        LineCondition condition = instrument.kind().reads(unit) ? LineCondition.READING : LineCondition.WRONG_UNIT;
        for (String each : answer.split(",")) {
            Optional<ScpiNumber> number = ScpiNumber.of(each);
            if (number.isEmpty() || number.get().kind() == ScpiNumber.Kind.NONE) {
                known = new Known(
                        LineCondition.NO_NUMBER,
                        identity,
                        unit,
                        List.of(),
                        System.nanoTime(),
                        "What it sends is no number. Is it really "
                                + instrument.kind().words() + "?");
                return;
            }
            if (number.get().kind() != ScpiNumber.Kind.VALUE) {
                condition = LineCondition.BEYOND_SCALE;
                continue;
            }
            values.add(instrument.kind().inOurUnit(unit, number.get().value()));
        }
        if (condition == LineCondition.READING && isCranked()) {
            strokes.sample(System.nanoTime() / 1e9, values.get(0));
            buildUp = strokes.seen();
        }
        known = new Known(
                condition,
                identity,
                unit,
                values,
                System.nanoTime(),
                switch (condition) {
                    case BEYOND_SCALE ->
                        "It is beyond the end of its scale: at least so much, and nobody knows how much.";
                    case WRONG_UNIT -> known.said();
                    default -> null;
                });
    }

    private static String asked(Socket call, BufferedReader in, String query) throws IOException {
        call.getOutputStream().write((query + "\n").getBytes(StandardCharsets.US_ASCII));
        StringBuilder line = new StringBuilder();
        for (int c = in.read(); c != '\n'; c = in.read()) {
            if (c < 0 || line.length() > LONGEST_ANSWER) {
                throw new IOException("no line");
            }
            line.append((char) c);
        }
        return line.toString().strip();
    }

    @Override
    public void close() {
        over = true;
        try {
            socket.close();
        } catch (IOException e) {
            // It is gone all the same.
        }
        thread.interrupt();
    }
}
