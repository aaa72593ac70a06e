package silentotter.core.flow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Pressure;
import silentotter.core.quantity.PressureUnit;
import silentotter.core.quantity.Temperature;

class AirFlowTest {
    /** The common compressed-air leak table: 1/16 in, coefficient 1, 100 psi discharges 6.45 to 6.5 scfm. */
    @Test
    void agreesWithTheCompressedAirLeakTable() {
        double radius = 25.4 / 32;
        double litres = AirFlow.freeAirLitresPerMinute(
                LeakArea.ofSquareMm(Math.PI * radius * radius),
                Pressure.of(100, PressureUnit.PSI).plus(Pressure.STANDARD_ATMOSPHERE),
                Pressure.STANDARD_ATMOSPHERE,
                Temperature.ofKelvin(293.15));
        assertThat(litres / 28.3168).isBetween(6.43, 6.52);
    }

    @Test
    void chokesAtTheCriticalRatioAndStopsAtEqualPressure() {
        assertThat(AirFlow.CRITICAL_RATIO).isCloseTo(0.5283, within(0.0001));
        assertThat(AirFlow.psi(0.1)).isEqualTo(AirFlow.psi(0.5));
        assertThat(AirFlow.psi(0.9)).isLessThan(AirFlow.psi(0.6));
        assertThat(AirFlow.psi(1.2)).isZero();
    }

    @Test
    void theStandardAtmosphereScalesReadings() {
        assertThat(Atmosphere.pressureAt(1500).kPa()).isCloseTo(84.556, within(0.01));
        assertThat(Atmosphere.seaLevelReading(Pressure.ofKPa(1119), Pressure.ofKPa(84.556))
                        .kPa())
                .isCloseTo(1341, within(1.0));
    }
}
