package silentotter.core.hidden;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import silentotter.core.finding.Shop;

/** Rounds played step by step: the plan ends, costs less than the whole round, and loses about as little. */
class PlaythroughTest {
    @Test
    void aPlannedRoundEndsAndIsShorter() {
        double planned = 0;
        double whole = 0;
        double lossPlanned = 0;
        double lossWhole = 0;
        for (long seed = 31; seed < 37; seed++) {
            HiddenJob job = Workshop.job(seed, RoundDone.FULL, 4);
            Playthrough.Result p = Playthrough.planned(job, Shop.USUAL);
            Playthrough.Result w = Playthrough.inUsualOrder(job, Shop.USUAL, 1);
            assertThat(p.minutes()).isPositive();
            assertThat(p.certainty()).isBetween(0.0, 1.0);
            assertThat(p.loss()).isNotNegative();
            planned += p.minutes();
            whole += w.minutes();
            lossPlanned += p.loss();
            lossWhole += w.loss();
        }
        assertThat(planned).isLessThan(whole);
        assertThat(lossPlanned)
                .as("six engines, so only that it is no disaster")
                .isLessThan(2 * lossWhole + 6000);
    }

    @Test
    void theUsualOrderStopsOnceItIsSureEnough() {
        HiddenJob job = Workshop.job(31, RoundDone.FULL, 4);
        Playthrough.Result some = Playthrough.inUsualOrder(job, Shop.USUAL, .3);
        Playthrough.Result all = Playthrough.inUsualOrder(job, Shop.USUAL, 1);
        assertThat(some.minutes()).isLessThanOrEqualTo(all.minutes());
    }
}
