package silentotter.core.round;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import silentotter.core.compression.Bench;
import silentotter.core.examination.Examination;
import silentotter.core.examination.LossyStep;

class StationTest {
    @Test
    void theRoundFollowsTheKindOfEngine() {
        assertThat(Station.of(Bench.inline(4).engine()))
                .containsExactly(
                        Station.INTAKE,
                        Station.SIGNS,
                        Station.SMOKE,
                        Station.PLUGS,
                        Station.INSIDE,
                        Station.COMPRESSION,
                        Station.LEAKDOWN,
                        Station.VERDICT);
        assertThat(Station.of(Bench.inline(2).twoStroke().engine())).contains(Station.CRANKCASE);
        assertThat(Station.of(Bench.inline(6).diesel().engine())).doesNotContain(Station.PLUGS, Station.CRANKCASE);
    }

    @Test
    void noOilIsPouredIntoADiesel() {
        assertThat(LossyStep.POUR_OIL.isOf(Bench.inline(6).diesel().engine())).isFalse();
        assertThat(LossyStep.POUR_OIL.isOf(Bench.inline(4).engine())).isTrue();
    }

    @Test
    void aTwoStrokeHasNoCrankcaseSuctionToLose() {
        assertThat(LossyStep.PULL_PLUGS.missing(Bench.inline(2).twoStroke().engine(), Examination.EMPTY))
                .noneMatch(m -> m.startsWith("Crankcase pressure"));
        assertThat(LossyStep.PULL_PLUGS.missing(Bench.inline(2).engine(), Examination.EMPTY))
                .anyMatch(m -> m.startsWith("Crankcase pressure"));
    }
}
