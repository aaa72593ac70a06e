package silentotter.core.capture;

import java.util.List;
import java.util.Optional;
import silentotter.core.scpi.InstrumentKind;

/**
 * Doubts what an instrument sends: a value that never moves, one that jumps, one in another unit than it says. All limits are
 * shares of its full scale; trade practice.
 */
public final class SignalWatch {
    /** So long, and so often, the same number to the last digit. */
    private static final double FROZEN_SECONDS = 5;

    private static final int FROZEN_SAMPLES = 20;
    /** Below this nothing is on it, and a number that stays is its rest. */
    private static final double REST = .02;
    /** A sample that is off by so much and back with the next is no pressure. */
    private static final double SPIKE = .1;
    /** By so much no pressure moves in so short a time: the quickest stroke takes twenty times as long. */
    private static final double JUMP = .25;

    private static final double JUMP_SECONDS = .006;
    /** A jump stays in doubt for so long, s, where nobody lets the instrument off. */
    private static final double REMEMBERED = 10;

    /** What a gauge that slipped from kPa to bar shows of a cranked cylinder, and of a tester's supply, kPa. */
    private static final double SLIPPED_FROM = 4;

    private static final double SLIPPED_TO = 30;
    private static final double SLIPPED_SECONDS = 1.5;
    /** Its seals blow out at half of it. */
    private static final double CRANKCASE_BEARS_PA = 5000;

    private final InstrumentKind kind;
    private final double full;
    private double last = Double.NaN;
    private double lastAt = Double.NaN;
    private List<Double> same = List.of();
    private double sameSince;
    private int sameCount;
    private double lowest = Double.POSITIVE_INFINITY;
    private double smallSince = Double.NaN;
    private double jumpedAt = Double.NEGATIVE_INFINITY;
    private double spikedAt = Double.NEGATIVE_INFINITY;
    private double beyondAt = Double.NEGATIVE_INFINITY;

    public SignalWatch(InstrumentKind kind) {
        this.kind = kind;
        this.full = kind.usualFull();
    }

    /**
     * @param seconds never falling
     * @param values of one sample, at least one
     * @return whether this sample counts; a single one that jumps does not
     */
    public boolean sample(double seconds, List<Double> values) {
        double value = values.get(0);
        frozen(seconds, values);
        slipped(seconds, value);
        double by = Math.abs(value - last);
        double passed = seconds - lastAt;
        if (value < REST * full) {
            jumpedAt = Double.NEGATIVE_INFINITY;
        }
        // A tap that is opened is no jump.
        boolean opened = kind == InstrumentKind.LEAKDOWN && last < REST * full;
        if (by > SPIKE * full && passed < JUMP_SECONDS && !opened) {
            if (spikedAt != lastAt) {
                // Left out until the next one tells a spike from a jump.
                spikedAt = seconds;
                lastAt = seconds;
                return false;
            }
            spikedAt = Double.NEGATIVE_INFINITY;
            if (by > JUMP * full) {
                jumpedAt = seconds;
            }
        }
        last = value;
        lastAt = seconds;
        return true;
    }

    private void frozen(double seconds, List<Double> values) {
        if (!values.equals(same)) {
            same = values;
            sameSince = seconds;
            sameCount = 0;
        }
        sameCount++;
    }

    private void slipped(double seconds, double value) {
        // An instrument that is off its zero stands still above it.
        lowest = Math.min(lowest, value);
        boolean small = kind != InstrumentKind.STARTER_CURRENT
                && kind != InstrumentKind.MANOMETER
                && value - lowest > SLIPPED_FROM
                && value < SLIPPED_TO;
        if (!small) {
            smallSince = Double.NaN;
        } else if (Double.isNaN(smallSince)) {
            smallSince = seconds;
        }
        if (kind == InstrumentKind.MANOMETER && Math.abs(value) > CRANKCASE_BEARS_PA) {
            beyondAt = seconds;
        }
    }

    /** What is wrong now, the worst first; empty where nothing is. @param now seconds, as those of the samples */
    public Optional<SignalDoubt> doubt(double now) {
        if (now - beyondAt < REMEMBERED) {
            return Optional.of(SignalDoubt.BEYOND_BELIEF);
        }
        if (now - jumpedAt < REMEMBERED) {
            return Optional.of(SignalDoubt.JUMPED);
        }
        if (now - smallSince > SLIPPED_SECONDS) {
            return Optional.of(SignalDoubt.UNIT);
        }
        if (sameCount >= FROZEN_SAMPLES
                && now - sameSince > FROZEN_SECONDS
                && same.stream().anyMatch(v -> Math.abs(v) > REST * full)) {
            return Optional.of(SignalDoubt.FROZEN);
        }
        return now - spikedAt < REMEMBERED ? Optional.of(SignalDoubt.SPIKES) : Optional.empty();
    }
}
