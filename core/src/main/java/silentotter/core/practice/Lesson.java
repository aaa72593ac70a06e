package silentotter.core.practice;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import silentotter.core.fault.Family;
import silentotter.core.fault.Fault;
import silentotter.core.hidden.Equipment;
import silentotter.core.hidden.HiddenFault;
import silentotter.core.instruments.LeakdownTester;
import silentotter.core.instruments.LeakdownTester.TesterKind;
import silentotter.core.intake.Intake.ComplaintKind;
import silentotter.core.quantity.Length;
import silentotter.core.quantity.Pressure;

/**
 * A hand-made case that teaches one thing.
 *
 * @param number 1 to 20, in the order in which they are best taken
 * @param title said afterwards, since it gives the answer away
 * @param complaint as the owner tells it
 * @param told what that complains of; empty where nobody complains
 * @param teaches the one thing, in a few sentences
 */
public record Lesson(
        int number,
        String title,
        PracticeEngines engine,
        String complaint,
        Optional<ComplaintKind> told,
        Hidden hidden,
        String teaches) {

    /** What nobody is told. */
    record Hidden(List<HiddenFault> faults, Equipment equipment) {}

    /** A tester that everybody knows, and that is right unless the lesson says otherwise. */
    private static final Equipment GOOD = new Equipment(
            1,
            0,
            Optional.of(new LeakdownTester(
                    "bench",
                    TesterKind.TWO_GAUGES,
                    Optional.of(Pressure.ofKPa(690)),
                    Optional.of(Length.ofMm(1.016)),
                    1,
                    1,
                    false)));

    private static Hidden fault(Fault fault, double size, Integer... cylinders) {
        return new Hidden(List.of(new HiddenFault(fault, List.of(cylinders), size)), GOOD);
    }

    private static Hidden and(Hidden one, Hidden other) {
        return new Hidden(
                Stream.concat(one.faults().stream(), other.faults().stream()).toList(), one.equipment());
    }

    private static Hidden with(Hidden faults, double testerFactor, double adapterMm2) {
        return new Hidden(faults.faults(), new Equipment(testerFactor, adapterMm2, GOOD.tester()));
    }

    private static final Hidden NOTHING = new Hidden(List.of(), GOOD);

    /** All of them, in order. */
    public static final List<Lesson> ALL = List.of(
            new Lesson(
                    1,
                    "Oil lifts it: rings",
                    PracticeEngines.FOUR,
                    "Smokes a little under load, and uses oil since spring.",
                    Optional.of(ComplaintKind.SMOKE),
                    fault(Fault.RING_SEAL, 4.5, 3),
                    "One cylinder low, lifted by a spoonful of oil, air at the oil filler: rings or bore. Oil seals rings for"
                            + " some minutes and never a valve."),
            new Lesson(
                    2,
                    "Oil does not lift it: a valve",
                    PracticeEngines.FOUR,
                    "Runs unevenly at idle, and has lost its pull.",
                    Optional.of(ComplaintKind.LOW_POWER),
                    fault(Fault.EXHAUST_VALVE, 1.9, 2),
                    "One cylinder low, oil changes little, air at the exhaust: a valve that leaks. Where the air comes out"
                            + " names the part; the figure only says how much."),
            new Lesson(
                    3,
                    "Air at the filter",
                    PracticeEngines.SIX,
                    "Spits back through the intake when cold.",
                    Optional.of(ComplaintKind.MISFIRE),
                    fault(Fault.INTAKE_VALVE, 2.8, 5),
                    "Air at the air filter with the throttle open is the intake valve of the cylinder under test, if its"
                            + " stroke is the right one."),
            new Lesson(
                    4,
                    "Even and low",
                    PracticeEngines.FOUR,
                    "Tired all over, starts hard, breathes from the filler.",
                    Optional.of(ComplaintKind.HARD_START),
                    fault(Fault.EVEN_WEAR, 2.6),
                    "All alike is not all well. No cylinder stands out, so nothing does when they are compared with each"
                            + " other; leak-down and blow-by know what is usual."),
            new Lesson(
                    5,
                    "Low and tight: cam timing",
                    PracticeEngines.FOUR,
                    "Weak since the belt was changed.",
                    Optional.of(ComplaintKind.LOW_POWER),
                    fault(Fault.CAM_TIMING, .32),
                    "All cylinders low by as much, and all tight in leak-down: the air is shut in too late. A compression"
                            + " gauge reads cam timing as well as seal."),
            new Lesson(
                    6,
                    "Two neighbours",
                    PracticeEngines.FOUR,
                    "Misses on two cylinders since it got hot.",
                    Optional.of(ComplaintKind.MISFIRE),
                    fault(Fault.GASKET_BETWEEN, 4, 2, 3),
                    "Two neighbours low together, and air out of the plug hole beside: the gasket between them. Plug the"
                            + " holes of all others first, or open valves fool you."),
            new Lesson(
                    7,
                    "Bubbles",
                    PracticeEngines.FOUR,
                    "Loses coolant and nobody finds where.",
                    Optional.of(ComplaintKind.COOLANT_LOSS),
                    fault(Fault.COOLANT_ENTRY, 1.5, 4),
                    "A small leak into the coolant hardly moves a gauge. Bubbles at the filler neck tell it, on a cold"
                            + " engine, with the cap off."),
            new Lesson(
                    8,
                    "Good leak-down, bad oil ring",
                    PracticeEngines.FOUR,
                    "A litre of oil in five hundred kilometres.",
                    Optional.of(ComplaintKind.OIL_USE),
                    fault(Fault.OIL_CONTROL, 1.6),
                    "Oil rings wipe oil and hold no pressure: compression and leak-down are sound while oil goes by. Only"
                            + " measured use, plugs and smoke tell."),
            new Lesson(
                    9,
                    "Blue after standing",
                    PracticeEngines.FOUR,
                    "Blue smoke in the morning, gone after a minute.",
                    Optional.of(ComplaintKind.SMOKE),
                    fault(Fault.STEM_SEAL, 1.5),
                    "Oil runs down the stems while it stands, and burns at the next start. Whoever starts the engine"
                            + " before looking has lost the sign."),
            new Lesson(
                    10,
                    "The breather",
                    PracticeEngines.SIX,
                    "Oil in the air filter, and wet seals.",
                    Optional.of(ComplaintKind.OIL_FROM_BREATHER),
                    fault(Fault.VENTILATION, 1.2),
                    "Pressure in the crankcase as found, and sound once the vent is shut and an orifice fitted: the"
                            + " ventilation is blocked, not the rings worn. Measure as found first."),
            new Lesson(
                    11,
                    "Oil on the floor",
                    PracticeEngines.FOUR,
                    "Uses oil, but never smokes.",
                    Optional.of(ComplaintKind.OIL_USE),
                    fault(Fault.OUTSIDE_LEAK, 1.3),
                    "What is used need not be burnt. Look at the outside, before anything is loosened or wiped."),
            new Lesson(
                    12,
                    "A sound engine",
                    PracticeEngines.FOUR,
                    "Bought last week; the owner wants to know what he has.",
                    Optional.empty(),
                    NOTHING,
                    "Nothing wrong is an answer too, and has to be said with as much certainty as the tests allow and no"
                            + " more."),
            new Lesson(
                    13,
                    "The tester that lies",
                    PracticeEngines.FOUR,
                    "Low on power, and another workshop found it tight.",
                    Optional.of(ComplaintKind.LOW_POWER),
                    with(fault(Fault.RING_SEAL, 2.6, 4), 1.7, 0),
                    "An orifice that was drilled out reads every cylinder tighter than it is. Compression does not fit"
                            + " what the tester says: calibrate it before you believe it."),
            new Lesson(
                    14,
                    "The adapter",
                    PracticeEngines.THREE,
                    "A check before the season.",
                    Optional.empty(),
                    with(NOTHING, 1, 1.4),
                    "Every cylinder leaks alike, compression is sound, and the hiss is at your own hands: the adapter in"
                            + " the plug hole. Seal it afresh, and read again."),
            new Lesson(
                    15,
                    "The wrong stroke",
                    PracticeEngines.SIX,
                    "Somebody measured ninety per cent on three cylinders.",
                    Optional.empty(),
                    fault(Fault.RING_SEAL, 1.8, 1),
                    "Ninety per cent, loud at filter and exhaust together, is an open valve: the piston stands at the top"
                            + " of the wrong stroke. Feel the air push as it rises, or turn once more."),
            new Lesson(
                    16,
                    "No clearance",
                    PracticeEngines.FOUR,
                    "Pops in the exhaust once it is warm.",
                    Optional.of(ComplaintKind.MISFIRE),
                    fault(Fault.VALVE_HELD, 3.4, 1),
                    "A valve without clearance does not close when it is hot. It leaks like a burnt one, and is mended in"
                            + " an hour: measure the clearance before the head comes off."),
            new Lesson(
                    17,
                    "Low, and tight",
                    PracticeEngines.FOUR,
                    "One cylinder hardly pulls.",
                    Optional.of(ComplaintKind.LOW_POWER),
                    fault(Fault.VALVE_NOT_OPENING, .55, 3),
                    "Low compression and a tight leak-down on the same cylinder: it holds what it gets, and gets too"
                            + " little. A valve does not open as far as it should."),
            new Lesson(
                    18,
                    "The wet artefact",
                    PracticeEngines.HIGH_RATIO,
                    "Uneven idle, warm and cold.",
                    Optional.of(ComplaintKind.MISFIRE),
                    fault(Fault.EXHAUST_VALVE, 2.2, 1),
                    "Oil takes room. In a small chamber a spoonful lifts every reading, a leaking valve's too. Pour the"
                            + " same into a sound cylinder and compare."),
            new Lesson(
                    19,
                    "Ash that is not coolant",
                    PracticeEngines.FOUR,
                    "White crust on one plug; the owner fears for the gasket.",
                    Optional.of(ComplaintKind.OIL_USE),
                    fault(Fault.OIL_CONTROL, 1.9, 2),
                    "Burnt oil leaves ash, light and flaky, on the plug that gets the oil. Coolant washes a plug and the"
                            + " crown clean. Bubbles and a falling level speak for water; ash does not."),
            new Lesson(
                    20,
                    "Two at once",
                    PracticeEngines.SIX,
                    "Smokes, misses, and was run hot.",
                    Optional.of(ComplaintKind.SMOKE),
                    and(fault(Fault.RING_SEAL, 2.8, 2), fault(Fault.EXHAUST_VALVE, 2.6, 5)),
                    "One fault does not forbid another. Each low cylinder is asked for itself: what lifts with oil here"
                            + " may not there."));

    /** What it is about. */
    public List<Family> families() {
        return hidden.faults().isEmpty()
                ? List.of(Family.NOTHING_WRONG)
                : hidden.faults().stream().map(HiddenFault::family).toList();
    }

    /** @param number 1 to 20 @return empty when there is none */
    public static Optional<Lesson> of(int number) {
        return ALL.stream().filter(l -> l.number() == number).findFirst();
    }
}
