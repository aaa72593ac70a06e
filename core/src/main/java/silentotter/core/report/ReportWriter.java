package silentotter.core.report;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import silentotter.core.decision.Costs;
import silentotter.core.decision.Option;
import silentotter.core.decision.Repair;
import silentotter.core.diagnosis.Assumption;
import silentotter.core.diagnosis.CylinderVerdict;
import silentotter.core.diagnosis.Diagnosis;
import silentotter.core.diagnosis.EscapePath;
import silentotter.core.diagnosis.Odds;
import silentotter.core.diagnosis.Suspect;
import silentotter.core.diagnosis.Tone;
import silentotter.core.diagnosis.WeighedFinding;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.finding.Finding;
import silentotter.core.finding.ReadingFault;
import silentotter.core.interpretation.Interpretation;
import silentotter.core.oil.OilAnalysis;
import silentotter.core.planning.Plan;
import silentotter.core.report.Report.Entry;
import silentotter.core.report.Report.Suspected;
import silentotter.core.report.Report.Technical;
import silentotter.core.report.Report.ToDo;
import silentotter.core.report.Report.Verdict;
import silentotter.core.report.Report.Weighed;
import silentotter.core.report.Report.Weight;
import silentotter.core.wording.Labels;
import silentotter.core.wording.Say;
import silentotter.core.wording.Wording;

/** Writes the report of a job from what it says and what is planned. */
public final class ReportWriter {
    private static final int MOST_WEIGHED = 8;
    private static final int MOST_SEEN = 12;
    private static final double LEAST_NOTCHES = .1;
    /** A figure that nobody asked for to a digit. */
    private static final double LEAST_SUSPECT = Odds.VERY_UNLIKELY.from() + .01;

    private final Interpretation said;
    private final Diagnosis diagnosis;
    private final Plan plan;
    private final Letterhead letterhead;
    private final int revision;
    private final Wording wording;

    private ReportWriter(Interpretation said, Plan plan, Letterhead letterhead, int revision, Wording wording) {
        this.said = said;
        this.diagnosis = said.diagnosis();
        this.plan = plan;
        this.letterhead = letterhead;
        this.revision = revision;
        this.wording = wording;
    }

    /** @param revision of the job, so that two prints can be told apart */
    public static Report write(Interpretation said, Plan plan, Letterhead letterhead, int revision, Wording wording) {
        return new ReportWriter(said, plan, letterhead, revision, wording).report();
    }

    private Report report() {
        Verdict verdict = new OwnersWords(diagnosis, plan).verdict();
        return new Report(
                Headings.of(said.record(), letterhead, "revision " + revision, wording),
                new Verdict(fill(verdict.what()), fill(verdict.sure()), all(verdict.beside()), verdict.alarm()),
                new Bands(said, wording).bands(),
                entries(WholeEngine.lines(said)),
                toDo(),
                open(),
                notSeen(),
                cautions(verdict),
                technical());
    }

    private ToDo toDo() {
        Option best = plan.decision().recommended();
        List<String> further = new ArrayList<>();
        if (!diagnosis.stops().isEmpty() && !plan.first().isEmpty()) {
            return new ToDo(
                    fill(plan.next()),
                    all(List.of("It must not run as it is. What was measured asks for this after that: "
                            + inBrackets(best.says()) + cost(best))));
        }
        boolean decided = best.recommended() && best.action() != Repair.RETEST;
        if (!decided) {
            if (best.action() != Repair.RETEST) {
                further.add(
                        diagnosis.littleTested()
                                ? "Too little was tested to recommend any work."
                                : "What to do may change with it. If it had to be decided now: "
                                        + inBrackets(best.says()) + cure(best) + cost(best));
            }
            if (plan.minutes() >= 1) {
                further.add("All tests that still pay take about " + Math.round(plan.minutes()) + " minutes.");
            }
            plan.decision().worth().filter(w -> isEntered()).ifPresent(further::add);
            String first = plan.next().isEmpty() ? best.says() : "Next: " + Say.inside(plan.next());
            return new ToDo(fill(first), all(further));
        }
        further.add((cure(best) + cost(best)).strip());
        best.watch().ifPresent(further::add);
        if (best.action() == Repair.TRIAL) {
            otherwise(best).ifPresent(o -> further.add("Where it reads no better: " + inBrackets(o.says()) + cost(o)));
        }
        if (best.action() != Repair.RUN_ON && diagnosis.stops().isEmpty()) {
            runningOn().flatMap(Option::watch).ifPresent(w -> further.add("Until then: " + Say.inside(w)));
        }
        plan.decision().worth().filter(w -> isEntered()).ifPresent(further::add);
        return new ToDo(
                fill(best.says()),
                all(further.stream().filter(t -> !t.isEmpty()).toList()));
    }

