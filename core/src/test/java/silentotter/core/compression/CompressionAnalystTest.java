package silentotter.core.compression;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static silentotter.core.compression.Bench.conditions;
import static silentotter.core.compression.Bench.reading;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import silentotter.core.compression.Conditions.EngineTemperature;
import silentotter.core.compression.Conditions.Throttle;
import silentotter.core.compression.CrankingLength.LengthKind;
import silentotter.core.compression.CylinderResult.Standing;
import silentotter.core.compression.SchoolOpinion.Ruling;
import silentotter.core.compression.WetResult.WetOutcome;
import silentotter.core.engine.Cycle;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Layout;
import silentotter.core.finding.ReadingFault;
import silentotter.core.finding.ReadingFaultKind;
import silentotter.core.quantity.CrankSpeed;
import silentotter.core.quantity.Estimate;
import silentotter.core.quantity.LeakArea;
import silentotter.core.twin.CrankingSetup;
import silentotter.core.twin.CrankingTwin;
import silentotter.core.twin.CylinderGeometry;

class CompressionAnalystTest {
    private static CylinderResult cylinder(CompressionAnalysis a, int n) {
        return a.cylinders().get(CylinderNumber.of(n));
    }

    private static SchoolOpinion opinion(CompressionAnalysis a, School school) {
        return a.schools().stream()
                .filter(o -> o.school() == school)
                .findFirst()
                .orElseThrow();
    }

    private static List<ReadingFaultKind> faults(CompressionAnalysis a) {
        return a.faults().stream().map(ReadingFault::kind).toList();
    }

    @Test
    void differencesInsideTheGaugesRepeatabilityAreNotCalledDifferences() {
        CompressionAnalysis a = Bench.inline(4).dry(1200, 1160, 1210, 1185).analyse();
        assertThat(a.cylinders().values()).extracting(CylinderResult::standing).containsOnly(Standing.LEVEL);
        assertThat(a.evenness().orElseThrow().real()).isFalse();
    }

    @Test
    void oneLowCylinderIsLowAndTheOthersAreTheMeasure() {
        CompressionAnalysis a = Bench.inline(4).dry(1200, 1190, 850, 1210).analyse();
        assertThat(cylinder(a, 3).standing()).isEqualTo(Standing.LOW);
        assertThat(cylinder(a, 3).shareOfSound().orElseThrow().best()).isCloseTo(0.708, within(0.001));
        assertThat(cylinder(a, 3).deviationFromMedian().orElseThrow()).isCloseTo(850 / 1195.0 - 1, within(1e-9));
        assertThat(cylinder(a, 1).standing()).isEqualTo(Standing.LEVEL);
        assertThat(cylinder(a, 1).detectable().orElseThrow().squareMm()).isBetween(0.4, 1.0);
    }

    @Test
    void oneThatStandsAboveLevelSistersIsTheOddOne() {
        CompressionAnalysis a = Bench.inline(4).dry(1200, 1190, 1480, 1210).analyse();
        assertThat(cylinder(a, 3).standing()).isEqualTo(Standing.HIGH);
        assertThat(cylinder(a, 1).standing()).isEqualTo(Standing.LEVEL);
    }

    /** Readings made by the twin with a known hole give that hole back, inside its interval. */
    @ParameterizedTest
    @ValueSource(doubles = {0.9, 1.5, 3, 6})
    void theImpliedLeakIsTheOneThatWasThere(double squareMm) {
        CylinderGeometry geometry = Bench.inline(4).engine().size().geometry(10).orElseThrow();
        CrankingSetup sound = CrankingSetup.usual(geometry);
        double good = CrankingTwin.finalReading(sound).kPa();
        double bad = CrankingTwin.finalReading(sound.withLeakArea(LeakArea.ofSquareMm(squareMm)))
                .kPa();
        Estimate<LeakArea> leak = cylinder(
                        Bench.inline(4).dry(good, good, bad, good).analyse(), 3)
                .leakArea()
                .orElseThrow();
        assertThat(leak.best().squareMm()).isCloseTo(squareMm, within(squareMm * 0.05));
        assertThat(leak.holds(LeakArea.ofSquareMm(squareMm))).isTrue();
    }

    @Test
    void anUnknownSpeedWidensTheLeak() {
        Bench known = Bench.inline(4).dry(1200, 1190, 850, 1210);
        Bench unknown = Bench.inline(4)
                .under(conditions(EngineTemperature.HOT, Throttle.WIDE_OPEN, null, LengthKind.STROKES, 8))
                .dry(1200, 1190, 850, 1210);
        assertThat(width(cylinder(unknown.analyse(), 3))).isGreaterThan(1.3 * width(cylinder(known.analyse(), 3)));
        assertThat(faults(unknown.analyse())).contains(ReadingFaultKind.SPEED_UNKNOWN);
    }

