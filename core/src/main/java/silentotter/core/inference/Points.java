package silentotter.core.inference;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * What the gauges say of each cylinder at some thirty points of the shared unknowns that stand for all of them. Points of
 * one ring area that say the same of the cylinders are merged into one with their mean; none is left out for being
 * unlikely by the gauges, since oil and blow-by speak later: keeping only the best points is wrong where those then speak.
 */
final class Points {
    private static final double ROUGH_NATS = 11;
    private static final int MOST_ROUGH = 700;
    private static final double ROUGH_FAULT = .12;
    private static final double MERGED_NATS = 14;
    /** Merged points for each ring area. */
    static final int MOST_PER_W = 4;

    private static final double WORTH_A_CENTRE = 1e-7;
    /** Points of this share of their group's mass speak for it where readings are looked at one by one. */
    private static final double HEAVY = .06;

    /** Merged points of less than this share of everything are looked at through one member. */
    private static final double LIGHT = 1e-4;

    private static final int FEATURES = 4;
    private static final int SIZES = States.SIZES;

    private final int mostPerW;
    private final SealCase of;
    private final Shared shared;
    private final @Nullable CompressionTables compression;
    private final @Nullable LeakdownTables leakdown;
    private final int n;
    private final int nb;
    private final double[][] prior;
    private final double pGasket;
    /** The neighbour behind the gasket towards the next and the last in standing order; −1 for none. */
    private final int[] next;

    private final int[] last;

    /** Points of (w, u, S) by index into the grids. */
    private int[] pw = new int[0];

    private int[] pu = new int[0];
    private int[] ps = new int[0];
    private CompressionTables.Column[][] columns = new CompressionTables.Column[0][];
    private LeakdownTables.Table[] tables = new LeakdownTables.Table[0];

    /** Number of merged points. */
    int count;

    int[] w = new int[0];
    /** ln mass, prior and gauges together. */
    double[] lnMass = new double[0];

    double[] low = new double[0];
    /** Normalised weight of every state: [cylinder][state][point]. */
    double[][][] state = new double[0][][];
    /** Weight of a gasket fault behind each place by size: [place][size][point]. */
    double[][][] gasket = new double[0][][];
    /** Members of each merged point that carry its mass, and how much each. */
    int[][] members = new int[0][];

    double[][] memberMass = new double[0][];
    /** What each cylinder is worth in sum at each member: [point][member][cylinder]. */
    private double[][][] memberSum = new double[0][][];

    Points(SealCase of, double[][] prior, double pGasket, Shared shared, int mostPerW) {
        this.mostPerW = mostPerW;
        this.of = of;
        this.shared = shared;
        this.prior = prior;
        this.pGasket = pGasket;
        n = of.body().cylinders();
        nb = shared.b.length;
        compression = of.compression() == null ? null : new CompressionTables(of.compression(), shared);
        leakdown = of.leakdown() == null ? null : new LeakdownTables(of, of.leakdown(), shared);
        next = new int[n];
        last = new int[n];
        Arrays.fill(next, -1);
        Arrays.fill(last, -1);
        int[] order = of.body().order();
        for (int i = 0; i + 1 < n; i++) {
            if (of.body().joined()[i]) {
                next[order[i]] = order[i + 1];
                last[order[i + 1]] = order[i];
            }
        }
        choose();
        fillTables();
        merge();
    }

    @Nullable
    CompressionTables compression() {
        return compression;
    }

    private Points(Points all, int[] kept) {
        mostPerW = all.mostPerW;
        of = all.of;
        shared = all.shared;
        compression = all.compression;
        leakdown = all.leakdown;
        n = all.n;
        nb = all.nb;
        prior = all.prior;
        pGasket = all.pGasket;
        next = all.next;
        last = all.last;
        pw = all.pw;
        pu = all.pu;
        ps = all.ps;
        columns = all.columns;
        tables = all.tables;
        count = kept.length;
        w = Arrays.stream(kept).map(i -> all.w[i]).toArray();
        lnMass = Rows.pick(all.lnMass, kept);
        low = Rows.pick(all.low, kept);
        state = Rows.pick(all.state, kept);
        gasket = Rows.pick(all.gasket, kept);
        members = Arrays.stream(kept).mapToObj(i -> all.members[i]).toArray(int[][]::new);
        memberMass = Arrays.stream(kept).mapToObj(i -> all.memberMass[i]).toArray(double[][]::new);
        memberSum = Arrays.stream(kept).mapToObj(i -> all.memberSum[i]).toArray(double[][][]::new);
    }

