package silentotter.app.leakdown;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import silentotter.app.leakdown.LeakdownPart.NotCounted;
import silentotter.app.leakdown.Testers.StoredTester;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.finding.ReadingFault;
import silentotter.core.interpretation.Interpretation;
import silentotter.core.leakdown.Cautions;
import silentotter.core.leakdown.CrankPosition;
import silentotter.core.leakdown.CrossCheck;
import silentotter.core.leakdown.CylinderLeak;
import silentotter.core.leakdown.Grade;
import silentotter.core.leakdown.LeakdownAnalysis;
import silentotter.core.leakdown.LeakdownSchool;
import silentotter.core.leakdown.PathShare;
import silentotter.core.quantity.Estimate;
import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Length;
import silentotter.core.wording.Worded;

/** Leak-down in plain numbers: what was read, what it says, and where the crank goes next. */
record LeakdownView(
        List<StoredLeakdown> readings,
        List<NotCounted> notCounted,
        List<StoredTester> testers,
        List<LeakView> cylinders,
        boolean comparable,
        List<LeakdownSchoolView> schools,
        List<ReadingFault> faults,
        List<CrossCheck> crossChecks,
        List<LeakdownAnalysis.TesterReading> byTester,
        List<CrankPosition> crank,
        List<String> cautions)
        implements Worded {

    /** @param hole one round hole of the same area */
    record LeakView(
            CylinderNumber cylinder,
            double percent,
            Optional<Estimate<LeakArea>> area,
            Optional<Length> hole,
            Optional<Double> freeAirLPerMin,
            Optional<Double> masterPercent,
            Optional<LeakArea> detection,
            Optional<Grade> grade,
            boolean leaks,
            int attempts,
            boolean recoverable,
            List<PathShare> paths,
            String reason)
            implements Worded {
        static LeakView of(CylinderLeak l) {
            return new LeakView(
                    l.cylinder(),
                    l.reading().percent(),
                    l.area(),
                    l.area().map(a -> a.best().equivalentHole()),
                    l.freeAirLPerMin(),
                    l.masterPercent(),
                    l.detection(),
                    l.grade(),
                    l.leaks(),
                    l.attempts(),
                    l.recoverable(),
                    l.paths(),
                    l.reason());
        }
    }

    record LeakdownSchoolView(LeakdownSchool school, List<GradeView> grades) implements Worded {}

    record GradeView(CylinderNumber cylinder, Optional<Grade> grade) {}

    static LeakdownView of(Interpretation said, LeakdownPart.Kept kept, List<NotCounted> notCounted) {
        LeakdownAnalysis a = said.leakdown();
        Engine engine = said.engine();
        Optional<Length> bore = engine.size().bore();
        return new LeakdownView(
                kept.readings(),
                notCounted,
                kept.testers(),
                a.cylinders().values().stream().map(LeakView::of).toList(),
                a.comparable(),
                Stream.of(LeakdownSchool.values())
                        .map(s -> new LeakdownSchoolView(
                                s,
                                a.cylinders().values().stream()
                                        .map(l -> new GradeView(l.cylinder(), s.grade(l, bore)))
                                        .toList()))
                        .toList(),
                a.faults(),
                a.crossChecks(),
                a.byTester(),
                engine.arrangement().cylinders().stream()
                        .flatMap(c -> CrankPosition.of(engine, c).stream())
                        .toList(),
                Cautions.of(engine));
    }
}
