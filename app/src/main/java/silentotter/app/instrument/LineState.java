package silentotter.app.instrument;

import java.util.List;
import org.jspecify.annotations.Nullable;
import silentotter.core.capture.BreathingSeen;
import silentotter.core.capture.BuildUpSeen;
import silentotter.core.capture.SettlingSeen;
import silentotter.core.scpi.LineCondition;
import silentotter.core.wording.Worded;

/**
 * How a line to an instrument stands.
 *
 * @param identity what it says it is
 * @param unit of its values, in its own words
 * @param values of the last sample; empty where there is none, or it was no number
 * @param ageMs since that sample
 * @param said what to do about it, in a sentence; null where all is well
 * @param doubt why what it reads is not to be believed, and what to do; null where nothing speaks against it
 * @param standIn whether it is one that ships with this, and can be told to crank its engine
 * @param buildUp the strokes of the last cranking, of a compression gauge; null of another one
 * @param settling how a leak-down tester settles; null of another one
 * @param breathing the mean and the pulses of a crankcase, of a manometer that has watched for a while
 */
record LineState(
        LineCondition condition,
        @Nullable String identity,
        @Nullable String unit,
        List<Double> values,
        @Nullable Long ageMs,
        @Nullable String said,
        @Nullable String doubt,
        boolean standIn,
        @Nullable BuildUpSeen buildUp,
        @Nullable SettlingSeen settling,
        @Nullable BreathingSeen breathing)
        implements Worded {}
