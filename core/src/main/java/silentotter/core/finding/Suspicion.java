package silentotter.core.finding;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.fault.Fault;

/**
 * Everything that points to one suspect in one place, taken together.
 *
 * @param cylinders where; empty for the whole engine
 * @param weight of all statements together, tempered since they are seen together
 */
public record Suspicion(Fault suspect, List<CylinderNumber> cylinders, Weight weight, List<Statement> statements) {

    /**
     * The suspicions that statements raise, strongest first. A statement about the engine counts for the suspicion of
     * each cylinder as well; by itself it raises one of the engine.
     */
    public static List<Suspicion> from(List<Statement> statements) {
        List<Suspicion> result = new ArrayList<>();
        for (Fault suspect : Fault.values()) {
            List<Statement> own = statements.stream()
                    .filter(s -> s.suspects().contains(suspect))
                    .toList();
            List<CylinderNumber> cylinders = own.stream()
                    .flatMap(s -> s.cylinders().stream())
                    .distinct()
                    .sorted()
                    .toList();
            if (cylinders.isEmpty() && !own.isEmpty()) {
                result.add(of(suspect, List.of(), own));
            }
            cylinders.forEach(c -> result.add(of(suspect, List.of(c), at(own, c))));
        }
        return result.stream()
                .filter(s -> s.weight().likelihoodRatio() > 1)
                .sorted(Comparator.comparing(Suspicion::weight).reversed())
                .toList();
    }

    /** The same with something else weighed in, such as a gauge that speaks against it. */
    public Suspicion weighing(double likelihoodRatio) {
        return new Suspicion(suspect, cylinders, new Weight(weight.likelihoodRatio() * likelihoodRatio), statements);
    }

    /** The same without what one rule says. */
    public Suspicion without(String rule) {
        return of(
                suspect,
                cylinders,
                statements.stream().filter(s -> !s.rule().equals(rule)).toList());
    }

    private static List<Statement> at(List<Statement> own, CylinderNumber cylinder) {
        return own.stream()
                .filter(s -> s.cylinders().isEmpty() || s.about(cylinder))
                .toList();
    }

    private static Suspicion of(Fault suspect, List<CylinderNumber> cylinders, List<Statement> statements) {
        Stream<Weight> weights = statements.stream().map(Statement::weight);
        return new Suspicion(suspect, cylinders, Weight.together(weights.toList()), statements);
    }
}
