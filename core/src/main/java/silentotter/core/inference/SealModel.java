package silentotter.core.inference;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import silentotter.core.fault.Cause;
import silentotter.core.inference.SealCase.Look;

/**
 * The model run on one case: the probability of every cause at every place. Given a point of what all cylinders share and a
 * class, cylinders are independent but for a gasket between neighbours and the sums over all of them (ring area for
 * blow-by, oil for its use, one water fault).
 *
 * <p>Approximations: the grid of the sums, merging points (both measured by tests, see docs/judgement.md); a gasket pair
 * excludes further faults of the two, oil rings and stem seals of one cylinder do not stand beside its rings or water.
 */
public final class SealModel {
    /** Grows with every change of what the same case is answered. */
    public static final String VERSION = "3";

    static final int KINDS_OF_OIL = 3;
    /** A gasket that gives between two cylinders is next to the water as often as this. */
    private static final double GASKET_TO_WATER = .25;

    final SealCase of;
    final Set<String> without;
    final Shared shared;
    final Priors priors;
    final Points points;
    final EngineLevel engine;
    final int n;
    final int g;
    /** Classes that are summed: whether oil reaches all, whether the set is dirty, and the prior of that. */
    final List<SetClass> classes;

    final double[] mass;
    /** Share of the low level at each point. */
    final double[] low;
    /** Normalised weight of the states: [cylinder][bin][point]. */
    final double[][][] bins;

    final List<Chain> chains = new ArrayList<>();
    private final List<double[][][]> phis = new ArrayList<>();
    /** A model whose cylinders are the same. */
    private final @Nullable SealModel like;

    /** Whether this is only one of many variants. */
    private final boolean derived;

    /** Chains without oil from anywhere, for the classes that allow it; null otherwise. */
    final List<Chain> dryChains = new ArrayList<>();

    private final List<double[][]> dryEnds = new ArrayList<>();
    /** What all others say of each type: [class][cylinder][type][point]. */
    final double[][][][] others;

    private final Map<Member, double[]> byPoint = new LinkedHashMap<>();
    private double[] totalByPoint = new double[0];
    private double z;
    /** By class and point. */
    private double[][] noneByPoint = new double[0][];

    private double[] noOilByPoint = new double[0];
    private double[] waterByPoint = new double[0];

    /** @param oilToAll null where no plug was read and it makes no difference */
    record SetClass(Boolean oilToAll, boolean dirty, double prior) {}

    private SealModel(SealCase of, int mostPerW) {
        this.of = of;
        this.like = null;
        this.derived = false;
        this.without = Set.of();
        n = of.body().cylinders();
        priors = new Priors(of, without);
        double pLow = low();
        shared = new Shared(of, priors.of(Cause.EVEN_WEAR), pLow);
        double[][] statePriors = new double[n][];
        for (int c = 0; c < n; c++) {
            statePriors[c] = States.prior(priors.cylinder[c]);
        }
        points = new Points(of, statePriors, priors.of(Cause.GASKET), shared, mostPerW);
        g = points.count;
        low = points.low;
        engine = new EngineLevel(of);
        classes = classes();
        double most = Arrays.stream(points.lnMass).max().orElse(0);
        mass = Arrays.stream(points.lnMass).map(l -> Math.exp(l - most)).toArray();
        others = new double[classes.size()][n][][];
        bins = Arrays.stream(points.state).map(c -> Bins.of(c, g)).toArray(double[][][]::new);
        run(engine.likelihood(without, priors.engine, ringAreas()));
    }

    /** The same without findings that do not come from the gauges: what the gauges say of each cylinder stands. */
    private SealModel(SealModel all, Set<String> without) {
        this.of = all.of;
        this.without = without;
        this.derived = true;
        n = all.n;
        priors = new Priors(of, without);
        like = sameCylinders(all) ? all : null;
        double pLow = low();
        shared = new Shared(of, priors.of(Cause.EVEN_WEAR), pLow);
        points = all.points;
        g = all.g;
        engine = all.engine;
        classes = all.classes;
        double evenRatio = odds(priors.of(Cause.EVEN_WEAR)) / odds(all.priors.of(Cause.EVEN_WEAR));
        double lowRatio = odds(pLow) / odds(all.low());
        mass = new double[g];
        low = new double[g];
        for (int i = 0; i < g; i++) {
            double even = all.shared.even[points.w[i]];
            mass[i] = all.mass[i] * (1 - even + even * evenRatio) * (1 - all.low[i] + all.low[i] * lowRatio);
            low[i] = all.low[i] * lowRatio / (1 - all.low[i] + all.low[i] * lowRatio);
        }
        bins = new double[n][Bins.COUNT][];
        for (int c = 0; c < n; c++) {
            double[] now = States.prior(priors.cylinder[c]);
            double[] before = States.prior(all.priors.cylinder[c]);
            for (int b = 0; b < Bins.COUNT; b++) {
                int s = Bins.STATE[b];
                double ratio = before[s] == 0 ? 1 : now[s] / before[s];
                bins[c][b] = ratio == 1 ? all.bins[c][b] : times(all.bins[c][b], ratio);
            }
        }
        others = new double[classes.size()][n][][];
        run(engine.likelihood(without, priors.engine, ringAreas()));
    }

