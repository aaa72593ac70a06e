package silentotter.core.practice;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import silentotter.core.diagnosis.Suspect;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.fault.Family;
import silentotter.core.hidden.HiddenFault;
import silentotter.core.wording.Say;

/** What is wrong with a hidden engine, and whether something that is said of it is so. */
final class Truth {
    private static final Set<Family> ALL_WELL = Set.of(Family.NOTHING_WRONG, Family.ALL_ALIKE);

    private final List<HiddenFault> faults;

    Truth(List<HiddenFault> faults) {
        this.faults = faults;
    }

    /** In words, such as "exhaust valve, cylinder 2". */
    String words() {
        return faults.isEmpty()
                ? Family.NOTHING_WRONG.words()
                : faults.stream().map(Truth::words).collect(Collectors.joining("; and "));
    }

    private static String words(HiddenFault f) {
        return f.fault().words() + where(f.cylinders());
    }

    /** A place, as it follows the name of a fault. */
    static String where(List<Integer> cylinders) {
        return cylinders.isEmpty() ? "" : ", " + cylinders(cylinders);
    }

    /** "cylinder 3", "cylinders 3 and 4". @param numbers at least one */
    static String cylinders(List<Integer> numbers) {
        return (numbers.size() == 1 ? "cylinder " : "cylinders ")
                + Say.cylinders(
                        numbers.stream().sorted().map(CylinderNumber::of).toList());
    }

    /**
     * Whether naming this is right: the family is there, and where both say a place, it is the same one. A sound engine is
     * named by saying that nothing is wrong.
     */
    boolean isNamed(Family family, List<Integer> cylinders) {
        if (faults.isEmpty()) {
            return ALL_WELL.contains(family);
        }
        return faults.stream()
                .anyMatch(f -> f.family() == family
                        && (cylinders.isEmpty()
                                || f.cylinders().isEmpty()
                                || f.cylinders().stream().anyMatch(cylinders::contains)));
    }

    /** What an answer gives the truth: the likeliest of its rows that name it, 0 to 1. */
    double probability(List<Suspect> suspects) {
        return suspects.stream()
                .filter(s -> isNamed(
                        s.family(), s.cylinders().stream().map(c -> c.value()).toList()))
                .mapToDouble(Suspect::probability)
                .max()
                .orElse(0);
    }
}