    private static double width(CylinderResult c) {
        Estimate<LeakArea> a = c.leakArea().orElseThrow();
        return a.high().squareMm() - a.low().squareMm();
    }

    @Test
    void theOrderOfTheCylindersDoesNotMatter() {
        double[] values = {1200, 1190, 850, 1210, 990, 1205};
        Random random = new Random(3);
        CompressionAnalysis a = Bench.inline(6).dry(values).analyse();
        for (int round = 0; round < 20; round++) {
            int i = random.nextInt(6);
            int j = random.nextInt(6);
            double[] swapped = values.clone();
            swapped[i] = values[j];
            swapped[j] = values[i];
            CompressionAnalysis b = Bench.inline(6).dry(swapped).analyse();
            assertThat(cylinder(b, i + 1).standing())
                    .isEqualTo(cylinder(a, j + 1).standing());
            assertThat(b.evenness().orElseThrow().sound())
                    .isEqualTo(a.evenness().orElseThrow().sound());
        }
    }

    @Test
    void schoolsDisagreeAndEachSaysWhy() {
        CompressionAnalysis a =
                Bench.inline(4).makersMinimum(1150).dry(1400, 1395, 1170, 1400).analyse();
        assertThat(opinion(a, School.LOWEST_75).ruling()).isEqualTo(Ruling.HOLDS);
        assertThat(opinion(a, School.WITHIN_ONE_BAR).ruling()).isEqualTo(Ruling.FAILS);
        assertThat(opinion(a, School.WITHIN_ONE_BAR).cylinders()).containsExactly(CylinderNumber.of(3));
        assertThat(opinion(a, School.MAKER_MINIMUM).ruling()).isEqualTo(Ruling.TOO_CLOSE);
        assertThat(opinion(a, School.MAKER_MINIMUM).rule()).contains("owner, unverified");
        assertThat(opinion(a, School.MAKER_SPREAD).ruling()).isEqualTo(Ruling.NOT_ASKED);
        assertThat(a.schoolsDisagree()).isTrue();
    }

    @ParameterizedTest
    @CsvSource({"500, FAILS", "660, WATCH", "900, HOLDS", "605, TOO_CLOSE"})
    void theAbsoluteFloorWatchesAndFaults(double level, Ruling ruling) {
        CompressionAnalysis a = Bench.inline(4).dry(level, level, level, level).analyse();
        assertThat(opinion(a, School.ABSOLUTE_FLOOR).ruling()).isEqualTo(ruling);
    }

    @Test
    void dieselsHaveTheirOwnLimits() {
        CompressionAnalysis a =
                Bench.inline(4).diesel().dry(1950, 1940, 1600, 1945).analyse();
        assertThat(opinion(a, School.WITHIN_10).ruling()).isEqualTo(Ruling.TOO_CLOSE);
        assertThat(opinion(a, School.WITHIN_ONE_BAR).rule()).contains("{kPa:300.0}");
        assertThat(a.wetRefusal()).hasValueSatisfying(r -> assertThat(r).contains("Never a wet test on a diesel"));
    }

    @Test
    void altitudeIsTakenOffBeforeAFloorIsAsked() {
        CompressionAnalysis sea = Bench.inline(1).dry(640).analyse();
        CompressionAnalysis high = Bench.inline(1).altitude(2500).dry(640).analyse();
        assertThat(opinion(sea, School.ABSOLUTE_FLOOR).ruling()).isEqualTo(Ruling.WATCH);
        assertThat(opinion(high, School.ABSOLUTE_FLOOR).ruling()).isEqualTo(Ruling.HOLDS);
        assertThat(cylinder(high, 1).seaLevel().orElseThrow().kPa()).isGreaterThan(840);
    }

    @ParameterizedTest
    @CsvSource({
        "STROKES, 8, FOUR_STROKE, 8", "TURNS, 5, FOUR_STROKE, 2.5", "TURNS, 5, TWO_STROKE, 5",
        "SECONDS, 3, FOUR_STROKE, 5.5", "PULLS, 2, FOUR_STROKE, 3", "UNTIL_STOPPED, 0, FOUR_STROKE, 8"
    })
    void everyWayOfCountingBecomesStrokes(LengthKind kind, double amount, Cycle cycle, double strokes) {
        Estimate<Double> result = new CrankingLength(kind, amount).strokes(cycle, Optional.of(CrankSpeed.ofRpm(220)));
        assertThat(result.best()).isCloseTo(strokes, within(0.01));
    }

