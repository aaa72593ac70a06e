package silentotter.core.examination;

import java.util.List;
import java.util.function.Predicate;
import silentotter.core.engine.Cycle;
import silentotter.core.engine.Engine;
import silentotter.core.engine.Traits.Cooling;
import silentotter.core.signs.Smoke.SmokeMoment;
import silentotter.core.wording.Labelled;

/**
 * A step that destroys evidence, and what can be captured only before it. Nothing is spoiled unseen.
 */
public enum LossyStep implements Labelled {
    START_COLD(
            capture(
                    "Smoke on starting needs somebody at the exhaust, and how long it stood",
                    x -> x.signs().smoke().containsKey(SmokeMoment.START_AFTER_STANDING)),
            capture("Oil level after standing", x -> x.signs().oil().level().isPresent()),
            capture(
                    "Seconds of cranking to fire, and at what temperature",
                    x -> x.intake().secondsToFire().isPresent()),
            liquid(
                    "Coolant level and film, the cap opened cold",
                    x -> x.signs().coolant().film().isPresent())),
    DRAIN_OIL(
            capture("Oil level", x -> x.signs().oil().level().isPresent()),
            capture(
                    "Oil state: colour, milk, smell, glitter",
                    x -> x.signs().oil().colour().isPresent()
                            || x.signs().oil().glitter().isPresent()),
            capture("A clean pan and a measure, so that what comes out is known", x -> false)),
    PULL_PLUGS(
            capture(
                    "Smoke at idle and under load, while it can still run",
                    x -> x.signs().smoke().size() > 1),
            fourStroke(
                    "Crankcase pressure or suction at idle",
                    x -> x.signs().breather().ventilation().isPresent()),
            capture(
                    "Oil pressure hot at speed",
                    x -> x.signs().oilPressure().hotKPa().isPresent()),
            capture("Labels for the plugs: print the label sheet", x -> false)),
    SPRAY(capture("Outside leaks, by place", x -> !x.signs().leaks().isEmpty())),
    POUR_OIL(
            spark("The plugs as they came out", x -> !x.plugs().plugs().isEmpty()),
            capture(
                    "A look inside: oil on the crown afterwards is yours",
                    x -> !x.inside().isEmpty()));

    /** One thing to capture, whether it has been, and which engines have it. */
    private record Capture(String what, Predicate<Engine> has, Predicate<Examination> captured) {}

    private final List<Capture> captures;

    LossyStep(Capture... captures) {
        this.captures = List.of(captures);
    }

    private static Capture capture(String what, Predicate<Examination> captured) {
        return new Capture(what, e -> true, captured);
    }

    private static Capture spark(String what, Predicate<Examination> captured) {
        return new Capture(what, e -> !e.isDiesel(), captured);
    }

    private static Capture fourStroke(String what, Predicate<Examination> captured) {
        return new Capture(what, e -> e.cycle() == Cycle.FOUR_STROKE, captured);
    }

    private static Capture liquid(String what, Predicate<Examination> captured) {
        return new Capture(
                what, e -> e.traits().cooling().filter(c -> c == Cooling.AIR).isEmpty(), captured);
    }

    /** The step, after "before you". */
    /** Whether the step is one of this engine's: no oil is poured into a diesel, nothing is pulled from one. */
    public boolean isOf(Engine engine) {
        return switch (this) {
            case PULL_PLUGS, POUR_OIL -> !engine.isDiesel();
            default -> true;
        };
    }

    /** What could be captured only now and has not been. */
    public List<String> missing(Engine engine, Examination examination) {
        return captures.stream()
                .filter(c -> c.has().test(engine) && !c.captured().test(examination))
                .map(Capture::what)
                .toList();
    }
}
