package silentotter.core.finding;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.fault.Fault;
import silentotter.core.fault.Learnt;
import silentotter.core.wording.Worded;

/**
 * What a station found: what it says, with its reason and what it is worth for each fault, as somebody judged it. What a
 * gauge read is worth, the model computes; both stand side by side in the answer.
 *
 * @param rule stable name of the rule that made it
 * @param station name of the station it comes from
 * @param cylinders its place: one cylinder, the two it lies between, several; empty for the whole engine
 * @param says the conclusion in a sentence
 * @param because what was seen, and why it says that
 * @param suspects what it points to, or away from; empty for a finding that says the opposite of trouble
 * @param tellApart what would tell the possible causes apart; empty where there is one
 * @param urgency whether the engine must be stopped
 * @param fullReadingOnly whether only the school of full plug reading says it
 * @param rarer what it points away from, each with its likelihood ratio below 1
 * @param spoiled whether what it rests on was spoiled before it was taken; it then weighs little
 */
public record Finding(
        String rule,
        String station,
        List<CylinderNumber> cylinders,
        String says,
        String because,
        Weight weight,
        List<Fault> suspects,
        Optional<String> tellApart,
        Urgency urgency,
        boolean fullReadingOnly,
        Map<Fault, Double> rarer,
        boolean spoiled)
        implements Worded {

    /** What a finding asks at once. */
    public enum Urgency {
        NONE,
        STOP_RUNNING
    }

    public Finding {
        cylinders = List.copyOf(cylinders);
        suspects = List.copyOf(suspects);
        rarer = Map.copyOf(rarer);
    }

    /** A finding that is said and not weighed yet. */
    public static Finding of(String rule, String station, List<CylinderNumber> cylinders, String says, String because) {
        return new Finding(
                rule,
                station,
                cylinders,
                says,
                because,
                Weight.NONE,
                List.of(),
                Optional.empty(),
                Urgency.NONE,
                false,
                Map.of(),
                false);
    }

    /** The same, speaking for faults. */
    public Finding pointing(Weight by, List<Fault> to) {
        return weighing(because, by, to, rarer, spoiled);
    }

    Finding pointingAway(Map<Fault, Double> from) {
        return weighing(because, weight, suspects, from, spoiled);
    }

    /** The same with what would tell its causes apart. */
    public Finding toldApartBy(String test) {
        return standing(station, cylinders, Optional.of(test), urgency, fullReadingOnly);
    }

    Finding stopping() {
        return standing(station, cylinders, tellApart, Urgency.STOP_RUNNING, fullReadingOnly);
    }

    Finding ofFullReading() {
        return standing(station, cylinders, tellApart, urgency, true);
    }

    Finding at(String where, List<CylinderNumber> those) {
        return standing(where, those, tellApart, urgency, fullReadingOnly);
    }

    /** The same finding, weighing what it has proved to weigh in this shop. */
    public Finding proved(Learnt learnt) {
        double ratio = learnt.ratio(rule, weight.likelihoodRatio());
        return ratio == weight.likelihoodRatio() ? this : pointing(Weight.of(ratio), suspects);
    }

    /** The same finding, said and not weighed. */
    public Finding withoutWeight() {
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

    /** The same finding in an engine that cannot have some suspects; empty when none would be left. */
    public Optional<Finding> without(Predicate<Fault> impossible) {
        List<Fault> left = suspects.stream().filter(impossible.negate()).toList();
        return left.isEmpty() && !suspects.isEmpty() ? Optional.empty() : Optional.of(pointing(weight, left));
    }

    /** The same finding weighing less, because what it rests on was spoiled. */
    public Finding contaminatedBy(Contamination contamination) {
        return weakened("Spoiled by " + contamination.words() + ", so it weighs little.", Weight.SPOILED_POWER, true);
    }

    /** The same finding weighing as little as a spoiled one, with the reason for that behind its own. */
    public Finding weakened(String reason) {
        return weakened(reason, Weight.SPOILED_POWER, spoiled);
    }

    /** The same finding with what was measured before its reason. */
    Finding measuring(String figure) {
        return figure.isEmpty() ? this : weighing((figure + " " + because).strip(), weight, suspects, rarer, spoiled);
    }

    /** The same finding with half its weight, because the figure behind it is not sure. */
    Finding unsure() {
        return weakened("", 0.5, spoiled);
    }

    private Finding weakened(String reason, double power, boolean nowSpoiled) {
        return weighing(
                (because + " " + reason).strip(),
                weight.to(power),
                suspects,
                rarer.entrySet().stream()
                        .collect(Collectors.toMap(
                                Map.Entry::getKey,
                                e -> Weight.of(e.getValue()).to(power).likelihoodRatio())),
                nowSpoiled);
    }

    private Finding weighing(String reason, Weight by, List<Fault> to, Map<Fault, Double> away, boolean nowSpoiled) {
        return new Finding(
                rule, station, cylinders, says, reason, by, to, tellApart, urgency, fullReadingOnly, away, nowSpoiled);
    }

    private Finding standing(
            String where, List<CylinderNumber> those, Optional<String> apart, Urgency asks, boolean fullOnly) {
        return new Finding(rule, where, those, says, because, weight, suspects, apart, asks, fullOnly, rarer, spoiled);
    }
}
