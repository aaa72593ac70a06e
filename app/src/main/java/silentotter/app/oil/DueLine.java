package silentotter.app.oil;

import java.util.Optional;
import silentotter.core.oil.DueKind;
import silentotter.core.wording.Worded;

/**
 * Something that falls due in the shop.
 *
 * @param jobId the latest job of the engine
 * @param name of it, to ask for it alone: {@code 3-low-mark-0}
 * @param date such as 2026-11-28; empty where only the meter says when
 * @param urgent whether the oil runs low, or is overdue
 */
record DueLine(
        String name,
        long engineId,
        String engineName,
        long jobId,
        DueKind kind,
        Optional<String> date,
        Optional<Double> distanceKm,
        Optional<Double> hours,
        boolean urgent,
        String says)
        implements Worded {

    /** Whether it is the oil itself that runs low. */
    static boolean isOil(DueKind kind) {
        return kind == DueKind.LOW_MARK || kind == DueKind.ABORT_MARK;
    }
}
