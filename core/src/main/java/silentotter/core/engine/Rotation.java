package silentotter.core.engine;

/** Which way the crankshaft turns, for somebody who looks at the given end. */
public record Rotation(Turning turning, EngineEnd seenFrom) {
    /** Direction of rotation. */
    public enum Turning {
        CLOCKWISE,
        ANTICLOCKWISE
    }
}
