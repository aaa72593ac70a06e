package silentotter.core.practice;

import silentotter.core.engine.CylinderNumber;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.InvalidInput;
import silentotter.core.input.Problems;

/**
 * Something that was done to an engine in practice.
 *
 * @param cylinder by its number; 0 for the engine as a whole
 * @param throttleOpen whether the throttle was held open while cranking
 * @param stroke whether it was felt for that the piston stood on its compression stroke
 * @param zeroed whether the tester's gauges were set alike before
 * @param oilMl poured into the cylinder, 0.5 to 50
 */
public record Deed(DeedKind kind, int cylinder, boolean throttleOpen, boolean stroke, boolean zeroed, double oilMl) {
    private static final double LEAST_ML = .5;
    private static final double MOST_ML = 50;

    /** @throws InvalidInput with everything that is wrong, by field */
    public Deed checked(int cylinders) {
        Problems problems = new Problems();
        if (kind == null) {
            problems.add("kind", "is missing");
        } else if (kind.isOfCylinder() && (cylinder < 1 || cylinder > cylinders)) {
            problems.add(FieldProblem.of("cylinder", cylinder + " does not exist on this engine", "1 to " + cylinders));
        } else if (!kind.isOfCylinder() && cylinder != 0) {
            problems.add(FieldProblem.of("cylinder", "this is done to the engine as a whole", "0"));
        }
        if (kind == DeedKind.POUR_OIL && !(oilMl >= LEAST_ML && oilMl <= MOST_ML)) {
            problems.add(FieldProblem.of("oilMl", "is no spoonful", LEAST_ML + " to " + MOST_ML));
        }
        problems.throwIfAny();
        return this;
    }

    CylinderNumber number() {
        return CylinderNumber.of(cylinder);
    }
}
