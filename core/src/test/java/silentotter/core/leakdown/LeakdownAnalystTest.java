package silentotter.core.leakdown;

import static org.assertj.core.api.Assertions.assertThat;
import static silentotter.core.leakdown.Taken.made;
import static silentotter.core.leakdown.Taken.on;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import silentotter.core.compression.Bench;
import silentotter.core.engine.Arrangement;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.engine.FiringOrder;
import silentotter.core.finding.Finding;
import silentotter.core.flow.TwoHoles;
import silentotter.core.instruments.LeakdownTester;
import silentotter.core.instruments.LeakdownTester.TesterKind;
import silentotter.core.leakdown.LeakdownReading.DoneBefore;
import silentotter.core.leakdown.LeakdownReading.LeakdownKind;
import silentotter.core.quantity.Estimate;
import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Length;
import silentotter.core.quantity.Pressure;

class LeakdownAnalystTest {
    private static final LeakdownTester WIDE = new LeakdownTester(
            "wide",
            TesterKind.PERCENT_DIAL,
            Optional.of(Pressure.ofKPa(620)),
            Optional.of(Length.ofMm(3)),
            0.85,
            0,
            true);
    private static final LeakdownTester UNKNOWN = new LeakdownTester(
            "old", TesterKind.PERCENT_DIAL, Optional.of(Pressure.ofKPa(690)), Optional.empty(), 1, 0, false);

    private static List<String> faults(Bench bench, Taken... taken) {
        return bench.leakdown(made(taken)).faults().stream()
                .map(f -> f.kind().name())
                .toList();
    }

    @Test
    void theSameLeakOnThreeTestersGivesTheSameArea() {
        LeakArea leak = LeakArea.ofSquareMm(1.4);
        LeakdownTester third = new LeakdownTester(
                "third",
                TesterKind.TWO_GAUGES,
                Optional.of(Pressure.ofKPa(550)),
                Optional.of(Length.ofMm(1.5)),
                0.9,
                0,
                true);
        for (LeakdownTester t : List.of(LeakdownTester.MASTER, WIDE, third)) {
            TwoHoles holes = t.holes(Pressure.STANDARD_ATMOSPHERE).orElseThrow();
            double reading = holes.percent(holes.settlesAt(leak));
            Estimate<LeakArea> area = LeakdownAnalyst.area(
                            on(1, reading).with(t).made(), Pressure.STANDARD_ATMOSPHERE)
                    .orElseThrow();
            assertThat(area.best().squareMm()).isCloseTo(1.4, org.assertj.core.data.Percentage.withPercentage(0.5));
            assertThat(area.holds(leak)).isTrue();
        }
    }

    @Test
    void aSmallReadingIsAnUpperBoundNotAValue() {
        Estimate<LeakArea> area = LeakdownAnalyst.area(on(1, 2).made(), Pressure.STANDARD_ATMOSPHERE)
                .orElseThrow();
        assertThat(area.low().squareMm()).isZero();
        assertThat(area.high().squareMm()).isBetween(0.25, 0.4);
    }

    @Test
    void anUnknownOrificeStillRanksWithinTheEngine() {
        LeakdownAnalysis a = Bench.inline(4)
                .leakdown(made(
                        on(1, 8).with(UNKNOWN),
                        on(2, 9).with(UNKNOWN),
                        on(3, 40).with(UNKNOWN),
                        on(4, 8).with(UNKNOWN)));
        assertThat(a.comparable()).isFalse();
        assertThat(a.at(CylinderNumber.of(3)).orElseThrow().odd()).isTrue();
        assertThat(a.at(CylinderNumber.of(3)).orElseThrow().leaks()).isTrue();
        assertThat(a.at(CylinderNumber.of(2)).orElseThrow().leaks()).isFalse();
    }

    @Test
    void areasAreJudgedAgainstTheSizeOfTheCylinder() {
        LeakArea leak = LeakArea.ofSquareMm(0.9);
        assertThat(LeakdownSchool.areaGrade(leak, Length.ofMm(50))).isEqualTo(Grade.FAULT);
        assertThat(LeakdownSchool.areaGrade(leak, Length.ofMm(90))).isEqualTo(Grade.WORN);
        assertThat(LeakdownSchool.areaGrade(leak, Length.ofMm(130))).isEqualTo(Grade.ACCEPTABLE);
    }

