package silentotter.core.signs;

import static silentotter.core.fault.Fault.BEARINGS;
import static silentotter.core.fault.Fault.BROKEN;
import static silentotter.core.fault.Fault.COOLANT_ENTRY;
import static silentotter.core.fault.Fault.EVEN_WEAR;
import static silentotter.core.fault.Fault.EXHAUST_WATER;
import static silentotter.core.fault.Fault.OIL_CHARGE;
import static silentotter.core.fault.Fault.OIL_CONTROL;
import static silentotter.core.fault.Fault.OUTSIDE_LEAK;
import static silentotter.core.fault.Fault.RICH;
import static silentotter.core.fault.Fault.RING_SEAL;
import static silentotter.core.fault.Fault.STEM_SEAL;
import static silentotter.core.fault.Fault.TURBO_SEAL;
import static silentotter.core.fault.Fault.VENTILATION;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import silentotter.core.finding.Contamination;
import silentotter.core.finding.Finding;
import silentotter.core.finding.Rule;
import silentotter.core.quantity.Pressure;
import silentotter.core.signs.BreatherSigns.AirBox;
import silentotter.core.signs.BreatherSigns.BreatherOil;
import silentotter.core.signs.BreatherSigns.Ventilation;
import silentotter.core.signs.CoolantSigns.CoolantFilm;
import silentotter.core.signs.CoolantSigns.CoolantLevel;
import silentotter.core.signs.CoolantSigns.GasTest;
import silentotter.core.signs.OilSigns.Metal;
import silentotter.core.signs.OilSigns.Milky;
import silentotter.core.signs.OilSigns.OilLevel;
import silentotter.core.signs.OilSigns.WaterKind;
import silentotter.core.signs.Signs.LeakAmount;
import silentotter.core.signs.Signs.LeakPlace;
import silentotter.core.signs.Smoke.SmokeColour;
import silentotter.core.signs.Smoke.SmokeLasting;
import silentotter.core.signs.Smoke.SmokeMoment;
import silentotter.core.wording.Say;

