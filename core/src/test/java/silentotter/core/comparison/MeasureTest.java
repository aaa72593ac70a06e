package silentotter.core.comparison;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import silentotter.core.closing.TrialPlan.TrialMeasure;
import silentotter.core.wording.Units;

class MeasureTest {
    private static final Units AMERICAN = Units.of("psi, US qt/1000 mi");

    @ParameterizedTest
    @CsvSource({
        "COMPRESSION, 1034.2, 150, psi",
        "OIL_PER_DISTANCE, 1, 1.70, US qt/1000 mi",
        "OIL_PER_HOUR, -3.4, −3, mL/h",
        "OIL_PER_HOUR, -0.2, 0, mL/h",
        "WET_RISE, 29.6, 30, %",
        "CRANKCASE_LOSS, 10.2, 10, % a minute",
        "BLOWBY_HELD, 41.7, 42, L/min"
    })
    void aValueIsToldInTheUnitsOfWhoeverReads(Measure measure, double value, String number, String unit) {
        assertThat(measure.figure(value, AMERICAN)).isEqualTo(new Units.Figure(number, unit));
    }

    @ParameterizedTest
    @CsvSource({
        "COMPRESSION, -.124, −12 %",
        "COMPRESSION, .004, 0 %",
        "COMPRESSION, -.004, 0 %",
        "LEAKDOWN, 7.4, +7 points",
        "LEAKDOWN, -.3, 0 points",
        "OIL_PER_HOUR, -5.2, −5 mL/h",
        "OIL_PER_DISTANCE, .25, +{Lp1000km:0.250}"
    })
    void aChangeHasItsSignUnlessItRoundsToNothing(Measure measure, double change, String told) {
        assertThat(measure.moved(change)).isEqualTo(told);
    }

    @Test
    void aShareIsComparedInItsLogarithmAndToldAsAShare() {
        assertThat(Measure.COMPRESSION.told(Math.log(1.1))).isCloseTo(.1, within(1e-12));
        assertThat(Measure.LEAKDOWN.told(4)).isEqualTo(4);
    }

    /** A trial is judged by what can be compared: each of its measures is one. */
    @ParameterizedTest
    @EnumSource(TrialMeasure.class)
    void whatATrialCanBeJudgedByIsMeasured(TrialMeasure by) {
        Measure measure = Measure.valueOf(by.name());
        assertThat(by.words()).isEqualTo(measure.words());
        assertThat(Arrays.asList(Measure.values())).contains(measure);
    }
}
