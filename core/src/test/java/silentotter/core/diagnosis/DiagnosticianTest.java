package silentotter.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static silentotter.core.leakdown.Taken.made;
import static silentotter.core.leakdown.Taken.on;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import silentotter.core.compression.Bench;
import silentotter.core.compression.CompressionPass;
import silentotter.core.compression.Conditions;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.examination.Examination;
import silentotter.core.fault.Family;
import silentotter.core.fault.Fault;
import silentotter.core.finding.PathKind;
import silentotter.core.finding.Shop;
import silentotter.core.inside.CylinderInside;
import silentotter.core.inside.CylinderInside.BoreWall;
import silentotter.core.instruments.LeakdownTester;
import silentotter.core.instruments.LeakdownTester.TesterKind;
import silentotter.core.intake.Intake;
import silentotter.core.interpretation.Interpreter;
import silentotter.core.job.JobRecord;
import silentotter.core.job.Observation;
import silentotter.core.leakdown.Heard;
import silentotter.core.leakdown.Place;
import silentotter.core.plugs.Plugs;
import silentotter.core.quantity.Pressure;
import silentotter.core.signs.Signs;

/** What the diagnosis must say, and what it must never say again. */
class DiagnosticianTest {
    private static final LeakdownTester UNKNOWN_ORIFICE = new LeakdownTester(
            "old", TesterKind.PERCENT_DIAL, Optional.of(Pressure.ofKPa(100)), Optional.empty(), 1, 0, false);

    private static CylinderVerdict cylinder(Diagnosis d, int n) {
        return d.cylinders().get(CylinderNumber.of(n));
    }

    private static Suspect leader(Diagnosis d) {
        return d.suspects().get(0);
    }

    private static double probability(Diagnosis d, Family family) {
        return d.suspects().stream()
                .filter(s -> s.family() == family)
                .mapToDouble(Suspect::probability)
                .max()
                .orElse(0);
    }

    private static Observation[] all(Object... observations) {
        return java.util.Arrays.stream(observations)
                .flatMap(o -> o instanceof Observation[] many
                        ? java.util.Arrays.stream(many)
                        : java.util.stream.Stream.of((Observation) o))
                .toArray(Observation[]::new);
    }

    @Test
    void anEmptySheetSaysSoAndWhatToDoFirst() {
        Diagnosis d = Bench.inline(4).diagnose();
        assertThat(d.tone()).isEqualTo(Tone.EMPTY);
        assertThat(d.headline().certain().text()).isEqualTo("Nothing tested yet");
        assertThat(d.headline().meant()).isEmpty();
        assertThat(d.headline().next()).startsWith("Compression");
    }

    @Test
    void evenReadingsAreSoundAndSayWhatTheyCouldHaveMissed() {
        Diagnosis d = Bench.inline(4).dry(1200, 1190, 1195, 1210).diagnose();
        assertThat(d.tone()).isEqualTo(Tone.SOUND);
        assertThat(leader(d).family()).isEqualTo(Family.NOTHING_WRONG);
        assertThat(d.littleTested()).isTrue();
        assertThat(d.headline().meant().orElseThrow().words()).contains("little tested yet");
        assertThat(cylinder(d, 1).misses()).contains("{mm2:", "oil control ring");
        assertThat(d.untested()).anyMatch(u -> u.startsWith("No leak-down"));
        assertThat(d.paths()).isEmpty();
    }

    @Test
    void theWetTestSplitsRingsFromValves() {
        Bench low = Bench.inline(4).dry(1200, 1190, 850, 1210);
        Diagnosis rings = Bench.inline(4)
                .dry(1200, 1190, 850, 1210)
                .wet(new double[] {3, 5, 1150})
                .diagnose();
        Diagnosis valve = low.wet(new double[] {3, 5, 905}).diagnose();
        assertThat(leader(rings).family()).isEqualTo(Family.RINGS);
        assertThat(leader(rings).cylinders()).containsExactly(CylinderNumber.of(3));
        assertThat(leader(valve).family()).isNotEqualTo(Family.RINGS);
        assertThat(valve.paths()).extracting(EscapePath::kind).doesNotContain(PathKind.RINGS);
    }

    @Test
    void twoLowNeighboursPointToTheGasketAndTwoLowApartDoNot() {
        Diagnosis neighbours = Bench.inline(4).dry(1200, 800, 810, 1210).diagnose();
        Diagnosis apart = Bench.inline(4).dry(800, 1200, 810, 1210).diagnose();
        assertThat(leader(neighbours).family()).isEqualTo(Family.GASKET_BETWEEN);
        assertThat(probability(apart, Family.GASKET_BETWEEN)).isLessThan(0.05);
    }

