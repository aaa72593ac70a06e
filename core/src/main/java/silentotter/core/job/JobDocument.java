package silentotter.core.job;

import org.jspecify.annotations.Nullable;

/** A job as the API, the database and the case file write it. */
public record JobDocument(
        String date,
        @Nullable Double distanceKm,
        @Nullable Double hours,
        @Nullable String complaint,
        @Nullable String technician,
        @Nullable Double ambientKPa,
        @Nullable Double altitudeM,
        @Nullable Double temperatureC) {

    /** The same job on another day. */
    public JobDocument on(String day) {
        return new JobDocument(day, distanceKm, hours, complaint, technician, ambientKPa, altitudeM, temperatureC);
    }
}
