package silentotter.core.instruments;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import silentotter.core.flow.TwoHoles;
import silentotter.core.input.Problems;
import silentotter.core.input.Read;
import silentotter.core.instruments.CalibrationDocument.BleedReading;
import silentotter.core.instruments.LeakdownTester.TesterKind;
import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Length;
import silentotter.core.quantity.Pressure;

/** Testers as they are written down, and what bleed holes make of them. */
class TesterDocumentTest {
    private static final Pressure AIR = Pressure.STANDARD_ATMOSPHERE;

    private static TesterDocument tester(Double supplyKPa) {
        return new TesterDocument("Dock", TesterKind.PERCENT_DIAL, supplyKPa, null, null, null, false);
    }

    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {
                "'', PERCENT_DIAL, 690, 1, 1, name",
                "Dock, -, 690, 1, 1, kind",
                "Dock, ZONES, 5, 1, 1, supplyKPa",
                "Dock, ZONES, -, 99, 1, orificeMm",
                "Dock, ZONES, -, -, 2, dischargeCoefficient"
            })
    void whatIsWrongIsNamed(
            String name, TesterKind kind, Double supply, Double orifice, Double discharge, String field) {
        TesterDocument document = new TesterDocument(name, kind, supply, orifice, discharge, null, false);
        assertThat(Read.wrong(p -> document.read(p, "tester."))).containsExactly("tester." + field);
    }

    @Test
    void whatIsNotKnownIsLeftOpen() {
        LeakdownTester read = tester(null).read(new Problems(), "");
        assertThat(read.supply()).isEmpty();
        assertThat(read.holes(AIR)).isEmpty();
        assertThat(read.dischargeCoefficient()).isEqualTo(1);
    }

    private static BleedReading on(double orificeMm, double supplyKPa, double holeMm) {
        TwoHoles real = new TwoHoles(LeakArea.ofHole(Length.ofMm(orificeMm), 1), Pressure.ofKPa(supplyKPa), AIR);
        return new BleedReading(holeMm, null, real.percent(real.settlesAt(LeakArea.ofHole(Length.ofMm(holeMm), 1))));
    }

    @Test
    void oneHoleTellsTheOrificeWhereTheSupplyIsKnown() {
        TesterDocument found = new CalibrationDocument(null, List.of(on(1.4, 690, 1.0))).applied(tester(690.0), AIR);
        assertThat(found.orificeMm()).isCloseTo(1.4, Percentage.withPercentage(0.2));
        assertThat(found.calibrated()).isTrue();
        assertThat(found.name()).isEqualTo("Dock");
    }

    @Test
    void twoHolesTellTheHiddenSupplyAsWell() {
        TesterDocument found =
                new CalibrationDocument(null, List.of(on(1.4, 550, 0.7), on(1.4, 550, 2.2))).applied(tester(null), AIR);
        assertThat(found.supplyKPa()).isCloseTo(550, Percentage.withPercentage(1));
        assertThat(found.orificeMm()).isCloseTo(1.4, Percentage.withPercentage(1));
    }

    private static List<String> refused(TesterDocument tester, BleedReading... holes) {
        return Read.refused(() -> new CalibrationDocument(null, Arrays.asList(holes)).applied(tester, AIR));
    }

    @Test
    void whatTellsNothingIsRefused() {
        assertThat(refused(tester(690.0))).containsExactly("holes");
        assertThat(refused(tester(null), on(1.4, 690, 1.0))).containsExactly("supplyKPa");
        assertThat(refused(tester(690.0), new BleedReading(1.0, null, 0.0))).containsExactly("holes[0].leakPercent");
        assertThat(refused(tester(690.0), new BleedReading(null, null, 20.0))).containsExactly("holes[0].bleedHoleMm");
        assertThat(refused(tester(null), new BleedReading(0.8, null, 60.0), new BleedReading(1.6, null, 20.0)))
                .containsExactly("holes");
    }
}
