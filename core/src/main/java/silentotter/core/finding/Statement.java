package silentotter.core.finding;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import silentotter.core.engine.CylinderNumber;
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
 */
public record Statement(
        String rule,
        String source,
        List<CylinderNumber> cylinders,
        String says,
        String because,
        Weight weight,
        List<Suspect> suspects,
        Optional<String> tellApart,
        Urgency urgency,
        boolean fullReadingOnly)
        implements Worded {

    /** What a statement asks at once. */
    public enum Urgency {
        NONE,
        STOP_RUNNING
    }

    public Statement {
        cylinders = List.copyOf(cylinders);
        suspects = List.copyOf(suspects);
    }

    public boolean about(CylinderNumber cylinder) {
        return cylinders.contains(cylinder);
    }

    public boolean stopsRunning() {
        return urgency == Urgency.STOP_RUNNING;
    }

    /** The same statement about an engine that cannot have some suspects; empty when none would be left. */
    public Optional<Statement> without(Predicate<Suspect> impossible) {
        List<Suspect> left = suspects.stream().filter(impossible.negate()).toList();
        return left.isEmpty() && !suspects.isEmpty()
                ? Optional.empty()
                : Optional.of(new Statement(
                        rule, source, cylinders, says, because, weight, left, tellApart, urgency, fullReadingOnly));
    }

    /** The same statement weighing less, because what it rests on was spoiled. */
    public Statement contaminatedBy(Contamination contamination) {
        return weakened("Spoiled by " + contamination.words() + ", so it weighs little.");
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
                fullReadingOnly);
    }
}