    /** Only some of the points. */
    Points only(int[] kept) {
        return new Points(this, kept);
    }

    boolean hasCompression(int cylinder) {
        return compression != null && compression.read(cylinder);
    }

    boolean hasLeakdown(int cylinder) {
        return leakdown != null && leakdown.read(cylinder);
    }

    /** Keeps the points of (w, u, S) that compression leaves. */
    private void choose() {
        int nu = shared.u.length;
        int ns = shared.s.length;
        int all = Shared.W.length * nu * ns;
        double[] ln = new double[all];
        double[] sizePrior = States.GASKET_SIZE;
        IntStream.range(0, all).parallel().forEach(i -> {
            int si = i % ns;
            int ui = i / ns % nu;
            int wi = i / ns / nu;
            ln[i] = shared.lnW[wi] + shared.lnU[ui] + shared.lnS[si];
            if (compression != null) {
                double product = 1;
                for (int c = 0; c < n; c++) {
                    if (compression.read(c)) {
                        product *= compression.rough(c, wi * nu + ui, shared.s[si], sizePrior, ROUGH_FAULT);
                    }
                }
                ln[i] += Math.log(Math.max(1e-300, product));
            }
        });
        double best = Arrays.stream(ln).max().orElseThrow();
        int[] kept = IntStream.range(0, all)
                .filter(i -> ln[i] > best - ROUGH_NATS)
                .boxed()
                .sorted(Comparator.comparingDouble((Integer i) -> -ln[i]))
                .limit(MOST_ROUGH)
                .mapToInt(Integer::intValue)
                .toArray();
        pw = Arrays.stream(kept).map(i -> i / ns / nu).toArray();
        pu = Arrays.stream(kept).map(i -> i / ns % nu).toArray();
        ps = Arrays.stream(kept).map(i -> i % ns).toArray();
    }

    private void fillTables() {
        columns = new CompressionTables.Column[n][];
        tables = new LeakdownTables.Table[n];
        IntStream.range(0, n).parallel().forEach(c -> {
            if (compression != null && compression.read(c)) {
                CompressionTables.View view = CompressionTables.View.usual(c);
                columns[c] = IntStream.range(0, pw.length)
                        .mapToObj(p -> column(view, p))
                        .toArray(CompressionTables.Column[]::new);
            }
            if (leakdown != null && leakdown.read(c)) {
                tables[c] = leakdown.table(LeakdownTables.View.usual(c), next[c], last[c]);
            }
        });
    }

    private CompressionTables.Column column(CompressionTables.View view, int p) {
        CompressionTables.Column column = new CompressionTables.Column();
        compression.fill(view, pw[p] * shared.u.length + pu[p], shared.s[ps[p]], column);
        return column;
    }

    /** Weights of every state of one cylinder at one point, not normalised; the sum comes back. */
    private double fill(
            int c,
            CompressionTables.@Nullable Column column,
            LeakdownTables.@Nullable Table table,
            int wb,
            double[] into) {
        double[] p = prior[c];
        double sum = 0;
        double soundHere = table == null ? 1 : table.sound[wb];
        into[States.SOUND] = p[States.SOUND] * soundHere * (column == null ? 1 : column.sound);
        into[States.MOTION] = p[States.MOTION] * soundHere * (column == null ? 1 : column.motion);
        sum += into[States.SOUND] + into[States.MOTION];
        double[] one = ONES;
        double[] r = column == null ? one : column.ringLike;
        double[] v = column == null ? one : column.valveLike;
        double[] lr = table == null ? one : table.kind[LeakdownTables.RING_LIKE][wb];
        double[] le = table == null ? one : table.kind[LeakdownTables.EXHAUST][wb];
        double[] li = table == null ? one : table.kind[LeakdownTables.INTAKE][wb];
        double[] lh = table == null ? one : table.kind[LeakdownTables.HELD][wb];
        double[] lw = table == null ? one : table.kind[LeakdownTables.WATER][wb];
        for (int s = 0; s < SIZES; s++) {
            double rings = r[s] * lr[s];
            into[States.RING + s] = p[States.RING + s] * rings;
            into[States.BROKEN + s] = p[States.BROKEN + s] * rings;
            into[States.EXHAUST + s] = p[States.EXHAUST + s] * v[s] * le[s];
            into[States.INTAKE + s] = p[States.INTAKE + s] * v[s] * li[s];
            into[States.HELD + s] = p[States.HELD + s] * v[s] * lh[s];
            into[States.WATER + s] = p[States.WATER + s] * v[s] * lw[s];
            sum += into[States.RING + s]
                    + into[States.BROKEN + s]
                    + into[States.EXHAUST + s]
                    + into[States.INTAKE + s]
                    + into[States.HELD + s]
                    + into[States.WATER + s];
        }
        return sum;
    }

