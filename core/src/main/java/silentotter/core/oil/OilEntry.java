package silentotter.core.oil;

import java.time.LocalDate;
import java.util.Optional;
import silentotter.core.job.Observation;
import silentotter.core.quantity.Estimate;

/**
 * One line of an oil log.
 *
 * @param number stands for the line, whatever its order; 0 or more
 * @param mm from the full mark, negative below it
 * @param dipSigmaMm one standard deviation of the dip, mm
 * @param spans the same in spans between the marks
 * @param dipSigmaSpans of a dip that was read by eye in parts of the span
 * @param litres poured in, filled or let out, with its own uncertainty; empty where nobody knows how much
 */
public record OilEntry(
        int number,
        OilEntryKind kind,
        Optional<LocalDate> date,
        Optional<Double> km,
        Optional<Double> hours,
        Optional<Double> mm,
        double dipSigmaMm,
        Optional<Double> spans,
        double dipSigmaSpans,
        Optional<Estimate<Double>> litres,
        boolean hurried,
        boolean sloping,
        String grade,
        Optional<Double> fuelLitres,
        boolean newMeter,
        Optional<Boolean> afterPouring,
        boolean counts)
        implements Observation {

    boolean isDip() {
        return kind == OilEntryKind.DIP;
    }

    /** Where it stands on a meter; days since 1970 by date. */
    Optional<Double> on(Meter meter) {
        return switch (meter) {
            case DISTANCE -> km;
            case HOURS -> hours;
            case DATE -> date.map(d -> (double) d.toEpochDay());
        };
    }

    double litresBest() {
        return litres.map(Estimate::best).orElse(0.0);
    }

    /** One standard deviation of the litres. */
    double litresSigma() {
        return litres.map(l -> (l.high() - l.low()) / 2 / OilRate.NINETY_FIVE).orElse(0.0);
    }
}
