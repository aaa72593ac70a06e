package silentotter.core.engine;

/** Which bank, for somebody who stands at the flywheel end and looks towards the free end. */
public enum BankSide {
    ONLY,
    LEFT,
    RIGHT
}
