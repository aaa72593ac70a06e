package silentotter.core.blowby;

import java.util.List;
import java.util.stream.Stream;
import silentotter.core.engine.Engine;
import silentotter.core.quantity.Length;
import silentotter.core.quantity.Pressure;
import silentotter.core.wording.Say;

/** What can hurt somebody, or the engine, at a blow-by test. Trade practice; local codes come first. */
public final class Cautions {
    /** Engines of this bore have crankcases in which oil mist explodes. */
    private static final Length LARGE = Length.ofMm(200);

    private static final List<String> ALWAYS = List.of(
            "Stop at " + Say.crankcase(Pressure.ofPa(2500)) + ": a shut crankcase blows its seals out.",
            "The engine runs: exhaust led outside, hands, hair and hoses clear of belts and fans.",
            "Crankcase gas is hot, oily and burns: lead it away from the exhaust.");

    private Cautions() {}

    /** Most urgent first. */
    public static List<String> of(Engine engine) {
        boolean large = engine.size().bore().filter(b -> b.mm() >= LARGE.mm()).isPresent();
        String door = "Never open a hot crankcase of this size: oil mist explodes as air gets in.";
        return large ? Stream.concat(Stream.of(door), ALWAYS.stream()).toList() : ALWAYS;
    }
}
