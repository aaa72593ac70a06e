package silentotter.app.job;

import silentotter.core.diagnosis.Tone;

/** One line of the list of jobs. */
public record JobLine(
        long id,
        String date,
        long engineId,
        String engineName,
        int cylinders,
        String complaint,
        String technician,
        String headline,
        Tone tone) {}
