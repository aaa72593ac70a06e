package silentotter.app.sheet;

import java.util.List;
import silentotter.core.diagnosis.Diagnosis;
import silentotter.core.diagnosis.EscapePath;
import silentotter.core.diagnosis.Sureness;
import silentotter.core.diagnosis.Tone;
import silentotter.core.diagnosis.Verdict;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.wording.Worded;

/** The diagnosis in plain values. */
record DiagnosisView(
        VerdictView engine,
        List<CylinderVerdictView> cylinders,
        List<EscapePath> paths,
        List<String> doesNotFit,
        List<String> open,
        List<String> stops)
        implements Worded {

    record VerdictView(
            Tone tone,
            String what,
            Sureness sureness,
            String surenessWords,
            List<String> why,
            String next,
            String misses)
            implements Worded {
        static VerdictView of(Verdict v) {
            return new VerdictView(
                    v.tone(), v.what(), v.sureness(), v.sureness().words(), v.why(), v.next(), v.misses());
        }
    }

    record CylinderVerdictView(CylinderNumber cylinder, VerdictView verdict) {}

    static DiagnosisView of(Diagnosis d) {
        return new DiagnosisView(
                VerdictView.of(d.engine()),
                d.cylinders().entrySet().stream()
                        .map(e -> new CylinderVerdictView(e.getKey(), VerdictView.of(e.getValue())))
                        .toList(),
                d.paths(),
                d.doesNotFit(),
                d.open(),
                d.stops());
    }
}
