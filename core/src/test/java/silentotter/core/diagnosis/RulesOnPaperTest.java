package silentotter.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import silentotter.core.comparison.Facet;
import silentotter.core.compression.Bench;
import silentotter.core.decision.Costs;
import silentotter.core.decision.Course;
import silentotter.core.decision.Missed;
import silentotter.core.decision.Repair;
import silentotter.core.examination.TestKind;
import silentotter.core.fault.Cause;
import silentotter.core.fault.Circumstance;
import silentotter.core.fault.Complaint;
import silentotter.core.fault.EngineKind;
import silentotter.core.fault.Fault;
import silentotter.core.finding.Finding;
import silentotter.core.found.FoundRules;
import silentotter.core.planning.SetUp;
import silentotter.core.planning.TestTable;
import silentotter.core.wording.Units;
import silentotter.core.wording.Wording;

/**
 * Every rule, ratio and reason on paper, for a mechanic to review: docs/rules.md is written from the tables and may not drift
 * from them. {@code -Dotter.writeRules=true} writes it anew; its difference is then to be read.
 */
class RulesOnPaperTest {
    private static final Path PAPER = Path.of("../docs/rules.md");
    private static final Wording WORDS = new Wording(Bench.inline(4).engine(), Units.METRIC);

    @Test
    void thePaperIsWhatTheTablesSay() throws IOException {
        String paper = paper();
        if (Boolean.getBoolean("otter.writeRules")) {
            Files.writeString(PAPER, paper);
        }
        assertThat(Files.readString(PAPER)).isEqualTo(paper);
    }

    @Test
    void noJudgedRatioIsStrongerThanTwentyEitherWay() {
        RuleTables.all().values().stream()
                .flatMap(List::stream)
                .forEach(s -> assertThat(s.ratios().values()).as(s.rule()).allMatch(r -> r >= 1.0 / 20 && r <= 20));
    }

    @Test
    void whatTheModelWeighsIsARuleThatThereIs() {
        List<String> known = RuleTables.all().values().stream()
                .flatMap(List::stream)
                .map(Finding::rule)
                .toList();
        assertThat(known).doesNotHaveDuplicates().containsAll(JudgedFindings.WEIGHED_BY_MODEL.keySet());
    }

