package silentotter.core.blowby;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static silentotter.core.blowby.Crankcase.asFound;
import static silentotter.core.blowby.Crankcase.digital;
import static silentotter.core.blowby.Crankcase.legs;
import static silentotter.core.blowby.Crankcase.oneLeg;
import static silentotter.core.blowby.Crankcase.read;
import static silentotter.core.blowby.Crankcase.rules;
import static silentotter.core.blowby.Crankcase.said;

import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import silentotter.core.compression.Bench;
import silentotter.core.engine.Engine;
import silentotter.core.finding.Said;
import silentotter.core.input.Problems;
import silentotter.core.job.JobRecord;
import silentotter.core.leakdown.LeakdownAnalysis;

class BlowbyTest {
    private static BlowbyAnalysis analysis(BlowbyDocument... documents) {
        return said(Bench.inline(4).record(), documents)
                .of(BlowbyAnalysis.class)
                .orElseThrow();
    }

    @Test
    void bothLegsOneLegAndAMovedIndexAreTheSameHeight() {
        double both = read(legs(BlowbyPoint.IDLE, 17, 17)).pressure().pa();
        assertThat(both).isCloseTo(998.2 * 9.80665 * 0.034, within(1e-9));
        assertThat(read(oneLeg(BlowbyPoint.IDLE, 17)).pressure().pa()).isCloseTo(both, within(1e-9));
        assertThat(read(legs(BlowbyPoint.IDLE, 34, 0)).pressure().pa())
                .as("index at the lower level")
                .isCloseTo(both, within(1e-9));
        assertThat(read(legs(BlowbyPoint.IDLE, 40, -6)).pressure().pa())
                .as("index below both")
                .isCloseTo(both, within(1e-9));
        assertThat(read(Crankcase.height(BlowbyPoint.IDLE, TubeKind.WELL, 34, null))
                        .pressure()
                        .pa())
                .isCloseTo(both, within(1e-9));
        assertThat(read(Crankcase.height(BlowbyPoint.IDLE, TubeKind.INCLINED, 68, 30.0))
                        .pressure()
                        .pa())
                .isCloseTo(both, within(1e-6));
    }

    @Test
    void anInchOfWaterBeforeEightMillimetresIsTheFlowOfTheTable() {
        PointResult idle = analysis(digital(BlowbyPoint.IDLE, 249.089)).points().get(0);
        assertThat(idle.inchesWater()).isCloseTo(1, within(1e-6));
        // 38.0 L/min of reference air, of gas at 60 °C some 6 % less.
        assertThat(idle.flowLPerMin().orElseThrow().best()).isCloseTo(38.0 * Math.sqrt(293.15 / 333.15), within(0.1));
        assertThat(idle.perCylinderLPerMin().orElseThrow()).isCloseTo(35.65 / 4, within(0.05));
        assertThat(idle.noShare().orElseThrow()).contains("near rated load only");
    }

    @Test
    void anOpeningNobodyLookedForReadsLow() {
        BlowbyDocument unchecked =
                Crankcase.shut(BlowbyPoint.IDLE, CrankcaseGauge.DIGITAL, null, null, null, 249.0, null, Set.of());
        double sealed = analysis(digital(BlowbyPoint.IDLE, 249))
                .points()
                .get(0)
                .flowLPerMin()
                .orElseThrow()
                .high();
        assertThat(analysis(unchecked)
                        .points()
                        .get(0)
                        .flowLPerMin()
                        .orElseThrow()
                        .high())
                .isCloseTo(sealed * 0.95 / 0.7, within(0.1));
    }

    @Test
    void theShareOfTheAirIsToldNearRatedLoadOnly() {
        PointResult loaded = analysis(digital(BlowbyPoint.LOADED, 249)).points().get(0);
        // Two litres at 2500 rpm breathe some 2120 L a minute.
        assertThat(loaded.sharePercent().orElseThrow().best())
                .isCloseTo(100 * 35.65 / (1.998 * 1250 * 0.85), within(0.02));
        assertThat(loaded.noShare()).isEmpty();
    }

