package silentotter.core.comparison;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import silentotter.core.compression.Bench;
import silentotter.core.crankcase.Chamber;
import silentotter.core.crankcase.CrankcaseHold;
import silentotter.core.crankcase.HoldRun;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.examination.Examination;
import silentotter.core.fault.Learnt;
import silentotter.core.intake.Intake;
import silentotter.core.job.JobRecord;
import silentotter.core.plugs.Plug;
import silentotter.core.plugs.PlugLook;
import silentotter.core.plugs.PlugTray;
import silentotter.core.signs.Signs;
import silentotter.core.valves.ValveClearances;

/** What of a job is compared over the months beside the gauges of every round. */
class VisitTest {
    private static Visit of(JobRecord record) {
        return Visit.of(1, record, Learnt.NOTHING);
    }

    private static Visit wet(double oil, double... wet) {
        double[][] readings = new double[wet.length][];
        for (int i = 0; i < wet.length; i++) {
            readings[i] = new double[] {i + 1, oil, wet[i]};
        }
        return of(Bench.inline(4)
                .under(Months.HOT)
                .dry(1300, 900, 1290, 1295)
                .wet(readings)
                .record());
    }

    private static Examination seen(PlugTray plugs, CrankcaseHold held) {
        return Examination.of(Intake.EMPTY, Signs.EMPTY, plugs, Map.of(), held, ValveClearances.EMPTY, Map.of());
    }

    private static PlugTray oily(int cylinder) {
        Optional<Boolean> none = Optional.empty();
        return new PlugTray(
                PlugTray.EMPTY.set(),
                Map.of(
                        cylinder,
                        new Plug(
                                Optional.of(Plug.Shade.TAN),
                                Optional.empty(),
                                Optional.of(Plug.Deposit.OILY_CARBON),
                                Optional.empty(),
                                Optional.empty(),
                                Optional.empty(),
                                Optional.empty(),
                                Optional.empty(),
                                Optional.empty(),
                                Optional.empty(),
                                Optional.empty(),
                                Optional.empty(),
                                Optional.empty(),
                                Optional.empty(),
                                Optional.empty())));
    }

    @Test
    void whatOilAddsIsHeldAgainstWhatItAddedThen() {
        Visit rings = wet(5, 1340, 1170, 1330, 1335);
        assertThat(rings.of(Measure.WET_RISE)).hasSize(4);
        assertThat(rings.of(Measure.WET_RISE).get(1).value()).isCloseTo(30, within(.1));

        Comparison mended = Comparison.of(rings, wet(5, 1340, 930, 1330, 1335), List.of());
        assertThat(mended.claims().stream().filter(c -> c.measure() == Measure.WET_RISE && c.claimed()))
                .singleElement()
                .satisfies(c -> {
                    assertThat(c.cylinder()).contains(CylinderNumber.of(2));
                    assertThat(c.better()).isTrue();
                });
        // Three times the oil does that alone.
        Comparison more = Comparison.of(rings, wet(15, 1400, 1230, 1390, 1395), List.of());
        assertThat(more.unmatched().get(Measure.WET_RISE).stream().map(Unmatched::facet))
                .containsExactly(Facet.OIL_PUT_IN);
        assertThat(more.claims().stream().filter(Claim::claimed)).isEmpty();
    }

    @Test
    void aChamberLosesAShareOfItsPressureAMinuteHoweverLongItWasWatched() {
        CrankcaseHold held = new CrankcaseHold(
                Optional.empty(),
                Optional.empty(),
                Map.of(),
                Map.of(
                        1,
                        new Chamber(
                                Optional.of(new HoldRun(Optional.of(50.0), Optional.of(40.5), Optional.of(120.0))),
                                Optional.empty(),
                                Map.of()),
                        2,
                        new Chamber(
                                Optional.of(new HoldRun(Optional.of(50.0), Optional.of(0.0), Optional.of(10.0))),
                                Optional.empty(),
                                Map.of())));
        List<Measured> lost = of(Bench.inline(2).twoStroke().record(seen(PlugTray.EMPTY, held)))
                .of(Measure.CRANKCASE_LOSS);

        assertThat(lost.get(0).value()).isCloseTo(10, within(.1));
        assertThat(lost.get(0).floor()).isFalse();
        // Empty after ten seconds: at least so much.
        assertThat(lost.get(1).floor()).isTrue();
        assertThat(of(Bench.inline(2).record(seen(PlugTray.EMPTY, held))).of(Measure.CRANKCASE_LOSS))
                .isEmpty();
    }