    private static final double[] ONES = ones();

    private static double[] ones() {
        double[] one = new double[SIZES];
        Arrays.fill(one, 1);
        return one;
    }

    private CompressionTables.@Nullable Column columnOf(int c, int p) {
        return columns[c] == null ? null : columns[c][p];
    }

    /** ln of static to cranking at a member of a merged point; of the tester's bias; of the level of a tight cylinder. */
    double lnStatic(int point, int member) {
        return shared.u[pu[members[point][member] / nb]];
    }

    double lnBias(int point, int member) {
        return shared.b[members[point][member] % nb];
    }

    double lnLevel(int point, int member) {
        return shared.s[ps[members[point][member] / nb]];
    }

    private void merge() {
        int all = pw.length * nb;
        double[] ln = new double[all];
        float[][] features = new float[all][];
        double[] weights = new double[States.COUNT];
        for (int i = 0; i < all; i++) {
            int p = i / nb;
            int wb = pw[p] * nb + i % nb;
            ln[i] = shared.lnW[pw[p]] + shared.lnU[pu[p]] + shared.lnS[ps[p]] + shared.lnB[i % nb];
            features[i] = new float[FEATURES * n];
            double product = 1;
            for (int c = 0; c < n; c++) {
                double sum = fill(c, columnOf(c, p), tables[c], wb, weights);
                product *= sum;
                features(weights, sum, features[i], FEATURES * c);
            }
            ln[i] += Math.log(Math.max(1e-300, product));
        }
        List<int[]> groups = new ArrayList<>();
        for (int wi = 0; wi < Shared.W.length; wi++) {
            int w0 = wi;
            groups.addAll(groups(
                    IntStream.range(0, all).filter(i -> pw[i / nb] == w0).toArray(), ln, features));
        }
        double best = Arrays.stream(ln).max().orElse(0);
        count = groups.size();
        w = new int[count];
        lnMass = new double[count];
        low = new double[count];
        state = new double[n][States.COUNT][count];
        gasket = new double[n - 1][SIZES][count];
        members = new int[count][];
        memberMass = new double[count][];
        memberSum = new double[count][][];
        double everything = Arrays.stream(ln).map(l -> Math.exp(l - best)).sum();
        for (int g = 0; g < count; g++) {
            mean(g, groups.get(g), ln, best, everything);
        }
    }

    private static void features(double[] weights, double sum, float[] into, int at) {
        double rings = 0;
        double valves = 0;
        double water = 0;
        for (int s = 0; s < SIZES; s++) {
            rings += weights[States.RING + s] + weights[States.BROKEN + s];
            valves += weights[States.EXHAUST + s] + weights[States.INTAKE + s] + weights[States.HELD + s];
            water += weights[States.WATER + s];
        }
        into[at] = (float) Math.sqrt((weights[States.SOUND] + weights[States.MOTION]) / sum);
        into[at + 1] = (float) Math.sqrt(rings / sum);
        into[at + 2] = (float) Math.sqrt(valves / sum);
        into[at + 3] = (float) Math.sqrt(water / sum);
    }

