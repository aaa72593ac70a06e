package silentotter.core.blowby;

import java.util.Optional;
import silentotter.core.finding.Judged;
import silentotter.core.quantity.Estimate;
import silentotter.core.wording.Worded;

/**
 * What one school says.
 *
 * @param judged empty where it cannot be asked
 * @param sure whether the whole interval lies within that grade
 * @param says in a sentence; what is missing where it cannot be asked
 */
public record BlowbyOpinion(BlowbySchool school, Optional<Judged> judged, boolean sure, String says) implements Worded {

    static BlowbyOpinion notAsked(BlowbySchool school, String why) {
        return new BlowbyOpinion(school, Optional.empty(), false, why);
    }

    static BlowbyOpinion of(BlowbySchool school, Estimate<Double> value, double watch, double fault, String says) {
        Judged judged = Judged.of(value.best(), watch, fault);
        return new BlowbyOpinion(school, Optional.of(judged), Judged.isSure(value, watch, fault), says);
    }
}