    @Test
    void allLowAndEvenPointsToTheWholeEngineOrTheMeasuring() {
        Diagnosis d = Bench.inline(4).dry(560, 555, 565, 560).diagnose();
        assertThat(probability(d, Family.NOTHING_WRONG)).isLessThan(0.1);
        assertThat(d.suspects())
                .extracting(Suspect::family)
                .contains(Family.CAM_TIMING, Family.EVEN_WEAR, Family.ALL_ALIKE);
        assertThat(d.suspects().stream()
                        .filter(Suspect::testedFor)
                        .findFirst()
                        .orElseThrow()
                        .probability())
                .as("one kind of test cannot tell them apart")
                .isLessThan(0.85);
    }

    /** 1. A large loud leak is never tight because the bore is not known. */
    @ParameterizedTest
    @ValueSource(doubles = {98, 90, 40})
    void aLargeLoudLeakIsNeverTightBecauseTheBoreIsUnknown(double percent) {
        Diagnosis d = Bench.inline(4)
                .unknownSize()
                .diagnose(made(
                        on(1, 8),
                        on(2, percent)
                                .heard(Place.CRANKCASE, Heard.LOUD)
                                .heard(Place.INTAKE, Heard.NOTHING)
                                .heard(Place.EXHAUST, Heard.NOTHING),
                        on(3, 7),
                        on(4, 9)));
        assertThat(cylinder(d, 2).tone()).isNotEqualTo(Tone.SOUND);
        assertThat(leader(d).cylinders()).containsExactly(CylinderNumber.of(2));
        assertThat(leader(d).family()).isEqualTo(Family.RINGS);
        assertThat(d.assumed()).anyMatch(a -> a.what().equals("Bore and stroke"));
    }

    /** 2. All alike on a tester that nobody knows, beside good compression: not judged, and what decides. */
    @Test
    void allAlikeOnAnUnknownTesterCannotBeJudged() {
        Diagnosis d = Bench.inline(4)
                .dry(1220, 1220, 1220, 1220)
                .diagnose(made(
                        on(1, 31).with(UNKNOWN_ORIFICE).heard(Place.CRANKCASE, Heard.CLEAR),
                        on(2, 33).with(UNKNOWN_ORIFICE).heard(Place.CRANKCASE, Heard.CLEAR),
                        on(3, 35).with(UNKNOWN_ORIFICE).heard(Place.CRANKCASE, Heard.CLEAR),
                        on(4, 32).with(UNKNOWN_ORIFICE).heard(Place.CRANKCASE, Heard.CLEAR)));
        assertThat(probability(d, Family.EVEN_WEAR)).isBetween(0.02, 0.85);
        assertThat(d.measuring())
                .anyMatch(m -> m.kind().filter("TESTER"::equals).isPresent());
        assertThat(d.headline().next()).contains("bleed hole");
        assertThat(d.assumed()).anyMatch(a -> a.what().contains("orifice"));
    }

    /** 3. One of eight read: nothing is said of the other seven. */
    @Test
    void oneOfEightSaysNothingOfTheOthers() {
        Diagnosis d = Bench.inline(8).dry(1250).diagnose();
        assertThat(d.headline().certain().text()).startsWith("1 of 8 cylinders read");
        for (int c = 2; c <= 8; c++) {
            assertThat(cylinder(d, c).tone()).isEqualTo(Tone.EMPTY);
        }
        assertThat(d.headline().next()).contains("Compression on");
    }

    /** 4. The control's rise is the oil; what is left says rings; and the next step is not the test just done. */
    @Test
    void theControlsRiseIsTheOil() {
        Diagnosis d = Bench.inline(4)
                .unknownSize()
                .dry(148 * 6.895, 151 * 6.895, 94 * 6.895, 150 * 6.895)
                .wet(new double[] {3, 5, 118 * 6.895}, new double[] {1, 5, 160 * 6.895})
                .diagnose();
        assertThat(leader(d).family()).isEqualTo(Family.RINGS);
        assertThat(leader(d).odds()).isLessThanOrEqualTo(Odds.EVEN);
        assertThat(leader(d).probability()).isGreaterThan(2 * probability(d, Family.VALVE_LEAK));
        assertThat(d.headline().next()).startsWith("Leak-down");
    }

