package silentotter.app.sheet;

import jakarta.annotation.Nullable;
import java.util.List;
import silentotter.core.diagnosis.Diagnosis;
import silentotter.core.diagnosis.EscapePath;
import silentotter.core.diagnosis.PathKind;
import silentotter.core.diagnosis.Sureness;
import silentotter.core.diagnosis.Tone;
import silentotter.core.diagnosis.Verdict;
import silentotter.core.engine.CylinderNumber;

/** The diagnosis in plain values. */
record DiagnosisView(
        VerdictView engine, List<CylinderVerdictView> cylinders, List<PathView> paths, List<String> doesNotFit) {

    record VerdictView(
            Tone tone,
            String what,
            Sureness sureness,
            String surenessWords,
            List<String> why,
            String next,
            String misses) {
        static VerdictView of(Verdict v) {
            return new VerdictView(
                    v.tone(), v.what(), v.sureness(), v.sureness().words(), v.why(), v.next(), v.misses());
        }
    }

    record CylinderVerdictView(int cylinder, VerdictView verdict) {}

    record PathView(
            int cylinder,
            PathKind kind,
            @Nullable Integer towards,
            @Nullable RangeView areaMm2,
            Sureness sureness) {
        static PathView of(EscapePath p) {
            return new PathView(
                    p.cylinder().value(),
                    p.kind(),
                    p.towards().map(CylinderNumber::value).orElse(null),
                    p.area().map(RangeView::ofAreas).orElse(null),
                    p.sureness());
        }
    }

    static DiagnosisView of(Diagnosis d) {
        return new DiagnosisView(
                VerdictView.of(d.engine()),
                d.cylinders().entrySet().stream()
                        .map(e -> new CylinderVerdictView(e.getKey().value(), VerdictView.of(e.getValue())))
                        .toList(),
                d.paths().stream().map(PathView::of).toList(),
                d.doesNotFit());
    }
}
