package silentotter.app.instrument;

import java.io.IOException;
import java.io.InterruptedIOException;
import java.net.UnknownHostException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import silentotter.app.http.Conflict;
import silentotter.core.scpi.InstrumentAddress;
import silentotter.core.scpi.InstrumentAddress.Serial;
import silentotter.core.scpi.InstrumentDocument;
import silentotter.core.scpi.InstrumentKind;
import silentotter.core.scpi.LineCondition;
import silentotter.core.scpi.ScpiNumber;
import silentotter.core.wording.Say;

/**
 * A line to one instrument: calls it, asks who it is and in what it reads, and asks it for its stream; one that has none is
 * asked for its value many times a second. A line that breaks is said at once and tried again, ever more slowly.
 */
final class InstrumentLine implements AutoCloseable {
    private static final int EVERY_MS = 200;
    /** Often enough to see a stroke rise and be held. */
    private static final int EVERY_MS_CRANKED = 20;

    private static final long FIRST_PAUSE_MS = 500;
    private static final long LONGEST_PAUSE_MS = 5000;
    /** Nobody has asked for so long: nobody looks. */
    private static final long LOOKED_MS = 10_000;

    private static final int LONGEST_ANSWER = 4096;
    private static final double STREAM_HERTZ = 1000;
    /** Of a serial line, what a stream may fill; bits and characters of a line of it. */
    private static final double SERIAL_SHARE = .7;

    private static final int BITS_OF_CHARACTER = 10;
    private static final int CHARACTERS_OF_VALUE = 14;
    private static final int CHARACTERS_OF_NUMBER = 8;
    /** What an instrument that ships with this says it is, and no other. */
    private static final String STAND_IN = "stand-in";

    private static final String OURS = "Silent Otter,";

    private final InstrumentDocument instrument;
    private final InstrumentAddress address;
    private final InstrumentKind kind;
    private final Gathered gathered;
    private final Thread thread;
    private volatile boolean over;
    private volatile long looked = System.nanoTime();
    private volatile @Nullable Wire wire;
    private volatile Known known = new Known(LineCondition.CALLING, null, null, List.of(), 0, null);

    /** @param at when the last sample came, by the clock of the machine */
    private record Known(
            LineCondition condition,
            @Nullable String identity,
            @Nullable String unit,
            List<Double> values,
            long at,
            @Nullable String said) {
        Known now(LineCondition condition, List<Double> values, @Nullable String said) {
            return new Known(condition, identity, unit, values, System.nanoTime(), said);
        }

        boolean isStandIn() {
            return identity != null && identity.startsWith(OURS) && identity.contains(STAND_IN);
        }
    }

