package silentotter.core.oil;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import silentotter.core.engine.OilData;

/** What is asked about a line before it is written down: against its meter, beyond the stick, twice, or more than goes in. */
public final class OilQuestions {
    private OilQuestions() {}

    /**
     * @param log the lines that count already
     * @param added the line that is to be written down, with a number of its own
     * @return what looks odd about it that did not without it, each in a sentence with the cheapest check
     */
    public static List<String> about(OilData oil, List<OilEntry> log, OilEntry added) {
        List<OilEntry> counting = log.stream().filter(OilEntry::counts).toList();
        Set<String> before = new HashSet<>();
        OilSlips.in(oil, counting).faults().forEach(f -> before.add(f.says()));
        List<OilEntry> with = new ArrayList<>(counting);
        with.add(added);
        return OilSlips.in(oil, with).faults().stream()
                .filter(f -> !before.contains(f.says()))
                .map(f -> f.says() + " " + f.check())
                .toList();
    }
}
