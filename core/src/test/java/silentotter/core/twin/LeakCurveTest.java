package silentotter.core.twin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Pressure;

class LeakCurveTest {
    private static final CrankingSetup SETUP = CrankingSetup.usual(CrankingTwinTest.SQUARE_500);
    private static final LeakCurve CURVE = LeakCurve.of(SETUP);

    @ParameterizedTest
    @ValueSource(doubles = {0.03, 0.17, 0.4, 1.2, 2.9, 7.7, 31})
    void followsTheTwinAndInvertsItself(double squareMm) {
        LeakArea area = LeakArea.ofSquareMm(squareMm);
        double twin = CrankingTwin.finalReading(SETUP.withLeakArea(area)).kPa();
        assertThat(CURVE.reading(area).kPa()).isCloseTo(twin, within(7.0));
        assertThat(CURVE.area(CURVE.reading(area)).squareMm()).isCloseTo(squareMm, within(squareMm * 1e-6));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 1, 5000})
    void staysAtItsEndsBeyondThem(double kPa) {
        assertThat(CURVE.area(Pressure.ofKPa(kPa)).squareMm()).isBetween(0.019, 61.0);
    }
}