    /** Greedy centres: the heaviest, then what is heavy and far; each point goes to the nearest. */
    private List<int[]> groups(int[] ofOneW, double[] ln, float[][] features) {
        if (ofOneW.length == 0) {
            return List.of();
        }
        double best = Arrays.stream(ofOneW).mapToDouble(i -> ln[i]).max().orElseThrow();
        int[] kept =
                Arrays.stream(ofOneW).filter(i -> ln[i] > best - MERGED_NATS).toArray();
        double[] mass = new double[kept.length];
        int heaviest = 0;
        for (int i = 0; i < kept.length; i++) {
            mass[i] = Math.exp(ln[kept[i]] - best);
            heaviest = mass[i] > mass[heaviest] ? i : heaviest;
        }
        double total = Arrays.stream(mass).sum();
        int[] nearest = new int[kept.length];
        double[] distance = new double[kept.length];
        Arrays.fill(distance, Double.MAX_VALUE);
        int centre = heaviest;
        int centres = 0;
        while (centre >= 0) {
            int farthest = -1;
            double most = WORTH_A_CENTRE * total;
            for (int i = 0; i < kept.length; i++) {
                double d = squaredDistance(features[kept[i]], features[kept[centre]]);
                if (d < distance[i]) {
                    distance[i] = d;
                    nearest[i] = centres;
                }
                if (mass[i] * distance[i] > most) {
                    most = mass[i] * distance[i];
                    farthest = i;
                }
            }
            centres++;
            centre = centres < mostPerW ? farthest : -1;
        }
        List<int[]> groups = new ArrayList<>();
        for (int g = 0; g < centres; g++) {
            int own = g;
            int[] group = IntStream.range(0, kept.length)
                    .filter(i -> nearest[i] == own)
                    .map(i -> kept[i])
                    .toArray();
            if (group.length > 0) {
                groups.add(group);
            }
        }
        return groups;
    }

    private static double squaredDistance(float[] a, float[] b) {
        double sum = 0;
        for (int i = 0; i < a.length; i++) {
            double d = a[i] - b[i];
            sum += d * d;
        }
        return sum;
    }

    private void mean(int g, int[] group, double[] ln, double best, double everything) {
        double mass = 0;
        for (int i : group) {
            mass += Math.exp(ln[i] - best);
        }
        w[g] = pw[group[0] / nb];
        lnMass[g] = Math.log(Math.max(1e-300, mass));
        double[] weights = new double[States.COUNT];
        double[][] mean = new double[n][States.COUNT];
        double[] sums = new double[n];
        List<Integer> heavy = new ArrayList<>();
        for (int i : group) {
            int p = i / nb;
            int wb = pw[p] * nb + i % nb;
            double share = Math.exp(ln[i] - best) / mass;
            if (share > HEAVY) {
                heavy.add(i);
            }
            low[g] += share * shared.low[ps[p]];
            for (int c = 0; c < n; c++) {
                sums[c] = fill(c, columnOf(c, p), tables[c], wb, weights);
                double each = share / sums[c];
                double[] to = mean[c];
                for (int s = 0; s < States.COUNT; s++) {
                    to[s] += each * weights[s];
                }
            }
            gasket(g, p, wb, share, sums);
        }
        for (int c = 0; c < n; c++) {
            for (int s = 0; s < States.COUNT; s++) {
                state[c][s][g] = mean[c][s];
            }
        }
        if (heavy.isEmpty() || mass < LIGHT * everything) {
            heavy.clear();
            heavy.add(Arrays.stream(group)
                    .boxed()
                    .max(Comparator.comparingDouble(i -> ln[i]))
                    .orElseThrow());
        }
        members[g] = heavy.stream().mapToInt(Integer::intValue).toArray();
        double kept = heavy.stream().mapToDouble(i -> Math.exp(ln[i] - best)).sum();
        memberMass[g] =
                heavy.stream().mapToDouble(i -> Math.exp(ln[i] - best) / kept).toArray();
        memberSum[g] = new double[members[g].length][n];
        for (int m = 0; m < members[g].length; m++) {
            int p = members[g][m] / nb;
            for (int c = 0; c < n; c++) {
                memberSum[g][m][c] = fill(c, columnOf(c, p), tables[c], pw[p] * nb + members[g][m] % nb, weights);
            }
        }
    }

    /** The product of both cylinders is averaged, not each apart: averaged apart it is off by up to .026. */
    private void gasket(int g, int p, int wb, double share, double[] sums) {
        int[] order = of.body().order();
        for (int place = 0; place + 1 < n; place++) {
            if (!of.body().joined()[place]) {
                continue;
            }
            int a = order[place];
            int b = order[place + 1];
            for (int s = 0; s < SIZES; s++) {
                double both = pGasket * States.GASKET_SIZE[s];
                both *= columns[a] == null ? 1 : columns[a][p].valveLike[s];
                both *= columns[b] == null ? 1 : columns[b][p].valveLike[s];
                both *= tables[a] == null ? 1 : tables[a].kind[LeakdownTables.TO_NEXT][wb][s];
                both *= tables[b] == null ? 1 : tables[b].kind[LeakdownTables.TO_LAST][wb][s];
                gasket[place][s][g] += share * both / (sums[a] * sums[b]);
            }
        }
    }

