package silentotter.core.scpi;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import silentotter.core.scpi.ScpiNumber.Kind;

class ScpiTest {
    private static ScpiCommand only(String line) {
        return ScpiCommand.of(line).get(0);
    }

    @ParameterizedTest
    @CsvSource({
        "SYST:ERR?, true",
        "syst:err?, true",
        "SYSTEM:ERROR:NEXT?, true",
        ":SYST:ERR:NEXT?, true",
        "SYSTE:ERR?, false",
        "SYST?, false",
        "SYST:ERR:LAST?, false",
        "ERR?, false"
    })
    void aHeaderIsItsShortOrItsLongFormAndNothingBetween(String line, boolean same) {
        assertThat(only(line).is("SYSTem:ERRor[:NEXT]")).isEqualTo(same);
        assertThat(only(line).query()).isTrue();
    }

    @Test
    void whatFollowsASemicolonGoesOnInTheSameBranch() {
        assertThat(ScpiCommand.of("MEAS:PRES?;CURR?;*OPC?;VOLT?;:SENS:RATE 100"))
                .extracting(ScpiCommand::header)
                .containsExactly("MEAS:PRES", "MEAS:CURR", "*OPC", "MEAS:VOLT", "SENS:RATE");
        assertThat(ScpiCommand.of(" ; ;")).isEmpty();
    }

    @Test
    void parametersStandBehindABlankWithCommasBetween() {
        assertThat(only("ROUT:CYL  2 , 3").parameters()).containsExactly("2", "3");
        assertThat(only("SENS:RATE 10,").parameters()).containsExactly("10", "");
        assertThat(only("*RST").parameters()).isEqualTo(List.of());
    }

    @ParameterizedTest
    @CsvSource({
        "+1.234560E+02, VALUE, 123.456",
        "-5, VALUE, -5",
        "' .5 ', VALUE, .5",
        "9.9E37, OVER, NaN",
        "-9.9E+37, UNDER, NaN",
        "+9.910000E+37, NONE, NaN"
    })
    void aNumberIsAValueOrBeyondTheScaleOrNone(String text, Kind kind, double value) {
        assertThat(ScpiNumber.of(text)).contains(new ScpiNumber(kind, value));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "abc", "1,2", "1.2.3", "NaN", "Infinity", "0x10", "12f", "1e", "--3"})
    void whatIsNoNumberIsNone(String text) {
        assertThat(ScpiNumber.of(text)).isEmpty();
    }

    @Test
    void whatIsWrittenIsReadAgain() {
        assertThat(ScpiNumber.written(123.456, 1000)).isEqualTo("+1.234560E+02");
        assertThat(ScpiNumber.of(ScpiNumber.written(2500, 2000)).orElseThrow().kind())
                .isEqualTo(Kind.OVER);
        assertThat(ScpiNumber.of(ScpiNumber.written(-2500, 2000)).orElseThrow().kind())
                .isEqualTo(Kind.UNDER);
        assertThat(ScpiNumber.of(ScpiNumber.written(Double.NaN, 2000))
                        .orElseThrow()
                        .kind())
                .isEqualTo(Kind.NONE);
    }
}
