package silentotter.core.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.examination.ExaminationReading;
import silentotter.core.finding.PathKind;
import silentotter.core.finding.Statement;
import silentotter.core.finding.Suspect;
import silentotter.core.finding.Suspicion;
import silentotter.core.intake.IntakeRules;
import silentotter.core.wording.Say;

/**
 * Joins what was seen before the gauges to what the gauges say. A gauge that shows a loss leads; where it shows none, the
 * strongest suspicion does. Every finding that weighs ends up explained by the verdict or stays open.
 */
final class SignsVerdict {
    /** From this weight a suspicion makes a headline. */
    private static final double SPEAKS = 3;
    /** From this weight it is likely rather than possible. */
    private static final double CONVINCES = 10;
    /** From this weight a finding that the verdict does not explain is kept open. */
    private static final double STAYS_OPEN = 2;
    /** Suspects this close to the strongest are named with it: nothing splits them yet. */
    private static final double AS_STRONG = 0.8;

    /** What would have shown in the compression of its cylinder, and how much an even one speaks against it. */
    private static final Set<Suspect> LOWERS_COMPRESSION = EnumSet.of(
            Suspect.RING_SEAL,
            Suspect.BROKEN,
            Suspect.INTAKE_VALVE,
            Suspect.EXHAUST_VALVE,
            Suspect.VALVE_HELD,
            Suspect.GASKET_BETWEEN);

    private static final double EVEN_COMPRESSION = 0.3;

    private static final int MOST_NAMED = 3;
    private static final int MOST_REASONS = 4;
    private static final Comparator<Statement> HEAVIEST_FIRST =
            Comparator.comparing(Statement::weight).reversed();

    private final ExaminationReading examination;

    SignsVerdict(ExaminationReading examination) {
        this.examination = examination;
    }

    List<String> stops() {
        return examination.stops().stream().map(SignsVerdict::inWords).toList();
    }

    /** The verdict of one cylinder together with what points to it. */
    Verdict joinedTo(Verdict gauges, CylinderNumber cylinder) {
        return joined(gauges, weighed(gauges, examination.at(cylinder)), "", SignsVerdict::plain);
    }

    /** The verdict of the engine; one that must not be run says so before anything else. */
    Verdict joinedTo(Verdict gauges) {
        List<Statement> stops = examination.stops();
        if (!stops.isEmpty()) {
            List<String> why = new ArrayList<>(stops());
            if (gauges.tone() != Tone.EMPTY) {
                why.add("By compression: " + gauges.what() + ", "
                        + gauges.sureness().words() + ".");
            }
            return new Verdict(
                    Tone.LOSS,
                    "Do not run it",
                    Sureness.LIKELY,
                    why,
                    stops.stream()
                            .flatMap(s -> s.tellApart().stream())
                            .findFirst()
                            .orElse("Settle this first."),
                    gauges.misses(),
                    stops.stream()
                            .flatMap(s -> s.suspects().stream())
                            .distinct()
                            .toList());
        }
        List<Suspicion> suspicions = weighed(gauges, examination.suspicions());
        List<Suspicion> strongest = named(suspicions);
        String where = strongest.isEmpty() || strongest.get(0).cylinders().isEmpty()
                ? ""
                : ", cylinder "
                        + Say.cylinders(suspicions.stream()
                                .filter(s -> s.suspect() == strongest.get(0).suspect())
                                .filter(SignsVerdict::makesAHeadline)
                                .flatMap(s -> s.cylinders().stream())
                                .sorted()
                                .toList());
        return joined(gauges, suspicions, where, SignsVerdict::inWords);
    }

    /** Where compression is even, what would have lowered it is less likely; it is not cleared. */
    private static List<Suspicion> weighed(Verdict gauges, List<Suspicion> suspicions) {
        if (gauges.tone() != Tone.SOUND) {
            return suspicions;
        }
        return suspicions.stream()
                .map(s -> LOWERS_COMPRESSION.contains(s.suspect()) ? s.weighing(EVEN_COMPRESSION) : s)
                .sorted(Comparator.comparing(Suspicion::weight).reversed())
                .toList();
    }

    private static Verdict joined(
            Verdict gauges, List<Suspicion> suspicions, String where, Function<Statement, String> say) {
        List<Suspicion> strongest = named(suspicions);
        List<String> reasons = reasons(strongest, say);
        if (gauges.tone() == Tone.LOSS) {
            List<Statement> agreeing = suspicions.stream()
                    .filter(s -> gauges.blames().contains(s.suspect()))
                    .flatMap(s -> s.statements().stream())
                    .filter(s -> s.weight().likelihoodRatio() > 1)
                    .distinct()
                    .sorted(HEAVIEST_FIRST)
                    .limit(MOST_REASONS)
                    .toList();
            return gauges.because(agreeing.stream().map(say).toList());
        }
        if (strongest.isEmpty() || gauges.tone() == Tone.DOUBT) {
            return gauges;
        }
        List<String> why = new ArrayList<>(reasons);
        if (gauges.tone() == Tone.SOUND) {
            why.add("Compression: " + lower(gauges.what()) + ". It does not clear this.");
        }
        Sureness sureness =
                strongest.get(0).weight().likelihoodRatio() >= CONVINCES ? Sureness.LIKELY : Sureness.POSSIBLE;
        String named =
                strongest.stream().map(s -> s.suspect().words()).distinct().collect(Collectors.joining(" or "));
        String next = strongest.stream()
                .flatMap(s -> s.statements().stream())
                .sorted(HEAVIEST_FIRST)
                .flatMap(s -> s.tellApart().stream())
                .findFirst()
                .or(() -> Optional.of(gauges.next()).filter(n -> !n.isEmpty()))
                .orElse("Compression, then leak-down.");
        return new Verdict(
                Tone.LOSS,
                Character.toUpperCase(named.charAt(0)) + named.substring(1) + where,
                sureness,
                why,
                next,
                gauges.misses(),
                strongest.stream().map(Suspicion::suspect).toList());
    }

