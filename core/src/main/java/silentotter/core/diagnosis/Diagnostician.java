package silentotter.core.diagnosis;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import silentotter.core.compression.BuildUp;
import silentotter.core.compression.CompressionAnalysis;
import silentotter.core.compression.CompressionAnalyst;
import silentotter.core.compression.CylinderResult;
import silentotter.core.compression.CylinderResult.Standing;
import silentotter.core.compression.Evenness;
import silentotter.core.compression.FaultKind;
import silentotter.core.compression.ReadingFault;
import silentotter.core.compression.School;
import silentotter.core.compression.SchoolOpinion;
import silentotter.core.compression.SchoolOpinion.Ruling;
import silentotter.core.compression.WetResult;
import silentotter.core.compression.WetResult.WetOutcome;
import silentotter.core.engine.Cycle;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.examination.ExaminationReading;
import silentotter.core.finding.PathKind;
import silentotter.core.finding.Suspect;
import silentotter.core.leakdown.LeakdownAnalysis;
import silentotter.core.wording.Say;

/**
 * Reads the compression results as a technician would: per cylinder first, then the engine. Compression and wet test
 * alone never make anything certain; the words say so.
 */
public final class Diagnostician {
    private static final String NOT_CLEARED =
            "Compression does not see a slow leak or the oil control ring: neither is cleared by this.";

    private static final String DISAGREE = "The schools disagree here; see them side by side.";
    private static final int MOST_REASONS = 5;

    private final Engine engine;
    private final CompressionAnalysis analysis;
    private final School leading;

    private Diagnostician(Engine engine, CompressionAnalysis analysis, School leading) {
        this.engine = engine;
        this.analysis = analysis;
        this.leading = leading;
    }

    /**
     * Compression, what was found at the other stations, and leak-down, together.
     *
     * @param leading the school whose ruling the shop puts first
     */
    public static Diagnosis diagnose(
            Engine engine,
            CompressionAnalysis analysis,
            School leading,
            ExaminationReading examination,
            LeakdownAnalysis leakdown) {
        Diagnostician d = new Diagnostician(engine, analysis, leading);
        LeakdownVerdict leaks = new LeakdownVerdict(leakdown);
        SignsVerdict signs = new SignsVerdict(examination);
        Map<CylinderNumber, Verdict> gauges = new LinkedHashMap<>();
        Map<CylinderNumber, Verdict> cylinders = new LinkedHashMap<>();
        List<EscapePath> paths = new ArrayList<>();
        for (CylinderResult c : analysis.cylinders().values()) {
            Verdict byGauges = leaks.joinedTo(d.cylinder(c), c.cylinder());
            gauges.put(c.cylinder(), byGauges);
            cylinders.put(c.cylinder(), signs.joinedTo(byGauges, c.cylinder()));
            List<EscapePath> heard = leaks.paths(c.cylinder());
            paths.addAll(heard.isEmpty() ? d.paths(c) : heard);
            paths.addAll(signs.paths(c.cylinder()));
        }
        Set<CylinderNumber> lossByGauges = new HashSet<>(inTone(gauges, Tone.LOSS));
        Verdict engineVerdict = signs.joinedTo(d.engineVerdict(leakdown, gauges));
        List<String> doesNotFit = new ArrayList<>(d.doesNotFit());
        doesNotFit.addAll(leaks.doesNotFit());
        return new Diagnosis(
                engineVerdict, cylinders, paths, doesNotFit, signs.open(engineVerdict, lossByGauges), signs.stops());
    }

    private static List<CylinderNumber> inTone(Map<CylinderNumber, Verdict> verdicts, Tone tone) {
        return verdicts.entrySet().stream()
                .filter(e -> e.getValue().tone() == tone)
                .map(Map.Entry::getKey)
                .toList();
    }