    @Test
    void schoolsDisagreeBecauseTestersDo() {
        TwoHoles holes = WIDE.holes(Pressure.STANDARD_ATMOSPHERE).orElseThrow();
        double reading = holes.percent(holes.settlesAt(LeakArea.ofSquareMm(1.5)));
        CylinderLeak leak = Bench.inline(4)
                .leakdown(on(1, reading).with(WIDE).made())
                .at(CylinderNumber.of(1))
                .orElseThrow();
        assertThat(LeakdownSchool.PERCENT_OWN_TESTER.grade(leak, Optional.empty()))
                .contains(Grade.GOOD);
        assertThat(LeakdownSchool.PERCENT_MASTER.grade(leak, Optional.empty())).contains(Grade.FAULT);
    }

    @Test
    void theAreaIsSplitByHowLoudEachPlaceWas() {
        List<PathShare> shares = PathShare.of(on(1, 40)
                .heard(Place.EXHAUST, Heard.LOUD)
                .heard(Place.CRANKCASE, Heard.FAINT)
                .heard(Place.INTAKE, Heard.NOTHING)
                .made());
        assertThat(shares).extracting(PathShare::place).containsExactly(Place.EXHAUST, Place.CRANKCASE);
        assertThat(shares.stream().mapToDouble(PathShare::share).sum())
                .isCloseTo(1, org.assertj.core.data.Offset.offset(1e-9));
        assertThat(shares.get(0).share()).isGreaterThan(0.9);
    }

    @Test
    void whatCannotBeTrueIsNamed() {
        Bench bench = Bench.inline(4);
        assertThat(faults(
                        bench,
                        on(1, 60)
                                .heard(Place.INTAKE, Heard.NOTHING)
                                .heard(Place.EXHAUST, Heard.NOTHING)
                                .heard(Place.CRANKCASE, Heard.NOTHING)))
                .containsExactly("SILENT");
        assertThat(faults(bench, on(1, 60).heard(Place.INTAKE, Heard.NOTHING))).isEmpty();
        assertThat(faults(bench, on(1, 95).heard(Place.INTAKE, Heard.LOUD))).containsExactly("WRONG_STROKE");
        assertThat(faults(bench, on(1, 95).heard(Place.INTAKE, Heard.LOUD).after(DoneBefore.TURNED_360)))
                .isEmpty();
        assertThat(faults(bench, on(1, 20), on(1, 45).after(DoneBefore.VALVE_TAPPED)))
                .containsExactly("WORSE_AFTER_TAP");
        assertThat(faults(bench, on(1, 22), on(2, 21), on(3, 23), on(4, 22))).containsExactly("ALL_HIGH");
        assertThat(faults(bench, on(1, 20).watched(12.0, 16.0))).containsExactly("DRIFTING");
        assertThat(faults(bench, on(1, 20).watched(12.0, 19.5))).isEmpty();
        assertThat(faults(bench, on(1, 5), on(2, 6), on(3, 23), on(4, 6))).isEmpty();
    }

    @Test
    void aLeakThatATapTakesAwayIsToldFromALastingOne() {
        LeakdownAnalysis a = Bench.inline(4).leakdown(made(on(1, 45), on(1, 9).after(DoneBefore.VALVE_TAPPED)));
        assertThat(a.at(CylinderNumber.of(1)).orElseThrow().recoverable()).isTrue();
        LeakdownAnalysis same =
                Bench.inline(4).leakdown(made(on(1, 45), on(1, 43).after(DoneBefore.VALVE_TAPPED)));
        assertThat(same.at(CylinderNumber.of(1)).orElseThrow().recoverable()).isFalse();
    }

    @Test
    void aNeighbourWithAnOpenValveIsNotYetAGasket() {
        Bench bench = Bench.inline(4).firing(1, 3, 4, 2);
        // With 1 on compression, 2 stands 180° behind with its exhaust open, 3 is about to fire with both shut.
        assertThat(faults(bench, on(1, 40).neighbour(2, Heard.CLEAR))).containsExactly("NEIGHBOUR_OPEN");
        assertThat(faults(bench, on(3, 40).neighbour(4, Heard.CLEAR))).doesNotContain("SILENT");
    }

