package silentotter.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static silentotter.core.leakdown.Taken.made;
import static silentotter.core.leakdown.Taken.on;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import silentotter.core.compression.Bench;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.fault.Family;
import silentotter.core.job.Observation;
import silentotter.core.leakdown.Heard;
import silentotter.core.leakdown.Place;
import silentotter.core.leakdown.Taken;

/** Slips of the hand: a reading that cannot be right is named with its cheapest repeat, and a right one is left alone. */
class MeasuringTest {
    private static final double PSI = 6.894757;

    private static Optional<DoubtedReading> doubt(Diagnosis d, String test, int cylinder) {
        return d.measuring().stream()
                .filter(m -> m.test().equals(test) && m.cylinders().contains(CylinderNumber.of(cylinder)))
                .findFirst();
    }

    private static double probability(Diagnosis d, String test, int cylinder) {
        return doubt(d, test, cylinder).map(DoubtedReading::probability).orElse(0.0);
    }

    private static Observation[] tight() {
        return made(on(1, 7), on(2, 8), on(3, 8), on(4, 7));
    }

    @Test
    void soundReadingsAreNotDoubted() {
        Diagnosis d = Bench.inline(4).dry(1210, 1190, 1200, 1205).diagnose(tight());
        assertThat(d.measuring()).allMatch(m -> m.probability() < Doubts.MEASURE_AGAIN);
        assertThat(d.doesNotFit()).isEmpty();
    }

    /** Written down in another unit among readings of this one. */
    @ParameterizedTest
    @CsvSource({"psi as kPa, 0.145", "bar as kPa, 0.01", "ten times, 10"})
    void oneReadingInAnotherUnitIsNamed(String slip, double factor) {
        Diagnosis d = Bench.inline(4)
                .dry(1210, 1190, Math.min(7000, 1200 * factor), 1205)
                .diagnose(tight());
        assertThat(d.measuring().stream()
                        .filter(m -> m.test().equals("COMPRESSION"))
                        .mapToDouble(DoubtedReading::probability)
                        .max()
                        .orElse(0))
                .as(slip)
                .isGreaterThan(Doubts.NAMED);
        assertThat(d.tone()).as(slip).isEqualTo(Tone.DOUBT);
    }

    @Test
    void anAdapterThatDidNotSealIsSeenWhereAirSaysTheCylinderIsTight() {
        Diagnosis d = Bench.inline(4).dry(1210, 1190, 760, 1205).diagnose(tight());
        assertThat(probability(d, "COMPRESSION", 3)).isGreaterThan(Doubts.MEASURE_AGAIN);
        assertThat(doubt(d, "COMPRESSION", 3).orElseThrow().remedy()).contains("again");
    }

    /** Without another test one low reading is as likely a fault: it is not called a slip. */
    @Test
    void oneLowReadingAloneIsNoSlip() {
        Diagnosis d = Bench.inline(4).dry(1210, 1190, 760, 1205).diagnose();
        assertThat(doubt(d, "COMPRESSION", 3)).isEmpty();
        assertThat(d.headline().certain().text()).isEqualTo("Cylinder {cyl:3} low");
    }

    @Test
    void theWrongStrokeIsNamedWhereCompressionIsLevel() {
        Diagnosis d = Bench.inline(4)
                .dry(1210, 1190, 1200, 1205)
                .diagnose(made(
                        on(1, 7),
                        on(2, 8),
                        on(3, 97)
                                .heard(Place.INTAKE, Heard.LOUD)
                                .heard(Place.EXHAUST, Heard.LOUD)
                                .heard(Place.CRANKCASE, Heard.NOTHING),
                        on(4, 7)));
        DoubtedReading wrong = doubt(d, "LEAKDOWN", 3).orElseThrow();
        assertThat(wrong.named()).isTrue();
        assertThat(wrong.remedy()).contains("360");
        assertThat(d.suspects().get(0).family()).isNotEqualTo(Family.VALVE_LEAK);
        assertThat(d.headline().next()).isEqualTo(wrong.remedy());
    }

