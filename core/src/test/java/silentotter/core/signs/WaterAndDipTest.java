package silentotter.core.signs;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import silentotter.core.fault.Fault;
import silentotter.core.finding.Finding;
import silentotter.core.finding.Weight;
import silentotter.core.signs.OilSigns.OilLevel;
import silentotter.core.signs.OilSigns.WaterKind;

/** Which water it is, and whether the stick could be read yet. */
class WaterAndDipTest {
    private static List<Finding> read(Double minutes, Double belowFull, OilLevel level, WaterKind water) {
        OilSigns none = OilSigns.EMPTY;
        OilSigns oil = new OilSigns(
                Optional.ofNullable(level),
                none.colour(),
                none.milky(),
                none.shortColdRuns(),
                Optional.of(water != null),
                none.fuelSmell(),
                none.foam(),
                none.glitter(),
                none.magnet(),
                none.pleats(),
                none.contaminatedBy(),
                Optional.ofNullable(belowFull),
                Optional.ofNullable(minutes),
                Optional.ofNullable(water));
        return SignRules.read(new Signs(oil, null, null, null, Map.of(), Optional.empty(), Map.of(), Optional.empty()));
    }

    private static double ratio(List<Finding> said, Fault suspect) {
        return Weight.together(said.stream()
                        .filter(s -> s.suspects().contains(suspect))
                        .map(Finding::weight)
                        .toList())
                .likelihoodRatio();
    }

    @Test
    void rawWaterPointsToTheExhaustAndAwayFromTheGasket() {
        List<Finding> unknown = read(null, null, null, null);
        List<Finding> raw = read(null, null, null, WaterKind.RAW);
        List<Finding> coolant = read(null, null, null, WaterKind.COOLANT);
        assertThat(ratio(unknown, Fault.EXHAUST_WATER)).isEqualTo(1);
        assertThat(ratio(raw, Fault.EXHAUST_WATER)).isGreaterThan(5);
        assertThat(ratio(raw, Fault.COOLANT_ENTRY)).isLessThan(ratio(coolant, Fault.COOLANT_ENTRY) / 4);
        assertThat(coolant)
                .extracting(Finding::rule)
                .contains("water-is-coolant", "water-is-not-raw")
                .doesNotContain("water-is-raw");
    }

    @Test
    void aStickReadTooSoonIsSaidToReadLow() {
        assertThat(read(1.0, 12.0, null, null)).extracting(Finding::rule).contains("dip-too-soon");
        assertThat(read(1.0, null, OilLevel.LOWER_HALF, null))
                .extracting(Finding::rule)
                .contains("dip-too-soon");
        assertThat(read(30.0, 12.0, null, null)).extracting(Finding::rule).doesNotContain("dip-too-soon");
        assertThat(read(1.0, null, null, null))
                .as("a wait without a reading says nothing")
                .extracting(Finding::rule)
                .doesNotContain("dip-too-soon");
    }
}
