package silentotter.core.leakdown;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.assertj.core.data.Percentage;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import silentotter.core.flow.TwoHoles;
import silentotter.core.instruments.TesterCalibration;
import silentotter.core.instruments.TesterCalibration.BleedHole;
import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Length;
import silentotter.core.quantity.Pressure;

class TesterCalibrationTest {
    private static BleedHole read(TwoHoles tester, double holeMm) {
        LeakArea hole = LeakArea.ofHole(Length.ofMm(holeMm), 1);
        return new BleedHole(Length.ofMm(holeMm), 1, tester.percent(tester.settlesAt(hole)));
    }

    @ParameterizedTest
    @CsvSource({"1.016, 690", "1.5, 550", "2.4, 400", "0.8, 1000"})
    void bleedHolesGiveBackTheTester(double orificeMm, double supplyKPa) {
        LeakArea orifice = LeakArea.ofHole(Length.ofMm(orificeMm), 1);
        TwoHoles tester = new TwoHoles(orifice, Pressure.ofKPa(supplyKPa), Pressure.STANDARD_ATMOSPHERE);
        TesterCalibration one = TesterCalibration.of(read(tester, 1.0), tester.supply(), Pressure.STANDARD_ATMOSPHERE);
        assertThat(one.orifice().squareMm()).isCloseTo(orifice.squareMm(), Percentage.withPercentage(0.1));
        TesterCalibration both = TesterCalibration.of(
                read(tester, orificeMm * 0.6), read(tester, orificeMm * 1.6), Pressure.STANDARD_ATMOSPHERE);
        assertThat(both.supply().kPa()).isCloseTo(supplyKPa, Percentage.withPercentage(1));
        assertThat(both.orifice().squareMm()).isCloseTo(orifice.squareMm(), Percentage.withPercentage(1));
    }

    @org.junit.jupiter.api.Test
    void readingsThatFitNoTesterAreRefused() {
        BleedHole small = new BleedHole(Length.ofMm(0.8), 1, 60);
        BleedHole large = new BleedHole(Length.ofMm(1.6), 1, 20);
        assertThatThrownBy(() -> TesterCalibration.of(small, large, Pressure.STANDARD_ATMOSPHERE))
                .hasMessageContaining("do not fit one tester");
    }
}
