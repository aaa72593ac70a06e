package silentotter.core.examination;

import java.util.List;
import java.util.Map;
import java.util.Set;
import silentotter.core.engine.Engine;
import silentotter.core.input.AllowedRange;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.Problems;

/**
 * Checks what somebody told of an engine, as a tree of maps, lists, texts and numbers: ranges by the name of the field,
 * lengths, cylinders that the engine has, moments in time. The one reader for typing, files and case files.
 */
public final class ExaminationReader {
    private static final int LONGEST_TEXT = 400;
    private static final int LONGEST_LIST = 100;
    /** Parts keyed by cylinder number, and where. */
    private static final Set<String> BY_CYLINDER =
            Set.of("inside", "plugs.plugs", "valves.cylinders", "crankcase.chambers", "found.cylinders");
    /** Moments in time, or maps of them. */
    private static final Set<String> MOMENTS =
            Set.of("signs.soak.startedAt", "steps", "round.hotAt", "closing.closedAt");

    private final Engine engine;
    private final Problems problems;

    private ExaminationReader(Engine engine, Problems problems) {
        this.engine = engine;
        this.problems = problems;
    }

    /**
     * Adds everything that is wrong, by field.
     *
     * @param told the parts of an examination by name, each as it is written down
     * @param path what comes before the name of a field in its problem; empty or ending in a dot
     */
    public static void check(Map<String, ?> told, Engine engine, Problems problems, String path) {
        new ExaminationReader(engine, problems).all(told, path, "");
    }

    private void all(Map<?, ?> told, String path, String within) {
        told.forEach((name, value) -> {
            if (BY_CYLINDER.contains(within)) {
                cylinder(name.toString(), path + name);
            }
            String place = within.isEmpty() ? name.toString() : within + "." + name;
            if (MOMENTS.contains(place) && !(value instanceof Map) || MOMENTS.contains(within)) {
                problems.moment(path + name, value instanceof String s ? s : "");
            }
            if (place.equals("closing.trial.untilDate")) {
                problems.day(path + name, value instanceof String s ? s : "");
            }
            one(value, path + name, place);
        });
    }

    private void one(Object value, String field, String place) {
        if (value instanceof Number n) {
            inRange(field, n);
        } else if (value instanceof String s && s.length() > LONGEST_TEXT) {
            problems.add(FieldProblem.of(field, "is too long", "at most " + LONGEST_TEXT + " characters"));
        } else if (value instanceof List<?> list) {
            if (list.size() > LONGEST_LIST) {
                problems.add(FieldProblem.of(field, "is too long", "at most " + LONGEST_LIST + " values"));
            }
            // A list of figures, such as the clearances of several valves, has the range of its name.
            list.forEach(v -> inRange(field, v instanceof Number n ? n : 0));
        } else if (value instanceof Map<?, ?> map) {
            all(map, field + ".", place);
        }
    }

    private void inRange(String field, Number value) {
        AllowedRange.at(field)
                .flatMap(r -> r.problemWith(field, value.doubleValue()))
                .ifPresent(problems::add);
    }

    private void cylinder(String key, String field) {
        int count = engine.arrangement().count();
        if (!key.matches("[1-9]\\d?") || Integer.parseInt(key) > count) {
            problems.add(FieldProblem.of(field, "does not exist on this engine", "1 to " + count));
        }
    }
}
