package silentotter.app.instrument;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import silentotter.core.capture.BreathingSeen;
import silentotter.core.capture.BreathingWatch;
import silentotter.core.capture.BuildUpSeen;
import silentotter.core.capture.RawTrace;
import silentotter.core.capture.SettleWatch;
import silentotter.core.capture.SettlingSeen;
import silentotter.core.capture.SignalDoubt;
import silentotter.core.capture.SignalWatch;
import silentotter.core.capture.StrokeWatch;
import silentotter.core.scpi.InstrumentKind;

/** What one instrument has sent, and what was seen in it. It outlives a line that breaks. */
final class Gathered {
    /** What stood on the gauge before a cranking or a filling begins belongs to its trace, s. */
    private static final double BEFORE = 1;
    /** Of an instrument that only breathes, so much is kept, s. */
    private static final double BREATHS = 10;

    private final InstrumentKind kind;
    private final SignalWatch signal;
    private final StrokeWatch strokes;
    private final SettleWatch settling;
    private final BreathingWatch breathing = new BreathingWatch();
    private final RawTrace trace;
    private double last;
    private long number;
    private double begun;
    private double gapAt = Double.NEGATIVE_INFINITY;

    /** @param first so that no cranking has a number that an earlier one had */
    Gathered(InstrumentKind kind, long first) {
        this.kind = kind;
        this.signal = new SignalWatch(kind);
        this.strokes = new StrokeWatch(kind.usualFull(), first);
        this.settling = new SettleWatch(first);
        this.trace = new RawTrace(kind.channels());
        this.number = first;
    }

    /** @param values in the units of its kind; one that sends fewer than it must is no such instrument */
    synchronized void sample(double seconds, List<Double> values) {
        last = seconds;
        if (values.size() < trace.channels()) {
            return;
        }
        trace.sample(seconds, values.stream().mapToDouble(v -> v).toArray());
        if (!signal.sample(seconds, values)) {
            return;
        }
        long now = number;
        switch (kind) {
            case COMPRESSION -> {
                strokes.sample(seconds, values.get(0));
                now = strokes.number();
            }
            case LEAKDOWN -> {
                settling.sample(seconds, values.get(0), values.get(1));
                now = settling.number();
            }
            case MANOMETER -> breathing.sample(seconds, values.get(0));
            case STARTER_CURRENT -> {
                // Shown as it is.
            }
        }
        if (now != number) {
            number = now;
            begun = seconds;
        }
    }

    /** Samples were missing. */
    synchronized void gap() {
        gapAt = last;
    }

    synchronized @Nullable String doubt() {
        return signal.doubt(last)
                .or(() -> last - gapAt < BREATHS ? Optional.of(SignalDoubt.GAPS) : Optional.empty())
                .map(SignalDoubt::says)
                .orElse(null);
    }

    synchronized @Nullable BuildUpSeen buildUp() {
        return kind == InstrumentKind.COMPRESSION ? strokes.seen() : null;
    }

    synchronized @Nullable SettlingSeen settling() {
        return kind == InstrumentKind.LEAKDOWN ? settling.seen() : null;
    }

    synchronized @Nullable BreathingSeen breathing() {
        return kind == InstrumentKind.MANOMETER ? breathing.seen().orElse(null) : null;
    }

    /** What it sent since what is seen now began, as comma-separated values. */
    synchronized String csv() {
        double from = kind == InstrumentKind.MANOMETER || kind == InstrumentKind.STARTER_CURRENT
                ? last - BREATHS
                : begun - BEFORE;
        return switch (kind) {
            case LEAKDOWN -> trace.csv(from, "supply kPa", "cylinder kPa");
            case COMPRESSION -> trace.csv(from, "kPa");
            case MANOMETER -> trace.csv(from, "Pa");
            case STARTER_CURRENT -> trace.csv(from, "A");
        };
    }
}
