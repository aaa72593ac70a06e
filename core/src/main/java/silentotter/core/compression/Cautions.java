package silentotter.core.compression;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import silentotter.core.engine.Engine;
import silentotter.core.engine.Traits.Fuel;

/** What can hurt somebody during a compression test, for this engine. Trade practice; local codes come first. */
public final class Cautions {
    private record Caution(Predicate<Engine> bites, String text) {}

    private static final Predicate<Engine> ALWAYS = e -> true;
    private static final Predicate<Engine> SPARK = e -> !e.isDiesel();

    private static final List<Caution> TABLE = List.of(
            new Caution(
                    SPARK,
                    "Disable fuel and ignition and ground the spark before cranking with holes open: fuel mist and a spark burn."),
            new Caution(
                    e -> SPARK.test(e) && e.hasWetExhaust(),
                    "Ventilate and sniff the bilge before anything is switched."),
            new Caution(
                    Engine::hasWetExhaust,
                    "Wet exhaust: shut the seacock and drain the silencer before cranking, or water floods the cylinders. Tag it; open before start."),
            new Caution(
                    e -> e.traits().exhaust().isEmpty(),
                    "On a boat whose exhaust may be wet: seacock shut and silencer drained before cranking, or water floods the cylinders. Tag it; open before start."),
            new Caution(
                    e -> e.traits().fuel().filter(f -> f == Fuel.GAS).isPresent(),
                    "Shut off and purge the gas fuel. Licensed practice and local codes come first."),
            new Caution(
                    Engine::isDiesel,
                    "Wait for rail pressure to decay: injection pressure cuts skin. Secure the adapter. Never put oil in a diesel for a wet test."),
            new Caution(
                    ALWAYS,
                    "Bar the engine two turns by hand with the holes open first; stay clear of what may be thrown out."),
            new Caution(
                    ALWAYS, "Starter at most 10 seconds, then rest. Hands, hair and cables clear of belts and fans."));

    private Cautions() {}

    /** The cautions that bite on this engine, most urgent first. */
    public static List<String> of(Engine engine) {
        List<String> result = new ArrayList<>();
        TABLE.stream().filter(c -> c.bites().test(engine)).map(Caution::text).forEach(result::add);
        return result;
    }
}
