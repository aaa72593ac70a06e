package silentotter.core.waveform;

import java.util.List;
import java.util.Optional;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.Problems;
import silentotter.core.job.Observation;

/**
 * A recorded waveform, as its strokes.
 *
 * @param name of the file
 * @param cylinder in which it was recorded; empty of one that shows them all
 * @param strokes in order, 2 or more where it says anything
 * @param first which of them belongs to the first cylinder of the firing order, from 0; empty while nobody has said
 */
public record Waveform(
        WaveformKind kind,
        String name,
        Optional<CylinderNumber> cylinder,
        List<Stroke> strokes,
        Optional<Integer> first)
        implements Observation {
    private static final int LONGEST_NAME = 120;
    private static final int MOST_STROKES = 5000;

    public Waveform {
        strokes = List.copyOf(strokes);
    }

    /** Says everything that cannot be. @param cylinders of the engine */
    public void check(int cylinders, Problems problems, String path) {
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            problems.add(
                    FieldProblem.of(path + "name", "has no name of a file", "1 to " + LONGEST_NAME + " characters"));
        }
        if (kind.isOfOneCylinder() && cylinder.isEmpty()) {
            problems.add(path + "cylinder", "say in which cylinder it was recorded");
        }
        if (!kind.isOfOneCylinder() && cylinder.isPresent()) {
            problems.add(path + "cylinder", "it shows all cylinders");
        }
        if (cylinder.filter(c -> c.value() > cylinders).isPresent()) {
            problems.add(FieldProblem.of(
                    path + "cylinder", cylinder.get() + " does not exist on this engine", "1 to " + cylinders));
        }
        if (strokes.size() > MOST_STROKES) {
            problems.add(FieldProblem.of(path + "strokes", "are too many", "at most " + MOST_STROKES));
        }
        for (int i = 0; i < strokes.size(); i++) {
            double at = strokes.get(i).seconds();
            if (!Double.isFinite(at)
                    || !Double.isFinite(strokes.get(i).value())
                    || at < 0
                    || i > 0 && at <= strokes.get(i - 1).seconds()) {
                problems.add(path + "strokes", "must follow each other in time");
                break;
            }
        }
        if (first.filter(f -> f < 0 || f >= Math.max(1, strokes.size())).isPresent()) {
            problems.add(path + "first", "is none of its strokes");
        }
    }
}
