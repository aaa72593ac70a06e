package silentotter.core.diagnosis;

import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.function.IntToDoubleFunction;

/** All orders in which the findings of one cylinder could have come, as far as one needs another. */
final class Orders {
    private final int n;
    private final Set<Integer> can;
    /** In how many orders a combination is reached, and how many lead on from it to all. */
    private final Map<Integer, Double> before = new HashMap<>();

    private final Map<Integer, Double> after = new HashMap<>();

    /** @param can combinations that can be; where some between are missing, a finding is weighed as the last one */
    Orders(int n, Set<Integer> can) {
        this.n = n;
        this.can = can;
    }

    /** What a finding adds on the mean. @param value of a combination */
    double mean(int finding, IntToDoubleFunction value) {
        int bit = 1 << finding;
        double weights = 0;
        double sum = 0;
        for (int mask : can) {
            if ((mask & bit) != 0 && can.contains(mask & ~bit)) {
                double weight = before(mask & ~bit) * after(mask);
                weights += weight;
                sum += weight * (value.applyAsDouble(mask) - value.applyAsDouble(mask & ~bit));
            }
        }
        return weights > 0 ? sum / weights : last(bit, value);
    }

    /** As the last one, where only that was asked; with what stands on it gone as well. */
    private double last(int bit, IntToDoubleFunction value) {
        int full = (1 << n) - 1;
        return can.stream()
                .filter(m -> (m & bit) == 0)
                .max((a, b) -> Integer.compare(Integer.bitCount(a), Integer.bitCount(b)))
                .filter(m -> can.contains(full))
                .map(m -> value.applyAsDouble(full) - value.applyAsDouble(m))
                .orElse(0.0);
    }

    private double before(int mask) {
        if (mask == 0) {
            return can.contains(0) ? 1 : 0;
        }
        return memo(before, mask, -1);
    }

    private double after(int mask) {
        if (mask == (1 << n) - 1) {
            return 1;
        }
        return memo(after, mask, 1);
    }

    private double memo(Map<Integer, Double> known, int mask, int direction) {
        Double value = known.get(mask);
        if (value != null) {
            return value;
        }
        double sum = 0;
        for (int f = 0; f < n; f++) {
            int bit = 1 << f;
            boolean has = (mask & bit) != 0;
            if (direction < 0 && has && can.contains(mask & ~bit)) {
                sum += before(mask & ~bit);
            }
            if (direction > 0 && !has && can.contains(mask | bit)) {
                sum += after(mask | bit);
            }
        }
        known.put(mask, sum);
        return sum;
    }
}
