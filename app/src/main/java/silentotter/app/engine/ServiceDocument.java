package silentotter.app.engine;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Objects;
import java.util.Optional;
import silentotter.core.input.AllowedRange;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.Problems;
import silentotter.core.intake.ServiceEntry;
import silentotter.core.intake.ServiceKind;

/** A line of the service log as the API, the database and the case file write it. */
public record ServiceDocument(
        String date,
        ServiceKind kind,
        @Nullable Double distanceKm,
        @Nullable Double hours,
        @Nullable Double litres,
        @Nullable Boolean filterChanged,
        @Nullable String what) {
    private static final int LONGEST_TEXT = 400;

    /** Empty when problems were added. */
    public Optional<ServiceEntry> read(Problems problems, String path) {
        Optional<LocalDate> day = Optional.empty();
        try {
            day = Optional.of(LocalDate.parse(Objects.requireNonNullElse(date, "")));
        } catch (DateTimeParseException e) {
            problems.add(FieldProblem.of(
                    path + "date", "'" + date + "' is not a date", "year-month-day, such as 2026-11-24"));
        }
        if (kind == null) {
            problems.add(path + "kind", "is missing");
        }
        Optional<Double> km = problems.optional(path + "distanceKm", distanceKm, AllowedRange.DISTANCE, v -> v);
        Optional<Double> run = problems.optional(path + "hours", hours, AllowedRange.HOURS, v -> v);
        Optional<Double> oil = problems.optional(path + "litres", litres, AllowedRange.SERVICE_LITRES, v -> v);
        String words = Objects.requireNonNullElse(what, "").strip();
        if (words.length() > LONGEST_TEXT) {
            problems.add(FieldProblem.of(path + "what", "is too long", "at most " + LONGEST_TEXT + " characters"));
        }
        return day.isEmpty() || kind == null
                ? Optional.empty()
                : Optional.of(
                        new ServiceEntry(day.get(), kind, km, run, oil, Optional.ofNullable(filterChanged), words));
    }
}
