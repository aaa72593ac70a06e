package silentotter.core.job;

import org.jspecify.annotations.Nullable;

/** A job as the API, the database and the case file write it. */
public record JobDocument(
        String date,
        @Nullable Double distanceKm,
        @Nullable Double hours,
        @Nullable String complaint,
        @Nullable String technician,
        @Nullable String owner,
        @Nullable String craft,
        @Nullable Double ambientKPa,
        @Nullable Double altitudeM,
        @Nullable Double temperatureC) {

    /** The same job on another day. */
    public JobDocument on(String day) {
        return new JobDocument(
                day, distanceKm, hours, complaint, technician, owner, craft, ambientKPa, altitudeM, temperatureC);
    }

    /** The same job for the owner and in the craft of another visit, where this one says neither. */
    public JobDocument belongingTo(JobDocument before) {
        return owner != null || craft != null
                ? this
                : new JobDocument(
                        date,
                        distanceKm,
                        hours,
                        complaint,
                        technician,
                        before.owner,
                        before.craft,
                        ambientKPa,
                        altitudeM,
                        temperatureC);
    }
}
