package silentotter.core.round;

import java.util.Arrays;
import java.util.List;
import java.util.function.Predicate;
import silentotter.core.engine.Cycle;
import silentotter.core.engine.Engine;

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
}
