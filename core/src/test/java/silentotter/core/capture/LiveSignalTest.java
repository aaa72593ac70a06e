package silentotter.core.capture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.IntToDoubleFunction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import silentotter.core.capture.SettlingSeen.AirPhase;
import silentotter.core.quantity.LeakArea;
import silentotter.core.scpi.InstrumentKind;
import silentotter.core.scpi.ScpiNumber;
import silentotter.core.standin.Mischief;
import silentotter.core.standin.StandIn;
import silentotter.core.standin.StandIn.StandInKind;
import silentotter.core.standin.StandInEngine;

/** Leak-down and crankcase as their instruments send them, and signals that are not to be believed. */
class LiveSignalTest {
    private static StandIn standIn(StandInKind kind, double leak, Mischief mischief) {
        return new StandIn(
                kind,
                StandInEngine.usual(List.of(LeakArea.ofSquareMm(leak), LeakArea.ofSquareMm(.3)), List.of(1, 2)),
                mischief,
                5);
    }

    private static List<Double> read(StandIn instrument, double t) {
        List<Double> values = new ArrayList<>();
        for (String each : instrument.answer("READ?", t).get(0).split(",")) {
            values.add(ScpiNumber.of(each).orElseThrow().value());
        }
        return values;
    }

    @ParameterizedTest
    @CsvSource({".001, 0.2", ".01, 2", ".2, 9"})
    void aTesterIsSettledWhenItIsAndNotBefore(double every, double leak) {
        StandIn tester = standIn(StandInKind.LEAKDOWN, leak, Mischief.USUAL);
        double settles = settled(leak);
        SettleWatch watch = new SettleWatch(100);
        tester.answer("INIT", 1);
        double first = Double.NaN;
        for (double t = 0; t < 15; t += every) {
            List<Double> v = read(tester, t);
            watch.sample(t, v.get(0), v.get(1));
            if (t < .9) {
                assertThat(watch.seen().phase()).isEqualTo(AirPhase.SHUT);
            } else if (Double.isNaN(first) && watch.seen().phase() == AirPhase.SETTLED) {
                first = t;
            }
        }
        assertThat(first).isBetween(3.0, 11.0);
        SettlingSeen seen = watch.seen();
        assertThat(seen.number()).isEqualTo(101);
        assertThat(seen.cylinderKPa()).isCloseTo(settles, within(1.5));
        assertThat(Math.abs(seen.driftKPaPerMinute())).isLessThan(60);
    }

    private static double settled(double leak) {
        StandIn quiet = standIn(StandInKind.LEAKDOWN, leak, Mischief.NONE);
        quiet.answer("INIT", 0);
        return read(quiet, 60).get(1);
    }

    @Test
    void aTesterThatIsShutAndOpenedAgainFillsAgain() {
        SettleWatch watch = new SettleWatch(0);
        for (double t = 0; t < 12; t += .05) {
            boolean open = t < 5 || t > 6;
            watch.sample(t, open ? 690 : 0, open ? 600 : 0);
        }
        assertThat(watch.seen().number()).isEqualTo(2);
        assertThat(watch.seen().phase()).isEqualTo(AirPhase.SETTLED);
    }

    @Test
    void aCylinderThatStillFallsIsNotSettled() {
        SettleWatch watch = new SettleWatch(0);
        for (double t = 0; t < 6; t += .05) {
            watch.sample(t, 690, 600 - 3 * t);
        }
        assertThat(watch.seen().phase()).isEqualTo(AirPhase.FILLING);
        assertThat(watch.seen().driftKPaPerMinute()).isCloseTo(-180, within(10.0));
    }

    @Test
    void aCrankcaseBreathesAboutItsMean() {
        StandIn manometer = standIn(StandInKind.CRANKCASE, 3, Mischief.USUAL);
        BreathingWatch watch = new BreathingWatch();
        double sum = 0;
        for (int i = 0; i < 4000; i++) {
            double v = read(manometer, i * .001).get(0);
            sum += v / 4000;
            watch.sample(i * .001, v);
            if (i < 1700) {
                assertThat(watch.seen()).isEmpty();
            }
        }
        BreathingSeen seen = watch.seen().orElseThrow();
        assertThat(seen.meanPa()).isCloseTo(sum, within(6.0));
        assertThat(seen.steady()).isTrue();
        assertThat(seen.highPa() - seen.lowPa()).isGreaterThan(60);
    }

