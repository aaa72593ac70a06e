package silentotter.core.blowby;

import java.util.Optional;
import java.util.Set;
import silentotter.core.flow.BreatherOrifice;
import silentotter.core.instruments.SlackTube;
import silentotter.core.job.Observation;
import silentotter.core.quantity.CrankSpeed;
import silentotter.core.quantity.Length;
import silentotter.core.quantity.Pressure;
import silentotter.core.quantity.Temperature;

/**
 * One reading of crankcase pressure.
 *
 * @param number counts the readings of a job in the order in which they were taken, from 1
 * @param pressure the full height of a slack tube as pressure, or what a digital gauge said; negative under suction
 * @param sigma one standard deviation of that by its instrument, above 0
 * @param orifice empty while its diameter is unknown, or with the ventilation as found
 * @param edgeKnown whether its discharge coefficient was told
 * @param meantFor bores that the adapter is meant for, smallest and largest; empty where nobody said
 * @param isOneLeg whether one leg was read and doubled
 */
public record BlowbyReading(
        int number,
        BlowbyPoint point,
        CrankcaseVent ventilation,
        Optional<CrankSpeed> speed,
        CrankcaseGauge instrument,
        TubeKind tube,
        Pressure pressure,
        Pressure sigma,
        Optional<BreatherOrifice> orifice,
        boolean edgeKnown,
        Optional<Bores> meantFor,
        Optional<Temperature> gas,
        boolean pulsing,
        boolean isOneLeg,
        Set<SetUpCheck> checked,
        Optional<String> setAside)
        implements Observation {

    /** From the smallest to the largest bore. */
    public record Bores(Length smallest, Length largest) {
        boolean hold(Length bore) {
            return bore.mm() >= smallest.mm() && bore.mm() <= largest.mm();
        }
    }

    public boolean counts() {
        return setAside.isEmpty();
    }

    /** Whether every opening but the orifice was said to be closed. */
    boolean sealed() {
        return checked.containsAll(Set.of(
                SetUpCheck.VENTILATION_PLUGGED,
                SetUpCheck.FILLER_SEALED,
                SetUpCheck.DIPSTICK_SEALED,
                SetUpCheck.FRESH_SEAL));
    }

    double inchesOfWater() {
        return pressure.pa() / SlackTube.INCH_OF_WATER_PA;
    }
}
