package silentotter.app.waveform;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.Problems;
import silentotter.core.waveform.Stroke;
import silentotter.core.waveform.Waveform;
import silentotter.core.waveform.WaveformKind;

/**
 * A waveform as the database and the API write it.
 *
 * @param cylinder by its number, of one that was recorded in a cylinder
 * @param first which stroke belongs to the first cylinder of the firing order, from 0
 */
record WaveformDocument(
        WaveformKind kind,
        String name,
        @Nullable Integer cylinder,
        List<Stroke> strokes,
        @Nullable Integer first) {
    private static final int MOST_CYLINDERS = 16;

    /** @param cylinders of the engine; what is wrong is added, and then what is returned counts for nothing */
    Waveform read(int cylinders, Problems problems, String path) {
        if (cylinder != null && (cylinder < 1 || cylinder > MOST_CYLINDERS)) {
            problems.add(FieldProblem.of(path + "cylinder", "does not exist on this engine", "1 to " + cylinders));
        }
        Waveform waveform = new Waveform(
                kind,
                name,
                Optional.ofNullable(cylinder)
                        .filter(c -> c >= 1 && c <= MOST_CYLINDERS)
                        .map(CylinderNumber::of),
                strokes,
                Optional.ofNullable(first));
        waveform.check(cylinders, problems, path);
        return waveform;
    }
}
