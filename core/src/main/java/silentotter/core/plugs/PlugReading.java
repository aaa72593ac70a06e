package silentotter.core.plugs;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.finding.Finding;
import silentotter.core.wording.Worded;

/**
 * A tray of plugs, read: the set first, then plug by plug.
 *
 * @param looks what each plug looks like, where enough was said of it
 * @param growth of each gap, where gap, new gap and age are known
 * @param set the set in a sentence: all alike, or which is the odd one; empty until two plugs were looked at
 * @param notes what the reading had to allow for, each in a sentence
 */
public record PlugReading(
        Map<CylinderNumber, PlugLook> looks,
        Map<CylinderNumber, GapGrowth> growth,
        Optional<String> set,
        List<String> notes,
        List<Finding> findings)
        implements Worded {

    /** The findings that a school makes. */
    public List<Finding> of(PlugSchool school) {
        return findings.stream()
                .filter(s -> school == PlugSchool.FULL_READING || !s.fullReadingOnly())
                .toList();
    }
}
