package silentotter.core.inference;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;

/**
 * Four merged points for each ring area against sixteen. With {@code -Dotter.printErrors=true} the figures of
 * docs/judgement.md are printed.
 */
class MergingTest {
    private static final int FINE = 16;
    private static final double WORST = .02;

    @Test
    void fourPointsOfEachRingAreaSayWhatSixteenSay() {
        double worst = 0;
        double sum = 0;
        int count = 0;
        for (ReferenceCases.Reference reference : ReferenceCases.all()) {
            SealModel usual = SealModel.of(reference.seal());
            SealModel fine = SealModel.of(reference.seal(), FINE);
            assertThat(fine.g).isGreaterThanOrEqualTo(usual.g);
            for (Map.Entry<Member, Double> e : fine.probabilities().members().entrySet()) {
                double off = Math.abs(e.getValue() - usual.probability(e.getKey()));
                assertThat(off)
                        .as("%s of job %d", e.getKey(), reference.number())
                        .isLessThan(WORST);
                worst = Math.max(worst, off);
                sum += off;
                count++;
            }
        }
        if (Boolean.getBoolean("otter.printErrors")) {
            System.out.printf("merging: worst %.4f, mean %.5f over %d%n", worst, sum / count, count);
        }
    }
}
