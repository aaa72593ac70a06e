package silentotter.core.signs;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import silentotter.core.finding.Finding;
import silentotter.core.signs.BreatherSigns.AirBox;
import silentotter.core.signs.BreatherSigns.BreatherOil;
import silentotter.core.signs.BreatherSigns.Ventilation;
import silentotter.core.signs.CoolantSigns.CoolantFilm;
import silentotter.core.signs.CoolantSigns.CoolantLevel;
import silentotter.core.signs.CoolantSigns.GasTest;
import silentotter.core.signs.OilSigns.Metal;
import silentotter.core.signs.OilSigns.Milky;
import silentotter.core.signs.OilSigns.OilLevel;
import silentotter.core.signs.Signs.LeakAmount;
import silentotter.core.signs.Signs.LeakPlace;
import silentotter.core.signs.Smoke.SmokeColour;
import silentotter.core.signs.Smoke.SmokeMoment;

/** Each line of the tables that has no look-alike of its own: it speaks when it should, and an empty sheet says nothing. */
class EverySignTest {
    private static Signs oil(Boolean fuelSmell, Boolean foam, Metal magnet, OilLevel level) {
        return signs(
                new OilSigns(
                        Optional.ofNullable(level),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.ofNullable(fuelSmell),
                        Optional.ofNullable(foam),
                        Optional.empty(),
                        Optional.ofNullable(magnet),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty()),
                null,
                null,
                Map.of());
    }

    private static Signs coolant(CoolantFilm film, Boolean bubbles, Boolean pressure, GasTest test) {
        return signs(
                null,
                new CoolantSigns(
                        Optional.empty(),
                        Optional.ofNullable(film),
                        Optional.ofNullable(bubbles),
                        Optional.ofNullable(pressure),
                        Optional.ofNullable(test),
                        Optional.empty()),
                null,
                Map.of());
    }

    private static Signs breather(BreatherOil oil, AirBox box, Ventilation ventilation, Boolean blocked) {
        return signs(
                null,
                null,
                new BreatherSigns(
                        Optional.ofNullable(oil),
                        Optional.ofNullable(box),
                        Optional.ofNullable(ventilation),
                        Optional.ofNullable(blocked)),
                Map.of());
    }

    private static Signs signs(
            OilSigns oil, CoolantSigns coolant, BreatherSigns breather, Map<LeakPlace, LeakAmount> leaks) {
        return new Signs(oil, coolant, breather, null, leaks, Optional.empty(), null, Optional.empty());
    }

    private static Signs smoke(SmokeMoment moment, SmokeColour colour) {
        return Seen.smoke(moment, colour, null);
    }

    static Stream<Arguments> signs() {
        return Stream.of(
                Arguments.of("oil-low", oil(null, null, null, OilLevel.BELOW_LOW_MARK)),
                Arguments.of("overfilled", oil(null, null, null, OilLevel.ABOVE_FULL_MARK)),
                Arguments.of("fuel-in-oil", oil(true, null, null, null)),
                Arguments.of("foam", oil(null, true, null, null)),
                Arguments.of("metal-fine", oil(null, null, Metal.FINE, null)),
                Arguments.of("milky-oil-short-runs", Seen.milk(Milky.THROUGHOUT, true, null)),
                Arguments.of("coolant-drips", Seen.coolant(CoolantLevel.FALLING_WITH_DRIP, null)),
                Arguments.of("coolant-oil-film", coolant(CoolantFilm.FROTH, null, null, null)),
                Arguments.of("coolant-bubbles", coolant(null, true, null, null)),
                Arguments.of("coolant-bubbles", coolant(null, null, true, null)),
                Arguments.of("gas-test-positive", coolant(null, null, null, GasTest.POSITIVE)),
                Arguments.of("gas-test-negative", coolant(null, null, null, GasTest.NEGATIVE)),
                Arguments.of("breather-wet", breather(BreatherOil.WET, null, null, null)),
                Arguments.of("air-box-oil", breather(null, AirBox.POOLED, null, null)),
                Arguments.of("ventilation-pressure", breather(null, null, Ventilation.PRESSURE, null)),
                Arguments.of("ventilation-blocked", breather(null, null, null, true)),
                Arguments.of("riser-wet", Seen.leaks(Map.of(LeakPlace.EXHAUST_ELBOW, LeakAmount.DAMP))),
                Arguments.of("damp-outside", Seen.leaks(Map.of(LeakPlace.HOSES, LeakAmount.DAMP))),
                Arguments.of(
                        "dry-outside",
                        Seen.leaks(Map.of(
                                LeakPlace.SUMP,
                                LeakAmount.DRY,
                                LeakPlace.HOSES,
                                LeakAmount.DRY,
                                LeakPlace.OIL_FILTER,
                                LeakAmount.DRY))),
                Arguments.of("smoke-load", smoke(SmokeMoment.LOAD, SmokeColour.BLUE)),
                Arguments.of("smoke-overrun", smoke(SmokeMoment.OVERRUN, SmokeColour.BLUE)),
                Arguments.of("smoke-idle", smoke(SmokeMoment.IDLE, SmokeColour.BLUE)),
                Arguments.of("smoke-always-blue", smoke(SmokeMoment.ALWAYS, SmokeColour.BLUE)),
                Arguments.of("black-smoke", smoke(SmokeMoment.LOAD, SmokeColour.BLACK)),
                Arguments.of("white-goes", smoke(SmokeMoment.IDLE, SmokeColour.WHITE)),
                Arguments.of("no-smoke", smoke(SmokeMoment.IDLE, SmokeColour.NONE)));
    }

    @ParameterizedTest
    @MethodSource("signs")
    void eachSignSpeaksWithAReason(String rule, Signs seen) {
        assertThat(SignRules.read(seen))
                .filteredOn(s -> s.rule().equals(rule))
                .singleElement()
                .satisfies(s -> {
                    assertThat(s.says()).endsWith(".");
                    assertThat(s.because()).isNotBlank();
                });
        assertThat(SignRules.read(Signs.EMPTY)).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("signs")
    void aSignThatPointsSomewhereWeighsSomething(String rule, Signs seen) {
        Finding s = SignRules.read(seen).stream()
                .filter(x -> x.rule().equals(rule))
                .findFirst()
                .orElseThrow();
        assertThat(s.suspects().isEmpty()).isEqualTo(s.weight().likelihoodRatio() == 1);
    }
}
