package silentotter.core.planning;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import silentotter.core.compression.Bench;
import silentotter.core.decision.Costs;
import silentotter.core.decision.Repair;
import silentotter.core.examination.BenchState;
import silentotter.core.examination.Examination;
import silentotter.core.examination.RoundChoices;
import silentotter.core.examination.TestKind;
import silentotter.core.finding.Shop;
import silentotter.core.hidden.HiddenJob;
import silentotter.core.hidden.RoundDone;
import silentotter.core.hidden.Workshop;
import silentotter.core.inside.CylinderInside;
import silentotter.core.intake.Intake;
import silentotter.core.interpretation.Interpretation;
import silentotter.core.interpretation.Interpreter;
import silentotter.core.plugs.Plugs;
import silentotter.core.signs.Signs;

/** The round from here: what pays, in the order in which nothing is spoiled. */
class PlannerTest {
    private static Plan plan(Interpretation said) {
        return Planner.plan(said, Shop.USUAL);
    }

    private static Examination deciding(RoundChoices choices) {
        return Examination.EMPTY.with(choices);
    }

    private static List<TestKind> tests(Plan plan) {
        return plan.steps().stream().map(PlanStep::test).toList();
    }

    private static RoundChoices without(TestKind... kinds) {
        Map<TestKind, Boolean> excluded = new java.util.EnumMap<>(TestKind.class);
        Arrays.stream(kinds).forEach(k -> excluded.put(k, true));
        return RoundChoices.of(excluded, Optional.empty(), Optional.empty());
    }

    @Test
    void anEmptySheetIsPlannedWithCompressionAndThePlugsAsTheyComeOut() {
        Plan plan = plan(Bench.inline(4).interpret());
        assertThat(tests(plan)).contains(TestKind.PLUGS, TestKind.COMPRESSION);
        assertThat(tests(plan).indexOf(TestKind.PLUGS)).isLessThan(tests(plan).indexOf(TestKind.COMPRESSION));
        assertThat(plan.minutes()).isLessThan(plan.fixedOrderMinutes());
        assertThat(plan.minutes())
                .isEqualTo(plan.steps().stream().mapToDouble(PlanStep::minutes).sum());
        assertThat(plan.steps()).anyMatch(s -> !s.capture().isEmpty());
        assertThat(plan.decision().says()).startsWith("Not decided yet");
        assertThat(plan.decided()).isEmpty();
    }

    @Test
    void whatWasDoneIsNotPlannedAgain() {
        Plan plan = plan(Bench.inline(4).dry(1300, 1290, 800, 1310).interpret());
        assertThat(tests(plan)).doesNotContain(TestKind.COMPRESSION).isNotEmpty();
        assertThat(plan.steps())
                .filteredOn(s -> s.test() == TestKind.LEAKDOWN || s.test() == TestKind.WET)
                .allSatisfy(s -> assertThat(s.cylinders()).anyMatch(c -> c.value() == 3));
    }

    @Test
    void whatCannotBeDoneHereIsLeftOutAndThePlanAdapts() {
        Bench bench = Bench.inline(4).dry(1300, 1290, 800, 1310);
        Plan plan = plan(bench.interpret(deciding(without(TestKind.LEAKDOWN, TestKind.INSIDE))));
        assertThat(tests(plan))
                .doesNotContain(TestKind.LEAKDOWN, TestKind.INSIDE)
                .isNotEmpty();
        assertThat(plan.excluded()).containsExactly(TestKind.INSIDE, TestKind.LEAKDOWN);
        assertThat(plan(bench.interpret(deciding(without(TestKind.values())))).steps())
                .isEmpty();
    }

    @Test
    void whatIsForcedComesFirst() {
        RoundChoices smoke = RoundChoices.of(Map.of(), Optional.of(TestKind.SMOKE), Optional.empty());
        Plan plan = plan(Bench.inline(4).interpret(deciding(smoke)));
        assertThat(tests(plan)).startsWith(TestKind.SMOKE);
        assertThat(plan.next()).contains("start after standing");
    }

    @Test
    void noOilInADieselAndNothingThatAnEngineDoesNotHave() {
        Bench diesel = Bench.inline(4).diesel();
        for (Plan plan : List.of(
                plan(diesel.interpret()),
                plan(diesel.dry(2500, 2450, 1500, 2480).interpret()))) {
            assertThat(tests(plan)).doesNotContain(TestKind.WET, TestKind.PLUGS, TestKind.CRANKCASE);
        }
        assertThat(tests(plan(Bench.inline(2).twoStroke().interpret())))
                .doesNotContain(TestKind.WET, TestKind.BLOWBY, TestKind.OIL_TRIAL, TestKind.SMOKE, TestKind.CLEARANCE);
        assertThat(tests(plan(Bench.inline(2).interpret())))
                .as("a twin pumps its crankcase")
                .doesNotContain(TestKind.BLOWBY);
    }

    @Test
    void whatStopsTheEngineComesBeforeEveryTest() {
        Examination specks = Examination.of(
                Intake.EMPTY,
                Signs.EMPTY,
                Plugs.tray(Plugs.tan(), Plugs.specks(), Plugs.tan(), Plugs.tan()),
                Map.<Integer, CylinderInside>of(),
                null,
                null,
                null);
        Plan plan = plan(Bench.inline(4).interpret(specks));
        assertThat(plan.steps()).isEmpty();
        assertThat(plan.first()).isNotEmpty();
        assertThat(plan.decided()).isEmpty();
        assertThat(plan.decision().options())
                .filteredOn(o -> o.action() == Repair.RUN_ON)
                .allSatisfy(o -> assertThat(o.forbidden()).isPresent());
    }

