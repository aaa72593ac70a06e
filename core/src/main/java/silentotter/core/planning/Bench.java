package silentotter.core.planning;

import java.util.EnumSet;
import java.util.Set;
import silentotter.core.engine.Engine;
import silentotter.core.examination.TestKind;

/**
 * What state engine and workshop are in, as far as a plan depends on it. Immutable; each test done gives the next.
 *
 * @param setUp what stands ready
 */
record Bench(Engine engine, Set<SetUp> setUp) {
    Bench {
        setUp = setUp.isEmpty() ? Set.of() : Set.copyOf(setUp);
    }

    boolean has(SetUp what) {
        return setUp.contains(what);
    }

    /** What must be set up before a test. */
    Set<SetUp> before(TestKind test) {
        Set<SetUp> needed = EnumSet.noneOf(SetUp.class);
        switch (TestTable.phase(test)) {
            case STOOD -> {
                if (test == TestKind.SMOKE && has(SetUp.PLUGS_OUT)) {
                    needed.add(SetUp.PLUGS_IN);
                }
            }
            case RUNNING -> {
                if (has(SetUp.PLUGS_OUT)) {
                    needed.add(SetUp.PLUGS_IN);
                }
                if (!has(SetUp.WARM) || has(SetUp.PLUGS_OUT)) {
                    needed.add(SetUp.WARM);
                }
            }
            case OPEN -> open(test, needed);
            case AFTERWARDS -> {
                if (has(SetUp.PLUGS_OUT)) {
                    needed.add(SetUp.PLUGS_IN);
                }
            }
        }
        return needed;
    }

    private void open(TestKind test, Set<SetUp> needed) {
        boolean gauge = test == TestKind.COMPRESSION || test == TestKind.LEAKDOWN;
        if (gauge && !has(SetUp.WARM) && !has(SetUp.PLUGS_OUT)) {
            needed.add(SetUp.WARM);
        }
        if (!has(SetUp.PLUGS_OUT) && test != TestKind.CLEARANCE) {
            needed.add(SetUp.PLUGS_OUT);
        }
        if ((test == TestKind.LEAKDOWN || test == TestKind.TAP) && !has(SetUp.AIR)) {
            needed.add(SetUp.AIR);
        }
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
        return new Bench(engine, now);
    }

    /** Minutes of a test here, its set-up included. */
    double minutes(PlannedTest test) {
        return test.minutes()
                + before(test.test()).stream()
                        .mapToDouble(s -> s.minutes(engine))
                        .sum();
    }
}
