package silentotter.app.sheet;

import jakarta.annotation.Nullable;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import silentotter.app.leakdown.Leakdown.NotCounted;
import silentotter.app.leakdown.Leakdown.StoredLeakdown;
import silentotter.app.leakdown.Testers.StoredTester;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.leakdown.Cautions;
import silentotter.core.leakdown.CrankPosition;
import silentotter.core.leakdown.CrossCheck;
import silentotter.core.leakdown.CylinderLeak;
import silentotter.core.leakdown.Grade;
import silentotter.core.leakdown.LeakdownAnalysis;
import silentotter.core.leakdown.LeakdownSchool;
import silentotter.core.leakdown.PathShare;
import silentotter.core.leakdown.Place;
import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Length;

/** Leak-down in plain numbers: what was read, what it says, and where the crank goes next. */
record LeakdownView(
        List<StoredLeakdown> readings,
        List<NotCounted> notCounted,
        List<StoredTester> testers,
        List<LeakView> cylinders,
        boolean comparable,
        List<LeakdownSchoolView> schools,
        List<LeakdownFaultView> faults,
        List<CrossView> crossChecks,
        List<String> passes,
        List<TesterReadingView> byTester,
        List<CrankView> crank,
        List<String> cautions) {

    record LeakView(
            int cylinder,
            double percent,
            @Nullable RangeView areaMm2,
            @Nullable Double holeMm,
            @Nullable Double freeAirLPerMin,
            @Nullable Double masterPercent,
            @Nullable Double detectionMm2,
            @Nullable Grade grade,
            boolean leaks,
            int attempts,
            boolean recoverable,
            List<ShareView> paths,
            String reason) {
        static LeakView of(CylinderLeak l, UnaryOperator<String> say) {
            return new LeakView(
                    l.cylinder().value(),
                    l.reading().percent(),
                    l.area().map(RangeView::ofAreas).orElse(null),
                    l.area().map(a -> a.best().equivalentHole().mm()).orElse(null),
                    l.freeAirLPerMin().orElse(null),
                    l.masterPercent().orElse(null),
                    l.detection().map(LeakArea::squareMm).orElse(null),
                    l.grade().orElse(null),
                    l.leaks(),
                    l.attempts(),
                    l.recoverable(),
                    l.paths().stream().map(ShareView::of).toList(),
                    say.apply(l.reason()));
        }
    }

    record ShareView(Place place, String words, double share) {
        static ShareView of(PathShare p) {
            return new ShareView(p.place(), p.place().words() + " " + p.heard().words(), p.share());
        }
    }

    record TesterReadingView(
            String tester,
            int cylinder,
            double percent,
            @Nullable RangeView areaMm2) {}

    record LeakdownSchoolView(LeakdownSchool school, String title, List<GradeView> grades) {}

    record GradeView(int cylinder, @Nullable Grade grade) {}

    record LeakdownFaultView(String kind, List<Integer> cylinders, String text, String remedy) {}

    record CrossView(int cylinder, RangeView predicted, double measured, CrossCheck.Outcome outcome, String text) {}

    /** Where the crank goes after a cylinder, and which valves stand open at it: plug those before a gasket is blamed. */
    record CrankView(int cylinder, int next, double turnDeg, List<Integer> intakeOpen, List<Integer> exhaustOpen) {
        static CrankView of(CrankPosition p) {
            return new CrankView(
                    p.cylinder().value(),
                    p.next().value(),
                    p.turnToNextDeg(),
                    numbers(p.intakeOpen()),
                    numbers(p.exhaustOpen()));
        }
    }

    static LeakdownView of(Engine engine, Interpretation said, JobHeld held, UnaryOperator<String> say) {
        LeakdownAnalysis a = said.leakdown();
        Optional<Length> bore = engine.size().bore();
        return new LeakdownView(
                held.leaks(),
                said.notCounted(),
                held.testers(),
                a.cylinders().values().stream().map(l -> LeakView.of(l, say)).toList(),
                a.comparable(),
                Stream.of(LeakdownSchool.values())
                        .map(s -> new LeakdownSchoolView(
                                s,
                                s.title(),
                                a.cylinders().values().stream()
                                        .map(l -> new GradeView(
                                                l.cylinder().value(),
                                                s.grade(l, bore).orElse(null)))
                                        .toList()))
                        .toList(),
                a.faults().stream()
                        .map(f -> new LeakdownFaultView(
                                f.kind(), numbers(f.cylinders()), say.apply(f.text()), say.apply(f.remedy())))
                        .toList(),
                a.crossChecks().stream()
                        .map(c -> new CrossView(
                                c.cylinder().value(),
                                RangeView.ofNumbers(c.predicted()),
                                c.measured(),
                                c.outcome(),
                                say.apply(c.text())))
                        .toList(),
                a.passes().stream().map(say).toList(),
                a.byTester().stream()
                        .map(r -> new TesterReadingView(
                                r.tester(),
                                r.cylinder().value(),
                                r.percent(),
                                r.area().map(RangeView::ofAreas).orElse(null)))
                        .toList(),
                engine.arrangement().cylinders().stream()
                        .flatMap(c -> CrankPosition.of(engine, c).stream())
                        .map(CrankView::of)
                        .toList(),
                Cautions.all());
    }

    private static List<Integer> numbers(List<CylinderNumber> cylinders) {
        return cylinders.stream().map(CylinderNumber::value).toList();
    }
}
