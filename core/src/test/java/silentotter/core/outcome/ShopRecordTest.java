package silentotter.core.outcome;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static silentotter.core.found.TakenApart.cylinder;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import silentotter.core.compression.Bench;
import silentotter.core.diagnosis.Odds;
import silentotter.core.fault.Family;
import silentotter.core.fault.Fault;
import silentotter.core.found.CylinderFound.BoreFound;
import silentotter.core.found.Outcome;
import silentotter.core.found.TakenApart;
import silentotter.core.found.ValveFound.FluidTest;
import silentotter.core.outcome.Scores.Statement;

class ShopRecordTest {
    private static PastJob job(long number, Said said, boolean burnt) {
        return job(number, said, burnt, false);
    }

    private static PastJob job(long number, Said said, boolean burnt, boolean practice) {
        TakenApart found = TakenApart.engine()
                .with(3, cylinder().exhaust(v -> v.fluid(burnt ? FluidTest.RUNS_THROUGH : FluidTest.TIGHT)));
        return new PastJob(
                number,
                "Job " + number,
                practice,
                said.prediction(),
                Outcome.of(Bench.inline(4).engine(), found.found()));
    }

    private static Said valve(double p) {
        return Said.nothingYet().suspect(Family.VALVE_LEAK, Fault.EXHAUST_VALVE, p, 3);
    }

    @Test
    void theScoresAreThoseOfTheBooks() {
        Scores scores = Scores.of(
                List.of(new Statement(1, .8, true), new Statement(1, .2, false), new Statement(2, .5, false)));

        assertThat(scores.brier()).isCloseTo((.04 + .04 + .25) / 3, within(1e-12));
        assertThat(scores.log()).isCloseTo(-(2 * Math.log(.8) + Math.log(.5)) / 3, within(1e-12));
        assertThat(scores.always()).isCloseTo(1 / 3.0 * 2 / 3, within(1e-12));
        assertThat(scores.jobs()).isEqualTo(2);
        assertThat(scores.brierError().orElseThrow()).isCloseTo(Math.abs(.25 - .04) / 2, within(1e-12));
    }

    @Test
    void aCertaintyThatWasWrongCostsMuchAndNotInfinitelyMuch() {
        assertThat(Scores.of(List.of(new Statement(1, 1, false))).log()).isCloseTo(6.908, within(.001));
    }

    @Test
    void howOftenItsEightyPercentWasRightAndHowLittleThatIs() {
        List<PastJob> past = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            past.add(job(i, valve(.8), i != 0));
        }
        ShopRecord record = ShopRecord.of(past);

        assertThat(record.curve()).singleElement().satisfies(bin -> {
            assertThat(bin.odds()).isEqualTo(Odds.LIKELY);
            assertThat(bin.share().so()).isEqualTo(4);
            assertThat(bin.share().low()).isBetween(.3, .5);
            assertThat(bin.share().high()).isBetween(.9, 1.0);
        });
        assertThat(record.inWords()).contains("was so 4 of 5 times").endsWith("so few say little.");
    }

    @Test
    void aCalibratedShopLooksCalibrated() {
        Random random = new Random(7);
        List<PastJob> past = new ArrayList<>();
        for (int i = 0; i < 600; i++) {
            double p = random.nextDouble();
            past.add(job(i, valve(p), random.nextDouble() < p));
        }
        ShopRecord record = ShopRecord.of(past);

        assertThat(record.curve())
                .allSatisfy(bin -> assertThat(bin.said())
                        .as(bin.odds().words())
                        .isBetween(bin.share().low() - .03, bin.share().high() + .03));
        assertThat(record.scores().orElseThrow().brier())
                .isLessThan(record.scores().orElseThrow().always());
    }

    @Test
    void practiceAndWhatCouldOnlyComeOutOneWayDoNotCount() {
        TakenApart fromAbove = TakenApart.engine().with(3, cylinder().bore(BoreFound.SCORED));
        PastJob scored = new PastJob(
                1,
                "",
                false,
                Said.nothingYet().suspect(Family.RINGS, Fault.RING_SEAL, .3, 3).prediction(),
                Outcome.of(Bench.inline(4).engine(), fromAbove.found()));
        ShopRecord record = ShopRecord.of(List.of(scored, job(2, valve(.9), false, true)));

        assertThat(record.jobs()).isEqualTo(1);
        assertThat(record.scores()).isEmpty();
    }

    @Test
    void aTechnicianIsNamedOnlyWhereHeSharesIt() {
        List<PastJob> past = List.of(
                job(1, valve(.8).by("B. Hand").own(Family.VALVE_LEAK, 3, 60, true), true),
                job(2, valve(.3).by("B. Hand").own(Family.VALVE_LEAK, 3, 70, true), false),
                job(3, valve(.7).by("C. Quiet").own(Family.VALVE_LEAK, 3, 90, false), true));
        ShopRecord record = ShopRecord.of(past);

        assertThat(record.technicians()).singleElement().satisfies(t -> {
            assertThat(t.technician()).isEqualTo("B. Hand");
            assertThat(t.own().said()).isEqualTo(2);
            assertThat(t.better()).isCloseTo(((.16 - .04) + (.49 - .09)) / 2, within(1e-9));
        });
        assertThat(record.unshared()).isEqualTo(1);
        assertThat(record.sideBySide().orElseThrow().own().said()).isEqualTo(3);
        assertThat(record.toString()).doesNotContain("C. Quiet");
    }
}
