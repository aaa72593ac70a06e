package silentotter.core.fault;

import java.util.Collection;
import java.util.List;
import java.util.stream.Collectors;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.wording.Say;

/**
 * A fault at a place.
 *
 * @param cylinders in ascending order: one, two neighbours, or none for the whole engine
 */
public record FaultAt(Fault fault, List<CylinderNumber> cylinders) {
    public FaultAt {
        cylinders = cylinders.size() < 2
                ? List.copyOf(cylinders)
                : cylinders.stream().sorted().toList();
    }

    public static FaultAt of(Fault fault, Collection<CylinderNumber> cylinders) {
        return new FaultAt(fault, List.copyOf(cylinders));
    }

    /** "Exhaust valve, cylinder 3", for a reader who numbers cylinders. */
    public String inWords() {
        String numbers = cylinders.stream().map(CylinderNumber::toString).collect(Collectors.joining(" and "));
        return Say.sentence(fault.words()) + (numbers.isEmpty() ? "" : ", cylinder " + numbers);
    }

    public static FaultAt engine(Fault fault) {
        return new FaultAt(fault, List.of());
    }
}