    InstrumentLine(InstrumentDocument instrument) {
        this.instrument = instrument;
        this.kind = instrument.kind();
        this.address = InstrumentAddress.of(instrument.address()).orElseThrow();
        this.gathered = new Gathered(kind, TimeUnit.MILLISECONDS.toSeconds(System.currentTimeMillis()));
        this.thread = new Thread(this::keep, "line to " + instrument.address());
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
                k.condition(),
                k.identity(),
                k.unit(),
                k.values(),
                age,
                k.said(),
                k.condition() == LineCondition.READING ? gathered.doubt() : null,
                k.isStandIn(),
                gathered.buildUp(),
                gathered.settling(),
                gathered.breathing());
    }

    /** What it sent since what is seen now began. */
    String csv() {
        return gathered.csv();
    }

    /**
     * Has a stand-in crank a cylinder, or open the air on it: as a hand on the engine does. A real instrument is never told
     * anything.
     */
    void begin(int cylinder) {
        Wire now = wire;
        if (now == null || !known.isStandIn()) {
            throw new Conflict("Only a stand-in can be told to begin; an engine is cranked by hand.");
        }
        try {
            send(now, "ROUT:CYL " + cylinder + ";:INIT");
        } catch (IOException e) {
            throw new Conflict("The line to it is broken just now.");
        }
    }

    private boolean isWatched() {
        return !over && TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - looked) < LOOKED_MS;
    }

    private void keep() {
        long pause = FIRST_PAUSE_MS;
        while (isWatched()) {
            try (Wire call = Wire.to(address)) {
                wire = call;
                read(call);
                pause = FIRST_PAUSE_MS;
            } catch (UnknownHostException e) {
                lost(e.getMessage());
            } catch (InterruptedIOException e) {
                lost("It does not answer. Is it switched on, and is this its address?");
            } catch (IOException e) {
                lost("The line is broken: switched off, unplugged, or another address. Trying again.");
            }
            wire = null;
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

    private void read(Wire call) throws IOException {
        String identity = asked(call, "*IDN?");
        String unit =
                kind.unitQuery().isPresent() ? asked(call, kind.unitQuery().get()) : kind.unit();
        known = new Known(LineCondition.CALLING, identity, unit, List.of(), 0, null);
        // Whoever knows no stream leaves it in its queue of errors, and is asked.
        send(call, "SENS:RATE " + streamHertz() + ";:STR:STAR");
        while (isWatched()) {
            if (polled(call)) {
                streamed(call);
            }
        }
    }

    private double streamHertz() {
        if (!(address instanceof Serial serial)) {
            return STREAM_HERTZ;
        }
        int characters = CHARACTERS_OF_NUMBER + CHARACTERS_OF_VALUE * kind.channels();
        return Math.max(
                1, Math.min(STREAM_HERTZ, Math.floor(SERIAL_SHARE * serial.baud() / BITS_OF_CHARACTER / characters)));
    }

    /** Asks for its value until nobody looks, or until it begins to send by itself. @return whether it does */
    private boolean polled(Wire call) throws IOException {
        while (isWatched()) {
            String answer = asked(call, kind.query());
            if (isOfStream(answer)) {
                // The answer to what was asked is still on its way, and must not be taken for another one.
                try {
                    for (int i = 0; i < STREAM_HERTZ && isOfStream(line(call)); i++) {
                        continue;
                    }
                } catch (InterruptedIOException e) {
                    // It answers nothing while it streams.
                    return true;
                }
                return true;
            }
            sample(System.nanoTime() / 1e9, answer.split(","));
            waitABit();
        }
        return false;
    }

    /** A line of a stream has its number before the values. */
    private boolean isOfStream(String line) {
        return line.chars().filter(c -> c == ',').count() == kind.channels();
    }

    /** Reads what it sends by itself; its time is its number over its rate. */
    private void streamed(Wire call) throws IOException {
        send(call, "SENS:RATE?");
        double hertz = Double.NaN;
        long next = -1;
        double began = 0;
        while (isWatched()) {
            String line;
            try {
                line = line(call);
            } catch (InterruptedIOException e) {
                // Somebody else has taken the stream; the value can still be asked for.
                return;
            }
            if (!isOfStream(line)) {
                hertz = Double.isNaN(hertz)
                        ? ScpiNumber.of(line)
                                .map(ScpiNumber::value)
                                .filter(v -> v > 0)
                                .orElse(Double.NaN)
                        : hertz;
                continue;
            }
            String[] fields = line.split(",");
            long number = number(fields[0]);
            if (Double.isNaN(hertz) || number < 0) {
                continue;
            }
            if (next < 0) {
                began = System.nanoTime() / 1e9 - number / hertz;
            } else if (number != next) {
                gathered.gap();
            }
            next = number + 1;
            String[] values = new String[fields.length - 1];
            System.arraycopy(fields, 1, values, 0, values.length);
            sample(began + number / hertz, values);
        }
    }

    private static long number(String text) {
        try {
            return Long.parseLong(text.strip());
        } catch (NumberFormatException e) {
            return -1;
        }
    }

    private void waitABit() throws IOException {
        try {
            TimeUnit.MILLISECONDS.sleep(kind == InstrumentKind.COMPRESSION ? EVERY_MS_CRANKED : EVERY_MS);
        } catch (InterruptedException e) {
            over = true;
            throw new IOException("ended", e);
        }
    }

    private void sample(double seconds, String[] sent) {
        Known k = known;
        String unit = k.unit() == null ? kind.unit() : k.unit();
        List<Double> values = new ArrayList<>();
        boolean beyond = false;
        for (String each : sent) {
            ScpiNumber number = ScpiNumber.of(each).orElse(null);
            if (number == null || number.kind() == ScpiNumber.Kind.NONE) {
                known = k.now(
                        LineCondition.NO_NUMBER,
                        List.of(),
                        "What it sends is no number. Is it really " + kind.words() + "?");
                return;
            }
            if (number.kind() == ScpiNumber.Kind.VALUE) {
                values.add(kind.inOurUnit(unit, number.value()));
            } else {
                beyond = true;
            }
        }
        if (!kind.reads(unit)) {
            known = k.now(
                    LineCondition.WRONG_UNIT,
                    values,
                    "It reads in " + Say.typed(unit) + ", and this is entered as " + kind.words()
                            + ". Change the one or the other.");
        } else if (beyond) {
            known = k.now(
                    LineCondition.BEYOND_SCALE,
                    values,
                    "It is beyond the end of its scale: at least so much, and nobody knows how much.");
        } else {
            gathered.sample(seconds, values);
            known = k.now(LineCondition.READING, values, null);
        }
    }

    private String asked(Wire call, String query) throws IOException {
        send(call, query);
        return line(call);
    }

    private static void send(Wire call, String line) throws IOException {
        synchronized (call) {
            call.out().write((line + "\n").getBytes(StandardCharsets.US_ASCII));
            call.out().flush();
        }
    }

    private static String line(Wire call) throws IOException {
        StringBuilder line = new StringBuilder();
        for (int c = call.in().read(); c != '\n'; c = call.in().read()) {
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
        Wire now = wire;
        try {
            if (now != null) {
                now.close();
            }
        } catch (IOException e) {
            // It is gone all the same.
        }
        thread.interrupt();
    }
}
