package silentotter.core.inference;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import silentotter.core.fault.Cause;

/**
 * What blow-by, oil use and the signs of the whole engine say, for every combination of at most three engine-level causes,
 * shared ring area and running sums. Each finding keeps its own table of logarithms, so that the answer without it is a sum
 * again.
 */
final class EngineLevel {
    static final Cause[] CAUSES = {
        Cause.OIL_RINGS, Cause.STEM_SEALS, Cause.VENTILATION, Cause.OUTSIDE, Cause.EXHAUST_WATER, Cause.CRANKCASE_AIR
    };
    private static final int MOST_TOGETHER = 3;

    /** Flow through a ring leak at speed, of what is there at rest, and how much of it the twin overstates. */
    private static final double RUNNING = .85 * .3;

    static final double BLOWBY_SIGMA = .5;
    private static final double OUTLIER = .03;
    private static final double BLOWBY_DENSITY = .15;
    private static final double PRESSED = 90;
    private static final double HEAVY_PA = 400;

    static final double OIL_LN_SIGMA = .55;
    private static final double OIL_OUTLIER = .05;
    private static final double SMOKE_RHO = .2;
    private static final double WATER_RHO = .3;

    /** A finding: its name, its group of one cause, and what it says by [combination][w][cell], flat. */
    private record Finding(String id, @Nullable String group, double[] ln, Exact exact) {}

    /** A likelihood off the grid. */
    private interface Exact {
        double at(int combination, double w, double b, double o, boolean water);
    }

    private final SealCase of;
    private final List<boolean[]> combinations = new ArrayList<>();
    private final double[] lnPrior;
    private final List<Finding> findings = new ArrayList<>();
    private final int nw = Shared.W.length;

    EngineLevel(SealCase of) {
        this.of = of;
        combine(new boolean[CAUSES.length], 0, 0);
        lnPrior = new double[combinations.size()];
        for (int i = 0; i < lnPrior.length; i++) {
            lnPrior[i] = lnPrior(combinations.get(i), of.priors());
        }
        blowby();
        oil();
        smoke();
        breather();
        water();
        SealCase.Signs s = of.signs();
        two("outside", s.outsideWet(), Cause.OUTSIDE, .65, .13);
        two("sags", s.sags(), Cause.CRANKCASE_AIR, .55, .09);
    }

    private void combine(boolean[] there, int from, int taken) {
        combinations.add(there.clone());
        if (taken == MOST_TOGETHER) {
            return;
        }
        for (int i = from; i < CAUSES.length; i++) {
            if (of.prior(CAUSES[i]) > 0) {
                there[i] = true;
                combine(there, i + 1, taken + 1);
                there[i] = false;
            }
        }
    }

    private static double lnPrior(boolean[] there, double[] priors) {
        double ln = 0;
        for (int i = 0; i < CAUSES.length; i++) {
            double p = priors[CAUSES[i].ordinal()];
            ln += Math.log(there[i] ? p : 1 - p);
        }
        return ln;
    }

    int count() {
        return combinations.size();
    }

    boolean has(int combination, Cause cause) {
        for (int i = 0; i < CAUSES.length; i++) {
            if (CAUSES[i] == cause) {
                return combinations.get(combination)[i];
            }
        }
        return false;
    }

    /** Whether oil reaches all cylinders from a cause of the whole engine. */
    boolean oilToAll(int combination) {
        return has(combination, Cause.OIL_RINGS)
                || has(combination, Cause.STEM_SEALS)
                || has(combination, Cause.VENTILATION);
    }

    List<String> findings() {
        return findings.stream().map(Finding::id).toList();
    }

    /** A likelihood that depends on what is given and on nothing else. */
    private interface OfRings {
        double at(int combination, double w, double b);
    }

    private interface OfOil {
        double at(int combination, double w, double o);
    }

    private interface OfWater {
        double at(int combination, boolean water);
    }

