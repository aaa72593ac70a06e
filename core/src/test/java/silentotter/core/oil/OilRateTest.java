package silentotter.core.oil;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import org.hipparchus.stat.regression.GLSMultipleLinearRegression;
import org.hipparchus.stat.regression.SimpleRegression;
import org.junit.jupiter.api.Test;
import silentotter.core.calculation.OilCalculations;
import silentotter.core.calculation.OilCalculations.OilRateEntry;
import silentotter.core.calculation.OilCalculations.OilRateIn;
import silentotter.core.calculation.OilCalculations.OilRateOut;
import silentotter.core.input.Read;

class OilRateTest {
    private static final double DIP_SIGMA = 0.05;

    private static LevelPoint dip(double at, double level) {
        return LevelPoint.measured(at, OptionalDouble.of(level), DIP_SIGMA, 0, 0);
    }

    /** A year of honest dips with top-ups, as somebody with an unsteady hand writes them down. */
    private static List<LevelPoint> honest(Random random, double rate, double start) {
        List<LevelPoint> log = new ArrayList<>();
        double level = 0;
        // One jug for all that is poured, good to two per cent.
        double jug = 1 + 0.02 * random.nextGaussian();
        double at = start;
        int lines = 4 + random.nextInt(12);
        for (int i = 0; i < lines; i++) {
            double dipped = level + random.nextGaussian() * DIP_SIGMA;
            double wanted = level < -0.8 ? 0.5 + random.nextDouble() * 0.5 : 0;
            log.add(LevelPoint.measured(at, OptionalDouble.of(dipped), DIP_SIGMA, wanted, 0));
            level += wanted * jug * (1 + random.nextGaussian() * 0.03);
            double gone = 200 + random.nextDouble() * 800;
            at += gone;
            level -= rate * gone;
        }
        return log;
    }

    @Test
    void theTrueRateLiesInItsInterval93To97TimesInAHundred() {
        Random random = new Random(20261125);
        int inside = 0;
        int logs = 1000;
        for (int i = 0; i < logs; i++) {
            double rate = random.nextDouble() * 0.001;
            OilRate found = OilRate.of(honest(random, rate, 50_000)).orElseThrow();
            inside += found.perUnit().low() <= rate && rate <= found.perUnit().high() ? 1 : 0;
        }
        assertThat(100.0 * inside / logs).isBetween(93.0, 97.0);
    }

    @Test
    void withoutTopUpsItIsTheLibrarysOrdinaryRegression() {
        List<LevelPoint> log = List.of(dip(100, 0), dip(700, -0.31), dip(1500, -0.55), dip(2100, -0.95));
        SimpleRegression ordinary = new SimpleRegression();
        log.forEach(e -> ordinary.addData(e.at(), e.level().getAsDouble()));
        assertThat(OilRate.of(log).orElseThrow().perUnit().best()).isCloseTo(-ordinary.getSlope(), within(1e-12));
    }

    @Test
    void withTopUpsItIsTheLibrarysGeneralisedRegression() {
        Random random = new Random(3);
        for (int i = 0; i < 50; i++) {
            List<LevelPoint> log = honest(random, 0.0007, 1000);
            int n = log.size();
            double[] levels = new double[n];
            double[][] at = new double[n][1];
            double[] variance = new double[n];
            double poured = 0;
            double sum = 0;
            for (int k = 0; k < n; k++) {
                levels[k] = log.get(k).level().getAsDouble() - poured;
                at[k][0] = log.get(k).at();
                variance[k] = sum;
                poured += log.get(k).added();
                sum += Math.pow(0.03 * log.get(k).added(), 2);
            }
            double[][] covariance = new double[n][n];
            for (int k = 0; k < n; k++) {
                for (int j = 0; j < n; j++) {
                    covariance[k][j] = variance[Math.min(k, j)] + (k == j ? DIP_SIGMA * DIP_SIGMA : 0);
                }
            }
            GLSMultipleLinearRegression library = new GLSMultipleLinearRegression();
            library.newSampleData(levels, at, covariance);
            assertThat(OilRate.of(log).orElseThrow().perUnit().best())
                    .isCloseTo(-library.estimateRegressionParameters()[1], within(1e-9));
        }
    }