    private boolean[] ringAreas() {
        boolean[] there = new boolean[Shared.W.length];
        Arrays.stream(points.w).forEach(w -> there[w] = true);
        return there;
    }

    /** Only points that carry something: everything that follows is as exact and faster. */
    private SealModel(SealModel all, int[] kept) {
        of = all.of;
        like = null;
        derived = false;
        without = all.without;
        n = all.n;
        priors = all.priors;
        shared = all.shared;
        points = all.points.only(kept);
        g = kept.length;
        engine = all.engine;
        classes = all.classes;
        mass = Rows.pick(all.mass, kept);
        low = points.low;
        bins = Rows.pick(all.bins, kept);
        others = Arrays.stream(all.others).map(k -> Rows.pick(k, kept)).toArray(double[][][][]::new);
        all.phis.forEach(phi -> phis.add(Rows.pick(phi, kept)));
        all.chains.forEach(chain -> chains.add(chain.only(kept)));
        all.dryChains.forEach(chain -> dryChains.add(chain == null ? null : chain.only(kept)));
        all.dryEnds.forEach(end -> dryEnds.add(end == null ? null : Rows.pick(end, kept)));
        all.byPoint.forEach((member, row) -> byPoint.put(member, Rows.pick(row, kept)));
        totalByPoint = Rows.pick(all.totalByPoint, kept);
        noneByPoint = Rows.pick(all.noneByPoint, kept);
        noOilByPoint = Rows.pick(all.noOilByPoint, kept);
        waterByPoint = Rows.pick(all.waterByPoint, kept);
        z = Arrays.stream(totalByPoint).sum();
    }

    /** The same model on the points that carry more than a share of the answer. */
    SealModel carrying(double share) {
        int[] kept =
                IntStream.range(0, g).filter(i -> totalByPoint[i] > share * z).toArray();
        return kept.length == g ? this : new SealModel(this, kept);
    }

    private Chain likelyChain(int k) {
        return likely.computeIfAbsent(k, x -> {
                    double[] share = new double[g];
                    for (int i = 0; i < g; i++) {
                        share[i] = mass[i] * classes.get(k).prior() / z;
                    }
                    return chains.get(k).again(share);
                })
                .again();
    }

    private Chain dryChain(int k) {
        return dryChains.get(k) == null ? null : dryChains.get(k).again();
    }

    /** Whether nothing of the cylinders differs, so that the way forward is the same. */
    private boolean sameCylinders(SealModel other) {
        return Arrays.deepEquals(priors.cylinder, other.priors.cylinder)
                && without.stream().noneMatch(f -> f.startsWith("plug"));
    }

    private static double odds(double p) {
        return p <= 0 ? 1e-12 : p / (1 - p);
    }

    private static double[] times(double[] row, double by) {
        return Arrays.stream(row).map(v -> v * by).toArray();
    }

    /** Runs the model. */
    public static SealModel of(SealCase of) {
        return of(of, Points.MOST_PER_W);
    }

    /** @param mostPerW merged points for each ring area: more is slower and hardly better */
    static SealModel of(SealCase of, int mostPerW) {
        return new SealModel(of, mostPerW);
    }

    /** The same without some findings of the engine, of plugs, or judged ones. */
    SealModel without(Set<String> findings) {
        return new SealModel(this, findings);
    }

    private double low() {
        return Math.min(.9, priors.of(Cause.CAM_TIMING) + priors.of(Cause.ALL_ALIKE));
    }

