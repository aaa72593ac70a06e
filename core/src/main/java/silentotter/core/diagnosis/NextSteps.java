package silentotter.core.diagnosis;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import silentotter.core.compression.CylinderResult;
import silentotter.core.compression.CylinderResult.Standing;
import silentotter.core.crankcase.CrankcaseHold;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.fault.Family;
import silentotter.core.finding.Finding;
import silentotter.core.intake.Intake.ComplaintKind;
import silentotter.core.job.JobRecord;
import silentotter.core.wording.Say;

/**
 * What to do next, from a table by the leading suspect and what was not done; never the test just done unless repeating it
 * is the point. Safety first, then what contradicts, then what splits.
 */
final class NextSteps {
    private static final int COMPRESSION_FIXED = 5;
    private static final int COMPRESSION_EACH = 2;
    private static final int LEAKDOWN_FIXED = 6;
    private static final int LEAKDOWN_EACH = 5;

    private final Engine engine;
    private final Results results;
    private final Tested tested;
    private final List<Suspect> suspects;
    private final List<DoubtedReading> measuring;
    private final List<Contradiction> contradictions;
    private final List<Finding> stops;
    private final List<NextStep> steps = new ArrayList<>();
    private boolean urgent = true;

    NextSteps(
            JobRecord record,
            Results results,
            Tested tested,
            List<Suspect> suspects,
            List<DoubtedReading> measuring,
            List<Contradiction> contradictions,
            List<Finding> stops) {
        this.engine = record.engine();
        this.results = results;
        this.tested = tested;
        this.suspects = suspects;
        this.measuring = measuring;
        this.contradictions = contradictions;
        this.stops = stops;
    }

    List<NextStep> steps() {
        stops.stream()
                .findFirst()
                .ifPresent(
                        s -> add("STOP", List.of(), s.tellApart().orElse("Settle this before it runs."), 0, s.says()));
        if (tested.nothing()) {
            urgent = false;
            first();
            return steps;
        }
        measuring.stream()
                .filter(d -> d.probability() >= Doubts.MEASURE_AGAIN)
                // A log that lies is mended before oil is concluded from; a valve does not wait for it.
                .filter(d -> !d.test().equals("OIL") || oilLeads())
                .findFirst()
                .ifPresent(d -> add(d.test(), d.cylinders(), d.remedy(), minutes(d), d.text()));
        contradictions.stream()
                .findFirst()
                .filter(c -> steps.isEmpty())
                .ifPresent(c -> add("RETEST", List.of(), c.remedy(), LEAKDOWN_EACH, c.text()));
        urgent = false;
        if (!tested.cranked().isEmpty()) {
            compression();
        }
        suspects.stream().filter(Suspect::testedFor).limit(2).forEach(this::bySuspect);
        missing();
        return steps;
    }

    private boolean oilLeads() {
        return suspects.stream()
                .filter(Suspect::testedFor)
                .findFirst()
                .filter(s -> s.family() == Family.OIL_ENTRY || s.family() == Family.OUTSIDE_LEAK)
                .isPresent();
    }

    private static int minutes(DoubtedReading d) {
        return d.test().equals("LEAKDOWN") ? LEAKDOWN_EACH : d.test().equals("COMPRESSION") ? COMPRESSION_EACH + 1 : 5;
    }

    private void first() {
        if (steps.isEmpty()) {
            compression();
        }
    }

    private void compression() {
        List<CylinderNumber> left = engine.arrangement().cylinders().stream()
                .filter(c -> !tested.cranked(c))
                .toList();
        if (!left.isEmpty()) {
            String which = left.size() == engine.arrangement().count()
                    ? "Compression, all cylinders."
                    : "Compression on " + Say.cylinders(left) + " too.";
            add(
                    "COMPRESSION",
                    left,
                    which,
                    COMPRESSION_FIXED + COMPRESSION_EACH * left.size(),
                    "It ranks the cylinders fastest.",
                    Hazards.STARTER);
        }
    }