    @Test
    void oneLegCountedForTwoIsNamedAndMended() {
        BlowbyDocument halved = legs(BlowbyPoint.IDLE, 17, 0);
        BlowbyAnalysis doubted = analysis(halved, digital(BlowbyPoint.IDLE, 330));
        assertThat(doubted.checks().get(0).slips()).containsExactly(GaugeSlip.ONE_LEG);
        assertThat(doubted.grade())
                .as("nothing is judged while two gauges contradict")
                .isEmpty();
        assertThat(doubted.points().get(0).pressurePa().best())
                .as("the other speaks alone")
                .isEqualTo(330);
        BlowbyAnalysis mended = analysis(halved.mended(GaugeSlip.ONE_LEG), digital(BlowbyPoint.IDLE, 330));
        assertThat(mended.checks().get(0).agree()).isTrue();
        assertThat(mended.points().get(0).pressurePa().best()).isCloseTo(331.4, within(1.0));
    }

    @Test
    void everySlipOfADigitalGaugeIsNamedWhereItExplainsTheDifference() {
        for (GaugeSlip slip : GaugeSlip.values()) {
            if (slip.on() == CrankcaseGauge.DIGITAL) {
                BlowbyDocument slipped = digital(BlowbyPoint.IDLE, 333 / slip.factor());
                if (333 / slip.factor() > 10_000) {
                    continue;
                }
                GaugeCheck check = analysis(legs(BlowbyPoint.IDLE, 17, 17), slipped)
                        .checks()
                        .get(0);
                assertThat(check.agree()).as(slip.name()).isFalse();
                assertThat(check.slips()).as(slip.name()).contains(slip);
                assertThat(read(slipped.mended(slip)).pressure().pa()).isCloseTo(333, within(1e-6));
            }
        }
    }

    @Test
    void aDifferenceThatNothingExplainsIsNotMendedByGuess() {
        GaugeCheck check = analysis(legs(BlowbyPoint.IDLE, 17, 17), digital(BlowbyPoint.IDLE, 90))
                .checks()
                .get(0);
        assertThat(check.slips()).isEmpty();
        assertThat(check.says()).contains("Read both again");
    }

    @Test
    void singlesTwinsAndBoxersAreRefusedWithoutCheckValve() {
        Engine single = Bench.inline(1).engine();
        BlowbyDocument bare = Crankcase.shut(
                BlowbyPoint.IDLE, CrankcaseGauge.DIGITAL, null, null, null, 249.0, null, Set.of(SetUpCheck.WARM));
        assertThat(BlowbyReader.doesNotFit(single, bare).orElseThrow()).contains("pumps its crankcase");
        assertThat(BlowbyReader.doesNotFit(single, digital(BlowbyPoint.IDLE, 249)))
                .isEmpty();
        assertThat(BlowbyReader.doesNotFit(single, asFound(-30))).isEmpty();
        assertThat(BlowbyReader.doesNotFit(Bench.inline(4).engine(), bare)).isEmpty();
        assertThat(SetUpCheck.of(Bench.inline(4).engine())).doesNotContain(SetUpCheck.CHECK_VALVE);
    }

    @Test
    void highAsFoundAndNormalThroughTheOrificeIsVentilation() {
        assertThat(rules(said(Bench.inline(4).record(), asFound(300), digital(BlowbyPoint.IDLE, 110))))
                .contains("blowby-ventilation", "blowby-sound");
        assertThat(rules(said(Bench.inline(4).record(), asFound(300), digital(BlowbyPoint.IDLE, 900))))
                .contains("blowby-high", "blowby-explains-as-found")
                .doesNotContain("blowby-ventilation");
        assertThat(rules(said(Bench.inline(4).record(), asFound(300)))).containsExactly("blowby-as-found-high");
        assertThat(rules(said(Bench.inline(4).record(), asFound(-120)))).isEmpty();
    }

    @Test
    void aSnapIsTheHighestAndIsJudgedByNobody() {
        BlowbyAnalysis snap = analysis(digital(BlowbyPoint.SNAP, 600), digital(BlowbyPoint.SNAP, 900));
        assertThat(snap.points().get(0).pressurePa().best()).isEqualTo(900);
        assertThat(snap.grade()).isEmpty();
        BlowbyAnalysis idle = analysis(digital(BlowbyPoint.IDLE, 100), digital(BlowbyPoint.IDLE, 140));
        assertThat(idle.points().get(0).pressurePa().best())
                .as("the steady mean")
                .isEqualTo(120);
        assertThat(idle.points().get(0).spreadPa()).isEqualTo(40);
    }

