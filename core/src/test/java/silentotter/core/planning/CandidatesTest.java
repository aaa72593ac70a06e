package silentotter.core.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static silentotter.core.leakdown.Taken.made;
import static silentotter.core.leakdown.Taken.on;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import silentotter.core.compression.Bench;
import silentotter.core.diagnosis.Outlook;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.examination.BenchState;
import silentotter.core.examination.RoundChoices;
import silentotter.core.examination.TestKind;
import silentotter.core.finding.Shop;
import silentotter.core.interpretation.Interpretation;

/** What could be done next: nothing that was done, that the engine does not have, or that needs something first. */
class CandidatesTest {
    private static Candidates of(Interpretation said) {
        return new Candidates(
                Outlook.of(said.record(), Shop.USUAL, said.said(), said.seen()), RoundChoices.NONE, cold(said));
    }

    private static silentotter.core.planning.Bench cold(Interpretation said) {
        return new silentotter.core.planning.Bench(said.engine(), java.util.Set.of());
    }

    private static List<TestKind> kinds(List<PlannedTest> tests) {
        return tests.stream().map(PlannedTest::test).distinct().toList();
    }

    @Test
    void oilAndTheLowestWaitForCompression() {
        Candidates candidates = of(Bench.inline(4).interpret());
        assertThat(kinds(candidates.after(List.of()))).doesNotContain(TestKind.WET, TestKind.TAP);
        List<PlannedTest> then = candidates.after(List.of(PlannedTest.of(TestKind.COMPRESSION)));
        assertThat(kinds(then)).contains(TestKind.WET).doesNotContain(TestKind.COMPRESSION);
        assertThat(then)
                .filteredOn(t -> t.test() == TestKind.LEAKDOWN && t.lowest() > 0)
                .hasSize(2);
    }

    @Test
    void leakDownIsOfferedOnTheLikeliestAndThenOnMore() {
        List<PlannedTest> next =
                of(Bench.inline(4).dry(1300, 1290, 800, 1310).interpret()).after(List.of());
        assertThat(next)
                .filteredOn(t -> t.test() == TestKind.LEAKDOWN)
                .extracting(t -> t.cylinders().size())
                .containsExactly(1, 2, 4);
        assertThat(next)
                .filteredOn(t -> t.test() == TestKind.LEAKDOWN)
                .allSatisfy(t -> assertThat(t.cylinders().get(0)).isEqualTo(CylinderNumber.of(3)));
        assertThat(next)
                .filteredOn(t -> t.test() == TestKind.WET)
                .singleElement()
                .satisfies(t -> assertThat(t.cylinders()).hasSize(2).startsWith(CylinderNumber.of(3)));
    }

    @Test
    void onceAiredTheLikeliestIsTapped() {
        List<PlannedTest> next = of(Bench.inline(4)
                        .dry(1300, 1290, 800, 1310)
                        .interpret(made(on(1, 5), on(2, 6), on(3, 60), on(4, 5))))
                .after(List.of());
        assertThat(kinds(next)).contains(TestKind.TAP).doesNotContain(TestKind.LEAKDOWN);
    }

    @Test
    void theUsualRoundHasEachTestOnceOnAllItCanBeDoneOn() {
        List<PlannedTest> round = of(Bench.inline(4).interpret()).usualRound();
        assertThat(kinds(round))
                .hasSameSizeAs(round)
                .contains(TestKind.LEAKDOWN, TestKind.COMPRESSION, TestKind.OIL_TRIAL);
        assertThat(round)
                .filteredOn(t -> t.test() == TestKind.LEAKDOWN)
                .singleElement()
                .satisfies(t -> assertThat(t.cylinders()).hasSize(4));
    }

    @Test
    void whatIsExcludedIsInNoRound() {
        Interpretation said = Bench.inline(4).interpret();
        Candidates candidates = new Candidates(
                Outlook.of(said.record(), Shop.USUAL, said.said(), said.seen()),
                RoundChoices.of(
                        Map.of(TestKind.OIL_TRIAL, true, TestKind.SMOKE, false), Optional.empty(), Optional.empty()),
                cold(said));
        assertThat(kinds(candidates.usualRound())).contains(TestKind.SMOKE).doesNotContain(TestKind.OIL_TRIAL);
        assertThat(kinds(candidates.after(List.of()))).doesNotContain(TestKind.OIL_TRIAL);
    }

    @Test
    void whatCannotBeDoneAsItStandsIsInNoRound() {
        Interpretation said = Bench.inline(4).interpret();
        Candidates onStand = new Candidates(
                Outlook.of(said.record(), Shop.USUAL, said.said(), said.seen()),
                RoundChoices.NONE,
                new silentotter.core.planning.Bench(
                        said.engine(), java.util.Set.of(), Map.of(BenchState.ON_STAND, true, BenchState.AIR, false)));
        assertThat(kinds(onStand.usualRound()))
                .contains(TestKind.COMPRESSION, TestKind.PLUGS)
                .doesNotContain(TestKind.SMOKE, TestKind.BLOWBY, TestKind.OIL_TRIAL, TestKind.LEAKDOWN);
    }
}