/** What oil, coolant, leaks, breather and smoke say. Judgement values from trade practice, each with its reason. */
public final class SignRules {
    private static final List<Rule<OilSigns>> OIL = List.of(
            Rule.<OilSigns>of(
                            "no-oil",
                            o -> o.has(OilLevel.NOT_ON_STICK),
                            "No oil on the stick: do not run it.",
                            "Without oil the bearings go first. Fill, find out how much, and where it went.")
                    .stopsRunning(),
            Rule.of(
                    "oil-low",
                    o -> o.has(OilLevel.BELOW_LOW_MARK),
                    "Oil below the low mark: top up and write down how much.",
                    "Running low kills the engine; a top-up that nobody writes down hides the oil use."),
            Rule.<OilSigns>of(
                            "overfilled",
                            o -> o.has(OilLevel.ABOVE_FULL_MARK),
                            "Over the full mark: overfilled, or fuel or coolant in the oil.",
                            "Overfilled oil is thrown past rings and breather, and falls fast at first.")
                    .pointsTo(3, OIL_CHARGE)
                    .rarer(.8, OIL_CONTROL)
                    .toldApartBy("Smell it for fuel, look for milk, drain to the mark and watch."),
            Rule.<OilSigns>of(
                            "milky-cap-condensation",
                            o -> o.is(Milky.CAP_ONLY) && !o.waterDrained().orElse(false),
                            "Milk under the cap alone: condensation or coolant, more likely condensation.",
                            "Short cold runs do it. It looks the same as coolant until somebody has drained and looked.")
                    .pointsTo(1.2, COOLANT_ENTRY)
                    .toldApartBy("Drain a little cold oil: does water come first? Then run it hot and look again."),
            Rule.<OilSigns>of(
                            "milky-oil",
                            o -> o.milkyInside()
                                    && !o.waterDrained().orElse(false)
                                    && !o.shortColdRuns().orElse(false),
                            "Milky oil: coolant in the oil until shown otherwise. Do not run it.",
                            "Milk in the oil itself, not only under the cap. Emulsion does not carry a bearing.")
                    .pointsTo(4, COOLANT_ENTRY)
                    .toldApartBy("Drain a little: clear water first means coolant or raw water. Test pressure cold.")
                    .stopsRunning(),
            Rule.<OilSigns>of(
                            "milky-oil-short-runs",
                            o -> o.milkyInside()
                                    && !o.waterDrained().orElse(false)
                                    && o.shortColdRuns().orElse(false),
                            "Milky oil after short cold runs: condensation can go this far; drain and look first.",
                            "Short cold runs were told, so condensation is not excluded.")
                    .pointsTo(2, COOLANT_ENTRY)
                    .toldApartBy("Drain a little cold oil: does water come first?"),
            Rule.<OilSigns>of(
                            "water-in-oil",
                            o -> o.waterDrained().orElse(false),
                            "Water in the oil: do not run it.",
                            "Water came first when it was drained.")
                    .pointsTo(12, COOLANT_ENTRY)
                    .toldApartBy("Salt or raw water against coolant: a test strip tells them apart.")
                    .stopsRunning(),
            Rule.<OilSigns>of(
                            "water-is-raw",
                            o -> o.isWater(WaterKind.RAW),
                            "Raw water, not coolant: it came back through a wet exhaust or out of a raw-water cooler.",
                            "Salt, or no colour of coolant, in the water that was found.")
                    .pointsTo(8, EXHAUST_WATER)
                    .toldApartBy("Riser, elbow and the valve behind them; pressure test of the oil cooler."),
            Rule.<OilSigns>of(
                            "water-is-not-coolant",
                            o -> o.isWater(WaterKind.RAW),
                            "Raw water speaks against gasket and head.",
                            "The jacket of an engine with a closed circuit holds coolant.")
                    .pointsTo(0.25, COOLANT_ENTRY),
            Rule.<OilSigns>of(
                            "water-is-coolant",
                            o -> o.isWater(WaterKind.COOLANT),
                            "Coolant, not raw water: gasket, head or liner lets it in.",
                            "The water that was found has the colour or the strip of the coolant.")
                    .pointsTo(6, COOLANT_ENTRY)
                    .toldApartBy("Pressure test of the coolant, cold, with a camera in the cylinders."),
            Rule.<OilSigns>of(
                            "water-is-not-raw",
                            o -> o.isWater(WaterKind.COOLANT),
                            "Coolant speaks against water back through the exhaust.",
                            "What comes back through a wet exhaust is raw water.")
                    .pointsTo(0.25, EXHAUST_WATER),
            Rule.of(
                    "dip-too-soon",
                    OilSigns::readTooSoon,
                    "The stick was read too soon: wait five minutes and more, then read it again.",
                    "Oil that has not run back yet is not on the stick, so the level reads low."),
            Rule.<OilSigns>of(
                            "fuel-in-oil",
                            o -> o.fuelSmell().orElse(false),
                            "Fuel in the oil: it thins the oil and washes the bores.",
                            "The oil smells of fuel. Rich running, a misfire or a leaking injector does that.")
                    .pointsTo(3, RICH)
                    .toldApartBy("Change the oil before oil use is measured; fuel hides the loss."),
            Rule.<OilSigns>of(
                            "metal-flakes",
                            o -> o.metal(Metal.FLAKES),
                            "Flakes of metal: stop running it.",
                            "Flakes in oil or filter come from bearings, rings or a piston.")
                    .pointsTo(8, BEARINGS, BROKEN)
                    .toldApartBy("Magnet: what sticks is iron, from rings; what does not is bearing or piston.")
                    .stopsRunning(),
            Rule.<OilSigns>of(
                            "metal-fine",
                            o -> o.metal(Metal.FINE) && !o.metal(Metal.FLAKES),
                            "Fine metal in the oil: more than ordinary wear, unless freshly built.",
                            "Fine glitter or fuzz on the magnet.")
                    .pointsTo(2, BEARINGS, EVEN_WEAR),
            Rule.<OilSigns>of(
                            "foam",
                            o -> o.foam().orElse(false),
                            "Foam: overfilled, or water or air in the oil.",
                            "Foaming oil carries air to the bearings.")
                    .pointsTo(2, OIL_CHARGE));

