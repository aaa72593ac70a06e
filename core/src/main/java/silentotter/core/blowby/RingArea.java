package silentotter.core.blowby;

import silentotter.core.quantity.Estimate;
import silentotter.core.quantity.LeakArea;
import silentotter.core.wording.Worded;

/**
 * What a flow implies as effective area of all rings together, by the running-engine twin.
 *
 * @param running while the engine runs
 * @param atRest what a leak-down would find: running rings seal about three times as well, known to a factor of three
 */
public record RingArea(BlowbyPoint point, Estimate<LeakArea> running, Estimate<LeakArea> atRest, String says)
        implements Worded {}
