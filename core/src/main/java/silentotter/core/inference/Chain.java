package silentotter.core.inference;

import java.util.Arrays;
import java.util.Random;

/**
 * The cylinders as a chain that carries running sums: forward and backward messages at every merged point and for each
 * class, exact up to the grid of the sums (forward-backward recursion, any textbook on hidden Markov models). A class is
 * whether oil reaches all cylinders from one cause, and whether the set of plugs runs dirty.
 *
 * <p>All arrays run over the points innermost, so that one step is one sweep over a row.
 */
final class Chain {
    /** Types below this weight, and sums below this share, at every point are skipped. */
    private static final double NOTHING = 1e-7;
    /** Sums below this share of the whole answer are skipped where it is only asked what one finding adds. */
    private static final double UNLIKELY = 1e-7;

    private final int n;
    private final int g;
    /** Weights of the types: [place][type][point]; of a gasket behind each place: [place][point]. */
    private final double[][][] phi;

    private final double[][] gasket;
    private final double[][] wetGasket;
    private final boolean[][] used;

    /** Sums that can be reached: [place][cell]. */
    private final boolean[][] alive;

    private final boolean[] joined;

    /** Forward messages: [place + 1][cell][point]; place 0 holds nothing yet. */
    private final double[][][] alpha;

    private double[][][] beta = new double[0][][];

    /**
     * @param gasket weight behind each place, one less than places; all zero where none is joined
     * @param wetGasket the same where the gasket also opens to the water
     */
    Chain(double[][][] phi, double[][] gasket, double[][] wetGasket, int points) {
        n = phi.length;
        g = points;
        this.phi = phi;
        this.gasket = gasket;
        this.wetGasket = wetGasket;
        used = new boolean[n][Cells.TYPES];
        for (int k = 0; k < n; k++) {
            for (int c = 0; c < Cells.TYPES; c++) {
                used[k][c] = Arrays.stream(phi[k][c]).max().orElse(0) > NOTHING;
            }
        }
        joined = new boolean[gasket.length];
        for (int k = 0; k < gasket.length; k++) {
            joined[k] = Arrays.stream(gasket[k]).max().orElse(0) > 0;
        }
        alive = new boolean[n + 1][Cells.COUNT];
        alive[0][0] = true;
        alpha = new double[n + 1][Cells.COUNT][g];
        Arrays.fill(alpha[0][0], 1);
        for (int k = 0; k < n; k++) {
            forward(k);
            forget(k + 1);
        }
    }

    /** Sums that hardly ever come about: nothing that is said of them later brings them back. */
    private void forget(int k) {
        double[] total = new double[g];
        for (double[] row : alpha[k]) {
            for (int i = 0; i < g; i++) {
                total[i] += row[i];
            }
        }
        for (int cell = 0; cell < Cells.COUNT; cell++) {
            if (alive[k][cell]) {
                double most = 0;
                for (int i = 0; i < g; i++) {
                    most = Math.max(most, total[i] == 0 ? 0 : alpha[k][cell][i] / total[i]);
                }
                alive[k][cell] = most > NOTHING;
            }
        }
    }

    /** The same cylinders before other findings of the engine. */
    private Chain(Chain same, boolean[][] alive) {
        n = same.n;
        g = same.g;
        phi = same.phi;
        gasket = same.gasket;
        wetGasket = same.wetGasket;
        used = same.used;
        alpha = same.alpha;
        this.alive = alive;
        joined = same.joined;
    }

    /** The same at some of the points. */
    private Chain(Chain all, int[] kept) {
        n = all.n;
        g = kept.length;
        phi = Rows.pick(all.phi, kept);
        gasket = Rows.pick(all.gasket, kept);
        wetGasket = Rows.pick(all.wetGasket, kept);
        used = all.used;
        alive = all.alive;
        joined = all.joined;
        alpha = Rows.pick(all.alpha, kept);
        beta = Rows.pick(all.beta, kept);
    }

    Chain only(int[] kept) {
        return new Chain(this, kept);
    }

    Chain again() {
        return new Chain(this, alive);
    }

