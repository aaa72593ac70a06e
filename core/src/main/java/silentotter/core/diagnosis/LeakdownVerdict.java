package silentotter.core.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.finding.PathKind;
import silentotter.core.finding.Suspect;
import silentotter.core.leakdown.CrossCheck;
import silentotter.core.leakdown.CylinderLeak;
import silentotter.core.leakdown.Heard;
import silentotter.core.leakdown.LeakdownAnalysis;
import silentotter.core.leakdown.LeakdownFault;
import silentotter.core.leakdown.PathShare;
import silentotter.core.leakdown.Place;
import silentotter.core.quantity.Estimate;
import silentotter.core.wording.Say;

/** Joins leak-down to what compression says of a cylinder. Two readings that cannot both be true come before any cause. */
final class LeakdownVerdict {
    private static final String NOT_CLEARED =
            "The oil control ring and a cracked land still in place are not cleared by this.";

    /** No cylinder is called tight because nobody knows against what to hold it. */
    static final String NOT_JUDGED =
            "Whether that is tight cannot be judged yet: a per cent is of this tester and this size of cylinder only.";

    private final LeakdownAnalysis leakdown;

    LeakdownVerdict(LeakdownAnalysis leakdown) {
        this.leakdown = leakdown;
    }

    /** @param needs the cheapest thing that decides */
    static Verdict notJudged(List<String> why, String needs) {
        return new Verdict(Tone.EMPTY, "Leak-down cannot be judged yet", Sureness.OPEN, why, needs, "");
    }

    Verdict joinedTo(Verdict compression, CylinderNumber cylinder) {
        return leakdown.at(cylinder).map(l -> joined(compression, l)).orElse(compression);
    }

    private Verdict joined(Verdict compression, CylinderLeak leak) {
        List<LeakdownFault> doubts = leakdown.undermining(leak.cylinder());
        if (!doubts.isEmpty()) {
            return new Verdict(
                    Tone.DOUBT,
                    "Leak-down in doubt",
                    Sureness.OPEN,
                    doubts.stream().map(LeakdownFault::text).toList(),
                    doubts.get(0).remedy(),
                    "");
        }
        Optional<CrossCheck> cross = leakdown.crossCheck(leak.cylinder());
        List<String> why = new ArrayList<>(List.of(leak.reason()));
        cross.ifPresent(c -> why.add(c.text()));
        if (cross.filter(c -> c.outcome() == CrossCheck.Outcome.HIGHER_THAN_LEAK)
                .isPresent()) {
            return new Verdict(
                    Tone.DOUBT,
                    "Compression and leak-down contradict",
                    Sureness.OPEN,
                    why,
                    cross.get().retest(),
                    "");
        }
        if (cross.filter(c -> c.outcome() == CrossCheck.Outcome.LOWER_THAN_LEAK).isPresent() && !leak.leaks()) {
            return new Verdict(
                            Tone.LOSS,
                            "Valve motion, or the compression reading",
                            Sureness.POSSIBLE,
                            why,
                            cross.get().retest(),
                            "")
                    .blaming(Suspect.CAM_TIMING);
        }
        if (leak.recoverable()) {
            why.add("It recovered after the valve was moved: dirt or sticking, not a burnt face.");
            return new Verdict(
                            Tone.LOSS,
                            "Valve was held off its seat",
                            Sureness.LIKELY,
                            why,
                            "Run it hot under load, then read again.",
                            NOT_CLEARED)
                    .blaming(Suspect.VALVE_HELD, Suspect.INTAKE_VALVE, Suspect.EXHAUST_VALVE);
        }
        return leak.leaks() ? leaking(compression, leak, why) : tight(compression, leak, why);
    }