    private static final List<Rule<CoolantSigns>> COOLANT = List.of(
            Rule.<CoolantSigns>of(
                            "gas-test-positive",
                            c -> c.gasTest().filter(t -> t == GasTest.POSITIVE).isPresent(),
                            "Combustion gas in the coolant.",
                            "The chemical test turned.")
                    .pointsTo(20, COOLANT_ENTRY),
            Rule.<CoolantSigns>of(
                            "gas-test-negative",
                            c -> c.gasTest().filter(t -> t == GasTest.NEGATIVE).isPresent(),
                            "No combustion gas in the coolant.",
                            "The chemical test did not turn. A small crack may open only under load.")
                    .pointsTo(0.3, COOLANT_ENTRY),
            Rule.<CoolantSigns>of(
                            "coolant-falls",
                            c -> c.level()
                                    .filter(l -> l == CoolantLevel.FALLING_NO_DRIP)
                                    .isPresent(),
                            "Coolant goes somewhere inside.",
                            "The level falls and nothing drips.")
                    .pointsTo(3, COOLANT_ENTRY)
                    .toldApartBy("Pressure test overnight with a camera in the cylinders."),
            Rule.<CoolantSigns>of(
                            "coolant-drips",
                            c -> c.level()
                                    .filter(l -> l == CoolantLevel.FALLING_WITH_DRIP)
                                    .isPresent(),
                            "Coolant goes outside, at least some of it.",
                            "The level falls and a drip was found.")
                    .pointsTo(0.6, COOLANT_ENTRY),
            Rule.<CoolantSigns>of(
                            "coolant-bubbles",
                            c -> c.bubbles().orElse(false) || c.pressureCold().orElse(false),
                            "Gas gets into the coolant, or it was not bled.",
                            "Bubbles or pressure soon after a cold start, before heat could do it.")
                    .pointsTo(4, COOLANT_ENTRY)
                    .toldApartBy("Bleed it, then the chemical test."),
            Rule.<CoolantSigns>of(
                            "coolant-oil-film",
                            c -> c.film().filter(f -> f != CoolantFilm.CLEAN).isPresent(),
                            "Oil in the coolant: gasket, cooler or a crack.",
                            "Film or froth on the coolant.")
                    .pointsTo(2, COOLANT_ENTRY)
                    .toldApartBy("An oil cooler does this too: pressure-test it by itself."));

