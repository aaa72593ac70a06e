package silentotter.core.examination;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import silentotter.core.crankcase.HoldRules;
import silentotter.core.engine.Cycle;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.finding.Statement;
import silentotter.core.finding.Suspect;
import silentotter.core.finding.Suspicion;
import silentotter.core.inside.InsideRules;
import silentotter.core.intake.IntakeRules;
import silentotter.core.plugs.PlugReader;
import silentotter.core.plugs.PlugReading;
import silentotter.core.plugs.PlugSchool;
import silentotter.core.signs.SignRules;
import silentotter.core.valves.ClearanceRules;

/**
 * What an examination says.
 *
 * @param statements those that count in this shop: a school of plug reading may leave some out
 * @param suspicions what the statements point to together, strongest first
 */
public record ExaminationReading(PlugReading plugs, List<Statement> statements, List<Suspicion> suspicions) {
    /** The reading of an examination that has not begun. */
    public static final ExaminationReading NOTHING = new ExaminationReading(
            new PlugReading(Map.of(), Map.of(), Optional.empty(), List.of(), List.of()), List.of(), List.of());

    /** @param school which school of plug reading counts in this shop */
    public static ExaminationReading read(Engine engine, Examination examination, PlugSchool school) {
        PlugReading plugs = PlugReader.read(engine, examination.intake(), examination.plugs());
        List<Statement> statements = new ArrayList<>(IntakeRules.read(examination.intake()));
        statements.addAll(SignRules.read(examination.signs()));
        statements.addAll(plugs.of(school));
        statements.addAll(ClearanceRules.read(engine, examination.valves()));
        statements.addAll(InsideRules.read(examination.inside()));
        if (engine.cycle() == Cycle.TWO_STROKE) {
            statements.addAll(HoldRules.read(examination.crankcase()));
            statements = statements.stream()
                    .flatMap(s -> s.without(Suspect::isOfFourStrokesOnly).stream())
                    .toList();
        }
        return new ExaminationReading(plugs, statements, Suspicion.from(statements));
    }

    public List<Statement> stops() {
        return statements.stream().filter(Statement::stopsRunning).toList();
    }

    /** What points to this cylinder, strongest first. */
    public List<Suspicion> at(CylinderNumber cylinder) {
        return suspicions.stream().filter(s -> s.cylinders().contains(cylinder)).toList();
    }
}