    private void leakdown(List<CylinderNumber> on, String listening, String why) {
        List<CylinderNumber> left = on.stream().filter(c -> !tested.aired(c)).toList();
        if (!left.isEmpty()) {
            add(
                    "LEAKDOWN",
                    left,
                    "Leak-down on " + Say.cylinders(left) + ", listening " + listening + ".",
                    LEAKDOWN_FIXED + LEAKDOWN_EACH * left.size(),
                    why,
                    Hazards.AIR);
        }
    }

    private void bySuspect(Suspect s) {
        List<CylinderNumber> on = s.cylinders();
        Optional<CylinderNumber> c = on.stream().findFirst();
        switch (s.family()) {
            case RINGS -> {
                List<CylinderNumber> where = on.isEmpty() ? lowest() : on;
                c.ifPresent(this::oilFirst);
                leakdown(where, "at filler and dipstick tube", "Where the air comes out names the seal.");
                c.filter(x -> !tested.wet(x) && tested.cranked(x) && tested.wetMakesSense(x))
                        .ifPresent(this::wet);
                c.filter(x -> !tested.inside(x)).ifPresent(x -> camera(x, "scoring, a broken land"));
                add(
                        "SERVICE",
                        on,
                        "Soak the rings, run it warm, read again; then the bottom end.",
                        30,
                        "A stuck ring frees, a worn one does not.");
            }
            case VALVE_LEAK -> {
                List<CylinderNumber> where = on.isEmpty() ? lowest() : on;
                c.ifPresent(this::oilFirst);
                leakdown(where, "at intake and exhaust", "The ear tells which valve.");
                c.filter(x -> !hasClearance(x))
                        .ifPresent(x -> add(
                                "VALVES",
                                on,
                                "Valve clearance of cylinder " + Say.cylinder(x) + ".",
                                10,
                                "Cheaper than what follows: a tight one leaks."));
                c.filter(x -> tested.aired(x) && !tapped(x))
                        .ifPresent(x -> add(
                                "LEAKDOWN",
                                on,
                                "Vent, tap the valve of " + Say.cylinder(x) + " lightly, read leak-down again.",
                                6,
                                "What recovers was dirt or a sticking stem.",
                                Hazards.AIR));
                c.filter(x -> !tested.inside(x)).ifPresent(x -> camera(x, "the valve faces"));
                add("HEAD_OFF", on, "Head off: the seat.", 0, "Nothing cheaper is left to ask.");
            }
            case VALVE_MOTION -> {
                c.ifPresent(x -> add(
                        "VALVES",
                        on,
                        "Valve lift and clearance of " + Say.cylinder(x) + ".",
                        15,
                        "It seals at rest and fills badly: what moves is at fault, or the reading."));
                c.ifPresent(x -> add(
                        "COMPRESSION",
                        on,
                        "Compression of " + Say.cylinder(x) + " again, same strokes.",
                        3,
                        "One reading is cheap to repeat.",
                        Hazards.STARTER));
            }
            case GASKET_BETWEEN -> {
                leakdown(on, "at the neighbour's plug hole", "The neighbour's hole names the gasket.");
                add(
                        "LEAKDOWN",
                        on,
                        "Plug the neighbour's hole and listen again.",
                        5,
                        "An open valve on the same manifold sounds the same.",
                        Hazards.AIR);
            }
            case WATER_ENTRY -> {
                add(
                        "PRESSURE_TEST",
                        on,
                        "Pressure test of the coolant, cold, with a camera in the cylinders.",
                        25,
                        "It shows where the water comes in.",
                        Hazards.HOT_COOLANT);
                add(
                        "SIGNS",
                        List.of(),
                        "Chemical test of the coolant for combustion gas.",
                        10,
                        "Cheap, and it speaks both ways.",
                        Hazards.HOT_COOLANT);
            }
            case OIL_ENTRY -> oilEntry(s);
            case EVEN_WEAR -> {
                add(
                        "LEAKDOWN",
                        List.of(),
                        tested.aired().isEmpty()
                                ? "Leak-down on all, listening at the crankcase."
                                : "Read a drilled bleed hole on the tester, or repeat one cylinder hot.",
                        10,
                        "A tester that is off and even wear look alike.",
                        Hazards.AIR);
                blowby();
            }
            case OUTSIDE_LEAK ->
                add(
                        "SIGNS",
                        List.of(),
                        "Clean it, dust it with chalk or use dye, run, look again.",
                        30,
                        "Oil that goes outside is seen, not measured.");
            case CAM_TIMING ->
                add(
                        "TIMING",
                        List.of(),
                        "Check the timing marks, then cam lift.",
                        30,
                        "All low and even with good leak-down.");
            case ALL_ALIKE ->
                add(
                        "COMPRESSION",
                        List.of(),
                        "Throttle open, battery on charge, another gauge: read one cylinder again.",
                        5,
                        "All low alike is the measuring as often as the engine.",
                        Hazards.STARTER);
            case CRANKCASE_AIR -> crankcase();
            case BEARINGS ->
                add("SIGNS", List.of(), "Oil pressure hot; cut the filter open.", 20, "Settle that first.");
            case NOTHING_WRONG -> nothingWrong();
        }
    }

