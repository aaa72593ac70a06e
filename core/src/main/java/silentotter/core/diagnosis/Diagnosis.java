package silentotter.core.diagnosis;

import java.util.List;
import java.util.Map;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.wording.Worded;

/**
 * What all findings of a job say together.
 *
 * @param doesNotFit contradictions and suspected measuring errors, to be settled first
 * @param open findings that the verdict does not explain; they qualify it and are printed with it
 * @param stops why the engine must not be run; empty when nothing says so
 */
public record Diagnosis(
        Verdict engine,
        Map<CylinderNumber, Verdict> cylinders,
        List<EscapePath> paths,
        List<String> doesNotFit,
        List<String> open,
        List<String> stops)
        implements Worded {}
