package silentotter.core.engine;

/** Direction of rotation. */
public enum Turning {
    CLOCKWISE,
    ANTICLOCKWISE
}
