package silentotter.core.waveform;

import java.util.List;
import silentotter.core.wording.Worded;

/** What all waveforms of a job say. */
public record WaveformAnalysis(List<WaveformResult> results) implements Worded {
    public static final WaveformAnalysis NONE = new WaveformAnalysis(List.of());

    public WaveformAnalysis {
        results = List.copyOf(results);
    }
}