    /** 5. Leak-down and compression contradict: nothing solid, the retest first. */
    @Test
    void aContradictionDrawsNothingSolidAndAsksForTheRetest() {
        Diagnosis d = Bench.inline(4)
                .dry(1300, 1290, 1310, 1295)
                .diagnose(made(on(1, 8), on(2, 85).heard(Place.EXHAUST, Heard.CLEAR), on(3, 8), on(4, 9)));
        assertThat(d.tone()).isEqualTo(Tone.DOUBT);
        assertThat(d.doesNotFit()).isPresent();
        assertThat(d.paths()).extracting(EscapePath::sureness).doesNotContain(Sureness.NEAR_CERTAIN, Sureness.LIKELY);
        assertThat(d.headline().next()).containsAnyOf("again", "Soap");
        assertThat(d.contradictions().get(0).stories()).isNotEmpty();
    }

    /** 6. A twin is judged cylinder against cylinder: one low, not two off a median. */
    @Test
    void aTwinHasOneLowCylinder() {
        Diagnosis d = Bench.inline(2).dry(120 * 6.895, 70 * 6.895).diagnose();
        assertThat(d.headline().certain().text()).isEqualTo("Cylinder {cyl:2} low");
        assertThat(cylinder(d, 1).tone()).isEqualTo(Tone.SOUND);
    }

    @Test
    void aReleaseThatWasPutOutOfActionIsNoReasonToMeasureAgain() {
        JobRecord released = Bench.inline(1).withRelease().dry(568).record();
        JobRecord out = new JobRecord(
                released.engine(),
                released.job(),
                released.observed().stream()
                        .map(o -> o instanceof CompressionPass pass ? withoutRelease(pass) : o)
                        .toList());
        assertThat(doubted(released)).contains("RELEASE");
        assertThat(doubted(out)).doesNotContain("RELEASE");
    }

    private static List<String> doubted(JobRecord record) {
        return Interpreter.interpret(record, Shop.USUAL).diagnosis().measuring().stream()
                .flatMap(m -> m.kind().stream())
                .toList();
    }

    private static CompressionPass withoutRelease(CompressionPass pass) {
        Conditions c = pass.conditions();
        return new CompressionPass(
                pass.kind(),
                new Conditions(
                        c.temperature(),
                        c.throttle(),
                        c.plugsOut(),
                        c.crankingSpeed(),
                        c.batteryVolts(),
                        c.length(),
                        c.gauge(),
                        c.fuelDisabled(),
                        c.sparkDisabled(),
                        Optional.of(true)),
                pass.readings());
    }

    /** 7. A compression release makes the level say nothing. */
    @Test
    void aReleaseMakesTheLevelOfASingleSayNothing() {
        Diagnosis d = Bench.inline(1).withRelease().dry(568).diagnose();
        assertThat(d.headline().certain().text()).isEqualTo("Cannot be judged yet");
        assertThat(d.headline().certain().words()).contains("release");
        assertThat(d.headline().next()).contains("release");
        assertThat(probability(d, Family.NOTHING_WRONG)).isLessThan(.5);
        Diagnosis without = Bench.inline(1).dry(1250).diagnose();
        assertThat(without.headline().certain().text()).isEqualTo("The cylinder holds");
    }

    @Test
    void twoThatAreAlikeAreBoth() {
        assertThat(Bench.inline(2)
                        .dry(1250, 1240)
                        .diagnose()
                        .headline()
                        .certain()
                        .text())
                .isEqualTo("Both cylinders alike");
    }

    /** 8 and 9. Low on compression and tight at rest: what moves, or the reading; a repeat is next. */
    @Test
    void lowOnCompressionAndTightAtRestLooksAtWhatMovesOrRepeats() {
        Diagnosis d = Bench.inline(4).dry(1300, 1290, 700, 1310).diagnose(made(on(1, 5), on(2, 5), on(3, 5), on(4, 5)));
        double motion = probability(d, Family.VALVE_MOTION);
        double reading = d.measuring().stream()
                .filter(m -> m.cylinders().contains(CylinderNumber.of(3)))
                .mapToDouble(DoubtedReading::probability)
                .sum();
        assertThat(motion + reading).isGreaterThan(0.8);
        assertThat(d.headline().next()).containsAnyOf("compression of {cyl:3} again", "lift", "again");
    }

