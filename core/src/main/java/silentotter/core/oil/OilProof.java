package silentotter.core.oil;

import java.util.Optional;
import silentotter.core.wording.Worded;

/**
 * Whether something is proved at 95 %, and if not, what would prove it.
 *
 * @param proved yes or no; empty while the interval lies across
 * @param after axis units from the last dip on, after which one further dip would decide; empty where none is needed, or
 *     none would within the oil there is
 */
public record OilProof(String asked, Optional<Boolean> proved, Optional<Double> after, String says) implements Worded {}
