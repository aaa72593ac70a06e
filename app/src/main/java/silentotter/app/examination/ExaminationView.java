package silentotter.app.examination;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.examination.Examination;
import silentotter.core.examination.ExaminationReading;
import silentotter.core.examination.LossyStep;
import silentotter.core.finding.Finding;
import silentotter.core.inside.CylinderInside;
import silentotter.core.interpretation.Interpretation;
import silentotter.core.plugs.GapGrowth;
import silentotter.core.plugs.PlugLook;
import silentotter.core.plugs.PlugSchool;
import silentotter.core.wording.Worded;

/** What the examination says, in plain words and numbers. */
record ExaminationView(
        List<PlugView> plugs,
        Optional<String> plugSet,
        List<String> plugNotes,
        List<PlugSchoolView> plugSchools,
        List<InsideView> inside,
        List<FindingView> findings,
        List<StepView> steps)
        implements Worded {

    /** What a plug looks like, whether oil shows and whether it is odd; how fast its gap grows where that is known. */
    record PlugView(
            int cylinder,
            String look,
            boolean oily,
            boolean odd,
            Optional<Double> growthMmPer1000Km,
            Optional<Double> timesOrdinary) {}

    record PlugSchoolView(PlugSchool school, boolean leads) implements Worded {}

    record InsideView(int cylinder, String look, boolean oily, boolean odd) {}

    /** @param counts whether the school of plug reading that leads in this shop makes this finding */
    record FindingView(@JsonUnwrapped Finding finding, boolean counts) {}

    /** @param missing what could be captured only before this step and has not been */
    record StepView(
            LossyStep step, List<String> missing, @Nullable String takenAt) implements Worded {}

    static ExaminationView of(Examination examination, Interpretation said, PlugSchool leading) {
        Engine engine = said.engine();
        ExaminationReading reading = said.seen();
        return new ExaminationView(
                reading.plugs().looks().entrySet().stream()
                        .map(e -> plug(e.getKey(), e.getValue(), reading))
                        .toList(),
                reading.plugs().set(),
                reading.plugs().notes(),
                Stream.of(PlugSchool.values())
                        .map(s -> new PlugSchoolView(s, s == leading))
                        .toList(),
                examination.inside().entrySet().stream()
                        .flatMap(e -> e.getValue().look().map(l -> inside(e.getKey(), l)).stream())
                        .toList(),
                findings(reading),
                Stream.of(LossyStep.values())
                        .filter(s -> s.isOf(engine))
                        .map(s -> new StepView(
                                s,
                                s.missing(engine, examination),
                                examination.steps().get(s)))
                        .toList());
    }

    private static InsideView inside(int cylinder, CylinderInside.InsideLook look) {
        return new InsideView(
                cylinder,
                look.words(),
                look == CylinderInside.InsideLook.OIL_WET,
                look != CylinderInside.InsideLook.DRY);
    }

    private static PlugView plug(CylinderNumber cylinder, PlugLook look, ExaminationReading reading) {
        Optional<GapGrowth> growth =
                Optional.ofNullable(reading.plugs().growth().get(cylinder));
        return new PlugView(
                cylinder.value(),
                look.words(),
                look == PlugLook.OIL_WET || look == PlugLook.ASH,
                look != PlugLook.TAN && look != PlugLook.PALE,
                growth.map(GapGrowth::mmPer1000Km),
                growth.map(GapGrowth::timesOrdinary));
    }

    /** All findings: those that count, and those of plugs that only the other school makes. */
    private static List<FindingView> findings(ExaminationReading reading) {
        return Stream.concat(
                        reading.findings().stream().map(s -> new FindingView(s, true)),
                        reading.plugs().findings().stream()
                                .filter(s -> !reading.findings().contains(s))
                                .map(s -> new FindingView(s, false)))
                .toList();
    }
}
