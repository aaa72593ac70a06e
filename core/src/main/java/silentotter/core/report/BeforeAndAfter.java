package silentotter.core.report;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import silentotter.core.comparison.Change;
import silentotter.core.comparison.Claim;
import silentotter.core.comparison.Comparison;
import silentotter.core.comparison.Measure;
import silentotter.core.comparison.Measured;
import silentotter.core.comparison.Unmatched;
import silentotter.core.comparison.Visit;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.job.JobRecord;
import silentotter.core.report.Leaflet.Part;
import silentotter.core.wording.Say;
import silentotter.core.wording.Units;
import silentotter.core.wording.Wording;

/** Two visits of one engine on one sheet, claiming no more than the figures hold. */
public final class BeforeAndAfter {
    private static final String NOTHING = "No difference beyond what the gauges and the conditions leave open.";
    private static final String NOT_ALIKE = "Nothing was measured on both visits that compares.";

    private final Visit before;
    private final Visit after;
    private final Comparison comparison;
    private final Wording wording;

    private BeforeAndAfter(Visit before, Visit after, Comparison comparison, Wording wording) {
        this.before = before;
        this.after = after;
        this.comparison = comparison;
        this.wording = wording;
    }

    /** @param record of the later visit, in whose name the sheet is written */
    public static Leaflet write(
            JobRecord record,
            Visit before,
            Visit after,
            Comparison comparison,
            Letterhead letterhead,
            Wording wording) {
        return new BeforeAndAfter(before, after, comparison, wording).leaflet(record, letterhead);
    }

    private Leaflet leaflet(JobRecord record, Letterhead letterhead) {
        List<String> said = comparison.inWords().stream()
                .map(wording::fill)
                // A figure stays on a line with what it is of.
                .map(t -> t.replaceAll("(\\d) (%|points)", "$1\u00a0$2"))
                .toList();
        String title = !said.isEmpty() ? said.get(0) : comparison.claims().isEmpty() ? NOT_ALIKE : NOTHING;
        List<String> lead = new ArrayList<>(said.stream().skip(1).toList());
        if (!comparison.credit().isEmpty()) {
            lead.add(wording.fill(comparison.credit()));
        }
        return new Leaflet(
                Headings.of(record, letterhead, "before and after", wording),
                title,
                lead,
                Stream.of(
                                visits(),
                                values(),
                                plugs(),
                                Part.lines(
                                        "Done between them",
                                        comparison.changes().stream()
                                                .map(BeforeAndAfter::done)
                                                .toList()),
                                Part.lines("Not measured alike", notAlike()),
                                Part.lines(
                                        "What this sheet does not say",
                                        List.of(
                                                "Ranges hold the truth 19 times in 20, all that is compared taken together. What is not"
                                                        + " called a difference may have changed by as much as its range allows.")))
                        .filter(p -> !p.isEmpty())
                        .toList());
    }

    private Part visits() {
        return Part.table(
                "The two visits",
                "",
                true,
                List.of(
                        List.of("", "before", "after"),
                        List.of("date", before.date().toString(), after.date().toString()),
                        List.of("hours", hours(before), hours(after)),
                        List.of("brought for", before.complaint(), after.complaint())));
    }

    private static String hours(Visit v) {
        return v.hours().map(Say::number).orElse("not known");
    }

    /** What was measured, and beside it what that moved by: each cylinder against its sisters, all of them together last. */
    private Part values() {
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of("", "before", "after", "moved by", ""));
        for (Measure m : Measure.values()) {
            Stream.concat(before.of(m).stream(), after.of(m).stream())
                    .map(Measured::cylinder)
                    .distinct()
                    .sorted(Comparator.comparing(
                            c -> c.map(CylinderNumber::value).orElse(0)))
                    .forEach(c -> rows.add(row(m, c)));
            Optional<Claim> together = claim(m, Optional.empty());
            if (m.ofCylinders() && together.isPresent()) {
                rows.add(List.of("all together", "", "", moved(together.get()), ruled(together.get())));
            }
        }
        return Part.table(
                "What was measured",
                "with what the gauges repeat to; compression at sea level, leak-down on the master tester; a cylinder moves"
                        + " against its sisters",
                true,
                rows.size() > 1 ? rows : List.of());
    }

    private List<String> row(Measure m, Optional<CylinderNumber> cylinder) {
        Optional<Claim> claim = claim(m, cylinder);
        return List.of(
                Say.sentence(m.words())
                        + cylinder.map(c -> ", " + wording.engine().label(c)).orElse(""),
                value(before, m, cylinder),
                value(after, m, cylinder),
                claim.map(this::moved).orElse(""),
                claim.map(BeforeAndAfter::ruled).orElse(""));
    }

    private Part plugs() {
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of("", "before", "after"));
        comparison
                .plugs()
                .forEach(p -> rows.add(List.of(
                        "plug " + wording.engine().label(p.cylinder()),
                        p.before().words(),
                        p.after().words())));
        return Part.table(
                "How the plugs looked",
                "read by eye: no range belongs to it",
                true,
                rows.size() > 1 ? rows : List.of());
    }

    private Optional<Claim> claim(Measure m, Optional<CylinderNumber> cylinder) {
        return comparison.claims().stream()
                .filter(c -> c.measure() == m && c.cylinder().equals(cylinder))
                .findFirst();
    }

    private String value(Visit v, Measure m, Optional<CylinderNumber> cylinder) {
        return v.of(m).stream()
                .filter(x -> x.cylinder().equals(cylinder))
                .findFirst()
                .map(x -> {
                    Units.Figure figure = m.figure(x.value(), wording.units());
                    String told = figure.number() + " " + figure.unit();
                    return x.floor()
                            ? "at least " + told
                            : told + " (" + m.figure(x.low(), wording.units()).number() + " to "
                                    + m.figure(x.high(), wording.units()).number() + ")";
                })
                .orElse("not measured");
    }

    private String moved(Claim c) {
        Measure m = c.measure();
        return wording.fill(m.moved(c.change()) + " (" + m.moved(c.low()) + " to " + m.moved(c.high()) + ")");
    }

    private static String ruled(Claim c) {
        return c.claimed() ? c.better() ? "better" : "worse" : "no difference";
    }

    private static String done(Change c) {
        return c.date() + ": " + c.kind().words() + (c.what().isBlank() ? "" : ", " + c.what()) + ".";
    }

    private List<String> notAlike() {
        List<String> lines = new ArrayList<>();
        comparison.notCompared().forEach((m, why) -> lines.add(Say.sentence(m.words()) + ": " + why + "."));
        for (Map.Entry<Measure, List<Unmatched>> e : comparison.unmatched().entrySet()) {
            for (Unmatched u : e.getValue()) {
                lines.add(Say.sentence(e.getKey().words()) + ", " + u.facet().words() + ": " + u.before() + ", then "
                        + u.after() + (u.compares() ? "; its range is wider for it." : "."));
            }
        }
        return lines;
    }
}
