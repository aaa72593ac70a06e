package silentotter.app.job;

import silentotter.core.diagnosis.Tone;

/**
 * One line of the list of jobs.
 *
 * @param upToDate whether the headline was worked out from the job as it now is
 */
public record JobLine(
        long id,
        String date,
        long engineId,
        String engineName,
        int cylinders,
        String complaint,
        String technician,
        String headline,
        Tone tone,
        boolean upToDate) {}
