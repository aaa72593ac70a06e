package silentotter.core.examination;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import silentotter.core.engine.Cycle;
import silentotter.core.engine.Engine;
import silentotter.core.fault.Fault;
import silentotter.core.finding.Statement;
import silentotter.core.plugs.PlugReading;

/**
 * What an examination says.
 *
 * @param statements those that count in this shop: a school of plug reading may leave some out
 */
public record ExaminationReading(PlugReading plugs, List<Statement> statements) {
    /** The reading of an examination that has not begun. */
    public static final ExaminationReading NOTHING = new ExaminationReading(
            new PlugReading(Map.of(), Map.of(), Optional.empty(), List.of(), List.of()), List.of());

    /** All findings of a round on an engine: a two-stroke is not suspected of what it does not have. */
    public static ExaminationReading of(Engine engine, PlugReading plugs, List<Statement> findings) {
        List<Statement> possible = engine.cycle() != Cycle.TWO_STROKE
                ? findings
                : findings.stream()
                        .flatMap(s -> s.without(Fault::isOfFourStrokesOnly).stream())
                        .toList();
        return new ExaminationReading(plugs, possible);
    }

    public List<Statement> stops() {
        return statements.stream().filter(Statement::stopsRunning).toList();
    }
}
