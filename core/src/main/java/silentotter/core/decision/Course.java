package silentotter.core.decision;

import java.util.ArrayList;
import java.util.List;
import silentotter.core.fault.Cause;

/** A repair, with a service beside it or without: what is chosen between. */
public record Course(Repair repair, boolean withService) {
    /** Every course there is. */
    public static final List<Course> ALL = all();

    private static List<Course> all() {
        List<Course> all = new ArrayList<>();
        for (Repair repair : Repair.values()) {
            if (repair == Repair.RETEST) {
                continue;
            }
            all.add(new Course(repair, false));
            if (repair.takesService()) {
                all.add(new Course(repair, true));
            }
        }
        return List.copyOf(all);
    }

    /** How often it cures a fault, 0 to 1. */
    public double cures(Cause cause) {
        return Math.max(repair.cures(cause), withService ? Repair.SERVICE.cures(cause) : 0);
    }

    /** What is lost if this is done and a fault is there: nothing where it is cured. */
    double leaves(Cause cause, Costs costs) {
        return (1 - cures(cause)) * costs.missed(cause);
    }
}
