package silentotter.core.round;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import silentotter.core.compression.Bench;
import silentotter.core.examination.Examination;
import silentotter.core.examination.LossyStep;
import silentotter.core.plugs.Plugs;

class StationTest {
    @Test
    void theRoundFollowsTheKindOfEngine() {
        assertThat(Station.of(Bench.inline(4).record()))
                .containsExactly(
                        Station.INTAKE,
                        Station.SIGNS,
                        Station.SMOKE,
                        Station.BLOWBY,
                        Station.PLUGS,
                        Station.INSIDE,
                        Station.COMPRESSION,
                        Station.LEAKDOWN,
                        Station.OIL,
                        Station.LEDGER,
                        Station.PLAN,
                        Station.VERDICT,
                        Station.FOUND);
        assertThat(Station.of(Bench.inline(2).twoStroke().record()))
                .contains(Station.CRANKCASE)
                .doesNotContain(Station.BLOWBY, Station.OIL);
        assertThat(Station.of(Bench.inline(6).diesel().record())).doesNotContain(Station.PLUGS, Station.CRANKCASE);
    }

    @Test
    void whatWasWrittenDownBeforeTheEngineWasKnownIsNotHidden() {
        Examination plugs = Examination.of(null, null, Plugs.tray(Plugs.tan()), null, null, null, null);
        assertThat(Station.of(Bench.inline(1).diesel().record(plugs))).contains(Station.PLUGS);
    }

    @Test
    void eachRowSaysWhatItTakesAndNeeds() {
        assertThat(Station.COMPRESSION.minutes(Bench.inline(6).engine())).isEqualTo(17);
        assertThat(Station.COMPRESSION.minutes(Bench.inline(2).engine())).isEqualTo(9);
        assertThat(Station.LEAKDOWN.needs()).contains(EngineState.PLUGS_OUT);
        assertThat(Station.PLUGS.spoils()).containsExactly(LossyStep.PULL_PLUGS);
        assertThat(Station.VERDICT.ways()).isEmpty();
        assertThat(Station.COMPRESSION.ways())
                .as("each with less than the one before")
                .hasSize(3);
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
