package silentotter.core.hidden;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import silentotter.core.blowby.BlowbyReading;
import silentotter.core.compression.CompressionPass;
import silentotter.core.compression.PassKind;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.examination.Examination;
import silentotter.core.examination.RoundChoices;
import silentotter.core.examination.TestKind;
import silentotter.core.job.JobRecord;
import silentotter.core.job.Observation;
import silentotter.core.leakdown.LeakdownReading;
import silentotter.core.oil.OilEntry;
import silentotter.core.plugs.PlugTray;
import silentotter.core.signs.Signs;

/** Of everything that a workshop read of an engine, only what was tested so far. */
public final class Revealed {
    /** The workshop has no camera, no gas test and no feeler gauge, and taps no valve. */
    private static final Set<TestKind> NOT_HERE =
            EnumSet.of(TestKind.INSIDE, TestKind.GAS_TEST, TestKind.CLEARANCE, TestKind.TAP);

    private final JobRecord whole;
    private final Set<TestKind> done;
    private final Set<CylinderNumber> aired;

    private Revealed(JobRecord whole, Set<TestKind> done, Set<CylinderNumber> aired) {
        this.whole = whole;
        this.done = done;
        this.aired = aired;
    }

    /** Only what the owner told. */
    public static Revealed nothing(JobRecord whole) {
        return new Revealed(whole, EnumSet.noneOf(TestKind.class), Set.of());
    }

    /** The same and a further test. @param cylinders of a leak-down test; other tests are taken as a whole */
    public Revealed and(TestKind test, List<CylinderNumber> cylinders) {
        Set<TestKind> more = EnumSet.of(test);
        more.addAll(done);
        Set<CylinderNumber> air = new HashSet<>(aired);
        if (test == TestKind.LEAKDOWN) {
            air.addAll(cylinders);
        }
        return new Revealed(whole, more, air);
    }

    /** What is known by now. */
    public JobRecord record() {
        List<Observation> shown = new ArrayList<>();
        for (Observation o : whole.observed()) {
            if (o instanceof CompressionPass pass
                            && done.contains(pass.kind() == PassKind.WET ? TestKind.WET : TestKind.COMPRESSION)
                    || o instanceof LeakdownReading air && aired.contains(air.cylinder())
                    || o instanceof BlowbyReading && done.contains(TestKind.BLOWBY)
                    || o instanceof OilEntry && done.contains(TestKind.OIL_TRIAL)) {
                shown.add(o);
            }
        }
        shown.add(examination(whole.last(Examination.class, Examination.EMPTY)));
        return new JobRecord(whole.engine(), whole.job(), shown);
    }

    private Examination examination(Examination all) {
        // What was done and showed nothing to write down is not asked for again.
        Map<TestKind, Boolean> excluded = new EnumMap<>(TestKind.class);
        NOT_HERE.forEach(t -> excluded.put(t, true));
        done.stream().filter(t -> t != TestKind.LEAKDOWN).forEach(t -> excluded.put(t, true));
        return Examination.of(
                        all.intake(),
                        signs(all.signs()),
                        done.contains(TestKind.PLUGS) ? all.plugs() : PlugTray.EMPTY,
                        Map.of(),
                        null,
                        null,
                        null)
                .with(RoundChoices.of(excluded, Optional.empty(), Optional.empty()));
    }

    private Signs signs(Signs all) {
        boolean looked = done.contains(TestKind.LOOK);
        return new Signs(
                looked ? all.oil() : null,
                looked ? all.coolant() : null,
                looked ? all.breather() : null,
                looked ? all.oilPressure() : null,
                looked ? all.leaks() : null,
                all.leaksContaminatedBy(),
                done.contains(TestKind.SMOKE) ? all.smoke() : null,
                Optional.empty());
    }
}
