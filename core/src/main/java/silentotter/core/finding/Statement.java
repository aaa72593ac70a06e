package silentotter.core.finding;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.fault.Fault;
import silentotter.core.wording.Worded;

/**
 * What one finding says, with its reason and its weight.
 *
 * @param rule stable name of the rule that made it
 * @param source name of the station it comes from
 * @param cylinders those it is about; empty for the whole engine
 * @param says the conclusion in a sentence
 * @param because what was seen, and why it says that
 * @param suspects what it points to, or away from; empty for a finding that says the opposite of trouble
 * @param tellApart what would tell the possible causes apart; empty where there is one
 * @param urgency whether the engine must be stopped
 * @param fullReadingOnly whether only the school of full plug reading says it
 * @param rarer what it points away from, each with its likelihood ratio below 1
 */
public record Statement(
        String rule,
        String source,
        List<CylinderNumber> cylinders,
        String says,
        String because,
        Weight weight,
        List<Fault> suspects,
        Optional<String> tellApart,
        Urgency urgency,
        boolean fullReadingOnly,
        Map<Fault, Double> rarer)
        implements Worded {

    private static final String SPOILED = "Spoiled by ";

    /** What a statement asks at once. */
    public enum Urgency {
        NONE,
        STOP_RUNNING
    }

    public Statement {
        cylinders = List.copyOf(cylinders);
        suspects = List.copyOf(suspects);
        rarer = Map.copyOf(rarer);
    }

    /** A statement that points away from nothing and whose weight is judged. */
    public Statement(
            String rule,
            String source,
            List<CylinderNumber> cylinders,
            String says,
            String because,
            Weight weight,
            List<Fault> suspects,
            Optional<String> tellApart,
            Urgency urgency,
            boolean fullReadingOnly) {
        this(rule, source, cylinders, says, because, weight, suspects, tellApart, urgency, fullReadingOnly, Map.of());
    }

    Statement pointing(Weight by, List<Fault> to) {
        return new Statement(
                rule, source, cylinders, says, because, by, to, tellApart, urgency, fullReadingOnly, rarer);
    }

    Statement pointingAway(Map<Fault, Double> from) {
        return new Statement(
                rule, source, cylinders, says, because, weight, suspects, tellApart, urgency, fullReadingOnly, from);
    }

    Statement toldApartBy(String test) {
        return new Statement(
                rule,
                source,
                cylinders,
                says,
                because,
                weight,
                suspects,
                Optional.of(test),
                urgency,
                fullReadingOnly,
                rarer);
    }

    Statement stopping() {
        return new Statement(
                rule,
                source,
                cylinders,
                says,
                because,
                weight,
                suspects,
                tellApart,
                Urgency.STOP_RUNNING,
                fullReadingOnly,
                rarer);
    }

    Statement ofFullReading() {
        return new Statement(rule, source, cylinders, says, because, weight, suspects, tellApart, urgency, true, rarer);
    }

    Statement at(String station, List<CylinderNumber> where) {
        return new Statement(
                rule, station, where, says, because, weight, suspects, tellApart, urgency, fullReadingOnly, rarer);
    }

    /** The same statement, said and not weighed. */
    public Statement withoutWeight() {
        return pointing(Weight.NONE, suspects);
    }

    /** Likelihood ratio of the finding for each fault that it speaks of, as somebody judged it. */
    public Map<Fault, Double> ratios() {
        Map<Fault, Double> all = new EnumMap<>(Fault.class);
        suspects.forEach(f -> all.put(f, weight.likelihoodRatio()));
        all.putAll(rarer);
        return all;
    }

    public boolean about(CylinderNumber cylinder) {
        return cylinders.contains(cylinder);
    }

    public boolean stopsRunning() {
        return urgency == Urgency.STOP_RUNNING;
    }

    /** The same statement about an engine that cannot have some suspects; empty when none would be left. */
    public Optional<Statement> without(Predicate<Fault> impossible) {
        List<Fault> left = suspects.stream().filter(impossible.negate()).toList();
        return left.isEmpty() && !suspects.isEmpty() ? Optional.empty() : Optional.of(pointing(weight, left));
    }

    /** The same statement weighing less, because what it rests on was spoiled. */
    public Statement contaminatedBy(Contamination contamination) {
        return weakened(SPOILED + contamination.words() + ", so it weighs little.");
    }

    /** Whether what it rests on was spoiled. */
    public boolean wasSpoiled() {
        return because.contains(SPOILED);
    }

    /** The same statement weighing as little as a spoiled one, with the reason for that behind its own. */
    public Statement weakened(String reason) {
        return new Statement(
                rule,
                source,
                cylinders,
                says,
                because + " " + reason,
                weight.contaminated(),
                suspects,
                tellApart,
                urgency,
                fullReadingOnly,
                rarer.entrySet().stream()
                        .collect(Collectors.toMap(
                                Map.Entry::getKey,
                                e -> Weight.of(e.getValue()).contaminated().likelihoodRatio())));
    }
}