    /** 12. One symptom with many causes names no member. */
    @Test
    void ashOnBothPlugsOfATwinNamesNoMember() {
        Diagnosis d = Bench.inline(2)
                .diagnose(Examination.of(
                        Intake.EMPTY, Signs.EMPTY, Plugs.tray(Plugs.ash(), Plugs.ash()), Map.of(), null, null, null));
        assertThat(d.suspects().stream().flatMap(s -> s.members().stream()))
                .allMatch(m -> m.probability() < 0.8 || m.fault() == Fault.NOTHING_WRONG);
    }

    /** 13. The hatch that was seen stays in view under a verdict of worn bores. */
    @Test
    void aContradictingSignStaysInView() {
        CylinderInside hatch = new CylinderInside(
                Optional.empty(),
                Optional.of(BoreWall.HATCH_SEEN),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        Observation[] worn = made(
                on(1, 55).heard(Place.CRANKCASE, Heard.LOUD),
                on(2, 57).heard(Place.CRANKCASE, Heard.LOUD),
                on(3, 54).heard(Place.CRANKCASE, Heard.LOUD),
                on(4, 56).heard(Place.CRANKCASE, Heard.LOUD));
        Diagnosis d = Bench.inline(4)
                .dry(960, 955, 965, 950)
                .diagnose(all(
                        worn,
                        Examination.of(Intake.EMPTY, Signs.EMPTY, Plugs.tray(), Map.of(2, hatch), null, null, null)));
        assertThat(leader(d).family()).isEqualTo(Family.EVEN_WEAR);
        assertThat(d.open()).anyMatch(o -> o.contains("hatch"));
    }

    /** 14. A gauge at its full scale on every cylinder is a floor; the engine is not called sound. */
    @Test
    void aGaugeAtFullScaleIsAFloor() {
        Diagnosis d = Bench.inline(4).dry(2000, 2000, 2000, 2000).diagnose();
        assertThat(d.measuring())
                .anyMatch(m -> m.kind().filter("FULL_SCALE"::equals).isPresent());
        assertThat(probability(d, Family.NOTHING_WRONG)).isLessThan(0.85);
    }

    @Test
    void readingsThatFallAsTheBatteryDoesAreDoubtedBeforeTheEngine() {
        Diagnosis d = Bench.inline(4).dry(1250, 1180, 1100, 1010).diagnose();
        assertThat(d.tone()).isEqualTo(Tone.DOUBT);
        assertThat(d.doesNotFit()).isPresent();
    }

    @Test
    void aValveThatIsHeardIsNamedWithItsArea() {
        Diagnosis d = Bench.inline(4)
                .dry(1300, 1290, 900, 1310)
                .diagnose(made(
                        on(1, 8),
                        on(2, 9),
                        on(3, 55).heard(Place.EXHAUST, Heard.LOUD).heard(Place.CRANKCASE, Heard.FAINT),
                        on(4, 8)));
        assertThat(leader(d).family()).isEqualTo(Family.VALVE_LEAK);
        assertThat(leader(d).area().orElseThrow().best().squareMm()).isBetween(1.0, 4.0);
        assertThat(d.paths()).extracting(EscapePath::kind).containsExactly(PathKind.EXHAUST_VALVE);
        assertThat(d.reasons()).isNotEmpty().hasSizeLessThanOrEqualTo(3);
    }

    @Test
    void priorAndEntriesAddUpToTheAnswer() {
        Diagnosis d = Bench.inline(4)
                .dry(1300, 1290, 900, 1310)
                .diagnose(all(
                        made(on(1, 8), on(2, 9), on(3, 55).heard(Place.EXHAUST, Heard.LOUD), on(4, 8)),
                        Examination.of(
                                Intake.EMPTY,
                                Signs.EMPTY,
                                Plugs.tray(Plugs.tan(), Plugs.tan(), Plugs.oily(), Plugs.tan()),
                                Map.of(),
                                null,
                                null,
                                null)));
        for (int i = 0; i < d.suspects().size(); i++) {
            Suspect s = d.suspects().get(i);
            int at = i;
            double entries =
                    d.findings().stream().mapToDouble(f -> f.decibansFor(at)).sum();
            double logOdds = 10 * Math.log10(s.prior() / (1 - s.prior())) + entries + s.togetherDecibans();
            double p = 1 / (1 + Math.pow(10, -logOdds / 10));
            assertThat(p).as(s.text()).isCloseTo(s.probability(), within(1e-3));
        }
        Suspect first = leader(d);
        double own = d.findings().stream().mapToDouble(f -> f.decibansFor(0)).sum();
        assertThat(Math.abs(first.togetherDecibans()))
                .as("most of it stands at the findings, not between them")
                .isLessThan(0.5 * Math.abs(own));
    }
}
