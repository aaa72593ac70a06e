package silentotter.core.blowby;

import java.util.Optional;
import silentotter.core.quantity.CrankSpeed;
import silentotter.core.quantity.Estimate;
import silentotter.core.wording.Worded;

/**
 * What the readings of one point of the test say together: their mean where it stands, the highest of a snap.
 *
 * @param pressurePa with its interval; below 0 under suction
 * @param readings how many count
 * @param spreadPa between the lowest and the highest of them
 * @param flowLPerMin of reference air; empty with the ventilation as found, without orifice, or under suction
 * @param sharePercent of the air breathed; empty away from rated load
 * @param noShare why there is none
 * @param doubted whether two instruments contradict each other here; what they agree on by themselves is used
 */
public record PointResult(
        BlowbyPoint point,
        CrankcaseVent ventilation,
        Optional<CrankSpeed> speed,
        Estimate<Double> pressurePa,
        double inchesWater,
        int readings,
        double spreadPa,
        double highestPa,
        boolean pulsing,
        Optional<Estimate<Double>> flowLPerMin,
        Optional<Double> perCylinderLPerMin,
        Optional<Double> perLitreLPerMin,
        Optional<Estimate<Double>> sharePercent,
        Optional<String> noShare,
        boolean doubted)
        implements Worded {}
