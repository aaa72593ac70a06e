package silentotter.core.oil;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;
import org.hipparchus.exception.MathIllegalArgumentException;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.QRDecomposition;
import org.hipparchus.linear.RealMatrix;

/**
 * Generalised least squares on the dips of a log (A. C. Aitken, Proc. R. Soc. Edinburgh 55, 1935): the level falls in a
 * straight line, the same in all stretches, and each stretch begins at a level of its own. What is poured is a step. Each dip
 * errs by itself; what was poured wrongly stays wrong in every later dip of its stretch, so those are correlated.
 *
 * <p>The correlation is taken out dip by dip, as innovations of a filter (R. E. Kalman, J. Basic Eng. 82, 1960); the level of
 * each stretch is projected out (R. Frisch and F. V. Waugh, Econometrica 1, 1933); what is left is ordinary least squares.
 */
final class LevelFit {
    /** A dip that is this little of a column is none of its business. */
    private static final double NOTHING = 1e-9;
    /** From the median to the standard deviation of a normal distribution. */
    private static final double OF_MEDIAN = 1.4826;

    /** One standard deviation of what all pours share, the jug they were measured in: many of them do not average it out. */
    private static final double JUG_SHARE = 0.02;

    private final List<Stretch> stretches;
    private final double perLitre;
    private final List<Slip> slips;
    private final double scale;
    private final double[][] columns;
    private final double[] beta;
    private final RealMatrix covariance;
    private final double[] residuals;
    /** Worked out when it is first asked for. */
    private List<Run> runs = List.of();

    private LevelFit(
            List<Stretch> stretches,
            double perLitre,
            List<Slip> slips,
            double scale,
            double[][] columns,
            double[] beta,
            RealMatrix covariance,
            double[] residuals) {
        this.stretches = stretches;
        this.perLitre = perLitre;
        this.slips = slips;
        this.scale = scale;
        this.columns = columns;
        this.beta = beta;
        this.covariance = covariance;
        this.residuals = residuals;
    }

    /**
     * Something that the log does not say and that its dips show: a step from one dip on, or one dip that is off.
     *
     * @param dip counted from 0 over all stretches
     */
    record Slip(int dip, boolean isStep) {
        double at(int other, int lastOfStretch) {
            return isStep ? (other >= dip && other <= lastOfStretch ? 1 : 0) : (other == dip ? 1 : 0);
        }
    }

    /** @param chiSquare what a slip would take off the sum of squares; @param size how large it is, in level units */
    record Gain(double chiSquare, double size) {}

    /** A level with one standard deviation. */
    record Level(double at, double level, double sigma) {}

    /** A piece of the fitted line between two pours. */
    record Run(Level from, Level to) {}

    /** What a litre is worth in level units, learnt from what was poured between the dips. */
    record Learnt(double perLitre, double sigma) {}

    /** A run of points without an oil change or a change of the meter; its dips as they are whitened. */
    private static final class Stretch {
        private final List<LevelPoint> points;
        private final int first;
        private final double[] at;
        private final double[] level;
        private final double[] sigma;
        private final double[] poured;
        /** Variance of what was poured since the dip before. */
        private final double[] pouredVariance;

        private final double[] intercept;
        private final double intercept2;

        Stretch(List<LevelPoint> points, int first, double perLitre) {
            this.points = points;
            this.first = first;
            List<LevelPoint> dips =
                    points.stream().filter(p -> p.level().isPresent()).toList();
            int n = dips.size();
            at = dips.stream().mapToDouble(LevelPoint::at).toArray();
            level = dips.stream().mapToDouble(p -> p.level().getAsDouble()).toArray();
            sigma = dips.stream().mapToDouble(LevelPoint::sigma).toArray();
            poured = new double[n];
            pouredVariance = new double[n];
            int dip = 0;
            double sum = 0;
            double variance = 0;
            for (LevelPoint p : points) {
                if (p.level().isPresent()) {
                    poured[dip] = sum;
                    pouredVariance[dip] = variance;
                    variance = 0;
                    dip++;
                }
                if (dip > 0) {
                    sum += p.poured();
                    variance += Math.pow(p.pouredSigma() * perLitre, 2);
                }
            }
            intercept = whitened(x -> 1);
            intercept2 = dot(intercept, intercept);
        }

