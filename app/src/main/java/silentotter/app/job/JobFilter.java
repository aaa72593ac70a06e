package silentotter.app.job;

import java.util.List;
import java.util.Optional;
import silentotter.core.fault.Family;
import silentotter.core.input.Problems;

/**
 * Which jobs are looked for; what is empty asks for nothing.
 *
 * @param search in engine, complaint, verdict, technician or date
 * @param fault family of what the verdict is about
 * @param family what engines of one make and type are called together
 * @param from and to days, both included
 * @param open whether findings stay open that the verdict does not explain
 * @param outcome whether anything of the engine is known from inside
 * @param engines only these, by number; empty where all count
 */
public record JobFilter(
        String search,
        Optional<Family> fault,
        String family,
        String technician,
        String from,
        String to,
        Optional<Boolean> open,
        Optional<Boolean> outcome,
        Optional<List<Long>> engines) {
    /** @throws silentotter.core.input.InvalidInput for a day that is none */
    public JobFilter {
        Problems problems = new Problems();
        if (!from.isEmpty()) {
            problems.day("from", from);
        }
        if (!to.isEmpty()) {
            problems.day("to", to);
        }
        problems.throwIfAny();
    }

    public JobFilter of(List<Long> only) {
        return new JobFilter(search, fault, family, technician, from, to, open, outcome, Optional.of(only));
    }

    boolean asksNothing() {
        return search.isBlank()
                && (family + technician + from + to).isEmpty()
                && fault.isEmpty()
                && open.isEmpty()
                && outcome.isEmpty()
                && engines.isEmpty();
    }

    /** For {@code like}, with what that reads as a sign taken literally; empty where nothing is searched for. */
    String like() {
        return search.isBlank()
                ? ""
                : "%" + search.strip().replace("\\", "\\\\").replace("%", "\\%").replace("_", "\\_") + "%";
    }

    /** As a JSON list; null where all count. */
    String engineList() {
        return engines.map(List::toString).orElse(null);
    }

    String faultName() {
        return fault.map(Enum::name).orElse("");
    }

    /** 1, 0, or null where it is not asked for. */
    Integer openAsked() {
        return open.map(o -> o ? 1 : 0).orElse(null);
    }

    Integer outcomeAsked() {
        return outcome.map(o -> o ? 1 : 0).orElse(null);
    }
}