    /**
     * How a cylinder looks by part of what was read there: its weights of every state at every point, in units of what all
     * of it is worth. Readings left as they are come from the tables.
     */
    double[][] seen(int c, CompressionTables.@Nullable View cranking, LeakdownTables.@Nullable View air) {
        CompressionTables.Column[][] cranked = cranked(c, cranking);
        double[][] result = new double[States.COUNT][count];
        LeakdownTables.Table table = air == null
                ? null
                : air.equals(LeakdownTables.View.usual(c)) ? tables[c] : leakdown.table(air, next[c], last[c]);
        double[] weights = new double[States.COUNT];
        for (int g = 0; g < count; g++) {
            for (int m = 0; m < members[g].length; m++) {
                int i = members[g][m];
                int p = i / nb;
                int wb = pw[p] * nb + i % nb;
                fill(c, cranked == null ? null : cranked[g][m], table, wb, weights);
                double share = memberMass[g][m] / memberSum[g][m][c];
                for (int s = 0; s < States.COUNT; s++) {
                    result[s][g] += share * weights[s];
                }
            }
        }
        return result;
    }

    /**
     * Weight of a gasket fault behind a place by point, in the same units, with one of its two cylinders seen otherwise.
     *
     * @param c the cylinder that is seen otherwise, one of the two
     */
    double[] gasketSeen(
            int place, int c, CompressionTables.@Nullable View cranking, LeakdownTables.@Nullable View air) {
        int[] order = of.body().order();
        int a = order[place];
        int b = order[place + 1];
        int other = a == c ? b : a;
        int mine = a == c ? LeakdownTables.TO_NEXT : LeakdownTables.TO_LAST;
        int theirs = a == c ? LeakdownTables.TO_LAST : LeakdownTables.TO_NEXT;
        CompressionTables.Column[][] cranked = cranked(c, cranking);
        LeakdownTables.Table table = air == null
                ? null
                : air.equals(LeakdownTables.View.usual(c)) ? tables[c] : leakdown.table(air, next[c], last[c]);
        double[] result = new double[count];
        for (int g = 0; g < count; g++) {
            for (int m = 0; m < members[g].length; m++) {
                int i = members[g][m];
                int p = i / nb;
                int wb = pw[p] * nb + i % nb;
                CompressionTables.Column own = cranked == null ? null : cranked[g][m];
                double sum = 0;
                for (int s = 0; s < SIZES; s++) {
                    double both = pGasket * States.GASKET_SIZE[s];
                    both *= own == null ? 1 : own.valveLike[s];
                    both *= columns[other] == null ? 1 : columns[other][p].valveLike[s];
                    both *= table == null ? 1 : table.kind[mine][wb][s];
                    both *= tables[other] == null ? 1 : tables[other].kind[theirs][wb][s];
                    sum += both;
                }
                result[g] += memberMass[g][m] * sum / (memberSum[g][m][c] * memberSum[g][m][other]);
            }
        }
        return result;
    }

    private final Map<CompressionTables.View, CompressionTables.Column[][]> crankedOtherwise =
            new ConcurrentHashMap<>();

    /** What cranking says at every member when it is looked at so: [point][member]; null without. */
    private CompressionTables.Column @Nullable [][] cranked(int c, CompressionTables.@Nullable View cranking) {
        return cranking == null ? null : crankedOtherwise.computeIfAbsent(cranking, view -> crankedSo(c, view));
    }

    private CompressionTables.Column[][] crankedSo(int c, CompressionTables.View view) {
        boolean usual = view.equals(CompressionTables.View.usual(c));
        CompressionTables.Column[][] all = new CompressionTables.Column[count][];
        for (int g = 0; g < count; g++) {
            all[g] = new CompressionTables.Column[members[g].length];
            for (int m = 0; m < members[g].length; m++) {
                int p = members[g][m] / nb;
                all[g][m] = usual ? columns[c][p] : column(view, p);
            }
        }
        return all;
    }
}
