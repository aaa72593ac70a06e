package silentotter.app.outcome;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import silentotter.app.http.NotFound;
import silentotter.app.outcome.OutcomeMapper.MemberRow;
import silentotter.app.outcome.PastJobs.Ending;
import silentotter.core.fault.Fault;

/** What fails on engines of one make and type, and at what hours, from what was found on them. */
@Service
class Families {
    private final OutcomeMapper mapper;
    private final PastJobs past;

    Families(OutcomeMapper mapper, PastJobs past) {
        this.mapper = mapper;
        this.past = past;
    }

    /** @param opened on how many jobs one of them was opened or mended */
    record FamilyView(String name, List<MemberRow> engines, int opened, List<FailedView> failed) {}

    /** @param engines on how many of them; @param at every time it was found, fewest hours first */
    record FailedView(String fault, int times, int engines, List<At> at) {}

    record At(long job, String name, Optional<Double> hours, String because) {}

    /** @throws NotFound where no engine is of that family */
    FamilyView family(String name) {
        List<MemberRow> members = mapper.members(name);
        if (members.isEmpty()) {
            throw new NotFound("No engine here is called a " + name + ".");
        }
        List<Ending> found = past.ofEngines(members.stream().map(MemberRow::id).collect(Collectors.toSet()));
        Map<Fault, List<Ending>> byFault = new TreeMap<>();
        found.forEach(f -> f.past().outcome().present().stream()
                .map(at -> at.fault())
                .distinct()
                .forEach(fault ->
                        byFault.computeIfAbsent(fault, x -> new ArrayList<>()).add(f)));
        return new FamilyView(
                name,
                members,
                found.size(),
                byFault.entrySet().stream()
                        .map(e -> failed(e.getKey(), e.getValue()))
                        .sorted(Comparator.comparingInt(FailedView::times).reversed())
                        .toList());
    }

    private static FailedView failed(Fault fault, List<Ending> times) {
        return new FailedView(
                fault.words(),
                times.size(),
                (int) times.stream().map(Ending::engine).distinct().count(),
                times.stream()
                        .sorted(Comparator.comparing(t -> t.hours().orElse(Double.MAX_VALUE)))
                        .map(t -> new At(t.past().job(), t.past().name(), t.hours(), because(t, fault)))
                        .toList());
    }

    private static String because(Ending then, Fault fault) {
        return then.past().outcome().known().entrySet().stream()
                .filter(e -> e.getKey().fault() == fault && e.getValue().shown())
                .map(e -> e.getValue().because())
                .distinct()
                .sorted()
                .collect(Collectors.joining(", "));
    }
}
