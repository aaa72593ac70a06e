package silentotter.core.planning;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import silentotter.core.decision.Decision;
import silentotter.core.diagnosis.NextStep;
import silentotter.core.examination.TestKind;
import silentotter.core.wording.Worded;

/**
 * The round from here.
 *
 * @param first what comes before every test: safety, and readings that contradict each other
 * @param steps in the order of the work; the first is next
 * @param minutes of all steps
 * @param fixedOrderMinutes of every test that is left, in the usual order
 * @param decided why no further test pays; empty while one does
 * @param excluded tests that the technician cannot or will not do here
 */
public record Plan(
        List<NextStep> first,
        List<PlanStep> steps,
        double minutes,
        double fixedOrderMinutes,
        Optional<String> decided,
        List<TestKind> excluded,
        Decision decision)
        implements Worded {
    /** What to do next as one line: the first of all steps, or that it is decided. */
    public String next() {
        return nextSteps().stream()
                .findFirst()
                .map(NextStep::text)
                .or(() -> decided)
                .orElse("");
    }

    /** What to do next, best first; empty when testing is over. */
    public List<NextStep> nextSteps() {
        return Stream.concat(first.stream(), steps.stream().map(PlanStep::asNext))
                .toList();
    }

    public Plan {
        first = List.copyOf(first);
        steps = List.copyOf(steps);
        excluded = List.copyOf(excluded);
    }
}