    @Test
    void measuringFaultsAreCaught() {
        assertThat(faults(Bench.inline(4).dry(1990, 1985, 1980, 1995).analyse()))
                .contains(ReadingFaultKind.NEAR_FULL_SCALE);
        assertThat(faults(Bench.inline(4).dry(1250, 1180, 1110, 1040).analyse()))
                .contains(ReadingFaultKind.FALLING_IN_ORDER);
        assertThat(faults(Bench.inline(4).dry(1250, 1260, 1245, 1255).analyse()))
                .doesNotContain(ReadingFaultKind.FALLING_IN_ORDER);
        assertThat(faults(Bench.inline(2)
                        .under(conditions(EngineTemperature.COLD, Throttle.SHUT, 220.0, LengthKind.TURNS, 5))
                        .dry(700, 690)
                        .analyse()))
                .contains(ReadingFaultKind.THROTTLE_SHUT, ReadingFaultKind.COLD, ReadingFaultKind.FEW_STROKES);
        assertThat(faults(Bench.inline(1).withRelease().dry(560).analyse()))
                .contains(ReadingFaultKind.COMPRESSION_RELEASE);
        CompressionAnalysis strokes = Bench.inline(3)
                .dry(
                        reading(1, 1, false, 0, 700, 950, 1080, 1150, 1170, 1180),
                        reading(2, 2, false, 0, 700, 950, 880, 930),
                        reading(3, 3, true, 0, 1200),
                        reading(4, 3, true, 0, 1010))
                .analyse();
        assertThat(faults(strokes))
                .contains(
                        ReadingFaultKind.NEEDLE_DROPS,
                        ReadingFaultKind.UNEQUAL_STROKES,
                        ReadingFaultKind.REPEATS_DIFFER);
        assertThat(cylinder(strokes, 2).value().orElseThrow().floor()).isTrue();
        assertThat(strokes.undermining(CylinderNumber.of(3)))
                .extracting(ReadingFault::kind)
                .containsExactly(ReadingFaultKind.REPEATS_DIFFER);
    }

    @Test
    void repeatsCountTogetherAndSetAsideOnesDoNot() {
        CompressionReading wrong = new CompressionReading(
                CylinderNumber.of(1),
                3,
                List.of(silentotter.core.quantity.Pressure.ofKPa(300)),
                true,
                Optional.empty(),
                Optional.of("adapter leaked"),
                java.time.Instant.EPOCH);
        CompressionAnalysis a = Bench.inline(1)
                .dry(reading(1, 1, true, 0, 1000), reading(2, 1, true, 0, 1020), wrong)
                .analyse();
        assertThat(cylinder(a, 1).value().orElseThrow().value().kPa()).isEqualTo(1010);
        assertThat(cylinder(a, 1).value().orElseThrow().attempts()).isEqualTo(2);
    }

    @Test
    void theShapeIsJudgedAgainstSistersOnly() {
        CompressionAnalysis a = Bench.inline(3)
                .dry(
                        reading(1, 1, false, 0, 720, 1000, 1110, 1160, 1180, 1195, 1200),
                        reading(2, 2, false, 0, 715, 995, 1105, 1150, 1175, 1190, 1195),
                        reading(3, 3, false, 0, 380, 560, 680, 760, 820, 850, 860))
                .analyse();
        assertThat(a.buildUp(CylinderNumber.of(3)).orElseThrow().shape()).isEqualTo(BuildUp.Shape.CLIMBING);
        assertThat(a.buildUp(CylinderNumber.of(1)).orElseThrow().shape()).isEqualTo(BuildUp.Shape.AS_SISTERS);
        CompressionAnalysis alone =
                Bench.inline(1).dry(reading(1, 1, false, 0, 400, 700, 900)).analyse();
        assertThat(alone.buildUps().get(0).shape()).isEqualTo(BuildUp.Shape.NO_SISTERS);
    }

