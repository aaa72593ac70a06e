package silentotter.core.capture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import silentotter.core.quantity.CrankSpeed;
import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Length;
import silentotter.core.quantity.Pressure;
import silentotter.core.scpi.ScpiNumber;
import silentotter.core.standin.Mischief;
import silentotter.core.standin.StandIn;
import silentotter.core.standin.StandIn.StandInKind;
import silentotter.core.standin.StandInEngine;
import silentotter.core.twin.CrankingSetup;
import silentotter.core.twin.CrankingTwin;
import silentotter.core.twin.CylinderGeometry;

/** On stand-ins, whose strokes the twin knows. */
class StrokeWatchTest {
    private static final double FULL = 2000;
    private static final CylinderGeometry GEOMETRY = CylinderGeometry.of(Length.ofMm(86), Length.ofMm(86), 9.8);

    private static BuildUpSeen watched(double leak, double rpm, double every, Mischief mischief, long seed) {
        StandIn gauge = new StandIn(
                StandInKind.COMPRESSION,
                new StandInEngine(
                        GEOMETRY, CrankSpeed.ofRpm(rpm), List.of(LeakArea.ofSquareMm(leak)), List.of(1), true, 8),
                mischief,
                seed);
        StrokeWatch watch = new StrokeWatch(FULL, 0);
        gauge.answer("INIT", 1);
        for (double t = 0; t < 1 + 8 * 120 / rpm + 3; t += every) {
            watch.sample(
                    t,
                    ScpiNumber.of(gauge.answer("READ?", t).get(0)).orElseThrow().value());
        }
        return watch.seen();
    }

    /** Those strokes of the twin that raise the gauge by more than a hundredth of its scale. */
    private static List<Double> truth(double leak, double rpm) {
        List<Double> strokes = new ArrayList<>();
        CrankingSetup usual = CrankingSetup.usual(GEOMETRY);
        double last = 0;
        for (Pressure p : CrankingTwin.run(new CrankingSetup(
                GEOMETRY,
                usual.intakeClosingDeg(),
                CrankSpeed.ofRpm(rpm),
                LeakArea.ofSquareMm(leak),
                8,
                usual.ambient(),
                usual.airTemperature(),
                usual.wallTemperature(),
                usual.intakeFactor(),
                usual.hoseVolume(),
                usual.gaugeVolume()))) {
            if (p.kPa() > last + .01 * FULL) {
                strokes.add(p.kPa());
                last = p.kPa();
            }
        }
        return strokes;
    }

    @ParameterizedTest
    @CsvSource({"1000", "200", "50"})
    void ninetyNineOfAHundredStrokesAreFoundWhateverTheRate(int hertz) {
        Random random = new Random(hertz);
        int there = 0;
        int found = 0;
        int invented = 0;
        for (int i = 0; i < 60; i++) {
            double leak = .1 + 6 * random.nextDouble();
            double rpm = 150 + 150 * random.nextDouble();
            BuildUpSeen seen =
                    watched(leak, rpm, 1.0 / hertz, new Mischief(.001, Double.POSITIVE_INFINITY, 0, false), i);
            for (double stroke : truth(leak, rpm)) {
                there++;
                found += seen.strokesKPa().stream().anyMatch(s -> Math.abs(s - stroke) < .006 * FULL) ? 1 : 0;
            }
            invented += Math.max(0, seen.strokesKPa().size() - 8);
            assertThat(seen.settled()).isTrue();
            assertThat(seen.valveLeaks()).isFalse();
        }
        assertThat(found).isGreaterThanOrEqualTo((int) Math.ceil(.99 * there));
        assertThat(invented).isZero();
    }

    @Test
    void theLastStrokeIsAsGoodAsTheMeanOfWhatWasHeld() {
        BuildUpSeen seen = watched(.3, 220, .05, new Mischief(.003, Double.POSITIVE_INFINITY, 0, false), 3);
        List<Double> truth = truth(.3, 220);
        assertThat(seen.strokesKPa().get(seen.strokesKPa().size() - 1))
                .isCloseTo(truth.get(truth.size() - 1), within(15.0));
    }

    @Test
    void aLeakingValveIsSaid() {
        assertThat(watched(.3, 220, .05, new Mischief(.001, 4, 0, false), 4).valveLeaks())
                .isTrue();
    }

    @Test
    void aLineThatIsSilentForAWhileDoesNotSettle() {
        StrokeWatch watch = new StrokeWatch(FULL, 0);
        double[] sent = {0, 0, 300, 600, 601, 600, 602, 601};
        for (int i = 0; i < sent.length; i++) {
            watch.sample(i * .1, sent[i]);
        }
        // Two seconds of a starved machine: the next strokes may be in them.
        watch.sample(2.8, 602);
        assertThat(watch.seen().settled()).isFalse();
        for (int i = 0; i < 14; i++) {
            watch.sample(2.9 + i * .1, 601);
        }
        assertThat(watch.seen().settled()).isTrue();
    }

    @Test
    void lettingItOffBeginsAnotherCranking() {
        StrokeWatch watch = new StrokeWatch(FULL, 0);
        double[] sent = {0, 0, 300, 600, 605, 602, 900, 1000, 1002, 998, 0, 0, 400, 800, 801, 799, 802};
        List<Long> numbers = new ArrayList<>();
        for (int i = 0; i < sent.length; i++) {
            watch.sample(i * .1, sent[i]);
            numbers.add(watch.seen().number());
        }
        assertThat(numbers).startsWith(0L, 0L, 1L).endsWith(2L);
        assertThat(watch.seen().strokesKPa()).hasSize(1);
        assertThat(watch.seen().strokesKPa().get(0)).isCloseTo(800, within(3.0));
        assertThat(watch.seen().settled()).isFalse();
        for (double t = 1.7; t < 4; t += .1) {
            watch.sample(t, 800);
        }
        assertThat(watch.seen().settled()).isTrue();
    }
}