    /** A two-stroke has no wrong stroke to stand on. */
    @Test
    void aTwoStrokeNeverStandsOnTheWrongStroke() {
        Diagnosis d = Bench.inline(2)
                .twoStroke()
                .dry(820, 815)
                .diagnose(made(on(1, 9), on(2, 97).heard(Place.EXHAUST, Heard.LOUD)));
        assertThat(d.measuring())
                .noneMatch(m -> m.kind().filter("WRONG_STROKE"::equals).isPresent());
    }

    @Test
    void twoReadingsOnEachOthersLineAreAskedAbout() {
        Diagnosis d = Bench.inline(4)
                .dry(1210, 700, 1200, 1205)
                .diagnose(made(
                        on(1, 7),
                        on(2, 8),
                        on(3, 70).heard(Place.EXHAUST, Heard.LOUD).heard(Place.CRANKCASE, Heard.NOTHING),
                        on(4, 7)));
        double said = d.measuring().stream()
                .filter(m -> m.cylinders().contains(CylinderNumber.of(2))
                        || m.cylinders().contains(CylinderNumber.of(3)))
                .mapToDouble(DoubtedReading::probability)
                .max()
                .orElse(0);
        assertThat(said).isGreaterThan(Doubts.MEASURE_AGAIN);
        assertThat(d.doesNotFit()).isPresent();
    }

    @Test
    void allHighOnATesterOfUnknownHoleIsTheTestersAsWellAsTheEngines() {
        Diagnosis d = Bench.inline(4)
                .dry(1210, 1190, 1200, 1205)
                .diagnose(made(strange(1, 34), strange(2, 33), strange(3, 35), strange(4, 34)));
        assertThat(d.headline().next()).contains("bleed hole");
        assertThat(d.suspects().get(0).odds()).isGreaterThanOrEqualTo(Odds.LIKELY);
    }

    private static Taken strange(int cylinder, double percent) {
        return on(cylinder, percent)
                .with(new silentotter.core.instruments.LeakdownTester(
                        "strange",
                        silentotter.core.instruments.LeakdownTester.TesterKind.PERCENT_DIAL,
                        Optional.of(silentotter.core.quantity.Pressure.ofKPa(100)),
                        Optional.empty(),
                        1,
                        0,
                        false))
                .heard(Place.CRANKCASE, Heard.CLEAR);
    }

    /** A number that belongs to no engine is doubted, and what its sisters say still stands. */
    @ParameterizedTest
    @ValueSource(doubles = {0, 3, 6900})
    void anAbsurdReadingDoesNotTakeTheOthersWithIt(double absurd) {
        Diagnosis d = Bench.inline(4)
                .dry(1210, 1190, absurd, 800)
                .diagnose(made(
                        on(1, 7),
                        on(2, 8),
                        on(3, 7),
                        on(4, 60).heard(Place.CRANKCASE, Heard.LOUD).heard(Place.EXHAUST, Heard.NOTHING)));
        assertThat(probability(d, "COMPRESSION", 3)).as("%s kPa", absurd).isGreaterThan(Doubts.MEASURE_AGAIN);
        assertThat(d.suspects())
                .as("%s kPa", absurd)
                .anyMatch(s -> s.family() == Family.RINGS
                        && s.cylinders().contains(CylinderNumber.of(4))
                        && s.probability() > .5);
    }

    /** The whole row in pounds, typed as kilopascals, is one slip and not four leaks. */
    @Test
    void aWholeRowInAnotherUnitIsOneSlip() {
        Diagnosis d = Bench.inline(4)
                .dry(1210 / PSI, 1190 / PSI, 1200 / PSI, 1205 / PSI)
                .diagnose();
        assertThat(d.measuring()).anyMatch(m -> m.kind().filter("UNIT"::equals).isPresent());
        assertThat(d.cylinders().values()).allMatch(c -> c.tone() != Tone.LOSS);
    }
}