    /** The engine by both gauges: a contradiction first, then what leaks; compression alone where nothing else was read. */
    private Verdict engineVerdict(LeakdownAnalysis leakdown, Map<CylinderNumber, Verdict> gauges) {
        Verdict compression = engineVerdict();
        List<CylinderNumber> doubted = inTone(gauges, Tone.DOUBT).stream()
                .filter(c -> leakdown.at(c).isPresent())
                .toList();
        List<CylinderNumber> lost = inTone(gauges, Tone.LOSS);
        if (leakdown.cylinders().isEmpty()) {
            return compression;
        }
        if (!doubted.isEmpty()) {
            Verdict first = gauges.get(doubted.get(0));
            return new Verdict(
                    Tone.DOUBT,
                    first.what() + ", cylinder " + Say.cylinders(doubted),
                    Sureness.OPEN,
                    first.why(),
                    first.next(),
                    "");
        }
        if (!lost.isEmpty()) {
            Verdict first = gauges.get(lost.get(0));
            return new Verdict(
                    Tone.LOSS,
                    lossHeadline(lost, gauges),
                    lost.stream()
                            .map(c -> gauges.get(c).sureness())
                            .max(Sureness::compareTo)
                            .orElse(Sureness.OPEN),
                    withSchools(first.why()),
                    first.next(),
                    first.misses(),
                    first.blames());
        }
        Optional<String> needs = leakdown.cylinders().values().stream()
                .flatMap(l -> l.needs().stream())
                .findFirst();
        if (needs.isPresent()) {
            List<String> open = List.of(
                    leakdown.cylinders().size() + " of " + engine.arrangement().count()
                            + " cylinders read by leak-down, level among themselves. " + LeakdownVerdict.NOT_JUDGED,
                    needs.get());
            return compression.tone() == Tone.EMPTY
                    ? LeakdownVerdict.notJudged(open, needs.get())
                    : compression.because(open);
        }
        List<String> why = new ArrayList<>(List.of(leakdown.cylinders().size() + " of "
                + engine.arrangement().count() + " cylinders read by leak-down: tight."));
        why.addAll(compression.tone() == Tone.EMPTY ? List.of() : compression.why());
        return compression.tone() == Tone.LOSS || compression.tone() == Tone.DOUBT
                ? compression.because(List.of(why.get(0)))
                : new Verdict(
                        Tone.SOUND,
                        compression.tone() == Tone.EMPTY ? "Tight by leak-down" : "Tight, and compression even",
                        Sureness.LIKELY,
                        why,
                        "If it uses oil all the same: oil control rings, stem seals, ventilation. Measure the oil use.",
                        "The oil control ring is not cleared by tight valves and rings.");
    }

    /** The most telling reasons of a cylinder, and how the school that leads in this shop rules on the engine. */
    private List<String> withSchools(List<String> reasons) {
        List<String> why = new ArrayList<>(reasons.subList(0, Math.min(MOST_REASONS, reasons.size())));
        leadingOpinion().ifPresent(o -> why.add(o.school().words() + ": " + o.reason()));
        if (analysis.schoolsDisagree()) {
            why.add(DISAGREE);
        }
        return why;
    }

    private Verdict cylinder(CylinderResult c) {
        List<ReadingFault> doubts = analysis.undermining(c.cylinder()).stream()
                .filter(f -> !f.cylinders().isEmpty())
                .toList();
        if (c.standing() == Standing.NOT_READ) {
            return new Verdict(Tone.EMPTY, "Not read yet", Sureness.OPEN, List.of(), "", "");
        }
        if (!doubts.isEmpty()) {
            return new Verdict(
                    Tone.DOUBT,
                    "Reading in doubt",
                    Sureness.OPEN,
                    doubts.stream().map(ReadingFault::text).toList(),
                    doubts.get(0).remedy(),
                    "");
        }
        return switch (c.standing()) {
            case LOW -> low(c);
            case HIGH ->
                new Verdict(
                        Tone.DOUBT,
                        "Reads above its sisters",
                        Sureness.POSSIBLE,
                        List.of(
                                c.reason(),
                                "Carbon or oil in the chamber raises compression; so does a misread gauge."),
                        "Repeat it, then look inside with a camera: carbon, or oil on the crown.",
                        "Carbon can hide a leak.");
            case ALONE -> alone(c);
            default -> level(c);
        };
    }

