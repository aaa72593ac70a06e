package silentotter.core.inside;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import silentotter.core.finding.Contamination;
import silentotter.core.finding.Finding;
import silentotter.core.inside.CylinderInside.BoreWall;
import silentotter.core.inside.CylinderInside.Crown;
import silentotter.core.inside.CylinderInside.ExhaustFace;
import silentotter.core.inside.CylinderInside.IntakeBack;

class InsideRulesTest {
    private static CylinderInside seen(
            Crown crown, BoreWall bore, IntakeBack back, ExhaustFace face, Boolean waterMarks, Contamination by) {
        return new CylinderInside(
                Optional.ofNullable(crown),
                Optional.ofNullable(bore),
                Optional.ofNullable(back),
                Optional.ofNullable(face),
                Optional.ofNullable(waterMarks),
                Optional.ofNullable(by));
    }

    private static CylinderInside crown(Crown crown, IntakeBack back) {
        return seen(crown, null, back, null, null, null);
    }

    private static CylinderInside bore(BoreWall bore) {
        return seen(null, bore, null, null, null, null);
    }

    private static List<String> rules(CylinderInside inside) {
        return InsideRules.read(Map.of(3, inside)).stream().map(Finding::rule).toList();
    }

    static Stream<Arguments> lookAlikes() {
        return Stream.of(
                Arguments.of(
                        "inside-oil-below",
                        "oil wet",
                        crown(Crown.WET_OIL, IntakeBack.DRY),
                        crown(Crown.WET_OIL, IntakeBack.WET_OIL)),
                Arguments.of(
                        "inside-oil-above", "oil wet", crown(null, IntakeBack.WET_OIL), crown(null, IntakeBack.CARBON)),
                Arguments.of("inside-oil", "oil wet", crown(Crown.WET_OIL, null), crown(Crown.WET_FUEL, null)),
                Arguments.of("inside-fuel", "fuel wet", crown(Crown.WET_FUEL, null), crown(Crown.WET_OIL, null)),
                Arguments.of(
                        "inside-washed",
                        "washed clean",
                        crown(Crown.WASHED_CLEAN, null),
                        crown(Crown.DRY_CARBON, null)),
                Arguments.of("inside-holed", "holed", crown(Crown.HOLED, null), crown(Crown.WASHED_CLEAN, null)),
                Arguments.of("inside-scored", "scored", bore(BoreWall.SCORED), bore(BoreWall.GLAZED)),
                Arguments.of("inside-glazed", "glazed", bore(BoreWall.GLAZED), bore(BoreWall.HATCH_SEEN)),
                Arguments.of("inside-hatch", "dry", bore(BoreWall.HATCH_SEEN), bore(BoreWall.RUSTY)),
                Arguments.of(
                        "inside-burnt",
                        "burnt",
                        seen(null, null, null, ExhaustFace.BURNT, null, null),
                        seen(null, null, null, ExhaustFace.DEPOSIT_ON_SEAT, null, null)));
    }

    @ParameterizedTest
    @MethodSource("lookAlikes")
    void aSightSaysItsOwnAndItsLookAlikeDoesNot(
            String rule, String words, CylinderInside inside, CylinderInside lookAlike) {
        assertThat(rules(inside)).contains(rule);
        assertThat(inside.look().map(CylinderInside.InsideLook::words).orElse(""))
                .isEqualTo(words);
        assertThat(rules(lookAlike)).doesNotContain(rule);
    }

    @Test
    void oilThatWasPouredInWeighsLittle() {
        CylinderInside poured = seen(Crown.WET_OIL, null, IntakeBack.DRY, null, null, Contamination.POURED_OIL);
        assertThat(InsideRules.read(Map.of(3, poured)).get(0).weight().likelihoodRatio())
                .isLessThan(1.6);
    }

    @Test
    void rustOnAWashedCrownIsOneFindingNotTwo() {
        assertThat(rules(seen(Crown.WASHED_CLEAN, BoreWall.RUSTY, null, null, null, null)))
                .containsExactly("inside-washed");
    }
}
