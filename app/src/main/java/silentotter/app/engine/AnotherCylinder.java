package silentotter.app.engine;

import silentotter.core.engine.Engine;
import silentotter.core.input.InvalidInput;

/** Where something that was noted on one cylinder is to go to. */
public final class AnotherCylinder {
    private AnotherCylinder() {}

    /** @throws InvalidInput when it is none of this engine, or the same */
    public static void check(Engine engine, String field, int from, int to) {
        int count = engine.arrangement().count();
        if (to < 1 || to > count || to == from) {
            throw InvalidInput.at(field, "must be another cylinder of this engine", "1 to " + count);
        }
    }
}
