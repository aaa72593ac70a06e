package silentotter.core.planning;

import java.time.Duration;
import java.time.Instant;
import java.util.Collection;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import silentotter.core.compression.CompressionPass;
import silentotter.core.compression.Conditions.EngineTemperature;
import silentotter.core.diagnosis.Outlook;
import silentotter.core.engine.Engine;
import silentotter.core.examination.BenchState;
import silentotter.core.examination.Examination;
import silentotter.core.examination.LossyStep;
import silentotter.core.examination.RoundChoices;
import silentotter.core.examination.TestKind;
import silentotter.core.job.JobRecord;
import silentotter.core.leakdown.LeakdownReading;
import silentotter.core.leakdown.LeakdownReading.RunState;

/**
 * What state engine and workshop are in, as far as a plan depends on it. Immutable; each test done gives the next.
 *
 * @param setUp what stands ready
 * @param said what the technician says of helper, air and stand
 */
record Bench(Engine engine, Set<SetUp> setUp, Map<BenchState, Boolean> said) {
    /** What two do to the minutes of a test at which one cranks, holds or revs and the other reads. Trade practice. */
    private static final double WITH_HELPER = .8;

    private static final Set<TestKind> FOR_TWO =
            EnumSet.of(TestKind.SMOKE, TestKind.COMPRESSION, TestKind.WET, TestKind.LEAKDOWN, TestKind.TAP);
    private static final Set<TestKind> WITH_AIR = EnumSet.of(TestKind.LEAKDOWN, TestKind.TAP);
    private static final Set<TestKind> RUNS_IT = EnumSet.of(TestKind.SMOKE, TestKind.BLOWBY, TestKind.OIL_TRIAL);

    Bench {
        setUp = setUp.isEmpty() ? Set.of() : Set.copyOf(setUp);
        said = Map.copyOf(said);
    }

    Bench(Engine engine, Set<SetUp> setUp) {
        this(engine, setUp, Map.of());
    }

    /** As it stands for a job: what its readings say was set up, and what the technician says of it. */
    static Bench now(JobRecord record, Outlook.DoneTests done, Instant moment) {
        RoundChoices choices = record.last(Examination.class, Examination.EMPTY).round();
        Set<SetUp> setUp = EnumSet.noneOf(SetUp.class);
        boolean cooled = choices.staysHot(moment).filter(Duration::isZero).isPresent();
        if (!cooled && choices.said(BenchState.WARM).orElseGet(() -> wasWarm(record, done))) {
            setUp.add(SetUp.WARM);
        }
        if (choices.said(BenchState.PLUGS_OUT).orElseGet(() -> wereOut(record, done))) {
            setUp.add(SetUp.PLUGS_OUT);
        }
        if (!done.aired().isEmpty()) {
            setUp.add(SetUp.AIR);
        }
        if (choices.said(BenchState.BREATHER_SEALED).orElse(false)) {
            setUp.add(SetUp.BREATHER_SEALED);
        }
        return new Bench(record.engine(), setUp, choices.stands());
    }

    private static boolean wasWarm(JobRecord record, Outlook.DoneTests done) {
        boolean hotCompression = record.all(CompressionPass.class).stream()
                .filter(p -> !p.readings().isEmpty())
                .anyMatch(p -> p.conditions()
                        .temperature()
                        .filter(t -> t != EngineTemperature.COLD)
                        .isPresent());
        boolean hotLeakdown = record.all(LeakdownReading.class).stream()
                .anyMatch(r -> r.state().filter(s -> s == RunState.HOT).isPresent());
        return hotCompression || hotLeakdown || done.blowby();
    }

    private static boolean wereOut(JobRecord record, Outlook.DoneTests done) {
        return !done.cranked().isEmpty()
                || !done.aired().isEmpty()
                || done.plugs()
                || record.last(Examination.class, Examination.EMPTY).steps().containsKey(LossyStep.PULL_PLUGS);
    }

    boolean has(SetUp what) {
        return setUp.contains(what);
    }

