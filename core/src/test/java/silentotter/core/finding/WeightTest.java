package silentotter.core.finding;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

class WeightTest {
    @Test
    void fourCorrelatedSignsOfFourAreWorthAboutNine() {
        Weight four = Weight.together(Collections.nCopies(4, Weight.of(4)));
        assertThat(four.likelihoodRatio()).isBetween(9.0, 9.4);
    }

    @Test
    void aFurtherWeakSignNeverTakesAway() {
        assertThat(Weight.together(List.of(Weight.of(20), Weight.of(1.1))).likelihoodRatio())
                .isGreaterThan(19.99);
        assertThat(Weight.together(List.of()).likelihoodRatio()).isEqualTo(1);
    }

    @Test
    void signsAgainstCountInFull() {
        assertThat(Weight.together(List.of(Weight.of(4), Weight.of(0.5))).likelihoodRatio())
                .isCloseTo(2, org.assertj.core.data.Offset.offset(1e-9));
    }

    @Test
    void noSingleSignIsAboveTwenty() {
        assertThat(Weight.of(1000).likelihoodRatio()).isEqualTo(20);
        assertThat(Weight.of(0).likelihoodRatio()).isEqualTo(0.05);
    }
}