    private Verdict level(CylinderResult c) {
        List<String> why = new ArrayList<>(List.of(c.reason()));
        analysis.wet(c.cylinder())
                .ifPresent(w -> why.add(
                        w.outcome() == WetOutcome.RINGS_SEALED
                                ? w.reason() + " On a level cylinder that is even ring wear, or fuel wash."
                                : "Control for the wet test: it rose " + Say.signedPercent(w.risePercent() / 100)
                                        + " without a leak to seal."));
        return new Verdict(
                Tone.SOUND,
                "No loss of seal seen",
                Sureness.LIKELY,
                why,
                "Nothing more here by compression; leak-down would find smaller leaks.",
                c.detectable()
                        .map(a -> "Leaks up to about " + Say.area(a) + " would not show. " + NOT_CLEARED)
                        .orElse(NOT_CLEARED));
    }

    private Verdict alone(CylinderResult c) {
        boolean low = analysis.allLowAndEven();
        List<String> why = new ArrayList<>(List.of(c.reason()));
        analysis.expected()
                .ifPresent(e -> why.add("A sound cylinder of this size and ratio reads about " + Say.pressures(e)
                        + " here; the twin's level is a guess of ±15 %."));
        analysis.wet(c.cylinder()).ifPresent(w -> why.add(w.reason()));
        if (!low) {
            return new Verdict(
                    Tone.SOUND,
                    "In the expected range",
                    Sureness.POSSIBLE,
                    why,
                    engine.arrangement().count() > 1
                            ? "Read the other cylinders."
                            : "Leak-down, if the complaint stays.",
                    NOT_CLEARED);
        }
        boolean rings = analysis.wet(c.cylinder())
                .filter(w -> w.outcome() == WetOutcome.RINGS_SEALED)
                .isPresent();
        return new Verdict(
                Tone.LOSS,
                rings ? "Low: ring seal" : "Low: loss of seal, or the level itself",
                Sureness.POSSIBLE,
                why,
                rings
                        ? "Leak-down, listening at the crankcase breather."
                        : "Check throttle, release and cranking speed; then " + nextAfterLow(c) + ".",
                "");
    }