    @Test
    void howAPlugLookedStandsBesideHowItLooksAndNothingIsClaimedOfIt() {
        Visit was = of(Bench.inline(4).record(seen(oily(2), CrankcaseHold.EMPTY)));
        Visit is = of(Bench.inline(4).record(seen(oily(3), CrankcaseHold.EMPTY)));
        assertThat(was.plugs()).containsExactly(Map.entry(CylinderNumber.of(2), PlugLook.OIL_WET));
        // Of none of them both looks are known.
        assertThat(Comparison.of(was, is, List.of()).plugs()).isEmpty();

        Comparison same = Comparison.of(was, was, List.of());
        assertThat(same.plugs())
                .singleElement()
                .satisfies(p -> assertThat(p.changed()).isFalse());
        assertThat(same.claims()).isEmpty();
    }

    @Test
    void aRunInIsSteadyOnceNothingMovesBeyondTheGauges() {
        Visit first = built(0, 5, 1100);
        Visit second = built(1, 40, 1290);
        Visit third = built(2, 80, 1295);

        RunIn still = RunIn.of(List.of(first, second), List.of()).orElseThrow();
        assertThat(still.state()).isEqualTo(RunIn.RunInState.STILL_BETTER);
        assertThat(still.inWords().get(0)).contains("from 5 h to 40 h", "Compression of all cylinders together rose");

        RunIn steady = RunIn.of(List.of(first, second, third), List.of()).orElseThrow();
        assertThat(steady.state()).isEqualTo(RunIn.RunInState.STEADY);
        assertThat(steady.inWords().get(1)).contains("as far as these gauges tell", "may still have moved by −");

        assertThat(RunIn.of(List.of(second, built(2, 42, 1290)), List.of())
                        .orElseThrow()
                        .state())
                .isEqualTo(RunIn.RunInState.CANNOT_BE_TOLD);
        assertThat(RunIn.of(List.of(second, built(2, 80, 1000)), List.of())
                        .orElseThrow()
                        .state())
                .isEqualTo(RunIn.RunInState.WORSE);
        assertThat(RunIn.of(List.of(Months.visit(0, 1300), Months.visit(1, 1300)), List.of()))
                .isEmpty();
    }

    @Test
    void aRunInGoesOnByTheMeterAndBeginsAnewWithTheNextBuild() {
        Visit fresh = built(0, 5, 1100);
        Visit later = Months.visit(LocalDate.of(2025, 3, 10), 45, Months.HOT, Months.all(4, 1290));
        assertThat(RunIn.of(List.of(fresh, later), List.of()).orElseThrow().toHours())
                .isEqualTo(50);
        RunIn again = RunIn.of(List.of(fresh, later, built(6, 3, 1100), built(7, 30, 1290)), List.of())
                .orElseThrow();
        assertThat(again.visits()).isEqualTo(2);
        assertThat(again.fromHours()).isEqualTo(3);
        // The first visit after a run-in still tells how it ended; what comes years later does not.
        Visit year = Months.visit(LocalDate.of(2025, 9, 10), 600, Months.HOT, Months.all(4, 1290));
        Visit years = Months.visit(LocalDate.of(2026, 9, 10), 1600, Months.HOT, Months.all(4, 1200));
        assertThat(RunIn.of(List.of(fresh, later, year, years), List.of())
                        .orElseThrow()
                        .toHours())
                .isEqualTo(605);
    }

    /** On the meter it ran as long as since it was built, from nought at the first visit on. */
    private static Visit built(int month, double hoursSince, double kPa) {
        Visit v = Months.visit(
                LocalDate.of(2025, 1, 10).plusMonths(month), hoursSince - 5, Months.HOT, Months.all(4, kPa));
        return new Visit(
                v.job(),
                v.date(),
                v.hours(),
                v.distanceKm(),
                v.complaint(),
                v.baseline(),
                Optional.of(hoursSince),
                v.measured(),
                v.plugs(),
                v.settings());
    }
}