    private void byRings(String id, OfRings likelihood) {
        double[] ln = new double[count() * nw * Cells.COUNT];
        for (int i = 0; i < count(); i++) {
            for (int w = 0; w < nw; w++) {
                for (int b = 0; b < Cells.B.length; b++) {
                    double of = Math.log(likelihood.at(i, Shared.W[w], Cells.B[b]));
                    int at = (i * nw + w) * Cells.COUNT + Cells.index(b, 0, 0);
                    Arrays.fill(ln, at, at + 2 * Cells.O.length, of);
                }
            }
        }
        findings.add(new Finding(id, null, ln, (i, w, b, o, water) -> likelihood.at(i, w, b)));
    }

    private void byOil(String id, @Nullable String group, OfOil likelihood) {
        double[] ln = new double[count() * nw * Cells.COUNT];
        for (int i = 0; i < count(); i++) {
            for (int w = 0; w < nw; w++) {
                for (int o = 0; o < Cells.O.length; o++) {
                    double of = Math.log(likelihood.at(i, Shared.W[w], Cells.O[o]));
                    for (int b = 0; b < Cells.B.length; b++) {
                        int at = (i * nw + w) * Cells.COUNT + Cells.index(b, o, 0);
                        ln[at] = of;
                        ln[at + 1] = of;
                    }
                }
            }
        }
        findings.add(new Finding(id, group, ln, (i, w, b, o, water) -> likelihood.at(i, w, o)));
    }

    private void byWater(String id, @Nullable String group, OfWater likelihood) {
        double[] ln = new double[count() * nw * Cells.COUNT];
        for (int i = 0; i < count(); i++) {
            double dry = Math.log(likelihood.at(i, false));
            double wet = Math.log(likelihood.at(i, true));
            for (int at = i * nw * Cells.COUNT; at < (i + 1) * nw * Cells.COUNT; at += 2) {
                ln[at] = dry;
                ln[at + 1] = wet;
            }
        }
        findings.add(new Finding(id, group, ln, (i, w, b, o, water) -> likelihood.at(i, water)));
    }

    private void two(String id, @Nullable Boolean seen, Cause cause, double with, double without) {
        if (seen != null) {
            byWater(id, null, (i, water) -> {
                double p = has(i, cause) ? with : without;
                return seen ? p : 1 - p;
            });
        }
    }

    private void blowby() {
        SealCase.Blowby test = of.blowby();
        if (test == null) {
            return;
        }
        int n = of.body().cylinders();
        if (!Double.isNaN(test.litresPerMinute())) {
            double y = Math.log(test.litresPerMinute() + test.smallestLitres());
            byRings("blowby", (i, w, b) -> {
                double q = flow(of.body(), test.litresPerArea(), w, b);
                return (1 - OUTLIER) * Densities.t4(y - Math.log(q + test.smallestLitres()), BLOWBY_SIGMA)
                        + OUTLIER * BLOWBY_DENSITY;
            });
        }
        if (!Double.isNaN(test.asFoundPa())) {
            boolean pressed = test.asFoundPa() > PRESSED;
            double otherwise = test.pressurePa() > HEAVY_PA ? .35 : .06;
            byWater("asFound", null, (i, water) -> {
                double p = has(i, Cause.VENTILATION) ? .85 : otherwise;
                return pressed ? p : 1 - p;
            });
        }
    }

    private void oil() {
        SealCase.OilUse use = of.oilUse();
        if (use == null) {
            return;
        }
        double z = of.body().z();
        double se = Math.max(.005, use.standardError());
        byOil("oil", null, (i, w, o) -> {
            double mean = oilUse(of.body(), w, o, c -> has(i, c));
            return (1 - OIL_OUTLIER) * uses(use.rate(), mean, se) + OIL_OUTLIER / (3 * z);
        });
    }

