package silentotter.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import java.util.stream.DoubleStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class QuantitiesTest {
    @ParameterizedTest
    @EnumSource(PressureUnit.class)
    void pressureComesBackFromEveryUnit(PressureUnit unit) {
        DoubleStream values = new Random(7).doubles(200, 0, 5000);
        values.forEach(v -> assertThat(
                        Pressure.of(Pressure.ofKPa(v).in(unit), unit).kPa())
                .isCloseTo(v, within(1e-9 * Math.max(1, v))));
    }

    @Test
    void unitsAreTheTradesOwn() {
        assertThat(Pressure.of(100, PressureUnit.PSI).kPa()).isCloseTo(689.476, within(0.001));
        assertThat(PressureUnit.parse(" PSI ")).isEqualTo(PressureUnit.PSI);
        assertThatThrownBy(() -> PressureUnit.parse("kg"))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("'kg'");
        assertThat(Temperature.ofKelvin(320).celsius()).isCloseTo(46.85, within(1e-9));
        assertThat(Volume.ofLitres(0.5).cubicMetres()).isCloseTo(5e-4, within(1e-12));
    }

    @ParameterizedTest
    @ValueSource(doubles = {Double.NaN, Double.POSITIVE_INFINITY, -0.1})
    void impossibleValuesAreRefusedWithTheValue(double value) {
        assertThatThrownBy(() -> LeakArea.ofSquareMm(value))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(Double.toString(value));
    }

    @Test
    void anEstimateIsOrdered() {
        assertThatThrownBy(() -> Estimate.of(2.0, 1.0, 3.0)).hasMessageContaining("ordered");
        assertThat(Estimate.of(1.0, 2.0, 3.0).holds(3.0)).isTrue();
    }
}