        int count() {
            return at.length;
        }

        int last() {
            return first + at.length - 1;
        }

        /** A column over the dips of this stretch, counted within it, with the correlation taken out. */
        double[] whitened(DoubleUnaryOperator column) {
            double known = 0;
            double unknown = 0;
            double[] white = new double[at.length];
            for (int i = 0; i < white.length; i++) {
                unknown += pouredVariance[i];
                double own = sigma[i] * sigma[i];
                double news = column.applyAsDouble(i) - known;
                white[i] = news / Math.sqrt(unknown + own);
                known += unknown / (unknown + own) * news;
                unknown *= own / (unknown + own);
            }
            return white;
        }

        /** The same without what a level of its own explains of it. */
        double[] projected(DoubleUnaryOperator column) {
            double[] white = whitened(column);
            double share = dot(intercept, white) / intercept2;
            for (int i = 0; i < white.length; i++) {
                white[i] -= share * intercept[i];
            }
            return white;
        }
    }

    /**
     * @param stretches each in the order of its axis
     * @param perLitre level units a litre is worth; 1 where levels are litres
     * @param slips what is taken out beside the rate
     * @return empty where no stretch has two dips apart, or what was poured hides all that they say
     */
    static Optional<LevelFit> of(List<List<LevelPoint>> stretches, double perLitre, List<Slip> slips) {
        List<Stretch> own = stretched(stretches, perLitre);
        double scale = scale(own);
        if (!(scale > 0)) {
            return Optional.empty();
        }
        double[][] columns = new double[1 + slips.size()][];
        columns[0] = column(own, s -> i -> (s.at[(int) i] - s.at[0]) / scale);
        for (int k = 0; k < slips.size(); k++) {
            columns[1 + k] = column(own, of(slips.get(k)));
        }
        double[] y = column(own, s -> i -> s.level[(int) i] - s.poured[(int) i] * perLitre);
        return solved(y, columns)
                .map(r -> new LevelFit(
                        own, perLitre, List.copyOf(slips), scale, columns, r.beta, r.covariance, r.residuals));
    }

    /** What a litre is worth; empty where nothing was poured between dips, or too little to tell. */
    static Optional<Learnt> learn(List<List<LevelPoint>> stretches) {
        // The first pass takes what was poured for exact; the second knows how wrong it may be in levels.
        return learn(stretches, 0).flatMap(first -> learn(stretches, Math.max(0, first.perLitre())));
    }

    private static Optional<Learnt> learn(List<List<LevelPoint>> stretches, double guess) {
        List<Stretch> own = stretched(stretches, guess);
        double scale = scale(own);
        if (!(scale > 0)) {
            return Optional.empty();
        }
        double[][] columns = {
            column(own, s -> i -> (s.at[(int) i] - s.at[0]) / scale), column(own, s -> i -> s.poured[(int) i])
        };
        return solved(column(own, s -> i -> s.level[(int) i]), columns)
                .map(r -> new Learnt(r.beta[1], Math.sqrt(Math.max(0, r.covariance.getEntry(1, 1)))));
    }

    private static List<Stretch> stretched(List<List<LevelPoint>> stretches, double perLitre) {
        List<Stretch> own = new ArrayList<>();
        int first = 0;
        for (List<LevelPoint> points : stretches) {
            Stretch s = new Stretch(points, first, perLitre);
            if (s.count() > 0) {
                own.add(s);
                first += s.count();
            }
        }
        return own;
    }

    /** The widest stretch, from its first to its last dip: numbers stay of one size whatever the axis. */
    private static double scale(List<Stretch> stretches) {
        return stretches.stream()
                .mapToDouble(s -> s.at[s.count() - 1] - s.at[0])
                .max()
                .orElse(0);
    }

    @FunctionalInterface
    private interface Column {
        DoubleUnaryOperator within(Stretch stretch);
    }

    private static Column of(Slip slip) {
        return s -> i -> slip.at(s.first + (int) i, s.last()) * (slip.dip() >= s.first ? 1 : 0);
    }

