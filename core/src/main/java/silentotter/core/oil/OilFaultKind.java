package silentotter.core.oil;

import silentotter.core.wording.Labelled;

/** How an oil log lies. */
public enum OilFaultKind implements Labelled {
    OVERFILLED,
    RISING,
    UNLOGGED_TOP_UP,
    NOT_POURED,
    LOST_AT_ONCE,
    DIP_OFF,
    WRONG_SIGN,
    UNIT_SLIP,
    DOUBLE_ENTRY,
    METER_SLIP,
    STICK_AGAINST_DRAIN
}
