package silentotter.core.outcome;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * Proper scores of probabilities against what was so: the lower the better, and nobody lowers them by saying other than
 * what he thinks (Brier 1950; Good 1952).
 *
 * @param said how many statements
 * @param jobs of how many jobs; statements of one job are not independent
 * @param brier mean squared error, 0 to 1
 * @param brierError its standard error, over jobs; empty for fewer than two
 * @param log mean negative natural logarithm of what was given to what was so; never infinite
 * @param always the Brier score of saying the mean frequency every time: what has to be beaten
 */
public record Scores(int said, int jobs, double brier, Optional<Double> brierError, double log, double always) {
    /** Nobody is surer than one in a thousand; a certainty that was wrong would cost infinitely much. */
    private static final double SUREST = .001;

    /** A statement and what became of it. @param job to which it belongs */
    public record Statement(long job, double probability, boolean so) {
        double squaredError() {
            double error = probability - (so ? 1 : 0);
            return error * error;
        }
    }

    /** @param statements at least one */
    public static Scores of(Collection<Statement> statements) {
        List<Double> perJob = List.copyOf(statements.stream()
                .collect(Collectors.groupingBy(
                        Statement::job, TreeMap::new, Collectors.averagingDouble(Statement::squaredError)))
                .values());
        double frequency =
                statements.stream().mapToDouble(s -> s.so() ? 1 : 0).average().orElseThrow();
        return new Scores(
                statements.size(),
                perJob.size(),
                statements.stream()
                        .mapToDouble(Statement::squaredError)
                        .average()
                        .orElse(Double.NaN),
                error(perJob),
                statements.stream().mapToDouble(Scores::surprise).average().orElseThrow(),
                frequency * (1 - frequency));
    }

    private static double surprise(Statement s) {
        double p = Math.max(SUREST, Math.min(1 - SUREST, s.probability()));
        return -Math.log(s.so() ? p : 1 - p);
    }

    /** Standard error of the mean; empty for fewer than two. */
    static Optional<Double> error(List<Double> perJob) {
        int n = perJob.size();
        if (n < 2) {
            return Optional.empty();
        }
        double mean = perJob.stream().mapToDouble(d -> d).average().orElseThrow();
        double squares =
                perJob.stream().mapToDouble(d -> (d - mean) * (d - mean)).sum();
        return Optional.of(Math.sqrt(squares / (n - 1) / n));
    }
}
