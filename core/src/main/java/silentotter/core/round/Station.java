package silentotter.core.round;

import java.util.Arrays;
import java.util.List;
import java.util.function.Predicate;
import silentotter.core.crankcase.CrankcaseHold;
import silentotter.core.engine.Cycle;
import silentotter.core.engine.Engine;
import silentotter.core.examination.Examination;

/** The stations of the round in the order of the work; which of them an engine has depends on its kind. */
public enum Station {
    INTAKE(e -> true),
    SIGNS(e -> true),
    SMOKE(e -> true),
    PLUGS(e -> !e.isDiesel()),
    INSIDE(e -> true),
    CRANKCASE(e -> e.cycle() == Cycle.TWO_STROKE),
    COMPRESSION(e -> true),
    LEAKDOWN(e -> true),
    VERDICT(e -> true);

    private final Predicate<Engine> has;

    Station(Predicate<Engine> has) {
        this.has = has;
    }

    /** The stations of this engine in order. A diesel has no spark plugs; only a two-stroke shuts its crankcase. */
    public static List<Station> of(Engine engine) {
        return Arrays.stream(values()).filter(s -> s.has.test(engine)).toList();
    }

    /** The same, and those that hold something from before the engine was known for what it is: nothing is hidden. */
    public static List<Station> of(Engine engine, Examination examination) {
        return Arrays.stream(values())
                .filter(s -> s.has.test(engine) || s.holds(examination))
                .toList();
    }

    private boolean holds(Examination examination) {
        return switch (this) {
            case PLUGS -> !examination.plugs().plugs().isEmpty();
            case CRANKCASE -> !examination.crankcase().equals(CrankcaseHold.EMPTY);
            default -> false;
        };
    }
}
