package silentotter.core.twin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Length;
import silentotter.core.quantity.Volume;

class WetArtefactTest {
    private static final CrankingSetup SQUARE_500 = CrankingSetup.usual(CrankingTwinTest.SQUARE_500);

    @ParameterizedTest
    @CsvSource({"0.4, 5, 11.4", "1.2, 5, 10.3", "4.0, 5, 7.5", "0.4, 15, 43"})
    void agreesWithTheReferenceRises(double area, double oilMl, double percent) {
        double rise = WetArtefact.risePercent(SQUARE_500, LeakArea.ofSquareMm(area), Volume.ofMillilitres(oilMl));
        assertThat(rise).isCloseTo(percent, within(Math.max(0.5, percent * 0.05)));
    }

    @Test
    void isLargeInASmallCylinder() {
        CylinderGeometry small = CylinderGeometry.of(Length.ofMm(60), Length.ofMm(60), 8);
        double rise = WetArtefact.risePercent(
                CrankingSetup.usual(small), CrankingSetup.soundLeak(small), Volume.ofMillilitres(5));
        assertThat(small.swept().millilitres()).isCloseTo(170, within(1.0));
        assertThat(rise).isCloseTo(24, within(2.0));
    }

    @Test
    void refusesToFillTheClearanceVolume() {
        Volume clearance = SQUARE_500.geometry().clearance();
        assertThatThrownBy(() -> WetArtefact.risePercent(SQUARE_500, LeakArea.ofSquareMm(0.4), clearance))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("less than the clearance volume");
        assertThat(WetArtefact.safeOil(SQUARE_500.geometry()).millilitres())
                .isCloseTo(clearance.millilitres() / 4, within(1e-9));
    }
}
