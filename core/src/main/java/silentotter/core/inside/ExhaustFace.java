package silentotter.core.inside;

/** The face and edge of the exhaust valve. */
public enum ExhaustFace {
    EVEN,
    BURNT,
    DEPOSIT_ON_SEAT
}
