package silentotter.core.diagnosis;

import java.util.List;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.fault.Family;
import silentotter.core.fault.Fault;
import silentotter.core.wording.Say;

/** What suspects are called. */
final class Names {
    private Names() {}

    static List<CylinderNumber> cylinders(List<Integer> indices) {
        return indices.stream().map(i -> CylinderNumber.of(i + 1)).toList();
    }

    /** A row of the answer: "rings or piston, cylinder 3". */
    static String of(Family family, List<Integer> indices, boolean somewhere) {
        return family.words() + place(indices, somewhere);
    }

    static String of(Fault fault, List<Integer> indices) {
        return fault.words() + place(indices, false);
    }

    private static String place(List<Integer> indices, boolean somewhere) {
        if (somewhere) {
            return ", some cylinder";
        }
        return indices.isEmpty()
                ? ""
                : indices.size() == 1
                        ? ", cylinder " + Say.cylinders(cylinders(indices))
                        : " " + Say.cylinders(cylinders(indices));
    }
}