    /** The strongest suspicion that makes a headline, and those at the same place that nothing splits from it. */
    private static List<Suspicion> named(List<Suspicion> suspicions) {
        List<Suspicion> speaking =
                suspicions.stream().filter(SignsVerdict::makesAHeadline).toList();
        if (speaking.isEmpty()) {
            return List.of();
        }
        Suspicion first = speaking.get(0);
        double least = first.weight().likelihoodRatio() * AS_STRONG;
        return speaking.stream()
                .filter(s -> s.cylinders().equals(first.cylinders()))
                .filter(s -> s.weight().likelihoodRatio() >= least)
                .limit(MOST_NAMED)
                .toList();
    }

    /** Something must have been seen: what was only told is a prior and makes no headline. */
    private static boolean makesAHeadline(Suspicion s) {
        return s.weight().likelihoodRatio() >= SPEAKS
                && s.statements().stream()
                        .anyMatch(t -> !t.source().equals(IntakeRules.SOURCE)
                                && t.weight().likelihoodRatio() > 1);
    }

    private static List<String> reasons(List<Suspicion> strongest, Function<Statement, String> say) {
        return strongest.stream()
                .flatMap(s -> s.statements().stream())
                .distinct()
                .sorted(HEAVIEST_FIRST)
                .limit(MOST_REASONS)
                .map(say)
                .toList();
    }

    /**
     * Findings that weigh and that the engine's verdict does not explain.
     *
     * @param lossByGauges cylinders that the gauges found leaking; a finding on another cylinder is not explained by them
     */
    List<String> open(Verdict engine, Set<CylinderNumber> lossByGauges) {
        return examination.statements().stream()
                .filter(s -> !s.source().equals(IntakeRules.SOURCE))
                .filter(s -> s.weight().likelihoodRatio() >= STAYS_OPEN && !s.stopsRunning())
                .filter(s -> !(engine.blames().stream().anyMatch(s.suspects()::contains) && isAt(s, lossByGauges)))
                .map(SignsVerdict::inWords)
                .toList();
    }

    private static boolean isAt(Statement statement, Set<CylinderNumber> cylinders) {
        return statement.cylinders().isEmpty()
                || cylinders.isEmpty()
                || statement.cylinders().stream().anyMatch(cylinders::contains);
    }

    /** Ways in which oil or water is suspected to reach this cylinder. */
    List<EscapePath> paths(CylinderNumber cylinder) {
        List<EscapePath> paths = new ArrayList<>();
        add(paths, cylinder, PathKind.OIL_PAST_RINGS, strongest(cylinder, Suspect::oilPastRings));
        add(paths, cylinder, PathKind.OIL_PAST_STEM, strongest(cylinder, s -> s == Suspect.STEM_SEAL));
        add(paths, cylinder, PathKind.GASKET_COOLANT, strongest(cylinder, s -> s == Suspect.COOLANT_ENTRY));
        return paths;
    }

    private Optional<Suspicion> strongest(CylinderNumber cylinder, Predicate<Suspect> which) {
        return examination.suspicions().stream()
                .filter(s -> which.test(s.suspect()) && makesAHeadline(s))
                .filter(s -> s.cylinders().isEmpty() || s.cylinders().contains(cylinder))
                .findFirst();
    }

    /** What is suspected of the engine but of no cylinder in particular is drawn as not known yet. */
    private static void add(List<EscapePath> to, CylinderNumber cylinder, PathKind kind, Optional<Suspicion> of) {
        of.ifPresent(s -> to.add(new EscapePath(
                cylinder,
                kind,
                Optional.empty(),
                Optional.empty(),
                s.cylinders().isEmpty()
                        ? Sureness.OPEN
                        : s.weight().likelihoodRatio() >= CONVINCES ? Sureness.LIKELY : Sureness.POSSIBLE)));
    }

    private static String inWords(Statement s) {
        String where = s.cylinders().isEmpty() ? "" : "Cylinder " + Say.cylinders(s.cylinders()) + ": ";
        return where + plain(s);
    }

    private static String plain(Statement s) {
        return s.says() + " " + s.because();
    }

    private static String lower(String text) {
        return Character.toLowerCase(text.charAt(0)) + text.substring(1);
    }
}
