package silentotter.core.comparison;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import silentotter.core.compression.Bench;
import silentotter.core.compression.Conditions;
import silentotter.core.compression.Conditions.EngineTemperature;
import silentotter.core.compression.Conditions.Throttle;
import silentotter.core.compression.CrankingLength.LengthKind;
import silentotter.core.fault.Learnt;
import silentotter.core.job.Job;
import silentotter.core.job.JobRecord;
import silentotter.core.job.Observation;
import silentotter.core.leakdown.Taken;

/** Visits of one engine, months apart, for tests. */
final class Months {
    static final Conditions HOT =
            Bench.conditions(EngineTemperature.HOT, Throttle.WIDE_OPEN, 220.0, LengthKind.STROKES, 8);

    private static int job;

    private Months() {}

    /** @param percent leak-down by cylinder; none where it was not done */
    static Visit visit(LocalDate date, double hours, Conditions conditions, double[] kPa, double... percent) {
        List<Observation> more = new ArrayList<>();
        for (int i = 0; i < percent.length; i++) {
            more.add(Taken.on(i + 1, percent[i]).made());
        }
        JobRecord bare = Bench.inline(kPa.length).under(conditions).dry(kPa).record(more.toArray(Observation[]::new));
        Job on = new Job(
                date,
                Optional.empty(),
                Optional.of(hours),
                "",
                "",
                "",
                "",
                bare.job().ambient());
        return Visit.of(++job, new JobRecord(bare.engine(), on, bare.observed()), Learnt.NOTHING);
    }

    static Visit visit(int month, double... kPa) {
        return visit(LocalDate.of(2025, 1, 10).plusMonths(month), 100 * month, HOT, kPa);
    }

    /**
     * An engine as its gauges show it on some day: battery, warmth and mounting move all alike, and every reading scatters.
     */
    static Visit unchanged(Random random, int month, int cylinders) {
        double day = .02 * random.nextGaussian();
        double air = random.nextGaussian();
        double[] kPa = new double[cylinders];
        double[] percent = new double[cylinders];
        for (int i = 0; i < cylinders; i++) {
            double own = 1300 - 15 * i;
            kPa[i] = 10 * Math.rint(own * Math.exp(day + .02 * random.nextGaussian()) / 10);
            percent[i] = Math.max(0, Math.rint(9 + i + air + 1.8 * random.nextGaussian()));
        }
        return visit(LocalDate.of(2025, 1, 10).plusMonths(month), 100 * month, HOT, kPa, percent);
    }

    static double[] all(int cylinders, double value) {
        double[] a = new double[cylinders];
        Arrays.fill(a, value);
        return a;
    }
}
