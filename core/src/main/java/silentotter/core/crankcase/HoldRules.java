package silentotter.core.crankcase;

import static silentotter.core.fault.Fault.CRANKCASE_AIR;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import silentotter.core.crankcase.CrankcaseHold.BubblePlace;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.finding.Finding;
import silentotter.core.finding.Rule;
import silentotter.core.quantity.Pressure;
import silentotter.core.wording.Say;

/** What the crankcase hold says. Trade practice: at 40 to 50 kPa a sound crankcase loses next to nothing in a minute. */
public final class HoldRules {
    /** A loss up to this is called tight. */
    private static final double TIGHT_KPA_PER_MINUTE = 4;
    /** From this loss the crankcase leaks. */
    private static final double LEAKING_KPA_PER_MINUTE = 7;

    private static final String SOAP = "Soap on both seals, base, reed block and intake joint.";

    private static final List<Rule<Chamber>> PLACES = List.of(
            place(BubblePlace.FLYWHEEL_SEAL, "the crank seal at the flywheel end"),
            place(BubblePlace.FREE_END_SEAL, "the crank seal at the free end"),
            place(BubblePlace.CENTRE_SEAL, "the centre seal, into the next chamber"),
            place(BubblePlace.BASE_JOINT, "the base joint"),
            place(BubblePlace.REED_BLOCK, "the reed block"),
            place(BubblePlace.INTAKE_JOINT, "the intake joint"),
            // A leak of the cylinder, found while its crankcase was tried: it says nothing of the crankcase.
            bubbles(BubblePlace.PLUG_OR_HEAD, "plug or head, which belongs to the cylinder, not to the crankcase"));

    /** What one way of trying says: at most one of these. */
    private static final List<Rule<HoldRun>> PRESSURE = held("pressure");

    private static final List<Rule<HoldRun>> VACUUM = held("vacuum");

    private static final Rule<Chamber> VACUUM_ONLY = Rule.<Chamber>of(
                    "hold-vacuum-only",
                    c -> isLeaking(c.vacuum())
                            && !isLeaking(c.pressure())
                            && c.pressure().isPresent(),
                    "A crank seal lip that only seals outwards.",
                    "It holds pressure but not vacuum: vacuum pulls the lip off the shaft where pressure pushes it on.")
            .pointsTo(12, CRANKCASE_AIR)
            .toldApartBy(SOAP);

    private HoldRules() {}

    private static List<Rule<HoldRun>> held(String what) {
        return List.of(
                loss("hold-" + what + "-tight", -1, TIGHT_KPA_PER_MINUTE, "The crankcase holds " + what + ".", 0.4),
                loss(
                        "hold-" + what + "-between",
                        TIGHT_KPA_PER_MINUTE,
                        LEAKING_KPA_PER_MINUTE,
                        "The crankcase loses a little " + what + ": check hoses and plugs of the tester, repeat.",
                        1.3),
                loss(
                        "hold-" + what + "-leaks",
                        LEAKING_KPA_PER_MINUTE,
                        Double.POSITIVE_INFINITY,
                        "The crankcase does not hold " + what + ".",
                        6));
    }

    private static Rule<HoldRun> loss(String name, double above, double to, String says, double likelihoodRatio) {
        return Rule.<HoldRun>of(
                        name,
                        r -> r.lossPerMinute().filter(l -> l > above && l <= to).isPresent(),
                        says,
                        "Up to " + Say.pressure(Pressure.ofKPa(TIGHT_KPA_PER_MINUTE)) + " is called tight, over "
                                + Say.pressure(Pressure.ofKPa(LEAKING_KPA_PER_MINUTE)) + " a leak.")
                .pointsTo(likelihoodRatio, CRANKCASE_AIR)
                .toldApartBy(SOAP)
                .measured(r -> "Loses "
                        + Say.pressure(Pressure.ofKPa(r.lossPerMinute().orElseThrow())) + " a minute, from "
                        + Say.pressure(Pressure.ofKPa(r.startKPa().orElse(0.0))) + ".");
    }

    private static Rule<Chamber> place(BubblePlace place, String words) {
        return bubbles(place, words).pointsTo(15, CRANKCASE_AIR);
    }

    private static Rule<Chamber> bubbles(BubblePlace place, String words) {
        return Rule.of(
                "hold-bubbles-" + place.name().toLowerCase(Locale.ROOT).replace('_', '-'),
                h -> h.bubblesAt(place),
                "Air passes at " + words + ".",
                "Bubbles were seen there under pressure.");
    }

    /** Every line of the tables, to be reviewed. */
    public static List<Finding> lines() {
        return Stream.<List<? extends Rule<?>>>of(PRESSURE, VACUUM, List.of(VACUUM_ONLY), PLACES)
                .flatMap(List::stream)
                .map(Rule::line)
                .toList();
    }

    /** Everything that the hold says, chamber by chamber. */
    public static List<Finding> read(CrankcaseHold hold) {
        List<Finding> result = new ArrayList<>(read(hold.unnamed(), List.of()));
        new TreeMap<>(hold.chambers())
                .forEach((cylinder, chamber) -> result.addAll(read(chamber, List.of(CylinderNumber.of(cylinder)))));
        boolean leaks = Stream.concat(Stream.of(hold.unnamed()), hold.chambers().values().stream())
                .anyMatch(c -> isLeaking(c.pressure()) || isLeaking(c.vacuum()));
        // One tight chamber, or one way of trying, does not unsay what another found.
        return leaks ? result.stream().map(HoldRules::silentWhereTight).toList() : result;
    }

    private static List<Finding> read(Chamber chamber, List<CylinderNumber> where) {
        List<Finding> result = new ArrayList<>();
        chamber.pressure().ifPresent(r -> apply(PRESSURE, r, where, result));
        chamber.vacuum().ifPresent(r -> apply(VACUUM, r, where, result));
        apply(List.of(VACUUM_ONLY), chamber, where, result);
        apply(PLACES, chamber, where, result);
        return result;
    }

    private static <T> void apply(List<Rule<T>> table, T seen, List<CylinderNumber> where, List<Finding> into) {
        table.forEach(r -> r.about(seen, "CRANKCASE", where).ifPresent(into::add));
    }

    private static Finding silentWhereTight(Finding s) {
        return s.rule().endsWith("-tight") ? s.withoutWeight() : s;
    }

    static boolean isLeaking(Optional<HoldRun> run) {
        return run.flatMap(HoldRun::lossPerMinute)
                .filter(l -> l > LEAKING_KPA_PER_MINUTE)
                .isPresent();
    }
}