    @Test
    void shiftingTheMeterOrItsUnitChangesNothing() {
        List<LevelPoint> log = honest(new Random(7), 0.0005, 0);
        OilRate here = OilRate.of(log).orElseThrow();
        List<LevelPoint> shifted = log.stream()
                .map(e -> new LevelPoint(
                        e.at() * 0.621371 + 90_000, e.level(), e.sigma(), e.added(), e.removed(), e.pouredSigma()))
                .toList();
        OilRate there = OilRate.of(shifted).orElseThrow();
        assertThat(there.perUnit().best() * 0.621371).isCloseTo(here.perUnit().best(), within(1e-12));
        assertThat(there.perUnit().high() * 0.621371).isCloseTo(here.perUnit().high(), within(1e-12));
        assertThat(there.levelNow()).isCloseTo(here.levelNow(), within(1e-9));
    }

    @Test
    void whatWasPouredIsNotTakenForOilThatCameBack() {
        List<LevelPoint> log = List.of(
                dip(0, 0),
                LevelPoint.measured(1000, OptionalDouble.of(-0.5), DIP_SIGMA, 0.5, 0),
                dip(2000, -0.5),
                dip(3000, -1.0));
        OilRate rate = OilRate.of(log).orElseThrow();
        assertThat(rate.perUnit().best() * 1000).isCloseTo(0.5, within(1e-9));
        assertThat(rate.levelNow()).isCloseTo(-1.0, within(1e-9));
        assertThat(rate.until(-1.5).orElseThrow().best()).isCloseTo(1000, within(1e-6));
        assertThat(rate.until(-1.5).orElseThrow().low()).as("the early edge").isLessThan(1000);
    }

    @Test
    void oneDipIsNoRateAndALevelThatRisesHasNoDueDate() {
        assertThat(OilRate.of(List.of(dip(0, 0)))).isEmpty();
        assertThat(OilRate.of(List.of(dip(5, 0), dip(5, -1)))).isEmpty();
        OilRate rising =
                OilRate.of(List.of(dip(0, -0.5), dip(500, 0), dip(1000, 0.4))).orElseThrow();
        assertThat(rising.perUnit().high()).isNegative();
        assertThat(rising.until(-1)).isEmpty();
    }

    @Test
    void oddLogsAreAnsweredOneWayOrTheOther() {
        Random random = new Random(99);
        for (int i = 0; i < 2000; i++) {
            double sigma = Math.pow(10, -random.nextInt(7));
            List<LevelPoint> log = new ArrayList<>();
            double at = 0;
            for (int k = 0; k < 2 + random.nextInt(6); k++) {
                at += random.nextBoolean() ? 0 : Math.pow(10, random.nextInt(7) - 1);
                double poured = random.nextInt(4) > 0 ? 0 : Math.pow(10, random.nextInt(7) - 3);
                log.add(LevelPoint.measured(
                        at,
                        random.nextInt(5) == 0
                                ? OptionalDouble.empty()
                                : OptionalDouble.of(random.nextGaussian() * Math.pow(10, random.nextInt(5) - 3)),
                        sigma,
                        poured,
                        0));
            }
            OilRate.of(log).ifPresent(r -> assertThat(r.perUnit().best()).isFinite());
        }
    }

    private static OilRateEntry line(Double km, Double dipMm, Double added) {
        return new OilRateEntry(km, null, dipMm, added, null);
    }

    @Test
    void theCalculationSpeaksInLitresAndRefusesWhatCannotBe() {
        OilRateOut out = OilCalculations.oilRate(new OilRateIn(
                List.of(line(10_000.0, 0.0, null), line(11_000.0, -10.0, 0.5), line(12_000.0, -10.0, null)),
                1.0,
                20.0,
                null));
        assertThat(out.litresPer1000Km().orElseThrow().best()).isCloseTo(0.5, within(1e-6));
        assertThat(out.litresUsed().best()).isCloseTo(1.0, within(1e-6));
        assertThat(out.usesOil()).isTrue();
        assertThat(out.mlPerHour()).isEmpty();
        assertThat(out.distanceToMinKm().orElseThrow().best()).isCloseTo(1000, within(1e-3));
        assertThat(Read.refused(() -> OilCalculations.oilRate(new OilRateIn(
                        List.of(line(10_000.0, 0.0, null), line(9_000.0, -900.0, null), line(9_500.0, null, null)),
                        1.0,
                        null,
                        null))))
                .contains(
                        "mmBetweenMarks",
                        "entries[1].distanceKm",
                        "entries[1].dipMmFromMax",
                        "entries[2].dipMmFromMax");
        assertThat(Read.refused(() ->
                        OilCalculations.oilRate(new OilRateIn(List.of(line(10_000.0, 0.0, null)), 1.0, 20.0, null))))
                .containsExactly("entries");
    }
}
