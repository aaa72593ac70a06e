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
import silentotter.core.finding.Rule;
import silentotter.core.finding.Statement;
import silentotter.core.quantity.Pressure;
import silentotter.core.wording.Say;

/** What the crankcase hold says. Trade practice: at 40 to 50 kPa a sound crankcase loses next to nothing in a minute. */
public final class HoldRules {
    /** A loss up to this is called tight. */
    private static final double TIGHT_KPA_PER_MINUTE = 4;
    /** From this loss the crankcase leaks. */
    private static final double LEAKING_KPA_PER_MINUTE = 7;

    private static final List<Rule<Chamber>> PLACES = List.of(
            place(BubblePlace.FLYWHEEL_SEAL, "the crank seal at the flywheel end"),
            place(BubblePlace.FREE_END_SEAL, "the crank seal at the free end"),
            place(BubblePlace.CENTRE_SEAL, "the centre seal, into the next chamber"),
            place(BubblePlace.BASE_JOINT, "the base joint"),
            place(BubblePlace.REED_BLOCK, "the reed block"),
            place(BubblePlace.INTAKE_JOINT, "the intake joint"),
            place(BubblePlace.PLUG_OR_HEAD, "plug or head, which belongs to the cylinder, not to the crankcase"));

    private HoldRules() {}

    private static Rule<Chamber> place(BubblePlace place, String words) {
        return Rule.<Chamber>of(
                        "hold-bubbles-" + place.name().toLowerCase(Locale.ROOT).replace('_', '-'),
                        h -> h.bubblesAt(place),
                        "Air passes at " + words + ".",
                        "Bubbles were seen there under pressure.")
                .pointsTo(15, CRANKCASE_AIR);
    }

    /** Everything that the hold says, chamber by chamber. */
    public static List<Statement> read(CrankcaseHold hold) {
        List<Statement> result = new ArrayList<>(read(hold.unnamed(), List.of()));
        new TreeMap<>(hold.chambers())
                .forEach((cylinder, chamber) -> result.addAll(read(chamber, List.of(CylinderNumber.of(cylinder)))));
        boolean leaks = Stream.concat(Stream.of(hold.unnamed()), hold.chambers().values().stream())
                .anyMatch(c -> isLeaking(c.pressure()) || isLeaking(c.vacuum()));
        // One tight chamber, or one way of trying, does not unsay what another found.
        return leaks ? result.stream().map(HoldRules::silentWhereTight).toList() : result;
    }

    private static List<Statement> read(Chamber chamber, List<CylinderNumber> where) {
        List<Statement> result = new ArrayList<>();
        chamber.pressure().flatMap(r -> judged("pressure", r, where)).ifPresent(result::add);
        chamber.vacuum().flatMap(r -> judged("vacuum", r, where)).ifPresent(result::add);
        if (isLeaking(chamber.vacuum())
                && !isLeaking(chamber.pressure())
                && chamber.pressure().isPresent()) {
            result.add(rule(
                    "hold-vacuum-only",
                    "A crank seal lip that only seals outwards.",
                    "It holds pressure but not vacuum: vacuum pulls the lip off the shaft where pressure pushes it on.",
                    12,
                    where));
        }
        PLACES.forEach(r -> r.about(chamber, "CRANKCASE", where).ifPresent(result::add));
        return result;
    }

    private static Statement silentWhereTight(Statement s) {
        return s.rule().endsWith("-tight") ? s.withoutWeight() : s;
    }

    static boolean isLeaking(Optional<HoldRun> run) {
        return run.flatMap(HoldRun::lossPerMinute)
                .filter(l -> l > LEAKING_KPA_PER_MINUTE)
                .isPresent();
    }

    private static Optional<Statement> judged(String what, HoldRun run, List<CylinderNumber> where) {
        return run.lossPerMinute().map(loss -> {
            String measured = "Loses " + Say.pressure(Pressure.ofKPa(loss)) + " a minute, from "
                    + Say.pressure(Pressure.ofKPa(run.startKPa().orElse(0.0))) + ". Up to "
                    + Say.pressure(Pressure.ofKPa(TIGHT_KPA_PER_MINUTE)) + " is called tight, over "
                    + Say.pressure(Pressure.ofKPa(LEAKING_KPA_PER_MINUTE)) + " a leak.";
            if (loss <= TIGHT_KPA_PER_MINUTE) {
                return rule("hold-" + what + "-tight", "The crankcase holds " + what + ".", measured, 0.4, where);
            }
            return loss > LEAKING_KPA_PER_MINUTE
                    ? rule("hold-" + what + "-leaks", "The crankcase does not hold " + what + ".", measured, 6, where)
                    : rule(
                            "hold-" + what + "-between",
                            "The crankcase loses a little " + what + ": check hoses and plugs of the tester, repeat.",
                            measured,
                            1.3,
                            where);
        });
    }

    private static Statement rule(
            String name, String says, String because, double likelihoodRatio, List<CylinderNumber> where) {
        return Rule.<Boolean>of(name, b -> b, says, because)
                .pointsTo(likelihoodRatio, CRANKCASE_AIR)
                .toldApartBy("Soap on both seals, base, reed block and intake joint.")
                .about(true, "CRANKCASE", where)
                .orElseThrow();
    }
}
