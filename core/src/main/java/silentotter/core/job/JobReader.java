package silentotter.core.job;

import java.time.LocalDate;
import java.util.Optional;
import silentotter.core.input.AllowedRange;
import silentotter.core.input.Problems;
import silentotter.core.quantity.Pressure;
import silentotter.core.quantity.Temperature;

/** Turns a document into a job and says everything that is wrong with it at its field. */
public final class JobReader {
    private static final int LONGEST_TEXT = 4000;
    private static final int LONGEST_NAME = 200;

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
        int before = problems.all().size();
        Optional<LocalDate> date = problems.day(path + "date", d.date());
        Ambient ambient = new Ambient(
                problems.optional(path + "ambientKPa", d.ambientKPa(), AllowedRange.AMBIENT, Pressure::ofKPa),
                problems.optional(path + "altitudeM", d.altitudeM(), AllowedRange.ALTITUDE, v -> v),
                problems.optional(
                        path + "temperatureC", d.temperatureC(), AllowedRange.TEMPERATURE, Temperature::ofCelsius));
        Optional<Double> distance =
                problems.optional(path + "distanceKm", d.distanceKm(), AllowedRange.DISTANCE, v -> v);
        Optional<Double> hours = problems.optional(path + "hours", d.hours(), AllowedRange.HOURS, v -> v);
        String complaint = problems.text(path + "complaint", d.complaint(), LONGEST_TEXT);
        String technician = problems.text(path + "technician", d.technician(), LONGEST_TEXT);
        String owner = problems.text(path + "owner", d.owner(), LONGEST_NAME);
        String craft = problems.text(path + "craft", d.craft(), LONGEST_NAME);
        return problems.all().size() == before
                ? Optional.of(
                        new Job(date.orElseThrow(), distance, hours, complaint, technician, owner, craft, ambient))
                : Optional.empty();
    }
}
