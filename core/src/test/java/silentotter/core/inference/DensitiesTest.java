package silentotter.core.inference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The densities against what defines them: they integrate to one, and to each other. */
class DensitiesTest {
    private static double integral(DoubleUnaryOperator of, double from, double to) {
        int steps = 40_000;
        double step = (to - from) / steps;
        double sum = 0;
        for (int i = 0; i < steps; i++) {
            sum += of.applyAsDouble(from + (i + .5) * step) * step;
        }
        return sum;
    }

    @ParameterizedTest
    @ValueSource(doubles = {.02, .5, 3})
    void densitiesIntegrateToOne(double scale) {
        double far = 400 * scale;
        assertThat(integral(x -> Densities.t4(x, scale), -far, far)).isCloseTo(1, within(1e-4));
        assertThat(integral(x -> Densities.normal(x, scale), -far / 40, far / 40))
                .isCloseTo(1, within(1e-6));
        assertThat(integral(x -> Densities.lnNormal(x, 2, scale), Math.log(2) - far / 40, Math.log(2) + far / 40))
                .isCloseTo(1, within(1e-6));
        assertThat(integral(x -> Densities.blurredUniform(x, -1.2, -.05, scale), -far - 2, far + 2))
                .isCloseTo(1, within(1e-3));
    }

    @ParameterizedTest
    @CsvSource({"-3, .02", "-.7, .5", "0, 1", ".4, .5", "6, 3"})
    void theDistributionIsTheIntegralOfTheDensity(double to, double scale) {
        double from = to - 400 * scale;
        assertThat(Densities.t4Below(to, scale))
                .isCloseTo(
                        integral(x -> Densities.t4(x, scale), from, to) + Densities.t4Below(from, scale), within(1e-5));
    }

    /** From tables of Student's t with four degrees of freedom: 2.776 leaves 2.5 % above it. */
    @Test
    void fourDegreesOfFreedom() {
        assertThat(1 - Densities.t4Below(2.776, 1)).isCloseTo(.025, within(2e-5));
        assertThat(1 - Densities.t4Below(4.604, 1)).isCloseTo(.005, within(2e-5));
    }

    @Test
    void theTailIsHeavierThanThatOfANormalLaw() {
        assertThat(Densities.t4(6, 1)).isGreaterThan(1e4 * Densities.normal(6, 1));
    }

    /** Five nodes are exact for polynomials up to the ninth degree: the moments of a standard normal variable. */
    @ParameterizedTest
    @CsvSource({"0, 1", "1, 0", "2, 1", "3, 0", "4, 3", "6, 15", "8, 105"})
    void theNodesHaveTheMomentsOfANormalVariable(int power, double moment) {
        double sum = 0;
        for (int i = 0; i < Densities.NODES.length; i++) {
            sum += Densities.NODE_WEIGHTS[i] * Math.pow(Densities.NODES[i], power);
        }
        assertThat(sum).isCloseTo(moment, within(1e-8 * Math.max(1, moment)));
    }

    @Test
    void weightsAreNormalised() {
        double[] weights = {1, 3, 4};
        Densities.normalise(weights);
        assertThat(weights).containsExactly(.125, .375, .5);
    }
}
