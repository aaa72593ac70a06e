package silentotter.core.inference;

import java.util.Optional;
import java.util.function.ToDoubleBiFunction;
import silentotter.core.fault.Cause;

/** How large the leak behind a suspect is, from the weights of its sizes. */
final class Areas {
    private static final double LOW = .025;
    private static final double BEST = .5;
    private static final double HIGH = .975;

    private Areas() {}

    /** Empty for what is no leak. */
    static Optional<double[]> of(SealModel model, Member member) {
        boolean leak = switch (member.cause()) {
            case RING, BROKEN, EXHAUST_VALVE, INTAKE_VALVE, VALVE_HELD, WATER, GASKET, EVEN_WEAR -> true;
            default -> false;
        };
        return leak ? Optional.of(area(model, member)) : Optional.empty();
    }

    private static double[] area(SealModel model, Member member) {
        double[] weights = member.cause() == Cause.EVEN_WEAR ? null : sizes(model, member);
        double scale = model.of.body().scale();
        return weights == null ? quantiles(model.ringArea(), Shared.W, scale) : quantiles(weights, States.SIZE, scale);
    }

    private static double[] sizes(SealModel model, Member member) {
        double[] weights = new double[States.SIZES];
        if (member.cause() == Cause.GASKET) {
            int place = placeOf(model, member);
            for (int s = 0; s < weights.length; s++) {
                weights[s] = dot(model, model.points.gasket[place][s]);
            }
            return weights;
        }
        for (int s = 0; s < States.COUNT; s++) {
            if (s != States.SOUND && s != States.MOTION && SealModel.causeOf(s) == member.cause()) {
                weights[(s - States.RING) % States.SIZES] += dot(model, model.points.state[member.cylinder()][s]);
            }
        }
        return weights;
    }

    private static double dot(SealModel model, double[] row) {
        double sum = 0;
        for (int i = 0; i < row.length; i++) {
            sum += row[i] * model.totalByPoint()[i];
        }
        return sum;
    }

    private static int placeOf(SealModel model, Member pair) {
        int place = 0;
        while (model.of.body().order()[place] != pair.cylinder()) {
            place++;
        }
        return place;
    }

    private static double[] quantiles(double[] weights, double[] values, double scale) {
        ToDoubleBiFunction<double[], Double> at = (w, q) -> {
            double total = java.util.Arrays.stream(w).sum();
            double run = 0;
            for (int i = 0; i < w.length; i++) {
                run += w[i];
                if (run >= q * total) {
                    return values[i] * scale;
                }
            }
            return values[values.length - 1] * scale;
        };
        return new double[] {
            at.applyAsDouble(weights, LOW), at.applyAsDouble(weights, BEST), at.applyAsDouble(weights, HIGH)
        };
    }
}