    private Verdict low(CylinderResult c) {
        List<String> why = new ArrayList<>(List.of(c.reason()));
        Optional<WetResult> wet = analysis.wet(c.cylinder());
        wet.ifPresent(w -> why.add(w.reason()));
        if (!c.lowNeighbours().isEmpty()) {
            why.add("Its neighbour " + Say.cylinders(c.lowNeighbours())
                    + " is low as well: a gasket between them does that.");
        }
        c.leakArea()
                .ifPresent(a -> why.add("That is a leak of " + Say.about(a) + " where a sound one has a few tenths."));
        analysis.buildUp(c.cylinder())
                .filter(b -> b.shape() == BuildUp.Shape.FLATTER || b.shape() == BuildUp.Shape.CLIMBING)
                .ifPresent(b -> why.add(b.reason()));
        boolean wetDone =
                wet.filter(w -> w.outcome() != WetOutcome.NOT_CORRECTED).isPresent();
        boolean sealed = wet.filter(w -> w.outcome() == WetOutcome.RINGS_SEALED).isPresent();
        boolean volumeOnly =
                wet.filter(w -> w.outcome() == WetOutcome.VOLUME_ONLY).isPresent();

        if (sealed) {
            return new Verdict(
                            Tone.LOSS,
                            "Ring seal",
                            Sureness.LIKELY,
                            why,
                            "Leak-down, listening at filler and dipstick tube; camera for scoring.",
                            "Worn, stuck and scored look alike in these tests.")
                    .blaming(Suspect.RING_SEAL, Suspect.EVEN_WEAR);
        }
        if (!c.lowNeighbours().isEmpty()) {
            return new Verdict(
                            Tone.LOSS,
                            "Gasket between " + Say.cylinders(pair(c)),
                            volumeOnly ? Sureness.LIKELY : Sureness.POSSIBLE,
                            why,
                            "Leak-down on one, listening at the other's plug hole.",
                            "Two leaking valves side by side read the same.")
                    .blaming(Suspect.GASKET_BETWEEN, Suspect.COOLANT_ENTRY);
        }
        if (volumeOnly) {
            return new Verdict(
                            Tone.LOSS,
                            valveOrGasket(),
                            Sureness.LIKELY,
                            why,
                            engine.cycle() == Cycle.TWO_STROKE
                                    ? "Leak-down, listening at exhaust port and neighbouring holes."
                                    : "Valve clearance first, then leak-down, listening at intake and exhaust.",
                            "A broken ring takes no oil either.")
                    .blaming(Suspect.INTAKE_VALVE, Suspect.EXHAUST_VALVE, Suspect.VALVE_HELD, Suspect.BROKEN);
        }
        return new Verdict(
                Tone.LOSS,
                "Loss of seal, path not known",
                wetDone ? Sureness.POSSIBLE : Sureness.OPEN,
                why,
                capitalised(nextAfterLow(c)) + ".",
                "Rings, valve and gasket read the same until something splits them.");
    }

    private String valveOrGasket() {
        return engine.cycle() == Cycle.TWO_STROKE ? "Head gasket or port, not rings" : "Valve or gasket, not rings";
    }

    private String nextAfterLow(CylinderResult c) {
        if (CompressionAnalyst.wetRefusal(engine, c.cylinder()).isPresent()) {
            return "leak-down, listening at every place; a wet test is no use here";
        }
        return "wet test on " + Say.cylinder(c.cylinder())
                + soundSister()
                        .map(s -> " and on " + Say.cylinder(s) + " as control")
                        .orElse("");
    }

    private Optional<CylinderNumber> soundSister() {
        return analysis.cylinders().values().stream()
                .filter(c -> c.standing() == Standing.LEVEL)
                .map(CylinderResult::cylinder)
                .findFirst();
    }

    private static List<CylinderNumber> pair(CylinderResult c) {
        List<CylinderNumber> pair = new ArrayList<>(c.lowNeighbours());
        pair.add(c.cylinder());
        return pair.stream().sorted().toList();
    }

    private List<EscapePath> paths(CylinderResult c) {
        boolean leaks = c.standing() == Standing.LOW || (c.standing() == Standing.ALONE && analysis.allLowAndEven());
        boolean doubted = analysis.undermining(c.cylinder()).stream()
                .anyMatch(f -> !f.cylinders().isEmpty());
        if (!leaks || doubted) {
            return List.of();
        }
        Optional<WetOutcome> wet = analysis.wet(c.cylinder()).map(WetResult::outcome);
        if (wet.filter(w -> w == WetOutcome.RINGS_SEALED).isPresent()) {
            return List.of(path(c, PathKind.RINGS, Optional.empty(), Sureness.LIKELY));
        }
        boolean notRings = wet.filter(w -> w == WetOutcome.VOLUME_ONLY).isPresent();
        List<EscapePath> paths = new ArrayList<>();
        if (!notRings) {
            paths.add(path(c, PathKind.RINGS, Optional.empty(), Sureness.OPEN));
        }
        for (CylinderNumber neighbour : c.lowNeighbours()) {
            paths.add(path(
                    c,
                    PathKind.GASKET_NEIGHBOUR,
                    Optional.of(neighbour),
                    notRings ? Sureness.LIKELY : Sureness.POSSIBLE));
        }
        if (engine.cycle() == Cycle.FOUR_STROKE) {
            Sureness valves = notRings && c.lowNeighbours().isEmpty() ? Sureness.POSSIBLE : Sureness.OPEN;
            paths.add(path(c, PathKind.INTAKE_VALVE, Optional.empty(), valves));
            paths.add(path(c, PathKind.EXHAUST_VALVE, Optional.empty(), valves));
        }
        return paths;
    }