    @Test
    void theShapeOfALowCylinderIsALittleEvidenceAndOfALevelOneNone() {
        Bench climbing = Bench.inline(4)
                .dry(
                        reading(1, 1, false, 0, 720, 1000, 1110, 1160, 1180, 1195, 1200),
                        reading(2, 2, false, 0, 460, 995, 1105, 1150, 1175, 1190, 1195),
                        reading(3, 3, false, 0, 380, 560, 680, 760, 820, 850, 860),
                        reading(4, 4, false, 0, 715, 995, 1105, 1150, 1175, 1190, 1195));
        assertThat(BuildUpRules.read(climbing.analyse())).singleElement().satisfies(f -> {
            assertThat(f.rule()).isEqualTo("build-up-climbs");
            assertThat(f.cylinders()).containsExactly(CylinderNumber.of(3));
            assertThat(f.ratios().values()).allMatch(r -> r >= 0.5 && r <= 2);
        });
        assertThat(climbing.diagnose().findings())
                .filteredOn(f -> f.id().startsWith("rule:build-up-climbs"))
                .singleElement()
                .satisfies(f -> assertThat(f.evidence()).isNotEmpty());
    }

    @Test
    void aWetRiseBeyondTheOilsVolumeSaysRings() {
        CompressionAnalysis a = Bench.inline(4)
                .dry(1200, 1190, 850, 1210)
                .wet(new double[] {3, 5, 1150}, new double[] {1, 5, 1290})
                .analyse();
        WetResult low = a.wet(CylinderNumber.of(3)).orElseThrow();
        assertThat(low.outcome()).isEqualTo(WetOutcome.RINGS_SEALED);
        assertThat(low.netPercent().orElseThrow().low()).isGreaterThan(10);
        assertThat(a.wet(CylinderNumber.of(1)).orElseThrow().outcome()).isEqualTo(WetOutcome.VOLUME_ONLY);
    }

    @Test
    void aRiseThatTheVolumeExplainsIsNotRings() {
        CompressionAnalysis a = Bench.inline(4)
                .dry(1200, 1190, 850, 1210)
                .wet(new double[] {3, 5, 915})
                .analyse();
        assertThat(a.wet(CylinderNumber.of(3)).orElseThrow().outcome()).isEqualTo(WetOutcome.VOLUME_ONLY);
    }

    /** The same rise means sealing after one dose and only volume after three. */
    @Test
    void repeatedDosesAddUp() {
        CompressionAnalysis once = Bench.inline(4)
                .dry(1200, 1190, 850, 1210)
                .wet(new double[] {3, 4, 1045})
                .analyse();
        CompressionAnalysis thrice = Bench.inline(4)
                .dry(1200, 1190, 850, 1210)
                .wet(new double[] {3, 4, 900}, new double[] {3, 4, 960}, new double[] {3, 4, 1045})
                .analyse();
        assertThat(thrice.wet(CylinderNumber.of(3)).orElseThrow().oil().millilitres())
                .isEqualTo(12);
        assertThat(once.wet(CylinderNumber.of(3)).orElseThrow().outcome()).isEqualTo(WetOutcome.RINGS_SEALED);
        assertThat(thrice.wet(CylinderNumber.of(3)).orElseThrow().outcome()).isEqualTo(WetOutcome.VOLUME_ONLY);
    }

    @Test
    void aDoseOverATenthOfTheClearanceIsWarnedAbout() {
        Bench bench = Bench.inline(3).dry(1200, 1190, 850).wet(new double[] {3, 5, 900});
        assertThat(bench.analyse().faults()).extracting(ReadingFault::kind).doesNotContain(ReadingFaultKind.LARGE_DOSE);
        assertThat(bench.wet(new double[] {3, 2, 930}).analyse().faults())
                .filteredOn(f -> f.kind() == ReadingFaultKind.LARGE_DOSE)
                .singleElement()
                .satisfies(f -> assertThat(f.cylinders()).containsExactly(CylinderNumber.of(3)));
    }

    @Test
    void withoutASizeTheRestStillWorksAndSaysWhatItLacked() {
        CompressionAnalysis a = Bench.inline(4)
                .unknownSize()
                .dry(1200, 1190, 850, 1210)
                .wet(new double[] {3, 5, 1150})
                .analyse();
        assertThat(cylinder(a, 3).standing()).isEqualTo(Standing.LOW);
        assertThat(cylinder(a, 3).leakArea()).isEmpty();
        assertThat(a.expected()).isEmpty();
        assertThat(a.wet(CylinderNumber.of(3)).orElseThrow().outcome()).isEqualTo(WetOutcome.NOT_CORRECTED);
        assertThat(a.lacks()).extracting(Lack::what).contains("bore and stroke", "compression ratio");
    }

    @Test
    void boresThatLieOverRefuseTheWetTest() {
        assertThat(Bench.of(Layout.FLAT, 2).dry(900, 900).analyse().wetRefusal())
                .hasValueSatisfying(r -> assertThat(r).contains("90° from upright"));
        assertThat(Bench.of(Layout.V, 8).analyse().wetRefusal()).isEmpty();
    }
}
