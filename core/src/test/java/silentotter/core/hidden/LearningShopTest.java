package silentotter.core.hidden;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;
import silentotter.core.finding.Shop;
import silentotter.core.inference.GaugeCurve;
import silentotter.core.twin.LeakCurve;

class LearningShopTest {
    /** Through the whole model, on engines of other habits: what was learnt does not make the next verdicts worse. */
    @Test
    void whatIsLearntDoesNotMakeTheNextVerdictsWorse() {
        LearningShop shop = LearningShop.of(
                RoundDone.COMPRESSION_ONLY, 900_001, 60, 40, new Shop(Map.of(), LeakCurve::of, GaugeCurve::of));

        assertThat(shop.lesson().moved()).isNotEmpty();
        assertThat(shop.with().log()).isLessThan(shop.without().log() + .01);
        assertThat(shop.with().brier())
                .isLessThan(shop.without().brier() + shop.without().brierError().orElseThrow());
    }
}
