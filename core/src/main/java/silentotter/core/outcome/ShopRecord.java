package silentotter.core.outcome;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import silentotter.core.closing.OwnVerdict;
import silentotter.core.diagnosis.Odds;
import silentotter.core.examination.TestKind;
import silentotter.core.fault.Family;
import silentotter.core.found.Known.Truth;
import silentotter.core.outcome.Review.Judged;
import silentotter.core.outcome.Review.OwnJudged;
import silentotter.core.outcome.Review.ReviewVerdict;
import silentotter.core.outcome.Scores.Statement;
import silentotter.core.wording.Say;
import silentotter.core.wording.Worded;

/**
 * How a shop's predictions came out. Only statements count that could have come out either way: a scored bore is seen from
 * above and a sound ring pack is not, and counting what was seen alone would make every suspicion look right.
 *
 * @param jobs opened or mended, with a prediction of before, practice left out
 * @param verdicts how many jobs came out how
 * @param curve by what was said, surest first; words that were never used are left out
 * @param scores of all statements; empty where none counts
 * @param families by family of fault, most statements first
 * @param tests with and without each test
 * @param skipped tests that would have told what was missed, those most often left out first
 * @param technicians who share their own verdicts, by name
 * @param unshared own verdicts that their technicians keep to themselves: they count below, without a name
 * @param sideBySide product and technicians on the same statements; empty where no own verdict counts
 * @param inWords how often its 80 % was right, in a sentence
 * @param selection what such a record cannot say
 */
