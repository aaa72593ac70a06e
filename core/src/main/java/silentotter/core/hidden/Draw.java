package silentotter.core.hidden;

import java.util.List;
import java.util.Random;

/** Random draws of one engine, from its seed. */
final class Draw {
    private final Random random;

    Draw(long seed) {
        random = new Random(seed * 0x9E3779B97F4A7C15L + 0x632BE59BD9B4E019L);
        random.nextDouble();
    }

    boolean chance(double p) {
        return random.nextDouble() < p;
    }

    double between(double from, double to) {
        return from + (to - from) * random.nextDouble();
    }

    double normal() {
        return random.nextGaussian();
    }

    /** Lognormal about a median. */
    double about(double median, double lnSigma) {
        return median * Math.exp(lnSigma * normal());
    }

    /** A reading's error: mostly small, now and then large (Student's t with three degrees of freedom). */
    double heavy() {
        double sum = 0;
        for (int i = 0; i < 3; i++) {
            double n = normal();
            sum += n * n;
        }
        return Math.max(-8, Math.min(8, normal() / Math.sqrt(sum / 3)));
    }

    int index(int n) {
        return random.nextInt(n);
    }

    <T> T of(List<T> choices) {
        return choices.get(index(choices.size()));
    }

    /** An index with these weights. */
    int weighted(double... weights) {
        double sum = 0;
        for (double w : weights) {
            sum += w;
        }
        double at = random.nextDouble() * sum;
        for (int i = 0; i < weights.length; i++) {
            at -= weights[i];
            if (at < 0) {
                return i;
            }
        }
        return weights.length - 1;
    }
}
