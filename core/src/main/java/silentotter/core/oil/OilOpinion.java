package silentotter.core.oil;

import java.util.Optional;
import silentotter.core.finding.Judged;
import silentotter.core.quantity.Estimate;
import silentotter.core.wording.Worded;

/**
 * What one school says.
 *
 * @param rate in what this school counts by
 * @param judged empty where it cannot be asked
 * @param proved whether the whole interval stands there
 * @param says in a sentence; what is missing where it cannot be asked
 */
public record OilOpinion(
        OilSchool school, Optional<Estimate<Double>> rate, Optional<Judged> judged, boolean proved, String says)
        implements Worded {}
