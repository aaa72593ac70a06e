package silentotter.core.diagnosis;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.examination.ExaminationReading;
import silentotter.core.fault.Family;
import silentotter.core.finding.Finding;
import silentotter.core.finding.Said;
import silentotter.core.finding.Shop;
import silentotter.core.inference.SealAnswer;
import silentotter.core.intake.IntakeRules;
import silentotter.core.job.JobRecord;
import silentotter.core.wording.Say;

/** Brings everything that is known of a job together. Pure: the same job in the same shop gives the same answer. */
public final class Diagnostician {
    /** Below this for every suspect a finding explains nothing and is explained by nothing. */
    private static final double OPEN_DECIBANS = 2;

    /** From this likelihood ratio a finding that nothing explains is kept open. */
    private static final double STAYS_OPEN = 2;

    private static final int MOST_REASONS = 3;
    /** Suspects that every cylinder shows alike. */
    private static final Set<Family> ALIKE =
            Set.of(Family.EVEN_WEAR, Family.CAM_TIMING, Family.ALL_ALIKE, Family.NOTHING_WRONG);

    private final JobRecord record;
    private final Engine engine;
    private final Results results;
    private final SealCases.Read read;

    private Diagnostician(JobRecord record, Shop shop, Results results) {
        this.record = record;
        this.engine = record.engine();
        this.results = results;
        this.read = SealCases.read(record, shop, results);
    }

    /** @param seen everything that rules say of the job, on an engine that can have it */
    public static Diagnosed diagnose(JobRecord record, Shop shop, Said said, ExaminationReading seen) {
        return new Diagnostician(record, shop, Results.of(record, shop, said, seen)).diagnosed(said);
    }

    private Diagnosed diagnosed(Said said) {
        SealAnswer answer = SealAnswer.of(read.seal());
        Ledger ledger = new Ledger(engine, read.seal(), answer, results.findings());
        List<WeighedFinding> findings = ledger.findings(WeighedFindings.of(engine, results));
        Optional<String> weakness = results.findings().stream()
                .filter(s -> s.rule().equals(IntakeRules.KNOWN_WEAKNESS))
                .findFirst()
                .map(Finding::says);
        List<Suspect> suspects = ledger.suspects(findings, weakness);
        Tested tested = new Tested(record, results);
        List<DoubtedReading> measuring = Doubts.of(engine, answer, results, said);
        List<Contradiction> contradictions = Contradictions.of(results, said, measuring, suspects, findings);
        List<Finding> stops =
                results.findings().stream().filter(Finding::stopsRunning).toList();
        List<NextStep> next =
                new NextSteps(record, results, tested, suspects, measuring, contradictions, stops).steps();
        Cylinders perCylinder = new Cylinders(answer.probabilities(), results, tested, suspects, findings);
        Map<CylinderNumber, CylinderVerdict> cylinders = new LinkedHashMap<>();
        engine.arrangement().cylinders().forEach(c -> cylinders.put(c, perCylinder.verdict(c, measuring)));
        Headlines headlines = new Headlines(
                engine, results, tested, answer.probabilities(), suspects, measuring, contradictions, stops);
        Headline headline = headlines.headline(next);
        List<String> reasons = headlines
                .leading()
                .map(s -> reasons(findings, suspects.indexOf(s), s))
                .orElse(List.of());
        Diagnosis diagnosis = new Diagnosis(
                headlines.tone(),
                headline,
                suspects,
                reasons,
                measuring,
                contradictions,
                open(findings, suspects),
                stops.stream().map(Diagnostician::inWords).toList(),
                findings,
                tested.untested(),
                read.assumed(),
                next,
                cylinders,
                Paths.of(engine, answer, contradictions.isEmpty(), tested, results.leakdown()),
                tested.little(),
                weakness);
        return new Diagnosed(diagnosis, ledger.places(), tested.done().kinds());
    }

    /** The findings that carry a suspect, heaviest first; of what all cylinders show alike, one stands for all. */
    private static List<String> reasons(List<WeighedFinding> findings, int at, Suspect suspect) {
        Set<String> alike = new HashSet<>();
        return findings.stream()
                .filter(f -> f.decibansFor(at) >= 1 && !f.station().equals(IntakeRules.SOURCE))
                .sorted((a, b) -> Double.compare(b.decibansFor(at), a.decibansFor(at)))
                .filter(f -> f.isAbout(suspect) || ALIKE.contains(suspect.family()) && alike.add(f.station()))
                .limit(MOST_REASONS)
                .map(WeighedFinding::id)
                .toList();
    }

    /** What speaks against the leading suspect, and what points somewhere that the answer does not go. */
    private List<String> open(List<WeighedFinding> findings, List<Suspect> suspects) {
        List<String> open = new ArrayList<>();
        boolean likely = !suspects.isEmpty()
                && suspects.get(0).anythingWrong()
                && suspects.get(0).odds().compareTo(Odds.EVEN) <= 0;
        for (WeighedFinding f : findings) {
            boolean told = f.station().equals(IntakeRules.SOURCE);
            if (likely && !told && f.isAbout(suspects.get(0)) && f.decibansFor(0) <= -OPEN_DECIBANS) {
                open.add("Speaks against it: " + where(f.cylinders())
                        + (f.says().isEmpty() ? f.seen() + "." : f.says()) + " " + f.because());
            }
        }
        results.findings().stream()
                .filter(s -> !s.station().equals(IntakeRules.SOURCE) && !s.stopsRunning())
                .filter(s -> s.weight().likelihoodRatio() >= STAYS_OPEN && !isExplained(s, suspects))
                .map(Diagnostician::inWords)
                .filter(text -> open.stream().noneMatch(o -> o.contains(text)))
                .forEach(open::add);
        return open;
    }

    /** Whether something the finding points to, there, is at least as likely as not. */
    private static boolean isExplained(Finding s, List<Suspect> suspects) {
        List<Family> families =
                s.suspects().stream().flatMap(f -> f.family().stream()).toList();
        return suspects.stream()
                .filter(x -> families.contains(x.family()) && x.odds().compareTo(Odds.EVEN) <= 0)
                .anyMatch(x -> x.cylinders().isEmpty()
                        || s.cylinders().isEmpty()
                        || s.cylinders().stream().anyMatch(x.cylinders()::contains));
    }

    private static String where(List<CylinderNumber> cylinders) {
        return cylinders.isEmpty() ? "" : "Cylinder " + Say.cylinders(cylinders) + ": ";
    }

    private static String inWords(Finding s) {
        return where(s.cylinders()) + s.says() + " " + s.because();
    }
}
