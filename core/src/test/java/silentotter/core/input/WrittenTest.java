package silentotter.core.input;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import silentotter.core.engine.Cycle;

class WrittenTest {
    private final Problems problems = new Problems();

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"12.5|,|12.5", "12,5|;|12.5", "1250|;|1250", "1.250|,|1.25", "0.125|;|0.125", "-3e2|,|-300"})
    void numbersComeWithPointOrComma(String text, char separator, double number) {
        assertThat(new Written("line 2", "pressure", text, separator).number(problems))
                .contains(number);
        assertThat(problems.isEmpty()).isTrue();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"1,250|;", "1.250|;", "1,250|,", "twelve|,", "NaN|,", "''|,"})
    void whatCanBeReadInTwoWaysOrNoneIsRefusedAtItsPlace(String text, char separator) {
        assertThat(new Written("line 2", "pressure", text, separator).number(problems))
                .isEmpty();
        assertThat(problems.all()).singleElement().satisfies(p -> {
            assertThat(p.field()).isEqualTo("line 2");
            assertThat(p.message()).startsWith("pressure");
        });
    }

    @Test
    void choicesAreNamedWhateverTheirCaseAndListedWhenMissed() {
        assertThat(new Written("line 3", "cycle", "four_stroke", ',').choice(Cycle.class, problems))
                .contains(Cycle.FOUR_STROKE);
        assertThat(new Written("line 3", "cycle", "six".repeat(40), ',').choice(Cycle.class, problems))
                .isEmpty();
        assertThat(problems.all().get(0).allowed()).contains("FOUR_STROKE, TWO_STROKE");
        assertThat(problems.all().get(0).message()).hasSizeLessThan(100);
    }

    @Test
    void wholeNumbersBeginAtOne() {
        assertThat(new Written("line 4", "cylinder", "12", ',').whole(problems)).isEqualTo(12);
        assertThat(new Written("line 4", "cylinder", "0", ',').whole(problems)).isZero();
        assertThat(problems.all()).hasSize(1);
    }
}
