package silentotter.core.found;

import static java.util.Map.entry;
import static silentotter.core.fault.Fault.BROKEN;
import static silentotter.core.fault.Fault.COOLANT_ENTRY;
import static silentotter.core.fault.Fault.EXHAUST_VALVE;
import static silentotter.core.fault.Fault.GASKET_BETWEEN;
import static silentotter.core.fault.Fault.INTAKE_VALVE;
import static silentotter.core.fault.Fault.OIL_CONTROL;
import static silentotter.core.fault.Fault.RING_SEAL;
import static silentotter.core.fault.Fault.STEM_SEAL;
import static silentotter.core.fault.Fault.VALVE_HELD;
import static silentotter.core.fault.Fault.VALVE_NOT_OPENING;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import silentotter.core.fault.Fault;
import silentotter.core.found.CylinderFound.BoreFound;
import silentotter.core.found.CylinderFound.CrownFound;
import silentotter.core.found.CylinderFound.GasketLine;
import silentotter.core.found.CylinderFound.Lands;
import silentotter.core.found.CylinderFound.OilDrains;
import silentotter.core.found.CylinderFound.OilRingFound;
import silentotter.core.found.CylinderFound.RingsFound;
import silentotter.core.found.CylinderFound.Skirt;
import silentotter.core.found.EngineFound.HeadTest;
import silentotter.core.found.Known.HowKnown;
import silentotter.core.found.ValveFound.FluidTest;
import silentotter.core.found.ValveFound.Guide;
import silentotter.core.found.ValveFound.StemSealFound;
import silentotter.core.found.ValveFound.ValveFace;
import silentotter.core.found.ValveFound.ValveLift;

/**
 * What shows a fault in one cylinder, and what rules it out. A thing is ruled out only by what would have shown it: a head
 * that is off says nothing of the rings. Trade practice.
 */
public final class FoundRules {

    /** A cylinder with what its measures are held against. */
    public record Seen(CylinderFound cylinder, Found all) {
        private Optional<Boolean> any(Stream<Optional<Boolean>> measures) {
            List<Boolean> known = measures.flatMap(Optional::stream).toList();
            return known.isEmpty() ? Optional.empty() : Optional.of(known.contains(true));
        }

        /** Whether bore or rings are measured beyond their limits; empty where no measure has a limit. */
        Optional<Boolean> wornOut() {
            WearLimits l = all.limits();
            return any(Stream.concat(
                    Stream.of(
                            Found.beyond(cylinder.wearMm(), l.wearMm()),
                            Found.beyond(cylinder.taperMm(), l.taperMm()),
                            Found.beyond(cylinder.ovalityMm(), l.ovalityMm())),
                    cylinder.gapsMm().stream().map(g -> Found.beyond(Optional.of(g), l.gapMm()))));
        }

        boolean intake(Predicate<ValveFound> is) {
            return cylinder.intake().filter(is).isPresent();
        }

        boolean exhaust(Predicate<ValveFound> is) {
            return cylinder.exhaust().filter(is).isPresent();
        }

        boolean either(Predicate<ValveFound> is) {
            return intake(is) || exhaust(is);
        }

        boolean both(Predicate<ValveFound> are) {
            return intake(are) && exhaust(are);
        }
    }

    /** A line: what was found, and what it shows or rules out. */
    public record Line(Fault fault, boolean shows, HowKnown how, String found, Predicate<Seen> when) {}

    private static Line shows(Fault fault, String found, Predicate<Seen> when) {
        return new Line(fault, true, HowKnown.SEEN, found, when);
    }

    private static Line rulesOut(Fault fault, String found, Predicate<Seen> when) {
        return new Line(fault, false, HowKnown.SEEN, found, when);
    }

    private static Line measured(Fault fault, String found, Predicate<Seen> when) {
        return new Line(fault, true, HowKnown.MEASURED, found, when);
    }