    /** Density of a measured rate where engines of one kind use this much on the whole. */
    private static double uses(double rate, double mean, double standardError) {
        double p = 0;
        for (int x = 0; x < SPREAD.length; x++) {
            double of = mean * Math.exp(OIL_LN_SIGMA * SPREAD[x]);
            // What lies between two nodes is blurred over, where the rate is known better than that.
            p += SPREAD_WEIGHT[x] * Densities.t4(rate - of, Math.hypot(standardError, BETWEEN_NODES * of));
        }
        return p;
    }

    private static final double BETWEEN_NODES = .07;

    /** A fine rule for the spread of oil use: the error of the rate is often smaller than the spread. */
    private static final double[] SPREAD = new double[21];

    private static final double[] SPREAD_WEIGHT = new double[21];

    static {
        for (int i = 0; i < SPREAD.length; i++) {
            SPREAD[i] = -2.5 + i * .25;
            SPREAD_WEIGHT[i] = Densities.normal(SPREAD[i], 1);
        }
        Densities.normalise(SPREAD_WEIGHT);
    }

    /** Flow past all rings of a running engine, L/min. @param b ring area beyond that of sound cylinders, mm² at 90 mm */
    static double flow(SealCase.Body body, double litresPerArea, double w, double b) {
        return RUNNING * litresPerArea * (body.cylinders() * w + b) * body.scale();
    }

    /** What such engines use on the whole, L/1000 km. @param o of single cylinders, for each two litres */
    static double oilUse(SealCase.Body body, double w, double o, Predicate<Cause> has) {
        double ofEngine = (has.test(Cause.OIL_RINGS) ? .9 : 0)
                + (has.test(Cause.STEM_SEALS) ? .45 : 0)
                + (has.test(Cause.VENTILATION) ? .4 : 0)
                + (has.test(Cause.OUTSIDE) ? .4 : 0);
        return body.z() * (.05 + .2 * Math.max(0, w - .35) + o + ofEngine);
    }

    /** How surely oil past rings shows as smoke, 0 to 1. */
    static double lambda(boolean oilRings, double w, double o) {
        double l = Math.min(1, (o + .2 * Math.max(0, w - .4)) / .5);
        return oilRings ? Math.max(.9, l) : l;
    }

    private double lambda(int combination, double w, double o) {
        return lambda(has(combination, Cause.OIL_RINGS), w, o);
    }

    /** How often blue smoke is seen at a moment. @param seals 1 where all stem seals leak, 0 where none does */
    static double standing(double seals, double lambda) {
        return .08 + .47 * seals + .08 * lambda;
    }

    static double underLoad(double lambda) {
        return .08 + .42 * lambda;
    }

    static double overrun(double seals, double lambda) {
        return .07 + .38 * seals + .12 * lambda;
    }

    /** How often oil is seen at the breather. */
    static double breatherOil(int cylinders, double w, double b, boolean ventilation) {
        double f = 1 - Math.exp(-(cylinders * Math.max(0, w - .35) + b) / 6);
        return Math.max(.08 + .5 * f, ventilation ? .4 : 0);
    }

    private double seals(int combination) {
        return has(combination, Cause.STEM_SEALS) ? 1 : 0;
    }

    /** Smoke at several moments has one cause: what each is worth of itself. */
    static double smokePower(int moments) {
        return 1 / (1 + SMOKE_RHO * Math.max(0, moments - 1));
    }

    private void smoke() {
        SealCase.Signs s = of.signs();
        if (s.standing() != null) {
            byOil("standing", "smoke", (i, w, o) -> present(s.standing(), standing(seals(i), lambda(i, w, o))));
        }
        if (s.load() != null) {
            byOil("load", "smoke", (i, w, o) -> present(s.load(), underLoad(lambda(i, w, o))));
        }
        if (s.overrun() != null) {
            byOil("overrun", "smoke", (i, w, o) -> present(s.overrun(), overrun(seals(i), lambda(i, w, o))));
        }
    }