public record ShopRecord(
        int jobs,
        Map<ReviewVerdict, Integer> verdicts,
        List<Bin> curve,
        Optional<Scores> scores,
        List<Group> families,
        List<TestGroup> tests,
        List<Skipped> skipped,
        List<SideBySide> technicians,
        int unshared,
        Optional<SideBySide> sideBySide,
        String inWords,
        String selection) {

    private static final String SELECTION =
            "These are engines that were opened or mended. Engines that were thought sound are"
                    + " seldom opened, so nothing here says how many of them were not.";

    /** From so many statements in a bin on its share is worth a figure to most people. */
    private static final int FEW = 10;

    private static final double EIGHTY = .8;

    /** @param said the mean of what was said in these words, 0 to 1 */
    public record Bin(Odds odds, double from, double to, double said, Share share, int jobs) implements Worded {}

    public record Group(String name, Scores scores) {}

    public record TestGroup(TestKind test, Optional<Scores> with, Optional<Scores> without) implements Worded {}

    /** A test that would have told what was missed. @param jobs on how many it was not done */
    public record Skipped(TestKind test, int jobs) implements Worded {}

    /**
     * @param technician empty for all of them together
     * @param better by how much the product's Brier score is lower, with its standard error over jobs; empty for one job
     */
    public record SideBySide(
            String technician, Scores own, Scores product, double better, Optional<Double> betterError) {}

    public static ShopRecord of(List<PastJob> past) {
        List<PastJob> reviewed = past.stream()
                .filter(p -> !p.practice())
                .filter(p -> p.review().anything())
                .toList();
        List<Statement> all = statements(reviewed, j -> true);
        List<Bin> curve = curve(all);
        return new ShopRecord(
                reviewed.size(),
                reviewed.stream()
                        .collect(Collectors.toMap(r -> r.review().verdict(), r -> 1, Integer::sum, TreeMap::new)),
                curve,
                scores(all),
                families(reviewed),
                tests(reviewed),
                skipped(reviewed),
                technicians(reviewed),
                (int) owns(reviewed).stream().filter(o -> !o.shared()).count(),
                sideBySide("", owns(reviewed)),
                inWords(curve),
                SELECTION);
    }

    private static Stream<Statement> statements(PastJob job, Predicate<Judged> which) {
        return job.review().suspects().stream()
                .filter(j -> j.scored() && j.truth() != Truth.UNKNOWN)
                .filter(which)
                .map(j -> new Statement(job.job(), j.suspect().probability(), j.truth() == Truth.PRESENT));
    }

    private static List<Statement> statements(List<PastJob> reviewed, Predicate<Judged> which) {
        return reviewed.stream().flatMap(r -> statements(r, which)).toList();
    }

    private static Optional<Scores> scores(List<Statement> statements) {
        return statements.isEmpty() ? Optional.empty() : Optional.of(Scores.of(statements));
    }

    private static List<Bin> curve(List<Statement> all) {
        List<Bin> bins = new ArrayList<>();
        double to = 1;
        for (Odds odds : Odds.values()) {
            List<Statement> here =
                    all.stream().filter(s -> Odds.of(s.probability()) == odds).toList();
            if (!here.isEmpty()) {
                bins.add(new Bin(
                        odds,
                        odds.from(),
                        to,
                        here.stream()
                                .mapToDouble(Statement::probability)
                                .average()
                                .orElseThrow(),
                        Share.of((int) here.stream().filter(Statement::so).count(), here.size()),
                        (int) here.stream().map(Statement::job).distinct().count()));
            }
            to = odds.from();
        }
        return bins;
    }

    private static List<Group> families(List<PastJob> reviewed) {
        Map<Family, List<Statement>> by = new EnumMap<>(Family.class);
        for (Family family : Family.values()) {
            by.put(family, statements(reviewed, j -> j.suspect().family() == family));
        }
        return by.entrySet().stream()
                .filter(e -> !e.getValue().isEmpty())
                .map(e -> new Group(e.getKey().words(), Scores.of(e.getValue())))
                .sorted((a, b) -> Integer.compare(b.scores().said(), a.scores().said()))
                .toList();
    }

    private static List<TestGroup> tests(List<PastJob> reviewed) {
        List<TestGroup> groups = new ArrayList<>();
        for (TestKind test : TestKind.values()) {
            Function<Boolean, Optional<Scores>> scored = with -> scores(statements(
                    reviewed.stream()
                            .filter(r -> r.prediction().tested().contains(test) == with)
                            .toList(),
                    j -> true));
            TestGroup group = new TestGroup(test, scored.apply(true), scored.apply(false));
            if (group.with().isPresent()) {
                groups.add(group);
            }
        }
        return groups;
    }

    private static List<Skipped> skipped(List<PastJob> reviewed) {
        Map<TestKind, Integer> jobs = new EnumMap<>(TestKind.class);
        reviewed.forEach(r -> r.review().skipped().forEach(t -> jobs.merge(t, 1, Integer::sum)));
        return jobs.entrySet().stream()
                .map(e -> new Skipped(e.getKey(), e.getValue()))
                .sorted(Comparator.comparingInt(Skipped::jobs).reversed())
                .toList();
    }

    private record Own(long job, String technician, boolean shared, OwnJudged judged) {}

    private static List<Own> owns(List<PastJob> reviewed) {
        return reviewed.stream()
                .flatMap(r -> r.review().own().stream()
                        .filter(o -> o.truth() != Truth.UNKNOWN && o.scored())
                        .map(o -> new Own(
                                r.job(),
                                r.prediction().technician(),
                                r.prediction().own().flatMap(OwnVerdict::shared).orElse(false),
                                o)))
                .toList();
    }

    private static List<SideBySide> technicians(List<PastJob> reviewed) {
        return owns(reviewed).stream()
                .filter(Own::shared)
                .collect(Collectors.groupingBy(Own::technician, TreeMap::new, Collectors.toList()))
                .entrySet()
                .stream()
                .flatMap(e -> sideBySide(e.getKey(), e.getValue()).stream())
                .toList();
    }

    private static Optional<SideBySide> sideBySide(String technician, List<Own> owns) {
        if (owns.isEmpty()) {
            return Optional.empty();
        }
        List<Statement> own = owns.stream()
                .map(o -> new Statement(
                        o.job(), o.judged().certainty(), o.judged().truth() == Truth.PRESENT))
                .toList();
        List<Statement> product = owns.stream()
                .map(o ->
                        new Statement(o.job(), o.judged().product(), o.judged().truth() == Truth.PRESENT))
                .toList();
        List<Double> better = IntStream.range(0, own.size())
                .mapToObj(i -> own.get(i).squaredError() - product.get(i).squaredError())
                .toList();
        return Optional.of(new SideBySide(
                technician,
                Scores.of(own),
                Scores.of(product),
                better.stream().mapToDouble(b -> b).average().orElseThrow(),
                Scores.error(better)));
    }

    private static String inWords(List<Bin> curve) {
        return curve.stream()
                .filter(b -> b.from() <= EIGHTY && EIGHTY < b.to())
                .findFirst()
                .map(b -> "What was called " + b.odds().words() + ", on average " + Say.percent(b.said()) + ", was so "
                        + b.share().so() + " of " + b.share().of()
                        + " times. In the long run that may be anything from "
                        + Say.percent(b.share().low()) + " to "
                        + Say.percent(b.share().high())
                        + (b.share().of() < FEW ? ": so few say little." : "."))
                .orElse("Nothing that was given about 80 % has come out yet.");
    }
}
