package silentotter.core.compression;

import static org.assertj.core.api.Assertions.assertThat;
import static silentotter.core.compression.Bench.reading;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import silentotter.core.compression.PassDoubt.Conversion;
import silentotter.core.compression.PassDoubt.Kind;
import silentotter.core.diagnosis.Diagnosis;
import silentotter.core.diagnosis.Tone;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.finding.ReadingFault;
import silentotter.core.finding.ReadingFaultKind;
import silentotter.core.quantity.Pressure;
import silentotter.core.quantity.PressureUnit;

class PassDoubtsTest {
    private static List<PassDoubt> doubts(Bench bench) {
        return bench.analyse().doubts().stream().flatMap(List::stream).toList();
    }

    private static double[] in(PressureUnit unit, double... values) {
        double[] kPa = new double[values.length];
        for (int i = 0; i < values.length; i++) {
            kPa[i] = Pressure.of(values[i], unit).kPa();
        }
        return kPa;
    }

    @ParameterizedTest
    @CsvSource({"PSI, 12, BAR", "KPA, 150, PSI", "KPA, 11, BAR", "BAR, 65, PSI"})
    void aPassThatNoEngineReadsIsAskedAboutWithTheUnitThatWouldFit(
            PressureUnit typed, double value, PressureUnit meant) {
        Bench bench = Bench.inline(4).dry(in(typed, value, value * 1.02, value * 0.98, value));
        List<PassDoubt> doubts = doubts(bench);
        assertThat(doubts).hasSize(1);
        assertThat(doubts.get(0).kind()).isEqualTo(Kind.UNIT);
        assertThat(doubts.get(0).readings()).contains(new Conversion(typed, meant));
        Diagnosis diagnosis = bench.diagnose();
        assertThat(diagnosis.tone()).as("nothing is said of such figures").isEqualTo(Tone.DOUBT);
        assertThat(diagnosis.cylinders().values()).allMatch(v -> v.tone() == Tone.DOUBT);
    }

    /** Real engines are left in peace: tired, hand-cranked, one cylinder dead, a cold diesel. */
    @ParameterizedTest
    @CsvSource({"1200, 1180, 1190, 1210", "420, 400, 380, 410", "1150, 80, 1140, 1160", "3100, 3150, 3050, 3120"})
    void ordinaryPassesAreNotAskedAbout(double a, double b, double c, double d) {
        assertThat(doubts(Bench.inline(4).dry(a, b, c, d))).isEmpty();
    }

    @Test
    void aTenthOfItsSistersIsAskedAboutAndMakesTheVerdictWait() {
        Bench bench = Bench.inline(4).dry(1190, 1210, 119, 1200);
        assertThat(doubts(bench)).singleElement().satisfies(d -> {
            assertThat(d.kind()).isEqualTo(Kind.DECIMAL);
            assertThat(d.cylinders()).containsExactly(CylinderNumber.of(3));
        });
        assertThat(bench.analyse().undermining(CylinderNumber.of(3)))
                .extracting(ReadingFault::kind)
                .contains(ReadingFaultKind.DECIMAL_DOUBTED);
    }

    @Test
    void strokesThatDoNotRiseAreAskedAboutAndStrokesThatDoAreNot() {
        assertThat(doubts(Bench.inline(4).dry(reading(1, 1, false, 0, 1200, 1190, 850, 1210))))
                .extracting(PassDoubt::kind)
                .containsExactly(Kind.STROKES);
        assertThat(doubts(Bench.inline(4).dry(reading(1, 1, false, 0, 700, 980, 1100, 1150))))
                .isEmpty();
    }

    @Test
    void sixtyMillilitresWithTheBoreUnknownAreAskedAbout() {
        assertThat(doubts(
                        Bench.inline(4).unknownSize().dry(1200, 1190, 850, 1210).wet(new double[] {3, 60, 1000})))
                .extracting(PassDoubt::kind)
                .containsExactly(Kind.DOSE);
    }

    @Test
    void whatWasAnsweredIsNotAskedAgain() {
        CompressionPass asked = new CompressionPass(
                PassKind.DRY, Conditions.UNKNOWN, List.of(reading(1, 1, false, 0, 1200, 1190)), Set.of());
        CompressionPass answered =
                new CompressionPass(asked.kind(), asked.conditions(), asked.readings(), Set.of(Kind.STROKES));
        assertThat(PassDoubts.of(asked, Bench.inline(1).engine())).hasSize(1);
        assertThat(PassDoubts.of(answered, Bench.inline(1).engine())).isEmpty();
    }
}
