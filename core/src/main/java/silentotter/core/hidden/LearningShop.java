package silentotter.core.hidden;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.LongFunction;
import java.util.stream.LongStream;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.fault.FaultAt;
import silentotter.core.fault.Learnt;
import silentotter.core.finding.Shop;
import silentotter.core.found.Known;
import silentotter.core.found.Known.HowKnown;
import silentotter.core.found.Known.Truth;
import silentotter.core.found.Outcome;
import silentotter.core.interpretation.Interpretation;
import silentotter.core.interpretation.Interpreter;
import silentotter.core.learning.Learning;
import silentotter.core.learning.Lesson;
import silentotter.core.outcome.PastJob;
import silentotter.core.outcome.Prediction;
import silentotter.core.outcome.Predictions;
import silentotter.core.outcome.Scores;
import silentotter.core.outcome.Scores.Statement;
import silentotter.core.wording.Units;
import silentotter.core.wording.Wording;

/**
 * A shop that opens every engine it has examined and learns from that: what it says of fresh ones, with and without. The
 * engines come of other habits than the model's priors, so there is something to learn.
 *
 * @param without and with scores on the same fresh engines
 */
public record LearningShop(int taught, Lesson lesson, Scores without, Scores with) {
    private static final String AT = "2026-01-01T00:00:00Z";

    /** @param shop with what it remembers of curves */
    public static LearningShop of(RoundDone done, long fromSeed, int taught, int fresh, Shop shop) {
        LongFunction<HiddenJob> made = seed -> Workshop.job(seed, done);
        List<PastJob> past = LongStream.range(fromSeed, fromSeed + taught)
                .parallel()
                .mapToObj(made)
                .map(j -> past(j, shop))
                .toList();
        Lesson lesson = Learning.from(past, List.of());
        List<HiddenJob> next = LongStream.range(fromSeed + taught, fromSeed + taught + fresh)
                .mapToObj(made)
                .toList();
        return new LearningShop(taught, lesson, scored(next, shop), scored(next, shop.having(lesson.learnt())));
    }

    /** Of every fault at every place, so that both are asked the same: which suspects are shown depends on the priors. */
    private static Scores scored(List<HiddenJob> jobs, Shop shop) {
        List<Statement> all = new ArrayList<>();
        jobs.parallelStream()
                .map(j -> past(j, shop))
                .toList()
                .forEach(p -> p.prediction()
                        .places()
                        .forEach(x -> all.add(new Statement(
                                p.job(), x.probability(), p.outcome().of(x.at()).shown()))));
        return Scores.of(all);
    }

    private static PastJob past(HiddenJob job, Shop shop) {
        Interpretation said = Interpreter.interpret(job.record(), shop);
        Learnt learnt = shop.learnt();
        Prediction prediction = Predictions.of(said, learnt, AT, new Wording(said.engine(), Units.METRIC));
        return new PastJob(job.seed(), "", false, prediction, outcome(job, prediction));
    }

    /** Every place is looked at: what is not there is known not to be. */
    private static Outcome outcome(HiddenJob job, Prediction prediction) {
        Map<FaultAt, Known> known = new HashMap<>();
        prediction.places().forEach(p -> known.put(p.at(), new Known(Truth.ABSENT, HowKnown.SEEN, "", true)));
        job.faults()
                .forEach(f -> known.put(
                        FaultAt.of(
                                f.fault(),
                                f.cylinders().stream().map(CylinderNumber::of).toList()),
                        new Known(Truth.PRESENT, HowKnown.SEEN, "", true)));
        return new Outcome(known);
    }

    /** As a row of a table. */
    public String line() {
        return String.format(
                Locale.ROOT,
                "| %d | %d | %.4f ± %.4f | %.4f | %.4f | %.4f |",
                taught,
                lesson.moved().size(),
                without.brier(),
                without.brierError().orElse(Double.NaN),
                with.brier(),
                without.log(),
                with.log());
    }
}
