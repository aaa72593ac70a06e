package silentotter.core.blowby;

import silentotter.core.instruments.SlackTube;
import silentotter.core.wording.Labelled;

/**
 * What turns a reading of crankcase pressure into another one by a factor: the slips that two instruments on one point
 * uncover. Trade practice: one leg counted for two, and a digital gauge in the wrong unit or decimal, are the usual ones.
 */
public enum GaugeSlip implements Labelled {
    ONE_LEG(CrankcaseGauge.SLACK_TUBE, 2),
    BOTH_LEGS(CrankcaseGauge.SLACK_TUBE, 0.5),
    DECIMAL_SHORT(CrankcaseGauge.DIGITAL, 10),
    DECIMAL_LONG(CrankcaseGauge.DIGITAL, 0.1),
    TWO_DECIMALS_SHORT(CrankcaseGauge.DIGITAL, 100),
    INCHES_OF_WATER(CrankcaseGauge.DIGITAL, SlackTube.INCH_OF_WATER_PA),
    MILLIMETRES_OF_WATER(CrankcaseGauge.DIGITAL, 9.80665),
    KILOPASCALS(CrankcaseGauge.DIGITAL, 1000),
    PSI(CrankcaseGauge.DIGITAL, 6894.76),
    PASCALS_AS_INCHES(CrankcaseGauge.DIGITAL, 1 / SlackTube.INCH_OF_WATER_PA);

    private final CrankcaseGauge on;
    private final double factor;

    GaugeSlip(CrankcaseGauge on, double factor) {
        this.on = on;
        this.factor = factor;
    }

    /** The instrument whose reading it spoils. */
    public CrankcaseGauge on() {
        return on;
    }

    /** What the reading must be multiplied by. */
    public double factor() {
        return factor;
    }

    /** Whether a reading on this instrument could have been written down so. */
    boolean couldBe(BlowbyReading reading) {
        return switch (this) {
            case ONE_LEG -> reading.tube() == TubeKind.U && !reading.isOneLeg();
            case BOTH_LEGS -> reading.isOneLeg();
            default -> true;
        };
    }
}
