package silentotter.core.blowby;

import static org.assertj.core.api.Assertions.assertThat;
import static silentotter.core.blowby.Crankcase.digital;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import silentotter.core.compression.Bench;
import silentotter.core.compression.CompressionBeside;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.instruments.LeakdownTester;
import silentotter.core.job.Ambient;
import silentotter.core.leakdown.Heard;
import silentotter.core.leakdown.LeakdownAnalysis;
import silentotter.core.leakdown.LeakdownAnalyst;
import silentotter.core.leakdown.LeakdownReading;
import silentotter.core.leakdown.LeakdownReading.LeakdownKind;
import silentotter.core.leakdown.LeakdownReading.RunState;
import silentotter.core.leakdown.Place;

/** Blow-by and leak-down of one engine look at the same rings. */
class RingFitTest {
    private static final Engine FOUR = Bench.inline(4).engine();

    /** Per cent lost by cylinder on the common tester, all of it heard at the filler. */
    private static LeakdownAnalysis leakdown(Heard atFiller, double... percent) {
        List<LeakdownReading> readings = new ArrayList<>();
        for (int i = 0; i < percent.length; i++) {
            readings.add(new LeakdownReading(
                    CylinderNumber.of(i + 1),
                    i + 1,
                    LeakdownKind.STANDARD,
                    LeakdownTester.MASTER,
                    percent[i],
                    Optional.of(RunState.HOT),
                    Optional.empty(),
                    atFiller == null ? Map.of() : Map.of(Place.CRANKCASE, atFiller),
                    Map.of(),
                    Set.of(),
                    List.of(),
                    Optional.empty()));
        }
        return LeakdownAnalyst.analyse(FOUR, Ambient.UNKNOWN, readings, CompressionBeside.NONE);
    }

    private static RingArea rings(double pa) {
        return Crankcase.said(Bench.inline(4).record(), digital(BlowbyPoint.IDLE, pa))
                .of(BlowbyAnalysis.class)
                .flatMap(BlowbyAnalysis::rings)
                .orElseThrow();
    }

    @Test
    void whatAgreesIsSaidWithTheCylinderThatCouldCarryIt() {
        RingFit fit = RingFit.of(FOUR, rings(120), leakdown(Heard.CLEAR, 6, 7, 70, 6));
        assertThat(fit.fits()).contains(true);
        assertThat(fit.carriers()).containsExactly(CylinderNumber.of(3));
        assertThat(fit.says()).contains("they agree").contains("alone could carry most of it");
        assertThat(RingFit.of(FOUR, rings(120), leakdown(Heard.CLEAR, 20, 21, 19, 20))
                        .carriers())
                .as("worn alike")
                .isEmpty();
    }

    @Test
    void farMoreBlowbyThanTheRingsLetPastIsAContradictionBothWays() {
        RingFit more = RingFit.of(FOUR, rings(2400), leakdown(Heard.FAINT, 1.5, 1.5, 1.5, 1.5));
        assertThat(more.fits()).contains(false);
        assertThat(more.says()).contains("contradict").contains("Air fed to the crankcase");
        RingFit less = RingFit.of(FOUR, rings(2), leakdown(Heard.LOUD, 85, 85, 85, 85));
        assertThat(less.fits()).contains(false);
        assertThat(less.says()).contains("An open port");
        assertThat(less.carriers()).isEmpty();
    }

    @Test
    void aLeakThatNobodyListenedToIsNotPutDownToTheRings() {
        RingFit fit = RingFit.of(FOUR, rings(300), leakdown(null, 5, 5, 60, 5));
        assertThat(fit.fits()).isEmpty();
        assertThat(fit.says()).contains("still open on {cyl:3}");
    }
}
