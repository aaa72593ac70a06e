package silentotter.core.planning;

import java.time.Instant;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import silentotter.core.diagnosis.Outlook;
import silentotter.core.examination.Examination;
import silentotter.core.examination.LossyStep;
import silentotter.core.examination.TestKind;
import silentotter.core.finding.Shop;
import silentotter.core.interpretation.Interpretation;
import silentotter.core.job.JobRecord;

/**
 * The plan's rival in the benchmark: the test that takes most doubt away for its minutes, whatever the doubt costs. It knows
 * the same tests, set-ups and outcomes.
 */
public final class MostInformation {
    private MostInformation() {}

    /** The next test; empty where none is left that tells anything. */
    public static Optional<PlanStep> next(Interpretation of, Shop shop) {
        JobRecord record = of.record();
        Outlook outlook = Outlook.of(record, shop, of.said(), of.seen());
        Worth worth = new Worth(outlook, shop.costs());
        Bench now = Bench.now(record, outlook.done(), Instant.EPOCH);
        double doubt = worth.doubtAfter(List.of());
        record Told(PlannedTest test, double bits, Bench ready) {
            double minutes(Bench now) {
                return ready.minutes(test) + (ready == now ? 0 : SetUp.WARM.minutes(now.engine()));
            }
        }
        // Whatever opens the engine, gauges will follow.
        return new Candidates(
                        outlook,
                        record.last(Examination.class, Examination.EMPTY).round(),
                        now)
                .after(List.of()).parallelStream()
                        .map(t -> new Told(
                                t,
                                doubt - worth.doubtAfter(List.of(t)),
                                now.warmedFor(t.test(), List.of(TestKind.COMPRESSION))))
                        .filter(t -> t.bits() > 0)
                        .max(Comparator.comparingDouble(t -> t.bits() / t.minutes(now)))
                        .map(t -> StepWords.step(
                                record, t.test(), 0, t.ready(), t.ready() != now, EnumSet.noneOf(LossyStep.class)));
    }
}
