package silentotter.core.inference;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * States of one cylinder that nothing but the gauges tells apart: same kind, same look of the plug, same addition to the
 * running sums. Everything behind the gauges is worked out once for each of these instead of for each size.
 */
final class Bins {
    /** One state that stands for each. */
    static final int[] STATE;

    private static final int[] OF = new int[States.COUNT];

    static {
        Map<List<Integer>, Integer> known = new HashMap<>();
        List<Integer> first = new ArrayList<>();
        for (int s = 0; s < States.COUNT; s++) {
            int kind = s == States.SOUND ? -1 : SealModel.causeOf(s).ordinal();
            List<Integer> key = List.of(kind, SealModel.type(s, 0), PlugTable.row(s, false, false));
            Integer bin = known.get(key);
            if (bin == null) {
                bin = first.size();
                known.put(key, bin);
                first.add(s);
            }
            OF[s] = bin;
        }
        STATE = first.stream().mapToInt(Integer::intValue).toArray();
    }

    static final int COUNT = STATE.length;
    static final int SOUND = OF[States.SOUND];

    private Bins() {}

    /** Added up: [state][point] to [bin][point]. */
    static double[][] of(double[][] state, int points) {
        double[][] bins = new double[COUNT][points];
        for (int s = 0; s < States.COUNT; s++) {
            double[] to = bins[OF[s]];
            double[] from = state[s];
            for (int i = 0; i < points; i++) {
                to[i] += from[i];
            }
        }
        return bins;
    }
}
