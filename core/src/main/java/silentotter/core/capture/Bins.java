package silentotter.core.capture;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.stream.Stream;

/** The last seconds of a signal in short steps, each with its mean and what it ran between: as small at any rate. */
final class Bins {
    /** Of one step, s. */
    static final double STEP = .05;

    /** @param from when it began, s */
    record Bin(double from, int count, double sum, double low, double high) {
        double mean() {
            return sum / count;
        }

        Bin with(double value) {
            return new Bin(from, count + 1, sum + value, Math.min(low, value), Math.max(high, value));
        }
    }

    private final double span;
    private final Deque<Bin> bins = new ArrayDeque<>();

    /** @param span how far back it reaches, s */
    Bins(double span) {
        this.span = span;
    }

    void sample(double seconds, double value) {
        if (!bins.isEmpty() && seconds - bins.getLast().from() < STEP) {
            bins.add(bins.removeLast().with(value));
        } else {
            bins.add(new Bin(seconds, 1, value, value, value));
        }
        while (bins.size() > 1 && bins.getFirst().from() < seconds - span) {
            bins.removeFirst();
        }
    }

    void clear() {
        bins.clear();
    }

    /** Whether it holds all of its span, but for a step or two. @param now of the last sample, s */
    boolean isFull(double now) {
        return !bins.isEmpty() && now - bins.getFirst().from() > span - 3 * STEP;
    }

    /** Mean of the younger half. */
    double mean() {
        return mean(half(true));
    }

    /** From the mean of the older half to that of the younger, a second. */
    double slope() {
        return (mean(half(true)) - mean(half(false))) / (span / 2);
    }

    double low() {
        return bins.stream().mapToDouble(Bin::low).min().orElse(Double.NaN);
    }

    double high() {
        return bins.stream().mapToDouble(Bin::high).max().orElse(Double.NaN);
    }

    private Stream<Bin> half(boolean younger) {
        List<Bin> all = List.copyOf(bins);
        int middle = all.size() / 2;
        return (younger ? all.subList(middle, all.size()) : all.subList(0, middle)).stream();
    }

    private static double mean(Stream<Bin> some) {
        return some.mapToDouble(Bin::mean).average().orElse(Double.NaN);
    }
}
