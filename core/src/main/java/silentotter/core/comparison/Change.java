package silentotter.core.comparison;

import java.time.LocalDate;
import java.util.Optional;
import silentotter.core.intake.ServiceEntry.ServiceKind;
import silentotter.core.wording.Labelled;

/**
 * Something that was done to an engine, or about it.
 *
 * @param hours on the meter
 * @param what in somebody's words
 */
public record Change(LocalDate date, Optional<Double> hours, ChangeKind kind, String what) {

    /** What kind of change it was. */
    public enum ChangeKind implements Labelled {
        OIL_CHANGE,
        TOP_UP,
        PLUGS,
        REPAIR,
        OTHER,
        /** What a job says was done when the engine was opened. */
        WORK,
        /** What somebody told at the intake. */
        TOLD,
        /** Hours that a freshly built engine ran. */
        RUNNING_IN;

        static ChangeKind of(ServiceKind kind) {
            return valueOf(kind.name());
        }
    }

    /** Whether wear begins anew with it. */
    boolean renews() {
        return kind == ChangeKind.REPAIR || kind == ChangeKind.WORK;
    }

    /** Whether it was done on the day of a visit before anything was measured: it was told then. */
    boolean cameBeforeTheGauges() {
        return kind == ChangeKind.TOLD || kind == ChangeKind.RUNNING_IN;
    }
}
