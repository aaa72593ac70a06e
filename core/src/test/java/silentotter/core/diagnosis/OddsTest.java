package silentotter.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The words for odds are fixed: the same probability is said in the same words everywhere. */
class OddsTest {
    @ParameterizedTest
    @CsvSource({
        "1, PRACTICALLY_CERTAIN",
        ".97, PRACTICALLY_CERTAIN",
        ".9699, VERY_LIKELY",
        ".85, VERY_LIKELY",
        ".8499, LIKELY",
        ".65, LIKELY",
        ".6499, EVEN",
        ".4, EVEN",
        ".3999, POSSIBLE",
        ".15, POSSIBLE",
        ".1499, UNLIKELY",
        ".03, UNLIKELY",
        ".0299, VERY_UNLIKELY",
        "0, VERY_UNLIKELY"
    })
    void eachWordHasItsRange(double probability, Odds odds) {
        assertThat(Odds.of(probability)).isEqualTo(odds);
    }

    @Test
    void everyWordIsDifferentAndGoesDown() {
        for (int i = 1; i < Odds.values().length; i++) {
            assertThat(Odds.values()[i].from()).isLessThan(Odds.values()[i - 1].from());
        }
        assertThat(Odds.values()).extracting(Odds::words).doesNotHaveDuplicates();
    }
}
