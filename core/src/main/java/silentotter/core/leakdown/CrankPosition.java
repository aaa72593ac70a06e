package silentotter.core.leakdown;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import silentotter.core.engine.Cycle;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.engine.FiringOrder;

/**
 * Where the crank has to stand for one cylinder's leak-down, and what the others do there.
 *
 * @param next the cylinder after it in firing order
 * @param turnDeg how far to turn in the running direction to get there
 * @param intakeOpen cylinders with an intake valve open at this position
 * @param exhaustOpen cylinders with an exhaust valve open at this position
 */
public record CrankPosition(
        CylinderNumber cylinder,
        CylinderNumber next,
        double turnDeg,
        List<CylinderNumber> intakeOpen,
        List<CylinderNumber> exhaustOpen) {
    /** Usual valve timing, degrees after top centre of compression. Makers differ by some 20°. */
    private static final double EXHAUST_OPENS = 130;

    private static final double EXHAUST_CLOSES = 370;
    private static final double INTAKE_OPENS = 345;
    private static final double INTAKE_CLOSES = 600;

    /** Empty without a firing order, which a guide cannot do without. */
    public static Optional<CrankPosition> of(Engine engine, CylinderNumber cylinder) {
        return engine.firingOrder().map(order -> at(engine, order, cylinder));
    }

    private static CrankPosition at(Engine engine, FiringOrder order, CylinderNumber cylinder) {
        List<CylinderNumber> cylinders = order.cylinders();
        double cycle = engine.cycle().degrees();
        double[] fires = firingAngles(order, cycle);
        int at = cylinders.indexOf(cylinder);
        int next = (at + 1) % cylinders.size();
        double turn = Math.floorMod(Math.round(fires[next] - fires[at]), Math.round(cycle));
        List<CylinderNumber> intake = new ArrayList<>();
        List<CylinderNumber> exhaust = new ArrayList<>();
        for (int i = 0; i < cylinders.size() && engine.cycle() == Cycle.FOUR_STROKE; i++) {
            double angle = Math.floorMod(Math.round(fires[at] - fires[i]), Math.round(cycle));
            if (i != at && angle >= INTAKE_OPENS && angle <= INTAKE_CLOSES) {
                intake.add(cylinders.get(i));
            }
            if (i != at && angle >= EXHAUST_OPENS && angle <= EXHAUST_CLOSES) {
                exhaust.add(cylinders.get(i));
            }
        }
        return new CrankPosition(cylinder, cylinders.get(next), turn == 0 ? cycle : turn, intake, exhaust);
    }

    private static double[] firingAngles(FiringOrder order, double cycle) {
        int count = order.cylinders().size();
        double[] fires = new double[count];
        for (int i = 1; i < count; i++) {
            double interval = order.intervalsDeg().isEmpty()
                    ? cycle / count
                    : order.intervalsDeg().get(i - 1);
            fires[i] = fires[i - 1] + interval;
        }
        return fires;
    }
}
