package silentotter.core.decision;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import silentotter.core.decision.Decisions.Question;
import silentotter.core.fault.Cause;
import silentotter.core.inference.Draw;
import silentotter.core.inference.Member;
import silentotter.core.inference.Probabilities;
import silentotter.core.input.InvalidInput;

/** Small cases that can be reckoned on paper. */
class DecisionsTest {
    private static Probabilities likely(Cause cause, int cylinder, double p) {
        return new Probabilities(Map.of(new Member(cause, cylinder, -1), p), 1 - p, 0, 0);
    }

    private static Decision decide(Probabilities p, Question question) {
        return Decisions.of(p, List.of(), Costs.USUAL, question);
    }

    private static Option of(Decision d, Repair repair) {
        return d.options().stream()
                .filter(o -> o.action() == repair)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aLikelyBurntValveIsWorthTakingTheHeadOff() {
        Decision d = decide(likely(Cause.EXHAUST_VALVE, 2, .9), Question.PLAIN);
        assertThat(of(d, Repair.RUN_ON).expectedLoss()).isCloseTo(.9 * 3000, within(1e-9));
        assertThat(of(d, Repair.HEAD_OFF).expectedLoss()).isCloseTo(1000, within(1e-9));
        assertThat(d.recommended().action()).isEqualTo(Repair.HEAD_OFF);
        assertThat(d.recommended().recommended()).isTrue();
        assertThat(d.options()).filteredOn(Option::recommended).hasSize(1);
        assertThat(of(d, Repair.RUN_ON).leaves()).containsExactly("exhaust valve {cyl:3}");
        assertThat(d.worth()).as("nobody asked").isEmpty();
    }

    @Test
    void anUnlikelyOneIsNot() {
        Decision d = decide(likely(Cause.EXHAUST_VALVE, 2, .2), Question.PLAIN);
        assertThat(d.recommended().action()).isEqualTo(Repair.RUN_ON);
        assertThat(d.recommended().expectedLoss()).isCloseTo(600, within(1e-9));
        assertThat(d.recommended().watch().orElseThrow()).contains("Leak-down again");
    }

    @Test
    void aServiceGoesWithTheHeadWhereBothArePaidFor() {
        Probabilities p = new Probabilities(
                Map.of(
                        new Member(Cause.EXHAUST_VALVE, 0, -1), .9,
                        new Member(Cause.VENTILATION, -1, -1), .8),
                .05,
                0,
                0);
        Decision d = decide(p, Question.PLAIN);
        assertThat(d.recommended().action()).isEqualTo(Repair.HEAD_OFF);
        assertThat(d.recommended().withService()).isTrue();
        assertThat(d.recommended().cost()).isCloseTo(1100, within(1e-9));
    }

    @Test
    void whatMustNotRunIsNotRunOnWhateverItCosts() {
        Decision d = decide(
                likely(Cause.STEM_SEALS, -1, .1),
                new Question(
                        Optional.of("A knock under load."), Optional.empty(), false, false, false, Optional.empty()));
        assertThat(d.recommended().action()).isNotIn(Repair.RUN_ON, Repair.TRIAL);
        assertThat(of(d, Repair.RUN_ON).forbidden()).contains("A knock under load.");
        assertThat(d.says()).startsWith("It must not run as it is.");
    }

    @Test
    void nothingIsBoughtBeforeReadingsThatContradictAreTakenAgain() {
        Decision d = decide(
                likely(Cause.EXHAUST_VALVE, 2, .9),
                new Question(
                        Optional.empty(), Optional.of("Soap the adapter."), false, false, true, Optional.of(500.0)));
        assertThat(d.recommended().action()).isEqualTo(Repair.RETEST);
        assertThat(d.options()).filteredOn(Option::recommended).hasSize(1);
        assertThat(d.says()).contains("Soap the adapter.");
        assertThat(d.worth().orElseThrow()).contains("cannot be said");
    }

    @Test
    void whileATestMayChangeItNothingIsRecommended() {
        Decision d = decide(
                likely(Cause.EXHAUST_VALVE, 2, .9),
                new Question(Optional.empty(), Optional.empty(), true, false, false, Optional.empty()));
        assertThat(d.options()).noneMatch(Option::recommended);
        assertThat(d.says()).startsWith("Not decided yet").contains("If it had to be now: Head off");
        Decision little = decide(
                likely(Cause.EXHAUST_VALVE, 2, .9),
                new Question(Optional.empty(), Optional.empty(), true, true, true, Optional.empty()));
        assertThat(little.says()).as("next to nothing was tested").endsWith("may change it.");
        assertThat(little.worth().orElseThrow()).contains("cannot be said yet");
    }

    @Test
    void worthSpendingOnIsAnsweredWhereItWasAsked() {
        Question asked = new Question(Optional.empty(), Optional.empty(), false, false, true, Optional.empty());
        assertThat(decide(likely(Cause.EXHAUST_VALVE, 2, .01), asked).worth().orElseThrow())
                .startsWith("Worth spending on");
        assertThat(decide(likely(Cause.EXHAUST_VALVE, 2, .9), asked).worth().orElseThrow())
                .startsWith("Not before this is mended");
        Question cheap = new Question(Optional.empty(), Optional.empty(), false, false, true, Optional.of(1200.0));
        assertThat(decide(likely(Cause.EXHAUST_VALVE, 2, .9), cheap).worth().orElseThrow())
                .startsWith("Not worth it by the figures: 1000 on an engine worth 1200");
    }

    @Test
    void theShopsCostsChangeWhatIsBest() {
        Probabilities p = likely(Cause.EXHAUST_VALVE, 2, .4);
        assertThat(decide(p, Question.PLAIN).recommended().action()).isEqualTo(Repair.HEAD_OFF);
        Costs dear = Costs.USUAL.with(Repair.HEAD_OFF, Optional.of(new Costs.Work(30, 900)));
        assertThat(Decisions.of(p, List.of(), dear, Question.PLAIN)
                        .recommended()
                        .action())
                .isEqualTo(Repair.RUN_ON);
        Costs standing = new CostsDocument(null, 500.0, Map.of(), Map.of()).read();
        assertThat(standing.of(new Course(Repair.HEAD_OFF, false))).isCloseTo(9 * 578 + 298, within(1e-9));
    }

    @Test
    void aTrialIsReadAgainAndFollowedByTheRest() {
        // Every engine drawn has a stuck ring, which a trial frees in 15 of a hundred; the rest get the bottom end.
        Draw stuck = new Draw(
                .27, false, 0, 0, 7, List.of(new Draw.Cylinder(Cause.RING, 3, null)), List.of(), java.util.Set.of());
        Decision d = Decisions.of(likely(Cause.RING, 0, 1), List.of(stuck, stuck), Costs.USUAL, Question.PLAIN);
        assertThat(of(d, Repair.TRIAL).expectedLoss()).isCloseTo(1.2 * 78 + 40 + .85 * 2300, within(1e-9));
        assertThat(d.recommended().action()).isEqualTo(Repair.TRIAL);
        assertThat(d.says()).contains("Where it reads no better: Bottom end");
        assertThat(d.recommended().watch().orElseThrow()).startsWith("One trial.");
    }

    @Test
    void costsThatCannotBeAreRefusedAtTheirPlace() {
        CostsDocument wrong = new CostsDocument(
                -1.0,
                null,
                Map.of(Repair.SEALS, new CostsDocument.WorkDocument(1e9, null)),
                Map.of(Cause.RING, Double.NaN));
        assertThat(org.assertj.core.api.Assertions.catchThrowableOfType(InvalidInput.class, wrong::read)
                        .problems())
                .extracting(problem -> problem.field())
                .containsExactlyInAnyOrder("hourlyRate", "work.SEALS.hours", "missed.RING");
        assertThat(CostsDocument.NONE.read()).isEqualTo(Costs.USUAL);
    }

    @Test
    void everyFaultHasAPriceAndSomethingThatCuresIt() {
        for (Cause cause : Cause.values()) {
            assertThat(Missed.of(cause)).as(cause.name()).isNotNull();
            assertThat(Course.ALL).as(cause.name()).anyMatch(c -> c.cures(cause) == 1);
        }
    }
}
