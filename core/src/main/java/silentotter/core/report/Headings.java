package silentotter.core.report;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import silentotter.core.job.Job;
import silentotter.core.job.JobRecord;
import silentotter.core.report.Report.Entry;
import silentotter.core.report.Report.Heading;
import silentotter.core.wording.Say;
import silentotter.core.wording.Wording;

/** The head of whatever is handed over: whose engine it is and who looked at it. */
final class Headings {
    private static final int LONGEST_IN_BLOCK = 160;
    private static final int LONGEST_IN_FOOT = 32;

    private Headings() {}

    /** @param version what stands in the foot behind engine and job */
    static Heading of(JobRecord record, Letterhead letterhead, String version, Wording wording) {
        Job job = record.job();
        List<Entry> block = new ArrayList<>();
        block.add(new Entry("Engine", shortened(record.engine().name(), LONGEST_IN_BLOCK)));
        job.hours().ifPresent(h -> block.add(new Entry("Hours", Say.number(h))));
        job.distanceKm().ifPresent(km -> block.add(new Entry("Distance", wording.fill(Say.kilometres(km)))));
        block.add(new Entry("Date", job.date().toString()));
        if (!job.complaint().isBlank()) {
            block.add(new Entry("Brought for", shortened(job.complaint(), LONGEST_IN_BLOCK)));
        }
        if (!job.technician().isBlank()) {
            block.add(new Entry("By", shortened(job.technician(), LONGEST_IN_BLOCK)));
        }
        String foot = Stream.of(
                        record.engine().name(),
                        job.complaint().isBlank() ? job.date().toString() : job.complaint())
                .map(t -> shortened(t, LONGEST_IN_FOOT))
                .collect(Collectors.joining(" · "));
        return new Heading(
                text(letterhead.shop()),
                text(letterhead.line()),
                job.owner(),
                job.craft(),
                block,
                foot + " · " + version);
    }

    static String text(@Nullable String text) {
        return text == null ? "" : text;
    }

    private static String shortened(String text, int most) {
        String line = text.strip().replaceAll("\\s+", " ");
        return line.codePointCount(0, line.length()) <= most
                ? line
                : line.substring(0, line.offsetByCodePoints(0, most - 1)).strip() + "…";
    }
}