    @ParameterizedTest
    @CsvSource({"1, 3, 180", "3, 4, 180", "2, 1, 180"})
    void theGuideTurnsInFiringOrder(int from, int to, double degrees) {
        CrankPosition p = CrankPosition.of(engine(FiringOrder.of(1, 3, 4, 2)), CylinderNumber.of(from))
                .orElseThrow();
        assertThat(p.next()).isEqualTo(CylinderNumber.of(to));
        assertThat(p.turnDeg()).isEqualTo(degrees);
    }

    @Test
    void unevenIntervalsAndOpenValves() {
        FiringOrder uneven = new FiringOrder(FiringOrder.of(1, 2, 3, 4).cylinders(), List.of(90.0, 270.0, 90.0, 270.0));
        Engine engine = engine(uneven);
        assertThat(CrankPosition.of(engine, CylinderNumber.of(1)).orElseThrow().turnDeg())
                .isEqualTo(90);
        assertThat(CrankPosition.of(engine, CylinderNumber.of(4)).orElseThrow().turnDeg())
                .isEqualTo(270);
        CrankPosition four = CrankPosition.of(engine(FiringOrder.of(1, 3, 4, 2)), CylinderNumber.of(1))
                .orElseThrow();
        assertThat(four.exhaustOpen()).containsExactlyInAnyOrder(CylinderNumber.of(2), CylinderNumber.of(4));
        assertThat(four.intakeOpen()).containsExactlyInAnyOrder(CylinderNumber.of(3), CylinderNumber.of(4));
    }

    private static Engine engine(FiringOrder order) {
        Engine bare = Engine.of("Gannet", inline4());
        return new Engine(
                bare.name(),
                bare.arrangement(),
                bare.labels(),
                Optional.of(order),
                bare.rotation(),
                bare.traits(),
                bare.size(),
                bare.limits(),
                bare.oil());
    }

    private static Arrangement inline4() {
        return Bench.inline(4).engine().arrangement();
    }

    @Test
    void wetAndTwoPressurePassesSayTheirOwn() {
        LeakdownAnalysis wet =
                Bench.inline(4).leakdown(made(on(1, 50), on(1, 15).kind(LeakdownKind.WET)));
        assertThat(wet.passes()).singleElement().satisfies(f -> {
            assertThat(f.rule()).isEqualTo("leakdown-wet-falls");
            assertThat(f.cylinders()).containsExactly(CylinderNumber.of(1));
            assertThat(f.because()).startsWith("Cylinder {cyl:1}: with oil on the crown 15 % instead of 50 %.");
        });
        assertThat(Bench.inline(4)
                        .leakdown(made(on(1, 50), on(1, 49).kind(LeakdownKind.WET)))
                        .passes())
                .extracting(Finding::rule)
                .containsExactly("leakdown-wet-stays");
        assertThat(Bench.inline(4)
                        .leakdown(made(on(1, 6), on(1, 6).kind(LeakdownKind.WET)))
                        .passes())
                .as("a leak that oil could not change much")
                .isEmpty();

        LeakdownTester low = new LeakdownTester(
                "low",
                TesterKind.TWO_GAUGES,
                Optional.of(Pressure.ofKPa(200)),
                LeakdownTester.MASTER.orifice(),
                1,
                0,
                true);
        TwoHoles holes = low.holes(Pressure.STANDARD_ATMOSPHERE).orElseThrow();
        LeakArea area = LeakdownAnalyst.area(on(1, 40).made(), Pressure.STANDARD_ATMOSPHERE)
                .orElseThrow()
                .best();
        LeakdownAnalysis hole = Bench.inline(4)
                .leakdown(made(
                        on(1, 40),
                        on(1, holes.percent(holes.settlesAt(area))).with(low).kind(LeakdownKind.LOW_PRESSURE)));
        assertThat(hole.passes()).extracting(Finding::says).containsExactly("The same area: a hole.");
    }
}