    private static double[] column(List<Stretch> stretches, Column column) {
        return stretches.stream()
                .flatMapToDouble(s -> Arrays.stream(s.projected(column.within(s))))
                .toArray();
    }

    private record Solved(double[] beta, RealMatrix covariance, double[] residuals) {}

    private static Optional<Solved> solved(double[] y, double[][] columns) {
        for (double[] c : columns) {
            if (dot(c, c) < NOTHING) {
                return Optional.empty();
            }
        }
        try {
            RealMatrix x = new Array2DRowRealMatrix(columns, false).transpose();
            double[] beta = new QRDecomposition(x, NOTHING)
                    .getSolver()
                    .solve(new ArrayRealVector(y, false))
                    .toArray();
            RealMatrix covariance =
                    new QRDecomposition(x.transposeMultiply(x)).getSolver().getInverse();
            double[] residuals = new ArrayRealVector(y, false)
                    .subtract(x.operate(new ArrayRealVector(beta, false)))
                    .toArray();
            return Optional.of(new Solved(beta, covariance, residuals));
        } catch (MathIllegalArgumentException singular) {
            // So much was poured between the dips that nothing can be told from them.
            return Optional.empty();
        }
    }

    private static double dot(double[] a, double[] b) {
        double sum = 0;
        for (int i = 0; i < a.length; i++) {
            sum += a[i] * b[i];
        }
        return sum;
    }

    /** Level units lost a unit of the axis; below 0 where the level rises. */
    double rate() {
        return -beta[0] / scale;
    }

    /** One standard deviation of the rate, the scatter of the dips about the line taken into account. */
    double rateSigma() {
        return Math.hypot(
                Math.sqrt(Math.max(0, covariance.getEntry(0, 0)) * scatter()) / scale,
                JUG_SHARE * perLitre * pouredRate());
    }

    /** Litres poured between first and last dips, a unit of the axis. */
    private double pouredRate() {
        double poured = stretches.stream()
                .mapToDouble(s -> s.poured[s.count() - 1] - s.poured[0])
                .sum();
        return span() > 0 ? poured / span() : 0;
    }

    /** How large a slip is that was taken out, in level units. */
    double size(int slip) {
        return beta[1 + slip];
    }

    int dips() {
        return residuals.length;
    }

    /** Axis units from the first to the last dip, in all stretches together. */
    double span() {
        return stretches.stream()
                .mapToDouble(s -> s.at[s.count() - 1] - s.at[0])
                .sum();
    }

    /** Dips more than are needed. */
    private int free() {
        return dips() - stretches.size() - beta.length;
    }

    /** How much wider the dips lie about the line than their own error: then the stick was read worse than was said. */
    private double scatter() {
        if (free() < 2) {
            return 1;
        }
        double ratio = dot(residuals, residuals) / free();
        // A little more is chance; only clearly more is a worse stick.
        return ratio > 1 + 2 * Math.sqrt(2.0 / free()) ? ratio : 1;
    }

    /**
     * How much wider than their own error the dips usually lie, squared, at least one: about the line, or from one neighbour
     * to the next, whichever is less. A further step or odd dip hardly moves the second.
     */
    double usualScatter() {
        double[] apart = stretches.stream()
                .flatMapToDouble(s -> IntStream.range(s.first + 1, s.first + s.count())
                        .mapToDouble(i -> Math.abs(residuals[i] - residuals[i - 1])))
                .sorted()
                .toArray();
        double between = apart.length < 3 ? 1 : Math.max(1, OF_MEDIAN / Math.sqrt(2) * apart[apart.length / 2]);
        return Math.min(scatter(), between * between);
    }

    /** What one slip more would explain. */
    Gain gain(Slip slip) {
        double[] c = column(stretches, of(slip));
        double[] shared = Arrays.stream(columns).mapToDouble(x -> dot(x, c)).toArray();
        double own = dot(c, c);
        double left = own - dot(shared, covariance.operate(shared));
        if (!(left > NOTHING * own)) {
            return new Gain(0, 0);
        }
        double along = dot(c, residuals);
        return new Gain(along * along / left, along / left);
    }

