package silentotter.core.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import silentotter.core.engine.Engine;
import silentotter.core.examination.TestKind;

/** What is set up for a test, what then stands ready, and the minutes of both. */
class BenchStateTest {
    private static final Engine FOUR =
            silentotter.core.compression.Bench.inline(4).engine();
    private static final Engine DIESEL =
            silentotter.core.compression.Bench.inline(4).diesel().engine();

    private static Bench cold() {
        return new Bench(FOUR, Set.of());
    }

    private static PlannedTest onAll(TestKind test) {
        return PlannedTest.on(test, FOUR.arrangement().cylinders());
    }

    @Test
    void theFirstGaugeWantsItWarmAndOpenAndTheNextOnlyAir() {
        assertThat(cold().before(TestKind.COMPRESSION)).isEqualTo(EnumSet.of(SetUp.WARM, SetUp.PLUGS_OUT));
        assertThat(cold().minutes(onAll(TestKind.COMPRESSION))).isCloseTo(12 + 12 + 5 + 4 * 2, within(1e-9));
        Bench open = cold().after(TestKind.COMPRESSION);
        assertThat(open.before(TestKind.LEAKDOWN)).isEqualTo(EnumSet.of(SetUp.AIR));
        assertThat(open.minutes(onAll(TestKind.LEAKDOWN))).isCloseTo(6 + 4 * 5, within(1e-9));
        assertThat(open.after(TestKind.LEAKDOWN).before(TestKind.TAP)).isEmpty();
        assertThat(open.before(TestKind.WET)).isEmpty();
    }

    @Test
    void whatIsSeenStandingNeedsNothing() {
        for (TestKind test : List.of(TestKind.LOOK, TestKind.GAS_TEST, TestKind.SMOKE, TestKind.CLEARANCE)) {
            assertThat(cold().before(test)).as(test.name()).isEmpty();
        }
    }

    @Test
    void whatNeedsItRunningPutsThePlugsBackAndWarmsItAgain() {
        Bench open = cold().after(TestKind.COMPRESSION);
        assertThat(open.before(TestKind.BLOWBY)).isEqualTo(EnumSet.of(SetUp.PLUGS_IN, SetUp.WARM));
        assertThat(open.before(TestKind.SMOKE)).isEqualTo(EnumSet.of(SetUp.PLUGS_IN));
        Bench closed = open.after(TestKind.BLOWBY);
        assertThat(closed.has(SetUp.PLUGS_OUT)).isFalse();
        assertThat(closed.before(TestKind.COMPRESSION)).isEqualTo(EnumSet.of(SetUp.PLUGS_OUT));
    }

    @Test
    void injectorsTakeLongerThanPlugs() {
        assertThat(SetUp.PLUGS_OUT.minutes(FOUR)).isCloseTo(12, within(1e-9));
        assertThat(SetUp.PLUGS_OUT.minutes(DIESEL)).isCloseTo(12 * 1.6, within(1e-9));
        assertThat(SetUp.AIR.minutes(DIESEL)).isEqualTo(6);
    }

    @Test
    void everyTestHasAPlaceAndTakesTime() {
        for (TestKind test : TestKind.values()) {
            assertThat(TestTable.station(test)).as(test.name()).isNotNull();
            assertThat(TestTable.minutes(test, 4)).as(test.name()).isPositive();
        }
    }
}
