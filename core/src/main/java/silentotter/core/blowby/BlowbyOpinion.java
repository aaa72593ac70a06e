package silentotter.core.blowby;

import java.util.Optional;
import silentotter.core.finding.Standing;
import silentotter.core.quantity.Estimate;
import silentotter.core.wording.Worded;

/**
 * What one school says.
 *
 * @param grade empty where it cannot be asked
 * @param sure whether the whole interval lies within that grade
 * @param says in a sentence; what is missing where it cannot be asked
 */
public record BlowbyOpinion(BlowbySchool school, Optional<Standing> grade, boolean sure, String says)
        implements Worded {

    static BlowbyOpinion notAsked(BlowbySchool school, String why) {
        return new BlowbyOpinion(school, Optional.empty(), false, why);
    }

    static BlowbyOpinion of(BlowbySchool school, Estimate<Double> value, double watch, double fault, String says) {
        Standing grade = Standing.of(value.best(), watch, fault);
        boolean sure =
                Standing.of(value.low(), watch, fault) == grade && Standing.of(value.high(), watch, fault) == grade;
        return new BlowbyOpinion(school, Optional.of(grade), sure, says);
    }
}
