package silentotter.core.inference;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import silentotter.core.fault.Cause;

/**
 * Priors of one engine together with what was judged of it. A judged likelihood ratio for a cause is, in this model, the
 * same as prior odds that are so much higher.
 */
final class Priors {
    /** How much a second sign of one cause repeats the first. Four of a ratio of 4 are worth about 9. */
    private static final double RHO = .5;

    /** By cause, for the whole engine. */
    final double[] engine;
    /** By cylinder and cause. */
    final double[][] cylinder;

    Priors(SealCase of, Set<String> without) {
        int n = of.body().cylinders();
        engine = of.priors().clone();
        cylinder = new double[n][];
        for (int c = 0; c < n; c++) {
            cylinder[c] = of.priors().clone();
            for (Cause cause : Cause.values()) {
                if (cause.scope() == Cause.Scope.CYLINDER_SHARED) {
                    cylinder[c][cause.ordinal()] /= n;
                }
            }
        }
        Map<List<Object>, List<Double>> logs = new HashMap<>();
        for (SealCase.Judged judged : of.judged()) {
            if (without.contains(judged.id())) {
                continue;
            }
            judged.ratios().forEach((cause, ratio) -> {
                double ln = Math.log(ratio);
                for (int c = 0; c < n; c++) {
                    if (cause.isOfOneCylinder() && (judged.cylinder() < 0 || judged.cylinder() == c)) {
                        logs.computeIfAbsent(List.of(cause, c, judged.group(), ln > 0), k -> new ArrayList<>())
                                .add(ln);
                    }
                }
                if (!cause.isOfOneCylinder()) {
                    logs.computeIfAbsent(List.of(cause, -1, judged.group(), ln > 0), k -> new ArrayList<>())
                            .add(ln);
                }
            });
        }
        signs(of.signs(), without);
        logs.forEach((key, all) -> {
            int c = (Integer) key.get(1);
            double[] row = c < 0 ? engine : cylinder[c];
            int at = ((Cause) key.get(0)).ordinal();
            row[at] = times(row[at], Math.exp(together(all)));
        });
    }

    /** What the signs of the whole engine say of causes on single cylinders. */
    private void signs(SealCase.Signs s, Set<String> without) {
        Boolean standing = without.contains("standing") ? null : s.standing();
        Boolean load = without.contains("load") ? null : s.load();
        Boolean overrun = without.contains("overrun") ? null : s.overrun();
        double power = EngineLevel.smokePower(Stream.of(standing, load, overrun)
                .map(Optional::ofNullable)
                .mapToInt(o -> o.isPresent() ? 1 : 0)
                .sum());
        each(Cause.STEM_SEAL_HERE, standing, 3, .75, power);
        each(Cause.STEM_SEAL_HERE, overrun, 1.7, .8, power);
        each(Cause.BROKEN, without.contains("metal") ? null : s.metal(), 8, .55, 1);
    }

    private void each(Cause cause, @Nullable Boolean seen, double present, double absent, double power) {
        if (seen != null) {
            double ratio = Math.pow(seen ? present : absent, power);
            for (double[] row : cylinder) {
                row[cause.ordinal()] = times(row[cause.ordinal()], ratio);
            }
        }
    }

    /** Signs of one cause together, tempered; a further weak one never takes away from a strong one. */
    private static double together(List<Double> logs) {
        List<Double> sorted = logs.stream()
                .sorted((a, b) -> Double.compare(Math.abs(b), Math.abs(a)))
                .toList();
        double best = 0;
        double sum = 0;
        for (int i = 0; i < sorted.size(); i++) {
            sum += sorted.get(i);
            double so = sum / (1 + RHO * i);
            best = Math.abs(so) > Math.abs(best) ? so : best;
        }
        return best;
    }

    /** Odds multiplied. */
    static double times(double p, double ratio) {
        double odds = p / Math.max(1e-9, 1 - p) * ratio;
        return odds / (1 + odds);
    }

    double of(Cause cause) {
        return engine[cause.ordinal()];
    }

    double of(Cause cause, int c) {
        return cylinder[c][cause.ordinal()];
    }
}
