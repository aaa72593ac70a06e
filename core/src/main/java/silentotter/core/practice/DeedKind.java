package silentotter.core.practice;

import java.util.Optional;
import silentotter.core.examination.TestKind;
import silentotter.core.wording.Labelled;

/** What can be done to an engine in practice. */
public enum DeedKind implements Labelled {
    LOOK(TestKind.LOOK, false),
    SMOKE(TestKind.SMOKE, false),
    BLOWBY(TestKind.BLOWBY, false),
    PLUGS(TestKind.PLUGS, false),
    CRANK(TestKind.COMPRESSION, true),
    POUR_OIL(null, true),
    AIR(TestKind.LEAKDOWN, true),
    OIL_TRIAL(TestKind.OIL_TRIAL, false),
    WARM_UP(null, false),
    DRAIN_OIL(null, false);

    private final TestKind test;
    private final boolean ofCylinder;

    DeedKind(TestKind test, boolean ofCylinder) {
        this.test = test;
        this.ofCylinder = ofCylinder;
    }

    /** Which test of the round it is; empty for what only prepares, or spoils. */
    public Optional<TestKind> test() {
        return Optional.ofNullable(test);
    }

    /** Whether it is done to one cylinder. */
    public boolean isOfCylinder() {
        return ofCylinder;
    }

    /** Whether the engine must run for it. */
    public boolean runs() {
        return this == SMOKE || this == BLOWBY || this == WARM_UP || this == OIL_TRIAL;
    }
}
