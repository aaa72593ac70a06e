package silentotter.core.calculation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.assertj.core.data.Offset;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import silentotter.core.calculation.CrankingCalculations.AltitudeIn;
import silentotter.core.calculation.CrankingCalculations.CrankingIn;
import silentotter.core.calculation.CrankingCalculations.PlugGapIn;
import silentotter.core.calculation.CrankingCalculations.WetIn;
import silentotter.core.calculation.CrankingCalculations.WetOut;
import silentotter.core.calculation.LeakdownCalculations.LeakAreaIn;
import silentotter.core.calculation.LeakdownCalculations.LeakReadingIn;
import silentotter.core.calculation.LeakdownCalculations.LeakReadingOut;
import silentotter.core.calculation.LeakdownCalculations.TesterOrificeIn;
import silentotter.core.input.Read;

/** Formulas without a job: they agree with each other, and refuse what they cannot tell. */
class CalculationsTest {
    private static CrankingIn cranking(Double boreMm, double leakMm2, Double altitudeKPa) {
        return new CrankingIn(
                boreMm, 86.0, null, 10.0, null, null, leakMm2, null, altitudeKPa, null, null, null, null, null);
    }

    private static double last(CrankingIn in) {
        List<Double> strokes = CrankingCalculations.crankingCompression(in).strokesKPa();
        return strokes.get(strokes.size() - 1);
    }

    @Test
    void aLeakAndThinAirBothTakeCompression() {
        double sound = last(cranking(86.0, 0.2, null));
        assertThat(last(cranking(86.0, 4, null))).isLessThan(0.8 * sound);
        assertThat(last(cranking(86.0, 0.2, 80.0))).isLessThan(0.85 * sound);
        assertThat(Read.refused(() -> CrankingCalculations.crankingCompression(cranking(null, 0.2, 20.0))))
                .containsExactlyInAnyOrder("boreMm", "ambientKPa");
    }

    private static WetIn wet(double dry, double wet, double oilMl) {
        return new WetIn(86.0, 86.0, null, 10.0, null, null, null, null, null, null, null, null, null, dry, wet, oilMl);
    }

    @Test
    void theVolumeOfTheOilAloneLiftsAReading() {
        WetOut five = CrankingCalculations.wetTest(wet(1200, 1320, 5));
        assertThat(five.expectedArtefactPercent()).as("5 mL in 500 mL").isCloseTo(11.4, Offset.offset(0.6));
        assertThat(five.measuredRisePercent()).isCloseTo(10, Offset.offset(1e-9));
        assertThat(five.netRisePercent())
                .isCloseTo(five.measuredRisePercent() - five.expectedArtefactPercent(), Offset.offset(1e-9));
        assertThat(five.safeOilMl()).isCloseTo(five.clearanceMl() / 4, Percentage.withPercentage(0.1));
        assertThat(Read.refused(() -> CrankingCalculations.wetTest(wet(1200, 1320, 30))))
                .containsExactly("oilMl");
        assertThat(Read.refused(() -> CrankingCalculations.wetTest(wet(0, 1320, 5))))
                .containsExactly("dryKPa");
    }

    @ParameterizedTest
    @CsvSource({"0.3, 690, 1.016", "1.7, 690, 1.016", "5, 550, 1.5", "0.05, 350, 2.4"})
    void whatALeakReadsGivesTheLeakBack(double areaMm2, double supplyKPa, double orificeMm) {
        LeakReadingOut read =
                LeakdownCalculations.leakReading(new LeakReadingIn(areaMm2, supplyKPa, orificeMm, null, null));
        double back = LeakdownCalculations.leakArea(
                        new LeakAreaIn(supplyKPa, read.leakPercent(), null, orificeMm, null, null, null))
                .leakAreaMm2();
        assertThat(back).isCloseTo(areaMm2, Percentage.withPercentage(0.01));
        assertThat(LeakdownCalculations.leakArea(
                                new LeakAreaIn(supplyKPa, null, read.cylinderKPa(), orificeMm, null, null, null))
                        .freeAirLPerMin())
                .isCloseTo(read.freeAirLPerMin(), Percentage.withPercentage(0.01));
        double orifice = LeakdownCalculations.testerOrifice(new TesterOrificeIn(
                        Math.max(0.2, Math.sqrt(4 * areaMm2 / Math.PI)), null, supplyKPa, read.leakPercent(), null))
                .orificeMm();
        assertThat(orifice).isCloseTo(orificeMm, Percentage.withPercentage(areaMm2 < 0.1 ? 30 : 0.1));
    }

    @Test
    void oneOfTwoWaysToSayItIsNeeded() {
        assertThat(Read.refused(
                        () -> LeakdownCalculations.leakArea(new LeakAreaIn(690.0, 20.0, 500.0, 1.0, null, null, null))))
                .containsExactly("leakPercent");
        assertThat(Read.refused(() -> CrankingCalculations.altitude(new AltitudeIn(null, null, 1000.0))))
                .containsExactly("altitudeM");
        assertThat(Read.refused(
                        () -> LeakdownCalculations.testerOrifice(new TesterOrificeIn(1.0, null, 690.0, 0.0, null))))
                .containsExactly("leakPercent");
    }

    @Test
    void altitudeAndPlugGaps() {
        assertThat(CrankingCalculations.altitude(new AltitudeIn(1500.0, null, 1000.0))
                        .seaLevelReadingKPa())
                .isBetween(1150.0, 1250.0);
        assertThat(CrankingCalculations.plugGap(new PlugGapIn(1.1, 0.8, 20_000.0))
                        .growthMmPer1000Km())
                .isCloseTo(0.015, Offset.offset(1e-9));
        assertThat(Read.refused(() -> CrankingCalculations.plugGap(new PlugGapIn(1.1, 0.8, 0.0))))
                .containsExactly("distanceKm");
    }
}
