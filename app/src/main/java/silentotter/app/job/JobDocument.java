package silentotter.app.job;

import jakarta.annotation.Nullable;

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
    JobDocument on(String day) {
        return new JobDocument(day, distanceKm, hours, complaint, technician, ambientKPa, altitudeM, temperatureC);
    }
}
