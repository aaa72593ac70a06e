package silentotter.core.calculation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import silentotter.core.calculation.BlowByCalculations.BlowByIn;
import silentotter.core.calculation.BlowByCalculations.BlowByOut;
import silentotter.core.flow.BreatherOrifice;
import silentotter.core.input.Read;
import silentotter.core.instruments.SlackTube;
import silentotter.core.quantity.CrankSpeed;
import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Length;
import silentotter.core.quantity.Pressure;
import silentotter.core.quantity.Temperature;
import silentotter.core.twin.CylinderGeometry;
import silentotter.core.twin.RunningTwin;

class BlowByCalculationsTest {
    private static final double INCH = SlackTube.INCH_OF_WATER_PA;

    private static BlowByIn at(Double orifice, Double pressure, Double rise, String legs, Double gas) {
        return new BlowByIn(orifice, null, pressure, rise, legs, null, gas, null, null, null);
    }

    @ParameterizedTest
    @CsvSource({"8, 1, 38.0", "8, 2, 53.8", "12, 1.5, 104.8"})
    void pressureBeforeAnOrificeIsAFlow(double orifice, double inches, double flow) {
        BlowByOut out = BlowByCalculations.blowBy(at(orifice, inches * INCH, null, null, null));
        assertThat(out.flowLPerMin()).isCloseTo(flow, Percentage.withPercentage(1));
        assertThat(out.inchesWater()).isCloseTo(inches, within(1e-9));
        assertThat(out.shareOfIntakePercent()).isEmpty();
    }

    @Test
    void hotGasIsLessAirAtTheSamePressureAndTheWayBackIsTheSame() {
        double cold = BlowByCalculations.blowBy(at(8.0, INCH, null, null, 20.0)).flowLPerMin();
        double hot = BlowByCalculations.blowBy(at(8.0, INCH, null, null, 80.0)).flowLPerMin();
        assertThat(hot / cold).isCloseTo(0.91, within(0.005));
        BreatherOrifice hole = new BreatherOrifice(Length.ofMm(8), BreatherOrifice.SHARP_EDGE);
        assertThat(hole.drop(hot, Temperature.ofCelsius(80)).pa()).isCloseTo(INCH, within(0.01));
    }

    @Test
    void oneLegIsHalfOfWhatBothSay() {
        BlowByOut both = BlowByCalculations.blowBy(at(8.0, null, 50.0, "both", null));
        BlowByOut one = BlowByCalculations.blowBy(at(8.0, null, 25.0, "one", null));
        assertThat(one).isEqualTo(both);
        assertThat(both.pressurePa()).isCloseTo(489.4, within(0.5));
    }

    @Test
    void theShareIsOfWhatAFourStrokeBreathes() {
        BlowByOut out =
                BlowByCalculations.blowBy(new BlowByIn(8.0, null, INCH, null, null, null, null, 2.0, 3000.0, 0.8));
        assertThat(out.shareOfIntakePercent().orElseThrow()).isCloseTo(100 * 38.0 / 2400, Percentage.withPercentage(1));
    }

    @Test
    void whatCannotBeIsRefusedAtItsField() {
        assertThat(Read.refused(() -> BlowByCalculations.blowBy(at(null, null, null, null, null))))
                .containsExactlyInAnyOrder("orificeMm", "pressurePa");
        assertThat(Read.refused(() -> BlowByCalculations.blowBy(at(8.0, 3000.0, null, null, null))))
                .as("a shut crankcase blows its seals out")
                .containsExactly("pressurePa");
        assertThat(Read.refused(() -> BlowByCalculations.blowBy(at(8.0, null, 20.0, "left", null))))
                .containsExactly("legs");
        assertThat(Read.refused(() -> BlowByCalculations.blowBy(at(8.0, null, 200.0, "one", null))))
                .as("more than may ever stand in the tube")
                .containsExactly("legRiseMm");
    }

    private static double running(double ring, double manifold, double rpm) {
        return RunningTwin.blowBy(
                CylinderGeometry.of(Length.ofMm(86), Length.ofMm(86), 10),
                LeakArea.ofSquareMm(ring),
                Pressure.ofKPa(manifold),
                Pressure.STANDARD_ATMOSPHERE,
                CrankSpeed.ofRpm(rpm));
    }

    /** The reference values are given in two digits and without valve timing or ratio; 10:1 and 55° are ours. */
    @Test
    void aRunningCylinderLosesWhatTheReferenceSays() {
        assertThat(running(0.2, 35, 800)).isCloseTo(2.0, Percentage.withPercentage(2.5));
        assertThat(running(0.2, 100, 2500)).isCloseTo(8.6, Percentage.withPercentage(1.5));
        assertThat(running(0.4, 100, 2500)).isCloseTo(2 * running(0.2, 100, 2500), Percentage.withPercentage(0.01));
        assertThat(running(0.2, 35, 3000))
                .as("the mean does not depend on speed, only on the cycle")
                .isCloseTo(running(0.2, 35, 800), within(1e-9));
    }
}