    /** A sound cranking at a thousand samples a second with something done to it. */
    private static SignalWatch watched(int samples, IntToDoubleFunction value) {
        SignalWatch watch = new SignalWatch(InstrumentKind.COMPRESSION);
        for (int i = 0; i < samples; i++) {
            watch.sample(i * .001, List.of(value.applyAsDouble(i)));
        }
        return watch;
    }

    @Test
    void aSoundCrankingIsNotDoubted() {
        StandIn gauge = standIn(StandInKind.COMPRESSION, .3, Mischief.USUAL);
        gauge.answer("INIT", 0);
        SignalWatch watch = new SignalWatch(InstrumentKind.COMPRESSION);
        for (int i = 0; i < 20_000; i++) {
            assertThat(watch.sample(i * .001, read(gauge, i * .001))).isTrue();
            assertThat(watch.doubt(i * .001)).isEmpty();
        }
    }

    @Test
    void aTapThatIsOpenedIsNoJump() {
        SignalWatch watch = new SignalWatch(InstrumentKind.LEAKDOWN);
        for (int i = 0; i < 100; i++) {
            assertThat(watch.sample(i * .001, i < 50 ? List.of(0.0, 0.0) : List.of(690.0, 5.0)))
                    .isTrue();
        }
        assertThat(watch.doubt(.1)).isEmpty();
    }

    @Test
    void aStuckNumberIsFrozenAndOneAtRestIsNot() {
        assertThat(watched(6000, i -> 812).doubt(6)).contains(SignalDoubt.FROZEN);
        assertThat(watched(6000, i -> 0).doubt(6)).isEmpty();
        Random noise = new Random(1);
        assertThat(watched(6000, i -> 812 + noise.nextGaussian()).doubt(6)).isEmpty();
    }

    @Test
    void aSingleSpikeIsLeftOutAndAStepIsAJump() {
        SignalWatch watch = new SignalWatch(InstrumentKind.COMPRESSION);
        List<Boolean> taken = new ArrayList<>();
        for (double v : new double[] {600, 601, 1900, 600, 602}) {
            taken.add(watch.sample(taken.size() * .001, List.of(v)));
        }
        assertThat(taken).containsExactly(true, true, false, true, true);
        assertThat(watch.doubt(.005)).contains(SignalDoubt.SPIKES);
        assertThat(watched(100, i -> i < 50 ? 100 : 1400).doubt(.1)).contains(SignalDoubt.JUMPED);
        // Let off, it is believed again.
        assertThat(watched(200, i -> i < 50 || i > 150 ? 10 : 1400).doubt(.2))
                .isNotEqualTo(Optional.of(SignalDoubt.JUMPED));
    }

    @ParameterizedTest
    @ValueSource(doubles = {7, 13.7, 21})
    void barThatIsSaidToBeKilopascalsIsDoubted(double held) {
        assertThat(watched(4000, i -> i < 500 ? 0 : held).doubt(4)).contains(SignalDoubt.UNIT);
        // A gauge that is merely off its zero is not.
        assertThat(watched(4000, i -> held).doubt(4)).isEmpty();
    }

    @Test
    void aCrankcaseThatBearsTooMuchIsDoubted() {
        SignalWatch watch = new SignalWatch(InstrumentKind.MANOMETER);
        watch.sample(0, List.of(60_000.0));
        assertThat(watch.doubt(0)).contains(SignalDoubt.BEYOND_BELIEF);
    }

    @Test
    void aTraceIsCutWhereTheReadingBeganAndNeverGrowsBeyondItsBounds() {
        RawTrace trace = new RawTrace(2);
        for (int i = 0; i < 200_000; i++) {
            trace.sample(i * .001, i, -i);
        }
        String[] lines = trace.csv(199, "supply kPa", "cylinder kPa").split("\n");
        assertThat(lines[0]).isEqualTo("seconds,supply kPa,cylinder kPa");
        assertThat(lines[1]).isEqualTo("0.0000,199000.00,-199000.00");
        assertThat(lines).hasSize(1001);
        assertThat(trace.csv(0, "a", "b").lines().count()).isEqualTo(90_001);
    }
}