    private Verdict leaking(Verdict compression, CylinderLeak leak, List<String> why) {
        Optional<PathShare> loudest = leak.paths().stream().max(Comparator.comparingDouble(PathShare::share));
        why.addAll(compression.tone() == Tone.LOSS ? compression.why() : List.of());
        if (loudest.isEmpty()) {
            return new Verdict(
                    Tone.LOSS,
                    "Leaks, not heard where",
                    Sureness.POSSIBLE,
                    why,
                    "Listen at every place: tube at filler and air filter, exhaust, coolant, neighbouring holes; soap outside.",
                    NOT_CLEARED,
                    compression.blames());
        }
        PathShare p = loudest.get();
        why.add(0, "Heard " + p.heard().words() + " " + p.place().where() + ".");
        boolean both = compression.tone() == Tone.LOSS
                && compression.blames().contains(p.place().suspect());
        Sureness sureness = p.heard() == Heard.FAINT
                ? Sureness.POSSIBLE
                : both && p.heard() == Heard.LOUD ? Sureness.NEAR_CERTAIN : Sureness.LIKELY;
        return new Verdict(Tone.LOSS, named(p), sureness, why, next(p), NOT_CLEARED)
                .blaming(
                        p.place().suspect(),
                        p.place() == Place.CRANKCASE
                                ? Suspect.EVEN_WEAR
                                : p.place().suspect());
    }

    private static String named(PathShare p) {
        return switch (p.place()) {
            case INTAKE -> "Intake valve";
            case EXHAUST -> "Exhaust valve";
            case CRANKCASE -> "Ring seal";
            case COOLANT -> "Gasket or crack to coolant";
            case NEIGHBOUR ->
                "Gasket between"
                        + p.neighbour().map(n -> ", towards " + Say.cylinder(n)).orElse(" cylinders");
            case OUTSIDE -> "Gasket, to the outside";
        };
    }

    private static String next(PathShare p) {
        return switch (p.place()) {
            case INTAKE, EXHAUST -> "Valve clearance; vent, tap the valve, read again; camera on its edge.";
            case CRANKCASE -> "Wet leak-down; camera for scoring; blow-by.";
            case COOLANT -> "Pressure test of the coolant with a camera in this cylinder.";
            case NEIGHBOUR -> "Plug the neighbour and listen again before the gasket is blamed.";
            case OUTSIDE -> "Soap along the joint.";
        };
    }

    private static Verdict tight(Verdict compression, CylinderLeak leak, List<String> why) {
        if (compression.tone() == Tone.LOSS || compression.tone() == Tone.DOUBT) {
            return compression.because(why);
        }
        if (!leak.judged()) {
            why.add(NOT_JUDGED);
            return compression.tone() == Tone.SOUND
                    ? compression.because(why)
                    : notJudged(why, leak.needs().orElseThrow());
        }
        why.addAll(compression.tone() == Tone.SOUND ? compression.why() : List.of());
        return new Verdict(
                Tone.SOUND,
                "Tight",
                Sureness.LIKELY,
                why,
                compression.next(),
                leak.detection()
                                .map(d -> "Leaks up to " + Say.area(d) + " would not have shown. ")
                                .orElse("")
                        + NOT_CLEARED);
    }

    /** Ways out of this cylinder by what was heard, each with its part of the area; empty where nothing was heard. */
    List<EscapePath> paths(CylinderNumber cylinder) {
        return leakdown.at(cylinder)
                .filter(l -> l.leaks() && leakdown.undermining(cylinder).isEmpty())
                .map(l -> l.paths().stream().map(p -> path(l, p)).toList())
                .orElse(List.of());
    }

    private static EscapePath path(CylinderLeak leak, PathShare p) {
        return new EscapePath(
                leak.cylinder(),
                p.place().path(),
                p.place().path() == PathKind.GASKET_NEIGHBOUR ? p.neighbour() : Optional.empty(),
                leak.area()
                        .map(a -> Estimate.of(
                                a.low().times(p.share() / 2),
                                a.best().times(p.share()),
                                a.high().times(Math.min(1, p.share() * 2)))),
                p.heard() == Heard.FAINT ? Sureness.POSSIBLE : Sureness.LIKELY);
    }

    /** What leak-down alone makes wait, and what does not fit. */
    List<String> doesNotFit() {
        List<String> result = new ArrayList<>();
        leakdown.faults().forEach(f -> result.add(f.text()));
        leakdown.crossChecks().stream()
                .filter(c -> c.outcome() != CrossCheck.Outcome.AGREE)
                .forEach(c -> result.add(c.text()));
        return result;
    }
}