    private List<SetClass> classes() {
        if (of.plugs() == null) {
            return List.of(new SetClass(null, false, 1));
        }
        List<SetClass> result = new ArrayList<>();
        for (boolean oil : new boolean[] {false, true}) {
            result.add(new SetClass(oil, false, PlugTable.TIDY));
            result.add(new SetClass(oil, true, 1 - PlugTable.TIDY));
        }
        return result;
    }

    Look look(int cylinder) {
        return of.plugs() == null || without.contains("plug" + cylinder)
                ? null
                : of.plugs().looks()[cylinder];
    }

    /** Factor that a plug gives to a state, with or without local oil. @param oil 0 none, 1 oil ring, 2 stem seal */
    double plugFactor(SetClass k, Look look, int state, int oil) {
        if (look == null) {
            return 1;
        }
        return oil > 0
                ? PlugTable.ofLocalOil(look)
                : PlugTable.ofState(look, state, Boolean.TRUE.equals(k.oilToAll()), k.dirty());
    }

    /** Prior share of a kind of local oil in a cylinder whose state allows it. */
    double oilShare(int cylinder, int oil) {
        return oilShare(priors, cylinder, oil);
    }

    static double oilShare(Priors priors, int cylinder, int oil) {
        double ring = priors.of(Cause.OIL_RING_HERE, cylinder);
        double stem = priors.of(Cause.STEM_SEAL_HERE, cylinder);
        return oil == 0 ? Math.max(.01, 1 - ring - stem) : oil == 1 ? ring : stem;
    }

    static boolean mayHaveLocalOil(int state) {
        return state == States.SOUND || state == States.MOTION || state >= States.EXHAUST && state < States.WATER;
    }

    static int type(int state, int oil) {
        if (States.isIn(state, States.RING)) {
            return Cells.RING + Cells.group(state - States.RING);
        }
        if (States.isIn(state, States.BROKEN)) {
            return Cells.BROKEN + Cells.group(state - States.BROKEN);
        }
        if (States.isIn(state, States.WATER)) {
            return Cells.WATER;
        }
        return oil == 1 ? Cells.OIL_RING : oil == 2 ? Cells.STEM_SEAL : Cells.PLAIN;
    }

    /** Weights of the types of one cylinder: [type][point]. */
    double[][] collapse(int cylinder, double[][] bins, SetClass k, Look look) {
        double[][] phi = new double[Cells.TYPES][g];
        for (int b = 0; b < Bins.COUNT; b++) {
            int s = Bins.STATE[b];
            double[] bin = bins[b];
            for (int oil = 0; oil < (mayHaveLocalOil(s) ? KINDS_OF_OIL : 1); oil++) {
                double factor = plugFactor(k, look, s, oil) * (mayHaveLocalOil(s) ? oilShare(cylinder, oil) : 1);
                double[] row = phi[type(s, oil)];
                for (int i = 0; i < g; i++) {
                    row[i] += factor * bin[i];
                }
            }
        }
        return phi;
    }

    private void run(double[] likelihood) {
        int[] order = of.body().order();
        totalByPoint = new double[g];
        noneByPoint = new double[classes.size()][g];
        noOilByPoint = new double[g];
        waterByPoint = new double[g];
        for (int k = 0; k < classes.size(); k++) {
            SetClass kind = classes.get(k);
            double[][][] phi = like == null ? new double[n][][] : like.phis.get(k);
            for (int place = 0; place < n && like == null; place++) {
                phi[place] = collapse(order[place], bins[order[place]], kind, look(order[place]));
            }
            phis.add(phi);
            double[][] gasket = gasket(kind, false);
            double[][] wetGasket = gasket(kind, true);
            Chain chain = like == null ? new Chain(phi, gasket, wetGasket, g) : like.likelyChain(k);
            double[][] engineEnd = engineEnd(likelihood, kind, false);
            double[][][] rest = chain.backward(engineEnd, derived);
            chains.add(chain);
            double[] total = chain.total();
            double[] sound = soundOnly(kind);
            Chain dry = like == null ? withoutOil(phi, gasket, wetGasket, kind) : like.dryChain(k);
            dryChains.add(dry);
            double[][] dryEnd = dry == null ? null : engineEnd(likelihood, kind, true);
            dryEnds.add(dryEnd);
            double[] noOil = dry == null ? new double[g] : dry.total(dryEnd);
            for (int i = 0; i < g; i++) {
                double weight = mass[i] * kind.prior();
                totalByPoint[i] += weight * total[i];
                noneByPoint[k][i] = weight
                        * sound[i]
                        * (Boolean.TRUE.equals(kind.oilToAll()) ? 0 : at(likelihood, 0, points.w[i], 0))
                        * (1 - shared.even[points.w[i]])
                        * (1 - low[i]);
                noOilByPoint[i] += weight * noOil[i];
            }
            for (int place = 0; place < n; place++) {
                others[k][order[place]] = rest[place];
            }
            members(k, gasket, wetGasket);
            engineMembers(k, chain, likelihood);
            water(k, chain.end(), engineEnd);
        }
        z = Arrays.stream(totalByPoint).sum();
    }

