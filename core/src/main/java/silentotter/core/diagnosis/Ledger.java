package silentotter.core.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.fault.Cause;
import silentotter.core.fault.Family;
import silentotter.core.fault.Fault;
import silentotter.core.fault.FaultAt;
import silentotter.core.finding.Finding;
import silentotter.core.inference.Member;
import silentotter.core.inference.Probabilities;
import silentotter.core.inference.SealAnswer;
import silentotter.core.inference.SealCase;
import silentotter.core.intake.IntakeRules;
import silentotter.core.quantity.Estimate;
import silentotter.core.quantity.LeakArea;
import silentotter.core.wording.Say;

/**
 * The rows of the answer with what every finding is worth for each. A weight is the odds with the finding over the odds
 * without it, all others standing; what they say together beyond that stands in the row itself, so that prior, weights and
 * that add up to the answer.
 */
final class Ledger {
    private static final double LEAST_SHOWN = .03;
    private static final int LEAST_ROWS = 3;
    private static final int MOST_ROWS = 14;
    private static final int MOST_MEMBERS = 8;
    private static final int MOST_RATIOS = 3;
    private static final double LEAST_MEMBER = .01;
    /** A member with this share of its row leads it. */
    private static final double LEADS = .7;

    private static final double TINY = 1e-6;
    /** Weights smaller than this are not written down. */
    private static final double LEAST_DECIBANS = .05;

    private final Engine engine;
    private final SealAnswer answer;
    private final SealCase seal;
    private final Map<Fault, Double> beside;
    private final List<Finding> findings;
    private final int n;
    private final Rows now;
    private final Map<Rows.Row, Double> current;
    private final List<Rows.Row> shown;
    private final List<SealAnswer.Without> without;

    Ledger(Engine engine, SealCase seal, SealAnswer answer, List<Finding> findings) {
        this.engine = engine;
        this.seal = seal;
        this.answer = answer;
        this.findings = findings;
        beside = BesideModel.of(engine, findings);
        n = engine.arrangement().count();
        without = answer.findings();
        now = rows(answer.probabilities(), beside);
        current = now.all();
        shown = choose();
    }

    /** How likely each fault is at each place where it can sit. */
    Map<FaultAt, Double> places() {
        Map<FaultAt, Double> places = new HashMap<>();
        answer.probabilities().members().forEach((m, p) -> places.put(place(m), p));
        beside.forEach((fault, p) -> places.put(FaultAt.engine(fault), p));
        return places;
    }

    private static FaultAt place(Member m) {
        return FaultAt.of(
                m.cause().fault(),
                IntStream.of(m.cylinder(), m.other())
                        .filter(i -> i >= 0)
                        .mapToObj(i -> CylinderNumber.of(i + 1))
                        .toList());
    }

    private Rows rows(Probabilities p, Map<Fault, Double> others) {
        return new Rows(p, n, others);
    }

    private List<Rows.Row> choose() {
        List<Map.Entry<Rows.Row, Double>> sorted = current.entrySet().stream()
                .sorted(Map.Entry.<Rows.Row, Double>comparingByValue().reversed())
                .toList();
        List<Rows.Row> rows = new ArrayList<>();
        for (Map.Entry<Rows.Row, Double> e : sorted) {
            boolean wanted = e.getValue() >= LEAST_SHOWN || rows.size() < LEAST_ROWS;
            if (wanted && rows.size() < MOST_ROWS && e.getValue() > 0) {
                rows.add(e.getKey());
            }
        }
        return rows;
    }

    /** Findings worth a line, heaviest first, with their evidence. */
    List<WeighedFinding> findings(Map<String, WeighedFinding> texts) {
        Map<String, List<WeighedFinding.Evidence>> evidence = new LinkedHashMap<>();
        for (SealAnswer.Own own : answer.cylinders()) {
            ofCylinder(own, evidence);
        }
        if (!without.isEmpty()) {
            Map<Rows.Row, Double> with = rows(without.get(0).with(), beside).all();
            without.forEach(w -> evidence.put(w.finding(), weights(w.finding(), with, w.without())));
        }
        besideModel(evidence);
        List<WeighedFinding> found = new ArrayList<>();
        texts.forEach((id, finding) -> {
            List<WeighedFinding.Evidence> own = evidence.get(id);
            if (own != null) {
                found.add(finding.with(own));
            } else if (id.startsWith("rule:")) {
                found.add(finding);
            }
        });
        found.sort(Comparator.comparingDouble(Ledger::heaviest).reversed());
        return found;
    }

    static double heaviest(WeighedFinding f) {
        return f.evidence().stream()
                .mapToDouble(e -> Math.abs(e.decibans()))
                .max()
                .orElse(0);
    }