    /**
     * The same, with sums left out that the whole answer leaves next to nothing: one finding fewer does not bring them back.
     *
     * @param share of the whole answer, by point
     */
    Chain again(double[] share) {
        boolean[][] likely = new boolean[n + 1][Cells.COUNT];
        for (int k = 0; k <= n; k++) {
            for (int cell = 0; cell < Cells.COUNT; cell++) {
                double p = 0;
                for (int i = 0; alive[k][cell] && i < g; i++) {
                    p += share[i] * alpha[k][cell][i] * beta[k][cell][i];
                }
                likely[k][cell] = p > UNLIKELY;
            }
        }
        return new Chain(this, likely);
    }

    private void forward(int k) {
        double[][] from = alpha[k];
        double[][] to = alpha[k + 1];
        for (int c = 0; c < Cells.TYPES; c++) {
            if (!used[k][c]) {
                continue;
            }
            double[] weight = phi[k][c];
            int[] source = Cells.FROM[c];
            for (int i = 0; i < source.length; i++) {
                if (alive[k][source[i]]) {
                    int[] target = Cells.TO[c][i];
                    for (int t = 0; t < target.length; t++) {
                        multiplyAdd(to[target[t]], from[source[i]], weight, Cells.SHARE[c][i][t]);
                        alive[k + 1][target[t]] = true;
                    }
                }
            }
        }
        if (k > 0 && joined[k - 1]) {
            double[] weight = gasket[k - 1];
            for (int cell = 0; cell < Cells.COUNT; cell++) {
                if (!alive[k - 1][cell]) {
                    continue;
                }
                multiplyAdd(to[cell], alpha[k - 1][cell], weight, 1);
                alive[k + 1][cell] = true;
                if (!Cells.water(cell)) {
                    multiplyAdd(to[cell + 1], alpha[k - 1][cell], wetGasket[k - 1], 1);
                    alive[k + 1][cell + 1] = true;
                }
            }
        }
    }

    private void multiplyAdd(double[] to, double[] from, double[] weight, double share) {
        for (int i = 0; i < g; i++) {
            to[i] += share * from[i] * weight[i];
        }
    }

    /** Whether a sum is likely enough at the end to be looked at. */
    boolean mayEndAt(int cell) {
        return alive[n][cell];
    }

    /** What is at the end: [cell][point]. */
    double[][] end() {
        return alpha[n];
    }

    /**
     * Runs back from what the engine's own findings say of each end: [cell][point].
     *
     * @param usedOnly whether nobody will ask what others say of a type of no weight
     * @return what all others say of each type, by place, type and point: multiplied by its weight it is the marginal
     */
    double[][][] backward(double[][] engine, boolean usedOnly) {
        beta = new double[n + 1][Cells.COUNT][g];
        beta[n] = engine;
        double[][][] others = new double[n][Cells.TYPES][g];
        for (int k = n - 1; k >= 0; k--) {
            for (int c = 0; c < Cells.TYPES; c++) {
                if (usedOnly && !used[k][c]) {
                    continue;
                }
                int[] source = Cells.FROM[c];
                for (int i = 0; i < source.length; i++) {
                    if (alive[k][source[i]]) {
                        step(k, c, source[i], Cells.TO[c][i], Cells.SHARE[c][i], others[k][c]);
                    }
                }
            }
            if (k + 2 <= n && joined[k]) {
                double[] weight = gasket[k];
                for (int cell = 0; cell < Cells.COUNT; cell++) {
                    if (!alive[k][cell]) {
                        continue;
                    }
                    multiplyAdd(beta[k][cell], beta[k + 2][cell], weight, 1);
                    if (!Cells.water(cell)) {
                        multiplyAdd(beta[k][cell], beta[k + 2][cell + 1], wetGasket[k], 1);
                    }
                }
            }
        }
        return others;
    }

