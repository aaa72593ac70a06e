package silentotter.core.leakdown;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import silentotter.core.compression.Bench;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.input.Problems;
import silentotter.core.input.Read;
import silentotter.core.instruments.LeakdownTester.TesterKind;
import silentotter.core.instruments.TesterDocument;
import silentotter.core.leakdown.LeakdownReading.LeakdownKind;

/** Leak-down readings, however they come in: from a dial, from two gauges, watched settling. */
class LeakdownReaderTest {
    private static final Engine FOUR = Bench.inline(4).engine();
    private static final TesterDocument GAUGES =
            new TesterDocument("Bench", TesterKind.TWO_GAUGES, 690.0, 1.016, null, null, true);
    private static final TesterDocument HIDDEN =
            new TesterDocument("Dial", TesterKind.PERCENT_DIAL, null, null, null, null, false);

    private static LeakdownDocument reading(Double percent, Double cylinderKPa, Double supplyKPa) {
        return new LeakdownDocument(
                LeakdownKind.STANDARD,
                percent,
                cylinderKPa,
                supplyKPa,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null);
    }

    private static Optional<LeakdownReading> read(TesterDocument tester, LeakdownDocument d, Problems problems) {
        return LeakdownReader.read(FOUR, tester.read(new Problems(), ""), 2, 1, d, null, problems, "");
    }

    private static List<String> wrong(TesterDocument tester, LeakdownDocument d) {
        return Read.wrong(p -> read(tester, d, p));
    }

    @ParameterizedTest
    @CsvSource({"690, 0", "345, 50", "0, 100", "621, 10"})
    void twoGaugesArePerCentOfTheSupply(double cylinderKPa, double percent) {
        LeakdownReading read =
                read(GAUGES, reading(null, cylinderKPa, null), new Problems()).orElseThrow();
        assertThat(read.percent()).isCloseTo(percent, org.assertj.core.data.Offset.offset(1e-9));
    }

    @Test
    void theSupplyThatStoodWinsOverTheOneTheTesterIsKnownFor() {
        LeakdownReading read =
                read(GAUGES, reading(null, 300.0, 600.0), new Problems()).orElseThrow();
        assertThat(read.percent()).isEqualTo(50);
        assertThat(read.tester().supply())
                .hasValueSatisfying(s -> assertThat(s.kPa()).isEqualTo(600));
    }

    @Test
    void whatCannotBeIsNamed() {
        assertThat(wrong(GAUGES, reading(null, 700.0, null))).containsExactly("cylinderKPa");
        assertThat(wrong(GAUGES, reading(101.0, null, null))).containsExactly("leakPercent");
        assertThat(wrong(GAUGES, reading(20.0, 300.0, null))).containsExactly("leakPercent");
        assertThat(wrong(GAUGES, reading(null, null, null))).containsExactly("leakPercent");
        assertThat(wrong(HIDDEN, reading(null, 300.0, null))).containsExactly("supplyKPa");
        assertThat(wrong(HIDDEN, reading(100.0, null, null))).isEmpty();
    }

    private static LeakdownDocument watched(
            Double percent, Double kPa, List<Double> settling, List<Double> settlingKPa) {
        return new LeakdownDocument(
                LeakdownKind.STANDARD,
                percent,
                kPa,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                settling,
                settlingKPa,
                null);
    }

    @Test
    void readingsWatchedBeforeAreInTheSameTerms() {
        LeakdownReading read = read(GAUGES, watched(null, 345.0, null, List.of(207.0, 276.0)), new Problems())
                .orElseThrow();
        assertThat(read.settling())
                .hasSize(2)
                .first()
                .satisfies(v -> assertThat(v).isEqualTo(70));
        assertThat(read(HIDDEN, watched(12.0, null, List.of(20.0), null), new Problems())
                        .orElseThrow()
                        .settling())
                .containsExactly(20.0);
        assertThat(wrong(GAUGES, watched(null, 345.0, null, List.of(207.0, 900.0))))
                .containsExactly("settlingKPa[1]");
        assertThat(wrong(HIDDEN, watched(12.0, null, List.of(120.0), null))).containsExactly("settling[0]");
    }

    private static LeakdownDocument heard(
            Map<Place, Heard> places, Map<Integer, Heard> neighbours, List<Integer> plugged) {
        return new LeakdownDocument(
                LeakdownKind.STANDARD,
                20.0,
                null,
                null,
                null,
                null,
                places,
                null,
                neighbours,
                plugged,
                null,
                null,
                null);
    }

    @Test
    void whatWasHeardNeedsItsPlace() {
        assertThat(wrong(GAUGES, heard(Map.of(Place.NEIGHBOUR, Heard.LOUD), null, null)))
                .containsExactly("heard");
        assertThat(wrong(GAUGES, heard(null, Map.of(2, Heard.LOUD), null)))
                .as("itself")
                .containsExactly("neighbours.2");
        assertThat(wrong(GAUGES, heard(null, null, List.of(9)))).containsExactly("neighbours.9");
        assertThat(wrong(GAUGES, heard(null, null, Arrays.asList(3, null)))).containsExactly("heard");
        Map<Place, Heard> gap = new HashMap<>();
        gap.put(Place.EXHAUST, null);
        assertThat(wrong(GAUGES, heard(gap, null, null))).containsExactly("heard");
        LeakdownReading read = read(
                        GAUGES,
                        heard(Map.of(Place.EXHAUST, Heard.LOUD), Map.of(3, Heard.NOTHING), List.of(3)),
                        new Problems())
                .orElseThrow();
        assertThat(read.excluded()).containsExactly(CylinderNumber.of(3));
    }

    @ParameterizedTest
    @CsvSource({"12, 12, true", "60, 60, true", "90, 62, false", "600, 600, false"})
    void aSmallNumberOnTheSecondGaugeMayBePerCent(double typed, double kPa, boolean asked) {
        assertThat(LeakdownReader.mayBePercent(GAUGES, reading(null, kPa, null), typed)
                        .isPresent())
                .isEqualTo(asked);
    }

    @Test
    void onlyTwoGaugesCanBeMistakenForPerCent() {
        assertThat(LeakdownReader.mayBePercent(HIDDEN, reading(12.0, null, null), 12))
                .isEmpty();
        assertThat(LeakdownReader.mayBePercent(GAUGES, reading(12.0, null, null), 12))
                .isEmpty();
    }

    @Test
    void whatDoesNotFitTheEngineIsSaidAndNotRefused() {
        LeakdownDocument wet = new LeakdownDocument(
                LeakdownKind.WET, 20.0, null, null, null, null, null, null, null, null, null, null, null);
        assertThat(LeakdownReader.doesNotFit(FOUR, 7, wet)).hasValue("This engine has 4 cylinders.");
        assertThat(LeakdownReader.doesNotFit(Bench.inline(4).diesel().engine(), 1, wet))
                .isPresent();
        assertThat(LeakdownReader.doesNotFit(FOUR, 1, wet)).isEmpty();
    }
}