    private void crankcase() {
        CrankcaseHold hold = results.examination().crankcase();
        List<CylinderNumber> all = engine.arrangement().cylinders();
        List<CylinderNumber> left =
                all.stream().filter(c -> !hold.under(c).wasHeld()).toList();
        if (left.size() == all.size()) {
            add(
                    "CRANKCASE",
                    List.of(),
                    "Crankcase hold, pressure and vacuum, soap on the seals.",
                    15,
                    "It finds seals, base and reeds.",
                    Hazards.PUMPED);
            return;
        }
        if (!left.isEmpty()) {
            add(
                    "CRANKCASE",
                    left,
                    "Crankcase hold of the chamber under " + Say.cylinders(left) + " too.",
                    8,
                    "Each chamber has seals of its own.",
                    Hazards.PUMPED);
        }
        List<CylinderNumber> blown =
                all.stream().filter(c -> hold.under(c).leaksUnderPressure()).toList();
        List<CylinderNumber> drawn = all.stream()
                .filter(c -> hold.under(c).leaksUnderVacuum() && !blown.contains(c))
                .toList();
        if (!blown.isEmpty()) {
            add(
                    "CRANKCASE",
                    blown,
                    "Soap on both seals, base, reed block and intake joint of " + Say.cylinders(blown) + ".",
                    8,
                    "Bubbles name the place.",
                    Hazards.PUMPED);
        }
        if (!drawn.isEmpty()) {
            add(
                    "SERVICE",
                    drawn,
                    "Renew the crank seals of chamber " + Say.cylinders(drawn) + ", then hold it again both ways.",
                    90,
                    "A lip that only seals outwards shows no bubbles.");
        }
        if (left.isEmpty() && blown.isEmpty() && drawn.isEmpty()) {
            add(
                    "CRANKCASE",
                    List.of(),
                    "Crankcase hold again, warm, both ways.",
                    15,
                    "A seal that holds cold may leak warm.",
                    Hazards.PUMPED);
        }
    }

    private void oilEntry(Suspect s) {
        if (!tested.plugs() && !engine.isDiesel()) {
            add("PLUGS", List.of(), "Read the plugs as they come out.", 10, "One oily plug names its cylinder.");
        }
        List<CylinderNumber> here = s.members().stream()
                .filter(m -> m.probability() >= Odds.POSSIBLE.from())
                .flatMap(m -> m.cylinders().stream())
                .distinct()
                .toList();
        if (here.stream().anyMatch(c -> !tested.inside(c))) {
            add(
                    "INSIDE",
                    here,
                    "Camera on the valve backs and the crown of " + Say.cylinders(here) + ".",
                    8,
                    "Oil ring against stem seal: wet from below or from above.");
        } else if (!tested.inside()) {
            add("INSIDE", List.of(), "Camera on crowns and valve backs.", 15, "Wet from below or from above.");
        }
        if (!tested.smoke()) {
            add(
                    "SMOKE",
                    List.of(),
                    "Watch a start after standing, load and overrun.",
                    8,
                    "When it smokes tells seals from rings.");
        }
        if (!tested.oil()) {
            add("OIL", List.of(), "Measure the oil use.", 2, "The rate says whether it is worth opening.");
        }
        add(
                "OIL",
                List.of(),
                "Lead the ventilation away, clean plugs in, run, look again.",
                25,
                "It isolates the ventilation.");
    }

