package silentotter.core.intake;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import silentotter.core.fault.Fault;
import silentotter.core.finding.Finding;
import silentotter.core.intake.Intake.AirFilter;
import silentotter.core.intake.Intake.ComplaintKind;
import silentotter.core.intake.Intake.History;
import silentotter.core.intake.Intake.NoiseKind;
import silentotter.core.intake.Intake.NoiseMoment;

class IntakeRulesTest {
    /** What somebody tells, field by field. */
    private static final class Told {
        private final Map<ComplaintKind, Boolean> complaints = new HashMap<>();
        private final Map<History, Boolean> history = new HashMap<>();
        private NoiseKind noise;
        private NoiseMoment moment;
        private Double secondsToFire;
        private Double stoodDays;
        private Double hoursSinceBuilt;
        private AirFilter airFilter;
        private KnownWeakness weakness;

        Told had(History item, boolean answer) {
            history.put(item, answer);
            return this;
        }

        Told noise(NoiseKind kind, NoiseMoment when) {
            complaints.put(ComplaintKind.NOISE, true);
            noise = kind;
            moment = when;
            return this;
        }

        Intake made() {
            return new Intake(
                    Optional.empty(),
                    complaints,
                    Optional.ofNullable(noise),
                    Optional.ofNullable(moment),
                    Optional.ofNullable(secondsToFire),
                    Optional.empty(),
                    history,
                    Optional.ofNullable(airFilter),
                    Optional.ofNullable(stoodDays),
                    Optional.ofNullable(hoursSinceBuilt),
                    Optional.empty(),
                    Optional.ofNullable(weakness),
                    Optional.empty(),
                    Optional.empty());
        }

        List<String> rules() {
            return IntakeRules.read(made()).stream().map(Finding::rule).toList();
        }
    }

    private static Told told() {
        return new Told();
    }

    @ParameterizedTest
    @CsvSource({
        "OVERHEATED_ONCE, overheated",
        "RUN_LOW_ONCE, run-low",
        "BOOST_RAISED, boost-raised",
        "MODIFIED, boost-raised",
        "HARD_LOAD, hard-use",
        "BREATHED_DUST, dust",
        "LONG_OIL_INTERVALS, long-intervals",
        "SHORT_RUNS, short-runs",
        "SALT_WATER, salt",
        "BELT_OR_CHAIN_WORK, timing-work"
    })
    void historyCountsWhenItWasAnsweredWithYesOnly(History item, String rule) {
        assertThat(told().had(item, true).rules()).containsExactly(rule);
        assertThat(told().had(item, false).rules()).isEmpty();
        assertThat(told().rules()).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(
            value = AirFilter.class,
            names = {"MISSING", "DUCT_OPEN"})
    void anOpenDuctIsDustAsWell(AirFilter filter) {
        Told open = told();
        open.airFilter = filter;
        assertThat(open.rules()).containsExactly("dust");
        Told clean = told();
        clean.airFilter = AirFilter.CLEAN;
        assertThat(clean.rules()).isEmpty();
    }

    @Test
    void aWarmKnockStopsTheEngineAndAColdSlapDoesNot() {
        assertThat(IntakeRules.read(
                        told().noise(NoiseKind.KNOCK, NoiseMoment.HOT).made()))
                .singleElement()
                .satisfies(s -> {
                    assertThat(s.stopsRunning()).isTrue();
                    assertThat(s.suspects()).containsExactly(Fault.BEARINGS);
                });
        assertThat(IntakeRules.read(
                        told().noise(NoiseKind.SLAP, NoiseMoment.COLD).made()))
                .singleElement()
                .satisfies(s -> {
                    assertThat(s.stopsRunning()).isFalse();
                    assertThat(s.rule()).isEqualTo("cold-slap");
                });
    }

    @Test
    void timesHaveTheirLimits() {
        Told briefly = told();
        briefly.stoodDays = 60.0;
        briefly.secondsToFire = 3.0;
        assertThat(briefly.rules()).isEmpty();
        Told long_ = told();
        long_.stoodDays = 120.0;
        long_.secondsToFire = 8.0;
        assertThat(long_.rules()).containsExactly("stood", "slow-to-fire");
    }

    @Test
    void aFreshBuildIsBeddingInForItsFirstHoursOnly() {
        Told fresh = told().had(History.FRESHLY_BUILT, true);
        fresh.hoursSinceBuilt = 4.0;
        assertThat(fresh.rules()).containsExactly("bedding-in");
        fresh.hoursSinceBuilt = 80.0;
        assertThat(fresh.rules()).isEmpty();
    }

    @Test
    void aStatedWeaknessCarriesItsSourceAndItsFactor() {
        Told family = told();
        family.weakness = new KnownWeakness(
                Optional.of(Fault.EXHAUST_VALVE), Optional.of(4.0), Optional.of("three of five in this yard"));
        assertThat(IntakeRules.read(family.made())).singleElement().satisfies(s -> {
            assertThat(s.rule()).isEqualTo(IntakeRules.KNOWN_WEAKNESS);
            assertThat(s.weight().likelihoodRatio()).isEqualTo(4);
            assertThat(s.because()).contains("three of five in this yard");
        });
        Told unsaid = told();
        unsaid.weakness = new KnownWeakness(Optional.empty(), Optional.of(4.0), Optional.empty());
        assertThat(unsaid.rules()).isEmpty();
    }
}
