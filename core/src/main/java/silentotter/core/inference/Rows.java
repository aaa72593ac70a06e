package silentotter.core.inference;

import java.util.Arrays;

/** Some of the points of tables that run over the points innermost. */
final class Rows {
    private Rows() {}

    static double[] pick(double[] row, int[] kept) {
        double[] picked = new double[kept.length];
        for (int i = 0; i < kept.length; i++) {
            picked[i] = row[kept[i]];
        }
        return picked;
    }

    static double[][] pick(double[][] rows, int[] kept) {
        return Arrays.stream(rows).map(row -> pick(row, kept)).toArray(double[][]::new);
    }

    static double[][][] pick(double[][][] rows, int[] kept) {
        return Arrays.stream(rows).map(row -> pick(row, kept)).toArray(double[][][]::new);
    }
}
