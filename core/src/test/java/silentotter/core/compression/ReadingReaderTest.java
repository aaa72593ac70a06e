package silentotter.core.compression;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import silentotter.core.compression.Conditions.EngineTemperature;
import silentotter.core.compression.Conditions.PlugsOut;
import silentotter.core.compression.Conditions.Throttle;
import silentotter.core.compression.CrankingLength.LengthKind;
import silentotter.core.engine.Engine;
import silentotter.core.input.Problems;
import silentotter.core.input.Read;

/** Compression readings, however they come in. */
class ReadingReaderTest {
    private static final Engine FOUR = Bench.inline(4).engine();
    private static final ConditionsDocument GAUGE = new ConditionsDocument(
            null, null, null, null, null, null, null, 1400.0, null, null, null, null, null, null);

    private static FiledReading reading(int cylinder, List<Double> strokes, boolean finalOnly, Double oilMl) {
        return new FiledReading(cylinder, strokes, finalOnly, oilMl, null, "2026-11-03T09:00:00Z");
    }

    private static List<String> wrong(PassKind kind, ConditionsDocument conditions, FiledReading reading) {
        return Read.wrong(p -> ReadingReader.check(FOUR, kind, conditions, reading, p, ""));
    }

    @ParameterizedTest
    @CsvSource({
        "1, 1200, ''",
        "4, 0, ''",
        "5, 1200, cylinder",
        "0, 1200, cylinder",
        "1, -1, strokesKPa[0]",
        "1, 7001, strokesKPa[0]",
        "1, 1401, strokesKPa[0]"
    })
    void aValueHasItsRangeItsGaugeAndItsCylinder(int cylinder, double kPa, String field) {
        List<String> wrong = wrong(PassKind.DRY, GAUGE, reading(cylinder, List.of(kPa), true, null));
        assertThat(wrong).isEqualTo(field.isEmpty() ? List.of() : List.of(field));
    }

    @Test
    void strokesAreSomeAndNotTooMany() {
        assertThat(wrong(PassKind.DRY, GAUGE, reading(1, List.of(), false, null)))
                .containsExactly("strokesKPa");
        assertThat(wrong(PassKind.DRY, GAUGE, reading(1, Arrays.asList(600.0, null), false, null)))
                .containsExactly("strokesKPa");
        assertThat(wrong(PassKind.DRY, GAUGE, reading(1, Collections.nCopies(61, 600.0), false, null)))
                .containsExactly("strokesKPa");
        assertThat(wrong(PassKind.DRY, GAUGE, reading(1, List.of(600.0, 900.0), true, null)))
                .as("final only has one")
                .containsExactly("strokesKPa");
        assertThat(wrong(PassKind.DRY, GAUGE, reading(1, List.of(600.0, 1500.0, 900.0), false, null)))
                .as("the one that is over the gauge")
                .containsExactly("strokesKPa[1]");
    }

    @Test
    void oilBelongsToAWetPass() {
        assertThat(wrong(PassKind.DRY, GAUGE, reading(1, List.of(900.0), true, 5.0)))
                .containsExactly("oilMl");
        assertThat(wrong(PassKind.WET, GAUGE, reading(1, List.of(900.0), true, 5.0)))
                .isEmpty();
        assertThat(wrong(PassKind.WET, GAUGE, reading(1, List.of(900.0), true, 500.0)))
                .containsExactly("oilMl");
    }

    private static List<String> poured(Engine engine, double dose, double before) {
        return Read.wrong(p -> ReadingReader.oil(engine, reading(1, List.of(900.0), true, dose), before, p));
    }

    @Test
    void oilThatCouldLockTheEngineIsRefusedBeforeItIsPoured() {
        // 500 mL at 10:1 leaves 55 mL; a quarter of that is safe.
        assertThat(poured(FOUR, 13, 0)).isEmpty();
        assertThat(poured(FOUR, 15, 0)).containsExactly("oilMl");
        assertThat(poured(FOUR, 5, 10)).as("what is in there already counts").containsExactly("oilMl");
        assertThat(poured(Bench.inline(4).diesel().engine(), 1, 0))
                .as("never into a diesel")
                .containsExactly("cylinder");
    }

    @Test
    void conditionsAreReadAsFarAsTheyGo() {
        Conditions known = ConditionsReader.read(new ConditionsDocument(
                EngineTemperature.HOT,
                Throttle.WIDE_OPEN,
                PlugsOut.ALL,
                220.0,
                12.4,
                LengthKind.STROKES,
                8.0,
                2000.0,
                20.0,
                12.0,
                4.0,
                true,
                true,
                true));
        assertThat(known.length()).hasValue(new CrankingLength(LengthKind.STROKES, 8));
        assertThat(known.gauge().fullScale())
                .hasValueSatisfying(f -> assertThat(f.kPa()).isEqualTo(2000));
        assertThat(ConditionsReader.read(ConditionsDocument.EMPTY)).isEqualTo(Conditions.UNKNOWN);
    }

    @Test
    void conditionsThatCannotBeAreNamed() {
        ConditionsDocument odd = new ConditionsDocument(
                null, null, null, 5.0, 900.0, LengthKind.SECONDS, null, 1000.0, 400.0, null, null, null, null, null);
        Problems problems = new Problems();
        ConditionsReader.read(odd, problems, "conditions.");
        assertThat(problems.all().stream().map(p -> p.field()))
                .containsExactlyInAnyOrder(
                        "conditions.crankingRpm",
                        "conditions.batteryVolts",
                        "conditions.lengthAmount",
                        "conditions.gaugeDivisionKPa");
    }
}
