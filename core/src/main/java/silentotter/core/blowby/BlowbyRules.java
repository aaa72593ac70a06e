package silentotter.core.blowby;

import static silentotter.core.fault.Fault.BROKEN;
import static silentotter.core.fault.Fault.EVEN_WEAR;
import static silentotter.core.fault.Fault.RING_SEAL;
import static silentotter.core.fault.Fault.TURBO_SEAL;
import static silentotter.core.fault.Fault.VENTILATION;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import silentotter.core.engine.Engine;
import silentotter.core.fault.Fault;
import silentotter.core.finding.Judged;
import silentotter.core.finding.Rule;
import silentotter.core.finding.Statement;
import silentotter.core.quantity.Pressure;
import silentotter.core.signs.BreatherSigns.BreatherOil;
import silentotter.core.signs.Signs;
import silentotter.core.wording.Say;

/** What crankcase pressure and flow say. Judgement values from trade practice, each with its reason. */
final class BlowbyRules {
    static final String SOURCE = "BLOWBY";
    /** A working ventilation holds the crankcase below this at idle, Pa. */
    private static final double HIGH_AS_FOUND = 90;
    /** A shut crankcase blows its seals out from here, Pa. */
    private static final double STOP = 2500;

    private final Engine engine;
    private final BlowbyAnalysis said;
    private final Signs signs;

    private BlowbyRules(Engine engine, BlowbyAnalysis said, Signs signs) {
        this.engine = engine;
        this.said = said;
        this.signs = signs;
    }

    static List<Statement> read(Engine engine, BlowbyAnalysis said, Signs signs) {
        return new BlowbyRules(engine, said, signs).statements();
    }

    private List<Statement> statements() {
        if (said.points().isEmpty()) {
            return List.of();
        }
        return Stream.of(aboveStop(), flow(), asFound(), oilThrown())
                .flatMap(Optional::stream)
                .toList();
    }

    private Optional<Statement> aboveStop() {
        return rule(
                "blowby-above-stop",
                said.points().stream().anyMatch(p -> p.pressurePa().best() > STOP),
                "The crankcase stood above the stop: look at its seals before the engine runs again.",
                "More than " + Say.crankcase(Pressure.ofPa(STOP)) + " in a shut crankcase blows seals out.");
    }

    private Optional<Statement> flow() {
        Optional<BlowbyOpinion> leading = said.leading();
        if (said.grade().isEmpty() || leading.isEmpty()) {
            return Optional.empty();
        }
        String because = leading.get().says();
        double sure = leading.get().sure() ? 1 : 0.5;
        String apart = engine.isBoosted()
                ? "Leak-down says which cylinder. Charge air past turbo or blower seals, and compressor air from a brake or"
                        + " starter, imitate it: blank them off and read again."
                : "Leak-down says which cylinder, and whether it is one or all.";
        Fault[] behind = engine.isBoosted()
                ? new Fault[] {RING_SEAL, EVEN_WEAR, BROKEN, TURBO_SEAL}
                : new Fault[] {RING_SEAL, EVEN_WEAR, BROKEN};
        return switch (said.grade().get()) {
            case FAULT ->
                rule(
                        "blowby-high",
                        "Blow-by is high: gas gets past rings somewhere.",
                        because,
                        Math.pow(6, sure),
                        apart,
                        behind);
            case WATCH ->
                rule(
                        "blowby-watch",
                        "Blow-by is above what a sound engine shows.",
                        because,
                        Math.pow(2, sure),
                        apart,
                        behind);
            case SOUND ->
                rule(
                        "blowby-sound",
                        "Blow-by is that of sound rings.",
                        because + " An opening that nobody saw would read low by up to 30 %.",
                        Math.pow(0.4, sure),
                        "It clears all rings together, not each: one cylinder of several hides in the sum.",
                        RING_SEAL,
                        EVEN_WEAR,
                        BROKEN);
        };
    }

    private Optional<Statement> asFound() {
        Optional<PointResult> found = said.points().stream()
                .filter(p -> p.ventilation() == CrankcaseVent.AS_FOUND)
                .filter(p -> p.pressurePa().best() > HIGH_AS_FOUND)
                .findFirst();
        if (found.isEmpty()) {
            return Optional.empty();
        }
        String because = Say.crankcase(Pressure.ofPa(found.get().pressurePa().best()))
                + " as found, with the ventilation working; a sound one stands below "
                + Say.crankcase(Pressure.ofPa(HIGH_AS_FOUND)) + " or under suction.";
        if (said.grade().isEmpty()) {
            return rule(
                    "blowby-as-found-high",
                    "The crankcase has pressure as found: its ventilation, or more blow-by than it takes.",
                    because,
                    2,
                    "The orifice test with the ventilation shut tells the two apart.",
                    VENTILATION,
                    EVEN_WEAR,
                    RING_SEAL);
        }
        return said.grade().get() == Judged.SOUND
                ? rule(
                        "blowby-ventilation",
                        "High as found and normal through the orifice: it is the ventilation, not the rings.",
                        because,
                        12,
                        "Clean or change hose and valve, then read again as found.",
                        VENTILATION)
                : rule(
                        "blowby-explains-as-found",
                        "The pressure as found goes with the blow-by; the ventilation need not be at fault.",
                        because,
                        0.8,
                        "Read again as found once the blow-by is mended.",
                        VENTILATION);
    }

    private Optional<Statement> oilThrown() {
        boolean high = said.grade().filter(g -> g != Judged.SOUND).isPresent();
        boolean wet =
                signs.breather().breatherOil().filter(b -> b == BreatherOil.WET).isPresent();
        boolean thinned = signs.oil().fuelSmell().orElse(false);
        if (high && wet) {
            return rule(
                    "blowby-carries-oil",
                    "So much gas carries oil out of the breather: that part of the oil use goes with the blow-by.",
                    "Blow-by is high and the breather is wet.",
                    1.5,
                    "A bottle at the breather catches and measures it.",
                    RING_SEAL,
                    EVEN_WEAR);
        }
        return rule(
                "blowby-thin-oil",
                high && thinned,
                "Fuel has thinned the oil: thin oil seals rings badly, and blow-by reads high for it.",
                "Change the oil and read again before rings are blamed.");
    }

    private static Optional<Statement> rule(String name, boolean seen, String says, String because) {
        return Rule.<Boolean>of(name, b -> b, says, because).about(seen, SOURCE, List.of());
    }

    private static Optional<Statement> rule(
            String name, String says, String because, double ratio, String apart, Fault... suspects) {
        return Rule.<Boolean>of(name, b -> b, says, because)
                .pointsTo(ratio, suspects)
                .toldApartBy(apart)
                .about(true, SOURCE, List.of());
    }
}
