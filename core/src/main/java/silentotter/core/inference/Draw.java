package silentotter.core.inference;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import silentotter.core.fault.Cause;

/**
 * One engine as it may be, drawn from everything that is known of it.
 *
 * @param ringArea of every sound cylinder, mm² at a bore of 90 mm
 * @param dirty whether its plugs run dirty
 * @param lnStatic ln of the leak at cranking speed over that at rest
 * @param lnBias ln of what the leak-down tester reads too little, as an area
 * @param lnLevel ln of what a cylinder without a leak reads, kPa
 * @param cylinders by index
 * @param ofEngine causes of the whole engine
 */
public record Draw(
        double ringArea,
        boolean dirty,
        double lnStatic,
        double lnBias,
        double lnLevel,
        List<Cylinder> cylinders,
        List<Gasket> gaskets,
        Set<Cause> ofEngine) {
    public Draw {
        cylinders = List.copyOf(cylinders);
        gaskets = List.copyOf(gaskets);
        ofEngine = Set.copyOf(ofEngine);
    }

    /**
     * One cylinder.
     *
     * @param cause what it has; null for a sound one
     * @param size area of its leak, mm² at a bore of 90 mm; 0 for none
     * @param oil how oil gets in just here; null for no such way
     */
    public record Cylinder(
            @Nullable Cause cause, double size, @Nullable Cause oil) {
        static final Cylinder SOUND = new Cylinder(null, 0, null);

        boolean ringLike() {
            return cause == Cause.RING || cause == Cause.BROKEN;
        }
    }

    /**
     * A gasket that gives between two neighbours.
     *
     * @param wet whether it also opens to the water
     */
    public record Gasket(int one, int other, double size, boolean wet) {
        boolean of(int cylinder) {
            return one == cylinder || other == cylinder;
        }
    }

    /** Everything that is wrong, each as often as it is there. */
    public List<Cause> faults() {
        return wrong().stream().map(Member::cause).toList();
    }

    /** The same with where it is. */
    public List<Member> wrong() {
        List<Member> all = new ArrayList<>();
        ofEngine.forEach(cause -> all.add(new Member(cause, -1, -1)));
        for (int c = 0; c < cylinders.size(); c++) {
            Cylinder cylinder = cylinders.get(c);
            if (cylinder.cause() != null) {
                all.add(new Member(cylinder.cause(), c, -1));
            }
            if (cylinder.oil() != null) {
                all.add(new Member(cylinder.oil(), c, -1));
            }
        }
        gaskets.forEach(g -> all.add(new Member(Cause.GASKET, g.one(), g.other())));
        return all;
    }

    boolean has(Cause cause) {
        return ofEngine.contains(cause);
    }

    boolean oilToAll() {
        return has(Cause.OIL_RINGS) || has(Cause.STEM_SEALS) || has(Cause.VENTILATION);
    }

    /** Whether a cylinder lets water in from the coolant. */
    boolean water() {
        return cylinders.stream().anyMatch(c -> c.cause() == Cause.WATER)
                || gaskets.stream().anyMatch(Gasket::wet);
    }
}
