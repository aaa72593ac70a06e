package silentotter.app.sheet;

import jakarta.annotation.Nullable;
import java.util.List;
import java.util.function.UnaryOperator;
import silentotter.core.diagnosis.Diagnosis;
import silentotter.core.diagnosis.EscapePath;
import silentotter.core.diagnosis.Sureness;
import silentotter.core.diagnosis.Tone;
import silentotter.core.diagnosis.Verdict;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.finding.PathKind;

/** The diagnosis in plain values. */
record DiagnosisView(
        VerdictView engine,
        List<CylinderVerdictView> cylinders,
        List<PathView> paths,
        List<String> doesNotFit,
        List<String> open,
        List<String> stops) {

    record VerdictView(
            Tone tone,
            String what,
            Sureness sureness,
            String surenessWords,
            List<String> why,
            String next,
            String misses) {
        static VerdictView of(Verdict v, UnaryOperator<String> say) {
            return new VerdictView(
                    v.tone(),
                    say.apply(v.what()),
                    v.sureness(),
                    v.sureness().words(),
                    v.why().stream().map(say).toList(),
                    say.apply(v.next()),
                    say.apply(v.misses()));
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

    static DiagnosisView of(Diagnosis d, UnaryOperator<String> say) {
        return new DiagnosisView(
                VerdictView.of(d.engine(), say),
                d.cylinders().entrySet().stream()
                        .map(e -> new CylinderVerdictView(e.getKey().value(), VerdictView.of(e.getValue(), say)))
                        .toList(),
                d.paths().stream().map(PathView::of).toList(),
                d.doesNotFit().stream().map(say).toList(),
                d.open().stream().map(say).toList(),
                d.stops().stream().map(say).toList());
    }
}