    /**
     * What each finding of one cylinder adds, on the mean of all orders in which they could have come (Shapley 1953). Where
     * two findings say the same, each gets half; left out one by one neither would get anything.
     */
    private void ofCylinder(SealAnswer.Own own, Map<String, List<WeighedFinding.Evidence>> evidence) {
        Map<Integer, double[]> logOdds = new HashMap<>();
        own.answers().forEach((mask, p) -> {
            Map<Rows.Row, Double> all = rows(p, beside).all();
            logOdds.put(
                    mask,
                    shown.stream()
                            .mapToDouble(row -> 10 * log10Odds(somewhere(all, row)))
                            .toArray());
        });
        Orders orders = new Orders(own.findings().size(), logOdds.keySet());
        for (int f = 0; f < own.findings().size(); f++) {
            List<WeighedFinding.Evidence> of = new ArrayList<>();
            for (int i = 0; i < shown.size(); i++) {
                int row = i;
                double decibans = orders.mean(f, mask -> logOdds.get(mask)[row]);
                if (Math.abs(decibans) >= LEAST_DECIBANS) {
                    of.add(new WeighedFinding.Evidence(i, decibans, WeighedFinding.Kind.COMPUTED, "computed"));
                }
            }
            of.sort(Comparator.comparingDouble((WeighedFinding.Evidence e) -> -Math.abs(e.decibans())));
            evidence.put(own.findings().get(f), of);
        }
    }

    /** @param with the rows of the answer with every finding */
    private List<WeighedFinding.Evidence> weights(String finding, Map<Rows.Row, Double> with, Probabilities without) {
        Map<Rows.Row, Double> less = rows(without, besideWithout(finding)).all();
        List<WeighedFinding.Evidence> evidence = new ArrayList<>();
        boolean judged = finding.startsWith("rule:") || finding.equals(JudgedFindings.COMPLAINT);
        for (int i = 0; i < shown.size(); i++) {
            Rows.Row row = shown.get(i);
            double decibans = decibans(somewhere(with, row), somewhere(less, row));
            if (Math.abs(decibans) >= LEAST_DECIBANS) {
                evidence.add(new WeighedFinding.Evidence(
                        i,
                        decibans,
                        judged ? WeighedFinding.Kind.JUDGED : WeighedFinding.Kind.COMPUTED,
                        judged ? reason(finding, row) : "computed"));
            }
        }
        evidence.sort(Comparator.comparingDouble((WeighedFinding.Evidence e) -> -Math.abs(e.decibans())));
        return evidence;
    }

    private Map<Fault, Double> besideWithout(String finding) {
        return BesideModel.of(
                engine,
                findings.stream()
                        .filter(s -> !JudgedFindings.finding(s).equals(finding))
                        .toList());
    }

    /** A row "somewhere" may not stand out without the finding; it is the same question all the same. */
    private double somewhere(Map<Rows.Row, Double> all, Rows.Row row) {
        if (!row.somewhere()) {
            return all.getOrDefault(row, 0.0);
        }
        double none = 1;
        for (Map.Entry<Rows.Row, Double> e : all.entrySet()) {
            if (e.getKey().family() == row.family() && !e.getKey().somewhere()) {
                none *= 1 - e.getValue();
            }
        }
        return 1 - none;
    }

    private String reason(String finding, Rows.Row row) {
        return findings.stream()
                .filter(s -> JudgedFindings.id(s).equals(finding))
                .findFirst()
                .map(s -> ratios(s, row))
                .orElse("The complaint, mild evidence");
    }

    /** What was judged of a row; what is judged of others moves it too, as the same signs are shared out anew. */
    private static String ratios(Finding s, Rows.Row row) {
        String own = ratios(s, f -> f.family().filter(x -> x == row.family()).isPresent());
        return own.isEmpty() ? "through others, judged: " + ratios(s, f -> true) : "judged: " + own;
    }

    private static String ratios(Finding s, Predicate<Fault> of) {
        return s.ratios().entrySet().stream()
                .filter(e -> of.test(e.getKey()))
                .sorted(Comparator.comparingDouble((Map.Entry<Fault, Double> e) -> -Math.abs(Math.log(e.getValue()))))
                .limit(MOST_RATIOS)
                .map(e -> e.getKey().words() + " × " + Ratio.words(e.getValue()))
                .collect(Collectors.joining(", "));
    }

    /** What only speaks of faults that the model does not hold. */
    private void besideModel(Map<String, List<WeighedFinding.Evidence>> evidence) {
        JudgedFindings.beside(findings).values().stream()
                .flatMap(List::stream)
                .map(JudgedFindings::finding)
                .distinct()
                .filter(id -> !evidence.containsKey(id))
                .forEach(id -> evidence.put(id, weights(id, current, answer.probabilities())));
    }

    static double decibans(double with, double without) {
        return 10 * (log10Odds(with) - log10Odds(without));
    }

    private static double log10Odds(double p) {
        double q = Math.max(TINY, Math.min(1 - TINY, p));
        return Math.log10(q / (1 - q));
    }

