package silentotter.app.sheet;

import jakarta.annotation.Nullable;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.examination.Examination;
import silentotter.core.examination.ExaminationReading;
import silentotter.core.examination.LossyStep;
import silentotter.core.finding.Statement;
import silentotter.core.finding.Suspect;
import silentotter.core.finding.Suspicion;
import silentotter.core.intake.IntakeRules;
import silentotter.core.plugs.PlugSchool;

/** What the examination says, in plain words and numbers. */
record ExaminationView(
        List<PlugView> plugs,
        @Nullable String plugSet,
        List<String> plugNotes,
        List<PlugSchoolView> plugSchools,
        List<InsideView> inside,
        List<StatementView> statements,
        List<SuspicionView> suspicions,
        List<StepView> steps) {

    /** What a plug looks like, and how fast its gap grows where that is known. */
    record PlugView(
            int cylinder,
            String look,
            @Nullable Double growthMmPer1000Km,
            @Nullable Double timesOrdinary) {}

    record PlugSchoolView(PlugSchool school, String words, boolean leads) {}

    record InsideView(int cylinder, String look) {}

    /** @param counts whether the school of plug reading that leads in this shop makes this statement */
    record StatementView(
            String rule,
            Statement.Source source,
            List<Integer> cylinders,
            String says,
            String because,
            double likelihoodRatio,
            String weight,
            List<String> suspects,
            @Nullable String tellApart,
            boolean stopsRunning,
            boolean fullReadingOnly,
            boolean counts) {
        static StatementView of(Statement s, boolean counts, UnaryOperator<String> say) {
            return new StatementView(
                    s.rule(),
                    s.source(),
                    numbers(s.cylinders()),
                    say.apply(s.says()),
                    say.apply(s.because()),
                    s.weight().likelihoodRatio(),
                    s.weight().words(),
                    s.suspects().stream().map(Suspect::words).toList(),
                    s.tellApart().map(say).orElse(null),
                    s.stopsRunning(),
                    s.fullReadingOnly(),
                    counts);
        }
    }

    /** @param withoutPrior the same without the stated weakness of the family, where that is part of it */
    record SuspicionView(
            String suspect,
            List<Integer> cylinders,
            double likelihoodRatio,
            @Nullable Double withoutPrior) {
        static SuspicionView of(Suspicion s) {
            Suspicion without = s.without(IntakeRules.KNOWN_WEAKNESS);
            return new SuspicionView(
                    s.suspect().words(),
                    numbers(s.cylinders()),
                    s.weight().likelihoodRatio(),
                    without.statements().size() < s.statements().size()
                            ? without.weight().likelihoodRatio()
                            : null);
        }
    }

    /** @param missing what could be captured only before this step and has not been */
    record StepView(
            LossyStep step,
            String words,
            List<String> missing,
            @Nullable String takenAt) {}

    static ExaminationView of(
            Engine engine,
            Examination examination,
            ExaminationReading reading,
            PlugSchool leading,
            UnaryOperator<String> say) {
        return new ExaminationView(
                reading.plugs().looks().entrySet().stream()
                        .map(e -> plug(e.getKey(), e.getValue().words(), reading))
                        .toList(),
                reading.plugs().set().map(say).orElse(null),
                reading.plugs().notes(),
                Stream.of(PlugSchool.values())
                        .map(s -> new PlugSchoolView(s, s.words(), s == leading))
                        .toList(),
                examination.inside().entrySet().stream()
                        .map(e -> new InsideView(e.getKey(), e.getValue().inWords()))
                        .filter(v -> !v.look().isEmpty())
                        .toList(),
                statements(reading, say),
                reading.suspicions().stream().map(SuspicionView::of).toList(),
                Stream.of(LossyStep.values())
                        .filter(s -> s.isOf(engine))
                        .map(s -> new StepView(
                                s,
                                s.words(),
                                s.missing(engine, examination),
                                examination.steps().get(s)))
                        .toList());
    }

    private static PlugView plug(CylinderNumber cylinder, String look, ExaminationReading reading) {
        return Optional.ofNullable(reading.plugs().growth().get(cylinder))
                .map(g -> new PlugView(cylinder.value(), look, g.mmPer1000Km(), g.timesOrdinary()))
                .orElse(new PlugView(cylinder.value(), look, null, null));
    }

    /** All statements: those that count, and those of plugs that only the other school makes. */
    private static List<StatementView> statements(ExaminationReading reading, UnaryOperator<String> say) {
        return Stream.concat(
                        reading.statements().stream().map(s -> StatementView.of(s, true, say)),
                        reading.plugs().statements().stream()
                                .filter(s -> !reading.statements().contains(s))
                                .map(s -> StatementView.of(s, false, say)))
                .toList();
    }

    private static List<Integer> numbers(List<CylinderNumber> cylinders) {
        return cylinders.stream().map(CylinderNumber::value).toList();
    }
}
