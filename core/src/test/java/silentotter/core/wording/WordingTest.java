package silentotter.core.wording;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import silentotter.core.compression.Bench;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.quantity.Estimate;
import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Pressure;
import silentotter.core.quantity.Temperature;
import silentotter.core.quantity.Volume;

class WordingTest {
    private static String fill(String units, String sentence) {
        return new Wording(Bench.inline(4).engine(), Units.of(units)).fill(sentence);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "''                 | 905 kPa, 1.9 mm², 5.0 mL, −5 °C, 4.20 L, 1250 km",
                "psi, US qt, mi, F  | 131 psi, 1.9 mm², 5.0 mL, 23 °F, 4.44 US qt, 777 mi",
                "bar, furlong       | 9.1 bar, 1.9 mm², 5.0 mL, −5 °C, 4.20 L, 1250 km"
            })
    void quantitiesAreReadInTheUnitsAskedFor(String units, String filled) {
        String sentence = String.join(
                ", ",
                Say.pressure(Pressure.ofKPa(905.2)),
                Say.area(LeakArea.ofSquareMm(1.85)),
                Say.volume(Volume.ofMillilitres(5)),
                Say.temperature(Temperature.ofCelsius(-5)),
                Say.litres(4.2),
                Say.kilometres(1250));
        assertThat(fill(units, sentence)).isEqualTo(filled);
    }

    @Test
    void cylindersAreCalledAsTheShopCallsThem() {
        String sentence = "Cylinders " + Say.cylinders(List.of(CylinderNumber.of(1), CylinderNumber.of(3))) + " leak.";
        assertThat(fill("", sentence)).isEqualTo("Cylinders 1 and 3 leak.");
        assertThat(new Wording(Bench.inline(4).labelled(3, "S$").engine(), Units.METRIC).fill(sentence))
                .isEqualTo("Cylinders 1 and S$ leak.");
    }

    @Test
    void whatIsNoMarkStaysAsItIs() {
        assertThat(fill("psi", "as {typed} by {somebody:else} at {foot:3}"))
                .isEqualTo("as {typed} by {somebody:else} at {foot:3}");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1.32 | 2.80 | 5.08 | about 3 mm² (1.3 mm² to 5.1 mm²)",
                "2.00 | 2.34 | 2.60 | 2.3 mm² (2 mm² to 2.6 mm²)",
                "0.50 | 0.52 | 0.55 | 0.52 mm² (0.5 mm² to 0.55 mm²)",
                "0.01 | 0.02 | 0.90 | about 0.02 mm² (0.01 mm² to 0.9 mm²)",
                "0.70 | 0.70 | 0.70 | 0.7 mm² (0.7 mm² to 0.7 mm²)"
            })
    void aLeakCarriesNoMoreDigitsThanItsRangeAllows(double low, double best, double high, String words) {
        Estimate<LeakArea> leak =
                new Estimate<>(LeakArea.ofSquareMm(low), LeakArea.ofSquareMm(best), LeakArea.ofSquareMm(high));
        assertThat(fill("", Say.about(leak))).isEqualTo(words);
    }
}