    /** "Head off: valves and gasket." inside another sentence. */
    private static String inBrackets(String says) {
        return Say.inside(says).replaceFirst(": (.*)\\.$", " ($1).");
    }

    private static String cure(Option option) {
        if (option.action() == Repair.RUN_ON || option.action() == Repair.TRIAL) {
            return "";
        }
        return " It puts everything right in " + option.curesInWords() + " engines that measure like this.";
    }

    /** Only where the shop has said what its work costs: somebody else's rates are no offer. */
    private String cost(Option option) {
        return !isEntered() || option.cost() <= 0
                ? ""
                : " About " + amount(option.cost()) + ", "
                        + Say.number(Math.max(.5, Math.round(2 * option.hours()) / 2.0)) + " hours of work.";
    }

    private boolean isEntered() {
        return !plan.decision().usualCosts();
    }

    private String amount(double value) {
        String figure =
                String.format(Locale.ROOT, "%,d", Costs.inTwoDigits(value)).replace(',', '\u202f');
        String money = Headings.text(letterhead.money());
        return money.isEmpty() ? figure : figure + " " + Say.typed(money);
    }

    private Optional<Option> otherwise(Option trial) {
        return plan.decision().options().stream()
                .filter(o -> o != trial && o.forbidden().isEmpty())
                .findFirst();
    }

    private Optional<Option> runningOn() {
        return plan.decision().options().stream()
                .filter(o -> o.action() == Repair.RUN_ON)
                .findFirst();
    }

    private List<String> open() {
        return all(Stream.concat(
                        diagnosis.open().stream(),
                        diagnosis.contradictions().stream().map(c -> c.text() + " " + c.remedy()))
                .distinct()
                .toList());
    }

    /** What nobody looked for, and what could be missed even where somebody did. */
    private List<String> notSeen() {
        List<String> all = new ArrayList<>(diagnosis.untested());
        diagnosis.cylinders().values().stream()
                .map(CylinderVerdict::misses)
                .filter(m -> !m.isEmpty())
                .distinct()
                .limit(1)
                .forEach(all::add);
        if (!plan.excluded().isEmpty()) {
            all.add("Left out here: " + plan.excluded().stream().map(Labels::of).collect(Collectors.joining(", "))
                    + ".");
        }
        return all(all);
    }

    /** Why it must not run, and of the next work what its owner has to know. */
    private List<String> cautions(Verdict verdict) {
        Stream<String> stops = diagnosis.stops().stream().filter(s -> !s.equals(verdict.sure()));
        Stream<String> hazards = plan.nextSteps().stream().limit(1).flatMap(s -> s.hazards().stream());
        return all(Stream.concat(stops, hazards).distinct().toList());
    }

    private Technical technical() {
        return new Technical(
                entries(new HowMeasured(said.record()).lines()),
                doubted(),
                weighed(),
                Schools.lines(said).stream()
                        .map(s -> new Report.School(fill(s.rule()), fill(s.says()), s.fails()))
                        .toList(),
                suspects(),
                cylinders(),
                seen(),
                all(OilLines.of(said)),
                unknown(),
                diagnosis.paths().stream().map(EscapePath::kind).distinct().toList());
    }

    private List<String> doubted() {
        List<String> lines = new ArrayList<>(diagnosis.measuring().stream()
                .map(d -> d.text() + " " + d.remedy())
                .toList());
        Stream.of(
                        said.compression().faults().stream().map(ReadingFault::text),
                        said.leakdown().faults().stream().map(ReadingFault::text),
                        said.notComputed().stream())
                .flatMap(s -> s)
                .filter(text -> lines.stream().noneMatch(l -> l.contains(text)))
                .distinct()
                .forEach(lines::add);
        return all(lines);
    }

