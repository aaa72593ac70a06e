package silentotter.core.input;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class AllowedRangeTest {
    @ParameterizedTest
    @CsvSource({
        "engine.boreMm, BORE",
        "jobs[0].examination.plugs.plugs.3.gapMm, GAP",
        "plugs.plugs.12.gapMm, GAP",
        "jobs[0].compression[1].readings[2].strokesKPa[4], READING",
        "crankcase.vacuum.seconds, HOLD_SECONDS",
        "signs.soak.minutes, SOAK",
        "examination.signs.smoke.START_AFTER_STANDING.standingHours, STANDING",
        "holes[1].leakPercent, LEAK_PERCENT_OF_A_HOLE",
        "jobs[0].leakdown[0].reading.leakPercent, LEAK_PERCENT",
        "valves.cylinders.2.intakeMm, INTAKE_CLEARANCE"
    })
    void aPlaceHasItsOwnRange(String path, AllowedRange range) {
        assertThat(AllowedRange.at(path)).contains(range);
    }

    @ParameterizedTest
    @CsvSource({"round.minutes", "blowby.seconds", "engine.gapMm", "teardown.times", "unheard"})
    void theSameWordElsewhereIsAnotherField(String path) {
        assertThat(AllowedRange.at(path)).isEmpty();
    }

    @ParameterizedTest
    @EnumSource
    void itSaysWhatIsAllowedAndStopsNoMoreThanThat(AllowedRange range) {
        assertThat(range.problemWith("x", range.min())).isEmpty();
        assertThat(range.problemWith("x", range.max())).isEmpty();
        assertThat(range.problemWith("x", Math.nextUp(range.max()))).isPresent();
        assertThat(range.problemWith("x", Double.NaN).orElseThrow().allowed()).contains(range.inWords());
    }

    @Test
    void theWordsHaveTheUnit() {
        assertThat(AllowedRange.BORE.inWords()).isEqualTo("20 to 1000 mm");
        assertThat(AllowedRange.COMPRESSION_RATIO.inWords()).isEqualTo("4 to 26");
    }
}
