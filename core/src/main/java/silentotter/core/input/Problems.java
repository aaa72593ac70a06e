package silentotter.core.input;

import java.time.Instant;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** Collects everything that is wrong with one piece of input, so that the sender is told once. */
public final class Problems {
    private static final Instant EARLIEST = Instant.parse("1900-01-01T00:00:00Z");
    private static final Instant LATEST = Instant.parse("2200-01-01T00:00:00Z");

    private final List<FieldProblem> found = new ArrayList<>();

    public void add(FieldProblem problem) {
        found.add(problem);
    }

    public void add(String field, String message) {
        found.add(FieldProblem.of(field, message));
    }

    public boolean isEmpty() {
        return found.isEmpty();
    }

    /** A number that may be missing: empty when missing or wrong; wrong ones are collected. */
    public <Q> Optional<Q> optional(String path, @Nullable Double value, AllowedRange range, DoubleFunction<Q> make) {
        if (value == null) {
            return Optional.empty();
        }
        Optional<FieldProblem> problem = range.problemWith(path, value);
        problem.ifPresent(found::add);
        return problem.isPresent() ? Optional.empty() : Optional.of(make.apply(value));
    }

    /** A number that must be there: missing and wrong ones are collected. */
    public <Q> Optional<Q> required(String path, @Nullable Double value, AllowedRange range, DoubleFunction<Q> make) {
        if (value == null) {
            found.add(FieldProblem.of(path, "is missing", range.inWords()));
        }
        return optional(path, value, range, make);
    }

    /** A calendar day such as 2026-11-24; empty when it is missing, none, or of no year of this trade. */
    public Optional<LocalDate> day(String path, @Nullable String text) {
        try {
            LocalDate day = LocalDate.parse(Objects.requireNonNullElse(text, ""));
            if (day.getYear() >= 1900 && day.getYear() < 2200) {
                return Optional.of(day);
            }
            found.add(FieldProblem.of(path, "'" + text + "' is no day of this trade", "1900 to 2199"));
        } catch (DateTimeParseException e) {
            found.add(FieldProblem.of(
                    path, "'" + shortened(text) + "' is not a date", "year-month-day, such as 2026-11-24"));
        }
        return Optional.empty();
    }

    /** A moment such as 2026-11-24T09:42:00Z, of a year of this trade. */
    public Optional<Instant> moment(String path, @Nullable String text) {
        try {
            Instant moment = Instant.parse(Objects.requireNonNullElse(text, ""));
            if (!moment.isBefore(EARLIEST) && moment.isBefore(LATEST)) {
                return Optional.of(moment);
            }
        } catch (DateTimeParseException e) {
            // Said below, in the same words.
        }
        found.add(FieldProblem.of(
                path, "'" + shortened(text) + "' is not a moment", "such as 2026-11-24T09:42:00Z, from 1900 to 2199"));
        return Optional.empty();
    }

    /** A text without blanks around it, empty when missing; too long ones are collected. */
    public String text(String path, @Nullable String text, int longest) {
        String value = Objects.requireNonNullElse(text, "").strip();
        if (value.length() > longest) {
            found.add(FieldProblem.of(path, "is too long", "at most " + longest + " characters"));
        }
        return value;
    }

    private static @Nullable String shortened(@Nullable String text) {
        return text != null && text.length() > 40 ? text.substring(0, 40) + "…" : text;
    }

    /** Runs a factory that refuses by exception and turns its message into a problem of this field. */
    public <T> Optional<T> attempt(String path, Supplier<T> make) {
        try {
            return Optional.of(make.get());
        } catch (IllegalArgumentException e) {
            found.add(FieldProblem.of(path, e.getMessage()));
            return Optional.empty();
        }
    }

    /** @throws InvalidInput when anything was collected */
    public void throwIfAny() {
        if (!found.isEmpty()) {
            throw new InvalidInput(found);
        }
    }

    public List<FieldProblem> all() {
        return List.copyOf(found);
    }
}