    private static final List<Rule<Signs>> AROUND = List.of(
            Rule.<Signs>of(
                            "ventilation-pressure",
                            s -> s.breather()
                                    .ventilation()
                                    .filter(v -> v == Ventilation.PRESSURE)
                                    .isPresent(),
                            "The crankcase has pressure at idle with its ventilation working.",
                            "A working ventilation holds a light suction at idle: it is blocked, or blow-by is more than it takes.")
                    .pointsTo(4, VENTILATION, RING_SEAL, EVEN_WEAR)
                    .toldApartBy(
                            "Blow-by through the orifice with the ventilation shut: normal there means ventilation."),
            Rule.<Signs>of(
                            "ventilation-blocked",
                            s -> s.breather().hoseBlocked().orElse(false),
                            "The ventilation is blocked: clean it before anything else is concluded.",
                            "Hose or valve was found blocked; that alone pushes oil past rings and seals.")
                    .pointsTo(10, VENTILATION)
                    .rarer(.6, STEM_SEAL, OIL_CONTROL),
            Rule.<Signs>of(
                            "breather-wet",
                            s -> s.breather()
                                    .breatherOil()
                                    .filter(b -> b == BreatherOil.WET)
                                    .isPresent(),
                            "Oil comes out of the breather.",
                            "Heavy blow-by carries oil along; so does an overfilled sump.")
                    .pointsTo(2.5, RING_SEAL, EVEN_WEAR, BROKEN),
            Rule.<Signs>of(
                            "air-box-oil",
                            s -> s.breather()
                                    .airBox()
                                    .filter(a -> a == AirBox.POOLED)
                                    .isPresent(),
                            "Oil goes back into the intake by the breather, or past the turbocharger.",
                            "Oil stands in the air box or duct.")
                    .pointsTo(2.5, VENTILATION, TURBO_SEAL, EVEN_WEAR)
                    .rarer(.7, OIL_CONTROL)
                    .toldApartBy("Lead the breather into a bottle and run it: a dry duct then was the breather."),
            Rule.<Signs>of(
                            "oil-pressure-low",
                            s -> s.oilPressure().lowHot().orElse(false),
                            "Oil pressure hot is below the general rule: settle that before any seal test.",
                            "Less than " + Say.pressure(Pressure.ofKPa(70))
                                    + " for each 1000 rpm when hot. The maker's figure wins.")
                    .pointsTo(6, BEARINGS)
                    .toldApartBy("Grade and dilution of the oil first, then pump, then bearings.")
                    .stopsRunning(),
            Rule.<Signs>of(
                            "riser-wet",
                            s -> s.leaksAt(LeakPlace.EXHAUST_ELBOW),
                            "The wet exhaust leaks at its elbow or riser: water can run back into cylinders.",
                            "Water or rust was seen at elbow or riser.")
                    .pointsTo(3, EXHAUST_WATER));

    private static final List<Rule<Signs>> LEAKS = List.of(
            Rule.<Signs>of(
                            "drips-outside",
                            s -> s.anyLeak(LeakAmount.DRIPS),
                            "Some of the loss is outside.",
                            "It drips. A drip every few seconds is a litre in some days.")
                    .pointsTo(5, OUTSIDE_LEAK)
                    .toldApartBy("Clean it, dust it with chalk or use dye, run, look again."),
            Rule.<Signs>of(
                            "damp-outside",
                            s -> s.anyLeak(LeakAmount.DAMP) && !s.anyLeak(LeakAmount.DRIPS),
                            "Damp places lose little oil.",
                            "Damp, but no drip: rarely worth a measurable loss.")
                    .pointsTo(1.3, OUTSIDE_LEAK),
            Rule.<Signs>of(
                            "dry-outside",
                            s -> s.leaks().size() >= 3
                                    && s.leaks().values().stream().allMatch(a -> a == LeakAmount.DRY),
                            "Dry outside: oil that goes, goes inside.",
                            "Three places or more were looked at and dry.")
                    .pointsTo(0.4, OUTSIDE_LEAK));