    private double[] soundOnly(SetClass kind) {
        double[] product = new double[g];
        Arrays.fill(product, 1);
        for (int c = 0; c < n; c++) {
            double factor = plugFactor(kind, look(c), States.SOUND, 0) * oilShare(c, 0);
            for (int i = 0; i < g; i++) {
                product[i] *= factor * bins[c][Bins.SOUND][i];
            }
        }
        return product;
    }

    private Chain withoutOil(double[][][] phi, double[][] gasket, double[][] wetGasket, SetClass kind) {
        if (Boolean.TRUE.equals(kind.oilToAll())) {
            return null;
        }
        double[][][] dry = new double[n][][];
        for (int place = 0; place < n; place++) {
            dry[place] = phi[place].clone();
            dry[place][Cells.OIL_RING] = new double[g];
            dry[place][Cells.STEM_SEAL] = new double[g];
        }
        return new Chain(dry, gasket, wetGasket, g);
    }

    /** @param wet whether it also opens to the water */
    double[][] gasket(SetClass kind, boolean wet) {
        double[][] result = new double[Math.max(0, n - 1)][g];
        int[] order = of.body().order();
        boolean water = of.prior(Cause.WATER) > 0;
        for (int place = 0; place + 1 < n; place++) {
            if (!of.body().joined()[place] || wet && !water) {
                continue;
            }
            double share = !water ? 1 : wet ? GASKET_TO_WATER : 1 - GASKET_TO_WATER;
            double factor = share * gasketFactor(kind, order[place], wet) * gasketFactor(kind, order[place + 1], wet);
            for (double[] size : points.gasket[place]) {
                for (int i = 0; i < g; i++) {
                    result[place][i] += factor * size[i];
                }
            }
        }
        return result;
    }

    /** Worth of a gasket fault by point. @param wet of it, where it also opens to the water */
    record Gasket(double[] worth, double[] wet) {}

    /** What a gasket fault behind a place is worth by point. @param weight of its sizes together; @param look of one of the two */
    Gasket gasketWorth(int place, double[] weight, int cylinder, @Nullable Look look) {
        int[] order = of.body().order();
        int other = order[place] == cylinder ? order[place + 1] : order[place];
        double[] worth = new double[g];
        double[] wetWorth = new double[g];
        boolean water = of.prior(Cause.WATER) > 0;
        for (int k = 0; k < classes.size(); k++) {
            SetClass kind = classes.get(k);
            double dry = (water ? 1 - GASKET_TO_WATER : 1)
                    * gasketFactor(kind, cylinder, look, false)
                    * gasketFactor(kind, other, false);
            double wet = water
                    ? GASKET_TO_WATER * gasketFactor(kind, cylinder, look, true) * gasketFactor(kind, other, true)
                    : 0;
            double[] rest = chains.get(k).othersOfGasket(place);
            double[] wetRest = chains.get(k).othersOfWetGasket(place);
            for (int i = 0; i < g; i++) {
                double unit = mass[i] * kind.prior() * weight[i];
                worth[i] += unit * (dry * rest[i] + wet * wetRest[i]);
                wetWorth[i] += unit * wet * wetRest[i];
            }
        }
        return new Gasket(worth, wetWorth);
    }

    /** Places whose gasket this cylinder shares. */
    int[] gasketsOf(int cylinder) {
        int place = placeOf(cylinder);
        return IntStream.of(place - 1, place)
                .filter(p -> p >= 0 && p + 1 < n && of.body().joined()[p])
                .toArray();
    }

    /** What plug and judged signs of one cylinder say of a gasket fault there. */
    private double gasketFactor(SetClass kind, int cylinder, boolean wet) {
        return gasketFactor(kind, cylinder, look(cylinder), wet);
    }