    private static String paper() {
        List<String> lines = new ArrayList<>(List.of(
                "# The rules on paper",
                "",
                "Written from the tables of the core by the build; change the tables, not this page. A ratio says how many times",
                "more often a thing is seen with the fault than without it; below 1 it speaks against. No single judged ratio",
                "goes above 20. Several signs of one cause are tempered: four of a ratio of 4 are worth about 9.",
                "All of it is judgement from trade practice; a maker's figure and the shop's own outcomes win.",
                "",
                "## How often a fault comes, before anything is told or tested",
                "",
                "Each is uncertain by a factor of " + Cause.PRIOR_UNCERTAINTY
                        + " either way, which is the range shown beside the odds.",
                "",
                "| fault | where | petrol | diesel | two-stroke | why |",
                "|---|---|---|---|---|---|"));
        for (Cause c : Cause.values()) {
            lines.add(String.format(
                    Locale.ROOT,
                    "| %s | %s | %s | %s | %s | %s |",
                    c.fault().words(),
                    where(c),
                    prior(c, EngineKind.PETROL),
                    prior(c, EngineKind.DIESEL),
                    prior(c, EngineKind.TWO_STROKE),
                    c.reason()));
        }
        lines.addAll(List.of("", "## What an engine is", "", "| when | why | makes likelier |", "|---|---|---|"));
        for (Circumstance c : Circumstance.values()) {
            String factors = c.factors().entrySet().stream()
                    .map(e -> e.getKey().fault().words() + " × " + Ratio.words(e.getValue()))
                    .collect(Collectors.joining(", "));
            lines.add("| " + c.when() + " | " + c.because() + " | "
                    + (factors.isEmpty() ? "low by measuring: as likely as not" : factors) + " |");
        }
        lines.addAll(List.of(
                "",
                "## The complaint, mild evidence",
                "",
                "| cause | "
                        + Arrays.stream(Complaint.values())
                                .map(c -> c.name().toLowerCase(Locale.ROOT).replace('_', ' '))
                                .collect(Collectors.joining(" | "))
                        + " |",
                "|---" + "|---".repeat(Complaint.values().length) + "|"));
        for (Cause cause : Cause.values()) {
            if (cause != Cause.ALL_ALIKE) {
                lines.add("| " + cause.fault().words() + ", " + where(cause) + " | "
                        + Arrays.stream(Complaint.values())
                                .map(c -> "× " + Ratio.words(c.factors().get(cause)))
                                .collect(Collectors.joining(" | "))
                        + " |");
            }
        }
        RuleTables.all().forEach((title, table) -> {
            lines.addAll(List.of(
                    "",
                    "## " + title,
                    "",
                    "| rule | seen, and why it says that | says | likelier | rarer | told apart by |",
                    "|---|---|---|---|---|---|"));
            table.forEach(s -> lines.add(line(s)));
        });
        lines.addAll(List.of("", "## Minutes", "", "| test | where | minutes on four cylinders |", "|---|---|---|"));
        for (TestKind t : TestKind.values()) {
            lines.add("| " + t.words() + " | "
                    + TestTable.station(t).name().toLowerCase(Locale.ROOT) + " | "
                    + Math.round(TestTable.minutes(t, 4)) + " |");
        }
        for (SetUp s : SetUp.values()) {
            lines.add("| " + s.name().toLowerCase(Locale.ROOT).replace('_', ' ') + ", once | set-up | "
                    + Math.round(s.minutes(Bench.inline(4).engine())) + " |");
        }
        lines.addAll(List.of(
                "",
                "## What a course costs and cures",
                "",
                "Usual values: a shop enters its own. An hour costs " + Math.round(Costs.USUAL.hourlyRate()) + ".",
                "",
                "| course | hours | parts | costs | cures |",
                "|---|---|---|---|---|"));
        for (Repair r : Repair.values()) {
            if (r != Repair.RETEST) {
                lines.add(String.format(
                        Locale.ROOT,
                        "| %s | %.1f | %.0f | %.0f | %s |",
                        r.words(),
                        r.usualHours(),
                        r.usualParts(),
                        Costs.USUAL.of(new Course(r, false)),
                        cures(r)));
            }
        }
        lines.addAll(List.of(
                "",
                "## What it costs on the mean to leave a fault alone",
                "",
                "| fault | where | loses | because |",
                "|---|---|---|---|"));
        for (Cause c : Cause.values()) {
            lines.add("| " + c.fault().words() + " | " + where(c) + " | "
                    + Math.round(Missed.of(c).loss()) + " | " + Missed.of(c).because() + " |");
        }
        lines.addAll(List.of(
                "",
                "## What an opened engine shows",
                "",
                "The first line that holds counts. A fault is ruled out only by what would have shown it.",
                "",
                "| fault | | found |",
                "|---|---|---|"));
        FoundRules.lines()
                .forEach(l -> lines.add("| " + l.fault().words() + " | " + (l.shows() ? "shown by" : "ruled out by")
                        + " | " + l.found() + " |"));
        lines.addAll(List.of(
                "",
                "## What has to be alike before two visits compare",
                "",
                "| what | what it may move all cylinders by where it differs |",
                "|---|---|"));
        for (Facet f : Facet.values()) {
            lines.add("| " + f.words() + " | " + f.inWords() + " |");
        }
        return String.join("\n", lines) + "\n";
    }

    private static String cures(Repair repair) {
        List<Cause> cured =
                Arrays.stream(Cause.values()).filter(c -> repair.cures(c) > 0).toList();
        if (cured.size() == Cause.values().length) {
            return "everything";
        }
        return cured.stream()
                .map(c -> c.fault().words() + (repair.cures(c) < 1 ? " × " + Ratio.words(repair.cures(c)) : ""))
                .distinct()
                .collect(Collectors.joining(", "));
    }

    private static String line(Finding s) {
        String likelier = s.ratios().entrySet().stream()
                .filter(e -> e.getValue() > 1)
                .map(RulesOnPaperTest::ratio)
                .collect(Collectors.joining(", "));
        String rarer = s.ratios().entrySet().stream()
                .filter(e -> e.getValue() < 1)
                .map(RulesOnPaperTest::ratio)
                .collect(Collectors.joining(", "));
        return "| " + s.rule() + " | " + WORDS.fill(s.because()) + " | " + WORDS.fill(s.says())
                + (s.stopsRunning() ? " **Stops the engine.**" : "") + " | "
                + (JudgedFindings.isWeighedByModel(s.rule()) ? "computed by the model; by itself " : "") + likelier
                + " | "
                + rarer + " | " + s.tellApart().map(WORDS::fill).orElse("") + " |";
    }

    private static String ratio(Map.Entry<Fault, Double> e) {
        return e.getKey().words() + " × " + Ratio.words(e.getValue());
    }

    private static String where(Cause c) {
        return switch (c.scope()) {
            case CYLINDER -> "each cylinder";
            case CYLINDER_SHARED -> "one cylinder, shared by all";
            case PAIR -> "each pair of neighbours";
            case ENGINE -> "the engine";
        };
    }

    private static String prior(Cause c, EngineKind kind) {
        double p = c.prior(kind);
        return p == 0 ? "–" : String.format(Locale.ROOT, "%.3f", p);
    }
}