    @Test
    void theRingAreaIsThatOfTheRunningTwinAndThreeTimesAsMuchAtRest() {
        RingArea rings = analysis(digital(BlowbyPoint.IDLE, 249.089)).rings().orElseThrow();
        // The twin's reference: 10 L/min a square millimetre at 800 rpm and 35 kPa.
        assertThat(rings.running().best().squareMm()).isCloseTo(3.6, within(0.15));
        assertThat(rings.atRest().best().squareMm())
                .isCloseTo(rings.running().best().squareMm() / 0.3, within(1e-9));
        assertThat(rings.atRest().high().squareMm() / rings.atRest().best().squareMm())
                .isGreaterThan(Math.exp(1.96 * 0.6));
        assertThat(said(Bench.inline(4).unknownSize().record(), digital(BlowbyPoint.IDLE, 249))
                        .of(BlowbyAnalysis.class)
                        .orElseThrow()
                        .rings())
                .isEmpty();
    }

    @Test
    void withoutLeakdownItIsNotSaidWhichCylinder() {
        Said said = RingFit.beside(
                Bench.inline(4).engine(), said(Bench.inline(4).record(), digital(BlowbyPoint.IDLE, 600)));
        RingFit fit = said.of(RingFit.class).orElseThrow();
        assertThat(fit.fits()).isEmpty();
        assertThat(fit.says()).contains("alone cannot say");
        assertThat(RingFit.of(
                                Bench.inline(4).engine(),
                                said.of(BlowbyAnalysis.class)
                                        .orElseThrow()
                                        .rings()
                                        .orElseThrow(),
                                LeakdownAnalysis.NONE)
                        .carriers())
                .isEmpty();
    }

    @Test
    void oddReadingsAreReadOrRefusedAndNeverBreakTheBench() {
        Random random = new Random(10);
        Double[] numbers = {null, 0.0, -0.0, 1e-9, 17.0, -300.0, 599.9, 1200.0, 2500.0, 9999.0, 1e300, Double.NaN};
        JobRecord any = Bench.inline(4).record();
        int read = 0;
        for (int i = 0; i < 20_000; i++) {
            BlowbyDocument d = new BlowbyDocument(
                    any(random, BlowbyPoint.values()),
                    any(random, CrankcaseVent.values()),
                    any(random, numbers),
                    null,
                    any(random, new Double[] {null, 2.0, 8.0, 80.0}),
                    any(random, new Double[] {null, 0.3, 1.0}),
                    any(random, numbers),
                    any(random, numbers),
                    any(random, CrankcaseGauge.values()),
                    null,
                    any(random, new TubeKind[] {null, TubeKind.U, TubeKind.WELL, TubeKind.INCLINED}),
                    any(random, new Double[] {null, 1.0, 45.0}),
                    random.nextInt(3) > 0 ? null : List.of(17.0, any(random, new Double[] {-17.0, 0.0, 500.0})),
                    random.nextInt(3) > 0 ? null : any(random, numbers),
                    random.nextInt(3) > 0 ? null : any(random, numbers),
                    any(random, new Double[] {null, 600.0, 14_000.0}),
                    any(random, numbers),
                    any(random, new Double[] {null, 1.0}),
                    any(random, new Double[] {null, -40.0, 250.0}),
                    random.nextBoolean(),
                    random.nextBoolean() ? null : Set.of(SetUpCheck.WARM));
            Problems problems = new Problems();
            if (BlowbyReader.read(1, d, null, problems, "").isPresent()) {
                read++;
                Engine engine = Bench.inline(1 + random.nextInt(6)).engine();
                Said said = said(new JobRecord(engine, any.job(), List.of()), d, digital(BlowbyPoint.IDLE, 200));
                assertThat(RingFit.beside(engine, said)
                                .of(BlowbyAnalysis.class)
                                .orElseThrow()
                                .points())
                        .isNotEmpty();
            } else {
                assertThat(problems.all()).isNotEmpty();
            }
        }
        assertThat(read).isGreaterThan(50);
    }

    private static <T> T any(Random random, T[] of) {
        return of[random.nextInt(of.length)];
    }
}