    private double gasketFactor(SetClass kind, int cylinder, @Nullable Look look, boolean wet) {
        double plug = look == null
                ? 1
                : wet
                        ? PlugTable.ofState(look, States.WATER, false, false)
                        : PlugTable.ofGasket(look, Boolean.TRUE.equals(kind.oilToAll()), kind.dirty());
        double told = odds(priors.of(Cause.WATER, cylinder)) / odds(of.prior(Cause.WATER) / n);
        return wet ? plug * told : plug;
    }

    double at(double[] likelihood, int combination, int w, int cell) {
        return likelihood[(combination * Shared.W.length + w) * Cells.COUNT + cell];
    }

    boolean isOf(SetClass kind, int combination) {
        return kind.oilToAll() == null || kind.oilToAll() == engine.oilToAll(combination);
    }

    private double[][] engineEnd(double[] likelihood, SetClass kind, boolean noOil) {
        double[][] byW = new double[Shared.W.length][Cells.COUNT];
        for (int i = 0; i < engine.count(); i++) {
            if (!isOf(kind, i) || noOil && engine.oilToAll(i)) {
                continue;
            }
            for (int w = 0; w < Shared.W.length; w++) {
                for (int cell = 0; cell < Cells.COUNT; cell++) {
                    byW[w][cell] += at(likelihood, i, w, cell);
                }
            }
        }
        double[][] end = new double[Cells.COUNT][g];
        for (int cell = 0; cell < Cells.COUNT; cell++) {
            for (int i = 0; i < g; i++) {
                end[cell][i] = byW[points.w[i]][cell];
            }
        }
        return end;
    }

    private double[] row(Member member) {
        return byPoint.computeIfAbsent(member, m -> new double[g]);
    }

    private static final Cause[] STATE_CAUSES = {
        Cause.RING, Cause.BROKEN, Cause.EXHAUST_VALVE, Cause.INTAKE_VALVE, Cause.VALVE_HELD, Cause.WATER
    };

    static Cause causeOf(int state) {
        if (state == States.MOTION) {
            return Cause.VALVE_NOT_OPENING;
        }
        return STATE_CAUSES[(state - States.RING) / States.SIZES];
    }

    private void members(int k, double[][] gasket, double[][] wetGasket) {
        SetClass kind = classes.get(k);
        int[] order = of.body().order();
        for (int c = 0; c < n; c++) {
            addStates(k, c, bins[c], look(c), this::row);
        }
        for (int place = 0; place + 1 < n; place++) {
            if (of.body().joined()[place]) {
                double[] rest = chains.get(k).othersOfGasket(place);
                double[] wetRest = chains.get(k).othersOfWetGasket(place);
                double[] row = row(new Member(Cause.GASKET, order[place], order[place + 1]));
                for (int i = 0; i < g; i++) {
                    row[i] += mass[i] * kind.prior() * (gasket[place][i] * rest[i] + wetGasket[place][i] * wetRest[i]);
                }
            }
        }
    }

    /** Adds what one cylinder's states are worth, each to the causes it is made of. */
    void addStates(int k, int c, double[][] bins, Look look, java.util.function.Function<Member, double[]> rows) {
        SetClass kind = classes.get(k);
        for (int b = 0; b < Bins.COUNT; b++) {
            int s = Bins.STATE[b];
            double[] bin = bins[b];
            double[] of = s == States.SOUND ? null : rows.apply(Member.at(causeOf(s), c));
            for (int oil = 0; oil < (mayHaveLocalOil(s) ? KINDS_OF_OIL : 1); oil++) {
                double factor =
                        kind.prior() * plugFactor(kind, look, s, oil) * (mayHaveLocalOil(s) ? oilShare(c, oil) : 1);
                double[] rest = others[k][c][type(s, oil)];
                double[] local = oil == 0
                        ? null
                        : rows.apply(Member.at(oil == 1 ? Cause.OIL_RING_HERE : Cause.STEM_SEAL_HERE, c));
                for (int i = 0; i < g; i++) {
                    double p = mass[i] * factor * bin[i] * rest[i];
                    if (of != null) {
                        of[i] += p;
                    }
                    if (local != null) {
                        local[i] += p;
                    }
                }
            }
        }
    }

    /** That any cylinder lets water in, by itself or through a gasket between two. */
    private void water(int k, double[][] end, double[][] engineEnd) {
        for (int cell = 1; cell < Cells.COUNT; cell += 2) {
            for (int i = 0; i < g; i++) {
                waterByPoint[i] += mass[i] * classes.get(k).prior() * end[cell][i] * engineEnd[cell][i];
            }
        }
    }

