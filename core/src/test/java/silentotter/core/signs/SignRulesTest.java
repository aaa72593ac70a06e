package silentotter.core.signs;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import silentotter.core.fault.Fault;
import silentotter.core.finding.Contamination;
import silentotter.core.finding.Finding;
import silentotter.core.signs.CoolantSigns.CoolantLevel;
import silentotter.core.signs.OilSigns.Metal;
import silentotter.core.signs.OilSigns.Milky;
import silentotter.core.signs.OilSigns.OilLevel;
import silentotter.core.signs.Signs.LeakAmount;
import silentotter.core.signs.Signs.LeakPlace;
import silentotter.core.signs.Smoke.SmokeColour;
import silentotter.core.signs.Smoke.SmokeLasting;
import silentotter.core.signs.Smoke.SmokeMoment;

class SignRulesTest {
    private static List<String> rules(Signs signs) {
        return SignRules.read(signs).stream().map(Finding::rule).toList();
    }

    static Stream<Arguments> lookAlikes() {
        return Stream.of(
                // Condensation and coolant look the same until somebody drains and looks.
                Arguments.of(
                        "milky-cap-condensation",
                        Seen.milk(Milky.CAP_ONLY, null, null),
                        Seen.milk(Milky.THROUGHOUT, null, null)),
                Arguments.of("milky-oil", Seen.milk(Milky.ON_STICK, null, null), Seen.milk(Milky.ON_STICK, true, null)),
                Arguments.of(
                        "water-in-oil", Seen.milk(Milky.CAP_ONLY, null, true), Seen.milk(Milky.CAP_ONLY, null, false)),
                Arguments.of(
                        "white-stays",
                        Seen.smoke(SmokeMoment.ALWAYS, SmokeColour.WHITE, SmokeLasting.STAYS),
                        Seen.smoke(SmokeMoment.ALWAYS, SmokeColour.WHITE, SmokeLasting.UNTIL_WARM)),
                Arguments.of(
                        "smoke-after-standing",
                        Seen.smoke(SmokeMoment.START_AFTER_STANDING, SmokeColour.BLUE, SmokeLasting.PUFF),
                        Seen.smoke(SmokeMoment.LOAD, SmokeColour.BLUE, SmokeLasting.STAYS)),
                Arguments.of(
                        "metal-flakes",
                        Seen.oil(null, null, null, null, Metal.FLAKES),
                        Seen.oil(null, null, null, null, Metal.FINE)),
                Arguments.of("oil-pressure-low", Seen.pressure(120, 2000), Seen.pressure(150, 2000)),
                Arguments.of(
                        "no-oil",
                        Seen.oil(OilLevel.NOT_ON_STICK, null, null, null, null),
                        Seen.oil(OilLevel.BELOW_LOW_MARK, null, null, null, null)),
                Arguments.of(
                        "coolant-falls",
                        Seen.coolant(CoolantLevel.FALLING_NO_DRIP, null),
                        Seen.coolant(CoolantLevel.FALLING_WITH_DRIP, null)),
                Arguments.of(
                        "drips-outside",
                        Seen.leaks(Map.of(LeakPlace.SUMP, LeakAmount.DRIPS)),
                        Seen.leaks(Map.of(LeakPlace.SUMP, LeakAmount.DAMP))));
    }

    @ParameterizedTest
    @MethodSource("lookAlikes")
    void aSignSaysItsOwnAndItsLookAlikeDoesNot(String rule, Signs signs, Signs lookAlike) {
        assertThat(rules(signs)).contains(rule);
        assertThat(rules(lookAlike)).doesNotContain(rule);
    }

    @Test
    void metalWaterAndNoOilStopTheEngine() {
        assertThat(Stream.of(
                        Seen.oil(OilLevel.NOT_ON_STICK, null, null, null, null),
                        Seen.oil(null, null, null, null, Metal.FLAKES),
                        Seen.milk(Milky.THROUGHOUT, false, null),
                        Seen.pressure(60, 2000)))
                .allSatisfy(s -> assertThat(SignRules.read(s)).anyMatch(Finding::stopsRunning));
        assertThat(SignRules.read(Seen.milk(Milky.CAP_ONLY, null, null))).noneMatch(Finding::stopsRunning);
    }

    @Test
    void noSmokeDoesNotClearAnEngine() {
        Finding none = SignRules.read(Seen.smoke(SmokeMoment.LOAD, SmokeColour.NONE, null))
                .get(0);
        assertThat(none.weight().likelihoodRatio()).isBetween(0.7, 0.9);
        assertThat(none.suspects()).contains(Fault.EVEN_WEAR);
    }

    @Test
    void aFindingFromADirtyPanWeighsLittleAndSaysSo() {
        Finding s = SignRules.read(Seen.oil(null, null, null, null, Metal.FLAKES, Contamination.DIRTY_PAN))
                .get(0);
        assertThat(s.weight().likelihoodRatio()).isLessThan(2);
        assertThat(s.because()).contains("dirty pan");
    }
}
