package silentotter.core.examination;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import silentotter.core.engine.Cycle;
import silentotter.core.engine.Engine;
import silentotter.core.fault.Fault;
import silentotter.core.finding.Finding;
import silentotter.core.plugs.PlugReading;

/**
 * What an examination says.
 *
 * @param findings those that count in this shop: a school of plug reading may leave some out
 */
public record ExaminationReading(PlugReading plugs, List<Finding> findings) {
    /** The reading of an examination that has not begun. */
    public static final ExaminationReading NOTHING = new ExaminationReading(
            new PlugReading(Map.of(), Map.of(), Optional.empty(), List.of(), List.of()), List.of());

    /** All findings of a round on an engine: a two-stroke is not suspected of what it does not have. */
    public static ExaminationReading of(Engine engine, PlugReading plugs, List<Finding> findings) {
        List<Finding> possible = engine.cycle() != Cycle.TWO_STROKE
                ? findings
                : findings.stream()
                        .flatMap(s -> s.without(Fault::isOfFourStrokesOnly).stream())
                        .toList();
        return new ExaminationReading(plugs, possible);
    }

    public List<Finding> stops() {
        return findings.stream().filter(Finding::stopsRunning).toList();
    }
}
