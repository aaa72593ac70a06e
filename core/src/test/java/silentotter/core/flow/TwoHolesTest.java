package silentotter.core.flow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Random;
import java.util.stream.IntStream;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Length;
import silentotter.core.quantity.Pressure;
import silentotter.core.quantity.Temperature;

class TwoHolesTest {
    private static TwoHoles tester(double supplyKPa, double orificeMm, double discharge) {
        return new TwoHoles(
                LeakArea.ofHole(Length.ofMm(orificeMm), discharge),
                Pressure.ofKPa(supplyKPa),
                Pressure.STANDARD_ATMOSPHERE);
    }

    /** The published table of the design, within half a per cent. */
    @ParameterizedTest
    @CsvSource({
        "689.476, 20, 1.016, 1.00, 0.764, 0.986, 58.7",
        "689.476, 40, 1.016, 1.00, 1.203, 1.237, 72.8",
        "689.476, 40, 3.000, 1.00, 10.48, 3.654, 635",
        "620.5,    8, 1.500, 0.85, 0.841, 1.035, 66.5",
        "206.843, 25, 1.200, 1.00, 1.041, 1.151, 31.4"
    })
    void referenceValues(
            double supply, double percent, double orifice, double discharge, double area, double hole, double litres) {
        TwoHoles t = tester(supply, orifice, discharge);
        Pressure cylinder = t.cylinderPressure(percent);
        LeakArea leak = t.leak(cylinder);
        Percentage half = Percentage.withPercentage(0.5);
        assertThat(leak.squareMm()).isCloseTo(area, half);
        assertThat(leak.equivalentHole().mm()).isCloseTo(hole, half);
        assertThat(AirFlow.freeAirLitresPerMinute(
                        leak,
                        cylinder.plus(Pressure.STANDARD_ATMOSPHERE),
                        Pressure.STANDARD_ATMOSPHERE,
                        Temperature.ofCelsius(20)))
                .isCloseTo(litres, half);
    }

    static IntStream seeds() {
        return IntStream.range(0, 60);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void areaAndReadingInvertEachOtherOverTheWholeRangeAndAcrossChoking(int seed) {
        Random random = new Random(seed);
        TwoHoles t =
                tester(40 + random.nextDouble() * 1200, 0.5 + random.nextDouble() * 5, 0.6 + random.nextDouble() * 0.4);
        double percent = 0.5 + random.nextDouble() * 98;
        LeakArea leak = t.leak(t.cylinderPressure(percent));
        assertThat(t.percent(t.settlesAt(leak))).isCloseTo(percent, org.assertj.core.data.Offset.offset(0.02));
        assertThat(t.orificeFor(leak, t.cylinderPressure(percent)).squareMm())
                .isCloseTo(t.orifice().squareMm(), Percentage.withPercentage(0.01));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void moreLeakReadsHigherAndABiggerOrificeReadsLower(int seed) {
        Random random = new Random(seed);
        double orifice = 0.6 + random.nextDouble() * 3;
        TwoHoles small = tester(690, orifice, 1);
        TwoHoles large = tester(690, orifice * 1.3, 1);
        LeakArea leak = LeakArea.ofSquareMm(0.05 + random.nextDouble() * 8);
        double reading = small.percent(small.settlesAt(leak));
        assertThat(small.percent(small.settlesAt(leak.times(1.2)))).isGreaterThan(reading);
        assertThat(large.percent(large.settlesAt(leak))).isLessThan(reading);
    }

    @Test
    void theEndsOfTheScale() {
        TwoHoles t = tester(690, 1, 1);
        assertThat(t.leak(t.supply()).squareMm()).isZero();
        assertThat(t.settlesAt(LeakArea.ofSquareMm(0))).isEqualTo(t.supply());
        assertThatThrownBy(() -> t.leak(Pressure.ofKPa(0))).hasMessageContaining("0.0 kPa");
        assertThatThrownBy(() -> t.leak(Pressure.ofKPa(700))).hasMessageContaining("at most the supply");
    }
}