    /** The fitted line, pour by pour. */
    List<Run> runs() {
        if (runs.isEmpty()) {
            List<Run> all = new ArrayList<>();
            stretches.forEach(s -> new Walk(s).into(all));
            runs = List.copyOf(all);
        }
        return runs;
    }

    /** The level at the last point of the log. */
    Level now() {
        return runs().get(runs().size() - 1).to();
    }

    /** Goes through one stretch as time did: what is known of the poured error at each place. */
    private final class Walk {
        private final Stretch s;
        private final double[] white;
        private final double mean;
        private final double start;
        private double error;
        private double unknown;
        private double poured;
        private double step;

        Walk(Stretch s) {
            this.s = s;
            DoubleUnaryOperator x = i -> (s.at[(int) i] - s.at[0]) / scale;
            this.white = s.whitened(x);
            this.mean = dot(s.intercept, white) / s.intercept2;
            double[] level = s.whitened(i -> s.level[(int) i] - s.poured[(int) i] * perLitre - slipped((int) i, false));
            this.start = dot(s.intercept, level) / s.intercept2 - beta[0] * mean;
        }

        /** What the slips add at a dip of this stretch; steps only, where the level itself is asked for. */
        private double slipped(int i, boolean stepsOnly) {
            double sum = 0;
            for (int k = 0; k < slips.size(); k++) {
                if (slips.get(k).isStep() || !stepsOnly) {
                    sum += size(k) * of(slips.get(k)).within(s).applyAsDouble(i);
                }
            }
            return sum;
        }

        private Level level(double at) {
            double x = (at - s.at[0]) / scale;
            double variance = 1 / s.intercept2 + Math.pow(x - mean, 2) * covariance.getEntry(0, 0) + unknown;
            return new Level(
                    at, start + beta[0] * x + poured * perLitre + step + error, Math.sqrt(variance * scatter()));
        }

        private void dip(int i) {
            unknown += s.pouredVariance[i];
            double own = s.sigma[i] * s.sigma[i];
            double seen = s.level[i]
                    - s.poured[i] * perLitre
                    - slipped(i, false)
                    - start
                    - beta[0] * (s.at[i] - s.at[0]) / scale;
            error += unknown / (unknown + own) * (seen - error);
            unknown *= own / (unknown + own);
        }

        void into(List<Run> runs) {
            int dip = 0;
            double from = s.at[0];
            double last = s.at[0];
            for (LevelPoint p : s.points) {
                boolean isDip = p.level().isPresent();
                if (dip == 0 && !isDip) {
                    continue;
                }
                if (isDip) {
                    double stepped = slipped(dip, true);
                    if (dip > 0 && stepped != step) {
                        runs.add(new Run(level(from), level(last)));
                        from = last;
                    }
                    step = stepped;
                    dip(dip++);
                }
                last = p.at();
                if (p.poured() != 0) {
                    runs.add(new Run(level(from), level(p.at())));
                    poured += p.poured();
                    from = p.at();
                    if (dip == s.count()) {
                        unknown += Math.pow(p.pouredSigma() * perLitre, 2);
                    }
                }
            }
            runs.add(new Run(level(from), level(last)));
        }
    }

    /**
     * How far beyond the last dip one further dip would have to be taken for the rate to be told from another one at 95 %.
     *
     * @param distance between the two, in units of the rate, above 0
     * @param sigma of that dip
     * @return axis units from the last dip; empty where they are told apart already
     */
    OptionalDouble nextDip(double distance, double sigma) {
        double wanted = Math.pow(OilRate.NINETY_FIVE / (distance * scale), 2) * scatter();
        double known = 1 / covariance.getEntry(0, 0);
        if (known >= wanted) {
            return OptionalDouble.empty();
        }
        Stretch last = stretches.get(stretches.size() - 1);
        Walk walk = new Walk(last);
        double away = Math.sqrt((wanted - known) * (sigma * sigma + 1 / last.intercept2));
        double lastDip = last.at[last.count() - 1];
        return OptionalDouble.of(Math.max(0, (away + walk.mean) * scale + last.at[0] - lastDip));
    }

    /** What each dip lies above the line, in its own errors. */
    double[] residuals() {
        return residuals.clone();
    }
}
