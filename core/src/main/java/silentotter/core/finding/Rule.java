package silentotter.core.finding;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.finding.Statement.Urgency;

/**
 * One line of a table of rules: when something is seen, what it says, why, how much that weighs and for whom. Immutable;
 * each method gives a rule with one thing added.
 *
 * @param <T> what is looked at
 */
public final class Rule<T> {
    private final String name;
    private final Predicate<T> seen;
    private final String says;
    private final String because;
    private final Weight weight;
    private final List<Suspect> suspects;
    private final Optional<String> tellApart;
    private final Urgency urgency;
    private final boolean fullReadingOnly;

    private Rule(
            String name,
            Predicate<T> seen,
            String says,
            String because,
            Weight weight,
            List<Suspect> suspects,
            Optional<String> tellApart,
            Urgency urgency,
            boolean fullReadingOnly) {
        this.name = name;
        this.seen = seen;
        this.says = says;
        this.because = because;
        this.weight = weight;
        this.suspects = suspects;
        this.tellApart = tellApart;
        this.urgency = urgency;
        this.fullReadingOnly = fullReadingOnly;
    }

    public static <T> Rule<T> of(String name, Predicate<T> seen, String says, String because) {
        return new Rule<>(name, seen, says, because, Weight.NONE, List.of(), Optional.empty(), Urgency.NONE, false);
    }

    /** How much it weighs, and for whom. */
    public Rule<T> pointsTo(double likelihoodRatio, Suspect... to) {
        return new Rule<>(
                name,
                seen,
                says,
                because,
                Weight.of(likelihoodRatio),
                List.of(to),
                tellApart,
                urgency,
                fullReadingOnly);
    }

    /** What would tell the possible causes apart. */
    public Rule<T> toldApartBy(String test) {
        return new Rule<>(name, seen, says, because, weight, suspects, Optional.of(test), urgency, fullReadingOnly);
    }

    public Rule<T> stopsRunning() {
        return new Rule<>(
                name, seen, says, because, weight, suspects, tellApart, Urgency.STOP_RUNNING, fullReadingOnly);
    }

    /** Said by the school of full plug reading only. */
    public Rule<T> fullReadingOnly() {
        return new Rule<>(name, seen, says, because, weight, suspects, tellApart, urgency, true);
    }

    public boolean applies(T to) {
        return seen.test(to);
    }

    /** The statement, where the rule applies; the caller says where it was seen. */
    public Optional<Statement> about(T looked, String source, List<CylinderNumber> cylinders) {
        return applies(looked)
                ? Optional.of(new Statement(
                        name, source, cylinders, says, because, weight, suspects, tellApart, urgency, fullReadingOnly))
                : Optional.empty();
    }
}
