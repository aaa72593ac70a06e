package silentotter.core.compression;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import silentotter.core.compression.CylinderResult.Standing;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.quantity.Pressure;

/**
 * How even the engine is. Differences inside the gauge's repeatability are not called differences.
 *
 * @param sound the level of the cylinders that are level with the best; what a sound cylinder reads here
 * @param soundSigma one standard deviation of that level
 * @param spread highest minus lowest
 * @param lowestOverHighest 0 to 1; 1 when all read zero
 * @param real whether lowest and highest differ by more than the gauge repeats
 */
public record Evenness(
        List<CylinderValue> values,
        Pressure median,
        Pressure sound,
        Pressure soundSigma,
        CylinderValue lowest,
        CylinderValue highest,
        Pressure spread,
        double lowestOverHighest,
        boolean real,
        Optional<CylinderNumber> high) {

    /** Empty when nothing was read. */
    static Optional<Evenness> of(List<CylinderValue> values) {
        if (values.isEmpty()) {
            return Optional.empty();
        }
        List<CylinderValue> falling = values.stream()
                .sorted(Comparator.comparing(CylinderValue::value).reversed())
                .toList();
        CylinderValue highest = falling.get(0);
        CylinderValue lowest = falling.get(falling.size() - 1);
        Optional<CylinderValue> high = oneThatStandsAbove(falling);
        CylinderValue best = high.isPresent() ? falling.get(1) : highest;
        List<CylinderValue> level = falling.stream()
                .filter(v -> !high.filter(h -> h == v).isPresent() && !v.differsFrom(best))
                .toList();
        double sound =
                level.stream().mapToDouble(v -> v.value().kPa()).average().orElseThrow();
        double sigma = Math.sqrt(level.stream()
                        .mapToDouble(v -> Math.pow(v.sigma().kPa(), 2))
                        .sum())
                / level.size();
        double median = CylinderValue.median(
                values.stream().mapToDouble(v -> v.value().kPa()).toArray());
        return Optional.of(new Evenness(
                values,
                Pressure.ofKPa(median),
                Pressure.ofKPa(sound),
                Pressure.ofKPa(sigma),
                lowest,
                highest,
                highest.value().minus(lowest.value()),
                highest.value().kPa() > 0 ? lowest.value().ratioTo(highest.value()) : 1,
                lowest.differsFrom(highest),
                high.map(CylinderValue::cylinder)));
    }

    /** One cylinder above at least two others that are level among themselves is the odd one, not the measure. */
    private static Optional<CylinderValue> oneThatStandsAbove(List<CylinderValue> falling) {
        if (falling.size() < 3) {
            return Optional.empty();
        }
        CylinderValue first = falling.get(0);
        CylinderValue second = falling.get(1);
        CylinderValue last = falling.get(falling.size() - 1);
        boolean odd = first.differsFrom(second) && !second.differsFrom(last);
        return odd ? Optional.of(first) : Optional.empty();
    }

    Standing standing(CylinderValue value) {
        if (values.size() == 1) {
            return Standing.ALONE;
        }
        if (high.filter(value.cylinder()::equals).isPresent()) {
            return Standing.HIGH;
        }
        double reach = CylinderValue.NINETY_FIVE * Math.hypot(value.sigma().kPa(), soundSigma.kPa());
        return value.value().kPa() < sound.kPa() - reach ? Standing.LOW : Standing.LEVEL;
    }

    /** Deviation from the median of the engine as a share. */
    double deviation(CylinderValue value) {
        return median.kPa() > 0 ? value.value().ratioTo(median) - 1 : 0;
    }
}
