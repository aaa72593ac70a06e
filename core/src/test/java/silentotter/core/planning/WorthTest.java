package silentotter.core.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import silentotter.core.compression.Bench;
import silentotter.core.decision.Costs;
import silentotter.core.diagnosis.Outlook;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.examination.TestKind;
import silentotter.core.fault.Cause;
import silentotter.core.inference.Draw;
import silentotter.core.inference.Played;
import silentotter.core.inference.Probabilities;

/** The value of a test where it can be reckoned on paper: half the engines have a burnt valve, half have nothing. */
class WorthTest {
    private static final int ENGINES = 200;
    private static final PlannedTest LEAKDOWN = PlannedTest.on(TestKind.LEAKDOWN, List.of(CylinderNumber.of(1)));
    private static final PlannedTest GAS = PlannedTest.of(TestKind.GAS_TEST);

    private static Draw engine(boolean burnt) {
        return new Draw(
                .27,
                false,
                0,
                0,
                7,
                List.of(new Draw.Cylinder(burnt ? Cause.EXHAUST_VALVE : null, burnt ? 3 : 0, null)),
                List.of(),
                Set.of());
    }

    private static Played played(double percent, boolean gas) {
        return new Played(
                new double[] {7},
                new double[] {0},
                new double[] {percent},
                new int[1][5],
                new int[1],
                new boolean[1],
                new boolean[1][5],
                new boolean[1],
                0,
                false,
                0,
                false,
                false,
                false,
                false,
                false,
                false,
                false,
                false,
                gas,
                false,
                true);
    }

    private static Worth worth(List<Played> played) {
        List<Draw> draws =
                IntStream.range(0, ENGINES).mapToObj(i -> engine(i % 2 == 0)).toList();
        return new Worth(
                new Outlook(
                        Bench.inline(1).engine(),
                        new Probabilities(Map.of(), 0, 0, 0),
                        draws,
                        played,
                        new Outlook.DoneTests(
                                List.of(), List.of(), List.of(), List.of(), List.of(), List.of(), List.of(), false,
                                false, false, false, false, false, false)),
                Costs.USUAL);
    }

    @Test
    void aTestThatTellsThemApartSavesTheNeedlessHalf() {
        Worth worth = worth(IntStream.range(0, ENGINES)
                .mapToObj(i -> played(i % 2 == 0 ? 70 : 2, false))
                .toList());
        assertThat(worth.lossAfter(List.of()))
                .as("the head comes off every time")
                .isCloseTo(1000, within(1e-6));
        assertThat(worth.lossAfter(List.of(LEAKDOWN)))
                .as("and with it every second time")
                .isCloseTo(500, within(1e-6));
    }

    @Test
    void aTestThatAlwaysSaysTheSameSavesNothing() {
        Worth worth = worth(
                IntStream.range(0, ENGINES).mapToObj(i -> played(2, false)).toList());
        assertThat(worth.lossAfter(List.of(LEAKDOWN))).isCloseTo(1000, within(30.0));
        assertThat(worth.lossAfter(List.of(GAS, LEAKDOWN))).isCloseTo(1000, within(30.0));
    }

    @Test
    void aTestThatErrsIsWorthWhatItTellsOnTheMean() {
        // Right nine times in ten: 500, and a tenth of the burnt ones missed at 3000, a tenth of the sound ones opened.
        List<Played> noisy = new ArrayList<>();
        for (int i = 0; i < ENGINES; i++) {
            boolean wrong = i / 2 % 10 == 0;
            noisy.add(played(i % 2 == 0 ^ wrong ? 70 : 2, false));
        }
        double paper = .5 * (.9 * 1000 + .1 * 3000) + .5 * (.1 * 1000);
        assertThat(worth(noisy).lossAfter(List.of(LEAKDOWN))).isCloseTo(paper, within(60.0));
    }
}