    /** What shows comes first, so that the first line that holds is the answer. */
    private static final List<Line> TABLE = List.of(
            measured(
                    RING_SEAL,
                    "bore or ring gaps beyond their limit",
                    s -> s.wornOut().orElse(false)),
            shows(RING_SEAL, "rings stuck", s -> s.cylinder().is(RingsFound.STUCK)),
            shows(RING_SEAL, "rings worn", s -> s.cylinder().is(RingsFound.WORN)),
            shows(RING_SEAL, "bore scored", s -> s.cylinder().is(BoreFound.SCORED)),
            shows(RING_SEAL, "piston loose in its bore", s -> s.cylinder().is(Skirt.LOOSE)),
            rulesOut(
                    RING_SEAL,
                    "rings free in a bore with its hatch",
                    s -> s.cylinder().is(RingsFound.FREE)
                            && s.cylinder().is(BoreFound.HATCH_SEEN)
                            && !s.wornOut().orElse(false)),
            rulesOut(
                    RING_SEAL,
                    "rings free, bore and gaps within their limits",
                    s -> s.cylinder().is(RingsFound.FREE)
                            && s.wornOut().filter(worn -> !worn).isPresent()
                            && !s.cylinder().is(BoreFound.SCORED)),
            shows(BROKEN, "ring broken", s -> s.cylinder().is(RingsFound.BROKEN)),
            shows(BROKEN, "land broken out", s -> s.cylinder().is(Lands.BROKEN_OUT)),
            shows(BROKEN, "land cracked", s -> s.cylinder().is(Lands.CRACKED)),
            shows(BROKEN, "crown holed", s -> s.cylinder().is(CrownFound.HOLED)),
            rulesOut(
                    BROKEN,
                    "rings in one piece, lands whole",
                    s -> s.cylinder().is(Lands.WHOLE)
                            && s.cylinder().rings().isPresent()
                            && !s.cylinder().is(CrownFound.HOLED)),
            shows(
                    INTAKE_VALVE,
                    "fluid runs through the intake valve",
                    s -> s.intake(v -> v.is(FluidTest.RUNS_THROUGH))),
            shows(
                    INTAKE_VALVE,
                    "intake valve burnt or bent",
                    s -> s.intake(v -> v.is(ValveFace.BURNT) || v.is(ValveFace.BENT))),
            rulesOut(INTAKE_VALVE, "intake valve holds fluid", s -> s.intake(v -> v.is(FluidTest.TIGHT))),
            shows(
                    EXHAUST_VALVE,
                    "fluid runs through the exhaust valve",
                    s -> s.exhaust(v -> v.is(FluidTest.RUNS_THROUGH))),
            shows(
                    EXHAUST_VALVE,
                    "exhaust valve burnt or bent",
                    s -> s.exhaust(v -> v.is(ValveFace.BURNT) || v.is(ValveFace.BENT))),
            rulesOut(EXHAUST_VALVE, "exhaust valve holds fluid", s -> s.exhaust(v -> v.is(FluidTest.TIGHT))),
            shows(VALVE_HELD, "carbon on the seat", s -> s.either(v -> v.is(ValveFace.CARBON_ON_SEAT))),
            rulesOut(
                    VALVE_HELD,
                    "nothing on either seat",
                    s -> s.both(v ->
                            v.face().filter(f -> f != ValveFace.CARBON_ON_SEAT).isPresent())),
            shows(VALVE_NOT_OPENING, "a valve lifts too little", s -> s.either(v -> v.is(ValveLift.SHORT))),
            rulesOut(VALVE_NOT_OPENING, "both valves lift fully", s -> s.both(v -> v.is(ValveLift.FULL))),
            shows(COOLANT_ENTRY, "gasket open to the coolant", s -> s.cylinder().is(GasketLine.OPEN_TO_COOLANT)),
            shows(COOLANT_ENTRY, "water on the crown", s -> s.cylinder().is(CrownFound.WET_WATER)),
            rulesOut(
                    COOLANT_ENTRY,
                    "gasket whole, head pressed off tight",
                    s -> s.cylinder().gasket().isPresent()
                            && EngineFound.is(s.all().engine().head(), HeadTest.TIGHT)),
            shows(
                    GASKET_BETWEEN,
                    "gasket open to a neighbour",
                    s -> s.cylinder().is(GasketLine.OPEN_TO_NEIGHBOUR)),
            rulesOut(GASKET_BETWEEN, "gasket line whole", s -> s.cylinder().is(GasketLine.WHOLE)),
            shows(OIL_CONTROL, "oil ring stuck", s -> s.cylinder().is(OilRingFound.STUCK)),
            shows(OIL_CONTROL, "oil ring worn", s -> s.cylinder().is(OilRingFound.WORN)),
            shows(OIL_CONTROL, "oil drains blocked", s -> s.cylinder().is(OilDrains.BLOCKED)),
            rulesOut(
                    OIL_CONTROL,
                    "oil ring free, drains open",
                    s -> s.cylinder().is(OilRingFound.FREE) && s.cylinder().is(OilDrains.OPEN)),
            shows(
                    STEM_SEAL,
                    "stem seal hard, torn or off its guide",
                    s -> s.either(v ->
                            v.is(StemSealFound.HARD) || v.is(StemSealFound.TORN) || v.is(StemSealFound.OFF_ITS_GUIDE))),
            shows(STEM_SEAL, "valve guide worn", s -> s.either(v -> v.is(Guide.WORN))),
            rulesOut(
                    STEM_SEAL,
                    "stem seals soft, stems snug",
                    s -> s.both(v -> v.is(StemSealFound.SOFT) && v.is(Guide.SNUG))));

