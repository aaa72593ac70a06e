package silentotter.core.compression;

import java.util.List;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.wording.Worded;

/**
 * One school's ruling on one engine, with its reason.
 *
 * @param rule the school's rule in words, with its limit
 * @param cylinders those that the ruling is about; empty when it holds
 * @param reason the measured figure against the limit, in a sentence
 */
public record SchoolOpinion(School school, Ruling ruling, String rule, List<CylinderNumber> cylinders, String reason)
        implements Worded {
    /** What a school says of a set of readings. */
    public enum Ruling {
        HOLDS,
        WATCH,
        FAILS,
        /** The limit lies within the repeatability of the gauge around the measured value. */
        TOO_CLOSE,
        /** The school cannot be asked: wrong kind of engine, or a figure is missing. */
        NOT_ASKED
    }
}
