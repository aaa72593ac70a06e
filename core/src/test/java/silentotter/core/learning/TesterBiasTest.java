package silentotter.core.learning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import silentotter.core.input.Problems;
import silentotter.core.instruments.LeakdownTester;
import silentotter.core.instruments.TesterDocument;

class TesterBiasTest {
    private static BleedCheck check(double orificeMm) {
        return new BleedCheck("2026-03-01T09:00:00Z", orificeMm, 690, false, 1.0);
    }

    private static TesterBias learnt(double... orifices) {
        return TesterBias.of(
                Arrays.stream(orifices).mapToObj(TesterBiasTest::check).toList());
    }

    @Test
    void moreChecksKnowItBetterAndSayWhatItIsOffBy() {
        TesterBias once = learnt(1.05);
        TesterBias often = learnt(1.05, 1.04, 1.06, 1.05);

        assertThat(once.offPercent().orElseThrow()).isCloseTo(10.25, within(.01));
        assertThat(often.checks()).isEqualTo(4);
        assertThat(often.orificeMm()).isCloseTo(1.05, within(.001));
        assertThat(often.sigmaPercent()).isCloseTo(once.sigmaPercent() / 2, within(1e-9));
        assertThat(often.inWords())
                .isEqualTo(
                        "Checked 4 times, together: its orifice is known to ± 3 %, and lets through 10 % more than was"
                                + " stated, which is taken off.");
        assertThat(learnt(1.01).inWords()).contains("no other than was stated");
    }

    @Test
    void theTruthLiesInItsIntervalAsOftenAsItSays() {
        Random random = new Random(11);
        int held = 0;
        for (int i = 0; i < 200; i++) {
            List<BleedCheck> checks = new ArrayList<>();
            for (int k = 0; k < 3; k++) {
                checks.add(check(1.02 * Math.exp(.015 * random.nextGaussian())));
            }
            TesterBias bias = TesterBias.of(checks);
            double off = 200 * Math.log(bias.orificeMm() / 1.02);
            held += Math.abs(off) <= 1.96 * bias.sigmaPercent() ? 1 : 0;
        }
        assertThat(held).isBetween(180, 198);
    }

    @Test
    void afterAChangeOnlyWhatWasReadSinceCounts() {
        TesterBias changed = learnt(1.0, 1.01, 1.2);
        assertThat(changed.checks()).isEqualTo(1);
        assertThat(changed.left()).isEqualTo(2);
        assertThat(changed.orificeMm()).isCloseTo(1.2, within(1e-9));
        assertThat(changed.inWords()).contains("The checks before it said another orifice", "Check once more");
        // A slip: the next check shows that it was one, and it counts no more.
        assertThat(learnt(1.0, 1.2, 1.0).orificeMm()).isCloseTo(1.0, within(1e-9));
        assertThat(learnt(1.2, 1.0, 1.01).checks()).isEqualTo(2);
    }

    @Test
    void aTesterIsKnownAsWellAsItWasChecked() {
        TesterDocument bare =
                new TesterDocument("Bench", LeakdownTester.TesterKind.TWO_GAUGES, 690.0, 1.0, .9, null, false);
        assertThat(bare.effectiveOrificeMm().orElseThrow()).isCloseTo(Math.sqrt(.9), within(1e-9));
        LeakdownTester once = read(learnt(1.05).applied(bare));
        LeakdownTester often = read(learnt(1.05, 1.05, 1.05, 1.05, 1.05, 1.05).applied(bare));

        assertThat(read(bare).calibrated()).isFalse();
        assertThat(once.orificeSigma()).isLessThan(read(bare).orificeSigma());
        // What hole and dial have in common never averages out.
        assertThat(often.orificeSigma()).isCloseTo(once.orificeSigma() / 2, within(1e-9));
        assertThat(often.checks()).isEqualTo(6);
    }

    private static LeakdownTester read(TesterDocument document) {
        return document.read(new Problems(), "");
    }
}
