package silentotter.app.instrument;

import java.util.List;
import org.jspecify.annotations.Nullable;
import silentotter.core.capture.BuildUpSeen;
import silentotter.core.scpi.LineCondition;
import silentotter.core.wording.Worded;

/**
 * How a line to an instrument stands.
 *
 * @param identity what it says it is
 * @param unit of its values, in its own words
 * @param values of the last sample; empty where there is none, or it was no number
 * @param ageMs since that sample
 * @param buildUp the strokes of the last cranking, of a compression gauge; null of another one
 * @param said what to do about it, in a sentence; null where all is well
 */
record LineState(
        LineCondition condition,
        @Nullable String identity,
        @Nullable String unit,
        List<Double> values,
        @Nullable Long ageMs,
        @Nullable String said,
        @Nullable BuildUpSeen buildUp)
        implements Worded {}
