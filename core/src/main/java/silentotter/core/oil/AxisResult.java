package silentotter.core.oil;

import java.util.List;
import java.util.Optional;
import silentotter.core.quantity.Estimate;

/**
 * The log along one meter, as it is drawn, and its rate.
 *
 * @param rate stick units a unit of the axis
 * @param litresPer1000Km where the axis is distance and a litre is known on this stick; the others alike
 * @param perThousand stick units per 1000 km, 100 h or 30 days
 * @param lowAt where the low mark is reached, early edge first; empty where that is not known
 * @param ahead the level at places between now and the low mark
 * @param perDay axis units a day
 */
public record AxisResult(
        Meter meter,
        List<Spot> spots,
        List<Line> lines,
        Optional<Estimate<Double>> rate,
        Optional<Estimate<Double>> litresPer1000Km,
        Optional<Estimate<Double>> mlPerHour,
        Optional<Estimate<Double>> perThousand,
        Optional<Place> now,
        Optional<Estimate<Double>> lowAt,
        Optional<Double> perDay) {

    /** A line of the log in its place. @param read whether its own meter said so */
    public record Spot(int entry, OilEntryKind kind, double at, Optional<Double> level, boolean read) {}

    /** A level with its 95 % band, either side. */
    public record Place(double at, double level, double band) {}

    /** A piece of the fitted line. */
    public record Line(Place from, Place to) {}
}
