package silentotter.core.decision;

import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import silentotter.core.fault.Cause;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.Problems;

/**
 * The shop's costs as they are written down: whatever is left out stands on its usual value.
 *
 * @param hourlyRate 0 to 100 000 in the shop's money
 * @param downtimePerHour 0 to 1 000 000
 * @param work hours 0 to 10 000 and parts 0 to 100 million by repair
 * @param missed 0 to 100 million by cause
 */
public record CostsDocument(
        @Nullable Double hourlyRate,
        @Nullable Double downtimePerHour,
        Map<Repair, WorkDocument> work,
        Map<Cause, Double> missed) {
    public static final CostsDocument NONE = new CostsDocument(null, null, Map.of(), Map.of());

    private static final double MOST_RATE = 100_000;
    private static final double MOST_DOWNTIME = 1_000_000;
    private static final double MOST_HOURS = 10_000;
    private static final double MOST_MONEY = 100_000_000;

    /** Hours and parts of one repair; both or neither. */
    public record WorkDocument(
            @Nullable Double hours, @Nullable Double parts) {}

    public CostsDocument {
        work = Map.copyOf(Objects.requireNonNullElse(work, Map.of()));
        missed = Map.copyOf(Objects.requireNonNullElse(missed, Map.of()));
    }

    /** @throws silentotter.core.input.InvalidInput with everything that is wrong, by field */
    public Costs read() {
        Problems problems = new Problems();
        within(problems, "hourlyRate", hourlyRate, MOST_RATE);
        within(problems, "downtimePerHour", downtimePerHour, MOST_DOWNTIME);
        Map<Repair, Costs.Work> own = new EnumMap<>(Repair.class);
        work.forEach((repair, w) -> {
            within(problems, "work." + repair + ".hours", w.hours(), MOST_HOURS);
            within(problems, "work." + repair + ".parts", w.parts(), MOST_MONEY);
            own.put(
                    repair,
                    new Costs.Work(
                            Objects.requireNonNullElse(w.hours(), repair.usualHours()),
                            Objects.requireNonNullElse(w.parts(), repair.usualParts())));
        });
        missed.forEach((cause, loss) -> within(problems, "missed." + cause, loss, MOST_MONEY));
        problems.throwIfAny();
        return new Costs(
                Objects.requireNonNullElse(hourlyRate, Costs.USUAL.hourlyRate()),
                Objects.requireNonNullElse(downtimePerHour, Costs.USUAL.downtimePerHour()),
                own,
                missed);
    }

    private static void within(Problems problems, String field, @Nullable Double value, double most) {
        if (value != null && !(value >= 0 && value <= most)) {
            problems.add(FieldProblem.of(field, "is not within what it can be", "0 to " + Math.round(most)));
        }
    }
}