    private static double present(boolean seen, double p) {
        return seen ? p : 1 - p;
    }

    private void breather() {
        Boolean oil = of.signs().breatherOil();
        if (oil != null) {
            int n = of.body().cylinders();
            byRings("breatherOil", (i, w, b) -> {
                return present(oil, breatherOil(n, w, b, has(i, Cause.VENTILATION)));
            });
        }
    }

    private void water() {
        SealCase.Signs s = of.signs();
        ratio("combustionGas", s.combustionGas(), 20, .3, false);
        ratio("bubbles", s.bubbles(), 6, .5, false);
        ratio("coolantLoss", s.coolantLoss(), 4, .45, false);
        ratio("milky", s.milky(), 1.2, .95, true);
        ratio("warmWhite", s.warmWhite(), 5, .7, true);
    }

    /**
     * A sign of water, weighed once however many cylinders have it.
     *
     * @param raw whether water back past a wet exhaust shows it too; it leaves the coolant alone
     */
    private void ratio(String id, @Nullable Boolean seen, double present, double absent, boolean raw) {
        if (seen != null) {
            byWater(
                    id,
                    seen ? "waterFor" : "waterAgainst",
                    (i, water) -> water || raw && has(i, Cause.EXHAUST_WATER) ? (seen ? present : absent) : 1);
        }
    }

    /**
     * Prior times likelihood of every combination: [combination][w][cell], flat.
     *
     * @param without findings that are left out
     * @param ws which ring areas are asked for; the rest stays zero
     */
    double[] likelihood(Set<String> without, double[] priors, boolean[] ws) {
        Map<String, Integer> sizes = sizes(without);
        Finding[] those =
                findings.stream().filter(f -> !without.contains(f.id())).toArray(Finding[]::new);
        double[] power = Arrays.stream(those).mapToDouble(f -> power(f, sizes)).toArray();
        double[] likelihood = new double[count() * nw * Cells.COUNT];
        double[] ln = new double[Cells.COUNT];
        for (int c = 0; c < count(); c++) {
            double prior = lnPrior(combinations.get(c), priors);
            for (int w = 0; w < nw; w++) {
                if (!ws[w]) {
                    continue;
                }
                int from = (c * nw + w) * Cells.COUNT;
                Arrays.fill(ln, prior);
                for (int f = 0; f < those.length; f++) {
                    add(ln, those[f].ln(), from, power[f]);
                }
                for (int cell = 0; cell < ln.length; cell++) {
                    likelihood[from + cell] = Math.exp(ln[cell]);
                }
            }
        }
        return likelihood;
    }

    private static void add(double[] to, double[] from, int at, double times) {
        for (int i = 0; i < to.length; i++) {
            to[i] += times * from[at + i];
        }
    }

    /** How many findings each group holds. */
    private Map<String, Integer> sizes(Set<String> without) {
        Map<String, Integer> sizes = new LinkedHashMap<>();
        for (Finding f : findings) {
            if (f.group() != null && !without.contains(f.id())) {
                sizes.merge(f.group(), 1, Integer::sum);
            }
        }
        return sizes;
    }

    private static double power(Finding f, Map<String, Integer> sizes) {
        if (f.group() == null) {
            return 1;
        }
        int m = sizes.get(f.group());
        return "smoke".equals(f.group()) ? smokePower(m) : 1 / (1 + WATER_RHO * (m - 1));
    }

    /** Prior times likelihood of one combination off the grid: what the grid approximates. */
    double exact(int combination, double w, double b, double o, boolean water, double[] priors) {
        Map<String, Integer> sizes = sizes(Set.of());
        double ln = lnPrior(combinations.get(combination), priors);
        for (Finding f : findings) {
            ln += power(f, sizes) * Math.log(f.exact().at(combination, w, b, o, water));
        }
        return Math.exp(ln);
    }
}