    private Optional<Weighed> weighed() {
        return diagnosis.leading().flatMap(leading -> {
            int row = diagnosis.suspects().indexOf(leading);
            List<Weight> weights = diagnosis.findings().stream()
                    .filter(f -> f.isAbout(leading))
                    .map(f -> new Weight(fill(inALine(f)), f.decibansFor(row) / 10))
                    .filter(w -> Math.abs(w.notches()) >= LEAST_NOTCHES)
                    .sorted(Comparator.comparingDouble((Weight w) -> -Math.abs(w.notches())))
                    .limit(MOST_WEIGHED)
                    .toList();
            return weights.isEmpty() ? Optional.empty() : Optional.of(new Weighed(fill(leading.text()), weights));
        });
    }

    private static String inALine(WeighedFinding f) {
        String where = f.cylinders().isEmpty() ? "" : " on " + Say.cylinders(f.cylinders());
        String figure =
                f.figure().filter(g -> !f.seen().contains(g)).map(g -> ": " + g).orElse("");
        return f.seen() + figure + where;
    }

    private List<Suspected> suspects() {
        return diagnosis.suspects().stream()
                .filter(s -> s.probability() >= LEAST_SUSPECT)
                .map(s -> new Suspected(fill(s.text()), odds(s)))
                .toList();
    }

    private String odds(Suspect s) {
        if (!s.testedFor()) {
            return "not tested for";
        }
        return diagnosis.littleTested() ? s.words() : OwnersWords.ofAHundred(s.probability(), s.low(), s.high());
    }

    /** Cylinders of which the same is said stand together. */
    private List<Entry> cylinders() {
        Map<String, List<CylinderNumber>> alike = new LinkedHashMap<>();
        diagnosis
                .cylinders()
                .forEach((c, v) -> alike.computeIfAbsent(
                                v.tone() == Tone.LOSS
                                        ? v.what() + ", " + v.words() + ". " + String.join(" ", v.why())
                                        : v.words().isEmpty() ? v.what() + "." : v.what() + ", " + v.words() + ".",
                                k -> new ArrayList<>())
                        .add(c));
        return alike.entrySet().stream()
                .map(e -> new Entry(
                        fill(Say.cylinders(e.getValue().stream().sorted().toList())), fill(e.getKey())))
                .toList();
    }

    private List<String> seen() {
        Map<String, List<CylinderNumber>> where = new LinkedHashMap<>();
        said.seen().findings().stream()
                .filter(f -> !f.says().isEmpty())
                .sorted(Comparator.comparingDouble(
                        (Finding f) -> -Math.abs(Math.log(f.weight().likelihoodRatio()))))
                .forEach(f ->
                        where.computeIfAbsent(f.says(), k -> new ArrayList<>()).addAll(f.cylinders()));
        List<String> lines = where.entrySet().stream()
                .limit(MOST_SEEN)
                .map(e -> e.getValue().isEmpty()
                        ? e.getKey()
                        : e.getKey().replaceAll("\\.$", "") + " ("
                                + Say.cylinders(e.getValue().stream()
                                        .distinct()
                                        .sorted()
                                        .toList()) + ").")
                .collect(Collectors.toCollection(ArrayList::new));
        if (where.size() > MOST_SEEN) {
            lines.add("And " + (where.size() - MOST_SEEN) + " more, in the case file.");
        }
        return all(lines);
    }

    private List<String> unknown() {
        // Compression says of some of the same what it costs there; once is enough.
        Stream<String> lacks = said.compression().lacks().stream()
                .filter(l ->
                        diagnosis.assumed().stream().noneMatch(a -> a.what().equalsIgnoreCase(l.what())))
                .map(l -> Say.sentence(l.what()) + ": " + l.cost() + ".");
        return all(Stream.of(
                        diagnosis.assumed().stream().map(ReportWriter::inWords),
                        lacks,
                        said.said().of(OilAnalysis.class, OilAnalysis.NONE).notes().stream())
                .flatMap(s -> s)
                .distinct()
                .toList());
    }

    private static String inWords(Assumption a) {
        return a.what() + ": " + a.instead() + "; " + a.costs() + ".";
    }

    private String fill(String sentence) {
        return wording.fill(sentence);
    }

    private List<String> all(List<String> sentences) {
        return sentences.stream().map(this::fill).toList();
    }

    private List<Entry> entries(List<Entry> sentences) {
        return sentences.stream()
                .map(e -> new Entry(fill(e.label()), fill(e.text())))
                .toList();
    }
}