    @Test
    void aDecidedEngineIsNotTestedOn() {
        int decided = 0;
        for (long seed = 1; seed <= 12; seed++) {
            HiddenJob job = Workshop.job(seed, RoundDone.FULL, 4);
            Plan plan = plan(Interpreter.interpret(job.record(), Shop.USUAL));
            assertThat(plan.steps().isEmpty() && plan.first().isEmpty())
                    .isEqualTo(plan.decided().isPresent());
            decided += plan.decided().isPresent() ? 1 : 0;
        }
        assertThat(decided)
                .as("after the full round there is seldom anything left to ask")
                .isGreaterThan(6);
    }

    @Test
    void nothingIsWarmedTwiceOrSpoiledUnseen() {
        for (long seed = 1; seed <= 24; seed++) {
            HiddenJob job = Workshop.job(seed, seed % 2 == 0 ? RoundDone.MIXED : RoundDone.COMPRESSION_ONLY);
            Plan plan = plan(Interpreter.interpret(job.record(), Shop.USUAL));
            long warmed = plan.steps().stream()
                    .filter(s -> s.setUp().contains("run warm"))
                    .count();
            assertThat(warmed).as("seed %d", seed).isLessThanOrEqualTo(1);
            List<TestKind> tests = tests(plan);
            if (tests.contains(TestKind.WET)) {
                int wet = tests.indexOf(TestKind.WET);
                assertThat(tests.subList(wet, tests.size()))
                        .as("seed %d: oil spoils them", seed)
                        .doesNotContain(TestKind.PLUGS, TestKind.INSIDE);
            }
            assertThat(tests).as("seed %d", seed).doesNotHaveDuplicates();
        }
    }

    @Test
    void whereAnHourCostsMoreThanItCanSaveNoTestPays() {
        Interpretation said = Bench.inline(4).dry(1300, 1290, 800, 1310).interpret();
        Plan dear = Planner.plan(said, Shop.USUAL.at(Costs.USUAL.withRate(100_000)));
        assertThat(dear.steps()).isEmpty();
        assertThat(dear.decided()).isPresent();
        assertThat(dear.decision().usualCosts()).isFalse();
    }

    @Test
    void nothingIsDecidedBeforeAGaugeWasOnIt() {
        Shop dear = Shop.USUAL.at(Costs.USUAL.withRate(100_000));
        for (Bench bench : List.of(
                Bench.inline(1), Bench.inline(1).twoStroke(), Bench.inline(4).diesel(), Bench.inline(6))) {
            Plan plan = Planner.plan(bench.interpret(), dear);
            assertThat(tests(plan)).contains(TestKind.COMPRESSION);
            assertThat(plan.decided()).isEmpty();
            assertThat(plan.decision().options()).noneMatch(o -> o.recommended());
        }
    }

    @Test
    void thePlanIsTheSameEveryTime() {
        Interpretation said = Bench.inline(4).dry(1300, 1290, 800, 1310).interpret();
        assertThat(plan(said)).isEqualTo(plan(said));
    }

    @Test
    void whatWantsItHotComesFirstWhileItCools() {
        RoundChoices cooling = new RoundChoices(
                Map.of(),
                Optional.empty(),
                Optional.empty(),
                Map.of(BenchState.WARM, true),
                Optional.of("2026-11-20T10:00:00Z"));
        Interpretation said = Bench.inline(4).interpret(deciding(cooling));
        List<TestKind> fresh = tests(Planner.plan(said, Shop.USUAL, Instant.parse("2026-11-20T10:01:00Z")));
        Plan soon = Planner.plan(said, Shop.USUAL, Instant.parse("2026-11-20T10:25:00Z"));
        assertThat(fresh).contains(TestKind.COMPRESSION, TestKind.PLUGS);
        assertThat(tests(soon).indexOf(TestKind.COMPRESSION))
                .isLessThan(tests(soon).indexOf(TestKind.PLUGS));
        assertThat(soon.steps())
                .filteredOn(s -> s.test() == TestKind.COMPRESSION)
                .allSatisfy(s -> assertThat(s.why()).contains("stays hot for about 5 minutes"));
        Plan late = Planner.plan(said, Shop.USUAL, Instant.parse("2026-11-20T11:00:00Z"));
        assertThat(late.steps().stream().flatMap(s -> s.setUp().stream())).contains("run warm");
        assertThat(soon.steps().stream()
                        .filter(s -> s.test() == TestKind.COMPRESSION)
                        .flatMap(s -> s.setUp().stream()))
                .doesNotContain("run warm");
    }

    @Test
    void theRivalAsksForWhatTellsMostAndStopsWhereNothingTells() {
        PlanStep next =
                MostInformation.next(Bench.inline(4).interpret(), Shop.USUAL).orElseThrow();
        assertThat(next.minutes()).isPositive();
        Interpretation nothingLeft = Bench.inline(4).interpret(deciding(without(TestKind.values())));
        assertThat(MostInformation.next(nothingLeft, Shop.USUAL)).isEmpty();
    }
}