    private void engineMembers(int k, Chain chain, double[] likelihood) {
        SetClass kind = classes.get(k);
        double[][] end = chain.end();
        int[] cells = IntStream.range(0, Cells.COUNT).filter(chain::mayEndAt).toArray();
        for (int combination = 0; combination < engine.count(); combination++) {
            if (!isOf(kind, combination)) {
                continue;
            }
            double[] p = new double[g];
            for (int cell : cells) {
                for (int i = 0; i < g; i++) {
                    p[i] += end[cell][i] * at(likelihood, combination, points.w[i], cell);
                }
            }
            for (Cause cause : EngineLevel.CAUSES) {
                if (engine.has(combination, cause)) {
                    double[] row = row(Member.ofEngine(cause));
                    for (int i = 0; i < g; i++) {
                        row[i] += p[i] * mass[i] * kind.prior();
                    }
                }
            }
        }
    }

    /** Everything the model tells apart, in no particular order. */
    List<Member> members() {
        List<Member> all = new ArrayList<>(byPoint.keySet());
        all.add(Member.ofEngine(Cause.EVEN_WEAR));
        all.add(Member.ofEngine(Cause.CAM_TIMING));
        all.add(Member.ofEngine(Cause.ALL_ALIKE));
        return all;
    }

    /** Probability by point, adding up to that of the member. */
    double[] byPoint(Member member) {
        double[] p = new double[g];
        double[] own = byPoint.get(member);
        double pLow = priors.of(Cause.CAM_TIMING) + priors.of(Cause.ALL_ALIKE);
        for (int i = 0; i < g; i++) {
            p[i] = own != null
                    ? own[i] / z
                    : totalByPoint[i]
                            / z
                            * switch (member.cause()) {
                                case EVEN_WEAR -> shared.even[points.w[i]];
                                case CAM_TIMING, ALL_ALIKE -> pLow == 0 ? 0 : low[i] * priors.of(member.cause()) / pLow;
                                default -> 0;
                            };
        }
        return p;
    }

    double probability(Member member) {
        return Math.min(1, Arrays.stream(byPoint(member)).sum());
    }

    /** That nothing of all this is there. */
    double nothingWrong() {
        return Arrays.stream(noneByPoint).flatMapToDouble(Arrays::stream).sum() / z;
    }

    /** That a cylinder lets water in from the coolant. */
    double waterEntry() {
        return Math.min(1, Arrays.stream(waterByPoint).sum() / z);
    }

    double[] waterByPoint() {
        return waterByPoint;
    }

    /** That oil reaches a chamber some way. */
    double oilEntry() {
        return Math.max(0, 1 - Arrays.stream(noOilByPoint).sum() / z);
    }

    private final Map<Integer, Chain> likely = new ConcurrentHashMap<>();

    /** By class and place; worked out when it is first asked for. */
    private final Map<Integer, double[][][]> dryOthers = new ConcurrentHashMap<>();

    /** What all others say of a cylinder where no oil gets in anywhere; null in a class where it does. */
    double[][] dryOthers(int k, int cylinder) {
        Chain dry = dryChains.get(k);
        return dry == null
                ? null
                : dryOthers.computeIfAbsent(k, x -> dry.backward(dryEnds.get(k), false))[placeOf(cylinder)];
    }

    private int placeOf(int cylinder) {
        int place = 0;
        while (of.body().order()[place] != cylinder) {
            place++;
        }
        return place;
    }

    /** By point, not normalised: everything; nothing wrong, by class; no oil from anywhere. */
    double[] totalByPoint() {
        return totalByPoint;
    }

    double[][] noneByPoint() {
        return noneByPoint;
    }

    double[] noOilByPoint() {
        return noOilByPoint;
    }

    /** The answer. */
    public Probabilities probabilities() {
        Map<Member, Double> all = new LinkedHashMap<>();
        members().forEach(m -> all.put(m, probability(m)));
        return new Probabilities(all, nothingWrong(), oilEntry(), waterEntry());
    }

    /** Shared ring area of sound cylinders: probability of each grid value. */
    public double[] ringArea() {
        double[] p = new double[Shared.W.length];
        for (int i = 0; i < g; i++) {
            p[points.w[i]] += totalByPoint[i] / z;
        }
        return p;
    }
}
