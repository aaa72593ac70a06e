package silentotter.core.plugs;

/** Whether it lies on one side. */
public enum DepositSide {
    ALL_ROUND,
    INTAKE_SIDE,
    OTHER_SIDE
}
