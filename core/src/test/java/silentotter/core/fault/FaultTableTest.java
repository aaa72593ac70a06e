package silentotter.core.fault;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** One table of faults: what each is, where it can sit, how often it comes and why. */
class FaultTableTest {
    @ParameterizedTest
    @EnumSource(Cause.class)
    void everyCauseHasAPriorAReasonAndARow(Cause cause) {
        for (EngineKind kind : EngineKind.values()) {
            assertThat(cause.prior(kind)).isBetween(0.0, Cause.LARGEST_PRIOR);
        }
        assertThat(cause.reason()).isNotBlank();
        assertThat(cause.fault().family()).isPresent();
        assertThat(cause.fault().words()).isNotBlank();
    }

    @ParameterizedTest
    @EnumSource(Cause.class)
    void whatATwoStrokeLacksItCannotHave(Cause cause) {
        if (cause.fault().isOfFourStrokesOnly()) {
            assertThat(cause.prior(EngineKind.TWO_STROKE)).isZero();
        }
    }

    @Test
    void aFaultIsFoundByWhereItSits() {
        assertThat(Cause.onCylinder(Fault.OIL_CONTROL)).contains(Cause.OIL_RING_HERE);
        assertThat(Cause.ofEngine(Fault.OIL_CONTROL)).contains(Cause.OIL_RINGS);
        assertThat(Cause.onCylinder(Fault.CAM_TIMING)).isEmpty();
        assertThat(Cause.ofEngine(Fault.BEARINGS)).as("no seal test reads it").isEmpty();
    }

    @Test
    void whatIsNotAboutTheSealIsInNoRow() {
        assertThat(Arrays.stream(Fault.values()).filter(f -> f.family().isEmpty()))
                .containsExactlyInAnyOrder(
                        Fault.RICH, Fault.LEAN, Fault.IGNITION, Fault.KNOCK, Fault.PLUG, Fault.MIXTURE_OIL, Fault.DUTY);
    }

    @ParameterizedTest
    @EnumSource(Complaint.class)
    void aComplaintIsMildEvidence(Complaint complaint) {
        Map<Cause, Double> factors = complaint.factors();
        assertThat(factors.values()).allMatch(f -> f >= .5 && f <= 2.6);
        assertThat(factors).as("nobody complains about a gauge").doesNotContainKey(Cause.ALL_ALIKE);
        assertThat(factors).hasSize(Cause.values().length - 1);
    }

    @Test
    void acheckWithoutAComplaintMakesEveryFaultRarer() {
        assertThat(Complaint.CHECK.factors().values()).allMatch(f -> f < 1);
    }

    @ParameterizedTest
    @EnumSource(Circumstance.class)
    void aCircumstanceMultipliesAndNeverGoesAboveTheCap(Circumstance circumstance) {
        double[] usual = PriorTable.of(EngineKind.PETROL, List.of(), List.of());
        double[] so = PriorTable.of(EngineKind.PETROL, List.of(circumstance), List.of());
        for (Cause cause : Cause.values()) {
            int i = cause.ordinal();
            double factor = circumstance.factors().getOrDefault(cause, 1.0);
            if (!circumstance.lowersAllAlike() || cause != Cause.ALL_ALIKE) {
                assertThat(so[i])
                        .as(cause.name())
                        .isCloseTo(Math.min(Cause.LARGEST_PRIOR, usual[i] * factor), within(1e-12));
            }
        }
    }

    @Test
    void whatAnEngineCannotHaveHasNoPriorWhateverHappened() {
        double[] p = PriorTable.of(EngineKind.DIESEL, List.of(Circumstance.values()), List.of(Cause.WATER));
        assertThat(p[Cause.WATER.ordinal()]).isZero();
        assertThat(Arrays.stream(p)).allMatch(x -> x >= 0 && x <= Cause.LARGEST_PRIOR);
    }
}
