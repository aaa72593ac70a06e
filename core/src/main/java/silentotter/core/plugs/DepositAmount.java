package silentotter.core.plugs;

/** How much lies on the plug. */
public enum DepositAmount {
    LIGHT,
    HEAVY
}
