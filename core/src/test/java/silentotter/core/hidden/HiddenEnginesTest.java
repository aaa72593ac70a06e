package silentotter.core.hidden;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Engines with hidden faults: the same from the same seed, odd now and then, and mostly found. */
class HiddenEnginesTest {
    @Test
    void theSameSeedIsTheSameEngine() {
        for (long seed = 1; seed <= 20; seed++) {
            HiddenJob one = Workshop.job(seed, RoundDone.FULL);
            HiddenJob again = Workshop.job(seed, RoundDone.FULL);
            assertThat(again.faults()).isEqualTo(one.faults());
            assertThat(again.record().observed()).isEqualTo(one.record().observed());
            assertThat(Workshop.job(seed, RoundDone.COMPRESSION_ONLY).faults()).isEqualTo(one.faults());
        }
    }

    @Test
    void everyFifthMixedRoundHasAFalsifiedReading() {
        int falsified = 0;
        for (long seed = 1; seed <= 200; seed++) {
            falsified += Workshop.job(seed, RoundDone.MIXED).falsified().isPresent() ? 1 : 0;
            assertThat(Workshop.job(seed, RoundDone.FULL).falsified()).isEmpty();
        }
        assertThat(falsified).isBetween(20, 60);
    }

    /** A net with wide meshes: the figures stand in docs/judgement.md. */
    @Test
    void mostAreFoundAndMoreThanPlainRulesFind() {
        Scores scores = Scores.of(RoundDone.FULL, 700, 24);
        assertThat(scores.rank1()).isGreaterThan(60);
        assertThat(scores.rank3()).isGreaterThan(85);
        assertThat(scores.calibrationError()).isLessThan(.2);
    }
}
