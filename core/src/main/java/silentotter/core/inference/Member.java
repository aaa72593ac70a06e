package silentotter.core.inference;

import silentotter.core.fault.Cause;

/**
 * A cause at a place.
 *
 * @param cylinder index; −1 for the whole engine
 * @param other the second of a pair; −1 where there is none
 */
public record Member(Cause cause, int cylinder, int other) {
    static Member ofEngine(Cause cause) {
        return new Member(cause, -1, -1);
    }

    static Member at(Cause cause, int cylinder) {
        return new Member(cause, cylinder, -1);
    }
}