    private static EscapePath path(
            CylinderResult c, PathKind kind, Optional<CylinderNumber> towards, Sureness sureness) {
        return new EscapePath(c.cylinder(), kind, towards, c.leakArea(), sureness);
    }

    private Verdict engineVerdict() {
        Optional<Evenness> evenness = analysis.evenness();
        if (evenness.isEmpty()) {
            return new Verdict(
                    Tone.EMPTY,
                    "No readings yet",
                    Sureness.OPEN,
                    List.of(),
                    "Type the first reading: number keys, then Enter.",
                    "");
        }
        Evenness even = evenness.get();
        List<CylinderNumber> low = inStanding(Standing.LOW);
        List<String> why = new ArrayList<>();
        why.add(spreadInWords(even));
        leadingOpinion().ifPresent(o -> why.add(o.school().words() + ": " + o.reason()));
        if (analysis.schoolsDisagree()) {
            why.add(DISAGREE);
        }
        long unread = analysis.cylinders().values().stream()
                .filter(c -> c.standing() == Standing.NOT_READ)
                .count();
        String unreadNote =
                unread > 0 ? unread + " of " + engine.arrangement().count() + " cylinders not read yet. " : "";

        Optional<ReadingFault> wholePass = analysis.faults().stream()
                .filter(f -> f.kind() == FaultKind.UNIT_DOUBTED || f.kind() == FaultKind.FALLING_IN_ORDER)
                .findFirst();
        if (wholePass.isPresent()) {
            if (wholePass.get().kind() == FaultKind.UNIT_DOUBTED) {
                // What the schools say of figures in the wrong unit is no reason for anything.
                why.clear();
            }
            why.add(0, wholePass.get().text());
            return new Verdict(
                    Tone.DOUBT,
                    "The measuring is in doubt",
                    Sureness.OPEN,
                    why,
                    wholePass.get().remedy(),
                    "");
        }
        if (analysis.allLowAndEven()) {
            why.add(1, lowAndEvenCauses());
            analysis.expected().ifPresent(e -> why.add("Expected here: " + Say.pressures(e) + "."));
            return new Verdict(
                    Tone.LOSS,
                    engine.arrangement().count() == 1 ? "Compression low" : "All cylinders low and even",
                    Sureness.POSSIBLE,
                    why,
                    "Check the cheap causes in that order, then repeat. Leak-down tells wear from timing.",
                    "");
        }
        if (!low.isEmpty()) {
            Verdict first = cylinder(analysis.cylinders().get(low.get(0)));
            List<String> telling = first.why();
            why.addAll(1, telling.subList(Math.min(1, telling.size()), Math.min(2, telling.size())));
            return new Verdict(
                            Tone.LOSS,
                            lossHeadline(low),
                            lossSureness(low),
                            why,
                            unreadNote + first.next(),
                            NOT_CLEARED)
                    .blaming(first.blames().toArray(Suspect[]::new));
        }
        if (unread > 0) {
            return new Verdict(Tone.SOUND, "Level so far", Sureness.OPEN, why, unreadNote + "Read the rest.", "");
        }
        boolean allSealedWet = analysis.wet().size() > 1
                && analysis.wet().stream().allMatch(w -> w.outcome() == WetOutcome.RINGS_SEALED);
        if (allSealedWet) {
            why.add("Every cylinder tested wet rose beyond its oil's volume.");
            return new Verdict(
                            Tone.LOSS,
                            "Even ring wear, or bores washed dry",
                            Sureness.POSSIBLE,
                            why,
                            "Leak-down on all, hot; ask about fuel wash.",
                            "")
                    .blaming(Suspect.EVEN_WEAR, Suspect.RING_SEAL, Suspect.RICH);
        }
        return new Verdict(
                Tone.SOUND,
                engine.arrangement().count() == 1 ? "Compression in its range" : "Compression even",
                Sureness.LIKELY,
                why,
                "If it uses oil or misses all the same: leak-down and plugs next.",
                NOT_CLEARED);
    }

