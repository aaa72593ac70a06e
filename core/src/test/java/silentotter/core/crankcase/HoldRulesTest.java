package silentotter.core.crankcase;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import silentotter.core.crankcase.CrankcaseHold.BubblePlace;
import silentotter.core.finding.Finding;

class HoldRulesTest {
    private static Optional<HoldRun> run(double start, double end, double seconds) {
        return Optional.of(new HoldRun(Optional.of(start), Optional.of(end), Optional.of(seconds)));
    }

    private static double weight(CrankcaseHold hold, String rule) {
        return HoldRules.read(hold).stream()
                .filter(s -> s.rule().equals(rule))
                .map(s -> s.weight().likelihoodRatio())
                .findFirst()
                .orElse(0.0);
    }

    @Test
    void theLossIsAMinutes() {
        assertThat(run(40, 37, 30).get().lossPerMinute()).contains(6.0);
        assertThat(new HoldRun(Optional.of(40.0), Optional.empty(), Optional.of(30.0)).lossPerMinute())
                .isEmpty();
    }

    @Test
    void tightLeakingAndVacuumOnly() {
        CrankcaseHold tight = new CrankcaseHold(run(40, 39, 60), run(40, 38, 60), Map.of(), Map.of());
        assertThat(weight(tight, "hold-pressure-tight"))
                .as("air at the crankcase is rarer then")
                .isBetween(0.1, 0.9);

        CrankcaseHold leaking = new CrankcaseHold(run(40, 20, 60), Optional.empty(), Map.of(), Map.of());
        assertThat(HoldRules.read(leaking)).extracting(Finding::rule).containsExactly("hold-pressure-leaks");

        CrankcaseHold lip = new CrankcaseHold(run(40, 38, 60), run(40, 20, 60), Map.of(), Map.of());
        assertThat(HoldRules.read(lip)).extracting(Finding::rule).contains("hold-vacuum-only");
        assertThat(weight(lip, "hold-vacuum-only")).isGreaterThan(3);
        assertThat(weight(lip, "hold-pressure-tight"))
                .as("one tight way does not unsay the other")
                .isIn(0.0, 1.0);
    }

    @Test
    void bubblesNameThePlace() {
        CrankcaseHold hold = new CrankcaseHold(
                Optional.empty(),
                Optional.empty(),
                Map.of(BubblePlace.REED_BLOCK, true, BubblePlace.BASE_JOINT, false),
                Map.of());
        assertThat(HoldRules.read(hold))
                .singleElement()
                .satisfies(s -> assertThat(s.says()).contains("reed block"));
    }

    @Test
    void eachChamberSpeaksOfItsOwnCylinderAndTheCentreSealLeadsToTheNext() {
        CrankcaseHold hold = new CrankcaseHold(
                Optional.empty(),
                Optional.empty(),
                Map.of(),
                Map.of(
                        1, new Chamber(run(40, 39, 60), Optional.empty(), Map.of()),
                        2, new Chamber(run(40, 20, 60), Optional.empty(), Map.of(BubblePlace.CENTRE_SEAL, true))));
        assertThat(HoldRules.read(hold))
                .extracting(s -> s.rule() + " " + s.cylinders())
                .containsExactly("hold-pressure-tight [1]", "hold-pressure-leaks [2]", "hold-bubbles-centre-seal [2]");
    }
}
