package silentotter.core.outcome;

import static org.assertj.core.api.Assertions.assertThat;
import static silentotter.core.found.TakenApart.cylinder;

import org.junit.jupiter.api.Test;
import silentotter.core.compression.Bench;
import silentotter.core.engine.Engine;
import silentotter.core.examination.TestKind;
import silentotter.core.fault.Family;
import silentotter.core.fault.Fault;
import silentotter.core.found.CylinderFound.BoreFound;
import silentotter.core.found.CylinderFound.RingsFound;
import silentotter.core.found.Known.Truth;
import silentotter.core.found.Outcome;
import silentotter.core.found.TakenApart;
import silentotter.core.found.ValveFound.FluidTest;
import silentotter.core.outcome.Review.ReviewVerdict;

class ReviewTest {
    private static final Engine FOUR = Bench.inline(4).engine();

    private static final Said VALVE_OR_RINGS = Said.nothingYet()
            .suspect(Family.VALVE_LEAK, Fault.EXHAUST_VALVE, .8, 3)
            .suspect(Family.RINGS, Fault.RING_SEAL, .15, 3)
            .sign("leakdown:3", 0, 9, false)
            .sign("rule:smoke-load", 1, 4, true);

    private static Review review(Said said, TakenApart found) {
        return Review.of(said.prediction(), Outcome.of(FOUR, found.found()));
    }

    private static TakenApart burntValve() {
        return TakenApart.engine().with(3, cylinder().exhaust(v -> v.fluid(FluidTest.RUNS_THROUGH)));
    }

    @Test
    void theLeadingSuspectWasThere() {
        Review right = review(VALVE_OR_RINGS, burntValve());

        assertThat(right.verdict()).isEqualTo(ReviewVerdict.RIGHT);
        assertThat(right.inWords()).contains("likely (80 %)").contains("fluid runs through");
        assertThat(right.told())
                .singleElement()
                .satisfies(t -> assertThat(t.seen()).isEqualTo("leakdown:3"));
        assertThat(right.misled()).isEmpty();
        // The rings were not looked at: the other suspect is neither right nor wrong.
        assertThat(right.suspects().get(1).truth()).isEqualTo(Truth.UNKNOWN);
    }

    @Test
    void somethingElseWasThere() {
        TakenApart rings = TakenApart.engine()
                .with(3, cylinder().exhaust(v -> v.fluid(FluidTest.TIGHT)).rings(RingsFound.STUCK));
        Review wrong = review(VALVE_OR_RINGS, rings);

        assertThat(wrong.verdict()).isEqualTo(ReviewVerdict.WRONG);
        assertThat(wrong.misled())
                .singleElement()
                .satisfies(m -> assertThat(m.seen()).isEqualTo("leakdown:3"));
        assertThat(wrong.told())
                .singleElement()
                .satisfies(m -> assertThat(m.seen()).isEqualTo("rule:smoke-load"));
        assertThat(wrong.inWords()).contains("Also there: ring seal, possible (15 %)");
    }

    @Test
    void rightAndNotTheWholeOfIt() {
        Review partly = review(VALVE_OR_RINGS, burntValve().with(1, cylinder().rings(RingsFound.STUCK)));

        assertThat(partly.verdict()).isEqualTo(ReviewVerdict.PARTLY_RIGHT);
        assertThat(partly.unforeseen()).singleElement().satisfies(u -> {
            assertThat(u.text()).isEqualTo("Ring seal, cylinder 1");
            assertThat(u.probability()).isZero();
        });
        assertThat(partly.skipped()).startsWith(TestKind.LEAKDOWN, TestKind.WET).doesNotContain(TestKind.COMPRESSION);
    }

    @Test
    void nobodyLookedWhereItWouldShow() {
        Review open =
                review(VALVE_OR_RINGS, TakenApart.engine().with(2, cylinder().bore(BoreFound.HATCH_SEEN)));

        assertThat(open.verdict()).isEqualTo(ReviewVerdict.NOT_KNOWN);
        assertThat(open.anything()).isFalse();
        assertThat(open.inWords())
                .isEqualTo("Not known yet. Said first: exhaust valve, likely (80 %). Nobody has looked where"
                        + " that would show.");
    }

    @Test
    void aSuspectIsRuledOutOnlyWithAllOfItThatCounts() {
        Said family = Said.nothingYet()
                .suspect(Family.VALVE_LEAK, Fault.EXHAUST_VALVE, .6, 3)
                .place(Fault.VALVE_HELD, .2, 3)
                .place(Fault.INTAKE_VALVE, .001, 3);
        TakenApart tight = TakenApart.engine().with(3, cylinder().exhaust(v -> v.fluid(FluidTest.TIGHT)));

        assertThat(review(family, tight).suspects().get(0).truth()).isEqualTo(Truth.UNKNOWN);
    }

    @Test
    void nothingWrongIsWrongAsSoonAsAnythingWas() {
        Said sound = Said.nothingYet().suspect(Family.NOTHING_WRONG, Fault.NOTHING_WRONG, .9);

        assertThat(review(sound, burntValve()).verdict()).isEqualTo(ReviewVerdict.WRONG);
        assertThat(review(sound, TakenApart.engine()).verdict()).isEqualTo(ReviewVerdict.NOT_KNOWN);
    }

    @Test
    void theTechnicianIsHeldAgainstTheSame() {
        Review both = review(
                Said.nothingYet()
                        .suspect(Family.VALVE_LEAK, Fault.EXHAUST_VALVE, .8, 3)
                        .own(Family.VALVE_LEAK, 3, 60, false),
                burntValve());
        assertThat(both.own()).hasValueSatisfying(o -> {
            assertThat(o.certainty()).isEqualTo(.6);
            assertThat(o.product()).isEqualTo(.8);
            assertThat(o.truth()).isEqualTo(Truth.PRESENT);
        });
    }
}