    /** What has to be looked at before a fault could have come out either way. */
    private static final Map<Fault, Predicate<Seen>> WHOLE = Map.ofEntries(
            entry(
                    RING_SEAL,
                    s -> s.cylinder().rings().isPresent()
                            && (s.cylinder().bore().isPresent() || s.wornOut().isPresent())),
            entry(
                    BROKEN,
                    s -> s.cylinder().rings().isPresent()
                            && s.cylinder().lands().isPresent()),
            entry(INTAKE_VALVE, s -> s.intake(v -> v.fluidTest().isPresent())),
            entry(EXHAUST_VALVE, s -> s.exhaust(v -> v.fluidTest().isPresent())),
            entry(VALVE_HELD, s -> s.both(v -> v.face().isPresent())),
            entry(VALVE_NOT_OPENING, s -> s.both(v -> v.lift().isPresent())),
            entry(
                    COOLANT_ENTRY,
                    s -> s.cylinder().gasket().isPresent()
                            && s.all().engine().head().isPresent()),
            entry(GASKET_BETWEEN, s -> s.cylinder().gasket().isPresent()),
            entry(
                    OIL_CONTROL,
                    s -> s.cylinder().oilRing().isPresent()
                            && s.cylinder().drains().isPresent()),
            entry(
                    STEM_SEAL,
                    s -> s.both(v -> v.stemSeal().isPresent() && v.guide().isPresent())));

    private FoundRules() {}

    /** Every line of the table, to be reviewed. */
    public static List<Line> lines() {
        return TABLE;
    }

    /** What is known of a fault in one cylinder, by the first line that holds; then by what mending it said. */
    static Known of(Fault fault, CylinderFound cylinder, Found all) {
        Seen seen = new Seen(cylinder, all);
        return TABLE.stream()
                .filter(l -> l.fault() == fault && l.when().test(seen))
                .findFirst()
                .map(l -> (l.shows() ? Known.present(l.how(), l.found()) : Known.absent(l.how(), l.found()))
                        .wholeOnly(WHOLE.get(fault).test(seen)))
                .orElseGet(() -> mended(cylinder.repair().get(fault)));
    }

    static Known mended(@Nullable Mended said) {
        return said == null
                ? Known.NOTHING
                : said == Mended.CURED
                        ? Known.present(HowKnown.REPAIR, "mended for it, and cured")
                        : Known.absent(HowKnown.REPAIR, "mended for it, and not cured");
    }
}