    private static final List<Rule<Signs>> SMOKE = List.of(
            Rule.<Signs>of(
                            "smoke-after-standing",
                            s -> s.smokes(SmokeMoment.START_AFTER_STANDING, SmokeColour.BLUE),
                            "Oil ran down from above while it stood.",
                            "A blue puff on starting after standing: stem seals. Flat and leaning engines pool oil in the bores, and a freshly built one burns assembly oil.")
                    .pointsTo(4, STEM_SEAL)
                    .toldApartBy(
                            "PlugLook at the valve backs with a camera; let it stand longer and see whether the puff grows."),
            Rule.<Signs>of(
                            "smoke-load",
                            s -> s.smokes(SmokeMoment.LOAD, SmokeColour.BLUE),
                            "Oil passes the rings under load.",
                            "Blue under load and rising revs.")
                    .pointsTo(2.5, RING_SEAL, EVEN_WEAR, OIL_CONTROL)
                    .toldApartBy(
                            "Compression and leak-down find worn rings; both even and good leaves the oil control ring."),
            Rule.<Signs>of(
                            "smoke-overrun",
                            s -> s.smokes(SmokeMoment.OVERRUN, SmokeColour.BLUE),
                            "Oil is sucked in past stems and seals.",
                            "Blue on the overrun and just after it: deep suction above worn guides.")
                    .pointsTo(2.5, STEM_SEAL),
            Rule.<Signs>of(
                            "smoke-idle",
                            s -> s.smokes(SmokeMoment.IDLE, SmokeColour.BLUE),
                            "Oil is burnt at idle.",
                            "Blue at idle: stems, ventilation, or a turbocharger seal.")
                    .pointsTo(1.8, STEM_SEAL, VENTILATION, TURBO_SEAL)
                    .rarer(.7, OUTSIDE_LEAK),
            Rule.<Signs>of(
                            "smoke-always-blue",
                            s -> s.smokes(SmokeMoment.ALWAYS, SmokeColour.BLUE),
                            "Oil is burnt all the time.",
                            "Blue always: rings, or a great deal of oil by another way.")
                    .pointsTo(3, EVEN_WEAR, OIL_CONTROL, BROKEN)
                    .rarer(.5, OUTSIDE_LEAK),
            Rule.<Signs>of(
                            "white-stays",
                            s -> s.smoke().values().stream()
                                    .anyMatch(k -> k.is(SmokeColour.WHITE) && k.lasts(SmokeLasting.STAYS)),
                            "Water gets into a cylinder.",
                            "White that stays once it is warm.")
                    .pointsTo(3, COOLANT_ENTRY, EXHAUST_WATER)
                    .toldApartBy("With a wet exhaust some vapour is always there: smell it, watch the coolant level."),
            Rule.of(
                    "white-goes",
                    s -> s.smoke().values().stream()
                            .anyMatch(k -> k.is(SmokeColour.WHITE) && !k.lasts(SmokeLasting.STAYS)),
                    "Vapour that goes as it warms is nothing.",
                    "White that stops when warm, or on a cold day, is the water of combustion."),
            Rule.<Signs>of(
                            "black-smoke",
                            s -> s.smoke().values().stream().anyMatch(k -> k.is(SmokeColour.BLACK)),
                            "Mixture, air filter or injection.",
                            "Black smoke is unburnt fuel, not oil.")
                    .pointsTo(4, RICH),
            Rule.<Signs>of(
                            "no-smoke",
                            Signs::noSmokeSeen,
                            "No visible smoke does not clear an engine that uses oil.",
                            "Watched and none seen. Slow oil use burns without smoke.")
                    .pointsTo(0.8, STEM_SEAL, EVEN_WEAR, OIL_CONTROL));

    private SignRules() {}

    /** Every line of the tables, to be reviewed. */
    public static List<Finding> lines() {
        return Stream.<List<? extends Rule<?>>>of(OIL, COOLANT, AROUND, LEAKS, SMOKE)
                .flatMap(List::stream)
                .map(Rule::line)
                .toList();
    }

    /** Everything that the signs say; what was spoiled weighs little. */
    public static List<Finding> read(Signs signs) {
        List<Finding> result = new ArrayList<>();
        apply(OIL, signs.oil(), "SIGNS", signs.oil().contaminatedBy(), result);
        apply(COOLANT, signs.coolant(), "SIGNS", signs.coolant().contaminatedBy(), result);
        apply(AROUND, signs, "SIGNS", Optional.empty(), result);
        apply(LEAKS, signs, "SIGNS", signs.leaksContaminatedBy(), result);
        apply(SMOKE, signs, "SMOKE", Optional.empty(), result);
        return result;
    }

    private static <T> void apply(
            List<Rule<T>> table, T seen, String source, Optional<Contamination> by, List<Finding> into) {
        table.stream()
                .flatMap(r -> r.about(seen, source, List.of()).stream())
                .map(s -> by.map(s::contaminatedBy).orElse(s))
                .forEach(into::add);
    }
}
