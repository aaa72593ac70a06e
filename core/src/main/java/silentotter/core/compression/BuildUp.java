package silentotter.core.compression;

import java.util.ArrayList;
import java.util.List;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.wording.Worded;

/**
 * The shape of a build-up curve against its sisters on the same gauge.
 *
 * <p>Rule: the share of the final value that the first stroke reached, compared with the median of the sisters; only a
 * difference beyond twice its scatter counts. Practice reads low-but-climbing as rings and flat as a valve. A fixed
 * hole of either kind flattens the curve and the gauge's own volume shapes it more, so the shape weighs little: a
 * likelihood ratio of 1.5 and never more than 2.
 */
public record BuildUp(CylinderNumber cylinder, double firstOverFinal, Shape shape, String reason) implements Worded {
    /** How the curve compares. */
    public enum Shape {
        AS_SISTERS,
        FLATTER,
        CLIMBING,
        NO_SISTERS
    }

    /** The most that a shape may count for. */
    public static final double LIKELIHOOD_RATIO = 1.5;

    private static final double SCATTER = 0.04;

    static List<BuildUp> of(CompressionPass pass) {
        List<CompressionReading> full = pass.counting()
                .filter(r ->
                        !r.finalOnly() && r.strokes().size() >= 3 && r.value().kPa() > 0)
                .toList();
        List<CylinderNumber> cylinders = full.stream()
                .map(CompressionReading::cylinder)
                .distinct()
                .sorted()
                .toList();
        List<BuildUp> result = new ArrayList<>();
        for (CylinderNumber cylinder : cylinders) {
            double[] own = ratios(full, cylinder, true);
            double[] others = ratios(full, cylinder, false);
            result.add(judge(cylinder, CylinderValue.median(own), others));
        }
        return result;
    }

    private static double[] ratios(List<CompressionReading> readings, CylinderNumber cylinder, boolean own) {
        return readings.stream()
                .filter(r -> r.cylinder().equals(cylinder) == own)
                .mapToDouble(r -> r.strokes().get(0).ratioTo(r.value()))
                .toArray();
    }

    private static BuildUp judge(CylinderNumber cylinder, double ratio, double[] others) {
        if (others.length == 0) {
            return new BuildUp(
                    cylinder,
                    ratio,
                    Shape.NO_SISTERS,
                    "No sister cylinder was written down stroke by stroke on this gauge, so the shape says nothing.");
        }
        double sisters = CylinderValue.median(others);
        double limit = 2 * SCATTER * Math.sqrt(1 + 1.0 / others.length);
        String first = "First stroke reached " + Math.round(ratio * 100) + " % of the final value, its sisters "
                + Math.round(sisters * 100) + " %";
        if (ratio > sisters + limit) {
            return new BuildUp(cylinder, ratio, Shape.FLATTER, first + ": flatter than they are.");
        }
        if (ratio < sisters - limit) {
            return new BuildUp(cylinder, ratio, Shape.CLIMBING, first + ": it climbs late.");
        }
        return new BuildUp(cylinder, ratio, Shape.AS_SISTERS, first + ": the same shape.");
    }
}
