package silentotter.core.leakdown;

/** How somebody listened. */
public enum ListenedWith {
    EAR,
    TUBE,
    SOAP,
    BUBBLES,
    TISSUE
}
