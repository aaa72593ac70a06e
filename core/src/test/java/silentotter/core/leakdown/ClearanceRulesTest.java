package silentotter.core.leakdown;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import silentotter.core.compression.Bench;
import silentotter.core.engine.Engine;
import silentotter.core.engine.MakerLimits;
import silentotter.core.engine.SourcedLimit;
import silentotter.core.finding.Finding;
import silentotter.core.quantity.Length;
import silentotter.core.valves.ClearanceRules;
import silentotter.core.valves.CylinderClearances;
import silentotter.core.valves.ValveClearances;
import silentotter.core.valves.ValveClearances.ClearanceState;

class ClearanceRulesTest {
    private static Engine engine(Double exhaustMm) {
        Engine bare = Bench.inline(4).engine();
        MakerLimits limits = new MakerLimits(
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.ofNullable(exhaustMm).map(mm -> new SourcedLimit<>(Length.ofMm(mm), "manual", true)),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        return new Engine(
                bare.name(),
                bare.arrangement(),
                bare.labels(),
                bare.firingOrder(),
                bare.rotation(),
                bare.traits(),
                bare.size(),
                limits,
                bare.oil());
    }

    private static List<Finding> read(Double specified, double measured, ClearanceState at) {
        return ClearanceRules.read(
                engine(specified),
                new ValveClearances(
                        Optional.of(at),
                        Optional.of(ClearanceState.COLD),
                        Map.of(2, new CylinderClearances(null, List.of(measured)))));
    }

    @ParameterizedTest
    @CsvSource({
        "0.25, 0.10, clearance-tight-exhaust",
        "0.25, 0.01, clearance-none-exhaust",
        "0.25, 0.45, clearance-wide-exhaust"
    })
    void eachValveAgainstItsSpecification(double specified, double measured, String rule) {
        assertThat(read(specified, measured, ClearanceState.COLD))
                .singleElement()
                .satisfies(s -> {
                    assertThat(s.rule()).isEqualTo(rule);
                    assertThat(s.cylinders().get(0).value()).isEqualTo(2);
                });
    }

    @Test
    void whatIsWithinItsToleranceOrHasNoneSaysNothing() {
        assertThat(read(0.25, 0.22, ClearanceState.COLD)).isEmpty();
        assertThat(read(null, 0.45, ClearanceState.COLD)).isEmpty();
        assertThat(read(0.0, 0.0, ClearanceState.COLD)).isEmpty();
    }

    @Test
    void anotherTemperatureWeighsLess() {
        assertThat(read(0.25, 0.10, ClearanceState.HOT).get(0).weight())
                .isLessThan(read(0.25, 0.10, ClearanceState.COLD).get(0).weight());
    }
}
