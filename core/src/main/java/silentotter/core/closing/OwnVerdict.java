package silentotter.core.closing;

import java.util.Optional;
import silentotter.core.fault.Family;

/**
 * What the technician says it is, before it is opened: one suspect, and how sure.
 *
 * @param cylinder empty for the whole engine
 * @param certaintyPercent 1 to 99
 * @param because in the technician's own words
 * @param shared whether others may see it under the technician's name; nobody does unless it says so
 */
public record OwnVerdict(
        Optional<Family> family,
        Optional<Integer> cylinder,
        Optional<Double> certaintyPercent,
        Optional<String> because,
        Optional<Boolean> shared) {

    /** Whether it says enough to be held against what is found; no getter, so that results do not show it. */
    public boolean complete() {
        return family.isPresent() && certaintyPercent.isPresent();
    }
}