    /** The rows in words. */
    List<Suspect> suspects(List<WeighedFinding> findings, Optional<String> weakness) {
        Map<Fault, Double> nothingSaid = new EnumMap<>(Fault.class);
        beside.keySet().forEach(f -> nothingSaid.put(f, BesideModel.prior(engine, f)));
        Map<Rows.Row, Double> before = rows(SealAnswer.prior(seal), nothingSaid).all();
        Optional<Map<Rows.Row, Double>> withoutWeakness = without.stream()
                .filter(w -> w.finding().equals("rule:" + IntakeRules.KNOWN_WEAKNESS))
                .findFirst()
                .map(w -> rows(w.without(), beside).all());
        List<Suspect> suspects = new ArrayList<>();
        for (int i = 0; i < shown.size(); i++) {
            Rows.Row row = shown.get(i);
            int index = i;
            double p = current.get(row);
            double prior = somewhere(before, row);
            double entries = findings.stream()
                    .mapToDouble(f -> f.evidence().stream()
                            .filter(e -> e.suspect() == index)
                            .mapToDouble(WeighedFinding.Evidence::decibans)
                            .sum())
                    .sum();
            List<Rows.Part> parts = now.parts(row);
            boolean testedFor = Math.abs(decibans(p, prior)) >= 1
                    || findings.stream().anyMatch(f -> Math.abs(f.decibansFor(index)) >= 1);
            suspects.add(new Suspect(
                    row.family(),
                    leading(parts, p),
                    Names.cylinders(row.cylinders()),
                    row.somewhere(),
                    Say.sentence(name(row, parts, p)),
                    p,
                    scaled(p, 1 / Cause.PRIOR_UNCERTAINTY),
                    scaled(p, Cause.PRIOR_UNCERTAINTY),
                    Odds.of(p),
                    testedFor ? Odds.of(p).words() : "not tested for yet",
                    prior,
                    decibans(p, prior) - entries,
                    testedFor,
                    withoutWeakness.map(w -> somewhere(w, row)),
                    members(parts),
                    area(row, parts)));
        }
        return suspects;
    }

    /** Odds under priors at either end of what they may be. */
    private static double scaled(double p, double by) {
        double odds = p / Math.max(1e-12, 1 - p) * by;
        return odds / (1 + odds);
    }

    /** The family, or its member where one leads: "exhaust valve, cylinder 2". */
    private static String name(Rows.Row row, List<Rows.Part> parts, double p) {
        Optional<Rows.Part> first = parts.stream().findFirst().filter(x -> x.probability() >= LEADS * p && p > 0);
        boolean sameWords = row.family() == Family.NOTHING_WRONG;
        return first.isPresent() && !sameWords
                ? Names.of(first.get().fault(), first.get().cylinders())
                : Names.of(row.family(), row.cylinders(), row.somewhere());
    }

    private static Optional<Fault> leading(List<Rows.Part> parts, double p) {
        Map<Fault, Double> byFault = parts.stream()
                .collect(Collectors.groupingBy(
                        Rows.Part::fault, LinkedHashMap::new, Collectors.summingDouble(Rows.Part::probability)));
        return byFault.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .filter(e -> p > 0 && e.getValue() >= LEADS * p)
                .map(Map.Entry::getKey);
    }

    private static List<Suspect.SuspectMember> members(List<Rows.Part> parts) {
        return parts.stream()
                .filter(x -> x.probability() >= LEAST_MEMBER)
                .limit(MOST_MEMBERS)
                .map(x -> new Suspect.SuspectMember(
                        x.fault(),
                        Names.cylinders(x.cylinders()),
                        Names.of(x.fault(), x.cylinders()),
                        Math.min(1, x.probability())))
                .toList();
    }

    private Optional<Estimate<LeakArea>> area(Rows.Row row, List<Rows.Part> parts) {
        if (row.somewhere() || parts.isEmpty()) {
            return Optional.empty();
        }
        Rows.Part first = parts.get(0);
        return member(row, first)
                .flatMap(answer::area)
                .map(a -> Estimate.of(LeakArea.ofSquareMm(a[0]), LeakArea.ofSquareMm(a[1]), LeakArea.ofSquareMm(a[2])));
    }

    private Optional<Member> member(Rows.Row row, Rows.Part part) {
        if (row.family() == Family.GASKET_BETWEEN) {
            return answer.probabilities().members().keySet().stream()
                    .filter(m -> m.cause() == Cause.GASKET
                            && row.cylinders().contains(m.cylinder())
                            && row.cylinders().contains(m.other()))
                    .findFirst();
        }
        Function<Cause, Member> at = c ->
                new Member(c, part.cylinders().isEmpty() ? -1 : part.cylinders().get(0), -1);
        return part.cylinders().isEmpty()
                ? Cause.ofEngine(part.fault()).map(at)
                : Cause.onCylinder(part.fault()).map(at);
    }
}
