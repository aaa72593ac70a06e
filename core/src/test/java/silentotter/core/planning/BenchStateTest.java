package silentotter.core.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import silentotter.core.diagnosis.Outlook;
import silentotter.core.engine.Engine;
import silentotter.core.examination.BenchState;
import silentotter.core.examination.Examination;
import silentotter.core.examination.RoundChoices;
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
        assertThat(open.before(TestKind.BLOWBY))
                .isEqualTo(EnumSet.of(SetUp.PLUGS_IN, SetUp.WARM, SetUp.BREATHER_SEALED));
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

    private static Bench standing(Map<BenchState, Boolean> said) {
        var examination =
                Examination.EMPTY.with(new RoundChoices(Map.of(), Optional.empty(), Optional.empty(), said, HOT_AT));
        var record = silentotter.core.compression.Bench.inline(4)
                .dry(1300, 1290, 1280, 1310)
                .record(examination);
        var none = new Outlook.DoneTests(
                record.engine().arrangement().cylinders(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                false,
                false,
                false,
                false,
                false,
                false,
                false);
        return Bench.now(record, none, NOW);
    }

    private static final Instant NOW = Instant.parse("2026-11-20T10:20:00Z");
    private static final Optional<String> HOT_AT = Optional.of("2026-11-20T10:00:00Z");

    @Test
    void whatTheTechnicianSaysGoesBeforeWhatReadingsTell() {
        assertThat(standing(Map.of()).has(SetUp.PLUGS_OUT)).isTrue();
        Bench closed = standing(Map.of(BenchState.PLUGS_OUT, false, BenchState.WARM, false));
        assertThat(closed.has(SetUp.PLUGS_OUT)).isFalse();
        assertThat(closed.before(TestKind.LEAKDOWN)).isEqualTo(EnumSet.of(SetUp.WARM, SetUp.PLUGS_OUT, SetUp.AIR));
    }

    @Test
    void anEngineStaysHotForHalfAnHour() {
        RoundChoices hot =
                new RoundChoices(Map.of(), Optional.empty(), Optional.empty(), Map.of(BenchState.WARM, true), HOT_AT);
        assertThat(hot.staysHot(NOW)).contains(Duration.ofMinutes(10));
        assertThat(hot.staysHot(NOW.plusSeconds(3600))).contains(Duration.ZERO);
        assertThat(hot.staysHot(Instant.EPOCH)).contains(Duration.ofMinutes(30));
        assertThat(RoundChoices.NONE.staysHot(NOW)).isEmpty();
        assertThat(standing(Map.of(BenchState.WARM, true)).has(SetUp.WARM)).isTrue();
    }

    @Test
    void aSealedCrankcaseSavesItsSealingAndIsOpenedForEverythingElseThatRuns() {
        Bench sealed = new Bench(FOUR, EnumSet.of(SetUp.WARM, SetUp.BREATHER_SEALED));
        assertThat(sealed.before(TestKind.BLOWBY)).isEmpty();
        assertThat(sealed.before(TestKind.OIL_TRIAL)).isEqualTo(EnumSet.of(SetUp.BREATHER_OPEN));
        assertThat(sealed.after(TestKind.OIL_TRIAL).has(SetUp.BREATHER_SEALED)).isFalse();
        assertThat(sealed.before(TestKind.COMPRESSION)).doesNotContain(SetUp.BREATHER_OPEN);
    }

    @Test
    void twoAreQuickerWhereOneCranksAndTheOtherReads() {
        Bench alone = cold();
        Bench two = new Bench(FOUR, Set.of(), Map.of(BenchState.HELPER, true));
        assertThat(alone.minutes(onAll(TestKind.COMPRESSION)) - two.minutes(onAll(TestKind.COMPRESSION)))
                .isCloseTo(.2 * (5 + 4 * 2), within(1e-9));
        assertThat(two.minutes(onAll(TestKind.PLUGS))).isEqualTo(alone.minutes(onAll(TestKind.PLUGS)));
    }

    @Test
    void onAStandNothingIsRunAndNothingIsWarmed() {
        Bench stand = new Bench(FOUR, Set.of(), Map.of(BenchState.ON_STAND, true));
        assertThat(stand.allows(TestKind.BLOWBY)).isFalse();
        assertThat(stand.before(TestKind.COMPRESSION)).isEqualTo(EnumSet.of(SetUp.PLUGS_OUT));
    }

    @Test
    void itIsRunWarmBeforeItIsOpenedWhereGaugesFollow() {
        List<TestKind> gauges = List.of(TestKind.COMPRESSION);
        assertThat(cold().warmedFor(TestKind.PLUGS, gauges).has(SetUp.WARM)).isTrue();
        assertThat(cold().warmedFor(TestKind.PLUGS, List.of(TestKind.INSIDE))).isEqualTo(cold());
        assertThat(cold().warmedFor(TestKind.SMOKE, gauges)).isEqualTo(cold());
        Bench open = new Bench(FOUR, EnumSet.of(SetUp.PLUGS_OUT));
        assertThat(open.warmedFor(TestKind.INSIDE, gauges)).isEqualTo(open);
    }
}