    private String lossHeadline(List<CylinderNumber> low) {
        Map<CylinderNumber, Verdict> verdicts = new LinkedHashMap<>();
        low.forEach(c -> verdicts.put(c, cylinder(analysis.cylinders().get(c))));
        return lossHeadline(low, verdicts);
    }

    private static String lossHeadline(List<CylinderNumber> low, Map<CylinderNumber, Verdict> byCylinder) {
        List<Verdict> verdicts = low.stream().map(byCylinder::get).toList();
        boolean alike = verdicts.stream().map(Verdict::what).distinct().count() == 1;
        String where = "cylinder " + Say.cylinders(low);
        return alike && !verdicts.get(0).what().startsWith("Gasket between")
                ? verdicts.get(0).what() + ", " + where
                : alike ? verdicts.get(0).what() : "Loss of seal, " + where;
    }

    private Sureness lossSureness(List<CylinderNumber> low) {
        return low.stream()
                .map(c -> cylinder(analysis.cylinders().get(c)).sureness())
                .max(Sureness::compareTo)
                .orElse(Sureness.OPEN);
    }

    private static String spreadInWords(Evenness even) {
        if (even.values().size() == 1) {
            return "One cylinder read: " + Say.pressure(even.lowest().value()) + ".";
        }
        String figures =
                Say.percent(even.lowestOverHighest()) + " lowest to highest, " + Say.pressure(even.spread()) + " apart";
        return even.real() ? figures + "." : figures + ": no difference, the gauge does not repeat better than that.";
    }

    private String lowAndEvenCauses() {
        List<String> causes = new ArrayList<>(List.of("throttle not wide open", "slow cranking"));
        if (engine.traits().compressionRelease().orElse(true)) {
            causes.add("compression release");
        }
        causes.addAll(List.of("cam timing", "altitude", "blocked intake", "a gauge that reads low", "even wear"));
        return "Even and low points to the whole engine or the measuring, cheapest first: " + String.join(", ", causes)
                + ".";
    }

    private Optional<SchoolOpinion> leadingOpinion() {
        return analysis.schools().stream()
                .filter(o -> o.school() == leading && o.ruling() != Ruling.NOT_ASKED)
                .findFirst();
    }

    private List<CylinderNumber> inStanding(Standing standing) {
        return analysis.cylinders().values().stream()
                .filter(c -> c.standing() == standing)
                .map(CylinderResult::cylinder)
                .toList();
    }

    private List<String> doesNotFit() {
        List<String> open = new ArrayList<>();
        analysis.faults().stream().filter(f -> f.kind().undermines()).forEach(f -> open.add(f.text()));
        for (BuildUp b : analysis.buildUps()) {
            boolean wetSaysNoRings = analysis.wet(b.cylinder())
                    .filter(w -> w.outcome() == WetOutcome.VOLUME_ONLY)
                    .isPresent();
            if (b.shape() == BuildUp.Shape.CLIMBING && wetSaysNoRings) {
                open.add("Cylinder " + Say.cylinder(b.cylinder())
                        + " climbs late, which leans to rings, but oil changed nothing. The wet test weighs more.");
            }
        }
        for (CylinderNumber c : inStanding(Standing.HIGH)) {
            open.add("Cylinder " + Say.cylinder(c)
                    + " reads above its sisters; unexplained until somebody has looked inside.");
        }
        return open;
    }

    private static String capitalised(String text) {
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }
}
