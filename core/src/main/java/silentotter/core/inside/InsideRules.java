package silentotter.core.inside;

import static silentotter.core.fault.Fault.BROKEN;
import static silentotter.core.fault.Fault.COOLANT_ENTRY;
import static silentotter.core.fault.Fault.EVEN_WEAR;
import static silentotter.core.fault.Fault.EXHAUST_VALVE;
import static silentotter.core.fault.Fault.EXHAUST_WATER;
import static silentotter.core.fault.Fault.IGNITION;
import static silentotter.core.fault.Fault.OIL_CONTROL;
import static silentotter.core.fault.Fault.RICH;
import static silentotter.core.fault.Fault.RING_SEAL;
import static silentotter.core.fault.Fault.STEM_SEAL;
import static silentotter.core.fault.Fault.VALVE_HELD;

import java.util.List;
import java.util.Map;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.finding.Finding;
import silentotter.core.finding.Rule;
import silentotter.core.inside.CylinderInside.BoreWall;
import silentotter.core.inside.CylinderInside.Crown;
import silentotter.core.inside.CylinderInside.ExhaustFace;
import silentotter.core.inside.CylinderInside.IntakeBack;

/** What the camera says of a cylinder. It separates most of what pressure tests cannot. Trade practice. */
public final class InsideRules {
    private static final List<Rule<CylinderInside>> TABLE = List.of(
            Rule.<CylinderInside>of(
                            "inside-holed",
                            i -> i.has(Crown.HOLED),
                            "The piston is holed or broken: do not run it.",
                            "Seen with the camera.")
                    .pointsTo(20, BROKEN)
                    .rarer(.3, EXHAUST_VALVE, VALVE_HELD)
                    .stopsRunning(),
            Rule.<CylinderInside>of(
                            "inside-scored",
                            i -> i.has(BoreWall.SCORED),
                            "The bore is scored: rings cannot seal there.",
                            "Scores were seen on the wall.")
                    .pointsTo(8, RING_SEAL)
                    .rarer(.5, STEM_SEAL),
            Rule.<CylinderInside>of(
                            "inside-glazed",
                            i -> i.has(BoreWall.GLAZED),
                            "A glazed bore carries oil past the rings.",
                            "No hatch, a mirror instead.")
                    .pointsTo(2.5, OIL_CONTROL, EVEN_WEAR),
            Rule.<CylinderInside>of(
                            "inside-hatch",
                            i -> i.has(BoreWall.HATCH_SEEN),
                            "The hatch is still there: little bore wear.",
                            "Hatch marks were seen on the wall.")
                    .pointsTo(0.4, EVEN_WEAR)
                    .rarer(.6, RING_SEAL),
            Rule.<CylinderInside>of(
                            "inside-rust",
                            i -> i.has(BoreWall.RUSTY) && !i.has(Crown.WASHED_CLEAN),
                            "Rust: it stood damp, or water came in.",
                            "Rust on the wall.")
                    .pointsTo(2, EXHAUST_WATER, COOLANT_ENTRY)
                    .toldApartBy("How long it stood; whether the crown is washed."),
            Rule.<CylinderInside>of(
                            "inside-washed",
                            i -> i.has(Crown.WASHED_CLEAN) || i.waterMarks().orElse(false),
                            "Water gets in here.",
                            "The crown is washed clean or has water marks where carbon should be.")
                    .pointsTo(8, COOLANT_ENTRY, EXHAUST_WATER)
                    .rarer(.5, OIL_CONTROL)
                    .toldApartBy("Pressure test of the coolant with the camera in; a wet exhaust by its riser."),
            Rule.<CylinderInside>of(
                            "inside-oil-below",
                            i -> i.has(Crown.WET_OIL) && i.has(IntakeBack.DRY),
                            "Oil comes from below, past the rings.",
                            "Oil on the crown, the valve back dry.")
                    .pointsTo(5, OIL_CONTROL, RING_SEAL)
                    .rarer(.4, STEM_SEAL)
                    .toldApartBy("Compression and leak-down: good on both leaves the oil control ring."),
            Rule.<CylinderInside>of(
                            "inside-oil-above",
                            i -> i.has(IntakeBack.WET_OIL),
                            "Oil comes from above, past the stem.",
                            "The back of the intake valve is wet with oil.")
                    .pointsTo(6, STEM_SEAL)
                    .rarer(.5, OIL_CONTROL),
            Rule.<CylinderInside>of(
                            "inside-oil",
                            i -> i.has(Crown.WET_OIL) && i.intakeBack().isEmpty(),
                            "Oil stands on the crown; from above or from below is open.",
                            "Oil on the crown, the valve back not seen.")
                    .pointsTo(3, OIL_CONTROL, RING_SEAL, STEM_SEAL)
                    .toldApartBy("Turn the intake valve open and look at its back."),
            Rule.<CylinderInside>of(
                            "inside-fuel", i -> i.has(Crown.WET_FUEL), "Fuel is not burnt here.", "Fuel on the crown.")
                    .pointsTo(3, IGNITION, RICH),
            Rule.<CylinderInside>of(
                            "inside-burnt",
                            i -> i.has(ExhaustFace.BURNT),
                            "The exhaust valve is burnt.",
                            "A notch or a lighter sector on its edge.")
                    .pointsTo(12, EXHAUST_VALVE)
                    .rarer(.4, VALVE_HELD),
            Rule.<CylinderInside>of(
                            "inside-deposit",
                            i -> i.has(ExhaustFace.DEPOSIT_ON_SEAT),
                            "Something holds the exhaust valve off its seat.",
                            "A deposit stands on the seat.")
                    .pointsTo(5, VALVE_HELD, EXHAUST_VALVE));

    private InsideRules() {}

    /** Every line of the table, to be reviewed. */
    public static List<Finding> lines() {
        return TABLE.stream().map(Rule::line).toList();
    }

    /** Everything the camera says, cylinder by cylinder; what was spoiled weighs little. */
    public static List<Finding> read(Map<Integer, CylinderInside> inside) {
        return inside.entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .flatMap(e -> TABLE.stream()
                        .flatMap(r -> r.about(e.getValue(), "INSIDE", List.of(CylinderNumber.of(e.getKey()))).stream())
                        .map(s -> e.getValue()
                                .contaminatedBy()
                                .map(s::contaminatedBy)
                                .orElse(s)))
                .toList();
    }
}
