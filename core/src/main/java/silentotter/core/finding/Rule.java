package silentotter.core.finding;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.fault.Fault;
import silentotter.core.finding.Statement.Urgency;

/**
 * One line of a table of rules: when something is seen, what it says, why, how much that weighs and for whom. Immutable;
 * each method gives a rule with one thing added.
 *
 * @param <T> what is looked at
 */
public final class Rule<T> {
    private final Predicate<T> seen;
    private final Statement said;

    private Rule(Predicate<T> seen, Statement said) {
        this.seen = seen;
        this.said = said;
    }

    public static <T> Rule<T> of(String name, Predicate<T> seen, String says, String because) {
        return new Rule<>(
                seen,
                new Statement(
                        name,
                        "",
                        List.of(),
                        says,
                        because,
                        Weight.NONE,
                        List.of(),
                        Optional.empty(),
                        Urgency.NONE,
                        false));
    }

    /** What it makes likelier, by how much. */
    public Rule<T> pointsTo(double likelihoodRatio, Fault... to) {
        return new Rule<>(seen, said.pointing(Weight.of(likelihoodRatio), List.of(to)));
    }

    /** What it makes rarer. @param likelihoodRatio below 1 */
    public Rule<T> rarer(double likelihoodRatio, Fault... faults) {
        Map<Fault, Double> all = new EnumMap<>(Fault.class);
        all.putAll(said.rarer());
        for (Fault f : faults) {
            all.put(f, Weight.of(likelihoodRatio).likelihoodRatio());
        }
        return new Rule<>(seen, said.pointingAway(all));
    }

    /** What would tell the possible causes apart. */
    public Rule<T> toldApartBy(String test) {
        return new Rule<>(seen, said.toldApartBy(test));
    }

    public Rule<T> stopsRunning() {
        return new Rule<>(seen, said.stopping());
    }

    /** Said by the school of full plug reading only. */
    public Rule<T> fullReadingOnly() {
        return new Rule<>(seen, said.ofFullReading());
    }

    /** What the rule says where it applies; its source is empty. */
    public Statement line() {
        return said;
    }

    public boolean applies(T to) {
        return seen.test(to);
    }

    /** The statement, where the rule applies; the caller says where it was seen. */
    public Optional<Statement> about(T looked, String source, List<CylinderNumber> cylinders) {
        return applies(looked) ? Optional.of(said.at(source, cylinders)) : Optional.empty();
    }
}
