package silentotter.core.blowby;

import static silentotter.core.fault.Fault.BROKEN;
import static silentotter.core.fault.Fault.EVEN_WEAR;
import static silentotter.core.fault.Fault.RING_SEAL;
import static silentotter.core.fault.Fault.TURBO_SEAL;
import static silentotter.core.fault.Fault.VENTILATION;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import silentotter.core.engine.Engine;
import silentotter.core.finding.Finding;
import silentotter.core.finding.Judged;
import silentotter.core.finding.Rule;
import silentotter.core.quantity.Pressure;
import silentotter.core.signs.BreatherSigns.BreatherOil;
import silentotter.core.signs.Signs;
import silentotter.core.wording.Say;

/** What crankcase pressure and flow say. Judgement values from trade practice, each with its reason. */
public final class BlowbyRules {
    static final String SOURCE = "BLOWBY";
    /** A working ventilation holds the crankcase below this at idle, Pa. */
    private static final double HIGH_AS_FOUND = 90;
    /** A shut crankcase blows its seals out from here, Pa. */
    private static final double STOP = 2500;

    private static final String STOP_WORDS = Say.crankcase(Pressure.ofPa(STOP));
    private static final String HIGH_WORDS = Say.crankcase(Pressure.ofPa(HIGH_AS_FOUND));
    private static final String PAST_RINGS = "Gas in a shut crankcase comes past rings, or past what is blown into it.";
    private static final String CHARGE_AIR =
            "Leak-down says which cylinder. Charge air past turbo or blower seals, and compressor air from a brake or"
                    + " starter, imitate it: blank them off and read again.";

    /** What was read at the crankcase, with the signs that go with it. */
    private record Crankcase(BlowbyAnalysis said, Signs signs) {
        boolean grade(Judged as) {
            return leading().isPresent() && said.grade().filter(as::equals).isPresent();
        }

        Optional<BlowbyOpinion> leading() {
            return said.leading();
        }

        boolean unsure() {
            return !leading().orElseThrow().sure();
        }

        boolean high() {
            return said.grade().filter(g -> g != Judged.SOUND).isPresent();
        }

        Optional<PointResult> highAsFound() {
            return said.points().stream()
                    .filter(p -> p.ventilation() == CrankcaseVent.AS_FOUND)
                    .filter(p -> p.pressurePa().best() > HIGH_AS_FOUND)
                    .findFirst();
        }

        boolean asFound(Predicate<Optional<Judged>> grade) {
            return highAsFound().isPresent() && grade.test(said.grade());
        }

        String pressure() {
            return Say.crankcase(Pressure.ofPa(
                            highAsFound().orElseThrow().pressurePa().best()))
                    + " as found, with the ventilation working.";
        }

        boolean wet() {
            return signs.breather()
                    .breatherOil()
                    .filter(b -> b == BreatherOil.WET)
                    .isPresent();
        }

        boolean thinned() {
            return signs.oil().fuelSmell().orElse(false);
        }
    }

    private static final List<Rule<Crankcase>> TABLE = List.of(
            Rule.<Crankcase>of(
                    "blowby-above-stop",
                    c -> c.said().points().stream().anyMatch(p -> p.pressurePa().best() > STOP),
                    "The crankcase stood above the stop: look at its seals before the engine runs again.",
                    "More than " + STOP_WORDS + " in a shut crankcase blows seals out."),
            flow("blowby-high", Judged.FAULT, "Blow-by is high: gas gets past rings somewhere.", PAST_RINGS)
                    .pointsTo(6, RING_SEAL, EVEN_WEAR, BROKEN, TURBO_SEAL)
                    .toldApartBy("Leak-down says which cylinder, and whether it is one or all."),
            flow("blowby-watch", Judged.WATCH, "Blow-by is above what a sound engine shows.", PAST_RINGS)
                    .pointsTo(2, RING_SEAL, EVEN_WEAR, BROKEN, TURBO_SEAL)
                    .toldApartBy("Leak-down says which cylinder, and whether it is one or all."),
            flow(
                            "blowby-sound",
                            Judged.SOUND,
                            "Blow-by is that of sound rings.",
                            "An opening that nobody saw would read low by up to 30 %.")
                    .pointsTo(0.4, RING_SEAL, EVEN_WEAR, BROKEN)
                    .toldApartBy("It clears all rings together, not each: one cylinder of several hides in the sum."),
            found(
                            "blowby-as-found-high",
                            Optional::isEmpty,
                            "The crankcase has pressure as found: its ventilation, or more blow-by than it takes.")
                    .pointsTo(2, VENTILATION, EVEN_WEAR, RING_SEAL)
                    .toldApartBy("The orifice test with the ventilation shut tells the two apart."),
            found(
                            "blowby-ventilation",
                            g -> g.filter(j -> j == Judged.SOUND).isPresent(),
                            "High as found and normal through the orifice: it is the ventilation, not the rings.")
                    .pointsTo(12, VENTILATION)
                    .toldApartBy("Clean or change hose and valve, then read again as found."),
            found(
                            "blowby-explains-as-found",
                            g -> g.filter(j -> j != Judged.SOUND).isPresent(),
                            "The pressure as found goes with the blow-by; the ventilation need not be at fault.")
                    .pointsTo(0.8, VENTILATION)
                    .toldApartBy("Read again as found once the blow-by is mended."),
            Rule.<Crankcase>of(
                            "blowby-carries-oil",
                            c -> c.high() && c.wet(),
                            "So much gas carries oil out of the breather: that part of the oil use goes with the blow-by.",
                            "Blow-by is high and the breather is wet.")
                    .pointsTo(1.5, RING_SEAL, EVEN_WEAR)
                    .toldApartBy("A bottle at the breather catches and measures it."),
            Rule.<Crankcase>of(
                    "blowby-thin-oil",
                    c -> c.high() && !c.wet() && c.thinned(),
                    "Fuel has thinned the oil: thin oil seals rings badly, and blow-by reads high for it.",
                    "Change the oil and read again before rings are blamed."));

    private BlowbyRules() {}

    private static Rule<Crankcase> flow(String name, Judged as, String says, String because) {
        return Rule.<Crankcase>of(name, c -> c.grade(as), says, because)
                .measured(c -> c.leading().orElseThrow().says())
                .unsureWhen(Crankcase::unsure);
    }

    private static Rule<Crankcase> found(String name, Predicate<Optional<Judged>> grade, String says) {
        return Rule.<Crankcase>of(
                        name,
                        c -> c.asFound(grade),
                        says,
                        "A sound one stands below " + HIGH_WORDS + " or under suction.")
                .measured(Crankcase::pressure);
    }

    /** Every line of the table, to be reviewed. */
    public static List<Finding> lines() {
        return TABLE.stream().map(Rule::line).toList();
    }

    static List<Finding> read(Engine engine, BlowbyAnalysis said, Signs signs) {
        Crankcase crankcase = new Crankcase(said, signs);
        return TABLE.stream()
                .flatMap(r -> r.about(crankcase, SOURCE, List.of()).stream())
                .flatMap(f -> engine.isBoosted()
                        ? Stream.of(f.suspects().contains(TURBO_SEAL) ? f.toldApartBy(CHARGE_AIR) : f)
                        : f.without(TURBO_SEAL::equals).stream())
                .toList();
    }
}
