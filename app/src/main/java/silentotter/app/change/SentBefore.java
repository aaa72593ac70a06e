package silentotter.app.change;

import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import silentotter.app.http.Conflict;
import silentotter.core.input.InvalidInput;

/**
 * What is kept of a reading under the key that its sender made. A key belongs to one reading of one job: the same content
 * again gets the same answer and adds nothing, other content is a conflict.
 *
 * @param sent the content as it was sent; empty for readings of an earlier version or from a file
 * @param removed whether it was taken back since
 */
public record SentBefore(long jobId, String sent, boolean removed) {
    private static final int LONGEST_KEY = 100;

    /** A key as it was given, or a new one. */
    public static String orNew(String given) {
        if (given != null && (given.isBlank() || given.length() > LONGEST_KEY)) {
            throw InvalidInput.at("key", "must have 1 to " + LONGEST_KEY + " characters");
        }
        return Objects.requireNonNullElseGet(given, () -> UUID.randomUUID().toString());
    }

    /**
     * Whether this is a reading that is there already.
     *
     * @throws Conflict when the key belongs to something else, or was taken back
     */
    public static boolean isSame(Optional<SentBefore> before, long jobId, String sent) {
        if (before.isEmpty()) {
            return false;
        }
        SentBefore known = before.get();
        if (known.jobId != jobId || !sent.equals(known.sent)) {
            throw new Conflict("Another reading was sent under the same key; this one was not added. Type it again.");
        }
        if (known.removed) {
            throw new Conflict(
                    "This reading was there already and was taken back by undo. Type it again if it counts.");
        }
        return true;
    }
}
