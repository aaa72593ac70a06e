package silentotter.core.diagnosis;

import java.util.List;
import java.util.Map;
import silentotter.core.engine.CylinderNumber;

/**
 * What all findings of a job say together.
 *
 * @param doesNotFit contradictions and suspected measuring errors, to be settled first
 */
public record Diagnosis(
        Verdict engine, Map<CylinderNumber, Verdict> cylinders, List<EscapePath> paths, List<String> doesNotFit) {}