    /** While the compression gauge is still in, oil splits rings from valves for few minutes. */
    private void oilFirst(CylinderNumber x) {
        if (tested.cranked(x)
                && !tested.wet(x)
                && !tested.aired(x)
                && tested.wetMakesSense(x)
                && standing(x) == Standing.LOW) {
            wet(x);
        }
    }

    private void wet(CylinderNumber x) {
        Optional<CylinderNumber> sister = engine.arrangement().cylinders().stream()
                .filter(o -> standing(o) == Standing.LEVEL)
                .findFirst();
        add(
                "COMPRESSION",
                List.of(x),
                "Wet test on " + Say.cylinder(x)
                        + sister.map(o -> ", and on " + Say.cylinder(o) + " as control")
                                .orElse("") + ".",
                6,
                "Oil seals rings for a moment and valves never.",
                Hazards.OIL,
                Hazards.STARTER);
    }

    private void camera(CylinderNumber x, String what) {
        add(
                "INSIDE",
                List.of(x),
                "Camera into " + Say.cylinder(x) + ": " + what + ".",
                6,
                "It separates what pressure cannot.");
    }

    private void blowby() {
        if (!tested.flow()
                && engine.cycle() != silentotter.core.engine.Cycle.TWO_STROKE
                && engine.arrangement().count() > 2) {
            add(
                    "BLOWBY",
                    List.of(),
                    "Blow-by through the orifice, warm.",
                    16,
                    "It sees all rings together, running.",
                    Hazards.SHUT_CRANKCASE);
        }
    }

    private void nothingWrong() {
        boolean oil = results.intake().complains(ComplaintKind.OIL_USE)
                || results.intake().complains(ComplaintKind.SMOKE);
        if (oil && !tested.oil()) {
            add("OIL", List.of(), "Measure the oil use.", 2, "Tight valves and rings do not clear the oil rings.");
        }
        compression();
        if (tested.aired().isEmpty()) {
            leakdown(lowest(), "at every place", "Compression alone misses slow leaks.");
        }
    }

    /** What stands open whatever leads. */
    private void missing() {
        if (steps.isEmpty()) {
            compression();
            leakdown(engine.arrangement().cylinders(), "at every place", "Compression alone misses slow leaks.");
        }
    }

    private List<CylinderNumber> lowest() {
        List<CylinderNumber> low = results.compression().cylinders().values().stream()
                .filter(r -> r.standing() == Standing.LOW)
                .map(CylinderResult::cylinder)
                .toList();
        return low.isEmpty() ? engine.arrangement().cylinders() : low;
    }

    private Standing standing(CylinderNumber c) {
        CylinderResult r = results.compression().cylinders().get(c);
        return r == null ? Standing.NOT_READ : r.standing();
    }

    private boolean hasClearance(CylinderNumber c) {
        return results.examination().valves().cylinders().containsKey(c.value());
    }

    private boolean tapped(CylinderNumber c) {
        return results.leakdown().at(c).filter(l -> l.attempts() > 1).isPresent();
    }

    private void add(String test, List<CylinderNumber> on, String text, int minutes, String why, String... hazards) {
        if (steps.stream().noneMatch(s -> s.text().equals(text))) {
            steps.add(new NextStep(
                    List.of(new NextStep.NextTest(test, on)), text, minutes, 0, List.of(hazards), why, urgent));
        }
    }
}