    private boolean is(BenchState state) {
        return said.getOrDefault(state, false);
    }

    /** Whether a test can be done here at all. */
    boolean allows(TestKind test) {
        boolean noAir = said.containsKey(BenchState.AIR) && !is(BenchState.AIR);
        return !(noAir && WITH_AIR.contains(test)) && !(is(BenchState.ON_STAND) && RUNS_IT.contains(test));
    }

    /** What must be set up before a test. */
    Set<SetUp> before(TestKind test) {
        Set<SetUp> needed = EnumSet.noneOf(SetUp.class);
        boolean runs = RUNS_IT.contains(test);
        if (runs && has(SetUp.PLUGS_OUT)) {
            needed.add(SetUp.PLUGS_IN);
        }
        if (TestTable.phase(test) == TestTable.Phase.RUNNING && (!has(SetUp.WARM) || has(SetUp.PLUGS_OUT))) {
            needed.add(SetUp.WARM);
        }
        if (TestTable.phase(test) == TestTable.Phase.OPEN) {
            open(test, needed);
        }
        if (test == TestKind.BLOWBY && !has(SetUp.BREATHER_SEALED)) {
            needed.add(SetUp.BREATHER_SEALED);
        }
        if (test != TestKind.BLOWBY && runs && has(SetUp.BREATHER_SEALED)) {
            needed.add(SetUp.BREATHER_OPEN);
        }
        return needed;
    }

    private void open(TestKind test, Set<SetUp> needed) {
        // What cannot run is read as cold as it is.
        if (wantsItHot(test) && !has(SetUp.WARM) && !has(SetUp.PLUGS_OUT) && !is(BenchState.ON_STAND)) {
            needed.add(SetUp.WARM);
        }
        if (!has(SetUp.PLUGS_OUT) && test != TestKind.CLEARANCE) {
            needed.add(SetUp.PLUGS_OUT);
        }
        if (WITH_AIR.contains(test) && !has(SetUp.AIR)) {
            needed.add(SetUp.AIR);
        }
    }

    /** What reads otherwise once it has cooled. */
    static boolean wantsItHot(TestKind test) {
        return test == TestKind.COMPRESSION || test == TestKind.LEAKDOWN;
    }

    /**
     * The bench run warm, where a test opens a cold engine and gauges follow that want it hot: with its plugs out it cannot be
     * warmed any more. Otherwise as it is.
     */
    Bench warmedFor(TestKind test, Collection<TestKind> following) {
        boolean opens =
                TestTable.phase(test) == TestTable.Phase.OPEN && before(test).contains(SetUp.PLUGS_OUT);
        if (!opens
                || has(SetUp.WARM)
                || is(BenchState.ON_STAND)
                || wantsItHot(test)
                || following.stream().noneMatch(Bench::wantsItHot)) {
            return this;
        }
        Set<SetUp> warm = EnumSet.of(SetUp.WARM);
        warm.addAll(setUp);
        return new Bench(engine, warm, said);
    }

    /** The bench after a test: what was set up stands. */
    Bench after(TestKind test) {
        Set<SetUp> now = EnumSet.noneOf(SetUp.class);
        now.addAll(setUp);
        Set<SetUp> added = before(test);
        now.addAll(added);
        if (added.contains(SetUp.PLUGS_IN)) {
            now.remove(SetUp.PLUGS_OUT);
            now.remove(SetUp.PLUGS_IN);
        }
        if (added.contains(SetUp.BREATHER_OPEN)) {
            now.remove(SetUp.BREATHER_SEALED);
            now.remove(SetUp.BREATHER_OPEN);
        }
        return new Bench(engine, now, said);
    }

    /** Minutes of a test here, its set-up included. */
    double minutes(PlannedTest test) {
        double hands = is(BenchState.HELPER) && FOR_TWO.contains(test.test()) ? WITH_HELPER : 1;
        return hands * test.minutes()
                + before(test.test()).stream()
                        .mapToDouble(s -> s.minutes(engine))
                        .sum();
    }
}
