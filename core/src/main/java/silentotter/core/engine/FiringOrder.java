package silentotter.core.engine;

import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.stream.Collectors;

/**
 * The order in which the cylinders fire, and the crank angles between them.
 *
 * @param cylinders each cylinder of the engine once
 * @param intervalsDeg degrees from each cylinder to the next in the order, as many as cylinders, together one cycle;
 *     empty where firing is even
 */
public record FiringOrder(List<CylinderNumber> cylinders, List<Double> intervalsDeg) {
    public FiringOrder {
        cylinders = List.copyOf(cylinders);
        intervalsDeg = List.copyOf(intervalsDeg);
        if (new HashSet<>(cylinders).size() != cylinders.size()) {
            throw new IllegalArgumentException(
                    "firing order must name each cylinder once, but was " + dashed(cylinders));
        }
    }

    public static FiringOrder of(int... cylinders) {
        return new FiringOrder(
                Arrays.stream(cylinders).mapToObj(CylinderNumber::of).toList(), List.of());
    }

    /**
     * Reads an order such as {@code 1-3-4-2}; dashes, commas or blanks between the numbers.
     *
     * @throws IllegalArgumentException when it is not a list of cylinder numbers, each once
     */
    public static FiringOrder parse(String text) {
        try {
            List<CylinderNumber> numbers = Arrays.stream(text.strip().split("[\\s,;-]+"))
                    .map(Integer::parseInt)
                    .map(CylinderNumber::of)
                    .toList();
            return new FiringOrder(numbers, List.of());
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException("firing order must be numbers such as 1-3-4-2, but was '" + text + "'");
        }
    }

    /**
     * Checks this order against an engine.
     *
     * @throws IllegalArgumentException when a cylinder is missing or too many, or the intervals do not make one cycle
     */
    public FiringOrder checkedFor(Arrangement arrangement, Cycle cycle) {
        List<CylinderNumber> missing = arrangement.cylinders().stream()
                .filter(c -> !cylinders.contains(c))
                .toList();
        List<CylinderNumber> unknown =
                cylinders.stream().filter(c -> !arrangement.has(c)).toList();
        if (!missing.isEmpty()) {
            throw new IllegalArgumentException("firing order " + this + " leaves out cylinder " + dashed(missing));
        }
        if (!unknown.isEmpty()) {
            throw new IllegalArgumentException("firing order " + this + " names cylinder " + dashed(unknown)
                    + ", which does not exist on an engine of " + arrangement.count());
        }
        if (!intervalsDeg.isEmpty()) {
            double sum = intervalsDeg.stream().mapToDouble(d -> d).sum();
            if (intervalsDeg.size() != cylinders.size()) {
                throw new IllegalArgumentException("needs " + cylinders.size()
                        + " intervals, one after each cylinder, but has " + intervalsDeg.size());
            }
            if (Math.abs(sum - cycle.degrees()) > 1) {
                throw new IllegalArgumentException(
                        "intervals must add up to " + cycle.degrees() + "°, but make " + sum + "°");
            }
        }
        return this;
    }

    @Override
    public String toString() {
        return dashed(cylinders);
    }

    private static String dashed(List<CylinderNumber> cylinders) {
        return cylinders.stream().map(CylinderNumber::toString).collect(Collectors.joining("-"));
    }
}
