package silentotter.app.job;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Objects;
import java.util.Optional;
import silentotter.core.input.AllowedRange;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.Problems;
import silentotter.core.job.Ambient;
import silentotter.core.job.Job;
import silentotter.core.quantity.Pressure;
import silentotter.core.quantity.Temperature;

/** Turns a document into a job and says everything that is wrong with it at its field. */
public final class JobReader {
    private static final int LONGEST_TEXT = 4000;

    private JobReader() {}

    /** @throws silentotter.core.input.InvalidInput with every problem found */
    public static Job read(JobDocument document) {
        Problems problems = new Problems();
        Optional<Job> job = read(document, problems, "");
        problems.throwIfAny();
        return job.orElseThrow();
    }

    /** Reads as part of something larger; empty when problems were added. */
    public static Optional<Job> read(JobDocument d, Problems problems, String path) {
        Optional<LocalDate> date = date(d.date(), problems, path);
        Ambient ambient = new Ambient(
                problems.optional(path + "ambientKPa", d.ambientKPa(), AllowedRange.AMBIENT, Pressure::ofKPa),
                problems.optional(path + "altitudeM", d.altitudeM(), AllowedRange.ALTITUDE, v -> v),
                problems.optional(
                        path + "temperatureC", d.temperatureC(), AllowedRange.TEMPERATURE, Temperature::ofCelsius));
        Optional<Double> distance =
                problems.optional(path + "distanceKm", d.distanceKm(), AllowedRange.DISTANCE, v -> v);
        Optional<Double> hours = problems.optional(path + "hours", d.hours(), AllowedRange.HOURS, v -> v);
        String complaint = text(d.complaint(), problems, path + "complaint");
        String technician = text(d.technician(), problems, path + "technician");
        return problems.isEmpty()
                ? Optional.of(new Job(date.orElseThrow(), distance, hours, complaint, technician, ambient))
                : Optional.empty();
    }

    private static Optional<LocalDate> date(String text, Problems problems, String path) {
        try {
            return Optional.of(LocalDate.parse(Objects.requireNonNullElse(text, "")));
        } catch (DateTimeParseException e) {
            problems.add(FieldProblem.of(
                    path + "date", "'" + text + "' is not a date", "year-month-day, such as 2026-11-24"));
            return Optional.empty();
        }
    }

    private static String text(String text, Problems problems, String path) {
        String value = Objects.requireNonNullElse(text, "").strip();
        if (value.length() > LONGEST_TEXT) {
            problems.add(FieldProblem.of(path, "is too long", "at most " + LONGEST_TEXT + " characters"));
        }
        return value;
    }
}
