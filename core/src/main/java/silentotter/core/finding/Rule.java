package silentotter.core.finding;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.fault.Fault;

/**
 * One line of a table of rules: when something is seen, what it says, why, how much that weighs and for whom. Immutable;
 * each method gives a rule with one thing added.
 *
 * @param <T> what is looked at
 */
public final class Rule<T> {
    private final Predicate<T> seen;
    private final Finding said;
    private final Function<T, String> measured;
    private final Predicate<T> unsure;

    private Rule(Predicate<T> seen, Finding said, Function<T, String> measured, Predicate<T> unsure) {
        this.seen = seen;
        this.said = said;
        this.measured = measured;
        this.unsure = unsure;
    }

    public static <T> Rule<T> of(String name, Predicate<T> seen, String says, String because) {
        return new Rule<>(seen, Finding.of(name, "", List.of(), says, because), t -> "", t -> false);
    }

    private Rule<T> saying(Finding other) {
        return new Rule<>(seen, other, measured, unsure);
    }

    /** What it makes likelier, by how much. */
    public Rule<T> pointsTo(double likelihoodRatio, Fault... to) {
        return saying(said.pointing(Weight.of(likelihoodRatio), List.of(to)));
    }

    /** What it makes rarer. @param likelihoodRatio below 1 */
    public Rule<T> rarer(double likelihoodRatio, Fault... faults) {
        Map<Fault, Double> all = new EnumMap<>(Fault.class);
        all.putAll(said.rarer());
        for (Fault f : faults) {
            all.put(f, Weight.of(likelihoodRatio).likelihoodRatio());
        }
        return saying(said.pointingAway(all));
    }

    /** What would tell the possible causes apart. */
    public Rule<T> toldApartBy(String test) {
        return saying(said.toldApartBy(test));
    }

    public Rule<T> stopsRunning() {
        return saying(said.stopping());
    }

    /** Said by the school of full plug reading only. */
    public Rule<T> fullReadingOnly() {
        return saying(said.ofFullReading());
    }

    /** The figure that it goes by, in a sentence that stands before its reason. */
    public Rule<T> measured(Function<T, String> figure) {
        return new Rule<>(seen, said, figure, unsure);
    }

    /** When the figure is not sure; the rule then has half its weight. */
    public Rule<T> unsureWhen(Predicate<T> doubted) {
        return new Rule<>(seen, said, measured, doubted);
    }

    /** What the rule says where it applies; it comes from no station yet. */
    public Finding line() {
        return said;
    }

    public boolean applies(T to) {
        return seen.test(to);
    }

    /** The finding, where the rule applies; the caller says where it was seen. */
    public Optional<Finding> about(T looked, String station, List<CylinderNumber> cylinders) {
        if (!applies(looked)) {
            return Optional.empty();
        }
        Finding found = said.at(station, cylinders).measuring(measured.apply(looked));
        return Optional.of(unsure.test(looked) ? found.unsure() : found);
    }
}