    /** One type added to one sum: its part of the way back, and of what the others say of it, in one sweep. */
    private void step(int k, int type, int from, int[] to, double[] share, double[] others) {
        double[] weight = phi[k][type];
        double[] before = alpha[k][from];
        double[] back = beta[k][from];
        double[] b0 = beta[k + 1][to[0]];
        double s0 = share[0];
        if (to.length == 1) {
            for (int i = 0; i < g; i++) {
                back[i] += weight[i] * b0[i];
                others[i] += before[i] * b0[i];
            }
            return;
        }
        double[] b1 = beta[k + 1][to[1]];
        double s1 = share[1];
        if (to.length == 2) {
            for (int i = 0; i < g; i++) {
                double after = s0 * b0[i] + s1 * b1[i];
                back[i] += weight[i] * after;
                others[i] += before[i] * after;
            }
            return;
        }
        double[] b2 = beta[k + 1][to[2]];
        double[] b3 = beta[k + 1][to[3]];
        double s2 = share[2];
        double s3 = share[3];
        for (int i = 0; i < g; i++) {
            double after = s0 * b0[i] + s1 * b1[i] + s2 * b2[i] + s3 * b3[i];
            back[i] += weight[i] * after;
            others[i] += before[i] * after;
        }
    }

    /** Instead of a type: a gasket gives behind this place, and one that also opens to the water. */
    static final int GASKET = -1;

    static final int WET_GASKET = -2;

    /** What was drawn at a place: a type, or a gasket that takes this place and the next. */
    interface Taken {
        void at(int place, int step);
    }

    /**
     * Draws all cylinders at one point, each by its weight and what those after it and the engine's own findings say.
     *
     * @return the cell that they end in
     */
    int walk(int point, Random random, Taken taken) {
        int cell = 0;
        for (int k = 0; k < n; ) {
            double[] weight = new double[Cells.TYPES + 2];
            for (int c = 0; c < Cells.TYPES; c++) {
                int at = used[k][c] ? indexOf(Cells.FROM[c], cell) : -1;
                if (at >= 0) {
                    weight[c] = phi[k][c][point] * after(k, c, at, point);
                }
            }
            if (k + 1 < n && joined[k]) {
                weight[Cells.TYPES] = gasket[k][point] * beta[k + 2][cell][point];
                weight[Cells.TYPES + 1] = Cells.water(cell) ? 0 : wetGasket[k][point] * beta[k + 2][cell + 1][point];
            }
            int step = Draws.pick(weight, random);
            if (step >= Cells.TYPES) {
                boolean wet = step > Cells.TYPES;
                taken.at(k, wet ? WET_GASKET : GASKET);
                cell += wet ? 1 : 0;
                k += 2;
                continue;
            }
            taken.at(k, step);
            int at = indexOf(Cells.FROM[step], cell);
            int[] to = Cells.TO[step][at];
            double[] share = new double[to.length];
            for (int t = 0; t < to.length; t++) {
                share[t] = Cells.SHARE[step][at][t] * beta[k + 1][to[t]][point];
            }
            cell = to[Draws.pick(share, random)];
            k++;
        }
        return cell;
    }

    private double after(int k, int type, int from, int point) {
        int[] to = Cells.TO[type][from];
        double sum = 0;
        for (int t = 0; t < to.length; t++) {
            sum += Cells.SHARE[type][from][t] * beta[k + 1][to[t]][point];
        }
        return sum;
    }

    private static int indexOf(int[] sorted, int value) {
        int at = Arrays.binarySearch(sorted, value);
        return at >= 0 ? at : -1;
    }

    /** Everything together by point, from what the engine's own findings say of each end, without going back. */
    double[] total(double[][] engine) {
        double[] sum = new double[g];
        for (int cell = 0; cell < Cells.COUNT; cell++) {
            if (alive[n][cell]) {
                multiplyAdd(sum, alpha[n][cell], engine[cell], 1);
            }
        }
        return sum;
    }

    /** Everything together, by point. */
    double[] total() {
        return beta[0][0].clone();
    }

    /** What all others say of a gasket behind a place. */
    double[] othersOfGasket(int place) {
        double[] row = new double[g];
        for (int cell = 0; cell < Cells.COUNT; cell++) {
            multiplyAdd(row, alpha[place][cell], beta[place + 2][cell], 1);
        }
        return row;
    }

    /** The same where it also opens to the water. */
    double[] othersOfWetGasket(int place) {
        double[] row = new double[g];
        for (int cell = 0; cell < Cells.COUNT; cell += 2) {
            multiplyAdd(row, alpha[place][cell], beta[place + 2][cell + 1], 1);
        }
        return row;
    }
}
