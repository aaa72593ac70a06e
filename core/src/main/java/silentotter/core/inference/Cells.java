package silentotter.core.inference;

import java.util.ArrayList;
import java.util.List;

/**
 * The running sums that are carried along the cylinders: ring area beyond the shared one, oil beyond the engine's own, and
 * whether a cylinder already has water. What falls between two grid values is split linearly over both.
 */
final class Cells {
    static final double[] B = {0, .7, 2, 5, 12, 30};
    static final double[] O = {0, .2, .4, .6, .8, 1.2, 2.4};
    static final int COUNT = B.length * O.length * 2;

    /** What a cylinder adds. */
    static final int PLAIN = 0;

    static final int WATER = 1;
    static final int OIL_RING = 2;
    static final int STEM_SEAL = 3;
    static final int RING = 4;
    static final int RING_SIZES = 7;
    static final int BROKEN = RING + RING_SIZES;
    static final int TYPES = BROKEN + RING_SIZES;

    static final double OIL_RING_USE = .4;
    static final double STEM_SEAL_USE = .2;
    static final double BROKEN_USE = .8;
    static final double RING_USE = .07;

    /** Sizes of the state grid that stand for each ring size here, first inclusive. */
    private static final int[] GROUP_FROM = {0, 3, 6, 9, 11, 13, 15, States.SIZES};

    /** Cells that a type can be added to; for each the cells it leads to, one, two or four, and the share of each. */
    static final int[][] FROM = new int[TYPES][];

    static final int[][][] TO = new int[TYPES][][];
    static final double[][][] SHARE = new double[TYPES][][];

    static {
        for (int type = 0; type < TYPES; type++) {
            shift(type);
        }
    }

    private Cells() {}

    static int index(int b, int o, int water) {
        return (b * O.length + o) * 2 + water;
    }

    static int b(int cell) {
        return cell / 2 / O.length;
    }

    static int o(int cell) {
        return cell / 2 % O.length;
    }

    static boolean water(int cell) {
        return cell % 2 == 1;
    }

    /** Which ring or broken type a size of the state grid belongs to. */
    static int group(int size) {
        return GROUP[size];
    }

    private static final int[] GROUP = groups();

    private static int[] groups() {
        int[] groups = new int[States.SIZES];
        int g = 0;
        for (int size = 0; size < groups.length; size++) {
            if (size >= GROUP_FROM[g + 1]) {
                g++;
            }
            groups[size] = g;
        }
        return groups;
    }

    static double groupArea(int group) {
        double lnSum = 0;
        for (int s = GROUP_FROM[group]; s < GROUP_FROM[group + 1]; s++) {
            lnSum += States.LN_SIZE[s];
        }
        return Math.exp(lnSum / (GROUP_FROM[group + 1] - GROUP_FROM[group]));
    }

    /** What a type adds to the ring area, mm² at 90 mm. */
    static double area(int type) {
        return type >= BROKEN ? groupArea(type - BROKEN) : type >= RING ? groupArea(type - RING) : 0;
    }

    /** What a type adds to the oil used, L/1000 km for each two litres of displacement. */
    static double oil(int type) {
        return type == OIL_RING
                ? OIL_RING_USE
                : type == STEM_SEAL
                        ? STEM_SEAL_USE
                        : type >= BROKEN ? BROKEN_USE : type >= RING ? RING_USE * area(type) : 0;
    }

    private static void shift(int type) {
        double area = area(type);
        double oil = oil(type);
        List<Integer> from = new ArrayList<>();
        List<int[]> to = new ArrayList<>();
        List<double[]> shares = new ArrayList<>();
        for (int b = 0; b < B.length; b++) {
            for (int o = 0; o < O.length; o++) {
                for (int w = 0; w < 2; w++) {
                    if (type == WATER && w == 1) {
                        continue;
                    }
                    int water = type == WATER ? 1 : w;
                    List<double[]> bs = split(B, B[b] + area);
                    List<double[]> os = split(O, O[o] + oil);
                    from.add(index(b, o, w));
                    to.add(bs.stream()
                            .flatMapToInt(x -> os.stream().mapToInt(y -> index((int) x[0], (int) y[0], water)))
                            .toArray());
                    shares.add(bs.stream()
                            .flatMapToDouble(x -> os.stream().mapToDouble(y -> x[1] * y[1]))
                            .toArray());
                }
            }
        }
        FROM[type] = from.stream().mapToInt(Integer::intValue).toArray();
        TO[type] = to.toArray(int[][]::new);
        SHARE[type] = shares.toArray(double[][]::new);
    }

    /** The grid places of a value with their shares. */
    private static List<double[]> split(double[] grid, double value) {
        int last = grid.length - 1;
        if (value >= grid[last] - 1e-9) {
            return List.of(new double[] {last, 1});
        }
        int i = 0;
        while (grid[i + 1] <= value + 1e-9) {
            i++;
        }
        double t = Math.max(0, (value - grid[i]) / (grid[i + 1] - grid[i]));
        return t < 1e-6 ? List.of(new double[] {i, 1}) : List.of(new double[] {i, 1 - t}, new double[] {i + 1, t});
    }
}
